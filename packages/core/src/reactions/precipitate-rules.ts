/** Precipitates of anions with barium and silver, halogens set free, spots of cations. */
import type { AnionId, CationId } from '../species/ion.js';
import { formulaText, speciesName } from '../species/species.js';
import { acidFirst } from './acid-rules.js';
import type { AcidId } from '../species/in-acid.js';
import { withAcid } from './facts.js';
import type { Happening } from './reaction-equation.js';
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

/** Two solutions whose ions fall out together: the sample's cation or anion with the other of the reagent. */
export function precipitates(
  { cation, anion }: Salt,
  reagent: { readonly substance: string; readonly cation: CationId; readonly anion: AnionId },
  falls: 'cation' | 'anion',
  acid?: AcidId,
  gone = false,
): Happening {
  // Where the acid has taken the cation already, what is left is the acid of the anion.
  const own: CationId = gone ? 'H+' : cation;
  const [c, a] = falls === 'anion' ? [reagent.cation, anion] : [cation, reagent.anion];
  const solid = saltOf(c, a);
  const beside = falls === 'anion' ? saltOf(own, reagent.anion) : saltOf(reagent.cation, anion);
  const salt = saltOf(own, anion);
  return {
    of: 'test',
    ionic: { reactants: [c, a], products: [solid] },
    symbol: { reactants: [salt, reagent.substance], products: distinct([solid, beside]) },
    states: {
      [salt]: 'aq',
      [beside]: hardlyDissolves(beside) && own !== 'H+' ? 's' : 'aq',
      [solid]: 's',
      ...(acid ? { [acid]: 'aq' as const } : {}),
    },
  };
}

/** Acid, then barium ions. @throws RangeError for sulfuric acid, which brings sulfate. */
export function sulfateTest(salt: Salt, acid: AcidId): Found {
  if (acid === 'H2SO4')
    throw new RangeError('sulfuric acid brings sulfate with it; acidify with HCl or HNO3');
  const first = acidFirst(salt, acid);
  const barium =
    acid === 'HCl'
      ? ({ substance: 'BaCl2', cation: 'Ba2+', anion: 'Cl-' } as const)
      : ({ substance: 'Ba(NO3)2', cation: 'Ba2+', anion: 'NO3-' } as const);
  if (shows('sulfate', salt.anion, 'precipitate'))
    return { happenings: [...first, precipitates(salt, barium, 'anion', acid, first.length > 0)] };
  return first.length
    ? { happenings: first }
    : nothing(`${speciesName(salt.anion)} gives no precipitate with barium ions in acid.`);
}

/** Nitric acid, then silver ions. */
export function silverTest(salt: Salt): Found {
  const first = withAcid(salt.anion) ? acidFirst(salt, 'HNO3') : [];
  const silver = { substance: 'AgNO3', cation: 'Ag+', anion: 'NO3-' } as const;
  if (shows('halide-silver', salt.anion, 'precipitate'))
    return { happenings: [...first, precipitates(salt, silver, 'anion')] };
  return first.length
    ? { happenings: first }
    : nothing(`${speciesName(salt.anion)} gives no precipitate with silver ions in nitric acid.`);
}

const freed: Readonly<Partial<Record<AnionId, string>>> = { 'Br-': 'Br2', 'I-': 'I2' };
/** Chlorine water: what it sets free goes to the layer. */
export function layerTest(salt: Salt): Found {
  const first = withAcid(salt.anion) ? acidFirst(salt, 'HNO3') : [];
  const halogen = freed[salt.anion];
  if (!halogen)
    return first.length
      ? { happenings: first }
      : nothing(`Chlorine sets nothing free from ${speciesName(salt.anion)}.`);
  const [whole, made] = [saltOf(salt.cation, salt.anion), saltOf(salt.cation, 'Cl-')];
  return {
    happenings: [
      {
        of: 'test',
        ionic: { reactants: ['Cl2', salt.anion], products: ['Cl-', halogen] },
        symbol: { reactants: ['Cl2', whole], products: [made, halogen] },
        states: { Cl2: 'aq', [halogen]: 'aq', [whole]: 'aq', [made]: hardlyDissolves(made) ? 's' : 'aq' },
      },
    ],
  };
}

// ---- spots with ammonium salts ----
const spotAnions = {
  'carbonate-spot': 'CO3^2-',
  'sulfate-spot': 'SO4^2-',
  'phosphate-spot': 'PO4^3-',
} as const;
type SpotTest = keyof typeof spotAnions;

/** An ammonium salt, drop for drop. */
export function spot({ cation, anion }: Salt, test: SpotTest): Found {
  const theirs: AnionId = spotAnions[test];
  const salt = saltOf(cation, anion);
  const left = saltOf('NH4+', anion);
  const states = { [salt]: 'aq', [left]: 'aq' } as const;
  if (test === 'carbonate-spot' && cation === 'H+')
    return {
      happenings: [
        {
          of: 'test',
          ionic: { reactants: ['CO3^2-', 'H+'], products: ['CO2', 'H2O'] },
          symbol: { reactants: ['(NH4)2CO3', salt], products: [left, 'CO2', 'H2O'] },
          states: { ...states, '(NH4)2CO3': 'aq' },
        },
      ],
    };
  if (!shows(test, cation, 'precipitate') || theirs === anion)
    return nothing(
      `${formulaText(cation)} gives no precipitate with ${speciesName(theirs)} at these strengths.`,
    );
  // A threefold ion takes the hydroxide of the carbonate solution, and carbon dioxide goes.
  if (test === 'carbonate-spot' && cation.endsWith('3+')) {
    const solid = hydroxideOf(cation);
    return {
      happenings: [
        {
          of: 'test',
          ionic: { reactants: [cation, 'CO3^2-', 'H2O'], products: [solid, 'CO2'] },
          symbol: { reactants: [salt, '(NH4)2CO3', 'H2O'], products: [solid, 'CO2', left] },
          states: { ...states, '(NH4)2CO3': 'aq', [solid]: 's' },
        },
      ],
    };
  }
  if (test === 'phosphate-spot') {
    const solid = cation === 'Ca2+' ? 'CaHPO4' : saltOf(cation, theirs);
    const acid = cation === 'Ca2+' ? [] : ['H+'];
    return {
      happenings: [
        {
          of: 'test',
          ionic: { reactants: [cation, 'HPO4^2-'], products: [solid, ...acid] },
          symbol: {
            reactants: [salt, '(NH4)2HPO4'],
            products: [solid, left, ...(acid.length ? [saltOf('H+', anion)] : [])],
          },
          states: { ...states, '(NH4)2HPO4': 'aq', [solid]: 's', [saltOf('H+', anion)]: 'aq' },
        },
      ],
    };
  }
  const ammonium = saltOf('NH4+', theirs);
  const found = precipitates(
    { cation, anion, form: undefined },
    {
      substance: ammonium,
      cation: 'NH4+',
      anion: theirs,
    },
    'cation',
  );
  return { happenings: [{ ...found, states: { ...found.states, ...states, [ammonium]: 'aq' } }] };
}
