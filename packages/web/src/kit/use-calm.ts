/** A value that changes often, taken over at most so often: what is costly to draw follows a moment later, and always in the end. */
import { useEffect, useRef, useState } from 'react';

/** @param ms between two takings-over, at least. */
export function useCalm<T>(value: T, ms: number): T {
  const [calm, setCalm] = useState(value);
  const last = useRef(0);
  useEffect(() => {
    const wait = Math.max(0, last.current + ms - Date.now());
    const timer = setTimeout(() => {
      last.current = Date.now();
      setCalm(() => value);
    }, wait);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return calm;
}
