/** Shares with how sure they are. */
export interface Share {
  /** From 0 to 1. */
  readonly share: number;
  /** 95 % interval. */
  readonly low: number;
  readonly high: number;
  readonly n: number;
}

/** Of the normal distribution, two-sided 95 %. */
const z = 1.959964;

/**
 * A share with its 95 % interval by Wilson's score (E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209), which stays between 0 and 1
 * and holds for few. Of items with several points `earned / of` is taken as a share of `n` trials.
 * @param n how many were tried; 0 gives the whole range.
 */
export function wilson(share: number, n: number): Share {
  if (n <= 0) return { share: 0, low: 0, high: 1, n: 0 };
  const spread = z * Math.sqrt((share * (1 - share)) / n + (z * z) / (4 * n * n));
  const middle = share + (z * z) / (2 * n);
  const scale = 1 + (z * z) / n;
  return {
    share,
    low: Math.max(0, (middle - spread) / scale),
    high: Math.min(1, (middle + spread) / scale),
    n,
  };
}
