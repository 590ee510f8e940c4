/** The parts a solution is reckoned in. */
import { ionOf } from '../species/species.js';

/**
 * Every dissolved species, solid and gas is made of these; the amount of each is kept from step to step. `H+` counts
 * protons: hydroxide is one less than none.
 */
export const components = [
  'H+',
  'Li+',
  'Na+',
  'K+',
  'Mg2+',
  'Ca2+',
  'Sr2+',
  'Ba2+',
  'Al3+',
  'Zn2+',
  'Cr3+',
  'Mn2+',
  'Fe2+',
  'Fe3+',
  'Co2+',
  'Ni2+',
  'Cu2+',
  'Ag+',
  'Pb2+',
  'NH3',
  'CO3^2-',
  'SO3^2-',
  'SO4^2-',
  'PO4^3-',
  'Cl-',
  'Br-',
  'I-',
  'NO3-',
] as const;
export type Component = (typeof components)[number];
/** How many of each component one species holds; negative for protons given away. */
export type MadeOf = Readonly<Partial<Record<Component, number>>>;

const charges = Object.fromEntries(components.map((c) => [c, c === 'NH3' ? 0 : ionOf(c).charge])) as Readonly<
  Record<Component, number>
>;
/** Charge of a component in elementary charges. */
export const chargeOf = (component: Component): number => charges[component];

/** Charge of anything made of components. */
export const chargeOfMixture = (madeOf: MadeOf): number =>
  (Object.entries(madeOf) as [Component, number][]).reduce((sum, [c, n]) => sum + n * charges[c], 0);
