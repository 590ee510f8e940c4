/**
 * What the device itself keeps, in IndexedDB: entries not yet acknowledged (the outbox), entries the server refused,
 * acknowledged ones for a day in case a server forgets them, and the last look of each bench, so that a reload or a lost
 * network loses nothing. Everything is kept by lesson and student. A device that cannot keep things says so: then they
 * stand in the page alone, and the page says that.
 */
import type { Bench } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** Whose bench something is of. */
export interface Owner {
  readonly student: string;
  readonly lesson: string;
}
/** An entry waiting on the device, with whose it is: only they may send it. */
export interface Waiting {
  readonly event: LessonEvent;
  readonly lesson: string;
  /** Who logged it and in which lesson, in words, for when somebody else is at the device. */
  readonly whose?: { readonly name: string; readonly title: string };
  readonly refused?: string;
  /** It stands in this page alone: the device could not keep it. */
  readonly onlyHere?: boolean;
}
/** Unsent entries of somebody in a lesson, counted. */
export interface Unsent extends Owner {
  readonly name: string;
  readonly title: string;
  readonly count: number;
}
interface Acknowledged extends Waiting {
  /** Milliseconds since 1970. */
  readonly acknowledgedAt: number;
}
interface DeviceSchema extends DBSchema {
  outbox: { key: number; value: Waiting; indexes: { 'by-event': string } };
  acknowledged: { key: string; value: Acknowledged; indexes: { 'by-time': number } };
  bench: { key: string; value: Bench | string };
}

export interface DeviceStore {
  /** Can this device keep entries over a reload? Once it has failed to, it cannot. */
  readonly durable: () => boolean;
  /** Keeps an entry; resolves with where it is kept: on the device, or in this page alone. */
  keep(waiting: Waiting): Promise<'device' | 'page'>;
  /** Entries of one student in one lesson, oldest first. */
  waiting(owner: Owner): Promise<Waiting[]>;
  /** Entries of everybody but one, counted by whose they are; refused ones are not counted. */
  unsentOfOthers(owner?: Owner): Promise<Unsent[]>;
  /** Moves entries the server has from the outbox to where they stay for a day. */
  acknowledged(ids: readonly string[], now: number): Promise<void>;
  /** Ids of a student's entries that the server has acknowledged of late. */
  stillKept(owner: Owner): Promise<string[]>;
  /** Puts acknowledged entries back into the outbox: the server has forgotten them. */
  takeBack(ids: readonly string[]): Promise<void>;
  /** Marks an entry as refused, with the sentence why. */
  refuse(id: string, why: string): Promise<void>;
  saveBench(bench: Bench): Promise<void>;
  /** The bench last looked at on this device. */
  lastBench(): Promise<Bench | undefined>;
  /** The bench of one student as it was last looked at. */
  benchOf(owner: Owner): Promise<Bench | undefined>;
  /** Nobody is at the device's bench any more. */
  forgetBench(): Promise<void>;
}

/** Milliseconds an acknowledged entry stays on the device. */
export const keptFor = 24 * 60 * 60_000;
/** Bytes that must be free before the device promises to keep entries. */
const leastFree = 500_000;

const isOf = (waiting: Waiting, { student, lesson }: Owner): boolean =>
  waiting.event.by === student && waiting.lesson === lesson;
const ownerKey = ({ student, lesson }: Owner): string => `${lesson} ${student}`;
const lastKey = 'last';

/** Is there room on the device, as far as it tells? */
async function hasRoom(): Promise<boolean> {
  try {
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
    return quota === undefined || usage === undefined || quota - usage > leastFree;
  } catch {
    return true;
  }
}

/** Opens the device's database, and tries whether it keeps anything; undefined where it does not. */
async function openKept(name: string): Promise<IDBPDatabase<DeviceSchema> | undefined> {
  try {
    if (!(await hasRoom())) return undefined;
    const db = await openDB<DeviceSchema>(name, 2, {
      upgrade(fresh, from) {
        if (from < 1) {
          fresh
            .createObjectStore('outbox', { autoIncrement: true })
            .createIndex('by-event', 'event.id', { unique: true });
          fresh.createObjectStore('bench');
        }
        if (from < 2)
          fresh
            .createObjectStore('acknowledged', { keyPath: 'event.id' })
            .createIndex('by-time', 'acknowledgedAt');
      },
      // A newer page in another tab: let it go on with the database as it needs it.
      blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
    });
    await db.put('bench', 'kept', 'trial');
    await db.delete('bench', 'trial');
    return db;
  } catch {
    return undefined;
  }
}

/** Opens the device's store. Never fails: what the device cannot keep is kept in the page. */
export async function openDevice(name = 'kivex-bench'): Promise<DeviceStore> {
  const db = await openKept(name);
  let durable = db !== undefined;
  /** Entries the device could not keep, in order. */
  let here: Waiting[] = [];
  let bench: Bench | undefined;

  /** Does something with the database; where that fails, `otherwise`. */
  const kept = async <T>(work: (db: IDBPDatabase<DeviceSchema>) => Promise<T>, otherwise: T): Promise<T> => {
    if (!db) return otherwise;
    try {
      return await work(db);
    } catch {
      durable = false;
      return otherwise;
    }
  };
  const all = async (): Promise<Waiting[]> => [...(await kept((d) => d.getAll('outbox'), [])), ...here];

  return {
    durable: () => durable,
    keep: async (waiting) => {
      const done = await kept(async (d) => {
        await d.add('outbox', waiting);
        return true;
      }, false);
      if (done) return 'device';
      here.push({ ...waiting, onlyHere: true });
      return 'page';
    },
    waiting: async (owner) => (await all()).filter((w) => isOf(w, owner)),
    unsentOfOthers: async (owner) => {
      const groups = new Map<string, Unsent>();
      for (const w of await all()) {
        if (w.refused || (owner && isOf(w, owner))) continue;
        const of = { student: w.event.by, lesson: w.lesson };
        const so = groups.get(ownerKey(of));
        groups.set(ownerKey(of), {
          ...of,
          name: w.whose?.name ?? so?.name ?? 'somebody',
          title: w.whose?.title ?? so?.title ?? 'an earlier lesson',
          count: (so?.count ?? 0) + 1,
        });
      }
      return [...groups.values()];
    },
    acknowledged: async (ids, now) => {
      const gone = new Set(ids);
      here = here.filter((w) => !gone.has(w.event.id));
      await kept(async (d) => {
        const change = d.transaction(['outbox', 'acknowledged'], 'readwrite');
        const outbox = change.objectStore('outbox');
        const acknowledged = change.objectStore('acknowledged');
        for (const id of ids) {
          const key = await outbox.index('by-event').getKey(id);
          if (key === undefined) continue;
          const waiting = await outbox.get(key);
          await outbox.delete(key);
          if (waiting) await acknowledged.put({ ...waiting, acknowledgedAt: now });
        }
        for (
          let old = await acknowledged.index('by-time').openCursor(IDBKeyRange.upperBound(now - keptFor));
          old;
          old = await old.continue()
        )
          await old.delete();
        await change.done;
      }, undefined);
    },
    stillKept: (owner) =>
      kept(
        async (d) => (await d.getAll('acknowledged')).filter((w) => isOf(w, owner)).map((w) => w.event.id),
        [],
      ),
    takeBack: async (ids) => {
      await kept(async (d) => {
        const change = d.transaction(['outbox', 'acknowledged'], 'readwrite');
        for (const id of ids) {
          const again = await change.objectStore('acknowledged').get(id);
          if (!again) continue;
          const { acknowledgedAt: _, ...waiting } = again;
          if ((await change.objectStore('outbox').index('by-event').getKey(id)) === undefined)
            await change.objectStore('outbox').add(waiting);
        }
        await change.done;
      }, undefined);
    },
    refuse: async (id, why) => {
      here = here.map((w) => (w.event.id === id ? { ...w, refused: why } : w));
      await kept(async (d) => {
        const key = await d.getKeyFromIndex('outbox', 'by-event', id);
        const waiting = key === undefined ? undefined : await d.get('outbox', key);
        if (key !== undefined && waiting) await d.put('outbox', { ...waiting, refused: why }, key);
      }, undefined);
    },
    saveBench: async (next) => {
      bench = next;
      const key = ownerKey({ student: next.me.id, lesson: next.lesson.id });
      await kept(async (d) => {
        await d.put('bench', next, key);
        await d.put('bench', key, lastKey);
      }, undefined);
    },
    lastBench: () =>
      kept(async (d) => {
        const last = await d.get('bench', lastKey);
        // An older page kept the bench itself there.
        const found = typeof last === 'string' ? await d.get('bench', last) : last;
        return typeof found === 'object' ? found : undefined;
      }, bench),
    benchOf: (owner) =>
      kept(async (d) => {
        const found = await d.get('bench', ownerKey(owner));
        return typeof found === 'object' ? found : undefined;
      }, undefined),
    forgetBench: async () => {
      bench = undefined;
      await kept(async (d) => {
        const last = await d.get('bench', lastKey);
        if (typeof last === 'string') await d.delete('bench', last);
        await d.delete('bench', lastKey);
      }, undefined);
    },
  };
}
