import { describe, expect, test } from '@jest/globals';
import { standingMark } from './mark-decisions.js';

const sure = { answer: 'crimson', points: 1, verdict: 'credit' };
const unsure = { answer: 'rosy', points: 0, verdict: 'review' };

describe('the mark that stands', () => {
  test('what is computed, open where it was left to a person', () => {
    expect(standingMark(sure, [])).toEqual({ points: 1, open: false, reopened: false, by: -1 });
    expect(standingMark(unsure, [])).toMatchObject({ points: 0, open: true, reopened: false });
  });
  test('the last decision of the answer as it is', () => {
    const twice = [
      { points: 0, answer: 'rosy' },
      { points: 1, answer: 'rosy' },
    ];
    expect(standingMark(unsure, twice)).toEqual({ points: 1, open: false, reopened: false, by: 1 });
  });
  test('a decision of another answer does not stand: a late entry opens the mark again', () => {
    const nothing = [{ points: 0, answer: '' }];
    expect(standingMark(sure, nothing)).toEqual({ points: 1, open: true, reopened: true, by: -1 });
    expect(standingMark({ ...sure, answer: '' }, nothing)).toMatchObject({ points: 0, open: false, by: 0 });
  });
  test('an answer put back as it was has its decision again', () => {
    const both = [
      { points: 0, answer: 'crimson' },
      { points: 1, answer: 'red' },
    ];
    expect(standingMark(sure, both)).toMatchObject({ points: 0, open: false, by: 0 });
  });
  test('given back, what is computed stands, and nothing is reopened', () => {
    const given = [
      { points: 0, answer: 'crimson' },
      { points: null, answer: 'crimson' },
    ];
    expect(standingMark(sure, given)).toEqual({ points: 1, open: false, reopened: false, by: -1 });
    expect(standingMark({ ...sure, answer: 'red' }, given)).toMatchObject({ open: false, reopened: false });
  });
});
