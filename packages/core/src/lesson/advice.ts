/** What to repeat or change after a result, from the record alone, so that it gives no answer away. */
import { adviceOnWeak, slipsSaid } from '../identification-tests/how-done.js';
import { testOf } from '../identification-tests/tests.js';
import type { ObservationBody } from './record.js';

const lookAgain = 'Not sure? Repeat it with fresh sample; the second look stands beside the first.';

/**
 * The advice that fits a record: on what it owns up to, else on the slips that would show just this, the likeliest one's;
 * else on its being weak or in doubt.
 * @returns a sentence for the student, or undefined when nothing speaks for a slip.
 */
export function adviceOn(
  test: string,
  seen: Readonly<Record<string, string>>,
  how: Pick<ObservationBody, 'did' | 'weak' | 'doubtful'> = {},
): string | undefined {
  const { slips } = testOf(test);
  const [said] = slipsSaid(test, how.did);
  if (said !== undefined) return slips.find((s) => s.id === said)?.advice;
  if (how.weak) return adviceOnWeak(test);
  const fitting = slips.filter((slip) => {
    const shared = Object.entries(slip.shows).filter(([attribute]) => seen[attribute] !== undefined);
    return shared.length > 0 && shared.every(([attribute, values]) => values.includes(seen[attribute]!));
  });
  return [...fitting].sort((a, b) => b.prior - a.prior)[0]?.advice ?? (how.doubtful ? lookAgain : undefined);
}
