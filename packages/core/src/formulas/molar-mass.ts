/** Molar masses, water of crystallisation included. */
import { atomicWeight, isElement } from '../species/elements.js';
import { readFormula, type Formula } from './read-formula.js';

/** Molar mass of a read formula in g/mol (source `iupac-weights`). */
export const molarMassOf = (formula: Formula): number =>
  Object.entries(formula.atoms).reduce(
    (sum, [symbol, n]) => sum + (isElement(symbol) ? n * atomicWeight(symbol) : 0),
    0,
  );

/**
 * Molar mass of a formula as typed, in g/mol: `FeSO4.7H2O` → 278.01.
 * @throws RangeError naming what cannot be read.
 */
export function molarMass(typed: string): number {
  const formula = readFormula(typed);
  if (!formula || !Object.keys(formula.atoms).length)
    throw new RangeError(`"${typed.slice(0, 60)}" is not a formula; write it like CuSO4.5H2O`);
  return molarMassOf(formula);
}
