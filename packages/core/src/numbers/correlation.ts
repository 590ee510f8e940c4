/** Pearson's correlation; null where either does not vary. */
export function correlation(pairs: readonly (readonly [number, number])[]): number | null {
  const n = pairs.length;
  const mean = (i: 0 | 1) => pairs.reduce((sum, p) => sum + p[i], 0) / n;
  const [mx, my] = [mean(0), mean(1)];
  let [xx, yy, xy] = [0, 0, 0];
  for (const [x, y] of pairs) {
    xx += (x - mx) ** 2;
    yy += (y - my) ** 2;
    xy += (x - mx) * (y - my);
  }
  return xx > 1e-12 && yy > 1e-12 ? xy / Math.sqrt(xx * yy) : null;
}
