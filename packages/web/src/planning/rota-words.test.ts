import { describe, expect, test } from '@jest/globals';
import type { RotaResult } from '@kivex/core';
import { onlyBetter, verdictOf } from './rota-words.js';

const result = (part: Partial<RotaResult>): RotaResult => ({
  feasible: true,
  makespan: 60,
  lowerBound: 60,
  optimal: true,
  schedule: [],
  why: [],
  ...part,
});
const lesson = { minutes: 75, clearUp: 10 };

describe('what is said of a rota', () => {
  test('that fits: how much is left, and that none is shorter only where that is proven', () => {
    expect(verdictOf(result({}), lesson)).toEqual({
      fits: true,
      text: 'Ends at minute 60, 5 minutes before clearing up. No shorter rota exists.',
    });
    const open = verdictOf(result({ lowerBound: 57, optimal: false }), lesson).text;
    expect(open).toContain('none can end before minute 57 (gap 5 %)');
    expect(open).not.toContain('No shorter rota exists');
  });
  test.each([false, null])(
    'that does not, or of which it is not known (%s), are the core’s own reasons',
    (feasible) => {
      expect(verdictOf(result({ feasible, why: ['One.', 'Two.'] }), lesson)).toEqual({
        fits: false,
        text: 'One. Two.',
      });
    },
  );
  test('of which there is none, too', () => {
    expect(verdictOf(result({ feasible: false, makespan: null, why: ['No place.'] }), lesson).fits).toBe(
      false,
    );
  });
});

describe('of two searches', () => {
  test('only what is better is passed on: shorter, or with a higher bound; a bound never falls', () => {
    const told: [number, number][] = [];
    const tell = onlyBetter((makespan, bound) => told.push([makespan, bound]));
    for (const [makespan, bound] of [
      [60, 50],
      [62, 50],
      [60, 50],
      [60, 52],
      [58, 51],
      [59, 58],
    ] as const)
      tell(makespan, bound, []);
    expect(told).toEqual([
      [60, 50],
      [60, 52],
      [58, 52],
    ]);
  });
});
