/** Wires, splints and swabs in the burner. */
import type { ActionOf } from './actions.js';
import { takes_s, type BenchState, type Done } from './bench-state.js';
import {
  addLoad,
  cleanWire,
  fadedToOrange,
  flameAt,
  flameWords,
  shows,
  holdInFlame,
  newTool,
} from './in-the-flame.js';
import { within } from './measures.js';
import { sodiumOf } from './rates.js';
import { flameLoad } from './samples.js';

export function clean(b: BenchState, a: ActionOf<'clean'>): Done {
  const tool = b.tool(a.tool);
  if (tool.kind !== 'wire')
    throw new RangeError(`a ${tool.kind} is not cleaned; take a fresh one, or a wire`);
  const acid = a.acid ?? 'HCl';
  const strong = (a.molarity ?? 12) >= 6;
  const fresh = a.fresh ?? true;
  const glass =
    acid === 'none' ? undefined : fresh ? { strong, carries: {} } : (b.reusedAcid ?? { strong, carries: {} });
  const carried = glass && Object.keys(glass.carries).length > 0;
  if (carried) b.slip('acid-reused');
  if (acid === 'HCl' && strong)
    b.hazard('corrosive', 'Concentrated hydrochloric acid: a few drops in a watch glass, goggles.');
  if (acid === 'HCl' && strong) b.eyes();
  cleanWire(tool, glass, within(a.times ?? 3, 'times', 20), fresh);
  if (glass) b.reusedAcid = glass;
  b.pass(takes_s.clean);
  return {
    seen: { clean: tool.clean ? 'yes' : 'no' },
    text: tool.clean ? 'The wire gives no colour.' : 'The wire still colours the flame.',
  };
}
export function dip(b: BenchState, a: ActionOf<'dip'>): Done {
  const tool = b.tool(a.tool, a.kind, a.wetness ?? (a.kind === 'swab' ? 'wet' : 'soaked'));
  // A fresh splint or swab each time.
  if (tool.kind === 'splint' || tool.kind === 'swab')
    Object.assign(tool, newTool(tool.id, tool.kind, a.wetness ?? tool.wetness));
  const [name, sample] = b.sample(a.in);
  if (sample.kind !== 'ions') throw new RangeError(`${name} is no salt or solution; a flame test needs one`);
  const paste = a.paste ?? (tool.kind === 'wire' ? 'fresh' : 'none');
  if (paste === 'reused' && b.reusedAcid) {
    b.slip('acid-reused');
    addLoad(tool.load, b.reusedAcid.carries, 0.05);
  }
  if (a.from === 'stock') {
    b.slip('wire-in-stock');
    b.contaminate(
      name,
      {},
      Object.fromEntries(Object.entries(tool.load).map(([ion, n]) => [ion, n * 0.3])),
      0,
    );
  }
  if (b.setUp.sodiumAbout) addLoad(tool.load, { 'Na+': sodiumOf.dust.value });
  if (a.water === 'tap') {
    b.slip('sodium-about');
    addLoad(tool.load, { 'Na+': sodiumOf.tapWater.value });
  }
  if (tool.kind === 'glass-rod') b.slip('sodium-about');
  const load = flameLoad(sample);
  // What was on it before stays under the new crystals.
  const before = Object.fromEntries(Object.entries(tool.load).filter(([ion]) => !(ion in load)));
  if (tool.kind === 'wire' && shows(before)) b.slip('wire-not-clean');
  addLoad(tool.load, load);
  addLoad(tool.load, b.traces.get(name)?.load ?? {});
  tool.inFlame_s = 0;
  tool.charred = false;
  tool.clean = tool.kind === 'wire' ? false : tool.clean;
  b.pass(takes_s.dip);
  return { seen: {}, text: `The ${tool.kind.replace('-', ' ')} carries ${name}.` };
}
export function touch(b: BenchState, a: ActionOf<'touch'>): Done {
  const tool = b.tool(a.tool);
  addLoad(tool.load, { 'Na+': sodiumOf.touched.value });
  tool.clean = false;
  b.slip('sodium-about');
  return { seen: {}, text: 'A finger touched it.' };
}
export function flame(b: BenchState, a: ActionOf<'flame'>): Done {
  if (a.tool === undefined && b.tools.size === 0) return burnerAlone(b, a);
  const tool = b.tool(a.tool);
  const place = a.where ?? 'inner-cone-tip';
  const seconds = within(a.seconds ?? 1, 'seconds', 600);
  const seen = holdInFlame(b.burner, tool, seconds, place, a.glass ?? false);
  if (seen.luminous) b.slip('air-hole-closed');
  if (seen.burns) b.slip('wood-burns');
  if (place === 'inside-cone' || place === 'base') b.slip('not-in-the-hot-part');
  if (Object.keys(b.burner.fallen).length) b.slip('salt-in-burner');
  const late = (ion: string) => (tool.load[ion] ?? 0) > 0.05 && tool.inFlame_s >= 4;
  if (late('Ba2+') || late('Ca2+')) b.slip('read-late');
  if (b.random() < 0.3 && seconds <= 2) b.splash('A crystal spits.');
  else if (!b.goggles) b.eyes();
  b.clock_s += seconds;
  const { name, srgb } = seen.now;
  const words = flameWords(name, seen.burns || fadedToOrange(tool));
  // What it was on the way is seen too.
  const course = [
    ...seen.moments.slice(0, -1).map((m) => flameWords(m.name, words === 'orange')),
    words,
  ].filter((word, i, all) => word !== all[i - 1]);
  const through = a.glass ? ' Through the blue glass.' : '';
  return {
    seen: a.glass ? { throughBlueGlass: name } : { colour: name },
    text: `The flame ${name === 'none' && course.length < 2 ? 'has' : 'is'} ${course.length > 1 ? course.join(', then ') : words}.${through}${seen.burns ? ' The wood burns.' : ''}`,
    flame: { srgb, words, moments: seen.moments },
  };
}
export function airHole(b: BenchState, a: ActionOf<'air-hole'>): Done {
  b.burner.airHoleOpen = a.open;
  return { seen: {}, text: a.open ? 'The flame roars, blue.' : 'The flame is luminous yellow.' };
}
export function spillInBurner(b: BenchState, a: ActionOf<'spill-in-burner'>): Done {
  const [, sample] = b.sample(a.sample);
  addLoad(b.burner.fallen, flameLoad(sample), 0.5);
  b.slip('salt-in-burner');
  return { seen: {}, text: 'Some of it falls into the burner, and the flame is coloured.' };
}
export function cleanBurner(b: BenchState): Done {
  b.burner.fallen = {};
  return { seen: {}, text: 'The burner is clean again.' };
}

/** Nothing has been taken up yet: the burner is looked at by itself. */
function burnerAlone(b: BenchState, { glass = false }: ActionOf<'flame'>): Done {
  const { name, srgb } = flameAt(b.burner, undefined, 0, 'inner-cone-tip', glass);
  if (!b.burner.airHoleOpen) b.slip('air-hole-closed');
  if (Object.keys(b.burner.fallen).length) b.slip('salt-in-burner');
  const words = flameWords(name, false);
  return {
    seen: glass ? { throughBlueGlass: name } : { colour: name },
    text: `The burner by itself ${name === 'none' ? 'has' : 'is'} ${words}.`,
    flame: { srgb, words, moments: [] },
  };
}
