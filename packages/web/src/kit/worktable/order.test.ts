import { describe, expect, test } from '@jest/globals';
import { grouped, type WorkColumn } from './columns.js';
import { compared, fits } from './order.js';

describe('the order of rows', () => {
  test('numbers by size, words as people count, empty ones last', () => {
    expect([10, 9, undefined, 100].sort(compared)).toEqual([9, 10, 100, undefined]);
    expect(['Jar 10', 'jar 2', 'Group 1'].sort(compared)).toEqual(['Group 1', 'jar 2', 'Jar 10']);
    expect(compared(undefined, 'a')).toBe(1);
    expect(compared(undefined, undefined)).toBe(0);
  });
});

test.each([
  ['tern 18', true],
  ['TERN', true],
  ['', true],
  ['tern 19', false],
])('a row with “Ash Tern” and 18 fits “%s”: %s', (words, yes) =>
  expect(fits(['Ash Tern', undefined, 18], words)).toBe(yes),
);

test('neighbours of one group are headed together; the same group further on is headed anew', () => {
  const column = (id: string, group?: string): WorkColumn<object> => ({
    id,
    head: id,
    says: id,
    show: () => id,
    ...(group ? { group: { id: group, head: group, says: `all of ${group}` } } : {}),
  });
  expect(
    grouped([column('a'), column('b', 'x'), column('c', 'x'), column('d', 'y'), column('e', 'x')]).map(
      (g) => [g.id, g.columns.map((c) => c.id).join('')],
    ),
  ).toEqual([
    ['', 'a'],
    ['x', 'bc'],
    ['y', 'd'],
    ['x', 'e'],
  ]);
});
