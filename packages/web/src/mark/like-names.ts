/** How a group of like answers is called. */
import type { Lesson } from '@kivex/contract';
import { saltName, type LikeAnswers } from '@kivex/core';
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
