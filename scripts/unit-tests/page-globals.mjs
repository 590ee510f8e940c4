// What tests of pages import from `@jest/globals`: the runner's own. Each of their files loads this anew, see
// own-modules.mjs, so here each begins with everything as the first one found it.
import { afterEach, jest } from './globals.mjs';
import { begin } from './begin.mjs';

export * from './globals.mjs';

jest.restoreAllMocks();
jest.useRealTimers();
begin();
if ('document' in globalThis) {
  const { cleanup } = await import('../../packages/web/build/bundled/drawing.js');
  afterEach(cleanup);
}
