import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allocateUnknowns, jarCodes, neighboursOf } from './allocation.js';

const room = (rows: number, columns: number, groups = rows * columns) =>
  Array.from({ length: groups }, (_, i) => ({
    id: `g${i + 1}`,
    bench: [Math.floor(i / columns), i % columns] as [number, number],
  }));
const seeded = (seed: number) => () => {
  seed = (seed * 1664525 + 1013904223) % 4294967296;
  return seed / 4294967296;
};

describe('who gets which unknown', () => {
  test('neighbours share no unknown, a group’s own differ, and each is used about as often', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 5 }),
        fc.integer(),
        (rows, columns, seed) => {
          const places = room(rows, columns);
          const samples = ['a', 'b', 'c', 'd', 'e', 'f'];
          const { assign } = allocateUnknowns(places, samples, 2, seeded(seed >>> 0));
          for (const place of places) {
            const own = assign.get(place.id)!;
            expect(new Set(own).size).toBe(2);
            for (const other of neighboursOf(place, places))
              expect(assign.get(other.id)!.filter((s) => own.includes(s))).toEqual([]);
          }
          const uses = samples.map((s) => [...assign.values()].filter((set) => set.includes(s)).length);
          expect(Math.max(...uses) - Math.min(...uses)).toBeLessThanOrEqual(2);
        },
      ),
      { numRuns: 300 },
    );
  });
  test('what cannot be done is said with what to change', () => {
    expect(() => allocateUnknowns(room(1, 2), ['a', 'b', 'c'], 2, Math.random)).toThrow(/add unknowns/);
    expect(() => allocateUnknowns(room(1, 1), ['a'], 2, Math.random)).toThrow(/give each group fewer/);
    expect(() =>
      allocateUnknowns(
        [
          { id: 'x', bench: [0, 0] },
          { id: 'y', bench: [0, 0] },
        ],
        ['a', 'b'],
        1,
        Math.random,
      ),
    ).toThrow(/bench of its own/);
  });
  test('jar codes are three digits and all different', () => {
    const codes = jarCodes(40, seeded(7));
    expect(new Set(codes).size).toBe(40);
    expect(codes.every((c) => /^\d{3}$/.test(c))).toBe(true);
  });
});
