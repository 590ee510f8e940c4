import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Incident, KeptSample } from '@kivex/contract';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { makeSchool } from '../../testing/test-server.js';

const world = ownLesson('ash');
let at: string;
beforeEach(() => {
  at = `/api/lessons/${world.lesson.id}`;
});
const group = () => world.lesson.groupList[0]!;
const incident = (more: object = {}) => ({
  kind: 'splash',
  nearMiss: false,
  group: group().id,
  student: world.school.students[0],
  what: 'Acid on the sleeve',
  done: '',
  ...more,
});

describe('incidents', () => {
  test('are logged in a moment, completed later, and keep who logged them', async () => {
    const { body } = await world.teacher.post<Incident>(`${at}/incidents`, incident());
    expect(body).toMatchObject({ kind: 'splash', by: 'The teacher', student: { name: 'Ash Tern' } });
    const changed = await world.teacher.send<Incident>(
      'PUT',
      `${at}/incidents/${body.id}`,
      incident({ done: 'Rinsed for ten minutes', student: null, group: null }),
    );
    expect(changed.body).toMatchObject({ done: 'Rinsed for ten minutes', student: null, at: body.at });
    expect((await world.teacher.get<Incident[]>(`${at}/incidents`)).body).toHaveLength(1);
  });
  test('go out as a sheet in which nothing is a formula', async () => {
    await world.teacher.post(`${at}/incidents`, incident({ what: '=1+1', nearMiss: true }));
    const { text } = await world.teacher.get(`${at}/incidents/csv`);
    expect(text).toContain("'=1+1");
    expect(text).toContain('Ash Tern');
  });
  test('of nobody, no bench and no kind of this school are refused at their field', async () => {
    for (const [wrong, field] of [
      [{ group: uuidv7() }, 'group'],
      [{ student: uuidv7() }, 'student'],
      [{ kind: 'tea' }, 'kind'],
      [{ what: 'x'.repeat(501) }, 'what'],
    ] as const) {
      const reply = await world.teacher.post<{ errors?: { field: string }[] }>(
        `${at}/incidents`,
        incident(wrong),
      );
      expect([reply.status, reply.body.errors?.[0]?.field]).toEqual([422, field]);
    }
  });
});

describe('samples kept for another day', () => {
  const jar = () => world.lesson.samples.find((s) => s.id === group().unknowns[0])!;
  const keep = (more: object = {}) =>
    world.teacher.post<KeptSample>(`${at}/kept`, {
      group: group().id,
      sample: jar().id,
      place: 'Fridge 2, blue rack',
      note: 'half a tube',
      days: 7,
      ...more,
    });
  test('have a code by which they are found, until they are gone', async () => {
    const { body } = await keep();
    expect(body.code).toMatch(/^[A-HJKMNP-Z2-9]{4}$/);
    const found = await world.teacher.get<KeptSample>(`/api/kept/${body.code.toLowerCase()}`);
    expect(found.body).toMatchObject({ sample: jar().label, place: 'Fridge 2, blue rack', goneAt: null });
    expect(Date.parse(body.expiresAt) - Date.parse(body.keptAt)).toBe(7 * 86_400_000);
    const gone = await world.teacher.send<KeptSample>('PUT', `/api/kept/${body.id}/gone`, { gone: true });
    expect(gone.body.goneAt).not.toBeNull();
  });
  test('are printed as labels that do not say what they hold', async () => {
    expect((await world.teacher.get(`${at}/kept/labels.pdf`)).status).toBe(422);
    await keep();
    const pdf = await world.teacher.get(`${at}/kept/labels.pdf`);
    expect([pdf.status, pdf.text.slice(0, 4)]).toEqual([200, '%PDF']);
    expect(pdf.text).not.toContain(jar().holds);
  });
  test('of another bench, another lesson or another school are not there', async () => {
    const other = world.lesson.samples.find((s) => s.role === 'unknown' && !group().unknowns.includes(s.id))!;
    expect((await keep({ sample: other.id })).status).toBe(422);
    expect((await keep({ days: 0 })).status).toBe(422);
    expect((await keep({ place: ' ' })).status).toBe(422);
    const { code } = (await keep()).body;
    const stranger = await (await makeSchool(world.server, 'far')).signIn('teacher');
    expect((await stranger.get(`/api/kept/${code}`)).status).toBe(404);
  });
});

test('the card for pictures of flames is a paper anybody of the staff may print', async () => {
  const pdf = await (await world.school.signIn('technician')).get('/api/reference-card.pdf');
  expect([pdf.status, pdf.text.slice(0, 4)]).toEqual([200, '%PDF']);
});
