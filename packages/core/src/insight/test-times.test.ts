import { describe, expect, test } from '@jest/globals';
import type { LessonEvent } from '../lesson/record.js';
import { entry, saw } from '../lesson/trials/made-up-log.js';
import { testTimes } from './test-times.js';

const began = '2026-01-01T10:00:00.000Z';
const at = (minute: number) => new Date(Date.parse(began) + minute * 60_000).toISOString();
const on = (group: string, minute: number) => ({ group, at: at(minute) });
const naoh = (minute: number, group = 'g', sample = 'jar', more = {}): LessonEvent =>
  saw(sample, 'naoh', { precipitate: 'blue' }, more, on(group, minute));
const flame = (minute: number, group = 'g'): LessonEvent =>
  saw('jar', 'flame', { colour: 'green' }, {}, on(group, minute));
const of = (test: string, ...events: LessonEvent[]) => testTimes(events, began).find((t) => t.test === test)!;

describe('the time a test took', () => {
  test('is what came before its entries, steps and equations counted in, from the lesson’s start', () => {
    const step = entry({ type: 'step', test: 'flame', step: 2 }, on('g', 9));
    const log = [naoh(5), step, flame(12), naoh(14, 'g', 'other')];
    expect(of('naoh', ...log)).toMatchObject({ minutes: { median: 7 }, groups: 1 });
    expect(of('flame', ...log)).toMatchObject({ minutes: { median: 7 } });
  });
  test('does not take a break for work, nor what a late device sent out of order', () => {
    expect(of('flame', naoh(5), flame(50))).toMatchObject({ minutes: null, groups: 0, entries: 1 });
    expect(of('naoh', flame(8), naoh(4))).toMatchObject({ minutes: { median: 4 } });
  });
  test('of several groups is the middle one, with the quickest and slowest quarter', () => {
    const log = [2, 4, 6, 8, 10].map((minute, i) => naoh(minute, `g${i}`));
    expect(of('naoh', ...log)).toMatchObject({ minutes: { median: 6, quarter: [4, 8] }, groups: 5 });
  });
  test('calls and talk of staff take nobody’s time', () => {
    const call = entry({ type: 'call', reason: 'help' }, on('g', 3));
    expect(of('naoh', call, naoh(5))).toMatchObject({ minutes: { median: 5 } });
  });
});

describe('attempts and slips', () => {
  test('are counted of each test: repeats, corrections, weak and doubtful ones, and no time', () => {
    const first = naoh(2);
    const log = [
      first,
      naoh(3, 'g', 'jar', { corrects: first.id }),
      naoh(4, 'g', 'jar', { weak: true }),
      naoh(5, 'g', 'other', { doubtful: true }),
      naoh(6, 'g', 'third', { notDone: true }),
    ];
    expect(of('naoh', ...log)).toMatchObject({
      attempts: 1.5,
      corrected: 1,
      weak: 1,
      doubtful: 1,
      notDone: 1,
      entries: 5,
    });
  });
});
