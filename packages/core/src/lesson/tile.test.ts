import { describe, expect, test } from '@jest/globals';
import { ownSlots, paceOf } from './pace.js';
import { readGroup, type LessonEvent } from './record.js';
import { countOf, tileOf } from './tile.js';
import { saw } from './trials/made-up-log.js';

const samples = [
  { id: 'jar', tests: ['flame', 'halide-silver'] },
  { id: 'known', tests: ['flame'] },
];
const tests = ['flame', 'halide-silver'];
const tile = (...events: LessonEvent[]) => tileOf(readGroup(events), samples, tests);

describe('the tile', () => {
  test('has a cell where a test is done on a sample, and none where it is not', () => {
    const rows = tile();
    expect(rows.map((r) => r.cells.map((c) => c?.state))).toEqual([
      ['empty', 'empty'],
      ['empty', undefined],
    ]);
    expect(countOf(rows)).toEqual({ filled: 0, of: 3, doubtful: 0, differing: 0, weak: 0, notDone: 0 });
  });
  test('fills by test: white by one test says nothing of another', () => {
    const rows = tile(saw('jar', 'halide-silver', { precipitate: 'white' }));
    expect(rows[0]!.cells.map((c) => c!.state)).toEqual(['empty', 'logged']);
    expect(countOf(rows).filled).toBe(1);
  });
  test('cream and then yellow of the same tube differ, until one corrects the other', () => {
    const cream = saw('jar', 'halide-silver', { precipitate: 'cream' });
    const yellow = { precipitate: 'yellow' };
    expect(tile(cream, saw('jar', 'halide-silver', yellow))[0]!.cells[1]!.state).toBe('differs');
    const mended = tile(cream, saw('jar', 'halide-silver', yellow, { corrects: cream.id }))[0]!.cells[1]!;
    expect([mended.state, mended.entry!.body.seen['precipitate'], mended.entries.length]).toEqual([
      'logged',
      'yellow',
      1,
    ]);
  });
  test('they differ no more once the group has said which it trusts', () => {
    const [cream, yellow] = ['cream', 'yellow'].map((precipitate) =>
      saw('jar', 'halide-silver', { precipitate }),
    );
    const trust: LessonEvent = { ...cream!, id: 'trust', body: { type: 'trust', entry: cream!.id } };
    const cell = tile(cream!, yellow!, trust)[0]!.cells[1]!;
    expect([cell.state, cell.entry!.id, cell.entries.length]).toEqual(['logged', cream!.id, 2]);
  });
  test('a doubtful look is doubtful until a sure one stands beside it; doubt does not speak against a sure one', () => {
    const doubt = saw('jar', 'flame', { colour: 'red' }, { doubtful: true });
    expect(tile(doubt)[0]!.cells[0]!.state).toBe('doubtful');
    const both = tile(doubt, saw('jar', 'flame', { colour: 'lilac' }));
    expect(both[0]!.cells[0]!.state).toBe('logged');
    expect(countOf(both)).toMatchObject({ filled: 1, doubtful: 0, differing: 0 });
  });
  test('the second half of a result, logged later, is no contradiction', () => {
    const rows = tile(
      saw('jar', 'halide-silver', { precipitate: 'white' }),
      saw('jar', 'halide-silver', { precipitate: 'white', diluteAmmonia: 'dissolves' }),
    );
    expect(rows[0]!.cells[1]!.state).toBe('logged');
  });
});

describe('the group in the rota', () => {
  const slots = ownSlots(
    [
      { group: 2, task: 'flame', start: 5, end: 9 },
      { group: 1, task: 'halide-silver', start: 20, end: 30 },
      { group: 1, task: 'flame', start: 5, end: 20 },
    ],
    1,
  );
  test('has its own slots, in order', () => {
    expect(slots).toEqual([
      { test: 'flame', start: 5, end: 20 },
      { test: 'halide-silver', start: 20, end: 30 },
    ]);
    expect(ownSlots(null, 1)).toEqual([]);
  });
  test('is told what is now and what is next', () => {
    expect(paceOf(slots, 3, tile(), tests)).toMatchObject({ now: [], next: slots[0], behind: 0 });
    expect(paceOf(slots, 5, tile(), tests)).toMatchObject({ now: [slots[0]], next: slots[1] });
    expect(paceOf(slots, 30, tile(), tests).next).toBeUndefined();
  });
  test('is behind by the minutes since a slot ended with cells still empty', () => {
    expect(paceOf(slots, 24, tile(), tests).behind).toBe(4);
    const one = tile(saw('jar', 'flame', { colour: 'lilac' }));
    expect(paceOf(slots, 24, one, tests).behind).toBe(4);
    const both = tile(saw('jar', 'flame', { colour: 'lilac' }), saw('known', 'flame', { colour: 'lilac' }));
    expect(paceOf(slots, 24, both, tests).behind).toBe(0);
    expect(paceOf(slots, 37, both, tests).behind).toBe(7);
  });
});

describe('what a cell can be beside logged', () => {
  const state = (...events: LessonEvent[]) => tile(...events)[0]!.cells[1]!.state;
  const cream = { precipitate: 'cream' };
  test('weak, inferred and left for want of time are each their own; only the last is not filled', () => {
    expect(state(saw('jar', 'halide-silver', cream, { weak: true }))).toBe('weak');
    expect(state(saw('jar', 'halide-silver', cream, { inferredFrom: 'known' }))).toBe('inferred');
    const none = saw('jar', 'halide-silver', {}, { notDone: 'no-time' });
    expect(state(none)).toBe('not-done');
    expect(countOf(tile(none))).toMatchObject({ filled: 0, notDone: 1 });
  });
  test('a weak result at odds with a plain one does not make entries differ', () => {
    const plain = saw('jar', 'halide-silver', cream);
    const weak = saw('jar', 'halide-silver', { precipitate: 'white' }, { weak: true });
    expect(state(plain, weak)).toBe('logged');
  });
  test('a test begun anew after there had been no time is logged', () => {
    expect(
      state(saw('jar', 'halide-silver', {}, { notDone: 'no-time' }), saw('jar', 'halide-silver', cream)),
    ).toBe('logged');
  });
});
