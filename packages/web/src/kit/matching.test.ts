import { describe, expect, test } from '@jest/globals';
import { matching } from './matching.js';

const choices = [
  { id: 'CuSO4', name: 'copper(II) sulfate', also: 'CuSO₄' },
  { id: 'Na2CO3', name: 'sodium carbonate', also: 'Na2CO3' },
  { id: 'NaHCO3', name: 'sodium hydrogencarbonate', also: 'NaHCO3' },
  { id: 'Cu2+', name: 'copper(II)', also: 'Cu²⁺' },
];
const found = (typed: string) => matching(choices, typed).map((c) => c.id);

describe('which choices fit what is typed', () => {
  test.each([
    ['', ['CuSO4', 'Na2CO3', 'NaHCO3', 'Cu2+']],
    ['  copper ii ', ['CuSO4', 'Cu2+']],
    ['CUSO4', ['CuSO4']],
    ['cu2', ['Cu2+']],
    ['sodium', ['Na2CO3', 'NaHCO3']],
    ['lead', []],
  ])('“%s”', (typed, ids) => expect(found(typed)).toEqual(ids));
  test('what begins with it comes before what holds it inside', () =>
    expect(found('carbonate')).toEqual(['Na2CO3', 'NaHCO3']));
  test('every word must be found, in any order', () => {
    expect(found('sulfate copper')).toEqual(['CuSO4']);
    expect(found('copper carbonate')).toEqual([]);
  });
});
