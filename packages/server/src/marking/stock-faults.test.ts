/** A bottle that was off, as the class's records tell, is no student's fault: what it spoilt is left to a person. */
import { expect, test } from '@jest/globals';
import type { Bench, Lesson, MarkTable } from '@kivex/contract';
import { emptyPractical } from '@kivex/core';
import { ownSchool } from '../testing/own-school.js';
import { entry, move, pins, send } from '../testing/test-server.js';

const world = ownSchool();

test('limewater that stays clear at every bench goes to review; waved away, it is marked as any other', async () => {
  const salt = (key: string, role: 'known' | 'unknown', ...ions: string[]) =>
    ({ key, role, ions, form: 'solid', difficulty: 1 }) as const;
  const document = {
    ...emptyPractical('core'),
    title: 'Acid and limewater',
    asks: 'anion',
    unknownsPerGroup: 1,
    samples: [
      salt('chalk', 'known', 'Ca2+', 'CO3^2-'),
      salt('jar', 'unknown', 'Na+', 'CO3^2-'),
      salt('other', 'unknown', 'Na+', 'Cl-'),
    ],
    tests: [{ test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence', 'limewater'] }],
  };
  const practical = (await world.teacher.post<{ id: string }>('/api/practicals', { document })).body.id;
  const lesson = (
    await world.teacher.post<Lesson>('/api/lessons', {
      practical,
      class: world.school.classId,
      startsAt: '2026-05-04T09:00:00.000Z',
      room: 'Lab 9',
      groups: world.school.students.map((id, column) => ({ row: 0, column, students: [id] })),
    })
  ).body;
  await move(world.teacher, lesson, 'running');
  for (const [i, student] of world.school.students.entries()) {
    const client = world.server.client();
    await client.post('/api/join', { code: lesson.joinCode, student, pin: pins[i] });
    const { samples } = (await client.get<Bench>('/api/bench')).body;
    const chalk = samples.find((s) => s.role === 'known')!.id;
    const seen = { effervescence: 'steady', limewater: 'clear' };
    const body = { type: 'observation', sample: chalk, test: 'dilute-acid', variant: 'hydrochloric', seen };
    expect((await send(client, [entry(body), entry({ type: 'hand-in' })])).body.refused).toEqual([]);
  }
  await move(world.teacher, lesson, 'marking');
  const limewater = async () => {
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
    return rows.map((row) => {
      const cell = row.cells.find((c) => c.key.includes('limewater') && c.answer !== '');
      return [cell?.verdict, cell?.why[0]?.code];
    });
  };
  expect(await limewater()).toEqual(Array(4).fill(['review', 'stock-fault']));
  await world.teacher.send('PUT', `/api/lessons/${lesson.id}/causes`, {
    cause: 'dead-reagent:dilute-acid:limewater-old',
    dismissed: true,
  });
  expect((await limewater()).map(([verdict]) => verdict)).toEqual(Array(4).fill('none'));
});
