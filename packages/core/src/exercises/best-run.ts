/** Which of somebody's runs on screen counts. */
export interface CountedRun {
  readonly passed: boolean;
  readonly points: number;
  readonly max: number;
  readonly slips: readonly string[];
  /** Let off: no run was made. */
  readonly waived: boolean;
}

/** Passed before not, then by share of the points, then by fewest slips; undefined where none was made. */
export const bestRun = <R extends CountedRun>(runs: readonly R[]): R | undefined =>
  runs
    .filter((r) => !r.waived)
    .sort(
      (a, b) =>
        Number(b.passed) - Number(a.passed) ||
        b.points / (b.max || 1) - a.points / (a.max || 1) ||
        a.slips.length - b.slips.length,
    )[0];
