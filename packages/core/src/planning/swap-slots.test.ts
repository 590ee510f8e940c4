import { describe, expect, test } from '@jest/globals';
import type { RotaProblem, RotaSlot } from './rota-problem.js';
import { newClashes, swapSlots, swapsFor } from './swap-slots.js';

const problem: RotaProblem = {
  groups: 2,
  tasks: [
    { id: 'flame', attended: 6, station: 'burner' },
    { id: 'naoh', attended: 10, station: 'bench' },
    { id: 'warm', attended: 4, unattended: 6, station: 'bench' },
  ],
  stations: { burner: 1, bench: 2 },
  lesson: 50,
  setUp: 5,
  clearUp: 5,
};
const slot = (group: number, task: string, start: number, long: number): RotaSlot => ({
  group,
  task,
  start,
  end: start + long,
});
const rota = [
  slot(1, 'flame', 5, 6),
  slot(1, 'naoh', 11, 10),
  slot(1, 'warm', 21, 10),
  slot(2, 'naoh', 5, 10),
  slot(2, 'flame', 15, 6),
  slot(2, 'warm', 21, 10),
];
const at = (slots: readonly RotaSlot[], group: number, task: string) =>
  slots.find((s) => s.group === group && s.task === task)!;

describe('two slots changed for each other', () => {
  test('of one group: in the other order, within the time both took', () => {
    const after = swapSlots(problem, rota, { group: 1, task: 'naoh' }, { group: 1, task: 'flame' });
    expect(at(after, 1, 'naoh')).toEqual(slot(1, 'naoh', 5, 10));
    expect(at(after, 1, 'flame')).toEqual(slot(1, 'flame', 15, 6));
    // Nothing else is moved.
    expect(after.filter((s) => s.group === 2)).toEqual(rota.filter((s) => s.group === 2));
  });
  test('what waits alone keeps its length: it is what is attended that takes turns', () => {
    const after = swapSlots(problem, rota, { group: 1, task: 'warm' }, { group: 1, task: 'naoh' });
    expect(at(after, 1, 'warm')).toEqual(slot(1, 'warm', 11, 10));
    expect(at(after, 1, 'naoh').start).toBe(15);
  });
  test('of two groups at one test: at each other’s time, and what each would be at meanwhile comes where it was', () => {
    const after = swapSlots(problem, rota, { group: 1, task: 'flame' }, { group: 2, task: 'flame' });
    expect([at(after, 1, 'flame').start, at(after, 2, 'flame').start]).toEqual([15, 5]);
    expect([at(after, 1, 'naoh').start, at(after, 2, 'naoh').start]).toEqual([5, 15]);
    expect([at(after, 1, 'warm').start, at(after, 2, 'warm').start]).toEqual([21, 21]);
    expect(newClashes(problem, rota, after)).toEqual([
      'Group 2 would be at naoh and warm at once.',
      'At minute 21 there are 3 groups at bench and 2 places.',
    ]);
  });
  test('nothing in common, or not there, is refused', () => {
    expect(() => swapSlots(problem, rota, { group: 1, task: 'flame' }, { group: 2, task: 'naoh' })).toThrow(
      /one group/,
    );
    expect(() => swapSlots(problem, rota, { group: 1, task: 'flame' }, { group: 3, task: 'flame' })).toThrow(
      /no flame/,
    );
  });
});

describe('what a slot can be changed for', () => {
  test('what has begun stays; others of the group and of the test are offered', () => {
    const flame = at(rota, 2, 'flame');
    expect(swapsFor(rota, flame, 12).map((s) => `${s.group} ${s.task}`)).toEqual(['2 warm']);
    expect(swapsFor(rota, flame, 0).map((s) => `${s.group} ${s.task}`)).toEqual([
      '1 flame',
      '2 naoh',
      '2 warm',
    ]);
    expect(swapsFor(rota, at(rota, 1, 'flame'), 8)).toEqual([]);
  });
});

describe('what it would clash with', () => {
  test('is told where it did not clash so before', () => {
    const burner = swapSlots(problem, rota, { group: 1, task: 'naoh' }, { group: 1, task: 'flame' });
    expect(newClashes(problem, rota, burner)).toEqual([
      'At minute 15 there are 2 groups at burner and 1 place.',
    ]);
    const warm = swapSlots(problem, rota, { group: 2, task: 'warm' }, { group: 2, task: 'naoh' });
    expect(newClashes(problem, rota, warm, (id) => id.toUpperCase())).toEqual([
      'Group 2 would be at NAOH and FLAME at once.',
    ]);
    expect(newClashes(problem, warm, warm)).toEqual([]);
  });
});
