/** Taking sample and adding reagents: what goes in, the slips of order and of the bottle, and what an excess shows. */
import { visibleByDefault_M } from '../equilibrium/predict.js';
import type { Component } from '../equilibrium/components.js';
import { pieces as usualPieces } from '../gas-making/facts.js';
import { molarMass } from '../formulas/molar-mass.js';
import { usualDrop_mL } from '../identification-tests/drop.js';
import { isCationId } from '../species/species.js';
import type { ActionOf } from './actions.js';
import { takes_s, type BenchState, type Done } from './bench-state.js';
import { vapours } from './gas-space.js';
import { amountOf, massOfBottle, massOfUnit } from './measures.js';
import { bring, mix } from './mixing.js';
import { partsOfIons } from './samples.js';
import { bottleHazard, bottleOf, type Bottle } from './shelf.js';
import type { SlipCode } from './slips.js';
import { precipitateOf, solidsOf, viewOf } from './view.js';
import { holdsGas, hydroxideIn, newVessel, pHOf, spaceOf, totalIn, type Vessel } from './vessel.js';

const defaults = {
  solution_mL: 1,
  solid_g: 0.3,
  reagent_mL: 0.25,
  onSolid_mL: 5,
  excess_mL: 2.5,
  onSilver_mL: 3,
  /** Acid for a liquid with a base in it, in times what the base takes up. */
  acidTimes: 3,
  acid_mL: 1,
  baseFrom_mol: 1e-6,
  /** Alkali where nobody says how much, in mol for one of the metals there. */
  alkaliTimes: 1.2,
  catalyst_g: 0.1,
} as const;
/** mol/dm3 from which an acid or ammonia counts as concentrated, and from which sulfuric acid spits in water. */
export const strong_M = { conc: 8, spits: 10 } as const;
const oldSlips: Readonly<Record<string, SlipCode>> = {
  limewater: 'limewater-old',
  FeSO4: 'iron-sulfate-old',
  'chlorine-water': 'chlorine-water-old',
  H2O2: 'peroxide-old',
};
const metalPiece = (metal: keyof typeof usualPieces, g: number, clean: boolean) => ({
  kind: 'metal' as const,
  id: metal,
  metal,
  parts: {},
  mol: g / molarMass(metal),
  start_mol: g / molarMass(metal),
  lumps: true,
  coat: clean ? 0 : 3,
  inAcid_s: 0,
});
const metalsIn = (v: Vessel): number =>
  (
    [
      'Mg2+',
      'Ca2+',
      'Al3+',
      'Zn2+',
      'Cr3+',
      'Mn2+',
      'Fe2+',
      'Fe3+',
      'Co2+',
      'Ni2+',
      'Cu2+',
      'Ag+',
      'Pb2+',
    ] as const
  ).reduce((sum, c) => sum + totalIn(v, c), 0);
const coatable = (parts: Readonly<Partial<Record<Component, number>>>): boolean =>
  (['Ca2+', 'Sr2+', 'Ba2+', 'Pb2+'] as const).some((c) => (parts[c] ?? 0) > 0) && (parts['CO3^2-'] ?? 0) > 0;

export function take(b: BenchState, a: ActionOf<'take'>): Done {
  const [name, sample] = b.sample(a.sample);
  const v = b.vessel(a.into ?? (b.vessels.size && a.kind ? undefined : a.into), a.kind);
  if (a.with === 'dirty') {
    b.slip('bottle-contaminated');
    b.contaminate(name, { 'Na+': 1, 'Cl-': 1 }, { 'Na+': 0.2 }, 0.005);
    const before = [...b.vessels.values()].find((x) => x !== v && x.mL > 0);
    if (before)
      b.contaminate(
        name,
        Object.fromEntries([...before.moles].map(([c, n]) => [c, (n / before.mL) * 1000])),
        {},
        0.02,
      );
  }
  if (sample.kind === 'gas') {
    if (!holdsGas.includes(v.kind))
      throw new RangeError(`a ${v.kind} does not hold gas; take a tube or a jar`);
    v.space.set(sample.gas, spaceOf(v) * 0.95);
    v.closed = true;
  } else if (sample.kind === 'metal') {
    const g = amountOf(a).g ?? usualPieces[sample.metal].mass_g;
    v.pieces.push(metalPiece(sample.metal, g, sample.clean));
  } else if (sample.form === 'solution') {
    const mL = b.room(v, amountOf(a).mL ?? (v.kind === 'well' ? 10 * usualDrop_mL : defaults.solution_mL));
    const { parts, extras } = partsOfIons(sample.ions);
    v.mL += mL;
    bring(v, parts, extras, mL / 1000);
    b.tracesInto(v, name, mL);
  } else {
    const { parts, extras } = partsOfIons(sample.ions);
    const g = amountOf(a).g ?? defaults.solid_g;
    const total = Object.entries(sample.ions).find(([id, n]) => isCationId(id) && n > 0);
    if (!total) throw new RangeError(`${name} holds no cation`);
    const one = Object.fromEntries(Object.entries(sample.ions));
    const mol = g / massOfUnit(one);
    v.dry.push({ ions: sample.ions, parts, extras, lumps: sample.form === 'lumps', mol });
  }
  v.holds.add(name);
  v.story.push({ what: `sample:${name}` });
  if (v.mL > 0) mix(v);
  b.pass(takes_s.take);
  return { vessel: viewOf(v) };
}

export function add(b: BenchState, a: ActionOf<'add'>): Done {
  const asked = bottleOf(a.reagent);
  const fault = b.setUp.bottles?.[asked.id] ?? b.setUp.bottles?.[a.reagent];
  const bottle = fault?.holds ? bottleOf(fault.holds) : asked;
  const molarity = a.molarity ?? (a.toExcess ? asked.excess_M : undefined) ?? asked.usual_M;
  if (!(molarity >= 0 && molarity <= 20))
    throw new RangeError(`molarity is ${molarity}; it runs from 0 to 20 mol/dm3`);
  const strength = Math.min(fault?.holds ? bottle.usual_M : molarity, bottle.most_M ?? Infinity);
  const v = b.vessel(a.to, a.kind);
  const before = { moles: new Map(v.moles), mL: v.mL, silver: silverIn(v) };
  const old = a.fresh === undefined ? (fault?.old ?? false) : !a.fresh;
  if (fault?.holds) b.slip('bottles-swapped');
  if (old && bottle.old) b.slip(oldSlips[bottle.id] ?? 'limewater-old');
  beforeAdding(b, v, asked, bottle, molarity);
  if (bottle.metal) {
    v.pieces.push(metalPiece(bottle.metal, a.g ?? usualPieces[bottle.metal].mass_g, true));
  } else if (bottle.catalyst) {
    v.pieces.push({
      kind: 'catalyst',
      id: bottle.id,
      parts: {},
      mol: 1,
      start_mol: 1,
      lumps: false,
      coat: 0,
      inAcid_s: 0,
    });
  } else if (a.g !== undefined) {
    bring(v, bottle.parts, bottle.extras, a.g / massOfBottle(bottle));
  } else {
    const mL = b.room(v, amountOf(a).mL ?? usualAmount(v, bottle, strength, a.toExcess ?? false));
    if (bottle.layer) v.layer_mL += mL;
    else pourIn(b, v, bottle, strength, mL, old, a.how ?? 'dropwise');
    b.tracesInto(v, asked.id, mL);
  }
  v.story.push({
    what: 'added',
    asked: asked.id,
    bottle: bottle.id,
    molarity: strength,
    how: a.how ?? 'dropwise',
    fresh: !old,
  });
  mix(v);
  afterAdding(b, v, bottle, strength, a.toExcess ?? false, before);
  if (a.touching) {
    b.slip('bottle-contaminated');
    const traces = Object.fromEntries([...v.moles].map(([c, n]) => [c, v.mL > 0 ? (n / v.mL) * 1000 : 0]));
    b.contaminate(asked.id, traces, {}, 0.02);
  }
  const fastest = b.pass(takes_s.add);
  vapours(v);
  return { vessel: viewOf(v, fastest.get(v)) };
}

/** Protons that one mol of an acid brings. */
const acids: Readonly<Record<string, number>> = { HCl: 1, HNO3: 1, H2SO4: 2 };
/** Protons that one mol of a base takes up where there is acid enough. */
const takesUp: Readonly<Partial<Record<Component, number>>> = {
  'CO3^2-': 2,
  'SO3^2-': 2,
  'PO4^3-': 3,
  NH3: 1,
};
/** mol of protons that the bases of a liquid take up before it is acid; none in one that is acid already. */
function baseIn(v: Vessel): number {
  const taken = (Object.entries(takesUp) as [Component, number][]).reduce(
    (sum, [base, protons]) => sum + protons * Math.max(0, v.moles.get(base) ?? 0),
    0,
  );
  return Math.max(0, taken - (v.moles.get('H+') ?? 0));
}

/**
 * cm3 that are poured where nobody says how much: drops of a reagent; of an acid enough to cover a solid, or to leave a
 * liquid well acid; of ammonia enough to try a silver halide; of anything to excess more than there is in the vessel.
 */
function usualAmount(v: Vessel, bottle: Bottle, molarity: number, toExcess: boolean): number {
  if (bottle.layer) return 1;
  if (toExcess) return Math.max(defaults.excess_mL, 1.25 * v.mL);
  if (bottle.id === 'limewater') return 2;
  const protons = acids[bottle.id];
  if (protons && (v.dry.length > 0 || v.pieces.length > 0)) return defaults.onSolid_mL;
  if (protons && v.mL > 0) {
    const base = baseIn(v);
    if (base < defaults.baseFrom_mol) return defaults.reagent_mL;
    const wanted = (defaults.acidTimes * base * 1000) / (protons * Math.max(molarity, 0.01));
    return Math.min(defaults.onSolid_mL, Math.max(defaults.acid_mL, wanted));
  }
  if (bottle.id === 'NH3' && v.story.some((s) => s.bottle === 'AgNO3')) return defaults.onSilver_mL;
  if (bottle.id !== 'NaOH' && bottle.id !== 'KOH' && bottle.id !== 'NH3') return defaults.reagent_mL;
  // Of an alkali so much that what falls is seen; calcium hydroxide shows itself with less.
  const falling = metalsIn(v) - totalIn(v, 'Ca2+');
  const seen_mL = (defaults.alkaliTimes * falling * v.mL) / Math.max(molarity, 0.01);
  return Math.min(defaults.onSolid_mL, Math.max(defaults.reagent_mL * Math.max(1, v.mL), seen_mL));
}

/** Slips of order and of the wrong bottle, told by what was in the vessel before. */
function beforeAdding(b: BenchState, v: Vessel, asked: Bottle, bottle: Bottle, molarity: number): void {
  const had = (id: string) => v.story.some((s) => s.bottle === id);
  const sampled = v.holds.size > 0;
  const acidsThere = Object.keys(acids).filter(had);
  if (sampled && ['AgNO3', 'BaCl2', 'Ba(NO3)2'].includes(asked.id)) {
    const ammonia = had('NH3');
    const wrong = asked.id === 'AgNO3' ? ['HCl', 'H2SO4'] : ['H2SO4'];
    if (acidsThere.some((acid) => wrong.includes(acid))) b.slip('wrong-acid');
    else if (!acidsThere.length && !ammonia && pHOf(v) > 3) b.slip('no-acid-first');
  }
  const metals = v.pieces.some((p) => p.kind === 'metal');
  if (bottle.id === 'HNO3' && metals) b.slip('nitric-for-hydrogen');
  if (bottle.id === 'H2SO4' && [...v.dry, ...v.pieces].some((x) => 'parts' in x && coatable(x.parts)))
    b.slip('sulfuric-on-marble');
  const hazard = bottleHazard(bottle, molarity);
  if (hazard && hazard.level !== 'low') {
    b.hazard('corrosive', hazard.words);
    if (!b.goggles) b.eyes();
  }
  if (['HCl', 'NH3'].includes(bottle.id) && molarity >= strong_M.conc) b.fumes(bottle.name);
  if (bottle.id === 'chlorine-water') b.fumes(bottle.name);
}

function pourIn(
  b: BenchState,
  v: Vessel,
  bottle: Bottle,
  molarity: number,
  mL: number,
  old: boolean,
  how: string,
): void {
  const conc = bottle.id === 'H2SO4' && molarity >= strong_M.spits;
  const holdsConc = totalIn(v, 'H+') >= strong_M.conc && totalIn(v, 'SO4^2-') >= 4;
  const onTop = bottle.id === 'FeSO4' && (holdsConc || (v.below?.mL ?? 0) > 0);
  if ((conc && v.mL > 0) || onTop) {
    if (how === 'at-once') {
      b.slip('acid-poured-fast');
      b.splash('The acid boils where it meets the water, and spits.');
      if (v.story.some((s) => s.bottle === 'FeSO4') || bottle.id === 'FeSO4') b.slip('ring-disturbed');
      v.celsius = Math.min(100, v.celsius + 60);
      v.below = { mL: 0, molarity: 0 };
      v.ring = { age_s: 0, spoilt: true };
    } else if (conc) {
      v.below = { mL, molarity };
      layered(v);
      return;
    } else {
      v.below ??= { mL: v.mL, molarity: totalIn(v, 'H+') / 2 };
      v.mL += mL;
      bring(v, old ? bottle.old!.parts : bottle.parts, undefined, (molarity * mL) / 1000);
      layered(v, old ? 0 : molarity);
      return;
    }
  }
  v.mL += mL;
  const goneOff = old && bottle.old;
  bring(
    v,
    goneOff ? bottle.old!.parts : bottle.parts,
    goneOff ? bottle.old!.extras : bottle.extras,
    (molarity * mL) / 1000,
  );
  if (goneOff && bottle.old!.share < 1)
    bring(v, bottle.parts, bottle.extras, (molarity * mL * bottle.old!.share) / 1000);
  if (bottle.id === 'limewater')
    v.limewater_mol += (molarity * mL * (goneOff ? bottle.old!.share : 1)) / 1000;
  // Strong acid or alkali met by the other warms the tube: 56 kJ for one mol (source `crc-enthalpies`).
  const meets = Math.min(Math.abs(v.moles.get('H+') ?? 0), (molarity * mL) / 1000);
  const alkaline = bottle.id === 'NaOH' || bottle.id === 'KOH';
  const acid = bottle.id in acids;
  const before = (v.moles.get('H+') ?? 0) - (acid ? 1 : alkaline ? -1 : 0) * ((molarity * mL) / 1000);
  if ((alkaline && before > 0) || (acid && before < 0 && totalIn(v, 'CO3^2-') < 1e-6)) {
    const rise = (56000 * meets) / (4.18 * v.mL);
    v.celsius = Math.min(100, v.celsius + rise);
    v.ownHeat_C += rise;
  }
}

/** A ring forms where iron(II) and nitrate meet concentrated acid. */
function layered(v: Vessel, iron_M = totalIn(v, 'Fe2+')): void {
  const nitrate = totalIn(v, 'NO3-') >= 0.001;
  const disturbs = totalIn(v, 'I-') > 0.01 || totalIn(v, 'Br-') > 0.05 || totalIn(v, 'SO3^2-') > 0.01;
  if (nitrate && iron_M >= 0.01) v.ring = { age_s: 0, spoilt: disturbs };
}

const silverHalides: readonly string[] = ['AgCl', 'AgBr', 'AgI'];
const silverIn = (v: Vessel): boolean =>
  solidsOf(v).some((s) => s.visible && silverHalides.includes(s.formula));

function afterAdding(
  b: BenchState,
  v: Vessel,
  bottle: Bottle,
  molarity: number,
  toExcess: boolean,
  was: Pick<Vessel, 'moles' | 'mL'> & { readonly silver: boolean },
): void {
  const solids = solidsOf(v);
  const precipitate = precipitateOf(solids);
  // A trace that acid has left of a carbonate, sulfite or phosphate is what was to be got rid of, not a sample too dilute.
  const acidified = pHOf(v) < 4;
  const hidden = solids.some(
    (s) =>
      !s.visible && s.mol_per_L > visibleByDefault_M / 50 && !(acidified && /CO3|SO3|PO4/.test(s.formula)),
  );
  if (
    precipitate === 'none' &&
    hidden &&
    v.holds.size &&
    v.story.length > 1 &&
    !v.alkali?.seen &&
    bottle.id !== 'water'
  )
    b.slip('too-dilute');
  const halide = solids.filter((s) => silverHalides.includes(s.formula));
  const hadSilver = v.story.some((s) => s.bottle === 'AgNO3');
  if (bottle.id === 'NH3' && hadSilver) {
    const fate = halide.some((s) => s.visible) ? ('insoluble' as const) : ('dissolves' as const);
    // What was not there cannot dissolve.
    if (was.silver || v.ammonia) v.ammonia = { ...v.ammonia, [molarity <= 4 ? 'dilute' : 'conc']: fate };
  } else if (bottle.id === 'NaOH' || bottle.id === 'KOH' || bottle.id === 'NH3') {
    const of = bottle.id === 'NH3' ? 'NH3' : 'NaOH';
    const before = v.alkali;
    const seen = before?.seen ?? (precipitate === 'none' ? undefined : precipitate);
    // At once to excess: a hydroxide that dissolves was there for a moment on the way.
    const passing = seen ?? onTheWay(v, bottle, molarity, was);
    const metals = metalsIn(v);
    const free = of === 'NaOH' ? hydroxideIn(v) : totalIn(v, 'NH3');
    const enough =
      of === 'NaOH'
        ? free >= 0.25 || (free >= 0.05 && free > 3 * metals)
        : free >= 1 || (free > 0.1 && free > 8 * metals);
    v.alkali = {
      of,
      seen: passing,
      excess: (before?.excess ?? false) || toExcess || (enough && before !== undefined),
    };
  }
  if (v.story.filter((s) => s.what === 'added').length && bottle.layer !== true) v.stood_s = v.still_s = 0;
}
/** The precipitate that came and went as alkali was poured in: the colour it had on the way. */
function onTheWay(
  v: Vessel,
  bottle: Bottle,
  molarity: number,
  was: Pick<Vessel, 'moles' | 'mL'>,
): string | undefined {
  const added = v.mL - was.mL;
  for (const share of [0.02, 0.05, 0.1, 0.2, 0.4, 0.7]) {
    const trial: Vessel = {
      ...newVessel('trial', 'tube'),
      moles: new Map(was.moles),
      mL: was.mL + added * share,
    };
    bring(trial, bottle.parts, undefined, (molarity * added * share) / 1000);
    if (trial.mL <= 0) continue;
    mix(trial);
    // These go as the liquid grows more, and are not waited for anyhow.
    const colour = precipitateOf(solidsOf(trial).filter((s) => !['Sr(OH)2', 'Ba(OH)2'].includes(s.formula)));
    if (colour !== 'none') return colour;
  }
  return undefined;
}
