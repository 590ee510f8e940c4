/**
 * Dissolved species beyond the free components, each with the decadic logarithm of its formation
 * constant from the components at 25 °C and zero ionic strength. Hydroxo complexes are written with
 * protons given away (log *β).
 */
import type { SourceId } from '../sources/sources.js';
import type { Component, MadeOf } from './components.js';

export interface DissolvedSpecies {
  readonly formula: string;
  readonly madeOf: MadeOf;
  /** log10 K for components → species. */
  readonly logK: number;
  readonly source: SourceId;
  /** Where the value used was fitted to what is seen in a test tube: the tabulated one, and why it was left. */
  readonly fitted?: Fitted;
}
export interface Fitted {
  readonly tabulated: number;
  readonly why: string;
}
/** By formula: fitted values in place of tabulated ones. */
const fitted: Readonly<Record<string, Fitted>> = {
  '[Pb(OH)3]-': {
    tabulated: -28.06,
    why: 'with the product of the fresh hydroxide, so that 4 mol/dm3 sodium hydroxide dissolves it and 0.4 does not',
  },
  '[Cr(OH)4]-': {
    tabulated: -27.4,
    why: 'fresh chromium(III) hydroxide dissolves in 4 mol/dm3 sodium hydroxide; with the tabulated value it would stay',
  },
};
const fit = (formula: string): { fitted?: Fitted } => (fitted[formula] ? { fitted: fitted[formula] } : {});

const acidBase = (formula: string, madeOf: MadeOf, logK: number): DissolvedSpecies => ({
  formula,
  madeOf,
  logK,
  source: 'nist-46',
});
/** Hydroxo complexes of one metal: log *β for one, two, three, four hydroxides; null where none is tabulated. */
const hydroxo = (
  metal: Component,
  bodies: readonly string[],
  logs: readonly (number | null)[],
): DissolvedSpecies[] =>
  logs.flatMap((logK, i) =>
    logK === null
      ? []
      : [
          {
            formula: bodies[i]!,
            madeOf: { [metal]: 1, 'H+': -(i + 1) },
            logK,
            source: 'baes-mesmer',
            ...fit(bodies[i]!),
          },
        ],
  );
/** Ammine complexes of one metal: overall log β for one, two, … ammonias. */
const ammines = (
  metal: Component,
  symbol: string,
  charge: string,
  logs: readonly number[],
): DissolvedSpecies[] =>
  logs.map((logK, i) => ({
    formula: `[${symbol}(NH3)${i === 0 ? '' : i + 1}]${charge}`,
    madeOf: { [metal]: 1, NH3: i + 1 },
    logK,
    source: 'lange',
  }));
const pair = (formula: string, madeOf: MadeOf, logK: number): DissolvedSpecies => ({
  formula,
  madeOf,
  logK,
  source: 'lange',
});

export const dissolvedSpecies: readonly DissolvedSpecies[] = [
  acidBase('OH-', { 'H+': -1 }, -13.997),
  acidBase('NH4+', { NH3: 1, 'H+': 1 }, 9.244),
  acidBase('HCO3-', { 'CO3^2-': 1, 'H+': 1 }, 10.329),
  acidBase('CO2', { 'CO3^2-': 1, 'H+': 2 }, 16.681),
  acidBase('HSO4-', { 'SO4^2-': 1, 'H+': 1 }, 1.99),
  acidBase('HSO3-', { 'SO3^2-': 1, 'H+': 1 }, 7.18),
  acidBase('SO2', { 'SO3^2-': 1, 'H+': 2 }, 9.03),
  acidBase('HPO4^2-', { 'PO4^3-': 1, 'H+': 1 }, 12.375),
  acidBase('H2PO4-', { 'PO4^3-': 1, 'H+': 2 }, 19.573),
  acidBase('H3PO4', { 'PO4^3-': 1, 'H+': 3 }, 21.721),
  ...hydroxo('Mg2+', ['MgOH+'], [-11.44]),
  ...hydroxo('Ca2+', ['CaOH+'], [-12.85]),
  ...hydroxo('Sr2+', ['SrOH+'], [-13.29]),
  ...hydroxo('Ba2+', ['BaOH+'], [-13.47]),
  ...hydroxo('Li+', ['LiOH'], [-13.64]),
  ...hydroxo('Al3+', ['AlOH^2+', 'Al(OH)2+', 'Al(OH)3', '[Al(OH)4]-'], [-4.97, -9.3, -15.0, -23.0]),
  ...hydroxo('Zn2+', ['ZnOH+', 'Zn(OH)2', '[Zn(OH)3]-', '[Zn(OH)4]2-'], [-8.96, -16.9, -28.4, -41.2]),
  ...hydroxo('Pb2+', ['PbOH+', 'Pb(OH)2', '[Pb(OH)3]-'], [-7.71, -17.12, -28.4]),
  ...hydroxo('Cr3+', ['CrOH^2+', 'Cr(OH)2+', 'Cr(OH)3', '[Cr(OH)4]-'], [-4.0, -9.7, -18.0, -26.35]),
  ...hydroxo('Mn2+', ['MnOH+', 'Mn(OH)2', '[Mn(OH)3]-'], [-10.59, -22.2, -34.8]),
  ...hydroxo('Fe2+', ['FeOH+', 'Fe(OH)2', '[Fe(OH)3]-'], [-9.5, -20.57, -31.0]),
  ...hydroxo('Fe3+', ['FeOH^2+', 'Fe(OH)2+', 'Fe(OH)3', '[Fe(OH)4]-'], [-2.19, -5.67, -12.56, -21.6]),
  { formula: 'Fe2(OH)2^4+', madeOf: { 'Fe3+': 2, 'H+': -2 }, logK: -2.95, source: 'baes-mesmer' },
  ...hydroxo('Co2+', ['CoOH+', 'Co(OH)2', '[Co(OH)3]-'], [-9.65, -18.8, -31.5]),
  ...hydroxo('Ni2+', ['NiOH+', 'Ni(OH)2', '[Ni(OH)3]-'], [-9.86, -19.0, -30.0]),
  ...hydroxo('Cu2+', ['CuOH+', 'Cu(OH)2', '[Cu(OH)3]-', '[Cu(OH)4]2-'], [-8.0, -17.3, -27.8, -39.6]),
  { formula: 'Cu2(OH)2^2+', madeOf: { 'Cu2+': 2, 'H+': -2 }, logK: -10.36, source: 'baes-mesmer' },
  ...hydroxo('Ag+', ['AgOH', '[Ag(OH)2]-'], [-12.0, -24.0]),
  ...ammines('Ag+', 'Ag', '+', [3.24, 7.05]),
  ...ammines('Cu2+', 'Cu', '2+', [4.31, 7.98, 11.02, 13.32]),
  ...ammines('Zn2+', 'Zn', '2+', [2.37, 4.81, 7.31, 9.46]),
  ...ammines('Ni2+', 'Ni', '2+', [2.8, 5.04, 6.77, 7.96, 8.71, 8.74]),
  ...ammines('Co2+', 'Co', '2+', [2.11, 3.74, 4.79, 5.55, 5.73, 5.11]),
  pair('MgSO4', { 'Mg2+': 1, 'SO4^2-': 1 }, 2.23),
  pair('CaSO4', { 'Ca2+': 1, 'SO4^2-': 1 }, 2.3),
  pair('SrSO4', { 'Sr2+': 1, 'SO4^2-': 1 }, 2.3),
  pair('AgCl', { 'Ag+': 1, 'Cl-': 1 }, 3.04),
  pair('AgCl2-', { 'Ag+': 1, 'Cl-': 2 }, 5.04),
  pair('PbCl+', { 'Pb2+': 1, 'Cl-': 1 }, 1.62),
  pair('PbCl2', { 'Pb2+': 1, 'Cl-': 2 }, 2.44),
];
