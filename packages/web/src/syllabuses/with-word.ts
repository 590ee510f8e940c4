/** The levels at which a word earns, and moving a word between them. */
import type { ColourTerm, Wording } from '@kivex/core';

export const levels = ['strict', 'standard', 'generous', 'borderline'] as const;
export type Level = (typeof levels)[number];
/** Puts a word at a level, or takes it out; a word stands at one earning level only. */
export function withWord(wording: Wording, term: ColourTerm, level: Level | undefined): Wording {
  const without = (list: readonly ColourTerm[] = []) => list.filter((t) => t !== term);
  const next = {
    strict: without(wording.strict),
    standard: without(wording.standard),
    generous: without(wording.generous),
    borderline: without(wording.borderline),
  };
  if (level) next[level] = [...next[level], term];
  return next;
}
