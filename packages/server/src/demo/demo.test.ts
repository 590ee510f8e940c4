import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  Bench,
  BoardLog,
  Feedback,
  GatheredSet,
  Lesson,
  LessonHead,
  MarkTable,
  QuestionSetHead,
} from '@kivex/contract';
import { lessonMarks, likeAnswers, readGroup, totalOf, type LessonEvent, type SampleRole } from '@kivex/core';
import { Client, freshDatabase, serve, type TestServer } from '../testing/test-server.js';
import { demoClasses, demoPassword, demoStaff } from './demo-data.js';
import { demoPin, DemoService } from './demo.service.js';

/** The first line of a lesson's log. */
interface LogHead {
  readonly samples: readonly { id: string; label: string; role: SampleRole; ions: string[] }[];
  readonly groups: readonly { id: string; name: string; students: { id: string; name: string }[] }[];
}
let server: TestServer;
let database: Awaited<ReturnType<typeof freshDatabase>>;
let logins: string[];
let teacher: Client;
let lessons: LessonHead[];

beforeAll(async () => {
  database = await freshDatabase();
  server = await serve(database.url);
  logins = await server.app.get(DemoService).fill();
  teacher = server.client();
  await teacher.post('/api/staff/sign-in', { email: demoStaff[0]!.email, password: demoPassword });
  lessons = (await teacher.get<LessonHead[]>('/api/lessons')).body;
});
afterAll(async () => {
  await server.close();
  await database.drop();
});
const lesson = (state: string) => lessons.find((l) => l.state === state)!;

describe('the demo school', () => {
  test('has a lesson in each state and says how to log in', () => {
    expect(lessons.map((l) => l.state).sort()).toEqual([
      'marking',
      'marking',
      'planned',
      'planned',
      'released',
      'running',
      'running',
    ]);
    expect(logins.join('\n')).toContain(demoStaff[0]!.email);
    expect(logins.join('\n')).toContain(lesson('running').joinCode);
  });
  test('is made once: a second start finds it there', async () => {
    expect(await server.app.get(DemoService).fill()).toEqual(logins);
    expect((await teacher.get<LessonHead[]>('/api/lessons')).body).toHaveLength(7);
  });
  test('has given a set of questions to a class, with answers that are known, half known and weak', async () => {
    const [head] = (await teacher.get<QuestionSetHead[]>('/api/question-sets')).body;
    expect([head!.questions, head!.devices]).toEqual([10, 18]);
    const { gathered } = (await teacher.get<GatheredSet>(`/api/question-sets/${head!.id}`)).body;
    const shares = gathered.map((q) => q.last.right / q.last.answers);
    expect(gathered.every((q) => q.last.answers === 18 && q.groups.length > 1)).toBe(true);
    expect([shares.some((s) => s > 0.65), shares.some((s) => s < 0.4)]).toEqual([true, true]);
    // Those who went through it again knew more of it.
    expect(gathered.reduce((n, q) => n + q.last.right - q.first.right, 0)).toBeGreaterThan(0);
  });
  test('leaves another school alone', async () => {
    const other = await freshDatabase();
    const second = await serve(other.url);
    await second.client().post('/api/first-school', {
      school: 'Real School',
      name: 'A Head',
      email: 'head@real.example',
      password: 'a real password',
      setUpCode: '12345678',
    });
    expect(await second.app.get(DemoService).fill()).toEqual([]);
    await second.close();
    await other.drop();
  });
  test('the log-ins it prints work, staff and student', async () => {
    for (const { email } of demoStaff) {
      expect(
        (await server.client().post('/api/staff/sign-in', { email, password: demoPassword })).status,
      ).toBe(200);
    }
    const student = server.client();
    const names = await student.post<{ names: { id: string; name: string }[] }>('/api/join/names', {
      code: lesson('running').joinCode,
    });
    const first = names.body.names.find((n) => n.name === demoClasses[0]!.students[0])!;
    expect(
      (
        await student.post('/api/join', {
          code: lesson('running').joinCode,
          student: first.id,
          pin: demoPin(0),
        })
      ).status,
    ).toBe(204);
    expect((await student.get<Bench>('/api/bench')).body.samples).toHaveLength(7);
  });
  test('a full board runs beside it: sixteen benches at six tests, all begun, none through, one that calls', async () => {
    const { id } = lessons.find((l) => l.state === 'running' && l.students === 32)!;
    const { groupList, practical } = (await teacher.get<Lesson>(`/api/lessons/${id}`)).body;
    expect([groupList.length, practical.tests.length]).toEqual([16, 6]);
    const { events } = (await teacher.get<BoardLog>(`/api/lessons/${id}/board`)).body;
    const logged = groupList.map(
      (g) => events.filter((e) => e.group === g.id && e.body.type === 'observation').length,
    );
    expect(Math.min(...logged)).toBeGreaterThan(2);
    expect(new Set(logged).size).toBeGreaterThan(4);
    expect(events.filter((e) => e.body.type === 'call')).toHaveLength(1);
    expect(groupList.some((g) => !events.some((e) => e.group === g.id && e.body.type === 'hand-in'))).toBe(
      true,
    );
    const last = groupList.map((g) =>
      Math.max(...events.filter((e) => e.group === g.id).map((e) => Date.parse(e.at))),
    );
    expect(Math.max(...last)).toBeLessThan(Date.now());
    expect(Math.min(...last)).toBeGreaterThan(Date.now() - 8 * 60_000);
  });
  test('the lesson to be marked leaves something for a person, the released one nothing', async () => {
    const marking = (await teacher.get<MarkTable>(`/api/lessons/${lesson('marking').id}/marks`)).body;
    const released = (await teacher.get<MarkTable>(`/api/lessons/${lesson('released').id}/marks`)).body;
    expect(marking.open).toBeGreaterThan(0);
    expect(released).toMatchObject({ open: 0, released: true });
    expect(marking.rows.every((r) => r.max === 9)).toBe(true);
  });
  test('a student of the released lesson reads their own feedback with reasons', async () => {
    const student = server.client();
    const place = 4;
    const name = demoClasses[0]!.students[place]!;
    await student.post('/api/join', { code: lesson('released').joinCode, name, pin: demoPin(place) });
    const feedback = (await student.get<Feedback>('/api/bench/feedback')).body;
    expect(feedback.me.name).toBe(name);
    expect(feedback.items.every((i) => i.why.length > 0 && i.why.every((w) => w.length > 5))).toBe(true);
    expect(feedback.points).toBe(feedback.items.reduce((sum, i) => sum + i.points, 0));
  });

  test('thirty-two reports of six tests are marked with at most forty decisions, and the totals are those of a recount', async () => {
    const id = lessons.find((l) => l.state === 'marking' && l.students === 32)!.id;
    const table = async () => (await teacher.get<MarkTable>(`/api/lessons/${id}/marks`)).body;
    const lessonView = (await teacher.get<Lesson>(`/api/lessons/${id}`)).body;
    const groups = async () => {
      const { rows } = await table();
      const holds = new Map(lessonView.samples.map((s) => [s.id, s.ions]));
      return likeAnswers(
        rows.flatMap(({ cells }) =>
          cells
            .filter((cell) => cell.answer)
            .map(
              ({
                id,
                strand,
                test: of,
                attribute,
                sample,
                answer,
                computed,
                verdict,
                points,
                max,
                open,
              }) => ({
                id,
                strand,
                test: of ?? '',
                attribute: attribute ?? '',
                truth: holds.get(sample) ?? [],
                answer,
                computed: { points: computed.points, verdict, why: '' },
                points,
                max,
                open,
              }),
            ),
        ),
      );
    };
    const before = await table();
    expect(before.rows.length).toBe(32);
    expect(before.rows.every((row) => row.cells.length > 20)).toBe(true);
    expect(before.open).toBeGreaterThan(10);
    // Before anybody decides anything: totals as counted from the raw log that comes out, and from nothing else kept.
    const { text } = await teacher.get(`/api/lessons/${id}/log`);
    const [head, ...log] = text
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as unknown) as [LogHead, ...LessonEvent[]];
    const whole = (await teacher.get<Lesson>(`/api/lessons/${id}`)).body;
    for (const { id: group, students } of head.groups) {
      const record = readGroup(log.filter((e) => e.group === group));
      const dealt = whole.groupList.find((g) => g.id === group)!.unknowns;
      const samples = head.samples
        .filter((s) => s.role === 'known' || dealt.includes(s.id))
        .map((s) => ({
          ...s,
          form: whole.practical.samples.find((p) => p.key === whole.samples.find((w) => w.id === s.id)!.key)!
            .form,
        }));
      for (const student of students) {
        const { scheme } = before.scheme;
        const total = totalOf(scheme, lessonMarks(whole.practical, samples, record, student.id, { scheme }));
        const row = before.rows.find((r) => r.student.id === student.id)!;
        expect([student.name, row.points, row.max]).toEqual([student.name, total.points, total.max]);
      }
    }
    let decisions = 0;
    for (const group of (await groups()).filter((g) => g.open > 0)) {
      const points = decisions % 2;
      await teacher.post(`/api/lessons/${id}/marks/decisions`, {
        marks: group.ids,
        points,
        reason: points ? 'Means the right thing' : 'Too vague',
      });
      decisions++;
    }
    expect(decisions).toBeLessThanOrEqual(40);
    const after = await table();
    expect(after.open).toBe(0);
    // Counted again from what the marker says of each answer and what was decided of it, by nobody's sums but these.
    for (const row of after.rows) {
      const recount = row.cells.map((cell) => {
        const last = cell.changes.at(-1);
        // The salt's syllabus usually has names and equations count double.
        const worth = cell.strand === 'conclusion' || cell.strand === 'equation' ? 2 : 1;
        const points =
          last && last.answer === cell.answer && last.points !== null ? last.points : cell.computed.points;
        return { points: points * worth, max: cell.max * worth };
      });
      expect(row.points).toBe(recount.reduce((sum, item) => sum + item.points, 0));
      expect(row.max).toBe(recount.reduce((sum, item) => sum + item.max, 0));
    }
  });
});
