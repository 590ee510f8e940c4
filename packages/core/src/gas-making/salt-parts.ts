/** What a salt that gives a gas is made of, counted from its formula. */
import type { Formula } from '../formulas/read-formula.js';
import { allCations } from '../species/species.js';

/** The formula without its water of crystallisation: `Na2CO3.10H2O` → `Na2CO3`. */
export const withoutWater = (body: string): string =>
  body
    .split('.')
    .filter((part) => !/^\d*H2O$/.test(part))
    .join('.');

/** Charges a metal has in its school salts, by symbol. */
const chargesOf = (symbol: string): readonly number[] =>
  allCations
    .filter((ion) => ion.atoms[symbol] === 1 && Object.keys(ion.atoms).length === 1)
    .map((ion) => ion.charge);

export interface CationCount {
  readonly symbol: string;
  readonly atoms: number;
  readonly charge: number;
}

/**
 * The metals (and ammonium, as NH4) of a dry salt, in every way their charges can be read.
 * @param atoms of the dry formula. @param rest elements of the anion, not to be counted.
 */
export function cationReadings(atoms: Formula['atoms'], rest: readonly string[]): readonly CationCount[][] {
  let readings: CationCount[][] = [[]];
  for (const [symbol, n] of Object.entries(atoms)) {
    if (rest.includes(symbol)) continue;
    const charges = symbol === 'N' ? [1] : chargesOf(symbol);
    readings = readings.flatMap((reading) =>
      charges.map((charge) => [...reading, { symbol: symbol === 'N' ? 'NH4' : symbol, atoms: n, charge }]),
    );
  }
  return readings;
}

/** Positive charge of all the cations of a reading. */
export const positiveCharge = (cations: readonly CationCount[]): number =>
  cations.reduce((sum, { atoms, charge }) => sum + atoms * charge, 0);

/** Hydrogens that are bound in ammonium ions of a reading. */
export const boundHydrogens = (cations: readonly CationCount[]): number =>
  cations.reduce((sum, { symbol, atoms }) => sum + (symbol === 'NH4' ? 4 * atoms : 0), 0);

/** A salt that an acid drives a gas out of. */
export interface GasSalt {
  readonly cations: readonly CationCount[];
  /** Gas from one formula unit, and the acid hydrogens it takes. */
  readonly gas: number;
  readonly hydrogens: number;
}

/** Reads a dry carbonate, hydrogencarbonate or basic carbonate, or undefined where it is none. */
export function carbonateParts(atoms: Formula['atoms']): GasSalt | undefined {
  const carbons = atoms['C'] ?? 0;
  const hydroxides = (atoms['O'] ?? 0) - 3 * carbons;
  if (carbons < 1 || hydroxides < 0) return undefined;
  for (const cations of cationReadings(atoms, ['C', 'O', 'H'])) {
    const acidic = (atoms['H'] ?? 0) - boundHydrogens(cations) - hydroxides;
    const positive = positiveCharge(cations);
    if (acidic < 0 || acidic > carbons || positive === 0) continue;
    if (positive === 2 * carbons - acidic + hydroxides) return { cations, gas: carbons, hydrogens: positive };
  }
  return undefined;
}

/** Reads a dry sulfite, hydrogensulfite or metabisulfite (disulfite), or undefined where it is none. */
export function sulfiteParts(atoms: Formula['atoms']): GasSalt | undefined {
  const sulfurs = atoms['S'] ?? 0;
  const oxygens = atoms['O'] ?? 0;
  if (sulfurs < 1) return undefined;
  for (const cations of cationReadings(atoms, ['S', 'O', 'H'])) {
    const acidic = (atoms['H'] ?? 0) - boundHydrogens(cations);
    const positive = positiveCharge(cations);
    if (positive === 0) continue;
    const sulfite = oxygens === 3 * sulfurs && acidic >= 0 && positive === 2 * sulfurs - acidic;
    const disulfite = acidic === 0 && 2 * oxygens === 5 * sulfurs && positive === sulfurs;
    if (sulfite || disulfite) return { cations, gas: sulfurs, hydrogens: positive };
  }
  return undefined;
}

/** Alkali taken by the rest of an ammonium salt before its ammonium gives ammonia, by dry formula. */
const firstTaken: Readonly<Record<string, number>> = {
  NH4HSO4: 1,
  NH4H2PO4: 1,
  '(NH4)2Fe(SO4)2': 2,
  'NH4Fe(SO4)2': 3,
  'NH4Al(SO4)2': 3,
};

/**
 * Reads a dry ammonium salt, or undefined where it is none: the ammonium in one unit and the hydroxide
 * it takes to drive all of it out.
 */
export function ammoniumParts(
  dry: string,
): { readonly gas: number; readonly hydroxides: number } | undefined {
  const group = /\(NH4\)(\d*)|NH4/.exec(dry);
  if (!group || /^NH4OH$/.test(dry)) return undefined;
  const gas = Number(group[1] || 1);
  return { gas, hydroxides: gas + (firstTaken[dry] ?? 0) };
}
