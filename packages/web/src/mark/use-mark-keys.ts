/** The keys of the desk: from mark to mark, to the next that wants a person, points by a figure, a flag. */
import type { MarkCell, MarkRow } from '@kivex/contract';
import { useEffect } from 'react';
import { isTyping } from '../kit/is-typing.js';
import { pressedKey } from '../kit/pressed-key.js';
import type { Column } from './mark-columns.js';
import { movedPlace, steps } from './places.js';
import type { Place } from './MarksTable.js';

interface MarkKeys {
  /** They work in the table and in a whole report; elsewhere not. */
  readonly view: string;
  readonly rows: readonly MarkRow[];
  readonly columns: readonly Column[];
  readonly place: Place | undefined;
  readonly cell: MarkCell | undefined;
  readonly choose: (place: Place) => void;
  readonly next: (wanted: 'open' | 'flagged') => void;
  readonly points: (points: number) => void;
  readonly flag: (cell: MarkCell) => void;
  /** Takes the last decision back. */
  readonly undo: () => void;
  /** To the report before or after. */
  readonly turn: (by: 1 | -1) => void;
}

export function useMarkKeys({
  view,
  rows,
  columns,
  place,
  cell,
  choose,
  next,
  points,
  flag,
  undo,
  turn,
}: MarkKeys): void {
  useEffect(() => {
    if (view !== 'table' && view !== 'report') return;
    /** @returns whether the key did something. */
    const did = (key: string): boolean => {
      const step = steps[key];
      if (key === 'n') next('open');
      else if (key === 'F') next('flagged');
      else if (key === 'f' && cell) flag(cell);
      else if (key === 'u') undo();
      else if (view === 'report' && (key === 'PageDown' || key === 'PageUp'))
        turn(key === 'PageDown' ? 1 : -1);
      else if (place && step) {
        const to = movedPlace(rows, columns, place, step);
        if (to) choose(to);
      } else if (cell && /^[0-9]$/.test(key) && Number(key) <= cell.max) points(Number(key));
      else return false;
      return true;
    };
    const press = (event: KeyboardEvent) => {
      if (!isTyping(event) && !event.ctrlKey && !event.metaKey && !event.altKey && did(pressedKey(event)))
        event.preventDefault();
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [view, rows, columns, place, cell, choose, next, points, flag, undo, turn]);
}
