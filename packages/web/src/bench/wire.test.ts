import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { benchSpace, type EntryBatch, type EventsReceipt, type LogReply } from '@kivex/contract';
import { pretendLive, soon, type PretendLive } from '../testing/pretend-live.js';
import { openWire, type Wire } from './wire.js';

const batch: EntryBatch = {
  lesson: 'l1',
  group: 'g1',
  student: 'ash',
  sent: '2026-11-25T10:00:00.000Z',
  events: [{ id: 'a', at: '2026-11-25T10:00:00.000Z', body: { type: 'hand-in' } }],
};
const receipt: EventsReceipt = { accepted: ['a'], places: [1], held: [], refused: [] };

describe('the wire of a seat', () => {
  let server: PretendLive;
  let wire: Wire;
  let told: string[];

  beforeEach(async () => {
    server = await pretendLive(benchSpace);
    told = [];
    wire = openWire(
      {
        ready: () => told.push('ready'),
        lost: (byServer) => told.push(byServer ? 'hung up on' : 'lost'),
        event: ({ id }) => told.push(`event ${id}`),
        changed: () => told.push('changed'),
        joined: (joined) => told.push(`joined ${joined}`),
      },
      'ada',
      { address: server.address },
    );
  });
  afterEach(async () => {
    wire.close();
    await server.close();
  });
  /** A server that listens and answers each batch with this. */
  const answering = async (reply: LogReply) => {
    const socket = await server.arrival(1);
    const got: EntryBatch[] = [];
    socket.on('log', (sent: EntryBatch, answer: (reply: LogReply) => void) => {
      got.push(sent);
      answer(reply);
    });
    socket.emit('ready');
    await soon('the wire is ready', () => told.includes('ready'));
    return got;
  };

  test('says for whom of the group it is', async () => {
    const socket = await server.arrival(1);
    expect(socket.handshake.auth).toEqual({ student: 'ada' });
  });
  test('sends nothing before the server has said that it knows who is here: entries go another way', async () => {
    const socket = await server.arrival(1);
    socket.on('log', () => told.push('sent too soon'));
    expect(await wire.send(batch)).toBeUndefined();
    expect(told).toEqual([]);
  });
  test('brings the receipt of what was committed', async () => {
    const got = await answering({ status: 201, receipt } as unknown as LogReply);
    expect(await wire.send(batch)).toEqual(receipt);
    expect(got).toEqual([batch]);
  });
  test.each([500, 503, 409])(
    'an answer of %i says nothing of the entries: they go another way',
    async (status) => {
      await answering({ status, detail: 'no' } as unknown as LogReply);
      expect(await wire.send(batch)).toBeUndefined();
    },
  );
  test('what is wrong with the entries is told, with the time after which to try again', async () => {
    await answering({ status: 429, detail: 'That is too fast.', retryAfter: 7 } as unknown as LogReply);
    await expect(wire.send(batch)).rejects.toMatchObject({
      status: 429,
      message: 'That is too fast.',
      retryAfter: 7,
    });
  });
  test('a server that does not answer in time is gone round', async () => {
    const socket = await server.arrival(1);
    socket.emit('ready');
    await soon('the wire is ready', () => told.includes('ready'));
    expect(await wire.send(batch)).toBeUndefined();
  }, 20_000);
  test('once lost it sends nothing until it is ready again, and tells who hung up', async () => {
    await answering({ status: 201, receipt } as unknown as LogReply);
    (await server.arrival(1)).disconnect();
    await soon('it is told', () => told.includes('hung up on'));
    expect(await wire.send(batch)).toBeUndefined();
    wire.knock();
    (await server.arrival(2)).emit('ready');
    await soon('it is ready again', () => told.filter((t) => t === 'ready').length === 2);
  });
  test('a cable pulled is told as lost, and it comes back by itself', async () => {
    (await server.arrival(1)).conn.close();
    await soon('it is told', () => told.includes('lost'));
    await server.arrival(2);
  });
  test('brings entries of the group, what has changed, and whether all processes are heard', async () => {
    const socket = await server.arrival(1);
    socket.emit('lesson-event', { id: 'b' });
    socket.emit('lesson-state');
    socket.emit('held-changed');
    socket.emit('joined-up', false);
    await soon('all are told', () => told.length === 4);
    expect(told).toEqual(['event b', 'changed', 'changed', 'joined false']);
  });
});
