import { expect, test } from '@jest/globals';
import { formulaPieces } from './formula-pieces.js';

test.each([
  ['NaCl', 'NaCl'],
  ['CaCO3', 'CaCO_3'],
  ['Al2(SO4)3.16H2O', 'Al_2(SO_4)_3·16H_2O'],
  ['CuSO4 · 5H2O', 'CuSO_4·5H_2O'],
  ['', ''],
])('%s is set as %s', (formula, set) =>
  expect(
    formulaPieces(formula)
      .map(({ text, index }) => (index ? `_${text}` : text))
      .join(''),
  ).toBe(set),
);
