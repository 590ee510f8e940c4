/** How much of a sample one run of a test takes. Source `school-practice`: the amounts the methods' steps name. */
import type { SampleForm, TestId } from '../tests/test-definition.js';
import { testOf } from '../tests/tests.js';

export interface Taken {
  readonly amount: number;
  readonly unit: 'mL' | 'g' | 'pieces' | 'tubes';
}

/** Solutions, cm3, where not the usual tube of 1 cm3. */
const solution_mL: Readonly<Partial<Record<TestId, number>>> = {
  appearance: 0,
  flame: 0.5,
  'naoh-warm': 1,
  'halide-layer': 0.5,
  'nitrate-ring': 1,
  'nitrate-reduction': 1,
  'carbonate-spot': 0.5,
  'phosphate-spot': 0.5,
  'sulfate-spot': 0.5,
  'boiling-point': 5,
};
/** Solids, g: a spatula tip for a flame, a small spatula for acid, enough to make 1 cm3 of solution elsewhere. */
const solid_g: Readonly<Partial<Record<TestId, number>>> = { appearance: 0, flame: 0.05, 'dilute-acid': 0.3 };
const usualSolid_g = 0.1;

/** What one run of a test takes of a sample in a form. */
export function takenBy(test: TestId, form: SampleForm): Taken {
  switch (form) {
    case 'solution':
      return { amount: solution_mL[test] ?? 1, unit: 'mL' };
    case 'solid':
      return { amount: solid_g[test] ?? usualSolid_g, unit: 'g' };
    case 'metal':
      return { amount: testOf(test).family === 'metal' ? 1 : 0, unit: 'pieces' };
    case 'gas':
      return { amount: testOf(test).family === 'gas' ? 1 : 0, unit: 'tubes' };
  }
}

/** A test tube of gas, cm3. */
export const tube_mL = 20;
/** A small piece of metal, g. */
export const piece_g = 0.2;
