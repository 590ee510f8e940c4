/** With nothing left to ask: for today, or of a teacher's set. */
import type { RecallCard } from '@kivex/core';
import { Button } from '../../kit/Button.js';
import { Notice } from '../../kit/Notice.js';
import type { Known } from './schedule.js';

export function AllDone({
  drawn,
  gone,
  again,
}: {
  readonly drawn: readonly RecallCard[] | undefined;
  readonly gone: readonly Known[];
  readonly again: () => void;
}) {
  if (!drawn) return <Notice tone="go">That is all for today. What you knew least comes back first.</Notice>;
  if (!drawn.length)
    return (
      <Notice tone="look">There is no question in this set. Ask your teacher for its address again.</Notice>
    );
  const right = gone.filter((k) => k === 'right').length;
  return (
    <Notice tone="go" action={<Button onClick={again}>Once more</Button>}>
      All {drawn.length} answered, {right} of them rightly. What you knew least comes back under all
      questions.
    </Notice>
  );
}
