/** How a group of like answers is called. */
import type { Lesson } from '@kivex/contract';
import { attributeOf, expectationOf, saltName, testOf, type LikeAnswers } from '@kivex/core';
import { looksOf, shortTestName } from '../kit/look-names.js';

/** What was asked: "Sodium hydroxide: precipitate", "Name", "Equation: Sulfate". */
export function itemName(
  { practical }: Pick<Lesson, 'practical'>,
  { strand, test, attribute }: Pick<LikeAnswers, 'strand' | 'test' | 'attribute'>,
): string {
  if (strand === 'conclusion') return 'Name';
  const short = shortTestName(test);
  if (strand === 'equation') return `Equation: ${short}`;
  const looks = looksOf({ tests: practical.tests.filter((t) => t.test === test) });
  const look = looks.find((l) => l.attribute === attribute);
  return look && looks.length > 1 ? `${short}: ${look.what}` : short;
}

/** What the sample held. */
export const truthOf = ({ truth }: Pick<LikeAnswers, 'truth'>): string => saltName(truth) || 'nothing';

/** What was to be seen: the values the sample may show; none of names and equations. */
export function seenOf(
  { practical }: Pick<Lesson, 'practical'>,
  { strand, test, attribute, truth }: Pick<LikeAnswers, 'strand' | 'test' | 'attribute' | 'truth'>,
) {
  const planned = practical.tests.find((t) => t.test === test);
  if (strand !== 'observation' || !planned) return [];
  const form = practical.samples.find((s) => s.ions.join() === truth.join())?.form;
  const shows =
    expectationOf(test, truth, { variant: planned.variant, ...(form ? { form } : {}) })[attribute] ?? [];
  return attributeOf(testOf(test), attribute).values.filter((value) => shows.includes(value.id));
}
