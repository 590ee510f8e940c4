/** An equation as a fact: its species, balanced, with states, as people write it. */
import type { StateSymbol } from '../equations/read-equation.js';
import { usualStates } from '../equations/usual-states.js';
import { formulaWithCharge, readFormula, type Formula } from '../formulas/read-formula.js';
import { coefficients } from './coefficients.js';
import { nameOf } from './names.js';

/** What of a test an equation belongs to: first drops, an excess, the test itself, the test of its gas. */
export type ReactionPart = 'drops' | 'excess' | 'test' | 'gas';

export interface ReactionEquation {
  readonly of: ReactionPart;
  readonly form: 'ionic' | 'symbol' | 'word';
  readonly text: string;
  /** Formulas in plain spelling (`SO4^2-`); names in a word equation. */
  readonly reactants: readonly string[];
  readonly products: readonly string[];
  /** By formula; empty in a word equation. */
  readonly states: Readonly<Record<string, StateSymbol>>;
}
/** Both sides as formulas, without coefficients. */
export interface Sides {
  readonly reactants: readonly string[];
  readonly products: readonly string[];
}
/** What happens, in both forms; `ionic` is left out where nothing is there as ions. */
export interface Happening {
  readonly of: ReactionPart;
  readonly ionic?: Sides;
  readonly symbol: Sides;
  /** A group of the symbol form that takes no part and is not taken apart, such as `NH4`. */
  readonly kept?: readonly string[];
  /** States other than the usual ones, by formula. */
  readonly states?: Readonly<Record<string, StateSymbol>>;
}

const raised: Readonly<Record<string, string>> = {
  '+': '⁺',
  '-': '⁻',
  '2': '²',
  '3': '³',
  '4': '⁴',
};

function formulaOf(plain: string): Formula {
  const formula = readFormula(plain);
  if (!formula) throw new RangeError(`"${plain}" is not a formula`);
  return formula;
}

/** A formula with real indices and charge: `[Zn(OH)4]^2-` → `[Zn(OH)₄]²⁻`. */
export function formulaShown(plain: string): string {
  const { body, charge } = formulaOf(plain);
  const [salt = '', ...water] = body.split('.');
  const lowered = [
    salt.replace(/\d/g, (d) => String.fromCharCode(0x2080 + Number(d))),
    ...water.map((part) => part.replace(/(?<=\D)\d/g, (d) => String.fromCharCode(0x2080 + Number(d)))),
  ].join('·');
  const size = Math.abs(charge) > 1 ? raised[String(Math.abs(charge))]! : '';
  return charge ? `${lowered}${size}${raised[charge > 0 ? '+' : '-']!}` : lowered;
}

function equation(
  of: ReactionPart,
  form: 'ionic' | 'symbol',
  sides: Sides,
  given: Happening['states'] = {},
  kept?: readonly string[],
): ReactionEquation {
  const [left, right] = [sides.reactants.map(formulaOf), sides.products.map(formulaOf)];
  const numbers = coefficients(left, right, kept);
  const stateOf = (formula: Formula): StateSymbol =>
    given[formulaWithCharge(formula)] ?? usualStates(formula)[0] ?? 'aq';
  const side = (formulas: readonly Formula[], from: number) =>
    formulas
      .map((formula, i) => {
        const n = numbers[from + i]!;
        return `${n === 1 ? '' : n}${formulaShown(formulaWithCharge(formula))}(${stateOf(formula)})`;
      })
      .join(' + ');
  return {
    of,
    form,
    text: `${side(left, 0)} → ${side(right, left.length)}`,
    reactants: left.map(formulaWithCharge),
    products: right.map(formulaWithCharge),
    states: Object.fromEntries([...left, ...right].map((f) => [formulaWithCharge(f), stateOf(f)])),
  };
}

function wordEquation(of: ReactionPart, { reactants, products }: Sides): ReactionEquation | undefined {
  const named = (formulas: readonly string[]) => formulas.map((formula) => nameOf(formula));
  const [left, right] = [named(reactants), named(products)];
  if (![...left, ...right].every((name) => name !== undefined)) return undefined;
  return {
    of,
    form: 'word',
    text: `${left.join(' + ')} → ${right.join(' + ')}`,
    reactants: left as string[],
    products: right as string[],
    states: {},
  };
}

/** The equations of what happens: ionic, symbol, and in words where every substance has a school name. */
export function equationsOf({ of, ionic, symbol, states, kept }: Happening): readonly ReactionEquation[] {
  const words = wordEquation(of, symbol);
  return [
    ...(ionic ? [equation(of, 'ionic', ionic, states)] : []),
    equation(of, 'symbol', symbol, states, kept),
    ...(words ? [words] : []),
  ];
}
