/**
 * How likely an observation is when the sample holds given species: from what they show, how easily
 * values are taken for each other, the slips of the test (each a cause with its own prior), and the
 * chance that the whole observation belongs to something else. An observation counts once however many
 * of its attributes are wrong, since one mishap spoils all of them together.
 */
import type { SpeciesId } from '../species/species.js';
import { expectationOf, type Expectation } from '../identification-tests/expectation.js';
import type { Attribute, Slip, TestDefinition } from '../identification-tests/test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';

/** One observation as recorded: the test and, for each attribute seen, the value chosen. */
export interface SeenRecord {
  readonly test: string;
  readonly variant?: string;
  readonly seen: Readonly<Record<string, string>>;
}

/** Chance that an observation is of another sample, or entered in the wrong place. An estimate; sources say nothing. */
export const mixUp = 0.02;

/** What decides the likelihood of a test on a sample: what it shows, and how likely each slip is. */
export interface Situation {
  readonly test: TestDefinition;
  readonly expectation: Expectation;
  /** Prior of each slip of the test for this sample, in the test's order. */
  readonly chances: readonly number[];
}

const chanceOf = (slip: Slip, sample: readonly string[]): number => {
  if (slip.only && !slip.only.some((id) => sample.includes(id))) return 0;
  const factor = sample.map((id) => slip.factorFor?.[id as SpeciesId]).find((f) => f !== undefined);
  return slip.prior * (factor ?? 1);
};

const interned = new Map<string, Situation>();
const expectationNumbers = new Map<Expectation, number>();
/** By test, variant and form; then by sample. */
const kept = new Map<string, Map<string, Situation>>();
const mostKept = 20_000;
let keptCount = 0;

function newSituation(
  testId: string,
  sample: readonly string[],
  variant?: string,
  form?: SampleForm,
): Situation {
  const test = testOf(testId);
  const expectation = expectationOf(testId, sample, { variant, form });
  const chances = test.slips.map((slip) => chanceOf(slip, sample));
  let number = expectationNumbers.get(expectation);
  if (number === undefined) expectationNumbers.set(expectation, (number = expectationNumbers.size));
  const text = `${testId}|${number}|${chances.join()}`;
  const one = interned.get(text) ?? { test, expectation, chances };
  interned.set(text, one);
  return one;
}

/** A sample with its key, so that the key is made once for many tests. */
export interface KeyedSample {
  readonly ids: readonly string[];
  readonly key: string;
}
export const keyed = (ids: readonly string[]): KeyedSample => ({ ids, key: ids.join() });

/** The situations of one test on many samples; equal situations are one object. */
export function situationsOf(
  testId: string,
  samples: readonly KeyedSample[],
  variant?: string,
  form?: SampleForm,
): Situation[] {
  const circumstances = `${testId}|${variant ?? ''}|${form ?? ''}`;
  if (keptCount > mostKept) {
    kept.clear();
    keptCount = 0;
  }
  let bySample = kept.get(circumstances);
  if (!bySample) kept.set(circumstances, (bySample = new Map()));
  const table = bySample;
  return samples.map(({ ids, key }) => {
    const known = table.get(key);
    if (known) return known;
    const situation = newSituation(testId, ids, variant, form);
    table.set(key, situation);
    keptCount++;
    return situation;
  });
}

/** The situation of a test on a sample. */
export const situationOf = (
  testId: string,
  sample: readonly string[],
  variant?: string,
  form?: SampleForm,
): Situation => situationsOf(testId, [keyed(sample)], variant, form)[0]!;

/** How many values an attribute may take, for sharing out chance; a number counts as two, right or not. */
const sizeOf = (attribute: Attribute): number =>
  attribute.number ? 2 : attribute.values.length - (attribute.neutral?.length ?? 0);

/**
 * Probability of recording `value` when any of `expected` may truly show, likeliest first: the first
 * takes half the weight, the rest share the other half; the tables of confusions then move some of it.
 */
export function probabilityOfValue(
  attribute: Attribute,
  expected: readonly string[],
  value: string,
  carelessness: number,
): number {
  const anyhow = carelessness / sizeOf(attribute);
  if (attribute.number) {
    const right = expected.some((e) => Math.abs(Number(e) - Number(value)) <= attribute.number!.within);
    return (1 - carelessness) * (right ? 1 : 0) + anyhow;
  }
  let p = 0;
  for (let place = 0; place < expected.length; place++) {
    const shown = expected[place]!;
    const weight = expected.length === 1 ? 1 : place === 0 ? 0.5 : 0.5 / (expected.length - 1);
    let stays = 1;
    let becomes = 0;
    for (const { pair, chance } of attribute.confusions) {
      if (pair[0] !== shown && pair[1] !== shown) continue;
      stays -= chance;
      if (value !== shown && (pair[0] === value || pair[1] === value)) becomes += chance;
    }
    p += weight * (value === shown ? stays : becomes);
  }
  return (1 - carelessness) * p + anyhow;
}

const isNeutral = (attribute: Attribute, value: string): boolean =>
  attribute.neutral?.includes(value) ?? false;
/** Neutral values are no outcome: what remains is what may be seen. */
const spoken = (
  attribute: Attribute,
  expected: readonly string[] | undefined,
): readonly string[] | undefined => {
  if (!expected || !attribute.neutral) return expected;
  const rest = expected.filter((v) => !isNeutral(attribute, v));
  return rest;
};

/** What an attribute may show under a slip: what the slip forces, else what the sample shows. */
const expectedUnder = (
  situation: Situation,
  slip: Pick<Slip, 'shows'> | undefined,
  attribute: Attribute,
): readonly string[] | undefined =>
  slip?.shows[attribute.id] ?? spoken(attribute, situation.expectation[attribute.id]);

function underCause(
  situation: Situation,
  slip: Pick<Slip, 'shows'> | undefined,
  seen: Readonly<Record<string, string>>,
  neutralCounts = false,
): number {
  const { test } = situation;
  let p = 1;
  for (const id in seen) {
    const attribute = attributeOf(test, id);
    const value = seen[id]!;
    const neutral = isNeutral(attribute, value);
    if (neutral && !neutralCounts) continue;
    const expected = expectedUnder(situation, slip, attribute);
    if (neutral) {
      p *= expected?.length === 0 ? 1 - test.carelessness : 0;
      continue;
    }
    // Nothing known, or something where nothing could be tested: all values alike.
    p *= expected?.length
      ? probabilityOfValue(attribute, expected, value, test.carelessness)
      : expected
        ? test.carelessness / sizeOf(attribute)
        : 1 / sizeOf(attribute);
  }
  return p;
}

/**
 * Probability of an observation in a situation, over the clean run, every slip and a mix-up. A neutral
 * value (`not-tested`) says nothing, as if it were left out; with `neutralCounts` it is an outcome like
 * any other, certain but for carelessness where there is nothing to test, and then the probabilities of
 * all records sum to one.
 */
export function likelihoodIn(
  situation: Situation,
  seen: Readonly<Record<string, string>>,
  neutralCounts = false,
): number {
  const { test, chances } = situation;
  let clean = 1;
  let sum = 0;
  for (let i = 0; i < chances.length; i++) {
    const chance = chances[i]!;
    if (chance === 0) continue;
    clean -= chance;
    sum += chance * underCause(situation, test.slips[i], seen, neutralCounts);
  }
  sum += clean * underCause(situation, undefined, seen, neutralCounts);
  let anything = 1;
  for (const id in seen) {
    const attribute = attributeOf(test, id);
    if (!isNeutral(attribute, seen[id]!)) anything /= sizeOf(attribute);
    else if (neutralCounts) anything = 0;
  }
  return (1 - mixUp) * sum + mixUp * anything;
}

/**
 * Probability of an observation when something makes the test show `shows`, whatever the sample would; attributes it does not
 * name show what the sample shows.
 */
export function likelihoodShowing(
  situation: Situation,
  shows: Readonly<Record<string, readonly string[]>>,
  seen: Readonly<Record<string, string>>,
): number {
  const { test } = situation;
  let anything = 1;
  for (const id in seen) {
    const attribute = attributeOf(test, id);
    if (!isNeutral(attribute, seen[id]!)) anything /= sizeOf(attribute);
  }
  return (1 - mixUp) * underCause(situation, { shows }, seen) + mixUp * anything;
}

/** The form of sample a record itself speaks of. */
const formIn = (record: SeenRecord): SampleForm | undefined => {
  const state = record.seen['state'];
  return state === 'solid' || state === 'solution' || state === 'gas' ? state : undefined;
};
/** The situations of a record on many samples. */
export const situationsFor = (record: SeenRecord, samples: readonly KeyedSample[]): Situation[] =>
  situationsOf(
    record.test,
    samples,
    record.variant,
    record.test === 'appearance' ? formIn(record) : undefined,
  );
/** The situation of a record on a sample. */
export const situationFor = (record: SeenRecord, sample: readonly string[]): Situation =>
  situationsFor(record, [keyed(sample)])[0]!;

/** Probability of one observation when the sample holds these species. */
export const likelihood = (record: SeenRecord, sample: readonly string[] | string): number =>
  likelihoodIn(situationFor(record, typeof sample === 'string' ? [sample] : sample), record.seen);

/** How a record can come from a sample: as it should, only by a slip, or not at all. */
export type Explanation = 'plain' | 'masked' | 'none';

/** Can this situation give this record? See `explains`. */
export function explainsIn(situation: Situation, seen: Readonly<Record<string, string>>): Explanation {
  const { test } = situation;
  const fits = (slip?: Pick<Slip, 'shows'>) =>
    Object.entries(seen).every(([id, value]) => {
      const attribute = attributeOf(test, id);
      if (isNeutral(attribute, value)) return true;
      const expected = expectedUnder(situation, slip, attribute);
      if (!expected) return true;
      if (attribute.number)
        return expected.some((e) => Math.abs(Number(e) - Number(value)) <= attribute.number!.within);
      return expected.includes(value);
    });
  if (fits()) return 'plain';
  return test.slips.some((slip, i) => slip.explains && situation.chances[i]! > 0 && fits(slip))
    ? 'masked'
    : 'none';
}

/**
 * Can a sample with these species give this record? `plain` when each value is one that may be seen;
 * `masked` when a slip that counts as an explanation (sodium about) is needed; else `none`.
 */
export const explains = (record: SeenRecord, sample: readonly string[] | string): Explanation =>
  explainsIn(situationFor(record, typeof sample === 'string' ? [sample] : sample), record.seen);

/** The likeliest slip behind a record, with its advice, when no clean run of the sample explains it. */
export function likeliestSlip(record: SeenRecord, sample: readonly string[] | string): Slip | undefined {
  const situation = situationFor(record, typeof sample === 'string' ? [sample] : sample);
  const weigh = (i: number) =>
    situation.chances[i]! * underCause(situation, situation.test.slips[i], record.seen);
  const order = situation.chances.map((_, i) => i).sort((a, b) => weigh(b) - weigh(a));
  const best = order[0];
  if (best === undefined || weigh(best) <= underCause(situation, undefined, record.seen)) return undefined;
  return situation.test.slips[best];
}
