/**
 * Answers that say the same to the same: one decision judges them all. Alike are answers of one item, of one truth, of one
 * reading, that Kivex marked alike.
 */
import { groupedBy } from '../numbers/grouped.js';
import { readingForm } from '../lesson/reading-form.js';
import type { Strand } from '../schemes/strands.js';

export interface AnswerToSort {
  readonly id: string;
  readonly strand: Strand;
  /** The test and what was looked at in it; '' where the item is of neither. */
  readonly test: string;
  readonly attribute: string;
  /** What the sample truly holds. */
  readonly truth: readonly string[];
  readonly answer: string;
  readonly computed: { readonly points: number; readonly verdict: string; readonly why: string };
  /** Points that stand. */
  readonly points: number;
  readonly max: number;
  readonly open: boolean;
}
export interface LikeAnswers {
  readonly key: string;
  readonly strand: Strand;
  readonly test: string;
  readonly attribute: string;
  readonly truth: readonly string[];
  /** The ways it was written, the commonest first, with how often. */
  readonly written: readonly { readonly answer: string; readonly times: number }[];
  readonly ids: readonly string[];
  readonly max: number;
  readonly computed: AnswerToSort['computed'];
  /** How many still want a person. */
  readonly open: number;
  /** Points that stand, where all have the same. */
  readonly points: number | undefined;
}

/** Groups of like answers: those that want a person first, then the biggest. */
export function likeAnswers(all: readonly AnswerToSort[]): LikeAnswers[] {
  const groups = groupedBy(all, (one) =>
    [
      one.strand,
      one.test,
      one.attribute,
      [...one.truth].sort().join(' '),
      readingForm(one.strand, one.answer),
      one.computed.points,
      one.computed.verdict,
      one.max,
    ].join('\u0001'),
  );
  const sorted = [...groups].map(([key, members]): LikeAnswers => {
    const [first] = members as [AnswerToSort, ...AnswerToSort[]];
    const times = new Map<string, number>();
    for (const { answer } of members) times.set(answer, (times.get(answer) ?? 0) + 1);
    const { strand, test, attribute, truth, max, computed } = first;
    return {
      key,
      strand,
      test,
      attribute,
      truth,
      max,
      computed,
      written: [...times]
        .map(([answer, n]) => ({ answer, times: n }))
        .sort((a, b) => b.times - a.times || a.answer.localeCompare(b.answer)),
      ids: members.map((m) => m.id),
      open: members.filter((m) => m.open).length,
      points: members.every((m) => m.points === first.points) ? first.points : undefined,
    };
  });
  return sorted.sort(
    (a, b) =>
      Number(b.open > 0) - Number(a.open > 0) ||
      b.open - a.open ||
      b.ids.length - a.ids.length ||
      a.key.localeCompare(b.key),
  );
}
