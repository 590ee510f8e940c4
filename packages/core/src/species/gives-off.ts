/** The gas that dilute hydrochloric or sulfuric acid drives out of an anion or a metal: the compiler asks for every one. */
import { filedAnions, type FiledAnionId } from './filed.js';
import type { AnionFile } from './one-file.js';
import type { AnionId } from './ion.js';
import type { GasId, MetalId } from './substance.js';

const filedEntries = Object.entries(filedAnions) as [FiledAnionId, AnionFile][];
const gasOfFiled = Object.fromEntries(
  filedEntries.map(([id, { withAcid }]) => [id, withAcid.gas]),
) as Readonly<Record<FiledAnionId, GasId | null>>;

/** null: none. Nitric acid gives other gases with metals. Source `vogel-tests`. */
export const gasWithAcid: Readonly<Record<AnionId | MetalId, GasId | null>> = {
  'CO3^2-': 'CO2',
  'HCO3-': 'CO2',
  'SO3^2-': 'SO2',
  ...gasOfFiled,
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
export const solidWithAcid: Readonly<Partial<Record<AnionId, string>>> = Object.fromEntries(
  filedEntries.flatMap(([id, { withAcid }]) => (withAcid.solid === undefined ? [] : [[id, withAcid.solid]])),
);

/** The gases acid drives out of a sample of these ions or this metal. */
export const gasesWithAcid = (ids: readonly string[]): GasId[] =>
  ids.flatMap((id) => (Object.hasOwn(gasWithAcid, id) ? (gasWithAcid[id as AnionId] ?? []) : []));
