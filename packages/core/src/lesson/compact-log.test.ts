import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { compactLog } from './compact-log.js';
import {
  decisive,
  equationOf,
  namingOf,
  readGroup,
  signOffKey,
  standing,
  type EventBody,
  type LessonEvent,
} from './record.js';

const samples = ['s1', 's2'];
const tests = ['flame', 'naoh'];
const students = ['ada', 'ben'];

/** A body that may refer to any of the entries before it. */
const bodyAfter = (n: number): fc.Arbitrary<EventBody> => {
  const earlier = n ? fc.integer({ min: 0, max: n - 1 }).map((i) => `e${i}`) : fc.constant('e-none');
  return fc.oneof(
    {
      weight: 6,
      arbitrary: fc.record(
        {
          type: fc.constant('observation' as const),
          sample: fc.constantFrom(...samples),
          test: fc.constantFrom(...tests),
          variant: fc.constant('usual'),
          seen: fc.constantFrom<Record<string, string>>({ colour: 'lilac' }, { colour: 'yellow' }, {}),
          words: fc.constantFrom('', 'pale'),
          doubtful: fc.boolean(),
          weak: fc.boolean(),
          inferredFrom: fc.constant('s2'),
          notDone: fc.constant('no-time' as const),
          corrects: earlier,
        },
        { requiredKeys: ['type', 'sample', 'test', 'variant', 'seen'] },
      ),
    },
    {
      weight: 2,
      arbitrary: fc.record({
        type: fc.constant('naming' as const),
        sample: fc.constantFrom(...samples),
        answer: fc.constantFrom('sodium', 'potassium'),
        evidence: fc.array(earlier, { maxLength: 2 }),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({ type: fc.constant('call' as const), reason: fc.constant('help' as const) }),
    },
    { weight: 1, arbitrary: fc.record({ type: fc.constant('call-answered' as const), call: earlier }) },
    { weight: 1, arbitrary: fc.constant({ type: 'hand-in' as const }) },
    { weight: 1, arbitrary: fc.record({ type: fc.constant('trust' as const), entry: earlier }) },
    {
      weight: 1,
      arbitrary: fc.record({
        type: fc.constant('notice' as const),
        level: fc.constantFrom('hint' as const, 'stop' as const),
        text: fc.constant('Look again.'),
      }),
    },
    { weight: 1, arbitrary: fc.record({ type: fc.constant('notice-over' as const), notice: earlier }) },
    {
      weight: 1,
      arbitrary: fc.record({
        type: fc.constant('equation' as const),
        sample: fc.constantFrom(...samples),
        test: fc.constantFrom(...tests),
        text: fc.constantFrom('one', 'two'),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        type: fc.constant('timer' as const),
        label: fc.constant('Ring'),
        seconds: fc.constant(60),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        type: fc.constant('timer-longer' as const),
        timer: earlier,
        seconds: fc.constant(30),
      }),
    },
    { weight: 1, arbitrary: fc.record({ type: fc.constant('timer-over' as const), timer: earlier }) },
    {
      weight: 1,
      arbitrary: fc.record(
        {
          type: fc.constant('signed-off' as const),
          test: fc.constantFrom(...tests),
          step: fc.nat(1),
          good: fc.boolean(),
        },
        { requiredKeys: ['type', 'test', 'good'] },
      ),
    },
    {
      weight: 1,
      arbitrary: fc.record({ type: fc.constant('bench-open' as const), open: fc.boolean() }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        type: fc.constant('step' as const),
        test: fc.constantFrom(...tests),
        step: fc.nat(5),
      }),
    },
  );
};
const log: fc.Arbitrary<LessonEvent[]> = fc.nat(60).chain((length) =>
  fc
    .tuple(...Array.from({ length }, (_, n) => fc.tuple(bodyAfter(n), fc.constantFrom(...students))))
    .map((all) =>
      all.map(([body, by], n) => ({
        id: `e${n}`,
        group: 'g',
        by,
        at: new Date(Date.UTC(2026, 0, 1, 10, 0, n)).toISOString(),
        body,
      })),
    ),
);

/** What people are shown and marked by. */
const told = (events: readonly LessonEvent[]) => {
  const record = readGroup(events);
  return {
    calls: record.openCalls,
    handedIn: record.handedIn,
    notices: record.notices,
    timers: record.timers,
    // Of each step and technique the last word; which of two came first is nobody's concern.
    signedOff: [...record.signedOff].sort((a, b) => signOffKey(a).localeCompare(signOffKey(b))),
    isEnded: record.endedAt !== null,
    equations: samples.flatMap((s) =>
      tests.flatMap((t) => students.map((by) => equationOf(record, s, t, by)?.body.text)),
    ),
    trusted: record.observations.filter((o) => o.trusted).map((o) => o.id),
    lastAt: record.lastAt,
    standing: samples.map((s) => decisive(standing(record, s))?.id),
    byTest: samples.flatMap((s) =>
      tests.map((t) => decisive(standing(record, s).filter((o) => o.body.test === t))?.id),
    ),
    names: samples.flatMap((s) => students.map((by) => namingOf(record, s, by)?.id)),
  };
};

describe('a log cut to what matters', () => {
  test('is read as the whole log is', () => {
    fc.assert(fc.property(log, (events) => void expect(told(compactLog(events, 1))).toEqual(told(events))));
  });
  test('may be cut again and again as it grows', () => {
    fc.assert(
      fc.property(log, fc.nat(60), (events, at) => {
        const later = events.slice(at);
        const corrections = later.filter((e) => e.body.type === 'observation' && e.body.corrects).length;
        const earlier = compactLog(events.slice(0, at), corrections + 1);
        // What was cut cannot be pointed at.
        const there = new Set([...earlier, ...later].map((e) => e.id));
        fc.pre(later.every((e) => e.body.type !== 'trust' || there.has(e.body.entry)));
        expect(told(compactLog([...earlier, ...later], 1))).toEqual(told(events));
      }),
      { numRuns: 500 },
    );
  });
  test('a sure result is uncovered again when the one after it is corrected in another test', () => {
    const seen = (n: number, test: string, more: object = {}): LessonEvent => ({
      id: `e${n}`,
      group: 'g',
      by: 'ada',
      at: new Date(Date.UTC(2026, 0, 1, 10, 0, n)).toISOString(),
      body: { type: 'observation', sample: 's1', test, variant: 'usual', seen: { colour: 'lilac' }, ...more },
    });
    const before = [seen(0, 'naoh'), seen(1, 'naoh'), seen(2, 'naoh', { doubtful: true })];
    const after = seen(3, 'flame', { corrects: 'e1' });
    const whole = told([...before, after]);
    expect(whole.byTest[1]).toBe('e0');
    expect(told([...compactLog(before, 2), after])).toEqual(whole);
  });
  test('does not grow with the log', () => {
    const flood = Array.from({ length: 20_000 }, (_, n): LessonEvent => ({
      id: `e${n}`,
      group: 'g',
      by: 'ada',
      at: '2026-01-01T10:00:00.000Z',
      body:
        n % 5
          ? { type: 'observation', sample: 's1', test: 'flame', variant: 'wire', seen: { colour: 'lilac' } }
          : { type: 'call', reason: 'help' },
    }));
    expect(compactLog(flood, 6).length).toBeLessThan(40);
  });
  test('loses nothing of an ordinary bench', () => {
    const few = Array.from({ length: 12 }, (_, n): LessonEvent => ({
      id: `e${n}`,
      group: 'g',
      by: 'ada',
      at: '2026-01-01T10:00:00.000Z',
      body: {
        type: 'observation',
        sample: samples[n % 2]!,
        test: 'flame',
        variant: 'wire',
        seen: {},
        words: 'x',
        ...(n === 5 ? { corrects: 'e3' } : {}),
      },
    }));
    expect(compactLog(few, 40)).toEqual(few);
  });
});
