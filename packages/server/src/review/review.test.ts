/** Review: a lesson's figures from its marks and log; a school's counted together; files that can be read back. */
import { Validator, type Schema } from '@cfworker/json-schema';
import { beforeAll, describe, expect, test } from '@jest/globals';
import type {
  Lesson,
  LessonReview,
  MarkTable,
  Problem,
  SchoolReview,
  SchoolSlips,
  SchoolUnlike,
} from '@kivex/contract';
import { evenScheme, logSchema, readGroup, type LessonEvent } from '@kivex/core';
import { tableFromCsv } from '@kivex/core/formats/csv-table';
import { ownSchool } from '../testing/own-school.js';
import { entry, join, makeLesson, makeSchool, move, saw, send } from '../testing/test-server.js';

const world = ownSchool();
let first: Lesson;
let second: Lesson;
/** Lithium chloride seen rightly by Ash and wrongly by Clove; over. */
async function taught(colours: readonly [string, string]): Promise<Lesson> {
  const lesson = await makeLesson(world.teacher, world.school);
  const known = lesson.samples.find((s) => s.role === 'known' && s.ions.includes('Li+'))!.id;
  const [ash, clove] = [
    await join(world.server, world.school, lesson, 0),
    await join(world.server, world.school, lesson, 2),
  ];
  await send(ash, [entry(saw(known, colours[0])), entry({ type: 'hand-in' })]);
  await send(clove, [entry(saw(known, colours[1])), entry({ type: 'hand-in' })]);
  await move(world.teacher, lesson, 'marking');
  return lesson;
}
const table = async ({ id }: Lesson) => (await world.teacher.get<MarkTable>(`/api/lessons/${id}/marks`)).body;
const review = async ({ id }: Lesson) =>
  (await world.teacher.get<LessonReview>(`/api/lessons/${id}/review`)).body;
const school = async (query = '') => (await world.teacher.get<SchoolReview>(`/api/review${query}`)).body;
const lithium = <I extends { truth: readonly string[]; strand: string; role: string }>(items: readonly I[]) =>
  items.find((i) => i.truth.includes('Li+') && i.strand === 'observation' && i.role === 'known')!;

beforeAll(async () => {
  first = await taught(['crimson', 'yellow']);
  second = await taught(['crimson', 'crimson']);
});

describe('a lesson', () => {
  test('tells how each item went, what was seen instead, and what to teach again', async () => {
    const told = await review(first);
    const { rows } = await table(first);
    const cells = rows.flatMap((row) => row.cells).filter((c) => !c.open);
    const item = lithium(told.items);
    // Ash and Birch share a record, and so have Clove and her neighbour.
    expect(item.facility).toMatchObject({ share: 0.5, n: 4 });
    expect(item.wrong).toEqual([{ answer: 'yellow', times: 2 }]);
    const lost = cells.reduce((n, c) => n + (c.max - c.points) * c.weight, 0);
    expect(told.items.reduce((n, i) => n + i.lost, 0)).toBeCloseTo(lost, 9);
    expect(told.teach.some((t) => t.seen === 'crimson' && t.instead.includes('yellow'))).toBe(true);
    expect(told.times).toMatchObject([{ test: 'flame', groups: 2, entries: 2 }]);
  });
  test('does not count those who were away, nor what a person has still to look at', async () => {
    const { rows } = await table(first);
    const clove = rows.find((r) => r.student.name === 'Clove Ling')!.student.id;
    const absent = (yes: boolean) =>
      world.teacher.send('PUT', `/api/lessons/${first.id}/marks/absent/${clove}`, { absent: yes });
    await absent(true);
    try {
      const told = await review(first);
      expect(told.absent).toBe(1);
      expect(lithium(told.items).facility.n).toBe(3);
      const together = await school();
      expect(lithium(together.items).facility.n).toBe(7);
    } finally {
      await absent(false);
    }
  });
  test('its items come out as sheets', async () => {
    const path = `/api/lessons/${first.id}/review/sheet`;
    const { text } = await world.teacher.get(`${path}/csv`);
    const [head, ...lines] = tableFromCsv(text);
    expect(head).toContain('Discrimination');
    expect(lines).toHaveLength((await review(first)).items.length);
    for (const kind of ['xlsx', 'ods']) expect((await world.teacher.get(`${path}/${kind}`)).status).toBe(200);
  });
  test('its log comes out whole, as lines that keep to the published schema, and reads as the record did', async () => {
    const { text, headers } = await world.teacher.get(`/api/lessons/${first.id}/log`);
    expect(headers.get('content-type')).toMatch(/ndjson/);
    const lines = text
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as Record<string, unknown>);
    const schema = new Validator(logSchema as unknown as Schema, '2020-12');
    for (const line of lines) expect([line, schema.validate(line).valid]).toEqual([line, true]);
    expect(lines[0]).toMatchObject({ format: 'kivex-log', lesson: first.id });
    const events = lines.slice(1) as unknown as LessonEvent[];
    const ofFirst = readGroup(events.filter((e) => e.group === first.groupList[0]!.id));
    expect(ofFirst.observations.map((o) => o.body.seen)).toEqual([{ colour: 'crimson' }]);
    expect(Object.keys(ofFirst.handedIn)).toHaveLength(1);
  });
});

describe('a school', () => {
  test('is counted together as its lessons are one by one', async () => {
    const together = await school();
    const single = [await review(first), await review(second)];
    expect(together).toMatchObject({ lessons: 2, reports: 8 });
    const ofEach = single.map((r) => lithium(r.items));
    const all = lithium(together.items);
    expect(all.facility.n).toBe(ofEach[0]!.facility.n + ofEach[1]!.facility.n);
    expect(all.facility.share).toBeCloseTo((ofEach[0]!.facility.share + ofEach[1]!.facility.share) / 2, 9);
    expect(all.lost).toBe(ofEach[0]!.lost + ofEach[1]!.lost);
    expect(together.open).toBe(single[0]!.open + single[1]!.open);
    expect(together.classes).toMatchObject([{ lessons: 2, reports: 8 }]);
    expect(together.practicals).toMatchObject([{ version: 1, lessons: 2 }]);
    // The share of a class is that of its marks by their schemes.
    const rows = [...(await table(first)).rows, ...(await table(second)).rows];
    const settled = rows.flatMap((r) => r.cells).filter((c) => !c.open);
    const sum = (of: 'points' | 'max') => settled.reduce((n, c) => n + c[of] * c.weight, 0);
    expect(together.classes[0]!.share).toBeCloseTo(sum('points') / sum('max'), 9);
  });
  test('weighs each lesson by its own scheme', async () => {
    const before = await school();
    const standing = (await table(second)).scheme;
    const scheme = { ...evenScheme, strands: { ...evenScheme.strands, observation: 0 } };
    const path = `/api/lessons/${second.id}/marks/scheme`;
    const set = await world.teacher.send<{ id: string }>('PUT', path, {
      scheme,
      reason: 'to see',
      from: standing.id,
    });
    const after = await school();
    expect(lithium(after.items).facility).toEqual(lithium(before.items).facility);
    expect(lithium(after.items).lost).toBe(lithium(before.items).lost);
    expect(after.classes[0]!.share).toBeLessThan(before.classes[0]!.share);
    await world.teacher.post(`${path}/undo`, { from: set.body.id });
    expect(await school()).toEqual(before);
  });
  test('can be looked at by class, teacher, practical and time', async () => {
    const { choices } = await school();
    expect((await school(`?class=${choices.classes[0]!.id}`)).lessons).toBe(2);
    expect(
      (await school(`?teacher=${choices.teachers[0]!.id}&practical=${choices.practicals[0]!.id}`)).lessons,
    ).toBe(2);
    const day = first.startsAt.slice(0, 10);
    expect((await school(`?from=${day}&to=${day}`)).lessons).toBe(2);
    expect(await school('?from=2001-01-01&to=2001-12-31')).toMatchObject({
      lessons: 0,
      items: [],
      teach: [],
    });
    const bad = await world.teacher.get('/api/review?from=soon');
    expect([bad.status, bad.text]).toEqual([422, expect.stringMatching(/year-month-day/)]);
  });
  test('sees nothing of another school', async () => {
    const other = await (await makeSchool(world.server, 'other')).signIn('teacher');
    expect((await other.get<SchoolReview>('/api/review')).body).toMatchObject({
      lessons: 0,
      choices: { classes: [] },
    });
    expect((await other.get(`/api/lessons/${first.id}/review`)).status).toBe(404);
    expect((await other.get(`/api/lessons/${first.id}/log`)).status).toBe(404);
  });
});

describe('how often classes slip', () => {
  const slips = async () => (await world.teacher.get<SchoolSlips>('/api/school/slips')).body;
  const agree = (body: object, { id } = first) =>
    world.teacher.send<SchoolSlips & Problem>('PUT', `/api/lessons/${id}/review/slips`, body);
  test('is the usual until a teacher lets a lesson count; then drawn towards it, and back', async () => {
    expect(await slips()).toEqual({ factor: 1, names: 0, lessons: 0, pace: 1, groups: 0, runs: 0 });
    expect((await review(first)).agreed).toBeNull();
    const { body } = await agree({ factor: 2, names: 60 });
    expect(body).toMatchObject({ names: 60, lessons: 1 });
    expect(body.factor).toBeCloseTo(Math.SQRT2, 6);
    await agree({ factor: 0.5, names: 60 }, second);
    expect(await slips()).toMatchObject({ factor: expect.closeTo(1, 6), lessons: 2 });
    expect((await review(second)).agreed).toEqual({ factor: 0.5, names: 60 });
    for (const { id } of [first, second])
      await world.teacher.send('DELETE', `/api/lessons/${id}/review/slips`);
    expect(await slips()).toMatchObject({ factor: 1, lessons: 0 });
  });
  test('with how long its groups took, where that is known', async () => {
    const { body } = await agree({ factor: 1, names: 20, pace: { factor: 2, groups: 16 } });
    expect(body).toMatchObject({ pace: expect.closeTo(Math.SQRT2, 6), groups: 16 });
    expect((await review(first)).agreed).toMatchObject({ pace: { factor: 2, groups: 16 } });
    const wrong = await agree({ factor: 1, names: 20, pace: { factor: 9, groups: 16 } });
    expect([wrong.status, wrong.body.errors?.[0]?.detail]).toEqual([
      422,
      expect.stringMatching(/A pace runs from/),
    ]);
    await world.teacher.send('DELETE', `/api/lessons/${first.id}/review/slips`);
    expect(await slips()).toMatchObject({ pace: 1, groups: 0 });
  });
  test('takes no rate that cannot be, and none of another school’s lesson', async () => {
    for (const [wrong, field] of [
      [{ factor: 40, names: 8 }, 'factor'],
      [{ factor: 0, names: 8 }, 'factor'],
      [{ factor: 1, names: 0 }, 'names'],
      [{ factor: 1, names: 1.5 }, 'names'],
    ] as const) {
      const { status, body } = await agree(wrong);
      expect([status, body.errors?.[0]?.field]).toEqual([422, field]);
    }
    const other = await (await makeSchool(world.server, 'stranger')).signIn('teacher');
    const theirs = await other.send('PUT', `/api/lessons/${first.id}/review/slips`, {
      factor: 2,
      names: 9,
    });
    expect(theirs.status).toBe(404);
  });
  test('a lesson tells what happened in it', async () => {
    const { outcome } = await review(second);
    expect(outcome).toMatchObject({ repeats: 0, names: { right: 0 } });
    expect(outcome.halfThrough_min).not.toBeNull();
  });
});

describe('the same answer with other marks, in two lessons', () => {
  test('is told with the decision that made it so, and no more once it is settled', async () => {
    const unlike = async () => (await world.teacher.get<SchoolUnlike[]>('/api/review/fairness')).body;
    const third = await taught(['yellow', 'crimson']);
    expect(await unlike()).toEqual([]);
    const ofYellow = (await table(third)).rows.flatMap((r) => r.cells).find((c) => c.answer === 'yellow')!;
    await world.teacher.post(`/api/lessons/${third.id}/marks/decisions`, {
      marks: [ofYellow.id],
      points: 1,
      reason: 'the burner was dirty',
    });
    const [found, ...more] = await unlike();
    expect(more).toEqual([]);
    expect(found).toMatchObject({ answer: 'yellow', strand: 'observation', test: 'flame', max: 1 });
    const at = (points: number) => found!.given.find((g) => g.points === points)!.lessons;
    expect(at(1)).toMatchObject([
      { id: third.id, marks: 1, decided: [{ by: 'The teacher', reason: 'the burner was dirty' }] },
    ]);
    // The one beside it, and both of the first lesson, stand as computed.
    expect(at(0).map((l) => [l.id, l.marks, l.decided])).toEqual(
      expect.arrayContaining([
        [third.id, 1, []],
        [first.id, 2, []],
      ]),
    );
    const stranger = await (await makeSchool(world.server, 'fair')).signIn('teacher');
    expect((await stranger.get<SchoolUnlike[]>('/api/review/fairness')).body).toEqual([]);
    await world.teacher.post(`/api/lessons/${third.id}/marks/decisions`, {
      marks: [ofYellow.id],
      points: null,
      reason: 'as the others',
    });
    expect(await unlike()).toEqual([]);
  });
});
