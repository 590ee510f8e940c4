/**
 * Entries of the wire into the log a board holds. While the log is being asked for, the answer on its way may be from before
 * an entry that has come: then it is put in once more when the answer is there, or it would be lost until the next gap.
 */
import type { BoardLog, WireEvent } from '@kivex/contract';
import type { QueryClient } from '@tanstack/react-query';
import { withEntry } from './board-wire.js';

export interface EventsTaken {
  readonly event: (event: WireEvent) => void;
  /** No answers are looked at any more. */
  readonly end: () => void;
}

export function takeEvents(cache: QueryClient, lessonId: string): EventsTaken {
  const key = ['events', lessonId];
  let late: WireEvent[] = [];
  const put = (event: WireEvent) => cache.setQueryData<BoardLog>(key, (log) => log && withEntry(log, event));
  const own = cache.getQueryCache().build(cache, { queryKey: key }).queryHash;
  const end = cache.getQueryCache().subscribe((told) => {
    if (told.type !== 'updated' || told.query.queryHash !== own) return;
    const { action } = told;
    // Answered, not put in by hand; or there will be none.
    if ((action.type === 'success' && !action.manual) || action.type === 'error') {
      const waiting = late;
      late = [];
      waiting.forEach(put);
    }
  });
  return {
    event: (event) => {
      put(event);
      if (cache.getQueryState(key)?.fetchStatus === 'fetching') late.push(event);
    },
    end,
  };
}
