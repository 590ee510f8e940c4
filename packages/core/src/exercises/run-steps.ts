/** A run on screen played again, step by step: what was done, what it let one see, and what slipped where. */
import type { Action } from '../bench-model/actions.js';
import { ScreenBench } from '../bench-model/bench.js';
import { exerciseSetUp } from './screen-run.js';
import type { UnknownExercise } from './unknown-exercise.js';

export interface RunStep {
  readonly action: Action;
  readonly text: string;
  /** Codes of the slips this step made. */
  readonly slips: readonly string[];
}
export interface PlayedRun {
  readonly steps: readonly RunStep[];
  /** Minutes by the bench's own clock. */
  readonly minutes: number;
}

/** @throws RangeError where an action cannot be done. */
export function playRun(exercise: UnknownExercise, actions: readonly Action[]): PlayedRun {
  const bench = new ScreenBench(exerciseSetUp(exercise));
  const texts = actions.map((action) => bench.act(action).text);
  const slips = bench.afterwards();
  return {
    steps: actions.map((action, i) => ({
      action,
      text: texts[i]!,
      slips: slips.filter((s) => s.at === i).map((s) => s.code),
    })),
    minutes: bench.clock_s / 60,
  };
}
