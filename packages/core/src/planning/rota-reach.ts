/**
 * A rota that ends by a given minute: every group has a plan, each in turn is planned anew, exactly, where the others leave
 * room; a place wanted by too many at a minute grows dearer until somebody yields.
 */
import { GroupPlans, type GroupKind, type GroupPlan } from './group-plans.js';
import { occupy, type Column } from './rota-columns.js';
import type { RotaPrices } from './rota-prices.js';

export interface ReachSettings {
  /** Plans made anew at most. */
  readonly steps: number;
  readonly random: () => number;
  /** Asked now and then: is there time for more? */
  readonly goOn?: () => boolean;
}

/** @param from plans to begin with, by group; missing ones are made. @returns plans by group, or undefined where none were found. */
export function reachHorizon(
  prices: RotaPrices,
  horizon: number,
  from: ReadonlyMap<number, GroupPlan>,
  { steps, random, goOn = () => true }: ReachSettings,
): Map<number, GroupPlan> | undefined {
  const { frame, plans, scarce } = prices;
  const { laid, kinds, apart } = frame;
  const { duration, station, m } = laid;
  const left = frame.placesLeft(horizon);
  const used = laid.places.map(() => new Int32Array(horizon));
  const weight = laid.places.map(() => new Float64Array(horizon).fill(1));
  const isScarce = new Uint8Array(laid.places.length);
  for (const s of scarce) isScarce[s] = 1;
  const kindOf = new Map<number, GroupKind>();
  for (const kind of kinds) for (const g of kind.groups) kindOf.set(g, kind);
  const groups = [...kindOf.keys()];
  const plan = new Map<number, GroupPlan>();
  const others = laid.places.map((_, s) => apart.flatMap(([a, b]) => (a === s ? [b] : b === s ? [a] : [])));
  const hold = (starts: GroupPlan, by: 1 | -1): void => {
    for (let i = 0; i < m; i++) {
      const t = starts[i]!;
      if (t < 0) continue;
      const row = used[station[i]!]!;
      for (let k = t; k < t + duration[i]!; k++) row[k]! += by;
    }
  };
  const isOver = (s: number, t: number): boolean =>
    used[s]![t]! > left[s]![t]! || (used[s]![t]! > 0 && others[s]!.some((o) => used[o]![t]! > 0));
  const values = new Float64Array((horizon + 1) * plans.count);
  const wanted = laid.places.map(() => new Float64Array(horizon));
  /** Plans a group anew where the others leave room. */
  const renew = (g: number): boolean => {
    const kind = kindOf.get(g)!;
    for (const s of scarce) {
      const [row, limit, w, to] = [used[s]!, left[s]!, weight[s]!, wanted[s]!];
      for (let t = 0; t < horizon; t++) {
        to[t] = row[t]! >= limit[t]! ? w[t]! : 0;
        for (const o of others[s]!) if (used[o]![t]! > 0) to[t]! += w[t]!;
      }
    }
    const cost = prices.costs(
      kind,
      horizon,
      wanted.map((row, s) => (isScarce[s] ? row : undefined)),
    );
    plans.value(horizon, cost, values);
    if (plans.least(kind, horizon, values) >= GroupPlans.never) return false;
    const starts = plans.plan(kind, horizon, cost, values, 0, random);
    plan.set(g, starts);
    hold(starts, 1);
    return true;
  };
  for (const g of groups) {
    const given = from.get(g);
    if (given) {
      plan.set(g, given);
      hold(given, 1);
    }
  }
  for (const g of groups) if (!plan.has(g) && !renew(g)) return undefined;
  let last = -1;
  let before = Infinity;
  for (let step = 0; step < steps; step++) {
    let over = 0;
    for (const s of scarce)
      for (let t = 0; t < horizon; t++) if (isOver(s, t)) over += Math.max(1, used[s]![t]! - left[s]![t]!);
    if (over === 0) return plan;
    if (over >= before)
      for (const s of scarce) for (let t = 0; t < horizon; t++) if (isOver(s, t)) weight[s]![t]! += 1;
    before = over;
    if (step % 16 === 15 && !goOn()) return undefined;
    let [chosen, met] = [-1, 0];
    for (const g of groups) {
      if (g === last && groups.length > 1) continue;
      const starts = plan.get(g)!;
      let stands = false;
      for (let i = 0; i < m && !stands; i++) {
        const s = station[i]!;
        if (starts[i]! < 0 || !isScarce[s]) continue;
        for (let k = starts[i]!; k < starts[i]! + duration[i]! && !stands; k++) stands = isOver(s, k);
      }
      if (stands && random() * ++met < 1) chosen = g;
    }
    if (chosen < 0) chosen = groups[Math.floor(random() * groups.length)]!;
    last = chosen;
    hold(plan.get(chosen)!, -1);
    renew(chosen);
  }
  return undefined;
}

/** Plans to begin with, from what the master says of each column in parts: whole ones first, then those with the largest parts left. */
export function rounded(columns: readonly Column[], share: readonly number[]): Map<number, GroupPlan> {
  const plan = new Map<number, GroupPlan>();
  const free = new Map<GroupKind, number[]>();
  for (const { kind } of columns) if (!free.has(kind)) free.set(kind, [...kind.groups]);
  const parts = columns
    .flatMap((column, j) => {
      const whole = Math.floor(share[j]! + 1e-6);
      return [
        ...Array.from({ length: whole }, () => ({ column, part: 1 })),
        { column, part: share[j]! - whole },
      ];
    })
    .filter(({ part }) => part > 1e-6)
    .sort((a, b) => b.part - a.part);
  for (const { column } of parts) {
    const g = free.get(column.kind)!.pop();
    if (g !== undefined) plan.set(g, column.starts);
  }
  return plan;
}

/**
 * Settles one group after another by what the master says of all that is left, with plans made for just that; where it leads
 * nowhere, the last ones are taken back.
 * @returns plans of all groups, or as many as were settled.
 */
export function dive(
  prices: RotaPrices,
  horizon: number,
  { random, goOn = () => true, backs = 4 }: { random: () => number; goOn?: () => boolean; backs?: number },
): Map<number, GroupPlan> {
  const { frame } = prices;
  const held = new Map<number, GroupPlan>();
  let best = new Map<number, GroupPlan>();
  const settled: { readonly group: number; readonly key: string }[] = [];
  const bad = new Set<string>();
  const stateOf = (list: readonly { readonly key: string }[]) =>
    list
      .map((s) => s.key)
      .sort()
      .join(';');
  while (held.size < frame.laid.groups && goOn()) {
    const under = stateOf(settled);
    const answer = prices.at(horizon, {
      rounds: 40,
      goOn,
      held,
      not: ({ starts }) => bad.has(`${under}|${starts.join()}`),
    });
    if (answer.kind !== 'open') {
      if (held.size > best.size) best = new Map(held);
      const last = settled.at(-1);
      if (!last || backs-- <= 0) break;
      bad.add(`${stateOf(settled.slice(0, -1))}|${last.key}`);
      // The last, and some of the others by chance: what is wrong may have been settled long before.
      for (const gone of settled.filter((s) => s === last || random() < 0.3)) {
        settled.splice(settled.indexOf(gone), 1);
        held.delete(gone.group);
      }
      continue;
    }
    const choices = answer.columns
      .map((column, j) => ({ column, share: answer.share[j]! }))
      .filter(({ share }) => share > 1e-6)
      .sort((a, b) => b.share - a.share);
    const whole = choices.filter(({ share }) => share > 1 - 1e-6);
    const [first] = choices;
    if (!first) break;
    // All that stand whole at once; else one of those with the largest parts, and a few more while many are left.
    const near = choices.filter(({ share }) => share > first.share * 0.8);
    const one = near[Math.floor(random() * near.length)]!;
    const more = choices.filter(({ share }) => share > 0.6).slice(0, (frame.laid.groups - held.size) >> 2);
    // Where stations are kept apart, one at a time: the next is asked with what that shuts.
    const take = frame.apart.length ? [one] : whole.length ? whole : [...new Set([one, ...more])];
    // Two that stand in parts may want the same place.
    const taken = prices.frame.placesLeft(horizon);
    for (const plan of held.values()) occupy(frame.laid, taken, plan, true);
    const before = held.size;
    for (const { column, share } of take)
      for (let n = 0; n < (frame.apart.length ? 1 : Math.max(1, Math.floor(share + 1e-6))); n++) {
        const group = column.kind.groups.find((g) => !held.has(g));
        if (group === undefined || !occupy(frame.laid, taken, column.starts)) continue;
        held.set(group, column.starts);
        settled.push({ group, key: column.starts.join() });
      }
    if (held.size === before) break;
  }
  return held.size > best.size ? held : best;
}
