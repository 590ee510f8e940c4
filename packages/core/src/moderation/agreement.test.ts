import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../numbers/random.js';
import { agreement, drawn, kappaWord, sampleFor } from './agreement.js';

const pairs = (...counts: readonly (readonly [number, number, number])[]) =>
  counts.flatMap(([first, second, times]) => Array.from({ length: times }, () => ({ first, second })));

describe('two markers', () => {
  test('agree beyond chance by Cohen’s kappa', () => {
    // Worked by hand: 20 and 15 alike of 50, 5 and 10 apart; chance 0.5, kappa 0.4.
    const { exact, kappa } = agreement(pairs([1, 1, 20], [1, 0, 5], [0, 1, 10], [0, 0, 15]));
    expect(exact.share).toBeCloseTo(0.7, 12);
    expect(kappa!.value).toBeCloseTo(0.4, 12);
    expect(kappa!.low).toBeCloseTo(0.4 - (1.959964 * Math.sqrt((0.7 * 0.3) / 50)) / 0.5, 9);
  });
  test('who always give the same cannot be told from chance', () =>
    expect(agreement(pairs([1, 1, 12])).kappa).toBeNull());
  test('of nothing agree in nothing known', () =>
    expect(agreement([])).toMatchObject({ n: 0, exact: { low: 0, high: 1 }, kappa: null }));
  test('may be a point apart where that is agreed', () => {
    const { exact, within } = agreement(pairs([2, 1, 1], [2, 2, 1], [2, 0, 1]), 1);
    expect([exact.share, within.share]).toEqual([1 / 3, 2 / 3]);
  });
  test('kappa lies in its interval, within −1 and 1, and does not depend on who is first', () => {
    const points = fc.integer({ min: 0, max: 2 });
    fc.assert(
      fc.property(
        fc.array(fc.record({ first: points, second: points }), { minLength: 1, maxLength: 60 }),
        (all) => {
          const { kappa } = agreement(all);
          const turned = agreement(all.map(({ first, second }) => ({ first: second, second: first }))).kappa;
          if (!kappa || !turned) return kappa === turned;
          return (
            kappa.low <= kappa.value + 1e-12 &&
            kappa.high >= kappa.value - 1e-12 &&
            kappa.low >= -1 &&
            kappa.high <= 1 &&
            Math.abs(kappa.value - turned.value) < 1e-12
          );
        },
      ),
    );
  });
  test.each([
    [-0.1, 'poor'],
    [0.2, 'slight'],
    [0.5, 'moderate'],
    [0.81, 'almost perfect'],
  ] as const)('%p is called %s', (kappa, word) => expect(kappaWord(kappa)).toBe(word));
});

describe('a sample for a second marker', () => {
  test('grows with the precision wanted, and is never more than there is', () => {
    expect(sampleFor(0.05, 1e9)).toBe(139);
    expect(sampleFor(0.05, 700)).toBe(116);
    expect(sampleFor(0.1, 1e9)).toBe(35);
    expect(sampleFor(0.01, 50)).toBeLessThanOrEqual(50);
  });
  test('takes its share of every strand, all different, the same for the same seed', () => {
    const marks = Array.from({ length: 100 }, (_, i) => ({
      id: i,
      strand: i < 70 ? 'observation' : 'conclusion',
    }));
    const some = drawn(marks, 31, seededRandom(7));
    expect(some).toHaveLength(31);
    expect(new Set(some).size).toBe(31);
    expect(some.filter((m) => m.strand === 'observation').length).toBeGreaterThanOrEqual(21);
    expect(some.filter((m) => m.strand === 'conclusion').length).toBeGreaterThanOrEqual(9);
    expect(drawn(marks, 31, seededRandom(7))).toEqual(some);
    expect(drawn(marks, 31, seededRandom(8))).not.toEqual(some);
    expect(drawn(marks, 500, seededRandom(1))).toHaveLength(100);
  });
});
