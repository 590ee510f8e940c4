/** The wire of a board: what the server says of a lesson as it happens. */
import { boardSpace, type BoardLog, type WireEvent } from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';

/** Milliseconds until a board that was turned away or hung up on knocks again. */
const knockAgain = 2_000;

export interface BoardWireEvents {
  /** Does everything that is committed reach this board as it happens, whichever process took it? */
  readonly live: (live: boolean) => void;
  /** Something may have been missed: what the board holds is to be fetched whole. */
  readonly gap: () => void;
  readonly event: (event: WireEvent) => void;
  /** What is kept apart has changed. */
  readonly held: () => void;
  readonly state: () => void;
  /** Devices connected, by group; none are known while the wire is down. */
  readonly devices: (devices: Readonly<Record<string, number>>) => void;
}

/** Opens the wire of a lesson's board. @param to where the server is, for those who are no page of it. @returns its end. */
export function openBoardWire(
  lesson: string,
  on: BoardWireEvents,
  to: { readonly address?: string; readonly headers?: Record<string, string> } = {},
): () => void {
  let devices: Readonly<Record<string, number>> = {};
  let timer: ReturnType<typeof setTimeout> | undefined;
  const socket: Socket = io(`${to.address ?? ''}${boardSpace}`, {
    path: '/live',
    ...(to.headers ? { extraHeaders: to.headers } : {}),
    auth: { lesson },
    transports: ['websocket', 'polling'],
    reconnectionDelayMax: 5000,
    forceNew: true,
  });
  const knock = () => {
    // Turned away or hung up on, the socket does not come back by itself.
    if (!socket.active) timer = setTimeout(() => socket.connect(), knockAgain);
  };
  socket.on('ready', () => {
    on.live(true);
    // What was committed between the page's first fetch and this moment must not be missed.
    on.gap();
  });
  // While the server's processes do not hear each other, what the others take does not come here.
  socket.on('joined-up', (joined: boolean) => {
    on.live(joined);
    if (joined) on.gap();
  });
  socket.on('connect_error', knock);
  socket.on('disconnect', () => {
    devices = {};
    on.live(false);
    on.devices(devices);
    knock();
  });
  socket.on('presence', ({ group, devices: n }: { group: string; devices: number }) => {
    devices = { ...devices, [group]: n };
    on.devices(devices);
  });
  socket.on('lesson-event', on.event);
  socket.on('held-changed', on.held);
  socket.on('lesson-state', on.state);
  return () => {
    clearTimeout(timer);
    socket.removeAllListeners();
    socket.disconnect();
  };
}

/** A log with an entry more, in the server's order; the same log where it is there already. */
export const withEntry = (log: BoardLog, event: WireEvent): BoardLog =>
  log.events.some((e) => e.id === event.id)
    ? log
    : { ...log, events: [...log.events, event].sort((a, b) => a.seq - b.seq) };
