/**
 * How much gas a few grams and a few cm3 give: which reactant runs out, what can be collected after what
 * stays dissolved, the tubes it fills and how warm the liquid gets.
 */
import { molarMassOf } from '../formulas/molar-mass.js';
import { readFormula, type Formula } from '../formulas/read-formula.js';
import {
  coatedBySulfate,
  gasAcids,
  gasAlkalis,
  gasCatalysts,
  hydrogenMetals,
  staysDissolved,
  type MadeGas,
} from './facts.js';
import { ammoniumParts, carbonateParts, sulfiteParts, withoutWater, type GasSalt } from './salt-parts.js';

/** A weighed solid or a measured solution. */
export type ReactantAmount =
  { readonly mass_g: number } | { readonly molarity: number; readonly volume_mL: number };

export interface GasMaking {
  readonly make: MadeGas;
  /** Every reactant by formula as typed (hydrates as `Na2CO3.10H2O`). */
  readonly from: Readonly<Record<string, ReactantAmount>>;
  /** Temperature of the gas collected, °C; 20 where not given. */
  readonly celsius?: number;
  /** Pressure, kPa; 101.325 where not given. */
  readonly kPa?: number;
  /** Size of the tubes it is collected in, cm3; 20 where not given. */
  readonly tube_mL?: number;
}

export interface GasAmount {
  /** Gas made by the reactant that runs out, mol. */
  readonly mol: number;
  /** Dry gas that can be collected, cm3. */
  readonly mL: number;
  /** The reactant that runs out, as typed; the first named where both do. */
  readonly limiting: string;
  /** What remains of each reactant, mol, by formula as typed; 0 where used up. */
  readonly left: Readonly<Record<string, number>>;
  readonly tubes: number;
  /** Gas that stays in the liquid, cm3. */
  readonly dissolved_mL: number;
  /** Warming of the liquid by a metal in acid, taken as water that loses no heat; else null. */
  readonly rise_C: number | null;
}

const gasConstant = 8.314462618;
const waterHeat_J = 4.18;
/** Two amounts that differ by less than this part of themselves run out together. */
const together = 1e-9;

interface Reactant {
  readonly typed: string;
  readonly formula: Formula;
  readonly dry: string;
  readonly mol: number;
  readonly solid: boolean;
}
/** A reactant's share in the equation: how many units of it go with `gas` units of gas. */
interface Share {
  readonly reactant: Reactant;
  readonly units: number;
}
interface Reaction {
  readonly gas: number;
  readonly shares: readonly [Share, Share?];
  /** kJ given out (negative) for each mole of the first share's reactant. */
  readonly heat_kJ?: number;
}

/** The amounts are checked where they are read; 0 is as much a mistake as less. */
function aboveZero(value: number, what: string): number {
  if (!(value > 0) || !Number.isFinite(value))
    throw new RangeError(`${what} is ${value}; it must be above 0`);
  return value;
}

function reactantOf(typed: string, amount: ReactantAmount): Reactant {
  const shown = typed.slice(0, 60);
  const formula = readFormula(typed);
  if (!formula || formula.charge !== 0 || !Object.keys(formula.atoms).length)
    throw new RangeError(`"${shown}" is not the formula of a substance; write it like CaCO3 or Na2CO3.10H2O`);
  const solid = 'mass_g' in amount;
  const mol = solid
    ? aboveZero(amount.mass_g, `the mass of ${shown}`) / molarMassOf(formula)
    : (aboveZero(amount.molarity, `the strength of ${shown}`) *
        aboveZero(amount.volume_mL, `the volume of ${shown}`)) /
      1000;
  return { typed, formula, dry: withoutWater(formula.body), mol, solid };
}

/** The two reactants told apart by `is`; the first is the one it holds for. @throws RangeError */
function pairOf(
  reactants: readonly Reactant[],
  wanted: string,
  is: (reactant: Reactant) => boolean,
  other: string,
): readonly [Reactant, Reactant] {
  const first = reactants.find(is);
  const second = reactants.find((reactant) => reactant !== first);
  if (reactants.length !== 2 || !first || !second)
    throw new RangeError(
      `${wanted} is made from ${other}; given: ${reactants.map((r) => r.typed.slice(0, 40)).join(' and ') || 'nothing'}`,
    );
  return [first, second];
}
const isAcid = ({ dry }: Reactant): boolean => Object.hasOwn(gasAcids, dry);

/** The hydrogens of an acid that may be used for the gas. @throws RangeError with the reason it may not. */
function acidHydrogens(acid: Reactant, gas: MadeGas): number {
  const facts = Object.hasOwn(gasAcids, acid.dry) ? gasAcids[acid.dry] : undefined;
  if (!facts?.makes.includes(gas)) {
    const may = Object.keys(gasAcids).filter((id) => gasAcids[id]!.makes.includes(gas));
    throw new RangeError(
      `${acid.typed.slice(0, 40)} is not the acid for ${gas}${facts?.not ? ` (${facts.not})` : ''}; take ${may.join(' or ')}`,
    );
  }
  return facts.hydrogens;
}

/** A sulfate that hardly dissolves stops the reaction; refused with the reason. @throws RangeError */
function refuseCoat(acid: Reactant, solid: Reactant, symbols: readonly string[]): void {
  const under = symbols.find((symbol) => coatedBySulfate.includes(symbol));
  if (acid.dry === 'H2SO4' && under)
    throw new RangeError(
      `sulfuric acid coats ${solid.typed.slice(0, 40)} with a crust of insoluble ${under}SO4 and the fizzing stops; take HCl`,
    );
}

function hydrogen(reactants: readonly Reactant[]): Reaction {
  const [acid, metal] = pairOf(reactants, 'H2', isAcid, 'a metal and an acid');
  const perAcid = acidHydrogens(acid, 'H2');
  const facts = Object.hasOwn(hydrogenMetals, metal.dry) ? hydrogenMetals[metal.dry] : undefined;
  if (!facts)
    throw new RangeError(
      `${metal.typed.slice(0, 40)} is not a metal that hydrogen is made with; take ${Object.keys(hydrogenMetals).join(', ')}`,
    );
  if (!metal.solid) throw new RangeError(`${metal.typed} does not come as a solution; say its mass_g`);
  refuseCoat(acid, metal, [metal.dry]);
  return {
    gas: facts.hydrogens / 2,
    shares: [
      { reactant: metal, units: 1 },
      { reactant: acid, units: facts.hydrogens / perAcid },
    ],
    heat_kJ: facts.heat_kJ,
  };
}

function fromSaltAndAcid(
  make: 'CO2' | 'SO2',
  reactants: readonly Reactant[],
  parts: (atoms: Formula['atoms']) => GasSalt | undefined,
  name: string,
): Reaction {
  const [acid, salt] = pairOf(reactants, make, isAcid, `${name} and an acid`);
  const perAcid = acidHydrogens(acid, make);
  const found = parts(readFormula(salt.dry)?.atoms ?? {});
  if (!found) throw new RangeError(`${salt.typed.slice(0, 40)} is not ${name}`);
  const threefold = found.cations.find(({ charge }) => charge > 2);
  if (threefold)
    throw new RangeError(
      `${salt.typed.slice(0, 40)} does not exist: ${threefold.symbol}3+ brings its hydroxide down in its place`,
    );
  if (make === 'CO2')
    refuseCoat(
      acid,
      salt,
      found.cations.map(({ symbol }) => symbol),
    );
  return {
    gas: found.gas,
    shares: [
      { reactant: salt, units: 1 },
      { reactant: acid, units: found.hydrogens / perAcid },
    ],
  };
}

function oxygen(reactants: readonly Reactant[]): Reaction {
  const peroxide = reactants[0];
  if (reactants.length !== 1 || peroxide?.dry !== 'H2O2')
    throw new RangeError(
      `O2 is made from H2O2 (with a catalyst such as MnO2); given: ${reactants.map((r) => r.typed.slice(0, 40)).join(' and ') || 'nothing'}`,
    );
  return { gas: 0.5, shares: [{ reactant: peroxide, units: 1 }] };
}

function ammonia(reactants: readonly Reactant[]): Reaction {
  const [alkali, salt] = pairOf(
    reactants,
    'NH3',
    ({ dry }) => Object.hasOwn(gasAlkalis, dry),
    `an ammonium salt and ${Object.keys(gasAlkalis).join(' or ')}`,
  );
  const found = ammoniumParts(salt.dry);
  if (!found) throw new RangeError(`${salt.typed.slice(0, 40)} is not an ammonium salt`);
  return {
    gas: found.gas,
    shares: [
      { reactant: salt, units: 1 },
      { reactant: alkali, units: found.hydroxides / gasAlkalis[alkali.dry]! },
    ],
  };
}

function chlorine(reactants: readonly Reactant[]): Reaction {
  const [manganate, acid] = pairOf(reactants, 'Cl2', ({ dry }) => dry === 'KMnO4', 'KMnO4 and HCl');
  acidHydrogens(acid, 'Cl2');
  // 2 KMnO4 + 16 HCl → 2 KCl + 2 MnCl2 + 5 Cl2 + 8 H2O
  return {
    gas: 5,
    shares: [
      { reactant: manganate, units: 2 },
      { reactant: acid, units: 16 },
    ],
  };
}

const reactions: Readonly<Record<MadeGas, (reactants: readonly Reactant[]) => Reaction>> = {
  H2: hydrogen,
  CO2: (reactants) => fromSaltAndAcid('CO2', reactants, carbonateParts, 'a carbonate or hydrogencarbonate'),
  O2: oxygen,
  NH3: ammonia,
  SO2: (reactants) => fromSaltAndAcid('SO2', reactants, sulfiteParts, 'a sulfite'),
  Cl2: chlorine,
};

/**
 * The gas that comes of what is put together, by simple stoichiometry: one reaction, run until a reactant
 * is used up. What is collected is dry and ideal; the liquid is the sum of the volumes given and keeps as
 * much gas as it holds at saturation under the pressure given.
 * @throws RangeError saying which reactant or figure is wrong and what to take.
 */
export function gasAmount({ make, from, celsius = 20, kPa = 101.325, tube_mL = 20 }: GasMaking): GasAmount {
  aboveZero(kPa, 'kPa');
  aboveZero(tube_mL, 'tube_mL');
  const kelvin = aboveZero(celsius + 273.15, 'the temperature in kelvin');
  const reactants = Object.entries(from)
    .map(([typed, amount]) => reactantOf(typed, amount))
    .filter(({ dry }) => !gasCatalysts[make]?.includes(dry));
  const { gas, shares, heat_kJ } = reactions[make](reactants);

  const extents = new Map(shares.flatMap((s) => (s ? [[s.reactant, s.reactant.mol / s.units]] : [])));
  const extent = Math.min(...extents.values());
  const usedUp = (reactant: Reactant) => extents.get(reactant)! - extent <= together * extent;
  const limiting = reactants.find(usedUp)!;

  const mol = gas * extent;
  const liquid_mL = Object.values(from).reduce(
    (sum, amount) => sum + ('volume_mL' in amount ? amount.volume_mL : 0),
    0,
  );
  const dissolved = Math.min(mol, (staysDissolved[make].molPerL * (liquid_mL / 1000) * kPa) / 100);
  const perMol_mL = (gasConstant * kelvin * 1000) / kPa;
  const mL = (mol - dissolved) * perMol_mL;
  return {
    mol,
    mL,
    limiting: limiting.typed,
    left: Object.fromEntries(
      shares.flatMap((s) =>
        s ? [[s.reactant.typed, usedUp(s.reactant) ? 0 : s.reactant.mol - s.units * extent]] : [],
      ),
    ),
    tubes: mL / tube_mL,
    dissolved_mL: dissolved * perMol_mL,
    rise_C:
      heat_kJ === undefined || liquid_mL === 0
        ? null
        : (-heat_kJ * 1000 * extent) / (waterHeat_J * liquid_mL),
  };
}
