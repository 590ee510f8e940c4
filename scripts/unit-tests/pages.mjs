// Loaded once in each worker of the unit tests of the web that draw nothing; those that draw have browser.mjs.
import { register } from 'node:module';

process.setSourceMapsEnabled(true);
register(new URL('own-modules.mjs', import.meta.url).href);
