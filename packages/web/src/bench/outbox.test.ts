import { beforeEach, describe, expect, test } from '@jest/globals';
import type { EntryBatch, EventsReceipt } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import 'fake-indexeddb/auto';
import { openDevice, type DeviceStore } from './device-store.js';
import { Outbox, type OutboxPorts, type OutboxState } from './outbox.js';

let device: DeviceStore;
let made = 0;
beforeEach(async () => {
  device = { ...(await openDevice(`test-${++made}`)) };
});

const event = (n: number, by = 'ada', group = 'g'): LessonEvent => ({
  id: `id-${n}`,
  group,
  by,
  at: '2026-01-01T10:00:00Z',
  body: { type: 'hand-in' },
});

const ada = { student: 'ada', lesson: 'lesson' };
const waitingOf = (by: string) => device.waiting({ student: by, lesson: 'lesson' });

/** A server that can be made to fail, and a clock that runs only when told to. */
function world(
  answer: (ids: string[], batch: EntryBatch) => EventsReceipt | Promise<EventsReceipt>,
  handOver: OutboxPorts['handOver'] = () => Promise.reject(new Error('not asked for')),
) {
  const sent: string[][] = [];
  const batches: EntryBatch[] = [];
  const timers: { run: () => void; ms: number }[] = [];
  const states: OutboxState[] = [];
  const outbox = new Outbox(
    {
      device,
      send: async (batch) => {
        const ids = batch.events.map((e) => e.id);
        sent.push(ids);
        batches.push(batch);
        return answer(ids, batch);
      },
      handOver,
      changed: (state) => states.push(state),
      later: (run, ms) => {
        timers.push({ run, ms });
        return () => undefined;
      },
      now: () => new Date('2026-01-01T10:30:00.000Z'),
    },
    ada,
    { name: 'Ada', title: 'Flames' },
  );
  return { outbox, sent, batches, timers, states };
}
const all = (ids: string[]): EventsReceipt => ({
  accepted: ids,
  places: ids.map((_, i) => i + 1),
  held: [],
  refused: [],
});
const failing =
  (status: number, more: object = {}) =>
  () => {
    throw Object.assign(new Error('no'), { status, ...more });
  };
const away = failing(0);

describe('the outbox', () => {
  test('keeps what the server has not acknowledged, over a reload too', async () => {
    const { outbox } = world(away);
    await outbox.put(event(1));
    await outbox.put(event(2));
    await outbox.flush();
    const { outbox: reloaded, sent } = world(all);
    await reloaded.flush();
    expect(sent).toEqual([['id-1', 'id-2']]);
    expect(await waitingOf('ada')).toEqual([]);
  });
  test('sends in the order things were logged', async () => {
    const { outbox, sent } = world(all);
    for (let n = 0; n < 120; n++) await device.keep({ event: event(n), lesson: 'lesson' });
    await outbox.flush();
    expect(sent.flat()).toEqual(Array.from({ length: 120 }, (_, n) => `id-${n}`));
    expect(sent.every((batch) => batch.length <= 50)).toBe(true);
  });
  test('tries again by itself, waiting longer each time, and at once when asked', async () => {
    const { outbox, timers, states } = world(away);
    await outbox.put(event(1));
    await outbox.flush();
    await outbox.flush();
    await outbox.flush();
    const waits = timers.map((t) => t.ms);
    expect(waits.length).toBeGreaterThan(1);
    expect(waits).toEqual([...waits].sort((a, b) => a - b));
    expect(states.at(-1)).toMatchObject({ reached: false, signedOut: false });
  });
  test('an entry put in just as a round ends is sent without waiting for another occasion', async () => {
    const { outbox, sent } = world(all);
    const waiting = device.waiting;
    let looks = 0;
    const sentBoth = new Promise<void>((resolve) => {
      // The round has seen an empty outbox and is about to report when the second entry comes.
      device.waiting = async (...of) => {
        looks += 1;
        const found = await waiting(...of);
        if (looks === 3) await outbox.put(event(2));
        if (sent.flat().includes('id-2')) resolve();
        return found;
      };
    });
    await device.keep({ event: event(1), lesson: 'lesson' });
    await outbox.flush();
    await sentBoth;
    expect(sent.flat()).toEqual(['id-1', 'id-2']);
  });
  test('a refused entry is kept with its reason and does not hold up the rest', async () => {
    const { outbox, states } = world((ids) => ({
      accepted: ids.filter((id) => id !== 'id-1'),
      places: ids.filter((id) => id !== 'id-1').map((_, i) => i + 1),
      held: [],
      refused: ids.includes('id-1') ? [{ id: 'id-1', detail: 'Not on your bench.' }] : [],
    }));
    await device.keep({ event: event(1), lesson: 'lesson' });
    await device.keep({ event: event(2), lesson: 'lesson' });
    await outbox.flush();
    expect(states.at(-1)!.waiting.map((w) => [w.event.id, w.refused])).toEqual([
      ['id-1', 'Not on your bench.'],
    ]);
  });
  test('another student’s entries on the same device are not sent as mine', async () => {
    const { outbox, sent } = world(all);
    await device.keep({ event: event(9, 'ben'), lesson: 'lesson' });
    await outbox.put(event(1));
    await outbox.flush();
    expect(sent.flat()).toEqual(['id-1']);
    expect(await waitingOf('ben')).toHaveLength(1);
  });
  test('when the session is over it says so and stops trying', async () => {
    const { outbox, states, timers } = world(failing(401));
    await outbox.put(event(1));
    await outbox.flush();
    expect(states.at(-1)).toMatchObject({ signedOut: true });
    expect(timers).toEqual([]);
  });
  test('a server that settles nothing does not make it turn in circles', async () => {
    const { outbox, sent } = world(() => ({ accepted: [], places: [], held: [], refused: [] }));
    await device.keep({ event: event(1), lesson: 'lesson' });
    await outbox.flush();
    expect(sent).toHaveLength(1);
  });
  test('says with every batch whose it is, from which bench, and what the device takes for now', async () => {
    const { outbox, batches } = world(all);
    await outbox.put(event(1));
    await outbox.flush();
    expect(batches[0]).toMatchObject({
      lesson: 'lesson',
      student: 'ada',
      group: 'g',
      sent: '2026-01-01T10:30:00.000Z',
    });
  });
  test('entries of two groups never go in one batch, and keep their order', async () => {
    const { outbox, batches } = world(all);
    for (const [n, group] of ['g', 'g', 'h', 'g'].entries())
      await device.keep({ event: event(n, 'ada', group), lesson: 'lesson' });
    await outbox.flush();
    expect(batches.map((b) => [b.group, b.events.map((e) => e.id)])).toEqual([
      ['g', ['id-0', 'id-1']],
      ['h', ['id-2']],
      ['g', ['id-3']],
    ]);
  });
  test('entries of a group left since go to the teacher, and are done with', async () => {
    const handed: string[] = [];
    const { outbox, states } = world(failing(409, { fields: [{ field: 'group' }] }), async ({ events }) => {
      handed.push(...events.map((e) => e.id));
      return { accepted: [], places: [], held: events.map((e) => e.id), refused: [] };
    });
    await outbox.put(event(1));
    await outbox.flush();
    expect(handed).toEqual(['id-1']);
    expect(states.at(-1)).toMatchObject({ waiting: [], held: ['id-1'] });
  });
  test('when another is at the device now it keeps everything, says so, and stops trying', async () => {
    const { outbox, states, timers, sent } = world(failing(409, { fields: [{ field: 'student' }] }));
    await outbox.put(event(1));
    await outbox.flush();
    expect(states.at(-1)).toMatchObject({ notMine: true });
    expect(timers).toEqual([]);
    expect(sent.length).toBeGreaterThan(0);
    expect(await waitingOf('ada')).toHaveLength(1);
  });
  test('once closed it sends nothing more', async () => {
    const { outbox, sent } = world(all);
    outbox.close();
    await outbox.put(event(1));
    await outbox.flush();
    expect(sent).toEqual([]);
    expect(await waitingOf('ada')).toHaveLength(1);
  });
  test('what the server keeps apart is safe there and leaves the outbox', async () => {
    const { outbox } = world((ids) => ({ accepted: [], places: [], held: ids, refused: [] }));
    await outbox.put(event(1));
    await outbox.flush();
    expect(await waitingOf('ada')).toEqual([]);
    expect(await device.stillKept(ada)).toEqual(['id-1']);
  });
  test('asked to slow down, it waits as long as it is told', async () => {
    const { outbox, timers } = world(failing(429, { retryAfter: 25 }));
    await outbox.put(event(1));
    await outbox.flush();
    expect(timers.at(-1)!.ms).toBe(25_000);
  });
});
