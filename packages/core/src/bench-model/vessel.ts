/** A tube, well, flask or jar of the bench on screen and what is in it. */
import type { Component } from '../equilibrium/components.js';
import type { EquilibriumState } from '../equilibrium/solve.js';
import type { MetalId } from '../species/substance.js';
import type { Extra } from './shelf.js';

export const vesselKinds = ['tube', 'boiling-tube', 'well', 'flask', 'jar', 'beaker', 'watch-glass'] as const;
export type VesselKind = (typeof vesselKinds)[number];

/** cm3 to the brim. */
export const capacity_mL: Readonly<Record<VesselKind, number>> = {
  tube: 20,
  'boiling-tube': 50,
  well: 1,
  flask: 100,
  jar: 20,
  beaker: 100,
  'watch-glass': 5,
};
/** Gas stays above the liquid in these; from the others it is gone at once. */
export const holdsGas: readonly VesselKind[] = ['tube', 'boiling-tube', 'flask', 'jar'];

/** A metal, a carbonate or another solid that acid works on from outside. */
export interface Piece {
  readonly kind: 'metal' | 'salt' | 'catalyst';
  /** Metal id, or formula. */
  readonly id: string;
  readonly metal?: MetalId;
  /** Components one mol of it brings as it dissolves. */
  readonly parts: Readonly<Partial<Record<Component, number>>>;
  mol: number;
  readonly start_mol: number;
  readonly lumps: boolean;
  /** How far a coat has cut it off; 0 for none, the rate falls with e to its power. */
  coat: number;
  /** Seconds it has lain in acid. */
  inAcid_s: number;
}

export interface Vessel {
  readonly id: string;
  readonly kind: VesselKind;
  /** mol of each component in solution and as settled solids together. */
  readonly moles: Map<Component, number>;
  readonly extras: Map<Extra, number>;
  mL: number;
  /** A dry solid not yet wetted: mol by component, as it was taken. */
  dry: {
    readonly ions: Readonly<Record<string, number>>;
    readonly parts: Readonly<Partial<Record<Component, number>>>;
    readonly extras: Readonly<Partial<Record<Extra, number>>>;
    readonly lumps: boolean;
    readonly mol: number;
  }[];
  readonly pieces: Piece[];
  /** mol of gas beyond saturation, on its way out as bubbles. */
  readonly pool: Map<string, number>;
  /** cm3 of each gas above the liquid; the rest is air. */
  readonly space: Map<string, number>;
  /** cm3/s of gas coming off now. */
  flow_mL: number;
  /** Gas made by reactions since the last look, cm3: what the eye sees as fizzing. */
  celsius: number;
  /** Degrees its own reactions have warmed it. */
  ownHeat_C: number;
  heated: boolean;
  closed: boolean;
  /** By a bung, which lets nothing out; a thumb does. */
  tight: boolean;
  /** Where its delivery tube leads, and how. */
  outlet?: { readonly to: string; readonly over: 'into-liquid' | 'water' | 'upward' | 'downward' };
  state?: EquilibriumState;
  /** An organic layer on top: cm3 and the mol of halogen in it. */
  layer_mL: number;
  readonly layer: Map<'Cl2' | 'Br2' | 'I2', number>;
  /** Concentrated acid that lies below, cm3 and mol/dm3, and the ring where it meets the rest. */
  below?: { readonly mL: number; readonly molarity: number };
  ring?: { age_s: number; readonly spoilt: boolean };
  /** Sulfur that thiosulfate gave, mol. */
  sulfur: number;
  /** Carbon dioxide or sulfur dioxide that limewater in it took up, mol, and its calcium at first. */
  taken_mol: number;
  limewater_mol: number;
  /** Share of the solid that air has turned, and what it turns to. */
  browned: number;
  darkened: boolean;
  stood_s: number;
  /** Seconds since it was last stirred up. */
  still_s: number;
  /** What was taken or added, in order, for what follows from the order. */
  readonly story: {
    readonly what: string;
    readonly bottle?: string;
    /** What the label said. */
    readonly asked?: string;
    readonly molarity?: number;
    readonly how?: string;
    readonly fresh?: boolean;
  }[];
  /** A precipitate seen under an alkali, and whether alkali came in excess. */
  alkali?: { readonly of: 'NaOH' | 'NH3'; seen: string | undefined; excess: boolean };
  /** Silver halide met by ammonia. */
  ammonia?: { readonly dilute?: 'dissolves' | 'insoluble'; readonly conc?: 'dissolves' | 'insoluble' };
  /** Jars whose contents are in it. */
  readonly holds: Set<string>;
  /** Turned mouth down, as over a trough or for upward delivery. */
  mouthDown: boolean;
  /** Full of water at first, over a trough: holds what was led in, with the air that came with it as `air`. */
  overWater: boolean;
  label?: string;
}

export const newVessel = (id: string, kind: VesselKind, limewater_mol = 0): Vessel => ({
  id,
  kind,
  moles: new Map(),
  extras: new Map(),
  mL: 0,
  dry: [],
  pieces: [],
  pool: new Map(),
  space: new Map(),
  flow_mL: 0,
  celsius: room_C,
  ownHeat_C: 0,
  heated: false,
  closed: false,
  tight: false,
  layer_mL: 0,
  layer: new Map(),
  sulfur: 0,
  taken_mol: 0,
  limewater_mol,
  browned: 0,
  darkened: false,
  stood_s: 0,
  still_s: 0,
  story: [],
  holds: new Set(),
  mouthDown: false,
  overWater: false,
});

export const room_C = 20;
/** cm3 one mol of gas takes at room temperature and 1 atm. */
export const molar_mL = 24055;

export const plus = <K>(map: Map<K, number>, key: K, amount: number): void => {
  const now = (map.get(key) ?? 0) + amount;
  map.set(key, Math.abs(now) < 1e-15 ? 0 : now);
};
/** mol/dm3 of what the model leaves out. */
export const extraIn = (v: Vessel, id: Extra): number =>
  v.mL > 0 ? ((v.extras.get(id) ?? 0) / v.mL) * 1000 : 0;
/** mol/dm3 of a component, in whatever form. */
export const totalIn = (v: Vessel, c: Component): number =>
  v.mL > 0 ? ((v.moles.get(c) ?? 0) / v.mL) * 1000 : 0;
/** cm3 of room above the liquid. */
export const spaceOf = (v: Vessel): number => Math.max(0.5, capacity_mL[v.kind] - v.mL - v.layer_mL);
/** The share of a gas in the space above the liquid. */
export function shareOf(v: Vessel, gas: string): number {
  if (!holdsGas.includes(v.kind)) return 0;
  const all = v.overWater ? [...v.space.values()].reduce((a, b) => a + b, 0) : spaceOf(v);
  return all > 0 ? Math.min(1, (v.space.get(gas) ?? 0) / all) : 0;
}
/** mol/dm3 of free hydroxide. */
export const hydroxideIn = (v: Vessel): number => v.state?.dissolved.get('OH-') ?? 0;
export const pHOf = (v: Vessel): number => v.state?.pH ?? 7;
export const dissolvedIn = (v: Vessel, formula: string): number => v.state?.dissolved.get(formula) ?? 0;
