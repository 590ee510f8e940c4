/** The bench as this device knows it: what the server has, and what only the device has yet. */
import type { Bench, EntryBatch, EventsReceipt, WireEvent } from '@kivex/contract';
import { isOwnAnswer, readGroup, type GroupRecord, type LessonEvent, type StudentBody } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { create } from 'zustand';
import type { Call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import type { DeviceStore, Owner, Unsent, Waiting } from './device-store.js';
import { broughtUp, byThisClock } from './bench-as-it-comes.js';
import { LateEntries, withEvent } from './late-entries.js';
import { Outbox, type OutboxPorts } from './outbox.js';
import { rememberWho, type WhoWrites } from './who-writes.js';
import type { Wire, WireEvents } from './wire.js';

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
  /** Opens the bench from the device, then from the server. @param joined somebody has just joined by their PIN. */
  readonly open: (joined?: boolean) => Promise<void>;
  /** The network or the page has come back: tries at once. */
  readonly wake: () => void;
  /** Logs an entry; resolves with its id when it is kept. The same again within a moment is the same entry. */
  readonly log: (body: StudentBody) => Promise<string>;
  /** Lets another of the group write: one who has joined here by a tap, else by their PIN. @throws RequestProblem */
  readonly writeAs: (student: string, pin?: string) => Promise<void>;
  /** Opens one's own answers, shut while others wrote here. @throws RequestProblem */
  readonly unlock: (pin: string) => Promise<void>;
  /** Hands another's unsent entries of this lesson to the teacher. @throws RequestProblem */
  readonly handOver: (of: Unsent) => Promise<void>;
  readonly leave: () => Promise<void>;
}
export interface BenchPorts {
  readonly openDevice: () => Promise<DeviceStore>;
  readonly call: Call;
  readonly openWire: (on: WireEvents, as: string) => Wire;
  readonly who?: WhoWrites;
  readonly later: (run: () => void, ms: number) => () => void;
  readonly now: () => Date;
}

/** One student at one bench, with their own way to the server; ended when they leave or another sits down. */
interface Seat {
  readonly student: string;
  readonly lesson: string;
  readonly outbox: Outbox;
  readonly wire: Wire;
  /** Who else writes here, as `matesIn` tells. */
  readonly mates: string;
}
const matesIn = ({ here, me }: Bench): string =>
  [...here]
    .filter((id) => id !== me.id)
    .sort()
    .join();

/** A bench as it may be shown: one's own answers are not, while they are shut at this device. */
function shutWhere(bench: Bench, who: WhoWrites): Bench {
  if (!bench.locked && !who.isShut(bench.me.id)) return bench;
  return { ...bench, locked: true, events: bench.events.filter((e) => !isOwnAnswer(e.body)) };
}

/** Milliseconds in which the same entry again is a finger that came down twice. */
const doubleTap = 1_500;
/** Ids asked about at once. */
const askedAtOnce = 200;

export function createBench(ports: BenchPorts) {
  const who = ports.who ?? rememberWho();
  let device: DeviceStore | undefined;
  let seat: Seat | undefined;
  /** Of others of the group who write here too: what they logged goes up while they do not write. */
  const mates = new Map<string, Outbox>();
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
      for (const box of mates.values()) box.close();
      mates.clear();
    };
    const as = () => (who.writing() ? { as: who.writing() } : {});

    const countOthers = async (): Promise<void> => {
      const found = await (await theDevice()).unsentOfOthers(seat);
      set({ others: found.filter((o) => o.lesson !== seat?.lesson || !mates.has(o.student)) });
    };
    /** What waits on the device of all who write at it, in the order it was logged. */
    const allWaiting = async (): Promise<Waiting[]> => {
      if (!seat) return [];
      const { lesson } = seat;
      const store = await theDevice();
      const lists = await Promise.all(
        [seat.student, ...mates.keys()].map((student) => store.waiting({ student, lesson })),
      );
      // One student's are in the order they were logged in, whatever the clock did.
      return mates.size ? lists.flat().sort((a, b) => a.event.id.localeCompare(b.event.id)) : lists[0]!;
    };

    const late = new LateEntries();
    const refresh = async (asked = ports.call('GET /api/bench', as())): Promise<void> => {
      try {
        await late.during(async () => {
          const answered = byThisClock(await asked, ports.now());
          const bench = () => shutWhere(late.into(answered), who);
          await (await theDevice()).saveBench(bench());
          await sit(bench());
          set({ bench: bench(), status: 'joined', reached: true, problem: undefined });
        });
      } catch (error) {
        if (error instanceof RequestProblem && error.status === 401 && who.writing()) {
          // Whoever wrote last is not here any more: ask who is.
          who.setWriting(undefined);
          await refresh();
        } else if (error instanceof RequestProblem && error.status === 401) {
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
      const receipt = await ports.call('POST /api/bench/events', { body: batch, as: batch.student });
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
        if (seq === undefined) continue;
        const event: WireEvent = { id, seq, group: batch.group, by: batch.student, at, body };
        late.note(event);
        events = withEvent(events, event);
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
          as: mine.student,
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
      if (
        seat &&
        (seat.student !== owner.student || seat.lesson !== owner.lesson || seat.mates !== matesIn(bench))
      )
        stand();
      if (!seat) {
        const mine = (): boolean => seat?.student === owner.student && seat.lesson === owner.lesson;
        const boxOf = (of: Owner, name: string, changed: OutboxPorts['changed']) =>
          new Outbox(
            {
              device: store,
              send,
              handOver: (batch) => ports.call('POST /api/bench/hand-over', { body: batch, as: of.student }),
              later: ports.later,
              now: ports.now,
              changed,
            },
            of,
            { name, title: bench.lesson.title },
          );
        const outbox = boxOf(owner, bench.me.name, ({ held, reached, signedOut, notMine }) => {
          if (!mine()) return;
          set({ reached, durable: store.durable() });
          void allWaiting().then((waiting) => mine() && set({ waiting }));
          // Another joined in this browser, or the session is over: ask who is here now.
          if (signedOut || notMine || held.length) void refresh();
        });
        const others = bench.group.students.filter(
          (s) => s.id !== owner.student && bench.here.includes(s.id),
        );
        for (const { id, name } of others)
          mates.set(
            id,
            boxOf({ ...owner, student: id }, name, ({ signedOut }) => {
              if (!mine()) return;
              if (signedOut) {
                // Their session is over: what of theirs is here is told of, and theirs to send when they join again.
                mates.get(id)?.close();
                mates.delete(id);
                void countOthers();
              }
              void allWaiting().then((waiting) => mine() && set({ waiting }));
            }),
          );
        const on: WireEvents = {
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
            late.note(event);
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
        };
        who.setWriting(owner.student);
        const wire = ports.openWire(on, owner.student);
        seat = { ...owner, outbox, wire, mates: matesIn(bench) };
        set({ waiting: await allWaiting() });
        await countOthers();
      }
      void seat.outbox.flush();
      for (const box of mates.values()) void box.flush();
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
      open: async (joined = false) => {
        if (joined) who.setWriting(undefined);
        // The server is asked while the device's own store opens, which takes long on a slow one.
        const asked = ports.call('GET /api/bench', as());
        asked.catch(() => undefined);
        const store = await theDevice();
        const kept = await store.lastBench();
        if (kept) {
          const known = shutWhere(broughtUp(kept), who);
          set({ bench: known, status: 'joined' });
          await sit(known);
        }
        if (joined) who.setShut((await asked.catch(() => undefined))?.me.id ?? '', false);
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
      writeAs: async (student, pin) => {
        const { bench } = get();
        if (!bench || !seat || student === bench.me.id) return;
        const from = seat;
        if (pin !== undefined) {
          await ports.call('POST /api/bench/mates', { as: from.student, body: { student, pin } });
          who.setShut(student, false);
        } else who.setShut(student, true);
        who.setShut(from.student, true);
        who.setWriting(student);
        // What they have logged goes up first: their answers are shut on the server once nothing of theirs waits.
        void from.outbox
          .flush()
          .then(() => ports.call('POST /api/bench/lock', { as: from.student }))
          .catch(() => undefined);
        const kept = await (await theDevice()).benchOf({ student, lesson: from.lesson });
        const here = [...new Set([...bench.here, student])];
        const next = shutWhere(
          {
            ...(kept ? broughtUp(kept) : bench),
            me: bench.group.students.find((s) => s.id === student) ?? bench.me,
            here,
            events: bench.events.filter((e) => !isOwnAnswer(e.body)),
            locked: pin === undefined,
          },
          who,
        );
        set({ bench: next });
        await (await theDevice()).saveBench(kept ?? next);
        await sit(next);
        await refresh();
      },
      unlock: async (pin) => {
        const { bench } = get();
        if (!bench) return;
        await ports.call('POST /api/bench/unlock', { as: bench.me.id, body: { pin } });
        who.setShut(bench.me.id, false);
        // A wire opened while they were shut is not told of one's own answers: another is opened.
        stand();
        await refresh();
      },
      handOver: async (of) => {
        const store = await theDevice();
        const open = (await store.waiting(of)).filter((w) => !w.refused);
        for (const group of new Set(open.map((w) => w.event.group))) {
          const own = open.filter((w) => w.event.group === group);
          for (let at = 0; at < own.length; at += askedAtOnce) {
            const receipt = await ports.call('POST /api/bench/hand-over', {
              ...as(),
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
        const me = as();
        const mate = [...mates.keys()][0];
        stand();
        await device?.forgetBench();
        who.setWriting(mate);
        if (mate) who.setShut(mate, true);
        set({ bench: undefined, waiting: [], status: mate ? 'opening' : 'not-joined' });
        await countOthers();
        await ports.call('POST /api/join/leave', me).catch(() => undefined);
        // The others of the group work on at this device.
        if (mate) await refresh();
      },
    };
  });
}

/** The group's record as this device sees it: what the server has, then what still waits here. */
export function recordOf(bench: Bench, waiting: readonly Waiting[]): GroupRecord {
  const known = new Set(bench.events.map((e) => e.id));
  const shown = ({ by, body }: LessonEvent) => !isOwnAnswer(body) || (by === bench.me.id && !bench.locked);
  return readGroup([
    ...bench.events.filter(shown),
    ...bench.held.filter((e) => !known.has(e.id) && shown(e)),
    ...waiting.filter((w) => !w.refused && !known.has(w.event.id) && shown(w.event)).map((w) => w.event),
  ]);
}
