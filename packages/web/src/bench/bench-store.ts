/** The bench as this device knows it: what the server has, and what only the device has yet. */
import { benchSpace, type Bench, type EventsReceipt, type LogReply, type WireEvent } from '@kivex/contract';
import { readGroup, type GroupRecord, type LessonEvent, type StudentBody } from '@kivex/core';
import { io, type Socket } from 'socket.io-client';
import { v7 as uuidv7 } from 'uuid';
import { create } from 'zustand';
import { request, RequestProblem } from '../kit/request/request.js';
import { openDevice, type DeviceStore, type Waiting } from './device-store.js';
import { Outbox } from './outbox.js';

export interface BenchState {
  readonly status: 'opening' | 'joined' | 'not-joined' | 'failed';
  readonly bench: Bench | undefined;
  readonly waiting: readonly Waiting[];
  readonly reached: boolean;
  readonly problem: string | undefined;
  /** Opens the bench from the device, then from the server. */
  readonly open: () => Promise<void>;
  /** Logs an entry; resolves with its id when it is safe on the device. */
  readonly log: (body: StudentBody) => Promise<string>;
  readonly leave: () => Promise<void>;
}

let device: DeviceStore | undefined;
let outbox: Outbox | undefined;
let socket: Socket | undefined;
let wireReady = false;
let askAnew: () => void = () => undefined;

/** Milliseconds to wait for an answer on the wire before the entry goes the HTTP way. */
const wirePatience = 6_000;

/** Sends entries by the wire when it is up, else by HTTP. Either way each entry is kept once. */
async function send(events: readonly object[]): Promise<EventsReceipt> {
  if (socket && wireReady) {
    const reply = await socket
      .timeout(wirePatience)
      .emitWithAck('log', events)
      .then(
        (answer: LogReply) => answer,
        () => undefined,
      );
    if (reply?.receipt) return reply.receipt;
    if (reply && reply.status < 500) throw new RequestProblem(reply.status, reply.detail);
  }
  const receipt = await request<EventsReceipt>('POST', '/api/bench/events', { events });
  // What went this way is not told over the wire: look at the record once it is in.
  setTimeout(askAnew, 0);
  return receipt;
}

/** The log with one more entry, each once, in the server's order. */
function withEvent(events: readonly WireEvent[], event: WireEvent): readonly WireEvent[] {
  if (events.some((e) => e.id === event.id)) return events;
  return [...events, event].sort((a, b) => a.seq - b.seq);
}

export const useBench = create<BenchState>((set, get) => {
  const refresh = async (): Promise<void> => {
    try {
      const bench = await request<Bench>('GET', '/api/bench');
      await device?.saveBench(bench);
      set({ bench, status: 'joined', reached: true, problem: undefined });
      await connect(bench);
    } catch (error) {
      if (error instanceof RequestProblem && error.status === 401) {
        await device?.forgetBench();
        socket?.disconnect();
        set({ status: 'not-joined', bench: undefined });
      } else if (!get().bench) set({ status: 'failed', problem: (error as Error).message });
      else set({ reached: false });
    }
  };

  askAnew = () => void refresh();

  const connect = async (bench: Bench): Promise<void> => {
    const { me, lesson } = bench;
    if (!outbox) {
      outbox = new Outbox(
        {
          device: device!,
          send,
          changed: ({ waiting, reached, signedOut }) => {
            set({ waiting, reached });
            if (signedOut) set({ status: 'not-joined' });
          },
          later: (run, ms) => {
            const timer = setTimeout(run, ms);
            return () => clearTimeout(timer);
          },
        },
        me.id,
        lesson.id,
      );
      set({ waiting: await device!.waiting(me.id, lesson.id) });
    }
    void outbox.flush();
    if (socket) return;
    socket = io(benchSpace, {
      path: '/live',
      transports: ['websocket', 'polling'],
      reconnectionDelayMax: 5000,
    });
    // Only once the server knows who we are does it listen to what we log.
    socket.on('ready', () => {
      wireReady = true;
      set({ reached: true });
      // What was sent or committed while the wire was down did not come over it: ask for the whole record.
      void (outbox?.flush() ?? Promise.resolve()).then(refresh);
    });
    // Turned away at the door (a server just starting, say), the socket would not knock again by itself.
    socket.on('connect_error', () => {
      if (socket && !socket.active) setTimeout(() => socket?.connect(), 2000);
    });
    socket.on('disconnect', (reason) => {
      wireReady = false;
      set({ reached: false });
      // Hung up on by the server: the seat or the session has changed; ask anew who we are.
      if (reason === 'io server disconnect')
        void refresh().then(() => setTimeout(() => get().status === 'joined' && socket?.connect(), 500));
    });
    socket.on('lesson-event', (event: WireEvent) => {
      const now = get().bench;
      if (!now) return;
      const next = { ...now, events: withEvent(now.events, event) };
      set({ bench: next });
      void device?.saveBench(next);
    });
    socket.on('lesson-state', () => void refresh());
  };

  return {
    status: 'opening',
    bench: undefined,
    waiting: [],
    reached: true,
    problem: undefined,
    open: async () => {
      device ??= await openDevice();
      const known = await device.lastBench();
      if (known) {
        set({ bench: known, status: 'joined', waiting: await device.waiting(known.me.id, known.lesson.id) });
        await connect(known);
      }
      await refresh();
    },
    log: async (body) => {
      const { bench } = get();
      if (!bench || !outbox) throw new Error('the bench is not open');
      const event: LessonEvent = {
        id: uuidv7(),
        group: bench.group.id,
        by: bench.me.id,
        at: new Date().toISOString(),
        body,
      };
      set({ waiting: [...get().waiting, { event, lesson: bench.lesson.id }] });
      await outbox.put(event);
      return event.id;
    },
    leave: async () => {
      outbox?.close();
      socket?.disconnect();
      outbox = undefined;
      socket = undefined;
      await device?.forgetBench();
      set({ bench: undefined, waiting: [], status: 'not-joined' });
      await request('POST', '/api/join/leave').catch(() => undefined);
    },
  };
});

// A device that comes back to the network or the foreground tries at once.
addEventListener('online', () => void outbox?.flush());
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'visible') void outbox?.flush();
});

/** The group's record as this device sees it: what the server has, then what still waits here. */
export function recordOf(bench: Bench, waiting: readonly Waiting[]): GroupRecord {
  const known = new Set(bench.events.map((e) => e.id));
  return readGroup([
    ...bench.events,
    ...waiting.filter((w) => !w.refused && !known.has(w.event.id)).map((w) => w.event),
  ]);
}
