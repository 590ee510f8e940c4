// npm run build: builds what has changed.
import { buildAll } from './built.mjs';

if (!(await buildAll(console.log))) console.log('Nothing has changed since the last build.');
