import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Bench, EntryBatch, EventsReceipt, WireEvent } from '@kivex/contract';
import 'fake-indexeddb/auto';
import type { Call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import type { BenchPorts } from './bench-store.js';
import { openDevice } from './device-store.js';
import type { WireEvents } from './wire.js';

/** A page has a document; nothing of it is needed here. */
const { createBench, recordOf } = await import('./bench-store.js');

interface Kept {
  readonly as: string;
  readonly event: EntryBatch['events'][number];
}

/** A server that knows who is at the browser by its one cookie, and takes entries from them alone. */
class PretendServer {
  cookie: { student: string; group: string } | undefined;
  up = true;
  readonly log: Kept[] = [];
  readonly held: Kept[] = [];
  readonly asked: string[] = [];
  wires: { readonly on: WireEvents; readonly as: string | undefined; closed: boolean }[] = [];

  readonly answer = async <T>(route: string, body?: unknown): Promise<T> => {
    this.asked.push(route);
    const [, path] = route.split(' ');
    if (!this.up) throw new RequestProblem(0, 'away');
    if (path === '/api/join/leave') {
      this.cookie = undefined;
      return undefined as T;
    }
    const { cookie } = this;
    if (!cookie) throw new RequestProblem(401, 'Join first.');
    if (path === '/api/bench') return this.bench(cookie) as T;
    const batch = body as EntryBatch;
    if (path === '/api/bench/forgotten')
      return (body as { ids: string[] }).ids.filter((id) => !this.has(id)) as T;
    if (path === '/api/bench/hand-over') {
      this.held.push(...batch.events.map((event) => ({ as: batch.student, event })));
      return this.receipt(
        [],
        batch.events.map((e) => e.id),
      ) as T;
    }
    return this.take(cookie, batch) as T;
  };
  take({ student, group }: { student: string; group: string }, batch: EntryBatch): EventsReceipt {
    if (batch.student !== student)
      throw new RequestProblem(409, 'Another’s.', [{ field: 'student', detail: '' }]);
    if (batch.group !== group) throw new RequestProblem(409, 'Left.', [{ field: 'group', detail: '' }]);
    for (const event of batch.events) if (!this.has(event.id)) this.log.push({ as: student, event });
    return this.receipt(
      batch.events.map((e) => e.id),
      [],
    );
  }
  private has = (id: string) => [...this.log, ...this.held].some((k) => k.event.id === id);
  private receipt = (accepted: string[], held: string[]): EventsReceipt => ({
    accepted,
    places: accepted.map((_, i) => i + 1),
    held,
    refused: [],
  });
  private bench({ student, group }: { student: string; group: string }): Bench {
    return {
      me: { id: student, name: student },
      lesson: {
        id: 'l1',
        title: 'Flames',
        summary: '',
        state: 'running',
        room: 'Lab',
        startedAt: '2026-01-01T09:50:00.000Z',
      },
      now: '2026-01-01T10:00:00.000Z',
      plan: [],
      group: { id: group, name: group, students: [] },
      samples: [],
      tests: [],
      asks: 'cation',
      choices: [],
      held: [],
      events: this.log.map(({ as, event }, i): WireEvent => ({ ...event, group, by: as, seq: i + 1 })),
    } as unknown as Bench;
  }
}

let server: PretendServer;
let made = 0;
let clock = 0;
let deviceName: string;
const timers: (() => void)[] = [];

const tab = (change: Partial<BenchPorts> = {}) =>
  createBench({
    openDevice: () => openDevice(deviceName),
    call: ((route: string, given?: { body?: unknown }) => server.answer(route, given?.body)) as Call,
    openWire: (on) => {
      const wire = { on, as: server.cookie?.student, closed: false };
      server.wires.push(wire);
      return {
        send: () => Promise.resolve(undefined),
        knock: () => undefined,
        close: () => void (wire.closed = true),
      };
    },
    later: (run) => {
      timers.push(run);
      return () => undefined;
    },
    now: () => new Date(Date.UTC(2026, 0, 1, 10) + clock),
    ...change,
  });
const join = (student: string, group = 'g') => void (server.cookie = { student, group });
const colour = (value: string) =>
  ({ type: 'observation', sample: 's', test: 'flame', variant: 'wire', seen: { colour: value } }) as const;
/** Runs what waits for a timer, and lets the device’s database answer, until nothing is left to happen. */
const settle = async (): Promise<void> => {
  for (let i = 0; i < 30; i++) {
    for (const run of timers.splice(0)) run();
    await new Promise((resolve) => setImmediate(resolve));
  }
};

beforeEach(() => {
  server = new PretendServer();
  deviceName = `bench-${++made}`;
  timers.length = 0;
  clock = 0;
});

describe('entries stay their own student’s', () => {
  test('logged offline by one who was cut off, they do not go up as the next one’s in the same tab', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    server.up = false;
    await bench.getState().log(colour('lilac'));
    await settle();
    // A new PIN: the session is over. Then another student joins in the same tab.
    server.up = true;
    server.cookie = undefined;
    await bench.getState().open();
    expect(bench.getState().status).toBe('not-joined');
    join('ben');
    await bench.getState().open();
    await bench.getState().log(colour('yellow'));
    await settle();
    expect(server.log.map((k) => [k.as, (k.event.body as { seen: object }).seen])).toEqual([
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
    expect(server.log.map((k) => k.as)).toEqual(['ben', 'ada']);
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
    expect(server.log).toEqual([]);
    expect(first.getState().bench!.me.id).toBe('ben');
    expect(first.getState().others).toMatchObject([{ student: 'ada', count: 1 }]);
    await second.getState().log(colour('yellow'));
    await settle();
    expect(server.log.map((k) => k.as)).toEqual(['ben']);
  });
  test('a seat that is left has its wire closed, and what still comes over it is not shown', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    join('ben', 'h');
    await bench.getState().open();
    expect(server.wires.map((w) => w.closed)).toEqual([true, false]);
    server.wires[0]!.on.event({ id: 'x', seq: 9, group: 'g', by: 'ada', at: '', body: { type: 'hand-in' } });
    expect(bench.getState().bench!.events).toEqual([]);
  });
  test('another’s entries are handed to the teacher with who logged them, and leave the device', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    server.up = false;
    await bench.getState().log(colour('lilac'));
    await settle();
    server.up = true;
    join('ben');
    await bench.getState().open();
    const [of] = bench.getState().others;
    await bench.getState().handOver(of!);
    expect(server.held.map((k) => k.as)).toEqual(['ada']);
    expect(bench.getState().others).toEqual([]);
    await settle();
    expect(server.log).toEqual([]);
  });
});

describe('opening', () => {
  test('asks the server while the device’s own store still opens, and once', async () => {
    join('ada');
    let hand: (store: Awaited<ReturnType<typeof openDevice>>) => void = () => undefined;
    const bench = tab({ openDevice: () => new Promise((resolve) => (hand = resolve)) });
    const opened = bench.getState().open();
    expect(server.asked).toEqual(['GET /api/bench']);
    expect(bench.getState().status).toBe('opening');
    hand(await openDevice(deviceName));
    await opened;
    expect(bench.getState()).toMatchObject({ status: 'joined', bench: { me: { id: 'ada' } } });
    expect(server.asked).toEqual(['GET /api/bench']);
  });
  test('a bench that an older Kivex left on the device opens with the network away', async () => {
    join('ada');
    await tab().getState().open();
    const store = await openDevice(deviceName);
    const { plan: _, now: __, ...old } = (await store.lastBench())!;
    const { startedAt: ___, ...lesson } = old.lesson;
    await store.saveBench({ ...old, lesson } as Bench);
    server.up = false;
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
    clock += 60_000;
    expect(await bench.getState().log(colour('lilac'))).not.toBe(one);
    await settle();
    expect(server.log).toHaveLength(2);
  });
  test('what is logged shows at once, and once, whether it waits or has come back', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    server.up = false;
    const id = await bench.getState().log(colour('lilac'));
    const shown = () => {
      const { bench: now, waiting } = bench.getState();
      return recordOf(now!, waiting).observations.map((o) => o.id);
    };
    expect(shown()).toEqual([id]);
    server.up = true;
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
    expect(server.log).toHaveLength(1);
    server.log.length = 0;
    server.wires.at(-1)!.on.ready();
    await settle();
    expect(server.log.map((k) => k.as)).toEqual(['ada']);
  });
  test('processes that do not hear each other are told, and the record is asked for when they do', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    const { on } = server.wires.at(-1)!;
    on.joined(false);
    expect(bench.getState().together).toBe(false);
    const before = server.asked.length;
    on.joined(true);
    await settle();
    expect(bench.getState().together).toBe(true);
    expect(server.asked.slice(before)).toContain('GET /api/bench');
  });
});
