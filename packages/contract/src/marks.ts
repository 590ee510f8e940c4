/** Marks as staff see them. */
import type { Reason, Strand, Verdict } from '@kivex/core';
import type { StudentName } from './people.js';

/** One decision of a person; null points gave the mark back to what is computed. */
export interface MarkChange {
  readonly id: string;
  /** Marks decided together have the same. */
  readonly decision: string;
  readonly points: number | null;
  /** The answer that was judged. */
  readonly answer: string;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}
export interface MarkCell {
  readonly id: string;
  readonly key: string;
  readonly strand: Strand;
  readonly sample: string;
  readonly answer: string;
  /** What stands: the last decision of the answer as it is now, else the computed mark. */
  readonly points: number;
  readonly max: number;
  readonly verdict: Verdict;
  readonly computed: { readonly points: number };
  /** Still to be looked at by a person. */
  readonly open: boolean;
  /** Decided once, of another answer than the one there now. */
  readonly reopened: boolean;
  readonly why: readonly Reason[];
  readonly changes: readonly MarkChange[];
}
export interface MarkRow {
  readonly student: StudentName;
  readonly group: string;
  readonly handedInAt: string | null;
  readonly points: number;
  readonly max: number;
  readonly cells: readonly MarkCell[];
}
export interface MarkTable {
  readonly released: boolean;
  readonly rows: readonly MarkRow[];
  readonly open: number;
}

/** One decision for several marks; null points give them back to what is computed. */
export interface NewDecision {
  readonly marks: readonly string[];
  readonly points: number | null;
  readonly reason: string;
}
export interface Decided {
  readonly decision: string;
  /** How many marks it changed. */
  readonly marks: number;
}
