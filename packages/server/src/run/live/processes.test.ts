import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { benchSpace, boardSpace, type Lesson, type WireEvent } from '@kivex/contract';
import { spawn, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
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
  send,
  serve,
  type TestSchool,
  type TestServer,
} from '../../testing/test-server.js';

/** Two server processes on one database that meet through a Redis which can be taken away. */
const program = process.env['KIVEX_REDIS_PROGRAM'];
let redis: ChildProcess | undefined;
let port: number;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let servers: [TestServer, TestServer];
let school: TestSchool;
let teacher: Client;
let lesson: Lesson;
const sockets: Socket[] = [];
const unhandled: unknown[] = [];
const note = (reason: unknown) => void unhandled.push(reason);

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port: free } = probe.address() as AddressInfo;
      probe.close(() => resolve(free));
    });
  });
const startRedis = () => {
  if (!program) throw new Error('Run the tests with npm test: it finds a Redis for them.');
  redis = spawn(
    program,
    ['--port', String(port), '--bind', '127.0.0.1', '--save', '', '--appendonly', 'no'],
    {
      argv0: 'redis-server',
      stdio: 'ignore',
    },
  );
};
const stopRedis = async () => {
  if (!redis) return;
  const gone = new Promise((resolve) => redis!.once('exit', resolve));
  redis.kill('SIGKILL');
  await gone;
  redis = undefined;
};

const once = <T>(socket: Socket, event: string, wanted: (value: T) => boolean = () => true): Promise<T> =>
  new Promise((resolve) => {
    const look = (value: T) => {
      if (!wanted(value)) return;
      socket.off(event, look);
      resolve(value);
    };
    socket.on(event, look);
  });
const connect = (server: TestServer, space: string, client: Client, auth: object = {}): Socket => {
  const socket = io(server.base + space, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    auth,
    extraHeaders: { cookie: client.cookie },
  });
  sockets.push(socket);
  return socket;
};

beforeAll(async () => {
  process.on('unhandledRejection', note);
  port = await freePort();
  startRedis();
  database = await freshDatabase();
  const url = `redis://127.0.0.1:${port}`;
  const first = await serve(database.url, { KIVEX_REDIS_URL: url });
  servers = [first, await serve(database.url, { KIVEX_REDIS_URL: url })];
  school = await makeSchool(first);
  teacher = await school.signIn('teacher');
  lesson = await makeLesson(teacher, school);
});
afterEach(() => sockets.splice(0).forEach((s) => s.disconnect()));
afterAll(async () => {
  await Promise.all(servers.map((s) => s.close()));
  await stopRedis();
  await database.drop();
  process.off('unhandledRejection', note);
});

describe('two server processes', () => {
  test('a tap taken by one stands on the board of the other, with who is there', async () => {
    const ash = await join(servers[1], school, lesson, 0);
    const board = connect(servers[0], boardSpace, teacher, { lesson: lesson.id });
    await once(board, 'ready');
    const present = once<{ group: string; devices: number }>(board, 'presence', (p) => p.devices === 1);
    const bench = connect(servers[1], benchSpace, ash);
    await once(bench, 'ready');
    await present;
    const one = entry(saw((await benchOf(ash)).samples[0]!.id, 'crimson'));
    const told = once<WireEvent>(board, 'lesson-event', (e) => e.id === one.id);
    await send(ash, [one]);
    expect((await told).id).toBe(one.id);
    const gone = once<{ devices: number }>(board, 'presence', (p) => p.devices === 0);
    bench.disconnect();
    expect((await gone).devices).toBe(0);
  });

  test('without Redis both go on, say that they are apart, and say when they meet again; nothing is unhandled', async () => {
    const ash = await join(servers[1], school, lesson, 0);
    const sample = (await benchOf(ash)).samples[0]!.id;
    const board = connect(servers[0], boardSpace, teacher, { lesson: lesson.id });
    const bench = connect(servers[1], benchSpace, ash);
    await Promise.all([once(board, 'ready'), once(bench, 'ready')]);
    const apart = [board, bench].map((s) => once<boolean>(s, 'joined-up', (joined) => !joined));
    await stopRedis();
    await Promise.all(apart);
    // Taps are taken as ever, benches come and go, and one who comes now is told at once.
    const one = entry(saw(sample, 'crimson'));
    expect((await send(ash, [one])).body.accepted).toEqual([one.id]);
    bench.disconnect();
    const late = connect(servers[0], boardSpace, teacher, { lesson: lesson.id });
    expect(await once<boolean>(late, 'joined-up')).toBe(false);
    const together = [board, late].map((s) => once<boolean>(s, 'joined-up', (joined) => joined));
    startRedis();
    await Promise.all(together);
    const two = entry(saw(sample, 'red'));
    const told = once<WireEvent>(board, 'lesson-event', (e) => e.id === two.id);
    await send(ash, [two]);
    await told;
    expect(unhandled).toEqual([]);
  });

  test('start without Redis too, and are apart until it is there', async () => {
    const lonely = await serve(database.url, { KIVEX_REDIS_URL: `redis://127.0.0.1:${await freePort()}` });
    const ash = await join(lonely, school, lesson, 0);
    const bench = connect(lonely, benchSpace, ash);
    expect(await once<boolean>(bench, 'joined-up')).toBe(false);
    const one = entry(saw((await benchOf(ash)).samples[0]!.id, 'crimson'));
    expect((await send(ash, [one])).body.accepted).toEqual([one.id]);
    bench.disconnect();
    await lonely.close();
    expect(unhandled).toEqual([]);
  });
});
