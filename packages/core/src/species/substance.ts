/** Gases, vapours and metals as samples: what is not an ion but can be named and tested. */
import type { SourceId } from '../sources/sources.js';
import type { FiledGasId } from './filed.js';

export type GasId = 'H2' | 'O2' | 'CO2' | 'Cl2' | 'NH3' | 'SO2' | 'H2O' | 'N2' | FiledGasId;
export type MetalId = 'Mg' | 'Al' | 'Zn' | 'Fe' | 'Cu' | 'Ca' | 'Pb';
export type SubstanceId = GasId | MetalId;

export interface Substance<Id extends SubstanceId = SubstanceId> {
  /** Its formula, which is also its id. */
  readonly id: Id;
  readonly kind: 'gas' | 'metal';
  /** IUPAC name, British spelling. */
  readonly name: string;
  /** What people are shown, where not the name. */
  readonly shown?: string;
  /** It answers to no test and stands for "none of these". */
  readonly standsForNone?: true;
  /** Other names that mean exactly this substance. */
  readonly alsoCalled: readonly string[];
  readonly source: SourceId;
}
