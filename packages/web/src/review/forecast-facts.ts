/** What a rehearsal foretold beside what happened, and the rate of slips that would have foretold it. */
import { factorFor, lessonPace, type AgreedLesson, type LessonOutcome } from '@kivex/core';
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
  { names, halfThrough_min, timed }: LessonOutcome,
  foretold: readonly RatedForecast[],
  setUp: number,
): AgreedLesson | undefined {
  if (names.n < fewestNames) return undefined;
  const hundredths = (x: number) => Math.round(x * 100) / 100;
  const factor = hundredths(factorFor(foretold, names.right / names.n));
  const usual = foretold.find((f) => f.factor === 1)!.halfThrough_min;
  const pace = lessonPace({ happened: halfThrough_min, foretold: usual }, setUp);
  return {
    factor,
    names: names.n,
    ...(pace === undefined || !timed ? {} : { pace: { factor: hundredths(pace), groups: timed } }),
  };
}

/** A pace in a sentence. */
export const paceWords = ({ factor }: { readonly factor: number }): string =>
  Math.abs(factor - 1) < 0.05
    ? 'in the minutes planned'
    : `in ${factor.toFixed(1)} times the minutes planned`;

/** A rate in a sentence. */
export const rateWords = (factor: number): string =>
  Math.abs(factor - 1) < 0.05 ? 'the usual rate of slips' : `${factor.toFixed(1)} times the usual slips`;

/** Is what counts what the lesson shows now? */
export const sameRate = (a: AgreedLesson | null, b: AgreedLesson): boolean =>
  a !== null &&
  a.factor === b.factor &&
  a.names === b.names &&
  a.pace?.factor === b.pace?.factor &&
  a.pace?.groups === b.pace?.groups;
