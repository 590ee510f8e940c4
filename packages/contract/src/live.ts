/** What the server says by Socket.IO, always after commit. */
import type { EventsReceipt, WireEvent } from './bench.js';
import type { LessonState } from './lessons.js';

/** Namespace of the teacher's board and of the students' benches. */
export const boardSpace = '/board';
export const benchSpace = '/bench';

/** The answer to entries sent over a bench's wire: as the HTTP way answers, with its status. */
export type LogReply =
  | { readonly status: 200; readonly receipt: EventsReceipt }
  | {
      readonly status: number;
      readonly detail: string;
      /** Seconds after which it is worth sending again. */
      readonly retryAfter?: number;
      readonly receipt?: undefined;
    };

export interface LiveToClient {
  'lesson-event': (event: WireEvent) => void;
  'lesson-state': (state: LessonState) => void;
  /** Devices connected for a group; board only. */
  /** Something was kept apart from the log, or taken in; board only. */
  'held-changed': () => void;
  /** Do the server's processes hear each other? While not, no wire tells everything; once they do, ask anew. */
  'joined-up': (joined: boolean) => void;
  presence: (present: { readonly group: string; readonly devices: number }) => void;
}
