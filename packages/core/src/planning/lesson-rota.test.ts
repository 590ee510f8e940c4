import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { attendedMinutes } from '../practicals/advice.js';
import { emptyPractical, type PlannedTest, type Practical } from '../practicals/practical.js';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { ownBench, rotaProblemOf, stationOf, taskOf, teacherStation, whyNoRota } from './lesson-rota.js';
import { rotaClashes } from './rota-pins.js';
import { rota } from './rota.js';

const salt = shippedPracticals.find((p) => p.title === 'A full unknown salt')!;
const flame: PlannedTest = { test: 'flame', variant: 'wire', attributes: ['colour'] };

describe('where a test is done', () => {
  test.each<[string, PlannedTest, string]>([
    ['at a burner, where it needs one', flame, 'burner'],
    [
      'at the own bench, where it needs nothing',
      { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] },
      ownBench,
    ],
    ['with the teacher, where the teacher runs it', { ...flame, ledBy: 'teacher' }, teacherStation],
    [
      'in the fume cupboard, where a step is set so',
      {
        test: 'sulfate',
        variant: 'hydrochloric',
        attributes: ['precipitate'],
        controls: [{ step: 1, only: 'fume-cupboard' }],
      },
      'fume-cupboard',
    ],
    ['at the scarcer of two', { ...flame, controls: [{ step: 1, only: 'fume-cupboard' }] }, 'fume-cupboard'],
  ])('is %s', (_, planned, station) =>
    expect(stationOf(planned, { burner: 8, 'fume-cupboard': 1 }, 10)).toBe(station),
  );
});

describe('the rota a practical asks for', () => {
  test('has a task for each test, as long as one group’s samples take', () => {
    const { tasks, stations } = rotaProblemOf(salt, 6, { burner: 3 });
    expect(tasks.map((t) => t.id)).toEqual(salt.tests.map((t) => t.test));
    expect(tasks.reduce((n, t) => n + t.attended, 0)).toBe(attendedMinutes(salt));
    expect([stations['burner'], stations['sink'], stations[teacherStation]]).toEqual([3, 6, 1]);
  });
  test('takes the teacher’s minutes where they are set, rounded up over all samples', () => {
    const planned = { ...flame, on: 'unknowns' as const, minutes: 1.25 };
    expect(taskOf(salt, planned, {}, 6).attended).toBe(3);
  });
  test('leaves out pairs of tests that are not there, and pins for groups that are not', () => {
    const ordered: Practical = { ...salt, before: [['flame', 'naoh']], tests: salt.tests.slice(1) };
    expect(rotaProblemOf(ordered, 6, {}).before).toEqual([]);
    const pinned = [{ group: 9, task: 'naoh', start: 5 }];
    expect(rotaProblemOf(salt, 6, {}, pinned).pinned).toEqual([]);
  });
});

describe('any rota that is found', () => {
  const problem = fc.record({
    groups: fc.integer({ min: 1, max: 7 }),
    places: fc.record({ a: fc.integer({ min: 1, max: 3 }), b: fc.integer({ min: 1, max: 3 }) }),
    tasks: fc.array(
      fc.record({
        attended: fc.integer({ min: 1, max: 6 }),
        unattended: fc.integer({ min: 0, max: 6 }),
        station: fc.constantFrom('a', 'b'),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    ordered: fc.boolean(),
    pin: fc.option(
      fc.record({ group: fc.integer({ min: 1, max: 7 }), start: fc.integer({ min: 3, max: 30 }) }),
    ),
  });
  test('clashes with nothing, by a check that shares no code with the search', () =>
    fc.assert(
      fc.property(problem, ({ groups, places, tasks, ordered, pin }) => {
        const named = tasks.map((t, i) => ({ ...t, id: `t${i}` }));
        const asked = {
          groups,
          tasks: named,
          stations: places,
          lesson: 2000,
          setUp: 3,
          clearUp: 2,
          ...(ordered && named.length > 1 ? { before: [['t0', 't1'] as const] } : {}),
          ...(pin && pin.group <= groups
            ? { pinned: [{ group: pin.group, task: 't0', start: pin.start }] }
            : {}),
        };
        const result = rota(asked, { seconds: 0.02 });
        expect(result.feasible).toBe(true);
        expect(result.schedule).toHaveLength(groups * named.length);
        expect(rotaClashes(asked, result.schedule)).toEqual([]);
        expect(result.lowerBound).toBeLessThanOrEqual(result.makespan!);
        expect(result.optimal).toBe(result.lowerBound === result.makespan);
        if (asked.pinned) expect(result.schedule).toContainEqual(expect.objectContaining(asked.pinned[0]!));
      }),
      { numRuns: 60 },
    ));
});

describe('a lesson with burners and with a liquid that catches fire', () => {
  const flame = { test: 'flame', variant: 'wire', attributes: ['colour'] } as const;
  const layer = { test: 'halide-layer', variant: 'usual', attributes: ['upperLayer'] } as const;
  const samples = [
    { key: 'a', role: 'unknown', ions: ['K+', 'I-'], form: 'solution', difficulty: 2 },
  ] as const;
  test('has no rota, and says why; with either alone it may have one', () => {
    const of = (tests: Practical['tests']) => whyNoRota({ ...emptyPractical('senior'), samples, tests });
    expect(of([flame, layer])).toMatch(/never in one lesson/);
    expect([of([flame]), of([layer])]).toEqual([undefined, undefined]);
  });
});
