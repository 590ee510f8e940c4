import { expect, test } from '@jest/globals';
import { bestRun, type CountedRun } from './best-run.js';

const run = (part: Partial<CountedRun>): CountedRun => ({
  passed: false,
  points: 1,
  max: 3,
  slips: [],
  waived: false,
  ...part,
});
test.each<[string, readonly CountedRun[], number | undefined]>([
  ['none of none', [], undefined],
  ['none where one is only let off', [run({ waived: true, points: 9 })], undefined],
  ['one that passed before one with more points', [run({ points: 3 }), run({ passed: true, points: 2 })], 1],
  ['the larger share, not the more points', [run({ points: 4, max: 9 }), run({ points: 2 })], 1],
  ['the fewer slips at the same points', [run({ slips: ['litmus-dry'] }), run({})], 1],
  ['the first of equals', [run({}), run({})], 0],
])('the best run: %s', (_, runs, best) => {
  expect(bestRun(runs)).toBe(best === undefined ? undefined : runs[best]);
});
