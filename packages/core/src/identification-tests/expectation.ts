/**
 * What a sample may show in a test: the records of its species put together. Where one species shows
 * something and another nothing, the something is seen; where records are silent, so is the answer.
 */
import type { SpeciesId } from '../species/species.js';
import type { Attribute, Outcome, TestDefinition } from './test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import { testOf } from './tests.js';

export interface Circumstances {
  /** Variant of method; left out, what any variant may show counts, the usual one first. */
  readonly variant?: string | undefined;
  /** Form of the sample; left out, what either a solution or a solid may show counts. */
  readonly form?: SampleForm | undefined;
}
/** For each attribute the values that may be seen, likeliest first; attributes nothing is known of are absent. */
export type Expectation = Readonly<Record<string, readonly string[]>>;

const fits = (o: Outcome, { variant, form }: Circumstances): boolean =>
  (o.variant === undefined || variant === undefined || o.variant === variant) &&
  (o.form === undefined || form === undefined || o.form === form);

const distinct = (values: readonly string[]): string[] => [...new Set(values)];

/** The values of one species for one attribute, over the records that fit. */
function shownBy(
  test: TestDefinition,
  id: string,
  attribute: string,
  circumstances: Circumstances,
): string[] {
  const records = test.outcomes.filter((o) => o.of === id && fits(o, circumstances));
  return distinct(records.flatMap((o) => o.shows[attribute] ?? []));
}

function combined(
  test: TestDefinition,
  attribute: Attribute,
  sample: readonly string[],
  circumstances: Circumstances,
): readonly string[] | undefined {
  const lists = sample
    .map((id) => shownBy(test, id, attribute.id, circumstances))
    .filter((list) => list.length > 0);
  if (lists.length <= 1) return lists[0];
  const quiet = (value: string) =>
    value === attribute.nothing || (attribute.neutral?.includes(value) ?? false);
  // White powder and colourless water are what a sample looks like when nothing in it has a colour.
  const plain = (value: string) => quiet(value) || (attribute.reads === 'sample-colour' && value === 'white');
  const active = lists.filter((list) => list.some((v) => !plain(v)));
  if (active.length === 0) return distinct(lists.flat());
  const values = distinct(active.flat());
  return active.some((list) => !list.some(quiet)) ? values.filter((v) => !quiet(v)) : values;
}

const kept = new Map<string, Expectation>();
const mostKept = 20_000;
/** Equal expectations are one object, so that what is worked out for one serves all. */
const interned = new Map<string, Expectation>();

/**
 * What a sample may show in a test.
 * @param sample ids of ions, gases or metals.
 * @returns one object for equal expectations; empty where the test says nothing of the sample.
 */
export function expectationOf(
  testId: string,
  sample: readonly string[],
  circumstances: Circumstances = {},
): Expectation {
  const key = `${testId}|${sample.join()}|${circumstances.variant ?? ''}|${circumstances.form ?? ''}`;
  const known = kept.get(key);
  if (known) return known;
  const test = testOf(testId);
  const shows: Record<string, readonly string[]> = {};
  for (const attribute of test.attributes) {
    const values = combined(test, attribute, sample, circumstances);
    if (values) shows[attribute.id] = values;
  }
  const text = `${testId}${JSON.stringify(shows)}`;
  const one = interned.get(text) ?? shows;
  interned.set(text, one);
  if (kept.size >= mostKept) kept.clear();
  kept.set(key, one);
  return one;
}

/** Does the test say anything about a sample that holds this species? */
export const speaksOf = (testId: string, id: SpeciesId): boolean =>
  testOf(testId).outcomes.some((o) => o.of === id);
