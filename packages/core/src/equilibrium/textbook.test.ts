import { describe, expect, test } from '@jest/globals';
import { predict, type Addition } from './predict.js';

/** The nitrate of a cation of known charge, at a strength. */
const nitrate = (cation: string, charge: number, molarity: number) => ({
  ions: { [cation]: molarity, 'NO3-': charge * molarity },
  volume_mL: 2,
});
const add = (reagent: string, molarity: number, volume_mL: number): Addition => ({
  add: reagent,
  molarity,
  volume_mL,
});
const solidsAfter = (sample: Parameters<typeof predict>[0], ...steps: Addition[]) =>
  predict(sample, steps).map((step) => step.solids.filter((s) => s.visible).map((s) => s.formula));

describe('what every textbook says of solutions mixed', () => {
  test.each<[string, number, string]>([
    ['Ag+', 1, 'AgCl'],
    ['Pb2+', 2, 'PbCl2'],
  ])('chloride throws down %s', (cation, charge, solid) =>
    expect(solidsAfter(nitrate(cation, charge, 0.1), add('HCl', 2, 1))).toEqual([[solid]]),
  );
  test.each(['Cu2+', 'Zn2+', 'Ca2+', 'Ba2+', 'Mg2+'])('chloride leaves %s dissolved', (cation) =>
    expect(solidsAfter(nitrate(cation, 2, 0.1), add('HCl', 2, 1))).toEqual([[]]),
  );
  test.each<[string, number, string]>([
    ['Ba2+', 2, 'BaSO4'],
    ['Sr2+', 2, 'SrSO4'],
    ['Pb2+', 2, 'PbSO4'],
  ])('sulfate throws down %s', (cation, charge, solid) =>
    expect(solidsAfter(nitrate(cation, charge, 0.1), add('Na2SO4', 0.1, 2))).toEqual([[solid]]),
  );
  test.each<[string, number]>([
    ['Cu2+', 2],
    ['Mg2+', 2],
    ['Zn2+', 2],
    ['K+', 1],
    ['NH4+', 1],
  ])('sulfate leaves %s dissolved', (cation, charge) =>
    expect(solidsAfter(nitrate(cation, charge, 0.1), add('Na2SO4', 0.1, 2))).toEqual([[]]),
  );

  test('barium sulfate stays in acid, barium carbonate and phosphate do not', () => {
    const after = (reagent: string) =>
      solidsAfter(nitrate('Ba2+', 2, 0.05), add(reagent, 0.05, 2), add('HNO3', 2, 4))[1];
    expect([after('Na2SO4'), after('Na2CO3')]).toEqual([['BaSO4'], []]);
  });
  test('copper with ammonia: hydroxide first, a clear deep solution in excess', () => {
    const [few, excess] = solidsAfter(nitrate('Cu2+', 2, 0.05), add('NH3', 0.5, 0.3), add('NH3', 5, 4));
    expect(few).toEqual(['Cu(OH)2']);
    expect(excess).toEqual([]);
  });
  test('aluminium hydroxide stays in ammonia and dissolves in strong alkali', () => {
    const ammonia = solidsAfter(nitrate('Al3+', 3, 0.05), add('NH3', 2, 3));
    const alkali = solidsAfter(nitrate('Al3+', 3, 0.05), add('NaOH', 0.4, 0.4), add('NaOH', 4, 3));
    expect(ammonia).toEqual([['Al(OH)3']]);
    expect(alkali).toEqual([['Al(OH)3'], []]);
  });
  test('acid brings back what alkali threw down', () => {
    for (const [cation, charge] of [
      ['Cu2+', 2],
      ['Fe3+', 3],
      ['Mg2+', 2],
    ] as const) {
      const [down, back] = solidsAfter(nitrate(cation, charge, 0.05), add('NaOH', 1, 1), add('HCl', 2, 3));
      expect([cation, down!.length, back]).toEqual([cation, 1, []]);
    }
  });
  test('the order of two reagents does not matter to where a solution ends, gases apart', () => {
    const sample = nitrate('Zn2+', 2, 0.05);
    const one = predict(sample, [add('NaOH', 1, 0.2), add('NH3', 2, 1)]).at(-1)!;
    const other = predict(sample, [add('NH3', 2, 1), add('NaOH', 1, 0.2)]).at(-1)!;
    expect(one.pH).toBeCloseTo(other.pH, 6);
    expect(one.solids.map((s) => s.formula)).toEqual(other.solids.map((s) => s.formula));
  });
  test('more acid is never less sour', () => {
    const steps = Array.from({ length: 10 }, () => add('HCl', 0.5, 0.3));
    const pHs = predict({ ions: { 'Na+': 0.2, 'CO3^2-': 0.1 }, volume_mL: 5 }, steps).map((s) => s.pH);
    for (let i = 1; i < pHs.length; i++) expect(pHs[i]!).toBeLessThanOrEqual(pHs[i - 1]! + 1e-9);
    expect(pHs[0]).toBeGreaterThan(8);
    expect(pHs.at(-1)).toBeLessThan(1.5);
  });
  test('of chloride, bromide and iodide together silver takes the iodide first', () => {
    const halides = { ions: { 'K+': 0.06, 'Cl-': 0.02, 'Br-': 0.02, 'I-': 0.02 }, volume_mL: 2 };
    const [first] = solidsAfter(halides, add('AgNO3', 0.05, 0.6));
    expect(first).toEqual(['AgI']);
  });
});
