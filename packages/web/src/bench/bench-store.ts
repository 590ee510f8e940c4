/** The bench as this device knows it: what the server has, and what only the device has yet. */
import type { Bench, EntryBatch, EventsReceipt, WireEvent } from '@kivex/contract';
import { readGroup, type GroupRecord, type LessonEvent, type StudentBody } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { create } from 'zustand';
import { call, type Call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import { openDevice, type DeviceStore, type Unsent, type Waiting } from './device-store.js';
import { Outbox } from './outbox.js';
import { openWire, type Wire, type WireEvents } from './wire.js';

export interface BenchState {
  readonly status: 'opening' | 'joined' | 'not-joined' | 'failed';
  readonly bench: Bench | undefined;
  readonly waiting: readonly Waiting[];
  /** Unsent entries of others on this device. */
  readonly others: readonly Unsent[];
  readonly reached: boolean;
  /** Does everything the group logs reach this device as it happens? */
  readonly together: boolean;
  /** Can the device keep entries over a reload? */
  readonly durable: boolean;
  readonly problem: string | undefined;
  /** Looks what is on the device, without asking the server. */
  readonly look: () => Promise<void>;
  /** Opens the bench from the device, then from the server. */
  readonly open: () => Promise<void>;
  /** The network or the page has come back: tries at once. */
  readonly wake: () => void;
  /** Logs an entry; resolves with its id when it is kept. The same again within a moment is the same entry. */
  readonly log: (body: StudentBody) => Promise<string>;
  /** Hands another's unsent entries of this lesson to the teacher. @throws RequestProblem */
  readonly handOver: (of: Unsent) => Promise<void>;
  readonly leave: () => Promise<void>;
}
export interface BenchPorts {
  readonly openDevice: () => Promise<DeviceStore>;
  readonly call: Call;
  readonly openWire: (on: WireEvents) => Wire;
  readonly later: (run: () => void, ms: number) => () => void;
  readonly now: () => Date;
}

/** One student at one bench, with their own way to the server; ended when they leave or another sits down. */
interface Seat {
  readonly student: string;
  readonly lesson: string;
  readonly outbox: Outbox;
  readonly wire: Wire;
}

/** Milliseconds in which the same entry again is a finger that came down twice. */
const doubleTap = 1_500;
/** Ids asked about at once. */
const askedAtOnce = 200;

/** The log with one more entry, each once, in the server's order. */
function withEvent(events: readonly WireEvent[], event: WireEvent): readonly WireEvent[] {
  if (events.some((e) => e.id === event.id)) return events;
  return [...events, event].sort((a, b) => a.seq - b.seq);
}

/** A bench as an older Kivex left it on the device: what it lacks is as where nothing was planned. */
const broughtUp = (kept: Bench): Bench => ({
  ...kept,
  plan: (kept as Partial<Bench>).plan ?? [],
  lesson: {
    ...kept.lesson,
    startedAt: (kept.lesson as Partial<Bench['lesson']>).startedAt ?? null,
  },
});

/** The lesson's beginning as this device's clock has it, however wrong that is. */
export function byThisClock(bench: Bench, here: Date): Bench {
  const { startedAt } = bench.lesson;
  if (startedAt === null) return bench;
  const ago = Date.parse(bench.now) - Date.parse(startedAt);
  return {
    ...bench,
    lesson: { ...bench.lesson, startedAt: new Date(here.getTime() - ago).toISOString() },
  };
}

export function createBench(ports: BenchPorts) {
  let device: DeviceStore | undefined;
  let seat: Seat | undefined;
  let lastTap:
    | { readonly body: string; readonly by: string; readonly at: number; readonly id: Promise<string> }
    | undefined;

  return create<BenchState>((set, get) => {
    const theDevice = async (): Promise<DeviceStore> => {
      device ??= await ports.openDevice();
      set({ durable: device.durable() });
      return device;
    };

    const stand = (): void => {
      seat?.outbox.close();
      seat?.wire.close();
      seat = undefined;
      lastTap = undefined;
    };

    const countOthers = async (): Promise<void> => {
      const found = await (await theDevice()).unsentOfOthers(seat);
      set({ others: found });
    };

    const refresh = async (asked = ports.call('GET /api/bench')): Promise<void> => {
      try {
        const bench = byThisClock(await asked, ports.now());
        await (await theDevice()).saveBench(bench);
        await sit(bench);
        set({ bench, status: 'joined', reached: true, problem: undefined });
      } catch (error) {
        if (error instanceof RequestProblem && error.status === 401) {
          await device?.forgetBench();
          stand();
          set({ status: 'not-joined', bench: undefined, waiting: [] });
          await countOthers();
        } else if (!get().bench) set({ status: 'failed', problem: (error as Error).message });
        else set({ reached: false });
      }
    };

    /** Sends a seat's entries by its wire when that is up, else by HTTP. Either way each entry is kept once. */
    const send = async (batch: EntryBatch): Promise<EventsReceipt> => {
      const wire = seat?.student === batch.student && seat.lesson === batch.lesson ? seat.wire : undefined;
      const byWire = await wire?.send(batch);
      if (byWire) {
        taken(batch, byWire);
        return byWire;
      }
      const receipt = await ports.call('POST /api/bench/events', { body: batch });
      // What went this way is not told over the wire: look at the record once it is in.
      ports.later(() => void refresh(), 0);
      return receipt;
    };

    /** Puts what the server has taken over the wire into the record: the answer is all that tells of it. */
    const taken = (batch: EntryBatch, { accepted, places }: EventsReceipt): void => {
      const now = get().bench;
      if (!now || now.group.id !== batch.group || now.lesson.id !== batch.lesson) return;
      const place = new Map(accepted.map((id, i) => [id, places[i]]));
      let { events } = now;
      for (const { id, at, body } of batch.events) {
        const seq = place.get(id);
        if (seq !== undefined)
          events = withEvent(events, { id, seq, group: batch.group, by: batch.student, at, body });
      }
      const next = { ...now, events };
      set({ bench: next });
      void device?.saveBench(next);
    };

    /** Offers what the server once acknowledged and may have forgotten, as after a backup was put back. */
    const offerAgain = async (mine: Seat): Promise<void> => {
      const store = await theDevice();
      const ids = await store.stillKept(mine);
      for (let at = 0; at < ids.length; at += askedAtOnce) {
        const forgotten = await ports.call('POST /api/bench/forgotten', {
          body: {
            lesson: mine.lesson,
            student: mine.student,
            ids: ids.slice(at, at + askedAtOnce),
          },
        });
        if (forgotten.length) await store.takeBack(forgotten);
      }
    };

    /** Takes the seat of whoever the server says is here; whoever sat here before has left, with what is theirs. */
    const sit = async (bench: Bench): Promise<void> => {
      const store = await theDevice();
      const owner = { student: bench.me.id, lesson: bench.lesson.id };
      if (seat && (seat.student !== owner.student || seat.lesson !== owner.lesson)) stand();
      if (!seat) {
        const mine = (): boolean => seat?.student === owner.student && seat.lesson === owner.lesson;
        const outbox = new Outbox(
          {
            device: store,
            send,
            handOver: (batch) => ports.call('POST /api/bench/hand-over', { body: batch }),
            later: ports.later,
            now: ports.now,
            changed: ({ waiting, held, reached, signedOut, notMine }) => {
              if (!mine()) return;
              set({ waiting, reached, durable: store.durable() });
              // Another joined in this browser, or the session is over: ask who is here now.
              if (signedOut || notMine || held.length) void refresh();
            },
          },
          owner,
          { name: bench.me.name, title: bench.lesson.title },
        );
        const wire = ports.openWire({
          ready: () => {
            if (!mine()) return;
            set({ reached: true, together: true });
            // What was sent or committed while the wire was down did not come over it: ask for the whole record.
            void offerAgain(seat!)
              .catch(() => undefined)
              .then(() => outbox.flush())
              .then(() => refresh());
          },
          lost: (byServer) => {
            if (!mine()) return;
            set({ reached: false });
            // Hung up on by the server: the seat or the session has changed; ask anew who we are.
            if (byServer) void refresh().then(() => ports.later(() => mine() && wire.knock(), 500));
          },
          event: (event) => {
            const now = get().bench;
            if (!now || !mine() || event.group !== now.group.id) return;
            const next = { ...now, events: withEvent(now.events, event) };
            set({ bench: next });
            void store.saveBench(next);
          },
          changed: () => void (mine() && refresh()),
          joined: (together) => {
            if (!mine()) return;
            set({ together });
            if (together) void refresh();
          },
        });
        seat = { ...owner, outbox, wire };
        set({ waiting: await store.waiting(owner) });
        await countOthers();
      }
      void seat.outbox.flush();
    };

    return {
      status: 'opening',
      bench: undefined,
      waiting: [],
      others: [],
      reached: true,
      together: true,
      durable: true,
      problem: undefined,
      look: countOthers,
      open: async () => {
        // The server is asked while the device's own store opens, which takes long on a slow one.
        const asked = ports.call('GET /api/bench');
        asked.catch(() => undefined);
        const store = await theDevice();
        const kept = await store.lastBench();
        if (kept) {
          const known = broughtUp(kept);
          set({ bench: known, status: 'joined' });
          await sit(known);
        }
        await refresh(asked);
      },
      wake: () => {
        if (get().status !== 'joined') return;
        void (seat?.outbox.flush() ?? Promise.resolve()).then(() => refresh());
      },
      log: async (body) => {
        const { bench } = get();
        const mine = seat;
        if (!bench || !mine) throw new Error('the bench is not open');
        const at = ports.now();
        const text = JSON.stringify(body);
        const twice =
          lastTap?.body === text && lastTap.by === bench.me.id && at.getTime() - lastTap.at < doubleTap;
        if (twice) return lastTap!.id;
        const event: LessonEvent = {
          id: uuidv7(),
          group: bench.group.id,
          by: bench.me.id,
          at: at.toISOString(),
          body,
        };
        const kept = async (): Promise<string> => {
          set({ waiting: [...get().waiting, { event, lesson: bench.lesson.id }] });
          if ((await mine.outbox.put(event)) === 'page')
            set({
              durable: false,
              waiting: get().waiting.map((w) => (w.event.id === event.id ? { ...w, onlyHere: true } : w)),
            });
          return event.id;
        };
        const id = kept();
        lastTap = { body: text, by: bench.me.id, at: at.getTime(), id };
        return id;
      },
      handOver: async (of) => {
        const store = await theDevice();
        const open = (await store.waiting(of)).filter((w) => !w.refused);
        for (const group of new Set(open.map((w) => w.event.group))) {
          const own = open.filter((w) => w.event.group === group);
          for (let at = 0; at < own.length; at += askedAtOnce) {
            const receipt = await ports.call('POST /api/bench/hand-over', {
              body: {
                lesson: of.lesson,
                student: of.student,
                group,
                sent: ports.now().toISOString(),
                events: own
                  .slice(at, at + askedAtOnce)
                  .map(({ event: { id, at: made, body } }) => ({ id, at: made, body })),
              } satisfies EntryBatch,
            });
            await store.acknowledged([...receipt.accepted, ...receipt.held], ports.now().getTime());
            for (const { id, detail } of receipt.refused) await store.refuse(id, detail);
          }
        }
        await countOthers();
      },
      leave: async () => {
        stand();
        await device?.forgetBench();
        set({ bench: undefined, waiting: [], status: 'not-joined' });
        await countOthers();
        await ports.call('POST /api/join/leave').catch(() => undefined);
      },
    };
  });
}

export const useBench = createBench({
  openDevice: () => openDevice(),
  call,
  openWire: (on) => openWire(on),
  later: (run, ms) => {
    const timer = setTimeout(run, ms);
    return () => clearTimeout(timer);
  },
  now: () => new Date(),
});

// A device that comes back to the network or the foreground tries at once.
const tryNow = (): void => useBench.getState().wake();
if (typeof addEventListener === 'function') addEventListener('online', tryNow);
if (typeof document !== 'undefined')
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') tryNow();
  });

/** The group's record as this device sees it: what the server has, then what still waits here. */
export function recordOf(bench: Bench, waiting: readonly Waiting[]): GroupRecord {
  const known = new Set(bench.events.map((e) => e.id));
  return readGroup([
    ...bench.events,
    ...bench.held.filter((e) => !known.has(e.id)),
    ...waiting.filter((w) => !w.refused && !known.has(w.event.id)).map((w) => w.event),
  ]);
}
