/** Words of a school's own: "apple green" is read as yellow-green, because this school teaches it so. */
import { colourWord, isColourTerm, type ColourTerm } from '../reading/colour-terms.js';
import { readColours } from '../reading/read-colours.js';

/** A phrase students use, and the colour it is read as. */
export interface OwnWord {
  /** One to three words, letters and hyphens only. */
  readonly phrase: string;
  readonly means: ColourTerm;
}

const phraseForm = /^\p{L}[\p{L}'-]*(?: \p{L}[\p{L}'-]*){0,2}$/u;
/** Letters of a phrase at most. */
export const longestPhrase = 40;
/** Phrases of a syllabus at most. */
export const mostOwnWords = 60;

const plain = (phrase: string): string => phrase.trim().replace(/\s+/g, ' ').toLowerCase();

/**
 * What is wrong with a school's own word, as a sentence; undefined where it can be taken.
 * A phrase that Kivex reads already cannot be given another meaning: its own words for a colour stay what they are.
 */
export function ownWordProblem(word: OwnWord, others: readonly OwnWord[]): string | undefined {
  const phrase = plain(word.phrase);
  if (!phraseForm.test(phrase) || phrase.length > longestPhrase)
    return 'Write one to three words, letters only, such as “apple green”.';
  if (!isColourTerm(word.means))
    return `“${String(word.means)}” is not a colour word Kivex reads; choose one of its own.`;
  if (others.some((o) => plain(o.phrase) === phrase)) return `“${phrase}” stands here already.`;
  const read = readColours(phrase);
  if (
    read.claims.length === 1 &&
    !read.unexplained.some((u) => u.standing === 'unknown') &&
    phrase.split(' ').length === 1
  )
    return `Kivex reads “${phrase}” already, as ${colourWord(read.claims[0]!.term)}. Put that word where it should earn.`;
  return undefined;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const readersOf = new WeakMap<readonly OwnWord[], (answer: string) => string>();

/**
 * An answer with the school's own words put as Kivex's: longest phrase first, whole words only, in any case.
 * @param words the own words of the syllabus; none leave the answer as it is.
 */
export function inKnownWords(words: readonly OwnWord[] | undefined, answer: string): string {
  if (!words?.length) return answer;
  let read = readersOf.get(words);
  if (!read) {
    const byPhrase = new Map(words.map((w) => [plain(w.phrase), colourWord(w.means)]));
    const phrases = [...byPhrase.keys()].sort((a, b) => b.length - a.length);
    const pattern = new RegExp(
      `(?<![\\p{L}\\p{N}])(?:${phrases.map((p) => escaped(p).replaceAll(' ', '[\\s-]+')).join('|')})(?![\\p{L}\\p{N}])`,
      'giu',
    );
    read = (text) =>
      text.replace(
        pattern,
        (found) => byPhrase.get(plain(found)) ?? byPhrase.get(plain(found.replaceAll('-', ' '))) ?? found,
      );
    readersOf.set(words, read);
  }
  return read(answer);
}
