import { describe, expect, test } from '@jest/globals';
import type { Lesson, LessonHead, Problem, Room } from '@kivex/contract';
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

describe('the room of a lesson', () => {
  const places = (burner: number) => ({ burner });
  const plan = (burner: number) => ({
    rows: 1,
    columns: 2,
    benches: [
      { row: 0, column: 0 },
      { row: 0, column: 1 },
    ],
    places: places(burner),
  });
  const shown = async (id: string) => (await world.teacher.get<Lesson>(`/api/lessons/${id}`)).body;
  const moveTo = (id: string, room: string) =>
    world.teacher.send('PATCH', `/api/lessons/${id}`, { startsAt: '2026-05-05T09:00:00Z', room });

  test('is the room, not its name: a new name is the lesson’s too, and what it was called last stays', async () => {
    const made = await world.teacher.post<Room>('/api/rooms', { name: 'Lab 9', plan: plan(3) });
    const { id } = await makeLesson(world.teacher, world.school, { begin: false });
    expect(await shown(id)).toMatchObject({ roomId: made.body.id, planning: { places: places(3) } });
    await world.teacher.send('PUT', `/api/rooms/${made.body.id}`, {
      name: 'The Keel',
      plan: plan(3),
      from: made.body.version,
    });
    expect((await shown(id)).room).toBe('The Keel');
    const heads = (await world.teacher.get<LessonHead[]>('/api/lessons')).body;
    expect(heads.find((l) => l.id === id)?.room).toBe('The Keel');
    await world.teacher.send('DELETE', `/api/rooms/${made.body.id}`);
    expect(await shown(id)).toMatchObject({ roomId: null, room: 'The Keel' });
  });
  test('changed, it brings the new room’s stations; stations set by hand stay', async () => {
    for (const [name, burner] of [
      ['Lab 31', 4],
      ['Lab 32', 6],
      ['Lab 33', 8],
    ] as const)
      await world.teacher.post('/api/rooms', { name, plan: plan(burner) });
    const { id } = await makeLesson(world.teacher, world.school, { begin: false });
    await moveTo(id, 'Lab 31');
    expect((await shown(id)).planning.places).toEqual(places(4));
    await moveTo(id, ' Lab 32 ');
    expect((await shown(id)).planning.places).toEqual(places(6));
    await world.teacher.send('PUT', `/api/lessons/${id}/planning/rota`, {
      from: 0,
      places: places(5),
      pins: [],
      schedule: null,
    });
    await moveTo(id, 'Lab 33');
    expect((await shown(id)).planning.places).toEqual(places(5));
    await moveTo(id, 'a hall nobody has drawn');
    expect(await shown(id)).toMatchObject({ roomId: null, room: 'a hall nobody has drawn' });
  });
});
