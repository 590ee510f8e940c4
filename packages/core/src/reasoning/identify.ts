/**
 * What an unknown may hold, from what was seen: the chance of each candidate, who is ruled out and by
 * what, whether the record contradicts itself and which observations to repeat, and what to test next.
 *
 * Exact: every salt of the candidates is a hypothesis, and since slips of different observations do not
 * depend on each other, the sum over all of them is a product over the observations.
 */
import { saltName, speciesName } from '../species/species.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import {
  explainsIn,
  likelihoodIn,
  keyed,
  likeliestSlip,
  situationsFor,
  type Explanation,
  type SeenRecord,
  type Situation,
} from './likelihood.js';
import { nextTests, type NextTest } from './next-test.js';

export type Candidates =
  | { readonly cations: readonly string[]; readonly anions: readonly string[] }
  | { readonly salts: readonly (readonly string[])[] }
  | { readonly gases: readonly string[] };

export interface Ranked<Id> {
  readonly id: Id;
  readonly p: number;
}
export interface RuledOut {
  readonly id: string | readonly string[];
  readonly by: readonly number[];
  readonly text: string;
}
export interface Identification {
  readonly ranked: {
    readonly cation?: readonly Ranked<string>[];
    readonly anion?: readonly Ranked<string>[];
    readonly salt?: readonly Ranked<readonly string[]>[];
    readonly gas?: readonly Ranked<string>[];
  };
  readonly ruledOut: readonly RuledOut[];
  readonly consistent: boolean;
  /** Indices of observations whose repeat could mend a contradiction, likeliest first. */
  readonly suspects: readonly number[];
  readonly next: readonly NextTest[];
}

/** A hypothesis: the species one sample is supposed to hold. */
type Hypothesis = readonly string[];

function wordsOf(record: SeenRecord): string {
  const test = testOf(record.test);
  return Object.entries(record.seen)
    .map(([id, value]) => {
      const attribute = attributeOf(test, id);
      const label =
        attribute.values.find((v) => v.id === value)?.label ??
        `${value}${attribute.number ? ` ${attribute.number.unit}` : ''}`;
      return attribute.reads === 'glass-colour' ? `${label} through the glass` : label;
    })
    .join(', ');
}

/** Everything about one record that does not depend on the priors: likelihood and explanation by situation. */
function judgement(record: SeenRecord) {
  const likelihoods = new Map<Situation, number>();
  const explanations = new Map<Situation, Explanation>();
  return {
    logLikelihood: (situation: Situation): number => {
      let l = likelihoods.get(situation);
      if (l === undefined) likelihoods.set(situation, (l = Math.log(likelihoodIn(situation, record.seen))));
      return l;
    },
    explanation: (situation: Situation): Explanation => {
      let e = explanations.get(situation);
      if (e === undefined) explanations.set(situation, (e = explainsIn(situation, record.seen)));
      return e;
    },
  };
}

const byChance = <Id>(a: Ranked<Id>, b: Ranked<Id>): number => b.p - a.p;

/** The chance of each id, summed over the hypotheses that hold it. */
function margin(
  ids: readonly string[],
  hypotheses: readonly Hypothesis[],
  p: readonly number[],
): Ranked<string>[] {
  const sums = new Map(ids.map((id) => [id, 0]));
  hypotheses.forEach((h, i) => {
    for (const id of h) if (sums.has(id)) sums.set(id, sums.get(id)! + p[i]!);
  });
  return ids.map((id) => ({ id, p: sums.get(id)! })).sort(byChance);
}

/** The smallest sets of observations without which some hypothesis explains the rest; singles all, likeliest first. */
function suspectsOf(misfits: readonly (readonly number[])[], p: readonly number[]): number[] {
  const fewest = Math.min(...misfits.map((m) => m.length));
  const smallest = misfits.map((set, i) => ({ set, p: p[i]! })).filter((m) => m.set.length === fewest);
  // Sets that several hypotheses share stand for all of them.
  const shared = new Map<string, { set: readonly number[]; p: number }>();
  for (const { set, p: chance } of smallest) {
    const key = set.join();
    shared.set(key, { set, p: (shared.get(key)?.p ?? 0) + chance });
  }
  const ranked = [...shared.values()].sort((a, b) => b.p - a.p);
  if (fewest > 1) return [...(ranked[0]?.set ?? [])];
  return [...new Set(ranked.flatMap((m) => m.set))];
}

function hypothesesOf(candidates: Candidates): readonly Hypothesis[] {
  if ('salts' in candidates) return candidates.salts;
  if ('gases' in candidates) return candidates.gases.map((id) => [id]);
  const { cations, anions } = candidates;
  return cations.length && anions.length
    ? cations.flatMap((c) => anions.map((a) => [c, a]))
    : [...cations, ...anions].map((id) => [id]);
}

/** Probabilities of hypotheses from the situations each record meets, all alike before. */
function weigh(
  count: number,
  judges: readonly ReturnType<typeof judgement>[],
  met: readonly (readonly Situation[])[],
): number[] {
  const logs = new Float64Array(count);
  met.forEach((situations, k) => {
    const judge = judges[k]!;
    for (let i = 0; i < count; i++) logs[i]! += judge.logLikelihood(situations[i]!);
  });
  let top = -Infinity;
  for (const l of logs) if (l > top) top = l;
  const weights = Array.from(logs, (l) => Math.exp(l - top));
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / total);
}

/** Probabilities of hypotheses after the observations, all alike before. */
export function posterior(hypotheses: readonly Hypothesis[], observations: readonly SeenRecord[]): number[] {
  const samples = hypotheses.map(keyed);
  return weigh(
    samples.length,
    observations.map(judgement),
    observations.map((record) => situationsFor(record, samples)),
  );
}

/**
 * Reasons from observations to what a sample may hold.
 * @param candidates the ions, salts or gases that are possible; at least one.
 * @param observations records with ids from the tests' own lists; unknown ids throw RangeError.
 */
export function identify(candidates: Candidates, observations: readonly SeenRecord[]): Identification {
  const hypotheses = hypothesesOf(candidates);
  if (hypotheses.length === 0) throw new RangeError('give at least one candidate to choose from');
  const samples = hypotheses.map(keyed);
  const judges = observations.map(judgement);
  const met = observations.map((record) => situationsFor(record, samples));
  const p = weigh(hypotheses.length, judges, met);
  const misfits = hypotheses.map((_, h) =>
    judges.flatMap((judge, i) => (judge.explanation(met[i]![h]!) === 'none' ? [i] : [])),
  );
  const consistent = misfits.some((m) => m.length === 0);

  const ids: readonly (string | readonly string[])[] =
    'salts' in candidates
      ? candidates.salts
      : 'gases' in candidates
        ? candidates.gases
        : [...candidates.cations, ...candidates.anions];
  // Which hypotheses hold each candidate, so that none is searched for.
  const holders = new Map<string, number[]>();
  hypotheses.forEach((h, i) => h.forEach((id) => (holders.get(id) ?? holders.set(id, []).get(id)!).push(i)));
  const ruledOut = ids.flatMap((id, place): RuledOut[] => {
    let fewest: readonly number[] | undefined;
    let fittest: Hypothesis = [];
    for (const i of typeof id === 'string' ? (holders.get(id) ?? []) : [place]) {
      if (!fewest || misfits[i]!.length < fewest.length) [fewest, fittest] = [misfits[i]!, hypotheses[i]!];
    }
    if (!fewest?.length) return [];
    const name = typeof id === 'string' ? speciesName(id) : saltName(id);
    const seen = fewest.map((i) => wordsOf(observations[i]!)).join('; ');
    const slip = fewest.map((i) => likeliestSlip(observations[i]!, fittest)).find(Boolean);
    return [
      {
        id,
        by: fewest,
        text: `${name} does not show ${seen}${slip ? `. If it is ${name} all the same: ${slip.advice}` : ''}`,
      },
    ];
  });

  const ranked: Identification['ranked'] =
    'salts' in candidates
      ? { salt: candidates.salts.map((id, i) => ({ id, p: p[i]! })).sort(byChance) }
      : 'gases' in candidates
        ? { gas: margin(candidates.gases, hypotheses, p) }
        : {
            cation: margin(candidates.cations, hypotheses, p),
            anion: margin(candidates.anions, hypotheses, p),
          };
  return {
    ranked,
    ruledOut,
    consistent,
    suspects: consistent ? [] : suspectsOf(misfits, p),
    next: nextTests(samples, p),
  };
}
