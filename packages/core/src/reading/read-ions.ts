/**
 * Reads the names and formulas of ions, salts and gases out of a free-text answer: `lithium`, `Li+`,
 * `calsium ions`, `Ca 2+`, `SO4-2`, `copper (II)`, `NaBr`, `carbondioxide`. Spelling is forgiven only where
 * no other name of school chemistry is nearer, so that sulfate is never taken for sulfite, chlorine for
 * chloride or manganese for magnesium.
 */
import { keptByText } from './kept.js';
import { compositionKey, readFormula } from '../formulas/read-formula.js';
import type { IonId } from '../species/ion.js';
import { allGases, allIons, formulaParts, ionOf } from '../species/species.js';
import type { GasId } from '../species/substance.js';
import { concluding } from './conclusion.js';
import { alike } from './likeness.js';
import { mishearings } from './mishearings.js';
import { chargedElements, drawnTogether } from './drawn-together.js';
import { longestAnswer, withoutChat } from './tokens.js';
import { standingOf } from './lexicon.js';
import { speller } from './spelling.js';

export interface IonClaim {
  readonly ions: readonly IonId[];
  readonly denied: boolean;
  /** The answer's own text for it. */
  readonly text: string;
  /** Named as an element or by a bare symbol, without saying which charge. */
  readonly bare: boolean;
  /** A formula whose capitals are wrong (`na+`). */
  readonly capitals?: boolean;
  /** A symbol or formula without a charge (`Na`, `SO4`). */
  readonly symbol?: boolean;
}
export interface GasClaim {
  /** A formula whose capitals are wrong (`co2`). */
  readonly capitals?: boolean;
  /** The gas, or null for a substance that is none of those Kivex tests for. */
  readonly gas: GasId | null;
  readonly denied: boolean;
  readonly text: string;
}
export interface IonReading {
  readonly claims: readonly IonClaim[];
  readonly gases: readonly GasClaim[];
  readonly unread: readonly string[];
  readonly blank: boolean;
}

const fillers = new Set(
  `the a an it is was i think its be must has have contains contained because of ion ions metal sample jar answer probably maybe definitely
  and or either possibly perhaps could might so salt compound in this flame colour unknown element solution cation anion also as we found gas gases
  that there would like sure very my our guess say made up with from are both vapour name def defo definately its a salts tbh prob probs present here positive negative charge plus minus element called one just really pretty im fairly`.split(
    /\s+/,
  ),
);
const denials = new Set([
  'not',
  'no',
  'isnt',
  'never',
  'wasnt',
  'nor',
  'cannot',
  'cant',
  'neither',
  'without',
  'arent',
  'doesnt',
  'aint',
  'couldnt',
]);
/** Substances that are none of ours: known so that nothing is mended into one of ours that is nearer to them. */
const foreign =
  `bromine iodine sulfur sulphur carbon chlorate chlorite sulfide sulphide nitrite nitride oxide peroxide thiosulfate phosphide fluoride fluorine
  manganate chromate dichromate ethanoate hydride tin gold mercury caesium rubidium beryllium phosphorus argon helium neon methane monoxide trioxide ozone bromate iodate cadmium bismuth platinum titanium silicon boron`.split(
    /\s+/,
  );

const nameWords = new Map<string, readonly IonId[]>();
const addName = (name: string, id: IonId) => nameWords.set(name, [...(nameWords.get(name) ?? []), id]);
for (const ion of allIons) {
  for (const name of [ion.name, ...ion.alsoCalled, ...ion.shortNames]) addName(name, ion.id);
}
const gasNames = new Map<string, GasId>();
for (const gas of allGases)
  for (const name of [gas.name, ...gas.alsoCalled]) gasNames.set(name.replace(/\s/g, ''), gas.id);
const gasWords = [...gasNames.keys()].filter((name) => /^[a-z]+$/.test(name));

const singleWords = [...nameWords.keys()].filter((name) => /^[a-z]+$/.test(name));
const spellable = [...new Set([...singleWords, ...foreign, ...gasWords, 'dioxide'])];
const spelling = speller(spellable, fillers);

/** Endings that carry the meaning; a spelling slip may not cross them. */
const ending = (word: string): string => /(?:ate|ite|ide|ine|ium|ia|ous|ic)$/.exec(word)?.[0] ?? '';

const elementName = (id: IonId): string => ionOf(id).name.replace(/\(.*/, '');
const atomsKey = (key: string): string => key.slice(0, key.indexOf('|'));

interface FormulaMeaning {
  readonly ions: readonly IonId[];
  readonly bare: boolean;
}
/** Ions and balanced salts by composition; bare symbols (`Na`, `SO4`) by their atoms alone. */
const meanings: ReadonlyMap<string, FormulaMeaning> = (() => {
  const index = new Map<string, FormulaMeaning>();
  const keyOf = (formula: string) => compositionKey(readFormula(formula)!);
  const times = (formula: string, n: number) => (n > 1 ? `(${formula})${n}` : formula);
  for (const cation of allIons.filter((ion) => ion.charge > 0)) {
    for (const anion of allIons.filter((ion) => ion.charge < 0)) {
      const common = commonFactor(cation.charge, -anion.charge);
      const salt =
        times(formulaParts(cation.id).formula, -anion.charge / common) +
        times(formulaParts(anion.id).formula, cation.charge / common);
      const key = keyOf(salt);
      if (!index.has(key)) index.set(key, { ions: [cation.id, anion.id], bare: false });
    }
  }
  for (const ion of allIons) {
    const { formula } = formulaParts(ion.id);
    const alike = allIons.filter(
      (other) => formulaParts(other.id).formula === formula && elementName(other.id) === elementName(ion.id),
    );
    index.set(`${atomsKey(keyOf(formula))}|0`, { ions: alike.map((other) => other.id), bare: true });
    index.set(compositionKey({ atoms: ion.atoms, charge: ion.charge }), { ions: [ion.id], bare: false });
  }
  return index;
})();
const gasFormulas: ReadonlyMap<string, GasId> = new Map(
  allGases.map((gas) => [compositionKey(readFormula(gas.id)!), gas.id]),
);

function commonFactor(a: number, b: number): number {
  return b === 0 ? a : commonFactor(b, a % b);
}

interface Formulas {
  readonly ions?: FormulaMeaning;
  /** null for a formula that is no gas of ours. */
  readonly gas: GasId | null;
}
function ofFormula(token: string): Formulas | undefined {
  const bare = token.replace(/[.,;:]+$/, '').replace(/\.\d*H2O$/, '');
  const formula = readFormula(bare) ?? readFormula(bare.replace(/0/g, 'O'));
  if (!formula) {
    // "Na+Cl-": two ions written as one word.
    const both = /^(.+?[+⁺])([A-Z].*[-⁻−])$/.exec(bare);
    const pair = both && [both[1]!, both[2]!].map((part) => ofFormula(part)?.ions?.ions);
    return pair?.every((p) => p?.length === 1)
      ? { ions: { ions: pair.flatMap((p) => p!), bare: false }, gas: null }
      : undefined;
  }
  const key = compositionKey(formula);
  const ions = meanings.get(key);
  return { ...(ions ? { ions } : {}), gas: gasFormulas.get(key) ?? null };
}

/** A formula written without regard to capitals (`na+`, `FE3+`, `co2`), where only one thing can be meant. */
function ofAnyCase(token: string): Formulas | undefined {
  const letters = token.replace(/[^a-z]/gi, '');
  if (!letters || letters.length > 5 || !/^[a-z(]/i.test(token)) return undefined;
  const found = new Map<string, Formulas>();
  for (let mask = 0; mask < 1 << letters.length; mask++) {
    let k = 0;
    const spelt = token.replace(/[a-z]/gi, (letter) =>
      mask & (1 << k++) ? letter.toUpperCase() : letter.toLowerCase(),
    );
    if (spelt === token || !/^[[(]?[A-Z]/.test(spelt)) continue;
    const read = ofFormula(spelt);
    if (read && (read.ions || read.gas)) found.set(`${read.ions?.ions.join() ?? ''}|${read.gas ?? ''}`, read);
  }
  return found.size === 1 ? [...found.values()][0] : undefined;
}

/** The one name a word is like, where the next is clearly further. */
function nearest(word: string): string | undefined {
  if (word.length < 5 || fillers.has(word) || standingOf(word) === 'common') return undefined;
  const [best, ...others] = alike(word, spellable);
  if (!best || best.cost > 1.3) return undefined;
  const meaning = (name: string) => nameWords.get(name)?.join() ?? gasNames.get(name) ?? name;
  const next = others.find((o) => meaning(o.word) !== meaning(best.word));
  return next && next.cost - best.cost < 0.35 ? undefined : best.word;
}

/** The known name a word is nearest to, its meaning-bearing ending kept. */
const knownName = keptByText((word): string | undefined => {
  if (nameWords.has(word) || gasNames.has(word)) return word;
  const heard = misheardNames.get(word);
  if (heard) return heard;
  const near = spelling.read(word) ?? nearest(word);
  const [a, b] = [ending(word), near ? ending(near) : ''];
  return near && !(a && b && a !== b) ? near : undefined;
}, 5000);

function ionsNamed(lower: string): readonly IonId[] | undefined {
  const [stem = '', charge] = lower.split('#');
  // A charge beside it tells that a short word is an element's name: `irn (II)`.
  const known =
    knownName(stem) ?? (charge ? alike(stem, chargedElements).find((a) => a.cost < 1.3)?.word : undefined);
  const ions = known === undefined ? undefined : nameWords.get(known);
  if (!ions) return undefined;
  if (!charge) return ions;
  const element = ions.filter((id) => String(ionOf(id).charge) === charge);
  return element.length ? element : undefined;
}

/** Could a token be a formula whose capitals are wrong? A word is not. */
const formulaLike = (token: string, among: number): boolean =>
  /\d|[+-]$|[⁺⁻]/.test(token) ? true : among === 1 && token.length <= 4 && !fillers.has(token.toLowerCase());

/** Names torn in two by a voice keyboard put together: `so dium`, `sul fate`. */
function tornNames(tokens: readonly string[]): readonly string[] {
  const out: string[] = [];
  for (let i = 0; i < tokens.length; i++) {
    let taken = 1;
    const [first, second] = [tokens[i]!.toLowerCase(), tokens[i + 1]?.toLowerCase() ?? ''];
    const element = /^(?:carbon|sulfur|sulphur)$/.exec(knownName(first) ?? '')?.[0];
    if (element && second && knownName(second) === 'dioxide') {
      out.push(`${element}dioxide`);
      i += 1;
      continue;
    }
    for (const n of [3, 2]) {
      const run = tokens.slice(i, i + n).map((t) => t.replace(/[.,;!?]+$/, ''));
      if (run.length < n || run.some((t) => !/^[a-z]+$/i.test(t) || t.length > 7)) continue;
      if (run.every((t) => fillers.has(t.toLowerCase())) || run.some((t) => nameWords.has(t.toLowerCase())))
        continue;
      const joined = run.join('').toLowerCase();
      if (nameWords.has(joined) || gasNames.has(joined) || tornAs.has(joined)) {
        out.push(tornAs.get(joined) ?? joined);
        taken = n;
        break;
      }
      const odd = run.filter(
        (t) => standingOf(t.toLowerCase()) === 'unknown' && !nameWords.has(knownName(t.toLowerCase()) ?? ''),
      );
      const like = joined.length >= 6 && odd.length > 0 ? knownName(joined) : undefined;
      if (like && nameWords.has(like)) {
        out.push(like);
        taken = n;
        break;
      }
    }
    if (taken === 1) out.push(tokens[i]!);
    else i += taken - 1;
  }
  return out;
}
const misheardNames: ReadonlyMap<string, string> = new Map(
  mishearings
    .filter((m) => !m.beside && !m.form.includes(' ') && (nameWords.has(m.meant) || gasNames.has(m.meant)))
    .map((m) => [m.form, m.meant] as const),
);
/** What a voice keyboard makes of names. */
const tornAs: ReadonlyMap<string, string> = new Map([
  ...mishearings
    .filter((m) => !m.beside && nameWords.has(m.meant) && m.form.includes(' '))
    .map((m) => [m.form.replaceAll(' ', ''), m.meant] as const),
  ['carboneight', 'carbonate'],
  ['soulfate', 'sulfate'],
  ['sulfurate', 'sulfate'],
  ['colorride', 'chloride'],
  ['coreride', 'chloride'],
  ['clorride', 'chloride'],
  ['patassium', 'potassium'],
  ['leadiron', 'lead'],
  ['zincions', 'zinc'],
]);

/**
 * Reads the ions and gases an answer names.
 * @param answer what the student wrote; anything, any length.
 */
export const readIons = keptByText((answer): IonReading => {
  const whole = answer.slice(0, longestAnswer);
  const names = (piece: string): boolean => {
    const { claims, gases } = namesIn(piece);
    return claims.some((c) => !c.denied) || gases.some((g) => !g.denied && g.gas !== null);
  };
  const piece = /\s/.test(whole.trim()) ? concluding(whole, names) : whole;
  return namesIn(piece);
});

/** The names of a piece of text, as they stand. */
function namesIn(answer: string): IonReading {
  const text = answer.replace(/[’']/g, '').replace(/[‐‑‒–—−]/g, '-');
  const tokens =
    drawnTogether(withoutChat(text)).match(/[\p{L}\p{N}#^{}()[\].+\-⁺⁻⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉·•]+/gu) ?? [];
  const claims: IonClaim[] = [];
  const gases: GasClaim[] = [];
  const unread: string[] = [];
  let denied = false;
  const parts = tornNames(tokens);
  for (const raw of parts) {
    const token = raw.replace(/^[.()[\]]+(?=[A-Za-z])(?![^()]*\)\d)/, '').replace(/\.+$/, '');
    const lower = token
      .toLowerCase()
      .replace(/[()[\]^{}.,]+/g, '')
      .replace(/^-+|-+$/g, '');
    if (!lower) continue;
    if (denials.has(lower)) {
      denied = true;
      continue;
    }
    if (lower === 'but' || lower === 'it') {
      denied = false;
      continue;
    }
    const named = ionsNamed(lower);
    const asIs = /^[[(]?[A-Z]/.test(token) && !named ? ofFormula(token) : undefined;
    const loosely =
      named || asIs?.ions || asIs?.gas || (asIs && /^[A-Z]/.test(token)) || !formulaLike(token, parts.length)
        ? undefined
        : ofAnyCase(token);
    const formula = asIs ?? loosely;
    const capitals = loosely ? { capitals: true } : {};
    const gas = gasNames.get(knownName(lower) ?? '');
    if (gas !== undefined) gases.push({ gas, denied, text: token });
    else if (formula) gases.push({ gas: formula.gas, denied, text: token, ...capitals });
    else if (foreign.includes(knownName(lower) ?? '') || named)
      gases.push({ gas: null, denied, text: token });
    const ions = named ?? formula?.ions?.ions;
    if (ions) {
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
          bare: formula?.ions?.bare ?? (ions.length > 1 && named !== undefined),
          ...(!named && formula?.ions?.bare ? { symbol: true } : {}),
          ...capitals,
        });
      continue;
    }
    if (
      !fillers.has(lower) &&
      gas === undefined &&
      !formula &&
      !foreign.includes(knownName(lower) ?? '') &&
      standingOf(lower.replace(/#.*/, '')) === 'unknown'
    )
      unread.push(token.replace(/#.*/, ''));
  }
  return { claims, gases, unread, blank: tokens.length === 0 };
}
