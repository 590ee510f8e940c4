/**
 * The least a rota can take, set-up left out: what one group needs by itself, and what each station
 * needs to serve all groups, whichever is more. Never above the true least.
 */
import type { LaidRota } from './rota-problem.js';

/** All tasks that must have ended before each, or may only begin after it. */
function reach(
  laid: LaidRota,
  next: readonly (readonly number[])[],
  order: readonly number[],
): Set<number>[] {
  const sets = Array.from({ length: laid.m }, () => new Set<number>());
  for (const i of order)
    for (const k of next[i]!) {
      sets[i]!.add(k);
      for (const far of sets[k]!) sets[i]!.add(far);
    }
  return sets;
}

/** The least time before each task can begin, and after it has ended, within one group. */
export function headsAndTails(laid: LaidRota): { heads: number[]; tails: number[] } {
  const { m, attended, unattended, duration, before, after, order } = laid;
  const chain = (next: readonly (readonly number[])[], along: readonly number[]) => {
    const far = new Array<number>(m).fill(0);
    for (const i of along) for (const k of next[i]!) far[i] = Math.max(far[i]!, far[k]! + duration[k]!);
    return far;
  };
  const forward = chain(before, order);
  const backward = chain(after, [...order].reverse());
  const alone = (sets: readonly Set<number>[], i: number, wait: (k: number) => number): number => {
    const list = [...sets[i]!];
    if (!list.length) return 0;
    return list.reduce((sum, k) => sum + attended[k]!, 0) + Math.min(...list.map(wait));
  };
  const preds = reach(laid, before, order);
  const succs = reach(laid, after, [...order].reverse());
  // Whichever predecessor is attended last still has its own unattended minutes to run; so has the last successor.
  const heads = forward.map((f, i) =>
    Math.max(
      f,
      alone(preds, i, (k) => unattended[k]!),
    ),
  );
  const tails = backward.map((b, i) =>
    Math.max(
      b,
      alone(succs, i, (k) => unattended[k]!),
    ),
  );
  return { heads, tails };
}

/** One group by itself: its attended minutes one at a time, each task with its head and what follows it (Jackson's preemptive rule). */
function oneGroup(
  { m, attended, unattended }: LaidRota,
  heads: readonly number[],
  tails: readonly number[],
): number {
  const left = [...attended];
  const q = tails.map((t, i) => t + unattended[i]!);
  let latest = 0;
  for (let i = 0; i < m; i++) if (attended[i] === 0) latest = Math.max(latest, heads[i]! + q[i]!);
  let open = left.filter((a) => a > 0).length;
  for (let now = 0; open > 0; now++) {
    let best = -1;
    for (let i = 0; i < m; i++)
      if (left[i]! > 0 && heads[i]! <= now && (best < 0 || q[i]! > q[best]!)) best = i;
    if (best < 0) continue;
    if (--left[best]! === 0) {
      open--;
      latest = Math.max(latest, now + 1 + q[best]!);
    }
  }
  return latest;
}

/** The most minutes that whole tasks of these lengths can fill of `time`, for each time up to `most`. */
function fills(lengths: readonly number[], most: number): Int32Array {
  const filled = new Int32Array(most + 1);
  for (let t = 1; t <= most; t++) {
    let best = filled[t - 1]!;
    for (const d of lengths) if (d <= t && filled[t - d]! + d > best) best = filled[t - d]! + d;
    filled[t] = best;
  }
  return filled;
}

/** Most tasks at one station whose every subset is tried; beyond it, only subsets by head and tail are. */
const mostSubsets = 10;

function oneStation(
  laid: LaidRota,
  station: number,
  heads: readonly number[],
  tails: readonly number[],
): number {
  const { groups, duration, places } = laid;
  const here = laid.station.flatMap((s, i) => (s === station && duration[i]! > 0 ? [i] : []));
  if (!here.length) return 0;
  const seats = Math.min(places[station]!, groups * here.length);
  let most = 0;
  const tried = here.slice(0, mostSubsets);
  for (let mask = 1; mask < 1 << tried.length; mask++) {
    const set = tried.filter((_, k) => mask & (1 << k));
    const total = groups * set.reduce((sum, i) => sum + duration[i]!, 0);
    const head = Math.min(...set.map((i) => heads[i]!));
    const tail = Math.min(...set.map((i) => tails[i]!));
    let time = Math.ceil(total / seats);
    if (head + time + tail + Math.max(...set.map((i) => duration[i]!)) <= most) continue;
    const filled = fills([...new Set(set.map((i) => duration[i]!))], time + 400);
    while (time < filled.length - 1 && seats * filled[time]! < total) time++;
    most = Math.max(most, head + time + tail);
  }
  return most;
}

/** The minutes in which a station is in use, whatever the order: what whole tasks of its lengths can fill of them suffices. */
function useOf({ groups, duration, places, station }: LaidRota, s: number): number {
  const here = station.flatMap((at, i) => (at === s && duration[i]! > 0 ? [i] : []));
  const total = groups * here.reduce((sum, i) => sum + duration[i]!, 0);
  if (!total) return 0;
  let time = Math.ceil(total / places[s]!);
  const filled = fills([...new Set(here.map((i) => duration[i]!))], time + 400);
  while (time < filled.length - 1 && places[s]! * filled[time]! < total) time++;
  return time;
}

/** Stations that are never in use together need the sum of their minutes, one after the other. */
function twoApart(laid: LaidRota, a: number, b: number, heads: readonly number[], tails: readonly number[]) {
  const here = laid.station.flatMap((s, i) => (s === a || s === b ? [i] : []));
  const least = (of: readonly number[]) => Math.min(...here.map((i) => of[i]!));
  return least(heads) + useOf(laid, a) + useOf(laid, b) + least(tails);
}

/** A lower bound on the minutes from the end of set-up to the last end. */
export function leastMinutes(laid: LaidRota): number {
  const { heads, tails } = headsAndTails(laid);
  let least = oneGroup(laid, heads, tails);
  for (let i = 0; i < laid.m; i++) least = Math.max(least, heads[i]! + laid.duration[i]! + tails[i]!);
  laid.places.forEach((_, s) => (least = Math.max(least, oneStation(laid, s, heads, tails))));
  laid.apart.forEach((others, a) => {
    for (const b of others) if (a < b) least = Math.max(least, twoApart(laid, a, b, heads, tails));
  });
  return least;
}
