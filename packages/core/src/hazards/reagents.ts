/**
 * The reagents of the tests: what they are called, how strong a bench bottle is, and what hazard they
 * bear at which strength. Limits for sodium hydroxide, the mineral acids and ammonia are the specific
 * concentration limits of CLP annex VI, turned into mol/dm3; the rest are rounded to the safe side.
 * They support, and never replace, the employer's risk assessment and local codes.
 */
import type { SourceId } from '../sources/sources.js';

export type ReagentId =
  | 'NaOH'
  | 'NH3'
  | 'HCl'
  | 'HNO3'
  | 'H2SO4'
  | 'BaCl2'
  | 'Ba(NO3)2'
  | 'AgNO3'
  | 'FeSO4'
  | 'chlorine-water'
  | 'hexane'
  | 'Al-foil'
  | '(NH4)2CO3'
  | '(NH4)2HPO4'
  | '(NH4)2SO4'
  | 'limewater'
  | 'KMnO4'
  | 'CuSO4-anhydrous'
  | 'CoCl2-paper'
  | 'litmus'
  | 'metal'
  | 'water';

export interface HazardBand {
  /** Applies from this strength in mol/dm3 up; 0 for any. */
  readonly from_M: number;
  /** What a student reads. */
  readonly words: string;
  readonly level: 'low' | 'care' | 'danger';
  /** GHS hazard statements. */
  readonly statements: readonly string[];
}
export interface Reagent {
  readonly id: ReagentId;
  readonly name: string;
  /** Strength of the bench bottle in mol/dm3; null where it is no plain solution. */
  readonly bench_M: number | null;
  /** Strongest first. */
  readonly bands: readonly HazardBand[];
  readonly source: SourceId;
  readonly unsure?: string;
}

const low = (words = 'Low hazard at this strength; wash off splashes.'): HazardBand => ({
  from_M: 0,
  words,
  level: 'low',
  statements: [],
});
const band = (from_M: number, level: HazardBand['level'], statements: string, words: string): HazardBand => ({
  from_M,
  words,
  level,
  statements: statements.split(' ').filter(Boolean),
});

export const reagents: readonly Reagent[] = [
  {
    id: 'NaOH',
    name: 'sodium hydroxide solution',
    bench_M: 0.4,
    source: 'clp',
    bands: [
      band(
        0.5,
        'danger',
        'H314',
        'Burns skin and blinds eyes. Goggles; wash off at once with plenty of water and tell your teacher.',
      ),
      band(0.125, 'care', 'H315 H319', 'Irritates skin and eyes. Goggles; wash off at once.'),
      low(),
    ],
  },
  {
    id: 'NH3',
    name: 'ammonia solution',
    bench_M: 0.4,
    source: 'clp',
    bands: [
      band(
        5.6,
        'danger',
        'H314 H335',
        'Burns, and its vapour chokes. Fume cupboard, goggles, stopper back at once.',
      ),
      band(2.8, 'care', 'H315 H319', 'Irritates skin, eyes and nose. Work where the air moves; goggles.'),
      low('Low hazard at this strength, but do not lean over it.'),
    ],
  },
  {
    id: 'HCl',
    name: 'hydrochloric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: [
      band(
        8.1,
        'danger',
        'H314 H335',
        'Burns skin and its fumes hurt the lungs. Your teacher hands it out, a few drops; fume cupboard, goggles.',
      ),
      band(2.7, 'care', 'H315 H319 H335', 'Irritates skin, eyes and lungs. Goggles; wash off at once.'),
      low(),
    ],
  },
  {
    id: 'HNO3',
    name: 'nitric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: [
      band(
        0.8,
        'danger',
        'H314',
        'Burns skin and eyes and stains skin yellow. Goggles; wash off at once and tell your teacher.',
      ),
      band(0.15, 'care', 'H315 H319', 'Irritates skin and eyes. Goggles; wash off at once.'),
      low(),
    ],
  },
  {
    id: 'H2SO4',
    name: 'sulfuric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: [
      band(
        1.5,
        'danger',
        'H314',
        'Burns deeply and grows hot with water. Teacher only where it is concentrated; goggles or face shield.',
      ),
      band(0.5, 'care', 'H315 H319', 'Irritates skin and eyes. Goggles; wash off at once.'),
      low(),
    ],
  },
  {
    id: 'BaCl2',
    name: 'barium chloride solution',
    bench_M: 0.1,
    source: 'school-safety',
    unsure: 'limits for solutions are by general rule, not tabulated',
    bands: [
      band(0.4, 'care', 'H302', 'Harmful if swallowed. Wash your hands after use.'),
      low('Poisonous if swallowed in quantity; at this strength wash your hands after use.'),
    ],
  },
  {
    id: 'Ba(NO3)2',
    name: 'barium nitrate solution',
    bench_M: 0.1,
    source: 'school-safety',
    unsure: 'limits for solutions are by general rule, not tabulated',
    bands: [
      band(0.4, 'care', 'H302', 'Harmful if swallowed. Wash your hands after use.'),
      low('Poisonous if swallowed in quantity; at this strength wash your hands after use.'),
    ],
  },
  {
    id: 'AgNO3',
    name: 'silver nitrate solution',
    bench_M: 0.05,
    source: 'school-safety',
    unsure: 'limits for solutions are by general rule, not tabulated',
    bands: [
      band(
        0.2,
        'care',
        'H315 H318 H410',
        'Hurts eyes and stains skin black. Goggles; gloves if you are clumsy.',
      ),
      band(
        0,
        'low',
        'H410',
        'Stains skin and cloth black in daylight. Goggles. Harms water life: into the silver waste.',
      ),
    ],
  },
  {
    id: 'FeSO4',
    name: 'iron(II) sulfate solution, made on the day',
    bench_M: 0.2,
    source: 'school-safety',
    bands: [band(1, 'care', 'H302', 'Harmful if swallowed.'), low()],
  },
  {
    id: 'chlorine-water',
    name: 'chlorine water',
    bench_M: null,
    source: 'school-safety',
    bands: [
      band(
        0,
        'care',
        'H332',
        'Gives off chlorine, which chokes. Keep it stoppered; fume cupboard or moving air.',
      ),
    ],
  },
  {
    id: 'hexane',
    name: 'hexane',
    bench_M: null,
    source: 'clp',
    bands: [
      band(
        0,
        'danger',
        'H225 H304 H315 H336 H361f H373 H411',
        'Catches fire easily. No flame in the room; fume cupboard. Into the organic waste, never the sink.',
      ),
    ],
  },
  { id: 'Al-foil', name: 'aluminium foil', bench_M: null, source: 'school-safety', bands: [low()] },
  {
    id: '(NH4)2CO3',
    name: 'ammonium carbonate solution',
    bench_M: 0.2,
    source: 'school-safety',
    bands: [low('Smells of ammonia; do not lean over it.')],
  },
  {
    id: '(NH4)2HPO4',
    name: 'ammonium hydrogenphosphate solution',
    bench_M: 0.2,
    source: 'school-safety',
    bands: [low()],
  },
  {
    id: '(NH4)2SO4',
    name: 'ammonium sulfate solution',
    bench_M: 0.2,
    source: 'school-safety',
    bands: [low()],
  },
  {
    id: 'limewater',
    name: 'limewater',
    bench_M: null,
    source: 'school-safety',
    bands: [band(0, 'care', 'H318', 'Hurts eyes. Goggles.')],
  },
  {
    id: 'KMnO4',
    name: 'acidified potassium manganate(VII) solution',
    bench_M: 0.01,
    source: 'school-safety',
    bands: [band(0.1, 'care', 'H302 H411', 'Harmful; stains brown.'), low('Stains skin and cloth brown.')],
  },
  {
    id: 'CuSO4-anhydrous',
    name: 'anhydrous copper(II) sulfate',
    bench_M: null,
    source: 'clp',
    bands: [band(0, 'care', 'H302 H318 H410', 'Harmful if swallowed, hurts eyes; grows hot with water.')],
  },
  {
    id: 'CoCl2-paper',
    name: 'cobalt chloride paper',
    bench_M: null,
    source: 'clp',
    bands: [
      band(
        0,
        'care',
        'H317 H334 H350i',
        'Cobalt salts can cause allergy and cancer. Hold the paper with tweezers; wash your hands.',
      ),
    ],
  },
  { id: 'litmus', name: 'litmus paper', bench_M: null, source: 'school-safety', bands: [low()] },
  {
    id: 'metal',
    name: 'metal, a small piece',
    bench_M: null,
    source: 'school-safety',
    bands: [
      band(0, 'care', 'H228 H261', 'Fine metal burns and gives hydrogen with acid: no flame but the splint.'),
    ],
  },
  {
    id: 'water',
    name: 'deionised water',
    bench_M: null,
    source: 'school-safety',
    bands: [low('Plain water.')],
  },
];

const byId = new Map<string, Reagent>(reagents.map((r) => [r.id, r]));

/** The record of a reagent. @throws RangeError naming the id. */
export function reagentOf(id: string): Reagent {
  const reagent = byId.get(id);
  if (!reagent) throw new RangeError(`"${id}" is not a reagent Kivex keeps`);
  return reagent;
}

/** The hazard a reagent bears at a strength in mol/dm3 (null: as it is supplied). */
export function hazardAt(id: ReagentId, molarity: number | null): HazardBand {
  const { bands } = reagentOf(id);
  return bands.find((b) => (molarity ?? Infinity) >= b.from_M) ?? bands[bands.length - 1]!;
}
