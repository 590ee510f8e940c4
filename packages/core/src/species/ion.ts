/**
 * An ion as the rest of the core knows it: one record a fact, named by its id.
 * Ids are written as people type them in ASCII: `Ca2+`, `SO4^2-` (the caret parts an index from a charge).
 */
import type { SourceId } from '../sources/sources.js';
import type { FiledAnionId, FiledCationId } from './filed.js';

export type CationId =
  | 'H+'
  | 'Li+'
  | 'Na+'
  | 'K+'
  | 'NH4+'
  | 'Mg2+'
  | 'Ca2+'
  | 'Sr2+'
  | 'Ba2+'
  | 'Al3+'
  | 'Zn2+'
  | 'Cr3+'
  | 'Mn2+'
  | 'Fe2+'
  | 'Fe3+'
  | 'Co2+'
  | 'Ni2+'
  | 'Cu2+'
  | 'Ag+'
  | 'Pb2+'
  | FiledCationId;
export type AnionId =
  'OH-' | 'CO3^2-' | 'HCO3-' | 'SO3^2-' | 'SO4^2-' | 'Cl-' | 'Br-' | 'I-' | 'NO3-' | 'PO4^3-' | FiledAnionId;
export type IonId = CationId | AnionId;

/** What an ion is made of and what people call it. */
export interface Ion<Id extends IonId = IonId> {
  readonly id: Id;
  /** IUPAC name, British spelling, without the word "ion": `iron(III)`, `sulfate`. */
  readonly name: string;
  /** Atoms in one ion, by element symbol. */
  readonly atoms: Readonly<Record<string, number>>;
  /** Charge in elementary charges, signed. */
  readonly charge: number;
  /** Other names that mean exactly this ion when a student writes them. */
  readonly alsoCalled: readonly string[];
  /**
   * Names that mean this ion only while no other ion of the same element is in play
   * (`iron` when the course holds one iron ion; `copper`).
   */
  readonly shortNames: readonly string[];
  readonly source: SourceId;
}
