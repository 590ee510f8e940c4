/** What is still to be planned of a rota: kinds of groups, the places left at each minute, and what has begun already. */
import type { GroupKind } from './group-plans.js';
import { headsAndTails } from './rota-bound.js';
import type { LaidRota } from './rota-problem.js';

/** All minutes are counted from the end of set-up. */
export interface RotaFrame {
  readonly laid: LaidRota;
  readonly kinds: readonly GroupKind[];
  /** Operations (group × tasks + task) that have begun, or are set by hand, with their minutes. */
  readonly begun: ReadonlyMap<number, number>;
  /** The last end of what has begun. */
  readonly begunEnd: number;
  /** Places of each station still to be had at each minute up to a horizon. */
  readonly placesLeft: (horizon: number) => readonly Int32Array[];
  /** The first and the last minute at which each task may begin for a rota to end by a horizon. */
  readonly window: (task: number, horizon: number) => readonly [number, number];
  /** Pairs of stations that are never in use at the same minute. */
  readonly apart: readonly (readonly [number, number])[];
}

/** Frames a problem that is laid out. */
export function frameOf(laid: LaidRota): RotaFrame {
  const { m, groups, duration, attended, station, places, begun, release } = laid;
  const kinds = new Map<string, GroupKind & { groups: number[] }>();
  for (let g = 0; g < groups; g++) {
    const ends: (number | undefined)[] = [];
    const fixed = new Map<number, number>();
    let free = release;
    for (let i = 0; i < m; i++) {
      const start = begun.get(g * m + i);
      ends.push(start === undefined ? undefined : start + duration[i]!);
      if (start !== undefined) free = Math.max(free, start + attended[i]!);
      const pinned = laid.pinned.get(g * m + i);
      if (pinned !== undefined && start === undefined) fixed.set(i, pinned);
    }
    // When a task ended long ago is all one: only what is waited for still tells kinds apart.
    const key = JSON.stringify([
      free,
      ends.map((end) => (end === undefined ? null : Math.max(0, end - free))),
      [...fixed],
    ]);
    const kind = kinds.get(key);
    if (kind) kind.groups.push(g);
    else kinds.set(key, { groups: [g], free, ends, fixed });
  }
  const { heads, tails } = headsAndTails(laid);
  const anyBegun = begun.size > 0;
  const pairs = laid.apart.flatMap((others, a) => others.flatMap((b) => (a < b ? [[a, b] as const] : [])));
  return {
    laid,
    kinds: [...kinds.values()],
    begun,
    begunEnd: Math.max(0, ...[...begun].map(([op, t]) => t + duration[op % m]!)),
    placesLeft: (horizon) => {
      const left = places.map((n) => new Int32Array(horizon).fill(n));
      for (const [op, t] of begun) {
        const s = station[op % m]!;
        for (let k = Math.max(0, t); k < Math.min(horizon, t + duration[op % m]!); k++) {
          left[s]![k] = Math.max(0, left[s]![k]! - 1);
          // What is in use shuts what is kept apart from it.
          for (const other of laid.apart[s]!) left[other]![k] = 0;
        }
      }
      return left;
    },
    // Of tasks that have begun out of order heads and tails would say too much.
    window: (task, horizon) =>
      anyBegun ? [0, horizon - duration[task]!] : [heads[task]!, horizon - duration[task]! - tails[task]!],
    apart: pairs,
  };
}
