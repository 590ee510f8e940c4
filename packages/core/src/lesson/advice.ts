/** What to repeat or change after a result, from the record alone, so that it gives no answer away. */
import { testOf } from '../identification-tests/tests.js';

/**
 * The advice that fits a record: of the slips that would show just this, the likeliest one's.
 * @returns a sentence for the student, or undefined when nothing speaks for a slip.
 */
export function adviceOn(test: string, seen: Readonly<Record<string, string>>): string | undefined {
  const fitting = testOf(test).slips.filter((slip) => {
    const shared = Object.entries(slip.shows).filter(([attribute]) => seen[attribute] !== undefined);
    return shared.length > 0 && shared.every(([attribute, values]) => values.includes(seen[attribute]!));
  });
  return [...fitting].sort((a, b) => b.prior - a.prior)[0]?.advice;
}
