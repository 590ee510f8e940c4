/** How long what is left will take, by one's own pace. */

/** A longer pause is no deciding. */
const longest_s = 120;
/** Gaps a pace is taken from, at least, and the newest so many. */
const fewest = 3;
const newest = 12;

/**
 * Minutes that the decisions left will take, whole, at least one; undefined while too few were made to say.
 * @param at when decisions were made, in ms, oldest first. @param left decisions.
 */
export function minutesLeft(at: readonly number[], left: number): number | undefined {
  const gaps = at
    .slice(1)
    .map((t, i) => (t - at[i]!) / 1000)
    .filter((s) => s <= longest_s)
    .slice(-newest)
    .sort((a, b) => a - b);
  if (gaps.length < fewest || !left) return undefined;
  return Math.max(1, Math.round((gaps[Math.floor(gaps.length / 2)]! * left) / 60));
}

/** "about 4 minutes at your pace". */
export const paceOf = (minutes: number): string =>
  `about ${minutes} ${minutes === 1 ? 'minute' : 'minutes'} at your pace`;
