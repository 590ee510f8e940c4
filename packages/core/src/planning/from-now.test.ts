import { describe, expect, test } from '@jest/globals';
import { slotChanges, fromNow } from './from-now.js';
import type { RotaProblem } from './rota-problem.js';
import { rota } from './rota.js';
import { wrongWith } from './trials/check-rota.js';

const problem: RotaProblem = {
  groups: 3,
  tasks: [
    { id: 'flame', attended: 8, station: 'burner' },
    { id: 'silver', attended: 4, unattended: 4, station: 'bench' },
  ],
  stations: { burner: 2, bench: 3 },
  setUp: 5,
  clearUp: 5,
  lesson: 50,
  pinned: [{ group: 1, task: 'flame', start: 5 }],
};
const schedule = [
  { group: 1, task: 'flame', start: 5, end: 13 },
  { group: 2, task: 'flame', start: 5, end: 13 },
  { group: 3, task: 'flame', start: 13, end: 21 },
  { group: 1, task: 'silver', start: 13, end: 21 },
  { group: 2, task: 'silver', start: 13, end: 21 },
  { group: 3, task: 'silver', start: 5, end: 13 },
];
const all = () => 1;

describe('a lesson planned from now on', () => {
  test('what is done has ended by now, what runs by the plan goes on, the rest is open', () => {
    const { from, pinned } = fromNow(problem, schedule, 15, (g, t) => (t === 'flame' && g < 3 ? 0 : 1));
    expect(pinned).toBeUndefined();
    expect(from!.done).toEqual([
      { group: 1, task: 'flame', start: 5 },
      { group: 2, task: 'flame', start: 5 },
      { group: 3, task: 'flame', start: 13 },
      { group: 1, task: 'silver', start: 13 },
      { group: 2, task: 'silver', start: 13 },
    ]);
  });
  test('done before its time is done; half done late ends when the rest of it will', () => {
    const left = (g: number, t: string) =>
      g === 3 && t === 'flame' ? 0 : g === 1 && t === 'flame' ? 0.5 : 1;
    const done = fromNow(problem, schedule, 20, left).from!.done;
    expect(done).toContainEqual({ group: 3, task: 'flame', start: 12 });
    // Four minutes of eight are left.
    expect(done).toContainEqual({ group: 1, task: 'flame', start: 16 });
    expect(done.some((d) => d.group === 2 && d.task === 'flame')).toBe(false);
  });
  test('a burner that failed is said, an unknown station and unchanged places are not', () => {
    const places = { burner: 1, bench: 3, moon: 2 };
    expect(fromNow(problem, schedule, 6, all, places).from!.places).toEqual({ burner: 1 });
    expect(fromNow(problem, schedule, 6, all, { burner: 2 }).from!.places).toBeUndefined();
  });
  test('its rota keeps every rule, and takes longer with a burner less', () => {
    const left = (_: number, task: string) => (task === 'silver' ? 0 : 1);
    const ends = [{}, { burner: 1 }].map((places) => {
      const anew = fromNow(problem, schedule, 22, left, places);
      const answer = rota(anew, { seconds: 5, mends: false });
      expect(wrongWith(anew, answer.schedule)).toEqual([]);
      return answer.makespan!;
    });
    expect(ends).toEqual([38, 46]);
  });
  test('what changes is told with both minutes, what stays is not', () => {
    const after = schedule.map((s) =>
      s.group === 3 && s.task === 'flame' ? { ...s, start: 22, end: 30 } : s,
    );
    expect(slotChanges(schedule, after, 10)).toEqual([{ group: 3, task: 'flame', was: 13, is: 22 }]);
    expect(slotChanges(schedule, schedule, 0)).toEqual([]);
  });
});
