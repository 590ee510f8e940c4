/** Confirming tests: lead and iodide, iron(III) and thiocyanate, carbonate and magnesium; and what iodide reduces. */
import type { CationId } from '../species/ion.js';
import { formulaText, speciesName } from '../species/species.js';
import { precipitates } from './precipitate-rules.js';
import type { Happening } from './reaction-equation.js';
import { distinct, hardlyDissolves, nothing, saltOf, shows, type Found, type Salt } from './rule-parts.js';

/** What iodide makes of an ion it gives an electron to, beside iodine. */
const reducedByIodide: Readonly<Partial<Record<CationId, string>>> = { 'Cu2+': 'CuI', 'Fe3+': 'Fe2+' };

/** Potassium iodide. */
export function iodideTest(salt: Salt): Found {
  const { cation, anion } = salt;
  if (anion === 'I-') return nothing('The sample holds iodide already; choose another salt of the ion.');
  const reduced = reducedByIodide[cation];
  if (reduced) {
    const [whole, beside] = [saltOf(cation, anion), saltOf('K+', anion)];
    const made = reduced === 'Fe2+' ? saltOf('Fe2+', anion) : reduced;
    const happening: Happening = {
      of: 'test',
      ionic: { reactants: [cation, 'I-'], products: [reduced, 'I2'] },
      symbol: { reactants: [whole, 'KI'], products: distinct([made, 'I2', beside]) },
      states: {
        [whole]: 'aq',
        KI: 'aq',
        I2: 'aq',
        CuI: 's',
        ...(reduced === 'Fe2+' ? { [made]: 'aq' } : {}),
      },
    };
    return { happenings: [happening] };
  }
  return shows('potassium-iodide', cation, 'precipitate')
    ? { happenings: [precipitates(salt, { substance: 'KI', cation: 'K+', anion: 'I-' }, 'cation')] }
    : nothing(`${formulaText(cation)} gives no precipitate with iodide.`);
}

/** Potassium thiocyanate: only the red of iron(III) is written at school. */
export function thiocyanateTest({ cation, anion }: Salt): Found {
  if (cation !== 'Fe3+')
    return nothing(
      `Only the red of iron(III) is written as an equation, and ${formulaText(cation)} is not that.`,
    );
  const [whole, beside] = [saltOf(cation, anion), saltOf('K+', anion)];
  // The complex bears two charges, as barium does, and stands beside the anion in the same numbers.
  const complexSalt = saltOf('Ba2+', anion).replace('Ba', '[Fe(SCN)]');
  return {
    happenings: [
      {
        of: 'test',
        ionic: { reactants: ['Fe3+', 'SCN-'], products: ['[Fe(SCN)]2+'] },
        symbol: { reactants: [whole, 'KSCN'], products: [complexSalt, beside] },
        states: { [whole]: 'aq', KSCN: 'aq', [complexSalt]: 'aq', [beside]: 'aq', 'SCN-': 'aq' },
      },
    ],
  };
}

/** Magnesium sulfate in the cold. */
export function magnesiumTest(salt: Salt): Found {
  const { anion } = salt;
  return shows('magnesium-sulfate', anion, 'precipitate') && hardlyDissolves(saltOf('Mg2+', anion))
    ? { happenings: [precipitates(salt, { substance: 'MgSO4', cation: 'Mg2+', anion: 'SO4^2-' }, 'anion')] }
    : nothing(`${speciesName(anion)} gives no precipitate with magnesium ions in the cold.`);
}
