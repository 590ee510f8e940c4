/** The board as its parts have it. What an entry changes each part asks for itself: nothing around it is drawn anew. */
import type { Lesson } from '@kivex/contract';
import { createContext, useContext } from 'react';
import { useBoardLog, type useMove } from '../lessons/lesson-queries.js';
import type { BenchStatus, Statuses } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import type { LiveBoard } from './live-board.js';

export interface Board extends LiveBoard {
  readonly lesson: Lesson;
  readonly now: number;
  /** Works out the benches, once for all who ask. */
  readonly statuses: Statuses;
  /** Fetches the log anew. */
  readonly refetch: () => void;
  readonly acts: BenchActs;
  readonly move: ReturnType<typeof useMove>;
  /** What did not go through. */
  readonly problem: string | undefined;
  readonly failed: (why: string | undefined) => void;
}

export const BoardContext = createContext<Board | undefined>(undefined);

/** The board around this part. @throws where there is none. */
export function useBoard(): Board {
  const board = useContext(BoardContext);
  if (!board) throw new Error('A part of the board stands outside of it.');
  return board;
}

/** The log of this board's lesson, once it has come. */
export const useLogOfBoard = () => useBoardLog(useBoard().lesson.id).data ?? noLog;
const noLog = { events: [], unreadable: [] } as const;

/** The benches as they are now. */
export function useBenches(): readonly BenchStatus[] {
  const { lesson, now, statuses } = useBoard();
  return statuses(lesson, useLogOfBoard().events, now);
}
