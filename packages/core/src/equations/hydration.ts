/**
 * Two ways of writing one dissolved ion: with or without the water in it. `AlO2-` and `[Al(OH)4]-`,
 * `H+` and `H3O+` name the same thing; an equation is right in either, each balanced for itself.
 */
import { compositionKey, readFormula, type Formula } from '../formulas/read-formula.js';

const pairs: readonly (readonly [dry: string, wet: string])[] = [
  ['AlO2-', 'Al(OH)4-'],
  ['NaAlO2', 'NaAl(OH)4'],
  ['KAlO2', 'KAl(OH)4'],
  ['ZnO2^2-', 'Zn(OH)4^2-'],
  ['Na2ZnO2', 'Na2Zn(OH)4'],
  ['PbO2^2-', 'Pb(OH)4^2-'],
  ['Na2PbO2', 'Na2Pb(OH)4'],
  ['CrO2-', 'Cr(OH)4-'],
  ['NaCrO2', 'NaCr(OH)4'],
  ['H+', 'H3O+'],
];
const dryOf = new Map(
  pairs.map(([dry, wet]) => [compositionKey(readFormula(wet)!), compositionKey(readFormula(dry)!)] as const),
);
const water = compositionKey(readFormula('H2O')!);

/** A key that is the same for both ways of writing the ion. */
export const dryKey = (formula: Formula): string => {
  const own = compositionKey(formula);
  return dryOf.get(own) ?? own;
};
/** Is this ion written with the water in it? */
export const isWet = (formula: Formula): boolean => dryOf.has(compositionKey(formula));
export const isWater = (key: string): boolean => key === water;
