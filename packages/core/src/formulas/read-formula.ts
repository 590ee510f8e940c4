/**
 * Reads a chemical formula with its charge, in all the spellings people type: `SO42-`, `SO4 2-`,
 * `SO4^2-`, `SO₄²⁻`, `SO4-2`, `Fe+3`, `[Ag(NH3)2]+`, `CuSO4·5H2O`.
 *
 * A digit before a sign may be an index or a charge (`NO3-`, `Fe3+`, `SO42-`). Where one reading is an
 * ion that exists in school it is taken; else a lone element takes the digit as charge, a group as index.
 */
import { elementSymbols, isElement } from '../species/elements.js';
import { allIons } from '../species/species.js';
import { oneSpelling } from './formula-text.js';

export interface Formula {
  /** Atoms by element symbol. An electron has none. */
  readonly atoms: Readonly<Record<string, number>>;
  readonly charge: number;
  /** The formula in plain spelling without its charge: `SO4`, `CuSO4.5H2O`. */
  readonly body: string;
}

/** Longest formula read; no real one is near it. */
const longest = 120;
/** Largest index or multiplier read. */
const largestNumber = 9999;

type Atoms = Record<string, number>;
const add = (into: Atoms, atoms: Atoms, times: number) => {
  for (const [symbol, n] of Object.entries(atoms)) into[symbol] = (into[symbol] ?? 0) + n * times;
};
const closing: Readonly<Record<string, string>> = { '(': ')', '[': ']' };

/** Atoms of a body such as `Ca(OH)2`, or undefined where it is not a formula. */
function atomsOf(body: string, depth = 0): Atoms | undefined {
  const atoms: Atoms = {};
  let i = 0;
  const number = (): number | undefined => {
    const digits = /^\d+/.exec(body.slice(i))?.[0] ?? '';
    i += digits.length;
    if (!digits) return 1;
    const n = Number(digits);
    return n >= 1 && n <= largestNumber && digits[0] !== '0' ? n : undefined;
  };
  if (depth > 8) return undefined;
  while (i < body.length) {
    const c = body[i]!;
    const close = closing[c];
    let part: Atoms | undefined;
    if (close) {
      let level = 0;
      let end = i;
      for (; end < body.length; end++) {
        if (body[end] === c) level++;
        else if (body[end] === close && --level === 0) break;
      }
      if (level !== 0 || end === i + 1) return undefined;
      part = atomsOf(body.slice(i + 1, end), depth + 1);
      i = end + 1;
    } else {
      const two = body.slice(i, i + 2);
      const symbol = two.length === 2 && isElement(two) ? two : isElement(c) ? c : undefined;
      if (!symbol) return undefined;
      part = { [symbol]: 1 };
      i += symbol.length;
    }
    const times = number();
    if (!part || times === undefined) return undefined;
    add(atoms, part, times);
  }
  return Object.keys(atoms).length ? atoms : undefined;
}

/** Atoms of a formula with water of crystallisation: parts joined by dots, each with a multiplier. */
function atomsWithWater(body: string): Atoms | undefined {
  const atoms: Atoms = {};
  for (const [place, part] of body.split('.').entries()) {
    const [, times = '', rest = ''] = /^(\d{0,4})(.*)$/.exec(part) ?? [];
    if (place === 0 && times) return undefined;
    const found = atomsOf(rest);
    if (!found || Number(times || 1) < 1) return undefined;
    add(atoms, found, Number(times || 1));
  }
  return atoms;
}

/** The composition as a key: elements in alphabetical order, then the charge. */
export const compositionKey = ({ atoms, charge }: Pick<Formula, 'atoms' | 'charge'>): string =>
  `${Object.keys(atoms)
    .sort()
    .map((symbol) => `${symbol}${atoms[symbol]}`)
    .join(' ')}|${charge}`;

/** Ions beyond the samples' own that students write in equations. */
const furtherIons: readonly (readonly [string, number])[] = [
  ['HPO4', -2],
  ['H2PO4', -1],
  ['HSO4', -1],
  ['HSO3', -1],
  ['MnO4', -1],
  ['MnO4', -2],
  ['CrO4', -2],
  ['Cr2O7', -2],
  ['AlO2', -1],
  ['ZnO2', -2],
  ['PbO2', -2],
  ['CrO2', -1],
  ['S4O6', -2],
  ['O', -2],
  ['S', -2],
  ['F', -1],
  ['H3O', 1],
  ['NO2', -1],
  ['ClO', -1],
  ['SCN', -1],
  ['CN', -1],
  ['CH3COO', -1],
  ['Cu', 1],
  ['Hg', 2],
  ['Hg2', 2],
  ['Mn', 3],
  ['Sn', 2],
  ['Sn', 4],
  ['Cs', 1],
  ['Rb', 1],
  ['NO', 1],
  ['Al(OH)4', -1],
  ['Zn(OH)4', -2],
  ['Zn(OH)3', -1],
  ['Pb(OH)4', -2],
  ['Pb(OH)3', -1],
  ['Cr(OH)4', -1],
  ['Cr(OH)6', -3],
  ['Al(OH)6', -3],
  ['Be', 2],
];
let known: ReadonlySet<string> | undefined;
const knownIons = (): ReadonlySet<string> =>
  (known ??= new Set([
    ...allIons.map(compositionKey),
    ...furtherIons.map(([body, charge]) => compositionKey({ atoms: atomsOf(body) ?? {}, charge })),
  ]));

/** Is this an ion that school chemistry knows? Neutral formulas are not judged. */
export const isKnownIon = (formula: Formula): boolean => knownIons().has(compositionKey(formula));

const electron: Formula = { atoms: {}, charge: -1, body: 'e' };

/** The ways a body with its charge may be cut, the most usual first. */
function cuts(text: string): { body: string; charge: number }[] {
  const signed = (mark: string, size: number) => (mark === '+' || mark === '⊕' ? size : -size);
  const sure = /^(.*?)\s*\^(\d*)([⊕⊖])$/.exec(text);
  if (sure) return [{ body: sure[1]!, charge: signed(sure[3]!, Number(sure[2] || 1)) }];
  // A caret with the sign left outside: SO4^2 -
  const caret = /^(.*?)\s*\^(\d+)\s*([+-])$/.exec(text);
  if (caret) return [{ body: caret[1]!, charge: signed(caret[3]!, Number(caret[2])) }];
  const signFirst = /^(.*?[^\s+-])\s*([+-])(\d)$/.exec(text);
  if (signFirst) return [{ body: signFirst[1]!, charge: signed(signFirst[2]!, Number(signFirst[3])) }];
  const many = /^(.*?[^\s+-])\s*(\+{2,4}|-{2,4})$/.exec(text);
  if (many) return [{ body: many[1]!, charge: signed(many[2]![0]!, many[2]!.length) }];
  const bracketed = /^(.*?)\s*\((\d?)([+-])\)$/.exec(text) ?? /^(.*?)\s*\(([+-])(\d?)\)$/.exec(text);
  if (bracketed) {
    const [mark, digits] = /[+-]/.test(bracketed[3] ?? '')
      ? [bracketed[3]!, bracketed[2]]
      : [bracketed[2]!, bracketed[3]];
    return [{ body: bracketed[1]!, charge: signed(mark, Number(digits || 1)) }];
  }
  const apart = /^(.*?\S)\s+(\d)\s*([+-])$/.exec(text);
  if (apart) return [{ body: apart[1]!, charge: signed(apart[3]!, Number(apart[2])) }];
  const plain = /^(.*?\D)(\d*)\s*([+-])$/.exec(text);
  if (!plain) return [{ body: text, charge: 0 }];
  const [, head, digits, mark] = plain as unknown as [string, string, string, string];
  if (!digits) return [{ body: head.trim(), charge: signed(mark, 1) }];
  const asCharge = { body: head, charge: signed(mark, Number(digits)) };
  const asIndex = { body: head + digits, charge: signed(mark, 1) };
  const split = { body: head + digits.slice(0, -1), charge: signed(mark, Number(digits.at(-1))) };
  if (head.endsWith(']')) return [asCharge, split, asIndex];
  if (digits.length > 1) return [split, asIndex];
  return isElement(head) ? [asCharge, asIndex] : [asIndex, asCharge];
}

/**
 * Reads one formula.
 * @param typed what was typed, without coefficient or state symbol.
 * @returns its atoms, charge and plain spelling, or undefined where it is no formula.
 */
export function readFormula(typed: string): Formula | undefined {
  if (typed.length > longest) return undefined;
  const text = oneSpelling(typed).trim();
  if (/^e\s*(?:\^?1?[⊖-])?$/.test(text)) return /[⊖-]/.test(text) ? electron : undefined;
  const read = cuts(text).flatMap(({ body, charge }): Formula[] => {
    const tight = body.replace(/\s+/g, '');
    const atoms = atomsWithWater(tight);
    return atoms && Math.abs(charge) <= 9 ? [{ atoms, charge, body: tight }] : [];
  });
  return read.find((formula) => formula.charge === 0 || isKnownIon(formula)) ?? read[0];
}

/** A formula in plain spelling with its charge: `SO4^2-`, `Ag+`, `NaCl`. */
export function formulaWithCharge({ atoms, body, charge }: Formula): string {
  if (charge === 0) return body;
  const sign = charge > 0 ? '+' : '-';
  if (!Object.keys(atoms).length) return `e${sign}`;
  if (Math.abs(charge) === 1) return body + sign;
  return `${body}${/\d$|\]$/.test(body) ? '^' : ''}${Math.abs(charge)}${sign}`;
}

/** Can these letters be cut into symbols of elements, in the case given or in any? */
function cutsIntoSymbols(letters: string, anyCase: boolean): boolean {
  const text = anyCase ? letters.toLowerCase() : letters;
  const reach = new Array<boolean>(text.length + 1).fill(false);
  reach[0] = true;
  for (let i = 0; i < text.length; i++) {
    if (!reach[i]) continue;
    for (const symbol of elementSymbols)
      if (text.startsWith(anyCase ? symbol.toLowerCase() : symbol, i)) reach[i + symbol.length] = true;
  }
  return reach[text.length] === true;
}

/** How a formula's letters stand: right as they are, right but for their capitals, or no formula. */
export function letterCase(typed: string): 'right' | 'other' | 'none' {
  if (typed.length > longest) return 'none';
  const letters = oneSpelling(typed).replace(/[\d\s^⊕⊖+\-.()[\]]/g, '');
  if (!letters || /[^a-z]/i.test(letters)) return 'none';
  if (cutsIntoSymbols(letters, false)) return 'right';
  return cutsIntoSymbols(letters, true) ? 'other' : 'none';
}
