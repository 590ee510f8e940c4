/** Marks to the gradebook: never doubled, tried again with patience, gone on with after a restart; what stands otherwise there. */
import { afterAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { Gradebook, GradebookDifference, Lesson, MarkTable } from '@kivex/contract';
import { Clock } from '../clock/clock.js';
import { ownSchool } from '../testing/own-school.js';
import { benchOf, entry, join, makeLesson, move, saw, send, serve } from '../testing/test-server.js';
import { GradebookClient } from './gradebook-client.js';
import { GradebookSender, pauseAfter, resultId } from './gradebook-sender.js';
import { startStandIn } from './stand-in.js';

const standIn = await startStandIn();
afterAll(() => standIn.close());
const world = ownSchool({ KIVEX_GRADEBOOK_URL: standIn.url });
const sender = () => world.server.app.get(GradebookSender);
const at = (lesson: Pick<Lesson, 'id'>, path = '') => `/api/lessons/${lesson.id}/gradebook${path}`;
const book = async (lesson: Lesson) => (await world.teacher.get<Gradebook>(at(lesson))).body;
/** Sends, and waits until nothing is due. */
async function sent(lesson: Lesson): Promise<Gradebook> {
  const reply = await world.teacher.post<Gradebook>(at(lesson), {});
  if (reply.status !== 200) throw new Error(reply.text);
  await settled();
  return book(lesson);
}
async function settled(): Promise<void> {
  // What was nudged is under way; it and what comes after it are waited for.
  await (sender() as unknown as { under?: Promise<void> }).under;
  await sender().look();
}
/** A lesson with marks of Ash, who saw lithium right, and of the three who logged nothing, given out. */
async function marked(): Promise<Lesson> {
  const lesson = await makeLesson(world.teacher, world.school);
  const ash = await join(world.server, world.school, lesson, 0);
  const known = (await benchOf(ash)).samples.find((s) => s.label === 'lithium chloride')!.id;
  await send(ash, [entry(saw(known, 'crimson')), entry({ type: 'hand-in' })]);
  await move(world.teacher, lesson, 'marking');
  await move(world.teacher, lesson, 'released');
  return lesson;
}
beforeEach(() => {
  standIn.mode = 'answers';
});

describe('marks to the gradebook', () => {
  test('go as they were given out, once; what is there already is not sent again', async () => {
    const lesson = await marked();
    expect(await book(lesson)).toMatchObject({ last: null, toSend: 4 });
    const done = await sent(lesson);
    expect(done.last).toMatchObject({ state: 'done', by: 'The teacher', trouble: null });
    expect(done.last!.lines.every((l) => l.state === 'taken')).toBe(true);
    expect(done.toSend).toBe(0);
    const ash = done.last!.lines.find((l) => l.student.name === 'Ash Tern')!;
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
    expect(ash.score).toBe(rows.find((r) => r.student.name === 'Ash Tern')!.points);
    expect(standIn.results.get(resultId(lesson.id, ash.student.id))).toMatchObject({
      score: ash.score,
      studentSourcedId: ash.student.id,
      lineItemSourcedId: lesson.id,
    });
    const again = await world.teacher.post(at(lesson), {});
    expect([again.status, JSON.stringify(again.body)]).toEqual([409, expect.stringMatching(/already/)]);
    expect([...standIn.puts].filter(([id]) => id.startsWith(lesson.id)).every(([, n]) => n === 1)).toBe(true);
  });
  test('before they are given out there is nothing to send', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    const reply = await world.teacher.post(at(lesson), {});
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([
      409,
      expect.stringMatching(/give them out first/),
    ]);
  });
  test('a mark changed and given out anew goes by itself, over the one before', async () => {
    const lesson = await marked();
    const first = await sent(lesson);
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
    const ash = rows.find((r) => r.student.name === 'Ash Tern')!;
    const missed = ash.cells.find((c) => c.points < c.max)!;
    await world.teacher.post(`/api/lessons/${lesson.id}/marks/${missed.id}/changes`, {
      points: missed.max,
      reason: 'said it aloud',
    });
    await world.teacher.post(`/api/lessons/${lesson.id}/marks/release`, { students: [ash.student.id] });
    expect((await book(lesson)).toSend).toBe(1);
    const { last } = await sent(lesson);
    expect(last!.lines.map((l) => l.student.name)).toEqual(['Ash Tern']);
    const before = first.last!.lines.find((l) => l.student.name === 'Ash Tern')!;
    expect(standIn.results.get(resultId(lesson.id, ash.student.id))!.score).toBeGreaterThan(before.score);
    expect([...standIn.results.keys()].filter((id) => id.startsWith(lesson.id))).toHaveLength(4);
  });
  test('what is refused says why, and can be sent anew', async () => {
    standIn.mode = 'refuses';
    const lesson = await marked();
    const { last, toSend } = await sent(lesson);
    expect(last!.state).toBe('done');
    const refused = last!.lines.filter((l) => l.state === 'refused');
    expect(refused.length).toBeGreaterThan(0);
    expect(refused[0]!.reason).toBe('This student is not in the class there.');
    expect(toSend).toBe(refused.length);
    standIn.mode = 'answers';
    expect((await sent(lesson)).toSend).toBe(0);
  });
  test('while it is down it is tried again after ever longer pauses, and said so; nothing is doubled', async () => {
    expect([1, 2, 3, 20].map(pauseAfter)).toEqual([2_000, 4_000, 8_000, 300_000]);
    standIn.mode = 'down';
    const lesson = await marked();
    const { last } = await sent(lesson);
    expect(last).toMatchObject({
      state: 'going',
      trouble: { says: 'The gradebook cannot be reached.', tries: 1 },
    });
    // Not yet due: nothing is tried.
    await sender().look();
    expect((await book(lesson)).last!.trouble!.tries).toBe(1);
    const clock = jest.spyOn(world.server.app.get(Clock), 'now');
    try {
      clock.mockImplementation(() => new Date(Date.now() + 2_500));
      await sender().look();
      expect((await book(lesson)).last!.trouble).toMatchObject({ tries: 2 });
      standIn.mode = 'answers';
      clock.mockImplementation(() => new Date(Date.now() + 10_000));
      await sender().look();
    } finally {
      clock.mockRestore();
    }
    expect((await book(lesson)).last).toMatchObject({ state: 'done', trouble: null });
    expect([...standIn.puts].filter(([id]) => id.startsWith(lesson.id)).every(([, n]) => n === 1)).toBe(true);
  });
  test('half way through it goes down, the server is another: it goes on where it stood', async () => {
    const lesson = await marked();
    const client = world.server.app.get(GradebookClient);
    const put = jest.spyOn(client, 'putResult');
    let left = 2;
    const real = GradebookClient.prototype.putResult.bind(client);
    put.mockImplementation((result) => {
      if (left-- <= 0) standIn.mode = 'down';
      return real(result);
    });
    const { last } = await sent(lesson);
    put.mockRestore();
    expect(last!.lines.filter((l) => l.state === 'taken')).toHaveLength(2);
    standIn.mode = 'answers';
    const other = await serve(world.database.url, { KIVEX_GRADEBOOK_URL: standIn.url });
    try {
      jest.spyOn(other.app.get(Clock), 'now').mockImplementation(() => new Date(Date.now() + 120_000));
      // Both look at once: one of them gets it.
      await Promise.all([other.app.get(GradebookSender).look(), sender().look()]);
    } finally {
      jest.restoreAllMocks();
      await other.close();
    }
    expect((await book(lesson)).last!.state).toBe('done');
    expect([...standIn.puts].filter(([id]) => id.startsWith(lesson.id)).map(([, n]) => n)).toEqual([
      1, 1, 1, 1,
    ]);
  });
  test('is stopped, with what was taken left there; and tried again before it is due', async () => {
    standIn.mode = 'down';
    const lesson = await marked();
    await sent(lesson);
    standIn.mode = 'answers';
    expect((await world.teacher.post(at(lesson, '/again'), {})).status).toBe(200);
    await settled();
    expect((await book(lesson)).last!.state).toBe('done');
    expect((await world.teacher.post(at(lesson, '/stop'), {})).status).toBe(409);
    standIn.mode = 'down';
    const second = await marked();
    await sent(second);
    expect((await world.teacher.post<Gradebook>(at(second, '/stop'), {})).body.last!.state).toBe('stopped');
    standIn.mode = 'answers';
    await sender().look();
    expect([...standIn.results.keys()].some((id) => id.startsWith(second.id))).toBe(false);
  });
});

describe('what stands otherwise in the gradebook', () => {
  test('is told, agreed to, and then neither told as new nor written over', async () => {
    const lesson = await marked();
    const { last } = await sent(lesson);
    const ash = last!.lines.find((l) => l.student.name === 'Ash Tern')!;
    const id = resultId(lesson.id, ash.student.id);
    const differences = async () =>
      (await world.teacher.get<GradebookDifference[]>(at(lesson, '/differences'))).body;
    expect(await differences()).toEqual([]);
    standIn.change(id, ash.score + 0.5);
    const [found] = await differences();
    expect(found).toEqual({ student: ash.student, ours: ash.score, theirs: ash.score + 0.5, agreed: false });
    expect((await world.teacher.send('PUT', at(lesson, `/agreed/${ash.student.id}`), {})).status).toBe(204);
    expect((await differences())[0]!.agreed).toBe(true);
    expect((await world.teacher.post(at(lesson), {})).status).toBe(409);
    expect(standIn.results.get(id)!.score).toBe(ash.score + 0.5);
    const row = async () =>
      (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body.rows.find(
        (r) => r.student.id === ash.student.id,
      )!;
    // It stands beside our own, for the teacher, on the sheet and for the student; and can be taken back.
    expect([(await row()).agreed, (await row()).points]).toEqual([ash.score + 0.5, ash.score]);
    const { text } = await world.teacher.get(`/api/lessons/${lesson.id}/marks/sheet/csv`);
    expect(text).toContain(`${ash.score + 0.5} in the gradebook`);
    expect((await world.teacher.send('DELETE', at(lesson, `/agreed/${ash.student.id}`))).status).toBe(204);
    expect((await row()).agreed).toBeNull();
    expect((await differences())[0]!.agreed).toBe(false);
    expect((await world.teacher.send('DELETE', at(lesson, `/agreed/${ash.student.id}`))).status).toBe(404);
    const clove = last!.lines.find((l) => l.student.name === 'Clove Ling')!;
    expect((await world.teacher.send('PUT', at(lesson, `/agreed/${clove.student.id}`), {})).status).toBe(404);
  });
  test('where it cannot be asked it is said', async () => {
    const lesson = await marked();
    await sent(lesson);
    standIn.mode = 'down';
    const reply = await world.teacher.get(at(lesson, '/differences'));
    expect([reply.status, JSON.stringify(reply.body)]).toEqual([
      503,
      expect.stringMatching(/cannot be reached/),
    ]);
  });
});

describe('the gradebook that ships', () => {
  test('is there only where demo data are shown and no other is set up', async () => {
    expect((await world.teacher.get('/api/gradebook/stand-in')).status).toBe(404);
    const demo = await serve(world.database.url, { KIVEX_DEMO: true });
    try {
      const client = demo.app.get(GradebookClient);
      const own = (await client.standIn())!;
      expect(await client.address()).toBe(own.url);
      own.mode = 'answers';
      await client.putLineItem({ sourcedId: 'l', title: 'T', assignDate: '2026-11-27', resultValueMax: 5 });
      const result = {
        sourcedId: 'l:s',
        lineItemSourcedId: 'l',
        studentSourcedId: 's',
        score: 9,
        scoreDate: '',
        comment: '',
      };
      expect(await client.putResult(result)).toEqual({
        taken: false,
        reason: 'The line item has 5 points at most.',
      });
      expect(await client.putResult({ ...result, lineItemSourcedId: 'x' })).toMatchObject({ taken: false });
      await client.putResult({ ...result, score: 4 });
      expect([...(await client.scores('l'))]).toEqual([['l:s', 4]]);
    } finally {
      await demo.close();
    }
  });
});
