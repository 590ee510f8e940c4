/** Amounts as they are asked for, and the masses of what is weighed. */
import { usualDrop_mL } from '../identification-tests/drop.js';
import { molarMass } from '../formulas/molar-mass.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { isCationId } from '../species/species.js';
import type { Bottle } from './shelf.js';

/** A figure from 0 to a most. @throws RangeError */
export const within = (n: number, what: string, most: number): number => {
  if (!(n >= 0 && n <= most)) throw new RangeError(`${what} is ${n}; it runs from 0 to ${most}`);
  return n;
};
/** An amount in one measure. @throws RangeError where several are given or it cannot be. */
export function amountOf(a: { readonly mL?: number; readonly drops?: number; readonly g?: number }): {
  mL?: number;
  g?: number;
} {
  const given = [a.mL, a.drops, a.g].filter((n) => n !== undefined);
  if (given.length > 1) throw new RangeError('give one of mL, drops or g');
  if (a.drops !== undefined) return { mL: within(a.drops, 'drops', 2000) * usualDrop_mL };
  if (a.mL !== undefined) return { mL: within(a.mL, 'mL', 100) };
  if (a.g !== undefined) return { g: within(a.g, 'g', 50) };
  return {};
}
/** g of one mol of the unit a solid is given by. */
export function massOfUnit(ions: Readonly<Record<string, number>>): number {
  const present = Object.keys(ions).filter((id) => (ions[id] ?? 0) > 0);
  const formula = present.length === 2 ? saltFormula(present) : '';
  const cation = present.find(isCationId);
  if (formula && cation) {
    const count = Number(/^\(?[A-Z][A-Za-z0-9]*?\)?(\d*)/.exec(formula)?.[1] || 1);
    try {
      return (molarMass(formula) * (ions[cation] ?? 1)) / Math.max(1, count);
    } catch {
      return 100;
    }
  }
  return 100;
}
/** g of one mol of what a bottle holds. */
export const massOfBottle = (bottle: Bottle): number => {
  try {
    return molarMass(bottle.id);
  } catch {
    return 100;
  }
};
