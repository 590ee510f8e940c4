import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allIons } from '../species/species.js';
import { molarMass } from './molar-mass.js';
import { compositionKey, formulaWithCharge, readFormula, letterCase } from './read-formula.js';

const read = (text: string) => {
  const formula = readFormula(text);
  return formula && formulaWithCharge(formula);
};

describe('formulas are read in every spelling people type', () => {
  test.each([
    ['SO42-', 'SO4^2-'],
    ['SO4 2-', 'SO4^2-'],
    ['SO4^2-', 'SO4^2-'],
    ['SO4^{2-}', 'SO4^2-'],
    ['SO₄²⁻', 'SO4^2-'],
    ['SO_4^{2-}', 'SO4^2-'],
    ['SO4-2', 'SO4^2-'],
    ['SO4--', 'SO4^2-'],
    ['SO<sub>4</sub><sup>2-</sup>', 'SO4^2-'],
    ['Fe3+', 'Fe3+'],
    ['Fe+3', 'Fe3+'],
    ['Fe^{3+}', 'Fe3+'],
    ['Fe 3+', 'Fe3+'],
    ['Fe(3+)', 'Fe3+'],
    ['NO3-', 'NO3-'],
    ['NH4+', 'NH4+'],
    ['NH4^+', 'NH4+'],
    ['CO32-', 'CO3^2-'],
    ['PO43-', 'PO4^3-'],
    ['AlO2-', 'AlO2-'],
    ['Cr2O72-', 'Cr2O7^2-'],
    ['Zn(OH)42-', 'Zn(OH)4^2-'],
    ['[Ag(NH3)2]+', '[Ag(NH3)2]+'],
    ['[Cu(NH3)4]2+', '[Cu(NH3)4]^2+'],
    ['CuSO4·5H2O', 'CuSO4.5H2O'],
    ['CuSO4.5H2O', 'CuSO4.5H2O'],
    ['(NH4)2SO4', '(NH4)2SO4'],
    ['e-', 'e-'],
    ['Co', 'Co'],
    ['CO', 'CO'],
  ])('%s → %s', (typed, wanted) => expect(read(typed)).toBe(wanted));

  test.each(['', 'Cu(OH2', 'Cu(OH)2)', 'water', 'ag', 'H0', 'X', '()', '2', '.5H2O', '+', 'Na)('])(
    '%s is no formula',
    (typed) => expect(readFormula(typed)).toBeUndefined(),
  );

  test('cobalt is not carbon monoxide', () =>
    expect(compositionKey(readFormula('Co')!)).not.toBe(compositionKey(readFormula('CO')!)));

  test('every ion is read back from its id with its own charge', () => {
    for (const ion of allIons) {
      const formula = readFormula(ion.id);
      expect([ion.id, formula?.charge, formula?.atoms]).toEqual([ion.id, ion.charge, ion.atoms]);
    }
  });

  test('what reads as a formula only with other capitals is told apart', () => {
    expect(['agcl', 'AGCL', 'AgCl', 'jq'].map(letterCase)).toEqual(['other', 'other', 'right', 'none']);
  });

  test('any text at all is read in bounded time without a throw', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 300 }),
        (text) => readFormula(text) === undefined || readFormula(text)!.body.length > 0,
      ),
    );
    expect(readFormula('('.repeat(5000))).toBeUndefined();
  });
});

describe('molar masses', () => {
  test.each([
    ['Na2CO3.10H2O', 286.138],
    ['FeSO4.7H2O', 278.01],
    ['AgNO3', 169.872],
    ['(NH4)2SO4', 132.134],
    ['CuSO₄·5H₂O', 249.677],
    ['Pb(NO3)2', 331.208],
  ])('%s', (typed, wanted) => expect(molarMass(typed)).toBeCloseTo(wanted, 1));

  test('a formula that is none is refused with how to write one', () =>
    expect(() => molarMass('salt')).toThrow(/write it like CuSO4.5H2O/));
});
