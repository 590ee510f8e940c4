/** What is commonly given as the reason of a decision, ready to be taken. */
import type { MarkRow } from '@kivex/contract';
import { groupedBy, type LikeAnswers } from '@kivex/core';

/** Why, ready to be kept: for all the points, for none, for some. */
export const readyReasons = [
  'Means the right thing',
  'Not what is seen here',
  'Too vague',
  'Half of it',
] as const;

/** What was said of the same test before, the commonest first: kept, and offered again. */
export function ownReasons(rows: readonly MarkRow[], { strand, test }: LikeAnswers, most = 3): string[] {
  const ready = new Set<string>([...readyReasons, 'Taken back']);
  const said = rows
    .flatMap((row) => row.cells)
    .filter((c) => c.strand === strand && (c.test ?? '') === test)
    .flatMap((c) => c.changes.map((change) => change.reason))
    .filter((reason) => !ready.has(reason) && reason.length <= 60);
  return [...groupedBy(said, (reason) => reason)]
    .sort((a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]))
    .slice(0, most)
    .map(([reason]) => reason);
}
