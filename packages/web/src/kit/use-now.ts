/** The time, anew every so often: for "minutes ago" and for the rota's now. */
import { useEffect, useState } from 'react';

/** @returns milliseconds since 1970 by this device. */
export function useNow(everyMs: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}
