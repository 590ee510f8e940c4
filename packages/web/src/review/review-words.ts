/** What a review tells, in words. */
import type { ReviewFilter } from '@kivex/contract';
import { flagOf, type ItemAnalysis, type Share } from '@kivex/core';

export const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** "62 % (48 to 74 %)": a share with the interval it is known to. */
export const shareWords = ({ share, low, high }: Pick<Share, 'share' | 'low' | 'high'>): string =>
  `${percent(share)} (${Math.round(low * 100)} to ${percent(high)})`;

export const flagWords = (item: Pick<ItemAnalysis, 'facility' | 'discrimination'>): string | undefined => {
  switch (flagOf(item)) {
    case 'wrong-way':
      return 'those who did well had it wrong more often: look at the question, or at the bottle';
    case 'too-easy':
      return 'nearly everybody had it';
    case 'too-hard':
      return 'nearly nobody had it';
    default:
      return undefined;
  }
};

/** School years from September on, the newest first, back to the first day there is. */
export function schoolYears(today: Date, count = 4): readonly { name: string; from: string; to: string }[] {
  const begins = today.getMonth() >= 8 ? today.getFullYear() : today.getFullYear() - 1;
  return Array.from({ length: count }, (_, i) => {
    const year = begins - i;
    return {
      name: `${year}/${String(year + 1).slice(2)}`,
      from: `${year}-09-01`,
      to: `${year + 1}-08-31`,
    };
  });
}

/** A filter as the query of an address; parts that are not set are left out. */
export const queryOf = (filter: ReviewFilter): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(filter).filter((part): part is [string, string] => Boolean(part[1])));
