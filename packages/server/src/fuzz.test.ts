import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { benchSpace, boardSpace, type Lesson } from '@kivex/contract';
import { seededRandom } from '@kivex/core';
import { io, type Socket } from 'socket.io-client';
import { anything, fuzzEntry, fuzzRequest, fuzzRoutes, type OpenApi } from './testing/fuzz.js';
import {
  batchFor,
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
} from './testing/test-server.js';

/** What nobody would send: `npm run ordeal` sends far more of it. */
let server: TestServer;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let school: TestSchool;
let lesson: Lesson;
const clients = new Map<string, Client>();
const sockets: Socket[] = [];

/** What would end the session, account or seat that the others go on with. */
const without =
  /sign-out|sign-in|join|first-school|DELETE|PATCH \/api\/people|people\/staff\/\{person\}|staff\/(password|sessions|second-factor)|pins|openapi|PUT \/api\/lessons\/\{lesson\}\/(seats|state)/;

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  school = await makeSchool(server);
  for (const role of ['teacher', 'technician', 'head'] as const) clients.set(role, await school.signIn(role));
  lesson = await makeLesson(clients.get('teacher')!, school);
  clients.set('student', await join(server, school, lesson, 0));
  clients.set('nobody', server.client());
});
afterAll(async () => {
  sockets.forEach((s) => s.disconnect());
  await server.close();
  await database.drop();
});

describe('whatever is sent', () => {
  test('to any route by anybody is answered, and never by a fault of the server', async () => {
    const api = (await server.client().get<OpenApi>('/api/openapi.json')).body as unknown as OpenApi;
    const routes = fuzzRoutes(api, without);
    expect(routes.length).toBeGreaterThan(40);
    const random = seededRandom(20261125);
    const ids = {
      lesson: [lesson.id],
      class: [school.classId],
      practical: [school.practical],
      jar: lesson.samples.map((s) => s.id),
      group: lesson.groupList.map((g) => g.id),
      student: school.students,
      kind: ['csv', 'xlsx', 'ods'],
      number: ['1'],
    };
    const faults: string[] = [];
    for (let n = 0; n < 14; n++)
      await Promise.all(
        routes.map(async (route) => {
          const [who, client] = [...clients][Math.floor(random() * clients.size)]!;
          const { method, path, body } = fuzzRequest(route, api, ids, random);
          const reply = await client.send(method, path, body);
          // Whether it is ready is what that route is asked: under all of these at once, "not now" is an answer.
          const told = path === '/api/health/ready' && reply.status === 503;
          if (reply.status >= 500 && !told)
            faults.push(`${who} ${method} ${path} ${JSON.stringify(body)}: ${reply.text}`);
        }),
      );
    expect(faults).toEqual([]);
  });
  test('over a bench’s wire is answered, and the wire stays up', async () => {
    const ash = clients.get('student')!;
    const samples = (await benchOf(ash)).samples.map((s) => s.id);
    const wire = io(server.base + benchSpace, {
      path: '/live',
      transports: ['websocket'],
      forceNew: true,
      reconnection: false,
      extraHeaders: { cookie: ash.cookie },
    });
    sockets.push(wire);
    await new Promise((resolve) => wire.once('ready', resolve as () => void));
    const random = seededRandom(7);
    const whose = await batchFor(ash);
    const statuses = new Set<number>();
    for (let n = 0; n < 150; n++) {
      const events = Array.from({ length: Math.floor(random() * 4) }, () => fuzzEntry(samples, random));
      const message =
        random() < 0.2 ? anything(random) : { ...whose, events: random() < 0.1 ? anything(random) : events };
      const { status } = (await wire.timeout(10_000).emitWithAck('log', message)) as { status: number };
      statuses.add(status);
    }
    // Without an answer wanted, and under names it does not know.
    wire.emit('log', null);
    wire.emit('constructor', {});
    expect([...statuses].every((s) => s < 500)).toBe(true);
    const good = entry(saw(samples[0]!, 'crimson'));
    expect((await send(ash, [good])).body.accepted).toEqual([good.id]);
    expect(wire.connected).toBe(true);
  });
  test.each([{}, { lesson: {} }, { lesson: ['x'] }, { lesson: 'x'.repeat(9000) }, { lesson: null }])(
    'a board that asks for %j is turned away with a sentence',
    async (auth) => {
      const socket = io(server.base + boardSpace, {
        path: '/live',
        transports: ['websocket'],
        forceNew: true,
        reconnection: false,
        auth,
        extraHeaders: { cookie: clients.get('teacher')!.cookie },
      });
      sockets.push(socket);
      expect(await new Promise((resolve) => socket.once('refused', resolve))).toMatch(/no such lesson/);
    },
  );
});
