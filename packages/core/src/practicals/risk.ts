/**
 * Hazards and controls of a practical, step by step at the strength used. It supports, and never
 * replaces, the employer's risk assessment, local codes and the judgement of the qualified person in charge.
 */
import { testsWithControls } from './controls.js';
import { methodOf, type Method, type StepCaution } from './method.js';
import { holdsOf, molarityOf, type Practical } from './practical.js';
import type { HazardBand } from '../hazards/hazard-band.js';
import type { ReagentId } from '../hazards/reagents.js';
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
  readonly cautions: readonly StepCaution[];
  readonly teacherOnly: boolean;
  readonly teacherFirst: boolean;
  readonly fumeCupboard: boolean;
}
export interface TestRisk {
  readonly test: string;
  readonly name: string;
  readonly title: string;
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

const stepRisks = (method: Method): StepRisk[] =>
  method.steps.map((step) => ({
    step: step.index,
    text: step.text,
    reagents: step.uses.map(({ reagent, name, molarity, hazard }) => ({ reagent, name, molarity, hazard })),
    // The words of the reagents stand beside their names.
    cautions: step.cautions.filter((c) => c.of === undefined),
    teacherOnly: step.teacherOnly,
    teacherFirst: step.teacherFirst,
    fumeCupboard: step.fumeCupboard,
  }));

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
  const methods = testsWithControls(practical).map(methodOf);
  const tests = methods.map((method): TestRisk => ({
    test: method.test,
    name: method.name,
    title: method.title,
    method: method.variant,
    steps: stepRisks(method),
    waste: method.waste,
  }));
  // What stands on several bottles, known and unknown, is one line.
  const samples = practical.samples
    .map((s): SampleRisk => ({
      key: s.key,
      holds: `${holdsOf(s)}${molarityOf(s) !== null && s.ions.length ? `, ${molarityOf(s)} mol/dm³` : ''}`,
      form: s.form,
      hazard: sampleHazard(s.ions, s.form, molarityOf(s)),
    }))
    .filter((s, i, all) => all.findIndex((other) => other.holds === s.holds && other.form === s.form) === i);
  const steps = tests.flatMap((t) => t.steps);
  const codes = [
    ...steps.flatMap((s) => s.reagents.flatMap((r) => r.hazard.statements)),
    ...samples.flatMap((s) => s.hazard.statements),
  ];
  const burner = methods.some((m) => m.stations.includes('burner'));
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
