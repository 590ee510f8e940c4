/** The burner and what is held in it: colours that come and go, sodium that masks, wood that burns, salt that fell in. */
import { flameColour, type FlameColour } from '../flame/flame-colour.js';
import type { FlameName } from '../flame/flame-name.js';
import { burnsFrom_s, cleaningLeaves, flameCourse, moreShines, sodiumOf } from './rates.js';

export const toolKinds = ['wire', 'splint', 'swab', 'glass-rod'] as const;
export type ToolKind = (typeof toolKinds)[number];
export const wetness = ['soaked', 'wet', 'dry'] as const;

export interface Tool {
  readonly id: string;
  readonly kind: ToolKind;
  /** Loads of each ion on it. */
  load: Record<string, number>;
  /** Seconds its load has been in the flame, and the wood of it. */
  inFlame_s: number;
  wetness: (typeof wetness)[number];
  charred: boolean;
  /** Cleaned since it last took up a sample or was touched? */
  clean: boolean;
}
export interface Burner {
  airHoleOpen: boolean;
  /** Loads of ions from salt that fell in. */
  fallen: Record<string, number>;
}

export const newTool = (id: string, kind: ToolKind, wet: Tool['wetness']): Tool => ({
  id,
  kind,
  load:
    kind === 'wire'
      ? { 'Na+': sodiumOf.uncleaned.value }
      : kind === 'glass-rod'
        ? { 'Na+': sodiumOf.glass.value }
        : {},
  inFlame_s: 0,
  wetness: wet,
  charred: false,
  clean: kind === 'splint' || kind === 'swab',
});

export const addLoad = (
  to: Record<string, number>,
  load: Readonly<Record<string, number>>,
  times = 1,
): void => {
  for (const [ion, n] of Object.entries(load)) to[ion] = (to[ion] ?? 0) + n * times;
};

/** Where in the flame a tool is held; the lower and inner parts are too cool for most. */
export const flamePlaces = ['inner-cone-tip', 'edge', 'inside-cone', 'base'] as const;
export type FlamePlace = (typeof flamePlaces)[number];
const heatThere: Readonly<Record<FlamePlace, number>> = {
  'inner-cone-tip': 1,
  edge: 0.7,
  'inside-cone': 0.0005,
  base: 0.0005,
};

/** What of a load shines after so many seconds in the flame. */
function shines(load: Readonly<Record<string, number>>, at_s: number): Record<string, number> {
  const now: Record<string, number> = {};
  for (const [ion, n] of Object.entries(load)) {
    const { whole_s, fades_s, leavesOrange } = flameCourse[ion] ?? flameCourse.other;
    const left = Math.exp(-Math.max(0, at_s - whole_s) / fades_s);
    addLoad(now, { [ion]: n * left });
    if (leavesOrange && left < 1) addLoad(now, { 'Na+': leavesOrange * n * (1 - left) });
  }
  return now;
}
/** Has a colour that fades gone over into the orange that is left? */
export const fadedToOrange = (tool: Tool): boolean =>
  Object.entries(tool.load).some(([ion, n]) => {
    const course = flameCourse[ion];
    return (
      course?.leavesOrange !== undefined && n > 0.05 && tool.inFlame_s > course.whole_s + 2 * course.fades_s
    );
  });
/** How much of a luminous flame the burning wood, or the glowing wire, makes. */
function ownLight(tool: Tool, at_s: number): number {
  if (tool.kind === 'wire' || tool.kind === 'glass-rod') return 0;
  const from = burnsFrom_s[tool.wetness].value;
  return Math.min(1, Math.max(0, (at_s - from) / 2));
}

export interface FlameMoment extends FlameColour {
  readonly at_s: number;
}
export interface FlameSeen {
  /** What shows when it is read. */
  readonly now: FlameColour;
  readonly moments: readonly FlameMoment[];
  readonly burns: boolean;
  /** The burner's own light hides what is in it. */
  readonly luminous: boolean;
}

/** How strongly so many loads of a salt shine, in loads. */
const shineOf = (loads: number): number =>
  loads <= 1 ? loads : 1 + moreShines.value * (1 - Math.exp(1 - loads));

/** The colour of the burner's flame with a tool in it, so many seconds after the tool went in. */
export function flameAt(
  burner: Burner,
  tool: Tool | undefined,
  at_s: number,
  place: FlamePlace,
  glass: boolean,
): FlameColour {
  const ions: Record<string, number> = {};
  addLoad(ions, burner.fallen);
  // A luminous flame is far cooler than a roaring one (estimated).
  const heat = heatThere[place] * (burner.airHoleOpen ? 1 : 0.05);
  if (tool) addLoad(ions, shines(tool.load, at_s), heat);
  const luminous = Math.max(burner.airHoleOpen ? 0 : 1, tool ? ownLight(tool, at_s) : 0);
  const shining = Object.fromEntries(Object.entries(ions).map(([ion, n]) => [ion, shineOf(n)]));
  return flameColour({ ions: shining, glass, luminous });
}

/** Holds a tool in the flame for so many seconds more; its colour is read at the end. */
export function holdInFlame(
  burner: Burner,
  tool: Tool,
  seconds: number,
  place: FlamePlace,
  glass: boolean,
): FlameSeen {
  const from = tool.inFlame_s;
  const marks = [...new Set([0.3, 1, 2, 3, 5, 8, 12, seconds])]
    .filter((s) => s <= seconds)
    .sort((a, b) => a - b);
  const moments = marks.map((s) => ({ at_s: s, ...flameAt(burner, tool, from + s, place, glass) }));
  tool.inFlame_s += seconds;
  const burns = ownLight(tool, tool.inFlame_s) > 0;
  if (burns) tool.charred = true;
  return {
    now: flameAt(burner, tool, tool.inFlame_s, place, glass),
    moments,
    burns,
    luminous: !burner.airHoleOpen,
  };
}

/** Acid in a watch glass, and what was washed into it. */
export interface CleaningAcid {
  readonly strong: boolean;
  readonly carries: Record<string, number>;
}
/** What a wire carries over from acid another has been cleaned in. */
const pickedUp = 0.05;

/** Dips a wire in acid and burns it off, so many times. */
export function cleanWire(
  tool: Tool,
  acid: CleaningAcid | undefined,
  times: number,
  freshEach: boolean,
): void {
  const left = !acid
    ? cleaningLeaves.none.value
    : acid.strong
      ? cleaningLeaves.strong.value
      : cleaningLeaves.weak.value;
  for (let i = 0; i < times; i += 1) {
    const carried = acid && !freshEach ? { ...acid.carries } : {};
    if (acid) addLoad(acid.carries, tool.load, 1 - left);
    tool.load = Object.fromEntries(Object.entries(tool.load).map(([ion, n]) => [ion, n * left]));
    addLoad(tool.load, carried, pickedUp);
  }
  tool.inFlame_s = 0;
  tool.clean = !shows(tool.load);
}
/** Would these loads colour a flame? */
export const shows = (load: Readonly<Record<string, number>>): boolean =>
  flameColour({ ions: load }).name !== 'none';

/** Words for what is shown; burning wood, and what barium and calcium fade to, people call orange. */
export const flameWords = (name: FlameName, orange: boolean): string =>
  name === 'none'
    ? 'no colour beyond the burner’s own'
    : orange && name === 'yellow'
      ? 'orange'
      : name.replace('-', ' ');
