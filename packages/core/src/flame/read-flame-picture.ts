/**
 * Reads the colour of a flame from a picture that has the reference card in view: finds the card, takes the camera's tint off,
 * finds the flame, and compares it with the pure flames. It suggests, with how sure it is; it never says what is in the flame.
 */
import { namedFlames } from './flame-colour.js';
import type { FlameName } from './flame-name.js';
import { cardPatches, cardSize, fromLinear, patchCentre, toLinear, type Rgb } from './reference-card.js';

/** Asked for at every pixel. */
const { ceil, exp, floor, max, min, round } = Math;

/** Pixels row by row, four bytes each: red, green, blue, opacity; as a canvas gives them. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
}
export interface FlameSuggestion {
  /** The likeliest colour; undefined where it is not sure enough to be named. */
  readonly name: FlameName | undefined;
  /** Chance that the flame is called so, 0 to 1. */
  readonly sure: number;
  /** The flame's colour with the tint taken off, `#rrggbb`; undefined where no flame was found. */
  readonly srgb: string | undefined;
  /** What is in the way, in a sentence for the person with the camera. */
  readonly problem?: string;
}

/** Pixels across to which a picture is shrunk before it is looked at. */
const lookedAt = 120;
/** Spread of a flame's colour about its pure one, CIEDE2000 units. An estimate. */
const spread = 7;
/** Least chance at which a colour is named. */
const leastSure = 0.6;
/** Share of a card's fit below which there is no card. Mean squared error of the patches in linear light. */
const worstFit = 0.012;
/** Least pixels that make a flame. */
const leastFlame = 12;

interface Linear {
  readonly width: number;
  readonly height: number;
  /** Three numbers a pixel, linear light 0 to 1. */
  readonly light: Float32Array;
}

const lookup = Float32Array.from({ length: 256 }, (_, v) => toLinear(v));

/** The picture in linear light, shrunk by averaging. */
function shrunk({ width, height, data }: Picture): Linear {
  const by = max(1, floor(width / lookedAt));
  const w = floor(width / by);
  const h = floor(height / by);
  const light = new Float32Array(w * h * 3);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 3; c++) {
        let sum = 0;
        for (let dy = 0; dy < by; dy++)
          for (let dx = 0; dx < by; dx++)
            sum += lookup[data[((y * by + dy) * width + x * by + dx) * 4 + c]!]!;
        light[(y * w + x) * 3 + c] = sum / (by * by);
      }
  return { width: w, height: h, light };
}

/** Sums over rectangles in one step: one table a channel. */
function summed({ width, height, light }: Linear) {
  const across = width + 1;
  const tables = [0, 1, 2].map((c) => {
    const table = new Float64Array(across * (height + 1));
    for (let y = 0; y < height; y++) {
      let row = 0;
      for (let x = 0; x < width; x++) {
        row += light[(y * width + x) * 3 + c]!;
        table[(y + 1) * across + x + 1] = table[y * across + x + 1]! + row;
      }
    }
    return table;
  });
  return (x: number, y: number, w: number, h: number): Rgb =>
    tables.map(
      (t) =>
        (t[(y + h) * across + x + w]! -
          t[y * across + x + w]! -
          t[(y + h) * across + x]! +
          t[y * across + x]!) /
        (w * h),
    ) as unknown as Rgb;
}

const known = cardPatches.map((p) => p.map(toLinear) as unknown as Rgb);

interface Card {
  readonly x: number;
  readonly y: number;
  /** Pixels across a patch. */
  readonly unit: number;
  /** What each channel is to be multiplied by. */
  readonly gains: Rgb;
}

interface Range {
  readonly from: number;
  readonly to: number;
  readonly step: number;
}
interface Fit extends Card {
  readonly error: number;
}

/** The place and size in these ranges at which the patches are most like the card's under some tint. */
function bestFit(
  { width, height }: Linear,
  mean: (x: number, y: number, w: number, h: number) => Rgb,
  units: Range,
  xs: Range,
  ys: Range,
): Fit | undefined {
  let best: Fit | undefined;
  for (let unit = units.from; unit <= units.to; unit += units.step) {
    const [w, h] = [ceil(cardSize[0] * unit), ceil(cardSize[1] * unit)];
    const half = max(1, floor(unit * 0.3));
    for (let y = max(0, ys.from); y <= min(ys.to, height - h); y += ys.step)
      for (let x = max(0, xs.from); x <= min(xs.to, width - w); x += xs.step) {
        const at = (i: number) => {
          const [cx, cy] = patchCentre(i);
          return mean(round(x + cx * unit) - half, round(y + cy * unit) - half, 2 * half, 2 * half);
        };
        // White above grey first: most places are ruled out by them.
        const white = at(0);
        const grey = at(1);
        if (white[1] < 0.12 || grey[1] > white[1] * 0.6 || grey[1] < white[1] * 0.08) continue;
        const seen = known.map((_, i) => (i === 0 ? white : i === 1 ? grey : at(i)));
        const gains = [0, 1, 2].map((c) => {
          let top = 0;
          let bottom = 0;
          seen.forEach((s, i) => {
            top += s[c]! * known[i]![c]!;
            bottom += s[c]! * s[c]!;
          });
          return top / max(bottom, 1e-6);
        }) as unknown as Rgb;
        let error = 0;
        seen.forEach((s, i) => s.forEach((v, c) => (error += (v * gains[c]! - known[i]![c]!) ** 2)));
        error /= known.length * 3;
        if (!best || error < best.error) best = { x, y, unit, gains, error };
      }
  }
  return best;
}

/** The card: looked for coarsely over all places and sizes, then closely where it fits best. */
function findCard(picture: Linear): Card | undefined {
  const mean = summed(picture);
  const all = (to: number): Range => ({ from: 0, to, step: 2 });
  const rough = bestFit(
    picture,
    mean,
    { from: 5, to: picture.width / 6, step: 1 },
    all(picture.width),
    all(picture.height),
  );
  if (!rough) return undefined;
  const near = (at: number, by: number, step: number): Range => ({ from: at - by, to: at + by, step });
  const fit = bestFit(picture, mean, near(rough.unit, 0.75, 0.25), near(rough.x, 2, 1), near(rough.y, 2, 1));
  return fit && fit.error < worstFit ? fit : undefined;
}

/** The flame's light with the tint taken off: the middle of its coloured pixels, those burnt out left aside. */
function flameLight({ width, height, light }: Linear, card: Card): Rgb | undefined {
  const [w, h] = [cardSize[0] * card.unit, cardSize[1] * card.unit];
  const pixels: { readonly rgb: Rgb; readonly bright: number }[] = [];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      if (x >= card.x - 1 && x <= card.x + w + 1 && y >= card.y - 1 && y <= card.y + h + 1) continue;
      const at = (y * width + x) * 3;
      const raw = [light[at]!, light[at + 1]!, light[at + 2]!];
      // Burnt out in every channel: glare, which tells nothing.
      if (min(...raw) > 0.9) continue;
      const rgb = raw.map((v, c) => v * card.gains[c]!) as unknown as Rgb;
      pixels.push({ rgb, bright: max(...rgb) });
    }
  const sorted = pixels.map((p) => p.bright).sort((a, b) => a - b);
  const dark = sorted[floor(sorted.length / 2)] ?? 0;
  const most = sorted.at(-max(1, floor(sorted.length * 0.01))) ?? 0;
  if (most < dark * 2.5 || most < 0.08) return undefined;
  const flame = pixels.filter((p) => p.bright > dark + (most - dark) * 0.55);
  if (flame.length < leastFlame) return undefined;
  const middle = (c: number) => {
    const all = flame.map((p) => p.rgb[c]!).sort((a, b) => a - b);
    return all[all.length >> 1]!;
  };
  return [middle(0), middle(1), middle(2)];
}

const hex = (rgb: Rgb): string => `#${rgb.map((v) => fromLinear(v).toString(16).padStart(2, '0')).join('')}`;

/** Suggests the colour of the flame in a picture. Whatever the picture is, this does not throw. */
export function readFlamePicture(picture: Picture): FlameSuggestion {
  const unsure = (problem: string): FlameSuggestion => ({
    name: undefined,
    sure: 0,
    srgb: undefined,
    problem,
  });
  if (picture.width < 40 || picture.height < 40)
    return unsure('The picture is too small. Go nearer, or take a larger one.');
  const small = shrunk(picture);
  const card = findCard(small);
  if (!card)
    return unsure(
      'The reference card was not found. Hold the printed card beside the flame, flat and in the light.',
    );
  const light = flameLight(small, card);
  if (!light)
    return unsure('No flame was found. Darken the room and fill more of the picture with the flame.');
  // Brought to one brightness, as the pure flames are.
  const most = max(...light);
  const shown = light.map((v) => v / most) as unknown as Rgb;
  const named = namedFlames();
  const distances = new Map<FlameName, number>();
  for (const one of named) {
    const apart = one.apartFrom(shown);
    distances.set(one.name, min(distances.get(one.name) ?? Infinity, apart));
  }
  const weights = [...distances].map(([name, d]) => ({
    name,
    weight: exp(-0.5 * (d / spread) ** 2),
    d,
  }));
  const all = weights.reduce((sum, w) => sum + w.weight, 0);
  const best = weights.reduce((a, b) => (b.weight > a.weight ? b : a));
  const sure = all > 0 ? (best.weight / all) * min(1, exp(-0.5 * (max(0, best.d - 12) / 6) ** 2)) : 0;
  return {
    name: sure >= leastSure ? best.name : undefined,
    sure,
    srgb: hex(shown),
    ...(sure >= leastSure
      ? {}
      : { problem: 'Not sure of this colour. Look yourself, and through the glass.' }),
  };
}
