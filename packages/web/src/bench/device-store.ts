/**
 * What the device itself keeps, in IndexedDB: entries not yet acknowledged (the outbox), entries the
 * server refused, and the last look of the bench, so that a reload or a lost network loses nothing.
 */
import type { Bench } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An entry waiting on the device, with whose it is: only they may send it. */
export interface Waiting {
  readonly event: LessonEvent;
  readonly lesson: string;
  readonly refused?: string;
}
interface DeviceSchema extends DBSchema {
  outbox: { key: number; value: Waiting; indexes: { 'by-event': string } };
  bench: { key: string; value: Bench };
}

export interface DeviceStore {
  /** Keeps an entry; resolves when it is safely on the device. */
  keep(waiting: Waiting): Promise<void>;
  /** Entries of one student in one lesson, oldest first. */
  waiting(student: string, lesson: string): Promise<Waiting[]>;
  /** Forgets entries the server has. */
  done(ids: readonly string[]): Promise<void>;
  /** Marks an entry as refused, with the sentence why. */
  refuse(id: string, why: string): Promise<void>;
  saveBench(bench: Bench): Promise<void>;
  lastBench(): Promise<Bench | undefined>;
  forgetBench(): Promise<void>;
}

/** Opens the device's store. */
export async function openDevice(name = 'kivex-bench'): Promise<DeviceStore> {
  const db: IDBPDatabase<DeviceSchema> = await openDB<DeviceSchema>(name, 1, {
    upgrade(fresh) {
      fresh
        .createObjectStore('outbox', { autoIncrement: true })
        .createIndex('by-event', 'event.id', { unique: true });
      fresh.createObjectStore('bench');
    },
  });
  const keyOf = (id: string) => db.getKeyFromIndex('outbox', 'by-event', id);
  return {
    keep: async (waiting) => {
      await db.add('outbox', waiting);
    },
    waiting: async (student, lesson) =>
      (await db.getAll('outbox')).filter((w) => w.event.by === student && w.lesson === lesson),
    done: async (ids) => {
      for (const id of ids) {
        const key = await keyOf(id);
        if (key !== undefined) await db.delete('outbox', key);
      }
    },
    refuse: async (id, why) => {
      const key = await keyOf(id);
      const waiting = key === undefined ? undefined : await db.get('outbox', key);
      if (key !== undefined && waiting) await db.put('outbox', { ...waiting, refused: why }, key);
    },
    saveBench: async (bench) => {
      await db.put('bench', bench, 'last');
    },
    lastBench: () => db.get('bench', 'last'),
    forgetBench: () => db.delete('bench', 'last'),
  };
}
