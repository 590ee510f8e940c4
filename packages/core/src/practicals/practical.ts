/**
 * A practical: what a class does, as a versioned document. Lessons keep the version they were made
 * from, so that editing a practical never changes a lesson already run. A practical of a school's own
 * syllabus carries that syllabus whole, for the same reason.
 */
import type { MarkScheme } from '../schemes/mark-scheme.js';
import { saltName } from '../species/species.js';
import type { Syllabus, SyllabusId } from '../syllabus/syllabus-definition.js';
import { syllabusOf } from '../syllabus/syllabuses.js';
import type { TestId, VariantId } from '../identification-tests/test-definition.js';
import type { SampleForm } from '../species/sample-form.js';

/** What students are asked to name. */
export const asked = ['cation', 'anion', 'salt', 'gas', 'metal'] as const;
export type Asked = (typeof asked)[number];

/** `kept`: the liquid that an earlier test of the practical leaves of another sample; nobody makes it up beforehand. */
export const sampleRoles = ['known', 'unknown', 'kept'] as const;
export type SampleRole = (typeof sampleRoles)[number];

export interface PracticalSample {
  /** Stable within the practical. */
  readonly key: string;
  readonly role: SampleRole;
  /** Of a kept liquid: the sample it comes from, by key, the test that leaves it, and whether that sample is a known. */
  readonly from?: { readonly sample: string; readonly test: TestId; readonly known?: true };
  /** Ids of what it holds; empty for a blank, which is deionised water. */
  readonly ions: readonly string[];
  readonly form: SampleForm;
  /** Strength of a solution, mol/dm3 of the salt. */
  readonly molarity?: number;
  /** How hard to name, 1 (easy) to 5; spreads the work evenly. */
  readonly difficulty: number;
  /** An everyday name ("chalk"), for a known. */
  readonly alias?: string;
  /** Samples of one set look alike: one salt under several everyday names, or powders not to be told by eye. */
  readonly set?: string;
}

export interface StepControl {
  /** Place of the step in the variant's method, from 0. */
  readonly step: number;
  readonly only: 'teacher' | 'fume-cupboard';
}

export interface PlannedTest {
  readonly test: TestId;
  readonly variant: VariantId;
  readonly attributes: readonly string[];
  /** Attended minutes for one sample, where the teacher knows better than the data. */
  readonly minutes?: number;
  /** Unknowns alone, or knowns as well (the default). */
  readonly on?: 'all' | 'unknowns';
  /** Run by the teacher for all to see: takes no time at the benches' stations. */
  readonly ledBy?: 'students' | 'teacher';
  /** Strengths other than the bench's, mol/dm3 by reagent id. */
  readonly strengths?: Readonly<Record<string, number>>;
  /** The liquid of some sample is kept for later tests. */
  readonly keeps?: true;
  /** Steps set "teacher only" or "fume cupboard only" beyond what the method itself says. */
  readonly controls?: readonly StepControl[];
  /** How results are logged: by tapping (the default), in own words that Kivex reads, or in words before the wells are shown. */
  readonly recorded?: 'words' | 'words-then-tap';
  /** An equation of each unknown is asked for, in this form. */
  readonly equation?: EquationForm;
  /** How it is done is signed off, and marked. */
  readonly technique?: true;
}
export const equationForms = ['word', 'symbol', 'ionic'] as const;
export type EquationForm = (typeof equationForms)[number];

export interface Practical {
  readonly format: 'kivex-practical';
  readonly formatVersion: 6;
  readonly title: string;
  readonly summary: string;
  /** Id of a syllabus that ships, or of the school's own, which `ownSyllabus` then holds. */
  readonly syllabus: string;
  readonly ownSyllabus?: Syllabus;
  /** Minutes of the whole lesson, and what of it goes to setting up and clearing up. */
  readonly minutes: number;
  readonly setUp: number;
  readonly clearUp: number;
  readonly asks: Asked;
  readonly samples: readonly PracticalSample[];
  readonly tests: readonly PlannedTest[];
  /** Pairs of test ids: the first is done before the second begins. */
  readonly before: readonly (readonly [TestId, TestId])[];
  /** Unknowns each group gets. */
  readonly unknownsPerGroup: number;
  /** The bench does not tell what to repeat or change after a result. */
  readonly advice?: 'hidden';
  /** The bench says at once whether an equation balances. */
  readonly balance?: 'checked';
  /** What points count and how much, in lessons to come; the one usual for the syllabus where there is none. */
  readonly scheme?: MarkScheme;
}

/** The syllabus a practical is marked by: its own, else the one that ships. @throws RangeError when there is neither. */
export const syllabusFor = ({
  syllabus,
  ownSyllabus,
}: Pick<Practical, 'syllabus' | 'ownSyllabus'>): Syllabus => ownSyllabus ?? syllabusOf(syllabus);

export const isBlank = ({ ions }: Pick<PracticalSample, 'ions'>): boolean => ions.length === 0;

/** What a sample holds, in words. */
export const holdsOf = (sample: Pick<PracticalSample, 'ions'>): string =>
  isBlank(sample) ? 'deionised water (blank)' : saltName(sample.ions);

/** What a kept liquid is called, from what its source is called. */
export const keptLabel = (source: string): string => `Liquid from ${source}`;

/** What stands on a known's bottle. */
export const knownLabel = (sample: Pick<PracticalSample, 'ions' | 'alias'>): string =>
  isBlank(sample)
    ? 'Blank: deionised water'
    : sample.alias
      ? `${sample.alias} (${saltName(sample.ions)})`
      : saltName(sample.ions);

export const unknownsOf = ({ samples }: Pick<Practical, 'samples'>): readonly PracticalSample[] =>
  samples.filter((s) => s.role === 'unknown');
export const knownsOf = ({ samples }: Pick<Practical, 'samples'>): readonly PracticalSample[] =>
  samples.filter((s) => s.role === 'known');
export const keptOf = ({ samples }: Pick<Practical, 'samples'>): readonly PracticalSample[] =>
  samples.filter((s) => s.role === 'kept');

/** Usual strength of a sample in solution, mol/dm3. */
export const usualSample_M = 0.1;
export const molarityOf = ({ form, molarity }: PracticalSample): number | null =>
  form === 'solution' ? (molarity ?? usualSample_M) : null;

/** An empty practical to begin from. */
export const emptyPractical = (syllabus: SyllabusId = 'core'): Practical => ({
  format: 'kivex-practical',
  formatVersion: 6,
  title: '',
  summary: '',
  syllabus,
  minutes: 50,
  setUp: 5,
  clearUp: 10,
  asks: syllabus === 'gases' ? 'gas' : 'cation',
  samples: [],
  tests: [],
  before: [],
  unknownsPerGroup: 2,
});
