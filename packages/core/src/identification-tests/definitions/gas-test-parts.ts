/** What the tests for gases and vapours have in common. */
import type {
  Attribute,
  AttributeValue,
  Outcome,
  Piece,
  ReadingKind,
  Slip,
  Step,
  TestDefinition,
  TestId,
  Variant,
} from '../test-definition.js';
import type { SampleForm } from '../../species/sample-form.js';
import { danger, liquid, pigment, slip } from '../test-parts.js';
import type { PlainLook } from '../well-look.js';

export interface GasTest {
  readonly id: TestId;
  readonly name: string;
  readonly fromAge: number;
  readonly attribute: Attribute;
  readonly steps: readonly Step[];
  /** What is to be got ready beside the reagents, which have tasks of their own. */
  readonly preparation?: string;
  readonly apparatus: readonly Piece[];
  /** Where it is done on more than a tube of gas and what a metal gives. */
  readonly forms?: readonly SampleForm[];
  readonly solution_mL?: number;
  readonly waste?: string;
  readonly outcomes: readonly Outcome[];
  readonly slips?: readonly Slip[];
  readonly minutes?: number;
  /** What the one way is called, where there are others. */
  readonly way?: string;
  /** Other ways of doing it. */
  readonly otherWays?: readonly Variant[];
  readonly stations?: TestDefinition['variants'][number]['stations'];
}
export const splintWaste = 'Solid waste; splints quenched in water first.';

/** A gas test of one attribute, done in one way or more. */
export const gasTest = ({
  id,
  name,
  fromAge,
  attribute,
  steps,
  preparation,
  apparatus,
  forms,
  solution_mL,
  waste,
  outcomes,
  slips,
  minutes,
  way,
  otherWays,
  stations,
}: GasTest): TestDefinition => ({
  id,
  name,
  family: 'gas',
  fromAge,
  forms: forms ?? ['gas', 'metal'],
  takes: { solution_mL: solution_mL ?? 1, solid_g: 0.1 },
  attributes: [attribute],
  variants: [
    {
      id: 'usual',
      name: way ?? name,
      attendedMinutes: minutes ?? 1,
      unattendedMinutes: 0,
      stations: stations ?? [],
      apparatus,
      steps,
      preparations: preparation === undefined ? [] : [{ task: preparation, hoursBefore: 24 }],
      waste: waste ?? splintWaste,
    },
    ...(otherWays ?? []),
  ],
  outcomes,
  slips: slips ?? [],
  carelessness: 0.02,
});
/** What a gas test lets one see. */
export const gasAttribute = (
  id: string,
  reads: ReadingKind,
  question: string,
  nothing: string,
  values: readonly AttributeValue[],
  confusions: Attribute['confusions'] = [],
): Attribute => ({
  id,
  reads,
  question,
  nothing,
  values,
  confusions,
  source: 'school-practice',
});

export const splintFlame = (id: string, label: string): AttributeValue => ({
  id,
  label,
  look: { kind: 'flame', colour: pigment.orange, pattern: id === 'relights' ? 'rising' : 'rings' },
});
export const burning: PlainLook = { kind: 'flame', colour: pigment.orange, pattern: 'plain' };
export const litSplint = danger('A lit splint: hair back, nothing that burns nearby.');

export const redPaper = liquid(pigment.red);
export const bluePaper = liquid(pigment.litmusBlue);
export const bleachedPaper = liquid(pigment.white);
/** Dry paper shows nothing of any gas. */
export const litmusDry = slip(
  'litmus-dry',
  0.05,
  { litmus: ['no-change'] },
  'Dry litmus shows nothing. Damp it with deionised water and repeat.',
);
