/** What happened in a lesson, in the measures a rehearsal foretells. */
import type { LessonEvent } from '../lesson/record.js';
import { groupedBy } from '../numbers/grouped.js';
import type { ReviewedMark } from './item-analysis.js';

export interface LessonOutcome {
  /** Names that were marked, and how many of them earned everything. */
  readonly names: { readonly right: number; readonly n: number };
  /** Looks a group made again, on average over the groups that logged anything; null where none did. */
  readonly repeats: number | null;
  /** Minutes from the beginning until half the groups had handed in or logged their last; null where it is not known. */
  readonly halfThrough_min: number | null;
  /** Groups that is known of. */
  readonly timed: number;
}

/** A lesson gone on with on another day is not timed. */
const longest_min = 240;

/**
 * @param marks of those who were there, without what a person has still to look at.
 * @param events of the whole lesson. @param startedAt when it began, ISO 8601.
 */
export function lessonOutcome(
  marks: readonly ReviewedMark[],
  events: readonly LessonEvent[],
  startedAt: string | null,
): LessonOutcome {
  const names = marks.filter((m) => m.strand === 'conclusion' && m.role === 'unknown');
  const groups = [...groupedBy(events, (e) => e.group).values()];
  const repeats = groups.flatMap((own) => {
    const looks = own.flatMap((e) =>
      e.body.type === 'observation' && !e.body.notDone && !e.body.corrects
        ? [`${e.body.sample} ${e.body.test}`]
        : [],
    );
    return looks.length ? [looks.length - new Set(looks).size] : [];
  });
  const began = startedAt === null ? NaN : Date.parse(startedAt);
  const ends = groups
    .map((own) => {
      const handedIn = own.filter((e) => e.body.type === 'hand-in');
      const last = (handedIn.length ? handedIn : own).reduce((late, e) => (e.at > late ? e.at : late), '');
      return (Date.parse(last) - began) / 60_000;
    })
    .filter((m) => m >= 0 && m <= longest_min)
    .sort((a, b) => a - b);
  return {
    names: { right: names.filter((m) => m.points >= m.max).length, n: names.length },
    repeats: repeats.length ? repeats.reduce((a, b) => a + b, 0) / repeats.length : null,
    timed: ends.length,
    halfThrough_min: ends.length ? ends[Math.floor((ends.length - 1) / 2)]! : null,
  };
}
