import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import * as highsModule from 'highs';
import { GroupPlans, type GroupPlan } from './group-plans.js';
import { highsSolver, type LoadedHighs } from './highs-adapter.js';
import { seededRandom } from '../numbers/random.js';
import { occupy, rowsOfPlaces, type Column } from './rota-columns.js';
import { frameOf } from './rota-frame.js';
import { RotaPrices } from './rota-prices.js';
import { layRota, type RotaProblem } from './rota-problem.js';
import { dive, reachHorizon, rounded } from './rota-reach.js';
import { rota } from './rota.js';
import { solveMip, useSolver } from './solver.js';
import { hardRota } from './trials/hard-rotas.js';

const load = (highsModule as unknown as { default: () => Promise<LoadedHighs> }).default;
beforeAll(async () => useSolver(await highsSolver(() => load())));
afterAll(() => useSolver(undefined));

/** A wait at the station where the next task is done: one group may hold two places there. */
const problem: RotaProblem = {
  groups: 3,
  tasks: [
    { id: 'steep', attended: 1, unattended: 4, station: 'bench' },
    { id: 'write', attended: 2, station: 'bench' },
    { id: 'flame', attended: 2, station: 'burner' },
  ],
  stations: { bench: 2, burner: 1 },
  lesson: 60,
  setUp: 5,
  clearUp: 5,
};
const plan = (...starts: number[]): GroupPlan => Int16Array.from(starts);

describe('places taken by a plan', () => {
  const laid = layRota(problem);
  const left = (bench: number) => [new Int32Array(10).fill(bench), new Int32Array(10).fill(1)];
  test('are counted twice where a group works beside its own wait', () => {
    // Writing at minute 1 to 3, while what steeps stands there from 0 to 5.
    const places = left(2);
    expect(occupy(laid, places, plan(0, 1, 5))).toBe(true);
    expect([...places[0]!.slice(0, 6)]).toEqual([1, 0, 0, 1, 1, 2]);
  });
  test('are left as they were where there are too few, unless they are taken anyway', () => {
    const places = left(1);
    expect(occupy(laid, places, plan(0, 1, 5))).toBe(false);
    expect(places.map((row) => [...row])).toEqual(left(1).map((row) => [...row]));
    expect(occupy(laid, places, plan(0, 1, 5), true)).toBe(true);
    expect(places[0]![1]).toBe(-1);
  });
  test('stand in the rows of a model as often as they are held', () => {
    const frame = frameOf(laid);
    const column: Column = { kind: frame.kinds[0]!, starts: plan(0, 1, 5), end: 7 };
    const rows = rowsOfPlaces(frame, [0], [column], 7, left(2));
    expect(rows.slice(0, 4)).toEqual([
      'r0_0: x0 <= 2',
      'r0_1: 2 x0 <= 2',
      'r0_2: 2 x0 <= 2',
      'r0_3: x0 <= 2',
    ]);
  });
});

describe('what is left to plan', () => {
  test('groups that stand alike are of one kind; one that is behind, or has a slot set by hand, of its own', () => {
    expect(frameOf(layRota(problem)).kinds.map((k) => k.groups)).toEqual([[0, 1, 2]]);
    const begun = [1, 2].map((group) => ({ group, task: 'steep', start: 6 }));
    const later = frameOf(layRota({ ...problem, from: { minute: 8, done: begun } }));
    expect(later.kinds.map((k) => [k.groups, k.free])).toEqual([
      [[0, 1], 3],
      [[2], 3],
    ]);
    const pinned = frameOf(layRota({ ...problem, pinned: [{ group: 2, task: 'flame', start: 20 }] }));
    expect(pinned.kinds.map((k) => [...k.fixed])).toEqual([[], [[2, 15]]]);
  });
  test('what has begun holds its place, and shuts what is kept apart from it', () => {
    const { placesLeft } = frameOf(
      layRota({
        ...problem,
        apart: [['bench', 'burner']],
        from: { minute: 8, done: [{ group: 1, task: 'steep', start: 6 }] },
      }),
    );
    const [bench, burner] = placesLeft(8);
    expect([...bench!]).toEqual([2, 1, 1, 1, 1, 1, 2, 2]);
    expect([...burner!]).toEqual([1, 0, 0, 0, 0, 0, 1, 1]);
  });
});

describe('plans that reach a minute', () => {
  const setUp = (seed: number) => {
    const hard = hardRota(seed);
    const laid = layRota(hard);
    const frame = frameOf(laid);
    const prices = new RotaPrices(frame, GroupPlans.of(laid, frame.kinds)!);
    const shortest = rota(hard, { seconds: 20, mends: false }).makespan! - hard.setUp;
    return { laid, frame, prices, shortest };
  };
  /** Are these plans of all groups, in time, with no place used twice? */
  const isRight = (
    { laid, frame }: ReturnType<typeof setUp>,
    plans: ReadonlyMap<number, GroupPlan>,
    by: number,
  ) => {
    const left = frame.placesLeft(by);
    return (
      plans.size === laid.groups &&
      [...plans.values()].every(
        (p) => p.every((t, i) => t >= 0 && t + laid.duration[i]! <= by) && occupy(laid, left, p),
      )
    );
  };
  test('are found with room to spare, by mending and by diving; what is found is right', () => {
    const world = setUp(6);
    const by = world.shortest + 3;
    const mended = reachHorizon(world.prices, by, new Map(), { steps: 4000, random: seededRandom(2) });
    expect(mended && isRight(world, mended, by)).toBe(true);
    const dived = dive(world.prices, by, { random: seededRandom(3) });
    expect(isRight(world, dived, by)).toBe(true);
  });
  test('are not claimed a minute before the bound', () => {
    const world = setUp(5);
    const soon = world.shortest - 1;
    expect(world.prices.at(soon).kind).toBe('impossible');
    expect(dive(world.prices, soon, { random: seededRandom(1) }).size).toBeLessThan(world.laid.groups);
    expect(
      reachHorizon(world.prices, soon, new Map(), { steps: 300, random: seededRandom(1) }),
    ).toBeUndefined();
  });
  test('begin from what stands whole, then from the largest parts, each group once', () => {
    const { frame } = setUp(6);
    const columns = [0, 1, 2].map((n): Column => ({ kind: frame.kinds[0]!, starts: plan(n), end: 9 }));
    const begun = [...rounded(columns, [0.4, 2, 0.6]).values()].map((p) => p[0]);
    expect(begun).toEqual([1, 1, 2, 0]);
  });
});

describe('what would mend a long one', () => {
  const long: RotaProblem = { ...problem, groups: 6, lesson: 29 };
  test('is a place more only where that fits it in, and is said of each station', () => {
    const { feasible, short } = rota(long, { seconds: 2 });
    expect(feasible).toBe(false);
    expect(short!.addPlace).toEqual(['bench']);
    for (const station of ['bench', 'burner']) {
      const more = { ...long, stations: { ...long.stations, [station]: long.stations[station]! + 1 } };
      expect(short!.addPlace.includes(station)).toBe(rota(more, { seconds: 2 }).feasible);
    }
  });
  test('is never to leave out what a group has begun', () => {
    const { short } = rota(
      { ...long, from: { minute: 7, done: [{ group: 1, task: 'steep', start: 5 }] } },
      { seconds: 2 },
    );
    expect(short).toBeDefined();
    expect(short!.secondLesson).not.toContain('steep');
  });
});

describe('a small linear model', () => {
  test('is answered with what one more of each row would bring', () => {
    const answer = solveMip('Maximize\nobj: 3 a + 2 b\nSubject To\nr: a + b <= 4\ns: a <= 1\nEnd', 5, {
      small: true,
    });
    expect(answer).toMatchObject({ status: 'optimal', objective: 9, prices: { r: 2, s: 1 } });
  });
});
