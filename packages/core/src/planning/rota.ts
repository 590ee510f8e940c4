/**
 * Who is where when: all groups through all tasks in as few minutes as can be, with a bound that says
 * how short it could be at best, and, where it does not fit the lesson, each least change that would mend it.
 */
import { leastMinutes } from './rota-bound.js';
import { pinnedSlots, rotaClashes, searchPinned } from './rota-pins.js';
import { layRota, type RotaProblem, type RotaSlot } from './rota-problem.js';
import { searchRota, type FoundRota } from './rota-search.js';

export interface RotaShort {
  /** How many minutes longer the lesson would have to be. */
  readonly minutes: number;
  /** Stations where one more place would do. */
  readonly addPlace: readonly string[];
  /** Tasks that, left for another lesson, would let the rest fit. */
  readonly secondLesson: readonly string[];
}
export interface RotaResult {
  readonly feasible: boolean;
  readonly makespan: number | null;
  readonly lowerBound: number;
  readonly optimal: boolean;
  readonly schedule: readonly RotaSlot[];
  readonly why: readonly string[];
  readonly short?: RotaShort;
}
export interface RotaSettings {
  /** Seconds for the rota itself; what would mend a long one takes a little more. */
  readonly seconds?: number;
  readonly seed?: number;
  readonly now?: () => number;
  /** Called with each better rota as it is found, and with the bound. */
  readonly onBetter?: (makespan: number, bound: number, schedule: readonly RotaSlot[]) => void;
}

const usualSeconds = 11;
const whatIfSeconds = 0.6;

/** Could the problem be done by `limit` minutes after set-up? True only when such a rota was found. */
function fits(problem: RotaProblem, limit: number, seconds: number, now: () => number): boolean {
  if (!problem.tasks.length) return true;
  const laid = layRota(problem);
  if (laid.places.some((p) => p < 1) || leastMinutes(laid) > limit) return false;
  const search = laid.pinned.size ? searchPinned : searchRota;
  const found = search(laid, { target: limit, seconds, seed: 5, now });
  return found !== undefined && found.makespan <= limit;
}

const without = (problem: RotaProblem, id: string): RotaProblem => {
  const before = problem.before ?? [];
  // What came before and after the task left out still holds between its neighbours.
  const bridged = before
    .filter(([, b]) => b === id)
    .flatMap(([a]) => before.filter(([x]) => x === id).map(([, b]) => [a, b] as const));
  return {
    ...problem,
    tasks: problem.tasks.filter((t) => t.id !== id),
    ...(problem.pinned ? { pinned: problem.pinned.filter((p) => p.task !== id) } : {}),
    before: [...before.filter(([a, b]) => a !== id && b !== id), ...bridged],
  };
};

function shortOf(problem: RotaProblem, makespan: number, now: () => number): RotaShort {
  const limit = problem.lesson - problem.clearUp - problem.setUp;
  const used = [...new Set(problem.tasks.map((t) => t.station))];
  return {
    minutes: makespan + problem.clearUp - problem.lesson,
    addPlace: used.filter((s) =>
      fits(
        { ...problem, stations: { ...problem.stations, [s]: problem.stations[s]! + 1 } },
        limit,
        whatIfSeconds,
        now,
      ),
    ),
    secondLesson: problem.tasks
      .map((t) => t.id)
      .filter((id) => fits(without(problem, id), limit, whatIfSeconds, now)),
  };
}

function scheduleOf({ tasks, setUp }: RotaProblem, { starts }: FoundRota): RotaSlot[] {
  const m = tasks.length;
  return Array.from(starts, (start, op): RotaSlot => {
    const task = tasks[op % m]!;
    return {
      group: Math.floor(op / m) + 1,
      task: task.id,
      start: setUp + start,
      end: setUp + start + task.attended + (task.unattended ?? 0),
    };
  }).sort((a, b) => a.group - b.group || a.start - b.start);
}

/**
 * Plans a rota.
 * @throws RangeError for unknown or repeated tasks, unknown stations and circles.
 */
export function rota(
  problem: RotaProblem,
  { seconds = usualSeconds, seed = 1, now = () => performance.now(), onBetter }: RotaSettings = {},
): RotaResult {
  const laid = layRota(problem);
  const { setUp, clearUp, lesson } = problem;
  const closed = laid.stationNames.filter((_, s) => laid.places[s]! < 1);
  if (closed.length) {
    const wants = problem.tasks.filter((t) => closed.includes(t.station)).map((t) => t.id);
    return {
      feasible: false,
      makespan: null,
      lowerBound: setUp,
      optimal: false,
      schedule: [],
      why: [
        `${wants.join(', ')} ${wants.length === 1 ? 'needs' : 'need'} ${closed.join(' and ')}, which has no place in this room: add a place or leave it out.`,
      ],
    };
  }
  const least = leastMinutes(laid);
  const settings = {
    target: least,
    seconds,
    seed,
    now,
    ...(onBetter
      ? {
          onBetter: (f: FoundRota) => onBetter(setUp + f.makespan, setUp + least, scheduleOf(problem, f)),
        }
      : {}),
  };
  const clashing = rotaClashes(problem, pinnedSlots(problem)).filter((c) => c.kind !== 'too-late');
  const found = clashing.length
    ? undefined
    : laid.pinned.size
      ? searchPinned(laid, settings)
      : searchRota(laid, settings);
  if (!found)
    return {
      feasible: false,
      makespan: null,
      lowerBound: setUp + least,
      optimal: false,
      schedule: [],
      why: [
        'The slots set by hand leave no way to fit the rest: take one of them back, or move it.',
        ...clashing.map((c) => c.text),
      ],
    };
  const makespan = setUp + found.makespan;
  const lowerBound = setUp + least;
  const feasible = makespan + clearUp <= lesson;
  const optimal = found.makespan === least;
  const schedule = scheduleOf(problem, found);
  if (feasible) return { feasible, makespan, lowerBound, optimal, schedule, why: [] };
  const short = shortOf(problem, makespan, now);
  const mends = [
    `make the lesson ${short.minutes} minutes longer`,
    ...short.addPlace.map((s) => `add a place at ${s}`),
    ...short.secondLesson.map((t) => `leave ${t} for another lesson`),
  ];
  return {
    feasible,
    makespan,
    lowerBound,
    optimal,
    schedule,
    why: [
      `The shortest rota found ends at minute ${makespan}; with ${clearUp} minutes to clear up that is ${short.minutes} minutes more than the lesson has.`,
      `To mend it: ${mends.join('; or ')}.`,
    ],
    short,
  };
}
