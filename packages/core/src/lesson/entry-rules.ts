/**
 * The form of what a student may log, kind by kind: device and server hold entries to these same rules. They are
 * checked at every tap, so they are plain code rather than declarations read at run time.
 */
import { cleanText } from '../formats/clean-text.js';
import type { StudentBody } from './record.js';

/** Letters of a student's own words, and of a name, at most. */
export const longestWords = 500;
export const longestName = 120;
const longestId = 40;
const mostEvidence = 50;
const mostSeen = 20;
const mostSteps = 100;

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;
const uuid7 = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;
export const isUuid = (value: unknown): value is string => typeof value === 'string' && uuid.test(value);
export const isUuid7 = (value: unknown): value is string => typeof value === 'string' && uuid7.test(value);

type Fields = Readonly<Record<string, unknown>>;
/** What is wrong with one field, in a sentence; undefined when nothing is. */
type Rule = (value: unknown) => string | undefined;

const rule =
  (holds: (value: unknown) => boolean, sentence: string): Rule =>
  (value) =>
    holds(value) ? undefined : sentence;
const optional =
  (inner: Rule): Rule =>
  (value) =>
    value === undefined || value === null ? undefined : inner(value);
const isText = (value: unknown): value is string => typeof value === 'string';
const short = (value: unknown): boolean => isText(value) && value.length <= longestId;
const id = (what: string): Rule => rule(isUuid, `${what} is named by its id.`);

const rules: Readonly<Record<StudentBody['type'], Readonly<Record<string, Rule>>>> = {
  observation: {
    sample: id('The sample'),
    test: rule(short, 'The test is named by its id.'),
    variant: rule(short, 'The way of doing the test is named by its id.'),
    seen: rule(
      (value) =>
        typeof value === 'object' &&
        value !== null &&
        !Array.isArray(value) &&
        Object.keys(value).length <= mostSeen &&
        Object.values(value).every(short),
      'What was seen is a list of results by name.',
    ),
    words: optional((value) =>
      !isText(value)
        ? 'Your own words are a text.'
        : value.length > longestWords
          ? `Your own words have at most ${longestWords} letters.`
          : undefined,
    ),
    doubtful: optional(rule((value) => typeof value === 'boolean', 'Not sure is yes or no.')),
    corrects: optional(id('The entry this corrects')),
  },
  naming: {
    sample: id('The sample'),
    answer: (value) =>
      !isText(value)
        ? 'The name is a text.'
        : value.length > longestName
          ? `A name has at most ${longestName} letters.`
          : undefined,
    evidence: rule(
      (value) => Array.isArray(value) && value.length <= mostEvidence && value.every(isUuid),
      `Evidence is a list of at most ${mostEvidence} entries.`,
    ),
  },
  call: {
    reason: rule(
      (value) => value === 'help' || value === 'check' || value === 'safety',
      'Say what the call is for.',
    ),
  },
  step: {
    test: rule(short, 'The test is named by its id.'),
    step: rule(
      (value) => Number.isInteger(value) && (value as number) >= 0 && (value as number) <= mostSteps,
      'A step is a whole number.',
    ),
  },
  'hand-in': {},
  trust: {
    entry: id('The entry you trust'),
    why: optional((value) =>
      !isText(value)
        ? 'Your reason is a text.'
        : value.length > longestWords
          ? `Your reason has at most ${longestWords} letters.`
          : undefined,
    ),
  },
};
const unknownKind = 'Kivex does not know this kind of entry. Load the page again to get the newest version.';

/**
 * Checks the body of an entry as it was sent, whatever that is.
 * @returns the body, its texts without hidden signs and nothing in it but what belongs there; or the sentence that says
 *   what is wrong with it.
 * @example checkBody({ type: 'hand-in' }) // { body: { type: 'hand-in' } }
 */
export function checkBody(raw: unknown): { readonly body: StudentBody } | { readonly detail: string } {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return { detail: 'An entry has a body.' };
  const sent = raw as Fields;
  const { type } = sent;
  if (!isText(type) || !Object.hasOwn(rules, type)) return { detail: unknownKind };
  const fields = rules[type as StudentBody['type']];
  for (const key of Object.keys(sent))
    if (key !== 'type' && !Object.hasOwn(fields, key))
      return { detail: `${key.slice(0, longestId)} does not belong to this entry.` };
  const body: Record<string, unknown> = { type };
  for (const key of Object.keys(fields)) {
    const value = sent[key];
    const wrong = fields[key]!(value);
    if (wrong) return { detail: wrong };
    if (value === undefined || value === null) continue;
    body[key] = key === 'words' || key === 'answer' || key === 'why' ? cleanText(value as string) : value;
  }
  return { body: body as unknown as StudentBody };
}
