import { beforeAll, describe, expect, test } from '@jest/globals';
import { benchSpace, type Bench, type Lesson } from '@kivex/contract';
import { io } from 'socket.io-client';
import { ownSchool } from '../testing/own-school.js';
import {
  batchFor,
  benchOf,
  Client,
  entry,
  join,
  makeLesson,
  move,
  saw,
  send,
} from '../testing/test-server.js';

/** Everything a student can fetch or is told, in every state of a lesson: what the jars hold is in none of it before release. */
const world = ownSchool();
let lesson: Lesson;
let ash: Client;
let clove: Client;
let secrets: string[];
const heard: string[] = [];

beforeAll(async () => {
  lesson = await makeLesson(world.teacher, world.school, { begin: false });
  [ash, clove] = (await Promise.all([0, 2].map((i) => join(world.server, world.school, lesson, i)))) as [
    Client,
    Client,
  ];
  const open = new Set(lesson.samples.filter((s) => s.role === 'known').map((s) => s.label));
  secrets = lesson.samples.filter((s) => s.role === 'unknown' && !open.has(s.holds)).map((s) => s.holds);
});

async function listen(client: Client): Promise<void> {
  const socket = io(world.server.base + benchSpace, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    reconnection: false,
    extraHeaders: { cookie: client.cookie },
  });
  world.sockets.push(socket);
  socket.onAny((...told) => heard.push(JSON.stringify(told)));
  await new Promise((resolve) => socket.once('ready', resolve as () => void));
}

/** Every GET route of the server, and what a student sends by POST, with ids that are there. */
async function everything(client: Client, state: string): Promise<Record<string, string>> {
  const api = (await client.get<{ paths: Record<string, Record<string, unknown>> }>('/api/openapi.json'))
    .body;
  const found: Record<string, string> = {};
  const other = lesson.groupList[1]!;
  const ids = [
    lesson.id,
    other.id,
    lesson.samples.find((s) => s.role === 'unknown')!.id,
    world.school.practical,
  ];
  for (const [path, methods] of Object.entries(api.paths)) {
    // What practicals and syllabuses look like is public; it names no jar.
    if (!methods['get'] || /schema/.test(path)) continue;
    for (const id of path.includes('{') ? ids : ['']) {
      const at = path.replace(/\{(kind|number)\}/, '1').replace(/\{[^}]+\}/g, id);
      found[`GET ${at}`] = (await client.get(at)).text;
    }
  }
  found['names'] = (await client.post('/api/join/names', { code: lesson.joinCode })).text;
  const bench = await client.get<Bench>('/api/bench');
  const sample = bench.body.samples?.find((s) => s.role === 'unknown')?.id ?? ids[2]!;
  for (const body of [
    saw(sample, 'lilac'),
    { type: 'naming', sample, answer: 'lithium', evidence: [] },
    saw(ids[2]!, 'mauve'),
  ])
    found[`log ${state} ${body.type}`] = (await send(client, [entry(body)])).text;
  found['hand-over'] = (
    await client.post('/api/bench/hand-over', {
      ...(await batchFor(client)),
      group: other.id,
      student: world.school.students[2],
      events: [entry(saw(ids[2]!, 'red'))],
    })
  ).text;
  found['forgotten'] = (
    await client.post('/api/bench/forgotten', {
      lesson: lesson.id,
      student: world.school.students[0],
      ids: [lesson.id],
    })
  ).text;
  return found;
}

describe('what a jar holds', () => {
  test('there is something to be kept secret', () => expect(secrets.length).toBeGreaterThan(2));
  test.each(['planned', 'running', 'marking'])(
    'is in nothing a student can fetch or is told while the lesson is %s',
    async (state) => {
      if (state !== 'planned') await move(world.teacher, lesson, state);
      await listen(ash);
      const found = await everything(ash, state);
      await send(clove, [entry({ type: 'call', reason: 'help' })]);
      expect(Object.keys(found).length).toBeGreaterThan(30);
      for (const [from, text] of [...Object.entries(found), ...heard.map((h) => ['wire', h] as const)]) {
        for (const secret of secrets) expect([from, text.includes(secret)]).toEqual([from, false]);
        expect([from, /"(ions|holds|difficulty|position)"/.test(text)]).toEqual([from, false]);
      }
    },
  );
  test('is in a student’s own feedback once marks are out, of their own jars, and gone when they are taken back', async () => {
    await move(world.teacher, lesson, 'released');
    const own = new Set((await benchOf(ash)).samples.map((s) => s.id));
    const mine = lesson.samples.filter((s) => s.role === 'unknown' && own.has(s.id)).map((s) => s.holds);
    const theirs = secrets.filter((holds) => !mine.includes(holds));
    const found = await everything(ash, 'released');
    for (const [from, text] of Object.entries(found)) {
      for (const holds of theirs) expect([from, text.includes(holds)]).toEqual([from, false]);
      if (!from.endsWith('/api/bench/feedback'))
        for (const secret of secrets) expect([from, text.includes(secret)]).toEqual([from, false]);
    }
    expect(mine.every((holds) => found['GET /api/bench/feedback']!.includes(holds))).toBe(true);
    await move(world.teacher, lesson, 'marking');
    expect((await ash.get('/api/bench/feedback')).text).not.toMatch(
      new RegExp(mine.join('|').replace(/[()]/g, '.')),
    );
  });
});
