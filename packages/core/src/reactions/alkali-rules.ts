/** Sodium hydroxide and ammonia solution, drop by drop and in excess. */
import type { CationId } from '../species/ion.js';
import { formulaText, speciesName } from '../species/species.js';
import type { Redissolved } from './facts.js';
import type { Happening } from './reaction-equation.js';
import { hydroxideOf, nothing, saltOf, shows, type Found, type Salt } from './rule-parts.js';

/** The precipitate of a hydroxide, and what an excess makes of it. @param table what dissolves to what. */
export function withAlkali(
  { cation, anion }: Salt,
  test: 'naoh' | 'ammonia-solution',
  table: Readonly<Partial<Record<CationId, Redissolved>>>,
): Found {
  const ammonia = test === 'ammonia-solution';
  const solution = ammonia ? { NH3: 'aq' as const } : {};
  const reagent = ammonia ? 'NH3' : 'NaOH';
  const own = ammonia ? 'NH4+' : 'Na+';
  const salt = saltOf(cation, anion);
  if (cation === 'H+')
    return {
      happenings: [
        ammonia
          ? {
              of: 'drops',
              ionic: { reactants: ['H+', 'NH3'], products: ['NH4+'] },
              symbol: { reactants: [salt, 'NH3'], products: [saltOf('NH4+', anion)] },
              states: { NH3: 'aq', [salt]: 'aq', [saltOf('NH4+', anion)]: 'aq' },
            }
          : {
              of: 'drops',
              ionic: { reactants: ['H+', 'OH-'], products: ['H2O'] },
              symbol: { reactants: [salt, 'NaOH'], products: [saltOf('Na+', anion), 'H2O'] },
              states: { [salt]: 'aq' },
            },
      ],
    };
  if (anion === 'OH-')
    return nothing(`${speciesName(cation)} hydroxide holds the hydroxide already; nothing more falls out.`);
  if (!shows(test, cation, 'precipitate'))
    return nothing(
      `${formulaText(cation)} gives no precipitate with ${ammonia ? 'ammonia solution' : 'sodium hydroxide'}${
        cation === 'NH4+' && !ammonia ? '; ammonia comes off only when it is warmed' : ''
      }.`,
    );
  const solid = hydroxideOf(cation);
  const water = solid.endsWith('O') ? 1 : 0;
  const happenings: Happening[] = [
    {
      of: 'drops',
      ionic: ammonia
        ? { reactants: [cation, 'NH3', 'H2O'], products: [solid, 'NH4+'] }
        : { reactants: [cation, 'OH-'], products: [solid, ...(water ? ['H2O'] : [])] },
      symbol: ammonia
        ? { reactants: [salt, 'NH3', 'H2O'], products: [solid, saltOf(own, anion)] }
        : { reactants: [salt, reagent], products: [solid, saltOf(own, anion), ...(water ? ['H2O'] : [])] },
      states: { ...solution, [solid]: 's', [salt]: 'aq', [saltOf(own, anion)]: 'aq' },
    },
  ];
  const to = table[cation];
  if (to && shows(test, cation, 'excess', 'dissolves'))
    happenings.push({
      of: 'excess',
      ionic: ammonia
        ? {
            reactants: [solid, 'NH3', ...(water ? ['H2O'] : [])],
            products: [to.complex, 'OH-'],
          }
        : { reactants: [solid, 'OH-'], products: [to.complex] },
      symbol: { reactants: [solid, reagent, ...(ammonia && water ? ['H2O'] : [])], products: [to.substance] },
      states: { ...solution, [solid]: 's', [to.substance]: 'aq' },
    });
  return { happenings };
}
