/** A student's marks laid out as their tile: samples by tests, names last, techniques of whole tests apart. */
import type { Lesson, LessonSample, MarkCell, MarkRow } from '@kivex/contract';

export interface WholeReport {
  /** Ids of tests with anything in them, in the order of the practical; null for names. */
  readonly heads: readonly (string | null)[];
  readonly lines: readonly {
    readonly sample: LessonSample;
    readonly cells: readonly (readonly MarkCell[])[];
  }[];
  readonly whole: readonly MarkCell[];
}

export function wholeReport(
  { practical, samples }: Pick<Lesson, 'practical' | 'samples'>,
  { cells }: Pick<MarkRow, 'cells'>,
): WholeReport {
  const isWhole = (c: MarkCell) => c.strand === 'technique' && c.test !== null;
  const own = cells.filter((c) => !isWhole(c));
  const heads = [...practical.tests.map((t): string | null => t.test), null].filter((head) =>
    own.some((c) => c.test === head),
  );
  return {
    heads,
    lines: samples
      .filter((sample) => own.some((c) => c.sample === sample.id))
      .map((sample) => ({
        sample,
        cells: heads.map((head) => own.filter((c) => c.sample === sample.id && c.test === head)),
      })),
    whole: cells.filter(isWhole),
  };
}
