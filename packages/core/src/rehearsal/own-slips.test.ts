import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { factorFor, lessonPace, schoolFactor, schoolPace, triedFactors, type Foretold } from './own-slips.js';
import { rehearse } from './rehearse.js';

const foretold: readonly Foretold[] = [
  { factor: 0.25, right: 0.95 },
  { factor: 0.5, right: 0.9 },
  { factor: 1, right: 0.8 },
  { factor: 2, right: 0.6 },
  { factor: 4, right: 0.3 },
];

describe('the rate of slips that foretells what happened', () => {
  test.each([
    [0.8, 1],
    [0.6, 2],
    [0.7, Math.SQRT2],
    [1, 0.25],
    [0.95, 0.25],
    [0, 4],
    [0.3, 4],
  ])('%s right: %s times the usual', (right, factor) => {
    expect(factorFor(foretold, right)).toBeCloseTo(factor, 6);
  });
  test('fewer right names never mean fewer slips, whatever luck was in the rehearsals', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 5, maxLength: 5 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (shares, a, b) => {
          const list = triedFactors.map((factor, i) => ({ factor, right: shares[i]! }));
          const [more, less] = [Math.max(a, b), Math.min(a, b)];
          expect(factorFor(list, less)).toBeGreaterThanOrEqual(factorFor(list, more) - 1e-9);
        },
      ),
    );
  });
  test('one rate alone tells nothing', () => {
    expect(() => factorFor(foretold.slice(0, 1), 0.5)).toThrow(/two rates/);
  });
  test('a class that slips twice as often as usual is found out by its names', () => {
    const practical = shippedPracticals.find((p) => p.title === 'A full unknown salt')!;
    const plan = {
      practical,
      groups: 10,
      places: { burner: 10, 'fume-cupboard': 4, 'hot-water-bath': 4 },
      runs: 60,
    };
    const tried = triedFactors.map((factor) => ({
      factor,
      right: rehearse({ ...plan, seed: 1, slipFactor: factor }).right,
    }));
    const { right } = rehearse({ ...plan, seed: 99, slipFactor: 2 });
    expect(factorFor(tried, right)).toBeGreaterThan(1.3);
    expect(factorFor(tried, right)).toBeLessThan(3.1);
  }, 60_000);
});

describe('a school’s rate', () => {
  test('is the usual without lessons, and nears theirs the more names there are', () => {
    expect(schoolFactor([])).toBe(1);
    const after = [20, 60, 600].map((names) => schoolFactor([{ factor: 2, names }]));
    expect(after[0]!).toBeGreaterThan(1);
    expect(after[1]!).toBeCloseTo(Math.SQRT2, 6);
    expect(after[2]!).toBeGreaterThan(1.85);
    expect(after[2]!).toBeLessThan(2);
  });
  test('lessons that slip twice and half as often cancel', () => {
    expect(
      schoolFactor([
        { factor: 2, names: 30 },
        { factor: 0.5, names: 30 },
      ]),
    ).toBeCloseTo(1, 9);
  });
});

describe('how long classes take', () => {
  test('is what came after setting up beside what was foretold of it, within bounds', () => {
    expect(lessonPace({ happened: 45, foretold: 25 }, 5)).toBe(2);
    expect(lessonPace({ happened: 35, foretold: 25 }, 5)).toBe(1.5);
    expect(lessonPace({ happened: 3, foretold: 25 }, 5)).toBe(0.5);
    expect(lessonPace({ happened: null, foretold: 25 }, 5)).toBeUndefined();
    expect(lessonPace({ happened: 10, foretold: 5 }, 5)).toBeUndefined();
  });
  test('of a school is drawn to the practicals’ own minutes while its groups are few', () => {
    const lesson = (factor: number, groups: number) => ({ factor: 1, names: 10, pace: { factor, groups } });
    expect(schoolPace([])).toBe(1);
    expect(schoolPace([{ factor: 2, names: 40 }])).toBe(1);
    const few = schoolPace([lesson(1.5, 4)]);
    const many = schoolPace([lesson(1.5, 40), lesson(1.5, 40)]);
    expect(few).toBeGreaterThan(1);
    expect(many).toBeGreaterThan(few);
    expect(many).toBeLessThan(1.5);
  });
  test('a class that is half as slow again ends later, and is found out by it', () => {
    const practical = shippedPracticals.find((p) => p.title === 'A full unknown salt')!;
    const plan = { practical, groups: 10, places: { burner: 10, 'hot-water-bath': 10 }, runs: 40, seed: 3 };
    const usual = rehearse(plan).finish.p50;
    const slow = rehearse({ ...plan, seed: 4, paceFactor: 1.5 }).finish.p50;
    expect(slow).toBeGreaterThan(usual);
    const pace = lessonPace({ happened: slow, foretold: usual }, practical.setUp)!;
    expect(pace).toBeGreaterThan(1.25);
    expect(pace).toBeLessThan(1.7);
  }, 60_000);
});
