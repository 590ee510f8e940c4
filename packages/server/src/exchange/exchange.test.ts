/** Classes and results exchanged: out and back the same, in with a preview, differences told, hostile archives refused. */
import { describe, expect, test } from '@jest/globals';
import type { ClassHead, ClassRoster, ExchangePreview, ExchangeTaken, MarkTable } from '@kivex/contract';
import { tableFromCsv, tableToCsv } from '@kivex/core/formats/csv-table';
import { readExchange } from '@kivex/core/formats/exchange';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { ownLesson } from '../testing/own-school.js';
import { entry, makeSchool, move, saw, send, type Client } from '../testing/test-server.js';

const world = ownLesson('ash');
type Tables = Record<string, string[][]>;
const archive = async (who: Client = world.teacher, query = ''): Promise<Tables> => {
  const response = await fetch(`${world.server.base}/api/exchange.zip${query}`, {
    headers: { cookie: who.cookie },
  });
  expect([response.status, response.headers.get('content-type')]).toEqual([200, 'application/zip']);
  const files = unzipSync(new Uint8Array(await response.arrayBuffer()));
  return Object.fromEntries(
    Object.entries(files).map(([name, bytes]) => [name, tableFromCsv(strFromU8(bytes))]),
  );
};
const zipped = (tables: Tables) =>
  zipSync(
    Object.fromEntries(Object.entries(tables).map(([name, rows]) => [name, strToU8(tableToCsv(rows))])),
  );
async function post<T>(path: string, bytes: Uint8Array, who: Client = world.teacher) {
  const response = await fetch(`${world.server.base}${path}`, {
    method: 'POST',
    headers: { cookie: who.cookie, 'x-kivex': '1', 'content-type': 'application/octet-stream' },
    body: Buffer.from(bytes),
  });
  return { status: response.status, body: (await response.json()) as T };
}
const preview = async (tables: Tables, who?: Client) =>
  (await post<ExchangePreview>('/api/exchange/preview', zipped(tables), who)).body;
const set = (
  tables: Tables,
  file: string,
  change: (row: Record<string, string>) => Record<string, string>,
): Tables => {
  const [head, ...rows] = tables[file]!;
  return {
    ...tables,
    [file]: [
      head!,
      ...rows.map((cells) => {
        const row = change(Object.fromEntries(head!.map((h, i) => [h, cells[i]!])));
        return head!.map((h) => row[h]!);
      }),
    ],
  };
};
async function released() {
  await send(world.ash, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
  await move(world.teacher, world.lesson, 'marking');
  await move(world.teacher, world.lesson, 'released');
}

describe('an archive', () => {
  test('holds classes, people and what was given out, and brings nothing new to whence it came', async () => {
    await released();
    const tables = await archive();
    const { exchange, problems } = readExchange(tables);
    expect(problems).toEqual([]);
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
    const ours = exchange.results.filter((r) => r.lineItem === world.lesson.id);
    expect(new Map(ours.map((r) => [r.student, r.score]))).toEqual(
      new Map(rows.map((r) => [r.student.id, r.points])),
    );
    const told = await preview(tables);
    expect(told.problems).toEqual([]);
    expect(told.classes.flatMap((c) => [...c.fresh, ...c.missing])).toEqual([]);
    expect(told.differences).toEqual([]);
    // No PINs, no passwords, no addresses.
    expect(JSON.stringify(tables)).not.toMatch(/argon2|@test/);
  });
  test('does not hold what was taken back', async () => {
    await released();
    await move(world.teacher, world.lesson, 'marking');
    expect(readExchange(await archive()).exchange.lineItems.map((l) => l.id)).not.toContain(world.lesson.id);
  });
  test('with a result that was changed elsewhere tells the difference, and changes no mark', async () => {
    await released();
    const before = await archive();
    const changed = set(before, 'results.csv', (row) =>
      row['lineItemSourcedId'] === world.lesson.id ? { ...row, score: '99' } : row,
    );
    const { differences } = await preview(changed);
    expect(differences).toHaveLength(4);
    expect(differences[0]).toMatchObject({ theirs: 99, lessonId: world.lesson.id });
    await post('/api/exchange', zipped(changed));
    expect((await archive())['results.csv']!.map((r) => r[6])).toEqual(
      before['results.csv']!.map((r) => r[6]),
    );
  });
});

describe('rosters from elsewhere', () => {
  test('are shown, then taken in: new classes and new people, and nobody is taken out', async () => {
    const other = await (await makeSchool(world.server, 'exch')).signIn('teacher');
    const theirs = await archive();
    const { classes } = await preview(theirs, other);
    // The other school has a class of the same name and people: the names are the same, so nobody is new.
    expect(classes.every((c) => c.fresh.length === 0 || !c.here)).toBe(true);
    const fresh = set(
      set(theirs, 'classes.csv', (row) => ({ ...row, title: '12 Skiff' })),
      'users.csv',
      (row) => ({
        ...row,
        familyName: `${row['familyName']}-Lund`,
      }),
    );
    const told = await preview(fresh, other);
    expect(told.classes).toMatchObject([{ name: '12 Skiff', here: false }]);
    const { status, body } = await post<ExchangeTaken>('/api/exchange', zipped(fresh), other);
    expect([status, body.classes]).toEqual([200, 1]);
    const made = (await other.get<ClassHead[]>('/api/classes')).body.find((c) => c.name === '12 Skiff')!;
    const roster = (await other.get<ClassRoster>(`/api/classes/${made.id}`)).body;
    expect(roster.students.length).toBe(body.students);
    expect(roster.students.every((s) => s.name.endsWith('-Lund'))).toBe(true);
    // Sent twice, taken once.
    expect((await post<ExchangeTaken>('/api/exchange', zipped(fresh), other)).body).toEqual({
      classes: 0,
      students: 0,
    });
  });
  test.each<[string, () => Uint8Array, RegExp]>([
    ['no archive', () => strToU8('name,class'), /no zip file/],
    ['an archive of nothing', () => zipSync({ 'x.txt': strToU8('x') }), /missing or empty|no class/],
    ['a bomb', () => zipSync({ 'users.csv': new Uint8Array(12_000_000) }), /too large/],
    ['half an archive', () => zipped({ 'users.csv': [['a']] }).subarray(0, 40), /./],
  ])('%s is refused with a sentence', async (_, bytes, says) => {
    const reply = await post('/api/exchange', bytes());
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([422, expect.stringMatching(says)]);
  });
});
