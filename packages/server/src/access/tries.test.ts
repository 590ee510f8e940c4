import { beforeEach, describe, expect, test } from '@jest/globals';
import type { ClassRoster, Lesson, PinCard, Problem } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { ownServer } from '../testing/own-school.js';
import {
  Client,
  join,
  makeLesson,
  makeSchool,
  move,
  pins,
  serve,
  type TestSchool,
} from '../testing/test-server.js';

const world = ownServer();
let school: TestSchool;
let teacher: Client;
let lesson: Lesson;
let marks = 0;
beforeEach(async () => {
  school = await makeSchool(world.server, `t${++marks}`);
  teacher = await school.signIn('teacher');
  lesson = await makeLesson(teacher, school);
});

const guess = (client: Client, pin: string, student = 3) =>
  client.post<Problem>('/api/join', { code: lesson.joinCode, student: school.students[student], pin });
/** A device that has been to the front door once, and so has a mark of its own. */
async function device(): Promise<Client> {
  const client = world.server.client();
  await client.post('/api/join/names', { code: lesson.joinCode });
  return client;
}
/** Time goes by for whoever has tried. */
const pass = (seconds: number) =>
  world.server.app
    .get(DataSource)
    .query('UPDATE sign_in_attempt SET lastAt = lastAt - INTERVAL ? SECOND', [seconds]);
const wrong = async (client: Client, times: number, student = 3) => {
  for (let i = 0; i < times; i++) await guess(client, `000${i % 10}`, student);
};

describe('wrong PINs', () => {
  test('shut out the device they were tried on, for that name, and nobody else', async () => {
    const stranger = await device();
    await wrong(stranger, 5);
    const stopped = await guess(stranger, pins[3]);
    expect(stopped.status).toBe(429);
    expect(stopped.body.detail).toMatch(/Wait \d+ seconds/);
    expect(Number(stopped.headers.get('retry-after'))).toBeGreaterThan(0);
    expect((await guess(await device(), pins[3])).status).toBe(204);
    expect((await guess(stranger, pins[2], 2)).status).toBe(204);
  });
  test('fade', async () => {
    const own = await device();
    await wrong(own, 5);
    expect((await guess(own, pins[3])).status).toBe(429);
    await pass(45);
    expect((await guess(own, pins[3])).status).toBe(204);
  });
  test('on many devices are held down, but not for one they have joined on before', async () => {
    const own = await device();
    await join(world.server, school, lesson, 3, own);
    for (let i = 0; i < 5; i++) await wrong(await device(), 4);
    const another = await guess(await device(), pins[3]);
    expect(another.status).toBe(429);
    expect(another.body.detail).toMatch(/several devices.*Ask your teacher/);
    expect((await guess(own, pins[3])).status).toBe(204);
  });
  test('on devices that throw their mark away count as one device', async () => {
    for (let i = 0; i < 5; i++) await guess(world.server.client(), `000${i}`);
    expect((await guess(world.server.client(), pins[3])).status).toBe(429);
  });
  test('are shown to the teacher, who lets the student try again at once', async () => {
    const own = await device();
    await wrong(own, 5);
    const shut = async () =>
      (await teacher.get<ClassRoster>(`/api/classes/${school.classId}`)).body.students
        .filter((s) => s.shutOut)
        .map((s) => s.id);
    expect(await shut()).toEqual([school.students[3]]);
    await teacher.post(`/api/students/${school.students[3]}/unlock`);
    expect(await shut()).toEqual([]);
    expect((await guess(own, pins[3])).status).toBe(204);
  });
  test('are forgotten with a new PIN', async () => {
    const own = await device();
    await wrong(own, 6);
    const cards = await teacher.post<PinCard[]>(`/api/classes/${school.classId}/pins`, {
      students: [school.students[3]],
    });
    expect((await guess(own, cards.body[0]!.pin)).status).toBe(204);
  });
});

describe('wrong passwords', () => {
  const signIn = (client: Client, email: string, password: string) =>
    client.post<Problem>('/api/staff/sign-in', { email, password });
  test('of an address nobody has fill no table, and are answered like every other', async () => {
    const rows = async () =>
      Number(
        (
          (await world.server.app.get(DataSource).query('SELECT COUNT(*) n FROM sign_in_attempt')) as {
            n: string;
          }[]
        )[0]!.n,
      );
    const before = await rows();
    const client = await device();
    const known = await device();
    const answers = [];
    for (let i = 0; i < 7; i++) {
      await signIn(client, `nobody${i}@nowhere.example`, 'a wrong password');
      answers.push([
        (await signIn(client, 'nobody@nowhere.example', 'a wrong password')).body.detail,
        (await signIn(known, `head${school.classId ? `t${marks}` : ''}@test.example`, 'a wrong password'))
          .body.detail,
      ]);
    }
    for (const [nobody, somebody] of answers) expect(nobody).toBe(somebody);
    expect(answers.at(-1)![0]).toMatch(/Too many wrong tries/);
    expect((await rows()) - before).toBeLessThanOrEqual(2);
  });
});

describe('a whole year group behind one address', () => {
  test('joins at once while lessons are on; strangers are slowed; leaving never is', async () => {
    const small = await serve(world.database.url, { KIVEX_JOINS_PER_MINUTE: 4 });
    const ask = async () =>
      (await new Client(small.base).post('/api/join/names', { code: lesson.joinCode })).status;
    const statuses = [];
    for (let i = 0; i < 25; i++) statuses.push(await ask());
    // Four seats in this lesson, and those of the other lessons of these tests that run.
    expect(statuses.every((s) => s === 200)).toBe(true);
    await world.server.app.get(DataSource).query("UPDATE lesson SET state = 'marking'");
    const later = await serve(world.database.url, { KIVEX_JOINS_PER_MINUTE: 4 });
    const client = new Client(later.base);
    const slowed = [];
    for (let i = 0; i < 6; i++)
      slowed.push((await client.post('/api/join/names', { code: lesson.joinCode })).status);
    expect(slowed).toEqual([200, 200, 200, 200, 429, 429]);
    for (let i = 0; i < 8; i++) expect((await client.post('/api/join/leave')).status).toBe(204);
    await Promise.all([small.close(), later.close()]);
    expect((await move(teacher, lesson, 'running')).status).toBe(200);
  });
});
