import { describe, expect, test } from '@jest/globals';
import type { MarkCell, MarkRow } from '@kivex/contract';
import type { Column } from './mark-columns.js';
import { movedPlace, nextPlace, steps } from './places.js';

const cell = (key: string, open = false): MarkCell =>
  ({ key, answer: 'red', points: 0, max: 1, open, changes: [] }) as unknown as MarkCell;
const row = (id: string, ...cells: MarkCell[]): MarkRow =>
  ({ student: { id, name: id }, cells }) as unknown as MarkRow;
const column = (key: string): Column =>
  ({ key, of: (r: MarkRow) => r.cells.find((c) => c.key === key) }) as unknown as Column;
const columns = ['a', 'b', 'c'].map(column);
// b is missing in the first row, and the second student wrote nothing.
const rows = [
  row('ada', cell('a'), cell('c', true)),
  row('bo', { ...cell('a'), answer: '' }),
  row('cy', cell('a', true), cell('b'), cell('c')),
];
const at = (student: string, key: string) => ({ student, column: key });

describe('from mark to mark', () => {
  test('sideways over a gap', () =>
    expect(movedPlace(rows, columns, at('ada', 'a'), steps['ArrowRight']!)).toEqual(at('ada', 'c')));
  test('down over a student who wrote nothing', () =>
    expect(movedPlace(rows, columns, at('ada', 'a'), steps['ArrowDown']!)).toEqual(at('cy', 'a')));
  test('not over the edge', () => {
    expect(movedPlace(rows, columns, at('ada', 'a'), steps['ArrowLeft']!)).toBeUndefined();
    expect(movedPlace(rows, columns, at('cy', 'c'), steps['ArrowDown']!)).toBeUndefined();
  });
  test('in the order the table stands in', () =>
    expect(movedPlace([...rows].reverse(), columns, at('ada', 'a'), steps['ArrowUp']!)).toEqual(
      at('cy', 'a'),
    ));

  const isOpen = (r: MarkRow, c: Column) => Boolean(c.of(r)?.open);
  test('the next one to look at, and from the top again after the last', () => {
    expect(nextPlace(rows, columns, undefined, isOpen)).toEqual(at('ada', 'c'));
    expect(nextPlace(rows, columns, at('ada', 'c'), isOpen)).toEqual(at('cy', 'a'));
    expect(nextPlace(rows, columns, at('cy', 'a'), isOpen)).toEqual(at('ada', 'c'));
  });
  test('none to look at: nowhere', () =>
    expect(nextPlace(rows, columns, at('cy', 'a'), () => false)).toBeUndefined());
});
