/** A bottle that held something else: marks against what it truly held, before and after shown, one press back. */
import { describe, expect, test } from '@jest/globals';
import type { HeldChange, MarkTable, SchemePreview } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { ownLesson } from '../testing/own-school.js';
import { entry, move, saw, send } from '../testing/test-server.js';

const world = ownLesson('ash', 'clove');
const at = (path = '') => `/api/lessons/${world.lesson.id}/marks${path}`;
const table = async () => (await world.teacher.get<MarkTable>(at())).body;
const markOf = async (name: string) =>
  (await table()).rows
    .find((r) => r.student.name === name)!
    .cells.find((c) => c.sample === world.known && c.strand === 'observation')!;
const sodium = ['Na+', 'Cl-'];
const lithium = () => world.lesson.samples.find((s) => s.id === world.known)!.ions;
const correct = (part: object = {}) =>
  world.teacher.post<HeldChange>(at('/held'), {
    sample: world.known,
    ions: sodium,
    reason: 'the technician found the bottle',
    ...part,
  });
/** Everybody saw yellow in the jar of lithium, and the lesson is over. */
async function seen() {
  for (const who of [world.ash, world.clove])
    await send(who, [entry(saw(world.known, 'yellow')), entry({ type: 'hand-in' })]);
  await move(world.teacher, world.lesson, 'marking');
}

describe('a sample that held something else', () => {
  test('is marked against what it held, as was shown before; and back again', async () => {
    await seen();
    const before = await table();
    expect((await markOf('Ash Tern')).points).toBe(0);
    const { body: preview } = await world.teacher.post<SchemePreview>(at('/held/preview'), {
      sample: world.known,
      ions: sodium,
    });
    expect(preview.items).toBeGreaterThan(0);
    expect(await table()).toEqual(before);
    const { status, body: change } = await correct();
    expect([status, change]).toMatchObject([201, { before: lithium(), after: sodium, stands: true }]);
    expect(await markOf('Ash Tern')).toMatchObject({ points: 1, answer: 'yellow' });
    for (const { student, after } of preview.students)
      expect((await table()).rows.find((r) => r.student.id === student.id)).toMatchObject(after);
    await correct({ ions: change.before, reason: 'Taken back' });
    expect((await table()).rows.map((r) => [r.points, r.max])).toEqual(
      before.rows.map((r) => [r.points, r.max]),
    );
    const all = (await world.teacher.get<HeldChange[]>(at('/held'))).body;
    expect(all.map((c) => c.stands)).toEqual([false, true]);
  });
  test('keeps what people decided of the answers there are', async () => {
    await seen();
    const { id } = await markOf('Clove Ling');
    await world.teacher.post(at('/decisions'), { marks: [id], points: 0, reason: 'copied from the board' });
    await correct();
    expect(await markOf('Clove Ling')).toMatchObject({ points: 0, open: false, computed: { points: 1 } });
  });
  test.each<[string, object, RegExp]>([
    ['a species nobody knows', { ions: ['Xx+'] }, /does not know/],
    ['one named twice', { ions: ['Na+', 'Na+'] }, /named twice/],
    ['no reason', { reason: ' ' }, /how it came out/],
  ])('%s is refused with a sentence', async (_, part, says) => {
    await seen();
    const reply = await correct(part);
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([422, expect.stringMatching(says)]);
  });
  test('what it is said to hold already is no correction; a sample of another lesson is not there', async () => {
    await seen();
    expect((await correct({ ions: lithium() })).status).toBe(422);
    expect((await correct({ sample: '01890000-0000-7000-8000-000000000000' })).status).toBe(404);
  });
  test('is left alone once marks are out, and its history cannot be altered', async () => {
    await seen();
    await correct();
    await move(world.teacher, world.lesson, 'released');
    expect((await correct({ ions: ['K+', 'Cl-'] })).status).toBe(409);
    for (const statement of ["UPDATE sample_held SET reason = 'other'", 'DELETE FROM sample_held'])
      await expect(world.server.app.get(DataSource).query(statement)).rejects.toThrow(/kept for good/);
  });
});
