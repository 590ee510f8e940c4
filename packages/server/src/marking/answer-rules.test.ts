/** A decision that becomes a rule of the school: shown first, followed everywhere it holds, taken back; and marks flagged. */
import { describe, expect, test } from '@jest/globals';
import type { MarkTable, RulePreview, SchoolRule } from '@kivex/contract';
import type { Lesson } from '@kivex/contract';
import { ownLesson } from '../testing/own-school.js';
import {
  benchOf,
  entry,
  join,
  makeLesson,
  makeSchool,
  move,
  send,
  type Client,
} from '../testing/test-server.js';

const world = ownLesson('ash', 'clove');
const marksOf = async (lesson: Lesson) =>
  (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
const wrote = (sample: string, words: string) =>
  entry({ type: 'observation', sample, test: 'flame', variant: 'wire', seen: {}, words });
/** What this student wrote of the known jar. */
async function cellOf(name: string, lesson: Lesson = world.lesson, sample: string = world.known) {
  const row = (await marksOf(lesson)).rows.find((r) => r.student.name === name)!;
  return row.cells.find((c) => c.sample === sample && c.strand === 'observation')!;
}
const handIn = (who: Client, sample: string, words: string) =>
  send(who, [wrote(sample, words), entry({ type: 'hand-in' })]);
const at = (path: string, lesson: Lesson = world.lesson) => `/api/lessons/${lesson.id}/marks${path}`;
const make = (mark: string, points: number, reason = 'we teach it so', lesson: Lesson = world.lesson) =>
  world.teacher.post<SchoolRule>(at('/rules', lesson), { mark, points, reason });
const takeBack = (id: string) => world.teacher.post(`/api/answer-rules/${id}/undo`, {});

describe('a decision that becomes a rule', () => {
  test('is shown first, here and elsewhere, and nothing is kept of it', async () => {
    await handIn(world.ash, world.known, 'like a ripe cherry');
    const other = await makeLesson(world.teacher, world.school);
    const birch = await join(world.server, world.school, other, 1);
    const { samples } = await benchOf(birch);
    const known = samples.find((s) => s.label === 'lithium chloride')!.id;
    await handIn(birch, known, 'Like a ripe cherry!');
    const { id, points } = await cellOf('Ash Tern');
    expect(points).toBe(0);
    await cellOf('Birch Sole', other, known);
    const { body } = await world.teacher.post<RulePreview>(at('/rules/preview'), { mark: id, points: 1 });
    expect(body.students.find((s) => s.student.name === 'Ash Tern')).toMatchObject({
      before: { points: 0 },
      after: { points: 1 },
    });
    expect(body.items).toBe(1);
    expect(body.elsewhere).toEqual({ lessons: 1, answers: 1 });
    expect((await cellOf('Ash Tern')).points).toBe(0);
    // Made, it holds in both, and says so.
    const { body: rule, status } = await make(id, 1);
    expect([status, rule.example, rule.by, rule.may]).toEqual([
      201,
      'like a ripe cherry',
      'The teacher',
      true,
    ]);
    expect(await cellOf('Ash Tern')).toMatchObject({ points: 1, open: false });
    const there = await cellOf('Birch Sole', other, known);
    expect(there).toMatchObject({ points: 1, computed: { points: 1 } });
    expect(there.why[0]!.text).toBe('“Like a ripe cherry!” earns here, by a rule of the school.');
    // Of who hands in later, too.
    await handIn(world.clove, world.known, 'like ripe cherry');
    expect((await cellOf('Clove Ling')).points).toBe(1);
    // Taken back, both are as before; a second time there is nothing to take back.
    expect((await takeBack(rule.id)).status).toBe(204);
    expect((await cellOf('Ash Tern')).points).toBe(0);
    expect((await cellOf('Birch Sole', other, known)).points).toBe(0);
    expect((await takeBack(rule.id)).status).toBe(409);
    const [listed] = (await world.teacher.get<SchoolRule[]>('/api/answer-rules')).body;
    expect(listed).toMatchObject({ id: rule.id, undone: { by: 'The teacher' } });
  });
  test('leaves marks that were given out as they are, and is refused while they are out', async () => {
    await handIn(world.ash, world.known, 'like a beetroot');
    await move(world.teacher, world.lesson, 'marking');
    await move(world.teacher, world.lesson, 'released');
    const { id } = await cellOf('Ash Tern');
    const refused = await make(id, 1);
    expect([refused.status, JSON.stringify(refused.body)]).toEqual([
      409,
      expect.stringMatching(/Take them back first/),
    ]);
    const other = await makeLesson(world.teacher, world.school);
    const birch = await join(world.server, world.school, other, 1);
    const known = (await benchOf(birch)).samples.find((s) => s.label === 'lithium chloride')!.id;
    await handIn(birch, known, 'like a beetroot');
    const there = await cellOf('Birch Sole', other, known);
    expect((await make(there.id, 1, 'agreed', other)).status).toBe(201);
    expect((await cellOf('Birch Sole', other, known)).points).toBe(1);
    expect((await cellOf('Ash Tern')).points).toBe(0);
  });
  test('is made of what was seen or named only, within the points there are', async () => {
    await handIn(world.ash, world.known, 'like a tomato');
    const { id } = await cellOf('Ash Tern');
    expect((await make(id, 7)).status).toBe(422);
    expect((await make(id, 1, ' ')).status).toBe(422);
    const blank = (await marksOf(world.lesson)).rows
      .find((r) => r.student.name === 'Ash Tern')!
      .cells.find((c) => c.answer === '')!;
    expect((await make(blank.id, 0)).status).toBe(422);
  });
  test('belongs to the school', async () => {
    await handIn(world.ash, world.known, 'like a plum');
    const { body: rule } = await make((await cellOf('Ash Tern')).id, 1);
    const elsewhere = await makeSchool(world.server, 'other');
    const stranger = await elsewhere.signIn('teacher');
    expect((await stranger.get<SchoolRule[]>('/api/answer-rules')).body).toEqual([]);
    expect((await stranger.post(`/api/answer-rules/${rule.id}/undo`, {})).status).toBe(404);
  });
});

describe('a flag', () => {
  test('stands beside the mark with who set it, and goes again', async () => {
    await handIn(world.ash, world.known, 'crimson');
    const { id } = await cellOf('Ash Tern');
    const flag = (note: string) => world.teacher.send('PUT', at(`/${id}/flag`), { note });
    expect((await flag('ask Birch')).status).toBe(204);
    await flag('ask Clove');
    expect((await cellOf('Ash Tern')).flag).toEqual({ note: 'ask Clove', by: 'The teacher' });
    expect((await world.teacher.send('DELETE', at(`/${id}/flag`), {})).status).toBe(204);
    expect((await cellOf('Ash Tern')).flag).toBe(null);
    expect((await world.ash.send('PUT', at(`/${id}/flag`), { note: '' })).status).toBe(401);
  });
});
