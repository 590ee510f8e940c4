/** The phrases that name a colour or a concept, found at a place among words: the longest there. */
import { colourTerms, type ColourTerm } from './colour-terms.js';
import { concepts, type Concept } from './concepts.js';

export interface Phrase {
  readonly words: readonly string[];
  readonly kind: Concept | 'colour';
  readonly colour?: ColourTerm;
}
const phrases = new Map<string, Phrase[]>();
const addPhrase = (text: string, kind: Phrase['kind'], colour?: ColourTerm) => {
  const words = text.split(' ');
  const list = phrases.get(words[0]!) ?? [];
  list.push({ words, kind, ...(colour ? { colour } : {}) });
  phrases.set(words[0]!, list);
};
for (const [term, { phrases: all }] of Object.entries(colourTerms))
  if (term !== 'none') for (const phrase of all) addPhrase(phrase, 'colour', term as ColourTerm);
for (const [concept, all] of Object.entries(concepts))
  for (const phrase of all) addPhrase(phrase, concept as Concept);
for (const list of phrases.values()) list.sort((a, b) => b.words.length - a.words.length);

/** The colour a phrase names, whole. */
export function colourOf(phrase: string): ColourTerm | undefined {
  const words = phrase.split(' ');
  const found = phraseAt(words, 0);
  return found?.words.length === words.length ? found.colour : undefined;
}

/** The longest phrase that begins at a word. */
export function phraseAt(words: readonly string[], at: number): Phrase | undefined {
  const list = phrases.get(words[at]!);
  if (!list) return undefined;
  for (const phrase of list) {
    let k = 1;
    while (k < phrase.words.length && words[at + k] === phrase.words[k]) k++;
    if (k === phrase.words.length) return phrase;
  }
  return undefined;
}
