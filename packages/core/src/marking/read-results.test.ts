import { describe, expect, test } from '@jest/globals';
import { testOf } from '../identification-tests/tests.js';
import { readResults } from './read-results.js';

const read = (test: string, words: string) =>
  readResults(
    test,
    testOf(test).attributes.map((a) => a.id),
    words,
  );

describe('own words as wells', () => {
  test.each([
    ['flame', 'it went lilac', { colour: 'lilac' }],
    ['flame', 'yellow, but through the glass crimson', { colour: 'yellow', throughBlueGlass: 'crimson' }],
    ['halide-silver', 'cream precipitate', { precipitate: 'cream' }],
    ['naoh', 'white precipitate that dissolves in excess', { precipitate: 'white', excess: 'dissolves' }],
    ['dilute-acid', 'it fizzed and the limewater went milky', { limewater: 'cloudy' }],
    ['lit-splint', 'squeaky pop', { splint: 'squeaky-pop' }],
    ['damp-red-litmus', 'turned blue', { litmus: 'blue' }],
  ])('%s: “%s”', (id, words, wells) => {
    expect(read(id, words)).toMatchObject(wells);
  });
  test('what is denied, said two ways or not said is not guessed', () => {
    expect(read('flame', 'not lilac')).toEqual({});
    expect(read('flame', 'red or green')).toEqual({});
    expect(read('halide-silver', 'the teacher was late')).toEqual({});
    expect(read('flame', '')).toEqual({});
  });
  test('every value read is one of the test’s own', () => {
    const words = 'white precipitate, blue solution, fizzes slowly, red, dissolves, cloudy, pop, 99';
    for (const id of [
      'naoh',
      'sulfate',
      'dilute-acid',
      'flame',
      'halide-layer',
      'nitrate-ring',
      'metal-acid',
    ])
      for (const [attribute, value] of Object.entries(read(id, words)))
        expect([
          id,
          testOf(id)
            .attributes.find((a) => a.id === attribute)!
            .values.some((v) => v.id === value),
        ]).toEqual([id, true]);
  });
});
