/** A run of an exercise as it was sent in: played again and marked anew, for a device's word is not taken for it. */
import type { Action } from '../bench-model/actions.js';
import { ScreenBench } from '../bench-model/bench.js';
import { sampleOfSpecies } from '../bench-model/samples.js';
import type { SlipCode } from '../bench-model/slips.js';
import { mark } from '../marking/mark.js';
import { syllabusFor } from '../practicals/practical.js';
import { lessonMarks, type ItemMark } from '../lesson/lesson-marks.js';
import { readGroup, type EventBody } from '../lesson/record.js';
import { speciesName } from '../species/species.js';
import type { UnknownExercise } from './unknown-exercise.js';

/** The jar on screen has an id of the form all jars have, and the same for everyone. */
export const screenUnknown = '018f0000-0000-7000-8000-000000000417';
const student = 'me';

/** An entry as far as marking goes. */
export interface LoggedBody {
  readonly id: string;
  readonly body: EventBody;
}

export interface MarkedRun {
  readonly marks: readonly ItemMark[];
  readonly points: number;
  readonly max: number;
  /** The name is right. */
  readonly passed: boolean;
  readonly slips: readonly SlipCode[];
}

/** The jar of a known that stands beside the unknown. */
export const knownJar = (ids: readonly string[]): string => `known ${ids.map(speciesName).join(' ')}`;

/** The unknown, and the knowns beside it. Goggles are for the person to put on. */
export const exerciseSetUp = (exercise: UnknownExercise) => ({
  samples: {
    unknown: exercise.sample,
    ...Object.fromEntries(exercise.knowns.map((ids) => [knownJar(ids), sampleOfSpecies(ids)])),
  },
  seed: exercise.seed,
  goggles: false,
});

/** Marks what was logged of an exercise: tests that were run, and the name. */
export function markExercise(exercise: UnknownExercise, entries: readonly LoggedBody[]): ItemMark[] {
  const record = readGroup(
    entries.map(({ id, body }, i) => ({
      id,
      body,
      group: 'on-screen',
      by: student,
      at: new Date(i * 1000).toISOString(),
    })),
  );
  const run = new Set(record.observations.map((o) => o.body.test as string));
  const sample = { id: screenUnknown, role: 'unknown', ions: exercise.ions, form: exercise.form } as const;
  // Naming it in few steps is no fault: tests that were not run are not marked.
  return lessonMarks(exercise.practical, [sample], record, student).filter(
    (m) => m.test === null || run.has(m.test),
  );
}

/** Is the last name that of what the jar holds? What follows from a record of something else earns marks, and passes nothing. */
function namedRight({ practical, asks, ions }: UnknownExercise, entries: readonly LoggedBody[]): boolean {
  const naming = entries
    .map((e) => e.body)
    .findLast((body) => body.type === 'naming' && body.sample === screenUnknown);
  if (naming?.type !== 'naming') return false;
  const { points, max } = mark(
    syllabusFor(practical),
    { kind: 'identify', part: asks, sample: ions },
    naming.answer,
  );
  return max > 0 && points === max;
}

/**
 * Plays and marks a run.
 * @throws RangeError where an action cannot be done: then it was not made at this bench.
 */
export function markRun(
  exercise: UnknownExercise,
  actions: readonly Action[],
  entries: readonly LoggedBody[],
): MarkedRun {
  const bench = new ScreenBench(exerciseSetUp(exercise));
  for (const action of actions) bench.act(action);
  const marks = markExercise(exercise, entries);
  const sum = (of: (m: ItemMark) => number) => marks.reduce((total, m) => total + of(m), 0);
  return {
    marks,
    points: sum((m) => m.points),
    max: sum((m) => m.max),
    passed: namedRight(exercise, entries),
    slips: [...new Set(bench.afterwards().map((s) => s.code))],
  };
}
