/**
 * The ions, gases and metals Kivex knows, gathered from the data files beside this one. Look them up
 * here; add one by adding its record to a data file and its id to `ion.ts` or `substance.ts`.
 */
import { alkaliMetals } from './ions/alkali-metals.js';
import { alkalineEarths } from './ions/alkaline-earths.js';
import { anions } from './ions/anions.js';
import { hydrogenAndAmmonium } from './ions/hydrogen-and-ammonium.js';
import { otherMetals } from './ions/other-metals.js';
import { every } from './every.js';
import { filedAnions, filedCations } from './filed.js';
import { gases } from './gases.js';
import type { AnionId, CationId, Ion, IonId } from './ion.js';
import type { AnionFile, CationFile } from './one-file.js';
import { metals } from './metals.js';
import type { GasId, MetalId, Substance, SubstanceId } from './substance.js';

/** The records of ions that have a file of their own. */
const recordsOf = <Files extends Readonly<Record<string, CationFile | AnionFile>>>(files: Files) =>
  Object.entries(files).map(([id, { name, atoms, charge, alsoCalled, shortNames, source }]) => ({
    id: id as Extract<keyof Files, IonId>,
    name,
    atoms,
    charge,
    alsoCalled,
    shortNames,
    source,
  }));

export const allCations: readonly Ion<CationId>[] = every<CationId>()([
  ...hydrogenAndAmmonium,
  ...alkaliMetals,
  ...alkalineEarths,
  ...otherMetals,
  ...recordsOf(filedCations),
]);
export const allAnions: readonly Ion<AnionId>[] = every<AnionId>()([...anions, ...recordsOf(filedAnions)]);
export const allIons: readonly Ion[] = [...allCations, ...allAnions];

const byId = new Map<string, Ion>(allIons.map((ion) => [ion.id, ion]));

/** Is `id` one of the ion ids (either sign)? */
export const isIonId = (id: string): id is IonId => byId.has(id);
/** Is `id` the id of a cation? */
export const isCationId = (id: string): id is CationId => (byId.get(id)?.charge ?? 0) > 0;
/** Is `id` the id of an anion? */
export const isAnionId = (id: string): id is AnionId => (byId.get(id)?.charge ?? 0) < 0;

/**
 * The record of an ion.
 * @throws RangeError when `id` is not known, naming it.
 */
export function ionOf(id: string): Ion {
  const ion = byId.get(id);
  if (!ion) throw new RangeError(`"${id}" is not an ion Kivex knows; write it like Ca2+ or SO4^2-`);
  return ion;
}

export const allGases: readonly Substance<GasId>[] = every<GasId>()(gases);
export const allMetals: readonly Substance<MetalId>[] = every<MetalId>()(metals);
const substances = new Map<string, Substance>([...gases, ...metals].map((s) => [s.id, s]));

/** Anything a sample may hold, by id. */
export type SpeciesId = IonId | SubstanceId;

/** Is `id` the id of a gas or vapour? */
export const isGasId = (id: string): id is GasId => substances.get(id)?.kind === 'gas';
/** Is `id` the id of a metal? */
export const isMetalId = (id: string): id is MetalId => substances.get(id)?.kind === 'metal';
/** Is `id` the id of anything a sample may hold: an ion, a gas or a metal? */
export const isSpeciesId = (id: string): id is SpeciesId => byId.has(id) || substances.has(id);

/**
 * The name of an ion, gas or metal.
 * @throws RangeError when `id` is not known, naming it.
 */
export const speciesName = (id: string): string => {
  const substance = substances.get(id);
  return substance ? (substance.shown ?? substance.name) : ionOf(id).name;
};
/** Does a species answer to no test and stand for "none of these"? */
export const standsForNone = (id: string): boolean => substances.get(id)?.standsForNone ?? false;

/** The cation of a sample (a list of ion ids), or undefined when it holds none. */
export const cationIn = (sample: readonly string[]): CationId | undefined => sample.find(isCationId);
/** The anion of a sample (a list of ion ids), or undefined when it holds none. */
export const anionIn = (sample: readonly string[]): AnionId | undefined => sample.find(isAnionId);

const superscripts: Record<string, string> = {
  '0': '⁰',
  '1': '¹',
  '2': '²',
  '3': '³',
  '4': '⁴',
  '5': '⁵',
  '6': '⁶',
  '7': '⁷',
  '8': '⁸',
  '9': '⁹',
  '+': '⁺',
  '-': '⁻',
};

/** An id split for typesetting: `SO4^2-` → formula `SO4` (digits are indices), charge `2−`. */
export function formulaParts(id: IonId): { readonly formula: string; readonly charge: string } {
  const ion = ionOf(id);
  const size = Math.abs(ion.charge);
  const charge = `${size === 1 ? '' : size}${ion.charge > 0 ? '+' : '−'}`;
  const formula = id.includes('^')
    ? id.slice(0, id.indexOf('^'))
    : id.replace(/\d*[+-]$/, (tail) => (size === 1 ? tail.slice(0, -1) : ''));
  return { formula, charge };
}

/** An id in Unicode with real indices and charge: `SO4^2-` → `SO₄²⁻`. For plain-text places only. */
export function formulaText(id: IonId): string {
  const { formula, charge } = formulaParts(id);
  const lowered = formula.replace(/\d/g, (d) => String.fromCharCode(0x2080 + Number(d)));
  return lowered + charge.replace('−', '-').replace(/./g, (c) => superscripts[c] ?? c);
}

/** The name of a salt from its ions: `['Cu2+','SO4^2-']` → `copper(II) sulfate`. */
export function saltName(sample: readonly string[]): string {
  const cation = cationIn(sample);
  const anion = anionIn(sample);
  return (
    [cation && ionOf(cation).name, anion && ionOf(anion).name].filter(Boolean).join(' ') ||
    sample.map((id) => (isSpeciesId(id) ? speciesName(id) : id)).join(' ')
  );
}
