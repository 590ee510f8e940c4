/** What dilute acid makes of a metal, and what an acid leaves in the liquid: the compiler asks for every metal. */
import type { AnionId, CationId } from './ion.js';
import type { MetalId } from './substance.js';

/** The ion a metal becomes in dilute hydrochloric or sulfuric acid; null where it stays as it is. Source `vogel-tests`. */
export const ionInAcid: Readonly<Record<MetalId, CationId | null>> = {
  Mg: 'Mg2+',
  Al: 'Al3+',
  Zn: 'Zn2+',
  Fe: 'Fe2+',
  Ca: 'Ca2+',
  Cu: null,
  // A coat of chloride or sulfate stops it at once.
  Pb: null,
};

/** Acids by formula: the anion they bring, and the hydrogens one gives. */
export const acids = {
  HCl: { anion: 'Cl-', hydrogens: 1 },
  H2SO4: { anion: 'SO4^2-', hydrogens: 2 },
  HNO3: { anion: 'NO3-', hydrogens: 1 },
} as const satisfies Readonly<Record<string, { anion: AnionId; hydrogens: 1 | 2 }>>;
export type AcidId = keyof typeof acids;
export const isAcidId = (id: string): id is AcidId => Object.hasOwn(acids, id);
