/**
 * The reagents of the tests: what they are called, how strong a bench bottle is, and what hazard they bear at which
 * strength; those classified by name take their hazard from `substances.ts`.
 */
import type { SourceId } from '../sources/sources.js';
import { every } from '../species/every.js';
import { band, bandAt, low, type HazardBand } from './hazard-band.js';
import { substances } from './substances.js';

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
  | 'heptane'
  | 'Al-foil'
  | '(NH4)2CO3'
  | '(NH4)2HPO4'
  | '(NH4)2SO4'
  | 'limewater'
  | 'KMnO4'
  | 'CuSO4-anhydrous'
  | 'CoCl2-paper'
  | 'litmus'
  | 'starch-iodide-paper'
  | 'KI'
  | 'KSCN'
  | 'MgSO4'
  | 'metal'
  | 'water';

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

export const reagents: readonly Reagent[] = every<ReagentId>()([
  {
    id: 'NaOH',
    name: 'sodium hydroxide solution',
    bench_M: 0.4,
    source: 'clp',
    bands: substances.NaOH.bands,
  },
  {
    id: 'NH3',
    name: 'ammonia solution',
    bench_M: 0.4,
    source: 'clp',
    bands: substances.NH3.bands,
  },
  {
    id: 'HCl',
    name: 'hydrochloric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: substances.HCl.bands,
  },
  {
    id: 'HNO3',
    name: 'nitric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: substances.HNO3.bands,
  },
  {
    id: 'H2SO4',
    name: 'sulfuric acid',
    bench_M: 0.4,
    source: 'clp',
    bands: substances.H2SO4.bands,
  },
  {
    id: 'BaCl2',
    name: 'barium chloride solution',
    bench_M: 0.1,
    source: 'clp',
    bands: substances.BaCl2.bands,
  },
  {
    id: 'Ba(NO3)2',
    name: 'barium nitrate solution',
    bench_M: 0.1,
    source: 'clp',
    bands: substances['Ba(NO3)2'].bands,
  },
  {
    id: 'AgNO3',
    name: 'silver nitrate solution',
    bench_M: 0.05,
    source: 'clp',
    bands: substances.AgNO3.bands,
  },
  {
    id: 'FeSO4',
    name: 'iron(II) sulfate solution, made on the day',
    bench_M: 0.2,
    source: 'clp',
    bands: substances.FeSO4.bands,
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
        14,
      ),
    ],
  },
  {
    id: 'hexane',
    name: 'hexane',
    bench_M: null,
    source: 'clp',
    bands: substances.hexane.bands,
  },
  {
    id: 'heptane',
    name: 'heptane',
    bench_M: null,
    source: 'clp',
    bands: substances.heptane.bands,
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
    source: 'clp',
    bands: substances['Ca(OH)2'].bands,
  },
  {
    id: 'KMnO4',
    name: 'acidified potassium manganate(VII) solution',
    bench_M: 0.01,
    source: 'clp',
    bands: [
      band(
        0.1,
        'care',
        'H315 H319 H411',
        'Made up in dilute sulfuric acid: irritates skin and eyes; stains brown. Goggles.',
      ),
      band(
        0,
        'care',
        'H315 H319 H412',
        'Made up in dilute sulfuric acid: irritates skin and eyes; stains brown. Goggles.',
      ),
    ],
  },
  {
    id: 'CuSO4-anhydrous',
    name: 'anhydrous copper(II) sulfate',
    bench_M: null,
    source: 'clp',
    bands: [substances.CuSO4.neat],
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
        14,
      ),
    ],
  },
  {
    id: 'starch-iodide-paper',
    name: 'starch-iodide paper',
    bench_M: null,
    source: 'school-safety',
    bands: [low()],
  },
  {
    id: 'KI',
    name: 'potassium iodide solution',
    bench_M: 0.1,
    source: 'school-safety',
    bands: [low()],
  },
  {
    id: 'KSCN',
    name: 'potassium thiocyanate solution',
    bench_M: 0.1,
    source: 'clp',
    bands: substances.KSCN.bands,
  },
  {
    id: 'MgSO4',
    name: 'magnesium sulfate solution',
    bench_M: 0.5,
    source: 'school-safety',
    bands: [low()],
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
] as const satisfies readonly Reagent[]);

const byId = new Map<string, Reagent>(reagents.map((r) => [r.id, r]));

/** The record of a reagent. @throws RangeError naming the id. */
export function reagentOf(id: string): Reagent {
  const reagent = byId.get(id);
  if (!reagent) throw new RangeError(`"${id}" is not a reagent Kivex keeps`);
  return reagent;
}

/** The hazard a reagent bears at a strength in mol/dm3 (null: as it is supplied). */
export const hazardAt = (id: ReagentId, molarity: number | null): HazardBand =>
  bandAt(reagentOf(id).bands, molarity);
