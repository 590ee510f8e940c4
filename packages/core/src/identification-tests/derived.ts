/**
 * What a test shows of a solution as the equilibria have it: the steps of the method are carried out in
 * the model, drop for drop. Used to check what is stated, and by the planner to say whether a result
 * will be visible with the amounts at hand.
 */
import { escapingGases } from '../equilibrium/gases.js';
import { predict, type Addition, type PredictedStep } from '../equilibrium/predict.js';
import { solids } from '../equilibrium/solids.js';
import { staysDissolved, type MadeGas } from '../gas-making/facts.js';
import { usualDrop_mL } from './drop.js';
import type { TestDefinition, VariantId } from './test-definition.js';
import { attributeOf, testOf, variantOf } from './tests.js';

export interface Amounts {
  /** mol/dm3 of each ion of the sample; charges balance. */
  readonly ions: Readonly<Record<string, number>>;
  /** Volume of sample; left out, what the method takes. */
  readonly volume_mL?: number;
  /** cm3 of a drop; 0.05 unless calibrated. */
  readonly drop_mL?: number;
  /** Strengths other than the bench's, mol/dm3 by reagent. */
  readonly strengths?: Readonly<Record<string, number>>;
  /** Reagents taken in place of others, by reagent id. */
  readonly instead?: Readonly<Record<string, string>>;
  /** Threshold of visibility, mol/dm3. */
  readonly visible_M?: number;
}
export interface DerivedResult {
  readonly attribute: string;
  /** A value of the attribute, or null where the equilibria cannot say. */
  readonly value: string | null;
  /** What has fallen out, mol per dm3 of mixture, seen or not. */
  readonly solid:
    { readonly formula: string; readonly mol_per_L: number; readonly visible: boolean } | undefined;
}

const colourOf = new Map(solids.map((s) => [s.formula, s.colour]));
/** Amounts of sample a method takes where the steps do not say, cm3. */
const spotSample_mL = 0.5;
const tubeSample_mL = 1;

interface ModelStep extends Addition {
  readonly reveals: string | undefined;
  readonly until: boolean;
}
/** Gas that can be seen to come off, mol per dm3 of mixture in one addition. */
const seenGas = 1e-3;
/** Bubbles want rather more than a solution just saturated with the gas. */
const supersaturated = 1.2;
/** Is there more of a gas than stays dissolved under an atmosphere of it? Below that it leaves unseen, from the surface. */
function fizzes({ id, mol_per_L }: PredictedStep['gas'][number]): boolean {
  const left = escapingGases.find((g) => g.id === id)?.stays_M ?? 0;
  return mol_per_L + left > supersaturated * staysDissolved[id as MadeGas].molPerL;
}
/** Times a person adds the same amount before giving up. */
const mostTimes = 12;

/** What is added "until no more gas comes off" stands in the list as often as that takes, twice at least: the first may only make hydrogencarbonate. */
function untilQuiet(sample: Parameters<typeof predict>[0], steps: readonly ModelStep[]): ModelStep[] {
  const done: ModelStep[] = [];
  for (const step of steps) {
    done.push(step);
    for (let times = 1; step.until && times < mostTimes; times++) {
      done.push(step);
      const { gas } = predict(sample, done).at(-1)!;
      if (gas.reduce((sum, g) => sum + g.mol_per_L, 0) <= seenGas) break;
    }
  }
  return done;
}

/** The steps of a variant that add something the model knows. */
function stepsOf(
  test: TestDefinition,
  variant: VariantId | undefined,
  { drop_mL = usualDrop_mL, strengths = {}, instead = {} }: Amounts,
): ModelStep[] {
  return variantOf(test, variant).steps.flatMap((step) =>
    (step.uses ?? []).flatMap(({ reagent, molarity, drops, volume_mL, until }, i, all): ModelStep[] => {
      const strength = strengths[reagent] ?? molarity;
      if (strength === null || !/^[A-Z(][A-Za-z0-9()]*$/.test(reagent) || reagent === 'KMnO4') return [];
      return [
        {
          add: instead[reagent] ?? reagent,
          molarity: strength,
          volume_mL: volume_mL ?? (drops ?? 1) * drop_mL,
          reveals: i === all.length - 1 ? step.reveals : undefined,
          until: until !== undefined,
        },
      ];
    }),
  );
}

const thickest = (step: PredictedStep) => [...step.solids].sort((a, b) => b.mol_per_L - a.mol_per_L)[0];

function valueOf(
  test: TestDefinition,
  attributeId: string,
  step: PredictedStep,
  before: PredictedStep | undefined,
): string | null {
  const { reads, values } = attributeOf(test, attributeId);
  const seen = thickest(step)?.visible ? thickest(step) : undefined;
  switch (reads) {
    case 'precipitate':
    case 'spot': {
      if (!seen) return 'none';
      const colour = colourOf.get(seen.formula) ?? 'white';
      return values.some((v) => v.id === colour) ? colour : 'coloured';
    }
    case 'excess':
    case 'ammonia-dissolves':
      if (!before || !thickest(before)?.visible) return reads === 'excess' ? 'none' : 'not-tested';
      return seen ? 'insoluble' : 'dissolves';
    case 'effervescence':
      return step.gas.some(fizzes) ? 'steady' : 'none';
    default:
      return null;
  }
}

/**
 * The results of a test on a solution by equilibrium, in the order the method reveals them.
 * @returns an empty list for tests that are no matter of precipitates or gas from acid.
 * @throws RangeError for amounts that cannot be.
 */
export function derivedResults(testId: string, amounts: Amounts, variant?: VariantId): DerivedResult[] {
  const test = testOf(testId);
  const listed = stepsOf(test, variant, amounts);
  if (!listed.some((s) => s.reveals)) return [];
  const spot = test.attributes.some((a) => a.reads === 'spot');
  const volume_mL = amounts.volume_mL ?? (spot ? spotSample_mL : tubeSample_mL);
  const steps = untilQuiet({ ions: amounts.ions, volume_mL }, listed);
  const after = predict({ ions: amounts.ions, volume_mL }, steps, amounts.visible_M);
  let revealed: PredictedStep | undefined;
  return steps.flatMap(({ reveals }, i): DerivedResult[] => {
    if (!reveals) return [];
    const step = after[i]!;
    const result: DerivedResult = {
      attribute: reveals,
      value: valueOf(test, reveals, step, revealed),
      solid: thickest(step),
    };
    revealed = step;
    return [result];
  });
}
