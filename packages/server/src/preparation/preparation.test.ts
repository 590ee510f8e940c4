import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Bench, Lesson, LessonPlanning, Preparation, Problem, Room, Store } from '@kivex/contract';
import { shippedPracticals, type Label } from '@kivex/core';
import { DataSource } from 'typeorm';
import { PracticalsService } from '../practicals/practicals.service.js';
import { ownSchool } from '../testing/own-school.js';
import { join, type Client } from '../testing/test-server.js';
import { download } from '../testing/uploads.js';

const world = ownSchool();
let technician: Client;
let lesson: Lesson;
const anions = shippedPracticals.find((p) => /Which anion/.test(p.title))!;

beforeAll(async () => {
  technician = await world.school.signIn('technician');
  await technician.post('/api/rooms', {
    name: 'Lab 4',
    plan: {
      rows: 1,
      columns: 2,
      benches: [
        { row: 0, column: 0 },
        { row: 0, column: 1 },
      ],
      places: { burner: 2, 'fume-cupboard': 1 },
    },
  });
  lesson = (await makeFrom('Lab 4')).body;
});

async function makeFrom(room: string) {
  const practical = await world.server.app.get(PracticalsService).add(world.school.schoolId, anions);
  return world.teacher.post<Lesson>('/api/lessons', {
    practical,
    class: world.school.classId,
    startsAt: '2026-12-04T09:00:00.000Z',
    room,
    groups: [
      { row: 0, column: 0, students: world.school.students.slice(0, 2) },
      { row: 0, column: 1, students: world.school.students.slice(2) },
    ],
  });
}
const at = (path: string) => `/api/lessons/${lesson.id}/preparation${path}`;
const show = async () => (await technician.get<Preparation>(at(''))).body;

describe('rooms', () => {
  const plan = { rows: 1, columns: 1, benches: [{ row: 0, column: 0 }], places: {} };
  test('give a lesson their stations', () =>
    expect(lesson.planning.places).toEqual({ burner: 2, 'fume-cupboard': 1 }));
  test.each<[string, object, RegExp]>([
    ['two benches on a spot', { ...plan, benches: [...plan.benches, ...plan.benches] }, /one spot/],
    ['a bench outside', { ...plan, benches: [{ row: 2, column: 0 }] }, /outside/],
    ['no bench', { ...plan, benches: [] }, /at least one bench/],
    ['places below nothing', { ...plan, places: { burner: -1 } }, /0 to 60/],
  ])('with %s are refused', async (_, wrong, detail) => {
    const reply = await technician.post<Problem>('/api/rooms', { name: 'Odd', plan: wrong });
    expect([reply.status, reply.body.detail]).toEqual([422, expect.stringMatching(detail)]);
  });
  test('changed by two at once, are the first one’s; who comes second is told, and saves over it knowing', async () => {
    const made = (await technician.post<Room>('/api/rooms', { name: 'Lab 7', plan })).body;
    const path = `/api/rooms/${made.id}`;
    const saved = await Promise.all(
      (['Mine', 'Yours'] as const).map((name, i) =>
        [technician, world.teacher][i]!.send<Problem>('PUT', path, { name, plan, from: made.version }),
      ),
    );
    const [first, second] = saved.map((s) => s.status).sort();
    expect([first, second]).toEqual([200, 409]);
    expect(saved.find((s) => s.status === 409)!.body.detail).toMatch(/^Somebody else has saved this room/);
    const kept = (await technician.get<Room[]>('/api/rooms')).body.find((r) => r.id === made.id)!;
    expect(kept.name).toBe(saved[0]!.status === 200 ? 'Mine' : 'Yours');
    expect((await technician.send('PUT', path, { name: 'Both', plan, from: kept.version })).status).toBe(200);
    expect((await technician.send('DELETE', path)).status).toBe(204);
  });
  test('have names of their own, are changed and removed', async () => {
    expect((await technician.post('/api/rooms', { name: 'Lab 4', plan })).status).toBe(409);
    const made = (await technician.post<Room>('/api/rooms', { name: 'Lab 5', plan })).body;
    const wider = await technician.send<Room>('PUT', `/api/rooms/${made.id}`, {
      name: 'Lab 6',
      plan: { ...plan, columns: 2 },
      from: made.version,
    });
    expect(wider.body).toMatchObject({ name: 'Lab 6', plan: { columns: 2 }, version: made.version + 1 });
    expect((await technician.send('DELETE', `/api/rooms/${made.id}`)).status).toBe(204);
    expect((await technician.get<Room[]>('/api/rooms')).body.map((r) => r.name)).toEqual(['Lab 4']);
  });
});

describe('preparing a lesson', () => {
  test('ticks say who and when, and can be taken back without being rubbed out', async () => {
    await technician.post(at('/ticks'), { key: 'labels', done: true });
    expect((await show()).ticks).toMatchObject([{ key: 'labels', done: true, by: 'The technician' }]);
    await world.teacher.post(at('/ticks'), { key: 'labels', done: false });
    expect((await show()).ticks).toMatchObject([{ key: 'labels', done: false, by: 'The teacher' }]);
    expect((await technician.post<Problem>(at('/ticks'), { key: 'fly', done: true })).status).toBe(422);
  });
  test('a substitution is logged with what it changes', async () => {
    expect((await technician.post(at('/substitutions'), { substitute: 'hno3-by-hcl' })).status).toBe(204);
    expect((await show()).substitutions[0]).toMatchObject({
      by: 'The technician',
      summary: expect.stringMatching(/results change.*always white/),
    });
    expect((await technician.post(at('/substitutions'), { substitute: 'magic' })).status).toBe(404);
  });
  test('what is taken leaves the batch that expires first and stands with the lesson', async () => {
    const item = (
      await technician.post<{ id: string }>('/api/store/items', {
        name: 'Silver nitrate',
        formula: 'AgNO3',
        form: 'solid',
        molarity: null,
        percent: null,
        density: null,
        unit: 'g',
        place: '',
        lowBelow: 1,
      })
    ).body.id;
    for (const [code, expires] of [
      ['late', '2099-01-01'],
      ['soon', '2098-01-01'],
      ['gone', '2020-01-01'],
    ])
      await technician.post(`/api/store/items/${item}/batches`, { code, amount: 5, opened: null, expires });
    expect(
      (await technician.post(at('/takings'), { item, amount: 6, reason: 'silver nitrate 0.05 M' })).status,
    ).toBe(204);
    const { items } = (await technician.get<Store>('/api/store')).body;
    const left = Object.fromEntries(items.find((i) => i.id === item)!.batches.map((b) => [b.code, b.amount]));
    expect(left).toEqual({ late: 4, soon: 0, gone: 5 });
    expect((await show()).takings.map((t) => t.amount).sort()).toEqual([1, 5]);
    const more = await technician.post<Problem>(at('/takings'), { item, amount: 5, reason: 'more' });
    expect([more.status, more.body.detail]).toEqual([422, expect.stringMatching(/wanted and 4 are there/)]);
  });
  test('the papers are PDF, the calendar is iCalendar with each task at its hour', async () => {
    for (const paper of ['sheet.pdf', 'labels.pdf', 'risk.pdf', 'labels.pdf?skip=3&only=reagent:HCl%201']) {
      const { status, type, bytes } = await download(technician, at(`/${paper}`));
      expect([paper, status, type]).toEqual([paper, 200, 'application/pdf']);
      expect(new TextDecoder().decode(bytes.slice(0, 5))).toBe('%PDF-');
    }
    expect((await technician.get<Problem>(at('/labels.pdf?only=nothing'))).status).toBe(422);
    const calendar = (await technician.get(at('/calendar.ics'))).text;
    expect(calendar).toMatch(/^BEGIN:VCALENDAR/);
    expect(calendar).toMatch(/DTSTART:20261204T090000Z/);
    expect(calendar).toMatch(/DTSTART:20261203T090000Z/);
    expect(calendar.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(5);
  });
  test('labels of unknowns bear the code the bench has, and nothing else of their own', async () => {
    const labels = (await technician.get<Label[]>(at('/labels'))).body.filter((l) => l.secret);
    const jars = lesson.samples.filter((s) => s.role === 'unknown');
    expect(labels.length).toBeGreaterThan(0);
    expect(labels.every((l) => jars.some((j) => j.label === l.title))).toBe(true);
    for (const jar of jars) expect(JSON.stringify(labels)).not.toContain(jar.holds);
  });
});

describe('planning a lesson', () => {
  const rota = { places: { burner: 1 }, pins: [{ group: 1, task: 'sulfate', start: 5 }], schedule: null };
  const prep = { surplus: 0.5, drop_mL: 0.04, plate: 'tile-12', skip: ['A1'] };
  const put = (client: Client, part: string, body: object) =>
    client.send<LessonPlanning & Problem>('PUT', `/api/lessons/${lesson.id}/planning/${part}`, body);
  const now = async () => (await world.teacher.get<Lesson>(`/api/lessons/${lesson.id}`)).body.planning;
  const versions = async () => (await now()).versions;
  test('is kept in its parts and given back; what one saves leaves the other’s as it is', async () => {
    const technician = await world.school.signIn('technician');
    const { versions: from } = await now();
    const [mine, theirs] = await Promise.all([
      put(world.teacher, 'rota', { ...rota, from: from.rota }),
      put(technician, 'preparation', { ...prep, from: from.preparation }),
    ]);
    expect([mine.status, theirs.status]).toEqual([200, 200]);
    expect(await now()).toEqual({
      ...rota,
      ...prep,
      versions: { rota: from.rota + 1, preparation: from.preparation + 1 },
    });
  });
  test('of two who began from the same, the second is told and overwrites nothing', async () => {
    const from = (await versions()).rota;
    const ours = { ...rota, places: { burner: 3 } };
    const [one, two] = await Promise.all([
      put(world.teacher, 'rota', { ...ours, from }),
      put(world.teacher, 'rota', { ...rota, places: { burner: 9 }, from }),
    ]);
    expect([one.status, two.status].sort()).toEqual([200, 409]);
    const refused = one.status === 409 ? one : two;
    expect(refused.body.detail).toMatch(/Somebody else has saved/);
    expect((await now()).places).toEqual((one.status === 200 ? one : two).body.places);
    expect((await versions()).rota).toBe(from + 1);
  });
  test('of a lesson from before there were parts begins at the first version', async () => {
    await world.server.app
      .get(DataSource)
      .query('UPDATE lesson SET planning = ? WHERE id = ?', [
        JSON.stringify({ ...rota, ...prep }),
        lesson.id,
      ]);
    expect(await now()).toEqual({ ...rota, ...prep, versions: { rota: 0, preparation: 0 } });
    expect((await put(world.teacher, 'preparation', { ...prep, from: 0 })).status).toBe(200);
  });
  test.each<[string, string, object, RegExp]>([
    ['a surplus below nothing', 'preparation', { surplus: -1 }, /surplus/],
    ['a plate unknown', 'preparation', { plate: 'tray' }, /plate/],
    ['a well that is none', 'preparation', { skip: ['top left'] }, /Wells/],
    ['a key of the other part', 'preparation', { places: {} }, /not known/],
    ['no version', 'rota', { from: undefined }, /which version/],
  ])('%s is refused', async (_, part, change, detail) => {
    const reply = await put(world.teacher, part, { from: 0, ...(part === 'rota' ? rota : prep), ...change });
    expect([reply.status, reply.body.detail]).toEqual([422, expect.stringMatching(detail)]);
  });
});

describe('dealing', () => {
  const deal = (id: string, pinned: object) =>
    world.teacher.send<Lesson & Problem>('PUT', `/api/lessons/${id}/dealing`, { pinned });
  test('keeps what is pinned, and neighbours apart', async () => {
    const [one, two] = lesson.groupList;
    const jars = lesson.samples
      .filter((s) => s.role === 'unknown')
      .slice(0, 2)
      .map((s) => s.id);
    const { status, body } = await deal(lesson.id, { [one!.id]: jars });
    expect(status).toBe(200);
    const of = (id: string) => body.groupList.find((g) => g.id === id)!.unknowns;
    expect([...of(one!.id)].sort()).toEqual([...jars].sort());
    expect(of(two!.id).filter((id) => jars.includes(id))).toEqual([]);
    const clash = await deal(lesson.id, { [one!.id]: [jars[0]], [two!.id]: [jars[0]] });
    expect([clash.status, clash.body.detail]).toEqual([422, expect.stringMatching(/neighbours/)]);
    expect((await deal(lesson.id, { [one!.id]: ['x'] })).status).toBe(422);
  });
  test('nobody meets a sample again where there is another', async () => {
    const first = (await makeFrom('Lab 4')).body;
    await world.teacher.send('PUT', `/api/lessons/${first.id}/state`, { state: 'running' });
    const student = await join(world.server, world.school, first, 0);
    // The names to choose from are the syllabus's; nothing else on the bench speaks of what a jar holds.
    const { choices, ...bench } = (await student.get<Bench>('/api/bench')).body;
    expect(choices).toEqual([['CO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-']]);
    const jars = bench.samples.filter((s) => s.role === 'unknown');
    expect(jars.map((j) => Object.keys(j))).toEqual(jars.map(() => ['id', 'role', 'label', 'tests']));
    expect(new Set(jars.map((j) => j.tests.join())).size).toBe(1);
    expect(JSON.stringify(bench)).not.toMatch(/CO3|carbonate"|iodide|bromide/);
    expect((await deal(first.id, {})).status).toBe(409);
    const met = (l: Lesson, g: number) =>
      l.groupList[g]!.unknowns.map((id) => l.samples.find((s) => s.id === id)!.holds);
    const second = (await makeFrom('Lab 4')).body;
    expect(met(second, 0).filter((holds) => met(first, 0).includes(holds))).toEqual([]);
  });
  test('groups change benches', async () => {
    const [one, two] = lesson.groupList;
    await world.teacher.send('PUT', `/api/lessons/${lesson.id}/groups/${one!.id}/bench`, {
      row: 0,
      column: 1,
    });
    const now = (await world.teacher.get<Lesson>(`/api/lessons/${lesson.id}`)).body.groupList;
    expect(now.find((g) => g.id === one!.id)!.bench).toEqual([0, 1]);
    expect(now.find((g) => g.id === two!.id)!.bench).toEqual([0, 0]);
  });
});
