import { describe, expect, test } from '@jest/globals';
import { knownWords, standingOf, termWords } from './lexicon.js';

describe('how well a word is known', () => {
  test.each([
    ['precipitate', 'term'],
    ['lilac', 'term'],
    ['because', 'grammar'],
    ['12', 'grammar'],
    ['mangle', 'common'],
    ['zxqv', 'unknown'],
    ['precipitat', 'unknown'],
  ])('%s: %s', (word, standing) => expect(standingOf(word)).toBe(standing));
  test('English has its common and its rarer words', () => {
    const rarer = ['tundra', 'lathe'].map(standingOf);
    expect(rarer).toContain('rarer');
    expect(rarer).not.toContain('unknown');
  });
  test('every term may be what a misspelling meant', () => {
    const known = new Set(knownWords);
    expect([...termWords].filter((word) => !known.has(word) && word.length > 4)).toEqual([]);
  });
});
