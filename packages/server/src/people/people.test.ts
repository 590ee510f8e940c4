import { shippedPracticals } from '@kivex/core';
import { beforeAll, describe, expect, test } from '@jest/globals';
import type { ClassHead, ClassRoster, Problem, RosterPreview } from '@kivex/contract';
import { ownServer } from '../testing/own-school.js';
import { Client, makeSchool, password, type TestSchool } from '../testing/test-server.js';

const world = ownServer();

describe('the first school', () => {
  const wanted = {
    school: 'Tarn Light School',
    name: 'Ivo Beck',
    email: 'Ivo@tarn.example',
    password,
    setUpCode: '12345678',
  };
  test('is made once, by whoever has the set-up code, and its first person can sign in', async () => {
    const client = world.server.client();
    expect((await client.get('/api/first-school')).body).toEqual({ empty: true });
    expect(
      (await client.post<Problem>('/api/first-school', { ...wanted, setUpCode: '1' })).body.errors?.[0]
        ?.field,
    ).toBe('setUpCode');
    expect(
      (await client.post<Problem>('/api/first-school', { ...wanted, password: 'short' })).body.errors?.[0],
    ).toMatchObject({ field: 'password' });
    expect((await client.post('/api/first-school', wanted)).status).toBe(204);
    expect((await client.post('/api/first-school', wanted)).status).toBe(409);
    expect(
      (await client.post('/api/staff/sign-in', { email: 'ivo@tarn.example', password })).body,
    ).toMatchObject({ role: 'head', school: 'Tarn Light School' });
    expect((await client.get<unknown[]>('/api/practicals')).body).toHaveLength(shippedPracticals.length);
  });
});

describe('staff', () => {
  test('a wrong password and an unknown address get the same answer', async () => {
    const school = await makeSchool(world.server, 's');
    await school.signIn('teacher');
    const ask = (email: string) =>
      world.server.client().post<Problem>('/api/staff/sign-in', { email, password: 'wrong password' });
    expect((await ask('teachers@test.example')).body).toEqual((await ask('nobody@test.example')).body);
  });
  test('the head adds a teacher, who changes the password', async () => {
    const head = await (await makeSchool(world.server, 'h')).signIn('head');
    const person = { name: 'Wil Sand', email: 'wil@test.example', password, role: 'teacher' };
    expect((await head.post('/api/people/staff', person)).status).toBe(201);
    expect((await head.post<Problem>('/api/people/staff', person)).body.errors?.[0]?.field).toBe('email');
    const wil = world.server.client();
    await wil.post('/api/staff/sign-in', { email: person.email, password });
    expect(
      (await wil.post<Problem>('/api/staff/password', { current: 'nonsense', next: 'another good one' })).body
        .errors?.[0]?.field,
    ).toBe('current');
    expect(
      (await wil.post('/api/staff/password', { current: password, next: 'another good one' })).status,
    ).toBe(204);
    expect(
      (
        await world.server
          .client()
          .post('/api/staff/sign-in', { email: person.email, password: 'another good one' })
      ).status,
    ).toBe(200);
  });
});

describe('a class and its roster', () => {
  let school: TestSchool;
  let teacher: Client;
  let made: ClassHead;
  beforeAll(async () => {
    school = await makeSchool(world.server, 'r');
    teacher = await school.signIn('teacher');
    made = (await teacher.post<ClassHead>('/api/classes', { name: ' 9 Lamp ' })).body;
  });
  test('a class is named once', async () => {
    expect(made.name).toBe('9 Lamp');
    expect((await teacher.post<Problem>('/api/classes', { name: '9 Lamp' })).body.errors?.[0]?.field).toBe(
      'name',
    );
  });
  test('names are looked over before they are taken, and taken all or none', async () => {
    const preview = (
      await teacher.post<RosterPreview>(`/api/classes/${made.id}/roster/preview`, {
        text: 'Name\nEbb Tide\n\nEbb Tide\n',
      })
    ).body;
    expect(preview.rows.map((r) => [r.line, r.problem === null])).toEqual([
      [2, true],
      [4, false],
    ]);
    expect(
      (await teacher.post<Problem>(`/api/classes/${made.id}/roster`, { text: 'Ebb Tide\nEbb Tide' })).body
        .detail,
    ).toMatch(/Line 2/);
    expect((await teacher.get<ClassRoster>(`/api/classes/${made.id}`)).body.students).toEqual([]);
    expect(
      (
        await teacher.post<ClassRoster>(`/api/classes/${made.id}/roster`, { text: 'Ebb Tide\nNeap Flow' })
      ).body.students.map((s) => s.name),
    ).toEqual(['Ebb Tide', 'Neap Flow']);
  });
  test('one who leaves and comes back is the same person', async () => {
    const [student] = (await teacher.get<ClassRoster>(`/api/classes/${made.id}`)).body.students;
    await teacher.send('DELETE', `/api/students/${student!.id}`);
    const back = (await teacher.post<ClassRoster>(`/api/classes/${made.id}/roster`, { text: 'Ebb Tide' }))
      .body.students;
    expect(back.find((s) => s.name === 'Ebb Tide')!.id).toBe(student!.id);
  });
  test('a student of another school cannot be touched', async () => {
    const stranger = await (await makeSchool(world.server, 'x')).signIn('teacher');
    expect((await stranger.send('DELETE', `/api/students/${school.students[0]}`)).status).toBe(404);
    expect(
      (await stranger.send('PATCH', `/api/students/${school.students[0]}`, { name: 'Mine' })).status,
    ).toBe(404);
  });
  test('a body that is not JSON, an unknown field and a monstrous body are told apart in sentences', async () => {
    expect((await teacher.send<Problem>('POST', '/api/classes', '{')).body.detail).toMatch(/not valid JSON/);
    expect((await teacher.post<Problem>('/api/classes', { name: 'ok', owner: 1 })).body.detail).toMatch(
      /owner is not known here/,
    );
    expect((await teacher.post<Problem>('/api/classes', { name: 'x'.repeat(300_000) })).body.status).toBe(
      413,
    );
  });
});
