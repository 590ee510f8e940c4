import { beforeAll, describe, expect, test } from '@jest/globals';
import type {
  Lesson,
  PracticalHead,
  Problem,
  SyllabusHead,
  WholePractical,
  WholeSyllabus,
} from '@kivex/contract';
import {
  emptyPractical,
  practicalSchema,
  shippedPracticals,
  syllabusOf,
  logSchema,
  syllabusSchema,
  type Practical,
  practicalVersion,
} from '@kivex/core';
import { readFileSync } from 'node:fs';
import { ownSchool } from '../testing/own-school.js';
import { makeLesson, type Client } from '../testing/test-server.js';

const world = ownSchool();
let head: Client;
const hydroxides = shippedPracticals.find((p) => /Hydroxide/.test(p.title))!;

beforeAll(async () => {
  head = await world.school.signIn('head');
});

const add = async (document: object, shared = false, by = world.teacher) =>
  (await by.post<{ id: string }>('/api/practicals', { document, shared })).body.id;
const show = (id: string, by = world.teacher) => by.get<WholePractical>(`/api/practicals/${id}`);
const save = (id: string, document: object, from: number, by = world.teacher) =>
  by.send<WholePractical & Problem>('PUT', `/api/practicals/${id}`, { document, from });

describe('a practical', () => {
  test('is kept in versions; a lesson made from one stays as it was', async () => {
    const id = await add({ ...hydroxides, unknownsPerGroup: 1 });
    const made = await world.teacher.post<Lesson>('/api/lessons', {
      practical: id,
      class: world.school.classId,
      startsAt: '2026-12-04T09:00:00Z',
      room: 'Lab 1',
      groups: [{ row: 0, column: 0, students: world.school.students.slice(0, 2) }],
    });
    expect(made.status).toBe(201);
    const saved = await save(id, { ...hydroxides, title: 'Another title' }, 1);
    expect(saved.body.head).toMatchObject({ version: 2, title: 'Another title', mine: true });
    expect(saved.body.versions.map((v) => [v.number, v.by])).toEqual([
      [2, 'The teacher'],
      [1, 'The teacher'],
    ]);
    const lesson = (await world.teacher.get<Lesson>(`/api/lessons/${made.body.id}`)).body;
    expect([lesson.practical.title, lesson.practicalVersion]).toEqual([hydroxides.title, 1]);
    expect((await world.teacher.get<Practical>(`/api/practicals/${id}/versions/1`)).body.title).toBe(
      hydroxides.title,
    );
    expect((await world.teacher.get(`/api/practicals/${id}/versions/7`)).status).toBe(404);
  });
  test('is not written over unseen: saving from an old version is refused', async () => {
    const id = await add(hydroxides, true);
    expect((await save(id, { ...hydroxides, title: 'Theirs' }, 1, head)).status).toBe(200);
    const late = await save(id, { ...hydroxides, title: 'Mine' }, 1);
    expect(late.status).toBe(409);
    expect(late.body.detail).toMatch(/version 2 meanwhile/);
    // Two saves at once: one goes through.
    const both = await Promise.all([save(id, hydroxides, 2), save(id, hydroxides, 2, head)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
  });
  test('that is private is seen by its owner alone, until shared', async () => {
    const id = await add({ ...hydroxides, title: 'Secret plan' });
    expect((await show(id, head)).status).toBe(404);
    const titles = async (c: Client) =>
      (await c.get<PracticalHead[]>('/api/practicals')).body.map((p) => p.title);
    expect(await titles(head)).not.toContain('Secret plan');
    expect((await world.teacher.send('PATCH', `/api/practicals/${id}`, { shared: true })).status).toBe(204);
    expect(await titles(head)).toContain('Secret plan');
  });
  test('is archived and brought back; what came with Kivex cannot be made private', async () => {
    const id = world.school.practical;
    await world.teacher.send('PATCH', `/api/practicals/${id}`, { archived: true });
    expect((await show(id)).body.head.archived).toBe(true);
    await world.teacher.send('PATCH', `/api/practicals/${id}`, { archived: false });
    expect((await show(id)).body.head.archived).toBe(false);
    expect((await world.teacher.send('PATCH', `/api/practicals/${id}`, { shared: false })).status).toBe(403);
    expect((await head.send('PATCH', `/api/practicals/${id}`, { shared: false })).status).toBe(409);
  });
  test('goes out as a file and comes back the same', async () => {
    const id = await add(hydroxides);
    const file = await world.teacher.get(`/api/practicals/${id}/file`);
    expect(file.headers.get('content-disposition')).toMatch(/attachment; filename=".*kivex-practical\.json"/);
    const back = await add(JSON.parse(file.text) as object);
    expect((await show(back)).body.document).toEqual(hydroxides);
  });
  test.each<[string, object, RegExp, RegExp]>([
    ['an empty object', {}, /format/, /not a practical/],
    ['an unfinished one', emptyPractical(), /title/, /empty/],
    [
      'a wrong ion',
      { ...hydroxides, samples: [{ ...hydroxides.samples[0], ions: ['Q+'] }] },
      /samples 1, ions 1/,
      /not one of/,
    ],
  ])('that is %s is refused, each place with its sentence', async (_, document, field, detail) => {
    const reply = await world.teacher.post<Problem>('/api/practicals', { document });
    expect(reply.status).toBe(422);
    expect(reply.body.errors?.some((e) => field.test(e.field) && detail.test(e.detail))).toBe(true);
  });
  test('a lesson that was made under version 1 of the format reads as the newest', async () => {
    const lesson = await makeLesson(world.teacher, world.school, { begin: false });
    expect(lesson.practical.formatVersion).toBe(practicalVersion);
    const { setUp: _s, clearUp: _c, asks: _a, before: _b, ...old } = hydroxides;
    const id = await add({ ...old, formatVersion: 1 });
    expect((await show(id)).body.document).toMatchObject({
      formatVersion: practicalVersion,
      asks: 'cation',
      setUp: 5,
    });
  });
});

describe('a syllabus of the school', () => {
  test('is carried by the practicals that use it as it stood, and reaches them when they are saved again', async () => {
    const own = { ...syllabusOf('core'), id: 'own', name: 'Ours', strictness: 'strict' };
    const made = await world.teacher.post<{ id: string }>('/api/syllabuses', { document: own });
    expect(made.status).toBe(201);
    const id = made.body.id;
    const practical = await add({ ...hydroxides, syllabus: id });
    expect((await show(practical)).body.document.ownSyllabus).toMatchObject({ id, strictness: 'strict' });
    const looser = await world.teacher.send<WholeSyllabus>('PUT', `/api/syllabuses/${id}`, {
      document: { ...own, strictness: 'generous' },
      from: 1,
    });
    expect(looser.body.head.version).toBe(2);
    expect((await show(practical)).body.document.ownSyllabus?.strictness).toBe('strict');
    const { document } = (await show(practical)).body;
    expect((await save(practical, document, 1)).body.document.ownSyllabus?.strictness).toBe('generous');
    expect((await head.get<SyllabusHead[]>('/api/syllabuses')).body.map((s) => s.name)).toContain('Ours');
  });
  test('with a word no one reads is refused at its place', async () => {
    const core = syllabusOf('core');
    const own = { ...core, id: 'x', wording: { flame: { colour: { 'K+': { strict: ['mauvish'] } } } } };
    const reply = await world.teacher.post<Problem>('/api/syllabuses', { document: own });
    expect(reply.status).toBe(422);
    expect(reply.body.errors?.[0]?.field).toMatch(/wording, flame, colour, K\+/);
  });
});

test('the published schemas are those the code checks by (node scripts/schemas.mjs writes them)', async () => {
  const published = (name: string) =>
    JSON.parse(
      readFileSync(new URL(`../../../../docs/schemas/${name}.schema.json`, import.meta.url), 'utf8'),
    ) as object;
  const plain = (schema: object) => JSON.parse(JSON.stringify(schema)) as object;
  expect(published('practical')).toEqual(plain(practicalSchema));
  expect(published('syllabus')).toEqual(plain(syllabusSchema));
  expect(published('log')).toEqual(plain(logSchema));
  expect((await world.server.client().get('/api/practicals/schema')).body).toEqual(plain(practicalSchema));
});
