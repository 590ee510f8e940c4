/** The bench as students see it: nothing here says what an unknown holds. */
import type { Asked, LessonEvent, OwnSlot, PlannedTest, SampleRole, Strand, ToTeach } from '@kivex/core';
import type { LessonState } from './lessons.js';
import type { StudentName } from './people.js';

/** A lesson event with its place in the log. */
export interface WireEvent extends LessonEvent {
  readonly seq: number;
}
/** What a lesson code tells before anybody has joined: while the lesson is on, who may join; after its end, no names. */
export interface JoinNames {
  readonly lesson: string;
  readonly title: string;
  /** False once the lesson has ended: whoever comes back types their name. */
  readonly open: boolean;
  readonly names: readonly StudentName[];
}
export interface BenchSample {
  readonly id: string;
  readonly role: SampleRole;
  /** Of a kept liquid: id of the sample it comes from, and of the test that leaves it. */
  readonly from?: { readonly sample: string; readonly test: string };
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
    /** ISO 8601; null before it has begun. */
    readonly startedAt: string | null;
  };
  /** The server's clock as it answered: a device whose own is wrong puts the moments right by it. */
  readonly now: string;
  /** The group's own slots of the rota that was kept; none where none was. */
  readonly plan: readonly OwnSlot[];
  readonly group: { readonly id: string; readonly name: string; readonly students: readonly StudentName[] };
  readonly samples: readonly BenchSample[];
  readonly tests: readonly PlannedTest[];
  /** What is to be named, and the ids to choose from: one list, or two for a salt. */
  readonly asks: Asked;
  readonly choices: readonly (readonly string[])[];
  readonly events: readonly WireEvent[];
  /** The group's entries that came after the end, or were handed over, and wait for the teacher's word. */
  readonly held: readonly LessonEvent[];
  /** Ids of those of the group who have joined at this device. */
  readonly here: readonly string[];
  /** Others have written at this device since: one's own answers are not among the events until the PIN is typed. */
  readonly locked: boolean;
  /** Does the bench say what to repeat or change? */
  readonly advice: boolean;
  /** Does it say whether an equation balances? */
  readonly balance: boolean;
  /** Have this student's marks been given out? */
  readonly marksOut: boolean;
}
/** An entry as a device sends it. */
export interface SentEntry {
  readonly id: string;
  /** By the device's clock; the one form of `readMoment`. */
  readonly at: string;
  readonly body: LessonEvent['body'];
}
/** Entries with whose they are: a server takes them only from that student at that bench. */
export interface EntryBatch {
  readonly lesson: string;
  readonly group: string;
  readonly student: string;
  /** The device's clock when it sent, so that a wrong clock can be told. */
  readonly sent: string;
  readonly events: readonly SentEntry[];
}
/** Ids a device has had acknowledged and still keeps, to be asked whether the server still has them. */
export interface KeptIds {
  readonly lesson: string;
  readonly student: string;
  readonly ids: readonly string[];
}
export interface EventsReceipt {
  /** Ids now safely in the log, whether sent for the first time or again. */
  readonly accepted: readonly string[];
  /** Their places in the log, in the same order. */
  readonly places: readonly number[];
  /** Ids safely kept apart, waiting for the teacher's word. */
  readonly held: readonly string[];
  readonly refused: readonly { readonly id: string; readonly detail: string }[];
}
export interface FeedbackItem {
  readonly key: string;
  readonly strand: Strand;
  readonly sample: string;
  /** Null for a name, and for the order of tests. */
  readonly test: string | null;
  readonly attribute: string | null;
  readonly answer: string;
  /** As weighed by the mark scheme: 0 of 0 is not counted. */
  readonly points: number;
  readonly max: number;
  readonly why: readonly string[];
}
/** A student's question about a mark, and what was answered. */
export interface OwnQuestion {
  readonly id: string;
  /** Of the item. */
  readonly key: string;
  readonly text: string;
  readonly at: string;
  readonly answer: string | null;
  readonly answeredBy: string | null;
}
export interface Feedback {
  readonly me: StudentName;
  readonly title: string;
  readonly released: boolean;
  /** Handed in after the end. */
  readonly late: boolean;
  /** Made up on the bench on screen. */
  readonly onScreen: boolean;
  readonly points: number;
  readonly max: number;
  /** What stands in the gradebook instead, where the teacher agreed to it. */
  readonly agreed: number | null;
  readonly items: readonly FeedbackItem[];
  /** What would bring this student most, with questions to practise; null where nothing was lost. */
  readonly next: ToTeach | null;
  /** Id of the syllabus to practise by; null for a school's own, and before release. */
  readonly syllabus: string | null;
  /** Asked of the teacher about single items, oldest first. */
  readonly questions: readonly OwnQuestion[];
  /** What the unknowns held; only after release. */
  readonly truths: readonly { readonly sample: string; readonly label: string; readonly holds: string }[];
}
