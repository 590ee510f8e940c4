/** Which words of a model answer an answer is without. */
import { grammarWords } from '../reading/grammar-words.js';

const wordsIn = (text: string): string[] => text.toLowerCase().match(/[a-z][a-z0-9()+^-]*/g) ?? [];
/** Endings do not make another word: turns and turned, bubbles and bubble. */
const stem = (word: string): string => (word.length > 4 ? word.replace(/(?:ing|ed|es|s)$/, '') : word);

/** Words of the model that are nowhere in the answer, in their order; grammar is left out. */
export function missingWords(model: string, answer: string): string[] {
  const there = new Set(wordsIn(answer).map(stem));
  const seen = new Set<string>();
  return wordsIn(model).filter((word) => {
    if (grammarWords.has(word) || word.length < 2 || there.has(stem(word)) || seen.has(stem(word)))
      return false;
    seen.add(stem(word));
    return true;
  });
}
