import { describe, expect, test } from '@jest/globals';
import type { Lesson, WireEvent } from '@kivex/contract';
import { methodOf, readGroup, testsWithControls, type EventBody, type GroupRecord } from '@kivex/core';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { benchStatuses } from './bench-status.js';
import { benchFilters, feedOf, passes, waitLeft } from './board-filter.js';
import { otherCalls, signOffsOf } from './sign-offs.js';

const lesson: Lesson = lessonOf(salt, { state: 'running' });
const [group] = lesson.groupList as [Lesson['groupList'][number]];
const now = Date.parse(lesson.startedAt!) + 30 * 60_000;
let seq = 0;
const event = (body: EventBody, minutesAgo = 1, by = 'ash'): WireEvent => ({
  id: `e${++seq}`,
  seq,
  group: group.id,
  by,
  at: new Date(now - minutesAgo * 60_000).toISOString(),
  body,
});
const saw = (part: object = {}, minutesAgo?: number) =>
  event(
    {
      type: 'observation',
      sample: group.unknowns[0]!,
      test: 'flame',
      variant: 'wire',
      seen: { colour: 'lilac' },
      ...part,
    },
    minutesAgo,
  );
const which = (...events: WireEvent[]) => {
  const bench = benchStatuses(lesson, events, now)[0]!;
  return benchFilters.map((f) => f.id).filter((id) => passes(bench, id, now, true));
};

describe('benches shown', () => {
  test.each<[string, WireEvent[], string[]]>([
    ['with nothing to say', [], ['all']],
    ['that call', [event({ type: 'call', reason: 'help' })], ['all', 'calling']],
    ['with a weak result', [saw({ weak: true })], ['all', 'look']],
    ['in doubt', [saw({ doubtful: true })], ['all', 'look']],
    ['that differ', [saw(), saw({ seen: { colour: 'red' } })], ['all', 'look']],
    ['gone quiet', [saw({}, 25)], ['all', 'quiet']],
    ['ended early', [event({ type: 'bench-open', open: false })], ['all', 'done']],
    ['handed in by all', group.students.map((s) => event({ type: 'hand-in' }, 1, s.id)), ['all', 'done']],
  ])('%s', (_, events, wanted) => expect(which(...events)).toEqual(wanted));
});

describe('the feed', () => {
  const lines = (...events: WireEvent[]) =>
    feedOf(events, lesson.groupList, lesson.samples, 3).map((l) => l.text);
  test('is newest first, cut, and leaves out what says nothing', () => {
    const label = lesson.samples.find((s) => s.id === group.unknowns[0])!.label;
    expect(
      lines(
        saw(),
        event({ type: 'hand-in' }),
        event({ type: 'step', test: 'flame', step: 2 }),
        event({ type: 'naming', sample: group.unknowns[0]!, answer: 'K+', evidence: [] }),
        saw({ weak: true, notDone: undefined }),
      ),
    ).toEqual([`${label}, Flame test: lilac (weak)`, `${label} named K+`, 'handed in']);
  });
  test('has own words as they were written, and what there was no time for', () => {
    expect(lines(saw({ read: true, words: 'purply' }))[0]).toMatch(/“purply”$/);
    expect(lines(saw({ seen: {}, notDone: 'no-time' }))[0]).toMatch(/no time$/);
  });
  test('is not stopped by an entry that cannot be read, or of a group that is gone', () => {
    expect(lines({ ...saw(), body: { type: 'nonsense' } as never }, { ...saw(), group: 'gone' })).toEqual([]);
  });
});

test('a wait runs out and not below', () => {
  const timer = { at: new Date(now).toISOString(), seconds: 90 };
  expect([waitLeft(timer, now), waitLeft(timer, now + 89_500), waitLeft(timer, now + 200_000)]).toEqual([
    90, 1, 0,
  ]);
});

test('sign-offs stand where they stood when one is asked for; each has its call and the last word on it', () => {
  const tests = testsWithControls({
    ...salt,
    tests: salt.tests.map((t) =>
      t.test === 'flame' || t.test === 'halide-silver' ? { ...t, technique: true } : t,
    ),
  });
  const call = event({ type: 'call', reason: 'sign-off', test: 'halide-silver' });
  const help = event({ type: 'call', reason: 'help' });
  const words = [
    event({ type: 'signed-off', test: 'flame', good: false }),
    event({ type: 'signed-off', test: 'flame', good: true }),
  ];
  const wantedOf = (record: GroupRecord) => signOffsOf(tests.map(methodOf), tests, record);
  const record = readGroup([...words, call, help]);
  const wanted = wantedOf(record);
  expect(wanted.map((w) => w.key)).toEqual(wantedOf(readGroup(words)).map((w) => w.key));
  expect(wanted.flatMap((w) => (w.call ? [[w.test, w.call.id]] : []))).toEqual([['halide-silver', call.id]]);
  expect(otherCalls(record, wanted).map((c) => c.id)).toEqual([help.id]);
  expect(wanted.find((w) => w.test === 'flame' && w.step === undefined)!.word!.good).toBe(true);
});
