/**
 * Reads the colours out of a free-text answer: which are claimed, which denied, in what order, and
 * whether they were seen through the glass.
 */
import { clausesOf, type Clause } from './clauses.js';
import { allColourTerms, colourTerms, type ColourTerm } from './colour-terms.js';
import { ordinaryWords } from './ordinary-words.js';
import { plainWords } from './plain-words.js';
import { speller } from './spelling.js';

export interface ColourClaim {
  readonly term: ColourTerm;
  readonly denied: boolean;
  readonly throughGlass: boolean;
  /** How it follows the claim before it. */
  readonly joined: Clause['joined'];
  /** "a hint of", "slightly": said to be minor beside another colour. */
  readonly minor: boolean;
}

export interface ColourReading {
  readonly claims: readonly ColourClaim[];
  /** Words of another test ("precipitate", "bubbles") were found. */
  readonly otherTest: boolean;
  /** Words neither known nor ordinary, as typed (normalised). */
  readonly unread: readonly string[];
  readonly blank: boolean;
}

const phraseIndex = new Map<string, ColourTerm>();
let longestPhrase = 1;
for (const term of allColourTerms) {
  for (const phrase of colourTerms[term].phrases) {
    phraseIndex.set(phrase, term);
    longestPhrase = Math.max(longestPhrase, phrase.split(' ').length);
  }
}
const colourVocabulary = new Set([...phraseIndex.keys()].flatMap((p) => p.split(' ')));
const spelling = speller(colourVocabulary, plainWords);

const denials = new Set(['not', 'no', 'never', 'without', 'nor', 'neither', 'isnt', 'nt', 'lost']);
const glassWords = new Set(['glass', 'cobalt']);
const otherTestWords = new Set([
  'precipitate',
  'precipitates',
  'ppt',
  'precip',
  'bubbles',
  'bubbling',
  'fizz',
  'fizzing',
  'effervescence',
  'litmus',
  'limewater',
  'dissolves',
  'dissolved',
  'excess',
  'cloudy',
  'solution',
]);
const minorWords = new Set([
  'hint',
  'slight',
  'slightly',
  'trace',
  'tinge',
  'tinged',
  'bit',
  'edges',
  'little',
]);
/** Shades that only lighten or strengthen; dropped when no phrase of the table takes them. */
const shades = new Set([
  'pale',
  'light',
  'bright',
  'dark',
  'deep',
  'faint',
  'intense',
  'vivid',
  'strong',
  'brief',
  'pastel',
  'brilliant',
]);
/** Two colours named side by side with "and" or "/" mean the mixed colour where the table has one. */
const mixes = (a: string, b: string): ColourTerm | undefined => phraseIndex.get(`${a} ${b}`);

/** What follows a "not" that takes back the colour before it. */
const takesBack = /^(?:be )?(?:seen|visible|there|observed|appear\w*|show\w*|see|present)?$/;

interface Spotted {
  readonly term: ColourTerm;
  readonly at: number;
  readonly length: number;
}

/** The colour phrases of a clause, longest first at each place, with misspellings put right. */
function spot(words: readonly string[]): { spotted: Spotted[]; unread: string[] } {
  const read = words.map((word) => spelling.read(word) ?? word);
  const spotted: Spotted[] = [];
  const unread: string[] = [];
  for (let i = 0; i < read.length;) {
    let found: Spotted | undefined;
    for (let n = Math.min(longestPhrase, read.length - i); n > 0 && !found; n--) {
      const term = phraseIndex.get(read.slice(i, i + n).join(' '));
      if (term) found = { term, at: i, length: n };
    }
    if (found) {
      spotted.push(found);
      i += found.length;
      continue;
    }
    const word = read[i]!;
    if (
      !plainWords.has(word) &&
      !ordinaryWords.has(word) &&
      !denials.has(word) &&
      !colourVocabulary.has(word) &&
      !otherTestWords.has(word) &&
      !shades.has(word) &&
      !minorWords.has(word)
    ) {
      unread.push(words[i]!);
    }
    i += 1;
  }
  return { spotted, unread };
}

/** Neighbouring colours of one clause that the table knows as one ("orange yellow", "bluish, green"). */
function joinMixed(claims: ColourClaim[]): ColourClaim[] {
  const joined: ColourClaim[] = [];
  for (const claim of claims) {
    const before = joined.at(-1);
    const mix =
      before &&
      before.denied === claim.denied &&
      before.throughGlass === claim.throughGlass &&
      claim.joined === 'and' &&
      before.term !== claim.term
        ? mixes(colourTerms[before.term].phrases[0], colourTerms[claim.term].phrases[0])
        : undefined;
    if (before && mix) joined[joined.length - 1] = { ...before, term: mix, minor: false };
    else joined.push(claim);
  }
  return joined;
}

/**
 * Reads an answer about a colour.
 * @param answer what the student wrote; anything, any length.
 */
export function readColours(answer: string): ColourReading {
  const claims: ColourClaim[] = [];
  const unread: string[] = [];
  let otherTest = false;
  let denyRest = false;
  let throughGlass = false;
  const clauses = clausesOf(answer);
  for (const clause of clauses) {
    if (clause.joined === 'stop' || clause.joined === 'start') [denyRest, throughGlass] = [false, false];
    // "not red or pink" denies both; "not red but green" and "it was not red it was green" do not.
    if (clause.joined !== 'or') denyRest = false;
    const found = spot(clause.words);
    unread.push(...found.unread);
    if (clause.words.some((w) => otherTestWords.has(w))) otherTest = true;
    const glassAt = clause.words.findIndex((w) => glassWords.has(w));
    if (glassAt >= 0) {
      const without = clause.words
        .slice(0, glassAt)
        .some((w) => w === 'without' || w === 'no' || w === 'not');
      throughGlass = !without;
    } else if (clause.words.some((w) => w === 'eye' || w === 'naked')) throughGlass = false;
    let last = 0;
    let join: Clause['joined'] = clause.joined;
    for (const hit of found.spotted) {
      // "blue glass" names the glass, not a result.
      if (hit.term === 'blue' && glassWords.has(clause.words[hit.at + hit.length] ?? '')) continue;
      const lead = clause.words.slice(last, hit.at);
      const restart = lead.lastIndexOf('it') > lead.findLastIndex((w) => denials.has(w)) && last > 0;
      const deniedHere = lead.some((w) => denials.has(w)) && !(lead.includes('without') && glassAt >= 0);
      const denied = !restart && hit.term !== 'none' && (deniedHere || denyRest);
      if (deniedHere) denyRest = true;
      else if (restart) denyRest = false;
      claims.push({
        term: hit.term,
        denied,
        throughGlass,
        joined: restart ? 'but' : join,
        minor: lead.some((w) => minorWords.has(w)),
      });
      join = 'and';
      last = hit.at + hit.length;
    }
    // "the yellow could not be seen" takes back what was said.
    const after = clause.words.slice(last);
    const denial = last > 0 ? after.findIndex((w) => w === 'not' || w === 'never') : -1;
    if (denial >= 0 && takesBack.test(after.slice(denial + 1).join(' ')))
      for (let i = claims.length - found.spotted.length; i < claims.length; i++)
        if (claims[i] && claims[i]!.term !== 'none') claims[i] = { ...claims[i]!, denied: true };
  }
  return { claims: joinMixed(claims), otherTest, unread, blank: clauses.length === 0 };
}
