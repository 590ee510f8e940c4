/** What every marker gives back: points, a verdict, and why. */
import type { Reason } from '../reading/reason.js';
import type { Leniency } from '../syllabus/leniency.js';

export type Verdict = 'credit' | 'partial' | 'none' | 'review';
export interface Mark {
  readonly points: number;
  readonly max: number;
  readonly verdict: Verdict;
  readonly why: readonly Reason[];
}

/** A mark of one point or none with its reason. */
export const onePoint = (points: 0 | 1, code: string, text: string): Mark => ({
  points,
  max: 1,
  verdict: points ? 'credit' : 'none',
  why: [{ code, text }],
});
/** A mark left to a person; `points` is what stands until then. */
export const forReview = (code: string, text: string): Mark => ({
  points: 0,
  max: 1,
  verdict: 'review',
  why: [{ code, text }],
});

/** A point that a syllabus gives, leaves to a person or refuses for what an answer lacks. */
export const asLenient = (leniency: Leniency, code: string, text: string): Mark =>
  leniency === 'earns'
    ? onePoint(1, code, text)
    : leniency === 'person'
      ? forReview(code, `${text} A person decides.`)
      : onePoint(0, code, text);

/** Independent points put together: one left to a person leaves the whole to a person. */
export function together(parts: readonly Mark[]): Mark {
  const points = parts.reduce((sum, p) => sum + p.points, 0);
  const max = parts.reduce((sum, p) => sum + p.max, 0);
  const verdict = parts.some((p) => p.verdict === 'review')
    ? 'review'
    : points === 0
      ? 'none'
      : points === max
        ? 'credit'
        : 'partial';
  return { points, max, verdict, why: parts.flatMap((p) => p.why) };
}
