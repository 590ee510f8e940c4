/** Marks why a step is done: one point for the reason. */
import { explanationWords } from '../reading/purpose-words.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import type { PurposeItem } from './mark-item.js';
import { forReview, onePoint, type Mark } from './mark-result.js';
import { purposeOf } from './purposes.js';

/** Marks an explanation (one point). @throws RangeError for a purpose that is not known. */
export function markPurpose(_syllabus: Syllabus, item: PurposeItem, answer: string): Mark {
  const purpose = purposeOf(item.of);
  const words = explanationWords(answer);
  if (!words) return onePoint(0, 'blank', 'Nothing was written.');
  const found = (lists: readonly (readonly RegExp[])[]) =>
    lists.some((list) => list.every((pattern) => pattern.test(words)));
  if (purpose.spoilt?.some((pattern) => pattern.test(words)))
    return onePoint(0, 'wrong-reason', purpose.reason);
  if (found(purpose.earns)) return onePoint(1, 'reason', 'The reason is right.');
  if (purpose.review && found(purpose.review))
    return forReview(
      'vague',
      `This may be meant rightly but is vague; a person decides. The reason is: ${purpose.reason}`,
    );
  return onePoint(0, 'not-the-reason', purpose.reason);
}
