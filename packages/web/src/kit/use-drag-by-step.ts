/** Dragging by pointer, or by the space bar and the arrow keys, a step of the drawing at a time. */
import { KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Where an arrow key moves to. @param y 0 where nothing moves up or down. @returns undefined for every other key. */
export function stepTo(code: string, at: Spot, { x, y }: Spot): Spot | undefined {
  const by = { ArrowLeft: [-x, 0], ArrowRight: [x, 0], ArrowUp: [0, -y], ArrowDown: [0, y] }[code];
  return by && (by[0] || by[1]) ? { x: at.x + by[0]!, y: at.y + by[1]! } : undefined;
}

/** @param step pixels from one place of the drawing to the next. */
export const useDragByStep = (step: Spot) =>
  useSensors(
    // A press that hardly moves is a press.
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: ({ code }, { currentCoordinates }) => stepTo(code, currentCoordinates, step),
    }),
  );
