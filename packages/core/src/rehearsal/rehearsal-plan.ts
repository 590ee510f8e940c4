/** What a rehearsal is given and what it tells. */
import type { StationPlaces } from '../planning/lesson-rota.js';
import type { RotaSlot } from '../planning/rota-problem.js';
import type { Practical } from '../practicals/practical.js';

export interface RehearsalPlan {
  readonly practical: Practical;
  readonly groups: number;
  readonly places: StationPlaces;
  /** Keys of the unknowns of each group; dealt in turn where absent. */
  readonly unknowns?: readonly (readonly string[])[];
  /** The rota the groups follow; without one each takes what is free. */
  readonly schedule?: readonly RotaSlot[];
  readonly runs: number;
  readonly seed: number;
  /** On the prior of every slip: 0.5 is a class that has been shown how. */
  readonly slipFactor?: number;
  /** On the minutes every group attends a test: above 1 is slower than the practical says. */
  readonly paceFactor?: number;
}
export interface StationLoad {
  readonly station: string;
  readonly places: number;
  /** Minutes a group stands in its queue, on average. */
  readonly waiting: number;
  /** Share of its places' time in use between set-up and clear-up. */
  readonly busy: number;
}
export interface RehearsalResult {
  readonly runs: number;
  readonly groups: number;
  /** Minute of the lesson by which a tenth, half and nine tenths of the groups are through. */
  readonly finish: { readonly p10: number; readonly p50: number; readonly p90: number };
  /** The same for the last group of each run. */
  readonly last: { readonly p10: number; readonly p50: number; readonly p90: number };
  /** Share of groups that end in each minute, from the first that any does. */
  readonly histogram: readonly { readonly minute: number; readonly share: number }[];
  /** Share of groups through before clearing up. */
  readonly onTime: number;
  /** Share of unknowns named rightly. */
  readonly right: number;
  readonly bySample: readonly { readonly key: string; readonly right: number; readonly n: number }[];
  readonly stations: readonly StationLoad[];
  /** The station that costs most waiting, where that is half a minute a group or more. */
  readonly bottleneck: string | null;
  /** Repeats a group makes. */
  readonly repeats: number;
  /** By run: share right and share on time, for comparing like with like. */
  readonly eachRun: { readonly right: readonly number[]; readonly onTime: readonly number[] };
}
