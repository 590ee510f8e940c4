import { beforeAll, describe, expect, test } from '@jest/globals';
import { benchSpace, boardSpace, type Lesson, type WireEvent } from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';
import { DataSource } from 'typeorm';
import { SessionWatch } from '../../access/session-watch.js';
import { ownSchool } from '../../testing/own-school.js';
import {
  benchOf,
  Client,
  entry,
  join,
  makeLesson,
  makeSchool,
  saw,
  send,
} from '../../testing/test-server.js';

const world = ownSchool();
let lesson: Lesson;

const connect = (space: string, client: Client, auth: object = {}, origin?: string): Socket => {
  const socket = io(world.server.base + space, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    auth,
    extraHeaders: { cookie: client.cookie, ...(origin ? { origin } : {}) },
  });
  world.sockets.push(socket);
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
  lesson = await makeLesson(world.teacher, world.school);
});

describe('the live wire', () => {
  test('an entry reaches the board and its own group, and is in the log by then', async () => {
    const [ash, birch, clove] = (await Promise.all(
      [0, 1, 2].map((i) => join(world.server, world.school, lesson, i)),
    )) as [Client, Client, Client];
    const board = connect(boardSpace, world.teacher, { lesson: lesson.id });
    const partner = connect(benchSpace, birch);
    const stranger = connect(benchSpace, clove);
    await Promise.all([once(board, 'ready'), once(partner, 'ready'), once(stranger, 'ready')]);
    const elsewhere = collected(stranger);
    const arrived = [once<WireEvent>(board, 'lesson-event'), once<WireEvent>(partner, 'lesson-event')];
    const sample = (await benchOf(ash)).samples[0]!.id;
    const one = entry(saw(sample, 'crimson'));
    await send(ash, [one]);
    for (const event of await Promise.all(arrived))
      expect(event).toMatchObject({ id: one.id, body: { seen: { colour: 'crimson' } } });
    const log = (await world.teacher.get<WireEvent[]>(`/api/lessons/${lesson.id}/events`)).body;
    expect(log.some((e) => e.id === one.id)).toBe(true);
    // The stranger's own entry comes after; nothing of the other group came before it.
    const own = entry({ type: 'call', reason: 'help' });
    const mine = once<WireEvent>(stranger, 'lesson-event');
    await send(clove, [own]);
    expect((await mine).id).toBe(own.id);
    expect(elsewhere.map((e) => e.id)).toEqual([own.id]);
  });
  test('a change of state reaches benches', async () => {
    const later = await makeLesson(world.teacher, world.school, { begin: false });
    const bench = connect(benchSpace, await join(world.server, world.school, later, 0));
    await once(bench, 'ready');
    const told = once(bench, 'lesson-state');
    await world.teacher.send('PUT', `/api/lessons/${later.id}/state`, { state: 'running' });
    expect(await told).toBe('running');
  });
  test('students, technicians and strangers hear nothing of a board', async () => {
    const student = await join(world.server, world.school, lesson, 0);
    const technician = await world.school.signIn('technician');
    const other = await (await makeSchool(world.server, 'z')).signIn('teacher');
    for (const client of [student, technician, other, world.server.client()]) {
      const socket = connect(boardSpace, client, { lesson: lesson.id });
      expect(await once(socket, 'refused')).toMatch(/./);
    }
  });
  test('a page of another origin cannot open a socket with our cookies', async () => {
    const socket = connect(boardSpace, world.teacher, { lesson: lesson.id }, 'http://elsewhere.example');
    await expect(once<Error>(socket, 'connect_error')).resolves.toBeInstanceOf(Error);
  });
  test('a wire is hung up when its session is over, though nobody told this process', async () => {
    const [ash, birch] = [
      await join(world.server, world.school, lesson, 0),
      await join(world.server, world.school, lesson, 1),
    ];
    const [one, two] = [connect(benchSpace, ash), connect(benchSpace, birch)];
    const board = connect(boardSpace, world.teacher, { lesson: lesson.id });
    await Promise.all([one, two, board].map((s) => once(s, 'ready')));
    const gone = once(one, 'disconnect');
    await world.server.app
      .get(DataSource)
      .query('UPDATE session SET expiresAt = ? WHERE studentId = ?', [
        new Date(Date.now() - 1000),
        world.school.students[0],
      ]);
    expect(await world.server.app.get(SessionWatch).look()).toBeGreaterThan(0);
    expect(await gone).toBe('io server disconnect');
    expect([two.connected, board.connected]).toEqual([true, true]);
  });
});
