/** What a student's own words come to as results of a test: the wells they would have tapped, as far as they are plain. */
import { attributeOf, testOf } from '../identification-tests/tests.js';
import type { Attribute } from '../identification-tests/test-definition.js';
import { inKnownWords, type OwnWord } from '../syllabus/own-words.js';
import { syllabusOf } from '../syllabus/syllabuses.js';
import { colourTermOf } from '../reading/colour-terms.js';
import { readColours } from '../reading/read-colours.js';
import { readCelsius } from '../reading/read-number.js';
import { readText, type TextReading } from '../reading/read-text.js';
import { readers } from '../reading/readers.js';

/** The value of an attribute that a term stands for, where it stands for one alone. */
function valueOf(attribute: Attribute, term: string): string | undefined {
  if (attribute.values.some((v) => v.id === term)) return term;
  if (term === 'unchanged') return attribute.nothing;
  const wordings = syllabusOf('core').values[attribute.reads] ?? {};
  const fitting = attribute.values.filter(({ id }) =>
    [...(wordings[id]?.strict ?? []), ...(wordings[id]?.standard ?? [])].includes(term as never),
  );
  return fitting.length === 1 ? fitting[0]!.id : undefined;
}

function colourIn(words: string, glass: boolean): string | undefined {
  const claims = readColours(words).claims.filter((c) => !c.denied && c.throughGlass === glass);
  const values = new Set(claims.map((c) => colourTermOf(c.term)[glass ? 'glass' : 'naked']));
  return values.size === 1 ? ([...values][0] ?? undefined) : undefined;
}

function valueIn(
  attribute: Attribute,
  words: string,
  reading: TextReading,
  hasExcess: boolean,
): string | undefined {
  switch (attribute.reads) {
    case 'flame-colour':
      return colourIn(words, false);
    case 'glass-colour':
      return colourIn(words, true);
    case 'number': {
      const [n, ...more] = readCelsius(words);
      return n === undefined || more.length ? undefined : String(Number(n.toFixed(1)));
    }
    default: {
      const { claims, problem } = readers[attribute.reads](reading, { narrow: false, hasExcess });
      if (problem) return undefined;
      const values = claims.map((c) => valueOf(attribute, c.term));
      // "Nothing at first, then white": what came of it counts.
      const told = values.length > 1 && values[0] === attribute.nothing ? values.slice(1) : values;
      return new Set(told).size === 1 ? told[0] : undefined;
    }
  }
}

/**
 * Reads words as results. What they do not say plainly, or say in two ways, is left out: nothing is guessed.
 * @param attributes of the test that are recorded. @param ownWords a school's own words for colours.
 * @returns value by attribute, values of the test's own closed lists.
 */
export function readResults(
  test: string,
  attributes: readonly string[],
  words: string,
  ownWords?: readonly OwnWord[],
): Readonly<Record<string, string>> {
  const definition = testOf(test);
  const known = inKnownWords(ownWords, words);
  const reading = readText(known);
  const hasExcess = definition.attributes.some((a) => a.reads === 'excess');
  return Object.fromEntries(
    attributes.flatMap((id) => {
      const value = valueIn(attributeOf(definition, id), known, reading, hasExcess);
      return value === undefined ? [] : [[id, value] as const];
    }),
  );
}
