/**
 * Reads an answer into what it speaks of, in order: colours and concepts, each affirmed or denied, clause
 * by clause. What that means for a test is the business of the readers that use this.
 */
import { clausesOf, type Clause } from './clauses.js';
import { colourTerms, type ColourTerm } from './colour-terms.js';
import { concepts, type Concept } from './concepts.js';
import { ordinaryWords } from './ordinary-words.js';
import { plainWords } from './plain-words.js';
import { speller } from './spelling.js';

export interface Mention {
  readonly kind: Concept | 'colour';
  /** The colour, for mentions of one. */
  readonly colour: ColourTerm | undefined;
  /** Place of its first word among all words of the answer. */
  readonly at: number;
  readonly length: number;
  readonly clause: number;
  readonly denied: boolean;
}
export interface TextReading {
  readonly mentions: readonly Mention[];
  readonly clauses: readonly Clause[];
  /** All words in order, spelling mended. */
  readonly words: readonly string[];
  /** Words neither known nor ordinary. */
  readonly unread: readonly string[];
  readonly blank: boolean;
}

interface Phrase {
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

const vocabulary = new Set([...phrases.values()].flat().flatMap((p) => p.words));
/** Words that must never be "mended" into a term though they come near one. */
const alone = new Set(
  `${[...plainWords].join(' ')} damp dry acid acidic base alkali alkaline sodium potassium copper silver nitrate chloride bromide iodide sulfate carbonate
  hydroxide barium calcium magnesium iron zinc tube test hold held place placed wave bang explode exploded sparks spark neutral purple lit goes makes take paper rod wire add added adding adds drop
  pour poured shake shaken mix mixed reacts reacted reaction react visible colourful bright brightly dull chemical chemicals formed forms form forming producing produce produces produced made makes making becomes became become
  turning turn gives gave giving seeing heard hear sound noise mouth end top inside outside beaker flask boiled boils boil degrees around approximately roughly exactly point temperature`
    .split(/\s+/)
    .filter((w) => !vocabulary.has(w)),
);
const spelling = speller(
  [...vocabulary].filter((w) => w.length > 3),
  alone,
);

const denials = new Set(['not', 'no', 'never', 'without', 'nor', 'neither', 'isnt', 'nt', 'hardly']);
/** What may follow a denial that takes back what was said before it: "a white ppt did not form". */
const takesBack = new Set(
  'form formed forms forming appear appeared appears seen see occur occurred occurs happen made produced present observed be there visible noticed any at all'.split(
    ' ',
  ),
);

/** Words glued or split by hasty typing, put right before reading. */
const glue: readonly (readonly [RegExp, string])[] = [
  [/\bre[\s-]+(lights?|lit|lighted|ignites?|ignited|kindles?|dissolves?|dissolved)\b/gi, 're$1'],
  [/\blime[\s-]+water\b/gi, 'limewater'],
  [/\boff[\s-]*whit(e|ish)\b/gi, 'off white'],
  [/\bsqueeky\b/gi, 'squeaky'],
];

const wordsKept = new Map<string, string>();
const mend = (word: string): string => {
  let mended = wordsKept.get(word);
  if (mended === undefined) {
    mended = vocabulary.has(word) || word.length < 4 ? word : (spelling.read(word) ?? word);
    if (wordsKept.size > 20_000) wordsKept.clear();
    wordsKept.set(word, mended);
  }
  return mended;
};

/** The longest phrase that begins at a word. */
function phraseAt(words: readonly string[], at: number): Phrase | undefined {
  const list = phrases.get(words[at]!);
  if (!list) return undefined;
  for (const phrase of list) {
    let k = 1;
    while (k < phrase.words.length && words[at + k] === phrase.words[k]) k++;
    if (k === phrase.words.length) return phrase;
  }
  return undefined;
}

/** Is there anything for `glue` to put right? */
const gluable = /re[\s-]|lime|off|squeeky/i;

/** Reads an answer of any length. */
export function readText(answer: string): TextReading {
  let text = answer.length > 4000 ? answer.slice(0, 4000) : answer;
  if (gluable.test(text)) for (const [from, to] of glue) text = text.replace(from, to);
  const clauses = clausesOf(text);
  const mentions: Mention[] = [];
  const words: string[] = [];
  const unread: string[] = [];
  let denialRuns = false;
  clauses.forEach((clause, number) => {
    const start = words.length;
    const mended = clause.words.map(mend);
    words.push(...mended);
    // "no bubbles or precipitate" denies both.
    let deniedFrom = clause.joined === 'or' && denialRuns ? 0 : -1;
    let lastDenial = -1;
    const found: { -readonly [K in keyof Mention]: Mention[K] }[] = [];
    for (let i = 0; i < mended.length;) {
      const word = mended[i]!;
      const phrase = phraseAt(mended, i);
      // "no" alone is an answer only as a whole clause; before other words it denies.
      if (phrase && !(phrase.kind === 'no' && mended.length > 1)) {
        const own = phrase.words.length > 1 && denials.has(phrase.words[0]!);
        found.push({
          kind: phrase.kind,
          colour: phrase.colour,
          at: start + i,
          length: phrase.words.length,
          clause: number,
          denied: !own && deniedFrom >= 0,
        });
        i += phrase.words.length;
        continue;
      }
      if (denials.has(word)) {
        deniedFrom = i;
        lastDenial = i;
      } else if (word === 'it' && deniedFrom >= 0 && found.some((m) => m.at > start + deniedFrom))
        deniedFrom = -1;
      else if (word === 'only' || word === 'just') deniedFrom = -1;
      else if (!alone.has(word) && !vocabulary.has(word) && !ordinaryWords.has(word) && !/^\d+$/.test(word))
        unread.push(clause.words[i]!);
      i += 1;
    }
    // A denial after the last thing said takes it back.
    if (lastDenial >= 0 && !found.some((m) => m.at > start + lastDenial)) {
      const after = mended.slice(lastDenial + 1).filter((w) => w !== 'a' && w !== 'be' && w !== 'been');
      if (after.length === 0 || takesBack.has(after[0]!)) for (const m of found) m.denied = true;
    }
    denialRuns = deniedFrom >= 0;
    mentions.push(...found);
  });
  return { mentions, clauses, words, unread, blank: clauses.length === 0 };
}
