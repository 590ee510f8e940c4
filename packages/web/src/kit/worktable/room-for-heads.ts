import { useEffect, type RefObject } from 'react';

/** Heads and first column stay in view: what the keyboard goes to is brought out from beneath them, as large as they are. */
export function useRoomForHeads(place: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const box = place.current;
    const head = box?.querySelector('thead');
    if (!box || !head) return;
    // Told of sizes once they stand: asking for them would have the whole table laid out at every change.
    const watched = new ResizeObserver(() => {
      const stayed = head.querySelector<HTMLElement>('tr:last-child > :first-child');
      box.style.scrollPaddingTop = `${head.offsetHeight}px`;
      box.style.scrollPaddingInlineStart = `${stayed?.offsetWidth ?? 0}px`;
    });
    watched.observe(head);
    return () => watched.disconnect();
  }, [place]);
}
