import { expect, jest, test } from '@jest/globals';

test('on its own address a bench is asked for with the page, once; whoever opens it later asks anew', async () => {
  const ask = jest.fn<typeof fetch>(async () => new Response('{}', { status: 401 }));
  globalThis.fetch = ask;
  history.pushState(null, '', '/bench');
  const { openBench, useBench } = await import('./use-bench.js');
  expect(ask.mock.calls.map(([path]) => path)).toEqual(['/api/bench']);
  await openBench();
  expect(ask).toHaveBeenCalledTimes(1);
  expect(useBench.getState().status).toBe('not-joined');
  await openBench();
  expect(ask).toHaveBeenCalledTimes(2);
});
