import { describe, expect, test } from '@jest/globals';
import { minutesLeft, paceOf } from './time-left.js';

const seconds = (...list: number[]) => list.map((s) => s * 1000);

describe('how long what is left will take', () => {
  test('goes by the middle gap between decisions, pauses left out', () => {
    expect(minutesLeft(seconds(0, 10, 20, 30), 24)).toBe(4);
    expect(minutesLeft(seconds(0, 10, 20, 620, 630), 24)).toBe(4);
    expect(minutesLeft(seconds(0, 5, 10, 40), 24)).toBe(2);
  });
  test('is never less than a minute, and is not said of too few decisions or of nothing left', () => {
    expect(minutesLeft(seconds(0, 1, 2, 3), 2)).toBe(1);
    expect(minutesLeft(seconds(0, 10, 20), 24)).toBeUndefined();
    expect(minutesLeft([], 24)).toBeUndefined();
    expect(minutesLeft(seconds(0, 10, 20, 30), 0)).toBeUndefined();
  });
  test('goes by the newest', () => {
    const slowThenQuick = [
      ...Array.from({ length: 5 }, (_, i) => i * 60),
      ...Array.from({ length: 14 }, (_, i) => 240 + 5 * (i + 1)),
    ];
    expect(minutesLeft(seconds(...slowThenQuick), 24)).toBe(2);
  });
  test('is told in words', () => {
    expect([paceOf(1), paceOf(4)]).toEqual(['about 1 minute at your pace', 'about 4 minutes at your pace']);
  });
});
