import { expect, test } from '@jest/globals';
import { total } from './report-sheet.js';

const there = { points: 18, max: 24, late: false, absent: false, onScreen: false };
test.each([
  [{}, '18 of 24'],
  [{ late: true }, '18 of 24, handed in after the end'],
  [{ absent: true }, 'away: no mark'],
  [{ absent: true, onScreen: true }, 'away; made up on the bench on screen: 18 of 24'],
])('a report of %j says “%s”', (part, words) => {
  expect(total({ ...there, ...part })).toBe(words);
});
