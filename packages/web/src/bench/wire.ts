/** The wire of one seat: what the server says of its group as it happens, and the short way in for its entries. */
import {
  benchSpace,
  type EntryBatch,
  type EventsReceipt,
  type LogReply,
  type WireEvent,
} from '@kivex/contract';
import type { Socket } from 'socket.io-client';
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

/**
 * @param as the student it is for, where several write at the device.
 * @param to where the server is, and headers to bring along, for those who are no page of it; and after what it is opened.
 */
export function openWire(
  on: WireEvents,
  as?: string,
  to: {
    readonly address?: string;
    readonly headers?: Record<string, string>;
    readonly after?: Promise<void>;
  } = {},
): Wire {
  let ready = false;
  let socket: Socket | undefined;
  let closed = false;
  const begin = async (): Promise<void> => {
    // The bench stands without it: it comes a moment after, and is no part of the first load.
    const { io } = await import('socket.io-client');
    if (closed) return;
    const own = io(`${to.address ?? ''}${benchSpace}`, {
      path: '/live',
      ...(as ? { auth: { student: as } } : {}),
      ...(to.headers ? { extraHeaders: to.headers } : {}),
      transports: ['websocket', 'polling'],
      reconnectionDelayMax: 5000,
      // A seat's wire is its own: another student's in the same tab must not be found here.
      forceNew: true,
    });
    socket = own;
    // Only once the server knows who we are does it listen to what we log.
    own.on('ready', () => {
      ready = true;
      on.ready();
    });
    // Turned away at the door (a server just starting, say), the socket would not knock again by itself.
    own.on('connect_error', () => {
      if (!own.active) setTimeout(() => own.connect(), knockAgain);
    });
    own.on('disconnect', (reason) => {
      ready = false;
      on.lost(reason === 'io server disconnect');
    });
    own.on('lesson-event', on.event);
    own.on('lesson-state', on.changed);
    own.on('held-changed', on.changed);
    own.on('joined-up', on.joined);
  };
  const beginLater = (after: number): void =>
    void setTimeout(() => {
      // Without a network it may not be there yet: entries go the HTTP way meanwhile.
      if (!closed) begin().catch(() => beginLater(knockAgain));
    }, after);
  void (to.after ?? Promise.resolve()).then(() => beginLater(0));
  return {
    send: async (batch) => {
      if (!ready || !socket) return undefined;
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
    knock: () => void socket?.connect(),
    close: () => {
      closed = true;
      socket?.removeAllListeners();
      socket?.disconnect();
    },
  };
}
