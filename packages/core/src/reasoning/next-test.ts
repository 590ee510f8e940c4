/** Which test to run next: what it is expected to tell, in bits, for the attended minutes it costs. */
import { isCationId, isAnionId, isGasId, isMetalId } from '../species/species.js';
import type { TestDefinition } from '../identification-tests/test-definition.js';
import { allTests, confirmingLast, variantOf } from '../identification-tests/tests.js';
import { likelihoodIn, situationsOf, type KeyedSample, type Situation } from './likelihood.js';

export interface NextTest {
  readonly test: string;
  /** Expected information about the candidates. */
  readonly bits: number;
  /** Attended minutes of the usual variant. */
  readonly minutes: number;
}

/** All records a test may give, a neutral value at most once an attribute; none for a test that is read as a number. */
function outcomesOf(test: TestDefinition): Record<string, string>[] {
  let outcomes: Record<string, string>[] = [{}];
  for (const attribute of test.attributes) {
    if (attribute.number) return [];
    const spoken = attribute.values.map((v) => v.id).filter((id) => !attribute.neutral?.includes(id));
    const values = [...spoken, ...(attribute.neutral ?? []).slice(0, 1)];
    outcomes = outcomes.flatMap((seen) => values.map((value) => ({ ...seen, [attribute.id]: value })));
  }
  return outcomes;
}
const outcomes = new Map<string, readonly Record<string, string>[]>();
const tables = new WeakMap<Situation, Float64Array>();

/** Likelihood of every outcome of a test in a situation; worked out once. */
function tableOf(situation: Situation): Float64Array {
  const known = tables.get(situation);
  if (known) return known;
  const { test } = situation;
  const all = outcomes.get(test.id) ?? outcomesOf(test);
  outcomes.set(test.id, all);
  const table = Float64Array.from(all, (seen) => likelihoodIn(situation, seen, true));
  tables.set(situation, table);
  return table;
}

/** Does a test say anything that could tell these hypotheses apart? */
function suits(test: TestDefinition, hypotheses: readonly KeyedSample[]): boolean {
  const holds = (is: (id: string) => boolean) => hypotheses.some((h) => h.ids.some(is));
  switch (test.family) {
    case 'look':
      return true;
    case 'cation':
      return holds(isCationId);
    case 'anion':
      return holds(isAnionId);
    case 'gas':
      return holds(isGasId);
    case 'metal':
      return holds(isMetalId);
  }
}

/** Expected information of one run of a test about hypotheses with probabilities `p`. */
function bitsOf(testId: string, hypotheses: readonly KeyedSample[], p: readonly number[]): number {
  const groups = new Map<Situation, number>();
  situationsOf(testId, hypotheses).forEach((situation, i) => {
    if (p[i]! <= 0) return;
    groups.set(situation, (groups.get(situation) ?? 0) + p[i]!);
  });
  if (groups.size < 2) return 0;
  const weighed = [...groups].map(([situation, weight]) => ({ table: tableOf(situation), weight }));
  const size = weighed[0]!.table.length;
  let bits = 0;
  for (let k = 0; k < size; k++) {
    let overall = 0;
    for (const { table, weight } of weighed) overall += weight * table[k]!;
    for (const { table, weight } of weighed)
      if (table[k]! > 0) bits += weight * table[k]! * Math.log2(table[k]! / overall);
  }
  return Math.max(0, bits);
}

/** Information below this is not worth a tube. */
const least = 1e-3;

/**
 * The tests worth running next, best value for time first; those that only confirm one ion after those that tell many.
 * @param p probability of each hypothesis, summing to 1.
 */
export function nextTests(hypotheses: readonly KeyedSample[], p: readonly number[]): NextTest[] {
  return allTests
    .filter((test) => suits(test, hypotheses))
    .map((test) => ({
      test: test.id,
      bits: bitsOf(test.id, hypotheses, p),
      minutes: variantOf(test).attendedMinutes,
    }))
    .filter((t) => t.bits > least)
    .sort((a, b) => confirmingLast(a, b) || b.bits / b.minutes - a.bits / a.minutes);
}
