/**
 * What samples are dangerous for, by ion: of the solid salt, and from which strength a solution still is.
 * Limits of solutions follow the general limits for mixtures (CLP annex I: 25 % harmful, 3 % toxic,
 * 0.3 % reproductive toxicity for lead …), turned into mol/dm3 and rounded to the safe side.
 */
import type { SourceId } from '../sources/sources.js';
import type { SpeciesId } from '../species/species.js';
import type { SampleForm } from '../species/sample-form.js';
import type { HazardBand } from './reagents.js';

interface IonHazard {
  readonly of: SpeciesId;
  readonly solid: readonly string[];
  /** A solution at this strength (mol/dm3) or more bears `solution`; below it, nothing is said. */
  readonly from_M: number;
  readonly solution: readonly string[];
  readonly words: string;
  readonly level: HazardBand['level'];
  readonly source: SourceId;
  readonly unsure?: string;
}
const ion = (
  of: SpeciesId,
  level: HazardBand['level'],
  solid: string,
  from_M: number,
  solution: string,
  words: string,
  unsure?: string,
): IonHazard => ({
  of,
  level,
  solid: solid.split(' ').filter(Boolean),
  from_M,
  solution: solution.split(' ').filter(Boolean),
  words,
  source: 'clp',
  ...(unsure ? { unsure } : {}),
});
const general = 'salts of one ion differ; the supplier’s data sheet decides';

export const ionHazards: readonly IonHazard[] = [
  ion('Li+', 'care', 'H302 H319', 1, 'H302', 'Harmful if swallowed; wash your hands.', general),
  ion('Ba2+', 'care', 'H301 H332', 0.1, 'H302', 'Poisonous if swallowed; wash your hands.', general),
  ion('Sr2+', 'low', '', 2, '', 'Low hazard; wash your hands.', general),
  ion('Al3+', 'low', 'H318', 0.5, 'H319', 'Hurts eyes as a solid; goggles.', general),
  ion('Zn2+', 'care', 'H302 H318 H410', 0.2, 'H319 H411', 'Hurts eyes; harms water life.', general),
  ion('Cr3+', 'care', 'H302 H317', 0.2, 'H317', 'May cause allergy; gloves for the solid.', general),
  ion('Mn2+', 'care', 'H302 H373 H411', 0.5, 'H373', 'Harmful; no dust.', general),
  ion('Fe2+', 'care', 'H302 H315 H319', 1, 'H302', 'Harmful if swallowed.', general),
  ion('Fe3+', 'care', 'H302 H315 H318', 0.5, 'H319', 'Hurts eyes, stains.', general),
  ion(
    'Co2+',
    'danger',
    'H302 H317 H334 H341 H350i H360F H410',
    0.01,
    'H317 H334 H350i H411',
    'May cause cancer and allergy: gloves, no dust, smallest amounts; solutions made by staff.',
  ),
  ion(
    'Ni2+',
    'danger',
    'H302 H317 H334 H350i H360D H372 H410',
    0.01,
    'H317 H350i H411',
    'May cause cancer and allergy: gloves, no dust, smallest amounts; solutions made by staff.',
  ),
  ion(
    'Cu2+',
    'care',
    'H302 H318 H410',
    0.5,
    'H319 H411',
    'Harmful if swallowed, hurts eyes; harms water life.',
    general,
  ),
  ion('Ag+', 'care', 'H314 H410', 0.2, 'H318 H410', 'Hurts eyes, stains skin black; harms water life.'),
  ion(
    'Pb2+',
    'danger',
    'H302 H332 H360Df H373 H410',
    0.01,
    'H360Df H373 H411',
    'May harm the unborn child; poisonous: gloves, wash your hands, nothing down the sink.',
  ),
  ion('OH-', 'danger', 'H314', 0.5, 'H314', 'Burns skin and eyes.'),
  ion('SO3^2-', 'low', 'H319', 1, '', 'Gives off choking sulfur dioxide with acid: moving air.'),
  ion('NO3-', 'low', 'H272', Infinity, '', 'The solid feeds a fire: away from anything that burns.'),
  ion(
    'H2',
    'danger',
    '',
    Infinity,
    '',
    'Explodes with air at a flame: one test tube at a time, no flame at the generator.',
  ),
  ion('O2', 'care', '', Infinity, '', 'Makes things burn fiercely: nothing oily near.'),
  ion(
    'Cl2',
    'danger',
    '',
    Infinity,
    '',
    'Poisonous to breathe: made and handed out by the teacher, in the fume cupboard only.',
  ),
  ion('NH3', 'danger', '', Infinity, '', 'Chokes and hurts eyes: fume cupboard, smallest amounts.'),
  ion('SO2', 'danger', '', Infinity, '', 'Chokes; dangerous for asthma: fume cupboard, smallest amounts.'),
  ion('HCl', 'danger', '', Infinity, '', 'Chokes and burns: fume cupboard, smallest amounts.'),
  ion('Mg', 'care', 'H228 H261', 0, '', 'Burns with a blinding light: keep from flames.'),
  ion('Ca', 'danger', 'H261', 0, '', 'Reacts with water and damp skin: tweezers, dry, goggles.'),
  ion('Pb', 'danger', 'H360FD H372', 0, '', 'Poisonous: tweezers, wash your hands.'),
];

/** The hazard a sample bears, of all it holds together. */
export function sampleHazard(ids: readonly string[], form: SampleForm, molarity: number | null): HazardBand {
  const found = ionHazards.filter(
    (h) => ids.includes(h.of) && (form !== 'solution' || (molarity ?? 0) >= h.from_M),
  );
  const order = { low: 0, care: 1, danger: 2 } as const;
  const codes = [...new Set(found.flatMap((h) => (form === 'solution' ? h.solution : h.solid)))].sort();
  return {
    from_M: 0,
    level: found.reduce<HazardBand['level']>(
      (worst, h) => (order[h.level] > order[worst] ? h.level : worst),
      'low',
    ),
    words: found.map((h) => h.words).join(' ') || 'Low hazard at this strength; wash your hands after use.',
    statements: codes,
  };
}
