/**
 * A hazard at a strength. Bands of one substance go from the strongest down; the last begins at 0. They support, and
 * never replace, the employer's risk assessment and local codes.
 */
export type HazardLevel = 'low' | 'care' | 'danger';

export interface HazardBand {
  /** Applies from this strength in mol/dm3 up; 0 for any. */
  readonly from_M: number;
  /** What a student reads. */
  readonly words: string;
  readonly level: HazardLevel;
  /** GHS hazard statements. */
  readonly statements: readonly string[];
  /** Youngest students' age in whose hands the usual school lists leave it; `staff` where in none. */
  readonly hands?: number | 'staff';
}

const codes = (statements: string): readonly string[] => statements.split(' ').filter(Boolean);

/** One band; statements as codes parted by spaces. */
export const band = (
  from_M: number,
  level: HazardLevel,
  statements: string,
  words: string,
  hands?: HazardBand['hands'],
): HazardBand => ({
  from_M,
  words,
  level,
  statements: codes(statements),
  ...(hands === undefined ? {} : { hands }),
});

const plainWords = 'Low hazard at this strength; wash off splashes.';
/** Nothing to mind beyond clean hands. */
export const low = (words = plainWords): HazardBand => band(0, 'low', '', words);
/** Does a band say something that is worth a student's reading? */
export const saysSomething = ({ words }: HazardBand): boolean => words !== plainWords;

/** What is said of anything that has no record: never "low". */
export const notKnown: HazardBand = {
  ...band(
    0,
    'danger',
    '',
    'Hazard not known: treat it as hazardous, and ask the qualified person in charge.',
  ),
  hands: 'staff',
};

/** The band at a strength in mol/dm3; null: as it is supplied, at its strongest. */
export const bandAt = (bands: readonly HazardBand[], molarity: number | null): HazardBand =>
  bands.find((b) => (molarity ?? Infinity) >= b.from_M) ?? bands.at(-1) ?? notKnown;

const order: Readonly<Record<HazardLevel, number>> = { low: 0, care: 1, danger: 2 };
/** The graver of two levels. */
export const worse = (a: HazardLevel, b: HazardLevel): HazardLevel => (order[a] >= order[b] ? a : b);
/** The elder of two ages; `staff` is beyond all. */
export const elder = (a: HazardBand['hands'], b: HazardBand['hands']): HazardBand['hands'] =>
  a === 'staff' || b === 'staff' ? 'staff' : a === undefined ? b : b === undefined ? a : Math.max(a, b);
