/** Marks on their way to the school's gradebook. */
import type { StudentName } from './people.js';

/** A student's result, as it is or was sent. */
export interface GradebookLine {
  readonly student: StudentName;
  readonly score: number;
  readonly state: 'waiting' | 'taken' | 'refused';
  /** Why the gradebook would not have it. */
  readonly reason: string | null;
}
export interface GradebookSending {
  readonly at: string;
  readonly by: string;
  readonly state: 'going' | 'done' | 'stopped';
  readonly max: number;
  readonly lines: readonly GradebookLine[];
  /** Why the last try came to nothing, and when the next is; null while all goes well. */
  readonly trouble: { readonly says: string; readonly tries: number; readonly next: string } | null;
}
export interface Gradebook {
  /** Where marks go; null where none is set up. */
  readonly at: string | null;
  readonly last: GradebookSending | null;
  /** Results given out that the gradebook has not, or has otherwise. */
  readonly toSend: number;
}
/** A result that stands otherwise in the gradebook than it was sent. */
export interface GradebookDifference {
  readonly student: StudentName;
  readonly ours: number;
  /** Null where it is no longer there. */
  readonly theirs: number | null;
  /** Somebody has agreed to theirs. */
  readonly agreed: boolean;
}
/** How the gradebook that ships behaves, to try things out. */
export const standInModes = ['answers', 'slow', 'refuses', 'down'] as const;
export type StandInMode = (typeof standInModes)[number];
