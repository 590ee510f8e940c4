/** What was asked and what to teach, in words. */
import { shortTestName } from '../identification-tests/tests.js';
import { orderItem } from '../schemes/mark-scheme.js';
import { saltName } from '../species/species.js';
import type { ItemAnalysis } from './item-analysis.js';
import type { ToTeach } from './teach-again.js';

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

/** What to teach again, as a heading. */
export function teachWords({ strand, test, attribute, seen, samples }: ToTeach): string {
  if (strand === 'conclusion') return `Naming ${saltName(samples[0] ?? [])}`;
  const asked = askedWords({ strand, test, attribute });
  if (strand !== 'observation' || seen === null) return asked;
  return `${asked.replace(':', ',')}: ${seen}`;
}
