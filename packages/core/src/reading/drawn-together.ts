/** Names of ions as answers write them, in parts: charges in words, Roman numerals, names of two words. */

const elements = 'iron|copper|lead|chromium|manganese|cobalt|nickel|silver';
/** Elements whose ions come in several charges. */
export const chargedElements = elements.split('|');
const romans: Readonly<Record<string, string>> = { i: '1', ii: '2', iii: '3', iv: '4' };
const symbols: Readonly<Record<string, string>> = {
  fe: 'iron',
  cu: 'copper',
  pb: 'lead',
  cr: 'chromium',
  mn: 'manganese',
  co: 'cobalt',
  ni: 'nickel',
};

const numbers: Readonly<Record<string, string>> = { one: '1', two: '2', three: '3' };
/** `iii`, `three`, `3 +` → `3`. */
const chargeOf = (said: string): string => {
  const plain = said.toLowerCase().replace(/[\s+]/g, '');
  return numbers[plain] ?? romans[plain] ?? plain;
};
/** What may stand between a metal's name and its charge. */
const leading =
  'but|the|with|wiv|wth|w|a|of|its|it|is|has|which|that|ions?|charged?|one|kind|type|form|version|and|oxidation|state|number';

/** What a number after a metal's name counts, if it is no charge. */
const counted =
  'of|times|tests?|tubes?|samples?|metals?|colou?rs?|minutes?|drops?|seconds?|things?|spots?|jars?|groups?|people|more|or';

type Step = readonly [RegExp, string | ((...found: string[]) => string)];
/** In this order: what one has drawn together the next leaves alone. */
const steps: readonly Step[] = [
  // Water of crystallisation says nothing of the ions.
  [/(?<=[A-Za-z0-9)])\s*[.·•*]\s*\d*\s*h[2₂]o\b/gi, ''],
  // "C u 2 +": letters of a symbol written apart.
  [/\b([A-Z]) ([a-z]) (?=\d?\s*\+)/g, '$1$2'],
  // A state is no part of a formula.
  [/(?<=[A-Za-z0-9)+-])\s*\((?:g|aq|s|l)\)/g, ' '],
  // "Not iron, copper": what follows the breath is what it is.
  [
    /\b(not|isnt|aint|never)\s+((?:(?:an?|the|any)\s+)?[\w()+^-]+(?:\s+ions?)?)\s*,\s*(?!(?:or|nor|not|and)\b)(?=\w)/gi,
    '$1 $2 but ',
  ],
  // "Mg two plus", "fe 3 plus": a symbol and its charge as one says them.
  [
    /\b(fe|cu|pb|cr|mn|co|ni|mg|ca|ba|sr|na|k|li|al|zn|ag)\s+(one|two|three|[1-3])\s+plus\b/gi,
    (_, symbol: string, n: string) => `${symbol}${chargeOf(n)}+ `,
  ],
  // "Iron 2+ or 3+": the name belongs to both.
  [
    new RegExp(
      `\\b(${elements})\\s*\\(?(iii|ii|[23]\\s*\\+?|two|three)\\)?\\s*(?:or|/)\\s*\\(?(iii|ii|[23]\\s*\\+?|two|three)\\)?(?!\\w)`,
      'gi',
    ),
    (_, name: string, one: string, other: string) =>
      `${name}#${chargeOf(one)} or ${name}#${chargeOf(other)} `,
  ],
  // "Iron (111)": ones for the strokes of a numeral.
  [
    new RegExp(`\\b(${elements})\\s*\\(?\\s*(11{1,2})(?!\\w)\\s*\\)?`, 'gi'),
    (_, name: string, ones: string) => `${name}#${ones.length} `,
  ],
  // "Iron but the 3+ one", "iron, charge three plus": the charge said further on.
  [
    new RegExp(
      `\\b(${elements})((?:[\\s,;:-]+(?:${leading}))*[\\s,;:-]+)(?:\\+\\s*([1-3])|plus\\s+(two|three)|([1-3])\\s*(?:\\+|plus\\b)|(two|three)\\s+plus\\b|(iii|ii)\\b)`,
      'gi',
    ),
    (_, name: string, between: string, ...[a, b, d, e, f]: (string | undefined)[]) =>
      `${name}#${chargeOf((a ?? b ?? d ?? e ?? f)!)}${between}`,
  ],
  // "Copper two, the blue one", but not "iron two times"; "copper to" and "copper one" only as the last word, and not "the copper one".
  [
    new RegExp(`\\b(${elements})[\\s-]+(two|three)\\b(?!\\s+(?:${counted}|minus)\\b)`, 'gi'),
    (_, name: string, n: string) => `${name}#${n.toLowerCase() === 'two' ? 2 : 3} `,
  ],
  [
    new RegExp(
      `(?<!\\bthe )\\b(${elements})[\\s-]+(one|too|to)(?=[\\s.,!?:;()]*$|\\s+(?:ions?|plus)\\b)`,
      'gi',
    ),
    (_, name: string, n: string) => `${name}#${n.toLowerCase() === 'one' ? 1 : 2} `,
  ],
  [/\b([a-z]{1,4}\d?)\s+(\d?[+-])(?=\s|$|[.,;)])/gi, '$1$2'],
  [/\b([A-Z][A-Za-z0-9()]*)\s+(\^?\d?[+-])(?=\s|$|[.,;)])/g, '$1$2'],
  [
    /\b(Fe|Cu|Pb|Cr|Mn|Co|Ni)\s*\(?\s*(III|II|iii|ii)\s*\)?(?![\w])/g,
    (_, symbol: string, roman: string) =>
      `${symbols[symbol.toLowerCase()]}#${romans[roman.toLowerCase()] ?? ''} `,
  ],
  [
    /([a-z])\s*\(\s*(i{1,3}|iv|[1-4]\+?)\s*\)/gi,
    (_, letter: string, n: string) => `${letter}#${romans[n.toLowerCase()] ?? n.replace('+', '')} `,
  ],
  [
    new RegExp(`\\b(${elements})[\\s-]*(i{2,3}|[1-4])\\s*\\+?(?!\\w)`, 'gi'),
    (_, name: string, n: string) => `${name}#${romans[n.toLowerCase()] ?? n}`,
  ],
  [/\bhydrogen[\s-]+carbonate/gi, 'hydrogencarbonate'],
  [
    /\b(carbon|sulfur|sulphur)[\s-]*di[\s-]*ox[iy]de?\b/gi,
    (_, first: string) => `${first.toLowerCase()}dioxide`,
  ],
  [/\b(?:carbon|sulfur|sulphur)[\s-]*tri[\s-]*ox[iy]de?\b/gi, 'trioxide'],
  [/\bcarbon[\s-]*mon[\s-]*oxide\b/gi, 'monoxide'],
  [/\bhydrogen[\s-]+chloride\b/gi, 'hydrogenchloride'],
  [/\bhydrogen[\s-]+peroxide\b/gi, 'peroxide'],
  [/\bwater[\s-]+vapour\b/gi, 'water'],
];

/** Charges and Roman numerals drawn to the name they belong to (`iron (III)` → `iron#3`); names of two words drawn together. */
export function drawnTogether(text: string): string {
  if (!/[^a-z]/.test(text)) return text;
  return steps.reduce((drawn, [from, to]) => drawn.replace(from, to as string), text);
}
