import { beforeEach, describe, expect, test } from '@jest/globals';
import {
  boardSpace,
  type AuditEntry,
  type Problem,
  type SecondFactorSetUp,
  type StaffMe,
  type StaffMember,
  type StaffSession,
} from '@kivex/contract';
import { Secret, TOTP } from 'otpauth';
import { io } from 'socket.io-client';
import { ownServer } from '../testing/own-school.js';
import { Client, makeLesson, makeSchool, password, type TestSchool } from '../testing/test-server.js';

const world = ownServer();
let school: TestSchool;
let head: Client;
let teacher: Client;
let made = 0;
beforeEach(async () => {
  school = await makeSchool(world.server, `acc${++made}`);
  [head, teacher] = await Promise.all([school.signIn('head'), school.signIn('teacher')]);
});

const email = (role: string) => `${role}acc${made}@test.example`;
const people = async () => (await head.get<StaffMember[]>('/api/people/staff')).body;
const person = async (role: string) => (await people()).find((p) => p.role === role)!;
const signIn = (fields: object, client = world.server.client()) =>
  client.post<Problem & StaffMe>('/api/staff/sign-in', { password, ...fields });
const trail = async () => (await head.get<AuditEntry[]>('/api/audit')).body.map((e) => e.action);

describe('accounts of staff', () => {
  test('a locked one is signed out at once and cannot sign in until it is unlocked', async () => {
    const { id } = await person('teacher');
    expect((await head.send('PATCH', `/api/people/staff/${id}`, { locked: true })).status).toBe(204);
    expect((await teacher.get('/api/staff/me')).status).toBe(401);
    const refused = await signIn({ email: email('teacher') });
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringMatching(/locked/)]);
    expect((await person('teacher')).locked).toBe(true);
    await head.send('PATCH', `/api/people/staff/${id}`, { locked: false });
    expect((await signIn({ email: email('teacher') })).status).toBe(200);
    expect(await trail()).toEqual(['staff-unlocked', 'staff-locked']);
  });
  test('one who has left is gone from the list and cannot sign in; what they did keeps their name', async () => {
    await makeLesson(teacher, school);
    const { id, name } = await person('teacher');
    expect((await head.send('DELETE', `/api/people/staff/${id}`)).status).toBe(204);
    expect((await people()).some((p) => p.id === id)).toBe(false);
    expect((await teacher.get('/api/staff/me')).status).toBe(401);
    expect((await signIn({ email: email('teacher') })).status).toBe(422);
    expect((await head.get<{ teacher: string }[]>('/api/lessons')).body[0]!.teacher).toBe(name);
    // The address is free for whoever comes next.
    const next = { name: 'Wil Sand', email: email('teacher'), password, role: 'teacher' };
    expect((await head.post('/api/people/staff', next)).status).toBe(201);
  });
  test('the last head who can sign in is not removed, locked or given another role', async () => {
    const { id } = await person('head');
    for (const reply of [
      await head.send('DELETE', `/api/people/staff/${id}`),
      await head.send('PATCH', `/api/people/staff/${id}`, { locked: true }),
      await head.send('PATCH', `/api/people/staff/${id}`, { role: 'teacher' }),
    ])
      expect(reply.status).toBe(409);
    const other = (await person('teacher')).id;
    await head.send('PATCH', `/api/people/staff/${other}`, { role: 'head' });
    const second = world.server.client();
    await signIn({ email: email('teacher') }, second);
    // Two heads who remove each other at once: one of them stays.
    const both = await Promise.all([
      head.send('DELETE', `/api/people/staff/${other}`),
      second.send('DELETE', `/api/people/staff/${id}`),
    ]);
    expect(both.filter((r) => r.status === 204).length).toBeLessThanOrEqual(1);
  });
  test('a password set by the head is shown once and changed before anything else', async () => {
    const { id } = await person('teacher');
    const { body } = await head.post<{ password: string }>(`/api/people/staff/${id}/password`);
    expect(body.password).toMatch(/^[a-z]+(-[a-z]+){3}$/);
    expect((await teacher.get('/api/staff/me')).status).toBe(401);
    expect((await signIn({ email: email('teacher') })).status).toBe(422);
    const client = world.server.client();
    const me = await signIn({ email: email('teacher'), password: body.password }, client);
    expect(me.body.mustChangePassword).toBe(true);
    expect((await client.get<Problem>('/api/lessons')).body.detail).toMatch(/password of your own first/);
    const change = (next: string) => client.post('/api/staff/password', { current: body.password, next });
    expect((await change(body.password)).status).toBe(422);
    expect((await change('my own new password')).status).toBe(204);
    expect((await client.get('/api/lessons')).status).toBe(200);
  });
  test.each([{}, { locked: null, role: undefined }])('PATCH %j says what is missing', async (body) => {
    const { id } = await person('teacher');
    expect((await head.send('PATCH', `/api/people/staff/${id}`, body)).status).toBe(400);
  });
});

describe('one’s own sessions', () => {
  test('are seen, and ended one by one or all others at once', async () => {
    const [second, third] = [await school.signIn('teacher'), await school.signIn('teacher')];
    const list = async () => (await teacher.get<StaffSession[]>('/api/staff/sessions')).body;
    expect((await list()).filter((s) => s.here)).toHaveLength(1);
    const other = (await second.get<StaffSession[]>('/api/staff/sessions')).body.find((s) => s.here)!;
    expect((await teacher.send('DELETE', `/api/staff/sessions/${other.id}`)).status).toBe(204);
    expect((await second.get('/api/staff/me')).status).toBe(401);
    expect((await third.get('/api/staff/me')).status).toBe(200);
    await teacher.send('DELETE', '/api/staff/sessions');
    expect((await third.get('/api/staff/me')).status).toBe(401);
    expect(await list()).toHaveLength(1);
    expect((await head.send('DELETE', `/api/staff/sessions/${(await list())[0]!.id}`)).status).toBe(404);
  });
  test('all others end with a changed password', async () => {
    const second = await school.signIn('teacher');
    await teacher.post('/api/staff/password', { current: password, next: 'quite another one' });
    expect((await second.get('/api/staff/me')).status).toBe(401);
    expect((await teacher.get('/api/staff/me')).status).toBe(200);
  });
  test.each<[string, (c: Client) => Promise<unknown>]>([
    ['signed out', (c) => c.post('/api/staff/sign-out')],
    [
      'ended from elsewhere',
      async () => (await school.signIn('teacher')).send('DELETE', '/api/staff/sessions'),
    ],
    [
      'locked',
      async () => head.send('PATCH', `/api/people/staff/${(await person('teacher')).id}`, { locked: true }),
    ],
  ])('a board’s wire is hung up at once when its session is %s', async (_, end) => {
    const lesson = await makeLesson(teacher, school);
    const socket = io(world.server.base + boardSpace, {
      path: '/live',
      transports: ['websocket'],
      reconnection: false,
      forceNew: true,
      auth: { lesson: lesson.id },
      extraHeaders: { cookie: teacher.cookie },
    });
    await new Promise((resolve) => socket.once('ready', resolve as () => void));
    const gone = new Promise((resolve) => socket.once('disconnect', resolve));
    await end(teacher);
    expect(await gone).toBe('io server disconnect');
  });
});

describe('a second factor', () => {
  const codeOf = (secret: string, at = Date.now()) =>
    new TOTP({ secret: Secret.fromBase32(secret), digits: 6, period: 30 }).generate({ timestamp: at });
  async function switchOn(): Promise<string> {
    const { body } = await teacher.post<SecondFactorSetUp>('/api/staff/second-factor', { password });
    expect(body.uri).toMatch(/^otpauth:\/\/totp\/Kivex:/);
    expect((await signIn({ email: email('teacher') })).status).toBe(200);
    expect(
      (
        await teacher.post('/api/staff/second-factor/confirm', {
          code: codeOf(body.secret, Date.now() - 30_000),
        })
      ).status,
    ).toBe(204);
    return body.secret;
  }
  test('is asked for once it is confirmed, and a code is good once', async () => {
    const secret = await switchOn();
    expect((await signIn({ email: email('teacher') })).body.errors?.[0]).toMatchObject({ field: 'code' });
    const code = codeOf(secret);
    const both = await Promise.all([1, 2].map(() => signIn({ email: email('teacher'), code })));
    expect(both.map((r) => r.status).sort()).toEqual([200, 422]);
    expect((await signIn({ email: email('teacher'), code })).body.errors?.[0]?.detail).toMatch(
      /used already/,
    );
    expect((await person('teacher')).secondFactor).toBe(true);
  });
  test('needs the password to begin and to end; the head can take a lost one off', async () => {
    expect((await teacher.post('/api/staff/second-factor', { password: 'wrong' })).status).toBe(422);
    await switchOn();
    expect((await teacher.post('/api/staff/second-factor/off', { password: 'wrong' })).status).toBe(422);
    expect(
      (await head.send('DELETE', `/api/people/staff/${(await person('teacher')).id}/second-factor`)).status,
    ).toBe(204);
    expect((await signIn({ email: email('teacher') })).status).toBe(200);
    expect(await trail()).toEqual(['second-factor-off', 'second-factor-on']);
  });
  test('a code that is not right does not switch it on', async () => {
    await teacher.post('/api/staff/second-factor', { password });
    expect(
      (await teacher.post<Problem>('/api/staff/second-factor/confirm', { code: '000000' })).body.errors?.[0]
        ?.field,
    ).toBe('code');
    expect((await signIn({ email: email('teacher') })).status).toBe(200);
  });
});

describe('the trail', () => {
  test('goes on in pages, comes out whole as a file, and is a school’s own', async () => {
    for (let i = 0; i < 7; i++) await teacher.post('/api/classes', { name: `Class number ${i}` });
    const pages: AuditEntry[][] = [];
    let path: string | undefined = '/api/audit?limit=3';
    while (path) {
      const page: Awaited<ReturnType<typeof head.get<AuditEntry[]>>> = await head.get<AuditEntry[]>(path);
      pages.push(page.body);
      const next = /<([^>]+)>/.exec(page.headers.get('link') ?? '')?.[1];
      path = next && `${next}&limit=3`;
    }
    expect(pages.flat().map((e) => e.about)).toEqual([6, 5, 4, 3, 2, 1, 0].map((i) => `Class number ${i}`));
    expect(pages.flat()[0]).toMatchObject({ by: 'The teacher', action: 'class-made' });
    const file = await head.get('/api/audit/file');
    expect(file.text.trim().split('\r\n')).toHaveLength(8);
    const outsider = await (await makeSchool(world.server, `accx${made}`)).signIn('head');
    expect((await outsider.get<AuditEntry[]>('/api/audit')).body).toEqual([]);
  });
});
