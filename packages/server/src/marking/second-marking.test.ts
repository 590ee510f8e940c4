/** A second marker: asked, blind, compared only when all is marked, differences settled by a decision as any other. */
import { beforeAll, describe, expect, test } from '@jest/globals';
import type { BlindHead, BlindMarking, Lesson, MarkTable, SecondMarking } from '@kivex/contract';
import { ownSchool } from '../testing/own-school.js';
import { entry, join, makeLesson, move, saw, send, type Client } from '../testing/test-server.js';

const world = ownSchool();
let lesson: Lesson;
let head: Client;
let headId: string;
let teacherId: string;
const at = (path = '') => `/api/lessons/${lesson.id}/second-markings${path}`;
const ask = (part: object = {}) =>
  world.teacher.post<SecondMarking>(at(), { marker: headId, size: 100, tolerance: 0, ...part });
const listed = async () => (await world.teacher.get<SecondMarking[]>(at())).body;
const marks = async () => (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
const shown = async (id: string, who: Client = head) => who.get<BlindMarking>(`/api/second-markings/${id}`);
const give = (id: string, blind: string, points: number, who: Client = head) =>
  who.send('PUT', `/api/second-markings/${id}/${blind}`, { points });

beforeAll(async () => {
  head = await world.school.signIn('head');
  const staff = (await head.get<{ id: string; role: string }[]>('/api/people/staff')).body;
  headId = staff.find((s) => s.role === 'head')!.id;
  teacherId = staff.find((s) => s.role === 'teacher')!.id;
  lesson = await makeLesson(world.teacher, world.school);
  const known = lesson.samples.filter((s) => s.role === 'known').map((s) => s.id);
  for (const place of [0, 2]) {
    const who = await join(world.server, world.school, lesson, place);
    await send(who, [
      ...known.map((sample) => entry(saw(sample, place ? 'yellow' : 'crimson'))),
      entry({ type: 'hand-in' }),
    ]);
  }
});

describe('a second marking', () => {
  test('comes after the lesson, from somebody else of the school who teaches', async () => {
    const early = await ask();
    expect([early.status, JSON.stringify(early.body)]).toEqual([
      409,
      expect.stringMatching(/lesson is over/),
    ]);
    await move(world.teacher, lesson, 'marking');
    for (const [marker, says] of [
      [teacherId, /somebody else/],
      ['01890000-0000-7000-8000-000000000000', /teacher of your school/],
    ] as const) {
      const reply = await ask({ marker });
      expect([reply.status, JSON.stringify(reply.body)]).toEqual([422, expect.stringMatching(says)]);
    }
    expect((await ask({ size: 0 })).status).toBe(422);
  });
  test('shows answers without names, groups or points, to whom was asked and nobody else', async () => {
    const { id, size } = (await ask({ size: 5 })).body;
    expect(size).toBe(5);
    const { body } = await shown(id);
    expect(body.answers).toHaveLength(5);
    expect(Object.keys(body.answers[0]!).sort()).toEqual(
      ['answer', 'attribute', 'id', 'max', 'points', 'strand', 'test', 'truth'].sort(),
    );
    const text = JSON.stringify(body);
    for (const name of ['Ash', 'Birch', 'Clove', 'Group 1']) expect(text).not.toContain(name);
    expect((await shown(id, world.teacher)).status).toBe(403);
    expect((await give(id, body.answers[0]!.id, 1, world.teacher)).status).toBe(403);
    expect((await head.get<BlindHead[]>('/api/second-markings')).body).toMatchObject([
      { id, size: 5, done: 0 },
    ]);
    expect((await world.teacher.get<BlindHead[]>('/api/second-markings')).body).toEqual([]);
  });
  test('is compared once all is marked, and not before', async () => {
    const { id, size } = (await ask()).body;
    const { answers } = (await shown(id)).body;
    expect((await give(id, answers[0]!.id, 9)).status).toBe(422);
    for (const [i, one] of answers.entries()) {
      if (i === size - 1)
        expect((await listed()).find((m) => m.id === id)).toMatchObject({ done: i, result: null });
      await give(id, one.id, one.answer === 'crimson' && one.truth.includes('Li+') ? 1 : 0);
    }
    const { result } = (await listed()).find((m) => m.id === id)!;
    const cells = (await marks()).rows.flatMap((r) => r.cells).filter((c) => !c.open && c.answer);
    const truth = new Map(lesson.samples.map((s) => [s.id, s.ions]));
    const alike = cells.filter(
      (c) => c.points === Number(c.answer === 'crimson' && truth.get(c.sample)!.includes('Li+')),
    ).length;
    expect(result!.all.n).toBe(cells.length);
    expect(result!.all.exact.share).toBeCloseTo(alike / cells.length, 12);
    expect(result!.differences).toHaveLength(cells.length - alike);
    expect(result!.differences.length).toBeGreaterThan(0);
    expect((await head.get<BlindHead[]>('/api/second-markings')).body.some((m) => m.id === id)).toBe(false);
  });
  test('its differences are settled one by one, by a decision that says so', async () => {
    const marking = (await listed()).find((m) => m.result?.differences.length)!;
    const [one] = marking.result!.differences;
    const settle = (points: number) => world.teacher.send('PUT', at(`/${one!.id}`), { points });
    expect((await settle(7)).status).toBe(422);
    expect((await settle(one!.second)).status).toBe(200);
    const cell = (await marks()).rows.flatMap((r) => r.cells).find((c) => c.id === one!.mark)!;
    expect(cell).toMatchObject({ points: one!.second, open: false });
    expect(cell.changes.at(-1)!.reason).toMatch(/^Settled with The head: /);
    const after = (await listed()).find((m) => m.id === marking.id)!.result!;
    expect(after.differences.find((d) => d.id === one!.id)!.settled).toBe(one!.second);
    // What they agreed on blind stays what it was.
    expect(after.all).toEqual(marking.result!.all);
    expect((await give(marking.id, one!.id, 0)).status).toBe(409);
  });
  test('a tolerance lets markers be apart', async () => {
    const { id } = (await ask({ tolerance: 1 })).body;
    for (const one of (await shown(id)).body.answers) await give(id, one.id, 0);
    const { result } = (await listed()).find((m) => m.id === id)!;
    expect(result!.all.within.share).toBe(1);
    expect(result!.differences).toEqual([]);
  });
});
