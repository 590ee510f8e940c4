/**
 * The colour of a flame: spectra of what is in it, through the glass or not, to the eye's three
 * stimuli, to a colour a screen can show at the brightness of a well-seen flame, to a name. The name is
 * that of the pure flame it looks most like (CIEDE2000); too little light is no colour.
 */
import { converter, differenceCiede2000, formatHex, modeLab65, modeRgb, useMode } from 'culori/fn';
import { throughCobaltGlass } from './cobalt-glass.js';
import { emitters, type Emission, type Emitter } from './emitters.js';
import type { FlameName } from './flame-name.js';
import { matching, type Tristimulus } from './observer.js';

useMode(modeRgb);
useMode(modeLab65);
const toLab = converter('lab65');
const difference = differenceCiede2000();
/** A flame is named by its hue more than by how bright it happens to be: lightness counts half (kL = 2). */
const differenceForName = differenceCiede2000(2);

export interface FlameColour {
  /** Colour to show, `#rrggbb`. */
  readonly srgb: string;
  /** CIE L*a*b* of that colour under D65. */
  readonly lab: readonly [L: number, a: number, b: number];
  readonly name: FlameName;
}
export interface FlameConditions {
  /** Relative amounts by ion; ions that colour no flame count for nothing. */
  readonly ions: Readonly<Record<string, number>>;
  /** Seen through the cobalt-blue glass? */
  readonly glass?: boolean;
  /** 0 for a roaring flame, 1 for a luminous one (air hole closed) or burning wood. */
  readonly luminous?: number;
}

/** Least luminance that is seen as a colour, in the units of the emitters' power. A potassium flame is about four times as bright. */
const leastSeen = 0.009;
/** The burner's own cone: faint blue and green bands of CH and C2. */
const cone: readonly Emission[] = [
  { nm: 431, width: 3, power: 0.006 },
  { nm: 473, width: 4, power: 0.003 },
  { nm: 516, width: 4, power: 0.002 },
];
/** Power of the luminous flame at 650 nm per nm; glowing soot at 1900 K. */
const sootPower = 1.2;
const sootKelvin = 1900;
const planck = 0.014388; // second radiation constant, m K (source `codata`)

const planckShape = (nm: number): number => {
  const m = nm * 1e-9;
  const at = (w: number) => w ** -5 / (Math.exp(planck / (w * sootKelvin)) - 1);
  return at(m) / at(650e-9);
};

type Filter = (nm: number) => number;
const clearAir: Filter = () => 1;

const plus = (a: Tristimulus, b: Tristimulus, times = 1): Tristimulus => [
  a[0] + b[0] * times,
  a[1] + b[1] * times,
  a[2] + b[2] * times,
];

/** Stimuli of one line or band, its power spread over a Gaussian sampled every nanometre. */
function stimuliOf({ nm, width, power }: Emission, filter: Filter): Tristimulus {
  if (width === 0) return plus([0, 0, 0], matching(nm), power * filter(nm));
  let sum: Tristimulus = [0, 0, 0];
  let weight = 0;
  for (let d = -Math.ceil(3 * width); d <= 3 * width; d++) {
    const share = Math.exp(-0.5 * (d / width) ** 2);
    weight += share;
    sum = plus(sum, matching(nm + d), share * filter(nm + d));
  }
  return plus([0, 0, 0], sum, power / weight);
}
const allStimuli = (emissions: readonly Emission[], filter: Filter): Tristimulus =>
  emissions.reduce((sum, e) => plus(sum, stimuliOf(e, filter)), [0, 0, 0] as Tristimulus);

function sootStimuli(filter: Filter): Tristimulus {
  let sum: Tristimulus = [0, 0, 0];
  for (let nm = 380; nm <= 780; nm += 5)
    sum = plus(sum, matching(nm), 5 * sootPower * planckShape(nm) * filter(nm));
  return sum;
}

interface View {
  readonly filter: Filter;
  readonly cone: Tristimulus;
  readonly soot: Tristimulus;
  readonly pure: ReadonlyMap<string, Tristimulus>;
  /** Pure flames as shown, with their names. */
  readonly named: readonly {
    readonly name: FlameName;
    readonly colour: { readonly mode: 'lab65'; l: number; a: number; b: number };
  }[];
}
const views = new Map<boolean, View>();

/** Everything of one way of looking that does not depend on the sample. */
function viewOf(glass: boolean): View {
  const kept = views.get(glass);
  if (kept) return kept;
  const filter = glass ? throughCobaltGlass : clearAir;
  const pure = new Map(emitters.map((e) => [e.ion as string, allStimuli(e.emissions, filter)]));
  const name = (e: Emitter) => (glass ? e.calledThroughGlass : e.called);
  const named = emitters
    .filter((e) => pure.get(e.ion)![1] >= leastSeen)
    .map((e) => ({ name: name(e), colour: shown(pure.get(e.ion)!).lab }));
  const view = { filter, cone: allStimuli(cone, filter), soot: sootStimuli(filter), pure, named };
  views.set(glass, view);
  return view;
}

/** Brightness at which a flame is shown, as a share of the screen's white; light beyond a channel's reach is cut, as in the eye's glare. */
const shownLuminance = 0.6;
const brightestChannel = 1.35;

/** A colour a screen can show: light out of its gamut is mixed with just enough white, then brought to a flame's brightness. */
function shown([X, Y, Z]: Tristimulus) {
  const linear = [
    3.2404542 * X - 1.5371385 * Y - 0.4985314 * Z,
    -0.969266 * X + 1.8760108 * Y + 0.041556 * Z,
    0.0556434 * X - 0.2040259 * Y + 1.0572252 * Z,
  ];
  const white = Math.max(0, -Math.min(...linear));
  const inside = linear.map((v) => v + white);
  const most = Math.max(...inside, 1e-30);
  const exposure = Math.max(
    Math.min(shownLuminance / Math.max(Y + white, 1e-30), brightestChannel / most),
    1 / most,
  );
  const encode = (v: number) => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
  const [r, g, b] = inside.map((v) => encode(Math.min(1, v * exposure))) as [number, number, number];
  const rgb = { mode: 'rgb', r, g, b } as const;
  const lab = toLab(rgb) as { mode: 'lab65'; l: number; a: number; b: number };
  return { rgb, lab };
}

/**
 * The colour of a flame.
 * @throws RangeError when an amount is negative or no number, or `luminous` is not from 0 to 1.
 */
export function flameColour({ ions, glass = false, luminous = 0 }: FlameConditions): FlameColour {
  if (!(luminous >= 0 && luminous <= 1)) throw new RangeError(`luminous is ${luminous}; it runs from 0 to 1`);
  const view = viewOf(glass);
  let light: Tristimulus = view.cone;
  let emitted: Tristimulus = [0, 0, 0];
  for (const [ion, amount] of Object.entries(ions)) {
    if (!Number.isFinite(amount) || amount < 0)
      throw new RangeError(`the amount of ${ion} is ${amount}; it must be a number from 0 up`);
    const pure = view.pure.get(ion);
    if (pure) emitted = plus(emitted, pure, amount);
  }
  emitted = plus(emitted, view.soot, luminous);
  light = plus(light, emitted);
  const { rgb, lab } = shown(light);
  let name: FlameName = 'none';
  if (emitted[1] >= leastSeen) {
    let nearest = Infinity;
    for (const candidate of view.named) {
      const apart = differenceForName(lab, candidate.colour);
      if (apart < nearest) [nearest, name] = [apart, candidate.name];
    }
  }
  return { srgb: formatHex(rgb), lab: [lab.l, lab.a, lab.b], name };
}

export interface NamedFlame {
  readonly name: FlameName;
  /** How far a colour in linear light (its brightest channel 1) is from this flame at the same brightness, CIEDE2000. */
  readonly apartFrom: (linear: readonly [number, number, number]) => number;
}
/** The pure flames as the naked eye names them, with the burner's own light; sodium's too, and soot's yellow. */
export function namedFlames(): readonly NamedFlame[] {
  const { pure, cone: own, soot } = viewOf(false);
  const lights = [
    ...emitters
      .filter((e) => pure.get(e.ion)![1] >= leastSeen)
      .map((e) => ({ name: e.called, light: plus(own, pure.get(e.ion)!) })),
    { name: 'yellow' as const, light: soot },
  ];
  return lights.map(({ name, light }) => {
    const { lab } = shown(light);
    return {
      name,
      apartFrom: ([r, g, b]) => {
        const rgb = [r, g, b].map((v) => Math.min(1, Math.max(0, v))) as [number, number, number];
        return differenceForName(lab, toLab(litFrom(rgb)));
      },
    };
  });
}

/** Linear light as a colour shown at a flame's brightness. */
function litFrom(linear: readonly [number, number, number]) {
  const Y = 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
  const most = Math.max(...linear, 1e-9);
  const exposure = Math.max(Math.min(shownLuminance / Math.max(Y, 1e-9), brightestChannel / most), 1 / most);
  const encode = (v: number) => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
  const [r, g, b] = linear.map((v) => encode(Math.min(1, v * exposure))) as [number, number, number];
  return { mode: 'rgb', r, g, b } as const;
}

/** How far apart two flames look, CIEDE2000; below about 10 they are taken for each other at a glance. */
export function apart(one: FlameColour, other: FlameColour): number {
  const lab = ({ lab: [l, a, b] }: FlameColour) => ({ mode: 'lab65', l, a, b }) as const;
  return difference(lab(one), lab(other));
}
