// What tests import from `@jest/globals`: the runner's own, each test and hook with an end to its patience.

import { ModernFakeTimers } from '@jest/fake-timers';

/** Milliseconds a test or a hook may take; those of the tests that say otherwise stand. Jest's own is in jest.config.js. */
const patience = 60_000;

// Taken before any test puts a pretend clock in their place.
const { setTimeout, clearTimeout } = globalThis;

/** The function as it is, failing when it takes too long. */
const within =
  (work, ms = patience) =>
  async (...given) => {
    let timer;
    const late = new Promise((_, reject) => {
      timer = setTimeout(() => reject(new Error(`It took more than ${ms / 1000} s.`)), ms);
    });
    try {
      return await Promise.race([work(...given), late]);
    } finally {
      clearTimeout(timer);
    }
  };

const own = globalThis;
const timed = (start) => (name, work, ms) => start(name, within(work, ms));
const timedHook = (hook) => (work, ms) => hook(within(work, ms));

export const test = Object.assign(timed(own.test), {
  only: timed(own.test.only),
  skip: own.test.skip,
  each:
    (...table) =>
    (name, work, ms) =>
      own.test.each(...table)(name, within(work, ms)),
});
export const it = test;
export const beforeAll = timedHook(own.beforeAll);
export const afterAll = timedHook(own.afterAll);
export const beforeEach = timedHook(own.beforeEach);
export const afterEach = timedHook(own.afterEach);
export const { describe, expect } = own;

// The runner's pretend clock cannot let what waits be settled between two moments; Jest's own can.
// What Node itself goes by is left alone: the worker that runs the tests goes by it too.
const clock = new ModernFakeTimers({ config: { fakeTimers: {} }, global: own });
const ofNode = ['nextTick', 'setImmediate', 'clearImmediate', 'queueMicrotask'];
export const jest = {
  ...own.jest,
  useFakeTimers: () => (clock.useFakeTimers({ doNotFake: ofNode }), jest),
  useRealTimers: () => (clock.useRealTimers(), jest),
  setSystemTime: (now) => (clock.setSystemTime(now), jest),
  advanceTimersByTime: (ms) => clock.advanceTimersByTime(ms),
  advanceTimersByTimeAsync: (ms) => clock.advanceTimersByTimeAsync(ms),
};
