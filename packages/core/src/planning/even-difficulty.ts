/**
 * How evenly hard the groups' work can be. All sums of a plan within a spread w lie in some window
 * [low, low + w], and the mean sum lies in it too; how often samples are used leaves the mean little room,
 * so that few windows are left, often none. Each is asked of the solver by itself, which it answers far
 * sooner than the question with the window left open.
 */
import { modelOf, planFrom, spread, sumsOf, usesOf, type LaidAllocation } from './allocation-model.js';
import { solveMip } from './solver.js';

/**
 * The least and the most difficulty that all groups can have together, where the most-used sample goes to
 * at most `coverage` groups more than the least-used one; undefined where counting allows no such uses.
 */
export function totalDifficulty(
  { G, perGroup, difficulty, most }: LaidAllocation,
  coverage: number,
): { least: number; most: number } | undefined {
  const wanted = G * perGroup;
  const order = difficulty.map((_, s) => s).sort((a, b) => difficulty[a]! - difficulty[b]!);
  let found: { least: number; most: number } | undefined;
  for (let k = 0; k <= Math.min(G, ...most); k++) {
    const spare = wanted - k * difficulty.length;
    if (spare < 0) break;
    const room = order.map((s) => Math.min(k + coverage, most[s]!) - k);
    if (room.reduce((a, b) => a + b, 0) < spare) continue;
    const base = k * difficulty.reduce((a, b) => a + b, 0);
    const filled = (indices: readonly number[]): number => {
      let left = spare;
      return indices.reduce((sum, i) => {
        const taken = Math.min(left, room[i]!);
        left -= taken;
        return sum + taken * difficulty[order[i]!]!;
      }, base);
    };
    const up = order.map((_, i) => i);
    const [least, highest] = [filled(up), filled([...up].reverse())];
    found = {
      least: Math.min(least, found?.least ?? least),
      most: Math.max(highest, found?.most ?? highest),
    };
  }
  return found;
}

/** The least sums of the windows of width `w` that counting leaves open, those about the middle first. */
export function openWindows(laid: LaidAllocation, coverage: number, w: number): number[] {
  const total = totalDifficulty(laid, coverage);
  if (!total || !laid.G) return [];
  const first = Math.ceil(total.least / laid.G) - w;
  const last = Math.floor(total.most / laid.G);
  const middle = (first + last) / 2;
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i).sort(
    (a, b) => Math.abs(a - middle) - Math.abs(b - middle) || a - b,
  );
}

/** Rows that hold every group's sum within the window. */
const windowRows = ({ G, may, difficulty }: LaidAllocation, low: number, w: number): string[] =>
  Array.from({ length: G }, (_, g) => {
    const sum = may[g]!.flatMap((ok, s) => (ok ? [`${difficulty[s]} x${g}_${s}`] : [])).join(' + ');
    return w === 0 ? [`h${g}: ${sum} = ${low}`] : [`h${g}: ${sum} <= ${low + w}`, `e${g}: ${sum} >= ${low}`];
  }).flat();

/**
 * Betters a plan's difficulty spread at no more than its coverage spread, as far as the time goes.
 * @param seconds for all questions together, by the solver's own clock.
 * @returns the best plan, and whether nothing evener can be.
 */
export function evener(
  laid: LaidAllocation,
  given: number[][],
  coverage: number,
  seconds: number,
  now: () => number = () => performance.now(),
): { plan: number[][]; proven: boolean } {
  const until = now() + seconds * 1000;
  let plan = given;
  for (let w = spread(sumsOf(laid, plan)) - 1; w >= 0;) {
    const windows = openWindows(laid, coverage, w);
    let unknown = false;
    let better: number[][] | undefined;
    for (const [i, low] of windows.entries()) {
      const left = (until - now()) / 1000;
      if (left <= 0) return { plan, proven: false };
      const answer = solveMip(
        modelOf(laid, '0 lo', [...windowRows(laid, low, w), `cover: hi - lo <= ${coverage}`]),
        Math.max(0.5, left / (windows.length - i)),
      );
      if (answer.status === 'infeasible') continue;
      const found = answer.status === 'unknown' ? undefined : planFrom(laid, answer.values);
      if (found && spread(usesOf(laid, found)) <= coverage && spread(sumsOf(laid, found)) <= w) {
        better = found;
        break;
      }
      unknown = true;
    }
    if (!better) return { plan, proven: !unknown };
    plan = better;
    w = spread(sumsOf(laid, plan)) - 1;
  }
  return { plan, proven: true };
}
