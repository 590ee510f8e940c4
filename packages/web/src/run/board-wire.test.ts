import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { boardSpace, type BoardLog, type WireEvent } from '@kivex/contract';
import { pretendLive, soon, type PretendLive } from '../testing/pretend-live.js';
import { openBoardWire, withEntry } from './board-wire.js';

const event = (id: string, seq: number): WireEvent => ({
  id,
  seq,
  group: 'g1',
  by: 'ash',
  at: '2026-11-25T10:00:00.000Z',
  body: { type: 'hand-in' },
});
const log = (...events: WireEvent[]): BoardLog => ({ events, unreadable: [] }) as unknown as BoardLog;

describe('a log with an entry more', () => {
  test('stands in the server’s order, though the wire brought it out of turn', () =>
    expect(withEntry(log(event('a', 1), event('c', 3)), event('b', 2)).events.map((e) => e.id)).toEqual([
      'a',
      'b',
      'c',
    ]));
  test('that is there already is the same log, so that nothing is drawn anew', () => {
    const whole = log(event('a', 1));
    expect(withEntry(whole, event('a', 1))).toBe(whole);
  });
});

describe('the wire of a board', () => {
  let server: PretendLive;
  let close: () => void;
  let told: string[];
  const said = (what: string) => told.filter((t) => t === what).length;

  beforeEach(async () => {
    server = await pretendLive(boardSpace);
    told = [];
    close = () => undefined;
  });
  afterEach(async () => {
    close();
    await server.close();
  });
  const open = () => {
    close = openBoardWire(
      'lesson-1',
      {
        live: (live) => told.push(live ? 'live' : 'not live'),
        gap: () => told.push('gap'),
        event: ({ id }) => told.push(`event ${id}`),
        held: () => told.push('held'),
        state: () => told.push('state'),
        devices: (devices) => told.push(`devices ${JSON.stringify(devices)}`),
      },
      { address: server.address },
    );
  };

  test('is live only once the server listens, and then fetches what it may have missed', async () => {
    open();
    const socket = await server.arrival(1);
    expect(socket.handshake.auth).toEqual({ lesson: 'lesson-1' });
    expect(told).toEqual([]);
    socket.emit('ready');
    await soon('it is live', () => said('gap') === 1);
    expect(told).toEqual(['live', 'gap']);
  });
  test('is not live while the server’s processes do not hear each other; afterwards the gap is fetched', async () => {
    open();
    const socket = await server.arrival(1);
    socket.emit('ready');
    socket.emit('joined-up', false);
    await soon('it says so', () => told.at(-1) === 'not live');
    socket.emit('joined-up', true);
    await soon('it is live again', () => said('gap') === 2);
    expect(told).toEqual(['live', 'gap', 'not live', 'live', 'gap']);
  });
  test('tells devices group by group, and none once it is cut off', async () => {
    open();
    const socket = await server.arrival(1);
    socket.emit('presence', { group: 'g1', devices: 2 });
    socket.emit('presence', { group: 'g2', devices: 1 });
    await soon('both are told', () => said('devices {"g1":2,"g2":1}') === 1);
    socket.conn.close();
    await soon('none are told', () => said('devices {}') === 1);
    expect(said('not live')).toBe(1);
    const next = await server.arrival(2);
    next.emit('presence', { group: 'g2', devices: 1 });
    await soon('the old ones are forgotten', () => said('devices {"g2":1}') === 1);
  });
  test('hung up on or turned away by the server it knocks again by itself', async () => {
    open();
    const socket = await server.arrival(1);
    server.shut = true;
    socket.disconnect();
    await new Promise((done) => setTimeout(done, 2_500));
    server.shut = false;
    (await server.arrival(2)).emit('ready');
    await soon('it is live again', () => told.at(-1) === 'gap');
  }, 20_000);
  test('brings entries, changes of state and of what is kept apart, each as itself', async () => {
    open();
    const socket = await server.arrival(1);
    socket.emit('lesson-event', event('a', 1));
    socket.emit('held-changed');
    socket.emit('lesson-state');
    await soon('all three are told', () => told.length === 3);
    expect(told).toEqual(['event a', 'held', 'state']);
  });
  test('closed, it says nothing more and stays away', async () => {
    open();
    const socket = await server.arrival(1);
    close();
    await soon('the server sees it go', () => socket.disconnected);
    await new Promise((done) => setTimeout(done, 2_500));
    expect(told).toEqual([]);
    expect(server.came).toHaveLength(1);
  }, 20_000);
});
