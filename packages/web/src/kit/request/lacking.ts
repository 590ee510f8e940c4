/** When a page cannot stand: what it is made of was never fetched, or is no longer for whoever asks. */
import { useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { RequestProblem } from './request.js';

/** A server that is away, or a network: what was fetched before is old, not wrong. */
export const isAway = (error: unknown): boolean =>
  error !== null && !(error instanceof RequestProblem && error.status >= 400 && error.status < 500);

/**
 * Is there nothing to show? What stands on a page stays, with all that is being entered, while it is asked anew in vain.
 * @param query as it was asked, when it no longer waits for its first answer.
 */
export function isLacking<Q extends { readonly data: unknown; readonly error: unknown }>(
  query: Q,
): query is Extract<Q, { readonly data: undefined }> {
  return query.error !== null && (query.data === undefined || !isAway(query.error));
}

/** What was asked: its newest answer, and what went wrong the last time. */
interface Asked {
  readonly state: { readonly data: unknown; readonly error: unknown };
}
/** Stands there, and was asked anew in vain. */
const isOld = ({ state: { data, error } }: Asked): boolean => data !== undefined && isAway(error);

/** Milliseconds until what was asked in vain is asked again. */
const askAgain = 10_000;
/** How soon something is asked again by itself: while its server is away. */
export const againIfAway = ({ state: { error } }: Asked): number | false =>
  isAway(error) ? askAgain : false;

/** Does something on the page stand there that was asked anew in vain? */
export function useIsOld(): boolean {
  const cache = useQueryClient().getQueryCache();
  return useSyncExternalStore(
    (changed) => cache.subscribe(changed),
    () => cache.findAll({ type: 'active' }).some(isOld),
  );
}
