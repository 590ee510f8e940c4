/** The syllabuses that ship, by id. Add one by adding its data file here and its id to `SyllabusId`. */
import { coreSyllabus } from './core.js';
import { extendedSyllabus } from './extended.js';
import { familiesSyllabus } from './families.js';
import { gasesSyllabus } from './gases.js';
import { seniorSyllabus } from './senior.js';
import type { Strictness, Syllabus, Wording } from './syllabus-definition.js';
import type { ColourTerm } from '../reading/colour-terms.js';

export const allSyllabuses: readonly Syllabus[] = [
  gasesSyllabus,
  coreSyllabus,
  extendedSyllabus,
  familiesSyllabus,
  seniorSyllabus,
];
const byId = new Map<string, Syllabus>(allSyllabuses.map((s) => [s.id, s]));

/**
 * The syllabus with this id.
 * @throws RangeError naming the syllabuses there are.
 */
export function syllabusOf(id: string): Syllabus {
  const syllabus = byId.get(id);
  if (!syllabus) {
    throw new RangeError(`"${id}" is not a syllabus Kivex knows; it knows ${[...byId.keys()].join(', ')}`);
  }
  return syllabus;
}

/** The terms of a wording that earn at a strictness, and those that a person must judge. */
export function earningTerms(
  wording: Wording,
  strictness: Strictness,
): { readonly earns: ReadonlySet<ColourTerm>; readonly borderline: ReadonlySet<ColourTerm> } {
  const earns = new Set<ColourTerm>(wording.strict);
  if (strictness !== 'strict') wording.standard?.forEach((t) => earns.add(t));
  if (strictness === 'generous') wording.generous?.forEach((t) => earns.add(t));
  const borderline = new Set<ColourTerm>(strictness === 'standard' ? wording.borderline : []);
  return { earns, borderline };
}
