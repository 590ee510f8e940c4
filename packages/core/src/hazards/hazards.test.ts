import { describe, expect, test } from '@jest/globals';
import { sources } from '../sources/sources.js';
import { allIons } from '../species/species.js';
import { bandAt, elder, worse } from './hazard-band.js';
import { hazardAt } from './reagents.js';
import { sampleHazard } from './sample-hazard.js';
import { speciesHazards } from './species-hazards.js';
import { pictogramsFor, signalWord } from './statements.js';
import { substances } from './substances.js';

const salt = (ions: readonly string[], molarity: number) => sampleHazard(ions, 'solution', molarity);
const codes = (ions: readonly string[], molarity: number) => salt(ions, molarity).statements;

describe('the hazard of a sample', () => {
  test.each(Object.entries({ ...speciesHazards, ...substances }))(
    '%s: its bands fall, begin at nothing, and carry a source',
    (_, { bands, source }: { bands?: readonly { from_M: number; level: string }[]; source: string }) => {
      expect(sources).toHaveProperty([source]);
      const starts = (bands ?? [{ from_M: 0 }]).map((b) => b.from_M);
      expect(starts).toEqual([...new Set(starts)].sort((a, b) => b - a));
      expect(starts.at(-1)).toBe(0);
    },
  );
  test('what has no record is never called low', () => {
    expect(sampleHazard(['Cs+', 'Cl-'], 'solution', 0.1)).toMatchObject({ level: 'danger', hands: 'staff' });
    expect(sampleHazard(['Cs+', 'Cl-'], 'solid', null).words).toMatch(
      /not known: treat it as hazardous, and ask/,
    );
  });
  test('is the same whether it stands there as a sample or as a reagent', () => {
    for (const [ions, reagent] of [
      [['H+', 'Cl-'], 'HCl'],
      [['H+', 'NO3-'], 'HNO3'],
      [['H+', 'SO4^2-'], 'H2SO4'],
      [['Na+', 'OH-'], 'NaOH'],
      [['Ag+', 'NO3-'], 'AgNO3'],
      [['Ba2+', 'Cl-'], 'BaCl2'],
      [['Fe2+', 'SO4^2-'], 'FeSO4'],
    ] as const)
      for (const molarity of [0.05, 0.1, 0.4, 1, 4])
        expect(salt(ions, molarity)).toBe(hazardAt(reagent, molarity));
  });
  test('an acid or an alkali without a record of its own is never low where it burns', () => {
    expect(salt(['H+', 'Br-'], 1)).toMatchObject({ level: 'danger', statements: ['H314'] });
    expect(salt(['Ba2+', 'OH-'], 0.2).level).toBe('care');
  });
  test('nickel and cobalt bear what is due at 0.1 mol/dm3 and down to their own limits; their dust is the staff’s', () => {
    expect(codes(['Ni2+', 'SO4^2-'], 0.1)).toEqual([
      'H317',
      'H334',
      'H341',
      'H350i',
      'H360D',
      'H372',
      'H412',
    ]);
    expect(codes(['Ni2+', 'Cl-'], 0.01)).toEqual(['H317', 'H350i', 'H373']);
    expect(codes(['Ni2+', 'Cl-'], 0.001)).toEqual(['H317']);
    expect(codes(['Co2+', 'Cl-'], 0.1)).toEqual(['H317', 'H334', 'H341', 'H350i', 'H360F', 'H411']);
    expect(codes(['Co2+', 'Cl-'], 0.001)).toEqual(['H350i', 'H412']);
    for (const metal of ['Ni2+', 'Co2+', 'Pb2+'])
      expect(sampleHazard([metal, 'Cl-'], 'solid', null)).toMatchObject({ level: 'danger', hands: 'staff' });
  });
  test('salts that damage eyes do so from about 3 %, and irritate them from about 1 %', () => {
    for (const cation of ['Cu2+', 'Fe3+', 'Zn2+'] as const) {
      expect(codes([cation, 'Cl-'], 0.2)).toContain('H318');
      expect(codes([cation, 'Cl-'], 0.1)).toContain('H319');
      expect(codes([cation, 'Cl-'], 0.05)).not.toContain('H319');
    }
  });
  test('two ions bear both hazards, the graver level and the elder hands', () => {
    const both = salt(['Pb2+', 'NO3-'], 0.1);
    expect(both).toMatchObject({ level: 'danger', hands: 14 });
    expect(both.statements).toEqual(['H360Df', 'H373', 'H411']);
    expect([worse('care', 'low'), worse('low', 'danger')]).toEqual(['care', 'danger']);
    expect([elder(undefined, 14), elder(16, 14), elder(16, 'staff')]).toEqual([14, 16, 'staff']);
  });
  test('gases bear their statements', () => {
    expect(sampleHazard(['Cl2'], 'gas', null)).toMatchObject({ level: 'danger', hands: 'staff' });
    for (const [gas, code] of [
      ['H2', 'H220'],
      ['O2', 'H270'],
      ['NH3', 'H331'],
      ['SO2', 'H331'],
      ['HCl', 'H331'],
      ['Cl2', 'H331'],
    ] as const)
      expect(sampleHazard([gas], 'gas', null).statements).toContain(code);
  });
  test('every ion as a common salt has words that end in a stop', () => {
    for (const { id } of allIons) expect(sampleHazard([id], 'solution', 0.1).words).toMatch(/\.$/);
  });
});

describe('limits of the reagents', () => {
  test.each([
    ['NH3', 0.4, []],
    ['NH3', 1, ['H315', 'H319']],
    ['NH3', 2, ['H315', 'H318']],
    ['NH3', 8, ['H314', 'H335']],
    ['HCl', 7.7, ['H314', 'H335']],
    ['HCl', 7, ['H315', 'H319', 'H335']],
    ['AgNO3', 0.05, ['H410']],
    ['AgNO3', 0.1, ['H315', 'H319', 'H410']],
    ['AgNO3', 0.3, ['H314', 'H410']],
    ['KMnO4', 0.01, ['H315', 'H319', 'H412']],
  ] as const)('%s at %s mol/dm3: %j', (id, molarity, statements) =>
    expect(hazardAt(id, molarity).statements).toEqual(statements),
  );
  test('a strength between two bands has the lower one', () =>
    expect(bandAt(substances.NaOH.bands, 0.3).level).toBe('care'));
});

describe('signal words and pictograms', () => {
  test('long-lasting harm to water life alone bears no signal word, its gravest form does', () =>
    expect([
      signalWord(['H411']),
      signalWord(['H412']),
      signalWord(['H410']),
      signalWord(['H411', 'H319']),
    ]).toEqual([null, null, 'Warning', 'Warning']));
  test('allergy by breathing leaves out the exclamation mark for skin, eyes and skin allergy, not for swallowing', () => {
    expect(pictogramsFor(['H317', 'H334'])).toEqual(['health-hazard']);
    expect(pictogramsFor(['H302', 'H317', 'H334'])).toEqual(['health-hazard', 'exclamation']);
    expect(pictogramsFor(['H317', 'H350i'])).toEqual(['health-hazard', 'exclamation']);
  });
});
