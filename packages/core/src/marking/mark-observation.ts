/** Marks what a student wrote that they saw, against what the sample shows and the syllabus's words. */
import type { Claim, Claims } from '../reading/claims.js';
import { colourTerms, colourWord, type ColourTerm } from '../reading/colour-terms.js';
import { readCelsius } from '../reading/read-number.js';
import { readText, type TextReading } from '../reading/read-text.js';
import { readers, type TextKind } from '../reading/readers.js';
import type { IonId } from '../species/ion.js';
import { saltName } from '../species/species.js';
import type { Strictness, Syllabus, ValueWording, Wording } from '../syllabus/syllabus-definition.js';
import { earningTerms } from '../syllabus/syllabuses.js';
import { valueWording } from '../syllabus/value-wording.js';
import { expectationOf, type Expectation } from '../tests/expectation.js';
import type { Attribute, TestDefinition } from '../tests/test-definition.js';
import { attributeOf, testOf } from '../tests/tests.js';
import { markFlame, namesSubstance } from './mark-flame.js';
import type { ObservationItem } from './mark-item.js';
import { forReview, onePoint, together, type Mark } from './mark-result.js';

/** Tests whose whole answer is worth more than one point, with the attributes the points are for. */
const pointsFor: Readonly<Partial<Record<string, readonly string[]>>> = {
  naoh: ['precipitate', 'excess'],
  'ammonia-solution': ['precipitate', 'excess'],
  'dilute-acid': ['effervescence', 'limewater'],
};

/** What counts as right: a value that is seen sometimes earns, but "nothing" only where it is the usual thing. */
function rightValues(attribute: Attribute, expectation: Expectation): readonly string[] {
  const all = expectation[attribute.id] ?? [];
  return all.length && all[0] !== attribute.nothing ? all.filter((v) => v !== attribute.nothing) : all;
}

const isColour = (term: string): term is ColourTerm => Object.hasOwn(colourTerms, term);
const labels: Readonly<Record<string, string>> = {
  none: 'nothing',
  unchanged: 'no change',
  some: 'bubbles',
  'no-change': 'no change',
  'squeaky-pop': 'squeaky pop',
  'goes-out': 'goes out',
  'red-then-bleached': 'red, then bleached',
  browns: 'turns brown',
  pinks: 'turns pink',
  'solid-left': 'solid left',
  insoluble: 'does not dissolve',
  dissolves: 'dissolves',
  yes: 'warm',
  no: 'not warm',
};
const word = (term: string): string => `“${labels[term] ?? (isColour(term) ? colourWord(term) : term)}”`;
const wordsOf = (terms: Iterable<string>): string => {
  const all = [...new Set([...terms].map(word))];
  return all.length > 1 ? `${all.slice(0, -1).join(', ')} or ${all.at(-1)}` : (all[0] ?? '');
};

interface Earning {
  readonly earns: ReadonlySet<string>;
  readonly borderline: ReadonlySet<string>;
  /** What a strict reader wants to hear, for the reason. */
  readonly wanted: string;
}
const earningKept = new Map<string, Earning>();

function earningFor(attribute: Attribute, right: readonly string[], strictness: Strictness): Earning {
  const key = `${attribute.reads}|${attribute.nothing ?? ''}|${right.join()}|${strictness}`;
  const known = earningKept.get(key);
  if (known) return known;
  const earns = new Set<string>(right);
  const borderline = new Set<string>();
  const wanted: string[] = [];
  for (const value of right) {
    const wording: ValueWording | undefined = valueWording[attribute.reads]?.[value];
    if (wording) {
      const terms = earningTerms(wording, strictness);
      terms.earns.forEach((t) => earns.add(t));
      terms.borderline.forEach((t) => borderline.add(t));
      wanted.push(...wording.strict);
    } else wanted.push(value);
    if (value === attribute.nothing) earns.add('unchanged');
    if (value === 'insoluble') earns.add('unchanged');
  }
  if (attribute.reads === 'effervescence' && right.some((v) => v !== 'none')) {
    earns.add('some');
    // A neighbouring rate is a matter of judgement; the far one is wrong.
    if (!right.includes('steady') && right.includes('vigorous')) borderline.add('steady');
    if (right.includes('steady') && right.length === 1)
      ['slow', 'vigorous'].forEach((r) => borderline.add(r));
    if (right.includes('slow') && !right.includes('steady')) borderline.add('steady');
  }
  if (attribute.reads === 'smell' && right.includes('pungent')) borderline.add('some');
  if (attribute.reads === 'indicator-colour') borderline.delete('unchanged');
  earns.forEach((t) => borderline.delete(t));
  const earning = {
    earns,
    borderline,
    wanted: attribute.reads === 'spot' && wanted.length > 6 ? 'a coloured precipitate' : wordsOf(wanted),
  };
  earningKept.set(key, earning);
  return earning;
}

const problemText: Readonly<Record<NonNullable<Claims['problem']>, string>> = {
  'wrong-state': 'A precipitate is a solid: a colour of the liquid or a gas is another thing.',
  'no-colour': 'The colour is missing.',
  'no-state': 'A colour alone does not say what has it: a precipitate, a solution, a flame?',
  'not-observation': 'That a gas is made is a conclusion; what is seen is bubbles.',
  denied: 'It says what was not seen, not what was.',
  'other-test': 'This is the result of another test.',
  half: 'This is half of the result.',
  'clear-not-colourless': 'Clear means see-through, whatever the colour; the word wanted is colourless.',
  reversed: 'The colours are the wrong way round.',
};

/** Most words of an answer that a person is asked to read when none of them is known. */
const shortAnswer = 5;

function judge(
  attribute: Attribute,
  right: readonly string[],
  read: Claims,
  strictness: Strictness,
  reading: TextReading,
  hasStanding: boolean,
): Mark {
  const { earns, borderline, wanted } = earningFor(attribute, right, strictness);
  const { claims, problem } = read;
  if (claims.length === 0) {
    // Nothing fell out, so nothing could dissolve: whether that must be said is a matter of opinion.
    if (
      attribute.reads === 'excess' &&
      right.every((v) => v === attribute.nothing) &&
      reading.mentions.some((m) => m.denied)
    )
      return forReview(
        'excess-not-said',
        'No precipitate is reported, and nothing is said of the excess; a person decides.',
      );
    if (problem) return onePoint(0, problem, `${problemText[problem]} The answer wanted is ${wanted}.`);
    if (
      reading.mentions.length === 0 &&
      reading.unread.length > 0 &&
      reading.words.length <= shortAnswer &&
      !namesSubstance(reading.words.join(' '))
    )
      return forReview('unread', 'Kivex could not read this answer; please look at it.');
    return onePoint(0, 'not-said', `Nothing is said here that answers it; ${wanted} was wanted.`);
  }
  const told: readonly Claim[] = claims;
  const good = told.filter((c) => earns.has(c.term));
  const bad = told.filter((c) => !earns.has(c.term));
  if (bad.length === 0) {
    if (read.bare)
      return forReview(
        'colour-alone',
        `${wordsOf(good.map((c) => c.term))} is the right colour, but of what? A person decides.`,
      );
    return onePoint(1, 'right', `${wordsOf(good.map((c) => c.term))} earns the mark.`);
  }
  if (good.length === 0) {
    if (bad.every((c) => borderline.has(c.term)))
      return forReview(
        'near-wording',
        `${wordsOf(bad.map((c) => c.term))} is close to ${wanted}; a person decides.`,
      );
    if (problem === 'reversed') return onePoint(0, problem, problemText[problem]);
    return onePoint(
      0,
      'wrong',
      `${wordsOf(bad.map((c) => c.term))} is not what is seen here; it is ${wanted}.`,
    );
  }
  // A precipitate seen first and what it turns into afterwards are two observations.
  if (
    attribute.reads === 'precipitate' &&
    earns.has(told[0]!.term) &&
    hasStanding &&
    told.slice(1).every((c) => c.joined === 'then' || c.joined === 'stop' || c.joined === 'and') &&
    told.slice(1).every((c) => /brown|rust|pink|orange/.test(c.term)) &&
    !told.slice(1).some((c) => c.joined === 'or')
  )
    return onePoint(1, 'right', `${wordsOf(good.map((c) => c.term))} earns the mark.`);
  // "nothing at first, then white": what came of it counts.
  const last = told[told.length - 1]!;
  if (
    earns.has(last.term) &&
    (last.joined === 'then' || last.joined === 'but') &&
    told
      .slice(0, -1)
      .every(
        (c) => c.term === 'none' || c.term === 'unchanged' || c.term === 'no-change' || c.term === 'clear',
      )
  )
    return onePoint(1, 'right', `${wordsOf([last.term])} earns the mark.`);
  return onePoint(
    0,
    'contradiction',
    `${wordsOf(told.map((c) => c.term))} cannot both stand; one answer is wanted.`,
  );
}

function markNumber(attribute: Attribute, right: readonly string[], answer: string): Mark {
  const numbers = readCelsius(answer);
  const { unit, within } = attribute.number!;
  if (!numbers.length) return onePoint(0, 'no-number', `A number in ${unit} is wanted.`);
  const fits = (n: number) => right.some((v) => Math.abs(n - Number(v)) <= within);
  if (numbers.every(fits))
    return onePoint(
      1,
      'right',
      `${numbers.map((n) => Number(n.toFixed(1))).join(', ')} ${unit} earns the mark.`,
    );
  return onePoint(0, numbers.some(fits) ? 'contradiction' : 'wrong', `It is ${right[0]} ${unit}.`);
}

/** The words that earn for a flame: the syllabus's own for the ion, else the values expected. */
function flameWording(
  syllabus: Syllabus,
  test: TestDefinition,
  attribute: Attribute,
  item: ObservationItem,
  right: readonly string[],
): Wording {
  for (const id of item.sample) {
    const own = syllabus.wording[test.id]?.[attribute.id]?.[id as IonId];
    if (own) return own;
  }
  return { strict: right as readonly ColourTerm[] };
}

function markAttribute(
  syllabus: Syllabus,
  test: TestDefinition,
  attribute: Attribute,
  item: ObservationItem,
  expectation: Expectation,
  answer: string,
  reading: () => TextReading,
  narrow: boolean,
): Mark {
  const right = rightValues(attribute, expectation);
  if (!right.length)
    throw new RangeError(`${test.id} says nothing about the ${attribute.id} of ${saltName(item.sample)}`);
  const strictness = item.strictness ?? syllabus.strictness;
  switch (attribute.reads) {
    case 'flame-colour':
    case 'glass-colour':
      return markFlame(
        answer,
        attribute.reads === 'glass-colour',
        flameWording(syllabus, test, attribute, item, right),
        strictness,
      );
    case 'number':
      return markNumber(attribute, right, answer);
    default: {
      const text = reading();
      const kind: TextKind = attribute.reads;
      const hasExcess = test.attributes.some((a) => a.reads === 'excess');
      const read = readers[kind](text, { narrow, hasExcess });
      return judge(attribute, right, read, strictness, text, hasExcess);
    }
  }
}

/**
 * Marks an observation: one point, or one for each part where the whole of a test with two is asked for.
 * @throws RangeError when the test says nothing about the sample.
 */
export function markObservation(syllabus: Syllabus, item: ObservationItem, answer: string): Mark {
  const test = testOf(item.test);
  const expectation = expectationOf(test.id, item.sample, {
    form: item.form ?? (test.id === 'appearance' ? 'solution' : undefined),
  });
  if (Object.keys(expectation).length === 0)
    throw new RangeError(`${test.id} says nothing about ${saltName(item.sample) || 'an empty sample'}`);
  const parts = item.attribute !== undefined ? [item.attribute] : (pointsFor[test.id] ?? [markedFirst(test)]);
  const blank = !/[\p{L}\p{N}]/u.test(answer);
  let kept: TextReading | undefined;
  const reading = () => (kept ??= readText(answer));
  const marks = parts.map((id) => {
    const attribute = attributeOf(test, id);
    if (blank) return onePoint(0, 'blank', 'Nothing was written.');
    return markAttribute(
      syllabus,
      test,
      attribute,
      item,
      expectation,
      answer,
      reading,
      item.attribute !== undefined || parts.length === 1,
    );
  });
  return marks.length === 1 ? marks[0]! : together(marks);
}

/** The attribute a one-point answer is about: the first, but a sample's colour rather than its state. */
const markedFirst = (test: TestDefinition): string =>
  (test.attributes.find((a) => a.reads === 'sample-colour') ?? test.attributes[0]!).id;
