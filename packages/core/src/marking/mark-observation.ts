/** Marks what a student wrote that they saw, against what the sample shows and the syllabus's words. */
import { isSolid, type Claim, type Claims } from '../reading/claims.js';
import { turnOf } from '../reading/colour-change.js';
import { readCelsius } from '../reading/read-number.js';
import type { TextReading } from '../reading/read-text.js';
import { readers, type TextKind } from '../reading/readers.js';
import { inKnownWords } from '../syllabus/own-words.js';
import { leniencyOf } from '../syllabus/leniency.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import type { Attribute } from '../identification-tests/test-definition.js';
import { markFlame, namesSubstance } from './mark-flame.js';
import type { ObservationItem } from './mark-item.js';
import { acrossReadings } from './competing.js';
import { asLenient, forReview, onePoint, together, type Mark } from './mark-result.js';
import { goesOnAfterSolid, hasStrangeWords, isShort, speaksOfAnOutcome } from './doubt.js';
import { saysNothing } from './says-nothing.js';
import { planOf, wordsOf, type PlannedPoint } from './observation-plan.js';

const problemText: Readonly<Record<NonNullable<Claims['problem']>, string>> = {
  'wrong-state': 'A precipitate is a solid: a colour of the liquid or a gas is another thing.',
  'no-colour': 'The colour is missing.',
  'no-state': 'A colour alone does not say what has it: a precipitate, a solution, a flame?',
  'not-observation': 'That a gas is made is a conclusion; what is seen is bubbles.',
  denied: 'It says what was not seen, not what was.',
  'other-test': 'This is the result of another test.',
  half: 'This is half of the result.',
  'not-done': 'It says that no excess was added.',
  'clear-not-colourless': 'Clear means see-through, whatever the colour; the word wanted is colourless.',
  reversed: 'The colours are the wrong way round.',
};

/** Most words of an answer that a person is asked to read when none of them is known. */
const shortAnswer = 5;

/** How a clause follows another when it may tell what came later. */
const afterwards: ReadonlySet<string> = new Set(['then', 'stop', 'and']);

/** "A white precipitate that dissolves in the acid". */
const dissolvesInAcid = (reading: TextReading): boolean =>
  reading.mentions.some(
    (m) =>
      m.kind === 'dissolve' &&
      !m.denied &&
      /^(?:in|when|with|on|if)?(?: \w+){0,3} ?(?:acid|hcl|hno3)\b/.test(
        reading.words.slice(m.at + m.length, m.at + m.length + 6).join(' '),
      ),
  );

function judge(
  { attribute, right, earning, turnsTo, narrow, strictness, hasExcess }: PlannedPoint,
  read: Claims,
  reading: TextReading,
): Mark {
  const { earns, borderline, wanted } = earning;
  const { claims, problem } = read;
  // What dissolves, or does not, was a solid.
  const solidSaid =
    hasExcess && reading.mentions.some((m) => m.kind === 'dissolve' || m.kind === 'insoluble');
  if (claims.length === 0) {
    // Nothing fell out, so nothing could dissolve: whether that must be said is a matter of opinion.
    if (
      attribute.reads === 'excess' &&
      right.every((v) => v === attribute.nothing) &&
      reading.mentions.some((m) => m.denied)
    )
      return forReview(
        'excess-not-said',
        'No precipitate is reported, and nothing is said of the excess; a person decides.',
      );
    if (problem === 'no-state' && solidSaid && read.loose?.every((term) => earns.has(term)))
      return onePoint(
        1,
        'right',
        `${wordsOf(read.loose)} earns the mark: what dissolves or stays was a solid.`,
      );
    if (problem === 'no-state' && read.loose?.every((term) => earns.has(term)))
      return asLenient(
        leniencyOf('colour-alone', strictness),
        'colour-alone',
        `${wordsOf(read.loose)} is the right colour, but of what?`,
      );
    if (problem && hasStrangeWords(reading))
      return forReview(
        'half-understood',
        `Not all of this could be read; ${wanted} was wanted. A person decides.`,
      );
    if (problem) return onePoint(0, problem, `${problemText[problem]} The answer wanted is ${wanted}.`);
    if (
      reading.mentions.length === 0 &&
      reading.unexplained.some((u) => u.standing === 'unknown') &&
      reading.words.length <= shortAnswer &&
      !namesSubstance(reading.words.join(' '))
    )
      return forReview('unread', 'Kivex could not read this answer; please look at it.');
    const elsewhere =
      attribute.reads === 'limewater' && !narrow && !reading.mentions.some((m) => m.kind === 'limewater');
    // Where nothing is said to have fallen out, nothing can be said of the excess either.
    const nothingFell =
      attribute.reads === 'excess' &&
      !narrow &&
      !reading.mentions.some((m) => !m.denied && (isSolid(m) || m.kind === 'colour'));
    if (
      !nothingFell &&
      ((!elsewhere && speaksOfAnOutcome(reading)) ||
        (attribute.reads === 'excess' &&
          (goesOnAfterSolid(reading) || reading.mentions.some((m) => m.kind === 'excess'))) ||
        (!elsewhere && hasStrangeWords(reading) && !namesSubstance(reading.words.join(' '))))
    )
      return forReview(
        'half-understood',
        `Not all of this could be read; ${wanted} was wanted. A person decides.`,
      );
    return onePoint(0, 'not-said', `Nothing is said here that answers it; ${wanted} was wanted.`);
  }
  // "no ppt, nothing happened" says nothing of a solid that stays.
  const nothingThere =
    attribute.reads === 'excess' &&
    !right.every((v) => v === attribute.nothing) &&
    reading.mentions.some(
      (m) => (m.denied && isSolid(m)) || (m.kind === 'nothing' && !m.denied && m.clause === 0 && !narrow),
    ) &&
    !reading.mentions.some((m) => !m.denied && isSolid(m));
  const told: readonly Claim[] = nothingThere
    ? claims.map((c) => (c.term === 'unchanged' || c.term === 'insoluble' ? { ...c, term: 'none' } : c))
    : claims;
  const good = told.filter((c) => earns.has(c.term));
  const bad = told.filter((c) => !earns.has(c.term));
  if (bad.length === 0) {
    if (read.bare && !solidSaid)
      return asLenient(
        leniencyOf('colour-alone', strictness),
        'colour-alone',
        `${wordsOf(good.map((c) => c.term))} is the right colour, but of what?`,
      );
    // What acid dissolves is not what this test shows: something wrong beside what is right.
    if (attribute.reads === 'precipitate' && !hasExcess && dissolvesInAcid(reading))
      return leniencyOf('extra-wrong', strictness) === 'nothing'
        ? onePoint(0, 'contradiction', 'This precipitate does not dissolve in acid.')
        : forReview('dissolves-in-acid', 'This precipitate does not dissolve in acid; a person decides.');
    return onePoint(1, 'right', `${wordsOf(good.map((c) => c.term))} earns the mark.`);
  }
  if (good.length === 0) {
    if (bad.every((c) => borderline.has(c.term)))
      return forReview(
        'near-wording',
        `${wordsOf(bad.map((c) => c.term))} is close to ${wanted}; a person decides.`,
      );
    if (problem === 'reversed') return onePoint(0, problem, problemText[problem]);
    if (hasStrangeWords(reading) || read.loose?.some((term) => earns.has(term)))
      return forReview(
        'half-understood',
        `Not all of this could be read; ${wanted} was wanted. A person decides.`,
      );
    return onePoint(
      0,
      'wrong',
      bad.every((c) => c.term === 'none')
        ? `That nothing came of it is not what is seen here; it is ${wanted}.`
        : `${wordsOf(bad.map((c) => c.term))} is not what is seen here; it is ${wanted}.`,
    );
  }
  // A precipitate seen first and what it turns into on standing are two observations.
  if (
    attribute.reads === 'precipitate' &&
    earns.has(told[0]!.term) &&
    bad.every((c) => c !== told[0] && (c.turned || afterwards.has(c.joined))) &&
    bad.every((c) => turnsTo.has(turnOf(c.term)))
  )
    return onePoint(1, 'right', `${wordsOf(good.map((c) => c.term))} earns the mark.`);
  // "nothing at first, then white": what came of it counts.
  const last = told[told.length - 1]!;
  if (
    earns.has(last.term) &&
    (last.joined === 'then' || last.joined === 'but') &&
    told
      .slice(0, -1)
      .every(
        (c) => c.term === 'none' || c.term === 'unchanged' || c.term === 'no-change' || c.term === 'clear',
      )
  )
    return onePoint(1, 'right', `${wordsOf([last.term])} earns the mark.`);
  const both = `${wordsOf(told.map((c) => c.term))} cannot both stand`;
  // Two words for one thing contradict; what is said in two places may be of two things.
  const sideBySide = told.every(
    (c, i) => i === 0 || c.joined === 'or' || c.joined === 'and' || c.joined === 'start',
  );
  return (isShort(reading) && sideBySide) || leniencyOf('extra-wrong', strictness) === 'nothing'
    ? onePoint(0, 'contradiction', `${both}; one answer is wanted.`)
    : forReview('contradiction', `${both}; a person decides which was meant.`);
}

function markNumber(attribute: Attribute, right: readonly string[], answer: string): Mark {
  const numbers = readCelsius(answer);
  const { unit, within } = attribute.number!;
  if (!numbers.length) return onePoint(0, 'no-number', `A number in ${unit} is wanted.`);
  const fits = (n: number) => right.some((v) => Math.abs(n - Number(v)) <= within);
  if (numbers.every(fits))
    return onePoint(
      1,
      'right',
      `${numbers.map((n) => Number(n.toFixed(1))).join(', ')} ${unit} earns the mark.`,
    );
  return onePoint(0, numbers.some(fits) ? 'contradiction' : 'wrong', `It is ${right[0]} ${unit}.`);
}

function markPoint(point: PlannedPoint, answer: string, reading: TextReading): Mark {
  const { attribute, right, strictness, flame, narrow, hasExcess } = point;
  switch (attribute.reads) {
    case 'flame-colour':
    case 'glass-colour':
      return markFlame(reading, attribute.reads === 'glass-colour', flame!, strictness);
    case 'number':
      return markNumber(attribute, right, answer);
    default: {
      const kind: TextKind = attribute.reads;
      return judge(point, readers[kind](reading, { narrow, hasExcess }), reading);
    }
  }
}

/**
 * Marks an observation: one point, or one for each part where the whole of a test with two is asked for.
 * @throws RangeError when the test says nothing about the sample.
 */
export function markObservation(syllabus: Syllabus, item: ObservationItem, written: string): Mark {
  const answer = inKnownWords(syllabus.ownWords, written);
  const plan = planOf(syllabus, item);
  const numeric = plan.every((point) => point.attribute.reads === 'number');
  const nothing = numeric && /\d/.test(answer) ? undefined : saysNothing(answer);
  if (nothing) {
    const marks = plan.map(() => onePoint(0, nothing.code, nothing.text));
    return marks.length === 1 ? marks[0]! : together(marks);
  }
  return acrossReadings(answer, (reading) => {
    const marks = plan.map((point) => markPoint(point, answer, reading));
    return marks.length === 1 ? marks[0]! : together(marks);
  });
}
