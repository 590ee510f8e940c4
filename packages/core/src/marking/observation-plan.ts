/**
 * What an observation item asks for, worked out once for all answers to it: the attributes the points
 * are for, what is right, and the words that earn.
 */
import { colourTerms, colourWord, type ColourTerm } from '../reading/colour-terms.js';
import type { IonId } from '../species/ion.js';
import { saltName } from '../species/species.js';
import type { Strictness, Syllabus, ValueWording, Wording } from '../syllabus/syllabus-definition.js';
import { earningTerms } from '../syllabus/syllabuses.js';
import { expectationOf, type Expectation } from '../identification-tests/expectation.js';
import type { Attribute, TestDefinition } from '../identification-tests/test-definition.js';
import { allTests, attributeOf, testOf } from '../identification-tests/tests.js';
import type { ObservationItem } from './mark-item.js';

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
/** Terms as people read them, joined by "or". */
export const wordsOf = (terms: Iterable<string>): string => {
  const all = [...new Set([...terms].map(word))];
  return all.length > 1 ? `${all.slice(0, -1).join(', ')} or ${all.at(-1)}` : (all[0] ?? '');
};

export interface Earning {
  readonly earns: ReadonlySet<string>;
  readonly borderline: ReadonlySet<string>;
  /** What a strict reader wants to hear, for the reason. */
  readonly wanted: string;
}
function earningFor(
  { values }: Syllabus,
  attribute: Attribute,
  right: readonly string[],
  strictness: Strictness,
): Earning {
  const earns = new Set<string>(right);
  const borderline = new Set<string>();
  const wanted: string[] = [];
  for (const value of right) {
    const wording: ValueWording | undefined = values[attribute.reads]?.[value];
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
  return {
    earns,
    borderline,
    wanted: attribute.reads === 'spot' && wanted.length > 6 ? 'a coloured precipitate' : wordsOf(wanted),
  };
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
  // Where there is nothing to see, some schools let the last trace of sodium on the wire pass.
  if (
    attribute.reads === 'flame-colour' &&
    right.every((value) => value === attribute.nothing) &&
    syllabus.settings.cleanWire === 'faint-yellow-allowed'
  )
    return { strict: [...(right as readonly ColourTerm[]), 'pale-yellow'] };
  return { strict: right as readonly ColourTerm[] };
}

/** One point of an observation. */
export interface PlannedPoint {
  readonly attribute: Attribute;
  readonly right: readonly string[];
  readonly strictness: Strictness;
  readonly earning: Earning;
  /** For flames, whose words go by the ion. */
  readonly flame: Wording | undefined;
  /** Asked by itself, so that a word alone may answer it. */
  readonly narrow: boolean;
  readonly hasExcess: boolean;
  /** What a precipitate may turn into when left alone. */
  readonly turnsTo: ReadonlySet<string | undefined>;
}

/** The attribute a one-point answer is about: the first, but a sample's colour rather than its state. */
const markedFirst = (test: TestDefinition): string =>
  (test.attributes.find((a) => a.reads === 'sample-colour') ?? test.attributes[0]!).id;

/** What the hydroxide of a sample turns into in the air, whichever alkali threw it down. */
function turnsInAir(sample: readonly string[]): readonly string[] {
  for (const test of allTests)
    for (const attribute of test.attributes)
      if (attribute.reads === 'standing')
        return (expectationOf(test.id, sample, {})[attribute.id] ?? []).filter(
          (v) => v !== attribute.nothing,
        );
  return [];
}

const plans = new WeakMap<ObservationItem, Map<Syllabus, readonly PlannedPoint[]>>();

/**
 * The points of an item under a syllabus.
 * @throws RangeError when the test says nothing about the sample.
 */
export function planOf(syllabus: Syllabus, item: ObservationItem): readonly PlannedPoint[] {
  const bySyllabus = plans.get(item) ?? new Map<Syllabus, readonly PlannedPoint[]>();
  plans.set(item, bySyllabus);
  const known = bySyllabus.get(syllabus);
  if (known) return known;
  const test = testOf(item.test);
  const expectation = expectationOf(test.id, item.sample, {
    form: item.form ?? (test.family === 'look' ? 'solution' : undefined),
  });
  if (Object.keys(expectation).length === 0)
    throw new RangeError(`${test.id} says nothing about ${saltName(item.sample) || 'an empty sample'}`);
  const parts = item.attribute !== undefined ? [item.attribute] : (test.points ?? [markedFirst(test)]);
  const hasExcess = test.attributes.some((a) => a.reads === 'excess');
  const inAir = hasExcess ? turnsInAir(item.sample) : [];
  const strictness = item.strictness ?? syllabus.strictness;
  const plan = parts.map((id): PlannedPoint => {
    const attribute = attributeOf(test, id);
    const right = rightValues(attribute, expectation);
    if (!right.length)
      throw new RangeError(`${test.id} says nothing about the ${attribute.id} of ${saltName(item.sample)}`);
    const isFlame = attribute.reads === 'flame-colour' || attribute.reads === 'glass-colour';
    const wholeThing =
      attribute.reads === 'precipitate' || attribute.reads === 'spot' || attribute.reads === 'ring';
    return {
      attribute,
      right,
      strictness,
      earning: earningFor(syllabus, attribute, right, strictness),
      flame: isFlame ? flameWording(syllabus, test, attribute, item, right) : undefined,
      narrow: item.attribute !== undefined || (parts.length === 1 && !wholeThing),
      hasExcess,
      turnsTo: new Set([...inAir, ...right.flatMap((value) => attribute.turns?.[value] ?? [])]),
    };
  });
  bySyllabus.set(syllabus, plan);
  return plan;
}
