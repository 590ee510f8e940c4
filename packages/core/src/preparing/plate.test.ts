import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { layPlate, plateKindOf, plateKinds, wellName } from './plate.js';

const plate = plateKindOf('plate-24');
const samples = (n: number, tests: number) =>
  Array.from({ length: n }, (_, i) => ({
    key: `s${i}`,
    tests: Array.from({ length: tests }, (_t, k) => `t${k}`),
  }));

describe('a plate', () => {
  test('has a row for each sample and a column for each test where they fit', () =>
    expect(layPlate(plate, samples(2, 3)).map((w) => w.well)).toEqual(['A1', 'A2', 'A3', 'B1', 'B2', 'B3']));
  test('uses the room beside the rows before a second plate', () =>
    expect(
      layPlate(plate, samples(6, 2))
        .map((w) => w.well)
        .slice(-4),
    ).toEqual(['A3', 'A4', 'B3', 'B4']));
  test('leaves out wells that are skipped', () =>
    expect(layPlate(plate, samples(1, 3), ['a1', ' A3 ']).map((w) => w.well)).toEqual(['A2', 'A4', 'A5']));
  test('goes on to a second plate, and on without rows when there are many tests', () => {
    expect(layPlate(plate, samples(5, 6)).at(-1)).toMatchObject({ plate: 1, well: 'A6' });
    const many = layPlate(plateKindOf('tile-12'), samples(2, 7));
    expect(new Set(many.filter((w) => w.sample === 's1').map((w) => w.plate)).size).toBe(1);
  });
  test('says what cannot be', () => {
    expect(() => layPlate(plate, samples(1, 1), ['Z9'])).toThrow(/no well Z9/);
    expect(() => layPlate({ ...plate, rows: 1, columns: 1 }, samples(1, 1), ['A1'])).toThrow(/Every well/);
    expect(() => plateKindOf('tray')).toThrow(/tile-12/);
  });
  test('puts each sample with each test into one well of its own, none of them skipped', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...plateKinds),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 14 }),
        fc.uniqueArray(fc.tuple(fc.nat(1), fc.nat(2)), { maxLength: 5, selector: (t) => t.join() }),
        (kind, n, t, skipped) => {
          const skip = skipped.map(([r, c]) => wellName(r, c));
          const placed = layPlate(kind, samples(n, t), skip);
          expect(placed).toHaveLength(n * t);
          expect(new Set(placed.map((w) => `${w.plate} ${w.well}`)).size).toBe(placed.length);
          expect(placed.some((w) => skip.includes(w.well))).toBe(false);
        },
      ),
    ));
});
