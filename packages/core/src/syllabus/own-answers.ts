/**
 * Answers of a school's own for gas tests and reasons: "a flame at the mouth" may be a lit splint here, "hot glue smell" is
 * no test anywhere. Colours have their own words (`own-words.ts`).
 */
import { gasTestRules } from './gas-test-rules.js';
import { isPurposeId, purposeOf, purposes, type PurposeId } from './purposes.js';
import { denialWords } from '../reading/denials.js';
import { grammarWords } from '../reading/grammar-words.js';
import { readText } from '../reading/read-text.js';
import { allGases, isGasId, speciesName } from '../species/species.js';
import type { GasId } from '../species/substance.js';

/** What an own answer is of: the test of a gas, its result, or the reason for a step. */
export type OwnAnswerOf =
  | { readonly kind: 'gas-test'; readonly gas: GasId; readonly part: 'test' | 'result' }
  | { readonly kind: 'purpose'; readonly of: PurposeId };
export interface OwnAnswer {
  readonly of: OwnAnswerOf;
  /** Words found together in an answer, in order; spelling is forgiven as everywhere. */
  readonly phrase: string;
  /** Whether they earn the point here, or never do. */
  readonly earns: boolean;
}

/** Letters of a phrase at most. */
export const longestAnswerPhrase = 80;
/** Own answers of a syllabus at most. */
export const mostOwnAnswers = 120;

/** The words that carry what is said, spelling mended. */
const carrying = (answer: string): readonly string[] =>
  readText(answer).words.filter((word) => !grammarWords.has(word) || denialWords.has(word));

/** Where a phrase's words stand together in an answer's; -1 where they do not. */
function placeOf(phrase: readonly string[], words: readonly string[]): number {
  if (!phrase.length) return -1;
  for (let at = 0; at + phrase.length <= words.length; at++)
    if (phrase.every((word, k) => words[at + k] === word)) return at;
  return -1;
}

export const sameOwnAnswer = (a: OwnAnswerOf, b: OwnAnswerOf): boolean =>
  a.kind === 'gas-test'
    ? b.kind === 'gas-test' && a.gas === b.gas && a.part === b.part
    : b.kind === 'purpose' && a.of === b.of;

/**
 * The school's own answer that an answer holds, the longest phrase first; one that is denied does not count.
 * @param all the own answers of the syllabus.
 */
export function ownAnswerIn(
  all: readonly OwnAnswer[] | undefined,
  of: OwnAnswerOf,
  answer: string,
): OwnAnswer | undefined {
  const mine = (all ?? []).filter((own) => sameOwnAnswer(own.of, of));
  if (!mine.length) return undefined;
  const words = carrying(answer);
  return [...mine]
    .sort((a, b) => b.phrase.length - a.phrase.length)
    .find((own) => {
      const phrase = carrying(own.phrase);
      const at = placeOf(phrase, words);
      return at >= 0 && (at === 0 || !denialWords.has(words[at - 1]!));
    });
}

/** What an own answer is of, as it is called. */
export function ownAnswerName(of: OwnAnswerOf): string {
  if (of.kind === 'purpose') return purposeOf(of.of).question;
  return of.part === 'test'
    ? `The test for ${speciesName(of.gas)}`
    : `What the test for ${speciesName(of.gas)} shows`;
}

/** What Kivex itself takes there, as a sentence. */
export function usualAnswer(of: OwnAnswerOf): string {
  if (of.kind === 'purpose') return purposeOf(of.of).reason;
  return `${gasTestRules[of.gas].map((rule) => rule.wanted).join('; or ')}.`;
}
/** Everything an own answer can be of under a syllabus. */
export const ownAnswerPlaces = (gases: readonly GasId[]): readonly OwnAnswerOf[] => [
  ...gases
    .filter((gas) => gasTestRules[gas].length > 0)
    .flatMap((gas) =>
      (['test', 'result'] as const).map((part) => ({ kind: 'gas-test' as const, gas, part })),
    ),
  ...purposes.map(({ id }) => ({ kind: 'purpose' as const, of: id })),
];

/** What is wrong with an own answer, as a sentence; undefined where it can be taken. */
export function ownAnswerProblem(own: OwnAnswer, others: readonly OwnAnswer[]): string | undefined {
  const { of } = own;
  if (of.kind === 'gas-test' && !isGasId(of.gas))
    return `“${String(of.gas)}” is no gas Kivex knows; it knows ${allGases.map((g) => g.id).join(', ')}.`;
  if (of.kind === 'purpose' && !isPurposeId(of.of))
    return `“${String(of.of)}” is no step whose reason Kivex marks.`;
  const phrase = own.phrase.trim();
  if (phrase.length > longestAnswerPhrase || !carrying(phrase).length)
    return 'Write the words that must stand in an answer, such as “flame at the mouth”; words like “the” alone tell nothing apart.';
  const form = carrying(phrase).join(' ');
  if (others.some((o) => sameOwnAnswer(o.of, of) && carrying(o.phrase).join(' ') === form))
    return `“${phrase}” stands here already.`;
  return undefined;
}
