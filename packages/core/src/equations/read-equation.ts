/**
 * Reads an equation in formulas into species on two sides. A plus may part terms or be a charge, a
 * minus may be a charge or the shaft of an arrow: all ways to cut are weighed, and the one whose terms
 * are formulas and known ions is taken.
 */
import { oneSpelling } from '../formulas/formula-text.js';
import {
  formulaWithCharge,
  isKnownIon,
  readFormula,
  letterCase,
  type Formula,
} from '../formulas/read-formula.js';
import { fractionText, readFraction, whole, type Fraction } from './fraction.js';

export type StateSymbol = 's' | 'l' | 'g' | 'aq';
export interface Term {
  readonly count: Fraction;
  readonly formula: Formula;
  readonly state: StateSymbol | undefined;
}
export interface Equation {
  readonly left: readonly Term[];
  readonly right: readonly Term[];
}
export type EquationReading =
  | { readonly kind: 'read'; readonly equations: readonly Equation[] }
  /** Formulas only if capitals are mended. */
  | { readonly kind: 'wrong-case' }
  | { readonly kind: 'unreadable'; readonly code: string; readonly text: string };

/** Longest equation read, in characters. */
const longest = 600;
/** Most pluses weighed on one side. */
const mostPluses = 24;

const coefficient = /^(\(\s*\d+\s*\/\s*\d+\s*\)|\d+\s*\/\s*\d+|\d*[½¼¾⅓⅔]|\d*\.\d+|\d+)?\s*(.*)$/s;
const stateAtEnd = /\s*[([]\s*(s|l|g|aq)\s*\.?\s*[)\]]\s*$/i;

/** One term, or undefined. `fits` judges the formula text, so that other readings can share the cutting. */
function cutTerm(text: string): { count: string; body: string; state: StateSymbol | undefined } | undefined {
  const state = stateAtEnd.exec(text);
  const bare = (state ? text.slice(0, state.index) : text).trim();
  const [, count = '', body = ''] = coefficient.exec(bare) ?? [];
  return body ? { count, body, state: state?.[1]!.toLowerCase() as StateSymbol | undefined } : undefined;
}

interface Weighed<T> {
  readonly term: T;
  /** 0 for a plain formula or a known ion, 1 for an ion nobody knows. */
  readonly cost: number;
}
function readTerm(text: string): Weighed<Term> | undefined {
  const cut = cutTerm(text);
  const formula = cut && readFormula(cut.body);
  const count = cut?.count ? readFraction(cut.count) : whole(1);
  if (!cut || !formula || !count) return undefined;
  return {
    term: { count, formula, state: cut.state },
    cost: formula.charge === 0 || isKnownIon(formula) || !Object.keys(formula.atoms).length ? 0 : 1,
  };
}
function readTermInAnotherCase(text: string): Weighed<'right' | 'other'> | undefined {
  const cut = cutTerm(text);
  const letters = cut ? letterCase(cut.body) : 'none';
  return letters === 'none' ? undefined : { term: letters, cost: 0 };
}

/** The cheapest way to cut a side at its pluses into terms that `read` accepts. */
function cutSide<T>(
  side: string,
  read: (text: string) => Weighed<T> | undefined,
): { terms: T[]; cost: number } | undefined {
  const at = [-1];
  for (let i = side.indexOf('+'); i >= 0; i = side.indexOf('+', i + 1)) at.push(i);
  if (at.length > mostPluses + 1) return undefined;
  at.push(side.length);
  const best: ({ terms: T[]; cost: number } | undefined)[] = [{ terms: [], cost: 0 }];
  for (let end = 1; end < at.length; end++) {
    for (let start = 0; start < end; start++) {
      const before = best[start];
      if (!before) continue;
      const term = read(side.slice(at[start]! + 1, at[end]));
      if (!term) continue;
      const cost = before.cost + term.cost;
      const so = best[end];
      if (!so || cost < so.cost) best[end] = { terms: [...before.terms, term.term], cost };
    }
  }
  return best[at.length - 1];
}

/** The ways to part an equation at its arrow: text before, text after. */
function sides(text: string): [string, string][] {
  const glyph = /\s*[→⟶⇒⟹➔➝⇌↔⇄⇋]\s*/;
  const drawn = /[-=<~]*[=-]?>+|<?=+>?/;
  const found: [string, string][] = [];
  const first = glyph.exec(text) ?? drawn.exec(text);
  if (!first) return found;
  let start = first.index;
  let end = first.index + first[0].length;
  // "-- >": an arrow drawn with a gap.
  const tail = /^\s*-*>/.exec(text.slice(end));
  if (tail && !first[0].includes('>')) end += tail[0].length;
  found.push([text.slice(0, start), text.slice(end)]);
  const attached = start > 0 && !/\s/.test(text[start - 1]!);
  // "Cl-->AgCl" and "Cl->AgCl": the first minus may be the charge.
  if (attached && text[start] === '-') {
    start += 1;
    found.unshift([text.slice(0, start), text.slice(end)]);
  }
  return found;
}

const hasArrow = /[→⟶⇒⟹➔➝⇌↔⇄⇋=>]/;

/**
 * Reads an equation in formulas.
 * @param typed the answer, of any length.
 * @returns all readings of an ambiguous arrow, the likeliest first; or why there is none.
 */
export function readEquation(typed: string): EquationReading {
  const unreadable = (code: string, text: string): EquationReading => ({ kind: 'unreadable', code, text });
  if (!typed.trim()) return unreadable('blank', 'Nothing was written.');
  if (typed.length > longest)
    return unreadable('too-long', 'This is far longer than an equation; write one equation only.');
  const text = oneSpelling(typed).trim();
  if (!hasArrow.test(text))
    return unreadable('no-arrow', 'There is no arrow; write what reacts, an arrow, then what is made.');
  let anotherCase = false;
  let empty = false;
  const equations: { equation: Equation; cost: number }[] = [];
  for (const [before, after] of sides(text)) {
    if (!before.trim() || !after.trim()) {
      empty = true;
      continue;
    }
    if (hasArrow.test(after)) continue;
    const left = cutSide(before, readTerm);
    const right = cutSide(after, readTerm);
    if (left && right)
      equations.push({ equation: { left: left.terms, right: right.terms }, cost: left.cost + right.cost });
    else {
      const letters = [before, after].map((side) => cutSide(side, readTermInAnotherCase)?.terms);
      if (letters.every(Boolean) && letters.flat().includes('other')) anotherCase = true;
    }
  }
  if (equations.length) {
    equations.sort((a, b) => a.cost - b.cost);
    return { kind: 'read', equations: equations.map((e) => e.equation) };
  }
  if (anotherCase) return { kind: 'wrong-case' };
  if (empty) return unreadable('empty-side', 'One side is empty; write what reacts and what is made.');
  return unreadable(
    'not-formulas',
    'This cannot be read as formulas on two sides of one arrow; write it like Ag+ + Cl- → AgCl.',
  );
}

const termText = ({ count, formula, state }: Term): string =>
  `${count.top === count.bottom ? '' : fractionText(count)}${formulaWithCharge(formula)}${state ? `(${state})` : ''}`;

/** An equation in one plain spelling: `Ag+ + Cl- → AgCl`. */
export const equationText = ({ left, right }: Equation): string =>
  `${left.map(termText).join(' + ')} → ${right.map(termText).join(' + ')}`;
