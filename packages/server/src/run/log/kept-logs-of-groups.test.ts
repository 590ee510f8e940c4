import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { DataSource } from 'typeorm';
import {
  benchOf,
  entry,
  freshDatabase,
  join,
  makeLesson,
  makeSchool,
  saw,
  send,
  serve,
  type Client,
  type TestServer,
} from '../../testing/test-server.js';
import { LessonLogService } from './lesson-log.service.js';

let database: Awaited<ReturnType<typeof freshDatabase>>;
let server: TestServer;
let source: DataSource;
let log: LessonLogService;
let ash: Client;
let group: string;
let sample: string;
beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  source = server.app.get(DataSource);
  log = server.app.get(LessonLogService);
  const school = await makeSchool(server);
  const lesson = await makeLesson(await school.signIn('teacher'), school);
  ash = await join(server, school, lesson, 0);
  sample = (await benchOf(ash)).samples[0]!.id;
  const [row] = await source.query<{ id: string }[]>(
    'SELECT s.groupId AS id FROM lesson_seat s WHERE s.studentId = ?',
    [school.students[0]],
  );
  group = row!.id;
});
afterAll(async () => {
  await server.close();
  await database.drop();
});
const words = async () =>
  (await log.ofGroup(group)).map(({ body }) => (body.type === 'observation' ? body.words : body.type));

describe('the whole log of a group', () => {
  beforeEach(async () => {
    await source.query('DELETE FROM lesson_event WHERE groupId = ?', [group]);
    await send(
      ash,
      ['one', 'two'].map((w) => entry(saw(sample, 'red', { words: w }))),
    );
  });
  test('unchanged it is not read again, and what one does with it is nobody else’s', async () => {
    const first = await log.ofGroup(group);
    const again = await log.ofGroup(group);
    expect(again[0]).toBe(first[0]);
    again.pop();
    expect(await log.ofGroup(group)).toHaveLength(2);
  });
  test('one logged since is in it', async () => {
    await words();
    await send(ash, [entry(saw(sample, 'red', { words: 'three' }))]);
    expect(await words()).toEqual(['one', 'two', 'three']);
  });
  test('words that were changed, as when a class is made nameless, are the changed ones at once', async () => {
    await words();
    await source.query("UPDATE lesson_event SET body = REPLACE(body, 'two', 'TWO') WHERE groupId = ?", [
      group,
    ]);
    expect(await words()).toEqual(['one', 'TWO']);
  });
  test('one committed late stands in its place, and one taken away is gone', async () => {
    const [, second] = await log.ofGroup(group);
    await source.query('UPDATE lesson_event SET seq = seq + 100 WHERE seq = ?', [second!.seq]);
    const [row] = await source.query<Record<string, unknown>[]>('SELECT * FROM lesson_event WHERE seq = ?', [
      second!.seq + 100,
    ]);
    await words();
    const late = { ...row, seq: second!.seq, id: '01a00000-0000-7000-8000-000000000001' };
    await source.query(
      `INSERT INTO lesson_event (${Object.keys(late).join()}) VALUES (${Object.keys(late)
        .map(() => '?')
        .join()})`,
      [...Object.values(late)],
    );
    expect((await log.ofGroup(group)).map((e) => e.seq)).toEqual([
      second!.seq - 1,
      second!.seq,
      second!.seq + 100,
    ]);
    await source.query('DELETE FROM lesson_event WHERE seq = ?', [second!.seq]);
    expect(await words()).toEqual(['one', 'two']);
  });
});

describe('what a board begins with', () => {
  beforeEach(async () => {
    await source.query('DELETE FROM lesson_event WHERE groupId = ?', [group]);
    await send(ash, [entry(saw(sample, 'red', { words: 'one' }))]);
  });
  const onBoard = async () =>
    (await log.forBoard([group])).events.map(({ body }) =>
      body.type === 'observation' ? body.words : body.type,
    );
  test('unchanged it is not read again; one logged since, and words changed, are there at once', async () => {
    const first = await log.forBoard([group]);
    expect((await log.forBoard([group])).events[0]).toBe(first.events[0]);
    await send(ash, [entry(saw(sample, 'red', { words: 'two' }))]);
    expect(await onBoard()).toEqual(['one', 'two']);
    await source.query("UPDATE lesson_event SET body = REPLACE(body, 'two', 'TWO') WHERE groupId = ?", [
      group,
    ]);
    expect(await onBoard()).toEqual(['one', 'TWO']);
  });
  test('a group nobody has logged in is empty, alone and among others', async () => {
    const nobody = '01a00000-0000-7000-8000-0000000000aa';
    expect(await log.forBoard([nobody])).toEqual({ events: [], unreadable: [] });
    expect((await log.forBoard([nobody, group])).events).toHaveLength(1);
    const logs: number[] = [];
    for await (const own of log.ofGroups([nobody, group])) logs.push(own.length);
    expect(logs).toEqual([0, 1]);
  });
});
