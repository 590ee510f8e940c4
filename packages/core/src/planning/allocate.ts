/**
 * Who gets which unknown, exactly: neighbours share none, nobody meets a sample again, no sample goes to
 * more groups than it may; then the samples are used as evenly as can be, and then the groups' work is
 * as evenly hard as can be. A search finds a good answer at once; a solver proves it or betters it.
 */
import {
  layAllocation,
  modelOf,
  planFrom,
  spread,
  sumsOf,
  usesOf,
  type LaidAllocation,
} from './allocation-model.js';
import { evener } from './even-difficulty.js';
import { seededRandom } from '../numbers/random.js';
import { solveMip } from './solver.js';

export interface AllocationGroup {
  readonly id: string;
  /** Row and column of its bench. */
  readonly bench: readonly [number, number];
}
export interface AllocationSample {
  readonly id: string;
  /** 1 (easy) to 5 (hard). */
  readonly difficulty: number;
  /** Most groups it may go to; any number where absent. */
  readonly available?: number;
}
export interface AllocationProblem {
  readonly groups: readonly AllocationGroup[];
  readonly samples: readonly AllocationSample[];
  readonly perGroup: number;
  /** Samples each group has had before. */
  readonly history?: Readonly<Record<string, readonly string[]>>;
  /** Samples a group has to have, by hand. */
  readonly pinned?: Readonly<Record<string, readonly string[]>>;
}
export interface AllocationResult {
  readonly feasible: boolean;
  readonly assign: Readonly<Record<string, readonly string[]>>;
  /** Most-used less least-used, over all samples; null when not feasible. */
  readonly coverageSpread: number | null;
  /** Hardest less easiest group, by summed difficulty. */
  readonly difficultySpread: number | null;
  /** Are the spreads proven least? */
  readonly optimal: { readonly coverage: boolean; readonly difficulty: boolean };
  readonly why: readonly string[];
}

/** Seconds the solver may take to make the uses even, and then the difficulty. */
const secondsForCoverage = 7;
const secondsForDifficulty = 10;
/** Searches from different beginnings, and steps of each. */
const searches = 3;
const rounds = 25_000;

/** The least coverage spread that counting allows. */
const leastCoverage = ({ G, S, perGroup }: LaidAllocation): number => (S && (G * perGroup) % S ? 1 : 0);

/** Simulated annealing over swaps and replacements; the best valid plan found, or undefined. */
function search(laid: LaidAllocation, seed: number, rounds: number): number[][] | undefined {
  const { G, S, perGroup, may, must, beside, most, difficulty } = laid;
  const evenest = leastCoverage(laid);
  const random = seededRandom(seed);
  const pick = (n: number) => Math.floor(random() * n);
  const plan: number[][] = [];
  for (let g = 0; g < G; g++) {
    const able = may[g]!.flatMap((ok, s) => (ok && !must[g]!.includes(s) ? [s] : []));
    if (able.length + must[g]!.length < perGroup) return undefined;
    for (let i = able.length - 1; i > 0; i--) {
      const k = pick(i + 1);
      [able[i], able[k]] = [able[k]!, able[i]!];
    }
    // What is pinned keeps the first places, which no step touches.
    plan.push([...must[g]!, ...able].slice(0, perGroup));
  }
  const uses = usesOf(laid, plan);
  const sums = sumsOf(laid, plan);
  const clashesOf = (g: number, s: number): number => {
    let n = 0;
    for (const o of beside[g]!) if (plan[o]!.includes(s)) n++;
    return n;
  };
  let clashes = 0;
  plan.forEach((list, g) => list.forEach((s) => (clashes += clashesOf(g, s))));
  clashes /= 2;
  /** Spreads of the plan as it stands, by plain loops: this is asked for tens of thousands of times. */
  const spreads = { uses: 0, sums: 0, even: false };
  const cost = () => {
    let over = 0;
    let least = Infinity;
    let widest = -Infinity;
    for (let s = 0; s < S; s++) {
      const u = uses[s]!;
      if (u > most[s]!) over += u - most[s]!;
      if (u < least) least = u;
      if (u > widest) widest = u;
    }
    let low = Infinity;
    let high = -Infinity;
    let squares = 0;
    for (let g = 0; g < G; g++) {
      const v = sums[g]!;
      if (v < low) low = v;
      if (v > high) high = v;
      squares += v * v;
    }
    spreads.uses = widest - least;
    spreads.sums = high - low;
    spreads.even = clashes + over === 0 && spreads.uses === evenest && spreads.sums === 0;
    return 1000 * (clashes + over) + 30 * spreads.uses + spreads.sums + (0.02 * squares) / G;
  };
  let now = cost();
  // As laid out at first it may be valid already, and with everything pinned it is all there is.
  let best = now < 1000 ? plan.map((list) => [...list]) : undefined;
  let bestCost = best ? now : Infinity;
  if (spreads.even) return best;
  for (let round = 0; round < rounds; round++) {
    const heat = 6 * (1 - round / rounds) ** 2 + 0.05;
    const g = pick(G);
    const i = pick(perGroup);
    const s = plan[g]![i]!;
    const swap = random() < 0.5;
    const h = swap ? pick(G) : -1;
    const k = swap ? pick(perGroup) : -1;
    if (i < must[g]!.length || (swap && k < must[h]!.length)) continue;
    const t = swap ? plan[h]![k]! : pick(S);
    if (t === s || !may[g]![t] || plan[g]!.includes(t)) continue;
    if (swap && (h === g || !may[h]![s] || plan[h]!.includes(s))) continue;
    const apply = (group: number, place: number, from: number, to: number) => {
      clashes -= clashesOf(group, from);
      plan[group]![place] = to;
      clashes += clashesOf(group, to);
      sums[group]! += difficulty[to]! - difficulty[from]!;
      uses[from]!--;
      uses[to]!++;
    };
    apply(g, i, s, t);
    if (swap) apply(h, k, t, s);
    const then = cost();
    if (then <= now || random() < Math.exp((now - then) / heat)) {
      now = then;
      if (now < bestCost && now < 1000) {
        best = plan.map((list) => [...list]);
        bestCost = now;
        // Nothing can be evener.
        if (spreads.even) return best;
      }
    } else {
      if (swap) apply(h, k, s, t);
      apply(g, i, t, s);
    }
  }
  return best;
}

/** Why no allocation can be, in sentences a teacher can act on; empty where none is plain. */
function obstacles(problem: AllocationProblem, laid: LaidAllocation): string[] {
  const { groups, samples, perGroup } = problem;
  const why: string[] = [];
  if (perGroup > samples.length)
    why.push(
      `Each group wants ${perGroup} samples and there are ${samples.length}: add ${perGroup - samples.length} or give each group fewer.`,
    );
  groups.forEach((g, i) => {
    if (laid.must[i]!.length > perGroup)
      why.push(
        `${laid.must[i]!.length} samples are pinned to ${g.id} and a group gets ${perGroup}: take a pin out.`,
      );
  });
  for (const [a, b] of laid.pairs) {
    const shared = laid.must[a]!.filter((s) => laid.must[b]!.includes(s));
    if (shared.length)
      why.push(
        `${shared.map((s) => samples[s]!.id).join(', ')} is pinned to ${groups[a]!.id} and ${groups[b]!.id}, who are neighbours: take a pin out.`,
      );
  }
  const places = laid.most.reduce((a, b) => a + b, 0);
  if (places < laid.G * perGroup)
    why.push(
      `${laid.G * perGroup} portions are wanted and ${places} are available: make ${laid.G * perGroup - places} more, or give each group fewer.`,
    );
  groups.forEach((g, i) => {
    const left = laid.may[i]!.filter(Boolean).length;
    if (left < perGroup)
      why.push(
        `${g.id} has had all but ${left} of the samples before: add new ones for it, or let it meet one again.`,
      );
  });
  for (const [a, b] of laid.pairs) {
    const both = samples.filter((_, s) => laid.may[a]![s] || laid.may[b]![s]).length;
    if (both < 2 * perGroup)
      why.push(
        `${groups[a]!.id} and ${groups[b]!.id} are neighbours and have ${both} samples open between them, ${2 * perGroup} are wanted: part their benches or add samples.`,
      );
  }
  return why;
}

/**
 * Allocates.
 * @throws RangeError when two groups stand on one bench or history names a group that is not there.
 */
export function allocate(problem: AllocationProblem): AllocationResult {
  const { groups, samples } = problem;
  const benches = new Map<string, string>();
  for (const g of groups) {
    const at = g.bench.join();
    const there = benches.get(at);
    if (there !== undefined)
      throw new RangeError(`${there} and ${g.id} stand on one bench; give each a bench of its own`);
    benches.set(at, g.id);
  }
  const stranger = Object.keys(problem.history ?? {}).find((id) => !groups.some((g) => g.id === id));
  if (stranger !== undefined)
    throw new RangeError(`history names the group "${stranger}", which is not among the groups`);
  const laid = layAllocation(problem);
  const refused = (why: readonly string[]): AllocationResult => ({
    feasible: false,
    assign: {},
    coverageSpread: null,
    difficultySpread: null,
    optimal: { coverage: false, difficulty: false },
    why,
  });
  const plain = obstacles(problem, laid);
  if (plain.length) return refused(plain);

  let plan: number[][] | undefined;
  const better = (a: number[][] | undefined, b: number[][] | undefined): number[][] | undefined => {
    if (!a || !b) return a ?? b;
    const value = (p: number[][]) => spread(usesOf(laid, p)) * 1000 + spread(sumsOf(laid, p));
    return value(b) < value(a) ? b : a;
  };
  for (
    let seed = 1;
    seed <= searches &&
    !(plan && spread(usesOf(laid, plan)) === leastCoverage(laid) && spread(sumsOf(laid, plan)) === 0);
    seed++
  )
    plan = better(plan, search(laid, seed, rounds));

  // Coverage: as even as counting allows is proven at once; else the solver is asked for less.
  const evenest = leastCoverage(laid);
  let coverageProven = plan !== undefined && spread(usesOf(laid, plan)) === evenest;
  if (!coverageProven) {
    const answer = solveMip(
      modelOf(laid, 'hi - lo', plan ? [`cap: hi - lo <= ${spread(usesOf(laid, plan)) - 1}`] : []),
      secondsForCoverage,
    );
    if (answer.status === 'infeasible') {
      if (!plan)
        return refused([
          'Neighbours, history and the portions there are cannot all be met at once: add samples or portions, part the benches, or give each group fewer.',
        ]);
      coverageProven = true;
    } else if (answer.status !== 'unknown') {
      plan = planFrom(laid, answer.values);
      coverageProven = answer.status === 'optimal';
    }
  }
  if (!plan)
    return refused([
      'No allocation was found in the time there was, and none was proven impossible: add samples, or give each group fewer.',
    ]);

  const coverage = spread(usesOf(laid, plan));
  let difficulty = spread(sumsOf(laid, plan));
  let difficultyProven = difficulty === 0;
  if (!difficultyProven) {
    const even = evener(laid, plan, coverage, secondsForDifficulty);
    plan = even.plan;
    difficulty = spread(sumsOf(laid, plan));
    difficultyProven = even.proven;
  }
  return {
    feasible: true,
    assign: Object.fromEntries(groups.map((g, i) => [g.id, plan[i]!.map((s) => samples[s]!.id)])),
    coverageSpread: spread(usesOf(laid, plan)),
    difficultySpread: difficulty,
    optimal: { coverage: coverageProven, difficulty: coverageProven && difficultyProven },
    why: [],
  };
}
