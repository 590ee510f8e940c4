import { describe, expect, test } from '@jest/globals';
import { contradictionsOf } from './contradictions.js';
import { flameColoursOfUnlabelledJars } from '../practicals/shipped/shipped-practicals.js';
import { lessonMarks } from './lesson-marks.js';
import {
  decisive,
  equationOf,
  readGroup,
  standing,
  type EventBody,
  type LessonEvent,
  type ObservationBody,
} from './record.js';
import { entry, saw as entered } from './trials/made-up-log.js';

const event = (body: EventBody, by = 'ada') => entry(body, { by });
const saw = (colour: string, more: Partial<ObservationBody> = {}) =>
  entered('jar', 'flame', { colour }, { variant: 'wire', ...more });

const potassium = [{ id: 'jar', role: 'unknown', ions: ['K+', 'Cl-'], form: 'solid' }] as const;

describe('the record of a lesson', () => {
  test('an event sent twice counts once', () => {
    const one = saw('lilac');
    expect(readGroup([one, one]).observations).toHaveLength(1);
  });
  test('a correction stands beside the first entry, which is kept and marked', () => {
    const first = saw('yellow');
    const second = saw('lilac', { corrects: first.id });
    const record = readGroup([first, second]);
    expect(record.observations.map((o) => o.correctedBy)).toEqual([second.id, undefined]);
    expect(standing(record, 'jar').map((o) => o.id)).toEqual([second.id]);
  });
  test('a sure entry stands for what was seen before a later doubtful one', () => {
    const sure = saw('lilac');
    const doubtful = saw('yellow', { doubtful: true });
    expect(decisive(standing(readGroup([sure, doubtful]), 'jar'))?.id).toBe(sure.id);
  });
  test('of entries that differ the one the group trusts stands, in its test, until it is corrected', () => {
    const first = saw('lilac');
    const second = saw('yellow');
    const other = saw('cream', { test: 'halide-silver', seen: { precipitate: 'cream' } });
    const trust = event({ type: 'trust', entry: first.id, why: 'the wire was clean then' });
    const of = (...events: LessonEvent[]) => decisive(standing(readGroup(events), 'jar'))?.id;
    expect(of(first, second)).toBe(second.id);
    expect(of(first, second, trust)).toBe(first.id);
    // Another test is another matter.
    expect(of(first, second, trust, other)).toBe(other.id);
    expect(of(first, second, trust, event({ type: 'trust', entry: second.id }))).toBe(second.id);
    const third = saw('crimson', { corrects: first.id });
    expect(of(first, second, trust, third)).toBe(third.id);
    const [told] = readGroup([first, second, trust]).observations;
    expect(told!.trusted).toEqual({ why: 'the wire was clean then' });
    expect(readGroup([event({ type: 'trust', entry: 'nobody’s' })]).observations).toEqual([]);
  });
  test('a bench is quiet however much staff say to it', () => {
    const seen = saw('lilac');
    const said = event({ type: 'notice', level: 'hint', text: 'Clean the wire.' }, 'staff');
    expect(readGroup([seen, said]).lastAt).toBe(seen.at);
    expect(readGroup([said]).lastAt).toBeNull();
  });
  test('what staff say stands until they say that it is over', () => {
    const stop = event({ type: 'notice', level: 'stop', text: 'Stop.' }, 'staff');
    const hint = event({ type: 'notice', level: 'hint', text: 'Clean the wire.' }, 'staff');
    const over = event({ type: 'notice-over', notice: stop.id }, 'staff');
    expect(readGroup([stop, hint]).notices.map((n) => n.level)).toEqual(['stop', 'hint']);
    expect(readGroup([stop, hint, over]).notices).toEqual([
      { id: hint.id, at: hint.at, level: 'hint', text: 'Clean the wire.' },
    ]);
  });
  test('a call is open until it is answered', () => {
    const call = event({ type: 'call', reason: 'help' });
    expect(readGroup([call]).openCalls).toHaveLength(1);
    expect(
      readGroup([call, event({ type: 'call-answered', call: call.id }, 'teacher')]).openCalls,
    ).toHaveLength(0);
  });
  test('handing in keeps its first time', () => {
    const first = event({ type: 'hand-in' });
    expect(readGroup([first, event({ type: 'hand-in' })]).handedIn).toEqual({ ada: first.at });
  });
});

describe('contradictions in a record', () => {
  const of = (...events: LessonEvent[]) =>
    contradictionsOf(readGroup(events), ['jar'], ['Li+', 'Na+', 'K+', 'Ca2+', 'Cu2+']);
  test('repeats that no one ion shows are pointed out, reds of one ion are not', () => {
    expect(of(saw('lilac'), saw('blue-green')).map((c) => c.kind)).toContain('repeats-differ');
    expect(of(saw('red'), saw('crimson'))).toEqual([]);
    const [odd] = of(saw('none'), saw('lilac'), saw('blue-green'));
    expect(odd!.text).toMatch(/^Flame test of one jar: no colour, lilac and blue-green are recorded/);
  });
  test('a name that does not follow from the record is pointed out', () => {
    const named = event({ type: 'naming', sample: 'jar', answer: 'copper', evidence: [] });
    expect(of(saw('lilac'), named).map((c) => c.kind)).toEqual(['name-does-not-follow']);
  });
  test('a record no ion of the course shows says what to do', () => {
    const [found] = of(saw('apple-green'));
    expect(found?.kind).toBe('no-ion-fits');
  });
  test('a doubtful entry contradicts nothing', () =>
    expect(of(saw('lilac'), saw('blue-green', { doubtful: true }))).toEqual([]));
});

describe('marks of one student', () => {
  const marks = (...events: LessonEvent[]) =>
    lessonMarks(flameColoursOfUnlabelledJars, potassium, readGroup(events), 'ada');
  const points = (...events: LessonEvent[]) =>
    marks(...events).map((m) => (m.verdict === 'review' ? 'review' : m.points));
  test('a tapped colour and the right name earn both points', () => {
    expect(
      points(saw('lilac'), event({ type: 'naming', sample: 'jar', answer: 'potassium', evidence: [] })),
    ).toEqual([1, 1]);
  });
  test('another student’s name is not mine', () => {
    expect(
      points(
        saw('lilac'),
        event({ type: 'naming', sample: 'jar', answer: 'potassium', evidence: [] }, 'ben'),
      ),
    ).toEqual([1, 0]);
  });
  test('the evidence pointed at is what is carried forward and marked', () => {
    const first = saw('yellow');
    const second = saw('lilac');
    expect(
      points(first, second, event({ type: 'naming', sample: 'jar', answer: 'sodium', evidence: [first.id] })),
    ).toEqual([0, 1]);
  });
  test('words and tap that disagree go to a person', () => {
    expect(points(saw('lilac', { words: 'it was green' }))[0]).toBe('review');
    expect(points(saw('lilac', { words: 'only for a moment' }))[0]).toBe(1);
    expect(points(saw('lilac', { words: 'a sort of light purple' }))[0]).toBe(1);
  });
  test('the answer shown keeps the tap and the own words apart', () => {
    expect(marks(saw('lilac', { words: 'light purple' }))[0]?.answer).toBe('lilac, “light purple”');
  });
  test('nothing done earns nothing and says so', () => {
    expect(marks().map((m) => m.why[0]?.code)).toEqual(['blank', 'blank']);
  });
});

describe('what a bench says of how it came by a record', () => {
  const weak = () => saw('lilac', { weak: true });
  const inferred = () => saw('yellow', { inferredFrom: 'another-jar' });
  const of = (...events: LessonEvent[]) => decisive(standing(readGroup(events), 'jar'));
  test('a plain entry stands before a later weak or inferred one; these before a doubtful one', () => {
    const plain = saw('red');
    expect(of(plain, weak(), inferred())?.id).toBe(plain.id);
    const faint = weak();
    expect(of(faint, saw('green', { doubtful: true }))?.id).toBe(faint.id);
  });
  const marked = (...events: LessonEvent[]) =>
    lessonMarks(flameColoursOfUnlabelledJars, potassium, readGroup(events), 'ada')[0]!;
  test('what was inferred earns by a person’s word, and what there was no time for nothing', () => {
    expect(marked(saw('lilac', { inferredFrom: 'jar' }))).toMatchObject({ verdict: 'review', points: 0 });
    expect(marked(saw('red', { inferredFrom: 'jar' })).verdict).toBe('none');
    const none = marked(entered('jar', 'flame', {}, { notDone: 'no-time' }));
    expect([none.points, none.why[0]!.code, none.answer]).toEqual([0, 'no-time', 'no time']);
  });
  test('a wrong result of a reagent said to be old is left to a person; a right one earns', () => {
    expect(marked(saw('red', { reagentWas: 'old', reagentNote: 'brown acid' }))).toMatchObject({
      verdict: 'review',
      why: [{ code: 'reagent-off', text: expect.stringContaining('brown acid') }],
    });
    expect(marked(saw('lilac', { reagentWas: 'old' })).points).toBe(1);
  });
  test('wells that Kivex read are not marked: the words are', () => {
    expect(marked(saw('lilac', { read: true, words: 'it was green' })).points).toBe(0);
    expect(marked(saw('green', { read: true, words: 'lilac' })).points).toBe(1);
  });
});

describe('what else is in the record', () => {
  test('a wait is open until it is put away, and lengthened by bench or board', () => {
    const timer = event({ type: 'timer', label: 'Ring', seconds: 60 });
    const longer = event({ type: 'timer-longer', timer: timer.id, seconds: 30 }, 'staff');
    expect(readGroup([timer, longer]).timers).toMatchObject([{ label: 'Ring', seconds: 90, longer: 30 }]);
    const over = event({ type: 'timer-over', timer: timer.id });
    expect(readGroup([timer, longer, over, longer]).timers).toEqual([]);
    expect(readGroup([longer]).timers).toEqual([]);
  });
  test('the last word on a step or a technique counts', () => {
    const not = event({ type: 'signed-off', test: 'flame', good: false }, 'staff');
    const good = event({ type: 'signed-off', test: 'flame', good: true }, 'staff');
    const step = event({ type: 'signed-off', test: 'flame', step: 2, good: true }, 'staff');
    expect(readGroup([not, step, good]).signedOff.map((s) => [s.step, s.good])).toEqual([
      [undefined, true],
      [2, true],
    ]);
  });
  test('a bench ended before the others is taken up again; the first end stays', () => {
    const end = event({ type: 'bench-open', open: false }, 'staff');
    const again = event({ type: 'bench-open', open: false }, 'staff');
    expect(readGroup([end, again]).endedAt).toBe(end.at);
    expect(readGroup([end, event({ type: 'bench-open', open: true }, 'staff')]).endedAt).toBeNull();
  });
  test('the last equation of each student counts, and nothing of staff makes a bench look busy', () => {
    const text = (t: string, by = 'ada') =>
      event({ type: 'equation', sample: 'jar', test: 'sulfate', text: t }, by);
    const record = readGroup([
      text('first'),
      text('last'),
      text('bo’s', 'bo'),
      event({ type: 'signed-off', test: 'flame', good: true }, 'staff'),
    ]);
    expect(equationOf(record, 'jar', 'sulfate', 'ada')?.body.text).toBe('last');
    expect(equationOf(record, 'jar', 'naoh', 'ada')).toBeUndefined();
    expect(record.lastAt).toBe(record.equations.at(-1)!.at);
  });
});
