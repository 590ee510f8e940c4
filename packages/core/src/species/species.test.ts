import { describe, expect, test } from '@jest/globals';
import { sources } from '../sources/sources.js';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { allColourTerms } from '../reading/colour-terms.js';
import { allTests } from '../identification-tests/tests.js';
import { allIons, formulaText, ionOf, saltName } from './species.js';

describe('the data hold together', () => {
  test('an id says the charge its record holds', () => {
    for (const ion of allIons) {
      const [, size, sign] = /(\d?)([+-])$/.exec(
        ion.id.includes('^') ? ion.id.slice(ion.id.indexOf('^') + 1) : ion.id.replace(/^(NH4|NO3|HCO3)/, ''),
      )!;
      expect([ion.id, ion.charge]).toEqual([ion.id, Number(size || 1) * (sign === '+' ? 1 : -1)]);
    }
  });
  test('formulas are set with real indices and charges', () => {
    expect([formulaText('SO4^2-'), formulaText('Ca2+'), formulaText('NH4+'), formulaText('Cl-')]).toEqual([
      'SO₄²⁻',
      'Ca²⁺',
      'NH₄⁺',
      'Cl⁻',
    ]);
    expect(saltName(['Cu2+', 'SO4^2-'])).toBe('copper(II) sulfate');
  });
  test('an unknown id is refused in a sentence', () =>
    expect(() => ionOf('Xy+')).toThrow(/not an ion Kivex knows/));
  test('every outcome, confusion and slip names values its attribute has, and a source that exists', () => {
    for (const test of allTests) {
      const values = new Map(test.attributes.map((a) => [a.id, a.values.map((v) => v.id)]));
      for (const { shows, source } of [...test.outcomes, ...test.slips]) {
        expect(Object.keys(sources)).toContain(source);
        for (const [attribute, list] of Object.entries(shows)) {
          if (test.attributes.find((a) => a.id === attribute)?.number) continue;
          expect(values.get(attribute)).toEqual(expect.arrayContaining([...list]));
        }
      }
      for (const a of test.attributes)
        for (const { pair } of a.confusions)
          expect(values.get(a.id)).toEqual(expect.arrayContaining([...pair]));
      expect(test.slips.reduce((sum, slip) => sum + slip.prior, 0)).toBeLessThan(0.5);
    }
  });
  test('every wording uses terms that can be read, and covers each ion its test shows a colour for', () => {
    for (const syllabus of allSyllabuses) {
      for (const test of Object.values(syllabus.wording)) {
        for (const perIon of Object.values(test)) {
          for (const wording of Object.values(perIon)) {
            const terms = [
              ...wording.strict,
              ...(wording.standard ?? []),
              ...(wording.generous ?? []),
              ...(wording.borderline ?? []),
            ];
            expect(allColourTerms).toEqual(expect.arrayContaining(terms));
          }
        }
      }
    }
  });
});
