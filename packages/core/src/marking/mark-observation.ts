/** Marks what a student wrote that they saw, against what the sample shows and the syllabus's words. */
import { colourWord, type ColourTerm } from '../reading/colour-terms.js';
import { readColours, type ColourClaim } from '../reading/read-colours.js';
import { ionOf } from '../species/species.js';
import type { Syllabus, Wording } from '../syllabus/syllabus-definition.js';
import { earningTerms } from '../syllabus/syllabuses.js';
import { attributeOf, outcomeOf, testOf } from '../tests/tests.js';
import type { ObservationItem } from './mark-item.js';
import { forReview, onePoint, type Mark } from './mark-result.js';

const list = (terms: Iterable<ColourTerm>): string => {
  const words = [...new Set([...terms].map(colourWord))].map((w) => `“${w}”`);
  return words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');
};

/** The wording that holds for a sample and attribute: the syllabus's own, else the values the test expects. */
function wordingFor(
  syllabus: Syllabus,
  item: ObservationItem,
  attribute: string,
): { wording: Wording; ion: string } {
  const test = testOf(item.test);
  const ion = item.sample.find((id) => outcomeOf(test, id)?.shows[attribute]);
  if (!ion)
    throw new RangeError(`${test.id} says nothing about ${item.sample.join(' ') || 'an empty sample'}`);
  const own = syllabus.wording[test.id]?.[attribute]?.[ionOf(ion).id];
  return { ion, wording: own ?? { strict: outcomeOf(test, ion)!.shows[attribute] as ColourTerm[] } };
}

/** The claims that speak of the attribute: through the glass or not. All do when the question names the glass. */
function relevant(claims: readonly ColourClaim[], glass: boolean): readonly ColourClaim[] {
  const through = claims.filter((c) => c.throughGlass === glass);
  return glass && through.length === 0 ? claims : through;
}

/**
 * Marks an observation of a colour (one point).
 * @throws RangeError when the test says nothing about the sample.
 */
export function markObservation(syllabus: Syllabus, item: ObservationItem, answer: string): Mark {
  const test = testOf(item.test);
  const attribute = item.attribute ?? test.attributes[0]!.id;
  attributeOf(test, attribute);
  const { wording } = wordingFor(syllabus, item, attribute);
  const strictness = item.strictness ?? syllabus.strictness;
  const { earns, borderline } = earningTerms(wording, strictness);

  const reading = readColours(answer);
  if (reading.blank) return onePoint(0, 'blank', 'Nothing was written.');
  if (reading.otherTest) {
    return onePoint(
      0,
      'other-test',
      'This describes the result of another test; a flame test is answered with the colour of the flame.',
    );
  }
  const claims = relevant(reading.claims, attribute === 'throughBlueGlass');
  const claimed = claims.filter((c) => !c.denied);
  if (claimed.length === 0) {
    const denied = claims.filter((c) => c.denied).map((c) => c.term);
    if (denied.length)
      return onePoint(0, 'denied', `It says what the colour was not (${list(denied)}), not what it was.`);
    if (reading.unread.length > 2 && reading.unread.join('').length > 8) {
      return forReview('unread', 'Kivex could not read this answer; please look at it.');
    }
    return onePoint(0, 'no-colour-named', 'No colour is named.');
  }

  const good = claimed.filter((c) => earns.has(c.term));
  const bad = claimed.filter((c) => !earns.has(c.term));
  const close = claimed.some((c) => borderline.has(c.term));
  const wanted = list(earningTerms(wording, 'strict').earns);
  if (bad.length === 0)
    return onePoint(1, 'right-colour', `${list(good.map((c) => c.term))} earns the mark.`);
  if (good.length === 0) {
    if (close)
      return forReview(
        'near-wording',
        `${list(bad.map((c) => c.term))} is close to ${wanted}; a person decides.`,
      );
    const generous = earningTerms(wording, 'generous').earns;
    if (bad.every((c) => generous.has(c.term))) {
      return onePoint(
        0,
        'wording',
        `${list(bad.map((c) => c.term))} is near, but the word wanted here is ${wanted}.`,
      );
    }
    return onePoint(
      0,
      'wrong-colour',
      `${list(bad.map((c) => c.term))} is not what this sample shows; the word wanted is ${wanted}.`,
    );
  }
  // One right and one wrong colour: in sequence or with one of them minor a person looks; side by side they contradict.
  const sequence = claimed.some((c, i) => i > 0 && (c.joined === 'then' || c.joined === 'stop'));
  if (sequence || bad.every((c) => c.minor)) {
    return forReview(
      'two-colours',
      `${list(claimed.map((c) => c.term))} are both given; a person decides which was meant.`,
    );
  }
  return onePoint(
    0,
    'contradiction',
    `${list(claimed.map((c) => c.term))} cannot both stand; one answer is wanted.`,
  );
}
