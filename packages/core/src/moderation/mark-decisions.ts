/** What people decided of marks: kept for good, in order; the last that judged the answer as it is now stands. */

export interface MarkDecision {
  /** Points given; null gives the mark back to what is computed. */
  readonly points: number | null;
  /** The answer that was judged. */
  readonly answer: string;
}
export interface ComputedMark {
  readonly answer: string;
  readonly points: number;
  readonly verdict: string;
}
export interface StandingMark {
  readonly points: number;
  /** A person has still to look: none has, or what they judged is not what is there now. */
  readonly open: boolean;
  /** The last decision was of another answer, and nothing is decided of this one. */
  readonly reopened: boolean;
  /** Place of the decision that stands among all; -1 where what is computed stands. */
  readonly by: number;
}

/** The mark that stands. @param decisions of this mark, oldest first. */
export function standingMark(computed: ComputedMark, decisions: readonly MarkDecision[]): StandingMark {
  const by = decisions.findLastIndex((d) => d.answer === computed.answer);
  const decided = by >= 0 ? decisions[by]! : undefined;
  if (decided && decided.points !== null) return { points: decided.points, open: false, reopened: false, by };
  const last = decisions.at(-1);
  const reopened = !decided && last !== undefined && last.points !== null;
  return { points: computed.points, open: reopened || computed.verdict === 'review', reopened, by: -1 };
}
