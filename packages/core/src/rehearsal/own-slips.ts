/**
 * How often a school's classes slip, beside the estimates rehearsals begin with: from what rehearsals foretell at several
 * rates of slips and how many names came out right.
 */

/** Rates of slips a lesson is rehearsed at to be compared, in times the usual. */
export const triedFactors = [0.25, 0.5, 1, 2, 4] as const;
/** A school's estimate stays within these. */
export const factorBounds = [triedFactors[0], triedFactors[triedFactors.length - 1]!] as const;
/** Names that the usual estimate is worth: so many of a school's own count as much as it (an assumption). */
const usualIsWorth = 60;

export interface Foretold {
  readonly factor: number;
  /** Share of unknowns named rightly. */
  readonly right: number;
}

/**
 * The rate of slips at which a rehearsal foretells so great a share of right names, in times the usual; the ends where more
 * or less is right than at any. What luck makes rise again with more slips is levelled.
 * @param foretold by rising factor. @throws RangeError for fewer than two.
 */
export function factorFor(foretold: readonly Foretold[], right: number): number {
  if (foretold.length < 2) throw new RangeError('rehearse at two rates at least');
  let least = Infinity;
  const level = foretold.map(({ factor, right: r }) => ({ factor, right: (least = Math.min(least, r)) }));
  if (right >= level[0]!.right) return level[0]!.factor;
  const after = level.findIndex((f) => f.right <= right);
  if (after < 0) return level.at(-1)!.factor;
  const [a, b] = [level[after - 1]!, level[after]!];
  const share = a.right === b.right ? 0.5 : (a.right - right) / (a.right - b.right);
  // Rates are compared as ratios.
  return a.factor * (b.factor / a.factor) ** share;
}

export interface AgreedLesson {
  /** Times the usual. */
  readonly factor: number;
  /** Names it rests on. */
  readonly names: number;
  /** Minutes a group took, in times what was foretold, and the groups it rests on; absent where it is not known. */
  readonly pace?: { readonly factor: number; readonly groups: number };
}

/** A school's rate of slips from the lessons it agreed on, drawn to the usual as far as they are few. */
export function schoolFactor(lessons: readonly AgreedLesson[]): number {
  const names = lessons.reduce((n, l) => n + l.names, 0);
  const logs = lessons.reduce((sum, l) => sum + l.names * Math.log(l.factor), 0);
  return Math.exp(logs / (names + usualIsWorth));
}

/** How much slower or quicker a lesson may show a class to be. */
export const paceBounds = [0.5, 2] as const;
/** Groups that the practical's own minutes are worth (an assumption). */
const plannedIsWorth = 16;

/**
 * A lesson's pace: how long half its groups took beside what was foretold, of what comes after setting up. undefined where
 * either is not known, or nothing was foretold to come after it.
 * @param minutes until half the groups were through. @param setUp minutes before the first test.
 */
export function lessonPace(
  minutes: { readonly happened: number | null; readonly foretold: number },
  setUp: number,
): number | undefined {
  const planned = minutes.foretold - setUp;
  if (minutes.happened === null || planned <= 0) return undefined;
  const [least, most] = paceBounds;
  return Math.min(most, Math.max(least, Math.max(0, minutes.happened - setUp) / planned));
}

/** A school's pace from the lessons it agreed on, drawn to that of the practicals as far as their groups are few. */
export function schoolPace(lessons: readonly AgreedLesson[]): number {
  const known = lessons.flatMap((l) => l.pace ?? []);
  const groups = known.reduce((n, p) => n + p.groups, 0);
  const logs = known.reduce((sum, p) => sum + p.groups * Math.log(p.factor), 0);
  return Math.exp(logs / (groups + plannedIsWorth));
}
