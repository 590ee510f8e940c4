/** Which of a student's runs on screen counts. */
import type { ScreenRunRow } from '../records/practising.entities.js';

type Run = Pick<ScreenRunRow, 'passed' | 'points' | 'max' | 'slips' | 'waived'>;

/** Passed before not, then by share of the points, then by fewest slips; undefined where none was made. */
export const bestRun = <R extends Run>(runs: readonly R[]): R | undefined =>
  runs
    .filter((r) => !r.waived)
    .sort(
      (a, b) =>
        Number(b.passed) - Number(a.passed) ||
        b.points / (b.max || 1) - a.points / (a.max || 1) ||
        a.slips.length - b.slips.length,
    )[0];
