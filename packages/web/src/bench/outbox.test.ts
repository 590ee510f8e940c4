import { beforeEach, describe, expect, test } from '@jest/globals';
import type { EventsReceipt } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import 'fake-indexeddb/auto';
import { openDevice, type DeviceStore } from './device-store.js';
import { Outbox, type OutboxPorts } from './outbox.js';

let device: DeviceStore;
let made = 0;
beforeEach(async () => {
  device = { ...(await openDevice(`test-${++made}`)) };
});

const event = (n: number, by = 'ada'): LessonEvent => ({
  id: `id-${n}`,
  group: 'g',
  by,
  at: '2026-01-01T10:00:00Z',
  body: { type: 'hand-in' },
});

/** A server that can be made to fail, and a clock that runs only when told to. */
function world(answer: (ids: string[]) => EventsReceipt | Promise<EventsReceipt>) {
  const sent: string[][] = [];
  const timers: { run: () => void; ms: number }[] = [];
  const states: Parameters<OutboxPorts['changed']>[0][] = [];
  const outbox = new Outbox(
    {
      device,
      send: async (events) => {
        sent.push(events.map((e) => e.id));
        return answer(events.map((e) => e.id));
      },
      changed: (state) => states.push(state),
      later: (run, ms) => {
        timers.push({ run, ms });
        return () => undefined;
      },
    },
    'ada',
    'lesson',
  );
  return { outbox, sent, timers, states };
}
const all = (ids: string[]): EventsReceipt => ({ accepted: ids, refused: [] });
const away = () => {
  throw Object.assign(new Error('away'), { status: 0 });
};

describe('the outbox', () => {
  test('keeps what the server has not acknowledged, over a reload too', async () => {
    const { outbox } = world(away);
    await outbox.put(event(1));
    await outbox.put(event(2));
    await outbox.flush();
    const { outbox: reloaded, sent } = world(all);
    await reloaded.flush();
    expect(sent).toEqual([['id-1', 'id-2']]);
    expect(await device.waiting('ada', 'lesson')).toEqual([]);
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
    expect(await device.waiting('ben', 'lesson')).toHaveLength(1);
  });
  test('when the session is over it says so and stops trying', async () => {
    const { outbox, states, timers } = world(() => {
      throw Object.assign(new Error('sign in'), { status: 401 });
    });
    await outbox.put(event(1));
    await outbox.flush();
    expect(states.at(-1)).toMatchObject({ signedOut: true });
    expect(timers).toEqual([]);
  });
  test('a server that settles nothing does not make it turn in circles', async () => {
    const { outbox, sent } = world(() => ({ accepted: [], refused: [] }));
    await device.keep({ event: event(1), lesson: 'lesson' });
    await outbox.flush();
    expect(sent).toHaveLength(1);
  });
});
