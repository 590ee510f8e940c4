import { expect, test } from '@jest/globals';
import { atMost } from './at-most.js';

const never = new Promise<void>(() => undefined);
/** What was over first. */
const first = (...waits: readonly Promise<unknown>[]) =>
  Promise.race(waits.map((wait, i) => wait.then(() => i)));

test('what is over soon is not waited for any longer, and what fails is over', async () => {
  expect(await first(atMost(60_000, never), atMost(60_000, Promise.resolve()))).toBe(1);
  expect(await first(atMost(60_000, never), atMost(60_000, Promise.reject(new Error('gone'))))).toBe(1);
});

test('what does not end is waited for so long and no longer', async () => {
  const wait = atMost(20, never);
  expect(await first(wait, atMost(5, never))).toBe(1);
  await expect(wait).resolves.toBeUndefined();
});
