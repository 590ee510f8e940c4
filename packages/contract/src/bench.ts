/** The bench as students see it: nothing here says what an unknown holds. */
import type { Asked, LessonEvent, PlannedTest } from '@kivex/core';
import type { LessonState } from './lessons.js';
import type { StudentName } from './people.js';

/** A lesson event with its place in the log. */
export interface WireEvent extends LessonEvent {
  readonly seq: number;
}
export interface JoinNames {
  readonly lesson: string;
  readonly title: string;
  readonly className: string;
  readonly names: readonly StudentName[];
}
export interface BenchSample {
  readonly id: string;
  readonly role: 'known' | 'unknown';
  readonly label: string;
  /** Ids of the tests done on it. */
  readonly tests: readonly string[];
}
export interface Bench {
  readonly me: StudentName;
  readonly lesson: {
    readonly id: string;
    readonly title: string;
    readonly summary: string;
    readonly state: LessonState;
    readonly room: string;
  };
  readonly group: { readonly id: string; readonly name: string; readonly students: readonly StudentName[] };
  readonly samples: readonly BenchSample[];
  readonly tests: readonly PlannedTest[];
  /** What is to be named, and the ids to choose from: one list, or two for a salt. */
  readonly asks: Asked;
  readonly choices: readonly (readonly string[])[];
  readonly events: readonly WireEvent[];
}
export interface EventsReceipt {
  /** Ids now safely kept, whether sent for the first time or again. */
  readonly accepted: readonly string[];
  readonly refused: readonly { readonly id: string; readonly detail: string }[];
}
export interface FeedbackItem {
  readonly key: string;
  readonly strand: 'observation' | 'conclusion';
  readonly sample: string;
  readonly answer: string;
  readonly points: number;
  readonly max: number;
  readonly why: readonly string[];
}
export interface Feedback {
  readonly me: StudentName;
  readonly title: string;
  readonly released: boolean;
  readonly points: number;
  readonly max: number;
  readonly items: readonly FeedbackItem[];
  /** What the unknowns held; only after release. */
  readonly truths: readonly { readonly sample: string; readonly label: string; readonly holds: string }[];
}
