/** What lessons tell, of one lesson and of a school's. */
import type {
  AgreedLesson,
  ItemAnalysis,
  LessonOutcome,
  Naming,
  Strand,
  StrandResult,
  TestTime,
  ToTeach,
} from '@kivex/core';

/** Minutes a test was planned to take a group, and took. */
export interface TimeOfTest extends TestTime {
  /** By the practical: attended and waited for, over the samples a group does it on. */
  readonly planned: number;
}
export interface LessonReview {
  /** Students whose marks are counted, and who were away. */
  readonly students: number;
  readonly absent: number;
  /** Answers that still want a person, and are not counted until then. */
  readonly open: number;
  readonly items: readonly ItemAnalysis[];
  readonly strands: readonly StrandResult[];
  readonly namings: readonly Naming[];
  readonly times: readonly TimeOfTest[];
  readonly teach: readonly ToTeach[];
  /** What happened, in the measures a rehearsal foretells. */
  readonly outcome: LessonOutcome;
  /** The rate of slips that a teacher agreed this lesson shows; null where nobody did. */
  readonly agreed: AgreedLesson | null;
}
/** What rehearsals of a school begin with, from the lessons it agreed on. */
export interface SchoolSlips extends Omit<AgreedLesson, 'pace'> {
  readonly lessons: number;
  /** Minutes of a group, in times what the practical says; 1 where nothing is known. */
  readonly pace: number;
  /** Groups the pace rests on. */
  readonly groups: number;
  /** First runs on screen that count for the rate beside the lessons. */
  readonly runs: number;
}

/** One answer that has different marks in the school, and where which. */
export interface SchoolUnlike {
  readonly answer: string;
  readonly strand: Strand;
  readonly test: string | null;
  readonly attribute: string | null;
  readonly truth: readonly string[];
  readonly max: number;
  readonly given: readonly {
    readonly points: number;
    readonly lessons: readonly {
      readonly id: string;
      readonly title: string;
      readonly class: string;
      readonly at: string;
      readonly marks: number;
      /** Decisions that made it so; none where it stands as computed. */
      readonly decided: readonly { readonly by: string; readonly reason: string }[];
    }[];
  }[];
}

/** Which lessons are looked at together; each part may be left out. */
export interface ReviewFilter {
  readonly class?: string;
  readonly teacher?: string;
  readonly practical?: string;
  /** Days, both counted in. */
  readonly from?: string;
  readonly to?: string;
}
/** Lessons of one kind: of a class, a teacher, a version of a practical. */
export interface ReviewedPart {
  readonly id: string;
  readonly name: string;
  readonly lessons: number;
  /** Reports marked. */
  readonly reports: number;
  /** Share of weighted points that were earned. */
  readonly share: number;
}
export interface SchoolReview {
  readonly lessons: number;
  readonly reports: number;
  readonly open: number;
  readonly classes: readonly ReviewedPart[];
  readonly teachers: readonly ReviewedPart[];
  /** By practical and version. */
  readonly practicals: readonly (ReviewedPart & { readonly practical: string; readonly version: number })[];
  readonly strands: readonly { readonly strand: StrandResult['strand']; readonly share: number }[];
  readonly items: readonly ItemAnalysis[];
  readonly teach: readonly ToTeach[];
  /** What may be chosen: all there is in the school. */
  readonly choices: {
    readonly classes: readonly { readonly id: string; readonly name: string }[];
    readonly teachers: readonly { readonly id: string; readonly name: string }[];
    readonly practicals: readonly { readonly id: string; readonly name: string }[];
  };
}
