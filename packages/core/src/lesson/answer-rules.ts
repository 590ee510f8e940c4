/**
 * What a school has decided of an answer once and for all: "dirty green earns for an iron(II) precipitate". A rule holds for
 * every answer that reads the same, of the same thing looked at, where the same was to be seen or named.
 */
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { itemTitle } from './item-title.js';
import { readingForm } from './reading-form.js';
import type { Mark } from '../marking/mark-result.js';
import type { Practical } from '../practicals/practical.js';
import type { SampleForm } from '../species/sample-form.js';
import { isAnionId, isCationId, isSpeciesId, speciesName } from '../species/species.js';
import type { Strand } from '../schemes/strands.js';

/** What an answer is of, and what it said. */
export interface AnswerPlace {
  readonly strand: Strand;
  /** Null for a name. */
  readonly test: string | null;
  readonly attribute: string | null;
  /** What was to be seen there, or was to be named; ids in order. */
  readonly wanted: readonly string[];
}
export interface AnswerRule extends AnswerPlace {
  readonly id: string;
  /** The answer as it reads (`readingForm`). */
  readonly form: string;
  /** The answer it was made for, as it was written. */
  readonly example: string;
  readonly points: number;
}

/** May a decision on such an answer become a rule? Equations and techniques are decided one by one. */
export const canBeRule = (strand: Strand): strand is 'observation' | 'conclusion' =>
  strand === 'observation' || strand === 'conclusion';

/**
 * What was to be seen of a sample in a test, or to be named of it.
 * @param place the strand, test and attribute of the mark.
 * @param sample what the sample holds, and its form.
 */
export function wantedOf(
  practical: Pick<Practical, 'tests' | 'asks'>,
  { strand, test, attribute }: Pick<AnswerPlace, 'strand' | 'test' | 'attribute'>,
  sample: { readonly ions: readonly string[]; readonly form: SampleForm },
): readonly string[] {
  // Copper is copper, whichever salt it came as.
  if (strand === 'conclusion') {
    const named = sample.ions.filter((id) =>
      practical.asks === 'cation' ? isCationId(id) : practical.asks === 'anion' ? isAnionId(id) : true,
    );
    return [practical.asks, ...named.sort()];
  }
  const planned = practical.tests.find((t) => t.test === test);
  if (strand !== 'observation' || !planned || attribute === null) return [];
  const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form: sample.form });
  return [...(shows[attribute] ?? [])].sort();
}

/** The rule that holds for an answer; the last made where there are several. */
export function ruleFor(
  rules: readonly AnswerRule[],
  { strand, test, attribute, wanted }: AnswerPlace,
  answer: string,
): AnswerRule | undefined {
  if (!rules.length || !answer.trim() || !canBeRule(strand)) return undefined;
  const here = rules.filter(
    (rule) =>
      rule.strand === strand &&
      rule.test === test &&
      rule.attribute === attribute &&
      rule.wanted.join() === wanted.join(),
  );
  if (!here.length) return undefined;
  const form = readingForm(strand, answer);
  return here.findLast((rule) => rule.form === form);
}

/** A mark as a rule has it. @param answer as this student wrote it. */
export function markByRule({ max }: Pick<Mark, 'max'>, rule: AnswerRule, answer: string): Mark {
  const points = Math.min(rule.points, max);
  return {
    points,
    max,
    verdict: points === max ? 'credit' : points === 0 ? 'none' : 'partial',
    why: [
      {
        code: 'school-rule',
        text: `“${answer}” ${points ? 'earns here' : 'does not earn here'}, by a rule of the school.`,
      },
    ],
  };
}

/** What a rule is of, for people: "Sodium hydroxide, precipitate, where green is to be seen", "Name of iron(II)". */
export function ruleOf({ strand, test, attribute, wanted }: AnswerPlace): string {
  if (strand === 'conclusion' || test === null || attribute === null)
    return `Name of ${wanted
      .slice(1)
      .map((id) => (isSpeciesId(id) ? speciesName(id) : id))
      .join(' and ')}`;
  const { values } = attributeOf(testOf(test), attribute);
  const shown = wanted.map((id) => values.find((v) => v.id === id)?.label ?? id);
  return `${itemTitle({ strand, test, attribute })}, where ${shown.join(' or ') || 'nothing'} is to be seen`;
}
