import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Lesson } from '@kivex/contract';
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

/** Who may call what; the single place where the whole of it is written down. A new route must be added here. */
const allowed: Readonly<Record<string, readonly Caller[]>> = {
  'GET /api/health/live': callers,
  'GET /api/health/ready': callers,
  'GET /api/first-school': callers,
  'POST /api/first-school': callers,
  'POST /api/staff/sign-in': callers,
  'GET /api/staff/me': ['teacher', 'technician', 'head'],
  'POST /api/staff/sign-out': ['teacher', 'technician', 'head'],
  'POST /api/staff/password': ['teacher', 'technician', 'head'],
  'GET /api/staff/sessions': ['teacher', 'technician', 'head'],
  'DELETE /api/staff/sessions': ['teacher', 'technician', 'head'],
  'DELETE /api/staff/sessions/:id': ['teacher', 'technician', 'head'],
  'POST /api/staff/second-factor': ['teacher', 'technician', 'head'],
  'POST /api/staff/second-factor/confirm': ['teacher', 'technician', 'head'],
  'POST /api/staff/second-factor/off': ['teacher', 'technician', 'head'],
  'GET /api/audit': ['head'],
  'GET /api/audit/file': ['head'],
  'PATCH /api/people/staff/:id': ['head'],
  'DELETE /api/people/staff/:id': ['head'],
  'POST /api/people/staff/:id/password': ['head'],
  'DELETE /api/people/staff/:id/second-factor': ['head'],
  'POST /api/students/:id/unlock': ['teacher', 'head'],
  'GET /api/lessons/:id/board': ['teacher', 'head'],
  'GET /api/lessons/:id/held': ['teacher', 'head'],
  'POST /api/lessons/:id/held/take': ['teacher', 'head'],
  'POST /api/lessons/:id/held/leave-out': ['teacher', 'head'],
  'POST /api/bench/hand-over': ['student'],
  'POST /api/bench/forgotten': ['student'],
  'GET /api/people/staff': ['teacher', 'head'],
  'POST /api/people/staff': ['head'],
  'GET /api/classes': ['teacher', 'technician', 'head'],
  'POST /api/classes': ['teacher', 'head'],
  'GET /api/classes/:id': ['teacher', 'head'],
  'POST /api/classes/:id/roster/preview': ['teacher', 'head'],
  'POST /api/classes/:id/roster': ['teacher', 'head'],
  'POST /api/classes/:id/pins': ['teacher', 'head'],
  'PATCH /api/students/:id': ['teacher', 'head'],
  'DELETE /api/students/:id': ['teacher', 'head'],
  'GET /api/practicals': ['teacher', 'technician', 'head'],
  'GET /api/practicals/:id': ['teacher', 'technician', 'head'],
  'GET /api/practicals/schema': callers,
  'POST /api/practicals': ['teacher', 'head'],
  'PUT /api/practicals/:id': ['teacher', 'head'],
  'PATCH /api/practicals/:id': ['teacher', 'head'],
  'GET /api/practicals/:id/versions/:number': ['teacher', 'head'],
  'GET /api/practicals/:id/file': ['teacher', 'technician', 'head'],
  'GET /api/syllabuses': ['teacher', 'technician', 'head'],
  'GET /api/syllabuses/schema': callers,
  'POST /api/syllabuses': ['teacher', 'head'],
  'GET /api/syllabuses/:id': ['teacher', 'technician', 'head'],
  'PUT /api/syllabuses/:id': ['teacher', 'head'],
  'PATCH /api/syllabuses/:id': ['teacher', 'head'],
  'GET /api/syllabuses/:id/versions/:number': ['teacher', 'head'],
  'GET /api/rooms': ['teacher', 'technician', 'head'],
  'POST /api/rooms': ['teacher', 'technician', 'head'],
  'PUT /api/rooms/:id': ['teacher', 'technician', 'head'],
  'DELETE /api/rooms/:id': ['teacher', 'technician', 'head'],
  'GET /api/store': ['teacher', 'technician', 'head'],
  'POST /api/store/items': ['teacher', 'technician', 'head'],
  'PUT /api/store/items/:id': ['teacher', 'technician', 'head'],
  'DELETE /api/store/items/:id': ['teacher', 'technician', 'head'],
  'POST /api/store/items/:id/batches': ['teacher', 'technician', 'head'],
  'PATCH /api/store/batches/:id': ['teacher', 'technician', 'head'],
  'POST /api/store/batches/:id/moves': ['teacher', 'technician', 'head'],
  'POST /api/store/usual': ['teacher', 'technician', 'head'],
  'GET /api/store/sheet/:kind': ['teacher', 'technician', 'head'],
  'POST /api/store/sheet/preview': ['teacher', 'technician', 'head'],
  'POST /api/store/sheet': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation': ['teacher', 'technician', 'head'],
  'POST /api/lessons/:id/preparation/ticks': ['teacher', 'technician', 'head'],
  'POST /api/lessons/:id/preparation/substitutions': ['teacher', 'technician', 'head'],
  'POST /api/lessons/:id/preparation/takings': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation/labels': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation/labels.pdf': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation/sheet.pdf': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation/risk.pdf': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/preparation/calendar.ics': ['teacher', 'technician', 'head'],
  'PUT /api/lessons/:id/planning/rota': ['teacher', 'technician', 'head'],
  'PUT /api/lessons/:id/planning/preparation': ['teacher', 'technician', 'head'],
  'PUT /api/lessons/:id/dealing': ['teacher', 'head'],
  'GET /api/jars/:id': ['teacher', 'technician', 'head'],
  'GET /api/lessons/:id/met': ['teacher', 'head'],
  'PUT /api/lessons/:id/groups/:group/bench': ['teacher', 'head'],
  'POST /api/classes/:id/roster/file': ['teacher', 'head'],
  'GET /api/classes/:id/roster/sheet/:kind': ['teacher', 'head'],
  'GET /api/lessons': ['teacher', 'technician', 'head'],
  'POST /api/lessons': ['teacher', 'head'],
  'GET /api/lessons/:id': ['teacher', 'technician', 'head'],
  'PATCH /api/lessons/:id': ['teacher', 'head'],
  'DELETE /api/lessons/:id': ['teacher', 'head'],
  'PUT /api/lessons/:id/seats/:student': ['teacher', 'head'],
  'PUT /api/lessons/:id/state': ['teacher', 'head'],
  'GET /api/lessons/:id/events': ['teacher', 'head'],
  'POST /api/lessons/:id/calls/:call/answer': ['teacher', 'head'],
  'GET /api/lessons/:id/marks': ['teacher', 'head'],
  'POST /api/lessons/:id/marks/:mark/changes': ['teacher', 'head'],
  'GET /api/lessons/:id/marks/csv': ['teacher', 'head'],
  'POST /api/join/names': callers,
  'POST /api/join': callers,
  'POST /api/join/leave': callers,
  'GET /api/bench': ['student'],
  'POST /api/bench/events': ['student'],
  'GET /api/bench/feedback': ['student'],
};

let server: TestServer;
let drop: () => Promise<void>;
const clients = new Map<Caller, Client>();
const outsiders: Client[] = [];
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
  for (const role of ['teacher', 'technician', 'head'] as const) outsiders.push(await other.signIn(role));
});
afterAll(async () => {
  await server.close();
  await drop();
});

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
}
/** Every route the server really has, from its own router. */
const routes = (): string[] =>
  (server.app.getHttpAdapter().getInstance() as { router: { stack: Layer[] } }).router.stack
    .flatMap(({ route }) =>
      route ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`) : [],
    )
    .filter((route) => route.includes('/api/') && route !== 'GET /api/openapi.json');

const noSuch = '018f0000-0000-7000-8000-000000000000';
const pathFor = (route: string, id: string) =>
  route
    .split(' ')[1]!
    .replace(':id', id)
    .replace(':kind', 'csv')
    .replace(':number', '1')
    .replace(/:\w+/g, noSuch);

describe('who may call what', () => {
  test('the table names every route there is, and no other', () => {
    expect(routes().sort()).toEqual(Object.keys(allowed).sort());
  });

  test.each(callers.flatMap((caller) => Object.keys(allowed).map((route) => [caller, route] as const)))(
    '%s: %s',
    async (caller, route) => {
      // Signing out would end the session for the tests that follow.
      if (route === 'POST /api/staff/sign-out' || route === 'POST /api/join/leave') return;
      const [method] = route.split(' ') as [string];
      const reply = await clients
        .get(caller)!
        .send(method, pathFor(route, noSuch), method === 'GET' || method === 'DELETE' ? undefined : {});
      if (allowed[route]!.includes(caller)) expect([401, 403]).not.toContain(reply.status);
      else expect([401, 403]).toContain(reply.status);
    },
  );

  /** Right bodies, so that what stops a stranger is who they are. */
  const bodies: Readonly<Record<string, object>> = {
    'PATCH /api/lessons/:id': { startsAt: '2026-05-04T09:00:00Z', room: 'X' },
    'PUT /api/lessons/:id/seats/:student': { group: noSuch },
    'PUT /api/lessons/:id/state': { state: 'marking' },
    'POST /api/lessons/:id/calls/:call/answer': {},
    'POST /api/lessons/:id/held/take': { ids: [noSuch] },
    'POST /api/lessons/:id/held/leave-out': { ids: [noSuch] },
    'POST /api/lessons/:id/marks/:mark/changes': { points: 1, reason: 'because' },
    'PUT /api/lessons/:id/planning/rota': { from: 0, places: {}, pins: [], schedule: null },
    'PUT /api/lessons/:id/planning/preparation': {
      from: 0,
      surplus: 0.2,
      drop_mL: 0.05,
      plate: 'plate-24',
      skip: [],
    },
    'PUT /api/lessons/:id/dealing': { pinned: {} },
    'PUT /api/lessons/:id/groups/:group/bench': { row: 0, column: 0 },
    'POST /api/lessons/:id/preparation/ticks': { key: 'labels', done: true },
    'POST /api/lessons/:id/preparation/substitutions': { substitute: 'hno3-by-hcl' },
    'POST /api/lessons/:id/preparation/takings': { item: noSuch, amount: 1, reason: 'x' },
  };
  test.each(Object.keys(allowed).filter((r) => r.includes('/lessons/:id')))(
    'nobody of another school gets at a lesson by its id: %s',
    async (route) => {
      const [method] = route.split(' ') as [string];
      for (const outsider of outsiders)
        expect([403, 404]).toContain(
          (await outsider.send(method, pathFor(route, lesson.id), bodies[route])).status,
        );
    },
  );

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
