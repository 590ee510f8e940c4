/** The board as it is now, for its parts. */
import type { Lesson, WireEvent } from '@kivex/contract';
import type { useMove } from '../lessons/lesson-queries.js';
import type { BenchStatus } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import type { ClassCauses } from './class-causes.js';
import type { LiveBoard } from './live-board.js';

export interface Board extends LiveBoard {
  readonly lesson: Lesson;
  readonly benches: readonly BenchStatus[];
  readonly now: number;
  /** The log as it was a moment ago, and what the class tells together by it. */
  readonly settled: readonly WireEvent[];
  readonly causes: ClassCauses;
  /** Rows of the log that cannot be read. */
  readonly unreadable: readonly number[];
  /** Fetches the log anew. */
  readonly refetch: () => void;
  readonly acts: BenchActs;
  readonly move: ReturnType<typeof useMove>;
  /** What did not go through. */
  readonly problem: string | undefined;
  readonly failed: (why: string | undefined) => void;
}
