/** Pairs of ions that are no salt one can have in a bottle, and why. */
import type { SourceId } from '../sources/sources.js';
import type { AnionId, CationId } from './ion.js';

export interface NoSalt {
  readonly cations: readonly CationId[];
  readonly anions: readonly AnionId[];
  readonly why: string;
  /** Is it so little of a sample that no equation of a test is written for it either? */
  readonly notEvenDissolved?: true;
  readonly source: SourceId;
}

export const noSalts: readonly NoSalt[] = [
  {
    cations: ['Al3+', 'Cr3+', 'Fe3+'],
    anions: ['CO3^2-', 'HCO3-'],
    why: 'the hydroxide falls out in its place and carbon dioxide goes',
    notEvenDissolved: true,
    source: 'vogel-tests',
  },
  {
    cations: ['Al3+', 'Cr3+'],
    anions: ['SO3^2-'],
    why: 'the hydroxide falls out in its place and sulfur dioxide goes',
    source: 'vogel-tests',
  },
  {
    cations: ['Cu2+'],
    anions: ['I-'],
    why: 'the two react: copper(I) iodide falls out and iodine is set free',
    source: 'vogel-tests',
  },
  {
    cations: ['Fe3+'],
    anions: ['I-', 'SO3^2-'],
    why: 'the two react: iron(III) oxidises it and becomes iron(II)',
    source: 'vogel-tests',
  },
  {
    cations: ['H+'],
    anions: ['SO3^2-', 'S2O3^2-'],
    why: 'the acid falls apart: it cannot be kept in a bottle',
    source: 'vogel-tests',
  },
  {
    cations: ['H+'],
    anions: ['CO3^2-', 'HCO3-', 'OH-'],
    why: 'the two react with each other to water',
    notEvenDissolved: true,
    source: 'vogel-tests',
  },
  {
    cations: ['Ag+', 'Cu2+', 'Fe3+'],
    anions: ['S2O3^2-'],
    why: 'the two react: silver blackens to its sulfide, copper(II) and iron(III) are reduced',
    notEvenDissolved: true,
    source: 'vogel-tests',
  },
  {
    cations: ['Al3+', 'Cr3+'],
    anions: ['S2O3^2-'],
    why: 'the hydroxide falls out in its place, with sulfur',
    source: 'vogel-tests',
  },
  {
    cations: ['Ag+'],
    anions: ['OH-'],
    why: 'it falls apart to silver oxide',
    notEvenDissolved: true,
    source: 'vogel-tests',
  },
  {
    cations: ['NH4+'],
    anions: ['OH-'],
    why: 'it is ammonia solution: name it as NH3, a reagent',
    notEvenDissolved: true,
    source: 'vogel-tests',
  },
  {
    cations: ['Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Zn2+', 'Mn2+', 'Fe2+', 'Co2+', 'Ni2+', 'Cu2+', 'Ag+', 'Pb2+'],
    anions: ['HCO3-'],
    why: 'only the carbonate can be had as a solid',
    source: 'vogel-tests',
  },
];

/** Why these ions are no salt (or, with `evenDissolved`, not even together in a solution), or undefined where they are one. */
export const whyNoSalt = (ids: readonly string[], evenDissolved = false): string | undefined =>
  noSalts.find(
    ({ cations, anions, notEvenDissolved }) =>
      (!evenDissolved || notEvenDissolved) &&
      cations.some((c) => ids.includes(c)) &&
      anions.some((a) => ids.includes(a)),
  )?.why;
