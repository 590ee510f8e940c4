/** Marks a word equation: the right names on each side, in any order, spelling forgiven where no other name is nearer. */
import type { Reason } from '../reading/reason.js';
import { speller } from '../reading/spelling.js';
import { allGases, allIons, allMetals } from '../species/species.js';
import type { EquationMark } from './mark-equation.js';

/** Words of substances beyond the ions, gases and metals. */
const furtherWords =
  `acid hydrochloric sulfuric nitric phosphoric ethanoic carbonic water oxygen hydrogen chlorine bromine iodine nitrogen
  oxide dioxide monoxide peroxide chloride bromide iodide fluoride nitride sulfide sulfate sulfite nitrate nitrite carbonate hydrogencarbonate
  hydroxide phosphate ammonia ammonium steam manganate permanganate thiosulfate ethane methane hydrate hydrated anhydrous tin mercury carbon sulfur
  fluorine phosphorus gold platinum aluminate zincate ethanoate methanoic citric`.split(/\s+/);
const vocabulary = new Set([
  ...furtherWords,
  ...[...allIons, ...allGases, ...allMetals]
    .flatMap((s) => [s.name, ...s.alsoCalled])
    .flatMap((name) => name.replace(/\(.*?\)/g, '').split(' ')),
]);
const spelling = speller(
  [...vocabulary].filter((w) => /^[a-z]+$/.test(w)),
  new Set(['and', 'gas', 'solution', 'metal']),
);

/** Elements whose charge must be said, since school meets two of their ions. */
const charged = new Set(['iron']);
const romans: Readonly<Record<string, string>> = { '2': 'ii', '3': 'iii', '4': 'iv', '1': 'i' };
/** Words that describe and do not name. */
const describing = new Set([
  'gas',
  'solution',
  'metal',
  'dilute',
  'aqueous',
  'solid',
  'ions',
  'ion',
  'the',
  'a',
  'some',
  'powder',
  'vapour',
]);
const compounds: readonly (readonly [RegExp, string])[] = [
  [/\bcarbondioxide\b/g, 'carbon dioxide'],
  [/\bsul?lph?/g, 'sulf'],
  [/\bsulph/g, 'sulf'],
  [/\bhydrogen[\s-]+carbonate\b/g, 'hydrogencarbonate'],
  [/\bbicarbonate\b/g, 'hydrogencarbonate'],
  [/\bsteam\b/g, 'water'],
  [/\baluminum\b/g, 'aluminium'],
  [/\bferrous\b/g, 'iron(ii)'],
  [/\bferric\b/g, 'iron(iii)'],
];

/** A name as a key: spelling mended, descriptions and needless charges left out. */
export function nameKey(name: string): string {
  let text = name.toLowerCase().replace(/\((?:s|l|g|aq)\)/g, ' ');
  for (const [from, to] of compounds) text = text.replace(from, to);
  text = text.replace(
    /\(\s*(i{1,3}|iv)\s*\)|\b(iron|copper|lead)\s+([1-4])\b/g,
    (_, roman: string, element: string, n: string) => (roman ? `#${roman}` : `${element}#${romans[n] ?? ''}`),
  );
  const words = text
    .replace(/[^\p{L}#\s]/gu, ' ')
    .split(/\s+/)
    .filter((w) => w && !describing.has(w));
  return words
    .map((word) => {
      const [stem = '', charge] = word.split('#');
      const mended = spelling.read(stem) ?? stem;
      return charge && charged.has(mended) ? `${mended}#${charge}` : mended;
    })
    .filter(Boolean)
    .sort()
    .join(' ');
}

const longest = 600;
const arrow = /\s*(?:-+>|=+>?|→|⟶|⇒|⇌|➔|>)\s*/;

/** The names of one side. */
const namesOf = (side: string): string[] =>
  side
    .split(/\s*(?:\+|&|,|\band\b)\s*/i)
    .map((name) => name.trim())
    .filter(Boolean);

/**
 * Marks a word equation.
 * @param reactants @param products names, in any order.
 */
export function markWordEquation(
  answer: string,
  reactants: readonly string[],
  products: readonly string[],
): EquationMark {
  const result = (
    verdict: EquationMark['verdict'],
    why: readonly Reason[],
    normal: string | null,
  ): EquationMark => ({
    verdict,
    balanced: { atoms: null, charge: null },
    why,
    normal,
  });
  const unreadable = (code: string, text: string) => result('unreadable', [{ code, text }], null);
  if (!answer.trim()) return unreadable('blank', 'Nothing was written.');
  if (answer.length > longest)
    return unreadable('too-long', 'This is far longer than an equation; write one equation only.');
  const parts = answer
    .normalize('NFKC')
    .replace(/[‐‑‒–—−]/g, '-')
    .split(arrow);
  if (parts.length < 2)
    return unreadable('no-arrow', 'There is no arrow; write what reacts, an arrow, then what is made.');
  if (parts.length > 2) return unreadable('arrows', 'There is more than one arrow; write one equation.');
  const [left, right] = parts.map(namesOf) as [string[], string[]];
  if (!left.length || !right.length)
    return unreadable('empty-side', 'One side is empty; write what reacts and what is made.');
  if (![...left, ...right].some((n) => /\p{L}{3}/u.test(n)))
    return result('wrong', [{ code: 'formulas', text: 'Names are asked for here, not formulas.' }], null);
  const normal = `${left.join(' + ')} → ${right.join(' + ')}`;
  const why: Reason[] = [];
  const keys = (names: readonly string[]) => names.map(nameKey);
  const [gotLeft, gotRight, wantLeft, wantRight] = [left, right, reactants, products].map(keys) as [
    string[],
    string[],
    string[],
    string[],
  ];
  const equal = (a: readonly string[], b: readonly string[]) =>
    a.every((k) => b.includes(k)) && b.every((k) => a.includes(k));
  if (equal(gotLeft, wantRight) && equal(gotRight, wantLeft) && !equal(gotLeft, wantLeft)) {
    why.push({
      code: 'reversed',
      text: 'The two sides are the wrong way round: what reacts goes before the arrow.',
    });
  } else {
    const side = (
      names: readonly string[],
      got: readonly string[],
      want: readonly string[],
      wanted: readonly string[],
      place: string,
    ) => {
      got.forEach((k, i) => {
        if (!want.includes(k))
          why.push({ code: 'extra-species', text: `“${names[i]}” does not belong ${place} the arrow.` });
      });
      want.forEach((k, i) => {
        if (!got.includes(k))
          why.push({ code: 'missing-species', text: `A name is missing ${place} the arrow: ${wanted[i]}.` });
      });
    };
    side(left, gotLeft, wantLeft, reactants, 'before');
    side(right, gotRight, wantRight, products, 'after');
  }
  return why.length
    ? result('wrong', why, normal)
    : result('correct', [{ code: 'correct', text: 'The right names on each side.' }], normal);
}
