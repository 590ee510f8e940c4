/** Going from mark to mark by keys, over the table as it stands: sorted and searched, with gaps where there is no mark. */
import type { MarkRow } from '@kivex/contract';
import { wroteNothing, type Column } from './mark-columns.js';
import type { Place } from './MarksTable.js';

/** Rows and columns one goes by a key. */
export const steps: Readonly<Record<string, readonly [rows: number, columns: number]>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

const isMark = (row: MarkRow, column: Column): boolean => Boolean(column.of(row)) && !wroteNothing(row);
const placeOf = (row: MarkRow, column: Column): Place => ({ student: row.student.id, column: column.key });
const indexOf = (rows: readonly MarkRow[], columns: readonly Column[], place: Place) =>
  [
    rows.findIndex((r) => r.student.id === place.student),
    columns.findIndex((c) => c.key === place.column),
  ] as const;

/** The next mark in a direction, over gaps; undefined at the edge. */
export function movedPlace(
  rows: readonly MarkRow[],
  columns: readonly Column[],
  from: Place,
  [down, right]: readonly [number, number],
): Place | undefined {
  let [r, c] = indexOf(rows, columns, from);
  for (r += down, c += right; rows[r] && columns[c]; r += down, c += right)
    if (isMark(rows[r]!, columns[c]!)) return placeOf(rows[r]!, columns[c]!);
  return undefined;
}

/** The first mark after a place, row by row, for which something holds; from the top again when there is none after. */
export function nextPlace(
  rows: readonly MarkRow[],
  columns: readonly Column[],
  from: Place | undefined,
  wanted: (row: MarkRow, column: Column) => boolean,
): Place | undefined {
  const all = rows.flatMap((row, r) =>
    columns.flatMap((column, c) => (wanted(row, column) ? [{ r, c, place: placeOf(row, column) }] : [])),
  );
  if (!from) return all[0]?.place;
  const [row, column] = indexOf(rows, columns, from);
  return (all.find(({ r, c }) => r > row || (r === row && c > column)) ?? all[0])?.place;
}
