/** What a rehearsal foretold beside what happened, and the rate of slips that would have foretold it. */
import { factorFor, type AgreedLesson, type LessonOutcome } from '@kivex/core';
import type { RatedForecast } from '../planning/planning-worker.js';

/** Names a rate of slips is taken from, at least: of fewer, luck says more than the class. */
export const fewestNames = 8;

export interface Compared {
  readonly what: string;
  readonly foretold: string;
  readonly happened: string;
}
const percent = (share: number): string => `${Math.round(share * 100)} %`;
const minutes = (m: number): string => `${Math.round(m)} min`;

/** Side by side, with the usual rate of slips. @param foretold at several rates, the usual (1) among them. */
export function compared(
  { names, repeats, halfThrough_min }: LessonOutcome,
  foretold: readonly RatedForecast[],
): Compared[] {
  const usual = foretold.find((f) => f.factor === 1)!;
  const known = (value: number | null, words: (n: number) => string) =>
    value === null ? 'not known' : words(value);
  return [
    {
      what: 'Unknowns named rightly',
      foretold: percent(usual.right),
      happened: names.n ? `${percent(names.right / names.n)} (${names.right} of ${names.n})` : 'none named',
    },
    {
      what: 'Half the groups through after',
      foretold: minutes(usual.halfThrough_min),
      happened: known(halfThrough_min, minutes),
    },
    {
      what: 'Looks a group made again',
      foretold: usual.repeats.toFixed(1),
      happened: known(repeats, (n) => n.toFixed(1)),
    },
  ];
}

/** The rate of slips this lesson shows; undefined where too few names were marked to say. */
export function shownRate(
  { names }: LessonOutcome,
  foretold: readonly RatedForecast[],
): AgreedLesson | undefined {
  if (names.n < fewestNames) return undefined;
  return { factor: Math.round(factorFor(foretold, names.right / names.n) * 100) / 100, names: names.n };
}

/** A rate in a sentence. */
export const rateWords = (factor: number): string =>
  Math.abs(factor - 1) < 0.05 ? 'the usual rate of slips' : `${factor.toFixed(1)} times the usual slips`;
