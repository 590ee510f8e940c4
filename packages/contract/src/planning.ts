/** Practicals, syllabuses and rooms of a school, as staff see them. */
import type { Practical, StationPlaces, Syllabus } from '@kivex/core';

/** What versioned documents of a school have in common. */
export interface DocumentHead {
  readonly id: string;
  readonly version: number;
  /** Who made it; null for what came with Kivex. */
  readonly owner: string | null;
  readonly mine: boolean;
  /** Can the whole school see it? */
  readonly shared: boolean;
  readonly archived: boolean;
  /** ISO 8601, of the newest version. */
  readonly changedAt: string;
}
export interface PracticalHead extends DocumentHead {
  readonly title: string;
  readonly summary: string;
  readonly syllabus: string;
  readonly minutes: number;
  readonly knowns: number;
  readonly unknowns: number;
  readonly tests: number;
}
export interface SyllabusHead extends DocumentHead {
  readonly name: string;
  readonly ages: string;
}
export interface DocumentVersion {
  readonly number: number;
  readonly by: string | null;
  readonly at: string;
}
/** A document with its versions, newest first. */
export interface Whole<Head extends DocumentHead, Document> {
  readonly head: Head;
  readonly document: Document;
  readonly versions: readonly DocumentVersion[];
}
export type WholePractical = Whole<PracticalHead, Practical>;
export type WholeSyllabus = Whole<SyllabusHead, Syllabus>;

export interface RoomBench {
  readonly row: number;
  readonly column: number;
}
export interface RoomPlan {
  readonly rows: number;
  readonly columns: number;
  readonly benches: readonly RoomBench[];
  readonly places: StationPlaces;
}
export interface Room {
  readonly id: string;
  readonly name: string;
  readonly plan: RoomPlan;
  /** Counts its changes. */
  readonly version: number;
}
export type NewRoom = Pick<Room, 'name' | 'plan'>;
/** A room as it is saved. */
export interface SavedRoom extends NewRoom {
  /** The version the change began from. */
  readonly from: number;
}
/** A document as it is sent: what it holds is checked by its published schema. */
export interface NewDocument {
  readonly document: object;
  readonly shared?: boolean;
}
export interface SavedDocument {
  readonly document: object;
  /** The version the changes began from. */
  readonly from: number;
}
