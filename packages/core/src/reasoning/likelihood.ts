/**
 * How likely an observation is when the sample holds a given ion: from what the ion shows, how easily
 * its colours are taken for others, and the slips of the test, each a cause with its own prior.
 */
import type { IonId } from '../species/ion.js';
import { attributeOf, outcomeOf, testOf } from '../tests/tests.js';
import type { Attribute, Outcome, Slip, TestDefinition } from '../tests/test-definition.js';

/** One observation as recorded: the test and, for each attribute seen, the value chosen. */
export interface SeenRecord {
  readonly test: string;
  readonly variant?: string;
  readonly seen: Readonly<Record<string, string>>;
}

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
  let p = 0;
  expected.forEach((shown, place) => {
    const weight = expected.length === 1 ? 1 : place === 0 ? 0.5 : 0.5 / (expected.length - 1);
    let stays = 1;
    let becomes = 0;
    for (const { pair, chance } of attribute.confusions) {
      if (!pair.includes(shown)) continue;
      stays -= chance;
      if (pair.includes(value) && value !== shown) becomes += chance;
    }
    p += weight * (value === shown ? stays : becomes);
  });
  return (1 - carelessness) * p + carelessness / attribute.values.length;
}

function underCause(
  test: TestDefinition,
  outcome: Outcome | undefined,
  slip: Slip | undefined,
  record: SeenRecord,
): number {
  let p = 1;
  for (const [id, value] of Object.entries(record.seen)) {
    const attribute = attributeOf(test, id);
    const expected = slip?.shows[id] ?? outcome?.shows[id];
    p *= expected
      ? probabilityOfValue(attribute, expected, value, test.carelessness)
      : 1 / attribute.values.length;
  }
  return p;
}

/** The chance that a slip happens with a sample of this ion. */
const chanceOf = (slip: Slip, ion: string): number => slip.prior * (slip.factorFor?.[ion as IonId] ?? 1);

/** Probability of one observation when the sample holds `ion`, over the clean run and every slip. */
export function likelihood(record: SeenRecord, ion: string): number {
  const test = testOf(record.test);
  const outcome = outcomeOf(test, ion);
  const clean = 1 - test.slips.reduce((sum, slip) => sum + chanceOf(slip, ion), 0);
  return test.slips.reduce(
    (sum, slip) => sum + chanceOf(slip, ion) * underCause(test, outcome, slip, record),
    clean * underCause(test, outcome, undefined, record),
  );
}

/** How a record can come from an ion: as it should, only by a slip, or not at all. */
export type Explanation = 'plain' | 'masked' | 'none';

/**
 * Can a sample with this ion give this record? `plain` when each value is one the ion shows; `masked`
 * when a slip that counts as an explanation (sodium about) is needed; else `none`.
 */
export function explains(record: SeenRecord, ion: string): Explanation {
  const test = testOf(record.test);
  const outcome = outcomeOf(test, ion);
  const fits = (slip?: Slip) =>
    Object.entries(record.seen).every(([id, value]) => {
      const expected = slip?.shows[id] ?? outcome?.shows[id];
      return !expected || expected.includes(value);
    });
  if (fits()) return 'plain';
  return test.slips.some((slip) => slip.explains && fits(slip)) ? 'masked' : 'none';
}

/** The likeliest slip behind a record, with its advice, when no clean run of `ion` explains it. */
export function likeliestSlip(record: SeenRecord, ion: string): Slip | undefined {
  const test = testOf(record.test);
  const outcome = outcomeOf(test, ion);
  const weigh = (slip: Slip) => chanceOf(slip, ion) * underCause(test, outcome, slip, record);
  const best = [...test.slips].sort((a, b) => weigh(b) - weigh(a))[0];
  const clean = underCause(test, outcome, undefined, record);
  return best && weigh(best) > clean ? best : undefined;
}
