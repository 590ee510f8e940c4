/**
 * What to weigh, what to dilute, how much the benches use. Refuses what cannot be made: more than the
 * stock holds, a formula that is none, a salt that does not dissolve.
 */
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { molarMassOf } from '../formulas/molar-mass.js';
import { readFormula } from '../formulas/read-formula.js';
import { usualDrop_mL } from '../identification-tests/drop.js';

/** Less than this share of a salt dissolving means that the solution cannot be made. */
const leastDissolved = 0.1;
const mostVolume_mL = 1e6;

const positive = (value: number, what: string): number => {
  if (!Number.isFinite(value) || value <= 0)
    throw new RangeError(`${what} is ${value}; it must be more than 0`);
  return value;
};
const notNegative = (value: number, what: string): number => {
  if (!Number.isFinite(value) || value < 0)
    throw new RangeError(`${what} is ${value}; it cannot be negative`);
  return value;
};
const volumeOf = (value: number, what: string): number => {
  if (positive(value, what) > mostVolume_mL)
    throw new RangeError(`${what} is ${value} mL; at most ${mostVolume_mL} mL are planned at once`);
  return value;
};

function soluteOf(typed: string) {
  const formula = readFormula(typed);
  if (!formula || !Object.keys(formula.atoms).length)
    throw new RangeError(`"${typed.slice(0, 60)}" is not a formula; write it like CuSO4.5H2O`);
  if (formula.charge !== 0)
    throw new RangeError(
      `"${typed.slice(0, 60)}" is an ion; a solution is made from a whole substance, such as NaCl`,
    );
  return formula;
}

export interface Solution {
  readonly solute: string;
  /** mol/dm3 */
  readonly molarity: number;
  readonly volume_mL: number;
}
export interface Weighing {
  /** g of the solute as named, its water of crystallisation included; not rounded. */
  readonly mass_g: number;
  /** g/mol */
  readonly molarMass: number;
}

/**
 * The mass to weigh for a solution.
 * @throws RangeError with a sentence for what cannot be made.
 */
export function weighing({ solute, molarity, volume_mL }: Solution): Weighing {
  const formula = soluteOf(solute);
  positive(molarity, 'make.molarity');
  volumeOf(volume_mL, 'make.volume_mL');
  const molarMass = molarMassOf(formula);
  const mass_g = (molarity * volume_mL * molarMass) / 1000;
  // A litre of solution cannot hold several kilograms of a solid.
  if (molarity * molarMass > 2500)
    throw new RangeError(
      `${solute} at ${molarity} mol/dm3 would need ${Math.round(molarity * molarMass)} g in a litre; choose a weaker solution`,
    );
  const dissolved = dissolvesTo(formula.body, molarity);
  if (dissolved !== undefined && dissolved < leastDissolved)
    throw new RangeError(
      `${solute} hardly dissolves in water: ${molarity} mol/dm3 cannot be made; choose a soluble salt`,
    );
  return { mass_g, molarMass };
}

export type Stock =
  | { readonly molarity: number }
  /** Mass percent of solute and density in g/cm3, as on the bottle. */
  | { readonly solute: string; readonly percent: number; readonly density: number };
export interface Dilution {
  readonly stock_mL: number;
  /** mol/dm3 */
  readonly stockMolarity: number;
  /** cm3 of water, about: volumes of strong acids do not quite add up. Acid goes into water, never the other way. */
  readonly water_mL_about: number;
}

/** Strength of a stock in mol/dm3. @throws RangeError for figures that cannot be. */
export function stockMolarity(stock: Stock): number {
  if ('molarity' in stock) return positive(stock.molarity, 'dilute.from.molarity');
  const { solute, percent, density } = stock;
  if (positive(percent, 'dilute.from.percent') > 100)
    throw new RangeError(`dilute.from.percent is ${percent}; a mass percent is at most 100`);
  if (positive(density, 'dilute.from.density') > 25)
    throw new RangeError(`dilute.from.density is ${density} g/cm3; no liquid is so dense`);
  return (10 * percent * density) / molarMassOf(soluteOf(solute));
}

/**
 * How much stock to take for a weaker solution.
 * @throws RangeError when the stock is weaker than what is wanted.
 */
export function dilution(
  from: Stock,
  to: { readonly molarity: number; readonly volume_mL: number },
): Dilution {
  const strength = stockMolarity(from);
  positive(to.molarity, 'dilute.to.molarity');
  volumeOf(to.volume_mL, 'dilute.to.volume_mL');
  if (to.molarity > strength * (1 + 1e-9)) {
    throw new RangeError(
      `the stock is ${Number(strength.toPrecision(3))} mol/dm3 and cannot give ${to.molarity} mol/dm3; take a stronger stock`,
    );
  }
  const stock_mL = (to.molarity * to.volume_mL) / strength;
  return { stock_mL, stockMolarity: strength, water_mL_about: to.volume_mL - stock_mL };
}

export interface ReagentUse {
  readonly reagent: string;
  readonly drops: number;
  /** How often one group does it. */
  readonly times: number;
}
export interface BenchNeeds {
  readonly groups: number;
  /** Share to add for spills and repeats: 0.2 is a fifth more. */
  readonly surplus: number;
  readonly dropVolume_mL?: number;
  readonly uses: readonly ReagentUse[];
}
export interface ReagentTotal {
  readonly reagent: string;
  /** cm3 one group uses, without surplus. */
  readonly perGroup_mL: number;
  /** cm3 for all groups, with surplus. */
  readonly total_mL: number;
}

/** Totals of each reagent, one row each in the order first named. @throws RangeError for figures that cannot be. */
export function benchTotals({
  groups,
  surplus,
  dropVolume_mL = usualDrop_mL,
  uses,
}: BenchNeeds): ReagentTotal[] {
  if (!Number.isInteger(groups) || groups < 1)
    throw new RangeError(`bench.groups is ${groups}; it must be a whole number from 1 up`);
  notNegative(surplus, 'bench.surplus');
  positive(dropVolume_mL, 'bench.dropVolume_mL');
  const perGroup = new Map<string, number>();
  uses.forEach(({ reagent, drops, times }, i) => {
    notNegative(drops, `bench.uses[${i}].drops`);
    notNegative(times, `bench.uses[${i}].times`);
    const name = reagent.trim();
    if (!name) throw new RangeError(`bench.uses[${i}].reagent is empty; name the reagent`);
    perGroup.set(name, (perGroup.get(name) ?? 0) + drops * times * dropVolume_mL);
  });
  return [...perGroup].map(([reagent, perGroup_mL]) => ({
    reagent,
    perGroup_mL,
    total_mL: perGroup_mL * groups * (1 + surplus),
  }));
}
