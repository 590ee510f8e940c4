import { describe, expect, test } from '@jest/globals';
import { emptyPractical } from '@kivex/core';
import { carried, carriedSample, ownSampleName, withOwnSample, type OwnSample } from './own-sample.js';

const back = (own: OwnSample) => carriedSample(new URLSearchParams(carried(own)));

describe('a sample carried by the address', () => {
  test.each<OwnSample>([
    { ions: ['Cu2+', 'SO4^2-'], form: 'solution', molarity: 0.25 },
    { ions: ['Ca2+', 'CO3^2-'], form: 'solid' },
    { ions: ['CO2'], form: 'gas' },
    { ions: ['Zn'], form: 'metal' },
  ])('%j comes out as it went in', (own) => {
    expect(back(own)).toEqual(own);
  });
  test.each([
    '',
    '?holds=Cu2%2B+SO4%5E2-',
    '?holds=Cu2%2B+SO4%5E2-&form=soup',
    '?holds=Cu2%2B+SO4%5E2-&form=solution',
    '?holds=Cu2%2B+SO4%5E2-&form=solution&strength=80',
    '?holds=Cu2%2B&form=solution&strength=0.1',
    '?holds=Al3%2B+CO3%5E2-&form=solution&strength=0.1',
    '?holds=Xe&form=gas',
    '?holds=CO2+O2&form=gas',
    '?holds=CO2&form=metal',
  ])('“%s” carries none', (search) => {
    expect(carriedSample(new URLSearchParams(search))).toBeUndefined();
  });
  test('is one unknown more, with a key of its own', () => {
    const own: OwnSample = { ions: ['K+', 'Br-'], form: 'solution', molarity: 0.1 };
    const once = { ...emptyPractical(), ...withOwnSample(emptyPractical(), own) };
    const twice = withOwnSample(once, own).samples;
    expect(twice).toMatchObject([
      { role: 'unknown', ...own },
      { role: 'unknown', ...own },
    ]);
    expect(twice[0]!.key).not.toBe(twice[1]!.key);
  });
  test('is named with what it is', () => {
    expect(ownSampleName({ ions: ['K+', 'Br-'], form: 'solution', molarity: 0.1 })).toBe(
      'potassium bromide, 0.1 mol/dm³',
    );
    expect(ownSampleName({ ions: ['Ca2+', 'CO3^2-'], form: 'solid' })).toBe('calcium carbonate, solid');
    expect(ownSampleName({ ions: ['CO2'], form: 'gas' })).toBe('carbon dioxide');
  });
});
