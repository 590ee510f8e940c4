import { describe, expect, test } from '@jest/globals';
import { redoxAmong, redoxPartners } from './redox-partners.js';
import { isIonId } from './species.js';

describe('ions that take electrons from each other', () => {
  test.each([
    [['Cu2+', 'SO4^2-', 'K+', 'I-'], 'Cu2+'],
    [['Fe3+', 'Cl-', 'K+', 'I-'], 'Fe3+'],
    [['Fe2+', 'SO4^2-', 'Ag+', 'NO3-'], 'Fe2+'],
  ])('%j: found', (ions, first) => expect(redoxAmong(ions)?.ions[0]).toBe(first));
  test.each([
    [['Fe2+', 'I-', 'K+']],
    [['Cu2+', 'Cl-', 'Ag+', 'NO3-']],
    // The chloride takes the silver before iron(II) can.
    [['Fe2+', 'Cl-', 'Ag+', 'NO3-']],
    [[]],
  ])('%j: none', (ions) => expect(redoxAmong(ions)).toBeUndefined());
  test('each pair is of two ions Kivex knows, none twice', () => {
    expect(redoxPartners.flatMap((p) => p.ions).every((id) => isIonId(id))).toBe(true);
    expect(new Set(redoxPartners.map((p) => p.ions.join())).size).toBe(redoxPartners.length);
  });
});
