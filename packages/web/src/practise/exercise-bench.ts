/** An exercise as a bench of the kind a lesson has, so that the same tile, pads and naming serve; its log stays on this page. */
import type { Bench, WireEvent } from '@kivex/contract';
import {
  choicesFor,
  markExercise,
  readGroup,
  type EventBody,
  type GroupRecord,
  screenUnknown,
  type ItemMark,
  type UnknownExercise,
} from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';

const me = { id: 'me', name: 'You' } as const;
const group = 'on-screen';
export const unknownId = screenUnknown;

/** A log entry of this page. */
export const entryOf = (body: EventBody, seq: number, at = new Date()): WireEvent => ({
  id: uuidv7(),
  group,
  by: me.id,
  at: at.toISOString(),
  body,
  seq,
});

export function exerciseBench(exercise: UnknownExercise, label: string, events: readonly WireEvent[]): Bench {
  const { practical } = exercise;
  return {
    me,
    lesson: {
      id: `practise-${practical.syllabus}-${exercise.asks}-${exercise.seed}`,
      title: label,
      summary: practical.summary,
      state: 'running',
      room: '',
      startedAt: null,
    },
    now: new Date().toISOString(),
    plan: [],
    group: { id: group, name: 'On screen', students: [me] },
    samples: [{ id: unknownId, role: 'unknown', label, tests: practical.tests.map((t) => t.test) }],
    tests: practical.tests,
    asks: practical.asks,
    choices: choicesFor(practical),
    events,
    held: [],
    here: [me.id],
    locked: false,
    advice: true,
    balance: true,
    marksOut: false,
  };
}

export const exerciseRecord = (events: readonly WireEvent[]): GroupRecord => readGroup(events);

/** Marked as a lesson is. */
export const exerciseMarks = (exercise: UnknownExercise, events: readonly WireEvent[]): ItemMark[] =>
  markExercise(exercise, events);
export { me };
