/** Plans of single groups as the columns of a linear model, and the places they take. */
import type { GroupKind, GroupPlan } from './group-plans.js';
import type { RotaFrame } from './rota-frame.js';
import type { LaidRota } from './rota-problem.js';

export interface Column {
  readonly kind: GroupKind;
  readonly starts: GroupPlan;
  readonly end: number;
}
/** Takes the places of a plan from those left, if they are all to be had or are taken `anyway`. */
export function occupy(
  laid: LaidRota,
  left: readonly Int32Array[],
  plan: GroupPlan,
  anyway = false,
): boolean {
  const add = (by: 1 | -1): boolean => {
    let enough = true;
    plan.forEach((t, i) => {
      if (t < 0) return;
      const row = left[laid.station[i]!]!;
      for (let k = t; k < t + laid.duration[i]!; k++) if ((row[k]! += by) < 0) enough = false;
    });
    return enough;
  };
  // A group may hold two places of one station at once: only the sum tells.
  if (add(-1) || anyway) return true;
  add(1);
  return false;
}
/** Could these places be taken? They are left as they were. */
export function couldOccupy(laid: LaidRota, left: readonly Int32Array[], plan: GroupPlan): boolean {
  if (!occupy(laid, left, plan)) return false;
  plan.forEach((t, i) => {
    if (t >= 0) for (let k = t; k < t + laid.duration[i]!; k++) left[laid.station[i]!]![k]!++;
  });
  return true;
}

/** The rows of places that columns `x0`, `x1` … share, in the LP format: no more at a minute than there are. */
export function rowsOfPlaces(
  { laid, apart }: RotaFrame,
  scarce: readonly number[],
  columns: readonly Column[],
  horizon: number,
  left: readonly Int32Array[],
): string[] {
  const wants = scarce.map(() => Array.from({ length: horizon }, () => [] as [number, string][]));
  const rowOf = new Map(scarce.map((s, r) => [s, r]));
  columns.forEach(({ starts }, j) => {
    const held = new Map<number, number>();
    starts.forEach((t, i) => {
      const r = rowOf.get(laid.station[i]!);
      if (t < 0 || r === undefined) return;
      for (let k = t; k < t + laid.duration[i]!; k++)
        held.set(r * horizon + k, (held.get(r * horizon + k) ?? 0) + 1);
    });
    for (const [at, times] of held) wants[Math.floor(at / horizon)]![at % horizon]!.push([times, `x${j}`]);
  });
  const sum = (terms: readonly [number, string][], by = 1) =>
    terms.map(([times, x]) => (times * by === 1 ? x : `${times * by} ${x}`));
  const rows: string[] = [];
  wants.forEach((minutes, r) =>
    minutes.forEach((terms, t) => {
      if (terms.length)
        rows.push(`r${r}_${t}: ${sum(terms).join(' + ')} <= ${Math.max(0, left[scarce[r]!]![t]!)}`);
    }),
  );
  apart.forEach(([a, b], p) => {
    for (let t = 0; t < horizon; t++) {
      const [la, lb] = [Math.max(0, left[a]![t]!), Math.max(0, left[b]![t]!)];
      const terms = [
        ...sum(wants[rowOf.get(a)!]?.[t] ?? [], lb),
        ...sum(wants[rowOf.get(b)!]?.[t] ?? [], la),
      ];
      if (terms.length) rows.push(`a${p}_${t}: ${terms.join(' + ')} <= ${la * lb}`);
    }
  });
  return rows;
}
