/**
 * What the ions, gases and metals of samples are dangerous for. A salt of several ions bears what all of them bear;
 * what is classified by name (`substances.ts`) goes by its name instead. The compiler asks for every species, and what
 * is harmless says so.
 */
import type { SourceId } from '../sources/sources.js';
import { factOf, filedGases, filedIons } from '../species/filed.js';
import type { IonId } from '../species/ion.js';
import type { GasId, MetalId } from '../species/substance.js';
import { band, type HazardBand } from './hazard-band.js';

export interface SpeciesHazard {
  /** Of a solid salt of it, or of the gas or the metal as it is. */
  readonly neat: HazardBand;
  /** Of its dissolved salts by their strength, strongest first, the last from 0; absent for gases and metals. */
  readonly bands?: readonly HazardBand[];
  readonly source: SourceId;
  readonly unsure?: string;
}

const varies = 'salts of one ion differ; the supplier’s data sheet decides';
const ion = (
  neat: HazardBand,
  bands: readonly HazardBand[],
  unsure: string | undefined = varies,
): SpeciesHazard => ({ neat, bands, source: 'clp', ...(unsure ? { unsure } : {}) });
const neat = (
  level: HazardBand['level'],
  statements: string,
  words: string,
  hands?: HazardBand['hands'],
): HazardBand => band(0, level, statements, words, hands);
/** Adds nothing to what it is with. */
const harmless = (words = ''): SpeciesHazard => ({
  neat: neat('low', '', words),
  bands: [band(0, 'low', '', words)],
  source: 'clp',
});
const substance = (hazard: HazardBand, unsure?: string): SpeciesHazard => ({
  neat: hazard,
  source: 'clp',
  ...(unsure ? { unsure } : {}),
});
const eyes = 'Can damage eyes for good. Goggles.';
const irritatesEyes = 'Irritates eyes. Goggles.';
const quiet = band(0, 'low', '', '');

/** Of the heavy metals that harm even in dilute solution. */
const staffSolid = 'No dust: solids are handled by staff only, in the fume cupboard, with gloves.';
const nickelWords =
  'May cause cancer and allergy, and harm the unborn child: gloves, a few drops only, made up by staff, wash your hands.';
const cobaltWords =
  'May cause cancer and allergy, and harm fertility: gloves, a few drops only, made up by staff, wash your hands.';
const leadWords = 'May harm the unborn child; poisonous: gloves, wash your hands, nothing down the sink.';
const manganeseWords = 'Harmful over time: no dust; wash your hands.';

export const speciesHazards: Readonly<Record<IonId | GasId | MetalId, SpeciesHazard>> = {
  'H+': ion(
    neat('danger', 'H314', 'Acid: burns skin and eyes. Goggles.'),
    [
      band(0.8, 'danger', 'H314', 'Acid: burns skin and eyes. Goggles; wash off at once.'),
      band(0.15, 'care', 'H315 H319', 'Acid: irritates skin and eyes. Goggles.'),
      quiet,
    ],
    'the acids known by name have records of their own; this is for the rest, on the safe side',
  ),
  'Li+': ion(neat('care', 'H302 H319', 'Harmful if swallowed; wash your hands.'), [
    band(1, 'care', 'H302 H319', 'Harmful if swallowed; wash your hands.'),
    quiet,
  ]),
  'Na+': harmless(),
  'K+': harmless(),
  'NH4+': harmless(),
  'Mg2+': harmless(),
  'Ca2+': harmless(),
  'Sr2+': harmless('Low hazard; wash your hands.'),
  'Ba2+': ion(neat('danger', 'H302 H332', 'Poisonous if swallowed: no dust; gloves; wash your hands.'), [
    band(0.28, 'care', 'H302', 'Harmful if swallowed. Wash your hands after use.'),
    band(0, 'low', '', 'Poisonous if swallowed in quantity; at this strength wash your hands after use.'),
  ]),
  'Al3+': ion(neat('danger', 'H318', eyes), [
    band(0.08, 'danger', 'H318', eyes),
    band(0.028, 'care', 'H319', irritatesEyes),
    quiet,
  ]),
  'Zn2+': ion(neat('danger', 'H302 H318 H410', `${eyes} Harms water life.`), [
    band(0.18, 'danger', 'H318 H411', `${eyes} Harms water life.`),
    band(0.06, 'care', 'H319 H411', `${irritatesEyes} Harms water life: into the heavy-metal waste.`),
    band(0, 'low', 'H412', 'Harms water life: into the heavy-metal waste.'),
  ]),
  'Cr3+': ion(neat('danger', 'H302 H317', 'May cause allergy; harmful: gloves, no dust.', 16), [
    band(0.04, 'care', 'H317', 'May cause allergy: gloves if it may touch the skin; wash your hands.', 14),
    quiet,
  ]),
  'Mn2+': ion(neat('care', 'H302 H318 H373 H411', `${manganeseWords} ${eyes}`), [
    band(0.6, 'care', 'H319 H373', manganeseWords),
    band(0, 'low', 'H412', 'Low hazard at this strength; wash your hands after use.'),
  ]),
  'Fe2+': ion(neat('care', 'H302 H315 H319', 'Harmful if swallowed; irritates eyes. Goggles.'), [
    band(0.65, 'care', 'H315 H319', 'Irritates skin and eyes. Goggles.'),
    quiet,
  ]),
  'Fe3+': ion(neat('danger', 'H302 H315 H318', `${eyes} Stains.`), [
    band(0.18, 'danger', 'H315 H318', `${eyes} Stains.`),
    band(0.06, 'care', 'H319', `${irritatesEyes} Stains.`),
    band(0, 'low', '', 'Stains skin and cloth.'),
  ]),
  'Co2+': ion(
    neat('danger', 'H302 H317 H334 H341 H350i H360F H410', `${cobaltWords} ${staffSolid}`, 'staff'),
    [
      band(0.077, 'danger', 'H317 H334 H341 H350i H360F H411', cobaltWords, 16),
      band(0.023, 'danger', 'H350i H360F H411', cobaltWords, 16),
      band(0.00077, 'danger', 'H350i H412', cobaltWords, 16),
      quiet,
    ],
  ),
  'Ni2+': ion(
    neat('danger', 'H302 H317 H334 H341 H350i H360D H372 H410', `${nickelWords} ${staffSolid}`, 'staff'),
    [
      band(0.065, 'danger', 'H317 H334 H341 H350i H360D H372 H412', nickelWords, 16),
      band(0.02, 'danger', 'H317 H350i H360D H373 H412', nickelWords, 16),
      band(0.0065, 'danger', 'H317 H350i H373', nickelWords, 16),
      band(0.00065, 'care', 'H317', 'May cause allergy: gloves; wash your hands.', 16),
      quiet,
    ],
  ),
  'Cu2+': ion(neat('danger', 'H302 H318 H410', `Harmful if swallowed. ${eyes} Harms water life.`), [
    band(0.19, 'danger', 'H318 H411', `${eyes} Harms water life.`),
    band(0.06, 'care', 'H319 H411', `${irritatesEyes} Harms water life: into the heavy-metal waste.`),
    band(0, 'low', 'H412', 'Harms water life: into the heavy-metal waste.'),
  ]),
  'Ag+': ion(
    neat('danger', 'H314 H410', 'Burns eyes, stains skin black; harms water life. Goggles, gloves.', 16),
    [
      band(0.06, 'care', 'H319 H410', 'Irritates eyes and stains skin black. Goggles.'),
      band(0, 'low', 'H410', 'Stains skin and cloth black; into the silver waste.'),
    ],
  ),
  'Pb2+': ion(neat('danger', 'H302 H332 H360Df H373 H410', `${leadWords} ${staffSolid}`, 'staff'), [
    band(0.075, 'danger', 'H360Df H373 H411', leadWords, 14),
    band(0.015, 'danger', 'H360Df H373 H412', leadWords, 14),
    band(0.009, 'danger', 'H360Df H412', leadWords, 14),
    quiet,
  ]),
  'OH-': ion(neat('danger', 'H314', 'Burns skin and eyes. Goggles.'), [
    band(0.5, 'danger', 'H314', 'Burns skin and blinds eyes. Goggles; wash off at once.'),
    band(0.125, 'care', 'H315 H319', 'Irritates skin and eyes. Goggles; wash off at once.'),
    quiet,
  ]),
  'CO3^2-': harmless(),
  'HCO3-': harmless(),
  'SO3^2-': ion(
    neat(
      'care',
      'H319',
      'Gives off choking sulfur dioxide with acid: fume cupboard or moving air; mind asthma.',
    ),
    [
      band(
        0,
        'care',
        '',
        'Gives off choking sulfur dioxide with acid: fume cupboard or moving air; mind asthma.',
      ),
    ],
  ),
  'SO4^2-': harmless(),
  'Cl-': harmless(),
  'Br-': harmless(),
  'I-': harmless(),
  'NO3-': ion(neat('care', 'H272', 'The solid feeds a fire: away from anything that burns.'), [quiet]),
  'PO4^3-': harmless(),
  H2: substance(
    neat(
      'danger',
      'H220',
      'Explodes with air at a flame: one test tube at a time, no flame at the generator.',
    ),
  ),
  O2: substance(neat('care', 'H270', 'Makes things burn fiercely: nothing oily near.')),
  CO2: substance(neat('low', '', 'Low hazard in test tubes.')),
  Cl2: substance(
    neat(
      'danger',
      'H270 H315 H319 H331 H335 H400',
      'Poisonous to breathe: made and handed out by the teacher, in the fume cupboard only.',
      'staff',
    ),
  ),
  NH3: substance(
    neat(
      'danger',
      'H221 H314 H331 H400',
      'Chokes and hurts eyes: fume cupboard, smallest amounts; waft, never sniff.',
    ),
  ),
  SO2: substance(
    neat(
      'danger',
      'H314 H331',
      'Chokes; dangerous for asthma: fume cupboard, smallest amounts; never sniff.',
    ),
  ),
  H2O: substance(neat('low', '', 'Plain water.')),
  N2: substance(neat('low', '', 'Low hazard in test tubes.')),
  Mg: substance(
    neat('care', 'H228 H261', 'Burns with a blinding light: keep from flames, and count the pieces back in.'),
  ),
  Al: substance(neat('low', '', 'Low hazard as foil or strip; the powder burns.')),
  Zn: substance(neat('low', '', 'Low hazard as pieces; the powder burns and harms water life.')),
  Fe: substance(neat('low', '', 'Low hazard as pieces; filings sting in eyes. Goggles.')),
  Cu: substance(neat('low', '', 'Low hazard.')),
  Ca: substance(neat('danger', 'H261', 'Reacts with water and damp skin: tweezers, dry, goggles.', 14)),
  Pb: substance(neat('danger', 'H360FD H372', 'Poisonous: tweezers, wash your hands.', 14)),
  ...factOf(filedIons, 'hazard'),
  ...factOf(filedGases, 'hazard'),
};
