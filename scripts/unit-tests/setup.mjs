// Loaded once in each worker of the unit tests: `@jest/globals` is ours there, see globals.mjs. The runner shares modules
// between the files of a worker and runs them as plain Node does, which takes a third of the time that a context of their
// own takes; it has no such package, and knows no time limits.
import { register } from 'node:module';

const ours = new URL('globals.mjs', import.meta.url).href;
const hook = `export const resolve = (name, context, next) =>
  name === '@jest/globals' ? { url: ${JSON.stringify(ours)}, shortCircuit: true } : next(name, context);`;
// What fails is told by the line that was written, not by what was built of it.
process.setSourceMapsEnabled(true);
register(`data:text/javascript,${encodeURIComponent(hook)}`);
