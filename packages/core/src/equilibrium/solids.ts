/**
 * Solids that may fall out, with the decadic logarithm of the solubility product at 25 °C. Hydroxides
 * are the fresh, amorphous ones that a test tube shows, not the aged minerals. Formulas are anhydrous.
 */
import type { SourceId } from '../sources/sources.js';
import type { Component, MadeOf } from './components.js';

/** What a precipitate looks like, in the words of the tests. */
export type SolidColour =
  'white' | 'cream' | 'yellow' | 'green' | 'grey-green' | 'blue' | 'brown' | 'coloured';

export interface Solid {
  readonly formula: string;
  readonly madeOf: MadeOf;
  /** log10 of the solubility product, in terms of free ions and hydroxide. */
  readonly logKsp: number;
  readonly colour: SolidColour;
  readonly source: SourceId;
  readonly unsure?: string;
}

/** log10 of the ion product of water, by which hydroxide is counted in protons. */
const logKw = -13.997;

const hydroxide = (
  formula: string,
  metal: Component,
  hydroxides: number,
  logKsp: number,
  colour: SolidColour,
  source: SourceId,
  unsure?: string,
): Solid => ({
  formula,
  madeOf: { [metal]: 1, 'H+': -hydroxides },
  logKsp,
  colour,
  source,
  ...(unsure ? { unsure } : {}),
});
const salt = (
  formula: string,
  madeOf: MadeOf,
  logKsp: number,
  colour: SolidColour,
  source: SourceId = 'crc-ksp',
  unsure?: string,
): Solid => ({
  formula,
  madeOf,
  logKsp,
  colour,
  source,
  ...(unsure ? { unsure } : {}),
});

export const solids: readonly Solid[] = [
  hydroxide('Mg(OH)2', 'Mg2+', 2, -10.74, 'white', 'lange'),
  hydroxide('Ca(OH)2', 'Ca2+', 2, -5.26, 'white', 'lange'),
  hydroxide('Sr(OH)2', 'Sr2+', 2, -3.5, 'white', 'crc-ksp', 'the octahydrate; data books differ'),
  hydroxide(
    'Ba(OH)2',
    'Ba2+',
    2,
    -2.3,
    'white',
    'lange',
    'the octahydrate; another data book gives 2.6e-4, which is less than its measured solubility',
  ),
  hydroxide('Al(OH)3', 'Al3+', 3, -32.9, 'white', 'lange', 'fresh gel; values from -31 to -33.5 are in use'),
  hydroxide(
    'Zn(OH)2',
    'Zn2+',
    2,
    -16.2,
    'white',
    'baes-mesmer',
    'published values run from -15.5 (amorphous) to -16.5; this one redissolves as a fresh precipitate does',
  ),
  hydroxide(
    'Pb(OH)2',
    'Pb2+',
    2,
    -15.1,
    'white',
    'lange',
    'fresh, -14.9 to -15.5; aged lead hydroxide is given as -19.9',
  ),
  hydroxide(
    'Cr(OH)3',
    'Cr3+',
    3,
    -31.2,
    'grey-green',
    'lange',
    'published values run from -29.8 (fresh) to -33 (aged)',
  ),
  hydroxide('Mn(OH)2', 'Mn2+', 2, -12.7, 'cream', 'lange'),
  hydroxide('Fe(OH)2', 'Fe2+', 2, -15.1, 'green', 'lange', 'pure it is white; what a tube shows is green'),
  hydroxide(
    'Fe(OH)3',
    'Fe3+',
    3,
    -38.5,
    'brown',
    'baes-mesmer',
    'amorphous; published values run from -37 to -39',
  ),
  hydroxide('Co(OH)2', 'Co2+', 2, -14.8, 'blue', 'lange'),
  hydroxide('Ni(OH)2', 'Ni2+', 2, -14.7, 'green', 'lange'),
  hydroxide('Cu(OH)2', 'Cu2+', 2, -19.66, 'blue', 'lange'),
  hydroxide('AgOH', 'Ag+', 1, -7.71, 'brown', 'lange', 'stands for silver oxide, which is what is seen'),

  salt('Li2CO3', { 'Li+': 2, 'CO3^2-': 1 }, -3.09, 'white'),
  salt(
    'MgCO3',
    { 'Mg2+': 1, 'CO3^2-': 1 },
    -5.62,
    'white',
    'crc-ksp',
    'the trihydrate, which forms at room temperature',
  ),
  salt('CaCO3', { 'Ca2+': 1, 'CO3^2-': 1 }, -8.47, 'white'),
  salt('SrCO3', { 'Sr2+': 1, 'CO3^2-': 1 }, -9.25, 'white'),
  salt('BaCO3', { 'Ba2+': 1, 'CO3^2-': 1 }, -8.59, 'white'),
  salt('ZnCO3', { 'Zn2+': 1, 'CO3^2-': 1 }, -9.84, 'white'),
  salt('MnCO3', { 'Mn2+': 1, 'CO3^2-': 1 }, -10.65, 'white'),
  salt('FeCO3', { 'Fe2+': 1, 'CO3^2-': 1 }, -10.5, 'coloured'),
  salt('CoCO3', { 'Co2+': 1, 'CO3^2-': 1 }, -9.98, 'coloured', 'nist-46'),
  salt('NiCO3', { 'Ni2+': 1, 'CO3^2-': 1 }, -6.85, 'coloured'),
  salt('CuCO3', { 'Cu2+': 1, 'CO3^2-': 1 }, -9.86, 'coloured', 'lange', 'a basic carbonate in fact'),
  salt('Ag2CO3', { 'Ag+': 2, 'CO3^2-': 1 }, -11.07, 'yellow'),
  salt('PbCO3', { 'Pb2+': 1, 'CO3^2-': 1 }, -13.13, 'white'),

  salt('CaSO4', { 'Ca2+': 1, 'SO4^2-': 1 }, -4.58, 'white', 'nist-46', 'the dihydrate'),
  salt('SrSO4', { 'Sr2+': 1, 'SO4^2-': 1 }, -6.46, 'white'),
  salt('BaSO4', { 'Ba2+': 1, 'SO4^2-': 1 }, -9.97, 'white'),
  salt('PbSO4', { 'Pb2+': 1, 'SO4^2-': 1 }, -7.6, 'white'),
  salt('Ag2SO4', { 'Ag+': 2, 'SO4^2-': 1 }, -4.92, 'white'),

  salt('CaSO3', { 'Ca2+': 1, 'SO3^2-': 1 }, -6.5, 'white', 'crc-ksp', 'the hemihydrate'),
  salt('SrSO3', { 'Sr2+': 1, 'SO3^2-': 1 }, -7.4, 'white', 'lange', 'old value'),
  salt('BaSO3', { 'Ba2+': 1, 'SO3^2-': 1 }, -9.3, 'white'),
  salt('PbSO3', { 'Pb2+': 1, 'SO3^2-': 1 }, -12.4, 'white', 'lange', 'estimated'),
  salt('Ag2SO3', { 'Ag+': 2, 'SO3^2-': 1 }, -13.82, 'white'),

  salt(
    'Li3PO4',
    { 'Li+': 3, 'PO4^3-': 1 },
    -8.5,
    'white',
    'lange',
    'data books differ by more than two powers of ten',
  ),
  salt('MgNH4PO4', { 'Mg2+': 1, NH3: 1, 'H+': 1, 'PO4^3-': 1 }, -12.6, 'white', 'lange'),
  salt('Mg3(PO4)2', { 'Mg2+': 3, 'PO4^3-': 2 }, -23.98, 'white'),
  salt(
    'CaHPO4',
    { 'Ca2+': 1, 'H+': 1, 'PO4^3-': 1 },
    -6.6,
    'white',
    'crc-ksp',
    'the dihydrate; in terms of hydrogenphosphate',
  ),
  salt(
    'Ca3(PO4)2',
    { 'Ca2+': 3, 'PO4^3-': 2 },
    -28.7,
    'white',
    'lange',
    'fresh, amorphous; the crystal is far less soluble',
  ),
  salt('SrHPO4', { 'Sr2+': 1, 'H+': 1, 'PO4^3-': 1 }, -6.92, 'white', 'lange'),
  salt('Sr3(PO4)2', { 'Sr2+': 3, 'PO4^3-': 2 }, -27.4, 'white', 'lange'),
  salt('BaHPO4', { 'Ba2+': 1, 'H+': 1, 'PO4^3-': 1 }, -6.5, 'white', 'lange'),
  salt('Ba3(PO4)2', { 'Ba2+': 3, 'PO4^3-': 2 }, -22.47, 'white', 'lange'),
  salt('AlPO4', { 'Al3+': 1, 'PO4^3-': 1 }, -18.2, 'white', 'lange', 'amorphous'),
  salt('FePO4', { 'Fe3+': 1, 'PO4^3-': 1 }, -21.89, 'coloured', 'lange'),
  salt('CrPO4', { 'Cr3+': 1, 'PO4^3-': 1 }, -22.62, 'coloured', 'lange'),
  salt('Zn3(PO4)2', { 'Zn2+': 3, 'PO4^3-': 2 }, -32.04, 'white', 'lange'),
  salt('Mn3(PO4)2', { 'Mn2+': 3, 'PO4^3-': 2 }, -27.4, 'white', 'lange', 'estimated'),
  salt('Fe3(PO4)2', { 'Fe2+': 3, 'PO4^3-': 2 }, -36, 'coloured', 'lange'),
  salt('Co3(PO4)2', { 'Co2+': 3, 'PO4^3-': 2 }, -34.69, 'coloured'),
  salt('Ni3(PO4)2', { 'Ni2+': 3, 'PO4^3-': 2 }, -31.32, 'coloured'),
  salt('Cu3(PO4)2', { 'Cu2+': 3, 'PO4^3-': 2 }, -36.85, 'coloured'),
  salt('Ag3PO4', { 'Ag+': 3, 'PO4^3-': 1 }, -16.05, 'yellow'),
  salt('Pb3(PO4)2', { 'Pb2+': 3, 'PO4^3-': 2 }, -42.1, 'white', 'lange'),

  salt('AgCl', { 'Ag+': 1, 'Cl-': 1 }, -9.75, 'white'),
  salt('AgBr', { 'Ag+': 1, 'Br-': 1 }, -12.27, 'cream'),
  salt('AgI', { 'Ag+': 1, 'I-': 1 }, -16.07, 'yellow'),
  salt('PbCl2', { 'Pb2+': 1, 'Cl-': 2 }, -4.77, 'white'),
  salt('PbBr2', { 'Pb2+': 1, 'Br-': 2 }, -5.18, 'white'),
  salt('PbI2', { 'Pb2+': 1, 'I-': 2 }, -8.01, 'yellow'),
];

/** log10 of protonated parts within a solid's product: what its formula counts as one unit. */
const unitLogs: Readonly<Record<string, number>> = {
  MgNH4PO4: 9.244,
  CaHPO4: 12.375,
  SrHPO4: 12.375,
  BaHPO4: 12.375,
};

/** log10 of the activity product of the components at saturation. */
export const saturationLog = (solid: Solid): number => {
  const hydroxides = solid.formula.includes('OH') ? -(solid.madeOf['H+'] ?? 0) : 0;
  // {M}{OH}^n = Ksp and {OH} = Kw/{H}; {M}{HPO4} = Ksp and {HPO4} = K{H}{PO4}.
  return solid.logKsp - hydroxides * logKw - (unitLogs[solid.formula] ?? 0);
};
