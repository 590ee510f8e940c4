/** The marks of a lesson as answers to be put together by what they say. */
import type { Lesson, MarkCell, MarkRow } from '@kivex/contract';
import { testOfItem, type AnswerToSort } from '@kivex/core';

/** What an item is of: its test and what is looked at in it; the first thing looked at names neither in its key. */
export function itemOf(
  { practical }: Pick<Lesson, 'practical'>,
  cell: MarkCell,
): { test: string; attribute: string } {
  const first = practical.tests[0];
  if (cell.strand === 'conclusion') return { test: '', attribute: '' };
  const test = testOfItem(cell.key) ?? first?.test ?? '';
  const attribute =
    cell.strand === 'observation' ? (cell.key.split(':')[3] ?? first?.attributes[0] ?? '') : '';
  return { test, attribute };
}

/** Every answer that says something, with what its sample holds; what was left empty is nobody's to judge together. */
export function answersToSort(
  lesson: Pick<Lesson, 'practical' | 'samples'>,
  rows: readonly MarkRow[],
): AnswerToSort[] {
  const ions = new Map(lesson.samples.map((s) => [s.id, s.ions]));
  return rows.flatMap(({ cells }) =>
    cells
      .filter((cell) => cell.answer.trim() && cell.strand !== 'technique')
      .map(({ id, strand, sample, answer, points, max, open, verdict, computed, why, ...rest }) => ({
        id,
        strand,
        ...itemOf(lesson, { id, strand, sample, answer, points, max, open, verdict, computed, why, ...rest }),
        truth: ions.get(sample) ?? [],
        answer,
        points,
        max,
        open,
        computed: { points: computed.points, verdict, why: why.map((w) => w.text).join(' ') },
      })),
  );
}
