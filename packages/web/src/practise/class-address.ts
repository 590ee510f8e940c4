/** Addresses of a set of questions and of a shown test, made ready by what a lesson lost. */
import { isAnionId, isCationId, type ToTeach } from '@kivex/core';

const at = (part: 'sets' | 'show', search: Readonly<Record<string, string>>): string =>
  `/practise/class?${new URLSearchParams({ part, ...search }).toString()}`;

/** Questions on what was lost: on its test, and on the ions it was met with. @param syllabus of the lesson, by id. */
export const setFor = ({ test, samples }: Pick<ToTeach, 'test' | 'samples'>, syllabus?: string): string =>
  at('sets', {
    ...(syllabus ? { syllabus } : {}),
    ...(test ? { test } : {}),
    ...(samples.length ? { about: [...new Set(samples.flat())].join(' ') } : {}),
  });

/** The ion, gas or metal of a sample that a test is shown with. */
const shownBy = (ions: readonly string[], family: string): string | undefined =>
  ions.find((id) => (family === 'anion' ? isAnionId(id) : family === 'cation' ? isCationId(id) : true)) ??
  ions[0];

/** The test shown, with what it was beside what it was taken for; undefined where no test is to be shown. */
export function showingFor(
  { test, show }: Pick<ToTeach, 'test' | 'show'>,
  family: string,
  syllabus?: string,
): string | undefined {
  if (!test || !show.length) return undefined;
  const [one, other] = show.map((ions) => shownBy(ions, family));
  return at('show', {
    ...(syllabus ? { syllabus } : {}),
    test,
    ...(one ? { one } : {}),
    ...(other && other !== one ? { other } : {}),
  });
}
