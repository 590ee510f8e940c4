import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { benchSpace, boardSpace, type Lesson, type WireEvent } from '@kivex/contract';
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
const sockets: Socket[] = [];

const connect = (space: string, client: Client, auth: object = {}, origin?: string): Socket => {
  const socket = io(server.base + space, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    auth,
    extraHeaders: { cookie: client.cookie, ...(origin ? { origin } : {}) },
  });
  sockets.push(socket);
  return socket;
};
const once = <T>(socket: Socket, event: string): Promise<T> =>
  new Promise((resolve) => socket.once(event, resolve));
/** Everything of a kind that arrives until the socket has answered a later, certain event. */
const collected = (socket: Socket): WireEvent[] => {
  const events: WireEvent[] = [];
  socket.on('lesson-event', (e: WireEvent) => events.push(e));
  return events;
};

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  school = await makeSchool(server);
  teacher = await school.signIn('teacher');
  lesson = await makeLesson(teacher, school);
});
afterAll(async () => {
  sockets.forEach((s) => s.disconnect());
  await server.close();
  await database.drop();
});

describe('the live wire', () => {
  test('an entry reaches the board and its own group, and is in the log by then', async () => {
    const [ash, birch, clove] = (await Promise.all(
      [0, 1, 2].map((i) => join(server, school, lesson, i)),
    )) as [Client, Client, Client];
    const board = connect(boardSpace, teacher, { lesson: lesson.id });
    const partner = connect(benchSpace, birch);
    const stranger = connect(benchSpace, clove);
    await Promise.all([once(board, 'ready'), once(partner, 'ready'), once(stranger, 'ready')]);
    const elsewhere = collected(stranger);
    const arrived = [once<WireEvent>(board, 'lesson-event'), once<WireEvent>(partner, 'lesson-event')];
    const sample = (await benchOf(ash)).samples[0]!.id;
    const one = entry(saw(sample, 'crimson'));
    await ash.post('/api/bench/events', { events: [one] });
    for (const event of await Promise.all(arrived))
      expect(event).toMatchObject({ id: one.id, body: { seen: { colour: 'crimson' } } });
    const log = (await teacher.get<WireEvent[]>(`/api/lessons/${lesson.id}/events`)).body;
    expect(log.some((e) => e.id === one.id)).toBe(true);
    // The stranger's own entry comes after; nothing of the other group came before it.
    const own = entry({ type: 'call', reason: 'help' });
    const mine = once<WireEvent>(stranger, 'lesson-event');
    await clove.post('/api/bench/events', { events: [own] });
    expect((await mine).id).toBe(own.id);
    expect(elsewhere.map((e) => e.id)).toEqual([own.id]);
  });
  test('a change of state reaches benches', async () => {
    const later = await makeLesson(teacher, school, { begin: false });
    const bench = connect(benchSpace, await join(server, school, later, 0));
    await once(bench, 'ready');
    const told = once(bench, 'lesson-state');
    await teacher.send('PUT', `/api/lessons/${later.id}/state`, { state: 'running' });
    expect(await told).toBe('running');
  });
  test('students, technicians and strangers hear nothing of a board', async () => {
    const student = await join(server, school, lesson, 0);
    const technician = await school.signIn('technician');
    const other = await (await makeSchool(server, 'z')).signIn('teacher');
    for (const client of [student, technician, other, server.client()]) {
      const socket = connect(boardSpace, client, { lesson: lesson.id });
      expect(await once(socket, 'refused')).toMatch(/./);
    }
  });
  test('a page of another origin cannot open a socket with our cookies', async () => {
    const socket = connect(boardSpace, teacher, { lesson: lesson.id }, 'http://elsewhere.example');
    await expect(once<Error>(socket, 'connect_error')).resolves.toBeInstanceOf(Error);
  });
});
