/**
 * The colour words students write, finer than the values a test records. Marking compares terms
 * ("lilac" is not "purple"); reasoning uses the recorded value a term comes nearest to.
 */
import type { ColourTermRecord } from './colour-term.js';
import { coolColours } from './cool-colours.js';
import { warmColours } from './warm-colours.js';

export const colourTerms = { ...warmColours, ...coolColours } as const satisfies Record<
  string,
  ColourTermRecord
>;

export type ColourTerm = keyof typeof colourTerms;

/** The record of a term. */
export const colourTermOf = (term: ColourTerm): ColourTermRecord => colourTerms[term];
/** All terms, for lists and tests. */
export const allColourTerms = Object.keys(colourTerms) as ColourTerm[];
/** The term as shown to people. */
export const colourWord = (term: ColourTerm): string => colourTerms[term].phrases[0];

/** Is `word` a colour term Kivex reads? */
export const isColourTerm = (word: string): word is ColourTerm => Object.hasOwn(colourTerms, word);
