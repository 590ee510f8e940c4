/** What the bench may say about where its entries are. */
import type { Waiting } from './device-store.js';

export interface SavedMarkOf {
  readonly sign: 'saved' | 'going' | 'away' | 'careful';
  readonly text: string;
}
export interface Whereabouts {
  readonly waiting: readonly Waiting[];
  /** Did the server answer last time, and is there a network? */
  readonly reached: boolean;
  /** Does everything the group logs reach this device as it happens? */
  readonly together: boolean;
  /** Entries of the group that wait for the teacher's word. */
  readonly held: number;
}

/** The line for the head of the bench. */
export function saved({ waiting, reached, together, held }: Whereabouts): SavedMarkOf {
  const unsent = waiting.filter((w) => !w.refused);
  const here = unsent.filter((w) => w.onlyHere).length;
  const onDevice = unsent.length - here;
  if (here)
    return {
      sign: 'careful',
      text: `${here} only in this page: leave it open${onDevice ? `; ${onDevice} safe on this device` : ''}`,
    };
  if (onDevice)
    return {
      sign: reached ? 'going' : 'away',
      text: `${onDevice} safe on this device, ${reached ? 'going up' : 'waiting for the network'}`,
    };
  if (!reached) return { sign: 'away', text: 'No network; go on, nothing is lost' };
  if (!together) return { sign: 'going', text: 'All saved; what others of your group log shows later' };
  return {
    sign: 'saved',
    text: held ? `All saved; ${held} ${held === 1 ? 'waits' : 'wait'} for your teacher` : 'All saved',
  };
}
