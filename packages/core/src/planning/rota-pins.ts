/** Rotas with slots set by hand: the rest is put round them, and what a hand-made rota clashes with is said. */
import { seededRandom } from '../numbers/random.js';
import { layRota, type LaidRota, type RotaProblem, type RotaSlot } from './rota-problem.js';
import { Board, respectful, type FoundRota, type SearchSettings } from './rota-search.js';

/** The pinned slots with their ends. */
export const pinnedSlots = ({ tasks, pinned = [] }: RotaProblem): RotaSlot[] =>
  pinned.flatMap(({ group, task: id, start }) => {
    const task = tasks.find((t) => t.id === id);
    return task ? [{ group, task: id, start, end: start + task.attended + (task.unattended ?? 0) }] : [];
  });

/**
 * A short rota round the pinned slots: operations in random orders, bettered by small changes.
 * @returns undefined when none was found in the time there was.
 */
export function searchPinned(
  laid: LaidRota,
  { target, seconds, most = 200_000, seed, now, onBetter }: SearchSettings,
): FoundRota | undefined {
  const { groups, m, duration } = laid;
  const n = groups * m;
  const lastPin = Math.max(
    laid.release,
    ...[...laid.begun, ...laid.pinned].map(([op, t]) => t + duration[op % m]!),
  );
  const horizon = groups * duration.reduce((a, b) => a + b, 0) + lastPin + 1;
  if ([...laid.pinned.values()].some((t) => t < 0)) return undefined;
  const board = new Board(laid, horizon, false);
  const random = seededRandom(seed);
  const until = now() + seconds * 1000;
  let best: FoundRota | undefined;
  let order: Int32Array = respectful(
    Int32Array.from({ length: n }, (_, i) => i),
    laid,
    laid.before,
  );
  let current = Infinity;
  for (let round = 0; round < Math.min(400, most) || (now() < until && round < most); round++) {
    const candidate = order.slice();
    if (round) {
      const i = Math.floor(random() * n);
      const k = Math.floor(random() * n);
      [candidate[i], candidate[k]] = [candidate[k]!, candidate[i]!];
    }
    const tried = respectful(candidate, laid, laid.before);
    const makespan = board.place(tried, horizon - 1);
    if (makespan >= horizon) continue;
    if (makespan <= current || random() < 0.02) {
      current = makespan;
      order = tried;
    }
    if (!best || makespan < best.makespan) {
      best = { starts: board.starts.slice(), makespan };
      onBetter?.(best);
      if (makespan <= target) break;
    }
  }
  return best;
}

export interface RotaClash {
  readonly kind: 'two-at-once' | 'no-place' | 'order' | 'too-early' | 'too-late' | 'twice';
  readonly slots: readonly RotaSlot[];
  readonly text: string;
}

/** Names of tasks for sentences; ids where none are given. */
export type TaskNames = (id: string) => string;

/**
 * What is wrong with a rota, or part of one, as it stands: each clash with the slots concerned.
 * @throws RangeError as `layRota` does.
 */
export function rotaClashes(
  problem: RotaProblem,
  slots: readonly RotaSlot[],
  name: TaskNames = (id) => id,
): RotaClash[] {
  layRota({ ...problem, pinned: [] });
  const { tasks, stations, setUp, clearUp, lesson, before = [] } = problem;
  const task = new Map(tasks.map((t) => [t.id, t]));
  const known = slots.filter((s) => task.has(s.task));
  const clashes: RotaClash[] = [];
  const attendedEnd = (s: RotaSlot) => s.start + task.get(s.task)!.attended;
  for (const [i, a] of known.entries()) {
    if (a.start < setUp)
      clashes.push({
        kind: 'too-early',
        slots: [a],
        text: `Group ${a.group} begins ${name(a.task)} at minute ${a.start}, before setting up is done at ${setUp}.`,
      });
    if (a.end + clearUp > lesson)
      clashes.push({
        kind: 'too-late',
        slots: [a],
        text: `Group ${a.group} ends ${name(a.task)} at minute ${a.end}; clearing up begins at ${lesson - clearUp}.`,
      });
    for (const b of known.slice(i + 1)) {
      if (a.group !== b.group) continue;
      if (a.task === b.task)
        clashes.push({ kind: 'twice', slots: [a, b], text: `Group ${a.group} has ${name(a.task)} twice.` });
      else if (a.start < attendedEnd(b) && b.start < attendedEnd(a))
        clashes.push({
          kind: 'two-at-once',
          slots: [a, b],
          text: `Group ${a.group} would be at ${name(a.task)} and ${name(b.task)} at once.`,
        });
    }
  }
  for (const [first, then] of before)
    for (const a of known.filter((s) => s.task === first))
      for (const b of known.filter((s) => s.task === then && s.group === a.group))
        if (b.start < a.end)
          clashes.push({
            kind: 'order',
            slots: [a, b],
            text: `Group ${a.group}: ${name(first)} must end before ${name(then)} begins.`,
          });
  for (const [station, places] of Object.entries(stations)) {
    const at = known.filter((s) => task.get(s.task)!.station === station);
    const minutes = [...new Set(at.map((s) => s.start))].sort((a, b) => a - b);
    let told = 0;
    for (const minute of minutes) {
      const there = at.filter((s) => s.start <= minute && minute < s.end);
      if (there.length <= Math.max(places, told)) continue;
      told = there.length;
      clashes.push({
        kind: 'no-place',
        slots: there,
        text: `At minute ${minute} there are ${there.length} groups at ${station} and ${places} ${places === 1 ? 'place' : 'places'}.`,
      });
    }
  }
  return clashes;
}
