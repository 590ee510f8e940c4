/** Marks given out: to all, to a group, to one; kept as they were; taken back; nothing of anybody else's with them. */
import { describe, expect, jest, test } from '@jest/globals';
import type { Bench, Feedback, MarkTable } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { LiveService } from '../run/live/live.service.js';
import { ownLesson } from '../testing/own-school.js';
import { entry, move, saw, send, type Client } from '../testing/test-server.js';

const world = ownLesson('ash', 'birch', 'clove');
const at = (path: string) => `/api/lessons/${world.lesson.id}/marks${path}`;
const table = async () => (await world.teacher.get<MarkTable>(at(''))).body;
const rowOf = async (name: string) => (await table()).rows.find((row) => row.student.name === name)!;
const feedbackOf = async (who: Client) => (await who.get<Feedback>('/api/bench/feedback')).body;
const give = async (...names: string[]) => change('release', names);
const takeBack = async (...names: string[]) => change('withdraw', names);
async function change(way: 'release' | 'withdraw', names: readonly string[]) {
  const { rows } = await table();
  const students = names.map((name) => rows.find((r) => r.student.name === name)!.student.id);
  return world.teacher.post<{ students: number }>(at(`/${way}`), { students });
}
/** Ash and Clove have seen it right and handed in, and the lesson is over. */
async function over() {
  for (const who of [world.ash, world.clove])
    await send(who, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
  await move(world.teacher, world.lesson, 'marking');
}

describe('marks given out', () => {
  test('to one student reach them alone, with their own marks and nobody else’s', async () => {
    await over();
    expect((await feedbackOf(world.ash)).released).toBe(false);
    expect((await give('Ash Tern')).body).toEqual({ students: 1 });
    const ash = await feedbackOf(world.ash);
    expect(ash).toMatchObject({ released: true, me: { name: 'Ash Tern' } });
    expect([ash.points, ash.max]).toEqual([(await rowOf('Ash Tern')).points, (await rowOf('Ash Tern')).max]);
    for (const who of [world.birch, world.clove])
      expect(await feedbackOf(who)).toMatchObject({ released: false, items: [], truths: [] });
    const benches = await Promise.all(
      [world.ash, world.clove].map(async (who) => (await who.get<Bench>('/api/bench')).body.marksOut),
    );
    expect(benches).toEqual([true, false]);
    expect((await table()).rows.map((r) => [r.student.name, r.given])).toContainEqual(['Ash Tern', 'as-now']);
  });
  test('stay as they were when a mark is changed, until they are given out anew', async () => {
    await over();
    await give('Ash Tern', 'Clove Ling');
    const before = await feedbackOf(world.ash);
    const { id } = (await rowOf('Ash Tern')).cells.find((c) => c.points === 1)!;
    await world.teacher.post(at('/decisions'), { marks: [id], points: 0, reason: 'read from a neighbour' });
    expect(await feedbackOf(world.ash)).toEqual(before);
    expect([(await rowOf('Ash Tern')).given, (await rowOf('Clove Ling')).given]).toEqual([
      'as-before',
      'as-now',
    ]);
    // Whoever has nothing new is given nothing anew.
    expect((await give('Ash Tern', 'Clove Ling')).body).toEqual({ students: 1 });
    const after = await feedbackOf(world.ash);
    expect(after.points).toBe(before.points - 1);
    expect(after.items.flatMap((i) => i.why)).toContain('read from a neighbour');
    const kept = await world.server.app
      .get(DataSource)
      .query<{ marks: string }[]>('SELECT marks FROM mark_release WHERE lessonId = ? ORDER BY at', [
        world.lesson.id,
      ]);
    expect(kept.map((row) => (JSON.parse(row.marks) as { points: number }).points)).toContain(before.points);
  });
  test('are seen at a bench that stands open: it is told to look again, and only where anything changed', async () => {
    await over();
    const told = jest.spyOn(world.server.app.get(LiveService), 'stateChanged');
    try {
      await give('Ash Tern');
      await give('Ash Tern');
      await takeBack('Ash Tern');
      await takeBack('Ash Tern');
      expect(told.mock.calls).toEqual([
        [world.lesson.id, 'marking'],
        [world.lesson.id, 'marking'],
      ]);
    } finally {
      told.mockRestore();
    }
  });
  test('are taken back from one, and the rest keep theirs', async () => {
    await over();
    await give('Ash Tern', 'Clove Ling');
    expect((await takeBack('Ash Tern')).body).toEqual({ students: 1 });
    expect((await feedbackOf(world.ash)).released).toBe(false);
    expect((await feedbackOf(world.clove)).released).toBe(true);
    expect((await takeBack('Ash Tern')).body).toEqual({ students: 0 });
  });
  test('to all with the lesson, and from all with it', async () => {
    await over();
    await move(world.teacher, world.lesson, 'released');
    expect(new Set((await table()).rows.map((r) => r.given))).toEqual(new Set(['as-now']));
    await move(world.teacher, world.lesson, 'marking');
    expect(new Set((await table()).rows.map((r) => r.given))).toEqual(new Set(['no']));
    expect((await feedbackOf(world.ash)).released).toBe(false);
  });
  test('close the record: what comes later does not count, and its bench is told', async () => {
    await over();
    await give('Clove Ling');
    const before = await rowOf('Ash Tern');
    const { body } = await send(world.ash, [entry(saw(world.known, 'lilac'))]);
    expect(body.refused).toMatchObject([{ detail: expect.stringMatching(/too late to count/) }]);
    expect((await rowOf('Ash Tern')).cells).toEqual(before.cells);
  });
  test('not before the lesson is over, nor to somebody who was away', async () => {
    await send(world.ash, [entry({ type: 'hand-in' })]);
    const early = await give('Ash Tern');
    expect([early.status, JSON.stringify(early.body)]).toEqual([
      409,
      expect.stringMatching(/lesson is over/),
    ]);
    await move(world.teacher, world.lesson, 'marking');
    const { student } = await rowOf('Birch Sole');
    await world.teacher.send('PUT', at(`/absent/${student.id}`), { absent: true });
    expect((await give('Birch Sole')).body).toEqual({ students: 0 });
    expect((await feedbackOf(world.birch)).released).toBe(false);
    // Whose marks are out is not away.
    await give('Ash Tern');
    const out = (await rowOf('Ash Tern')).student.id;
    expect((await world.teacher.send('PUT', at(`/absent/${out}`), { absent: true })).status).toBe(409);
  });
  test('of another lesson’s student are not found', async () => {
    await over();
    const students = ['01890000-0000-7000-8000-000000000000'];
    expect((await world.teacher.post(at('/release'), { students })).status).toBe(404);
  });
});
