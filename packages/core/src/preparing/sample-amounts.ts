/** How much of a sample one run of a test takes. */
import type { TestId } from '../identification-tests/test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import { testOf } from '../identification-tests/tests.js';

export interface Taken {
  readonly amount: number;
  readonly unit: 'mL' | 'g' | 'pieces' | 'tubes';
}

/** What one run of a test takes of a sample in a form. */
export function takenBy(test: TestId, form: SampleForm): Taken {
  switch (form) {
    case 'solution':
      return { amount: testOf(test).takes.solution_mL, unit: 'mL' };
    case 'solid':
      return { amount: testOf(test).takes.solid_g, unit: 'g' };
    case 'metal':
      return { amount: testOf(test).family === 'metal' ? 1 : 0, unit: 'pieces' };
    case 'gas':
      return { amount: testOf(test).family === 'gas' ? 1 : 0, unit: 'tubes' };
  }
}

/** A test tube of gas, cm3. */
export const tube_mL = 20;
