import { describe, expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import type { Planning } from './planning-client.js';
import { usePlanningRun, type OwnRun } from './use-planning-run.js';

/** Workers that do nothing by themselves: the test says when what was asked of them ends. */
function workers() {
  const stopped: number[] = [];
  let n = 0;
  const begin = (): Planning => {
    const own = n++;
    return { work: { own } as unknown as Planning['work'], stop: () => stopped.push(own) };
  };
  return { begin, stopped };
}
/** A computation that ends when told to. */
function asked() {
  let end!: () => void;
  let fail!: (why: Error) => void;
  let own!: OwnRun;
  const whole = new Promise<void>((resolve, reject) => {
    end = resolve;
    fail = reject;
  });
  return {
    does: (_: Planning['work'], run: OwnRun) => ((own = run), whole),
    end,
    fail,
    own: () => own,
  };
}

describe('one computation at a time', () => {
  test('it tells how far it is, and lets its worker go when it has ended', async () => {
    const { begin, stopped } = workers();
    const { result } = renderHook(() => usePlanningRun(begin));
    expect(result.current.done).toBeUndefined();
    const one = asked();
    act(() => void result.current.start(one.does));
    expect(result.current.done).toBe(0);
    act(() => one.own().tell(7));
    expect(result.current.done).toBe(7);
    await act(async () => one.end());
    expect([result.current.done, stopped]).toEqual([undefined, [0]]);
  });

  test('begun anew, what the first one tells or why it fails is no longer heard', async () => {
    const { begin, stopped } = workers();
    const { result } = renderHook(() => usePlanningRun(begin));
    const [one, two] = [asked(), asked()];
    act(() => void result.current.start(one.does));
    act(() => void result.current.start(two.does));
    expect([one.own().stands(), two.own().stands(), stopped]).toEqual([false, true, [0]]);
    act(() => two.own().tell(3));
    await act(async () => {
      one.own().tell(99);
      one.fail(new Error('of the first'));
    });
    expect([result.current.done, result.current.problem]).toEqual([3, undefined]);
  });

  test('what went wrong is told, and gone when it is begun again', async () => {
    const { begin } = workers();
    const { result } = renderHook(() => usePlanningRun(begin));
    const one = asked();
    act(() => void result.current.start(one.does));
    await act(async () => one.fail(new Error('Too many tests to rehearse: take some out.')));
    expect(result.current).toMatchObject({
      done: undefined,
      problem: 'Too many tests to rehearse: take some out.',
    });
    act(() => void result.current.start(asked().does));
    expect(result.current.problem).toBeUndefined();
    const other = asked();
    act(() => void result.current.start(other.does));
    await act(async () => other.fail(new Error('again')));
    act(() => result.current.stop());
    expect(result.current.problem).toBeUndefined();
  });

  test('stopped by hand or left with the page, the worker goes', () => {
    const { begin, stopped } = workers();
    const { result, unmount } = renderHook(() => usePlanningRun(begin));
    act(() => void result.current.start(asked().does));
    act(() => result.current.stop());
    expect([result.current.done, stopped]).toEqual([undefined, [0]]);
    const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    act(() => void result.current.start(asked().does));
    unmount();
    expect([stopped, quiet.mock.calls]).toEqual([[0, 1], []]);
    quiet.mockRestore();
  });
});
