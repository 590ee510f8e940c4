/** Dilute acid on salts and on metals, and the tests of the gases that come off. */
import { usualStates } from '../equations/usual-states.js';
import { readFormula } from '../formulas/read-formula.js';
import { solidWithAcid } from '../species/gives-off.js';
import { formulaParts, isMetalId, speciesName } from '../species/species.js';
import { acids, ionInAcid, type AcidId } from '../species/in-acid.js';
import { withAcid } from './facts.js';
import { happeningOfGas } from './gas-reactions.js';
import type { Happening } from './reaction-equation.js';
import { hardlyDissolves, nothing, saltOf, type Found, type Salt } from './rule-parts.js';

/** Atoms alone are balanced anyhow; groups of several stay whole. */
const isGroup = (formula: string): boolean => /[A-Z].*[A-Z]/.test(formula);

/** What an acid does to the sample before any other reagent: a gas or water, or a chloride or sulfate that falls. */
export function acidFirst({ cation, anion, form }: Salt, acid: AcidId): readonly Happening[] {
  const brought = acids[acid].anion;
  const salt = saltOf(cation, anion);
  const made = saltOf(cation, brought);
  const falls = made !== '' && cation !== 'H+' && hardlyDissolves(made);
  const products = cation === 'H+' ? undefined : withAcid(anion);
  if (products) {
    const whole = form === 'solid' || hardlyDissolves(salt);
    const madeFalls = falls && whole;
    return [
      {
        of: 'test',
        ionic: whole
          ? {
              reactants: [salt, 'H+', ...(madeFalls ? [brought] : [])],
              products: [...(madeFalls ? [made] : [cation]), ...products],
            }
          : { reactants: [anion, 'H+'], products },
        symbol: { reactants: [salt, acid], products: [made, ...products] },
        states: { [salt]: whole ? 's' : 'aq', [acid]: 'aq', [made]: falls ? 's' : 'aq', SO2: 'g' },
        // Sulfur in three places: what stays whole decides.
        ...(solidWithAcid[anion]
          ? { kept: [cation, brought].map((id) => formulaParts(id).formula).filter(isGroup) }
          : {}),
      },
    ];
  }
  // Calcium sulfate falls only from strong solutions.
  if (!falls || brought === anion || usualStates(readFormula(made)!).length > 1) return [];
  return [
    {
      of: 'test',
      ionic: { reactants: [cation, brought], products: [made] },
      symbol: { reactants: [salt, acid], products: [made, saltOf('H+', anion)] },
      states: { [salt]: 'aq', [acid]: 'aq', [saltOf('H+', anion)]: 'aq', [made]: 's' },
    },
  ];
}
const gasFrom = (happenings: readonly Happening[]): readonly Happening[] =>
  happenings.flatMap(({ symbol }) =>
    symbol.products.flatMap((product) => {
      const test = happeningOfGas(product);
      return product === 'H2O' || !test ? [] : [{ ...test, of: 'gas' as const }];
    }),
  );

/** Dilute acid, then the test of the gas. */
export function diluteAcid(salt: Salt, acid: AcidId): Found {
  const first = acidFirst(salt, acid);
  return first.length
    ? { happenings: [...first, ...gasFrom(first)] }
    : nothing(`${speciesName(salt.anion)} gives no gas with dilute acid.`);
}

/** A metal in dilute acid, then the test of the hydrogen. @throws RangeError for nitric acid. */
export function metalInAcid(metal: string, acid: AcidId): Found {
  if (acid === 'HNO3')
    throw new RangeError('nitric acid oxidises and gives brown fumes, not hydrogen; take HCl or H2SO4');
  const ion = isMetalId(metal) ? ionInAcid[metal] : null;
  const name = speciesName(metal);
  if (!ion) return nothing(`${name[0]!.toUpperCase()}${name.slice(1)} gives no hydrogen with dilute acid.`);
  const made = saltOf(ion, acids[acid].anion);
  const falls = hardlyDissolves(made);
  const first: Happening = {
    of: 'test',
    ionic: falls
      ? { reactants: [metal, 'H+', acids[acid].anion], products: [made, 'H2'] }
      : { reactants: [metal, 'H+'], products: [ion, 'H2'] },
    symbol: { reactants: [metal, acid], products: [made, 'H2'] },
    states: { [acid]: 'aq' },
  };
  return { happenings: [first, ...gasFrom([first])] };
}
