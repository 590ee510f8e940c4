import { describe, expect, test } from '@jest/globals';
import { alike, slips, soundOf } from './likeness.js';

describe('slips between two words', () => {
  test('none for the same word, under one for two letters swapped, none counted beyond the limit', () => {
    expect(slips('yellow', 'yellow', 3)).toBe(0);
    expect(slips('yelolw', 'yellow', 3)).toBeCloseTo(0.6);
    expect(slips('yelow', 'yellow', 3)).toBeCloseTo(0.35);
    expect(slips('red', 'precipitate', 3)).toBe(Infinity);
    expect(slips('qqqqqq', 'yellow', 1)).toBe(Infinity);
  });
  test('a vowel for a vowel is a smaller slip than a letter from across the keyboard', () =>
    expect(slips('yallow', 'yellow', 3)).toBeLessThan(slips('ypllow', 'yellow', 3)));
  test('a neighbouring key is a smaller slip than a far one', () =>
    expect(slips('yelliw', 'yellow', 3)).toBeLessThan(slips('yellzw', 'yellow', 3)));
  test('a wrong first letter costs more', () =>
    expect(slips('tellow', 'yellow', 3)).toBeGreaterThan(slips('yeliow', 'yellow', 3)));
  test('any letters at all are taken: accents, digits, other scripts', () => {
    expect(slips('jaune', 'йод', 3)).toBe(Infinity);
    expect(slips('précipité', 'precipite', 3)).toBeCloseTo(2);
  });
});

describe('words that are alike', () => {
  const known = ['white', 'yellow', 'precipitate', 'sulfate', 'sulfite', 'relights'];
  test.each([
    ['wite', 'white'],
    ['presipitate', 'precipitate'],
    ['relites', 'relights'],
  ])('%s is most like %s', (written, meant) => expect(alike(written, known)[0]?.word).toBe(meant));
  test('between two as near the order is by cost and both are told', () => {
    const found = alike('sulfute', known);
    expect(found.map((f) => f.word).sort()).toEqual(['sulfate', 'sulfite']);
    expect(found[0]!.cost).toBeLessThanOrEqual(found[1]!.cost);
  });
  test('what sounds alike is nearer than letters tell', () => {
    expect(soundOf('relites')).toBe(soundOf('relights'));
    expect(alike('relites', known)[0]!.cost).toBeLessThan(slips('relites', 'relights', 3));
  });
  test('nothing is like a word of two letters or of fifty', () => {
    expect(alike('wh', known)).toEqual([]);
    expect(alike('w'.repeat(50), known)).toEqual([]);
  });
});
