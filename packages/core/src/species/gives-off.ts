/** The gas that dilute hydrochloric or sulfuric acid drives out of an anion or a metal: the compiler asks for every one. */
import type { AnionId } from './ion.js';
import type { GasId, MetalId } from './substance.js';

/** null: none. Nitric acid gives other gases with metals. Source `vogel-tests`. */
export const gasWithAcid: Readonly<Record<AnionId | MetalId, GasId | null>> = {
  'CO3^2-': 'CO2',
  'HCO3-': 'CO2',
  'SO3^2-': 'SO2',
  'S2O3^2-': 'SO2',
  'OH-': null,
  'SO4^2-': null,
  'Cl-': null,
  'Br-': null,
  'I-': null,
  'NO3-': null,
  'PO4^3-': null,
  Mg: 'H2',
  Al: 'H2',
  Zn: 'H2',
  Fe: 'H2',
  Ca: 'H2',
  Cu: null,
  // A coat of chloride or sulfate stops it at once.
  Pb: null,
};

/** What else falls out as the gas comes off. Source `vogel-tests`. */
export const solidWithAcid: Readonly<Partial<Record<AnionId, string>>> = { 'S2O3^2-': 'S' };

/** The gases acid drives out of a sample of these ions or this metal. */
export const gasesWithAcid = (ids: readonly string[]): GasId[] =>
  ids.flatMap((id) => (Object.hasOwn(gasWithAcid, id) ? (gasWithAcid[id as AnionId] ?? []) : []));
