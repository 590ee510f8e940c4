/**
 * Who gets which unknown. Neighbours at the benches share none, and each unknown is used about as
 * often as any other. A first allocator by ordered search; it says when it finds no way.
 */
export interface BenchPlace {
  readonly id: string;
  /** Row and column of the bench on the room's plan, whole numbers from 0. */
  readonly bench: readonly [number, number];
}
export interface Allocation {
  readonly assign: ReadonlyMap<string, readonly string[]>;
}

/** The places directly in front, behind, left and right. */
export const neighboursOf = (place: BenchPlace, places: readonly BenchPlace[]): BenchPlace[] =>
  places.filter(
    (other) => Math.abs(other.bench[0] - place.bench[0]) + Math.abs(other.bench[1] - place.bench[1]) === 1,
  );

/** All ways to take `n` of `from`, in the order given. */
function choices<T>(from: readonly T[], n: number): T[][] {
  if (n === 0) return [[]];
  return from.flatMap((first, i) => choices(from.slice(i + 1), n - 1).map((rest) => [first, ...rest]));
}

/**
 * Gives every group `perGroup` different samples so that neighbours share none.
 * @param random 0 ≤ x < 1; breaks ties, so that no order of samples can be learned. Injected so tests repeat.
 * @throws RangeError with a sentence for the teacher when no allocation exists or two groups share a bench.
 */
export function allocateUnknowns(
  places: readonly BenchPlace[],
  samples: readonly string[],
  perGroup: number,
  random: () => number,
): Allocation {
  const taken = new Map<string, string>();
  for (const place of places) {
    const at = place.bench.join();
    if (taken.has(at))
      throw new RangeError(
        `Two groups stand at row ${place.bench[0] + 1}, place ${place.bench[1] + 1}; give each a bench of its own.`,
      );
    taken.set(at, place.id);
  }
  if (perGroup > samples.length) {
    throw new RangeError(
      `There are ${samples.length} unknowns and each group wants ${perGroup}; add unknowns or give each group fewer.`,
    );
  }
  let best: { assign: Map<string, readonly string[]>; spread: number } | undefined;
  for (let round = 0; round < rounds && (best?.spread ?? Infinity) > 1; round++) {
    const found = dealOnce(places, samples, perGroup, random);
    // The search is complete within its budget: what fails once for want of a way fails always.
    if (!found) break;
    if (!best || found.spread < best.spread) best = found;
  }
  if (!best) {
    throw new RangeError(
      'Neighbouring groups cannot all have different unknowns in this room; add unknowns, spread the benches or give each group fewer.',
    );
  }
  return { assign: best.assign };
}

/** Tries at an even spread before the evenest found is taken. */
const rounds = 60;
/** Placements tried in one round. */
const budgetOfRound = 100_000;

/** One ordered search, least-used unknowns first; `spread` is the most-used less the least-used. */
function dealOnce(
  places: readonly BenchPlace[],
  samples: readonly string[],
  perGroup: number,
  random: () => number,
): { assign: Map<string, readonly string[]>; spread: number } | undefined {
  const order = [...places].sort((a, b) => a.bench[0] - b.bench[0] || a.bench[1] - b.bench[1]);
  const assign = new Map<string, readonly string[]>();
  const uses = new Map(samples.map((s) => [s, 0]));
  const sets = choices(samples, perGroup);
  let budget = budgetOfRound;
  const place = (i: number): boolean => {
    const group = order[i];
    if (!group) return true;
    const barred = new Set(neighboursOf(group, places).flatMap((n) => assign.get(n.id) ?? []));
    const open = sets
      .filter((set) => set.every((s) => !barred.has(s)))
      .map((set) => ({
        set,
        load: set.reduce((sum, s) => sum + (uses.get(s) ?? 0) ** 2, 0) + random() * 0.9,
      }))
      .sort((a, b) => a.load - b.load);
    for (const { set } of open) {
      if (--budget < 0) return false;
      assign.set(group.id, set);
      set.forEach((s) => uses.set(s, (uses.get(s) ?? 0) + 1));
      if (place(i + 1)) return true;
      assign.delete(group.id);
      set.forEach((s) => uses.set(s, (uses.get(s) ?? 1) - 1));
    }
    return false;
  };
  if (!place(0)) return undefined;
  const counts = [...uses.values()];
  return { assign, spread: Math.max(...counts) - Math.min(...counts) };
}

/** Codes for jars: three digits, all different, in no order and free of chemical symbols. */
export function jarCodes(count: number, random: () => number): string[] {
  const codes = new Set<string>();
  while (codes.size < count) codes.add(String(100 + Math.floor(random() * 900)));
  return [...codes];
}
