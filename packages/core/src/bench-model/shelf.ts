/** The bottles of the bench on screen: what each brings into a tube, how strong it usually is, and by what names it is asked for. */
import { reagentParts } from '../equilibrium/reagents.js';
import type { Component } from '../equilibrium/components.js';
import { hazardAt, reagents, type ReagentId } from '../hazards/reagents.js';
import type { HazardBand } from '../hazards/hazard-band.js';
import type { MetalId } from '../species/substance.js';

/** What the equilibrium model leaves out and the bench keeps apart, in mol. */
export type Extra = 'Cl2' | 'Br2' | 'I2' | 'CuI' | 'MnO4-' | 'H2O2' | 'S2O3^2-' | 'SCN-' | 'starch';

export interface Bottle {
  readonly id: string;
  readonly name: string;
  readonly also: readonly string[];
  /** Strength of the bench bottle in mol/dm3. */
  readonly usual_M: number;
  /** Strength that is reached for where an excess is wanted, mol/dm3. */
  readonly excess_M?: number;
  /** A saturated solution is no stronger than this. */
  readonly most_M?: number;
  /** mol of each component that one mol of it brings. */
  readonly parts: Readonly<Partial<Record<Component, number>>>;
  /** mol of what the model leaves out that one mol brings. */
  readonly extras?: Readonly<Partial<Record<Extra, number>>>;
  /** Not a solution in water but a layer on it, a catalyst, or a metal. */
  readonly layer?: true;
  readonly catalyst?: true;
  readonly metal?: MetalId;
  /** The reagent whose hazards it has. */
  readonly hazards?: ReagentId;
  /** It goes off: what an old bottle still holds. */
  readonly old?: {
    readonly parts: Readonly<Partial<Record<Component, number>>>;
    readonly extras?: Readonly<Partial<Record<Extra, number>>>;
    readonly share: number;
    readonly why: string;
  };
}

const salt = (
  id: string,
  name: string,
  usual_M: number,
  also: readonly string[] = [],
  more: Partial<Bottle> = {},
): Bottle => ({
  id,
  name,
  also,
  usual_M,
  parts: reagentParts(id),
  ...(reagents.some((r) => r.id === id) ? { hazards: id as ReagentId } : {}),
  ...more,
});

export const shelf: readonly Bottle[] = [
  {
    id: 'water',
    name: 'deionised water',
    also: ['H2O', 'distilled water', 'deionised-water'],
    usual_M: 0,
    parts: {},
    hazards: 'water',
  },
  {
    id: 'tap-water',
    name: 'tap water',
    also: ['tap'],
    usual_M: 1,
    // Moderately hard: an estimate; supplies differ widely.
    parts: { 'Na+': 0.001, 'Cl-': 0.001, 'Ca2+': 0.0015, 'CO3^2-': 0.002, 'H+': 0.002, 'SO4^2-': 0.0005 },
    hazards: 'water',
  },
  salt('NaOH', 'sodium hydroxide solution', 0.4, [], { excess_M: 4 }),
  salt('KOH', 'potassium hydroxide solution', 0.4, [], { excess_M: 4 }),
  salt('NH3', 'ammonia solution', 0.4, ['NH3(aq)', 'ammonia', 'NH4OH', 'ammonia-solution'], { excess_M: 6 }),
  salt('HCl', 'hydrochloric acid', 0.4),
  salt('HNO3', 'nitric acid', 0.4),
  salt('H2SO4', 'sulfuric acid', 0.4),
  salt('AgNO3', 'silver nitrate solution', 0.05),
  salt('BaCl2', 'barium chloride solution', 0.1),
  salt('Ba(NO3)2', 'barium nitrate solution', 0.1),
  salt('FeSO4', 'iron(II) sulfate solution', 0.2, ['iron(II) sulfate'], {
    old: {
      parts: { 'Fe3+': 1, 'SO4^2-': 1, 'H+': -1 },
      share: 1,
      why: 'air has oxidised it to iron(III)',
    },
  }),
  {
    id: 'limewater',
    name: 'limewater',
    also: ['Ca(OH)2', 'lime water'],
    // What is clear of it: more than the model’s own product lets dissolve would stand as a solid.
    usual_M: 0.018,
    most_M: 0.018,
    parts: reagentParts('Ca(OH)2'),
    hazards: 'limewater',
    old: { parts: {}, share: 0.01, why: 'the air’s carbon dioxide has used up its calcium hydroxide' },
  },
  {
    id: 'chlorine-water',
    name: 'chlorine water',
    also: ['Cl2(aq)', 'Cl2', 'chlorine'],
    usual_M: 0.05,
    parts: {},
    extras: { Cl2: 1 },
    hazards: 'chlorine-water',
    old: { parts: { 'Cl-': 2, 'H+': 2 }, share: 0.02, why: 'light and air have taken its chlorine' },
  },
  { id: 'hexane', name: 'hexane', also: ['C6H14'], usual_M: 0, parts: {}, layer: true, hazards: 'hexane' },
  { id: 'heptane', name: 'heptane', also: ['C7H16'], usual_M: 0, parts: {}, layer: true, hazards: 'heptane' },
  {
    id: 'H2O2',
    name: 'hydrogen peroxide solution',
    also: ['hydrogen peroxide', 'peroxide'],
    usual_M: 0.9,
    parts: {},
    extras: { H2O2: 1 },
    old: { parts: {}, share: 0.05, why: 'it has given off its oxygen by itself' },
  },
  {
    id: 'MnO2',
    name: 'manganese(IV) oxide',
    also: ['manganese dioxide', 'catalyst'],
    usual_M: 0,
    parts: {},
    catalyst: true,
  },
  {
    id: 'Al-foil',
    name: 'aluminium foil',
    also: ['Al', 'aluminium'],
    usual_M: 0,
    parts: {},
    metal: 'Al',
    hazards: 'Al-foil',
  },
  {
    id: 'KMnO4',
    name: 'potassium manganate(VII) solution',
    also: ['manganate', 'potassium manganate(VII)', 'acidified-manganate'],
    usual_M: 0.005,
    parts: { 'K+': 1 },
    extras: { 'MnO4-': 1 },
    hazards: 'KMnO4',
  },
  salt('(NH4)2CO3', 'ammonium carbonate solution', 0.4),
  salt('(NH4)2HPO4', 'ammonium hydrogenphosphate solution', 0.4),
  salt('(NH4)2SO4', 'ammonium sulfate solution', 0.4),
  salt('Na3PO4', 'sodium phosphate solution', 0.2),
  salt('KI', 'potassium iodide solution', 0.1),
  {
    id: 'KSCN',
    name: 'potassium thiocyanate solution',
    also: [],
    usual_M: 0.1,
    parts: { 'K+': 1 },
    extras: { 'SCN-': 1 },
    hazards: 'KSCN',
  },
  {
    id: 'Na2S2O3',
    name: 'sodium thiosulfate solution',
    also: [],
    usual_M: 0.1,
    parts: { 'Na+': 2 },
    extras: { 'S2O3^2-': 1 },
  },
  { id: 'starch', name: 'starch solution', also: [], usual_M: 1, parts: {}, extras: { starch: 1 } },
  salt('MgSO4', 'magnesium sulfate solution', 0.2),
];

const plain = (text: string): string => text.trim().toLowerCase();
const byName = new Map(shelf.flatMap((b) => [b.id, b.name, ...b.also].map((n) => [plain(n), b] as const)));

/**
 * The bottle asked for by formula or name; any salt, acid or base the equilibrium model knows may be asked for.
 * @throws RangeError where it is none.
 */
export function bottleOf(asked: string): Bottle {
  const known = byName.get(plain(asked));
  if (known) return known;
  return salt(asked.trim(), `${asked.trim()} solution`, 0.1);
}

/** The hazard of a bottle at a strength. */
export const bottleHazard = (bottle: Bottle, molarity: number): HazardBand | undefined =>
  bottle.hazards ? hazardAt(bottle.hazards, molarity || null) : undefined;
