/** How well known a word is: one of chemistry's, of lessons, of English, or none at all. */
import { allColourTerms, colourTerms } from './colour-terms.js';
import { concepts } from './concepts.js';
import { packedWords } from './english-words.js';
import { grammarWords } from './grammar-words.js';
import { keptByText } from './kept.js';
import { ordinaryWords } from './ordinary-words.js';
import { plainWords } from './plain-words.js';
import { reasonWords } from './reason-words.js';

function unpack(packed: string): Set<string> {
  let before = '';
  return new Set(
    packed
      .trim()
      .split(/\s+/)
      .map((entry) => (before = before.slice(0, parseInt(entry[0]!, 36)) + entry.slice(1))),
  );
}
let english: { readonly common: ReadonlySet<string>; readonly rarer: ReadonlySet<string> } | undefined;
const englishWords = () =>
  (english ??= { common: unpack(packedWords.common), rarer: unpack(packedWords.rarer) });

/** Every word of a colour or a concept: what an answer can be about. */
export const termWords: ReadonlySet<string> = new Set(
  [
    ...allColourTerms.flatMap((term) => colourTerms[term].phrases as readonly string[]),
    ...Object.values(concepts).flat(),
  ].flatMap((phrase) => phrase.split(' ')),
);
/** Every word a misspelling may be read as, shortest first. */
export const knownWords: readonly string[] = [...new Set([...termWords, ...reasonWords])].filter(
  (word) => !grammarWords.has(word) || termWords.has(word),
);
const known = new Set(knownWords);

/** `term` and `grammar` words explain themselves, `lesson` words are ordinary in answers; the others carry doubt. */
export type Standing = 'term' | 'grammar' | 'lesson' | 'common' | 'rarer' | 'unknown';

function standingNow(word: string): Standing {
  if (termWords.has(word)) return 'term';
  if (grammarWords.has(word) || /^\d+$/.test(word)) return 'grammar';
  if (known.has(word) || plainWords.has(word) || ordinaryWords.has(word)) return 'lesson';
  const { common, rarer } = englishWords();
  if (common.has(word)) return 'common';
  return rarer.has(word) ? 'rarer' : 'unknown';
}
/** How well a word is known. @param word lower case, letters or digits. */
export const standingOf = keptByText(standingNow, 20_000);
