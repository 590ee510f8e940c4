import { describe, expect, jest, test } from '@jest/globals';
import type { AuditEntry, Feedback, HeldEntries, Lesson, MarkTable } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { MarkKeepingService } from '../../marking/mark-keeping.service.js';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, entry, join, makeLesson, move, saw, send, serve } from '../../testing/test-server.js';

const world = ownLesson('ash');

const held = async () => (await world.teacher.get<HeldEntries>(`/api/lessons/${world.lesson.id}/held`)).body;
const pointsOf = async () =>
  (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body.rows.find(
    (r) => r.student.name === 'Ash Tern',
  )!.points;
const take = (ids: string[]) => world.teacher.post(`/api/lessons/${world.lesson.id}/held/take`, { ids });
const hoursAgo = (n: number) => new Date(Date.now() - n * 3_600_000).toISOString();

describe('entries that come after the end', () => {
  test('are kept apart, marked only once the teacher takes them in, and the student is told', async () => {
    await move(world.teacher, world.lesson, 'marking');
    const late = { ...entry(saw(world.known, 'crimson')), at: hoursAgo(1) };
    expect((await send(world.ash, [late])).body).toMatchObject({ accepted: [], held: [late.id] });
    expect((await send(world.ash, [late])).body.held).toEqual([late.id]);
    expect(await pointsOf()).toBe(0);
    expect((await benchOf(world.ash)).held.map((e) => e.id)).toEqual([late.id]);
    expect((await held()).entries).toMatchObject([{ id: late.id, reason: 'came-late', broughtBy: null }]);
    await take([late.id]);
    expect(await pointsOf()).toBe(1);
  });
  test('say whether they were made after it too, by the server’s clock whatever the device’s says', async () => {
    await move(world.teacher, world.lesson, 'marking');
    const clock = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString();
    const made = entry(saw(world.known, 'crimson'));
    await send(world.ash, [{ ...made, at: clock(-1) }], { sent: clock(-1) });
    expect((await held()).entries[0]!.reason).toBe('made-late');
    const before = {
      ...entry(saw(world.known, 'red')),
      at: new Date(Date.now() + 86_400_000 - 3_600_000).toISOString(),
    };
    await send(world.ash, [before], { sent: clock(1) });
    expect((await held()).entries.find((e) => e.id === before.id)!.reason).toBe('came-late');
  });
  test('the log that was taken before the end is there again when it is sent again', async () => {
    const one = entry(saw(world.known, 'crimson'));
    await send(world.ash, [one]);
    await move(world.teacher, world.lesson, 'marking');
    expect((await send(world.ash, [one])).body).toMatchObject({ accepted: [one.id], held: [] });
  });
  test('a lesson taken up again takes entries as before', async () => {
    await move(world.teacher, world.lesson, 'marking');
    await move(world.teacher, world.lesson, 'running');
    const one = entry(saw(world.known, 'crimson'));
    expect((await send(world.ash, [one])).body.accepted).toEqual([one.id]);
  });
});

describe('once marks were given out', () => {
  test('nothing more is logged, taken in or earned, though they are taken back and amended', async () => {
    await move(world.teacher, world.lesson, 'marking');
    const early = entry(saw(world.known, 'crimson'));
    await send(world.ash, [early]);
    await move(world.teacher, world.lesson, 'released');
    const truth = (await world.ash.get<Feedback>('/api/bench/feedback')).body.truths;
    expect(truth.length).toBeGreaterThan(0);
    const before = await pointsOf();
    await move(world.teacher, world.lesson, 'marking');
    const after = entry(saw(world.known, 'crimson'));
    expect((await send(world.ash, [after])).body).toMatchObject({
      accepted: [],
      held: [],
      refused: [{ id: after.id, detail: expect.stringMatching(/Marks are out/) }],
    });
    // What was kept apart before the release stays known to the device, and out of the marks.
    expect((await send(world.ash, [early])).body.held).toEqual([early.id]);
    expect((await held()).canBeTaken).toBe(false);
    expect((await take([early.id])).status).toBe(409);
    expect((await move(world.teacher, world.lesson, 'running')).status).toBe(409);
    await move(world.teacher, world.lesson, 'released');
    expect(await pointsOf()).toBe(before);
  });
});

describe('a change of state and its marks', () => {
  test('are one: when the marks cannot be kept, the lesson has not ended', async () => {
    const keepAll = jest
      .spyOn(world.server.app.get(MarkKeepingService), 'keepAll')
      .mockRejectedValueOnce(new Error('the disk is full'));
    expect((await move(world.teacher, world.lesson, 'marking')).status).toBe(500);
    keepAll.mockRestore();
    expect((await world.teacher.get<Lesson>(`/api/lessons/${world.lesson.id}`)).body.state).toBe('running');
    const one = entry(saw(world.known, 'crimson'));
    expect((await send(world.ash, [one])).body.accepted).toEqual([one.id]);
    expect((await move(world.teacher, world.lesson, 'marking')).status).toBe(200);
    expect(await pointsOf()).toBe(1);
  });
  test('what was logged while the marks were worked out is in them', async () => {
    const marks = world.server.app.get(MarkKeepingService);
    const draftAll = marks.draftAll.bind(marks);
    const spy = jest.spyOn(marks, 'draftAll').mockImplementationOnce(async (of) => {
      const drafts = await draftAll(of);
      await send(world.ash, [entry(saw(world.known, 'crimson'))]);
      return drafts;
    });
    await move(world.teacher, world.lesson, 'marking');
    spy.mockRestore();
    expect(await pointsOf()).toBe(1);
  });
  test('two who press at once do it once', async () => {
    const replies = await Promise.all([1, 2, 3].map(() => move(world.teacher, world.lesson, 'marking')));
    expect(replies.map((r) => r.status)).toEqual([200, 200, 200]);
    const head = await world.school.signIn('head');
    const trail = (await head.get<AuditEntry[]>('/api/audit?limit=5')).body;
    expect(
      trail.filter((e) => e.action === 'lesson-state' && e.about.endsWith('marking')).length,
    ).toBeLessThan(3);
  });
});

describe('marks', () => {
  test('are up to date when they are read, though the process that took the work was another', async () => {
    const other = await serve(world.database.url);
    const student = await join(other, world.school, world.lesson, 1);
    await send(student, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
    await other.close();
    expect(rows.find((r) => r.student.name === 'Birch Sole')!.points).toBe(1);
  });
});

describe('one damaged row', () => {
  test('is left out and reported; board, marks, CSV, bench and the end go on without it', async () => {
    const good = entry(saw(world.known, 'crimson'));
    await send(world.ash, [good, entry({ type: 'hand-in' }), entry(saw(world.known, 'red'))]);
    const db = world.server.app.get(DataSource);
    const [, , bad] = await db.query<{ seq: number }[]>(
      'SELECT seq FROM lesson_event WHERE lessonId = ? ORDER BY seq',
      [world.lesson.id],
    );
    await db.query('UPDATE lesson_event SET body = \'{"type":"observation"\' WHERE seq = ?', [bad!.seq]);
    // What an older version let in: a moment no calendar has.
    await db.query("UPDATE lesson_event SET at = '0000-00-00' WHERE id = ?", [good.id]);
    const board = await world.teacher.get<{ events: { id: string }[]; unreadable: number[] }>(
      `/api/lessons/${world.lesson.id}/board`,
    );
    expect(board.body.unreadable).toEqual([Number(bad!.seq)]);
    expect(board.body.events.map((e) => e.id)).toContain(good.id);
    expect((await benchOf(world.ash)).events.map((e) => e.id)).toContain(good.id);
    expect(await pointsOf()).toBe(1);
    expect((await world.teacher.get(`/api/lessons/${world.lesson.id}/marks/sheet/csv`)).status).toBe(200);
    expect((await move(world.teacher, world.lesson, 'marking')).status).toBe(200);
    expect((await move(world.teacher, world.lesson, 'released')).status).toBe(200);
    expect((await world.ash.get<Feedback>('/api/bench/feedback')).body.points).toBe(1);
  });
  test.each([
    '2026-W48',
    '2026-330',
    '2026-11-25',
    '0000-00-00T00:00:00Z',
    '2026-02-31T10:00:00Z',
    'yesterday',
    '',
  ])('an entry dated %s does not get in', async (at) => {
    const one = { ...entry(saw(world.known, 'crimson')), at };
    const good = entry(saw(world.known, 'crimson'));
    const { body } = await send(world.ash, [one, good]);
    expect(body.refused).toMatchObject([{ id: one.id, detail: expect.stringMatching(/written 2026-/) }]);
    expect(body.accepted).toEqual([good.id]);
  });
  test.each(['2026-W48', '2026-11-25', '1999-01-01T00:00:00Z', '12026-01-01T00:00:00Z'])(
    'a lesson is not planned for %s',
    async (startsAt) => {
      const planned = await makeLesson(world.teacher, world.school, { begin: false });
      const reply = await world.teacher.send('PATCH', `/api/lessons/${planned.id}`, {
        startsAt,
        room: 'Lab 1',
      });
      expect(reply.status).toBe(422);
    },
  );
});
