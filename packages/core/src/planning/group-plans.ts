/**
 * Every way one group can go through its tasks, as a graph over minutes, tasks begun and waits that others wait for. With a
 * price for each place and minute, the cheapest way is found exactly, in whole numbers where the prices are whole.
 */
import type { LaidRota } from './rota-problem.js';

/** Groups that stand alike: the same tasks left, free at the same minute, the same waits, the same slots set by hand. */
export interface GroupKind {
  /** Numbers from 0. */
  readonly groups: readonly number[];
  /** Minute at which they are free. */
  readonly free: number;
  /** Minute at which each task begun ends; undefined where it is still to do. */
  readonly ends: readonly (number | undefined)[];
  /** Minutes set by hand, by task. */
  readonly fixed: ReadonlyMap<number, number>;
}

/** Beyond this many states the graph is not built: other bounds and searches must do. */
const mostStates = 40_000;

/** A plan of one group: the minute at which each task begins, −1 for those begun before. */
export type GroupPlan = Int16Array;

export class GroupPlans {
  /** States; 0 … count − 1. */
  readonly count: number;
  private readonly idle: Int32Array;
  /** Moves of state s stand from `first[s]` to `first[s + 1]`. */
  private readonly first: Int32Array;
  private readonly task: Int32Array;
  private readonly next: Int32Array;
  private readonly isDone: Uint8Array;
  /** The soonest minute each state can be come to, and the fewest minutes it still takes. */
  private readonly soonest: Int32Array;
  private readonly rest: Int32Array;
  private readonly begin: ReadonlyMap<GroupKind, number>;
  /** A price too high to pay: not allowed. */
  static readonly never = 1e15;

  private constructor(
    private readonly laid: LaidRota,
    kinds: readonly GroupKind[],
    limit: number,
  ) {
    const { m, attended, unattended, before, after } = laid;
    const all = m === 0 ? 0 : (1 << m) - 1;
    const awaited = after.map((list, i) => list.length > 0 && unattended[i]! > 0);
    const number = new Map<string, number>();
    const masks: number[] = [];
    const waits: (readonly number[])[] = [];
    const stateOf = (mask: number, wait: readonly number[]): number => {
      // A wait counts only while something still waits for it.
      const kept = wait.map((w, i) => (w > 0 && after[i]!.some((k) => !(mask & (1 << k))) ? w : 0));
      const key = `${mask} ${kept.join()}`;
      let s = number.get(key);
      if (s === undefined) {
        s = masks.length;
        number.set(key, s);
        masks.push(mask);
        waits.push(kept);
      }
      return s;
    };
    const begin = new Map<GroupKind, number>();
    for (const kind of kinds) {
      const mask = kind.ends.reduce((sum: number, end, i) => (end === undefined ? sum : sum | (1 << i)), 0);
      const wait = kind.ends.map((end) => (end === undefined ? 0 : Math.max(0, end - kind.free)));
      begin.set(kind, stateOf(mask, wait));
    }
    const idle: number[] = [];
    const first: number[] = [0];
    const task: number[] = [];
    const next: number[] = [];
    for (let s = 0; s < masks.length && masks.length <= limit; s++) {
      const [mask, wait] = [masks[s]!, waits[s]!];
      const after1 = (minutes: number) => wait.map((w) => Math.max(0, w - minutes));
      idle.push(stateOf(mask, after1(1)));
      for (let i = 0; i < m; i++) {
        if (mask & (1 << i)) continue;
        if (before[i]!.some((p) => !(mask & (1 << p)) || wait[p]! > 0)) continue;
        const then = after1(attended[i]!);
        if (awaited[i]) then[i] = unattended[i]!;
        task.push(i);
        next.push(stateOf(mask | (1 << i), then));
      }
      first.push(task.length);
    }
    this.count = masks.length;
    this.idle = Int32Array.from(idle);
    this.first = Int32Array.from(first);
    this.task = Int32Array.from(task);
    this.next = Int32Array.from(next);
    this.isDone = Uint8Array.from(masks, (mask) => (mask === all ? 1 : 0));
    this.begin = begin;
    this.rest = Int32Array.from(masks, (mask) => {
      let [sum, tail] = [0, Infinity];
      for (let i = 0; i < m; i++)
        if (!(mask & (1 << i))) {
          sum += attended[i]!;
          tail = Math.min(tail, unattended[i]!);
        }
      return sum + (tail === Infinity ? 0 : tail);
    });
    // Along moves minutes only go on, so states in order of what is done are settled one after another; idling may only add.
    this.soonest = new Int32Array(this.count).fill(1 << 29);
    for (const kind of kinds) {
      const s = begin.get(kind)!;
      this.soonest[s] = Math.min(this.soonest[s]!, kind.free);
    }
    let open = [...new Set(begin.values())];
    while (open.length) {
      const then = new Set<number>();
      for (const s of open) {
        if (s + 1 >= this.first.length) continue;
        const reach = (to: number, at: number): void => {
          if (at >= this.soonest[to]!) return;
          this.soonest[to] = at;
          then.add(to);
        };
        reach(this.idle[s]!, this.soonest[s]! + 1);
        for (let k = this.first[s]!; k < this.first[s + 1]!; k++)
          reach(this.next[k]!, this.soonest[s]! + attended[this.task[k]!]!);
      }
      open = [...then];
    }
  }

  /** @returns undefined where there are too many ways, or a task takes nobody's attention, which the graph does not know. */
  static of(laid: LaidRota, kinds: readonly GroupKind[], limit = mostStates): GroupPlans | undefined {
    if (laid.m > 24 || laid.attended.some((a) => a < 1)) return undefined;
    const plans = new GroupPlans(laid, kinds, limit);
    return plans.count > limit ? undefined : plans;
  }

  /**
   * What the cheapest way from each state at each minute costs.
   * @param cost of beginning each task at each minute, tasks × (horizon + 1); `never` where it may not be begun.
   * @param into room for (horizon + 1) × count values; minute by minute.
   */
  value(horizon: number, cost: Float64Array, into: Float64Array): void {
    const { count, idle, first, task, next, isDone, soonest, rest } = this;
    const { attended } = this.laid;
    const wide = horizon + 1;
    for (let t = horizon; t >= 0; t--) {
      const row = t * count;
      const later = row + count;
      for (let s = 0; s < count; s++) {
        if (isDone[s]) {
          into[row + s] = 0;
          continue;
        }
        if (t < soonest[s]!) continue;
        if (t + rest[s]! > horizon) {
          into[row + s] = GroupPlans.never;
          continue;
        }
        let best = t < horizon ? into[later + idle[s]!]! : GroupPlans.never;
        for (let k = first[s]!; k < first[s + 1]!; k++) {
          const i = task[k]!;
          const c = cost[i * wide + t]!;
          if (c >= best) continue;
          const v = c + into[(t + attended[i]!) * count + next[k]!]!;
          if (v < best) best = v;
        }
        into[row + s] = best;
      }
    }
  }

  /** What the cheapest plan of a kind costs, from the values. */
  least(kind: GroupKind, horizon: number, values: Float64Array): number {
    return kind.free > horizon ? GroupPlans.never : values[kind.free * this.count + this.begin.get(kind)!]!;
  }

  /**
   * A plan of a kind that costs at most `slack` more than the cheapest.
   * @param random picks among the ways that do; without it, the cheapest that begins soonest.
   */
  plan(
    kind: GroupKind,
    horizon: number,
    cost: Float64Array,
    values: Float64Array,
    slack = 0,
    random?: () => number,
  ): GroupPlan {
    const { count, idle, first, task, next, isDone } = this;
    const { attended, m } = this.laid;
    const wide = horizon + 1;
    const starts = new Int16Array(m).fill(-1);
    let s = this.begin.get(kind)!;
    let t = kind.free;
    let left = slack;
    while (!isDone[s]) {
      const here = values[t * count + s]!;
      let [chosen, chosenOver, met] = [-2, 0, 0];
      const consider = (move: number, over: number): void => {
        if (over > left + 1e-9) return;
        met++;
        if (chosen === -2 || (random && random() * met < 1)) [chosen, chosenOver] = [move, over];
      };
      for (let k = first[s]!; k < first[s + 1]!; k++) {
        const i = task[k]!;
        const c = cost[i * wide + t]!;
        if (c >= GroupPlans.never) continue;
        consider(k, c + values[(t + attended[i]!) * count + next[k]!]! - here);
      }
      if (t < horizon) consider(-1, values[(t + 1) * count + idle[s]!]! - here);
      left -= chosenOver;
      if (chosen < 0) {
        s = idle[s]!;
        t++;
      } else {
        const i = task[chosen]!;
        starts[i] = t;
        t += attended[i]!;
        s = next[chosen]!;
      }
    }
    return starts;
  }
}
