/** A real server on a database of its own, for tests; and people of a small school to call it with. */
import 'reflect-metadata';
import type { Bench, EntryBatch, EventsReceipt, Lesson, Problem } from '@kivex/contract';
import { flameColoursOfUnlabelledJars } from '@kivex/core';
import type { INestApplication } from '@nestjs/common';
import { createConnection } from 'mysql2/promise';
import type { AddressInfo } from 'node:net';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { SecretsService } from '../access/secrets.service.js';
import { readConfig, type Config } from '../config/config.js';
import { School, SchoolClass, Staff, Student } from '../records/people.entities.js';
import { PracticalsService } from '../practicals/practicals.service.js';
import { buildServer } from '../server.js';

const admin = (): string => {
  const url = process.env['KIVEX_TEST_DATABASE_URL'];
  if (!url)
    throw new Error(
      'Run the tests with npm test: it starts a database for them (KIVEX_TEST_DATABASE_URL is not set).',
    );
  return url;
};

/** Makes an empty database; `drop` takes it away again. */
export async function freshDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `kivex_test_${uuidv7().replaceAll('-', '')}`;
  const run = async (sql: string) => {
    const connection = await createConnection(admin().replace(/^mariadb:/, 'mysql:'));
    await connection.query(sql);
    await connection.end();
  };
  await run(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  return { url: admin().replace(/\/[^/]*$/, `/${name}`), drop: () => run(`DROP DATABASE ${name}`) };
}

export interface Reply<T = Record<string, unknown>> {
  readonly status: number;
  readonly body: T;
  readonly text: string;
  readonly headers: Headers;
}
/** A browser of its own: keeps its cookies. */
export class Client {
  private readonly cookies = new Map<string, string>();
  constructor(readonly base: string) {}
  get cookie(): string {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }
  async send<T = Record<string, unknown>>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = { 'x-kivex': '1' },
  ): Promise<Reply<T>> {
    const response = await fetch(this.base + path, {
      method,
      headers: {
        ...headers,
        cookie: this.cookie,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    for (const set of response.headers.getSetCookie()) {
      const [pair] = set.split(';');
      const [name, value] = pair!.split('=') as [string, string];
      if (value) this.cookies.set(name, value);
      else this.cookies.delete(name);
    }
    const text = await response.text();
    const json = /\bjson/.test(response.headers.get('content-type') ?? '');
    return {
      status: response.status,
      body: (json && text ? JSON.parse(text) : {}) as T,
      text,
      headers: response.headers,
    };
  }
  get = <T = Record<string, unknown>>(path: string) => this.send<T>('GET', path);
  post = <T = Record<string, unknown>>(path: string, body?: unknown) =>
    this.send<T>('POST', path, body ?? {});
}

export const testSettings = (url: string): Config =>
  readConfig({
    KIVEX_DATABASE_URL: url,
    KIVEX_PORT: '0',
    KIVEX_HASH_ROUNDS: '1',
    KIVEX_LOG: 'silent',
    KIVEX_JOINS_PER_MINUTE: '10000',
    KIVEX_SET_UP_CODE: '12345678',
  });

export interface TestServer {
  readonly app: INestApplication;
  readonly base: string;
  readonly client: () => Client;
  readonly close: () => Promise<void>;
}

/** Starts a server on a database that is there already. */
export async function serve(url: string, change: Partial<Config> = {}): Promise<TestServer> {
  const app = await buildServer(Object.assign(testSettings(url), change));
  await app.listen(0, '127.0.0.1');
  const base = `http://127.0.0.1:${(app.getHttpServer().address() as AddressInfo).port}`;
  return { app, base, client: () => new Client(base), close: () => app.close() };
}

export const password = 'a long enough password';
export const pins = ['1357', '2468', '3579', '4680'] as const;
export const studentNames = ['Ash Tern', 'Birch Sole', 'Clove Ling', 'Dill Pike'] as const;

export interface TestSchool {
  readonly schoolId: string;
  readonly practical: string;
  readonly classId: string;
  readonly students: readonly string[];
  readonly signIn: (role: 'teacher' | 'technician' | 'head') => Promise<Client>;
}

/** A school with one person of each role and a class of four with PINs. */
export async function makeSchool(server: TestServer, mark = ''): Promise<TestSchool> {
  const source = server.app.get(DataSource);
  const secrets = server.app.get(SecretsService);
  const schoolId = uuidv7();
  await source.getRepository(School).insert({ id: schoolId, name: `Test School ${mark}` });
  const passwordHash = await secrets.hash(password);
  for (const role of ['teacher', 'technician', 'head'] as const) {
    await source.getRepository(Staff).insert({
      id: uuidv7(),
      schoolId,
      name: `The ${role}`,
      email: `${role}${mark}@test.example`,
      role,
      passwordHash,
    });
  }
  const classId = uuidv7();
  await source.getRepository(SchoolClass).insert({ id: classId, schoolId, name: `Class ${mark}` });
  const students = [];
  for (const [i, name] of studentNames.entries()) {
    const id = uuidv7();
    students.push(id);
    await source
      .getRepository(Student)
      .insert({ id, classId, name, pinHash: await secrets.hash(pins[i]!), leftAt: null });
  }
  return {
    schoolId,
    classId,
    students,
    practical: await server.app.get(PracticalsService).add(schoolId, flameColoursOfUnlabelledJars),
    signIn: async (role) => {
      const client = server.client();
      const reply = await client.post('/api/staff/sign-in', {
        email: `${role}${mark}@test.example`,
        password,
      });
      if (reply.status !== 200) throw new Error(`sign-in failed: ${reply.text}`);
      return client;
    },
  };
}

const benches = new WeakMap<Client, Omit<EntryBatch, 'events'>>();

/** A lesson of two groups side by side: the first two students, the last two. */
export async function makeLesson(
  teacher: Client,
  school: TestSchool,
  { begin = true } = {},
): Promise<Lesson> {
  const made = await teacher.post<Lesson>('/api/lessons', {
    practical: school.practical,
    class: school.classId,
    startsAt: '2026-05-04T09:00:00.000Z',
    room: 'Lab 9',
    groups: [
      { row: 0, column: 0, students: school.students.slice(0, 2) },
      { row: 0, column: 1, students: school.students.slice(2) },
    ],
  });
  if (made.status !== 201) throw new Error(made.text);
  if (begin) await teacher.send('PUT', `/api/lessons/${made.body.id}/state`, { state: 'running' });
  return made.body;
}

/** Joins a student to a lesson, on a device of their own where none is given. */
export async function join(
  server: TestServer,
  school: TestSchool,
  lesson: Pick<Lesson, 'joinCode'>,
  student: number,
  client = server.client(),
): Promise<Client> {
  const reply = await client.post('/api/join', {
    code: lesson.joinCode,
    student: school.students[student],
    pin: pins[student],
  });
  if (reply.status !== 204) throw new Error(reply.text);
  if (!benches.has(client)) await batchFor(client);
  return client;
}

export const benchOf = async (student: Client): Promise<Bench> =>
  (await student.get<Bench>('/api/bench')).body;

/** Moves a lesson on. */
export const move = (
  teacher: Client,
  lesson: Pick<Lesson, 'id'>,
  state: string,
): Promise<Reply<Problem & Lesson>> => teacher.send('PUT', `/api/lessons/${lesson.id}/state`, { state });

/** Sends entries as the student's own device does: with whose they are, as the bench last said. */
export async function send(
  student: Client,
  events: readonly unknown[],
  change: Partial<EntryBatch> = {},
): Promise<Reply<EventsReceipt & Problem>> {
  return student.post('/api/bench/events', { ...(await batchFor(student)), events, ...change });
}
/** What goes with every entry of a student. */
export async function batchFor(student: Client): Promise<Omit<EntryBatch, 'events'>> {
  const { status, body } = await student.get<Bench>('/api/bench');
  if (status === 200)
    benches.set(student, {
      lesson: body.lesson.id,
      group: body.group.id,
      student: body.me.id,
      sent: new Date().toISOString(),
    });
  const known = benches.get(student);
  if (!known) throw new Error('this student has never been at a bench');
  return known;
}
/** An entry as a device makes it. */
export const entry = (body: object, id = uuidv7()) => ({ id, at: new Date().toISOString(), body });
export const saw = (sample: string, colour: string, more: object = {}) => ({
  type: 'observation',
  sample,
  test: 'flame',
  variant: 'wire',
  seen: { colour },
  ...more,
});
