/**
 * Reads an answer into what it speaks of, in order: colours and concepts, each affirmed or denied, clause
 * by clause. What that means for a test is the business of the readers that use this.
 */
import { clausesIn, type Clause } from './clauses.js';
import { colourWord, type ColourTerm } from './colour-terms.js';
import type { Concept } from './concepts.js';
import { denialAt, takesBackBefore } from './denials.js';
import { keptByText } from './kept.js';
import { readingsOf } from './lattice.js';
import { standingOf } from './lexicon.js';
import { colourOf, phraseAt } from './phrases.js';
import { tokensOf } from './tokens.js';
import { whatStands } from './what-stands.js';

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
/** A word the reading does not explain. */
export interface Unexplained {
  readonly word: string;
  readonly clause: number;
  /** An English word with nothing to do with the matter, or no word at all. */
  readonly standing: 'common' | 'rarer' | 'unknown';
}
export interface TextReading {
  readonly mentions: readonly Mention[];
  readonly clauses: readonly Clause[];
  /** All words in order, spelling mended. */
  readonly words: readonly string[];
  readonly unexplained: readonly Unexplained[];
  /** Something was taken back, so that less stands than was written. */
  readonly corrected: boolean;
  readonly blank: boolean;
  /** Dearness of the words: 0 where all were written as they are. */
  readonly cost: number;
}
type Found = { -readonly [K in keyof Mention]: Mention[K] };

/** "The ppt goes", "then it all went": gone rather than turned. */
const goes = new Set(['go', 'goes', 'went', 'going']);
const afterGone =
  /^(?:when|after|in|with|once|if|as|completely|again|at|by|straight|quickly|immediately|eventually|on|upon|because|leaving|so|totally|fully|entirely|really|for)$/;
const reagentNames =
  /^(?:naoh|alkali|hydroxide|nitrate|koh|agno3|bacl2|chloride|acid|carbonate|reagent|hcl|salt|sample|test|original)$/;
/** Words of a reagent's solution at a place: what is added, not what is seen. */
function reagentAt(words: readonly string[], at: number): number {
  if (!reagentNames.test(words[at]!)) return 0;
  return words[at + 1] === 'solution' || words[at + 1] === 'solutions' ? 2 : 0;
}
/** What nothing can do. */
const happens: ReadonlySet<string> = new Set([
  'fizz',
  'pop',
  'relight',
  'dissolve',
  'disappear',
  'bleach',
  'precipitate',
  'cloudy',
  'clear',
]);
/** What a denial that comes last cannot take back: the circumstances. */
const circumstances: ReadonlySet<string> = new Set([
  'drops',
  'excess',
  'limewater',
  'litmus',
  'paper',
  'splint',
  'lit',
  'glowing',
  'damp',
  'dry',
  'flame',
  'solution',
  'upper',
  'lower',
  'gas',
]);

function readClauses(clauses: readonly Clause[], corrected: boolean, cost: number): TextReading {
  const mentions: Mention[] = [];
  const words: string[] = [];
  const unexplained: Unexplained[] = [];
  let denialRuns = false;
  clauses.forEach((clause, number) => {
    const start = words.length;
    const mine = clause.words;
    words.push(...mine);
    // "no bubbles or precipitate" and "no bubbles, cloudiness or smell" deny all.
    const listed =
      clause.joined === 'or' ||
      (clause.joined === 'and' &&
        mine.length <= 2 &&
        clauses.slice(number + 1, number + 3).some((c) => c.joined === 'or' && c.words.length <= 3));
    let deniedFrom = listed && denialRuns ? 0 : -1;
    let lastDenial = -1;
    let lastLength = 0;
    const found: Found[] = [];
    const push = (
      kind: Found['kind'],
      colour: ColourTerm | undefined,
      at: number,
      length: number,
      own: boolean,
    ) =>
      found.push({ kind, colour, at: start + at, length, clause: number, denied: !own && deniedFrom >= 0 });
    for (let i = 0; i < mine.length;) {
      const word = mine[i]!;
      const denial = denialAt(mine, i);
      if (!denial.denies && denial.length) {
        i += denial.length;
        continue;
      }
      // "Insoluble in sodium hydroxide solution": the liquid is the reagent.
      const reagent = reagentAt(mine, i);
      if (reagent > 1) {
        i += reagent;
        continue;
      }
      // "Pop it in the tube" is what one does.
      if (word === 'pop' && /^(?:it|a|the|your|in|on)$/.test(mine[i + 1] ?? '')) {
        i += 1;
        continue;
      }
      // "1) blue ppt 2) same"
      if (
        word === 'same' &&
        mine.every(
          (w) =>
            w === 'same' ||
            /^\d+$|^(?:the|in|as|still|it|is|was|just|all|with|for|when|after|adding|excess|xs|drops)$/.test(
              w,
            ),
        )
      ) {
        push('nothing', undefined, i, 1, false);
        i += 1;
        continue;
      }
      const phrase = phraseAt(mine, i);
      // "Nothing bubbled": it denies what follows.
      const follows = phrase?.kind === 'nothing' && word === 'nothing' ? phraseAt(mine, i + 1) : undefined;
      if (follows && phrase!.words.length === 1 && happens.has(follows.kind)) {
        deniedFrom = lastDenial = i;
        lastLength = 1;
        i += 1;
        continue;
      }
      // "the pop did not happen": a denial that comes last takes back what was said.
      const late =
        phrase?.kind === 'nothing' &&
        phrase.words[0] === 'not' &&
        found.some((m) => !circumstances.has(m.kind)) &&
        takesBackBefore(mine.slice(i + 1));
      // "no" alone is an answer only as a whole clause; before other words it denies.
      if (phrase && !late && !(phrase.kind === 'no' && mine.length > 1)) {
        push(
          phrase.kind,
          phrase.colour,
          i,
          phrase.words.length,
          phrase.words.length > 1 &&
            (phrase.words[0] === 'not' || phrase.words[0] === 'no' || phrase.words[0] === 'without'),
        );
        i += phrase.words.length;
        continue;
      }
      if (denial.denies) {
        deniedFrom = lastDenial = i;
        lastLength =
          word === 'rather' ||
          word === 'instead' ||
          word === 'lack' ||
          word === 'absence' ||
          word === 'fails' ||
          word === 'failed'
            ? 2
            : 1;
      } else if (word === 'it' && deniedFrom >= 0 && found.some((m) => m.at > start + deniedFrom))
        deniedFrom = -1;
      else if ((word === 'only' || word === 'just') && deniedFrom < i - 1) deniedFrom = -1;
      else if (
        goes.has(word) &&
        (i + 1 === mine.length || afterGone.test(mine[i + 1]!)) &&
        (mine.length > 1 ||
          mentions.some((m) => (m.kind === 'precipitate' || m.kind === 'cloudy') && !m.denied))
      ) {
        const on = /^(?:on|for|in|as)$/.test(mine[i + 1] ?? '');
        if (!on || (mine[i + 1] === 'in' && /^(?:excess|xs|more)$/.test(mine[i + 2] ?? '')))
          push('disappear', undefined, i, 1, false);
      } else {
        const standing = standingOf(word);
        if (standing === 'common' || standing === 'rarer' || standing === 'unknown')
          unexplained.push({ word, clause: number, standing });
      }
      i += 1;
    }
    // A denial after the last thing said takes it back.
    if (lastDenial >= 0 && !found.some((m) => m.at > start + lastDenial)) {
      if (takesBackBefore(mine.slice(lastDenial + lastLength)))
        for (const m of found)
          if (!circumstances.has(m.kind) || found.every((o) => circumstances.has(o.kind)))
            m.denied = !m.denied;
    }
    denialRuns = deniedFrom >= 0;
    // "orange/brown" and "blue, green" are the mixed colour where there is one.
    const [before, first] = [mentions.at(-1), found[0]];
    if (
      clause.joined === 'and' &&
      before?.colour &&
      first?.colour &&
      !before.denied &&
      !first.denied &&
      before.at + before.length === start &&
      first.at === start
    ) {
      const mixed = colourOf(`${colourWord(before.colour)} ${colourWord(first.colour)}`);
      if (mixed) {
        mentions.pop();
        found[0] = { ...first, colour: mixed };
      }
    }
    mentions.push(...found);
  });
  return { mentions, clauses, words, unexplained, corrected, blank: clauses.length === 0, cost };
}

/**
 * The readings of an answer of any length, likeliest first: one where its words are plain, up to five where what is
 * written may be meant in several ways.
 */
export const readingsOfText = keptByText((answer): readonly TextReading[] =>
  readingsOf(tokensOf(answer)).map(({ tokens, cost }) => {
    const { clauses, corrected } = whatStands(clausesIn(tokens));
    return readClauses(clauses, corrected, cost);
  }),
);

/** The likeliest reading of an answer of any length. */
export const readText = (answer: string): TextReading => readingsOfText(answer)[0]!;
