/**
 * What an unknown may hold, from what was seen: the chance of each candidate, who is ruled out and by
 * what, whether the record contradicts itself and which observations to repeat, and what to test next.
 */
import { ionOf, saltName } from '../species/species.js';
import { allTests, attributeOf, testOf, variantOf } from '../tests/tests.js';
import { explains, likelihood, type SeenRecord } from './likelihood.js';

export type Candidates =
  | { readonly cations: readonly string[]; readonly anions: readonly string[] }
  | { readonly salts: readonly (readonly string[])[] };

export interface Ranked<Id> {
  readonly id: Id;
  readonly p: number;
}
export interface RuledOut {
  readonly id: string | readonly string[];
  readonly by: readonly number[];
  readonly text: string;
}
export interface NextTest {
  readonly test: string;
  readonly bits: number;
  readonly minutes: number;
}
export interface Identification {
  readonly ranked: {
    readonly cation?: readonly Ranked<string>[];
    readonly anion?: readonly Ranked<string>[];
    readonly salt?: readonly Ranked<readonly string[]>[];
  };
  readonly ruledOut: readonly RuledOut[];
  readonly consistent: boolean;
  /** Indices of observations whose repeat could mend a contradiction, likeliest first. */
  readonly suspects: readonly number[];
  readonly next: readonly NextTest[];
}

/** A hypothesis: the ions one sample is supposed to hold. */
type Hypothesis = readonly string[];

const relative = (weights: readonly number[]): number[] => {
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => (total > 0 ? w / total : 1 / weights.length));
};

/**
 * An observation under a hypothesis: the ion that the test says most of decides. A test that speaks of
 * one ion only (a flame of the cation) is silent on the others.
 */
const of = (record: SeenRecord, hypothesis: Hypothesis): string =>
  hypothesis.find((ion) => testOf(record.test).outcomes.some((o) => o.ion === ion)) ?? hypothesis[0] ?? '';

function wordsOf(record: SeenRecord): string {
  const test = testOf(record.test);
  return Object.entries(record.seen)
    .map(([id, value]) => {
      const label = attributeOf(test, id).values.find((v) => v.id === value)?.label ?? value;
      return id === 'throughBlueGlass' ? `${label} through the glass` : label;
    })
    .join(', ');
}

/** Which observations a hypothesis leaves unexplained. */
const unexplained = (observations: readonly SeenRecord[], hypothesis: Hypothesis): number[] =>
  observations.flatMap((record, i) => (explains(record, of(record, hypothesis)) === 'none' ? [i] : []));

/** Ranks each hypothesis: the product of the likelihoods of all observations, as a share of the whole. */
function posterior(observations: readonly SeenRecord[], hypotheses: readonly Hypothesis[]): number[] {
  const logs = hypotheses.map((h) =>
    observations.reduce((sum, record) => sum + Math.log(likelihood(record, of(record, h))), 0),
  );
  const top = Math.max(...logs);
  return relative(logs.map((l) => Math.exp(l - top)));
}

const byChance = <Id>(a: Ranked<Id>, b: Ranked<Id>): number => b.p - a.p;

/** The chance of each id, summed over the hypotheses that hold it. */
function margin(
  ids: readonly string[],
  hypotheses: readonly Hypothesis[],
  p: readonly number[],
): Ranked<string>[] {
  return ids
    .map((id) => ({ id, p: hypotheses.reduce((sum, h, i) => sum + (h.includes(id) ? p[i]! : 0), 0) }))
    .sort(byChance);
}

/**
 * The information, in bits, that one more run of a test is expected to give about the hypotheses, and
 * what it costs in attended minutes. Naked-eye and glass readings count together as one run.
 */
function worth(testId: string, hypotheses: readonly Hypothesis[], p: readonly number[]): NextTest {
  const test = testOf(testId);
  let outcomes: Record<string, string>[] = [{}];
  for (const attribute of test.attributes) {
    outcomes = outcomes.flatMap((seen) => attribute.values.map((v) => ({ ...seen, [attribute.id]: v.id })));
  }
  let bits = 0;
  for (const seen of outcomes) {
    const record = { test: testId, seen };
    const given = hypotheses.map((h) => likelihood(record, of(record, h)));
    const overall = given.reduce((sum, l, i) => sum + l * p[i]!, 0);
    given.forEach((l, i) => {
      if (l > 0 && p[i]! > 0) bits += p[i]! * l * Math.log2(l / overall);
    });
  }
  return { test: testId, bits: Math.max(0, bits), minutes: variantOf(test).attendedMinutes };
}

/** The smallest sets of observations without which some hypothesis explains the rest; singles all, likeliest first. */
function suspectsOf(
  observations: readonly SeenRecord[],
  hypotheses: readonly Hypothesis[],
  p: readonly number[],
): number[] {
  const misfits = hypotheses.map((h, i) => ({ set: unexplained(observations, h), p: p[i]! }));
  const fewest = Math.min(...misfits.map((m) => m.set.length));
  const smallest = misfits.filter((m) => m.set.length === fewest).sort((a, b) => b.p - a.p);
  if (fewest > 1) return smallest[0]?.set ?? [];
  return [...new Set(smallest.flatMap((m) => m.set))];
}

/**
 * Reasons from observations to what a sample may hold.
 * @param candidates the ions or salts that are possible; at least one of each kind given.
 * @param observations records with ids from the tests' own lists; unknown ids throw RangeError.
 */
export function identify(candidates: Candidates, observations: readonly SeenRecord[]): Identification {
  const salts = 'salts' in candidates;
  const hypotheses: readonly Hypothesis[] = salts
    ? candidates.salts
    : candidates.cations.length && candidates.anions.length
      ? candidates.cations.flatMap((c) => candidates.anions.map((a) => [c, a]))
      : [...candidates.cations, ...candidates.anions].map((id) => [id]);
  if (hypotheses.length === 0) throw new RangeError('give at least one candidate to choose from');
  const p = posterior(observations, hypotheses);
  const conflicts = hypotheses.map((h) => unexplained(observations, h));
  const consistent = conflicts.some((c) => c.length === 0);

  const ids: readonly (string | readonly string[])[] = salts
    ? candidates.salts
    : [...candidates.cations, ...candidates.anions];
  const ruledOut: RuledOut[] = ids.flatMap((id) => {
    const mine = conflicts.filter((_, i) =>
      typeof id === 'string' ? hypotheses[i]!.includes(id) : hypotheses[i] === id,
    );
    const fewest = mine.reduce((a, b) => (b.length < a.length ? b : a), mine[0] ?? []);
    if (fewest.length === 0) return [];
    const name = typeof id === 'string' ? ionOf(id).name : saltName(id);
    const seen = fewest.map((i) => wordsOf(observations[i]!)).join('; ');
    return [{ id, by: fewest, text: `${name} does not show ${seen}` }];
  });

  const next = allTests
    .map((test) => worth(test.id, hypotheses, p))
    .filter((t) => t.bits > 1e-6)
    .sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);

  return {
    ranked: salts
      ? { salt: candidates.salts.map((id, i) => ({ id, p: p[i]! })).sort(byChance) }
      : {
          cation: margin(candidates.cations, hypotheses, p),
          anion: margin(candidates.anions, hypotheses, p),
        },
    ruledOut,
    consistent,
    suspects: consistent ? [] : suspectsOf(observations, hypotheses, p),
    next,
  };
}
