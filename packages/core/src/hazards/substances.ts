/**
 * Substances whose hazard is classified by name, whatever part they play: reagent, sample, or what one is made from.
 * Limits are the specific concentration limits of CLP annex VI where there are any (source `clp`), else the general
 * limits for mixtures (annex I), as mass percent turned into mol/dm3 and rounded to the safe side.
 */
import type { SourceId } from '../sources/sources.js';
import { band, low, type HazardBand } from './hazard-band.js';

export interface SubstanceHazard {
  /** As a solid, or as it is supplied. */
  readonly neat: HazardBand;
  /** As a solution, strongest first, the last from 0. */
  readonly bands: readonly HazardBand[];
  readonly source: SourceId;
  readonly unsure?: string;
}
const substance = (
  neat: HazardBand,
  bands: readonly HazardBand[],
  more: { source?: SourceId; unsure?: string } = {},
): SubstanceHazard => ({ neat, bands, source: 'clp', ...more });
/** A liquid or solution, supplied at its strongest. */
const solution = (
  bands: readonly HazardBand[],
  more: { source?: SourceId; unsure?: string } = {},
): SubstanceHazard => substance(bands[0]!, bands, more);

const burns =
  'Burns skin and blinds eyes. Goggles; wash off at once with plenty of water and tell your teacher.';
const irritates = 'Irritates skin and eyes. Goggles; wash off at once.';
const hydroxideBands = [
  band(0.5, 'danger', 'H314', burns),
  band(0.125, 'care', 'H315 H319', irritates),
  low(),
] as const;
const bariumBands = [
  band(0.28, 'care', 'H302', 'Harmful if swallowed. Wash your hands after use.'),
  band(0, 'low', '', 'Poisonous if swallowed in quantity; at this strength wash your hands after use.'),
] as const;
const bariumSolid = band(
  0,
  'danger',
  'H301 H332',
  'Poisonous if swallowed: no dust; gloves; wash your hands.',
  16,
);
const copperBands = [
  band(0.19, 'danger', 'H318 H411', 'Can damage eyes for good. Goggles; harms water life.'),
  band(0.06, 'care', 'H319 H411', 'Irritates eyes. Goggles; harms water life: into the heavy-metal waste.'),
  band(0, 'low', 'H412', 'Harms water life: into the heavy-metal waste.'),
] as const;

export const substances = {
  NaOH: substance(band(0, 'danger', 'H290 H314', burns), hydroxideBands),
  KOH: substance(band(0, 'danger', 'H290 H302 H314', burns), hydroxideBands),
  // 15 g of it in a dm3 is all that dissolves.
  'Ca(OH)2': substance(band(0, 'danger', 'H315 H318 H335', 'Can damage eyes for good; no dust. Goggles.'), [
    band(0, 'care', 'H318', 'Hurts eyes. Goggles.'),
  ]),
  NH3: solution(
    [
      band(
        2.9,
        'danger',
        'H314 H335',
        'Burns, and its vapour chokes. Fume cupboard, goggles, stopper back at once.',
      ),
      band(1.7, 'danger', 'H315 H318', 'Can damage eyes for good. Goggles; moving air; do not lean over it.'),
      band(0.58, 'care', 'H315 H319', 'Irritates skin, eyes and nose. Work where the air moves; goggles.'),
      band(0, 'low', '', 'Low hazard at this strength, but do not lean over it.'),
    ],
    { unsure: 'skin and eyes by the general limits; airways from 5 %' },
  ),
  HCl: solution([
    band(
      7.7,
      'danger',
      'H314 H335',
      'Burns skin and its fumes hurt the lungs. Your teacher hands it out, a few drops; fume cupboard, goggles.',
      16,
    ),
    band(2.7, 'care', 'H315 H319 H335', 'Irritates skin, eyes and lungs. Goggles; wash off at once.'),
    low(),
  ]),
  HNO3: solution([
    band(
      0.8,
      'danger',
      'H314',
      'Burns skin and eyes and stains skin yellow. Goggles; wash off at once and tell your teacher.',
    ),
    band(0.15, 'care', 'H315 H319', irritates),
    low(),
  ]),
  H2SO4: solution([
    band(
      5,
      'danger',
      'H314',
      'Burns deeply and grows hot with water. In the teacher’s hands only; goggles or face shield.',
      'staff',
    ),
    band(1.5, 'danger', 'H314', burns),
    band(0.5, 'care', 'H315 H319', irritates),
    low(),
  ]),
  BaCl2: substance(bariumSolid, bariumBands),
  'Ba(NO3)2': substance(
    band(
      0,
      'danger',
      'H272 H302 H332 H319',
      'Poisonous if swallowed, and feeds a fire: no dust; gloves; wash your hands.',
      16,
    ),
    bariumBands,
  ),
  AgNO3: substance(
    band(
      0,
      'danger',
      'H272 H314 H410',
      'Burns skin and eyes, stains black, feeds a fire. Goggles, gloves.',
      16,
    ),
    [
      band(0.3, 'danger', 'H314 H410', 'Burns skin and eyes and stains black. Goggles, gloves.', 16),
      band(0.18, 'danger', 'H315 H318 H410', 'Can damage eyes for good; stains skin black. Goggles.'),
      band(0.06, 'care', 'H315 H319 H410', 'Irritates eyes and stains skin black. Goggles.'),
      band(
        0,
        'low',
        'H410',
        'Stains skin and cloth black in daylight. Goggles. Harms water life: into the silver waste.',
      ),
    ],
  ),
  FeSO4: substance(band(0, 'care', 'H302 H315 H319', 'Harmful if swallowed; irritates eyes. Goggles.'), [
    band(0.65, 'care', 'H315 H319', irritates),
    low(),
  ]),
  CuSO4: substance(
    band(0, 'danger', 'H302 H318 H410', 'Harmful if swallowed and can damage eyes for good. Goggles.'),
    copperBands,
  ),
  Na2CO3: substance(band(0, 'care', 'H319', 'Irritates eyes. Goggles.'), [
    band(0.9, 'care', 'H319', 'Irritates eyes. Goggles.'),
    low(),
  ]),
  CaCl2: substance(band(0, 'care', 'H319', 'Irritates eyes. Goggles.'), [
    band(0.9, 'care', 'H319', 'Irritates eyes. Goggles.'),
    low(),
  ]),
  NH4Cl: substance(band(0, 'care', 'H302 H319', 'Harmful if swallowed; irritates eyes. Goggles.'), [
    band(1.8, 'care', 'H319', 'Irritates eyes. Goggles.'),
    low(),
  ]),
  KMnO4: substance(
    band(
      0,
      'danger',
      'H272 H302 H361d H373 H410',
      'Feeds a fire; harmful; stains brown. Gloves, no dust.',
      16,
    ),
    [
      band(0.1, 'care', 'H411', 'Stains skin and cloth brown; harms water life.'),
      band(0, 'low', 'H412', 'Stains skin and cloth brown.'),
    ],
  ),
  KSCN: substance(
    band(
      0,
      'care',
      'H302 H312 H332 H412',
      'Harmful; no dust. Never with concentrated acid or bleach: a poisonous gas comes off.',
    ),
    [
      band(
        2.6,
        'care',
        'H302 H312 H412',
        'Harmful. Never with concentrated acid or bleach: a poisonous gas comes off.',
      ),
      band(0, 'low', '', 'Never with concentrated acid or bleach: a poisonous gas comes off.'),
    ],
  ),
  hexane: solution([
    band(
      0,
      'danger',
      'H225 H304 H315 H336 H361f H373 H411',
      'Catches fire easily. No flame in the room; fume cupboard. Into the organic waste, never the sink.',
    ),
  ]),
  heptane: solution([
    band(
      0,
      'danger',
      'H225 H304 H315 H336 H410',
      'Catches fire easily. No flame in the room; moving air. Into the organic waste, never the sink.',
    ),
  ]),
} as const satisfies Readonly<Record<string, SubstanceHazard>>;

export type SubstanceFormula = keyof typeof substances;

/** The record of a substance by its formula, or undefined where it has none of its own. */
export const substanceHazard = (formula: string): SubstanceHazard | undefined =>
  Object.hasOwn(substances, formula) ? substances[formula as SubstanceFormula] : undefined;
