/** Lessons as staff see them. */
import type { Practical, RotaPin, RotaSlot, SampleRole, StationPlaces } from '@kivex/core';
import type { StudentName } from './people.js';

export const lessonStates = ['planned', 'running', 'marking', 'released'] as const;
export type LessonState = (typeof lessonStates)[number];

export interface LessonHead {
  readonly id: string;
  readonly title: string;
  readonly className: string;
  readonly teacher: string;
  readonly room: string;
  /** ISO 8601. */
  readonly startsAt: string;
  readonly state: LessonState;
  readonly joinCode: string;
  readonly groups: number;
  readonly students: number;
}
export interface LessonSample {
  readonly id: string;
  /** Key in the practical. */
  readonly key: string;
  readonly role: SampleRole;
  /** Of a kept liquid: id of the sample it comes from. */
  readonly from?: string;
  /** What is written on it: the salt's name for a known, `Jar 417` for an unknown. */
  readonly label: string;
  /** What it truly holds; staff only. */
  readonly ions: readonly string[];
  readonly holds: string;
  readonly difficulty: number;
}
export interface LessonGroup {
  readonly id: string;
  readonly name: string;
  readonly bench: readonly [number, number];
  readonly students: readonly StudentName[];
  /** Ids of the unknowns it was given. */
  readonly unknowns: readonly string[];
}
/** How the lesson is planned to go: the room's places, the rota, what was set by hand. */
/** The teacher's part of a lesson's planning. */
export interface RotaPlanning {
  readonly places: StationPlaces;
  /** Slots set by hand. */
  readonly pins: readonly RotaPin[];
  /** The rota that was kept, or null while none is. */
  readonly schedule: readonly RotaSlot[] | null;
}
/** The technician's part. */
export interface PrepPlanning {
  readonly surplus: number;
  readonly drop_mL: number;
  readonly plate: string;
  /** Wells left empty. */
  readonly skip: readonly string[];
}
export const planningParts = ['rota', 'preparation'] as const;
export type PlanningPart = (typeof planningParts)[number];
export interface LessonPlanning extends RotaPlanning, PrepPlanning {
  /** How often each part was saved: who saves says from which they began. */
  readonly versions: Readonly<Record<PlanningPart, number>>;
}
export interface Lesson extends LessonHead {
  readonly classId: string;
  readonly practical: Practical;
  readonly practicalId: string;
  /** Where it is in a room of the school's. */
  readonly roomId: string | null;
  readonly practicalVersion: number;
  readonly planning: LessonPlanning;
  readonly samples: readonly LessonSample[];
  readonly groupList: readonly LessonGroup[];
  /** Students of the class who sit in no group. */
  readonly unseated: readonly StudentName[];
  readonly startedAt: string | null;
  readonly endedAt: string | null;
  readonly releasedAt: string | null;
  /** Have marks been given out before? Then nothing more is logged. */
  readonly releasedBefore: boolean;
  /** Causes of the class diagnosis that a teacher has waved away; they stay away. */
  readonly dismissedCauses: readonly string[];
}
