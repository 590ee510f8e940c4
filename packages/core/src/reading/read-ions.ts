/**
 * Reads ion names and formulas out of a free-text answer: `lithium`, `Li+`, `calsium ions`, `Ca 2+`,
 * `SO4-2`, `copper (II)`, `NaBr`. Never turns one ion into another by spelling (sulfate/sulfite).
 */
import type { IonId } from '../species/ion.js';
import { allIons, formulaParts, ionOf } from '../species/species.js';
import { longestAnswer } from './clauses.js';
import { speller } from './spelling.js';

export interface IonClaim {
  readonly ions: readonly IonId[];
  readonly denied: boolean;
  /** The answer's own text for it. */
  readonly text: string;
  /** Named as an element or by a bare symbol, without saying which charge. */
  readonly bare: boolean;
}

export interface IonReading {
  readonly claims: readonly IonClaim[];
  readonly unread: readonly string[];
  readonly blank: boolean;
}

const fillers = new Set(
  `the a an it is was i think its be must has have contains contained because of ion ions metal sample jar answer probably maybe definitely
  and or either possibly perhaps could might so salt compound in this flame colour unknown element solution cation anion also as we found
  that there would like sure very my our guess say`.split(/\s+/),
);
const denials = new Set(['not', 'no', 'isnt', 'never', 'wasnt', 'nor', 'cannot']);

const nameWords = new Map<string, readonly IonId[]>();
const addName = (name: string, id: IonId) => nameWords.set(name, [...(nameWords.get(name) ?? []), id]);
for (const ion of allIons) {
  for (const name of [ion.name, ...ion.alsoCalled, ...ion.shortNames]) addName(name, ion.id);
}
const singleWords = [...nameWords.keys()].filter((name) => /^[a-z]+$/.test(name));
const spelling = speller(singleWords, fillers);
/** Endings that carry the meaning; a spelling slip may not cross them. */
const ending = (word: string): string => /(?:ate|ite|ide|ine|ium|ous|ic)$/.exec(word)?.[0] ?? '';

const romans: Readonly<Record<string, string>> = { i: '1', ii: '2', iii: '3', iv: '4' };

/** What people put for a charge of this size and sign: `2+`, `+2`, `++`. */
function chargeSpellings(charge: number): string[] {
  const size = Math.abs(charge);
  const sign = charge > 0 ? '+' : '-';
  return [`${size}${sign}`, `${sign}${size}`, sign.repeat(size)].concat(size === 1 ? [sign] : []);
}

const elementName = (id: IonId): string => ionOf(id).name.replace(/\(.*/, '');

/** Every spelling of every ion and of every balanced salt, brackets and carets left out; case is kept, so `Co` is not `CO`. */
const formulas: ReadonlyMap<string, { readonly ions: readonly IonId[]; readonly bare: boolean }> = (() => {
  const index = new Map<string, { ions: readonly IonId[]; bare: boolean }>();
  for (const ion of allIons) {
    const { formula } = formulaParts(ion.id);
    const alike = allIons.filter(
      (other) => formulaParts(other.id).formula === formula && elementName(other.id) === elementName(ion.id),
    );
    index.set(formula, { ions: alike.map((other) => other.id), bare: true });
    for (const charge of chargeSpellings(ion.charge))
      index.set(formula + charge, { ions: [ion.id], bare: false });
  }
  const times = (formula: string, n: number) => (n > 1 ? `${formula}${n}` : formula);
  for (const cation of allIons.filter((ion) => ion.charge > 0)) {
    for (const anion of allIons.filter((ion) => ion.charge < 0)) {
      const common = commonFactor(cation.charge, -anion.charge);
      const salt =
        times(formulaParts(cation.id).formula, -anion.charge / common) +
        times(formulaParts(anion.id).formula, cation.charge / common);
      if (!index.has(salt)) index.set(salt, { ions: [cation.id, anion.id], bare: false });
    }
  }
  return index;
})();

function commonFactor(a: number, b: number): number {
  return b === 0 ? a : commonFactor(b, a % b);
}

const ionsOfFormula = (text: string) =>
  formulas.get(
    text
      .normalize('NFKC')
      .replace(/[−–⁻]/g, '-')
      .replace(/⁺/g, '+')
      .replace(/[\s^{}()]/g, ''),
  );

/**
 * Reads the ions an answer names.
 * @param answer what the student wrote; anything, any length.
 */
export function readIons(answer: string): IonReading {
  const text = answer.slice(0, longestAnswer).normalize('NFKC').replace(/[’']/g, '');
  // A charge may stand apart from its symbol ("Ca 2+"), a Roman numeral in brackets apart from its name.
  const glued = text
    .replace(/\b([A-Z][a-z]?(?:O?\d?)?)\s+(\d?[+-])(?=\s|$|[.,;])/g, '$1$2')
    .replace(
      /([a-z])\s*\(\s*(i{1,3}|iv)\s*\)/gi,
      (_, letter: string, roman: string) => `${letter}#${romans[roman.toLowerCase()] ?? ''}`,
    )
    .replace(
      /\b(iron|copper|lead|chromium|manganese|cobalt|nickel)[\s-]+(i{2,3}|[23])(?![\w+])/gi,
      (_, name: string, n: string) => `${name}#${romans[n.toLowerCase()] ?? n}`,
    );
  const tokens = glued.match(/[\p{L}\p{N}#^{}()+\-⁺⁻²³₂₃₄−]+/gu) ?? [];
  const claims: IonClaim[] = [];
  const unread: string[] = [];
  let denied = false;
  for (const token of tokens) {
    const lower = token
      .toLowerCase()
      .replace(/[()+\-^{}]+$/g, (tail) => (/[+-]/.test(tail) && token.length <= 5 ? tail : ''));
    if (denials.has(lower)) {
      denied = true;
      continue;
    }
    if (lower === 'but' || lower === 'it') {
      denied = false;
      continue;
    }
    const named = nameOf(lower);
    const symbols = /^[A-Z]/.test(token) && !named ? ionsOfFormula(token) : undefined;
    if (named || symbols) {
      const ions = named ?? symbols!.ions;
      const before = claims.at(-1);
      // "copper sulfate": a cation name followed by an anion name is one salt.
      const pairs =
        before &&
        before.denied === denied &&
        ionOf(before.ions[0]!).charge > 0 &&
        ionOf(ions[0]!).charge < 0 &&
        before.ions.length <= 2 &&
        !before.ions.some((i) => ionOf(i).charge < 0);
      if (pairs)
        claims[claims.length - 1] = {
          ions: [...before.ions, ...ions],
          denied,
          text: `${before.text} ${token}`,
          bare: before.bare,
        };
      else
        claims.push({
          ions,
          denied,
          text: token.replace('#', ' '),
          bare: symbols?.bare ?? (ions.length > 1 && named !== undefined),
        });
      continue;
    }
    if (!fillers.has(lower) && lower) unread.push(token);
  }
  return { claims, unread, blank: tokens.length === 0 };
}

function nameOf(lower: string): readonly IonId[] | undefined {
  const [stem, charge] = lower.split('#');
  const word = stem ?? '';
  const known = nameWords.has(word) ? word : withSameEnding(word);
  if (!known) return undefined;
  const ions = nameWords.get(known)!;
  if (!charge) return ions;
  const element = allIons.filter((i) => i.name.replace(/\(.*/, '') === known && String(i.charge) === charge);
  return element.length ? element.map((i) => i.id) : undefined;
}

function withSameEnding(word: string): string | undefined {
  const near = spelling.read(word);
  if (!near) return undefined;
  const [a, b] = [ending(word), ending(near)];
  return a && b && a !== b ? undefined : near;
}
