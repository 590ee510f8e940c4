/**
 * An unknown to be named at the bench on screen: drawn from a syllabus by a number, which people can pass on ("try 417"),
 * with the tests of that syllabus and everything it might have been.
 */
import type { BottleFault } from '../bench-model/actions.js';
import { sampleOfSpecies, type TrueSample } from '../bench-model/samples.js';
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { ionStrengths, saltFormula } from '../formulas/salt-ions.js';
import { expectationOf } from '../identification-tests/expectation.js';
import type { TestId } from '../identification-tests/test-definition.js';
import { testOf } from '../identification-tests/tests.js';
import { seededRandom } from '../numbers/random.js';
import type { Asked, PlannedTest, Practical } from '../practicals/practical.js';
import { whyNoSalt } from '../species/no-salt.js';
import { standsForNone } from '../species/species.js';
import type { SampleForm } from '../species/sample-form.js';
import { preferredVariant } from '../syllabus/preferred-variant.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';

export interface UnknownExercise {
  readonly seed: number;
  readonly asks: Asked;
  /** Ids of what it holds. */
  readonly ions: readonly string[];
  readonly form: SampleForm;
  readonly sample: TrueSample;
  /** A practical of this one unknown, by which it is logged and marked. */
  readonly practical: Practical;
  /** All it might have been, the truth among them. */
  readonly candidates: readonly (readonly string[])[];
  /** Known samples that stand beside it, to compare with: ids of what each holds. */
  readonly knowns: readonly (readonly string[])[];
}

/** What can be named in a syllabus. */
export function asksOf(syllabus: Syllabus): readonly Asked[] {
  const can: [Asked, boolean][] = [
    ['cation', syllabus.cations.length > 2],
    ['anion', syllabus.anions.length > 2],
    ['salt', syllabus.cations.length > 2 && syllabus.anions.length > 2],
    ['gas', syllabus.gases.filter((g) => g !== 'H2O').length > 2],
  ];
  return can.filter(([, is]) => is).map(([asked]) => asked);
}

/** Strength at which unknowns are set out, mol/dm3. */
const strength_M = 0.1;
const isSolution = (ids: readonly string[]): boolean =>
  whyNoSalt(ids) === undefined && (dissolvesTo(saltFormula(ids), strength_M) ?? 1) > 0.95;
/** A partner that shows nothing of its own where there is one. */
const partners = { anions: ['Cl-', 'NO3-', 'SO4^2-'], cations: ['Na+', 'K+'] } as const;

function candidatesOf(syllabus: Syllabus, asks: Asked): (readonly string[])[] {
  const withPartner = (list: readonly string[], pair: (other: string) => readonly string[]) =>
    list.map(pair).find(isSolution);
  switch (asks) {
    case 'cation':
      return syllabus.cations.flatMap((c) => {
        const salt = withPartner(partners.anions, (a) => [c, a]);
        return salt ? [salt] : [];
      });
    case 'anion':
      return syllabus.anions.flatMap((a) => {
        const salt = withPartner(partners.cations, (c) => [c, a]);
        return salt ? [salt] : [];
      });
    case 'salt':
      return syllabus.cations.flatMap((c) => syllabus.anions.map((a) => [c, a] as const).filter(isSolution));
    case 'gas':
      return syllabus.gases.filter((g) => g !== 'H2O' && !standsForNone(g)).map((g) => [g]);
    case 'metal':
      return syllabus.metals.map((m) => [m]);
  }
}

/** Each ion, gas or metal once; of a salt both its ions, each with a partner that shows nothing of its own. */
function knownsOf(syllabus: Syllabus, asks: Asked): (readonly string[])[] {
  const all =
    asks === 'salt'
      ? (['cation', 'anion'] as const).flatMap((of) => candidatesOf(syllabus, of))
      : candidatesOf(syllabus, asks);
  return [...new Map(all.map((ids) => [ids.join(' '), ids])).values()];
}

const families: Readonly<Record<Asked, readonly string[]>> = {
  cation: ['cation', 'look'],
  anion: ['anion'],
  salt: ['cation', 'anion', 'look'],
  gas: ['gas'],
  metal: ['metal'],
};

/** What is wrong with a bottle of an exercise with a fault: which, and what it does, unseen until one looks back. */
export interface ExerciseFault {
  readonly bottles: Readonly<Record<string, BottleFault>>;
  readonly text: string;
}
const faults: readonly ExerciseFault[] = [
  { bottles: { limewater: { old: true } }, text: 'The limewater was old and stayed clear.' },
  { bottles: { FeSO4: { old: true } }, text: 'The iron(II) sulfate was not fresh.' },
  {
    bottles: { HCl: { holds: 'limewater' }, limewater: { holds: 'HCl' } },
    text: 'Dilute hydrochloric acid and limewater stood in each other’s bottles.',
  },
  { bottles: { HNO3: { holds: 'HCl' } }, text: 'The bottle of nitric acid held hydrochloric acid.' },
  {
    bottles: { NaOH: { traces: { 'Mg2+': 0.02, 'Cl-': 0.04 } } },
    text: 'Magnesium chloride had got into the sodium hydroxide.',
  },
  {
    bottles: { HCl: { traces: { 'Na+': 0.05, 'SO4^2-': 0.025 } } },
    text: 'Sulfate had got into the hydrochloric acid.',
  },
];
/** Bottles that each test is done with, as far as a fault in them shows. */
const spoils: Readonly<Partial<Record<TestId, readonly string[]>>> = {
  'dilute-acid': ['HCl', 'limewater'],
  sulfate: ['HCl'],
  'halide-silver': ['HNO3'],
  naoh: ['NaOH'],
  'nitrate-ring': ['FeSO4'],
  limewater: ['limewater'],
};

/** A fault that can show in the tests of an exercise, by its number; none where no test would show one. */
export function faultOf({ practical, seed }: UnknownExercise): ExerciseFault | undefined {
  const used = new Set(practical.tests.flatMap((t) => spoils[t.test] ?? []));
  const fits = faults.filter((f) => Object.keys(f.bottles).every((b) => used.has(b)));
  return fits[Math.floor(seededRandom(Math.imul(seed + 7, 0x9e3779b1))() * fits.length)];
}

/** The tests of a syllabus that say something of what is asked, in the form it stands there. */
function testsFor(
  syllabus: Syllabus,
  asks: Asked,
  candidates: readonly (readonly string[])[],
  form: SampleForm,
): PlannedTest[] {
  return syllabus.tests.flatMap(({ test, attributes }): PlannedTest[] => {
    const definition = testOf(test);
    if (!families[asks].includes(definition.family) || !definition.forms.includes(form)) return [];
    const told = attributes.filter((a) => {
      const shown = new Set(candidates.map((c) => expectationOf(test, c, { form })[a]?.join()));
      return shown.size > 1;
    });
    return told.length ? [{ test, variant: preferredVariant(syllabus, test).id, attributes }] : [];
  });
}

/**
 * The unknown of a number.
 * @throws RangeError where the syllabus has nothing of the kind to name.
 */
export function unknownExercise(syllabus: Syllabus, asks: Asked, seed: number): UnknownExercise {
  const candidates = candidatesOf(syllabus, asks);
  if (candidates.length < 2) throw new RangeError(`the syllabus ${syllabus.name} has no ${asks} to be named`);
  // Neighbouring numbers are far apart to the generator, so that 1, 2, 3 are not three of a kind.
  const random = seededRandom(Math.imul(seed, 0x9e3779b1));
  const ions = candidates[Math.floor(random() * candidates.length)]!;
  const form: SampleForm = asks === 'gas' ? 'gas' : 'solution';
  return exerciseOf(syllabus, asks, ions, form, candidates, seed);
}

/** What else may be said of an unknown of one's own making. */
export interface OwnMade {
  /** A solid in lumps, which acid works on slowly. */
  readonly lumps?: boolean;
  /** mol/dm3 of the salt. */
  readonly molarity?: number;
  /** A cation whose chloride got into it, a hundredth as strong. */
  readonly traceOf?: string;
}

/** An unknown of one's own making as an exercise; what it might have been is what the syllabus has, and itself. */
export function ownExercise(
  syllabus: Syllabus,
  asks: Asked,
  ions: readonly string[],
  form: SampleForm = 'solution',
  { molarity, traceOf, lumps }: OwnMade = {},
): UnknownExercise {
  const others = candidatesOf(syllabus, asks).filter((c) => c.join() !== ions.join());
  const made = exerciseOf(syllabus, asks, ions, form, [ions, ...others], 0);
  if (form === 'solid' && lumps) return { ...made, sample: sampleOfSpecies(ions, 'lumps', 1) };
  if (form !== 'solution' || (molarity === undefined && traceOf === undefined)) return made;
  const strength = molarity ?? strength_M;
  const amounts: Record<string, number> = { ...ionStrengths(ions, strength) };
  if (traceOf)
    for (const [ion, n] of Object.entries(ionStrengths([traceOf, 'Cl-'], strength / 100)))
      amounts[ion] = (amounts[ion] ?? 0) + n;
  return { ...made, sample: { kind: 'ions', ions: amounts, form: 'solution' } };
}

function exerciseOf(
  syllabus: Syllabus,
  asks: Asked,
  ions: readonly string[],
  form: SampleForm,
  candidates: readonly (readonly string[])[],
  seed: number,
): UnknownExercise {
  return {
    seed,
    asks,
    ions,
    form,
    sample: sampleOfSpecies(ions, form === 'solid' ? 'solid' : 'solution', form === 'solid' ? 1 : strength_M),
    candidates,
    knowns: knownsOf(syllabus, asks),
    practical: {
      format: 'kivex-practical',
      formatVersion: 6,
      title: `Unknown ${seed}`,
      summary: 'On screen: test it, log what you see, and name it.',
      syllabus: syllabus.id,
      ...(syllabus.id in shipped ? {} : { ownSyllabus: syllabus }),
      minutes: 60,
      setUp: 0,
      clearUp: 0,
      asks,
      samples: [
        {
          key: 'unknown',
          role: 'unknown',
          ions,
          form,
          difficulty: 3,
          ...(form === 'solution' ? { molarity: strength_M } : {}),
        },
      ],
      tests: testsFor(syllabus, asks, candidates, form),
      before: [],
      unknownsPerGroup: 1,
    },
  };
}
const shipped: Readonly<Record<string, true>> = {
  gases: true,
  core: true,
  extended: true,
  families: true,
  senior: true,
};
