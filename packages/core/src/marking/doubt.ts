/**
 * What leaves a mark in doubt though a reader came to one: words of the answer that nothing explains, and things it
 * speaks of that the mark does not rest on. A mark in doubt goes to a person.
 */
import { takesBack } from '../reading/denials.js';
import { isSolid } from '../reading/claims.js';
import { standingOf } from '../reading/lexicon.js';
import type { TextReading } from '../reading/read-text.js';

/** Words that say how rather than what, told apart by no term: they explain themselves well enough. */
const asides = /^(?:forgot|forget|remember|know|sure|think|guess|sorry|idk|dunno)$/;

/** Words of lessons that tell how one worked or that something was there at all, not what came of it. */
const neutral: ReadonlySet<string> = new Set([
  ...takesBack,
  ...`else tried try trying proper properly nice nicely kinda mouth pass passed passing blow blew open opened collect collected bung hold held holding watch watched run ran dip dipped dropped poured pour shake shook shaken mix mixed stir stirred time times while thick thin single crystals salt sample samples tube tubes metal acid alkali
  burner wire loop bench beaker pipette dropper test tests solution reagent sodium potassium silver barium nitrate chloride sulfate hydroxide ammonia naoh agno3 bacl2 hcl water glass second seconds minute minutes
  half whole part dull vivid vibrant weak nice lovely pretty beautiful soft rich flickering flickery patchy drop drops colour coloured quickly slowly sudden suddenly instant instantly immediately straight eventually strong strongly`.split(
    /\s+/,
  ),
]);
/** Words of lessons that no mention covers: ordinary, yet perhaps the very ones that tell what came of it. */
function uncovered(reading: TextReading): readonly string[] {
  const covered = new Set(
    reading.mentions.flatMap((m) => Array.from({ length: m.length }, (_, k) => m.at + k)),
  );
  return reading.words.filter(
    (word, at) => !covered.has(at) && !neutral.has(word) && standingOf(word) === 'lesson',
  );
}
/** Does an answer hold words the reading cannot explain? */
export const hasStrangeWords = (reading: TextReading): boolean =>
  reading.unexplained.some((u) => !asides.test(u.word) && !neutral.has(u.word)) ||
  uncovered(reading).some((word) => !asides.test(word));

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

/** Things no flame has: an answer that speaks of them may tell their colour rather than the flame's. */
const notOfFlames: ReadonlySet<string> = new Set(['fumes', 'precipitate', 'solution', 'fizz', 'gas']);
/** "Green with blue bits": parts of a flame as well as solids. */
const partOfFlame = /^(?:bits?|flecks?|specks?|blobs?|stuff)$/;
export const speaksOfMoreThanTheFlame = (reading: TextReading): boolean =>
  reading.mentions.some(
    (m) => notOfFlames.has(m.kind) && !m.denied && !partOfFlame.test(reading.words[m.at]!),
  );
