/** What an item is called at the head of a column. */
import { shortTestName } from '../identification-tests/tests.js';

/** "name", "Sodium hydroxide, precipitate", "Sulfate, equation", "order of tests". */
export function itemTitle({
  strand,
  test,
  attribute,
}: {
  readonly strand: string;
  readonly test: string | null;
  readonly attribute: string | null;
}): string {
  if (strand === 'conclusion') return 'name';
  if (test === null) return 'order of tests';
  const short = shortTestName(test);
  return strand === 'observation' && attribute !== null
    ? `${short}, ${attribute.replace(/([A-Z])/g, ' $1').toLowerCase()}`
    : `${short}, ${strand}`;
}
