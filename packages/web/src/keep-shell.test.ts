import { describe, expect, test } from '@jest/globals';
import { keepShell } from './keep-shell.js';

/** A worker whose states come one after another. */
function worker(...states: ServiceWorkerState[]): ServiceWorker {
  const hears: (() => void)[] = [];
  const it = {
    state: states[0]!,
    addEventListener: (_: string, hear: () => void) => void hears.push(hear),
  };
  states.slice(1).forEach((state, i) =>
    setTimeout(() => {
      it.state = state;
      hears.forEach((hear) => hear());
    }, i + 1),
  );
  return it as unknown as ServiceWorker;
}
/** Answers to `register`, in turn. */
async function tries(...answers: (Partial<ServiceWorkerRegistration> | Error)[]): Promise<number[]> {
  const pauses: number[] = [];
  const left = [...answers];
  await keepShell(
    {
      register: async () => {
        const next = left.shift();
        if (!next) throw new Error('asked once too often');
        if (next instanceof Error) throw next;
        return next as ServiceWorkerRegistration;
      },
    },
    async (ms) => void pauses.push(ms),
  );
  expect(left).toEqual([]);
  return pauses;
}
const none = { installing: null, waiting: null, active: null };

describe('the shell on the device', () => {
  test('is there at once where a worker is in force', async () =>
    expect(await tries({ ...none, active: worker('activated') })).toEqual([]));
  test('is there when the worker that is installed takes over', async () =>
    expect(await tries({ ...none, installing: worker('installing', 'installed', 'activated') })).toEqual([]));
  test('a failed install is tried again, at longer and longer pauses', async () =>
    expect(
      await tries({ ...none, installing: worker('installing', 'redundant') }, new Error('no network'), none, {
        ...none,
        waiting: worker('installed', 'activating', 'activated'),
      }),
    ).toEqual([2000, 4000, 8000]));
  test('pauses end at a minute', async () => {
    const fails = Array.from({ length: 8 }, () => new Error('no network'));
    expect((await tries(...fails, { ...none, active: worker('activated') })).at(-1)).toBe(60_000);
  });
});
