/** The front door to the markers: one item and one answer in, one mark out. */
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { syllabusOf } from '../syllabus/syllabuses.js';
import { markGasTest } from './mark-gas-test.js';
import { markIdentification } from './mark-identification.js';
import type { MarkItem } from './mark-item.js';
import { markObservation } from './mark-observation.js';
import { markPurpose } from './mark-purpose.js';
import type { Mark } from './mark-result.js';

/**
 * Marks one answer.
 * @param syllabus the syllabus, or the id of one that ships, whose wording and strictness hold.
 * @throws RangeError when an id is not known.
 */
export function mark(syllabus: string | Syllabus, item: MarkItem, answer: string): Mark {
  const rules = typeof syllabus === 'string' ? syllabusOf(syllabus) : syllabus;
  switch (item.kind) {
    case 'observation':
      return markObservation(rules, item, answer);
    case 'gas-test':
      return markGasTest(rules, item, answer);
    case 'identify':
      return markIdentification(rules, item, answer);
    case 'purpose':
      return markPurpose(rules, item, answer);
  }
}
