/** Salts as proportions of their ions: formulas, and strengths of each ion. */
import { anionIn, cationIn, formulaParts, ionOf } from '../species/species.js';
import type { IonId } from '../species/ion.js';

export interface IonCount {
  readonly id: IonId;
  readonly count: number;
}

/** How many of each ion the salt holds, cation first; empty where it is no salt. */
export function ionCounts(ions: readonly string[]): readonly IonCount[] {
  const [cation, anion] = [cationIn(ions), anionIn(ions)];
  if (!cation || !anion) return [];
  const [p, n] = [ionOf(cation).charge, -ionOf(anion).charge];
  const divisor = (x: number, y: number): number => (y ? divisor(y, x % y) : x);
  const g = divisor(p, n);
  return [
    { id: cation, count: n / g },
    { id: anion, count: p / g },
  ];
}

const part = ({ id, count }: IonCount): string => {
  const { formula } = formulaParts(id);
  const several = /[A-Z].*[A-Z]|\d/.test(formula);
  return count === 1 ? formula : several ? `(${formula})${count}` : `${formula}${count}`;
};

/** The formula of an anhydrous salt from its ions: `Al3+`, `SO4^2-` → `Al2(SO4)3`; empty where it is no salt. */
export const saltFormula = (ions: readonly string[]): string => ionCounts(ions).map(part).join('');

/** mol/dm3 of each ion in a solution of the salt. */
export const ionStrengths = (ions: readonly string[], molarity: number): Readonly<Record<string, number>> =>
  Object.fromEntries(ionCounts(ions).map(({ id, count }) => [id, count * molarity]));
