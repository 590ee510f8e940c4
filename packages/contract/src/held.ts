/** Entries kept apart from the log until a teacher takes them in or leaves them out. */
import type { EventBody } from '@kivex/core';

/** Why an entry is kept apart. */
export const heldReasons = ['came-late', 'made-late', 'handed-over', 'other-group'] as const;
export type HeldReason = (typeof heldReasons)[number];

export interface HeldEntry {
  readonly id: string;
  readonly group: string;
  /** Who logged it. */
  readonly student: string;
  readonly name: string;
  /** Whose device brought it, where that was somebody else's. */
  readonly broughtBy: string | null;
  readonly reason: HeldReason;
  /** When it was made, by the server's clock; ISO 8601. */
  readonly at: string;
  readonly receivedAt: string;
  readonly body: EventBody;
}
/** What is kept apart in a lesson, and whether it can still be taken in. */
export interface HeldEntries {
  readonly entries: readonly HeldEntry[];
  /** How many there are in all; the list is cut to the oldest. */
  readonly count: number;
  /** False once marks have been released: then nothing counts any more. */
  readonly canBeTaken: boolean;
}
/** The log of a lesson as a board starts from it. */
export interface BoardLog {
  /** What still says something of each group, oldest first. */
  readonly events: readonly import('./bench.js').WireEvent[];
  /** Rows that could not be read and are left out, by their place in the log. */
  readonly unreadable: readonly number[];
}
