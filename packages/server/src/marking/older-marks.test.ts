/** Marks kept by an older Kivex: brought up to date they say what they are of, what stands, and what students had been shown. */
import { expect, test } from '@jest/globals';
import type { MarkTable } from '@kivex/contract';
import { shippedPracticals } from '@kivex/core';
import { DataSource } from 'typeorm';
import { ownSchool } from '../testing/own-school.js';
import { entry, join, makeLesson, move, send } from '../testing/test-server.js';

const world = ownSchool();

test('marks, decisions and what was given out come through an older schema and back', async () => {
  const salt = shippedPracticals.find((p) => /full unknown salt/.test(p.title))!;
  const document = {
    ...salt,
    tests: salt.tests.map((t) => ({
      ...t,
      ...(t.test === 'flame' ? { technique: true } : {}),
      ...(t.test === 'naoh' ? { equation: 'ionic' } : {}),
    })),
  };
  const practical = (await world.teacher.post<{ id: string }>('/api/practicals', { document })).body.id;
  const lesson = await makeLesson(world.teacher, { ...world.school, practical });
  const ash = await join(world.server, world.school, lesson, 0);
  const jar = lesson.groupList[0]!.unknowns[0]!;
  await send(ash, [
    entry({
      type: 'observation',
      sample: jar,
      test: 'naoh',
      variant: 'usual',
      seen: {},
      words: 'sort of murky',
    }),
    entry({ type: 'naming', sample: jar, answer: 'copper', evidence: [] }),
    entry({ type: 'hand-in' }),
  ]);
  await move(world.teacher, lesson, 'marking');
  const marks = `/api/lessons/${lesson.id}/marks`;
  const { rows } = (await world.teacher.get<MarkTable>(marks)).body;
  const { cells } = rows.find((r) => r.student.name === 'Ash Tern')!;
  const named = cells.find((c) => c.strand === 'conclusion' && c.sample === jar)!;
  await world.teacher.post(`${marks}/decisions`, { marks: [named.id], points: 1, reason: 'as it was said' });
  await move(world.teacher, lesson, 'released');

  const source = world.server.app.get(DataSource);
  // The order of tests was no item then.
  const kept = () =>
    source.query<Record<string, unknown>[]>(
      "SELECT itemKey, strand, test, attribute, stands, open FROM mark WHERE lessonId = ? AND itemKey NOT LIKE 'order:%' ORDER BY studentId, itemKey",
      [lesson.id],
    );
  const given = async () =>
    (
      await source.query<{ studentId: string; marks: string }[]>(
        'SELECT studentId, marks FROM mark_release WHERE lessonId = ? ORDER BY studentId',
        [lesson.id],
      )
    ).map(({ studentId, marks: text }) => {
      const { items } = JSON.parse(text) as {
        items: { key: string; points: number; why: string[]; test: string | null }[];
      };
      return [
        studentId,
        items
          .map(({ key, points, why, test: of }) => ({ key, points, why, test: of }))
          .sort((a, b) => a.key.localeCompare(b.key)),
      ] as const;
    });
  const before = { kept: await kept(), given: await given() };
  expect(before.kept.some((m) => m['test'] === 'naoh' && m['attribute'] === 'precipitate')).toBe(true);
  await source.undoLastMigration();
  // An older Kivex called the first thing looked at by its sample alone.
  await source.query(
    "UPDATE mark SET itemKey = CONCAT('observation:', sampleId) WHERE strand = 'observation' AND itemKey = CONCAT('observation:', sampleId, ':flame:colour')",
  );
  await source.runMigrations();
  expect(await kept()).toEqual(before.kept);
  // Students see what they were shown; marks that another student's group had none of are not among theirs.
  const after = await given();
  expect(after.map(([id]) => id)).toEqual(before.given.map(([id]) => id));
  for (const [i, [, items]] of after.entries()) expect(items).toEqual(before.given[i]![1]);
});
