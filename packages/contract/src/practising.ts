/** What crosses the wire of practising: one question to the whole class, and work on screen set for a lesson. */
import type { Action, Asked, Reason, ScreenRate, Strictness, Syllabus } from '@kivex/core';
import type { SentEntry } from './bench.js';

export interface NewClassQuestion {
  /** Id of a syllabus that ships, or of the school's own. */
  readonly syllabus: string;
  /** Id of the card of that syllabus's deck. */
  readonly card: string;
  readonly strictness?: Strictness;
}
/** Answers that say the same, with what the reader makes of them; nobody is named, for nobody is known. */
export interface LikeClassAnswers {
  readonly words: readonly { readonly text: string; readonly n: number }[];
  readonly n: number;
  readonly points: number;
  readonly max: number;
  readonly verdict: 'credit' | 'partial' | 'none' | 'review';
  readonly why: readonly Reason[];
}
export interface ClassRound {
  readonly round: number;
  readonly answers: number;
  readonly right: number;
  readonly partly: number;
  readonly wrong: number;
  readonly unsure: number;
}
export interface ClassQuestion {
  readonly id: string;
  /** Six digits that devices answer by. */
  readonly code: string;
  readonly ask: string;
  readonly model: string;
  readonly at: string;
  readonly open: boolean;
  /** From 1; asked again is the next. */
  readonly round: number;
  readonly groups: readonly LikeClassAnswers[];
  readonly rounds: readonly ClassRound[];
}
/** A set of questions to be given to a class, its answers to be gathered. */
export interface NewQuestionSet {
  readonly name: string;
  /** Id of a syllabus that ships, or of the school's own. */
  readonly syllabus: string;
  /** Ids of cards of that syllabus's deck, in the order they are asked. */
  readonly cards: readonly string[];
  readonly strictness?: Strictness;
}
/** What a device with the code of a set practises. */
export interface GivenSet {
  readonly name: string;
  readonly syllabus: Syllabus;
  /** Ids of cards of the syllabus's deck. */
  readonly cards: readonly string[];
  readonly strictness: Strictness | null;
  /** Are answers still gathered? */
  readonly open: boolean;
}
export interface SetAnswer {
  readonly card: string;
  readonly answer: string;
}
export interface QuestionSetHead {
  readonly id: string;
  /** Six digits that devices find it by. */
  readonly code: string;
  readonly name: string;
  readonly at: string;
  readonly open: boolean;
  readonly questions: number;
  /** How many have answered something. */
  readonly devices: number;
}
/** What came back to one question of a set. */
export interface GatheredQuestion {
  readonly card: string;
  readonly ask: string;
  readonly model: string;
  /** Each device's first answer. */
  readonly first: ClassRound;
  /** Each device's newest. */
  readonly last: ClassRound;
  /** The newest answers. */
  readonly groups: readonly LikeClassAnswers[];
}
export interface GatheredSet extends QuestionSetHead {
  /** Its name. */
  readonly syllabus: string;
  readonly gathered: readonly GatheredQuestion[];
}
/** What a class knew of a fact: of the newest time it was asked, alone or in a set, what was answered first and last. */
export interface FactKnown {
  readonly fact: string;
  readonly ask: string;
  readonly test: string | null;
  /** Ion, gas or metal it is about. */
  readonly species: string | null;
  readonly at: string;
  readonly first: ClassRound;
  /** The same as the first where it was asked once. */
  readonly last: ClassRound;
}
export interface ClassQuestionHead {
  readonly id: string;
  readonly ask: string;
  readonly at: string;
  readonly open: boolean;
}
/** What a device is told: the question; once it is closed, its own answer's marks and the model answer. */
export interface AskedQuestion {
  readonly ask: string;
  readonly open: boolean;
  readonly round: number;
  readonly answer: string | null;
  readonly told: {
    readonly points: number;
    readonly max: number;
    readonly why: readonly Reason[];
    readonly model: string;
  } | null;
}

/** `pre-lab`: passed before the bench opens. `catch-up`: for who missed the lesson. `homework`: by a day. */
export const screenWorkKinds = ['pre-lab', 'catch-up', 'homework'] as const;
export type ScreenWorkKind = (typeof screenWorkKinds)[number];
export interface NewScreenWork {
  readonly kind: ScreenWorkKind;
  readonly asks: Asked;
  readonly seed: number;
  /** A day, `2026-01-31`; of homework. */
  readonly due?: string;
}
export interface ScreenWork extends NewScreenWork {
  readonly syllabus: string;
}
export interface ScreenWorkResult {
  readonly student: { readonly id: string; readonly name: string };
  readonly state: 'none' | 'tried' | 'passed' | 'waived';
  readonly points: number;
  readonly max: number;
  readonly tries: number;
  /** Slips of the best run, by code. */
  readonly slips: readonly string[];
  readonly at: string | null;
  /** Homework whose best run came after its day. */
  readonly late: boolean;
}
/** What the runs of a class showed of its slips when a teacher took it into the school's rate. */
export type AgreedScreen = Pick<ScreenRate, 'factor' | 'runs'>;
export interface ScreenWorkTable {
  readonly work: ScreenWork | null;
  readonly results: readonly ScreenWorkResult[];
  /** How often each slip was made over all runs, in runs. */
  readonly slips: readonly { readonly code: string; readonly runs: number; readonly of: number }[];
  /** What the first runs show beside what is usual; null where there is nothing to tell it from. */
  readonly rate: ScreenRate | null;
  readonly agreed: AgreedScreen | null;
}
/** The best run of a student, to be played again. */
export interface StudentRun {
  readonly student: { readonly id: string; readonly name: string };
  readonly passed: boolean;
  readonly actions: readonly Action[];
}
/** What a student has to do on screen, and how it stands. */
export interface OwnScreenWork {
  readonly work: ScreenWork | null;
  /** Whole, where it is the school's own; of one that ships the device has its own. */
  readonly ownSyllabus: Syllabus | null;
  readonly state: ScreenWorkResult['state'];
  /** Must it be passed before the bench opens? */
  readonly first: boolean;
}
/** A run as it was made: the server plays it again and marks it itself. */
export interface ScreenRun {
  readonly actions: readonly Action[];
  readonly entries: readonly SentEntry[];
}
export interface ScreenRunMarked {
  readonly passed: boolean;
  readonly points: number;
  readonly max: number;
}
