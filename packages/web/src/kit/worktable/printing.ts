/** Whether the page is on its way to paper, where nothing may be left out. */
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // Before the browser takes its picture of the page, not after.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    addEventListener('beforeprint', begin);
    addEventListener('afterprint', end);
    return () => {
      removeEventListener('beforeprint', begin);
      removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}
