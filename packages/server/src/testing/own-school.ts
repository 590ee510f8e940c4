/** What most test files begin with: a server on a database of its own, a school in it, and lessons made anew. */
import { afterAll, beforeAll, beforeEach } from '@jest/globals';
import type { Lesson } from '@kivex/contract';
import type { Socket } from 'socket.io-client';
import type { Config } from '../config/config.js';
import {
  benchOf,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  serve,
  type Client,
  type TestSchool,
  type TestServer,
} from './test-server.js';

export interface OwnServer {
  readonly server: TestServer;
  readonly database: Awaited<ReturnType<typeof freshDatabase>>;
  /** Sockets a test has opened: put here, they are let go before the server is closed. */
  readonly sockets: Socket[];
}
/** A server of the file's own, there from the first test to the last. To be called at the top of the file. */
export function ownServer(change: Partial<Config> = {}): OwnServer {
  const at = { sockets: [] as Socket[] } as { -readonly [K in keyof OwnServer]: OwnServer[K] };
  beforeAll(async () => {
    at.database = await freshDatabase();
    at.server = await serve(at.database.url, change);
  });
  afterAll(async () => {
    at.sockets.forEach((socket) => socket.disconnect());
    await at.server.close();
    await at.database.drop();
  });
  return at;
}

export interface OwnSchool extends OwnServer {
  readonly school: TestSchool;
  readonly teacher: Client;
}
/** A server with a school, its teacher signed in. */
export function ownSchool(change: Partial<Config> = {}): OwnSchool {
  const at = ownServer(change) as { -readonly [K in keyof OwnSchool]: OwnSchool[K] };
  beforeAll(async () => {
    at.school = await makeSchool(at.server);
    at.teacher = await at.school.signIn('teacher');
  });
  return at;
}

/** Those who may join: Ash and Birch share group 1, Clove is in group 2. */
const places = { ash: 0, birch: 1, clove: 2 } as const;
export type Joiner = keyof typeof places;
export type OwnLesson<Who extends Joiner> = OwnSchool & {
  readonly lesson: Lesson;
  /** Id of the known jar of lithium chloride, which every group has. */
  readonly known: string;
} & Readonly<Record<Who, Client>>;

/** A school whose lesson is begun anew before each test, with these students at their benches. */
export function ownLesson<Who extends Joiner>(first: Who, ...more: Who[]): OwnLesson<Who> {
  const at = ownSchool() as OwnLesson<Who>;
  beforeEach(async () => {
    const lesson = await makeLesson(at.teacher, at.school);
    const all = [first, ...more];
    const clients = await Promise.all(all.map((who) => join(at.server, at.school, lesson, places[who])));
    const { samples } = await benchOf(clients[0]!);
    Object.assign(at, { lesson, known: samples.find((s) => s.label === 'lithium chloride')!.id });
    all.forEach((who, i) => Object.assign(at, { [who]: clients[i] }));
  });
  return at;
}
