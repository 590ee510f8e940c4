/** What students are told: their own, one next step, questions and answers; and the same on paper. */
import { describe, expect, test } from '@jest/globals';
import type { Feedback, MarkQuestion, MarkTable, OwnQuestion } from '@kivex/contract';
import { DataSource } from 'typeorm';
import { reportSheet } from '../printing/report-sheet.js';
import { Lesson } from '../records/lessons.entities.js';
import { ownLesson } from '../testing/own-school.js';
import { entry, move, saw, send, type Client } from '../testing/test-server.js';
import { ReportsService } from './reports.service.js';

const world = ownLesson('ash', 'clove');
const at = (path: string) => `/api/lessons/${world.lesson.id}/marks${path}`;
const table = async () => (await world.teacher.get<MarkTable>(at(''))).body;
const feedbackOf = async (who: Client) => (await who.get<Feedback>('/api/bench/feedback')).body;
const ask = (who: Client, key: string, text = 'Why is yellow wrong?') =>
  who.post<OwnQuestion>('/api/bench/feedback/questions', { key, text });
const questions = async () => (await world.teacher.get<MarkQuestion[]>(at('/questions'))).body;
/** Ash saw lithium as yellow; both handed in, and marks are out. */
async function out() {
  await send(world.ash, [entry(saw(world.known, 'yellow')), entry({ type: 'hand-in' })]);
  await send(world.clove, [entry(saw(world.known, 'crimson')), entry({ type: 'hand-in' })]);
  await move(world.teacher, world.lesson, 'marking');
  await move(world.teacher, world.lesson, 'released');
}

describe('feedback', () => {
  test('has one next step, of the student’s own case, with questions to practise', async () => {
    await out();
    const { next, truths, items } = await feedbackOf(world.ash);
    expect(next!.lost).toBeGreaterThan(0);
    expect(next!.questions.length).toBeGreaterThan(0);
    // Nothing of jars that were on other benches.
    const own = new Set(items.map((i) => i.sample));
    expect(truths.map((t) => t.sample).filter((id) => !own.has(id))).toEqual([]);
    const others = world.lesson.groupList[1]!.unknowns.filter(
      (id) => !world.lesson.groupList[0]!.unknowns.includes(id),
    );
    expect(truths.some((t) => others.includes(t.sample))).toBe(false);
  });
  test('tells nothing before it is given out', async () => {
    await send(world.ash, [entry({ type: 'hand-in' })]);
    await move(world.teacher, world.lesson, 'marking');
    expect(await feedbackOf(world.ash)).toMatchObject({
      released: false,
      next: null,
      syllabus: null,
      truths: [],
      questions: [],
    });
    expect((await ask(world.ash, `observation:${world.known}`)).status).toBe(409);
  });
});

describe('a question about a mark', () => {
  test('comes to the desk, is answered there, and the answer comes back', async () => {
    await out();
    const { key } = (await feedbackOf(world.ash)).items.find((i) => i.answer === 'yellow')!;
    expect((await ask(world.ash, key)).status).toBe(201);
    const [asked] = await questions();
    expect(asked).toMatchObject({
      student: { name: 'Ash Tern' },
      key,
      text: 'Why is yellow wrong?',
      answer: null,
    });
    const reply = await world.teacher.send('PUT', at(`/questions/${asked!.id}`), {
      answer: 'That is sodium.',
    });
    expect(reply.status).toBe(200);
    expect((await feedbackOf(world.ash)).questions).toMatchObject([
      { answer: 'That is sodium.', answeredBy: 'The teacher' },
    ]);
    // Nobody else sees it.
    expect((await feedbackOf(world.clove)).questions).toEqual([]);
  });
  test('is of one’s own marks, says something, and there is an end to them', async () => {
    await out();
    const { key } = (await feedbackOf(world.ash)).items[0]!;
    expect((await ask(world.ash, 'observation:01890000-0000-7000-8000-000000000000')).status).toBe(422);
    expect((await ask(world.ash, key, '  ')).status).toBe(422);
    for (let i = 0; i < 20; i++) await ask(world.ash, key, `Question ${i}`);
    const last = await ask(world.ash, key, 'One more');
    expect([last.status, JSON.stringify(last.body)]).toEqual([
      429,
      expect.stringMatching(/Talk to your teacher/),
    ]);
  });
});

describe('on paper', () => {
  const reports = (form: 'reports' | 'slips', students?: readonly string[]) =>
    stored().then((lesson) => world.server.app.get(ReportsService).sheet(lesson, form, students));
  const stored = () =>
    world.server.app.get(DataSource).getRepository(Lesson).findOneByOrFail({ id: world.lesson.id });
  /** All that stands in a document, in order. */
  const textOf = (node: unknown): string =>
    typeof node === 'string'
      ? node
      : Array.isArray(node)
        ? node.map(textOf).join(' ')
        : typeof node === 'object' && node !== null
          ? ['text', 'stack', 'columns', 'table', 'body', 'content']
              .map((key) => textOf((node as Record<string, unknown>)[key]))
              .join(' ')
          : typeof node === 'number'
            ? String(node)
            : '';
  test('each report has name, total, tile, items with why and what is next', async () => {
    await out();
    const { rows } = await table();
    const text = textOf(reportSheet(await reports('reports')));
    for (const { student, points, max } of rows) {
      expect(text).toContain(student.name);
      expect(text).toContain(`${points} of ${max}`);
    }
    expect(text).toMatch(/lithium chloride +yellow/);
    expect(text).toMatch(/What would bring you most/);
  });
  test('slips are short; some students only where they are named; who was away has no mark', async () => {
    await out();
    const { rows } = await table();
    const [ash, clove] = ['Ash Tern', 'Clove Ling'].map((name) => rows.find((r) => r.student.name === name)!);
    const slips = await reports('slips', [ash!.student.id]);
    expect(slips.students.map((s) => s.name)).toEqual(['Ash Tern']);
    expect(textOf(reportSheet(slips))).toMatch(/Next: /);
    await move(world.teacher, world.lesson, 'marking');
    await world.teacher.send('PUT', at(`/absent/${clove!.student.id}`), { absent: true });
    const text = textOf(reportSheet(await reports('reports', [clove!.student.id])));
    expect(text).toContain('away: no mark');
    expect(text).not.toMatch(/\d of \d/);
  });
  test.each(['reports', 'slips'])('%s come as a PDF', async (form) => {
    await out();
    const reply = await world.teacher.get(at(`/reports.pdf?form=${form}`));
    expect([reply.status, reply.headers.get('content-type'), reply.text.slice(0, 5)]).toEqual([
      200,
      'application/pdf',
      '%PDF-',
    ]);
    // A page at least for each student; slips of a few fit on one.
    const pages = reply.text.match(/\/Type \/Page\b/g)!.length;
    if (form === 'slips') expect(pages).toBe(1);
    else expect(pages).toBeGreaterThanOrEqual((await table()).rows.length);
  });
});
