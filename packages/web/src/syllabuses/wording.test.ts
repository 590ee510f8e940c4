import { describe, expect, test } from '@jest/globals';
import type { Wording } from '@kivex/core';
import { withWord } from './with-word.js';

describe('a word of a wording', () => {
  const wording: Wording = {
    strict: ['lilac'],
    standard: ['violet'],
    generous: ['purple'],
    borderline: ['purple'],
  };
  test('stands at one level only', () => {
    expect(withWord(wording, 'violet', 'strict')).toEqual({
      strict: ['lilac', 'violet'],
      standard: [],
      generous: ['purple'],
      borderline: ['purple'],
    });
  });
  test('is taken out wherever it stood', () =>
    expect(withWord(wording, 'purple', undefined)).toEqual({
      strict: ['lilac'],
      standard: ['violet'],
      generous: [],
      borderline: [],
    }));
});
