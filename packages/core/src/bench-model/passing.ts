/** Time at the bench: pieces that fizz, bubbles that rise, tubes that warm and cool, solids that brown. */
import { coatedBySulfate, hydrogenMetals, pieces as usualPieces } from '../gas-making/facts.js';
import { molarMass } from '../formulas/molar-mass.js';
import type { Component } from '../equilibrium/components.js';
import { bubbleThrough, fill, leak, vapours } from './gas-space.js';
import { bring, mix } from './mixing.js';
import {
  acidOrder,
  bath_C,
  brownsIn_s,
  carbonateRate,
  coatAt,
  coolsIn_s,
  darkensIn_s,
  doublesEvery_C,
  flameHeats,
  leaves_s,
  metalRate,
  nitrateReduced,
  oxideHolds_s,
  peroxideRate,
  powderFaster,
  warmsIn_s,
} from './rates.js';
import {
  dissolvedIn,
  extraIn,
  holdsGas,
  hydroxideIn,
  molar_mL,
  pHOf,
  plus,
  room_C,
  totalIn,
  type Piece,
  type Vessel,
} from './vessel.js';

export type Heat = 'bath' | 'flame' | 'none';
/** J for one K of a cm3 of water. */
const water_J = 4.18;
/** Boiling ends the rise. */
const boils_C = 100;

const acidStrength = (v: Vessel): number => (v.state ? 10 ** -v.state.pH : 0);
const warmthFactor = (v: Vessel): number =>
  Math.min(fastest, 2 ** ((v.celsius - room_C) / doublesEvery_C.value));
/** Warmth hurries no further than this: bubbles and what dissolves away hold it up (estimated). */
const fastest = 10;
const nitric = (v: Vessel): boolean => totalIn(v, 'NO3-') >= 0.1 && acidStrength(v) > 0.02;
const ionOfMetal: Readonly<Record<string, Component>> = {
  Mg: 'Mg2+',
  Al: 'Al3+',
  Zn: 'Zn2+',
  Fe: 'Fe2+',
  Ca: 'Ca2+',
  Cu: 'Cu2+',
  Pb: 'Pb2+',
};

/** Adds heat of a reaction. @param kJ given off. */
function warm(v: Vessel, kJ: number): void {
  if (v.mL <= 0) return;
  const rise = (kJ * 1000) / (water_J * v.mL);
  const before = v.celsius;
  v.celsius = Math.min(boils_C, v.celsius + rise);
  v.ownHeat_C += v.celsius - before;
}

/** How much a sulfate coat grows as so much of the piece goes. */
function coated(v: Vessel, piece: Piece, gone: number): void {
  const symbol = /^[A-Z][a-z]?/.exec(piece.id)?.[0] ?? '';
  if (totalIn(v, 'SO4^2-') < 0.05 || !coatedBySulfate.includes(symbol)) return;
  piece.coat += gone / piece.start_mol / (piece.lumps ? coatAt.lumps.value : coatAt.powder.value);
}

function metalInAcid(v: Vessel, piece: Piece, dt: number): void {
  const metal = piece.metal!;
  const acid = acidStrength(v);
  const ion = ionOfMetal[metal]!;
  const charge = metal === 'Al' ? 3 : 2;
  // Aluminium dissolves in alkali as well, and with it hydrogen comes.
  const alkali = metal === 'Al' && hydroxideIn(v) > 0.05;
  if (acid < 1e-4 && !alkali && !(metal === 'Ca')) return;
  piece.inAcid_s += dt * Math.max(1, warmthFactor(v));
  const usual = usualPieces[metal].mass_g / molarMass(metal);
  const area = (Math.min(piece.mol, 20 * usual) / usual) ** (2 / 3);
  const oxide = metal === 'Al' && piece.inAcid_s < oxideHolds_s.value ? 0.1 : 1;
  const strength = metal === 'Ca' ? Math.max(acid, 0.1) : alkali ? hydroxideIn(v) : acid;
  const byNitric = nitric(v) && !alkali;
  const mL =
    metalRate[metal].value *
    area *
    oxide *
    strength ** acidOrder.value *
    warmthFactor(v) *
    Math.exp(-piece.coat) *
    dt;
  // Copper and lead dissolve in nitric acid alone; the others faster than they give hydrogen.
  const attack = byNitric
    ? Math.max(mL, metal === 'Cu' || metal === 'Pb' ? 0.03 * area * acid * dt : 0.05 * area * acid * dt)
    : mL;
  const perMol = charge / 2;
  const protons = Math.max(0, v.moles.get('H+') ?? 0);
  const most = alkali || metal === 'Ca' ? piece.mol : Math.min(piece.mol, protons / charge);
  const gone = Math.min(most, attack / molar_mL / perMol);
  if (gone <= 0) return;
  piece.mol -= gone;
  bring(v, { [ion]: 1, 'H+': -charge }, undefined, gone);
  warm(v, -(hydrogenMetals[metal]?.heat_kJ ?? -150) * gone);
  coated(v, piece, gone);
  // Nitric acid is itself reduced: nitrogen oxides, and of very dilute acid on magnesium a little hydrogen.
  const hydrogen = byNitric ? (metal === 'Mg' && totalIn(v, 'NO3-') < 0.3 ? 0.04 : 0) : 1;
  plus(v.pool, 'H2', gone * perMol * hydrogen);
  if (byNitric) {
    // Most of it goes on to ions and colourless oxides; the share that browns the air is estimated.
    const oxides = gone * perMol * (1 - hydrogen) * 0.03;
    plus(v.pool, 'NO2', oxides);
    plus(v.moles, 'NO3-', -oxides);
    plus(v.moles, 'H+', -oxides);
  }
}

function carbonateInAcid(v: Vessel, piece: Piece, dt: number): void {
  const acid = acidStrength(v);
  if (acid < 1e-5) return;
  piece.inAcid_s += dt;
  const area = (piece.mol / 0.01) ** (2 / 3) * (piece.lumps ? 1 : powderFaster.value);
  const mL =
    carbonateRate.value * area * acid ** acidOrder.value * warmthFactor(v) * Math.exp(-piece.coat) * dt;
  const protons = Math.max(0, v.moles.get('H+') ?? 0) / 2;
  const gone = Math.min(piece.mol, protons, mL / molar_mL);
  if (gone <= 0) return;
  piece.mol -= gone;
  coated(v, piece, gone);
  // The gas comes off at the surface, before the liquid round it is saturated.
  const carbonate = piece.parts['CO3^2-'] ?? 0;
  bring(v, { ...piece.parts, 'CO3^2-': 0, 'H+': (piece.parts['H+'] ?? 0) - 2 * carbonate }, undefined, gone);
  plus(v.pool, 'CO2', gone * carbonate);
}

/** Hydrogen peroxide on a catalyst. */
function oxygen(v: Vessel, dt: number): void {
  const peroxide = v.extras.get('H2O2') ?? 0;
  if (peroxide <= 0 || !v.pieces.some((p) => p.kind === 'catalyst')) return;
  const gone = Math.min(
    peroxide,
    (2 * peroxideRate.value * extraIn(v, 'H2O2') * v.mL * warmthFactor(v) * dt) / molar_mL,
  );
  plus(v.extras, 'H2O2', -gone);
  plus(v.pool, 'O2', gone / 2);
  // 2 H2O2 → 2 H2O + O2 gives 98 kJ for one mol of peroxide (source `crc-enthalpies`).
  warm(v, 98 * gone);
}

/** Aluminium in warm alkali takes nitrate to ammonia. */
function nitrate(v: Vessel, dt: number): void {
  const aluminium = v.pieces.find((p) => p.metal === 'Al' && p.mol > 0);
  if (!aluminium || hydroxideIn(v) < 0.05 || v.celsius < 45) return;
  const gone = Math.min((v.moles.get('NO3-') ?? 0) * nitrateReduced.value * dt, aluminium.mol * 0.37);
  if (gone <= 0) return;
  aluminium.mol -= (gone * 8) / 3;
  bring(v, { 'Al3+': 8 / 3, 'H+': -9, NH3: 1, 'NO3-': -1 }, undefined, gone);
}

/** Acid takes thiosulfate apart: sulfur within a minute or two, sulfur dioxide smelt before it is seen. */
function thiosulfate(v: Vessel, dt: number): void {
  const there = v.extras.get('S2O3^2-') ?? 0;
  if (there <= 0 || pHOf(v) > 3) return;
  const gone = there * (1 - Math.exp((-dt * warmthFactor(v)) / 90));
  plus(v.extras, 'S2O3^2-', -gone);
  v.sulfur += gone;
  bring(v, { 'SO3^2-': 1, 'H+': 0 }, undefined, gone);
}

/** Gas beyond saturation leaves. @returns cm3 by gas. */
function bubbles(v: Vessel, dt: number): Map<string, number> {
  const gases = new Map<string, number>();
  let total = 0;
  for (const [gas, mol] of [...v.pool]) {
    const tau =
      (leaves_s[gas as keyof typeof leaves_s] ?? leaves_s.other).value / Math.max(1, warmthFactor(v));
    const gone = mol * (1 - Math.exp(-dt / tau));
    plus(v.pool, gas, -gone);
    const mL = gone * molar_mL * ((v.celsius + 273) / 293);
    if (mL > 0) gases.set(gas, mL);
    total += mL;
  }
  v.flow_mL = total / dt;
  return gases;
}

function temperature(v: Vessel, heat: Heat, dt: number): void {
  if (heat === 'bath') v.celsius += (bath_C.value - v.celsius) * (1 - Math.exp(-dt / warmsIn_s.value));
  else if (heat === 'flame')
    v.celsius = Math.min(boils_C, v.celsius + (flameHeats.value * dt * 3) / Math.max(1, v.mL));
  else {
    const factor = Math.exp(-dt / coolsIn_s.value);
    v.celsius = room_C + (v.celsius - room_C) * factor;
    v.ownHeat_C *= factor;
  }
}

/** Solids that air turns, and what they turn to. */
function standing(v: Vessel, dt: number): void {
  v.stood_s += dt;
  v.still_s += dt;
  const solids = v.state?.solids;
  if (!solids) return;
  if (['Fe(OH)2', 'Mn(OH)2', 'Co(OH)2'].some((s) => (solids.get(s) ?? 0) > 0) && !v.closed)
    v.browned = 1 - (1 - v.browned) * Math.exp(-dt / brownsIn_s.value);
  if ((solids.get('AgCl') ?? 0) > 1e-4 && v.stood_s >= darkensIn_s.value) v.darkened = true;
  if (v.ring) v.ring = { ...v.ring, age_s: v.ring.age_s + dt };
}

const busy = (v: Vessel): boolean =>
  v.pieces.some(
    (p) => p.kind !== 'catalyst' && p.mol > 0 && (acidStrength(v) > 1e-5 || hydroxideIn(v) > 0.05),
  ) ||
  [...v.pool.values()].some((n) => n > 1e-10) ||
  ((v.extras.get('H2O2') ?? 0) > 0 && v.pieces.some((p) => p.kind === 'catalyst'));

export interface Flown {
  /** cm3 that bubbled, of each gas. */
  readonly made: Map<string, number>;
  /** Fastest and last cm3/s. */
  fastest: number;
}

/**
 * Lets time pass for one vessel.
 * @param to the vessel its delivery tube leads to, if it has one.
 */
export function pass(v: Vessel, seconds: number, heat: Heat, to: Vessel | undefined, hurry = 1): Flown {
  const made = new Map<string, number>();
  let fastest = 0;
  let left = seconds;
  let sinceStart = 0;
  while (left > 1e-9) {
    const calm = !busy(v) && heat === 'none';
    const dt = Math.min(left, calm ? left : Math.max(0.5, Math.min(5, sinceStart / 15)));
    left -= dt;
    sinceStart += dt;
    if (v.mL > 0) {
      temperature(v, heat, dt);
      for (const piece of v.pieces) {
        if (piece.mol <= 0) continue;
        if (piece.kind === 'metal') metalInAcid(v, piece, dt * hurry);
        else if (piece.kind === 'salt') carbonateInAcid(v, piece, dt * hurry);
      }
      oxygen(v, dt);
      nitrate(v, dt);
      thiosulfate(v, dt);
      if (!calm) mix(v);
      const gases = bubbles(v, dt * hurry);
      for (const [gas, mL] of gases) plus(made, gas, mL);
      fastest = Math.max(fastest, v.flow_mL);
      const { out, total_mL } = fill(v, gases);
      if (to && v.outlet) deliver(v, to, out, total_mL);
      vapours(v);
      if (v.outlet?.over === 'into-liquid' && to && v.celsius > 45) boilOver(v, to, dt);
    }
    if (holdsGas.includes(v.kind)) leak(v, dt);
    standing(v, dt);
  }
  return { made, fastest };
}

/** Ammonia driven out of a warm liquid goes on through the delivery tube. */
function boilOver(v: Vessel, to: Vessel, dt: number): void {
  const ammonia = dissolvedIn(v, 'NH3') * (v.mL / 1000);
  const gone = ammonia * Math.min(0.5, 0.01 * dt);
  if (gone <= 1e-9) return;
  plus(v.moles, 'NH3', -gone);
  deliver(v, to, new Map([['NH3', gone * molar_mL]]), gone * molar_mL);
}

/** What leaves one vessel by its tube arrives in the other. */
function deliver(from: Vessel, to: Vessel, out: ReadonlyMap<string, number>, total_mL: number): void {
  const over = from.outlet!.over;
  if (over === 'into-liquid') {
    bubbleThrough(to, out);
    return;
  }
  const soluble: Readonly<Record<string, number>> = { NH3: 0, HCl: 0, SO2: 0.1, Cl2: 0.6, CO2: 0.9 };
  const light = (gas: string) => gas === 'H2' || gas === 'NH3';
  const kept = new Map(
    [...out].map(([gas, mL]) => {
      if (over === 'water') return [gas, mL * (soluble[gas] ?? 1)] as const;
      const right = over === 'upward' ? light(gas) : !light(gas);
      return [gas, right ? mL * 0.8 : 0] as const;
    }),
  );
  if (over === 'water') {
    const air = total_mL - [...out.values()].reduce((a, b) => a + b, 0);
    if (air > 0) kept.set('air', air);
  }
  fill(to, kept);
}
