/** What is sent when a lesson is made, joined and planned. */
import type { PrepPlanning, RotaPlanning } from './lessons.js';

/** Where a group's bench stands. */
export interface GroupPlace {
  readonly row: number;
  readonly column: number;
}
export interface NewLesson {
  /** Ids. */
  readonly practical: string;
  readonly class: string;
  /** ISO 8601. */
  readonly startsAt: string;
  readonly room: string;
  readonly groups: readonly (GroupPlace & { readonly students: readonly string[] })[];
}
/** While a lesson is on a name is chosen; once it has ended, typed. */
export interface JoinLesson {
  readonly code: string;
  readonly student?: string;
  readonly name?: string;
  readonly pin: string;
}
/** What staff say to benches. */
export interface NewNotice {
  readonly level: 'hint' | 'stop';
  readonly text: string;
  /** Ids of groups; all where it is left out. */
  readonly groups?: readonly string[];
}
/** Of a step, by its place in the method, or of the technique of a whole test. */
export interface NewSignOff {
  /** Ids of groups. */
  readonly groups: readonly string[];
  readonly test: string;
  readonly step?: number;
  readonly good: boolean;
  /** The call that asked for it. */
  readonly call?: string;
}
interface From {
  /** The version of this part that the change began from. */
  readonly from: number;
}
export type SavedRotaPlanning = RotaPlanning & From;
export type SavedPrepPlanning = PrepPlanning & From;
/** By group id: ids of samples. */
export type DealtByHand = Readonly<Record<string, readonly string[]>>;
