import { describe, expect, test } from '@jest/globals';
import type { EventBody, LessonEvent } from '../lesson/record.js';
import type { ReviewedMark } from './item-analysis.js';
import { lessonOutcome } from './lesson-outcome.js';

const start = '2026-11-27T09:00:00.000Z';
let n = 0;
const event = (group: string, minute: number, body: EventBody): LessonEvent =>
  ({
    id: `e${++n}`,
    group,
    by: 'a',
    at: new Date(Date.parse(start) + minute * 60_000).toISOString(),
    body,
  }) as LessonEvent;
const look = (sample: string, more: object = {}): EventBody =>
  ({
    type: 'observation',
    sample,
    test: 'flame',
    variant: 'wire',
    seen: { colour: 'red' },
    ...more,
  }) as EventBody;
const name = (points: number, part: Partial<ReviewedMark> = {}): ReviewedMark => ({
  student: 'a',
  strand: 'conclusion',
  test: null,
  attribute: null,
  truth: ['Li+'],
  role: 'unknown',
  answer: 'lithium',
  points,
  max: 2,
  weight: 1,
  ...part,
});

describe('what happened in a lesson', () => {
  test('names that earned everything, of unknowns alone', () => {
    const marks = [name(2), name(1), name(0), name(2, { role: 'known' }), name(2, { strand: 'observation' })];
    expect(lessonOutcome(marks, [], start).names).toEqual({ right: 1, n: 3 });
  });
  test('looks made again, by group; corrections and what was not done are none', () => {
    const events = [
      event('one', 1, look('x')),
      event('one', 2, look('x')),
      event('one', 3, look('y')),
      event('one', 4, look('y', { corrects: 'e3' })),
      event('two', 1, look('x')),
      event('two', 2, look('y', { notDone: true })),
      event('three', 1, { type: 'hand-in' } as EventBody),
    ];
    expect(lessonOutcome([], events, start).repeats).toBe(0.5);
  });
  test('half the groups are through when they hand in, or log their last', () => {
    const events = [
      event('one', 5, look('x')),
      event('one', 20, { type: 'hand-in' } as EventBody),
      event('one', 26, look('x')),
      event('two', 30, look('x')),
      event('three', 50, look('x')),
      event('late', 26 * 60, look('x')),
    ];
    expect(lessonOutcome([], events, start).halfThrough_min).toBe(30);
  });
  test('nothing is known of a lesson without a beginning or without entries', () => {
    expect(lessonOutcome([], [event('one', 5, look('x'))], null).halfThrough_min).toBeNull();
    expect(lessonOutcome([], [], start)).toEqual({
      names: { right: 0, n: 0 },
      repeats: null,
      halfThrough_min: null,
      timed: 0,
    });
  });
});
