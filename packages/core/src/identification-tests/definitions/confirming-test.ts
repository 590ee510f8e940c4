/** What the tests that confirm one ion have in common: a little of the solution, a few drops of one reagent. */
import type { ReagentId } from '../../hazards/reagents.js';
import type { Attribute, Outcome, Slip, TestDefinition, TestId } from '../test-definition.js';
import { piece, sampleInTube, step, tubes, uses } from '../test-parts.js';

export interface ConfirmingTest {
  readonly id: TestId;
  readonly name: string;
  readonly family: 'cation' | 'anion';
  readonly fromAge: number;
  readonly attribute: Attribute;
  readonly reagent: ReagentId;
  /** What is done with it, as a student reads it, and why. */
  readonly does: string;
  readonly why: string;
  readonly amount: { readonly drops: number } | { readonly volume_mL: number };
  /** Does the attribute say what falls out, so that an equilibrium can be asked? */
  readonly falls?: true;
  readonly waste: string;
  readonly outcomes: readonly Outcome[];
  readonly slips: readonly Slip[];
}

export const confirmingTest = ({
  id,
  name,
  family,
  fromAge,
  attribute,
  reagent,
  does,
  why,
  amount,
  falls,
  waste,
  outcomes,
  slips,
}: ConfirmingTest): TestDefinition => ({
  id,
  name,
  family,
  fromAge,
  confirms: true,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [attribute],
  variants: [
    {
      id: 'usual',
      name: 'A few drops to the solution',
      attendedMinutes: 2,
      unattendedMinutes: 0,
      stations: [],
      apparatus: [...tubes, piece('white card')],
      steps: [
        sampleInTube,
        step(does, { uses: [uses(reagent, amount)], ...(falls ? { reveals: attribute.id } : {}), why }),
      ],
      preparations: [],
      waste,
    },
  ],
  outcomes,
  slips,
  carelessness: 0.02,
});
