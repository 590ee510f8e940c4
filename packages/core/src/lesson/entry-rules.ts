/**
 * The form of what a student may log, kind by kind: device and server hold entries to these same rules. They are
 * checked at every tap, so they are plain code rather than declarations read at run time.
 */
import { cleanText } from '../formats/clean-text.js';
import { callReasons, reagentStates, type StudentBody } from './record.js';

/** Letters of a student's own words, and of a name, at most. */
export const longestWords = 500;
export const longestName = 120;
const longestId = 40;
const mostEvidence = 50;
const mostSeen = 20;
const mostSteps = 100;
const mostDrops = 500;
/** Seconds; a day. */
const longestWait = 86_400;

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
const yesOrNo = (what: string): Rule => rule((value) => typeof value === 'boolean', `${what} is yes or no.`);
const isShortTexts = (value: unknown): boolean =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.keys(value).length <= mostSeen &&
  Object.values(value).every(short);
const isTemperatures = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const { before, highest, ...rest } = value as Fields;
  const isOne = (t: unknown) => typeof t === 'number' && t >= -20 && t <= 150;
  return isOne(before) && isOne(highest) && !Object.keys(rest).length;
};
const words =
  (what: string): Rule =>
  (value) =>
    !isText(value)
      ? `${what} is a text.`
      : value.length > longestWords
        ? `${what} has at most ${longestWords} letters.`
        : undefined;
const between =
  (most: number, least = 0) =>
  (value: unknown) =>
    Number.isInteger(value) && (value as number) >= least && (value as number) <= most;
const stepRule = rule(between(mostSteps), 'A step is a whole number.');
const secondsRule = rule(
  between(longestWait, 1),
  `A wait is a whole number of seconds, at most ${longestWait}.`,
);
/** Fields whose texts people wrote: hidden signs are taken out of them. */
const written: ReadonlySet<string> = new Set(['words', 'answer', 'why', 'reagentNote', 'text', 'label']);

const rules: Readonly<Record<StudentBody['type'], Readonly<Record<string, Rule>>>> = {
  observation: {
    sample: id('The sample'),
    test: rule(short, 'The test is named by its id.'),
    variant: rule(short, 'The way of doing the test is named by its id.'),
    seen: rule(isShortTexts, 'What was seen is a list of results by name.'),
    words: optional(words('What you say in your own words')),
    doubtful: optional(yesOrNo('Not sure')),
    corrects: optional(id('The entry this corrects')),
    read: optional(yesOrNo('Read from your words')),
    weak: optional(yesOrNo('Weak')),
    notDone: optional(rule((value) => value === 'no-time', 'Say why it was not done.')),
    inferredFrom: optional(id('The sample this is taken from')),
    did: optional(rule(isShortTexts, 'How it was done is a list of answers by question.')),
    reagentWas: optional(
      rule(
        (value) => reagentStates.some((s) => s === value),
        'Say what the reagent was: a substitute, old or impure.',
      ),
    ),
    reagentNote: optional(words('The note on the reagent')),
    photo: optional(id('The picture')),
    celsius: optional(rule(isTemperatures, 'Write both temperatures in °C, from -20 to 150.')),
    drops: optional(rule(between(mostDrops, 1), `Drops are a whole number, at most ${mostDrops}.`)),
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
    rulesOut: optional(
      rule(
        (value) => Array.isArray(value) && value.length <= mostEvidence && value.every(short),
        'What is ruled out is a list of names.',
      ),
    ),
  },
  call: {
    reason: rule((value) => callReasons.some((r) => r === value), 'Say what the call is for.'),
    test: optional(rule(short, 'The test is named by its id.')),
    step: optional(stepRule),
  },
  equation: {
    sample: id('The sample'),
    test: rule(short, 'The test is named by its id.'),
    text: words('An equation'),
  },
  timer: {
    label: rule(short, 'Say in a few words what is waited for.'),
    seconds: secondsRule,
  },
  'timer-longer': { timer: id('The timer'), seconds: secondsRule },
  'timer-over': { timer: id('The timer') },
  step: {
    test: rule(short, 'The test is named by its id.'),
    step: stepRule,
  },
  'hand-in': {},
  trust: {
    entry: id('The entry you trust'),
    why: optional(words('Your reason')),
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
    body[key] = written.has(key) ? cleanText(value as string) : value;
  }
  return { body: body as unknown as StudentBody };
}
