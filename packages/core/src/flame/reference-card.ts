/**
 * The card that is photographed beside a flame, so that a camera's tint can be taken off: a black frame, white, grey and six
 * patches of known colour. Prepare prints it; the reader of pictures looks for it.
 */

/** Asked for at every pixel. */
const { floor, max, min, round } = Math;

export type Rgb = readonly [r: number, g: number, b: number];

/** sRGB, 0 to 255, row by row: as printed by a common ink-jet; a school that measures its own print may do better. An estimate. */
export const cardPatches: readonly Rgb[] = [
  [243, 243, 240],
  [128, 128, 126],
  [176, 54, 60],
  [214, 126, 44],
  [231, 199, 31],
  [70, 148, 73],
  [56, 61, 150],
  [187, 86, 149],
];
export const cardColumns = 4;
export const cardRows = 2;
/** Width of the frame and of the gap between patches, as shares of a patch's width. */
export const cardFrame = 0.35;

/** Centre of a patch, in units of patch widths from the card's outer corner. */
export const patchCentre = (place: number): readonly [x: number, y: number] => [
  cardFrame + (place % cardColumns) * (1 + cardFrame) + 0.5,
  cardFrame + floor(place / cardColumns) * (1 + cardFrame) + 0.5,
];
/** Width and height of the whole card, in patch widths. */
export const cardSize: readonly [number, number] = [
  cardFrame + cardColumns * (1 + cardFrame),
  cardFrame + cardRows * (1 + cardFrame),
];

export const toLinear = (v: number): number => {
  const s = v / 255;
  return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
};
export const fromLinear = (v: number): number => {
  const c = min(1, max(0, v));
  return round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
};
