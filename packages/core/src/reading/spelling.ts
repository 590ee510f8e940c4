/**
 * Spelling forgiven where no other word is nearer: a word is read as the one known word within a few
 * letters of it, or sounding like it; where two are equally near it stays unread.
 */
import { doubleMetaphone } from 'double-metaphone';
import { distance } from 'fastest-levenshtein';
import { ordinaryWords } from './ordinary-words.js';

/** Longest word looked at; longer ones are not words a person types, and cost time. */
const longestWord = 32;

/** How many single-letter changes are forgiven in a word of this many letters. */
const forgiven = (letters: number): number => (letters <= 3 ? 0 : letters <= 5 ? 1 : 2);

/** Two neighbouring letters swapped count as one slip, as typists make them. */
function slips(a: string, b: string): number {
  const plain = distance(a, b);
  if (plain !== 2 || a.length !== b.length) return plain;
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  const swapped = a.slice(0, at) + (a[at + 1] ?? '') + (a[at] ?? '') + a.slice(at + 2);
  return swapped === b ? 1 : plain;
}

const single = (word: string): string => word.replace(/(.)\1+/g, '$1');

export interface Speller {
  /** The known word meant by `word`, or undefined; known words come back unchanged. */
  readonly read: (word: string) => string | undefined;
}

/**
 * A speller over a closed list of words.
 * @param known words it may correct to, lower case.
 * @param plain words that are right as they stand here and must never be "corrected" (`read` is not `red`),
 *   besides the ordinary words of lessons.
 */
export function speller(known: Iterable<string>, plain: ReadonlySet<string>): Speller {
  const words = [...new Set(known)];
  const asIs = new Set(words);
  const sounds = new Map(words.map((word) => [word, doubleMetaphone(word)[0]]));
  const remembered = new Map<string, string | undefined>();

  const nearest = (word: string): string | undefined => {
    if (word.length < 4 || word.length > longestWord) return undefined;
    const sound = doubleMetaphone(word)[0];
    let best: string | undefined;
    let bestScore = Infinity;
    let tied = false;
    for (const candidate of words) {
      if (Math.abs(candidate.length - word.length) > 2 || candidate.length < 3) continue;
      const allowed = Math.min(forgiven(word.length), forgiven(candidate.length) || 1);
      const alike = sounds.get(candidate) === sound && sound.length > 1;
      const steps = slips(word, candidate);
      if (steps > allowed + (alike ? 1 : 0)) continue;
      // A letter wrongly single or double is the commonest slip of all.
      const doubled = single(candidate) === single(word);
      const score = steps - (alike ? 0.75 : 0) - (doubled ? 0.4 : 0) - (candidate[0] === word[0] ? 0.2 : 0);
      if (score < bestScore) {
        best = candidate;
        bestScore = score;
        tied = false;
      } else if (score === bestScore) tied = true;
    }
    return tied ? undefined : best;
  };

  return {
    read: (word) => {
      if (asIs.has(word)) return word;
      if (plain.has(word) || ordinaryWords.has(word)) return undefined;
      if (!remembered.has(word)) {
        if (remembered.size > 5000) remembered.clear();
        remembered.set(word, nearest(word));
      }
      return remembered.get(word);
    },
  };
}
