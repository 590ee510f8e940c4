/** Where a group is in the rota that was kept: what it is at now, what comes next, and whether it keeps up. */
import type { TileRow } from './tile.js';

/** A slot of one group: minutes from the lesson's start. */
export interface OwnSlot {
  readonly test: string;
  readonly start: number;
  readonly end: number;
}
/** A group's own slots of a lesson's rota. @param group counted from 1, in order of the benches. */
export const ownSlots = (
  schedule: readonly (Omit<OwnSlot, 'test'> & { readonly group: number; readonly task: string })[] | null,
  group: number,
): OwnSlot[] =>
  (schedule ?? [])
    .filter((slot) => slot.group === group)
    .map(({ task, start, end }) => ({ test: task, start, end }))
    .sort((a, b) => a.start - b.start);

export interface Pace {
  /** Slots that run at this minute, the one begun last first: while one waits, another is worked at. */
  readonly now: readonly OwnSlot[];
  readonly next: OwnSlot | undefined;
  /** Minutes since the oldest slot that has ended with cells still empty; 0 where the group keeps up. */
  readonly behind: number;
}

/**
 * @param minute since the lesson began. @param rows the group's tile, in the order of `tests`.
 */
export function paceOf(
  slots: readonly OwnSlot[],
  minute: number,
  rows: readonly TileRow[],
  tests: readonly string[],
): Pace {
  const byStart = [...slots].sort((a, b) => a.start - b.start);
  const isFilled = (test: string) => {
    const column = tests.indexOf(test);
    return rows.every((row) => row.cells[column]?.state !== 'empty');
  };
  const late = byStart.filter((s) => s.end <= minute && !isFilled(s.test)).map((s) => minute - s.end);
  return {
    now: byStart.filter((s) => s.start <= minute && minute < s.end).reverse(),
    next: byStart.find((s) => s.start > minute),
    behind: late.length ? Math.max(...late) : 0,
  };
}
