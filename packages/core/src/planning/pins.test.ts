import { describe, expect, test } from '@jest/globals';
import { allocate, type AllocationProblem } from './allocate.js';
import type { RotaProblem } from './rota-problem.js';
import { rotaClashes } from './rota-pins.js';
import { rota } from './rota.js';

const problem: RotaProblem = {
  groups: 4,
  tasks: [
    { id: 'a', attended: 5, station: 's' },
    { id: 'b', attended: 4, unattended: 6, station: 't' },
    { id: 'c', attended: 3, station: 'u' },
  ],
  stations: { s: 1, t: 2, u: 4 },
  lesson: 60,
  setUp: 5,
  clearUp: 5,
  before: [['a', 'c']],
};

describe('slots set by hand', () => {
  test('stay where they are set and the rest is valid round them', () => {
    const pinned = [
      { group: 2, task: 'a', start: 5 },
      { group: 1, task: 'b', start: 20 },
    ];
    const result = rota({ ...problem, pinned }, { seconds: 0.3 });
    expect(result.feasible).toBe(true);
    for (const pin of pinned)
      expect(result.schedule.find((s) => s.group === pin.group && s.task === pin.task)?.start).toBe(
        pin.start,
      );
    expect(result.schedule).toHaveLength(12);
    expect(rotaClashes(problem, result.schedule)).toEqual([]);
  });
  test('that clash with each other are refused and told', () => {
    const pinned = [
      { group: 1, task: 'a', start: 10 },
      { group: 2, task: 'a', start: 12 },
    ];
    const result = rota({ ...problem, pinned }, { seconds: 0.2 });
    expect(result.feasible).toBe(false);
    expect(result.why.join(' ')).toMatch(/2 groups at s and 1 place/);
  });
  test('a pin for what is not there is an error', () => {
    expect(() => rota({ ...problem, pinned: [{ group: 9, task: 'a', start: 5 }] })).toThrow(/group 9/);
  });
});

describe('what a hand-made rota clashes with', () => {
  const kinds = (slots: Parameters<typeof rotaClashes>[1]) => rotaClashes(problem, slots).map((c) => c.kind);
  test.each([
    ['nothing', [{ group: 1, task: 'a', start: 5, end: 10 }], []],
    ['set-up', [{ group: 1, task: 'a', start: 2, end: 7 }], ['too-early']],
    ['clearing up', [{ group: 1, task: 'a', start: 53, end: 58 }], ['too-late']],
    [
      'itself',
      [
        { group: 1, task: 'a', start: 5, end: 10 },
        { group: 1, task: 'b', start: 8, end: 18 },
      ],
      ['two-at-once'],
    ],
    [
      'the order',
      [
        { group: 1, task: 'a', start: 15, end: 20 },
        { group: 1, task: 'c', start: 5, end: 8 },
      ],
      ['order'],
    ],
    [
      'the places',
      [
        { group: 1, task: 'a', start: 5, end: 10 },
        { group: 2, task: 'a', start: 9, end: 14 },
      ],
      ['no-place'],
    ],
  ])('%s', (_, slots, expected) => expect(kinds(slots)).toEqual(expected));
  test('unattended minutes leave the group free but hold the place', () => {
    const waiting = [
      { group: 1, task: 'b', start: 5, end: 15 },
      { group: 1, task: 'a', start: 9, end: 14 },
    ];
    expect(kinds(waiting)).toEqual([]);
  });
});

describe('samples pinned to groups', () => {
  const groups = [0, 1, 2, 3].map((i) => ({ id: `g${i}`, bench: [0, i] as const }));
  const samples = ['p', 'q', 'r', 's'].map((id, i) => ({ id, difficulty: i + 1 }));
  const with_ = (pinned: AllocationProblem['pinned']) =>
    allocate({ groups, samples, perGroup: 1, ...(pinned ? { pinned } : {}) });
  test('are given, and neighbours get others', () => {
    const { feasible, assign } = with_({ g1: ['s'], g3: ['s'] });
    expect(feasible).toBe(true);
    expect([assign['g1'], assign['g3']]).toEqual([['s'], ['s']]);
    expect(assign['g0']).not.toContain('s');
    expect(assign['g2']).not.toContain('s');
  });
  test('all of them: the plan is what was pinned', () => {
    const all = { g0: ['p'], g1: ['q'], g2: ['p'], g3: ['q'] };
    expect(with_(all)).toMatchObject({ feasible: true, assign: all, coverageSpread: 2 });
  });
  test('to neighbours, or too many, are refused with who and what', () => {
    expect(with_({ g1: ['s'], g2: ['s'] })).toMatchObject({ feasible: false });
    expect(with_({ g1: ['s'], g2: ['s'] }).why.join(' ')).toMatch(/g1 and g2.*neighbours/);
    expect(with_({ g1: ['s', 'p'] }).why.join(' ')).toMatch(/2 samples are pinned to g1/);
  });
});
