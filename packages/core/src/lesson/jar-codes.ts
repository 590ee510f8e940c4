/** What unknowns are called on the bench, and orders that tell nothing. */

/** Codes for jars: three digits, all different, in no order and free of chemical symbols. */
export function jarCodes(count: number, random: () => number): string[] {
  const codes = new Set<string>();
  while (codes.size < count) codes.add(String(100 + Math.floor(random() * 900)));
  return [...codes];
}

/**
 * The same things in an order that tells nothing.
 * @param random 0 ≤ x < 1; injected, so that tests repeat.
 */
export function shuffled<T>(things: readonly T[], random: () => number): T[] {
  const order = [...things];
  for (let i = order.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    [order[i], order[k]] = [order[k]!, order[i]!];
  }
  return order;
}
