/** The bench itself: what stands on it, what has got into which bottle, how time passes for all of it, and what is said of an action. */
import type { Component } from '../equilibrium/components.js';
import { solids as solidFacts } from '../equilibrium/solids.js';
import { seededRandom } from '../numbers/random.js';
import type { Action, BottleFault } from './actions.js';
import {
  addLoad,
  newTool,
  type Burner,
  type CleaningAcid,
  type FlameMoment,
  type Tool,
} from './in-the-flame.js';
import { mix } from './mixing.js';
import { pass, type Heat } from './passing.js';
import { partsOfIons, type TrueSample } from './samples.js';
import { bottleOf } from './shelf.js';
import { slipFacts, slipMade, type MadeSlip, type SlipCode } from './slips.js';
import { solidsOf, type VesselView } from './view.js';
import { capacity_mL, newVessel, plus, room_C, spaceOf, type Vessel, type VesselKind } from './vessel.js';

export interface BenchSetUp {
  /** The jars of the bench by name; the first is meant where none is named. */
  readonly samples: Readonly<Record<string, TrueSample>>;
  readonly bottles?: Readonly<Record<string, BottleFault>>;
  /** Sodium about: dusty air and benches, so that every tool has some. */
  readonly sodiumAbout?: boolean;
  readonly airHoleOpen?: boolean;
  readonly goggles?: boolean;
  readonly fumeCupboard?: boolean;
  readonly seed?: number;
}
export interface Hazard {
  readonly code: SlipCode | 'corrosive' | 'spits' | 'bang';
  readonly text: string;
}
export interface Seen {
  readonly at: number;
  readonly do: Action['do'];
  readonly seen: Readonly<Record<string, string | number>>;
  readonly text: string;
  readonly hazards: readonly Hazard[];
  readonly vessel?: VesselView;
  readonly flame?: {
    readonly srgb: string;
    readonly words: string;
    readonly moments: readonly FlameMoment[];
  };
  /** Seconds on the bench's clock when it was done. */
  readonly clock_s: number;
}

/** What an action shows, before it is put into its place. */
export type Done = Partial<Pick<Seen, 'seen' | 'text' | 'vessel' | 'flame'>>;

/** Seconds that doing a thing takes. */
export const takes_s = {
  take: 10,
  add: 2,
  shake: 5,
  hold: 3,
  dip: 5,
  clean: 20,
  label: 5,
  filter: 60,
  other: 3,
} as const;

export class BenchState {
  readonly vessels = new Map<string, Vessel>();
  readonly tools = new Map<string, Tool>();
  readonly burner: Burner;
  readonly slips: MadeSlip[] = [];
  hazards: Hazard[] = [];
  clock_s = 0;
  done = 0;
  lastVessel: string | undefined;
  lastTool: string | undefined;
  goggles: boolean;
  cupboard: boolean;
  reusedAcid: CleaningAcid | undefined;
  /** Traces in the stock bottles and jars, mol/dm3 of components and flame loads. */
  readonly traces = new Map<string, { parts: Map<Component, number>; load: Record<string, number> }>();
  readonly random: () => number;

  /** @throws RangeError for a sample or bottle that cannot be. */
  constructor(readonly setUp: BenchSetUp) {
    this.burner = { airHoleOpen: setUp.airHoleOpen ?? true, fallen: {} };
    this.goggles = setUp.goggles ?? true;
    this.cupboard = setUp.fumeCupboard ?? false;
    this.random = seededRandom(setUp.seed ?? 1);
    for (const sample of Object.values(setUp.samples)) if (sample.kind === 'ions') partsOfIons(sample.ions);
    for (const [id, { traces, holds }] of Object.entries(setUp.bottles ?? {})) {
      bottleOf(id);
      if (holds) bottleOf(holds);
      if (traces) this.contaminate(bottleOf(id).id, partsOfIons(traces).parts, {}, 1);
    }
  }

  // ---- what is said of an action ----
  slip(code: SlipCode): void {
    // What goes on from action to action is told once.
    const last = this.slips.findLast((s) => s.code === code);
    if (last && this.done - last.at <= 1) return;
    this.slips.push(slipMade(code, this.done));
  }
  hazard(code: Hazard['code'], text: string): void {
    this.hazards.push({ code, text });
  }
  splash(text: string): void {
    this.hazard('spits', this.goggles ? text : `${text} Drops fly at uncovered eyes.`);
    this.eyes();
  }
  eyes(): void {
    if (this.goggles) return;
    this.slip('no-goggles');
    this.hazard('no-goggles', slipFacts['no-goggles'].text);
  }
  fumes(gas: string): void {
    if (this.cupboard) return;
    this.slip('no-fume-cupboard');
    this.hazard('no-fume-cupboard', `${gas}: ${slipFacts['no-fume-cupboard'].text}`);
  }

  // ---- what is meant ----
  sample(name: string | undefined): readonly [string, TrueSample] {
    const names = Object.keys(this.setUp.samples);
    const id = name ?? names[0];
    const sample = id === undefined ? undefined : this.setUp.samples[id];
    if (!id || !sample)
      throw new RangeError(`there is no sample "${name ?? ''}"; there is ${names.join(', ')}`);
    return [id, sample];
  }
  existing(id: string | undefined): Vessel {
    const name = id ?? this.lastVessel;
    const v = name === undefined ? undefined : this.vessels.get(name);
    if (!v)
      throw new RangeError(
        name === undefined
          ? 'nothing stands on the bench yet; take a sample or add a reagent first'
          : `there is no vessel "${name}"; there is ${[...this.vessels.keys()].join(', ') || 'none yet'}`,
      );
    this.lastVessel = v.id;
    return v;
  }
  vessel(id: string | undefined, kind: VesselKind | undefined): Vessel {
    const name = id ?? this.lastVessel ?? 'tube';
    const known = this.vessels.get(name);
    if (known && kind && known.kind !== kind)
      throw new RangeError(`${name} is a ${known.kind}, not a ${kind}`);
    const v =
      known ??
      newVessel(
        name,
        kind ?? (/^(well|flask|jar|beaker)/.exec(name)?.[1] as VesselKind | undefined) ?? 'tube',
      );
    this.vessels.set(name, v);
    this.lastVessel = name;
    return v;
  }
  tool(id: string | undefined, kind?: Tool['kind'], wet: Tool['wetness'] = 'soaked'): Tool {
    const name = id ?? this.lastTool ?? kind ?? 'wire';
    const guess = (/^(wire|splint|swab|glass-rod)/.exec(name)?.[1] as Tool['kind'] | undefined) ?? 'wire';
    const known = this.tools.get(name);
    if (known && kind && known.kind !== kind)
      throw new RangeError(`${name} is a ${known.kind}, not a ${kind}`);
    const tool = known ?? newTool(name, kind ?? guess, wet);
    this.tools.set(name, tool);
    this.lastTool = name;
    return tool;
  }
  room(v: Vessel, mL: number): number {
    const left = capacity_mL[v.kind] - v.mL - v.layer_mL;
    if (mL > left + 1e-9)
      throw new RangeError(
        `${v.id} has room for ${Math.max(0, left).toFixed(1)} cm3 more, not ${mL}; take less or a larger vessel`,
      );
    return mL;
  }
  contaminate(
    id: string,
    parts: Readonly<Partial<Record<Component, number>>>,
    load: Readonly<Record<string, number>>,
    M: number,
  ): void {
    const now = this.traces.get(id) ?? { parts: new Map<Component, number>(), load: {} };
    for (const [c, n] of Object.entries(parts) as [Component, number][]) plus(now.parts, c, n * M);
    addLoad(now.load, load);
    this.traces.set(id, now);
  }
  tracesInto(v: Vessel, id: string, mL: number): void {
    for (const [c, n] of this.traces.get(id)?.parts ?? []) plus(v.moles, c, (n * mL) / 1000);
  }

  /** The vessel used last that is not this one. */
  notThis(id: string): string | undefined {
    return this.lastVessel !== id
      ? this.lastVessel
      : [...this.vessels.keys()].reverse().find((k) => k !== id);
  }
  // ---- time ----
  pass(seconds: number, heated?: Vessel, heat: Heat = 'none', shaken?: Vessel): Map<Vessel, number> {
    const fastest = new Map<Vessel, number>();
    for (const v of this.vessels.values()) {
      const to = v.outlet ? this.vessels.get(v.outlet.to) : undefined;
      const flown = pass(v, seconds, v === heated ? heat : 'none', to, v === shaken ? 2 : 1);
      fastest.set(v, flown.fastest);
      const bad = ['SO2', 'Cl2', 'NO2'].find((g) => (flown.made.get(g) ?? 0) > 0.3);
      if (bad && v.outlet?.over !== 'into-liquid') this.fumes(bad);
      const made = [...flown.made.values()].reduce((a, b) => a + b, 0);
      if (v.closed && v.tight && made > spaceOf(v) * 0.5) {
        this.slip('gas-shut-in');
        this.splash('The bung flies out and the tube spits.');
        v.closed = false;
      }
      this.suckBack(v, to);
    }
    this.clock_s += seconds;
    return fastest;
  }
  /** A tube that cools with its delivery tube still in the liquid draws it in. */
  suckBack(v: Vessel, to: Vessel | undefined): void {
    if (!to || v.outlet?.over !== 'into-liquid' || !v.heated || v.flow_mL > 0.02) return;
    if (v.celsius > 60 || v.celsius < room_C + 2) return;
    if (to.mL <= 0) return;
    this.slip('sucked-back');
    this.splash(`The liquid of ${to.id} is sucked back into the hot tube.`);
    const moved = Math.min(to.mL, spaceOf(v) * 0.5);
    this.move(to, v, moved);
    v.heated = false;
    v.celsius = (v.celsius + room_C) / 2;
    mix(v);
    mix(to);
  }
  /** Moves liquid, with its solids, from one vessel to another. */
  move(from: Vessel, to: Vessel, mL: number, solidsToo = true): void {
    const share = from.mL > 0 ? Math.min(1, mL / from.mL) : 0;
    for (const [c, n] of [...from.moles]) {
      let moving = n * share;
      if (!solidsToo) moving = (n - this.inSolids(from, c)) * share;
      plus(from.moles, c, -moving);
      plus(to.moles, c, moving);
    }
    for (const [e, n] of [...from.extras]) {
      plus(from.extras, e, -n * share);
      plus(to.extras, e, n * share);
    }
    if (share === 1 && solidsToo) to.pieces.push(...from.pieces.splice(0));
    to.limewater_mol += from.limewater_mol * share;
    from.limewater_mol *= 1 - share;
    from.mL -= mL;
    to.mL += mL;
    for (const held of from.holds) to.holds.add(held);
  }
  inSolids(v: Vessel, c: Component): number {
    let mol = 0;
    for (const { formula, mol_per_L } of solidsOf(v)) {
      if (formula === 'S') continue;
      const parts = solidParts(formula);
      mol += (parts[c] ?? 0) * mol_per_L * (v.mL / 1000);
    }
    return mol;
  }
}
const partsOfSolid = new Map(solidFacts.map((s) => [s.formula, s.madeOf]));
const solidParts = (formula: string): Readonly<Partial<Record<Component, number>>> =>
  partsOfSolid.get(formula) ?? {};
