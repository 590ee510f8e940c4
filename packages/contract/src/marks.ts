/** Marks as staff see them. */
import type { Reason, Strand, Verdict } from '@kivex/core';
import type { StudentName } from './people.js';

export interface MarkChange {
  readonly id: string;
  readonly points: number;
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
  /** What stands: the last change, else the computed mark. */
  readonly points: number;
  readonly max: number;
  readonly verdict: Verdict;
  /** Still to be looked at by a person. */
  readonly open: boolean;
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
