/**
 * The method of a planned test as this practical does it: the steps of what it records, with the cautions of the
 * strengths set, and who does each and where. Bench, risk sheet, needs and rota all read it here; kept apart from what is
 * heavy (`controls.ts`, `evidence.ts`), for every bench loads it.
 */
import { saysSomething, type HazardBand, type HazardLevel } from '../hazards/hazard-band.js';
import { hazardAt, reagentOf, type ReagentId } from '../hazards/reagents.js';
import type { Station, Step, Variant } from '../identification-tests/test-definition.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import type { PlannedTest, StepControl } from './practical.js';

export interface StepUse {
  readonly reagent: ReagentId;
  readonly name: string;
  /** mol/dm3 as set; null where it is no plain solution. */
  readonly molarity: number | null;
  readonly drops?: number;
  readonly volume_mL?: number;
  readonly until?: 'no-more-gas';
  readonly hazard: HazardBand;
}
export interface StepCaution {
  /** The reagent it is about, with its strength; absent where it is about the step. */
  readonly of?: string;
  readonly text: string;
  readonly level: HazardLevel;
}
export interface MethodStep {
  /** Place in the variant's whole method, from 0. */
  readonly index: number;
  readonly text: string;
  readonly why?: string;
  readonly waitSeconds?: number;
  readonly uses: readonly StepUse[];
  /** Of the reagents at the strengths set, then of the step itself; nothing said twice. */
  readonly cautions: readonly StepCaution[];
  readonly teacherOnly: boolean;
  readonly teacherFirst: boolean;
  readonly fumeCupboard: boolean;
}
export interface Method {
  readonly test: PlannedTest['test'];
  readonly name: string;
  readonly variant: string;
  /** The test's name, with the way it is done where there is more than one. */
  readonly title: string;
  readonly steps: readonly MethodStep[];
  readonly stations: readonly Station[];
  readonly preparations: Variant['preparations'];
  readonly waste: string;
}

/** The strength of a reagent in a planned test, mol/dm3; null where it is no plain solution. */
export const strengthIn = (planned: PlannedTest, reagent: string, used: number | null): number | null =>
  planned.strengths?.[reagent] ?? used ?? reagentOf(reagent).bench_M;

/** Is a step, a piece or a preparation part of the method as this practical does it? */
type Recorded = Pick<PlannedTest, 'attributes' | 'keeps'>;
export const isRecorded = (
  { attributes, keeps }: Recorded,
  { when, whenKept }: { readonly when?: string; readonly whenKept?: true },
): boolean => (when === undefined || attributes.includes(when)) && (!whenKept || keeps === true);

function cautionsOf(step: Step, uses: readonly StepUse[]): StepCaution[] {
  const all: StepCaution[] = [
    ...uses
      .filter(({ hazard }) => saysSomething(hazard))
      .map(({ name, molarity, hazard: { words, level } }) => ({
        of: molarity === null ? name : `${name}, ${molarity} mol/dm³`,
        text: words,
        level,
      })),
    ...(step.cautions ?? []).map(({ text, level }) => ({ text, level })),
  ];
  return all.filter((c, i) => all.findIndex((other) => other.text === c.text && other.of === c.of) === i);
}

/** The method of a planned test as it is done. @throws RangeError for a test or variant there is not. */
export function methodOf(planned: PlannedTest): Method {
  const test = testOf(planned.test);
  const variant = variantOf(test, planned.variant);
  const set = (index: number, only: StepControl['only']) =>
    planned.controls?.some((c) => c.step === index && c.only === only) ?? false;
  const done = variant.steps.flatMap((step, index) => (isRecorded(planned, step) ? [{ step, index }] : []));
  const stations = new Set<Station>([...variant.stations, ...done.flatMap(({ step }) => step.station ?? [])]);
  if (done.some(({ index }) => set(index, 'fume-cupboard'))) stations.add('fume-cupboard');
  const steps = done.map(({ step, index }): MethodStep => {
    const uses = (step.uses ?? []).map(({ reagent, molarity, ...amount }): StepUse => {
      const strength = strengthIn(planned, reagent, molarity);
      return {
        ...amount,
        reagent,
        name: reagentOf(reagent).name,
        molarity: strength,
        hazard: hazardAt(reagent, strength),
      };
    });
    return {
      index,
      text: step.text,
      ...(step.why === undefined ? {} : { why: step.why }),
      ...(step.waitSeconds === undefined ? {} : { waitSeconds: step.waitSeconds }),
      uses,
      cautions: cautionsOf(step, uses),
      teacherOnly: Boolean(step.teacherOnly) || planned.ledBy === 'teacher' || set(index, 'teacher'),
      teacherFirst: Boolean(step.teacherFirst),
      fumeCupboard:
        variant.stations.includes('fume-cupboard') ||
        step.station === 'fume-cupboard' ||
        set(index, 'fume-cupboard'),
    };
  });
  return {
    test: planned.test,
    name: test.name,
    variant: variant.name,
    title: test.variants.length > 1 ? `${test.name}, ${variant.name.toLowerCase()}` : test.name,
    steps,
    stations: [...stations],
    preparations: variant.preparations.filter((p) => isRecorded(planned, p)),
    waste: variant.waste,
  };
}

/** cm3 one run uses; null for what is neither dropped nor poured. What is added until it stops fizzing goes in twice as a rule. */
export function volumeOf(
  { drops, volume_mL, until }: Pick<StepUse, 'drops' | 'volume_mL' | 'until'>,
  drop_mL: number,
): number | null {
  const once = volume_mL ?? (drops === undefined ? null : drops * drop_mL);
  return once === null ? null : once * (until ? 2 : 1);
}
