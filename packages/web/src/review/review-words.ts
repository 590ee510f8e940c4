/** What a review tells, in words. */
import type { ReviewFilter } from '@kivex/contract';
import { flagOf, orderItem, saltName, type ItemAnalysis, type Share, type ToTeach } from '@kivex/core';
import { shortTestName } from '../kit/look-names.js';

export const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** "62 % (48 to 74 %)": a share with the interval it is known to. */
export const shareWords = ({ share, low, high }: Pick<Share, 'share' | 'low' | 'high'>): string =>
  `${percent(share)} (${Math.round(low * 100)} to ${percent(high)})`;

const words = (id: string): string => id.replace(/([A-Z])/g, ' $1').toLowerCase();

type Named = Pick<ItemAnalysis, 'strand' | 'test' | 'attribute' | 'truth'>;
/** What was asked: "Sodium hydroxide: excess", "Name", "Equation: Sulfate". */
export function askedWords({ strand, test, attribute }: Omit<Named, 'truth'>): string {
  if (strand === 'conclusion') return 'Name';
  if (attribute === orderItem || test === null) return 'Order of tests';
  const short = shortTestName(test);
  if (strand === 'equation') return `Equation: ${short}`;
  if (strand === 'technique') return `Technique: ${short}`;
  return attribute === null || attribute === 'colour' ? short : `${short}: ${words(attribute)}`;
}
/** With what the sample held: "Sodium hydroxide: excess, zinc chloride". */
export const itemWords = (item: Named): string =>
  item.truth.length ? `${askedWords(item)}, ${saltName(item.truth)}` : askedWords(item);

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

/** What to teach again, as a heading. */
export function teachWords({ strand, test, attribute, seen, samples }: ToTeach): string {
  if (strand === 'conclusion') return `Naming ${saltName(samples[0] ?? [])}`;
  const asked = askedWords({ strand, test, attribute });
  if (strand !== 'observation' || seen === null) return asked;
  return `${asked.replace(':', ',')}: ${seen}`;
}

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
