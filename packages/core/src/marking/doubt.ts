/**
 * What leaves a mark in doubt though a reader came to one: words of the answer that nothing explains, and things it
 * speaks of that the mark does not rest on. A mark in doubt goes to a person.
 */
import { isSolid } from '../reading/claims.js';
import type { TextReading } from '../reading/read-text.js';

/** Words that say how rather than what, told apart by no term: they explain themselves well enough. */
const asides = /^(?:forgot|forget|remember|know|sure|think|guess|sorry|idk|dunno)$/;

/** Does an answer hold words the reading cannot explain? */
export const hasStrangeWords = (reading: TextReading): boolean =>
  reading.unexplained.some((u) => !asides.test(u.word));

/** A contradiction in a few words is one; in a longer answer two things may be meant. */
export const isShort = (reading: TextReading): boolean => reading.words.length <= 5;

/** Kinds that say what came of something, whatever the test. */
const outcomes: ReadonlySet<string> = new Set(['nothing', 'stays', 'disappear', 'residue']);

/** Does it speak of something that came about, though a reader found nothing in it? */
export const speaksOfAnOutcome = (reading: TextReading): boolean =>
  reading.mentions.some((m) => outcomes.has(m.kind));

/** Does an answer go on after its precipitate, so that what it says then may be of the excess? */
export function goesOnAfterSolid(reading: TextReading): boolean {
  const solid = reading.mentions.find((m) => isSolid(m) && !m.denied);
  if (!solid) return false;
  return reading.clauses.some(
    (clause, i) =>
      i > solid.clause &&
      !clause.aside &&
      (clause.joined === 'then' || clause.joined === 'stop' || clause.joined === 'but') &&
      (reading.mentions.some((m) => m.clause === i && !isSolid(m)) ||
        reading.unexplained.some((u) => u.clause === i && !asides.test(u.word))),
  );
}
