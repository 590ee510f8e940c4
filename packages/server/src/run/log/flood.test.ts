import { beforeEach, describe, expect, test } from '@jest/globals';
import type { BoardLog, MarkTable, WireEvent } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, entry, join, saw, send } from '../../testing/test-server.js';
import { mostOfSession, mostOfStudent } from './entry-limits.js';

const world = ownLesson('ash');

const many = (n: number, colour = 'yellow') =>
  Array.from({ length: n }, () => entry(saw(world.known, colour)));
const board = async () => (await world.teacher.get<BoardLog>(`/api/lessons/${world.lesson.id}/board`)).body;
/** Rows put straight into the log, as a flood of an older version left them. */
async function flooded(n: number, group: string, student: string): Promise<void> {
  const db = world.server.app.get(DataSource);
  const at = new Date(Date.now() - 600_000);
  const body = JSON.stringify(saw(world.known, 'yellow'));
  for (let done = 0; done < n; done += 1000)
    await db.query(
      `INSERT INTO lesson_event (id, lessonId, groupId, studentId, at, receivedAt, type, body) VALUES ${Array.from(
        { length: 1000 },
        () => '(?, ?, ?, ?, ?, ?, "observation", ?)',
      ).join()}`,
      Array.from({ length: 1000 }, () => [uuidv7(), world.lesson.id, group, student, at, at, body]).flat(),
    );
}

describe('one student who logs without end', () => {
  test('is stopped with a sentence and told when to go on; others log as before', async () => {
    let taken = 0;
    let stopped;
    for (let i = 0; i * 150 <= mostOfSession && !stopped; i++) {
      const reply = await send(world.ash, many(150));
      if (reply.status === 429) stopped = reply;
      else taken += reply.body.accepted.length;
    }
    expect(taken).toBeLessThanOrEqual(mostOfSession);
    expect(stopped!.body.detail).toMatch(/kept on the device and goes up by itself in \d+ seconds/);
    expect(Number(stopped!.headers.get('retry-after'))).toBeGreaterThan(0);
    const clove = await join(world.server, world.school, world.lesson, 2);
    const theirs = entry(saw(world.known, 'crimson'));
    expect((await send(clove, [theirs])).body.accepted).toEqual([theirs.id]);
    expect((await board()).events.map((e) => e.id)).toContain(theirs.id);
  });
  test('has so many entries in a lesson and no more, counted over all sessions', async () => {
    await flooded(mostOfStudent, world.lesson.groupList[0]!.id, world.school.students[0]!);
    const again = await join(world.server, world.school, world.lesson, 0);
    const reply = await send(again, many(2));
    expect(reply.body.accepted).toEqual([]);
    expect(reply.body.refused[0]!.detail).toMatch(/more than a lesson can hold/);
    expect(
      (await send(await join(world.server, world.school, world.lesson, 1), many(1))).body.accepted,
    ).toHaveLength(1);
  });
});

describe('a log that has grown long', () => {
  beforeEach(async () => {
    await flooded(22_000, world.lesson.groupList[0]!.id, world.school.students[0]!);
  });
  test('hides nobody’s entries, and a board’s first look does not grow with it', async () => {
    const clove = await join(world.server, world.school, world.lesson, 2);
    const theirs = entry(saw(world.known, 'crimson'));
    const birch = await join(world.server, world.school, world.lesson, 1);
    const last = entry(saw(world.known, 'crimson'));
    await send(clove, [theirs, entry({ type: 'hand-in' })]);
    await send(birch, [last, entry({ type: 'hand-in' })]);
    const first = await board();
    const ids = first.events.map((e) => e.id);
    expect(ids).toContain(theirs.id);
    expect(ids).toContain(last.id);
    expect(first.events.length).toBeLessThan(60);
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
    expect(rows.find((r) => r.student.name === 'Clove Ling')!.points).toBe(1);
    expect(rows.find((r) => r.student.name === 'Birch Sole')!.points).toBe(1);
    expect((await benchOf(birch)).events.map((e) => e.id)).toContain(last.id);
    expect((await benchOf(birch)).events.length).toBeLessThan(200);
    // The second look starts from where the first one left off.
    const db = world.server.app.get(DataSource);
    const [{ seq }] = (await db.query('SELECT seq FROM log_snapshot WHERE groupId = ?', [
      world.lesson.groupList[0]!.id,
    ])) as [{ seq: string }];
    expect(Number(seq)).toBeGreaterThan(20_000);
    expect((await board()).events).toEqual(first.events);
  });
  test('is read in pages that say where they go on, to its very end', async () => {
    const ids = new Set<string>();
    let path: string | undefined = `/api/lessons/${world.lesson.id}/events`;
    let pages = 0;
    while (path) {
      const page: Awaited<ReturnType<typeof world.teacher.get<WireEvent[]>>> =
        await world.teacher.get<WireEvent[]>(path);
      for (const event of page.body) ids.add(event.id);
      pages++;
      path = /<([^>]+)>; rel="next"/.exec(page.headers.get('link') ?? '')?.[1];
    }
    expect(ids.size).toBe(22_000);
    expect(pages).toBeGreaterThan(10);
    expect((await world.teacher.get(`/api/lessons/${world.lesson.id}/events?after=x`)).status).toBe(400);
    expect((await world.teacher.get(`/api/lessons/${world.lesson.id}/events?limit=0`)).status).toBe(400);
  });
});

describe('entries that come together', () => {
  test('from many devices at once are each kept once, in the order of their device', async () => {
    const students = await Promise.all(
      [0, 1, 2, 3].map((i) => join(world.server, world.school, world.lesson, i)),
    );
    const sent = students.map(() => Array.from({ length: 40 }, () => entry(saw(world.known, 'red'))));
    await Promise.all(
      students.map(async (student, s) => {
        for (let n = 0; n < 40; n += 4)
          await Promise.all([
            send(student, sent[s]!.slice(n, n + 4)),
            // The same again, as after an answer that got lost.
            send(student, sent[s]!.slice(n, n + 2)),
          ]);
      }),
    );
    const log = (await world.teacher.get<WireEvent[]>(`/api/lessons/${world.lesson.id}/events`)).body;
    expect(log).toHaveLength(160);
    for (const [s, own] of sent.entries()) {
      const mine = log.filter((e) => e.by === world.school.students[s]);
      expect(mine.map((e) => e.id).sort()).toEqual(own.map((e) => e.id).sort());
    }
  });
});
