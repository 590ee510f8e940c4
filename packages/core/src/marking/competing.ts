/**
 * Marks an answer by every good reading of its words: where all come to the same points the mark is sure, where they
 * differ a person chooses between them.
 */
import { readingsOfText, type TextReading } from '../reading/read-text.js';
import { isHearsay, isNotCounted } from '../reading/what-stands.js';
import { forReview, type Mark } from './mark-result.js';

/**
 * The mark all readings agree on, else one for a person to choose.
 * @param readings likeliest first; one at least.
 * @param told how a reading is shown to a person.
 */
export function agreed<Reading>(
  readings: readonly Reading[],
  marked: (reading: Reading) => Mark,
  told: (reading: Reading) => string,
): Mark {
  const first = marked(readings[0]!);
  if (first.verdict === 'review') return first;
  for (const other of readings.slice(1)) {
    const second = marked(other);
    if (second.verdict !== 'review' && second.points !== first.points)
      return {
        ...forReview(
          'read-two-ways',
          `This can be read as ${told(readings[0]!)} or as ${told(other)}; a person decides.`,
        ),
        points: first.points,
        max: first.max,
      };
  }
  return first;
}

const asRead = (reading: TextReading): string =>
  `“${reading.clauses.map((c) => c.words.join(' ')).join(', ')}”`;

/** What others had earns nothing by itself, nor what its writer does not count: it may be meant as an answer, or not. */
function unlessDisowned(mark: Mark, { clauses }: TextReading): Mark {
  if (mark.verdict === 'review' || mark.points === 0) return mark;
  const doubt = isHearsay(clauses)
    ? forReview('hearsay', 'This is told of what others saw; a person decides.')
    : isNotCounted(clauses)
      ? forReview('not-counted', 'Its writer does not count all of this; a person decides.')
      : undefined;
  return doubt ? { ...doubt, points: mark.points, max: mark.max } : mark;
}

/** @param marked the mark by one reading. */
export const acrossReadings = (answer: string, marked: (reading: TextReading) => Mark): Mark =>
  agreed(readingsOfText(answer), (reading) => unlessDisowned(marked(reading), reading), asRead);
