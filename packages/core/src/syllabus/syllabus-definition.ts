/**
 * A syllabus says which ions and tests are in, which words earn, and how strict the reading is.
 * Schools disagree; every disagreement is a setting here and nowhere a branch in code.
 */
import type { ColourTerm } from '../reading/colour-terms.js';
import type { AnionId, CationId, IonId } from '../species/ion.js';
import type { GasId, MetalId } from '../species/substance.js';
import type { OwnAnswer } from './own-answers.js';
import type { OwnWord } from './own-words.js';
import type { SyllabusSettings } from './settings.js';
import type { ReadingKind, TestId, VariantId } from '../identification-tests/test-definition.js';

export type SyllabusId = 'gases' | 'core' | 'extended' | 'families' | 'senior';
export const strictnesses = ['strict', 'standard', 'generous'] as const;
export type Strictness = (typeof strictnesses)[number];

/**
 * The words that earn for one ion and one attribute. Each level holds what it adds to the stricter
 * one; `borderline` words go to a person below `generous`.
 */
export interface Wording {
  readonly strict: readonly ColourTerm[];
  readonly standard?: readonly ColourTerm[];
  readonly generous?: readonly ColourTerm[];
  readonly borderline?: readonly ColourTerm[];
}

/** The same for values rather than ions; terms are colours or, where a test shows none, values of its own. */
export interface ValueWording {
  readonly strict: readonly ColourTerm[];
  readonly standard?: readonly ColourTerm[];
  readonly generous?: readonly ColourTerm[];
  readonly borderline?: readonly ColourTerm[];
}

export type ValueWordings = Readonly<Partial<Record<ReadingKind, Readonly<Record<string, ValueWording>>>>>;

export type TestWording = Readonly<Record<string, Readonly<Partial<Record<IonId, Wording>>>>>;

export interface Syllabus {
  readonly format: 'kivex-syllabus';
  readonly formatVersion: 2;
  /** One of the shipped ids, or the id of a school's own. */
  readonly id: string;
  readonly name: string;
  readonly ages: string;
  readonly cations: readonly CationId[];
  readonly anions: readonly AnionId[];
  readonly gases: readonly GasId[];
  readonly metals: readonly MetalId[];
  readonly tests: readonly {
    readonly test: TestId;
    readonly variant: VariantId;
    readonly attributes: readonly string[];
  }[];
  readonly wording: Readonly<Partial<Record<TestId, TestWording>>>;
  /** Words that earn for the values of everything but flames, by kind of attribute. */
  readonly values: ValueWordings;
  /** Words of the school's own, each read as a colour of Kivex's. */
  readonly ownWords?: readonly OwnWord[];
  /** Answers of the school's own to gas tests and to why a step is done. */
  readonly ownAnswers?: readonly OwnAnswer[];
  readonly strictness: Strictness;
  readonly carryForward: boolean;
  readonly settings: SyllabusSettings;
}
