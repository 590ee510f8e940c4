import { describe, expect, test } from '@jest/globals';
import type { Lesson, WireEvent } from '@kivex/contract';
import { flameColoursOfUnlabelledJars, type EventBody } from '@kivex/core';
import { lessonOf, practicalNamed, salt } from '../testing/lesson-fixture.js';
import { benchStatuses, byNeed, isQuiet, needOf, testsOfLesson, type KeptStatuses } from './bench-status.js';
import { causesOf } from './class-causes.js';
import { problemFromNow } from './rest-of-lesson.js';

const flames = lessonOf(flameColoursOfUnlabelledJars, { state: 'running' });
const known = flames.samples.find((s) => s.role === 'known')!;
const [one, two] = flames.groupList as [Lesson['groupList'][number], Lesson['groupList'][number]];
const start = Date.parse(flames.startedAt!);
const minutes = (n: number) => start + n * 60_000;

let seq = 0;
const event = (group: string, by: string, body: EventBody, minute = 1): WireEvent => ({
  id: `e${++seq}`,
  seq,
  group,
  by,
  at: new Date(minutes(minute) + seq).toISOString(),
  body,
});
const saw = (group: string, sample: string, colour: string, more: object = {}, minute = 1) =>
  event(
    group,
    'ash',
    { type: 'observation', sample, test: 'flame', variant: 'wire', seen: { colour }, ...more },
    minute,
  );

describe('what the board says of a bench', () => {
  test('counts cells, names and who has handed in, bench by bench', () => {
    const jar = one.unknowns[0]!;
    const [first, second] = benchStatuses(
      flames,
      [
        saw('g1', known.id, 'crimson'),
        saw('g1', jar, 'lilac'),
        ...one.unknowns.map((sample) =>
          event('g1', 'ash', { type: 'naming', sample, answer: 'potassium', evidence: [] }),
        ),
        event('g1', 'ash', { type: 'hand-in' }),
      ],
      minutes(2),
    );
    const cells = flames.samples.filter((s) => s.role === 'known').length + one.unknowns.length;
    expect(first).toMatchObject({
      count: { filled: 2, of: cells, doubtful: 0, differing: 0 },
      named: 1,
      handedIn: 1,
    });
    expect(first!.latest!.body.sample).toBe(jar);
    expect(second).toMatchObject({ count: { filled: 0 }, handedIn: 0, latest: undefined });
  });
  test('a tap at one bench leaves what was worked out of the others as it is; a new minute does not', () => {
    const kept: KeptStatuses = new Map();
    const before = benchStatuses(flames, [saw('g1', known.id, 'crimson')], minutes(2), kept);
    const events = [saw('g1', known.id, 'crimson'), saw('g2', known.id, 'crimson')];
    const first = benchStatuses(flames, events.slice(0, 1), minutes(2), kept);
    const after = benchStatuses(flames, events, minutes(2), kept);
    expect([after[0] === first[0], after[1] === first[1]]).toEqual([true, false]);
    expect(first[0] === before[0]).toBe(false);
    expect(benchStatuses(flames, events, minutes(3), kept)[0] === after[0]).toBe(false);
    // Another lesson, or the same changed, is worked out anew.
    expect(benchStatuses({ ...flames }, events, minutes(3), kept)[0] === after[0]).toBe(false);
  });
  test('a jar white by one test is not done by all: a six-test lesson counts each', () => {
    const lesson = lessonOf(salt, { state: 'running' });
    const jar = lesson.groupList[0]!.unknowns[0]!;
    const silver = event('g1', 'ash', {
      type: 'observation',
      sample: jar,
      test: 'halide-silver',
      variant: 'usual',
      seen: { precipitate: 'white' },
    });
    const [bench] = benchStatuses(lesson, [silver], minutes(2));
    expect(bench!.count.filled).toBe(1);
    expect(bench!.count.of).toBeGreaterThan(10);
    expect(bench!.rows[0]!.cells).toHaveLength(testsOfLesson(lesson).length);
  });
  test('points at a name that does not follow from the record', () => {
    const jar = two.unknowns[0]!;
    const [, second] = benchStatuses(
      flames,
      [
        saw('g2', jar, 'blue-green'),
        event('g2', 'clove', { type: 'naming', sample: jar, answer: 'sodium', evidence: [] }),
      ],
      minutes(2),
    );
    expect(second!.contradictions.map((c) => c.kind)).toEqual(['name-does-not-follow']);
  });
  test('liquids kept of its own samples are rows of its tile, those of others are not', () => {
    const keeping = practicalNamed(/ion in the liquid/);
    const lesson = lessonOf(keeping);
    const from = new Map(keeping.samples.flatMap((s) => (s.from ? [[s.key, s.from.sample]] : [])));
    const samples = lesson.samples.map((s) => ({
      ...s,
      ...(from.has(s.id) ? { from: from.get(s.id)! } : {}),
    }));
    const [bench] = benchStatuses({ ...lesson, samples }, [], minutes(2));
    const rows = new Set(bench!.rows.map((r) => r.sample));
    const mine = new Set([
      ...samples.filter((s) => s.role === 'known').map((s) => s.id),
      ...lesson.groupList[0]!.unknowns,
    ]);
    for (const [liquid, source] of from) expect(rows.has(liquid)).toBe(mine.has(source));
    expect([...from.keys()].some((liquid) => rows.has(liquid))).toBe(true);
  });
  test('tells how a group keeps up with the rota that was kept, while the lesson runs', () => {
    const schedule = [
      { group: 1, task: 'flame', start: 5, end: 15 },
      { group: 2, task: 'flame', start: 15, end: 25 },
    ];
    const planned = { ...flames, planning: { ...flames.planning, schedule } };
    const behind = (lesson: Lesson) => benchStatuses(lesson, [], minutes(20)).map((b) => b.pace?.behind);
    expect(behind(planned)).toEqual([5, 0]);
    expect(behind({ ...planned, state: 'marking' })).toEqual([undefined, undefined]);
    expect(behind(flames)).toEqual([undefined, undefined]);
  });
});

describe('who needs somebody first', () => {
  const at = minutes(30);
  const board = (events: WireEvent[]) => benchStatuses(flames, events, at);
  const order = (events: WireEvent[]) => byNeed(board(events), at, true).map((b) => b.group.id);
  test('as in the room while nobody needs anything', () => {
    expect(order([])).toEqual(['g1', 'g2']);
  });
  test('a call before a doubt, safety before all', () => {
    const doubt = saw('g1', one.unknowns[0]!, 'red', { doubtful: true }, 29);
    expect(order([saw('g2', two.unknowns[0]!, 'lilac', {}, 29), doubt])).toEqual(['g1', 'g2']);
    const call = event('g2', 'clove', { type: 'call', reason: 'help' }, 29);
    expect(order([doubt, call])).toEqual(['g2', 'g1']);
    expect(order([call, event('g1', 'ash', { type: 'call', reason: 'safety' }, 30)])).toEqual(['g1', 'g2']);
  });
  test('quiet is who logged something and then nothing for ten minutes, until all have handed in', () => {
    const [first, second] = board([saw('g1', known.id, 'crimson', {}, 19)]);
    expect([isQuiet(first!, at, true), isQuiet(second!, at, true)]).toEqual([true, false]);
    expect(isQuiet(first!, at, false)).toBe(false);
    expect(needOf(first!, at, true)).toBeGreaterThan(needOf(second!, at, true));
    const done = ['ash', 'birch'].map((by) => event('g1', by, { type: 'hand-in' }, 19));
    expect(isQuiet(board([saw('g1', known.id, 'crimson', {}, 19), ...done])[0]!, at, true)).toBe(false);
  });
});

describe('one cause behind many benches', () => {
  const groupList = Array.from({ length: 6 }, (_, i) => ({
    ...one,
    id: `g${i + 1}`,
    name: `Group ${i + 1}`,
    unknowns: one.unknowns,
  }));
  const lesson = { ...flames, groupList };
  const potassium = flames.samples.find((s) => s.ions.includes('K+') && s.role === 'known')!;
  const yellow = groupList.slice(0, 5).map((g) => saw(g.id, potassium.id, 'yellow'));
  test('is told with the benches, and not for two of them', () => {
    const [cause] = causesOf(lesson, yellow).told;
    expect(cause).toMatchObject({
      kind: 'contaminated-sodium',
      groups: ['Group 1', 'Group 2', 'Group 3', 'Group 4', 'Group 5'],
    });
    expect(causesOf(lesson, yellow.slice(0, 2)).told).toEqual([]);
  });
  test('waved away, it stays away, and can be taken up again', () => {
    const { cause } = causesOf(lesson, yellow).told[0]!;
    const after = causesOf({ ...lesson, dismissedCauses: [cause] }, yellow);
    expect(after.told.map((d) => d.cause)).not.toContain(cause);
    expect(after.dismissed.map((d) => d.cause)).toEqual([cause]);
  });
});

describe('what is left of a lesson, to be planned anew', () => {
  const tests = testsOfLesson(flames);
  const schedule = [
    { group: 1, task: tests[0]!, start: 5, end: 35 },
    { group: 2, task: tests[0]!, start: 35, end: 65 },
  ];
  const planned = { ...flames, planning: { ...flames.planning, schedule, places: { burner: 2 } } };
  const all = [...flames.samples.filter((s) => s.role === 'known').map((s) => s.id), ...one.unknowns];
  const problem = (events: WireEvent[], places = {}) =>
    problemFromNow(planned, benchStatuses(planned, events, minutes(40)), 40, places)!;
  test('a group whose cells are all filled is done; one that logged nothing and is not on is open', () => {
    const { from } = problem(all.map((sample) => saw('g1', sample, 'lilac')));
    expect(from!.done.map((d) => d.group)).toEqual([1, 2]);
    expect(problem([]).from!.done.map((d) => d.group)).toEqual([2]);
  });
  test('half a tile is half the work', () => {
    const half = all.slice(0, Math.floor(all.length / 2)).map((sample) => saw('g1', sample, 'lilac'));
    const [first] = problem(half).from!.done;
    const { tasks } = problem(half);
    const long = tasks[0]!.attended + (tasks[0]!.unattended ?? 0);
    expect(first!.start + long).toBeGreaterThan(40);
    expect(first!.start).toBeLessThan(40);
  });
  test('a burner that failed counts from now on; without a kept rota there is nothing to plan anew', () => {
    expect(problem([], { burner: 1 }).from!.places).toEqual({ burner: 1 });
    expect(problemFromNow(flames, [], 40, {})).toBeUndefined();
  });
});
