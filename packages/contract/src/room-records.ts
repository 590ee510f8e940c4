/** What happens in the room beside the tests: incidents, and samples kept for another day. */
import type { StudentName } from './people.js';

export const incidentKinds = [
  'cut',
  'burn',
  'splash',
  'breathed-in',
  'spill',
  'breakage',
  'fire',
  'other',
] as const;
export type IncidentKind = (typeof incidentKinds)[number];

export interface NewIncident {
  readonly kind: IncidentKind;
  readonly nearMiss: boolean;
  /** Ids; null where it was at no bench, or nobody in particular. */
  readonly group: string | null;
  readonly student: string | null;
  readonly what: string;
  /** What was done about it. */
  readonly done: string;
}
export interface Incident {
  readonly id: string;
  readonly kind: IncidentKind;
  readonly nearMiss: boolean;
  readonly group: { readonly id: string; readonly name: string } | null;
  readonly student: StudentName | null;
  readonly what: string;
  readonly done: string;
  /** Who logged it. */
  readonly by: string;
  readonly at: string;
}

export interface NewKeptSample {
  readonly group: string;
  readonly sample: string;
  readonly place: string;
  readonly note: string;
  /** Days it may stand. */
  readonly days: number;
}
export interface KeptSample {
  readonly id: string;
  readonly code: string;
  readonly group: string;
  readonly sample: string;
  /** Of which lesson, in words. */
  readonly lesson: string;
  readonly place: string;
  readonly note: string;
  readonly keptAt: string;
  readonly expiresAt: string;
  /** When it was used up or thrown away. */
  readonly goneAt: string | null;
}
