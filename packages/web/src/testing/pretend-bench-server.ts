/** A server that knows who is at the browser by its one cookie, and takes entries from them alone. */
import type { Bench, EntryBatch, EventsReceipt, WireEvent } from '@kivex/contract';
import { RequestProblem } from '../kit/request/request.js';
import { createBench, type BenchPorts } from '../bench/bench-store.js';
import { openDevice } from '../bench/device-store.js';
import type { WireEvents } from '../bench/wire.js';
import type { Call } from '../kit/request/call.js';

interface Kept {
  readonly as: string;
  readonly event: EntryBatch['events'][number];
}

export class PretendServer {
  cookie: { student: string; group: string } | undefined;
  /** Others of the group who have joined in this browser. */
  mates: string[] = [];
  readonly locked = new Set<string>();
  up = true;
  readonly log: Kept[] = [];
  readonly held: Kept[] = [];
  readonly asked: string[] = [];
  wires: { readonly on: WireEvents; readonly as: string | undefined; closed: boolean }[] = [];

  readonly answer = async <T>(route: string, body?: unknown, as?: string): Promise<T> => {
    this.asked.push(route);
    const [, path] = route.split(' ');
    if (!this.up) throw new RequestProblem(0, 'away');
    if (path === '/api/join/leave') {
      const [next] = this.mates.splice(0, 1);
      this.cookie = next && this.cookie ? { ...this.cookie, student: next } : undefined;
      return undefined as T;
    }
    const here = this.cookie && [this.cookie.student, ...this.mates];
    const student = as ?? this.cookie?.student;
    if (!this.cookie || !here!.includes(student!)) throw new RequestProblem(401, 'Join first.');
    const cookie = { ...this.cookie, student: student! };
    if (path === '/api/bench/mates') {
      const { student: mate, pin } = body as { student: string; pin: string };
      if (pin !== '1234') throw new RequestProblem(422, 'Not the PIN.');
      this.mates.push(mate);
      return undefined as T;
    }
    if (path === '/api/bench/lock') return void this.locked.add(student!) as T;
    if (path === '/api/bench/unlock') return void this.locked.delete(student!) as T;
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
      group: { id: group, name: group, students: ['ada', 'ben'].map((id) => ({ id, name: id })) },
      here: [this.cookie!.student, ...this.mates],
      locked: this.locked.has(student),
      samples: [],
      tests: [],
      asks: 'cation',
      choices: [],
      held: [],
      events: this.log.map(({ as, event }, i): WireEvent => ({ ...event, group, by: as, seq: i + 1 })),
    } as unknown as Bench;
  }
}

/** A browser tab with the bench of a pretended server: what tests of the bench's store begin with. */
export function pretendTab() {
  let made = 0;
  const at = { server: new PretendServer(), clock: 0, device: 'bench-0', timers: [] as (() => void)[] };
  return {
    at,
    /** Everything anew: server, device and clock. */
    anew: () => {
      at.server = new PretendServer();
      at.device = `bench-${++made}`;
      at.timers.length = 0;
      at.clock = 0;
    },
    tab: (change: Partial<BenchPorts> = {}) =>
      createBench({
        openDevice: () => openDevice(at.device),
        call: ((route: string, given?: { body?: unknown; as?: string }) =>
          at.server.answer(route, given?.body, given?.as)) as Call,
        openWire: (on, as) => {
          const wire = { on, as, closed: false };
          at.server.wires.push(wire);
          return {
            send: () => Promise.resolve(undefined),
            knock: () => undefined,
            close: () => void (wire.closed = true),
          };
        },
        later: (run) => {
          at.timers.push(run);
          return () => undefined;
        },
        now: () => new Date(Date.UTC(2026, 0, 1, 10) + at.clock),
        ...change,
      }),
    join: (student: string, group = 'g') => void (at.server.cookie = { student, group }),
    /** Runs what waits for a timer, and lets the device’s database answer, until nothing is left to happen. */
    settle: async (): Promise<void> => {
      for (let i = 0; i < 30; i++) {
        for (const run of at.timers.splice(0)) run();
        await new Promise((resolve) => setImmediate(resolve));
      }
    },
  };
}
export const colour = (value: string) =>
  ({ type: 'observation', sample: 's', test: 'flame', variant: 'wire', seen: { colour: value } }) as const;
