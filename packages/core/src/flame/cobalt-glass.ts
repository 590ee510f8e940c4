/**
 * Transmission of cobalt-blue glass as schools use it, two thicknesses. Cobalt(II) in glass absorbs in
 * three bands near 530, 590 and 645 nm, lets violet and blue through, a little green near 555 nm, and
 * deep red beyond 690 nm.
 * Source `cobalt-glass`; the figures are read off such curves and rounded.
 */
const curve: readonly (readonly [nm: number, transmitted: number])[] = [
  [380, 0.7],
  [400, 0.78],
  [430, 0.76],
  [450, 0.68],
  [470, 0.45],
  [480, 0.3],
  [490, 0.13],
  [500, 0.045],
  [510, 0.014],
  [520, 0.004],
  [530, 0.0025],
  [540, 0.006],
  [550, 0.02],
  [556, 0.026],
  [565, 0.012],
  [575, 0.0008],
  [589, 0.000008],
  [600, 0.00003],
  [610, 0.0001],
  [620, 0.0002],
  [630, 0.0002],
  [640, 0.0003],
  [650, 0.0012],
  [660, 0.008],
  [670, 0.05],
  [680, 0.18],
  [690, 0.42],
  [700, 0.6],
  [720, 0.75],
  [750, 0.82],
  [780, 0.85],
];

/** Share of the light at `nm` that passes. */
export function throughCobaltGlass(nm: number): number {
  const above = curve.findIndex(([at]) => at >= nm);
  if (above <= 0) return curve[above === 0 ? 0 : curve.length - 1]![1];
  const [[a, p], [b, q]] = [curve[above - 1]!, curve[above]!];
  const part = (nm - a) / (b - a);
  return p ** (1 - part) * q ** part;
}
