import { beforeEach, describe, expect, test } from '@jest/globals';
import { benchSpace, type LogReply } from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';
import { ownLesson } from '../../testing/own-school.js';
import { batchFor, benchOf, Client, entry, join, saw, send } from '../../testing/test-server.js';

const world = ownLesson('ash');
let wire: Socket;

const once = <T>(socket: Socket, event: string): Promise<T> =>
  new Promise((resolve) => socket.once(event, resolve));
async function connect(client: Client): Promise<Socket> {
  const socket = io(world.server.base + benchSpace, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    extraHeaders: { cookie: client.cookie },
  });
  world.sockets.push(socket);
  await once(socket, 'ready');
  return socket;
}
const log = async (...events: unknown[]): Promise<LogReply> =>
  wire.timeout(10_000).emitWithAck('log', { ...(await batchFor(world.ash)), events }) as Promise<LogReply>;
beforeEach(async () => {
  wire = await connect(world.ash);
});

describe('logging over the bench’s wire', () => {
  test('keeps entries as the HTTP way does, and the two ways together keep each once', async () => {
    const sample = (await benchOf(world.ash)).samples[0]!.id;
    const one = entry(saw(sample, 'crimson'));
    expect(await log(one)).toEqual({
      status: 200,
      receipt: { accepted: [one.id], places: [expect.any(Number)], held: [], refused: [] },
    });
    await send(world.ash, [one]);
    expect((await log(one)).receipt?.accepted).toEqual([one.id]);
    expect((await benchOf(world.ash)).events.filter((e) => e.id === one.id)).toHaveLength(1);
  });
  test('several at once are kept in their order', async () => {
    const sample = (await benchOf(world.ash)).samples[0]!.id;
    const many = ['crimson', 'red', 'yellow', 'lilac'].map((colour) => entry(saw(sample, colour)));
    expect((await log(...many)).receipt?.accepted).toEqual(many.map((e) => e.id));
    expect((await benchOf(world.ash)).events.map((e) => e.id)).toEqual(many.map((e) => e.id));
  });
  test('a correction may come in the same batch as what it corrects', async () => {
    const sample = (await benchOf(world.ash)).samples[0]!.id;
    const first = entry(saw(sample, 'yellow'));
    const second = entry(saw(sample, 'crimson', { corrects: first.id }));
    expect((await log(first, second)).receipt?.refused).toEqual([]);
  });
  test.each<[string, unknown]>([
    ['nothing', undefined],
    ['a text', 'hello'],
    ['a number', 7],
    ['too many', Array.from({ length: 201 }, () => ({}))],
  ])('%s is answered with a sentence, and the wire stays up', async (_, payload) => {
    const reply = (await wire.timeout(10_000).emitWithAck('log', payload)) as LogReply;
    expect(reply.status).toBe(422);
    expect((await log(entry({ type: 'hand-in' }))).status).toBe(200);
  });
  test('null, lists and nested rubbish among the entries are refused one by one', async () => {
    const good = entry({ type: 'call', reason: 'help' });
    const reply = await log(null, [], { id: {} }, { id: 'x', at: 1, body: [] }, good);
    expect(reply.receipt?.accepted).toEqual([good.id]);
    expect(reply.receipt?.refused).toHaveLength(4);
  });
});

describe('a student moved to another group', () => {
  test('is cut off from the old group’s wire, and logs for the new one from then on', async () => {
    const birch = await join(world.server, world.school, world.lesson, 1);
    const socket = await connect(birch);
    const gone = once(socket, 'disconnect');
    await world.teacher.send('PUT', `/api/lessons/${world.lesson.id}/seats/${world.school.students[1]}`, {
      group: world.lesson.groupList[1]!.id,
    });
    await gone;
    const moved = await benchOf(birch);
    expect(moved.group.id).toBe(world.lesson.groupList[1]!.id);
    const one = entry(saw(moved.samples.find((s) => s.role === 'unknown')!.id, 'lilac'));
    await send(birch, [one]);
    expect((await benchOf(birch)).events.map((e) => e.id)).toEqual([one.id]);
    expect((await benchOf(birch)).events[0]!.group).toBe(world.lesson.groupList[1]!.id);
  });
});

// Last: it changes a PIN that the others join with.
describe('a new PIN', () => {
  test('once the PIN is new, the old device is cut off and what it sends is not taken', async () => {
    const gone = once<string>(wire, 'disconnect');
    await world.teacher.post(`/api/classes/${world.school.classId}/pins`, {
      students: [world.school.students[0]],
    });
    expect(await gone).toBe('io server disconnect');
    expect((await send(world.ash, [entry({ type: 'hand-in' })])).status).toBe(401);
  });
});
