import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';

/**
 * A hand-in seen on the wire brings new marks.
 * @param entries how many the log has, once it has come: as it first comes it has none that the marks have not.
 */
export function useMarksFollowLog(lesson: string, entries: number | undefined): void {
  const cache = useQueryClient();
  const known = useRef(entries);
  useEffect(() => {
    if (known.current !== undefined && entries !== known.current)
      void cache.invalidateQueries({ queryKey: ['marks', lesson] });
    known.current = entries;
  }, [cache, lesson, entries]);
}
