import { describe, expect, test } from '@jest/globals';
import { lineMax, scoreOf } from './scores.js';

const there = { points: 18, max: 24 };
const other = { points: 20, max: 23 };
const onScreen = { points: 2, max: 3, onScreen: true } as const;

describe('marks of a lesson in one measure', () => {
  test('are out of the most that was marked in the lesson, whatever was made up on screen', () => {
    expect(lineMax([other, there])).toBe(24);
    expect(lineMax([other, { ...onScreen, max: 60 }])).toBe(23);
    expect(lineMax([onScreen])).toBe(3);
  });
  test('what was made up on screen is brought to it; what was earned there stays', () => {
    const all = [there, other, onScreen];
    expect(scoreOf(onScreen, all)).toBe(16);
    expect(scoreOf(there, all)).toBe(18);
    expect(scoreOf({ ...onScreen, points: 1 }, [other, onScreen])).toBe(7.7);
    expect(scoreOf({ ...onScreen, points: 0, max: 0 }, all)).toBe(0);
  });
});
