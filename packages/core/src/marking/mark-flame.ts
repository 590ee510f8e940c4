/** Marks the colour of a flame, by eye or through the glass, against the syllabus's words for the ion. */
import { colourWord, isColourTerm, type ColourTerm } from '../reading/colour-terms.js';
import { listed } from '../reading/listed.js';
import { coloursIn, type ColourClaim } from '../reading/read-colours.js';
import { readIons } from '../reading/read-ions.js';
import type { TextReading } from '../reading/read-text.js';
import { leniencyOf } from '../syllabus/leniency.js';
import type { Strictness, Wording } from '../syllabus/syllabus-definition.js';
import { earningTerms } from '../syllabus/syllabuses.js';
import { hasStrangeWords, isShort, speaksOfMoreThanTheFlame } from './doubt.js';
import { forReview, onePoint, type Mark } from './mark-result.js';

export const termList = (terms: Iterable<ColourTerm>): string => {
  const said = (term: ColourTerm) => (term === 'none' ? 'no colour' : colourWord(term));
  return listed([...new Set([...terms].map(said))].map((w) => `“${w}”`));
};

/** The claims that speak of the attribute: through the glass or not. All do when the question names the glass. */
function relevant(claims: readonly ColourClaim[], glass: boolean): readonly ColourClaim[] {
  const through = claims.filter((c) => c.throughGlass === glass);
  return glass && through.length === 0 ? claims : through;
}

const noneSeen: ColourClaim = {
  term: 'none',
  denied: false,
  throughGlass: false,
  joined: 'start',
  minor: false,
};
/** "The yellow disappeared", "the yellow's gone": what is named is what is not seen. */
function gone(text: TextReading, colours: number): boolean {
  return (
    (colours === 1 &&
      text.mentions.some((m) => (m.kind === 'disappear' || m.kind === 'bleach') && !m.denied) === true &&
      text.mentions.some(
        (m) =>
          (m.kind === 'disappear' || m.kind === 'bleach') &&
          text.mentions.some((c) => c.kind === 'colour' && c.clause === m.clause && c.at < m.at),
      )) ||
    (colours === 1 &&
      /\b(?:filtered|absorbed|blocked|cancelled|hidden|masked|removed|taken out)\b/.test(
        text.words.join(' '),
      ))
  );
}

/** No colour is no colour, whatever word says so. */
const plain = (term: ColourTerm): ColourTerm => (term === 'colourless' ? 'none' : term);

/** A name where an observation is asked for: no reader needs to look at it. */
export const namesSubstance = (answer: string): boolean => {
  const { claims, gases } = readIons(answer);
  return claims.length > 0 || gases.length > 0;
};

/** "Bright", "intense" and "pale" never lose a colour its mark. */
const intensities = ['bright-', 'pale-', 'golden-'] as const;
function withIntensifiers(earns: ReadonlySet<ColourTerm>): ReadonlySet<ColourTerm> {
  const all = new Set(earns);
  for (const term of earns)
    for (const how of intensities) if (isColourTerm(`${how}${term}`)) all.add(`${how}${term}` as ColourTerm);
  return all;
}

/** Marks a flame colour (one point). */
export function markFlame(text: TextReading, glass: boolean, wording: Wording, strictness: Strictness): Mark {
  const { earns: named, borderline } = earningTerms(wording, strictness);
  const earns = withIntensifiers(named);
  const reading = coloursIn(text);
  if (reading.blank) return onePoint(0, 'blank', 'Nothing was written.');
  if (reading.otherTest)
    return onePoint(
      0,
      'other-test',
      'This describes the result of another test; a flame test is answered with the colour of the flame.',
    );
  const byEye = relevant(reading.claims, glass);
  // "Lilac when you look through the glass": the colour wanted, and nothing else said of the flame.
  const claims =
    !byEye.length && reading.claims.some((c) => !c.denied && earns.has(c.term)) ? reading.claims : byEye;
  const stated = claims.filter((c) => !c.denied).map((c) => ({ ...c, term: plain(c.term) }));
  const own = stated.some((c) => !c.aside) ? stated.filter((c) => !c.aside) : stated;
  // "red, then nothing" and "nothing at first, then lilac": the colour is what was seen.
  const coloured = own.filter((c) => c.term !== 'none');
  const inTurn = own.some(
    (c, i) => i > 0 && (c.joined === 'then' || (own[i - 1]!.term === 'none' && c.joined === 'but')),
  );
  const said =
    earns.has('none') && gone(text, coloured.length)
      ? [{ ...(own[0] ?? noneSeen), term: 'none' as ColourTerm }]
      : coloured.length && coloured.length < own.length && inTurn
        ? coloured
        : own;
  // What comes after "but" takes the place of what came before it.
  const turn = said.findLastIndex((c) => c.joined === 'but');
  const claimed = turn > 0 && !said.slice(turn).every((c) => c.minor) ? said.slice(turn) : said;
  if (claimed.length === 0) {
    const denied = claims.filter((c) => c.denied).map((c) => c.term);
    if (denied.length) {
      // "the yellow could not be seen" says there was nothing to see, where nothing is what the glass leaves.
      if (earns.has('none') && denied.length === 1)
        return onePoint(1, 'right-colour', 'No colour is seen: that earns the mark.');
      return onePoint(0, 'denied', `It says what the colour was not (${termList(denied)}), not what it was.`);
    }
    if (
      reading.unexplained.some((u) => u.standing === 'unknown') &&
      reading.claims.length === 0 &&
      !namesSubstance(text.words.join(' '))
    )
      return forReview('unread', 'Kivex could not read this answer; please look at it.');
    return onePoint(0, 'no-colour-named', 'No colour is named.');
  }
  const good = claimed.filter((c) => earns.has(c.term));
  const bad = claimed.filter((c) => !earns.has(c.term));
  const wanted = termList(earningTerms(wording, 'strict').earns);
  if (bad.length === 0 && speaksOfMoreThanTheFlame(text))
    return forReview(
      'half-understood',
      `${termList(good.map((c) => c.term))} may be said of something else than the flame; a person decides.`,
    );
  if (bad.length === 0)
    return onePoint(1, 'right-colour', `${termList(good.map((c) => c.term))} earns the mark.`);
  if (good.length === 0) {
    if (bad.every((c) => borderline.has(c.term)))
      return forReview(
        'near-wording',
        `${termList(bad.map((c) => c.term))} is close to ${wanted}; a person decides.`,
      );
    if (hasStrangeWords(text))
      return forReview(
        'half-understood',
        `Not all of this could be read; ${wanted} was wanted. A person decides.`,
      );
    const generous = earningTerms(wording, 'generous').earns;
    if (bad.every((c) => generous.has(c.term)))
      return onePoint(
        0,
        'wording',
        `${termList(bad.map((c) => c.term))} is near, but the word wanted here is ${wanted}.`,
      );
    return onePoint(
      0,
      'wrong-colour',
      `${termList(bad.map((c) => c.term))} is not what this sample shows; the word wanted is ${wanted}.`,
    );
  }
  // "Blue-green with bits of blue": a part of the colour that earns.
  const parts = new Set(good.flatMap((c) => colourWord(c.term).split(/[ -]/)));
  if (bad.every((c) => c.minor && parts.has(colourWord(c.term))))
    return onePoint(1, 'right-colour', `${termList(good.map((c) => c.term))} earns the mark.`);
  // One right and one wrong colour: in sequence or with one of them minor a person looks; side by side they contradict.
  const near = earningTerms(wording, 'generous').earns;
  const sequence = claimed.some((c, i) => i > 0 && (c.joined === 'then' || c.joined === 'stop'));
  if (
    (sequence || !isShort(text) || bad.every((c) => c.minor || near.has(c.term))) &&
    leniencyOf('extra-wrong', strictness) !== 'nothing'
  )
    return forReview(
      'two-colours',
      `${termList(claimed.map((c) => c.term))} are both given; a person decides which was meant.`,
    );
  return onePoint(
    0,
    'contradiction',
    `${termList(claimed.map((c) => c.term))} cannot both stand; one answer is wanted.`,
  );
}
