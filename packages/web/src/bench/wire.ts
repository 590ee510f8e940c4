/** The wire of one seat: what the server says of its group as it happens, and the short way in for its entries. */
import {
  benchSpace,
  type EntryBatch,
  type EventsReceipt,
  type LogReply,
  type WireEvent,
} from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';
import { RequestProblem } from '../kit/request/request.js';

/** Milliseconds to wait for an answer on the wire before the entry goes the HTTP way. */
const patience = 6_000;
const knockAgain = 2_000;

export interface WireEvents {
  /** The server knows who is here and listens. */
  readonly ready: () => void;
  readonly lost: (byServer: boolean) => void;
  readonly event: (event: WireEvent) => void;
  /** The lesson's state, or what is kept apart in it, has changed. */
  readonly changed: () => void;
  /** Does what other server processes take reach this wire? */
  readonly joined: (joined: boolean) => void;
}
export interface Wire {
  /** Sends entries by the wire. @returns undefined when it is down or silent: they go another way. @throws RequestProblem */
  send(batch: EntryBatch): Promise<EventsReceipt | undefined>;
  knock(): void;
  close(): void;
}

/** @param to where the server is, and headers to bring along, for those who are no page of it. */
export function openWire(
  on: WireEvents,
  to: { readonly address?: string; readonly headers?: Record<string, string> } = {},
): Wire {
  let ready = false;
  const socket: Socket = io(`${to.address ?? ''}${benchSpace}`, {
    path: '/live',
    ...(to.headers ? { extraHeaders: to.headers } : {}),
    transports: ['websocket', 'polling'],
    reconnectionDelayMax: 5000,
    // A seat's wire is its own: another student's in the same tab must not be found here.
    forceNew: true,
  });
  // Only once the server knows who we are does it listen to what we log.
  socket.on('ready', () => {
    ready = true;
    on.ready();
  });
  // Turned away at the door (a server just starting, say), the socket would not knock again by itself.
  socket.on('connect_error', () => {
    if (!socket.active) setTimeout(() => socket.connect(), knockAgain);
  });
  socket.on('disconnect', (reason) => {
    ready = false;
    on.lost(reason === 'io server disconnect');
  });
  socket.on('lesson-event', on.event);
  socket.on('lesson-state', on.changed);
  socket.on('held-changed', on.changed);
  socket.on('joined-up', on.joined);
  return {
    send: async (batch) => {
      if (!ready) return undefined;
      const reply = await socket
        .timeout(patience)
        .emitWithAck('log', batch)
        .then(
          (answer: LogReply) => answer,
          () => undefined,
        );
      if (reply?.receipt) return reply.receipt;
      // A conflict is told with its field over HTTP; what is wrong with the entries themselves is told here.
      if (!reply || reply.status >= 500 || reply.status === 409) return undefined;
      throw new RequestProblem(reply.status, reply.detail, [], reply.retryAfter);
    },
    knock: () => void socket.connect(),
    close: () => {
      socket.removeAllListeners();
      socket.disconnect();
    },
  };
}
