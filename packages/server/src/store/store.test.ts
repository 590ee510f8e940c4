import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Problem, StockPreview, Store } from '@kivex/contract';
import { sheetKinds } from '../sheets/sheet-kinds.js';
import { tableAs } from '../sheets/write-sheet.js';
import { freshDatabase, makeSchool, serve, type Client, type TestServer } from '../testing/test-server.js';
import { download, upload } from '../testing/uploads.js';

let server: TestServer;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let technician: Client;
let outsider: Client;
let classId: string;
let teacher: Client;

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  const school = await makeSchool(server, 'a');
  classId = school.classId;
  technician = await school.signIn('technician');
  teacher = await school.signIn('teacher');
  outsider = await (await makeSchool(server, 'b')).signIn('technician');
});
afterAll(async () => {
  await server.close();
  await database.drop();
});

const salt = {
  name: 'Copper(II) sulfate',
  formula: 'CuSO4.5H2O',
  form: 'solid',
  molarity: null,
  percent: null,
  density: null,
  unit: 'g',
  place: 'Bay 3',
  lowBelow: 50,
};
const store = async (by = technician) => (await by.get<Store>('/api/store')).body;
const addSalt = async (name = salt.name) =>
  (await technician.post<{ id: string }>('/api/store/items', { ...salt, name })).body.id;
const addBatch = (item: string, batch: object) =>
  technician.post<{ id: string } & Problem>(`/api/store/items/${item}/batches`, batch);
const move = (batch: string, amount: number, by = technician) =>
  by.send<Problem>('POST', `/api/store/batches/${batch}/moves`, { amount, reason: 'weighed' });

describe('stock', () => {
  test('every change of an amount is kept with who and why, and the batch is their sum', async () => {
    const item = await addSalt('Sum salt');
    const batch = (await addBatch(item, { code: 'B1', amount: 100, opened: null, expires: '2027-01-31' }))
      .body.id;
    expect((await move(batch, -30)).status).toBe(204);
    expect((await move(batch, 5)).status).toBe(204);
    const { items, moves } = await store();
    expect(items.find((i) => i.id === item)?.batches).toEqual([
      { id: batch, code: 'B1', amount: 75, opened: null, expires: '2027-01-31' },
    ]);
    const own = moves.filter((m) => m.batch === 'B1' && m.item === 'Sum salt');
    expect(own.reduce((sum, m) => sum + m.amount, 0)).toBe(75);
    expect(own[0]).toMatchObject({ by: 'The technician', reason: 'weighed', unit: 'g' });
  });
  test('more than there is cannot be taken, by two at once neither', async () => {
    const item = await addSalt('Last salt');
    const batch = (await addBatch(item, { code: 'B', amount: 10, opened: null, expires: null })).body.id;
    expect((await move(batch, -11)).body.detail).toMatch(/There are 10 in this batch/);
    const both = await Promise.all([move(batch, -8), move(batch, -8)]);
    expect(both.map((r) => r.status).sort()).toEqual([204, 409]);
  });
  test.each<[string, object, RegExp]>([
    ['a formula that is none', { formula: 'Copper!' }, /not a formula/],
    ['percent without density', { percent: 37 }, /belong together/],
    ['no name', { name: ' ' }, /what it is/],
    ['a unit unknown', { unit: 'lb' }, /unit/],
  ])('%s is told', async (_, change, detail) => {
    const reply = await technician.post<Problem>('/api/store/items', { ...salt, ...change });
    expect(reply.status).toBe(422);
    expect(reply.body.detail).toMatch(detail);
  });
  test('a unit stays while batches are counted in it; a day that is none is refused', async () => {
    const item = await addSalt('Unit salt');
    expect((await addBatch(item, { code: 'B', amount: 1, opened: '2026-13-01', expires: null })).status).toBe(
      422,
    );
    await addBatch(item, { code: 'B', amount: 1, opened: '2026-11-01', expires: null });
    const reply = await technician.send<Problem>('PUT', `/api/store/items/${item}`, {
      ...salt,
      unit: 'pieces',
    });
    expect(reply.status).toBe(409);
  });
  test('another school sees and changes nothing of it', async () => {
    const item = await addSalt('Ours alone');
    const batch = (await addBatch(item, { code: 'B', amount: 1, opened: null, expires: null })).body.id;
    expect((await store(outsider)).items).toEqual([]);
    expect((await move(batch, 1, outsider)).status).toBe(404);
    expect((await outsider.send('PUT', `/api/store/items/${item}`, salt)).status).toBe(404);
    expect((await outsider.send('DELETE', `/api/store/items/${item}`)).status).toBe(404);
  });
});

describe('sheets', () => {
  test.each(sheetKinds)('the store goes out as %s, and into another school', async (kind) => {
    const item = await addSalt(`Travel salt ${kind}`);
    await addBatch(item, { code: `T-${kind}`, amount: 40, opened: '2026-10-01', expires: '2027-10-01' });
    const file = await download(technician, `/api/store/sheet/${kind}`);
    expect(file.status).toBe(200);
    const preview = await upload<StockPreview>(outsider, '/api/store/sheet/preview', file.bytes);
    expect(preview.body).toMatchObject({ problem: null });
    expect(preview.body.rows.every((r) => r.problem === null)).toBe(true);
    expect((await store(outsider)).items.some((i) => i.name === `Travel salt ${kind}`)).toBe(false);
    expect((await upload(outsider, '/api/store/sheet', file.bytes)).status).toBe(200);
    const [mine, theirs] = [await store(), await store(outsider)].map((s) =>
      s.items.find((i) => i.name === `Travel salt ${kind}`)!,
    );
    const bare = ({ id: _id, batches, ...rest }: typeof mine & object) => ({
      ...rest,
      batches: batches.map(({ id: _b, ...b }) => b),
    });
    expect(bare(theirs!)).toEqual(bare(mine!));
    // Brought in twice, it is there once.
    expect(
      (await upload<{ items: number; batches: number }>(outsider, '/api/store/sheet', file.bytes)).body,
    ).toEqual({ items: 0, batches: 0 });
  });
  test('a row that cannot be taken says why, and the rest is taken', async () => {
    const sheet = await tableAs('csv', 'S', [
      ['Name', 'Formula', 'Amount', 'Batch', 'Expires'],
      ['Good one', 'NaCl', '5', 'G', '31/12/2027'],
      ['Bad day', 'NaCl', '5', 'H', 'soon'],
      ['', 'NaCl', '5', 'I', ''],
    ]);
    const preview = await upload<StockPreview>(technician, '/api/store/sheet/preview', sheet);
    expect(preview.body.rows.map((r) => [r.line, r.problem === null])).toEqual([
      [2, true],
      [3, false],
      [4, false],
    ]);
    expect((await upload(technician, '/api/store/sheet', sheet)).body).toEqual({ items: 1, batches: 1 });
    const none = await upload<Problem>(
      technician,
      '/api/store/sheet',
      await tableAs('csv', 'S', [['Colour'], ['red']]),
    );
    expect([none.status, none.body.detail]).toEqual([422, expect.stringMatching(/headed “Name”/)]);
  });
  test.each(sheetKinds)('a roster goes out and in as %s', async (kind) => {
    const out = await download(teacher, `/api/classes/${classId}/roster/sheet/${kind}`);
    const { body } = await upload<{ text: string }>(
      teacher,
      `/api/classes/${classId}/roster/file`,
      out.bytes,
    );
    expect(body.text).toMatch(/^Name\r?\nAsh Tern\r?\nBirch Sole/);
  });
});
