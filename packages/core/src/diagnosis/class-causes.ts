/**
 * What can go wrong for many groups at once, and what each test then shows: a bottle, an acid, a wire, a way of reading. Causes
 * are made from the tests' own slips and results, so that a new test brings its own.
 */
import { expectationOf } from '../identification-tests/expectation.js';
import type { Attribute, TestDefinition } from '../identification-tests/test-definition.js';
import { attributeOf, isTestId, testOf } from '../identification-tests/tests.js';
import type { SeenRecord } from '../reasoning/likelihood.js';

export type ClassFault =
  | 'contaminated-sodium'
  | 'swapped-reagents'
  | 'dead-reagent'
  | 'omitted-acid'
  | 'wrong-acid'
  | 'misread-colour'
  | 'no-excess';

/** What attributes show under a cause. */
export type Shows = Readonly<Record<string, readonly string[]>>;

export interface ClassCause {
  readonly kind: ClassFault;
  /** The slip of its test that it is, where it is one. */
  readonly slip?: string;
  /** Told apart from others of its kind; stays the same while the lesson runs. */
  readonly id: string;
  /** Tests whose records it touches; it is named at the first. */
  readonly tests: readonly string[];
  /** Chance that a class meets it. Estimates: sources say nothing. */
  readonly prior: number;
  /** The share of groups it touches where it is there: a bottle serves all, a habit some. */
  readonly reach: 'bottle' | 'habit';
  /** Groups that must show it. */
  readonly fromGroups: number;
  /** What the test shows then; undefined where the cause changes nothing for this sample. */
  readonly shows: (record: SeenRecord, sample: readonly string[]) => Shows | undefined;
  /** What happened, said of the groups named after it; and what to do now. */
  readonly says: string;
  readonly doNow: string;
}

/** Slips that many groups make for one common cause, by test. */
const slipsInClass: Readonly<
  Record<string, Readonly<Record<string, Pick<ClassCause, 'kind' | 'prior' | 'reach' | 'says' | 'doNow'>>>>
> = {
  flame: {
    'sodium-about': {
      kind: 'contaminated-sodium',
      prior: 0.12,
      reach: 'habit',
      says: 'Sodium covers the flames: yellow where another colour belongs',
      doNow:
        'Give out fresh wires or splints and fresh acid to clean them; look through blue glass. See that no wire went into a stock bottle.',
    },
  },
  naoh: {
    'no-excess': {
      kind: 'no-excess',
      prior: 0.06,
      reach: 'habit',
      says: 'The alkali was not taken to excess: what dissolves was left standing',
      doNow: 'Stop the class: add 2 cm³ of the stronger alkali, shake, look again.',
    },
  },
  'ammonia-solution': {
    'no-excess': {
      kind: 'no-excess',
      prior: 0.06,
      reach: 'habit',
      says: 'The ammonia was not taken to excess: what dissolves was left standing',
      doNow: 'Stop the class: add 2 cm³ of the strong ammonia, shake, look again.',
    },
  },
  'dilute-acid': {
    'limewater-old': {
      kind: 'dead-reagent',
      prior: 0.06,
      reach: 'bottle',
      says: 'The limewater does nothing: it stays clear over samples that fizz',
      doNow: 'Try the limewater with breath through a straw guarded by a trap; give out fresh, and repeat.',
    },
    'bottles-swapped': {
      kind: 'swapped-reagents',
      prior: 0.03,
      reach: 'bottle',
      says: 'The acid does nothing: is limewater in its bottle?',
      doNow: 'Try both bottles on a known carbonate and with indicator paper; label them anew, and repeat.',
    },
    'sulfuric-on-marble': {
      kind: 'wrong-acid',
      prior: 0.03,
      reach: 'bottle',
      says: 'The fizzing dies: is sulfuric acid in the bottle of the hydrochloric?',
      doNow: 'Put out hydrochloric acid and repeat with fresh sample.',
    },
  },
  sulfate: {
    'no-acid': {
      kind: 'omitted-acid',
      prior: 0.12,
      reach: 'habit',
      says: 'Barium salt went in without acid: carbonates and sulfites give a precipitate too',
      doNow: 'Stop the class: begin again, acid first until nothing fizzes, then the barium salt.',
    },
    'wrong-acid': {
      kind: 'wrong-acid',
      prior: 0.05,
      reach: 'bottle',
      says: 'Every sample turns white: is there sulfuric acid in the bottle, which brings sulfate itself?',
      doNow: 'Try the acid alone with the barium salt; put out hydrochloric or nitric acid, and repeat.',
    },
  },
  'halide-silver': {
    'no-acid': {
      kind: 'omitted-acid',
      prior: 0.12,
      reach: 'habit',
      says: 'Silver nitrate went in without nitric acid: carbonates and others give a precipitate too',
      doNow: 'Stop the class: begin again, nitric acid first until nothing fizzes, then silver nitrate.',
    },
    'wrong-acid': {
      kind: 'wrong-acid',
      prior: 0.05,
      reach: 'bottle',
      says: 'Every sample turns white: is there hydrochloric acid in the bottle, which brings chloride itself?',
      doNow: 'Try the acid alone with silver nitrate; put out nitric acid, and repeat.',
    },
  },
  'metal-acid': {
    'nitric-acid': {
      kind: 'wrong-acid',
      prior: 0.04,
      reach: 'bottle',
      says: 'Metals give little gas: is there nitric acid in the bottle?',
      doNow: 'Put out dilute hydrochloric or sulfuric acid, and repeat with clean metal.',
    },
  },
};

/** Is a slip of this test one that a whole class can make? */
export const isOfClass = (test: string, slip: string): boolean => slipsInClass[test]?.[slip] !== undefined;

const isLive = (test: TestDefinition): boolean =>
  !test.attributes.some((a) => a.number) && test.id !== 'appearance' && test.id !== 'flame';

/** Indicators that are used up show their last colour at once. */
const usedUp: Readonly<Record<string, Shows>> = {
  'anhydrous-copper-sulfate': { colour: ['blue'] },
  'cobalt-chloride-paper': { colour: ['pink'] },
};
/** Tests in which nothing of the bench's own can go off: what burns, and dilute acids (theirs is a wrong bottle). */
const nothingGoesOff = new Set(['lit-splint', 'glowing-splint', 'dilute-acid', 'metal-acid']);
/** What nothing at all looks like there. */
function silence(test: TestDefinition): Shows {
  return Object.fromEntries(
    test.attributes.flatMap((a) => (a.nothing === undefined ? [] : [[a.id, [a.nothing]] as const])),
  );
}

const exchanged = (here: Attribute, values: readonly string[]): readonly string[] => {
  const known = here.values.map((v) => v.id);
  const something = known.filter((v) => v !== here.nothing && !here.neutral?.includes(v));
  const out = values.flatMap((v) => (known.includes(v) ? [v] : something.slice(0, 1)));
  return [...new Set(out)];
};

/** What a test shows with the reagent of another: the other's results, in this one's words. */
function withReagentOf(other: string, { test, variant }: SeenRecord, sample: readonly string[]): Shows {
  const here = testOf(test);
  const there = expectationOf(other, sample);
  const shows: Record<string, readonly string[]> = {};
  // Hydrochloric acid went in first, and brings chloride to silver nitrate.
  if (test === 'sulfate' && other === 'halide-silver' && variant !== 'nitric')
    return { precipitate: ['white'] };
  for (const attribute of here.attributes) {
    const values = there[attribute.id];
    if (values?.length) shows[attribute.id] = exchanged(attribute, values);
    else if (attribute.nothing !== undefined) shows[attribute.id] = [attribute.nothing];
  }
  return shows;
}

const readsColour = new Set([
  'flame-colour',
  'glass-colour',
  'sample-colour',
  'precipitate',
  'excess-colour',
  'layer',
]);

/** Bottles that look alike and stand side by side. */
const lookalikes: readonly (readonly [string, string])[] = [
  ['sulfate', 'halide-silver'],
  ['naoh', 'ammonia-solution'],
  ['carbonate-spot', 'phosphate-spot'],
  ['carbonate-spot', 'sulfate-spot'],
  ['phosphate-spot', 'sulfate-spot'],
];

function causesOf(testId: string): ClassCause[] {
  const test = testOf(testId);
  const causes: ClassCause[] = [];
  const known = slipsInClass[testId] ?? {};
  for (const slip of test.slips) {
    const inClass = known[slip.id];
    if (!inClass) continue;
    causes.push({
      ...inClass,
      slip: slip.id,
      id: `${inClass.kind}:${testId}:${slip.id}`,
      tests: [testId],
      fromGroups: 3,
      shows: (_, sample) =>
        slip.only && !slip.only.some((id) => sample.includes(id)) ? undefined : slip.shows,
    });
  }
  if (isLive(test) && !nothingGoesOff.has(testId) && !causes.some((c) => c.kind === 'dead-reagent'))
    causes.push({
      kind: 'dead-reagent',
      id: `dead-reagent:${testId}`,
      tests: [testId],
      prior: 0.05,
      reach: 'bottle',
      fromGroups: 3,
      shows: () => usedUp[testId] ?? silence(test),
      says: usedUp[testId]
        ? 'What shows water is used up: it shows it for every sample'
        : 'A reagent does nothing: no result where there should be one',
      doNow: 'Try the bottle on a known sample; put out a fresh one, and have the test repeated.',
    });
  for (const attribute of test.attributes) {
    if (!readsColour.has(attribute.reads)) continue;
    const colours = attribute.values
      .map((v) => v.id)
      .filter((v) => v !== attribute.nothing && !attribute.neutral?.includes(v));
    const pairs = colours.flatMap((a) => colours.flatMap((b) => (a === b ? [] : [[a, b] as const])));
    const weight = ([a, b]: readonly [string, string]) =>
      attribute.confusions.some(({ pair }) => pair.includes(a) && pair.includes(b)) ? 8 : 1;
    const all = pairs.reduce((sum, pair) => sum + weight(pair), 0);
    const label = (v: string) => attribute.values.find((x) => x.id === v)!.label;
    for (const pair of pairs) {
      const [a, b] = pair;
      causes.push({
        kind: 'misread-colour',
        id: `misread-colour:${testId}:${attribute.id}:${a}:${b}`,
        tests: [testId],
        prior: weight(pair) / all,
        reach: 'habit',
        fromGroups: 2,
        shows: (record, sample) => {
          const expected = expectationOf(testId, sample, { variant: record.variant })[attribute.id];
          return expected?.includes(a) && !expected.includes(b) ? { [attribute.id]: [b] } : undefined;
        },
        says: `${label(a)} is written down as ${label(b)}`,
        doNow: `Show both side by side on known samples, in the light they work in, and say which is called ${label(a)}.`,
      });
    }
  }
  return causes;
}

const sharesAttribute = (a: TestDefinition, b: TestDefinition): boolean =>
  a.attributes.some((x) => x.id === 'precipitate' && b.attributes.some((y) => y.id === x.id));

function swapsOf(a: string, b: string): ClassCause[] {
  if (!sharesAttribute(testOf(a), testOf(b))) return [];
  const alike = lookalikes.some((pair) => pair.includes(a) && pair.includes(b));
  return [
    {
      kind: 'swapped-reagents',
      id: `swapped-reagents:${[a, b].sort().join(':')}`,
      tests: [a, b],
      prior: alike ? 0.05 : 0.005,
      reach: 'bottle',
      fromGroups: 3,
      shows: (record, sample) => withReagentOf(record.test === a ? b : a, record, sample),
      says: `The reagents of “${testOf(a).name}” and “${testOf(b).name}” seem to be in each other’s bottles`,
      doNow: 'Try both bottles on known samples; label them anew, and have both tests repeated.',
    },
  ];
}

/** All causes that could show in these tests. */
export function classCauses(tests: readonly string[]): ClassCause[] {
  const known = [...new Set(tests)].filter(isTestId);
  return [
    ...known.flatMap(causesOf),
    ...known.flatMap((a, i) => known.slice(i + 1).flatMap((b) => swapsOf(a, b))),
  ];
}

/** The word of a value, as the well says it. */
export const wordOf = (test: string, attribute: string, value: string): string =>
  attributeOf(testOf(test), attribute).values.find((v) => v.id === value)?.label ?? value;
