/**
 * Marks an answer by every good reading of its words: where all come to the same points the mark is sure, where they
 * differ a person chooses between them.
 */
import { readingsOfText, type TextReading } from '../reading/read-text.js';
import { isHearsay } from '../reading/what-stands.js';
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

/** What others had earns nothing by itself: it may be one's own word for it, or not. */
function unlessHearsay(mark: Mark, reading: TextReading): Mark {
  if (mark.verdict === 'review' || mark.points === 0 || !isHearsay(reading.clauses)) return mark;
  const doubt = forReview('hearsay', 'This is told of what others saw; a person decides.');
  return { ...doubt, points: mark.points, max: mark.max };
}

/** @param marked the mark by one reading. */
export const acrossReadings = (answer: string, marked: (reading: TextReading) => Mark): Mark =>
  agreed(readingsOfText(answer), (reading) => unlessHearsay(marked(reading), reading), asRead);
