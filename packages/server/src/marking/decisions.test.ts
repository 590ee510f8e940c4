/** Decisions of people on marks: of one or of many, kept with the answer judged, taken back, never altered. */
import { describe, expect, test } from '@jest/globals';
import type { Decided, MarkCell, MarkTable } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { ownLesson } from '../testing/own-school.js';
import { entry, saw, send } from '../testing/test-server.js';

const world = ownLesson('ash', 'clove');
const at = (path: string) => `/api/lessons/${world.lesson.id}/marks${path}`;
const table = async () => (await world.teacher.get<MarkTable>(at(''))).body;
const cellOf = async (name: string): Promise<MarkCell> =>
  (await table()).rows
    .find((row) => row.student.name === name)!
    .cells.find((cell) => cell.sample === world.known && cell.strand === 'observation')!;
const decide = (marks: readonly string[], points: number | null, reason = 'read aloud') =>
  world.teacher.post<Decided>(at('/decisions'), { marks, points, reason });

/** Ash saw crimson, which is right, and handed in. */
async function right(): Promise<MarkCell> {
  await send(world.ash, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
  return cellOf('Ash Tern');
}

describe('a decision', () => {
  test('is of the answer that was there: a late entry opens the mark again, and nothing of either is lost', async () => {
    await send(world.ash, [entry({ type: 'hand-in' })]);
    const before = await cellOf('Ash Tern');
    expect(before).toMatchObject({ answer: '', points: 0, open: false });
    await decide([before.id], 0, 'nothing written');
    expect(await cellOf('Ash Tern')).toMatchObject({ points: 0, open: false, reopened: false });
    // The bench was offline; what it had logged comes now.
    await send(world.ash, [entry(saw(world.known, 'crimson'))]);
    const late = await cellOf('Ash Tern');
    expect(late).toMatchObject({
      answer: 'crimson',
      points: 1,
      verdict: 'credit',
      open: true,
      reopened: true,
    });
    expect(late.changes).toMatchObject([{ points: 0, answer: '', reason: 'nothing written' }]);
    await decide([late.id], 1, 'came late, is right');
    const settled = await cellOf('Ash Tern');
    expect(settled).toMatchObject({ points: 1, open: false, reopened: false });
    expect(settled.changes.map((c) => c.answer)).toEqual(['', 'crimson']);
  });
  test('of several marks is one, and is taken back as one', async () => {
    await send(world.clove, [entry(saw(world.known, 'lilac')), entry({ type: 'hand-in' })]);
    const [ash, clove] = [await right(), await cellOf('Clove Ling')];
    const { status, body } = await decide([ash.id, clove.id, ash.id], 0, 'a look at the spectrum');
    expect([status, body.marks]).toEqual([201, 2]);
    expect([(await cellOf('Ash Tern')).points, (await cellOf('Clove Ling')).points]).toEqual([0, 0]);
    const undone = await world.teacher.post<Decided>(at(`/decisions/${body.decision}/undo`), {});
    expect(undone.body.marks).toBe(2);
    expect(await cellOf('Ash Tern')).toMatchObject({ points: 1, open: false });
    expect(await cellOf('Clove Ling')).toMatchObject({ points: clove.points, open: clove.open });
    expect((await cellOf('Clove Ling')).changes.map((c) => c.reason)).toEqual([
      'a look at the spectrum',
      'Taken back',
    ]);
    const twice = await world.teacher.post(at(`/decisions/${body.decision}/undo`), {});
    expect([twice.status, JSON.stringify(twice.body)]).toEqual([
      422,
      expect.stringMatching(/decided anew since/),
    ]);
  });
  test('for many tells each what they wrote themselves, where the comment has a place for it', async () => {
    await send(world.clove, [entry(saw(world.known, 'lilac')), entry({ type: 'hand-in' })]);
    const [ash, clove] = [await right(), await cellOf('Clove Ling')];
    await decide([ash.id, clove.id], 0, 'You wrote “{answer}”.');
    expect((await cellOf('Ash Tern')).changes.at(-1)!.reason).toBe('You wrote “crimson”.');
    expect((await cellOf('Clove Ling')).changes.at(-1)!.reason).toBe('You wrote “lilac”.');
  });
  test('null gives a mark back to what is computed', async () => {
    const { id } = await right();
    await decide([id], 0);
    await decide([id], null, 'on second thoughts');
    expect(await cellOf('Ash Tern')).toMatchObject({ points: 1, open: false });
  });
  test.each<[string, object, RegExp]>([
    ['of no mark', { marks: [], points: 1, reason: 'so it is' }, /at least one mark/],
    ['without a reason', { points: 1, reason: '  ' }, /Say why/],
    ['of more points than there are', { points: 7, reason: 'very good' }, /at most/],
    ['of half a point', { points: 0.5, reason: 'half right' }, /whole numbers/],
  ])('%s is refused with a sentence, and changes nothing', async (_, body, says) => {
    const before = await right();
    const reply = await world.teacher.post(at('/decisions'), { marks: [before.id], ...body });
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([422, expect.stringMatching(says)]);
    expect(await cellOf('Ash Tern')).toEqual(before);
  });
  test('of a mark or a decision of another lesson is not found', async () => {
    const strange = '01890000-0000-7000-8000-000000000000';
    const { id } = await right();
    expect((await decide([id, strange], 1)).status).toBe(404);
    expect((await world.teacher.post(at(`/decisions/${strange}/undo`), {})).status).toBe(404);
  });
  test('of two who decide at the same moment are both kept, and one of them stands for both', async () => {
    const { id } = await right();
    const head = await world.school.signIn('head');
    const of = (who: typeof head, points: number, reason: string) =>
      who.post<Decided>(at('/decisions'), { marks: [id], points, reason });
    const both = await Promise.all([
      of(world.teacher, 0, 'the teacher says'),
      of(head, 1, 'the head says'),
      of(world.teacher, 0, 'once more'),
    ]);
    expect(both.map((r) => r.status)).toEqual([201, 201, 201]);
    const cell = await cellOf('Ash Tern');
    expect(cell.changes.map((c) => c.reason).sort()).toEqual([
      'once more',
      'the head says',
      'the teacher says',
    ]);
    expect(cell.points).toBe(cell.changes.at(-1)!.points);
    const [row] = await world.server.app
      .get(DataSource)
      .query<{ stands: number }[]>('SELECT stands FROM mark WHERE id = ?', [id]);
    expect(row!.stands).toBe(cell.points);
  });
  test('cannot be altered or removed, not even in the database', async () => {
    const { id } = await right();
    await decide([id], 0);
    for (const statement of ["UPDATE mark_change SET reason = 'other'", 'DELETE FROM mark_change'])
      await expect(world.server.app.get(DataSource).query(statement)).rejects.toThrow(/kept for good/);
    expect((await cellOf('Ash Tern')).changes).toMatchObject([{ points: 0, reason: 'read aloud' }]);
  });
  test('stands in the history that can be taken out, beside what Kivex gave, harmless to a spreadsheet', async () => {
    const { id } = await right();
    await decide([id], 0, '=HYPERLINK("http://x")');
    const { text, headers } = await world.teacher.get(at('/history/sheet/csv'));
    expect(headers.get('content-type')).toMatch(/text\/csv/);
    const lines = text.split('\r\n').filter((line) => line.includes('Ash Tern') && line.includes('crimson'));
    expect(lines[0]).toMatch(/,crimson,1,1,.*,Kivex,,$/);
    expect(lines[1]).toMatch(/,crimson,0,1,"'=HYPERLINK/);
  });
});
