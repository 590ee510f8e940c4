/**
 * Who is where when: all groups through all tasks in as few minutes as can be, with a bound that says
 * how short it could be at best, and, where it does not fit the lesson, each least change that would mend it.
 */
import { bestRota } from './rota-best.js';
import { pinnedSlots, rotaClashes } from './rota-pins.js';
import type { RotaProof } from './rota-prices.js';
import { layRota, type RotaProblem, type RotaSlot } from './rota-problem.js';
import type { FoundRota } from './rota-search.js';

export interface RotaShort {
  /** How many minutes longer the lesson would have to be for the rota that was found. */
  readonly minutes: number;
  /** The fewest minutes by which any rota is too long, where that is not proven to be the same. */
  readonly atLeast?: number;
  /** Stations where one more place would do. */
  readonly addPlace: readonly string[];
  /** Tasks that, left for another lesson, would let the rest fit. */
  readonly secondLesson: readonly string[];
}
export interface RotaResult {
  /** Does it fit the lesson? null where neither is proven yet. */
  readonly feasible: boolean | null;
  readonly makespan: number | null;
  readonly lowerBound: number;
  readonly optimal: boolean;
  readonly schedule: readonly RotaSlot[];
  readonly why: readonly string[];
  readonly short?: RotaShort;
  /** Prices of places that show that none ends sooner than the bound; anybody can check them. */
  readonly proof?: RotaProof;
}
export interface RotaSettings {
  /** Seconds for the rota itself at most; what would mend a long one takes a little more. */
  readonly seconds?: number;
  readonly seed?: number;
  /** Is it worked out what would mend a long one? Usually so. */
  readonly mends?: boolean;
  readonly now?: () => number;
  /** Called with each better rota as it is found, and whenever the bound rises. */
  readonly onBetter?: (makespan: number, bound: number, schedule: readonly RotaSlot[]) => void;
}

const usualSeconds = 13;
/** For each change that might mend a long one, and for all of them. */
const whatIfSeconds = 1.2;
const allWhatIfsSeconds = 3;
const whatIfRounds = 2;

/** Could the problem be done by `limit` minutes after set-up? True only when such a rota was found. */
function fits(problem: RotaProblem, limit: number, seconds: number, now: () => number): boolean {
  if (!problem.tasks.length) return true;
  const laid = layRota(problem);
  if (laid.places.some((p) => p < 1)) return false;
  const { found } = bestRota(laid, { limit, seconds, seed: 5, now, rounds: whatIfRounds, onlyLimit: true });
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
    ...(problem.from
      ? { from: { ...problem.from, done: problem.from.done.filter((d) => d.task !== id) } }
      : {}),
    before: [...before.filter(([a, b]) => a !== id && b !== id), ...bridged],
  };
};

/** The same problem with one more place at a station, now and from now on. */
const withPlace = (problem: RotaProblem, s: string): RotaProblem => {
  const later = problem.from?.places?.[s];
  return {
    ...problem,
    stations: { ...problem.stations, [s]: problem.stations[s]! + 1 },
    ...(problem.from && later !== undefined
      ? { from: { ...problem.from, places: { ...problem.from.places, [s]: later + 1 } } }
      : {}),
  };
};

function shortOf(problem: RotaProblem, makespan: number, least: number, now: () => number): RotaShort {
  const limit = problem.lesson - problem.clearUp - problem.setUp;
  const used = [...new Set(problem.tasks.map((t) => t.station))];
  const until = now() + allWhatIfsSeconds * 1000;
  // Each its part of the time there is; what one leaves is for the others.
  let open = used.length + problem.tasks.length;
  const left = () => Math.max(0.05, Math.min(whatIfSeconds, (until - now()) / 1000 / open--));
  const over = (end: number) => end + problem.clearUp - problem.lesson;
  // A task that some group has begun cannot be left out any more.
  const begun = new Set(problem.from?.done.map((d) => d.task));
  return {
    minutes: over(makespan),
    ...(least < makespan ? { atLeast: Math.max(0, over(least)) } : {}),
    addPlace: used.filter((s) => fits(withPlace(problem, s), limit, left(), now)),
    secondLesson: problem.tasks
      .map((t) => t.id)
      .filter((id) => !begun.has(id))
      .filter((id) => fits(without(problem, id), limit, left(), now)),
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
  {
    seconds = usualSeconds,
    seed = 1,
    now = () => performance.now(),
    mends = true,
    onBetter,
  }: RotaSettings = {},
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
  const clashing = rotaClashes(problem, pinnedSlots(problem)).filter((c) => c.kind !== 'too-late');
  const { found, least, proof } = clashing.length
    ? { found: undefined, least: 0, proof: undefined }
    : bestRota(laid, {
        limit: lesson - clearUp - setUp,
        seconds,
        seed,
        now,
        ...(onBetter
          ? {
              onBetter: (f: FoundRota, least: number) =>
                onBetter(setUp + f.makespan, setUp + least, scheduleOf(problem, f)),
            }
          : {}),
      });
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
  const feasible = makespan + clearUp <= lesson ? true : lowerBound + clearUp > lesson ? false : null;
  const optimal = found.makespan <= least;
  const schedule = scheduleOf(problem, found);
  const proven = proof ? { proof } : {};
  if (feasible) return { feasible, makespan, lowerBound, optimal, schedule, why: [], ...proven };
  if (!mends) return { feasible, makespan, lowerBound, optimal, schedule, why: [], ...proven };
  const short = shortOf(problem, makespan, lowerBound, now);
  const changes = [
    `make the lesson ${short.minutes} minutes longer`,
    ...short.addPlace.map((s) => `add a place at ${s}`),
    ...short.secondLesson.map((t) => `leave ${t} for another lesson`),
  ];
  const shortest = `The shortest rota found ends at minute ${makespan}; with ${clearUp} minutes to clear up that is ${short.minutes} minutes more than the lesson has.`;
  return {
    feasible,
    makespan,
    lowerBound,
    optimal,
    schedule,
    why: [
      shortest,
      ...(optimal
        ? []
        : [
            feasible === false
              ? `No rota ends before minute ${lowerBound}, so it is ${short.atLeast} minutes too long at the least.`
              : `Whether one fits is not known: none ends before minute ${lowerBound}, which would do, but none that does was found yet.`,
          ]),
      `To mend it: ${changes.join('; or ')}.`,
    ],
    short,
    ...proven,
  };
}
