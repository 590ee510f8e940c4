import { describe, expect, test } from '@jest/globals';
import { freeKey, readSample } from './read-sample.js';

describe('a sample as it is typed', () => {
  test.each([
    ['copper(II) chloride', { ions: ['Cu2+', 'Cl-'], form: 'solution' }],
    ['ZnSO4', { ions: ['Zn2+', 'SO4^2-'], form: 'solution' }],
    ['CaCO3 powder', { ions: ['Ca2+', 'CO3^2-'], form: 'solid' }],
    ['magnesium', { ions: ['Mg'], form: 'metal' }],
    ['Zn', { ions: ['Zn'], form: 'metal' }],
    ['oxygen', { ions: ['O2'], form: 'gas' }],
    ['water', { ions: [], form: 'solution' }],
    ['soup', undefined],
    ['sulfate', undefined],
  ])('“%s”', (typed, expected) => expect(readSample(typed)).toEqual(expected));
  test('gets a key no other has', () => {
    const one = { key: 'jar-1', role: 'unknown', ions: [], form: 'solution', difficulty: 1 } as const;
    expect([freeKey([], 'unknown'), freeKey([one], 'unknown'), freeKey([one], 'known')]).toEqual([
      'jar-1',
      'jar-2',
      'known-1',
    ]);
  });
});
