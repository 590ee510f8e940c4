/** Gas above a liquid: what bubbles bring, what flows on through a delivery tube, what is lost to the room. */
import type { Component } from '../equilibrium/components.js';
import { settled } from './mixing.js';
import { halfLost_s } from './rates.js';
import {
  dissolvedIn,
  extraIn,
  holdsGas,
  hydroxideIn,
  molar_mL,
  plus,
  shareOf,
  spaceOf,
  totalIn,
  type Vessel,
} from './vessel.js';

/** mol/dm3 in water under 1 bar of the gas at 25 °C, and K by which it falls on warming (source `gas-solubility`; vapours estimated). */
const held: Readonly<Record<'NH3' | 'SO2', { readonly perBar: number; readonly kelvin: number }>> = {
  NH3: { perBar: 60, kelvin: 4200 },
  SO2: { perBar: 1.4, kelvin: 3000 },
};
/** Share of the gas over a liquid that smells of it. */
function over(v: Vessel, gas: 'NH3' | 'SO2', dissolved: number): number {
  const { perBar, kelvin } = held[gas];
  const t = v.celsius + 273.15;
  return dissolved / (perBar * Math.exp(kelvin * (1 / t - 1 / 298.15)));
}
/** Strong hydrochloric acid fumes from about this strength, mol/dm3. */
const fumesFrom_M = 6;

/** Lets ammonia, sulfur dioxide, hydrogen chloride and chlorine over a liquid come to what its surface gives. */
export function vapours(v: Vessel): void {
  if (v.mL <= 0 || !holdsGas.includes(v.kind)) return;
  const room = spaceOf(v);
  const rise = (gas: string, share: number) => {
    const want = Math.min(0.9, share) * room;
    if (want > (v.space.get(gas) ?? 0)) v.space.set(gas, want);
  };
  rise('NH3', over(v, 'NH3', dissolvedIn(v, 'NH3')));
  rise('SO2', over(v, 'SO2', dissolvedIn(v, 'SO2')));
  if (totalIn(v, 'H+') > fumesFrom_M && totalIn(v, 'Cl-') > fumesFrom_M) rise('HCl', 0.05);
  rise('Cl2', Math.min(0.3, extraIn(v, 'Cl2') * 2));
}

export interface Passed {
  /** cm3 of each gas that went out at the mouth or the delivery tube. */
  readonly out: ReadonlyMap<string, number>;
  readonly total_mL: number;
}

/** Brings gas into the space; what does not fit goes out, well mixed with what was there. */
export function fill(v: Vessel, gases: ReadonlyMap<string, number>): Passed {
  const out = new Map<string, number>();
  const brought = [...gases.values()].reduce((a, b) => a + b, 0);
  if (brought <= 0) return { out, total_mL: 0 };
  if (!holdsGas.includes(v.kind)) return { out: gases, total_mL: brought };
  const room = spaceOf(v);
  if (v.overWater) {
    for (const [gas, mL] of gases) plus(v.space, gas, mL);
    // Full, it is let go and filled again: the first tubefuls, which are mostly air, are not what one keeps.
    const held = [...v.space.values()].reduce((a, b) => a + b, 0);
    if (held > room) for (const [gas, mL] of [...v.space]) v.space.set(gas, (mL * room) / held);
    return { out, total_mL: brought };
  }
  // In small helpings, so that the air is pushed out before the gas is.
  const helpings = Math.max(1, Math.ceil(brought / (room * 0.2)));
  for (let i = 0; i < helpings; i += 1) {
    const factor = room / (room + brought / helpings);
    for (const [gas, mL] of gases) plus(v.space, gas, mL / helpings);
    for (const [gas, mL] of [...v.space]) {
      plus(out, gas, mL * (1 - factor));
      v.space.set(gas, mL * factor);
    }
  }
  return { out, total_mL: brought };
}

/** What an open mouth loses in so many seconds. A light gas is kept by a tube mouth down, a heavy one is poured out. */
export function leak(v: Vessel, seconds: number): void {
  if (v.closed || v.outlet || v.overWater) return;
  for (const [gas, mL] of [...v.space]) {
    const light = gas === 'H2' || gas === 'NH3';
    const half = halfLost_s[gas]?.value ?? 60;
    const factor = v.mouthDown ? (light ? 8 : 0.1) : 1;
    v.space.set(gas, mL * 0.5 ** (seconds / (half * factor)));
  }
}

/** Share of a passing gas that a liquid takes up. */
const taken: Readonly<Record<string, number>> = { CO2: 0.3, SO2: 0.9, NH3: 0.98, HCl: 1, Cl2: 0.5 };
const asParts: Readonly<Record<string, Readonly<Partial<Record<Component, number>>>>> = {
  CO2: { 'CO3^2-': 1, 'H+': 2 },
  SO2: { 'SO3^2-': 1, 'H+': 2 },
  NH3: { NH3: 1 },
  HCl: { 'H+': 1, 'Cl-': 1 },
};

/** Bubbles gas through a liquid. @returns what comes out above it. */
export function bubbleThrough(v: Vessel, gases: ReadonlyMap<string, number>): void {
  const rest = new Map(gases);
  if (v.mL > 0) {
    for (const [gas, mL] of gases) {
      const mol = (mL * (taken[gas] ?? 0)) / molar_mL;
      if (mol <= 0) continue;
      plus(rest, gas, -mL * taken[gas]!);
      dissolve(v, gas, mol);
    }
    settled(v);
  }
  fill(v, rest);
}

/** So many mol of a gas go into the liquid. */
function dissolve(v: Vessel, gas: string, mol: number): void {
  if ((gas === 'CO2' || gas === 'SO2') && v.limewater_mol > 0) v.taken_mol += mol;
  else if (gas === 'Cl2') plus(v.extras, 'Cl2', mol);
  else
    for (const [c, n] of Object.entries(asParts[gas] ?? {}) as [Component, number][])
      plus(v.moles, c, n * mol);
}

/** Volumes of a gas that one volume of water takes up at room temperature and 1 bar (source `gas-solubility`). */
const volumes: Readonly<Record<string, number>> = { CO2: 0.85, SO2: 39, NH3: 700, HCl: 450, Cl2: 2.3 };

/** Shaken, a liquid takes up the gas above it: what water dissolves of it, and what the base in it binds. */
export function takeUp(v: Vessel): void {
  if (v.mL <= 0 || !holdsGas.includes(v.kind)) return;
  let any = false;
  for (const [gas, mL] of [...v.space]) {
    const perVolume = volumes[gas];
    if (perVolume === undefined || mL <= 0) continue;
    const acid = gas !== 'NH3';
    const bound_mol = !acid
      ? 0
      : v.limewater_mol > 0
        ? Math.max(0, v.limewater_mol - v.taken_mol)
        : (hydroxideIn(v) * v.mL) / 2000;
    // Limewater that has all it can bind takes no more than water: shaken a while it stays cloudy, as a jar does.
    const dissolved_mL = v.limewater_mol > 0 ? 0 : perVolume * v.mL * shareOf(v, gas);
    const gone = Math.min(mL, dissolved_mL + bound_mol * molar_mL);
    if (gone <= 0) continue;
    any = true;
    plus(v.space, gas, -gone);
    dissolve(v, gas, gone / molar_mL);
  }
  if (any) settled(v);
}
