import { expect, test } from '@jest/globals';
import { listed } from './listed.js';

test.each([
  [[], ''],
  [['lilac'], 'lilac'],
  [['lilac', 'red'], 'lilac and red'],
  [['lilac', 'red', 'blue-green'], 'lilac, red and blue-green'],
])('%j are said as “%s”', (words, said) => expect(listed(words)).toBe(said));
