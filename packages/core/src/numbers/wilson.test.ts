import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wilson } from './wilson.js';

describe('a share with its interval', () => {
  // Worked by hand from the formula: 8 of 10.
  test('is Wilson’s', () => {
    const { low, high } = wilson(0.8, 10);
    expect(low).toBeCloseTo(0.4902, 4);
    expect(high).toBeCloseTo(0.9433, 4);
  });
  test('of none is the whole range', () => expect(wilson(0.5, 0)).toMatchObject({ low: 0, high: 1, n: 0 }));
  test('holds the share, stays within 0 and 1, and grows narrower with more', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (n, share) => {
          const few = wilson(share, n);
          const many = wilson(share, n * 10);
          return (
            few.low >= 0 &&
            few.high <= 1 &&
            few.low <= share + 1e-9 &&
            few.high >= share - 1e-9 &&
            many.high - many.low < few.high - few.low
          );
        },
      ),
    );
  });
});
