import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allocate, type AllocationProblem } from './allocate.js';
import { leastMinutes } from './rota-bound.js';
import { layRota, type RotaProblem } from './rota-problem.js';
import { rota } from './rota.js';
import { useSolver } from './solver.js';

/** A clock that runs out after so many looks, so that tests take the same way each time. */
const clock = (looks: number) => {
  let n = 0;
  return () => (n++ < looks ? 0 : Infinity);
};

const room = (rows: number, columns: number) =>
  Array.from({ length: rows * columns }, (_, i) => ({
    id: `G${i + 1}`,
    bench: [1 + Math.floor(i / columns), 1 + (i % columns)] as const,
  }));
const jars = (n: number, more: (i: number) => object = () => ({})) =>
  Array.from({ length: n }, (_, i) => ({ id: `S${i + 1}`, difficulty: 1 + (i % 5), ...more(i) }));

/** Every hard rule, counted from the plan itself. */
function faults(
  { groups, samples, perGroup, history = {} }: AllocationProblem,
  assign: Readonly<Record<string, readonly string[]>>,
): string[] {
  const found: string[] = [];
  for (const g of groups) {
    const mine = assign[g.id] ?? [];
    if (mine.length !== perGroup || new Set(mine).size !== perGroup) found.push(`${g.id} has ${mine.join()}`);
    if (mine.some((s) => history[g.id]?.includes(s))) found.push(`${g.id} meets a sample again`);
    for (const o of groups)
      if (
        Math.abs(o.bench[0] - g.bench[0]) + Math.abs(o.bench[1] - g.bench[1]) === 1 &&
        mine.some((s) => assign[o.id]?.includes(s))
      )
        found.push(`${g.id} and ${o.id} share`);
  }
  for (const s of samples) {
    const uses = groups.filter((g) => assign[g.id]?.includes(s.id)).length;
    if (s.available !== undefined && uses > s.available) found.push(`${s.id} goes to ${uses}`);
  }
  return found;
}

describe('allocate', () => {
  test('keeps every hard rule and tells its own spreads', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 2, max: 4 }),
        fc.integer({ min: 5, max: 9 }),
        fc.integer({ min: 1, max: 2 }),
        (rows, columns, n, perGroup) => {
          const problem = {
            groups: room(rows, columns),
            samples: jars(n, (i) => (i === 0 ? { available: 2 } : {})),
            perGroup,
            history: { G1: ['S2'] },
          };
          const { feasible, assign, coverageSpread, difficultySpread } = allocate(problem);
          expect(feasible).toBe(true);
          expect(faults(problem, assign)).toEqual([]);
          const uses = problem.samples.map(
            (s) => problem.groups.filter((g) => assign[g.id]!.includes(s.id)).length,
          );
          const sums = problem.groups.map((g) =>
            assign[g.id]!.reduce((sum, id) => sum + problem.samples.find((s) => s.id === id)!.difficulty, 0),
          );
          expect(coverageSpread).toBe(Math.max(...uses) - Math.min(...uses));
          expect(difficultySpread).toBe(Math.max(...sums) - Math.min(...sums));
        },
      ),
      { numRuns: 10 },
    );
  });
  test('without a solver it claims only what counting proves; a solver’s “infeasible” proves the rest', () => {
    const problem = { groups: room(2, 3), samples: jars(6), perGroup: 1 };
    expect(allocate(problem).optimal).toMatchObject({ coverage: true, difficulty: false });
    useSolver(() => ({ status: 'infeasible' }));
    expect(allocate(problem).optimal).toEqual({ coverage: true, difficulty: true });
    useSolver(undefined);
  });
  test.each<[string, Partial<AllocationProblem>, RegExp]>([
    ['more samples a group than there are', { perGroup: 9 }, /add 2 or give each group fewer/],
    [
      'too few portions',
      { samples: jars(7, () => ({ available: 1 })), perGroup: 2 },
      /12 portions are wanted and 7 are available/,
    ],
    [
      'neighbours with too few samples between them',
      { samples: jars(3), perGroup: 2 },
      /neighbours and have 3 samples open/,
    ],
    [
      'a group that has had nearly all',
      { history: { G1: ['S1', 'S2', 'S3', 'S4', 'S5', 'S6', 'S7'] }, perGroup: 1 },
      /G1 has had all but 0/,
    ],
  ])('%s is explained', (_, change, wanted) => {
    const { feasible, why } = allocate({ groups: room(2, 3), samples: jars(7), perGroup: 1, ...change });
    expect([feasible, why.join(' ')]).toEqual([false, expect.stringMatching(wanted)]);
  });
  test('two groups on one bench and history of a stranger are errors', () => {
    const groups = [...room(1, 2), { id: 'X', bench: [1, 1] as const }];
    expect(() => allocate({ groups, samples: jars(5), perGroup: 1 })).toThrow(/G1 and X stand on one bench/);
    expect(() =>
      allocate({ groups: room(1, 2), samples: jars(5), perGroup: 1, history: { Y: ['S1'] } }),
    ).toThrow(/names the group "Y"/);
  });
});

const tasks = fc
  .array(
    fc.record({
      attended: fc.integer({ min: 1, max: 6 }),
      unattended: fc.integer({ min: 0, max: 8 }),
      station: fc.constantFrom('burner', 'sink'),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((list) => list.map((t, i) => ({ id: `t${i}`, ...t })));

/** Every hard rule of a rota, minute by minute. */
function broken(
  { groups, tasks: all, stations, setUp, before = [] }: RotaProblem,
  schedule: ReturnType<typeof rota>['schedule'],
): string[] {
  const found: string[] = [];
  const task = new Map(all.map((t) => [t.id, t]));
  const end = Math.max(0, ...schedule.map((s) => s.end));
  if (schedule.length !== groups * all.length) found.push('something is left out');
  for (const s of schedule) if (s.start < setUp) found.push('begins before set-up ends');
  for (let minute = 0; minute < end; minute++) {
    for (const [station, places] of Object.entries(stations)) {
      const there = schedule.filter(
        (s) => task.get(s.task)!.station === station && s.start <= minute && minute < s.end,
      ).length;
      if (there > places) found.push(`${there} at ${station}`);
    }
    for (let g = 1; g <= groups; g++)
      if (
        schedule.filter(
          (s) => s.group === g && s.start <= minute && minute < s.start + task.get(s.task)!.attended,
        ).length > 1
      )
        found.push(`group ${g} is in two places`);
  }
  for (const [a, b] of before)
    for (let g = 1; g <= groups; g++) {
      const of = (id: string) => schedule.find((s) => s.group === g && s.task === id)!;
      if (of(b).start < of(a).end) found.push(`${b} before ${a} has ended`);
    }
  return found;
}

/** The true least makespan of a tiny rota, by trying every order of operations. */
function byTrying(problem: RotaProblem): number {
  const laid = layRota(problem);
  const n = laid.groups * laid.m;
  let best = Infinity;
  const place = (done: Map<number, number>): void => {
    if (done.size === n) {
      best = Math.min(best, Math.max(...[...done].map(([op, t]) => t + laid.duration[op % laid.m]!)));
      return;
    }
    for (let op = 0; op < n; op++) {
      if (done.has(op)) continue;
      const [task, base] = [op % laid.m, op - (op % laid.m)];
      if (laid.before[task]!.some((p) => !done.has(base + p))) continue;
      let t = Math.max(0, ...laid.before[task]!.map((p) => done.get(base + p)! + laid.duration[p]!));
      const clash = () => {
        for (const [o, s] of done) {
          const k = o % laid.m;
          if (o - k === base && s < t + laid.attended[task]! && t < s + laid.attended[k]!) return true;
        }
        for (let minute = t; minute < t + laid.duration[task]!; minute++) {
          const there = [...done].filter(
            ([o, s]) =>
              laid.station[o % laid.m] === laid.station[task] &&
              s <= minute &&
              minute < s + laid.duration[o % laid.m]!,
          ).length;
          if (there >= laid.places[laid.station[task]!]!) return true;
        }
        return false;
      };
      while (clash()) t++;
      if (t + laid.duration[task]! >= best) continue;
      place(new Map([...done, [op, t]]));
    }
  };
  place(new Map());
  return best;
}

describe('rota', () => {
  const frame = { lesson: 500, setUp: 5, clearUp: 5 };
  test('keeps every hard rule, and its bound is never above its makespan', () => {
    fc.assert(
      fc.property(
        tasks,
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 3 }),
        (list, groups, places) => {
          const problem: RotaProblem = {
            ...frame,
            groups,
            tasks: list,
            stations: { burner: places, sink: 1 },
            ...(list.length > 1 ? { before: [['t0', 't1']] as const } : {}),
          };
          const found = rota(problem, { now: clock(60) });
          expect(broken(problem, found.schedule)).toEqual([]);
          expect(found.makespan).toBe(Math.max(...found.schedule.map((s) => s.end)));
          expect(found.lowerBound).toBeLessThanOrEqual(found.makespan!);
          expect(found.optimal).toBe(found.lowerBound === found.makespan);
        },
      ),
      { numRuns: 60 },
    );
  });
  test('the bound never passes the true least, and the search reaches it, on rotas small enough to try every way', () => {
    fc.assert(
      fc.property(
        tasks.map((l) => l.slice(0, 3)),
        fc.integer({ min: 1, max: 2 }),
        (list, groups) => {
          const problem: RotaProblem = { ...frame, groups, tasks: list, stations: { burner: 1, sink: 1 } };
          const true_ = byTrying(problem);
          expect(leastMinutes(layRota(problem))).toBeLessThanOrEqual(true_);
          expect(rota(problem, { now: clock(4000) }).makespan).toBe(frame.setUp + true_);
        },
      ),
      { numRuns: 25 },
    );
  });
  test('unattended minutes are used for other work', () => {
    const problem: RotaProblem = {
      ...frame,
      groups: 1,
      tasks: [
        { id: 'evaporate', attended: 2, unattended: 10, station: 'bath' },
        { id: 'spots', attended: 9, station: 'bench' },
      ],
      stations: { bath: 1, bench: 1 },
    };
    expect(rota(problem, { now: clock(100) })).toMatchObject({ makespan: 17, optimal: true });
  });
  test('what does not fit says by how much, and each least change that mends it', () => {
    const problem: RotaProblem = {
      groups: 4,
      tasks: [
        { id: 'flame', attended: 6, station: 'burner' },
        { id: 'naoh', attended: 3, station: 'bench' },
      ],
      stations: { burner: 1, bench: 4 },
      lesson: 30,
      setUp: 5,
      clearUp: 5,
    };
    const found = rota(problem, { now: clock(3000) });
    expect(found).toMatchObject({
      feasible: false,
      makespan: 29,
      short: { minutes: 4, addPlace: ['burner'], secondLesson: ['flame'] },
    });
    expect(found.why.join(' ')).toMatch(/4 minutes more than the lesson has.*add a place at burner/);
  });
  test('a station without places is no rota, with the reason', () => {
    const found = rota({
      ...frame,
      groups: 2,
      tasks: [{ id: 'ring', attended: 4, station: 'fume-cupboard' }],
      stations: { 'fume-cupboard': 0 },
    });
    expect(found).toMatchObject({ feasible: false, makespan: null, schedule: [] });
    expect(found.why[0]).toMatch(/ring needs fume-cupboard/);
  });
  test.each<[string, Partial<RotaProblem>, RegExp]>([
    ['an unknown station', { tasks: [{ id: 'a', attended: 1, station: 'moon' }] }, /the room does not have/],
    [
      'a task twice',
      {
        tasks: [
          { id: 'a', attended: 1, station: 'x' },
          { id: 'a', attended: 1, station: 'x' },
        ],
      },
      /stands twice/,
    ],
    ['a task before itself', { before: [['a', 'a']] }, /before itself/],
    [
      'a circle',
      {
        before: [
          ['a', 'b'],
          ['b', 'a'],
        ],
      },
      /in a circle through a, b/,
    ],
    ['an unknown task', { before: [['a', 'z']] }, /names the task "z"/],
  ])('%s is an error in a sentence', (_, change, wanted) => {
    const two = [
      { id: 'a', attended: 1, station: 'x' },
      { id: 'b', attended: 1, station: 'x' },
    ];
    expect(() => rota({ ...frame, groups: 1, tasks: two, stations: { x: 1 }, ...change })).toThrow(wanted);
  });
});
