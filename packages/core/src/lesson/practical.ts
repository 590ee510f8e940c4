/**
 * A practical: what a class does, as a versioned document. Lessons keep the version they were made
 * from, so that editing a practical never changes a lesson already run.
 */
import type { SyllabusId } from '../syllabus/syllabus-definition.js';
import type { TestId, VariantId } from '../tests/test-definition.js';

export interface PracticalSample {
  /** Stable within the practical. */
  readonly key: string;
  readonly role: 'known' | 'unknown';
  /** Ion ids. */
  readonly ions: readonly string[];
  readonly form: 'solid' | 'solution';
  /** How hard to name, 1 (easy) to 5; spreads the work evenly. */
  readonly difficulty: number;
}

export interface Practical {
  readonly format: 'kivex-practical';
  readonly formatVersion: 1;
  readonly title: string;
  readonly summary: string;
  readonly syllabus: SyllabusId;
  readonly minutes: number;
  readonly samples: readonly PracticalSample[];
  readonly tests: readonly {
    readonly test: TestId;
    readonly variant: VariantId;
    readonly attributes: readonly string[];
  }[];
  /** Unknowns each group gets. */
  readonly unknownsPerGroup: number;
}

/** The practical that ships: five labelled salts, six unlabelled jars, by flame alone. */
export const flameColoursOfUnlabelledJars: Practical = {
  format: 'kivex-practical',
  formatVersion: 1,
  title: 'Flame colours of unlabelled jars',
  summary: 'Learn five flame colours from labelled salts, then name two jars that lost their labels.',
  syllabus: 'core',
  minutes: 50,
  samples: [
    { key: 'known-lithium', role: 'known', ions: ['Li+', 'Cl-'], form: 'solid', difficulty: 1 },
    { key: 'known-sodium', role: 'known', ions: ['Na+', 'Cl-'], form: 'solid', difficulty: 1 },
    { key: 'known-potassium', role: 'known', ions: ['K+', 'Cl-'], form: 'solid', difficulty: 1 },
    { key: 'known-calcium', role: 'known', ions: ['Ca2+', 'Cl-'], form: 'solid', difficulty: 1 },
    { key: 'known-copper', role: 'known', ions: ['Cu2+', 'SO4^2-'], form: 'solid', difficulty: 1 },
    { key: 'jar-a', role: 'unknown', ions: ['Li+', 'CO3^2-'], form: 'solid', difficulty: 3 },
    { key: 'jar-b', role: 'unknown', ions: ['Na+', 'SO4^2-'], form: 'solid', difficulty: 1 },
    { key: 'jar-c', role: 'unknown', ions: ['K+', 'SO4^2-'], form: 'solid', difficulty: 4 },
    { key: 'jar-d', role: 'unknown', ions: ['Ca2+', 'CO3^2-'], form: 'solid', difficulty: 3 },
    { key: 'jar-e', role: 'unknown', ions: ['Cu2+', 'CO3^2-'], form: 'solid', difficulty: 2 },
    { key: 'jar-f', role: 'unknown', ions: ['K+', 'Cl-'], form: 'solid', difficulty: 4 },
  ],
  tests: [{ test: 'flame', variant: 'wire', attributes: ['colour', 'throughBlueGlass'] }],
  unknownsPerGroup: 2,
};

const byVariant = (variant: VariantId, title: string): Practical => ({
  ...flameColoursOfUnlabelledJars,
  title,
  tests: flameColoursOfUnlabelledJars.tests.map((test) => ({ ...test, variant })),
});

/** The practicals that ship: one for each way of doing the test, since schools differ in it. */
export const shippedPracticals: readonly Practical[] = [
  flameColoursOfUnlabelledJars,
  byVariant('splint', 'Flame colours of unlabelled jars, by soaked splint'),
  byVariant('swab', 'Flame colours of unlabelled jars, by wet swab'),
];
