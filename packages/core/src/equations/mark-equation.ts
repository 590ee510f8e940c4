/**
 * Marks an equation in formulas: the right species on each side, balanced for atoms and charge in any
 * multiple, with its state symbols where they are required. Every fault found is said in words a
 * student can use.
 */
import { formulaWithCharge, type Formula } from '../formulas/read-formula.js';
import type { Reason } from '../reading/reason.js';
import { balanceOf, type Balance, type Imbalance } from './balance.js';
import { dryKey, isWater, isWet } from './hydration.js';
import { equationText, readEquation, type Equation, type StateSymbol, type Term } from './read-equation.js';
import { usualStates } from './usual-states.js';

export interface ExpectedSpecies {
  readonly formula: Formula;
  /** The states held to; empty where none is known, so that none is held to. */
  readonly states: readonly StateSymbol[];
}
export interface ExpectedEquation {
  readonly form: 'ionic' | 'symbol';
  readonly reactants: readonly ExpectedSpecies[];
  readonly products: readonly ExpectedSpecies[];
  readonly statesRequired: boolean;
}
export interface EquationMark {
  readonly verdict: 'correct' | 'wrong' | 'unreadable';
  readonly balanced: { readonly atoms: boolean | null; readonly charge: boolean | null };
  readonly why: readonly Reason[];
  /** The equation in one plain spelling, or null where it could not be read. */
  readonly normal: string | null;
}

/** Expected species from a formula as written, with a state symbol where one is to be held to. */
export const expectedSpecies = (formula: Formula, state?: StateSymbol): ExpectedSpecies => ({
  formula,
  states: state ? [state] : usualStates(formula),
});

const word = (formula: Formula) => formulaWithCharge(formula);
const listed = (formulas: readonly Formula[]) => [...new Set(formulas.map(word))].join(', ');

function imbalanceText({ of, left, right }: Imbalance): string {
  if (of === 'charge') return `The charge is ${left} on the left and ${right} on the right.`;
  return `There are ${left} ${of} on the left and ${right} on the right.`;
}

/** The keys of a side; the water that comes and goes with a wet way of writing is left out of the comparison. */
function compare(written: readonly Term[], expected: readonly ExpectedSpecies[], waterFree: boolean) {
  const ignore = (key: string) => waterFree && isWater(key);
  const wanted = new Map(expected.map((e) => [dryKey(e.formula), e]));
  const got = new Map(written.map((t) => [dryKey(t.formula), t]));
  return {
    extra: written
      .filter((t) => !wanted.has(dryKey(t.formula)) && !ignore(dryKey(t.formula)))
      .map((t) => t.formula),
    missing: expected
      .filter((e) => !got.has(dryKey(e.formula)) && !ignore(dryKey(e.formula)))
      .map((e) => e.formula),
  };
}

const sameElements = (a: Formula, b: Formula): boolean =>
  Object.keys(a.atoms).sort().join() === Object.keys(b.atoms).sort().join();

function speciesFaults(equation: Equation, expected: ExpectedEquation): Reason[] {
  const all = [...equation.left, ...equation.right];
  const waterFree =
    all.some((t) => isWet(t.formula)) !==
    [...expected.reactants, ...expected.products].some((e) => isWet(e.formula));
  const left = compare(equation.left, expected.reactants, waterFree);
  const right = compare(equation.right, expected.products, waterFree);
  const faults: Reason[] = [];
  const reversed =
    (left.extra.length || left.missing.length) &&
    !compare(equation.left, expected.products, waterFree).extra.length &&
    !compare(equation.right, expected.reactants, waterFree).extra.length &&
    !compare(equation.left, expected.products, waterFree).missing.length;
  if (reversed)
    return [
      { code: 'reversed', text: 'The two sides are the wrong way round: what reacts goes before the arrow.' },
    ];
  const rightKeys = new Set(equation.right.map((t) => dryKey(t.formula)));
  const spectators = equation.left.filter(
    (t) => rightKeys.has(dryKey(t.formula)) && left.extra.includes(t.formula),
  );
  if (spectators.length) {
    faults.push({
      code: 'spectators',
      text: `${listed(spectators.map((t) => t.formula))} is the same on both sides: a spectator, which is left out.`,
    });
  }
  const standing = (f: Formula) => spectators.some((t) => dryKey(t.formula) === dryKey(f));
  for (const [side, place] of [
    [left, 'before'],
    [right, 'after'],
  ] as const) {
    const missing = [...side.missing];
    for (const formula of side.extra.filter((f) => !standing(f))) {
      const near = missing.findIndex((m) => sameElements(m, formula));
      if (near >= 0) {
        const meant = missing.splice(near, 1)[0]!;
        faults.push({
          code: 'wrong-formula',
          text:
            meant.charge === formula.charge || meant.body !== formula.body
              ? `${word(formula)} is not the substance here; ${word(meant)} is.`
              : `${word(formula)} has the wrong charge; it is ${word(meant)}.`,
        });
      } else if (
        expected.form === 'ionic' &&
        formula.charge === 0 &&
        all.length &&
        missing.some((m) => m.charge !== 0 && Object.keys(m.atoms).every((s) => formula.atoms[s]))
      ) {
        faults.push({
          code: 'not-ionic',
          text: `${word(formula)} is written whole; an ionic equation shows only the ions that take part.`,
        });
      } else if (expected.form === 'symbol' && formula.charge !== 0) {
        faults.push({
          code: 'not-symbol',
          text: `${word(formula)} is an ion; the full equation is asked for, in whole formulas.`,
        });
      } else {
        faults.push({ code: 'extra-species', text: `${word(formula)} does not belong ${place} the arrow.` });
      }
    }
    for (const formula of missing)
      faults.push({
        code: 'missing-species',
        text: `A substance is missing ${place} the arrow: ${word(formula)}.`,
      });
  }
  return faults;
}

function stateFaults(equation: Equation, expected: ExpectedEquation): Reason[] {
  const faults: Reason[] = [];
  for (const [terms, wanted] of [
    [equation.left, expected.reactants],
    [equation.right, expected.products],
  ] as const) {
    for (const term of terms) {
      const states =
        wanted.find((e) => dryKey(e.formula) === dryKey(term.formula))?.states ?? usualStates(term.formula);
      if (!term.state)
        faults.push({ code: 'state-missing', text: `${word(term.formula)} needs a state symbol.` });
      else if (states.length && !states.includes(term.state))
        faults.push({
          code: 'state-wrong',
          text: `${word(term.formula)} is (${states[0]}) here, not (${term.state}).`,
        });
    }
  }
  return faults;
}

function judge(equation: Equation, expected: ExpectedEquation): EquationMark {
  const balance: Balance = balanceOf(equation);
  const faults = [
    ...speciesFaults(equation, expected),
    ...balance.imbalances.map((i) => ({
      code: i.of === 'charge' ? 'charge-unbalanced' : 'atoms-unbalanced',
      text: imbalanceText(i),
    })),
  ];
  const states = stateFaults(equation, expected);
  if (expected.statesRequired) faults.push(...states);
  const why: Reason[] = faults.length
    ? faults
    : [{ code: 'correct', text: 'The right substances, balanced for atoms and charge.' }];
  if (!faults.length && !expected.statesRequired && states.some((s) => s.code === 'state-wrong'))
    why.push({
      code: 'state-noted',
      text: `Not marked here, but mind: ${states.find((s) => s.code === 'state-wrong')!.text}`,
    });
  return {
    verdict: faults.length ? 'wrong' : 'correct',
    balanced: { atoms: balance.atoms, charge: balance.charge },
    why,
    normal: equationText(equation),
  };
}

/**
 * Marks an ionic or symbol equation.
 * @param answer what the student wrote; anything, any length.
 */
export function markEquation(answer: string, expected: ExpectedEquation): EquationMark {
  const reading = readEquation(answer);
  const unread = { atoms: null, charge: null };
  switch (reading.kind) {
    case 'unreadable':
      return {
        verdict: 'unreadable',
        balanced: unread,
        why: [{ code: reading.code, text: reading.text }],
        normal: null,
      };
    case 'wrong-case':
      return {
        verdict: 'wrong',
        balanced: unread,
        why: [
          {
            code: 'capitals',
            text: 'A symbol begins with a capital and goes on in small letters: Ag, Cl, Na.',
          },
        ],
        normal: null,
      };
    case 'read': {
      const marks = reading.equations.map((equation) => judge(equation, expected));
      return marks.find((m) => m.verdict === 'correct') ?? marks[0]!;
    }
  }
}
