/** What another mark scheme would do to a student's marks. */
import { totalOf, type Earned, type MarkScheme, type WeighedItem } from '../schemes/mark-scheme.js';
import { standingMark, type ComputedMark, type MarkDecision } from './mark-decisions.js';

/** A mark as it stands. */
export interface MarkNow extends WeighedItem {
  readonly key: string;
  readonly answer: string;
  readonly points: number;
  readonly max: number;
  readonly reopened: boolean;
  /** Oldest first. */
  readonly changes: readonly MarkDecision[];
}
/** A mark as it would be computed. */
export interface MarkThen extends WeighedItem, ComputedMark {
  readonly key: string;
  readonly max: number;
}
export interface Moved {
  readonly before: Earned;
  readonly after: Earned;
  /** Marks whose answer or points would be others; what they weigh is not counted. */
  readonly items: number;
  /** Decisions that would stand no longer, since another answer would be marked. */
  readonly reopened: number;
}

/** @param late whether the student handed in after the end. */
export function movedBy(
  from: MarkScheme,
  to: MarkScheme,
  now: readonly MarkNow[],
  then: readonly MarkThen[],
  late: boolean,
): Moved {
  const byKey = new Map(now.map((mark) => [mark.key, mark]));
  let items = 0;
  let reopened = 0;
  const marks = then.map((mark) => {
    const was = byKey.get(mark.key);
    const { points, reopened: again } = standingMark(mark, was?.changes ?? []);
    if (was && (was.points !== points || was.answer !== mark.answer)) items += 1;
    if (again && !was?.reopened) reopened += 1;
    return { ...mark, points };
  });
  const earned = ({ points, max }: Earned): Earned => ({ points, max });
  return {
    before: earned(totalOf(from, now, late)),
    after: earned(totalOf(to, marks, late)),
    items,
    reopened,
  };
}
