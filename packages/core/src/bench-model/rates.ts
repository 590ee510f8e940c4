/**
 * How fast things go at the bench: fizzing, warming, clouding, drying, charring. Data books give where a reaction
 * ends, not how soon it is seen in a school tube; these are estimates fitted to what is seen, and say so.
 */
import type { MetalId } from '../species/substance.js';
import type { SourceId } from '../sources/sources.js';

/** A figure with where it comes from. */
export interface Figure {
  readonly value: number;
  readonly unit: string;
  readonly source: SourceId;
  readonly unsure?: string;
}
const estimated = 'an estimate fitted to what a school tube shows';
const estimate = (value: number, unit: string, unsure = estimated): Figure => ({
  value,
  unit,
  source: 'school-practice',
  unsure,
});

/** Gas in cm3/s that the usual piece of a metal gives in 1 mol/dm3 acid at 20 °C. */
export const metalRate: Readonly<Record<MetalId, Figure>> = {
  Ca: estimate(2, 'cm3/s'),
  Mg: estimate(1, 'cm3/s'),
  Al: estimate(0.28, 'cm3/s', 'once its oxide is off; at first a tenth of it'),
  Zn: estimate(0.2, 'cm3/s'),
  Fe: estimate(0.03, 'cm3/s'),
  Pb: estimate(0.002, 'cm3/s', 'cold dilute acid; its chloride and sulfate coat it besides'),
  Cu: { value: 0, unit: 'cm3/s', source: 'vogel' },
};
/** Seconds in 1 mol/dm3 acid until aluminium's oxide is through. */
export const oxideHolds_s = estimate(40, 's');
/** Gas in cm3/s from 0.01 mol of carbonate lumps in 1 mol/dm3 acid; powder is faster by `powderFaster`. */
export const carbonateRate = estimate(0.25, 'cm3/s');
export const powderFaster = estimate(20, 'times');
/** Rates go with so great a power of the acid's strength. */
export const acidOrder = estimate(0.7, 'power');
/** A rate doubles for so many degrees. */
export const doublesEvery_C = estimate(15, '°C');
/** Share of the piece that has gone when a sulfate coat has cut the fizzing to 1/e. */
export const coatAt = { lumps: estimate(0.0008, 'share'), powder: estimate(0.02, 'share') } as const;

/** Seconds in which 1/e of the gas a liquid holds beyond saturation is left in it. */
export const leaves_s = {
  CO2: estimate(4, 's'),
  SO2: estimate(90, 's', 'very soluble: cold it hardly bubbles, warm it comes within seconds'),
  O2: estimate(1, 's'),
  NH3: estimate(30, 's'),
  other: estimate(1, 's'),
} as const;

/** cm3/s of gas from which bubbles are called slow, steady, vigorous. */
export const bubbling = {
  slow: estimate(0.008, 'cm3/s'),
  steady: estimate(0.06, 'cm3/s'),
  vigorous: estimate(0.35, 'cm3/s'),
} as const;

/** Seconds in which half of a gas is lost from an open tube, mouth up. */
export const halfLost_s: Readonly<Record<string, Figure>> = {
  H2: estimate(25, 's'),
  NH3: estimate(30, 's'),
  O2: estimate(120, 's'),
  CO2: estimate(120, 's'),
  Cl2: estimate(200, 's'),
  SO2: estimate(200, 's'),
  HCl: estimate(90, 's'),
  NO2: estimate(120, 's'),
};

/** Seconds in which a tube goes 1/e of the way to the bath, and to the room. */
export const warmsIn_s = estimate(20, 's');
export const coolsIn_s = estimate(180, 's');
export const bath_C = estimate(80, '°C');
/** Degrees a second over a small flame. */
export const flameHeats = estimate(2.5, '°C/s');
/** From so many degrees a hand feels that the tube warms. */
export const feltWarm_C = estimate(3, '°C');

/** Seconds of standing in air in which 1/e is left unoxidised where air gets to it, and how much browns at most. */
export const brownsIn_s = estimate(240, 's');
/** Seconds of standing from which a change of colour in air is seen. */
export const standingSeen_s = estimate(60, 's');
/** Silver chloride in daylight goes grey-violet in so many seconds. */
export const darkensIn_s = estimate(300, 's');
/** A ring left alone fades in so many seconds. */
export const ringFades_s = estimate(900, 's');
/** Seconds for a loose precipitate to settle, and a flocculent one. */
export const settlesIn_s = estimate(120, 's');

/** Oxygen in cm3/s from 1 cm3 of 1 mol/dm3 hydrogen peroxide on a spatula-tip of catalyst. */
export const peroxideRate = estimate(0.25, 'cm3/s');
/** Share of nitrate that aluminium in warm alkali reduces in a second. */
export const nitrateReduced = estimate(0.04, 'share/s');

/** Flames. Seconds for which a colour stays whole, and then the seconds in which 1/e of it is left. */
export interface FlameCourse {
  readonly whole_s: number;
  readonly fades_s: number;
  /** Loads of sodium whose orange is left when it has faded: traces in the salt, and the hot wire. */
  readonly leavesOrange?: number;
}
export const flameCourse: Readonly<Record<string, FlameCourse>> & { readonly other: FlameCourse } = {
  'Na+': { whole_s: 20, fades_s: 20 },
  'K+': { whole_s: 4, fades_s: 4 },
  'Li+': { whole_s: 5, fades_s: 6 },
  'Ba2+': { whole_s: 3, fades_s: 0.7, leavesOrange: 0.02 },
  'Ca2+': { whole_s: 3, fades_s: 0.7, leavesOrange: 0.04 },
  'Sr2+': { whole_s: 4, fades_s: 4 },
  'Cu2+': { whole_s: 6, fades_s: 8 },
  other: { whole_s: 4, fades_s: 4 },
};
export const flameCourseSource = { source: 'school-practice', unsure: estimated } as const;
/** Seconds until wet wood or cotton has dried and begins to burn; dry, it begins at once. */
export const burnsFrom_s = {
  soaked: estimate(6, 's'),
  wet: estimate(4, 's'),
  dry: estimate(0.5, 's'),
} as const;
/** Sodium on a tool, in loads of a salt: as it lies about, and what else brings it. */
export const sodiumOf = {
  uncleaned: estimate(2, 'loads'),
  touched: estimate(2, 'loads'),
  tapWater: estimate(0.1, 'loads'),
  dust: estimate(0.02, 'loads', 'where sodium salts have been spilt about'),
  glass: estimate(2, 'loads', 'glass gives off its own sodium as it softens'),
} as const;
/** Loads of one salt beyond the first shine as this much more at most: the flame takes up again what its own atoms give. */
export const moreShines = estimate(
  0.35,
  'loads',
  'self-absorption of strong lines; a dirty wire is no brighter than this',
);
/** What one dip and burning-off leaves on the wire. */
export const cleaningLeaves = {
  strong: estimate(0.01, 'share'),
  weak: estimate(0.3, 'share', 'dilute acid makes few volatile chlorides'),
  none: estimate(0.8, 'share', 'burning alone drives little off'),
} as const;
