/** Filtering, pouring over, washing up, throwing away; goggles and labels. */
import type { Component } from '../equilibrium/components.js';
import type { ActionOf } from './actions.js';
import { takes_s, type BenchState, type Done } from './bench-state.js';
import { within } from './measures.js';
import { bring, mix } from './mixing.js';
import { bottleOf } from './shelf.js';
import { viewOf } from './view.js';
import { capacity_mL, newVessel, totalIn, type Vessel } from './vessel.js';

const heavy: readonly Component[] = ['Cu2+', 'Pb2+', 'Ba2+', 'Cr3+', 'Co2+', 'Ni2+', 'Mn2+', 'Zn2+'];
/** Where a vessel's contents go; the local rules decide. */
export function wasteFor(v: Vessel): 'sink' | 'metals' | 'silver' | 'solvents' | 'solid' {
  if (v.layer_mL > 0) return 'solvents';
  if (totalIn(v, 'Ag+') > 1e-4) return 'silver';
  if (heavy.some((c) => totalIn(v, c) > 1e-3)) return 'metals';
  return v.mL > 0 ? 'sink' : 'solid';
}
function empty(v: Vessel): void {
  Object.assign(v, newVessel(v.id, v.kind));
  delete v.outlet;
  delete v.state;
  delete v.below;
  delete v.ring;
  delete v.alkali;
  delete v.ammonia;
  delete v.label;
}

export function goggles(b: BenchState, a: ActionOf<'goggles'>): Done {
  b.goggles = a.on;
  return { seen: {}, text: a.on ? 'Goggles on.' : 'Goggles off.' };
}
export function fumeCupboard(b: BenchState, a: ActionOf<'fume-cupboard'>): Done {
  b.cupboard = a.on;
  return { seen: {}, text: a.on ? 'At the fume cupboard.' : 'At the open bench.' };
}
export function pour(b: BenchState, a: ActionOf<'pour'>): Done {
  return transfer(b, a, true);
}
export function filter(b: BenchState, a: ActionOf<'filter'>): Done {
  return transfer(b, a, false);
}
function transfer(b: BenchState, a: ActionOf<'pour' | 'filter'>, solidsToo: boolean): Done {
  const from = b.existing(a.from ?? b.notThis(a.to));
  const to = b.vessel(a.to, undefined);
  const mL = b.room(to, within(a.mL ?? from.mL, 'mL', capacity_mL[from.kind]));
  if (mL > from.mL + 1e-9) throw new RangeError(`${from.id} holds ${from.mL.toFixed(2)} cm3, not ${mL}`);
  b.move(from, to, mL, solidsToo);
  to.story.push({ what: solidsToo ? 'poured' : 'filtered' }, ...from.story);
  mix(to);
  if (from.mL > 0) mix(from);
  b.pass(solidsToo ? takes_s.other : takes_s.filter);
  b.lastVessel = to.id;
  return { vessel: viewOf(to) };
}
export function giveBack(b: BenchState, a: ActionOf<'return'>): Done {
  const v = b.existing(a.from);
  const id = b.setUp.samples[a.bottle] ? a.bottle : bottleOf(a.bottle).id;
  b.slip('bottle-contaminated');
  b.contaminate(
    id,
    Object.fromEntries([...v.moles].map(([c, n]) => [c, v.mL > 0 ? (n / v.mL) * 1000 : 0])),
    {},
    0.05,
  );
  empty(v);
  return { seen: {}, text: `It went back into the bottle of ${a.bottle}.` };
}
export function wash(b: BenchState, a: ActionOf<'wash'>): Done {
  const v = b.existing(a.vessel);
  empty(v);
  if (a.with === 'tap') bring(v, bottleOf('tap-water').parts, undefined, 0.0001);
  return { seen: {}, text: `${v.id} is washed and empty.` };
}
export function discard(b: BenchState, a: ActionOf<'discard'>): Done {
  const v = b.existing(a.vessel);
  const to = a.to ?? 'sink';
  if (to !== wasteFor(v)) b.slip('wrong-waste');
  empty(v);
  return { seen: {}, text: `Emptied: ${to}.` };
}
export function label(b: BenchState, a: ActionOf<'label'>): Done {
  const v = b.existing(a.vessel);
  v.label = a.text.slice(0, 40);
  return { vessel: viewOf(v) };
}
