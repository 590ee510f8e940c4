/** Is an equation balanced? Exact sums of every element and of the charge on both sides. */
import { same, plus, times, whole, zero, type Fraction } from './fraction.js';
import type { Equation, Term } from './read-equation.js';
import { fractionText } from './fraction.js';

export interface Imbalance {
  /** An element symbol, or `charge`. */
  readonly of: string;
  readonly left: string;
  readonly right: string;
}
export interface Balance {
  readonly atoms: boolean;
  readonly charge: boolean;
  readonly imbalances: readonly Imbalance[];
}

const sum = (terms: readonly Term[], of: (term: Term) => number): Fraction =>
  terms.reduce((total, term) => plus(total, times(term.count, whole(of(term)))), zero);

const signed = (f: Fraction): string => (f.top > 0n ? `+${fractionText(f)}` : fractionText(f));

/** Sums both sides of an equation, element by element and for the charge. */
export function balanceOf({ left, right }: Equation): Balance {
  const elements = new Set([...left, ...right].flatMap((term) => Object.keys(term.formula.atoms)));
  const imbalances: Imbalance[] = [];
  for (const symbol of elements) {
    const [l, r] = [left, right].map((side) => sum(side, (term) => term.formula.atoms[symbol] ?? 0)) as [
      Fraction,
      Fraction,
    ];
    if (!same(l, r)) imbalances.push({ of: symbol, left: fractionText(l), right: fractionText(r) });
  }
  const [l, r] = [left, right].map((side) => sum(side, (term) => term.formula.charge)) as [
    Fraction,
    Fraction,
  ];
  const charge = same(l, r);
  const atoms = imbalances.length === 0;
  if (!charge) imbalances.push({ of: 'charge', left: signed(l), right: signed(r) });
  return { atoms, charge, imbalances };
}
