import { describe, expect, test } from '@jest/globals';
import { evenScheme } from '../schemes/scheme-presets.js';
import { movedBy, type MarkNow, type MarkThen } from './scheme-change.js';

const now = (key: string, points: number, more: Partial<MarkNow> = {}): MarkNow => ({
  key,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  answer: 'white',
  points,
  max: 1,
  reopened: false,
  changes: [],
  ...more,
});
const then = (key: string, points: number, more: Partial<MarkThen> = {}): MarkThen => ({
  key,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  answer: 'white',
  points,
  max: 1,
  verdict: points ? 'credit' : 'none',
  ...more,
});
const double = { ...evenScheme, strands: { ...evenScheme.strands, observation: 2 } };

describe('another scheme', () => {
  test('that only weighs otherwise moves totals and no mark', () => {
    expect(
      movedBy(evenScheme, double, [now('a', 1), now('b', 0)], [then('a', 1), then('b', 0)], false),
    ).toEqual({
      before: { points: 1, max: 2 },
      after: { points: 2, max: 4 },
      items: 0,
      reopened: 0,
    });
  });
  test('keeps what people decided of the same answer', () => {
    const decided = now('a', 1, { changes: [{ points: 1, answer: 'white' }] });
    expect(movedBy(evenScheme, evenScheme, [decided], [then('a', 0)], false)).toMatchObject({
      after: { points: 1, max: 1 },
      items: 0,
    });
  });
  test('that marks another answer opens the decision again, and says so', () => {
    const decided = now('a', 0, { changes: [{ points: 0, answer: 'white' }] });
    const best = then('a', 1, { answer: 'blue' });
    expect(movedBy(evenScheme, evenScheme, [decided], [best], false)).toMatchObject({
      after: { points: 1, max: 1 },
      items: 1,
      reopened: 1,
    });
  });
  test('takes off for late work on both sides as each scheme has it', () => {
    const none = { ...evenScheme, late: 0 };
    expect(movedBy(evenScheme, none, [now('a', 1)], [then('a', 1)], true)).toMatchObject({
      before: { points: 1, max: 1 },
      after: { points: 0, max: 1 },
    });
  });
});
