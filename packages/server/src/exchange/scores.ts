/** Marks of one lesson in one measure, as a line item wants them. */
import type { FrozenMarks } from '@kivex/contract';

type Given = Pick<FrozenMarks, 'points' | 'max' | 'onScreen'>;

/** What a lesson is marked out of: of what was done in it, or on screen where nothing was. */
export function lineMax(marks: readonly Given[]): number {
  const there = marks.filter((m) => !m.onScreen);
  return Math.max(...(there.length ? there : marks).map((m) => m.max));
}
/** Points in the lesson's own measure: what was made up on screen has a measure of its own. */
export const scoreOf = (own: Given, all: readonly Given[]): number =>
  own.onScreen && own.max > 0 ? Math.round((own.points / own.max) * lineMax(all) * 10) / 10 : own.points;

/** What is said beside a score. */
export const commentOf = (marks: Pick<FrozenMarks, 'points' | 'max' | 'onScreen' | 'late'>): string =>
  marks.onScreen
    ? `away; made up on screen: ${marks.points} of ${marks.max}`
    : marks.late
      ? 'handed in after the end'
      : '';
