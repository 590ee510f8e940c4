/** Marks are brought up to the log by whoever reads them first; others who read meanwhile share the work. */
import { describe, expect, jest, test } from '@jest/globals';
import type { MarkTable } from '@kivex/contract';
import { LessonLogService } from '../run/log/lesson-log.service.js';
import { ownLesson } from '../testing/own-school.js';
import { entry, saw, send } from '../testing/test-server.js';

const world = ownLesson('ash', 'clove');
const table = async () => {
  const reply = await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`);
  expect(reply.status).toBe(200);
  return reply.body;
};
const pointsOf = (marks: MarkTable, name: string) =>
  marks.rows.find((row) => row.student.name === name)!.points;

describe('marks asked for by many at once', () => {
  test('are worked out once for each group', async () => {
    await send(world.ash, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
    const read = jest.spyOn(world.server.app.get(LessonLogService), 'ofGroup');
    await Promise.all(Array.from({ length: 6 }, table));
    expect(read.mock.calls.map(([group]) => group)).toEqual([world.lesson.groupList[0]!.id]);
    read.mockRestore();
  });
  test('are those of all that had come in when each of them asked', async () => {
    await send(world.clove, [entry({ type: 'hand-in' })]);
    const log = world.server.app.get(LessonLogService);
    const ofGroup = log.ofGroup.bind(log);
    let asked!: Promise<MarkTable>;
    const read = jest.spyOn(log, 'ofGroup').mockImplementationOnce(async (group, db) => {
      const events = await ofGroup(group, db);
      // The first reader has read the log; now more comes in, and a second reader asks for it.
      await send(world.ash, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
      asked = table();
      return events;
    });
    const first = await table();
    expect(first.rows.some((row) => row.cells.length)).toBe(true);
    expect(pointsOf(await asked, 'Ash Tern')).toBe(1);
    read.mockRestore();
  });
});
