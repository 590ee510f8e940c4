/** The smallest whole coefficients that balance given reactants and products. */
import type { Formula } from '../formulas/read-formula.js';

const divisor = (a: number, b: number): number => (b ? divisor(b, a % b) : Math.abs(a));

/** A row divided by what all its figures share, so that figures stay small whole numbers. */
function lowest(row: readonly number[]): number[] {
  const shared = row.reduce(divisor, 0);
  return shared > 1 ? row.map((n) => n / shared) : [...row];
}

/** How often a group stands in a formula: NH4 in `(NH4)2SO4` twice. */
const groupsIn = (body: string, group: string): number => {
  const [, after, times] =
    body.split(group).length > 1 ? (/(\)?)(\d*)/.exec(body.split(group)[1]!) ?? []) : [];
  return after === undefined ? 0 : after ? Number(times || 1) : 1;
};

/**
 * Coefficients of the reactants, then of the products, in smallest whole numbers.
 * Atoms of every element and the charge are balanced by exact elimination.
 * @param kept groups that are not taken apart, such as `NH4`: their numbers are balanced too.
 * @throws RangeError where nothing balances, or more than one way does, naming the substances.
 */
export function coefficients(
  reactants: readonly Formula[],
  products: readonly Formula[],
  kept: readonly string[] = [],
): readonly number[] {
  const all = [...reactants, ...products];
  const symbols = [...new Set(all.flatMap(({ atoms }) => Object.keys(atoms)))];
  const signed = (n: number, i: number) => (i < reactants.length ? n : -n);
  const rows = [
    ...symbols.map((symbol) => all.map(({ atoms }, i) => signed(atoms[symbol] ?? 0, i))),
    all.map(({ charge }, i) => signed(charge, i)),
    ...kept.map((group) => all.map(({ body }, i) => signed(groupsIn(body, group), i))),
  ];
  const pivots: number[] = [];
  for (let column = 0; column < all.length; column++) {
    const at = pivots.length;
    const found = rows.findIndex((row, i) => i >= at && row[column] !== 0);
    if (found < 0) continue;
    [rows[at], rows[found]] = [rows[found]!, rows[at]!];
    const pivot = rows[at]!;
    for (const [i, row] of rows.entries())
      if (i !== at && row[column] !== 0)
        rows[i] = lowest(row.map((n, k) => n * pivot[column]! - pivot[k]! * row[column]!));
    pivots.push(column);
  }
  const free = all.map((_, i) => i).filter((i) => !pivots.includes(i));
  const unit = pivots.reduce((product, column, i) => {
    const p = Math.abs(rows[i]![column]!);
    return (product / divisor(product, p)) * p;
  }, 1);
  const solved = all.map((_, i) => {
    const row = pivots.indexOf(i);
    return row < 0 ? unit : (-rows[row]![free[0]!]! * unit) / rows[row]![i]!;
  });
  if (free.length !== 1 || solved.some((n) => n <= 0))
    throw new RangeError(`nothing, or not one thing, balances ${all.map(({ body }) => body).join(', ')}`);
  return lowest(solved);
}
