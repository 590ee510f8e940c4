/** How far two markers agree: exactly, within a tolerance, and beyond chance (Cohen's kappa). */
import { groupedBy } from '../numbers/grouped.js';
import { wilson, type Share } from '../numbers/wilson.js';

export interface MarkedTwice {
  readonly first: number;
  readonly second: number;
}
export interface Agreement {
  readonly n: number;
  readonly exact: Share;
  /** Points apart by no more than the tolerance. */
  readonly within: Share;
  /**
   * 1 is full agreement, 0 no more than chance; null where both gave everything the same points, so that chance alone would agree.
   * Its 95 % interval is of large samples (J. Cohen, Educ. Psychol. Meas. 20 (1960) 37).
   */
  readonly kappa: { readonly value: number; readonly low: number; readonly high: number } | null;
}

/** @param tolerance points that two markers may be apart. */
export function agreement(pairs: readonly MarkedTwice[], tolerance = 0): Agreement {
  const n = pairs.length;
  const share = (agree: (pair: MarkedTwice) => boolean) => wilson(n ? pairs.filter(agree).length / n : 0, n);
  const exact = share((p) => p.first === p.second);
  const within = share((p) => Math.abs(p.first - p.second) <= tolerance);
  const first = groupedBy(pairs, (p) => p.first);
  const second = groupedBy(pairs, (p) => p.second);
  const chance = [...first].reduce(
    (sum, [points, own]) => sum + (own.length * (second.get(points)?.length ?? 0)) / (n * n),
    0,
  );
  if (!n || 1 - chance < 1e-12) return { n, exact, within, kappa: null };
  const value = (exact.share - chance) / (1 - chance);
  const half = (1.959964 * Math.sqrt((exact.share * (1 - exact.share)) / n)) / (1 - chance);
  return {
    n,
    exact,
    within,
    kappa: { value, low: Math.max(-1, value - half), high: Math.min(1, value + half) },
  };
}

/** What a kappa is usually called (J. R. Landis, G. G. Koch, Biometrics 33 (1977) 159); a convention, not a law. */
export function kappaWord(
  kappa: number,
): 'poor' | 'slight' | 'fair' | 'moderate' | 'substantial' | 'almost perfect' {
  if (kappa < 0) return 'poor';
  if (kappa <= 0.2) return 'slight';
  if (kappa <= 0.4) return 'fair';
  if (kappa <= 0.6) return 'moderate';
  return kappa <= 0.8 ? 'substantial' : 'almost perfect';
}

/**
 * Marks to be marked a second time so that the share of agreement is known to within `precision`, with 95 % confidence and the
 * correction for a finite number of marks.
 * @param expected share of agreement that is looked for; 0.9 where nothing is known. @param all marks there are.
 */
export function sampleFor(precision: number, all: number, expected = 0.9): number {
  const wanted = (1.959964 / precision) ** 2 * expected * (1 - expected);
  return Math.min(all, Math.ceil(wanted / (1 + (wanted - 1) / Math.max(1, all))));
}

/**
 * Draws marks for a second marker: of each strand its share, at random.
 * @param random uniform in [0, 1). @returns `size` of them, or all.
 */
export function drawn<M extends { readonly strand: string }>(
  marks: readonly M[],
  size: number,
  random: () => number,
): M[] {
  const shuffled = [...marks];
  for (let i = shuffled.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [shuffled[i], shuffled[j]] = [shuffled[j]!, shuffled[i]!];
  }
  const byStrand = [...groupedBy(shuffled, (m) => m.strand).values()];
  const share = Math.min(1, size / Math.max(1, marks.length));
  const taken = byStrand.flatMap((own) => own.slice(0, Math.floor(own.length * share)));
  // What rounding down left over goes to whoever comes next.
  const chosen = new Set(taken);
  for (const mark of shuffled) {
    if (chosen.size >= Math.min(size, marks.length)) break;
    chosen.add(mark);
  }
  return shuffled.filter((m) => chosen.has(m));
}
