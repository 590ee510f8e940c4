/**
 * Which samples a set of tests can tell apart, the cheapest battery that tells apart all it can (proven
 * least), what to add for the pairs that remain, and an identification key.
 */
import { isGasId, isMetalId } from '../species/species.js';
import { expectationOf, type Expectation } from '../identification-tests/expectation.js';
import type { SampleForm } from '../species/sample-form.js';
import { allTests, confirmingLast, testOf, variantOf } from '../identification-tests/tests.js';

export interface DiscriminateSample {
  readonly ions: readonly string[];
  readonly form?: SampleForm;
  /** Ions of the liquid kept of it: what tests in solution show that are not for the sample itself. */
  readonly left?: readonly string[];
}
export type Key =
  | {
      readonly test: string;
      readonly branches: readonly {
        readonly outcome: Readonly<Record<string, string>>;
        readonly then: Key;
      }[];
    }
  | { readonly samples: readonly number[] };
export interface Discrimination {
  readonly inseparable: readonly (readonly [number, number])[];
  readonly smallest: { readonly tests: readonly string[]; readonly minutes: number };
  readonly add: readonly {
    readonly test: string;
    readonly separates: readonly (readonly [number, number])[];
  }[];
  readonly key: Key;
}

/** What a sample shows; planning takes the usual variant, and a solution unless said otherwise. */
function shownBy(test: string, sample: DiscriminateSample): Expectation {
  const { forms } = testOf(test);
  if (sample.left && sample.form && !forms.includes(sample.form) && forms.includes('solution'))
    return shownBy(test, { ions: sample.left, form: 'solution' });
  const ionic = sample.ions.some((id) => !isGasId(id) && !isMetalId(id));
  return expectationOf(test, sample.ions, {
    variant: variantOf(testOf(test)).id,
    form: sample.form ?? (ionic ? 'solution' : undefined),
  });
}

/** Attributes that are looked at, by test; all where a test is not named. */
export type Looked = Readonly<Record<string, readonly string[]>>;

/** Attributes looked at whose values, neutral ones aside, can never be the same for the two. */
function parting(test: string, a: Expectation, b: Expectation, looked: Looked): string[] {
  return testOf(test).attributes.flatMap((attribute) => {
    if (looked[test] && !looked[test].includes(attribute.id)) return [];
    const told = (e: Expectation) => e[attribute.id]?.filter((v) => !attribute.neutral?.includes(v)) ?? [];
    const [one, other] = [told(a), told(b)];
    return one.length && other.length && !one.some((v) => other.includes(v)) ? [attribute.id] : [];
  });
}

const minutesOf = (test: string): number => variantOf(testOf(test)).attendedMinutes;

/**
 * The cheapest tests that cover every pair any of them covers. Exact: branches on the pair that fewest
 * tests cover, cut off by the best found so far; equal minutes are settled by fewer tests.
 */
export function cheapestCover(
  tests: readonly string[],
  covers: readonly ReadonlySet<number>[],
  minutes: readonly number[],
): number[] {
  const pairs = new Set(covers.flatMap((c) => [...c]));
  const byPair = new Map(
    [...pairs].map((pair) => [pair, tests.flatMap((_, t) => (covers[t]!.has(pair) ? [t] : []))]),
  );
  let best: number[] = tests.map((_, t) => t).filter((t) => covers[t]!.size > 0);
  const cost = (chosen: readonly number[]) => chosen.reduce((sum, t) => sum + minutes[t]!, 0);
  const better = (a: readonly number[], b: readonly number[]) =>
    cost(a) < cost(b) || (cost(a) === cost(b) && a.length < b.length);
  const search = (chosen: number[], open: ReadonlySet<number>, barred: ReadonlySet<number>): void => {
    if (open.size === 0) {
      if (better(chosen, best)) best = [...chosen];
      return;
    }
    let rarest: number[] | undefined;
    for (const pair of open) {
      const able = byPair.get(pair)!.filter((t) => !barred.has(t));
      if (!rarest || able.length < rarest.length) rarest = able;
      if (rarest.length <= 1) break;
    }
    const cheapest = Math.min(...rarest!.map((t) => minutes[t]!), Infinity);
    if (cost(chosen) + cheapest > cost(best)) return;
    const tried = new Set(barred);
    const order = [...rarest!].sort((a, b) => minutes[a]! - minutes[b]! || covers[b]!.size - covers[a]!.size);
    for (const t of order) {
      search([...chosen, t], new Set([...open].filter((pair) => !covers[t]!.has(pair))), tried);
      // Having tried with it, the rest is without it.
      tried.add(t);
    }
  };
  search([], pairs, new Set());
  return best.sort((a, b) => a - b);
}

/** A key may not grow without end; beyond this many nodes leaves are left as they are. */
const mostNodes = 20_000;

function keyOf(
  samples: readonly number[],
  tests: readonly string[],
  shown: (test: string, i: number) => Expectation,
  looked: Looked,
): Key {
  let nodes = 0;
  const grow = (held: readonly number[], left: readonly string[]): Key => {
    nodes++;
    if (held.length < 2 || nodes > mostNodes) return { samples: held };
    let best: { test: string; attributes: Set<string>; worth: number } | undefined;
    for (const test of left) {
      const attributes = new Set<string>();
      let parted = 0;
      held.forEach((i, a) =>
        held.slice(a + 1).forEach((j) => {
          const by = parting(test, shown(test, i), shown(test, j), looked);
          if (by.length) parted++;
          by.forEach((id) => attributes.add(id));
        }),
      );
      const worth = parted / minutesOf(test);
      if (parted && (!best || worth > best.worth)) best = { test, attributes, worth };
    }
    if (!best) return { samples: held };
    const { test } = best;
    // As few attributes as part what can be parted keep the key short.
    const asked = testOf(test).attributes.filter((a) => best.attributes.has(a.id));
    const branches = new Map<string, { outcome: Record<string, string>; held: number[] }>();
    for (const i of held) {
      let outcomes: Record<string, string>[] = [{}];
      for (const attribute of asked) {
        const values = shown(test, i)[attribute.id]?.filter((v) => !attribute.neutral?.includes(v)) ?? [];
        const any = values.length
          ? values
          : attribute.values.map((v) => v.id).filter((v) => !attribute.neutral?.includes(v));
        const silent = shown(test, i)[attribute.id]?.length && !values.length;
        outcomes = silent ? outcomes : outcomes.flatMap((o) => any.map((v) => ({ ...o, [attribute.id]: v })));
      }
      for (const outcome of outcomes) {
        const name = JSON.stringify(outcome);
        const branch = branches.get(name) ?? { outcome, held: [] };
        branch.held.push(i);
        branches.set(name, branch);
      }
    }
    const rest = left.filter((t) => t !== test);
    return {
      test,
      branches: [...branches.values()].map(({ outcome, held: inside }) => ({
        outcome,
        then: grow(inside, rest),
      })),
    };
  };
  return grow(samples, tests);
}

/**
 * Compares samples by what tests would show.
 * @param tests ids of tests that may be used.
 * @param looked attributes of them that are looked at, where not all.
 * @throws RangeError when a test is not known.
 */
export function discriminate(
  samples: readonly DiscriminateSample[],
  tests: readonly string[],
  looked: Looked = {},
): Discrimination {
  const own = [...new Set(tests)];
  own.forEach(testOf);
  const tables = new Map<string, Expectation[]>();
  const shown = (test: string, i: number): Expectation => {
    const table = tables.get(test) ?? samples.map((sample) => shownBy(test, sample));
    tables.set(test, table);
    return table[i]!;
  };
  const n = samples.length;
  const pairs: [number, number][] = [];
  for (let i = 0; i < n; i++) for (let j = i + 1; j < n; j++) pairs.push([i, j]);
  const coveredBy = (test: string) =>
    new Set(
      pairs.flatMap(([i, j], k) => (parting(test, shown(test, i), shown(test, j), looked).length ? [k] : [])),
    );
  const covers = own.map(coveredBy);
  const left = pairs.flatMap((pair, k) => (covers.some((c) => c.has(k)) ? [] : [{ pair, k }]));
  const chosen = cheapestCover(own, covers, own.map(minutesOf));
  const smallest = chosen.map((t) => own[t]!);
  const add = allTests
    .filter((t) => !own.includes(t.id))
    .map((t) => {
      const covered = coveredBy(t.id);
      return { test: t.id, separates: left.filter(({ k }) => covered.has(k)).map(({ pair }) => pair) };
    })
    .filter((t) => t.separates.length)
    .sort(
      (a, b) =>
        confirmingLast(a, b) ||
        b.separates.length / minutesOf(b.test) - a.separates.length / minutesOf(a.test),
    );
  return {
    inseparable: left.map(({ pair }) => pair),
    smallest: { tests: smallest, minutes: smallest.reduce((sum, t) => sum + minutesOf(t), 0) },
    add,
    key: keyOf(
      samples.map((_, i) => i),
      smallest,
      shown,
      looked,
    ),
  };
}
