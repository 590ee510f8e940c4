/** Heavy planning off the page's own thread: rota, dealing, rehearsal. */
import {
  allocate,
  changesOf,
  compare,
  highsSolver,
  ranked,
  rehearse,
  rota,
  useSolver as handIn,
  type AllocationProblem,
  type AllocationResult,
  type Foretold,
  type LoadedHighs,
  type RankedChange,
  type RehearsalPlan,
  type RehearsalResult,
  type RotaProblem,
  type RotaResult,
  type RotaSlot,
} from '@kivex/core';
import * as Comlink from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { onlyBetter } from './rota-words.js';

let ready: Promise<void> | undefined;
/** The solver is large: fetched when it is first wanted. */
const solver = (): Promise<void> =>
  (ready ??= highsSolver(() => loadHighs({ locateFile: () => wasmUrl }) as Promise<LoadedHighs>).then(
    handIn,
  ));

const firstSeconds = 0.2;

const work = {
  /** First without the solver, which is instant; then with it, which proves and shortens. Only what is better is told. */
  rota: async (
    problem: RotaProblem,
    seconds: number,
    onBetter: (makespan: number, bound: number, schedule: readonly RotaSlot[]) => void,
  ): Promise<RotaResult> => {
    const tell = onlyBetter((makespan, bound, schedule) => void onBetter(makespan, bound, schedule));
    handIn(undefined);
    const first = rota(problem, { seconds: firstSeconds, mends: false, onBetter: tell });
    if (first.optimal && first.feasible) return first;
    ready = undefined;
    // Where it cannot be fetched, what can be found without it is still a rota.
    await solver().catch(() => undefined);
    return rota(problem, { seconds, onBetter: tell });
  },
  /** First without the solver, which is quick; then with it, which proves. */
  allocate: async (
    problem: AllocationProblem,
    onFirst: (result: AllocationResult) => void,
  ): Promise<AllocationResult> => {
    handIn(undefined);
    onFirst(allocate(problem));
    ready = undefined;
    await solver();
    return allocate(problem);
  },
  rehearse: (plan: RehearsalPlan, onRun: (done: number) => void): RehearsalResult =>
    rehearse(plan, (done) => {
      if (done % 20 === 0) void onRun(done);
    }),
  /** What the lesson would be foretold at each rate of slips. */
  foretell: (
    plan: RehearsalPlan,
    factors: readonly number[],
    onTried: (done: number) => void,
  ): RatedForecast[] =>
    factors.map((factor, i): RatedForecast => {
      const { right, repeats, finish } = rehearse({ ...plan, slipFactor: factor });
      void onTried(i + 1);
      return { factor, right, repeats, halfThrough_min: finish.p50 };
    }),
  changes: async (
    plan: RehearsalPlan,
    base: RehearsalResult,
    onRanked: (list: readonly RankedChange[], left: number) => void,
  ): Promise<readonly RankedChange[]> => {
    const changes = changesOf(plan);
    const done: RankedChange[] = [];
    for (const [i, change] of changes.entries()) {
      done.push(compare(change, base, rehearse({ ...change.plan, runs: base.runs })));
      void onRanked(ranked(done), changes.length - i - 1);
      // Lets what was found be shown before the next is tried.
      await new Promise((resolve) => setTimeout(resolve, 0));
    }
    return ranked(done);
  },
};
export interface RatedForecast extends Foretold {
  readonly repeats: number;
  readonly halfThrough_min: number;
}
export type PlanningWork = typeof work;
Comlink.expose(work);
