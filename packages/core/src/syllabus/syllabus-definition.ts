/**
 * A syllabus says which ions and tests are in, which words earn, and how strict the reading is.
 * Schools disagree; every disagreement is a setting here and nowhere a branch in code.
 */
import type { ColourTerm } from '../reading/colour-terms.js';
import type { AnionId, CationId, IonId } from '../species/ion.js';
import type { TestId, VariantId } from '../tests/test-definition.js';

export type SyllabusId = 'core' | 'families';
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

export type TestWording = Readonly<Record<string, Readonly<Partial<Record<IonId, Wording>>>>>;

export interface Syllabus {
  readonly id: SyllabusId;
  readonly name: string;
  readonly ages: string;
  readonly cations: readonly CationId[];
  readonly anions: readonly AnionId[];
  readonly tests: readonly {
    readonly test: TestId;
    readonly variant: VariantId;
    readonly attributes: readonly string[];
  }[];
  readonly wording: Readonly<Partial<Record<TestId, TestWording>>>;
  readonly strictness: Strictness;
  readonly carryForward: boolean;
}
