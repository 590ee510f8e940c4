/**
 * Marks an answer by every good reading of its words: where all come to the same points the mark is sure, where they
 * differ a person chooses between them.
 */
import { readingsOfText, type TextReading } from '../reading/read-text.js';
import { forReview, type Mark } from './mark-result.js';

const asRead = (reading: TextReading): string => `“${reading.clauses.map((c) => c.words.join(' ')).join(', ')}”`;

/** @param marked the mark by one reading. */
export function acrossReadings(answer: string, marked: (reading: TextReading) => Mark): Mark {
  const readings = readingsOfText(answer);
  const first = marked(readings[0]!);
  if (first.verdict === 'review') return first;
  for (const other of readings.slice(1)) {
    const second = marked(other);
    if (second.verdict !== 'review' && second.points !== first.points)
      return {
        ...forReview(
          'read-two-ways',
          `This can be read as ${asRead(readings[0]!)} or as ${asRead(other)}; a person decides.`,
        ),
        points: first.points,
        max: first.max,
      };
  }
  return first;
}
