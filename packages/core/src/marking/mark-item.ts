/** The kinds of question that can be marked. */
import type { SeenRecord } from '../reasoning/likelihood.js';
import type { Strictness } from '../syllabus/syllabus-definition.js';

export interface ObservationItem {
  readonly kind: 'observation';
  readonly test: string;
  readonly sample: readonly string[];
  readonly attribute?: string;
  readonly form?: string;
  readonly strictness?: Strictness;
}
export interface IdentificationItem {
  readonly kind: 'identify';
  readonly sample: readonly string[];
  readonly part: 'cation' | 'anion' | 'salt';
  readonly seen?: readonly SeenRecord[];
  readonly strictness?: Strictness;
}
export type MarkItem = ObservationItem | IdentificationItem;
