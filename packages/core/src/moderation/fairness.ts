/** Whether marks are fair: the same answer has the same mark, and nothing hangs on a name, a bench or when one handed in. */
import { readingForm } from '../lesson/reading-form.js';
import { correlation } from '../numbers/correlation.js';
import { groupedBy } from '../numbers/grouped.js';
import type { AnswerToSort } from './like-answers.js';

/** Marks of one answer that are not the same. */
export interface UnlikeMarks {
  readonly answer: string;
  readonly strand: AnswerToSort['strand'];
  readonly test: string;
  readonly attribute: string;
  readonly truth: readonly string[];
  readonly max: number;
  /** By points, the commonest first: whose marks they are. */
  readonly given: readonly { readonly points: number; readonly ids: readonly string[] }[];
}

/**
 * Answers to one item, of one truth, that say the same, were computed alike, and have different points: somebody decided one of
 * them otherwise. What is carried forward from different records is computed differently, and so is not among them. What a
 * person has still to look at is left out.
 */
export function unlikeMarks(all: readonly AnswerToSort[]): UnlikeMarks[] {
  const settled = all.filter((one) => !one.open);
  const alike = groupedBy(settled, ({ strand, test, attribute, truth, answer, computed, max }) =>
    [
      strand,
      test,
      attribute,
      [...truth].sort().join(' '),
      readingForm(strand, answer),
      computed.points,
      computed.verdict,
      max,
    ].join('\u0001'),
  );
  return [...alike.values()].flatMap((own): UnlikeMarks[] => {
    const byPoints = groupedBy(own, (one) => one.points);
    if (byPoints.size < 2) return [];
    const [{ answer, strand, test, attribute, truth, max }] = own as [AnswerToSort, ...AnswerToSort[]];
    const given = [...byPoints]
      .map(([points, same]) => ({ points, ids: same.map((one) => one.id) }))
      .sort((a, b) => b.ids.length - a.ids.length || b.points - a.points);
    return [{ answer, strand, test, attribute, truth, max, given }];
  });
}

export interface Dependence {
  /** Correlation of what people gave beside what was computed with the place in this order, −1 to 1; null where nothing varies. */
  readonly r: number | null;
  /** Chance of a correlation as large by shuffling alone. */
  readonly p: number;
}

/**
 * A permutation test: does what people added to computed marks go with an order that must not matter?
 * @param added of each student, in that order. @param random uniform in [0, 1).
 */
export function dependence(added: readonly number[], random: () => number, rounds = 2000): Dependence {
  const places = added.map((_, i) => i);
  const of = (values: readonly number[]) => correlation(values.map((v, i) => [places[i]!, v] as const));
  const r = of(added);
  if (r === null) return { r: null, p: 1 };
  const shuffled = [...added];
  let asLarge = 0;
  for (let round = 0; round < rounds; round++) {
    for (let i = shuffled.length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1));
      [shuffled[i], shuffled[j]] = [shuffled[j]!, shuffled[i]!];
    }
    if (Math.abs(of(shuffled)!) >= Math.abs(r) - 1e-12) asLarge += 1;
  }
  // The order there is is one of those there might be.
  return { r, p: (asLarge + 1) / (rounds + 1) };
}
