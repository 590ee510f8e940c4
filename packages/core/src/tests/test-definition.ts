/**
 * What an identification test is: what it lets a person see, how it is done, what goes wrong with it.
 * Each test is one data file of this shape; the rules that read them (marking, reasoning, the bench)
 * know no test by name.
 */
import type { SourceId } from '../sources/sources.js';
import type { IonId } from '../species/ion.js';
import type { WellLook } from './well-look.js';

export type TestId = 'flame';
export type VariantId = 'wire' | 'splint' | 'swab';

export interface AttributeValue {
  readonly id: string;
  /** The word a student sees beside the well. */
  readonly label: string;
  readonly look: WellLook;
}

/** One thing a test lets a person see, with the closed list of what it may be. */
export interface Attribute {
  readonly id: string;
  /** Asked of the student, second person. */
  readonly question: string;
  readonly values: readonly AttributeValue[];
  /** Pairs of values that people take for each other by eye, with the chance of it. */
  readonly confusions: readonly { readonly pair: readonly [string, string]; readonly chance: number }[];
  readonly source: SourceId;
}

export interface Caution {
  readonly text: string;
  readonly level: 'care' | 'danger';
  readonly source: SourceId;
}

export interface Step {
  readonly text: string;
  /** Why the step matters, shown on request. */
  readonly why?: string;
  readonly cautions?: readonly Caution[];
  /** Whole seconds to wait before going on. */
  readonly waitSeconds?: number;
  readonly teacherFirst?: boolean;
}

export interface Variant {
  readonly id: VariantId;
  readonly name: string;
  readonly attendedMinutes: number;
  readonly unattendedMinutes: number;
  readonly stations: readonly ('burner' | 'fume-cupboard' | 'hot-water-bath' | 'sink')[];
  readonly steps: readonly Step[];
  /** What the technician must do beforehand, with the lead time in hours. */
  readonly preparations: readonly { readonly task: string; readonly hoursBefore: number }[];
  readonly waste: string;
}

/** What an ion shows: for each attribute, the values that may be seen, likeliest first. */
export interface Outcome {
  readonly ion: IonId;
  readonly shows: Readonly<Record<string, readonly string[]>>;
  readonly source: SourceId;
  readonly unsure?: string;
}

/**
 * A slip as a cause: with this prior it happens, and then the named attributes show these values
 * whatever the sample holds. `explains` says whether a record that needs this slip still counts as
 * free of conflict.
 */
export interface Slip {
  readonly id: string;
  readonly prior: number;
  /** Factor on the prior for single ions: what glows weakly is covered more easily. 1 where absent. */
  readonly factorFor?: Readonly<Partial<Record<IonId, number>>>;
  readonly shows: Readonly<Record<string, readonly string[]>>;
  readonly explains: boolean;
  /** What the student may be told: what happened and what to do, without naming the ion. */
  readonly advice: string;
  readonly source: SourceId;
}

export interface TestDefinition {
  readonly id: TestId;
  readonly name: string;
  readonly attributes: readonly Attribute[];
  readonly variants: readonly Variant[];
  readonly outcomes: readonly Outcome[];
  readonly slips: readonly Slip[];
  /** Chance that a careful person writes some unrelated value all the same. */
  readonly carelessness: number;
}
