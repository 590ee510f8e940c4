import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';

/**
 * A hand-in seen on the wire brings new marks.
 * @param entries how many the log has, once it has come. One that first comes with the page has none that the marks have not;
 * one that was there before may have grown since they were fetched.
 */
export function useMarksFollowLog(lesson: string, entries: number | undefined): void {
  const cache = useQueryClient();
  const known = useRef<number | 'coming'>(0);
  useEffect(() => {
    if (entries === undefined) {
      known.current = 'coming';
      return;
    }
    if (known.current !== 'coming' && entries !== known.current)
      void cache.invalidateQueries({ queryKey: ['marks', lesson] });
    known.current = entries;
  }, [cache, lesson, entries]);
}
