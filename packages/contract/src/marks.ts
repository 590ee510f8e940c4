/** Marks as staff see them. */
import type { Earned, MarkScheme, Reason, Strand, Total, Verdict } from '@kivex/core';
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
  /** Null for a name, and for the order of tests. */
  readonly test: string | null;
  readonly attribute: string | null;
  readonly answer: string;
  /** What a point of it is worth by the mark scheme. */
  readonly weight: number;
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
  readonly groupId: string;
  readonly handedInAt: string | null;
  /** Handed in after the end. */
  readonly late: boolean;
  /** Was away: no mark. */
  readonly absent: boolean;
  /** By the mark scheme; of somebody absent nought of nought, which is no mark. */
  readonly points: number;
  readonly max: number;
  readonly strands: Total['strands'];
  readonly cells: readonly MarkCell[];
  readonly given: GivenOut;
}
/** What a student can see of their marks: nothing, what stands now, or what stood when it was given out. */
export type GivenOut = 'no' | 'as-now' | 'as-before';
export interface MarkTable {
  readonly released: boolean;
  readonly rows: readonly MarkRow[];
  readonly open: number;
  readonly scheme: StandingScheme;
}

/** The mark scheme of a lesson, and how it came to be. */
export interface StandingScheme {
  /** Null where nobody has ever set one. */
  readonly id: string | null;
  readonly scheme: MarkScheme;
  readonly by: string | null;
  readonly at: string | null;
  readonly reason: string | null;
  /** How often it was changed since the lesson was made. */
  readonly changes: number;
}
/** What a change of scheme would do. */
export interface SchemePreview {
  readonly students: readonly {
    readonly student: StudentName;
    readonly before: Earned;
    readonly after: Earned;
  }[];
  /** Marks whose points or answer would be others. */
  readonly items: number;
  /** Decisions that would no longer stand, since another answer would be marked. */
  readonly reopened: number;
}
export interface NewScheme {
  readonly scheme: MarkScheme;
  readonly reason: string;
  /** Id of the scheme it was changed from; null where nobody had set one. */
  readonly from: string | null;
}

/** A student's marks as they were given out, and what they were computed from. */
export interface FrozenMarks extends Earned {
  readonly late: boolean;
  readonly items: readonly {
    readonly key: string;
    readonly strand: Strand;
    readonly sample: string;
    readonly test: string | null;
    readonly attribute: string | null;
    readonly answer: string;
    readonly points: number;
    readonly max: number;
    readonly weight: number;
    readonly why: readonly string[];
    /** The decision it stands by; null where it stands as computed. */
    readonly decision: string | null;
  }[];
  /** Of the scheme; null where nobody had set one. */
  readonly scheme: string | null;
  /** Last place of the group's log that was read. */
  readonly logTo: number;
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
