/** The marks of a lesson as answers to be put together by what they say. */
import type { Lesson, MarkRow } from '@kivex/contract';
import type { AnswerToSort } from '@kivex/core';

/** Every answer that says something, with what its sample holds; what was left empty is nobody's to judge together. */
export function answersToSort(lesson: Pick<Lesson, 'samples'>, rows: readonly MarkRow[]): AnswerToSort[] {
  const ions = new Map(lesson.samples.map((s) => [s.id, s.ions]));
  return rows.flatMap(({ cells }) =>
    cells
      .filter((cell) => cell.answer.trim() && cell.strand !== 'technique')
      .map(({ id, strand, sample, test, attribute, answer, points, max, open, verdict, computed, why }) => ({
        id,
        strand,
        test: test ?? '',
        attribute: attribute ?? '',
        truth: ions.get(sample) ?? [],
        answer,
        points,
        max,
        open,
        computed: { points: computed.points, verdict, why: why.map((w) => w.text).join(' ') },
      })),
  );
}
