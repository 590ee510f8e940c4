/** What is seen, concluded, written as an equation and signed off: all four reach table, file and feedback. */
import { expect, test } from '@jest/globals';
import type { Bench, Feedback, MarkTable } from '@kivex/contract';
import { equationsWanted, shippedPracticals, type PlannedTest } from '@kivex/core';
import { ownSchool } from '../testing/own-school.js';
import { entry, join, makeLesson, move, send } from '../testing/test-server.js';

const world = ownSchool();

test('a student’s marks have technique, observations, names and equations', async () => {
  const salt = shippedPracticals.find((p) => /full unknown salt/.test(p.title))!;
  const document = {
    ...salt,
    tests: salt.tests.map((t) => ({
      ...t,
      ...(t.test === 'flame' ? { technique: true } : {}),
      ...(t.test === 'sulfate' || t.test === 'naoh' ? { equation: 'ionic' } : {}),
    })),
  };
  const practical = (await world.teacher.post<{ id: string }>('/api/practicals', { document })).body.id;
  const lesson = await makeLesson(world.teacher, { ...world.school, practical });
  const ash = await join(world.server, world.school, lesson, 0);
  const { samples, tests } = (await ash.get<Bench>('/api/bench')).body;
  expect(tests.find((t) => t.test === 'sulfate')!.equation).toBe('ionic');
  const jars = samples.filter((s) => s.role === 'unknown');
  const sulfate = 'Ba2+ + SO4^2- -> BaSO4';
  const wrote = jars.map(({ id }) => entry({ type: 'equation', sample: id, test: 'sulfate', text: sulfate }));
  expect((await send(ash, [...wrote, entry({ type: 'hand-in' })])).body.refused).toEqual([]);
  await world.teacher.post(`/api/lessons/${lesson.id}/sign-offs`, {
    groups: [lesson.groupList[0]!.id],
    test: 'flame',
    good: true,
  });
  await move(world.teacher, lesson, 'marking');
  const table = (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
  const cells = table.rows.find((r) => r.student.name === 'Ash Tern')!.cells;
  // Equations are asked where something happens: of some jars there are none.
  expect([...new Set(cells.map((c) => c.strand))].filter((s) => s !== 'equation').sort()).toEqual([
    'conclusion',
    'observation',
    'technique',
  ]);
  expect(cells.find((c) => c.strand === 'technique' && c.test === 'flame')).toMatchObject({
    points: 1,
    answer: 'signed off',
  });
  // An equation is marked where something happens, and only there.
  for (const jar of jars) {
    const truth = lesson.samples.find((s) => s.id === jar.id)!;
    const mark = cells.find((c) => c.strand === 'equation' && c.sample === jar.id && c.test === 'sulfate');
    const wanted = equationsWanted(document.tests.find((t) => t.test === 'sulfate')! as PlannedTest, {
      ions: truth.ions,
      form: document.samples.find((d) => d.key === truth.key)?.form ?? 'solid',
    });
    const right = wanted.some((w) => w.products.includes('BaSO4'));
    expect([truth.holds, mark?.points]).toEqual([truth.holds, wanted.length ? Number(right) : undefined]);
  }
  const { text } = await world.teacher.get(`/api/lessons/${lesson.id}/marks/sheet/csv`);
  expect(text).toMatch(/Flame test, technique/);
  // The other bench logged nothing of it: nothing was signed off, and nothing is left to anybody.
  const clove = table.rows.find((r) => r.student.name === 'Clove Ling')!.cells;
  expect(clove.find((c) => c.strand === 'technique')!.verdict).toBe('none');
  await move(world.teacher, lesson, 'released');
  const { items } = (await ash.get<Feedback>('/api/bench/feedback')).body;
  expect(new Set(items.map((i) => i.strand)).has('technique')).toBe(true);
});
