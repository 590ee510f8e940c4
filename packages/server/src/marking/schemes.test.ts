/** Mark schemes: shown before they are set, set with a reason, taken back as one, never altered; and who was away. */
import { describe, expect, test } from '@jest/globals';
import type { MarkTable, SchemePreview, StandingScheme, WholePractical } from '@kivex/contract';
import { evenScheme, schemePresets, type MarkScheme } from '@kivex/core';
import { DataSource } from 'typeorm';
import { ownLesson } from '../testing/own-school.js';
import { entry, makeLesson, move, saw, send } from '../testing/test-server.js';

const world = ownLesson('ash', 'clove');
const at = (path: string) => `/api/lessons/${world.lesson.id}/marks${path}`;
const table = async () => (await world.teacher.get<MarkTable>(at(''))).body;
const rowOf = async (name: string) => (await table()).rows.find((row) => row.student.name === name)!;
const double: MarkScheme = { ...evenScheme, strands: { ...evenScheme.strands, observation: 2 } };
const set = (scheme: unknown, from: string | null, reason = 'agreed at the meeting') =>
  world.teacher.send<StandingScheme>('PUT', at('/scheme'), { scheme, reason, from });
const undo = (from: string | null) => world.teacher.post<StandingScheme>(at('/scheme/undo'), { from });
/** Ash saw white, then crimson, which is right; and handed in. */
async function wrote() {
  await send(world.ash, [
    entry(saw(world.known, 'yellow')),
    entry(saw(world.known, 'crimson')),
    entry(saw(world.known, 'lilac')),
    entry({ type: 'hand-in' }),
  ]);
}

describe('a lesson’s mark scheme', () => {
  test('is at first the one usual for its syllabus', async () => {
    const { scheme } = await table();
    expect(scheme).toMatchObject({
      scheme: schemePresets[0]!.scheme,
      by: 'The teacher',
      reason: expect.stringMatching(/usual for the syllabus/),
      changes: 0,
    });
  });
  test('is the practical’s own where it carries one, in lessons made from then on', async () => {
    const { practical } = world.school;
    const { body } = await world.teacher.get<WholePractical>(`/api/practicals/${practical}`);
    const saved = await world.teacher.send('PUT', `/api/practicals/${practical}`, {
      document: { ...body.document, scheme: double },
      from: body.head.version,
    });
    expect(saved.status).toBe(200);
    const next = await makeLesson(world.teacher, world.school);
    const { scheme } = (await world.teacher.get<MarkTable>(`/api/lessons/${next.id}/marks`)).body;
    expect(scheme).toMatchObject({ scheme: double, reason: 'As the practical has it' });
    // The lesson that was there stays as it was; and a scheme that is none is refused with the place.
    expect((await table()).scheme.scheme).toEqual(schemePresets[0]!.scheme);
    const wrong = await world.teacher.send('PUT', `/api/practicals/${practical}`, {
      document: { ...body.document, scheme: { ...double, late: 2 } },
      from: body.head.version + 1,
    });
    expect([wrong.status, JSON.stringify(wrong.body)]).toEqual([422, expect.stringMatching(/scheme, late/)]);
    await world.teacher.send('PUT', `/api/practicals/${practical}`, {
      document: body.document,
      from: body.head.version + 1,
    });
  });
  test('shows whose marks would move before it is set, and keeps nothing of it', async () => {
    await wrote();
    const best: MarkScheme = { ...double, attempts: 'best' };
    const before = await table();
    const { body } = await world.teacher.post<SchemePreview>(at('/scheme/preview'), { scheme: best });
    const ash = body.students.find((s) => s.student.name === 'Ash Tern')!;
    expect(ash.after.points).toBeGreaterThan(ash.before.points);
    expect(body.items).toBeGreaterThan(0);
    expect(await table()).toEqual(before);
    // What it foretold is what comes of it.
    const { body: now } = await set(best, before.scheme.id);
    expect(now).toMatchObject({ scheme: best, reason: 'agreed at the meeting', changes: 1 });
    expect(await rowOf('Ash Tern')).toMatchObject(ash.after);
    const cell = (await rowOf('Ash Tern')).cells.find(
      (c) => c.sample === world.known && c.strand === 'observation',
    )!;
    expect(cell).toMatchObject({ answer: 'crimson', points: 1, weight: 2 });
  });
  test('is taken back as one step, and again', async () => {
    await wrote();
    const first = await table();
    const two = (await set(double, first.scheme.id)).body;
    const three = (await set({ ...double, late: 0.5 }, two.id)).body;
    expect((await undo(three.id)).body.scheme).toEqual(double);
    const back = await undo((await table()).scheme.id);
    expect(back.body.scheme).toEqual(first.scheme.scheme);
    expect((await rowOf('Ash Tern')).points).toBe(
      first.rows.find((r) => r.student.name === 'Ash Tern')!.points,
    );
    const none = await undo(back.body.id);
    expect([none.status, JSON.stringify(none.body)]).toEqual([409, expect.stringMatching(/no change/)]);
  });
  test('of two who change it at once, the second is told and nothing of theirs is lost on the first', async () => {
    const { scheme } = await table();
    expect((await set(double, scheme.id)).status).toBe(200);
    const late = await set({ ...evenScheme, late: 0 }, scheme.id);
    expect([late.status, JSON.stringify(late.body)]).toEqual([409, expect.stringMatching(/Look at theirs/)]);
    expect((await table()).scheme.scheme).toEqual(double);
  });
  test('a decision stands while its answer does, and is open again when another attempt is marked', async () => {
    await wrote();
    const { scheme } = await table();
    const mark = (await rowOf('Ash Tern')).cells.find(
      (c) => c.sample === world.known && c.strand === 'observation',
    )!;
    expect(mark).toMatchObject({ answer: 'lilac', points: 0 });
    await world.teacher.post(at('/decisions'), { marks: [mark.id], points: 1, reason: 'the lamp was out' });
    const weighed = (await set(double, scheme.id)).body;
    expect((await rowOf('Ash Tern')).cells.find((c) => c.id === mark.id)).toMatchObject({
      points: 1,
      open: false,
    });
    await set({ ...double, attempts: 'best' }, weighed.id);
    expect((await rowOf('Ash Tern')).cells.find((c) => c.id === mark.id)).toMatchObject({
      answer: 'crimson',
      points: 1,
      open: true,
      reopened: true,
    });
    expect(await stood()).toEqual([{ stands: 1, open: 1 }]);
    async function stood() {
      return world.server.app
        .get(DataSource)
        .query('SELECT stands, open FROM mark WHERE id = ?', [mark.id]) as Promise<unknown>;
    }
  });
  test.each<[string, object, string, RegExp]>([
    [
      'a weight below nought',
      { ...double, strands: { ...double.strands, equation: -1 } },
      'so it is',
      /0 to 10/,
    ],
    ['a share above all', { ...double, late: 2 }, 'so it is', /share from 0 to 1/],
    ['a word that is none', { ...double, attempts: 'worst' }, 'so it is', /attempts/],
    ['no reason', double, ' ', /Say why/],
  ])('%s is refused with a sentence', async (_, scheme, reason, says) => {
    const before = await table();
    const reply = await set(scheme, before.scheme.id, reason);
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([422, expect.stringMatching(says)]);
    expect((await table()).scheme).toEqual(before.scheme);
  });
  test('cannot be altered or removed in the database', async () => {
    for (const statement of ["UPDATE mark_scheme SET reason = 'other'", 'DELETE FROM mark_scheme'])
      await expect(world.server.app.get(DataSource).query(statement)).rejects.toThrow(/kept for good/);
  });
  test('is left alone once marks are out', async () => {
    await wrote();
    await move(world.teacher, world.lesson, 'marking');
    await move(world.teacher, world.lesson, 'released');
    const reply = await set(double, (await table()).scheme.id);
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([
      409,
      expect.stringMatching(/Take them back/),
    ]);
    // Taken back, it is changed: marks are worked out anew from the log as it was closed.
    await move(world.teacher, world.lesson, 'marking');
    expect((await set(double, (await table()).scheme.id)).status).toBe(200);
  });
});

describe('somebody who was away', () => {
  const away = (student: string, absent: boolean) =>
    world.teacher.send('PUT', at(`/absent/${student}`), { absent });
  test('has no mark, which is not nought, and comes back as they were', async () => {
    await wrote();
    await move(world.teacher, world.lesson, 'marking');
    const ash = await rowOf('Ash Tern');
    expect((await away(ash.student.id, true)).status).toBe(200);
    expect(await rowOf('Ash Tern')).toMatchObject({ absent: true, cells: [], points: 0, max: 0 });
    const { text } = await world.teacher.get(at('/sheet/csv'));
    expect(text.split('\r\n').find((line) => line.includes('Ash Tern'))).toMatch(/away/);
    await away(ash.student.id, false);
    expect(await rowOf('Ash Tern')).toMatchObject({ absent: false, points: ash.points, max: ash.max });
  });
  test('cannot be somebody of another lesson', async () => {
    const other = await makeLesson(world.teacher, world.school);
    const stranger = other.groupList.flatMap((g) => g.students)[0]!.id;
    const seat = `/api/lessons/${world.lesson.id}/seats/${stranger}`;
    await world.teacher.send('DELETE', seat);
    expect((await away(stranger, true)).status).toBe(404);
  });
});
