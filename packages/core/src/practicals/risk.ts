/**
 * Hazards and controls of a practical, step by step at the strength used. It supports, and never
 * replaces, the employer's risk assessment, local codes and the judgement of the qualified person in charge.
 */
import { strengthIn } from './evidence.js';
import { holdsOf, molarityOf, type PlannedTest, type Practical } from './practical.js';
import type { Caution } from '../identification-tests/test-definition.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import type { HazardBand } from '../hazards/hazard-band.js';
import { hazardAt, reagentOf, type ReagentId } from '../hazards/reagents.js';
import { sampleHazard } from '../hazards/sample-hazard.js';
import { pictogramsFor, signalWord, type Pictogram } from '../hazards/statements.js';

export const deference =
  "These are the usual hazards and controls. They support, and never replace, your employer's own risk assessment, local codes and the judgement of the qualified person in charge.";

export interface StepRisk {
  /** From 0, in the variant's method. */
  readonly step: number;
  readonly text: string;
  readonly reagents: readonly {
    readonly reagent: ReagentId;
    readonly name: string;
    readonly molarity: number | null;
    readonly hazard: HazardBand;
  }[];
  readonly cautions: readonly Caution[];
  readonly teacherOnly: boolean;
  readonly teacherFirst: boolean;
  readonly fumeCupboard: boolean;
}
export interface TestRisk {
  readonly test: string;
  readonly name: string;
  readonly method: string;
  readonly steps: readonly StepRisk[];
  readonly waste: string;
}
export interface SampleRisk {
  readonly key: string;
  readonly holds: string;
  readonly form: string;
  readonly hazard: HazardBand;
}
export interface Risk {
  readonly ppe: readonly string[];
  readonly tests: readonly TestRisk[];
  readonly samples: readonly SampleRisk[];
  readonly level: HazardBand['level'];
  readonly pictograms: readonly Pictogram[];
  readonly signal: 'Danger' | 'Warning' | null;
  readonly deference: string;
}

function stepRisks(planned: PlannedTest): StepRisk[] {
  const variant = variantOf(testOf(planned.test), planned.variant);
  const set = (step: number, only: 'teacher' | 'fume-cupboard') =>
    planned.controls?.some((c) => c.step === step && c.only === only) ?? false;
  return variant.steps.map((step, i) => ({
    step: i,
    text: step.text,
    reagents: (step.uses ?? []).map(({ reagent, molarity }) => {
      const strength = strengthIn(planned, reagent, molarity);
      return {
        reagent,
        name: reagentOf(reagent).name,
        molarity: strength,
        hazard: hazardAt(reagent, strength),
      };
    }),
    cautions: step.cautions ?? [],
    teacherOnly: Boolean(step.teacherOnly) || planned.ledBy === 'teacher' || set(i, 'teacher'),
    teacherFirst: Boolean(step.teacherFirst),
    fumeCupboard: variant.stations.includes('fume-cupboard') || set(i, 'fume-cupboard'),
  }));
}

const order = { low: 0, care: 1, danger: 2 } as const;

function ppeFor(risks: readonly StepRisk[], samples: readonly SampleRisk[], burner: boolean): string[] {
  const hazards = [...risks.flatMap((s) => s.reagents.map((r) => r.hazard)), ...samples.map((s) => s.hazard)];
  const codes = hazards.flatMap((h) => h.statements);
  const list = ['Eye protection for everyone, from the first bottle opened to the last rinsed.'];
  if (codes.some((c) => /^H314|^H318/.test(c)))
    list.push('Goggles, not spectacles, while anything corrosive is out; eye wash within reach.');
  if (codes.some((c) => /^H3(01|17|34|50|60|72)/.test(c)))
    list.push('Disposable gloves for whoever handles the marked samples; hands washed afterwards.');
  if (burner) list.push('Long hair tied back, ties and scarves tucked in, no flammable liquid near a flame.');
  if (risks.some((s) => s.teacherOnly))
    list.push('Face shield for the teacher at the steps marked “teacher only”.');
  return list;
}

/** The risk sheet of a practical. */
export function riskOf(practical: Practical): Risk {
  const tests = practical.tests.map((planned): TestRisk => {
    const test = testOf(planned.test);
    const variant = variantOf(test, planned.variant);
    return {
      test: planned.test,
      name: test.name,
      method: variant.name,
      steps: stepRisks(planned),
      waste: variant.waste,
    };
  });
  const samples = practical.samples.map((s): SampleRisk => ({
    key: s.key,
    holds: `${holdsOf(s)}${molarityOf(s) !== null && s.ions.length ? `, ${molarityOf(s)} mol/dm³` : ''}`,
    form: s.form,
    hazard: sampleHazard(s.ions, s.form, molarityOf(s)),
  }));
  const steps = tests.flatMap((t) => t.steps);
  const codes = [
    ...steps.flatMap((s) => s.reagents.flatMap((r) => r.hazard.statements)),
    ...samples.flatMap((s) => s.hazard.statements),
  ];
  const burner = practical.tests.some((p) =>
    variantOf(testOf(p.test), p.variant).stations.includes('burner'),
  );
  const levels = [
    ...samples.map((s) => s.hazard.level),
    ...steps.flatMap((s) => [...s.reagents.map((r) => r.hazard.level), ...s.cautions.map((c) => c.level)]),
  ];
  return {
    ppe: ppeFor(steps, samples, burner),
    tests,
    samples,
    level: levels.reduce<HazardBand['level']>((worst, l) => (order[l] > order[worst] ? l : worst), 'low'),
    pictograms: pictogramsFor(codes),
    signal: signalWord(codes),
    deference,
  };
}
