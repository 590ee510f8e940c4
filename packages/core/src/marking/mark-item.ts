/** The kinds of question that can be marked. */
import type { SeenRecord } from '../reasoning/likelihood.js';
import type { GasId } from '../species/substance.js';
import type { Strictness } from '../syllabus/syllabus-definition.js';
import type { PurposeId } from '../syllabus/purposes.js';

export interface ObservationItem {
  readonly kind: 'observation';
  readonly test: string;
  readonly sample: readonly string[];
  readonly attribute?: string;
  readonly form?: 'solid' | 'solution' | 'gas' | 'metal';
  readonly strictness?: Strictness;
}
export interface GasTestItem {
  readonly kind: 'gas-test';
  readonly gas: GasId;
  readonly strictness?: Strictness;
}
export interface IdentificationItem {
  readonly kind: 'identify';
  readonly sample: readonly string[];
  readonly part: 'cation' | 'anion' | 'salt' | 'gas' | 'metal';
  readonly seen?: readonly SeenRecord[];
  readonly strictness?: Strictness;
}
export interface PurposeItem {
  readonly kind: 'purpose';
  readonly of: PurposeId;
  readonly strictness?: Strictness;
}
export type MarkItem = ObservationItem | GasTestItem | IdentificationItem | PurposeItem;
