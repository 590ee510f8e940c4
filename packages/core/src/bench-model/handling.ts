/** Shaking, waiting, warming, leading gas away and testing it. */
import { type ActionOf } from './actions.js';
import { hold as holdAt } from './at-the-mouth.js';
import { takes_s, type BenchState, type Done } from './bench-state.js';
import { bubbleThrough, takeUp, vapours } from './gas-space.js';
import { within } from './measures.js';
import { bring, extract, mix } from './mixing.js';
import { strong_M } from './pouring.js';
import { bottleOf } from './shelf.js';
import { slipFacts } from './slips.js';
import { viewOf } from './view.js';
import { plus, room_C, shareOf, spaceOf, type Vessel } from './vessel.js';

export function shake(b: BenchState, a: ActionOf<'shake'>): Done {
  const v = b.existing(a.vessel);
  v.story.push({ what: 'shaken' });
  v.still_s = 0;
  extract(v);
  if (v.below) spoilRing(b, v);
  takeUp(v);
  if (v.mL > 0) mix(v);
  const fastest = b.pass(takes_s.shake, undefined, 'none', v);
  return { vessel: viewOf(v, fastest.get(v)) };
}
export function stir(b: BenchState, a: ActionOf<'stir'>): Done {
  return shake(b, { ...a, do: 'shake' } as ActionOf<'shake'>);
}
function spoilRing(b: BenchState, v: Vessel): void {
  if (!v.below) return;
  if (v.ring && !v.ring.spoilt) b.slip('ring-disturbed');
  if (v.below.mL > 0 && v.below.molarity >= strong_M.spits && !v.ring?.spoilt) {
    bring(v, bottleOf('H2SO4').parts, undefined, (v.below.mL * v.below.molarity) / 1000);
    v.mL += v.below.mL;
    v.celsius = Math.min(100, v.celsius + 40);
    b.splash('Acid and water mix and grow hot.');
  }
  v.ring = { age_s: v.ring?.age_s ?? 0, spoilt: true };
  v.below = { mL: 0, molarity: 0 };
}
export function look(b: BenchState, a: ActionOf<'look'>): Done {
  return { vessel: viewOf(b.existing(a.vessel)) };
}
export function cool(b: BenchState, a: ActionOf<'cool'>): Done {
  const v = b.existing(a.vessel);
  if (v.outlet) b.pass(60);
  v.celsius = room_C;
  v.ownHeat_C = 0;
  b.pass(60);
  return { vessel: viewOf(v) };
}
export function wait(b: BenchState, { seconds }: ActionOf<'wait'>): Done {
  const limit = 7 * 24 * 3600;
  if (!(seconds >= 0 && seconds <= limit))
    throw new RangeError(`seconds is ${seconds}; it runs from 0 to ${limit}`);
  b.pass(seconds);
  const v = b.lastVessel === undefined ? undefined : b.vessels.get(b.lastVessel);
  return v ? { vessel: viewOf(v) } : { text: 'Time passes.' };
}
export function warm(b: BenchState, a: ActionOf<'warm'>): Done {
  const v = b.existing(a.vessel);
  const seconds = within(a.seconds ?? 60, 'seconds', 3600);
  const heat = a.in ?? 'bath';
  if (heat === 'flame' && v.layer_mL > 0) {
    b.slip('near-a-flame');
    b.hazard('near-a-flame', slipFacts['near-a-flame'].text);
  }
  v.heated = true;
  if (v.below) spoilRing(b, v);
  const fastest = b.pass(seconds, v, heat);
  if (heat === 'flame' && v.celsius >= 99 && b.random() < 0.7) b.splash('The tube boils and spits.');
  return { vessel: viewOf(v, fastest.get(v)) };
}
export function connect(b: BenchState, a: ActionOf<'connect'>): Done {
  const from = b.existing(a.from);
  const to = b.vessel(a.to, undefined);
  if (to === from) throw new RangeError('the delivery tube must lead to another vessel');
  const over = a.over ?? (to.mL > 0 ? 'into-liquid' : 'water');
  from.outlet = { to: to.id, over };
  from.closed = false;
  if (over !== 'into-liquid') to.mouthDown = over !== 'downward';
  if (over === 'water' && !to.overWater) {
    if (to.mL > 0)
      throw new RangeError(`${to.id} holds a liquid already; collect over water in an empty vessel`);
    to.space.clear();
    to.overWater = true;
    to.closed = false;
  }
  if (over === 'upward' || over === 'downward') {
    const light =
      (shareOf(from, 'H2') || shareOf(from, 'NH3')) > 0.01 || from.pieces.some((p) => p.kind === 'metal');
    if ((over === 'upward') !== light) b.slip('wrong-way-up');
  }
  b.lastVessel = from.id;
  return { vessel: viewOf(from) };
}
export function disconnect(b: BenchState, a: ActionOf<'disconnect'>): Done {
  const v = b.existing(a.from ?? [...b.vessels.values()].find((x) => x.outlet)?.id);
  delete v.outlet;
  return { vessel: viewOf(v) };
}
export function bubble(b: BenchState, a: ActionOf<'bubble'>): Done {
  const from = b.existing(a.from ?? b.notThis(a.to));
  const to = b.existing(a.to);
  from.outlet = { to: to.id, over: 'into-liquid' };
  from.closed = false;
  b.pass(within(a.seconds ?? 30, 'seconds', 3600));
  delete from.outlet;
  if (viewOf(to).seen['limewater'] === 'clear' && to.limewater_mol > 1e-6) b.slip('too-little-gas');
  b.lastVessel = to.id;
  return { vessel: viewOf(to) };
}
export function drawGas(b: BenchState, a: ActionOf<'draw-gas'>): Done {
  const from = b.existing(a.from ?? b.notThis(a.to));
  const to = b.existing(a.to);
  const times = within(a.times ?? 3, 'times', 50);
  // A pipette holds about 2 cm3 of gas.
  for (let i = 0; i < times; i += 1) {
    const drawn = new Map([...from.space].map(([g, mL]) => [g, (mL / spaceOf(from)) * 2]));
    for (const [g, mL] of drawn) plus(from.space, g, -mL);
    bubbleThrough(to, drawn);
    b.pass(2);
  }
  if (viewOf(to).seen['limewater'] === 'clear' && to.limewater_mol > 1e-6) b.slip('too-little-gas');
  b.lastVessel = to.id;
  return { vessel: viewOf(to) };
}
export function stopper(b: BenchState, a: ActionOf<'stopper'>): Done {
  const v = b.existing(a.vessel);
  v.closed = a.with !== 'none';
  v.tight = a.with === 'bung';
  return { vessel: viewOf(v) };
}
export function hold(b: BenchState, a: ActionOf<'hold'>): Done {
  const v = b.existing(a.at);
  const burns = a.what === 'lit-splint' || a.what === 'glowing-splint';
  if (burns && v.layer_mL > 0) {
    b.slip('near-a-flame');
    b.hazard('near-a-flame', slipFacts['near-a-flame'].text);
  }
  vapours(v);
  const damp =
    a.damp ?? !(a.what === 'red-litmus' || a.what === 'blue-litmus' || a.what === 'starch-iodide-paper');
  const got = holdAt(v, a.what, a.where ?? 'mouth', a.damp ?? damp);
  // To be tested it comes out of the trough, mouth up; what water was left in it has run out.
  if (v.overWater) {
    v.overWater = false;
    v.mouthDown = false;
  }
  for (const code of got.slips) b.slip(code);
  if (got.bang === 'loud') {
    b.hazard('bang', 'A sharp bang: tube pointed away from faces.');
    b.eyes();
  }
  if (a.what === 'hcl-rod' && !b.cupboard)
    b.hazard('corrosive', 'Concentrated hydrochloric acid on the rod: a drop, and fume cupboard.');
  if (a.what !== 'thermometer') v.closed = false;
  b.pass(takes_s.hold);
  return { seen: got.seen, text: got.text, vessel: viewOf(v) };
}
