/**
 * The CIE 1931 2° standard observer: colour matching functions every 10 nm from 380 to 780 nm.
 * Source `cie-1931`: CIE 15:2004, Colorimetry, table T.4.
 */
const first = 380;
const step = 10;
const x = [
  0.0014, 0.0042, 0.0143, 0.0435, 0.1344, 0.2839, 0.3483, 0.3362, 0.2908, 0.1954, 0.0956, 0.032, 0.0049,
  0.0093, 0.0633, 0.1655, 0.2904, 0.4334, 0.5945, 0.7621, 0.9163, 1.0263, 1.0622, 1.0026, 0.8544, 0.6424,
  0.4479, 0.2835, 0.1649, 0.0874, 0.0468, 0.0227, 0.0114, 0.0058, 0.0029, 0.0014, 0.00069, 0.00033, 0.00017,
  0.000083, 0.000042,
];
const y = [
  0.000039, 0.00012, 0.0004, 0.0012, 0.004, 0.0116, 0.023, 0.038, 0.06, 0.091, 0.139, 0.208, 0.323, 0.503,
  0.71, 0.862, 0.954, 0.995, 0.995, 0.952, 0.87, 0.757, 0.631, 0.503, 0.381, 0.265, 0.175, 0.107, 0.061,
  0.032, 0.017, 0.0082, 0.0041, 0.0021, 0.00105, 0.00052, 0.00025, 0.00012, 0.00006, 0.00003, 0.000015,
];
const z = [
  0.0065, 0.0201, 0.0679, 0.2074, 0.6456, 1.3856, 1.7471, 1.7721, 1.6692, 1.2876, 0.813, 0.4652, 0.272,
  0.1582, 0.0782, 0.0422, 0.0203, 0.0087, 0.0039, 0.0021, 0.0017, 0.0011, 0.0008, 0.0003, 0.0002, 0, 0, 0, 0,
  0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0,
];

export type Tristimulus = readonly [X: number, Y: number, Z: number];

/** Between two rows: geometric where both are positive, since the tails fall by powers of ten. */
function between(table: readonly number[], place: number): number {
  const low = Math.floor(place);
  const [a, b] = [table[low] ?? 0, table[low + 1] ?? 0];
  const part = place - low;
  return a > 0 && b > 0 ? a ** (1 - part) * b ** part : a + (b - a) * part;
}

/** Tristimulus values of unit power at one wavelength in nm; nothing outside 380 to 780 nm. */
export function matching(nm: number): Tristimulus {
  const place = (nm - first) / step;
  if (place < 0 || place > x.length - 1) return [0, 0, 0];
  return [between(x, place), between(y, place), between(z, place)];
}
