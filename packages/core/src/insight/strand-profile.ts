/** How a class did in each strand. */
import { groupedBy } from '../numbers/grouped.js';
import { strands, type Strand } from '../schemes/strands.js';
import type { ReviewedMark } from './item-analysis.js';

export interface StrandResult {
  readonly strand: Strand;
  readonly students: number;
  /** Mean of the students' shares of weighted points, with its 95 % interval (normal, of the mean). */
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}

/** Strands in which there was anything to earn. */
export function strandProfile(marks: readonly ReviewedMark[]): StrandResult[] {
  return strands.flatMap((strand): StrandResult[] => {
    const counted = marks.filter((m) => m.strand === strand && m.weight > 0);
    const shares = [...groupedBy(counted, (m) => m.student).values()].map((own) => {
      const sum = (of: 'points' | 'max') => own.reduce((n, m) => n + m[of] * m.weight, 0);
      return sum('points') / sum('max');
    });
    const n = shares.length;
    if (!n) return [];
    const mean = shares.reduce((a, b) => a + b, 0) / n;
    const variance = n > 1 ? shares.reduce((sum, s) => sum + (s - mean) ** 2, 0) / (n - 1) : 0;
    const half = 1.959964 * Math.sqrt(variance / n);
    return [{ strand, students: n, mean, low: Math.max(0, mean - half), high: Math.min(1, mean + half) }];
  });
}
