/** What the sorting worker finds of the answers there are; what it found before stays until it has found anew. */
import { replaceEqualDeep } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { SortingWork } from './sorting-work.js';

type Remote = Comlink.Remote<SortingWork>;
/** One worker for all: it remembers what it has read. */
let work: Remote | Promise<SortingWork> | undefined;
async function sorting(): Promise<Remote | SortingWork> {
  work ??=
    typeof Worker === 'undefined'
      ? import('./sorting-work.js').then((m) => m.sortingWork)
      : Comlink.wrap<SortingWork>(
          new Worker(new URL('./sorting-worker.ts', import.meta.url), { type: 'module' }),
        );
  return work;
}

/** @param ask what to ask of the worker; asked anew when it changes, and so to be kept by `useCallback`. */
export function useSorted<T>(ask: (work: Remote | SortingWork) => Promise<T> | T): {
  readonly found: T | undefined;
  readonly error: Error | undefined;
} {
  const [found, setFound] = useState<T>();
  const [error, setError] = useState<Error>();
  const turn = useRef(0);
  useEffect(() => {
    const mine = ++turn.current;
    sorting()
      .then(ask)
      .then(
        (result) => {
          // Whoever asked later is answered later; what was asked before is of no use any more.
          // What came out as before stays the same object, so that what shows it is left alone.
          if (mine === turn.current)
            setFound((before) => replaceEqualDeep<T | undefined>(before, result) as T);
        },
        (problem: Error) => {
          if (mine === turn.current) setError(problem);
        },
      );
  }, [ask]);
  return { found, error };
}
