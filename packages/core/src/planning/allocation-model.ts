/** An allocation in numbers, and as a model in LP format for the solver. */
import type { AllocationGroup, AllocationProblem, AllocationSample } from './allocate.js';

/** Who may have what, and whose bench is beside whose. */
export interface LaidAllocation {
  readonly G: number;
  readonly S: number;
  readonly perGroup: number;
  readonly may: readonly (readonly boolean[])[];
  /** Samples each group has to have. */
  readonly must: readonly (readonly number[])[];
  readonly beside: readonly (readonly number[])[];
  readonly pairs: readonly (readonly [number, number])[];
  readonly difficulty: readonly number[];
  readonly most: readonly number[];
}

/** Lays a problem out by group and sample number. */
export function layAllocation({
  groups,
  samples,
  perGroup,
  history = {},
  pinned = {},
}: AllocationProblem): LaidAllocation {
  const beside = groups.map((g, i) =>
    groups.flatMap((o, k) =>
      k !== i && Math.abs(o.bench[0] - g.bench[0]) + Math.abs(o.bench[1] - g.bench[1]) === 1 ? [k] : [],
    ),
  );
  const had = (g: AllocationGroup, s: AllocationSample) =>
    (Object.hasOwn(history, g.id) ? history[g.id]! : []).includes(s.id);
  const must = groups.map((g) => {
    const ids = Object.hasOwn(pinned, g.id) ? pinned[g.id]! : [];
    return samples.flatMap((s, i) => (ids.includes(s.id) ? [i] : []));
  });
  return {
    G: groups.length,
    S: samples.length,
    perGroup,
    must,
    // What a neighbour has to have is closed to a group; what it has to have itself is open.
    may: groups.map((g, i) =>
      samples.map((s, k) =>
        must[i]!.includes(k) ? true : !had(g, s) && !beside[i]!.some((n) => must[n]!.includes(k)),
      ),
    ),
    beside,
    pairs: beside.flatMap((list, i) => list.flatMap((k) => (k > i ? [[i, k] as const] : []))),
    difficulty: samples.map((s) => s.difficulty),
    most: samples.map((s) => Math.min(s.available ?? groups.length, groups.length)),
  };
}

/** Most less least; 0 of nothing. */
export const spread = (values: readonly number[]): number =>
  values.length ? Math.max(...values) - Math.min(...values) : 0;
/** Groups each sample goes to. */
export const usesOf = ({ S }: LaidAllocation, plan: readonly (readonly number[])[]): number[] => {
  const uses = new Array<number>(S).fill(0);
  for (const list of plan) for (const s of list) uses[s]!++;
  return uses;
};
/** Difficulty each group has in all. */
export const sumsOf = ({ difficulty }: LaidAllocation, plan: readonly (readonly number[])[]): number[] =>
  plan.map((list) => list.reduce((sum, s) => sum + difficulty[s]!, 0));

/** The model's rules in LP format; `less` are further rows. */
export function modelOf(laid: LaidAllocation, objective: string, rows: readonly string[]): string {
  const { G, S, perGroup, may, must, pairs, most } = laid;
  const x = (g: number, s: number) => `x${g}_${s}`;
  const open = (g: number) => may[g]!.flatMap((ok, s) => (ok ? [s] : []));
  const lines: string[] = [];
  for (let g = 0; g < G; g++)
    lines.push(
      `g${g}: ${
        open(g)
          .map((s) => x(g, s))
          .join(' + ') || '0 lo'
      } = ${perGroup}`,
    );
  for (let s = 0; s < S; s++) {
    const users = may.flatMap((row, g) => (row[s] ? [x(g, s)] : []));
    const sum = users.join(' + ');
    lines.push(`u${s}: ${sum ? `${sum} - hi` : '- hi'} <= 0`, `l${s}: ${sum ? `${sum} - lo` : '- lo'} >= 0`);
    if (sum) lines.push(`m${s}: ${sum} <= ${most[s]}`);
  }
  pairs.forEach(([a, b], i) => {
    for (let s = 0; s < S; s++)
      if (may[a]![s] && may[b]![s]) lines.push(`p${i}_${s}: ${x(a, s)} + ${x(b, s)} <= 1`);
  });
  must.forEach((list, g) => list.forEach((s) => lines.push(`f${g}_${s}: ${x(g, s)} = 1`)));
  lines.push(...rows);
  const binaries = may.flatMap((row, g) => row.flatMap((ok, s) => (ok ? [x(g, s)] : [])));
  return `Minimize\n obj: ${objective}\nSubject To\n ${lines.join('\n ')}\nBounds\n 0 <= lo <= ${G}\n 0 <= hi <= ${G}\nGenerals\n lo hi\nBinaries\n ${binaries.join('\n ')}\nEnd`;
}
/** The plan a solver’s answer stands for: samples by group. */
export const planFrom = (laid: LaidAllocation, values: Readonly<Record<string, number>>): number[][] =>
  Array.from({ length: laid.G }, (_, g) =>
    Array.from({ length: laid.S }, (_s, s) => s).filter((s) => (values[`x${g}_${s}`] ?? 0) > 0.5),
  );
