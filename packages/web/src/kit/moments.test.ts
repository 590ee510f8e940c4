import { describe, expect, test } from '@jest/globals';
import { clock, day, dayAndTime, forInput, minutesSince } from './moments.js';

/** A moment by the clock on the wall here, as a server tells it. */
const told = (...of: [number, number, number, number, number]): string => new Date(...of).toISOString();

describe('moments as people here read them', () => {
  test('day and time, 24 hours, also again and at midnight', () => {
    expect(dayAndTime(told(2026, 10, 26, 11, 0))).toBe('Thu 26 Nov, 11:00');
    expect(dayAndTime(told(2026, 10, 26, 17, 5))).toBe('Thu 26 Nov, 17:05');
    expect(clock(told(2026, 10, 26, 0, 7))).toMatch(/^(00|24):07$/);
  });
  test('a date by itself has its year', () => {
    expect(day(told(2026, 11, 19, 12, 0))).toBe('Sat 19 Dec 2026');
  });
  test('minutes since are whole and never negative, whatever a clock says', () => {
    const at = told(2026, 10, 26, 11, 0);
    expect([-60_000, 0, 59_999, 60_000, 150_000].map((ms) => minutesSince(at, Date.parse(at) + ms))).toEqual([
      0, 0, 0, 1, 2,
    ]);
  });
  test('what a field for a moment takes has two digits everywhere', () => {
    expect(forInput(new Date(2026, 0, 5, 9, 3))).toBe('2026-01-05T09:03');
  });
});
