import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Bench } from '@kivex/contract';
import 'fake-indexeddb/auto';
import { recordOf } from './bench-store.js';
import type { Call } from '../kit/request/call.js';
import { openDevice } from './device-store.js';
import { colour, pretendTab } from '../testing/pretend-bench-server.js';

const { at, anew, tab, join, settle } = pretendTab();
beforeEach(anew);

describe('entries stay their own student’s', () => {
  test('logged offline by one who was cut off, they do not go up as the next one’s in the same tab', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    at.server.up = false;
    await bench.getState().log(colour('lilac'));
    await settle();
    // A new PIN: the session is over. Then another student joins in the same tab.
    at.server.up = true;
    at.server.cookie = undefined;
    await bench.getState().open();
    expect(bench.getState().status).toBe('not-joined');
    join('ben');
    await bench.getState().open();
    await bench.getState().log(colour('yellow'));
    await settle();
    expect(at.server.log.map((k) => [k.as, (k.event.body as { seen: object }).seen])).toEqual([
      ['ben', { colour: 'yellow' }],
    ]);
    expect(bench.getState().others).toEqual([
      { student: 'ada', lesson: 'l1', name: 'ada', title: 'Flames', count: 1 },
    ]);
    // Ada comes back to the device: hers go up, as hers.
    await bench.getState().leave();
    expect(bench.getState().others).toHaveLength(1);
    join('ada');
    await bench.getState().open();
    await settle();
    expect(at.server.log.map((k) => k.as)).toEqual(['ben', 'ada']);
    expect(bench.getState().others).toEqual([]);
  });
  test('of two tabs the one left behind finds out, keeps what is its own, and shows who is here now', async () => {
    const first = tab();
    join('ada');
    await first.getState().open();
    const second = tab();
    join('ben', 'h');
    await second.getState().open();
    await first.getState().log(colour('lilac'));
    await settle();
    expect(at.server.log).toEqual([]);
    expect(first.getState().bench!.me.id).toBe('ben');
    expect(first.getState().others).toMatchObject([{ student: 'ada', count: 1 }]);
    await second.getState().log(colour('yellow'));
    await settle();
    expect(at.server.log.map((k) => k.as)).toEqual(['ben']);
  });
  test('a seat that is left has its wire closed, and what still comes over it is not shown', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    join('ben', 'h');
    await bench.getState().open();
    expect(at.server.wires.map((w) => w.closed)).toEqual([true, false]);
    at.server.wires[0]!.on.event({
      id: 'x',
      seq: 9,
      group: 'g',
      by: 'ada',
      at: '',
      body: { type: 'hand-in' },
    });
    expect(bench.getState().bench!.events).toEqual([]);
  });
  test('another’s entries are handed to the teacher with who logged them, and leave the device', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    at.server.up = false;
    await bench.getState().log(colour('lilac'));
    await settle();
    at.server.up = true;
    join('ben');
    await bench.getState().open();
    const [of] = bench.getState().others;
    await bench.getState().handOver(of!);
    expect(at.server.held.map((k) => k.as)).toEqual(['ada']);
    expect(bench.getState().others).toEqual([]);
    await settle();
    expect(at.server.log).toEqual([]);
  });
});

describe('opening', () => {
  test('asks the server while the device’s own store still opens, and once', async () => {
    join('ada');
    let hand: (store: Awaited<ReturnType<typeof openDevice>>) => void = () => undefined;
    const bench = tab({ openDevice: () => new Promise((resolve) => (hand = resolve)) });
    const opened = bench.getState().open();
    expect(at.server.asked).toEqual(['GET /api/bench']);
    expect(bench.getState().status).toBe('opening');
    hand(await openDevice(at.device));
    await opened;
    expect(bench.getState()).toMatchObject({ status: 'joined', bench: { me: { id: 'ada' } } });
    expect(at.server.asked).toEqual(['GET /api/bench']);
  });
  test('a bench that an older Kivex left on the device opens with the network away', async () => {
    join('ada');
    await tab().getState().open();
    const store = await openDevice(at.device);
    const { plan: _, now: __, ...old } = (await store.lastBench())!;
    const { startedAt: ___, ...lesson } = old.lesson;
    await store.saveBench({ ...old, lesson } as Bench);
    at.server.up = false;
    const bench = tab();
    await bench.getState().open();
    expect(bench.getState()).toMatchObject({
      status: 'joined',
      bench: { plan: [], lesson: { startedAt: null } },
    });
  });
});

describe('logging', () => {
  test('a finger that comes down twice is one entry; the same seen again later is two', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    const [one, two] = await Promise.all([
      bench.getState().log(colour('lilac')),
      bench.getState().log(colour('lilac')),
    ]);
    expect(one).toBe(two);
    at.clock += 60_000;
    expect(await bench.getState().log(colour('lilac'))).not.toBe(one);
    await settle();
    expect(at.server.log).toHaveLength(2);
  });
  test('what is logged shows at once, and once, whether it waits or has come back', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    at.server.up = false;
    const id = await bench.getState().log(colour('lilac'));
    const shown = () => {
      const { bench: now, waiting } = bench.getState();
      return recordOf(now!, waiting).observations.map((o) => o.id);
    };
    expect(shown()).toEqual([id]);
    at.server.up = true;
    await settle();
    expect(bench.getState().waiting).toEqual([]);
    expect(shown()).toEqual([id]);
  });
  test('what a server once had and has forgotten is offered again when the wire is back', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    await bench.getState().log(colour('lilac'));
    await settle();
    expect(at.server.log).toHaveLength(1);
    at.server.log.length = 0;
    at.server.wires.at(-1)!.on.ready();
    await settle();
    expect(at.server.log.map((k) => k.as)).toEqual(['ada']);
  });
  test('processes that do not hear each other are told, and the record is asked for when they do', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    const { on } = at.server.wires.at(-1)!;
    on.joined(false);
    expect(bench.getState().together).toBe(false);
    const before = at.server.asked.length;
    on.joined(true);
    await settle();
    expect(bench.getState().together).toBe(true);
    expect(at.server.asked.slice(before)).toContain('GET /api/bench');
  });
  test('what comes over the wire while the record is asked for is not lost to an answer from before it', async () => {
    let answer: (() => void) | undefined;
    let slow = false;
    const bench = tab({
      call: (async (route: string, given?: { body?: unknown; as?: string }) => {
        const reply = await at.server.answer(route, given?.body, given?.as);
        if (slow && route === 'GET /api/bench') await new Promise<void>((go) => (answer = go));
        return reply;
      }) as Call,
    });
    join('ada');
    await bench.getState().open();
    slow = true;
    const { on } = at.server.wires.at(-1)!;
    on.changed();
    await settle();
    const over = {
      id: 'over',
      seq: 7,
      group: 'g',
      by: 'teacher',
      at: '',
      body: { type: 'hand-in' },
    } as const;
    on.event(over);
    on.event({ ...over, id: 'other', group: 'h' });
    expect(bench.getState().bench!.events.map((e) => e.id)).toEqual(['over']);
    answer!();
    await settle();
    expect(bench.getState().bench!.events.map((e) => e.id)).toEqual(['over']);
    // The device keeps it too; and once the server's record is without it, it is gone: what counts is the server's.
    expect((await (await openDevice(at.device)).lastBench())!.events.map((e) => e.id)).toEqual(['over']);
    slow = false;
    on.changed();
    await settle();
    expect(bench.getState().bench!.events).toEqual([]);
  });
});
