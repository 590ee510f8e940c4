/** A student's marks as they are given out. */
import type { FrozenMarks, GivenOut, MarkRow } from '@kivex/contract';

/** What a student is given of a row. @param logTo last place of the group's log that was read. */
export const frozenOf = (row: Omit<MarkRow, 'given'>, scheme: string | null, logTo: number): FrozenMarks => ({
  points: row.points,
  max: row.max,
  late: row.late,
  ...(row.caughtUp ? { onScreen: true as const } : {}),
  items: row.cells.map(
    ({ key, strand, sample, test, attribute, answer, points, max, weight, why, changes }) => {
      const by = changes.findLast((c) => c.answer === answer);
      const decided = by && by.points !== null ? by : undefined;
      return {
        key,
        strand,
        sample,
        test,
        attribute,
        answer,
        points,
        max,
        weight,
        why: decided ? [decided.reason] : why.map((w) => w.text),
        decision: decided?.decision ?? null,
      };
    },
  ),
  scheme,
  logTo,
});

/** Whether what was given out is what stands now, to the student. */
export function givenOut(row: Omit<MarkRow, 'given'>, given: FrozenMarks | undefined): GivenOut {
  if (!given) return 'no';
  const shown = ({ points, max, items, onScreen }: FrozenMarks) =>
    JSON.stringify([
      points,
      max,
      onScreen ?? false,
      items.map((i) => [i.key, i.answer, i.points, i.weight, i.why]),
    ]);
  return shown(given) === shown(frozenOf(row, null, 0)) ? 'as-now' : 'as-before';
}
