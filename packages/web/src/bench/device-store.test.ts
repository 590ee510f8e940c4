import { afterEach, describe, expect, test } from '@jest/globals';
import type { Bench } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { keptFor, openDevice, type Waiting } from './device-store.js';

let made = 0;
const name = () => `device-${++made}`;
const event = (id: string, by = 'ada'): LessonEvent => ({
  id,
  group: 'g',
  by,
  at: '2026-01-01T10:00:00.000Z',
  body: { type: 'hand-in' },
});
const waiting = (id: string, by = 'ada', lesson = 'l1'): Waiting => ({
  event: event(id, by),
  lesson,
  whose: { name: by === 'ada' ? 'Ada' : 'Ben', title: `Lesson ${lesson}` },
});
const ada = { student: 'ada', lesson: 'l1' };
const bench = (student: string, lesson: string) =>
  ({ me: { id: student, name: student }, lesson: { id: lesson } }) as unknown as Bench;

describe('what a device keeps', () => {
  test('entries are one student’s in one lesson, in the order they were made, over a reload', async () => {
    const at = name();
    const device = await openDevice(at);
    for (const w of [waiting('a'), waiting('b', 'ben'), waiting('c', 'ada', 'l2'), waiting('d')])
      expect(await device.keep(w)).toBe('device');
    const again = await openDevice(at);
    expect((await again.waiting(ada)).map((w) => w.event.id)).toEqual(['a', 'd']);
  });
  test('unsent entries of others are counted with whose they are; refused ones are not', async () => {
    const device = await openDevice(name());
    for (const w of [waiting('a'), waiting('b', 'ben'), waiting('c', 'ben'), waiting('d', 'ada', 'l2')])
      await device.keep(w);
    await device.refuse('c', 'No.');
    expect(await device.unsentOfOthers(ada)).toEqual([
      { student: 'ben', lesson: 'l1', name: 'Ben', title: 'Lesson l1', count: 1 },
      { student: 'ada', lesson: 'l2', name: 'Ada', title: 'Lesson l2', count: 1 },
    ]);
    expect(await device.unsentOfOthers()).toHaveLength(3);
  });
  test('an acknowledged entry stays a day, and can be taken back into the outbox once', async () => {
    const device = await openDevice(name());
    await device.keep(waiting('a'));
    await device.keep(waiting('b'));
    await device.acknowledged(['a', 'b', 'never-seen'], 1_000);
    expect(await device.waiting(ada)).toEqual([]);
    expect((await device.stillKept(ada)).sort()).toEqual(['a', 'b']);
    await device.takeBack(['b', 'b', 'never-seen']);
    expect((await device.waiting(ada)).map((w) => w.event.id)).toEqual(['b']);
    await device.acknowledged([], 1_000 + keptFor);
    expect(await device.stillKept(ada)).toEqual([]);
  });
  test('the last bench is whose it was; forgetting it leaves other benches', async () => {
    const device = await openDevice(name());
    await device.saveBench(bench('ada', 'l1'));
    await device.saveBench(bench('ben', 'l1'));
    expect((await device.lastBench())!.me.id).toBe('ben');
    await device.forgetBench();
    expect(await device.lastBench()).toBeUndefined();
  });
  test('a store of the first version is brought along with everything that waits in it', async () => {
    const at = name();
    const old = await openDB(at, 1, {
      upgrade(fresh) {
        fresh
          .createObjectStore('outbox', { autoIncrement: true })
          .createIndex('by-event', 'event.id', { unique: true });
        fresh.createObjectStore('bench');
      },
    });
    await old.add('outbox', { event: event('a'), lesson: 'l1' });
    await old.put('bench', bench('ada', 'l1'), 'last');
    old.close();
    const device = await openDevice(at);
    expect((await device.waiting(ada)).map((w) => w.event.id)).toEqual(['a']);
    expect((await device.lastBench())!.me.id).toBe('ada');
  });
});

describe('a device that cannot keep things', () => {
  const realOpen = indexedDB.open.bind(indexedDB);
  const realAdd = IDBObjectStore.prototype.add;
  afterEach(() => {
    indexedDB.open = realOpen;
    IDBObjectStore.prototype.add = realAdd;
    Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
  });
  test('without a database it says so from the start, and keeps entries in the page', async () => {
    indexedDB.open = () => {
      throw new DOMException('no', 'SecurityError');
    };
    const device = await openDevice(name());
    expect(device.durable()).toBe(false);
    expect(await device.keep(waiting('a'))).toBe('page');
    expect((await device.waiting(ada))[0]).toMatchObject({ event: { id: 'a' }, onlyHere: true });
    await device.acknowledged(['a'], 1);
    expect(await device.waiting(ada)).toEqual([]);
  });
  test('that is nearly full promises nothing', async () => {
    Object.defineProperty(globalThis, 'navigator', {
      value: { storage: { estimate: () => Promise.resolve({ quota: 1_000_000, usage: 999_000 }) } },
      configurable: true,
    });
    expect((await openDevice(name())).durable()).toBe(false);
  });
  test('that fills up while it is used says so then, and loses nothing', async () => {
    const device = await openDevice(name());
    await device.keep(waiting('a'));
    expect(device.durable()).toBe(true);
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    expect(await device.keep(waiting('b'))).toBe('page');
    expect(device.durable()).toBe(false);
    expect((await device.waiting(ada)).map((w) => [w.event.id, w.onlyHere ?? false])).toEqual([
      ['a', false],
      ['b', true],
    ]);
    await device.refuse('b', 'No.');
    expect((await device.waiting(ada))[1]!.refused).toBe('No.');
  });
});
