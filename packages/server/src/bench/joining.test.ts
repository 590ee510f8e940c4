import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { JoinNames, Lesson, PinCard, Problem } from '@kivex/contract';
import {
  Client,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  pins,
  serve,
  studentNames,
  type TestSchool,
  type TestServer,
} from '../testing/test-server.js';

let server: TestServer;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let school: TestSchool;
let teacher: Client;
let lesson: Lesson;

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  school = await makeSchool(server);
  teacher = await school.signIn('teacher');
  lesson = await makeLesson(teacher, school);
});
afterAll(async () => {
  await server.close();
  await database.drop();
});

describe('joining a lesson', () => {
  test('the code brings the names of those who sit in it', async () => {
    const { body } = await server.client().post<JoinNames>('/api/join/names', { code: lesson.joinCode });
    expect(body.names.map((n) => n.name)).toEqual([...studentNames]);
  });
  test.each<[string, object, string, RegExp]>([
    ['/api/join/names', { code: '12' }, 'code', /six digits/],
    ['/api/join/names', { code: '000000' }, 'code', /No lesson has this code/],
    ['/api/join', { code: 'CODE', student: 'nobody', pin: '1357' }, 'student', /Choose your name/],
    ['/api/join', { code: 'CODE', student: 'FIRST', pin: '13' }, 'pin', /four digits/],
    ['/api/join', { code: 'CODE', student: 'FIRST', pin: '9999' }, 'pin', /not the PIN/],
    ['/api/join', { code: 'CODE', student: 'STRANGER', pin: '1357' }, 'student', /not in a group/],
  ])('%s with %j says so at the field', async (path, body, field, detail) => {
    const filled = JSON.parse(
      JSON.stringify(body)
        .replace('CODE', lesson.joinCode)
        .replace('FIRST', school.students[0]!)
        .replace('STRANGER', '018f0000-0000-7000-8000-000000000000'),
    ) as object;
    const reply = await server.client().post<Problem>(path, filled);
    expect(reply.headers.get('content-type')).toContain('application/problem+json');
    expect(reply.body.errors?.[0]).toMatchObject({ field });
    expect(reply.body.errors?.[0]?.detail).toMatch(detail);
  });
  test('guessing a PIN is stopped after a few tries, for that name only', async () => {
    const guess = (pin: string) =>
      server.client().post<Problem>('/api/join', { code: lesson.joinCode, student: school.students[3], pin });
    for (let i = 0; i < 5; i++) await guess(`000${i}`);
    const stopped = await guess(pins[3]);
    expect(stopped.status).toBe(429);
    expect(stopped.body.detail).toMatch(/Wait \d+ seconds/);
    await expect(join(server, school, lesson, 2)).resolves.toBeInstanceOf(Client);
  });
  test('a new PIN ends what was joined with the old one', async () => {
    const student = await join(server, school, lesson, 1);
    const cards = await teacher.post<PinCard[]>(`/api/classes/${school.classId}/pins`, {
      students: [school.students[1]],
    });
    expect(cards.body).toHaveLength(1);
    expect(cards.body[0]!.pin).toMatch(/^\d{4}$/);
    expect((await student.get('/api/bench')).status).toBe(401);
    const again = await server
      .client()
      .post('/api/join', { code: lesson.joinCode, student: school.students[1], pin: cards.body[0]!.pin });
    expect(again.status).toBe(204);
  });
  test('one who has left the class is out at once', async () => {
    const student = await join(server, school, lesson, 2);
    await teacher.send('DELETE', `/api/students/${school.students[2]}`);
    expect((await student.get('/api/bench')).status).toBe(401);
  });
  test('too many tries from one address are slowed', async () => {
    const small = await serve(database.url, { KIVEX_JOINS_PER_MINUTE: 2 });
    const statuses = [];
    for (let i = 0; i < 3; i++)
      statuses.push((await small.client().post('/api/join/names', { code: '000000' })).status);
    await small.close();
    expect(statuses).toEqual([422, 422, 429]);
  });
});
