/**
 * What each metal sends out in a roaring burner flame: persistent lines and molecular bands, with
 * relative strengths for equal amounts of salt. Wavelengths are from the tables named; strengths are
 * estimates fitted to what is seen, since a school burner is no standard source.
 */
import type { SourceId } from '../sources/sources.js';
import { factOf, filedCations } from '../species/filed.js';
import type { CationId } from '../species/ion.js';
import type { FlameName } from './flame-name.js';

export interface Emission {
  /** Centre in nm. */
  readonly nm: number;
  /** Half width at 61 % in nm; 0 for a line. */
  readonly width: number;
  /** Radiant power for unit amount, arbitrary units common to all metals. */
  readonly power: number;
}
export interface Emitter {
  readonly emissions: readonly Emission[];
  /** What the pure flame is called, by eye and through the glass; other flames are named by the nearest. */
  readonly called: FlameName;
  readonly calledThroughGlass: FlameName;
  readonly source: SourceId;
  readonly unsure: string;
}

/** A cation without a flame to be seen, and why. */
export interface NoColour {
  readonly none: string;
  readonly source: SourceId;
}
const none = (why: string): NoColour => ({ none: why, source: 'vogel-tests' });

const line = (nm: number, power: number): Emission => ({ nm, width: 0, power });
const band = (nm: number, width: number, power: number): Emission => ({ nm, width, power });
const estimated = 'strengths are estimates fitted to what is seen';

/** What each cation does in a flame: the compiler asks for every one. */
export const flameOf: Readonly<Record<CationId, Emitter | NoColour>> = {
  'Li+': {
    emissions: [line(670.8, 1500), line(610.4, 4)],
    called: 'crimson',
    calledThroughGlass: 'purple',
    source: 'crc-lines',
    unsure: estimated,
  },
  'Na+': {
    emissions: [line(589.0, 660), line(589.6, 340)],
    called: 'yellow',
    calledThroughGlass: 'none',
    source: 'crc-lines',
    unsure: estimated,
  },
  'K+': {
    emissions: [
      line(766.5, 620),
      line(769.9, 310),
      line(404.4, 0.65),
      line(404.7, 0.35),
      band(520, 70, 0.22),
    ],
    called: 'lilac',
    calledThroughGlass: 'crimson',
    source: 'crc-lines',
    unsure: estimated,
  },
  'Ca2+': {
    emissions: [band(554, 4, 10), band(603, 4, 25), band(622, 6, 120), line(422.7, 0.12)],
    called: 'orange-red',
    calledThroughGlass: 'pale-green',
    source: 'pearse-gaydon',
    unsure: estimated,
  },
  'Sr2+': {
    emissions: [band(605, 4, 40), band(646, 6, 90), band(666, 6, 160), band(682, 6, 260), line(460.7, 1.6)],
    called: 'red',
    calledThroughGlass: 'purple',
    source: 'pearse-gaydon',
    unsure: estimated,
  },
  'Ba2+': {
    emissions: [
      band(487, 5, 5),
      band(513, 7, 26),
      line(553.5, 26),
      band(527, 8, 14),
      band(545, 10, 18),
      band(575, 12, 16),
    ],
    called: 'apple-green',
    calledThroughGlass: 'blue-green',
    source: 'pearse-gaydon',
    unsure: estimated,
  },
  'Cu2+': {
    emissions: [
      band(437, 5, 1.2),
      band(443, 5, 1),
      band(480, 5, 8),
      band(488, 5, 16),
      band(500, 8, 16),
      band(515, 12, 14),
      band(537, 12, 22),
    ],
    called: 'blue-green',
    calledThroughGlass: 'blue-green',
    source: 'pearse-gaydon',
    unsure: estimated,
  },
  'Pb2+': {
    emissions: [line(405.8, 6), band(435, 20, 2), band(470, 25, 3), band(540, 60, 6)],
    called: 'pale-blue',
    calledThroughGlass: 'none',
    source: 'pearse-gaydon',
    unsure: `${estimated}; books give no colour through the glass`,
  },
  'H+': none('an acid gives no colour of its own'),
  'NH4+': none('ammonium salts burn away without a colour'),
  'Mg2+': none('its lines lie in the ultraviolet; a burner is too cool for its oxide'),
  'Al3+': none('its lines lie in the violet and are too weak in a burner'),
  'Zn2+': none('a burner is too cool; the zinc burns off white'),
  'Cr3+': none('its many lines are too weak in a burner'),
  'Mn2+': none('its lines are too weak in a burner'),
  'Fe2+': none('sparks and a faint gold at most, nothing to name it by'),
  'Fe3+': none('sparks and a faint gold at most, nothing to name it by'),
  'Co2+': none('its lines are too weak in a burner'),
  'Ni2+': none('its lines are too weak in a burner'),
  'Ag+': none('its lines are too weak in a burner'),
  ...factOf(filedCations, 'flame'),
};
export const emitters: readonly (Emitter & { readonly ion: CationId })[] = (
  Object.entries(flameOf) as [CationId, Emitter | NoColour][]
).flatMap(([ion, flame]) => ('none' in flame ? [] : [{ ion, ...flame }]));
