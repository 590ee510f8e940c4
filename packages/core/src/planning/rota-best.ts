/**
 * The shortest rota that is found and the least that any can take: a quick search, then the bound minute by minute, then plans
 * that reach it. Effort is counted in steps, so that the same problem gives the same rota wherever there is time for them.
 */
import { GroupPlans, type GroupPlan } from './group-plans.js';
import { seededRandom } from '../numbers/random.js';
import { leastMinutes } from './rota-bound.js';
import { frameOf, type RotaFrame } from './rota-frame.js';
import { searchPinned } from './rota-pins.js';
import { RotaPrices, type HorizonAnswer, type RotaProof } from './rota-prices.js';
import type { LaidRota } from './rota-problem.js';
import { dive, reachHorizon, rounded } from './rota-reach.js';
import { searchRota, type FoundRota } from './rota-search.js';

export interface BestSettings {
  readonly seconds: number;
  readonly seed: number;
  readonly now: () => number;
  /** Minutes after set-up by which it should end: worth reaching before all else. */
  readonly limit: number;
  /** Called with each better rota, and whenever the bound has risen. */
  readonly onBetter?: (found: FoundRota, least: number) => void;
  /** Rounds of diving and mending at most. */
  readonly rounds?: number;
  /** Nothing more is asked than whether it can end by the limit. */
  readonly onlyLimit?: boolean;
}
export interface BestRota {
  /** undefined where slots set by hand leave no way that was found. */
  readonly found: FoundRota | undefined;
  /** Minutes after set-up; no rota ends sooner. */
  readonly least: number;
  /** Why none ends a minute before `least`, where prices show it. */
  readonly proof: RotaProof | undefined;
}

const quickSeconds = 1.5;
const quickOrders = 2_500;
const usualRounds = 40;
const stepsARound = 1_500;

/** The least minutes by simple sums, where some tasks have begun. */
function leastOfRest({ laid, kinds, begunEnd }: RotaFrame): number {
  const { m, duration, attended, unattended, station, places, release } = laid;
  let least = begunEnd;
  const load = places.map(() => 0);
  for (const { groups, free, ends } of kinds) {
    let [sum, wait] = [0, Infinity];
    for (let i = 0; i < m; i++)
      if (ends[i] === undefined) {
        sum += attended[i]!;
        wait = Math.min(wait, unattended[i]!);
        load[station[i]!]! += duration[i]! * groups.length;
      }
    if (sum) least = Math.max(least, free + sum + wait);
  }
  load.forEach((minutes, s) => {
    if (minutes) least = Math.max(least, release + Math.ceil(minutes / places[s]!));
  });
  return least;
}

/** @param laid with a place at every station it wants. */
export function bestRota(
  laid: LaidRota,
  { seconds, seed, now, limit, onBetter, rounds = usualRounds, onlyLimit = false }: BestSettings,
): BestRota {
  const until = now() + seconds * 1000;
  const frame = frameOf(laid);
  const plain =
    laid.pinned.size === 0 && laid.begun.size === 0 && laid.release === 0 && frame.apart.length === 0;
  let least = laid.begun.size || laid.release ? leastOfRest(frame) : leastMinutes(laid);
  if (onlyLimit && least > limit) return { found: undefined, least, proof: undefined };
  const target = () => (onlyLimit ? Math.max(least, limit) : least);
  const plans = GroupPlans.of(laid, frame.kinds);
  const search = plain ? searchRota : searchPinned;
  let found = search(laid, {
    target: target(),
    // Where nothing better follows, the search has all the time there is.
    seconds: plans ? Math.min(seconds, quickSeconds) : seconds,
    ...(plans ? { most: quickOrders } : {}),
    seed,
    now,
    onBetter: (better) => onBetter?.(better, least),
  });
  let proof: RotaProof | undefined;
  const isDone = () => found !== undefined && found.makespan <= target();
  if (!plans || isDone() || now() > until) return { found, least, proof };

  const prices = new RotaPrices(frame, plans);
  if (found) prices.take(found.starts);
  const goOn = () => now() < until;
  const top = () => found?.makespan ?? Infinity;
  const answers = new Map<number, HorizonAnswer>();
  const ask = (horizon: number): HorizonAnswer => {
    let answer = answers.get(horizon);
    if (!answer) {
      answer = prices.at(horizon, { goOn });
      answers.set(horizon, answer);
      if (answer.kind === 'impossible' && horizon >= least) {
        least = horizon + 1;
        proof = answer.proof;
        if (found) onBetter?.(found, least);
      }
    }
    return answer;
  };
  // The bound, minute by minute; the lesson's own limit first, as that decides whether it fits.
  if (limit >= least && limit < top()) ask(limit);
  if (onlyLimit && least > limit) return { found, least, proof };
  let step = 1;
  while (goOn() && least < top() && !onlyLimit) {
    const at = Math.min(least + step - 1, top() - 1);
    const answer = ask(at);
    if (answer.kind === 'impossible') step = Math.min(8, step * 2);
    else if (step === 1) break;
    else step = 1;
  }
  const take = (byGroup: ReadonlyMap<number, GroupPlan>): void => {
    const { m, duration } = laid;
    const starts = new Int32Array(laid.groups * m);
    let makespan = frame.begunEnd;
    for (let g = 0; g < laid.groups; g++)
      for (let i = 0; i < m; i++) {
        const t = byGroup.get(g)![i]!;
        starts[g * m + i] = t < 0 ? laid.begun.get(g * m + i)! : t;
        if (t >= 0) makespan = Math.max(makespan, t + duration[i]!);
      }
    if (makespan >= top()) return;
    found = { starts, makespan };
    onBetter?.(found, least);
  };
  const random = seededRandom(seed + 101);
  // So many as take about a second, by the size of the graph.
  const steps = Math.max(150, Math.min(stepsARound, Math.floor(6e7 / (plans.count * Math.max(1, least)))));
  /** Tries once to end by a horizon. */
  const reach = (horizon: number, round: number): void => {
    const answer = ask(horizon);
    if (answer.kind === 'impossible') return;
    const first =
      answer.kind === 'open' ? rounded(answer.columns, answer.share) : new Map<number, GroupPlan>();
    if (round === 0) {
      const quick = reachHorizon(prices, horizon, first, { steps: steps >> 1, random, goOn });
      if (quick) return take(quick);
    }
    if (!goOn() || answer.kind !== 'open') return;
    const settled = dive(prices, horizon, { random, goOn });
    if (settled.size === laid.groups) return take(settled);
    const mended = reachHorizon(prices, horizon, settled, { steps: steps >> 2, random, goOn });
    if (mended) take(mended);
  };
  for (let round = 0; round < rounds && goOn() && !isDone(); round++) {
    if (onlyLimit) reach(limit, round);
    else if (limit >= least && limit < top() && round % 2 === 0) reach(limit, round);
    else {
      reach(least, round);
      // Where the least resists, something in between is still better than nothing.
      if (top() > least + 1 && goOn())
        reach(top() === Infinity ? least + 2 ** (round + 1) : Math.floor((least + top()) / 2), round);
    }
  }
  return { found, least, proof };
}
