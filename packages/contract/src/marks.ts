/** Marks as staff see them. */
import type {
  Agreement,
  AnswerPlace,
  AnswerToSort,
  Earned,
  MarkScheme,
  Practical,
  Reason,
  Strand,
  Total,
  Verdict,
} from '@kivex/core';
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
  /** Somebody wants to come back to it. */
  readonly flag: { readonly note: string; readonly by: string } | null;
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
  /** Of somebody absent: what they made up on the bench on screen, where that was set as catch-up and tried. */
  readonly caughtUp: Earned | null;
  /** By the mark scheme; of somebody absent what they made up on screen, else nought of nought, which is no mark. */
  readonly points: number;
  readonly max: number;
  readonly strands: Total['strands'];
  readonly cells: readonly MarkCell[];
  readonly given: GivenOut;
  /** What stands in the gradebook instead, where somebody agreed to it: in the lesson's own measure. */
  readonly agreed: number | null;
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
  /** Made up on the bench on screen by somebody who was away: simulated, no items of the lesson. */
  readonly onScreen?: true;
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

/** Answers that want a person, of all lessons somebody is marking. */
export interface OpenAnswers {
  readonly lessons: readonly {
    readonly id: string;
    readonly title: string;
    readonly class: string;
    readonly at: string;
  }[];
  readonly answers: readonly (AnswerToSort & { readonly lesson: string; readonly student: string })[];
}

/** An answer the school has decided on once and for all, under one syllabus. */
export interface SchoolRule extends AnswerPlace {
  readonly id: string;
  readonly syllabus: string;
  readonly example: string;
  readonly points: number;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
  /** May the one who asks take it back? */
  readonly may: boolean;
  /** Taken back since; it holds no more. */
  readonly undone: { readonly by: string; readonly at: string } | null;
}
/** A rule made from one mark of a lesson: of that answer, wherever it says the same of the same. */
export interface NewRule {
  readonly mark: string;
  readonly points: number;
  readonly reason: string;
}
/** What a rule would do: here student by student, and in lessons whose marks have never been given out. */
export interface RulePreview extends SchemePreview {
  readonly elsewhere: { readonly lessons: number; readonly answers: number };
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

/** A student's question about a mark, as staff see it. */
export interface MarkQuestion {
  readonly id: string;
  readonly student: StudentName;
  /** Of the item. */
  readonly key: string;
  readonly text: string;
  readonly at: string;
  readonly answer: string | null;
  readonly answeredBy: string | null;
}

/** A sample found to have held something else than was written, and what marks were worked out against since. */
export interface HeldChange {
  readonly id: string;
  readonly sample: string;
  readonly label: string;
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly reason: string;
  readonly by: string;
  readonly at: string;
  /** The last of its sample, and so to be taken back. */
  readonly stands: boolean;
}
export interface NewHeld {
  readonly sample: string;
  readonly ions: readonly string[];
  readonly reason: string;
}

/** How far a second marker agrees; told once all is marked. */
export interface SecondMarking {
  readonly id: string;
  readonly marker: string;
  readonly askedBy: string;
  readonly at: string;
  readonly size: number;
  readonly done: number;
  /** Points two markers may be apart. */
  readonly tolerance: number;
  /** Null until all is marked: neither marker is to be swayed. */
  readonly result: {
    readonly all: Agreement;
    readonly strands: readonly { readonly strand: Strand; readonly agreement: Agreement }[];
    readonly items: readonly {
      readonly test: string | null;
      readonly attribute: string | null;
      readonly strand: Strand;
      readonly agreement: Agreement;
    }[];
    readonly differences: readonly MarkedApart[];
  } | null;
}
/** Two markers further apart than is allowed. */
export interface MarkedApart {
  readonly id: string;
  readonly mark: string;
  readonly strand: Strand;
  readonly test: string | null;
  readonly attribute: string | null;
  readonly truth: readonly string[];
  readonly answer: string;
  readonly first: number;
  readonly second: number;
  readonly max: number;
  /** What was settled on; null while it is not. */
  readonly settled: number | null;
}
export interface NewSecondMarking {
  /** Id of the member of staff. */
  readonly marker: string;
  readonly size: number;
  readonly tolerance: number;
}
/** What somebody is asked to mark blind. */
export interface BlindHead {
  readonly id: string;
  readonly title: string;
  readonly askedBy: string;
  readonly size: number;
  readonly done: number;
}
/** Answers to be marked blind: no names, no points, no groups. */
export interface BlindMarking extends BlindHead {
  readonly practical: Practical;
  readonly answers: readonly {
    readonly id: string;
    readonly strand: Strand;
    readonly test: string | null;
    readonly attribute: string | null;
    readonly truth: readonly string[];
    readonly answer: string;
    readonly max: number;
    /** The marker's own; null while it is not marked. */
    readonly points: number | null;
  }[];
}
