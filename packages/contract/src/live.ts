/** What the server says by Socket.IO, always after commit. */
import type { WireEvent } from './bench.js';
import type { LessonState } from './lessons.js';

/** Namespace of the teacher's board and of the students' benches. */
export const boardSpace = '/board';
export const benchSpace = '/bench';

export interface LiveToClient {
  'lesson-event': (event: WireEvent) => void;
  'lesson-state': (state: LessonState) => void;
  /** Devices connected for a group; board only. */
  presence: (present: { readonly group: string; readonly devices: number }) => void;
}
