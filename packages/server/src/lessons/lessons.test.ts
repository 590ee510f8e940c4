import { describe, expect, test } from '@jest/globals';
import type { Lesson, LessonHead, Problem } from '@kivex/contract';
import { shippedPracticals, type Practical } from '@kivex/core';
import { ownSchool } from '../testing/own-school.js';
import { join, makeLesson } from '../testing/test-server.js';

const world = ownSchool();

describe('making a lesson', () => {
  test('every group gets unknowns, neighbours different ones, all labelled by codes alone', async () => {
    const { groupList, samples } = await makeLesson(world.teacher, world.school);
    const [one, two] = groupList;
    expect(one!.unknowns).toHaveLength(2);
    expect(two!.unknowns.filter((id) => one!.unknowns.includes(id))).toEqual([]);
    const jars = samples.filter((s) => s.role === 'unknown');
    expect(jars).toHaveLength(6);
    expect(jars.every((s) => /^Jar \d{3}$/.test(s.label))).toBe(true);
  });
  const draft = () => ({
    practical: world.school.practical,
    class: world.school.classId,
    startsAt: '2026-05-04T09:00:00Z',
    room: 'Lab 1',
    groups: [{ row: 0, column: 0, students: world.school.students.slice(0, 2) }],
  });
  test.each<[string, (d: ReturnType<typeof draft>) => object, string, RegExp]>([
    ['no date', (d) => ({ ...d, startsAt: '' }), 'startsAt', /date and time/],
    ['no room', (d) => ({ ...d, room: '  ' }), 'room', /which room/],
    ['no practical', (d) => ({ ...d, practical: '' }), 'practical', /Choose a practical/],
    [
      'one student twice',
      (d) => ({ ...d, groups: [...d.groups, { row: 0, column: 1, students: [d.groups[0]!.students[0]] }] }),
      'groups',
      /two groups/,
    ],
    [
      'two groups on one bench',
      (d) => ({ ...d, groups: [...d.groups, { row: 0, column: 0, students: [world.school.students[2]] }] }),
      'groups',
      /bench of its own/,
    ],
    [
      'a stranger',
      (d) => ({ ...d, groups: [{ row: 0, column: 0, students: ['018f0000-0000-7000-8000-000000000000'] }] }),
      'groups',
      /not in the class/,
    ],
    [
      'an empty group',
      (d) => ({ ...d, groups: [{ row: 0, column: 0, students: [] }] }),
      'groups.0.students',
      /at least one student/,
    ],
  ])('%s is told at its field', async (_, change, field, detail) => {
    const reply = await world.teacher.post<Problem>('/api/lessons', change(draft()));
    expect(reply.status).toBe(422);
    expect(reply.body.errors?.[0]?.field).toBe(field);
    expect(reply.body.errors?.[0]?.detail).toMatch(detail);
  });
  test.each<[string, Partial<Practical>, RegExp]>([
    [
      'flames beside a solvent that catches fire',
      {
        tests: [
          { test: 'flame', variant: 'wire', attributes: ['colour'] },
          { test: 'halide-layer', variant: 'usual', attributes: ['upperLayer'] },
        ],
      },
      /hexane.*never in one lesson/,
    ],
    [
      'a solid for staff’s hands alone',
      {
        samples: [{ key: 'a', role: 'unknown', ions: ['Ni2+', 'Cl-'], form: 'solid', difficulty: 1 }],
        tests: [{ test: 'naoh', variant: 'usual', attributes: ['precipitate'] }],
      },
      /staff’s hands/,
    ],
    [
      'a salt that cannot be had',
      {
        samples: [{ key: 'a', role: 'unknown', ions: ['Cu2+', 'I-'], form: 'solution', difficulty: 1 }],
        tests: [{ test: 'naoh', variant: 'usual', attributes: ['precipitate'] }],
      },
      /cannot be had/,
    ],
  ])('of a practical with %s is refused with the reason', async (_, change, why) => {
    const base = shippedPracticals.find((p) => /Hydroxide/.test(p.title))!;
    const document = { ...base, unknownsPerGroup: 1, before: [], ...change };
    const { id } = (await world.teacher.post<{ id: string }>('/api/practicals', { document })).body;
    const reply = await world.teacher.post<Problem>('/api/lessons', { ...draft(), practical: id });
    expect([reply.status, reply.body.errors?.[0]?.field]).toEqual([422, 'practical']);
    expect(reply.body.errors?.[0]?.detail).toMatch(why);
  });
});

describe('the states of a lesson', () => {
  const move = (lesson: Lesson, state: string) =>
    world.teacher.send<Problem & Lesson>('PUT', `/api/lessons/${lesson.id}/state`, { state });
  test('go forward, and back only where that is meant', async () => {
    const lesson = await makeLesson(world.teacher, world.school, { begin: false });
    expect((await move(lesson, 'released')).status).toBe(409);
    expect((await move(lesson, 'running')).body.state).toBe('running');
    expect((await move(lesson, 'marking')).body.endedAt).not.toBeNull();
    expect((await move(lesson, 'planned')).body.detail).toMatch(/cannot become planned/);
    expect((await move(lesson, 'running')).body.endedAt).toBeNull();
  });
  test('a lesson that has begun keeps its records, time and room', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    expect((await world.teacher.send('DELETE', `/api/lessons/${lesson.id}`)).status).toBe(409);
    expect(
      (
        await world.teacher.send('PATCH', `/api/lessons/${lesson.id}`, {
          startsAt: '2026-05-05T09:00:00Z',
          room: 'Y',
        })
      ).status,
    ).toBe(409);
  });
  test('a planned one can be moved and removed', async () => {
    const lesson = await makeLesson(world.teacher, world.school, { begin: false });
    expect(
      (
        await world.teacher.send('PATCH', `/api/lessons/${lesson.id}`, {
          startsAt: '2026-05-05T09:00:00Z',
          room: 'Lab 7',
        })
      ).status,
    ).toBe(204);
    expect((await world.teacher.get<Lesson>(`/api/lessons/${lesson.id}`)).body.room).toBe('Lab 7');
    expect((await world.teacher.send('DELETE', `/api/lessons/${lesson.id}`)).status).toBe(204);
    expect((await world.teacher.get<LessonHead[]>('/api/lessons')).body.some((l) => l.id === lesson.id)).toBe(
      false,
    );
  });
  test('a latecomer is seated while the lesson runs, and sits at the new bench at once', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    const [one, two] = lesson.groupList;
    const student = await join(world.server, world.school, lesson, 0);
    await world.teacher.send('PUT', `/api/lessons/${lesson.id}/seats/${world.school.students[0]}`, {
      group: two!.id,
    });
    expect((await student.get<{ group: { id: string } }>('/api/bench')).body.group.id).toBe(two!.id);
    expect(
      (
        await world.teacher.send<Problem>(
          'PUT',
          `/api/lessons/${lesson.id}/seats/${world.school.students[1]}`,
          {
            group: lesson.id,
          },
        )
      ).body.errors?.[0]?.field,
    ).toBe('group');
    expect(one!.id).not.toBe(two!.id);
  });
});
