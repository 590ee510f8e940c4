/**
 * Reads the colours out of a free-text answer: which are claimed, which denied, in what order, and
 * whether they were seen through the glass.
 */
import type { Clause } from './clauses.js';
import { allColourTerms, colourTerms, type ColourTerm } from './colour-terms.js';
import { denialWords } from './denials.js';
import { readText, type TextReading, type Unexplained } from './read-text.js';

export interface ColourClaim {
  readonly term: ColourTerm;
  readonly denied: boolean;
  readonly throughGlass: boolean;
  /** How it follows the claim before it. */
  readonly joined: Clause['joined'];
  /** "a hint of", "slightly": said to be minor beside another colour. */
  readonly minor: boolean;
  /** A gloss on a colour named before it: "lilac (like a light purple)". */
  readonly aside?: boolean;
}

export interface ColourReading {
  readonly claims: readonly ColourClaim[];
  /** Words of another test ("precipitate", "bubbles") were found. */
  readonly otherTest: boolean;
  readonly unexplained: readonly Unexplained[];
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
  'edge',
  'flecks',
  'patches',
  'bits',
  'traces',
  'streaks',
  'some',
  'little',
]);
/** What is put into the flame, and has a colour of its own. */
const putInWords = new Set(['powder', 'salt', 'solid', 'crystals', 'solution', 'liquid', 'sample']);
const saysFlame = (clause: Clause): boolean => clause.words.some((w) => w === 'flame' || w === 'flames');
/** Two colours named side by side with "and" or "/" mean the mixed colour where the table has one. */
const mixes = (a: string, b: string): ColourTerm | undefined => phraseIndex.get(`${a} ${b}`);

/** What follows a "not" that takes back the colour before it. */
const takesBack = /^(?:be )?(?:seen|visible|there|observed|appear\w*|show\w*|see|present)?$/;

interface Spotted {
  readonly term: ColourTerm;
  readonly at: number;
  readonly length: number;
}

/** The colour phrases of a clause, longest first at each place. */
function spot(words: readonly string[]): Spotted[] {
  const spotted: Spotted[] = [];
  for (let i = 0; i < words.length;) {
    let found: Spotted | undefined;
    for (let n = Math.min(longestPhrase, words.length - i); n > 0 && !found; n--) {
      const term = phraseIndex.get(words.slice(i, i + n).join(' '));
      if (term) found = { term, at: i, length: n };
    }
    if (found) spotted.push(found);
    i += found?.length ?? 1;
  }
  return spotted;
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
export const readColours = (answer: string): ColourReading => coloursIn(readText(answer));

/** The colours of an answer that has been read. */
export function coloursIn(reading: TextReading): ColourReading {
  const claims: ColourClaim[] = [];
  let otherTest = false;
  let otherThing = false;
  let denyRest = false;
  let throughGlass = false;
  const { clauses } = reading;
  const ofFlame = clauses.some((c) => saysFlame(c) && spot(c.words).length > 0);
  for (const clause of clauses) {
    // "The powder was blue, the flame blue-green": what was put in is not the flame.
    if (ofFlame && !saysFlame(clause) && clause.words.some((w) => putInWords.has(w))) continue;
    if (clause.joined === 'stop' || clause.joined === 'start') [denyRest, throughGlass] = [false, false];
    // "not red or pink" denies both; "not red but green" and "it was not red it was green" do not.
    if (clause.joined !== 'or') denyRest = false;
    const found = spot(clause.words);
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
    for (const hit of found) {
      // "blue glass" names the glass, not a result.
      if (hit.term === 'blue' && glassWords.has(clause.words[hit.at + hit.length] ?? '')) continue;
      const lead = clause.words.slice(last, hit.at);
      const tail = clause.words.slice(hit.at + hit.length);
      // "Green smoke" is not the flame.
      if (/^(?:smoke|fumes?|sparks?|vapou?r|gas)$/.test(tail[0] ?? '')) {
        otherThing = true;
        last = hit.at + hit.length;
        continue;
      }
      // "from blue to red": the flame before the salt.
      if (lead.at(-1) === 'from' && (found.length > 1 || tail.some((w) => w === 'to' || w === 'into'))) {
        last = hit.at + hit.length;
        continue;
      }
      const restart = lead.lastIndexOf('it') > lead.findLastIndex((w) => denialWords.has(w)) && last > 0;
      const deniedHere = lead.some((w) => denialWords.has(w)) && !(lead.includes('without') && glassAt >= 0);
      const denied = !restart && hit.term !== 'none' && (deniedHere || denyRest);
      if (deniedHere) denyRest = true;
      else if (restart) denyRest = false;
      claims.push({
        term: hit.term,
        denied,
        throughGlass,
        joined: restart ? 'but' : join,
        minor:
          lead.some((w) => minorWords.has(w)) ||
          (claims.length > 0 && tail.slice(0, 4).some((w) => minorWords.has(w))),
        ...(claims.length && (clause.aside || lead.includes('like') || clause.words[hit.at] === 'like')
          ? { aside: true }
          : {}),
      });
      join = 'and';
      last = hit.at + hit.length;
    }
    // "the yellow could not be seen" takes back what was said.
    const after = clause.words.slice(last);
    const denial = last > 0 ? after.findIndex((w) => w === 'not' || w === 'never') : -1;
    if (denial >= 0 && takesBack.test(after.slice(denial + 1).join(' ')))
      for (let i = claims.length - found.length; i < claims.length; i++)
        if (claims[i] && claims[i]!.term !== 'none') claims[i] = { ...claims[i]!, denied: true };
  }
  return {
    claims: joinMixed(claims),
    otherTest: otherTest || (otherThing && claims.length === 0),
    unexplained: reading.unexplained,
    blank: reading.blank,
  };
}
