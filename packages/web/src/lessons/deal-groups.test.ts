import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dealGroups, moveStudent } from './deal-groups.js';

describe('dealing a class into groups', () => {
  test('everyone sits once, no group is over size, sizes differ by one at most, benches differ', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 6 }),
        (n, size, perRow) => {
          const students = Array.from({ length: n }, (_, i) => `s${i}`);
          const groups = dealGroups(students, size, perRow);
          expect(groups.flatMap((g) => g.students)).toEqual(students);
          const sizes = groups.map((g) => g.students.length);
          expect(Math.max(...sizes)).toBeLessThanOrEqual(size);
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
          expect(new Set(groups.map((g) => `${g.row},${g.column}`)).size).toBe(groups.length);
        },
      ),
    );
  });
  test('moving the last student out of a group takes the group away', () => {
    const groups = dealGroups(['a', 'b'], 1, 5);
    expect(moveStudent(groups, 'a', 1).map((g) => g.students)).toEqual([['b', 'a']]);
  });
});
