/**
 * The parts a solution is reckoned in. Every dissolved species, solid and gas is made of these; the
 * amount of each is kept from step to step. `H+` counts protons: hydroxide is one less than none.
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

const charges: Readonly<Record<Component, number>> = {
  'H+': 1,
  'Li+': 1,
  'Na+': 1,
  'K+': 1,
  'Mg2+': 2,
  'Ca2+': 2,
  'Sr2+': 2,
  'Ba2+': 2,
  'Al3+': 3,
  'Zn2+': 2,
  'Cr3+': 3,
  'Mn2+': 2,
  'Fe2+': 2,
  'Fe3+': 3,
  'Co2+': 2,
  'Ni2+': 2,
  'Cu2+': 2,
  'Ag+': 1,
  'Pb2+': 2,
  NH3: 0,
  'CO3^2-': -2,
  'SO3^2-': -2,
  'SO4^2-': -2,
  'PO4^3-': -3,
  'Cl-': -1,
  'Br-': -1,
  'I-': -1,
  'NO3-': -1,
};
/** Charge of a component in elementary charges. */
export const chargeOf = (component: Component): number => charges[component];

/** Charge of anything made of components. */
export const chargeOfMixture = (madeOf: MadeOf): number =>
  (Object.entries(madeOf) as [Component, number][]).reduce((sum, [c, n]) => sum + n * charges[c], 0);
