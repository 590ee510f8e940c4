import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { benchSpace, type Lesson, type LogReply } from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';
import {
  benchOf,
  Client,
  entry,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  saw,
  serve,
  type TestSchool,
  type TestServer,
} from '../testing/test-server.js';

let server: TestServer;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let school: TestSchool;
let teacher: Client;
let lesson: Lesson;
let ash: Client;
let wire: Socket;
const sockets: Socket[] = [];

const once = <T>(socket: Socket, event: string): Promise<T> =>
  new Promise((resolve) => socket.once(event, resolve));
async function connect(client: Client): Promise<Socket> {
  const socket = io(server.base + benchSpace, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    extraHeaders: { cookie: client.cookie },
  });
  sockets.push(socket);
  await once(socket, 'ready');
  return socket;
}
const log = (...events: unknown[]): Promise<LogReply> =>
  wire.timeout(10_000).emitWithAck('log', events) as Promise<LogReply>;

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  school = await makeSchool(server);
  teacher = await school.signIn('teacher');
});
beforeEach(async () => {
  lesson = await makeLesson(teacher, school);
  ash = await join(server, school, lesson, 0);
  wire = await connect(ash);
});
afterAll(async () => {
  sockets.forEach((s) => s.disconnect());
  await server.close();
  await database.drop();
});

describe('logging over the bench’s wire', () => {
  test('keeps entries as the HTTP way does, and the two ways together keep each once', async () => {
    const sample = (await benchOf(ash)).samples[0]!.id;
    const one = entry(saw(sample, 'crimson'));
    expect(await log(one)).toEqual({ status: 200, receipt: { accepted: [one.id], refused: [] } });
    await ash.post('/api/bench/events', { events: [one] });
    expect((await log(one)).receipt?.accepted).toEqual([one.id]);
    expect((await benchOf(ash)).events.filter((e) => e.id === one.id)).toHaveLength(1);
  });
  test('several at once are kept in their order', async () => {
    const sample = (await benchOf(ash)).samples[0]!.id;
    const many = ['crimson', 'red', 'yellow', 'lilac'].map((colour) => entry(saw(sample, colour)));
    expect((await log(...many)).receipt?.accepted).toEqual(many.map((e) => e.id));
    expect((await benchOf(ash)).events.map((e) => e.id)).toEqual(many.map((e) => e.id));
  });
  test('a correction may come in the same batch as what it corrects', async () => {
    const sample = (await benchOf(ash)).samples[0]!.id;
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
    const birch = await join(server, school, lesson, 1);
    const socket = await connect(birch);
    const gone = once(socket, 'disconnect');
    await teacher.send('PUT', `/api/lessons/${lesson.id}/seats/${school.students[1]}`, {
      group: lesson.groupList[1]!.id,
    });
    await gone;
    const moved = await benchOf(birch);
    expect(moved.group.id).toBe(lesson.groupList[1]!.id);
    const one = entry(saw(moved.samples.find((s) => s.role === 'unknown')!.id, 'lilac'));
    await birch.post('/api/bench/events', { events: [one] });
    expect((await benchOf(birch)).events.map((e) => e.id)).toEqual([one.id]);
    expect((await benchOf(birch)).events[0]!.group).toBe(lesson.groupList[1]!.id);
  });
});

// Last: it changes a PIN that the others join with.
describe('a new PIN', () => {
  test('once the PIN is new, the old device is cut off and what it sends is not taken', async () => {
    const gone = once<string>(wire, 'disconnect');
    await teacher.post(`/api/classes/${school.classId}/pins`, { students: [school.students[0]] });
    expect(await gone).toBe('io server disconnect');
    expect((await ash.post('/api/bench/events', { events: [entry({ type: 'hand-in' })] })).status).toBe(401);
  });
});
