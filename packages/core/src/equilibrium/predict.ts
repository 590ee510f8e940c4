/**
 * What is seen as reagents are added to a sample step by step: pH, solids (and whether they show), what
 * stays dissolved, what leaves as gas. Tube and contents are at 25 °C; volumes add up; gas that has
 * left does not come back. Nothing is oxidised or reduced.
 */
import { components, type Component } from './components.js';
import { ionPartsOf, reagentParts } from './reagents.js';
import { settle, type EquilibriumState } from './solve.js';

export interface SampleSolution {
  /** mol/dm3 by ion. */
  readonly ions: Readonly<Record<string, number>>;
  readonly volume_mL: number;
}
export interface Addition {
  /** Formula of the reagent. */
  readonly add: string;
  /** mol/dm3 of the reagent as a whole. */
  readonly molarity: number;
  readonly volume_mL: number;
}
export interface PredictedSolid {
  readonly formula: string;
  readonly mol_per_L: number;
  readonly visible: boolean;
}
export interface PredictedStep {
  readonly pH: number;
  readonly solids: readonly PredictedSolid[];
  readonly dissolved: Readonly<Record<string, number>>;
  readonly gas: readonly { readonly id: string; readonly mol_per_L: number }[];
}

/** A precipitate thinner than this, in mol/dm3 of mixture, is not seen against a dark ground. */
export const visibleByDefault_M = 2e-4;
/** Dissolved species thinner than this are not listed. */
const listed_M = 1e-12;
/** Charges may differ by this share of all charge: figures are typed rounded. */
const roundedCharge = 1e-6;
const strongest_M = 100;
const largest_mL = 1e6;

type Moles = Map<Component, number>;

const positive = (value: number, what: string, most: number): number => {
  if (!Number.isFinite(value)) throw new RangeError(`${what} must be a number`);
  if (value < 0) throw new RangeError(`${what} is ${value}; it cannot be negative`);
  if (value > most) throw new RangeError(`${what} is ${value}; more than ${most} is not possible here`);
  return value;
};

function molesOf(sample: SampleSolution): Moles {
  const volume = positive(sample.volume_mL, 'sample.volume_mL', largest_mL) / 1000;
  if (volume === 0) throw new RangeError('sample.volume_mL is 0; give the sample some volume');
  const moles: Moles = new Map();
  let charge = 0;
  let size = 0;
  for (const [ion, molarity] of Object.entries(sample.ions)) {
    const read = ionPartsOf(ion);
    if (!read)
      throw new RangeError(
        `sample.ions has "${ion.slice(0, 60)}", which the model does not know as an ion; write it like Ca2+ or SO4^2-`,
      );
    const amount = positive(molarity, `sample.ions ${ion}`, strongest_M);
    charge += amount * read.formula.charge;
    size += amount * Math.abs(read.formula.charge);
    for (const [c, n] of Object.entries(read.parts) as [Component, number][])
      moles.set(c, (moles.get(c) ?? 0) + n * amount * volume);
  }
  if (Math.abs(charge) > roundedCharge * size + 1e-12) {
    throw new RangeError(
      `the charges of the sample do not balance: they add up to ${charge > 0 ? '+' : ''}${Number(charge.toPrecision(3))} mol/dm3; give each ion with its partner`,
    );
  }
  return moles;
}

const perLitre = (moles: Moles, litres: number): Partial<Record<Component, number>> =>
  Object.fromEntries([...moles].map(([c, n]) => [c, n / litres]));

/** Takes gas that left out of the amounts. */
function letGo(moles: Moles, state: EquilibriumState, litres: number): void {
  const carriers: Readonly<Record<string, Component>> = { CO2: 'CO3^2-', SO2: 'SO3^2-' };
  for (const [gas, amount] of state.gases) {
    const carrier = carriers[gas]!;
    moles.set(carrier, Math.max(0, (moles.get(carrier) ?? 0) - amount * litres));
    moles.set('H+', (moles.get('H+') ?? 0) - 2 * amount * litres);
  }
}

/**
 * Predicts each step.
 * @param visible_M the threshold of visibility in mol/dm3.
 * @throws RangeError with a sentence for amounts and formulas that cannot be.
 * @throws Error when the equilibrium does not converge, so that nobody trusts a half-solved tube.
 */
export function predict(
  sample: SampleSolution,
  additions: readonly Addition[],
  visible_M = visibleByDefault_M,
): PredictedStep[] {
  positive(visible_M, 'visible_M', strongest_M);
  const moles = molesOf(sample);
  let litres = sample.volume_mL / 1000;
  return additions.map((addition, i) => {
    const where = `steps[${i}]`;
    const parts = reagentParts(addition.add);
    const molarity = positive(addition.molarity, `${where}.molarity`, strongest_M);
    const volume = positive(addition.volume_mL, `${where}.volume_mL`, largest_mL) / 1000;
    for (const [c, n] of Object.entries(parts) as [Component, number][])
      moles.set(c, (moles.get(c) ?? 0) + n * molarity * volume);
    litres += volume;
    const state = settle(perLitre(moles, litres));
    if (!state.converged) throw new Error(`${where}: the equilibrium did not converge for this mixture`);
    letGo(moles, state, litres);
    return stepOf(state, visible_M);
  });
}

function stepOf(state: EquilibriumState, visible_M: number): PredictedStep {
  const dissolved: Record<string, number> = {};
  for (const [formula, amount] of state.dissolved) if (amount > listed_M) dissolved[formula] = amount;
  return {
    pH: state.pH,
    solids: [...state.solids].map(([formula, mol_per_L]) => ({
      formula,
      mol_per_L,
      visible: mol_per_L >= visible_M,
    })),
    dissolved,
    gas: [...state.gases].filter(([, amount]) => amount > 1e-7).map(([id, mol_per_L]) => ({ id, mol_per_L })),
  };
}

/** All components, for checks that nothing is lost. */
export const allComponents = components;
