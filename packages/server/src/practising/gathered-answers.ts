/** Answers of devices, nobody named: counted, and put together by what they say. */
import type { ClassRound, LikeClassAnswers } from '@kivex/contract';
import { groupedBy, readingForm, type Mark, type RecallCard } from '@kivex/core';

/** An answer, with what the reader makes of it. */
export interface Answered {
  readonly answer: string;
  readonly mark: Mark;
}

/** How many of the answers of a round were right, partly right, and not. */
export function roundOf(
  round: number,
  answers: readonly { readonly mark: Pick<Mark, 'verdict'> }[],
): ClassRound {
  const count = (is: (m: Pick<Mark, 'verdict'>) => boolean) => answers.filter((a) => is(a.mark)).length;
  return {
    round,
    answers: answers.length,
    right: count((m) => m.verdict === 'credit'),
    partly: count((m) => m.verdict === 'partial'),
    wrong: count((m) => m.verdict === 'none'),
    unsure: count((m) => m.verdict === 'review'),
  };
}

/** Answers alike but for the order of their words say the same to a class. */
function likeness(strand: 'equation' | 'observation', answer: string): string {
  const form = readingForm(strand, answer);
  if (strand === 'equation') return form;
  const [words = '', joins = ''] = form.split('|');
  return `${words.split(' ').sort().join(' ')}|${joins}`;
}

/** Answers that say the same put together, the most frequent first. */
export function gathered(
  { topic }: Pick<RecallCard, 'topic'>,
  answers: readonly Answered[],
): LikeClassAnswers[] {
  const strand = topic === 'equations' ? 'equation' : 'observation';
  const groups = groupedBy(
    answers,
    (a) => `${a.mark.verdict}|${a.mark.points}|${likeness(strand, a.answer)}`,
  );
  return [...groups.values()]
    .map((group): LikeClassAnswers => {
      const { points, max, verdict, why } = group[0]!.mark;
      const words = [...groupedBy(group, (a) => a.answer.trim()).entries()]
        .map(([text, same]) => ({ text, n: same.length }))
        .sort((a, b) => b.n - a.n);
      return { words, n: group.length, points, max, verdict, why };
    })
    .sort((a, b) => b.n - a.n);
}
