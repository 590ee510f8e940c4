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

/** What a number after a metal's name counts, if it is no charge. */
const counted =
  'of|times|tests?|tubes?|samples?|metals?|colou?rs?|minutes?|drops?|seconds?|things?|spots?|jars?|groups?|people|more|or';

/** Charges and Roman numerals drawn to the name they belong to (`iron (III)` → `iron#3`); names of two words drawn together. */
export function drawnTogether(text: string): string {
  if (!/[^a-z]/.test(text)) return text;
  return (
    text
      // Water of crystallisation says nothing of the ions.
      .replace(/(?<=[A-Za-z0-9)])\s*[.·•*]\s*\d*\s*h[2₂]o\b/gi, '')
      .replace(
        new RegExp(`\\b(${elements})\\s+(?:two|ii|2)\\s+plus\\b`, 'gi'),
        (_, name: string) => `${name}#2 `,
      )
      .replace(
        new RegExp(`\\b(${elements})\\s+(?:three|iii|3)\\s+plus\\b`, 'gi'),
        (_, name: string) => `${name}#3 `,
      )
      // "Copper two, the blue one", but not "iron two times"; "copper to" and "copper one" only as the last word, and not "the copper one".
      .replace(
        new RegExp(`\\b(${elements})[\\s-]+(two|three)\\b(?!\\s+(?:${counted})\\b)`, 'gi'),
        (_, name: string, n: string) => `${name}#${n.toLowerCase() === 'two' ? 2 : 3} `,
      )
      .replace(
        new RegExp(
          `(?<!\\bthe )\\b(${elements})[\\s-]+(one|too|to)(?=[\\s.,!?:;()]*$|\\s+(?:ions?|plus)\\b)`,
          'gi',
        ),
        (_, name: string, n: string) => `${name}#${n.toLowerCase() === 'one' ? 1 : 2} `,
      )
      .replace(/\b([a-z]{1,4}\d?)\s+(\d?[+-])(?=\s|$|[.,;)])/gi, '$1$2')
      .replace(/\b([A-Z][A-Za-z0-9()]*)\s+(\^?\d?[+-])(?=\s|$|[.,;)])/g, '$1$2')
      .replace(
        /\b(Fe|Cu|Pb|Cr|Mn|Co|Ni)\s*\(?\s*(III|II|iii|ii)\s*\)?(?![\w])/g,
        (_, symbol: string, roman: string) =>
          `${symbols[symbol.toLowerCase()]}#${romans[roman.toLowerCase()] ?? ''} `,
      )
      .replace(
        /([a-z])\s*\(\s*(i{1,3}|iv|[1-4]\+?)\s*\)/gi,
        (_, letter: string, n: string) => `${letter}#${romans[n.toLowerCase()] ?? n.replace('+', '')} `,
      )
      .replace(
        new RegExp(`\\b(${elements})[\\s-]*(i{2,3}|[1-4])\\s*\\+?(?!\\w)`, 'gi'),
        (_, name: string, n: string) => `${name}#${romans[n.toLowerCase()] ?? n}`,
      )
      .replace(/\bhydrogen[\s-]+carbonate/gi, 'hydrogencarbonate')
      .replace(
        /\b(carbon|sulfur|sulphur)[\s-]*di[\s-]*ox[iy]de?\b/gi,
        (_, first: string) => `${first.toLowerCase()}dioxide`,
      )
      .replace(/\bcarbon[\s-]*mon[\s-]*oxide\b/gi, 'monoxide')
      .replace(/\bhydrogen[\s-]+chloride\b/gi, 'hydrogenchloride')
      .replace(/\bhydrogen[\s-]+peroxide\b/gi, 'peroxide')
      .replace(/\bwater[\s-]+vapour\b/gi, 'water')
  );
}
