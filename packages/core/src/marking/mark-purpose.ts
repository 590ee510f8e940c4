/** Marks why a step is done: one point for the reason. */
import { explanationsOf, type Act, type Explanation, type Proposition } from '../reading/propositions.js';
import { ownAnswerIn } from '../syllabus/own-answers.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { agreed } from './competing.js';
import type { PurposeItem } from './mark-item.js';
import { forReview, onePoint, type Mark } from './mark-result.js';
import { saysNothing } from './says-nothing.js';
import { purposeOf, type Purpose } from '../syllabus/purposes.js';
import { isUsualMiss } from '../syllabus/usual-misses.js';

/** Rules over the words alone hold where no one does anything to anything. */
const nothingSaid: Proposition = {
  subject: [],
  act: 'contain',
  object: [],
  denied: false,
  purpose: false,
  otherwise: false,
};

/** What a step is seldom for. */
const seldomMeant: ReadonlySet<Act> = new Set<Act>(['become', 'insoluble', 'add', 'breathe']);

/**
 * Words that no right reason among the thousand marked by hand has, and many wrong ones: a step that helps, makes more
 * of it or makes it faster.
 */
const seldomRight = /\b(?:all|needed|better|easier|faster|quicker|helps?|helped|keeps?|more|stronger)\b/;

/** Marks an explanation (one point). @throws RangeError for a purpose that is not known. */
export function markPurpose(syllabus: Syllabus, item: PurposeItem, answer: string): Mark {
  const purpose = purposeOf(item.of);
  const nothing = saysNothing(answer);
  if (nothing) return onePoint(0, nothing.code, nothing.text);
  const own = ownAnswerIn(syllabus.ownAnswers, { kind: 'purpose', of: purpose.id }, answer);
  if (own)
    return onePoint(
      own.earns ? 1 : 0,
      'own',
      own.earns
        ? `“${own.phrase}” earns at this school.`
        : `“${own.phrase}” does not earn at this school. ${purpose.reason}`,
    );
  return agreed(
    explanationsOf(answer),
    (said) => markSaid(purpose, said),
    ({ words }) => `“${words.replaceAll(' ; ', ', ')}”`,
  );
}

function markSaid(purpose: Purpose, said: Explanation): Mark {
  const { words } = said;
  const found = (lists: readonly (readonly RegExp[])[]) =>
    lists.some((list) => list.every((pattern) => pattern.test(words)));
  const spoilt = purpose.spoilt?.some((pattern) => pattern.test(words)) ?? false;
  const reversed = [...said.propositions, nothingSaid].some((p) =>
    purpose.wrong?.some((wrong) => wrong(p, said)),
  );
  // A denial that the reading lost turns a right reason into a reversed one: "so carbonate is not there to give …".
  if (
    reversed &&
    !spoilt &&
    found(purpose.earns) &&
    /\b(?:is|are|was|were) not (?:there|left|present|around)\b/.test(words)
  )
    return forReview(
      'denied-reason',
      `This may have it the wrong way round; a person decides. The reason is: ${purpose.reason}`,
    );
  if (spoilt || reversed)
    return onePoint(0, 'wrong-reason', `That is not why, or it is the wrong way round. ${purpose.reason}`);
  // The right words, said as what the step is to bring about: that is often the wrong way round.
  const broughtAbout = said.propositions.some(
    (p) => p.purpose && !p.denied && !p.otherwise && seldomMeant.has(p.act),
  );
  if (found(purpose.earns) && (broughtAbout || seldomRight.test(words)))
    return forReview(
      'brought-about',
      `This may have it the wrong way round; a person decides. The reason is: ${purpose.reason}`,
    );
  const supported =
    !purpose.supports ||
    [...said.propositions, nothingSaid].some((p) => purpose.supports!.some((holds) => holds(p, said)));
  if (found(purpose.earns) && !supported)
    return forReview(
      'direction-open',
      `The right words are there; whether they are meant the right way round a person decides. The reason is: ${purpose.reason}`,
    );
  if (found(purpose.earns)) return onePoint(1, 'reason', 'The reason is right.');
  if (purpose.review && found(purpose.review))
    return forReview(
      'vague',
      `This may be meant rightly but is vague; a person decides. The reason is: ${purpose.reason}`,
    );
  if (said.unknown > 0)
    return forReview(
      'not-understood',
      `Not all of this could be read; a person decides. The reason is: ${purpose.reason}`,
    );
  if (purpose.key.test(words) || !isUsualMiss(words))
    return forReview(
      'other-words',
      `This may have it right in other words; a person decides. The reason is: ${purpose.reason}`,
    );
  return onePoint(0, 'not-the-reason', purpose.reason);
}
