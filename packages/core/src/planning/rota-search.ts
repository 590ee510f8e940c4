/**
 * Finds short rotas: operations put one by one, in an order, each at the earliest minute where its
 * station has a place and its group is free; the order bettered by pushing everything late and early
 * again, and by annealing over small changes. Starts valid, only improves.
 */
import { seededRandom } from '../numbers/random.js';
import { headsAndTails } from './rota-bound.js';
import type { LaidRota } from './rota-problem.js';

/** Starts in minutes from the end of set-up, by group × m + task. */
export interface FoundRota {
  readonly starts: Int32Array;
  readonly makespan: number;
}

/** Puts operations in order; forwards, or in mirrored time where the unattended minutes come first. */
export class Board {
  private readonly used: Int16Array[];
  private readonly busy: Uint8Array;
  private readonly offset: readonly number[];
  private readonly preds: readonly (readonly number[])[];
  /** Operations set by hand, with their starts; forwards only. */
  private readonly pinned: readonly (readonly [number, number])[];
  readonly starts: Int32Array;

  constructor(
    private readonly laid: LaidRota,
    private readonly horizon: number,
    mirrored: boolean,
  ) {
    this.used = laid.places.map(() => new Int16Array(horizon));
    this.busy = new Uint8Array(horizon * laid.groups);
    this.offset = mirrored ? laid.unattended : laid.attended.map(() => 0);
    this.preds = mirrored ? laid.after : laid.before;
    this.pinned = mirrored ? [] : [...laid.begun, ...laid.pinned];
    this.starts = new Int32Array(laid.groups * laid.m);
  }

  /** Takes a place and the group's time for an operation. */
  private hold(op: number, t: number): void {
    const task = op % this.laid.m;
    const row = ((op - task) / this.laid.m) * this.horizon;
    const seats = this.used[this.laid.station[task]!]!;
    const from = t + this.offset[task]!;
    this.starts[op] = t;
    // What began before set-up was done counts from there.
    for (let k = Math.max(0, t); k < t + this.laid.duration[task]!; k++) seats[k]!++;
    for (let k = Math.max(0, from); k < from + this.laid.attended[task]!; k++) this.busy[row + k] = 1;
  }

  /** Must an operation end before a pinned one of its group that it would overrun? */
  private overruns(op: number, end: number): boolean {
    const { m, after, pinned } = this.laid;
    const task = op % m;
    return after[task]!.some((s) => (pinned.get(op - task + s) ?? Infinity) < end);
  }

  /** Places all operations; returns the makespan, or a number above `cut` as soon as it must exceed it. */
  place(order: Int32Array, cut: number): number {
    const { m, attended, duration, station, places } = this.laid;
    const { starts, busy, horizon, offset } = this;
    for (const row of this.used) row.fill(0);
    busy.fill(0);
    starts.fill(-1);
    let makespan = 0;
    for (const [op, t] of this.pinned) {
      this.hold(op, t);
      makespan = Math.max(makespan, t + duration[op % m]!);
    }
    // Operations whose predecessors are not placed yet wait for them: the order is made to respect them beforehand.
    for (let at = 0; at < order.length; at++) {
      const op = order[at]!;
      if (starts[op]! >= 0) continue;
      const task = op % m;
      const base = op - task;
      const row = ((op - task) / m) * horizon;
      const [d, a, off] = [duration[task]!, attended[task]!, offset[task]!];
      let t = this.laid.release;
      for (const p of this.preds[task]!) t = Math.max(t, starts[base + p]! + duration[p]!);
      const seats = this.used[station[task]!]!;
      const most = places[station[task]!]!;
      const shut = this.laid.apart[station[task]!]!;
      for (;;) {
        let clash = -1;
        for (let k = t + off + a - 1; k >= t + off; k--)
          if (busy[row + k]) {
            clash = k + 1 - off;
            break;
          }
        if (clash < 0)
          for (let k = t + d - 1; k >= t; k--)
            if (seats[k]! >= most || (shut.length > 0 && shut.some((o) => this.used[o]![k]! > 0))) {
              clash = k + 1;
              break;
            }
        if (clash < 0) break;
        t = clash;
        if (t + d > cut) return cut + 1;
      }
      if (t + d > cut || (this.pinned.length && this.overruns(op, t + d))) return cut + 1;
      this.hold(op, t);
      if (t + d > makespan) makespan = t + d;
    }
    return makespan;
  }
}

/** Reorders operations so that each comes after its predecessors, otherwise as they stand. */
export function respectful(
  order: Int32Array,
  laid: LaidRota,
  preds: readonly (readonly number[])[],
): Int32Array {
  const { m } = laid;
  if (preds.every((p) => !p.length)) return order;
  const placed = new Uint8Array(order.length);
  const out = new Int32Array(order.length);
  let n = 0;
  const put = (op: number): void => {
    if (placed[op]) return;
    const task = op % m;
    for (const p of preds[task]!) put(op - task + p);
    placed[op] = 1;
    out[n++] = op;
  };
  for (const op of order) put(op);
  return out;
}

const sortedBy = (n: number, key: (op: number) => number): Int32Array => {
  const keys = Float64Array.from({ length: n }, (_, op) => key(op));
  return Int32Array.from({ length: n }, (_, i) => i).sort((a, b) => keys[a]! - keys[b]!);
};

export interface SearchSettings {
  /** Stop as soon as this makespan is reached. */
  readonly target: number;
  readonly seconds: number;
  /** Orders tried at most; so many give the same rota on any machine that has the time. */
  readonly most?: number;
  readonly seed: number;
  /** Milliseconds now; handed in so that tests repeat. */
  readonly now: () => number;
  /** Called when a better rota is found. */
  readonly onBetter?: (found: FoundRota) => void;
}

/** Searches for a short rota. Always returns a valid one. */
export function searchRota(
  laid: LaidRota,
  { target, seconds, most = Infinity, seed, now, onBetter }: SearchSettings,
): FoundRota {
  const { groups, m, duration, station, places } = laid;
  const n = groups * m;
  const horizon = groups * duration.reduce((a, b) => a + b, 0) + 1;
  const forward = new Board(laid, horizon, false);
  const mirrored = new Board(laid, horizon, true);
  const random = seededRandom(seed);
  const { heads, tails } = headsAndTails(laid);
  const load = places.map(
    (c, s) => station.reduce((sum, at, i) => sum + (at === s ? duration[i]! : 0), 0) / Math.max(1, c),
  );
  let best: FoundRota | undefined;
  const keep = (makespan: number): void => {
    if (best && makespan >= best.makespan) return;
    best = { starts: forward.starts.slice(), makespan };
    onBetter?.(best);
  };
  /** Late, then early again: never longer, often shorter. Returns the makespan; the board holds the rota. */
  const justify = (makespan: number): number => {
    let last = makespan;
    for (let round = 0; round < 6; round++) {
      const { starts } = forward;
      const late = respectful(
        sortedBy(n, (op) => -(starts[op]! + duration[op % m]!) + random() * 0.01),
        laid,
        laid.after,
      );
      const back = mirrored.place(late, last);
      if (back > last) break;
      const early = respectful(
        sortedBy(n, (op) => back - (mirrored.starts[op]! + duration[op % m]!) + random() * 0.01),
        laid,
        laid.before,
      );
      const again = forward.place(early, last);
      if (again > last) break;
      keep(again);
      if (again === last) return again;
      last = again;
    }
    return last;
  };
  const rules: ((op: number) => number)[] = [
    (op) => -(tails[op % m]! + duration[op % m]!) * 1000 + Math.floor(op / m),
    (op) => -load[station[op % m]!]! * 1000 + Math.floor(op / m),
    (op) => ((op % m) + Math.floor(op / m)) % m,
    (op) => Math.floor(op / m) * 100 + heads[op % m]!,
    (op) => -(load[station[op % m]!]! + tails[op % m]!) + random() * 3,
    (op) => heads[op % m]! - tails[op % m]! + random() * 4,
  ];
  const until = now() + seconds * 1000;
  let order: Int32Array = Int32Array.from({ length: n }, (_, i) => i);
  let current = Infinity;
  for (const rule of rules) {
    const start = respectful(sortedBy(n, rule), laid, laid.before);
    const makespan = forward.place(start, horizon - 1);
    keep(makespan);
    const after = justify(makespan);
    if (after < current) {
      current = after;
      order = respectful(
        sortedBy(n, (op) => best!.starts[op]! + random() * 0.01),
        laid,
        laid.before,
      );
    }
    if (best!.makespan <= target) return best!;
  }
  // Annealing over the order; now and then from the best again, or from a fresh shuffle.
  let stale = 0;
  for (let tries = 0; tries < most && now() < until && best!.makespan > target; tries++) {
    const candidate = order.slice();
    const moves = 1 + Math.floor(random() * 3);
    for (let k = 0; k < moves; k++) {
      const i = Math.floor(random() * n);
      const reach = random() < 0.7 ? 1 + Math.floor(random() * Math.max(2, n / 6)) : n;
      const j = Math.min(n - 1, Math.max(0, i + Math.floor((random() - 0.5) * 2 * reach)));
      const op = candidate[i]!;
      if (i < j) candidate.copyWithin(i, i + 1, j + 1);
      else candidate.copyWithin(j + 1, j, i);
      candidate[j] = op;
    }
    const tried = respectful(candidate, laid, laid.before);
    const slack = stale < 200 ? 1 : 2;
    const makespan = forward.place(tried, current + slack);
    if (makespan > current + slack) {
      stale++;
    } else {
      let reached = makespan;
      if (makespan < best!.makespan) keep(makespan);
      if (makespan <= current || random() < 0.02) reached = justify(makespan);
      if (reached <= current || random() < 0.05) {
        stale = reached < current ? 0 : stale + 1;
        current = reached;
        const { starts } = forward;
        order = respectful(
          sortedBy(n, (op) => starts[op]! + random() * 0.3),
          laid,
          laid.before,
        );
      } else stale++;
    }
    if (stale > 1500) {
      stale = 0;
      const from = best!.starts;
      const noise = random() < 0.3 ? 30 : 4 + random() * 10;
      order = respectful(
        sortedBy(n, (op) => from[op]! + random() * noise),
        laid,
        laid.before,
      );
      current = forward.place(order, horizon - 1);
      current = justify(current);
    }
  }
  return best!;
}
