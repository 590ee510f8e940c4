/** Ammonia driven out by warm alkali, nitrate reduced to it, and the brown ring. */
import type { CationId } from '../species/ion.js';
import { formulaText, speciesName } from '../species/species.js';
import { inHydroxide } from './facts.js';
import {
  distinct,
  hardlyDissolves,
  hydroxideOf,
  nothing,
  saltOf,
  shows,
  type Found,
  type Salt,
} from './rule-parts.js';

/** An ammonium salt with warm sodium hydroxide. */
export function warmed({ cation, anion }: Salt): Found {
  if (cation !== 'NH4+') return nothing(`${formulaText(cation)} gives no ammonia.`);
  return {
    happenings: [
      {
        of: 'test',
        ionic: { reactants: ['NH4+', 'OH-'], products: ['NH3', 'H2O'] },
        symbol: {
          reactants: [saltOf('NH4+', anion), 'NaOH'],
          products: distinct(['NH3', 'H2O', ...(anion === 'OH-' ? [] : [saltOf('Na+', anion)])]),
        },
        states: { NH3: 'g', [saltOf('NH4+', anion)]: 'aq' },
      },
    ],
  };
}

/** Nitrate with aluminium in sodium hydroxide. */
export function reduction(salt: Salt): Found {
  const first = salt.cation === 'NH4+' ? warmed(salt).happenings : [];
  if (salt.anion !== 'NO3-')
    return first.length
      ? { happenings: first }
      : nothing('Without nitrate there is nothing to reduce to ammonia.');
  const { cation } = salt;
  // Ammonia is boiled off first, so that sodium nitrate is what is left to reduce.
  const left: CationId = cation === 'NH4+' || cation === 'H+' ? 'Na+' : cation;
  const whole = saltOf(left, 'NO3-');
  const beside =
    left === 'Na+' || left === 'Al3+'
      ? []
      : shows('naoh', left, 'precipitate')
        ? [inHydroxide[left]?.substance ?? hydroxideOf(left)]
        : [saltOf(left, 'OH-')];
  return {
    happenings: [
      ...first,
      {
        of: 'test',
        ionic: { reactants: ['Al', 'NO3-', 'OH-', 'H2O'], products: ['[Al(OH)4]-', 'NH3'] },
        symbol: {
          reactants: ['Al', whole, 'NaOH', 'H2O'],
          products: ['Na[Al(OH)4]', 'NH3', ...beside],
        },
        states: {
          NH3: 'g',
          [whole]: 'aq',
          ...Object.fromEntries(beside.map((b) => [b, hardlyDissolves(b) ? 's' : 'aq'])),
        },
      },
    ],
  };
}

/** Nitrate with iron(II) in acid: nitrogen monoxide, then its brown complex. */
export function ring({ cation, anion }: Salt): Found {
  if (anion !== 'NO3-') return nothing(`${speciesName(anion)} gives no nitrogen monoxide, so no ring.`);
  const made = saltOf(cation, 'SO4^2-');
  const whole = saltOf(cation, anion);
  // A sample that is an acid, or iron itself, leaves no further sulfate.
  const beside = ['H+', 'Fe2+', 'Fe3+'].includes(cation) ? [] : [made];
  const nitrate = cation === 'Fe2+' || cation === 'Fe3+' ? 'HNO3' : whole;
  return {
    happenings: [
      {
        of: 'test',
        ionic: { reactants: ['Fe2+', 'NO3-', 'H+'], products: ['Fe3+', 'NO', 'H2O'] },
        symbol: {
          reactants: ['FeSO4', nitrate, 'H2SO4'],
          products: ['Fe2(SO4)3', ...beside, 'NO', 'H2O'],
        },
        ...(cation === 'NH4+' ? { kept: ['NH4'] } : {}),
        states: {
          NO: 'aq',
          H2SO4: 'aq',
          [nitrate]: 'aq',
          ...Object.fromEntries(beside.map((b) => [b, hardlyDissolves(b) ? 's' : 'aq'])),
        },
      },
      {
        of: 'test',
        ionic: { reactants: ['Fe2+', 'NO', 'H2O'], products: ['[Fe(H2O)5NO]2+'] },
        symbol: { reactants: ['FeSO4', 'NO', 'H2O'], products: ['[Fe(H2O)5NO]SO4'] },
        states: { NO: 'aq', '[Fe(H2O)5NO]SO4': 'aq' },
      },
    ],
  };
}
