import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { routes, type Lesson, type RouteName } from '@kivex/contract';
import { syllabusOf } from '@kivex/core';
import {
  Client,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  serve,
  type TestServer,
} from '../testing/test-server.js';

const callers = ['nobody', 'student', 'teacher', 'technician', 'head'] as const;
type Caller = (typeof callers)[number];

const names = Object.keys(routes) as RouteName[];
const mayCall = (caller: Caller, route: RouteName): boolean => {
  const who: readonly string[] = routes[route].who;
  return who.includes('anyone') || who.includes(caller);
};

let server: TestServer;
let drop: () => Promise<void>;
const clients = new Map<Caller, Client>();
const outsiders = new Map<Caller, Client>();
let lesson: Lesson;

beforeAll(async () => {
  const database = await freshDatabase();
  drop = database.drop;
  server = await serve(database.url);
  const school = await makeSchool(server, 'a');
  clients.set('nobody', server.client());
  for (const role of ['teacher', 'technician', 'head'] as const) clients.set(role, await school.signIn(role));
  lesson = await makeLesson(clients.get('teacher')!, school);
  clients.set('student', await join(server, school, lesson, 0));
  const other = await makeSchool(server, 'b');
  for (const role of ['teacher', 'technician', 'head'] as const)
    outsiders.set(role, await other.signIn(role));
});
afterAll(async () => {
  await server.close();
  await drop();
});

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
}
/** Every route the server really has, from its own router. */
const routesThere = (): string[] =>
  (server.app.getHttpAdapter().getInstance() as { router: { stack: Layer[] } }).router.stack
    .flatMap(({ route }) =>
      route ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`) : [],
    )
    .filter((route) => route.includes('/api/') && route !== 'GET /api/openapi.json');

const noSuch = '018f0000-0000-7000-8000-000000000000';
const pathFor = (route: RouteName, ids: Readonly<Record<string, string>> = {}) =>
  route.split(' ')[1]!.replace(/:(\w+)/g, (_, name: string) => ids[name] ?? noSuch);
const plain = { kind: 'csv', number: '1' };
const emptyFor = (route: RouteName) => (/^(GET|DELETE)/.test(route) ? undefined : {});

describe('who may call what', () => {
  test('the contract names every route there is, and no other', () => {
    expect(routesThere().sort()).toEqual([...names].sort());
  });

  test.each(callers.flatMap((caller) => names.map((route) => [caller, route] as const)))(
    '%s: %s',
    async (caller, route) => {
      // Signing out would end the session for the tests that follow.
      if (route === 'POST /api/staff/sign-out' || route === 'POST /api/join/leave') return;
      const reply = await clients
        .get(caller)!
        .send(route.split(' ')[0]!, pathFor(route, plain), emptyFor(route));
      if (mayCall(caller, route)) expect([401, 403]).not.toContain(reply.status);
      else expect([401, 403]).toContain(reply.status);
    },
  );

  /** What belongs to the school of the callers, by the name that stands for it in a path. */
  const own: Record<string, string> = { ...plain };
  beforeAll(async () => {
    const head = clients.get('head')!;
    const idOf = (reply: { body: unknown }) => (reply.body as { id: string }).id;
    own.lesson = lesson.id;
    own.jar = lesson.samples[0]!.id;
    own.group = lesson.groupList[0]!.id;
    own.student = lesson.groupList[0]!.students[0]!.id;
    own.class = idOf(await head.post('/api/classes', { name: 'Of one school' }));
    own.person = (await head.get<{ id: string }[]>('/api/people/staff')).body[0]!.id;
    own.practical = lesson.practicalId;
    own.syllabus = idOf(
      await head.post('/api/syllabuses', { document: { ...syllabusOf('core'), id: 'own', name: 'Ours' } }),
    );
    own.room = idOf(
      await head.post('/api/rooms', {
        name: 'Lab 31',
        plan: { rows: 1, columns: 1, benches: [{ row: 0, column: 0 }], places: {} },
      }),
    );
    own.item = idOf(
      await head.post('/api/store/items', {
        name: 'splints',
        formula: '',
        form: 'other',
        molarity: null,
        percent: null,
        density: null,
        unit: 'pieces',
        place: '',
        lowBelow: 0,
      }),
    );
    own.batch = idOf(
      await head.post(`/api/store/items/${own.item}/batches`, {
        code: 'B1',
        opened: null,
        expires: null,
        amount: 5,
      }),
    );
    expect(Object.values(own)).not.toContain(undefined);
  });
  const ofOne = names.filter((route) =>
    /:(lesson|class|student|person|practical|syllabus|room|item|batch|jar)/.test(route),
  );
  test.each(ofOne)(
    'for another school what is named is not there, whatever is sent with it: %s',
    async (route) => {
      for (const [role, outsider] of outsiders)
        expect((await outsider.send(route.split(' ')[0]!, pathFor(route, own), emptyFor(route))).status).toBe(
          mayCall(role, route) ? 404 : 403,
        );
    },
  );
  test('a group is looked for in the lesson of the same path', async () => {
    const teacher = clients.get('teacher')!;
    const path = (group: string) => `/api/lessons/${lesson.id}/groups/${group}/bench`;
    // Of one's own school the body is what is wrong.
    expect((await teacher.send('PUT', path(own.group!), {})).status).toBe(422);
    expect((await teacher.send('PUT', path(noSuch), {})).status).toBe(404);
  });

  test('a change that does not come from a Kivex page is refused', async () => {
    const teacher = clients.get('teacher')!;
    expect((await teacher.send('POST', '/api/classes', { name: 'x' }, {})).status).toBe(403);
    expect(
      (
        await teacher.send(
          'POST',
          '/api/classes',
          { name: 'x' },
          { 'x-kivex': '1', 'sec-fetch-site': 'cross-site' },
        )
      ).status,
    ).toBe(403);
  });

  test('cookies are out of reach of scripts and of other sites', async () => {
    const reply = await server
      .client()
      .post('/api/staff/sign-in', { email: 'teachera@test.example', password: 'a long enough password' });
    expect(reply.headers.get('set-cookie')).toMatch(/HttpOnly/);
    expect(reply.headers.get('set-cookie')).toMatch(/SameSite=Strict/);
  });

  test('the policy for pages lets nothing in from elsewhere and nothing inline', async () => {
    const policy =
      (await server.client().get('/api/health/live')).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy.replace("'wasm-unsafe-eval'", '')).not.toContain('unsafe');
    expect(policy).toContain("frame-ancestors 'none'");
  });
});
