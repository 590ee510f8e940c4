/** What a screen reader is told while something is dragged, in the words of the page. */
import type { DndContextProps } from '@dnd-kit/core';

/**
 * @param thing what an id of something dragged is called.
 * @param spot what an id of a place is called.
 */
export const dragWords = (
  thing: (id: string) => string,
  spot: (id: string) => string,
): NonNullable<DndContextProps['accessibility']> => ({
  screenReaderInstructions: {
    draggable:
      'Press the space bar to pick it up, the arrow keys to move it, the space bar again to put it down, Escape to leave it.',
  },
  announcements: {
    onDragStart: ({ active }) => `${thing(String(active.id))} picked up.`,
    onDragOver: ({ active, over }) =>
      over ? `${thing(String(active.id))} over ${spot(String(over.id))}.` : undefined,
    onDragEnd: ({ active, over }) =>
      `${thing(String(active.id))} put down${over ? ` at ${spot(String(over.id))}` : ''}.`,
    onDragCancel: ({ active }) => `${thing(String(active.id))} left where it was.`,
  },
});

/** A place on a plan, from its id `row column` counted from 0. */
export const spotWords = (id: string): string => {
  const [row, column] = id.split(' ').map(Number);
  return `row ${(row ?? 0) + 1}, place ${(column ?? 0) + 1}`;
};
