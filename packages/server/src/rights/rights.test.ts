/** Rights: what is held of one student comes out whole; a class is made nameless, or goes, with a certificate. */
import { describe, expect, test } from '@jest/globals';
import type { AuditEntry, Certificate, ClassRoster, MarkTable, Retention } from '@kivex/contract';
import { strFromU8, unzipSync } from 'fflate';
import { DataSource } from 'typeorm';
import { ownServer } from '../testing/own-school.js';
import { entry, join, makeLesson, makeSchool, move, saw, send, type Client } from '../testing/test-server.js';

const server = ownServer();
let schools = 0;
/** What is erased is gone: each test has a school of its own, a lesson of four begun. */
async function school() {
  const own = await makeSchool(server.server, `r${++schools}`);
  const [teacher, head] = [await own.signIn('teacher'), await own.signIn('head')];
  const lesson = await makeLesson(teacher, own);
  const ash = await join(server.server, own, lesson, 0);
  const known = lesson.samples.find((s) => s.role === 'known' && s.ions.includes('Li+'))!.id;
  const roster = async () => (await teacher.get<ClassRoster>(`/api/classes/${lesson.classId}`)).body;
  const erase = async (way: string, name?: string, who: Client = head) =>
    who.post<Certificate>(`/api/classes/${lesson.classId}/erase`, {
      way,
      name: name ?? (await roster()).name,
    });
  const student = lesson.groupList[0]!.students.find((s) => s.name === 'Ash Tern')!;
  return { teacher, head, lesson, ash, known, roster, erase, student, classId: lesson.classId };
}
type Own = Awaited<ReturnType<typeof school>>;
const sql = <T>(statement: string, values: unknown[] = []) =>
  server.server.app.get(DataSource).query<T[]>(statement, values);

/** Ash made a run on screen, logged, handed in, was marked, changed and given the marks, and asked about one. */
async function worked(world: Own) {
  await send(world.ash, [entry(saw(world.known, 'yellow')), entry({ type: 'hand-in' })]);
  const onScreen = { kind: 'catch-up', asks: 'cation', seed: 4 };
  await world.teacher.send('PUT', `/api/lessons/${world.lesson.id}/screen-work`, onScreen);
  await world.ash.post('/api/bench/screen-work', { actions: [{ do: 'take' }], entries: [] });
  await move(world.teacher, world.lesson, 'marking');
  const marks = `/api/lessons/${world.lesson.id}/marks`;
  const { rows } = (await world.teacher.get<MarkTable>(marks)).body;
  const [cell] = rows.find((r) => r.student.id === world.student.id)!.cells;
  await world.teacher.post(`${marks}/decisions`, { marks: [cell!.id], points: 0, reason: 'as agreed' });
  await move(world.teacher, world.lesson, 'released');
  await world.ash.post('/api/bench/feedback/questions', { key: cell!.key, text: 'Why?' });
}

describe('everything held of a student', () => {
  test('comes out in one archive: entries, marks with decisions, what was given out, questions', async () => {
    const world = await school();
    await worked(world);
    const response = await fetch(`${server.server.base}/api/students/${world.student.id}/archive`, {
      headers: { cookie: world.teacher.cookie },
    });
    expect([response.status, response.headers.get('content-type')]).toEqual([200, 'application/zip']);
    const files = unzipSync(new Uint8Array(await response.arrayBuffer()));
    const read = (end: string) => strFromU8(files[Object.keys(files).find((name) => name.endsWith(end))!]!);
    expect(JSON.parse(read('student.json'))).toMatchObject({ name: 'Ash Tern', hasPin: true });
    const entries = read('entries.jsonl')
      .split('\n')
      .map((line) => JSON.parse(line) as { by: string; body: { type: string } });
    expect(entries.map((e) => e.body.type)).toEqual(['observation', 'hand-in']);
    expect(new Set(entries.map((e) => e.by))).toEqual(new Set([world.student.id]));
    const marks = JSON.parse(read('marks.json')) as { decisions: { reason: string }[] }[];
    expect(marks.flatMap((m) => m.decisions.map((d) => d.reason))).toEqual(['as agreed']);
    expect(JSON.parse(read('given.json'))).toHaveLength(1);
    expect(JSON.parse(read('questions.json'))).toMatchObject([{ text: 'Why?' }]);
    expect(JSON.parse(read('on-screen.json'))).toMatchObject([
      { passed: false, run: { actions: [{ do: 'take' }] } },
    ]);
    // Nothing of anybody else, and no PIN.
    const all = Object.values(files)
      .map((bytes) => strFromU8(bytes))
      .join('\n');
    expect(all).not.toMatch(/Clove|Birch|argon2/);
  });
});

describe('a class', () => {
  test('is made nameless: work and marks stay, people do not, and a certificate says what went', async () => {
    const world = await school();
    await worked(world);
    const before = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
    const { status, body } = await world.erase('nameless');
    expect([status, body]).toMatchObject([
      201,
      { way: 'nameless', by: 'The head', went: { names: 4, 'questions about marks': 1 } },
    ]);
    const after = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
    expect(after.rows.map((r) => r.points).sort()).toEqual(before.rows.map((r) => r.points).sort());
    expect(after.rows.every((r) => /^Student \d+$/.test(r.student.name))).toBe(true);
    const names = before.rows.map((r) => r.student.name);
    const trail = (await world.head.get<AuditEntry[]>('/api/audit')).body;
    for (const name of names) {
      expect(JSON.stringify(trail)).not.toContain(name);
      expect(JSON.stringify((await world.head.get<Retention>('/api/school/retention')).body)).not.toContain(
        name,
      );
    }
    // Who was signed in is so no more, and no PIN lets anybody in.
    expect((await world.ash.get('/api/bench')).status).toBe(401);
    expect(
      await sql('SELECT id FROM student WHERE classId = ? AND pinHash IS NOT NULL', [world.classId]),
    ).toEqual([]);
  });
  test('goes as a whole, with its lessons, entries, marks and decisions', async () => {
    const world = await school();
    await worked(world);
    const lesson = world.lesson.id;
    const { body } = await world.erase('gone');
    expect(body.went).toMatchObject({ names: 4, lessons: 1, entries: 2 });
    for (const [table, column] of [
      ['lesson_event', 'lessonId'],
      ['mark', 'lessonId'],
      ['mark_release', 'lessonId'],
      ['student', 'classId'],
    ] as const)
      expect([
        table,
        await sql(`SELECT 1 FROM ${table} WHERE ${column} IN (?, ?) LIMIT 1`, [lesson, world.classId]),
      ]).toEqual([table, []]);
    expect((await world.teacher.get(`/api/lessons/${lesson}`)).status).toBe(404);
    const { certificates } = (await world.head.get<Retention>('/api/school/retention')).body;
    expect(certificates.map((c) => c.id)).toContain(body.id);
  });
  test('is not erased while a lesson is on, without its name typed, by a teacher, or over a record of an accident', async () => {
    const world = await school();
    const running = await world.erase('nameless');
    expect([running.status, JSON.stringify(running.body)]).toEqual([
      409,
      expect.stringMatching(/lesson of this class is on/),
    ]);
    await worked(world);
    const untyped = await world.erase('nameless', 'something else');
    expect([untyped.status, JSON.stringify(untyped.body)]).toEqual([
      422,
      expect.stringMatching(/to be sure/),
    ]);
    const path = `/api/classes/${world.classId}/erase`;
    expect((await world.teacher.post(path, { way: 'gone', name: (await world.roster()).name })).status).toBe(
      403,
    );
    await world.teacher.post(`/api/lessons/${world.lesson.id}/incidents`, {
      kind: 'burn',
      nearMiss: false,
      what: 'touched a hot wire',
      done: 'cold water',
      group: null,
      student: world.student.id,
    });
    const accident = await world.erase('gone');
    expect([accident.status, JSON.stringify(accident.body)]).toEqual([
      409,
      expect.stringMatching(/have to be kept/),
    ]);
    // Nothing went with the attempt.
    expect((await world.roster()).students.map((s) => s.name)).toContain('Ash Tern');
    await world.teacher.post(`/api/lessons/${world.lesson.id}/incidents`, {
      kind: 'burn',
      nearMiss: true,
      what: 'Ash Tern and Clove Ling ran',
      done: 'spoke to Ash Tern',
      group: null,
      student: null,
    });
    expect((await world.erase('nameless')).body.went).toMatchObject({
      'names on accidents': 1,
      'names in what staff wrote': 3,
    });
    const said = await sql("SELECT what, done FROM incident WHERE what LIKE '%ran'", []);
    expect(said).toEqual([{ what: 'a student and a student ran', done: 'spoke to a student' }]);
    expect(
      await sql('SELECT 1 FROM mark_flag f JOIN mark m ON m.id = f.markId WHERE m.lessonId = ?', [
        world.lesson.id,
      ]),
    ).toEqual([]);
  });
});

describe('how long names are kept', () => {
  test('is the school’s to set; classes whose time is over are named', async () => {
    const world = await school();
    const boss = world.head;
    const put = (months: number | null, who = boss) => who.send('PUT', '/api/school/retention', { months });
    expect((await put(6, world.teacher)).status).toBe(403);
    expect((await put(0)).status).toBe(422);
    expect((await put(6)).status).toBe(204);
    await sql('UPDATE lesson SET startsAt = NOW() WHERE classId = ?', [world.classId]);
    const due = async () => (await boss.get<Retention>('/api/school/retention')).body.due.map((c) => c.id);
    expect(await due()).not.toContain(world.classId);
    await sql('UPDATE lesson SET startsAt = ? WHERE classId = ?', ['2020-01-01 09:00:00', world.classId]);
    expect(await due()).toContain(world.classId);
    await put(null);
    expect(await due()).toEqual([]);
  });
});
