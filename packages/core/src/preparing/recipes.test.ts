import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { benchTotals, dilution, stockMolarity, weighing } from './recipes.js';

describe('weighing', () => {
  test('the hydrate named is the hydrate weighed', () => {
    expect(weighing({ solute: 'FeSO4.7H2O', molarity: 0.2, volume_mL: 250 }).mass_g).toBeCloseTo(13.9, 1);
    expect(weighing({ solute: 'Na2CO3.10H2O', molarity: 0.4, volume_mL: 1000 }).mass_g).toBeCloseTo(
      114.455,
      2,
    );
  });
  test('mass grows with strength and volume alike', () => {
    const n = fc.double({ min: 0.001, max: 1, noNaN: true });
    fc.assert(
      fc.property(n, n, (m, v) => {
        const one = weighing({ solute: 'NaCl', molarity: m, volume_mL: 1000 * v }).mass_g;
        const double = weighing({ solute: 'NaCl', molarity: m, volume_mL: 2000 * v }).mass_g;
        return Math.abs(double / one - 2) < 1e-9;
      }),
    );
  });
  test.each<[string, Parameters<typeof weighing>[0], RegExp]>([
    ['no formula', { solute: 'salt', molarity: 1, volume_mL: 1 }, /not a formula/],
    ['an ion', { solute: 'Na+', molarity: 1, volume_mL: 1 }, /is an ion/],
    ['nothing', { solute: 'NaCl', molarity: 0, volume_mL: 1 }, /more than 0/],
    ['a salt that does not dissolve', { solute: 'AgCl', molarity: 0.1, volume_mL: 100 }, /hardly dissolves/],
    ['more than a litre holds', { solute: 'NaCl', molarity: 60, volume_mL: 100 }, /weaker solution/],
    ['a lake', { solute: 'NaCl', molarity: 1, volume_mL: 1e9 }, /at most/],
  ])('%s is refused', (_, make, wanted) => expect(() => weighing(make)).toThrow(wanted));
});

describe('dilution', () => {
  test('percent and density give the strength of a stock', () => {
    expect(stockMolarity({ solute: 'HCl', percent: 37, density: 1.18 })).toBeCloseTo(11.975, 2);
    expect(stockMolarity({ solute: 'H2SO4', percent: 98, density: 1.84 })).toBeCloseTo(18.39, 2);
  });
  test('stock and water make the volume, and the amount stays', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 11, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        (molarity, volume_mL) => {
          const { stock_mL, water_mL_about } = dilution({ molarity: 12 }, { molarity, volume_mL });
          return (
            Math.abs(stock_mL + water_mL_about - volume_mL) < 1e-6 &&
            Math.abs(stock_mL * 12 - molarity * volume_mL) < 1e-6
          );
        },
      ),
    );
  });
  test('a stock weaker than what is wanted is refused with its strength', () =>
    expect(() =>
      dilution({ solute: 'HCl', percent: 37, density: 1.18 }, { molarity: 15, volume_mL: 100 }),
    ).toThrow(/the stock is 12 mol\/dm3/));
  test.each([
    { percent: 120, density: 1 },
    { percent: 37, density: -1 },
    { percent: 0, density: 1 },
  ])('%j is no stock', (bottle) =>
    expect(() => stockMolarity({ solute: 'HCl', ...bottle })).toThrow(RangeError),
  );
});

describe('bench totals', () => {
  test('one row a reagent, surplus in the total only', () => {
    const uses = [
      { reagent: 'NaOH 0.4 M', drops: 10, times: 6 },
      { reagent: 'AgNO3', drops: 5, times: 2 },
      { reagent: 'NaOH 0.4 M', drops: 20, times: 1 },
    ];
    const totals = benchTotals({ groups: 8, surplus: 0.2, uses });
    expect(totals).toHaveLength(2);
    expect(totals[0]).toMatchObject({ reagent: 'NaOH 0.4 M', perGroup_mL: 4 });
    expect(totals[0]!.total_mL).toBeCloseTo(38.4, 9);
  });
  test.each([
    { groups: 0 },
    { groups: 1.5 },
    { surplus: -1 },
    { dropVolume_mL: 0 },
    { uses: [{ reagent: ' ', drops: 1, times: 1 }] },
    { uses: [{ reagent: 'x', drops: -1, times: 1 }] },
  ])('%j is refused', (wrong) =>
    expect(() => benchTotals({ groups: 8, surplus: 0, uses: [], ...wrong })).toThrow(RangeError),
  );
});
