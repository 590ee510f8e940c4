import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gasAmount, type GasMaking, type ReactantAmount } from './gas-amount.js';

const HCl = (molarity: number, volume_mL: number) => ({ HCl: { molarity, volume_mL } });
const H2SO4 = (molarity: number, volume_mL: number) => ({ H2SO4: { molarity, volume_mL } });
const g = (mass_g: number) => ({ mass_g });

describe('how much gas', () => {
  // Each worked by hand from molar masses; 1 mol of gas at 20 °C and 101.325 kPa is 24.055 dm3.
  test.each<[string, GasMaking, Partial<ReturnType<typeof gasAmount>>]>([
    [
      'a little magnesium fills two tubes',
      { make: 'H2', from: { Mg: g(0.05), ...HCl(1, 5) } },
      { mol: 0.0020571, limiting: 'Mg', mL: 49.387, dissolved_mL: 0.0975, tubes: 2.469, rise_C: 45.95 },
    ],
    [
      'sulfuric acid gives two hydrogens',
      { make: 'H2', from: { Zn: g(1), ...H2SO4(0.5, 10) } },
      { mol: 0.005, limiting: 'H2SO4', rise_C: 18.41 },
    ],
    [
      'aluminium takes three',
      { make: 'H2', from: { Al: g(0.27), ...HCl(1, 12) } },
      { mol: 0.006, limiting: 'HCl' },
    ],
    [
      'a hydrogencarbonate takes one acid hydrogen',
      { make: 'CO2', from: { NaHCO3: g(0.84007), ...HCl(2, 25) } },
      { mol: 0.01, limiting: 'NaHCO3', rise_C: null },
    ],
    [
      'so does ethanoic acid on chalk, two for one',
      { make: 'CO2', from: { CaCO3: g(1), CH3COOH: { molarity: 1, volume_mL: 10 } } },
      { mol: 0.005, limiting: 'CH3COOH' },
    ],
    [
      'basic copper carbonate: the hydroxide takes its part of the acid',
      { make: 'CO2', from: { 'Cu2CO3(OH)2': g(2.2111), ...HCl(1, 20) } },
      { mol: 0.005, limiting: 'HCl' },
    ],
    [
      'a crystal with its water',
      { make: 'CO2', from: { 'Na2CO3·10H2O': g(2.8614), ...H2SO4(1, 50) } },
      { mol: 0.01, limiting: 'Na2CO3·10H2O' },
    ],
    [
      'all of a little carbon dioxide stays dissolved',
      { make: 'CO2', from: { Na2CO3: { molarity: 0.1, volume_mL: 1 }, ...HCl(0.4, 6) } },
      { mol: 0.0001, mL: 0, tubes: 0, dissolved_mL: 2.4055 },
    ],
    [
      'peroxide beside its catalyst',
      { make: 'O2', from: { H2O2: { molarity: 1, volume_mL: 20 }, MnO2: g(0.5) } },
      { mol: 0.01, limiting: 'H2O2', left: { H2O2: 0 } },
    ],
    [
      'slaked lime drives out ammonia, dry',
      { make: 'NH3', from: { NH4Cl: g(1.06982), 'Ca(OH)2': g(0.37046) } },
      { mol: 0.01, limiting: 'Ca(OH)2', dissolved_mL: 0 },
    ],
    [
      'metabisulfite gives two',
      { make: 'SO2', from: { Na2S2O5: g(1.9011), ...HCl(6, 2) } },
      { mol: 0.012, limiting: 'HCl' },
    ],
    [
      'manganate and acid, 2 to 16 for 5',
      { make: 'Cl2', from: { KMnO4: g(1.58034), ...HCl(8, 2) } },
      { mol: 0.005, limiting: 'HCl' },
    ],
  ])('%s', (_, making, wanted) => {
    const got = gasAmount(making);
    for (const [key, value] of Object.entries(wanted)) {
      const had = got[key as keyof typeof got];
      if (typeof value === 'number') expect((had as number) / (value || 1)).toBeCloseTo(value ? 1 : 0, 3);
      else expect(had).toEqual(value);
    }
  });

  test('where both run out the first named is the limiting one, and nothing is left', () => {
    const zinc = { Zn: g(0.6538) };
    expect(gasAmount({ make: 'H2', from: { ...HCl(1, 20), ...zinc } })).toMatchObject({
      limiting: 'HCl',
      left: { HCl: 0, Zn: 0 },
    });
    expect(gasAmount({ make: 'H2', from: { ...zinc, ...HCl(1, 20) } }).limiting).toBe('Zn');
  });

  test('half the pressure makes twice the volume and leaves half dissolved', () => {
    const from = { CaCO3: g(1), ...HCl(1, 40) };
    const full = gasAmount({ make: 'CO2', from, kPa: 100 });
    const half = gasAmount({ make: 'CO2', from, kPa: 50 });
    expect(half.mL + half.dissolved_mL).toBeCloseTo(2 * (full.mL + full.dissolved_mL), 6);
    expect(half.dissolved_mL).toBeCloseTo(full.dissolved_mL, 6);
  });

  test('no reactant is made or lost, and the gas is all collected or dissolved', () => {
    const amount = fc.double({ min: 0.001, max: 50, noNaN: true });
    fc.assert(
      fc.property(amount, amount, amount, (mass, molarity, volume) => {
        const got = gasAmount({ make: 'H2', from: { Mg: g(mass), ...HCl(molarity, volume) } });
        const magnesium = mass / 24.305;
        const acid = (molarity * volume) / 1000;
        expect(got.left['Mg']! + got.mol).toBeCloseTo(magnesium, 9);
        expect(got.left['HCl']! + 2 * got.mol).toBeCloseTo(acid, 9);
        expect(got.mL).toBeGreaterThanOrEqual(0);
        expect((got.mL + got.dissolved_mL) / 24055.1).toBeCloseTo(got.mol, 5);
        expect(Math.min(...Object.values(got.left))).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('what does not give the gas is refused, with what to take', () => {
  const some: ReactantAmount = { mass_g: 1 };
  test.each<[GasMaking['make'], Record<string, ReactantAmount>, RegExp]>([
    ['H2', { Cu: some, ...HCl(1, 10) }, /Cu is not a metal that hydrogen is made with; take Mg, Al, Zn/],
    ['H2', { Mg: some, HNO3: { molarity: 1, volume_mL: 10 } }, /nitric acid oxidises.*take HCl or H2SO4/],
    ['H2', { Mg: some }, /H2 is made from a metal and an acid; given: Mg/],
    ['H2', { Mg: some, Zn: some, ...HCl(1, 5) }, /given: Mg and Zn and HCl/],
    ['H2', { Ca: some, ...H2SO4(1, 10) }, /coats Ca with a crust of insoluble CaSO4.*take HCl/],
    ['H2', { Mg: { molarity: 1, volume_mL: 1 }, ...HCl(1, 5) }, /Mg does not come as a solution/],
    ['CO2', { CaCO3: some, ...H2SO4(1, 10) }, /coats CaCO3 with a crust of insoluble CaSO4/],
    ['CO2', { 'CaMg(CO3)2': some, ...H2SO4(1, 10) }, /crust of insoluble CaSO4/],
    ['CO2', { 'Fe2(CO3)3': some, ...HCl(1, 10) }, /Fe2\(CO3\)3 does not exist/],
    ['CO2', { NaCl: some, ...HCl(1, 10) }, /NaCl is not a carbonate/],
    ['CO2', { CaCO3: some, NaOH: some }, /a carbonate or hydrogencarbonate and an acid/],
    ['O2', { KMnO4: some }, /O2 is made from H2O2/],
    ['NH3', { NaCl: some, NaOH: some }, /NaCl is not an ammonium salt/],
    ['NH3', { NH4Cl: some, ...HCl(1, 1) }, /an ammonium salt and NaOH or KOH or Ca\(OH\)2/],
    ['SO2', { Na2SO4: some, ...HCl(1, 10) }, /Na2SO4 is not a sulfite/],
    ['Cl2', { KMnO4: some, ...H2SO4(1, 10) }, /H2SO4 is not the acid for Cl2.*take HCl/],
    ['H2', { Mg: { mass_g: 0 }, ...HCl(1, 10) }, /the mass of Mg is 0; it must be above 0/],
    ['H2', { Mg: some, ...HCl(-1, 10) }, /the strength of HCl is -1/],
    ['H2', { Mg: some, ...HCl(1, 0) }, /the volume of HCl is 0/],
    ['H2', { Xq: some, ...HCl(1, 10) }, /"Xq" is not the formula of a substance/],
    ['H2', { toString: some, ...HCl(1, 10) }, /not the formula/],
  ])('%s from %j', (make, from, told) => expect(() => gasAmount({ make, from })).toThrow(told));

  test.each([
    [{ kPa: 0 }, /kPa is 0/],
    [{ tube_mL: -1 }, /tube_mL is -1/],
    [{ celsius: -300 }, /kelvin/],
  ])('conditions that cannot be: %j', (conditions, told) =>
    expect(() => gasAmount({ make: 'H2', from: { Mg: some, ...HCl(1, 10) }, ...conditions })).toThrow(told),
  );
});
