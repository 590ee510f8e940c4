import { describe, expect, test } from '@jest/globals';
import type {
  Feedback,
  MarkTable,
  OwnScreenWork,
  Problem,
  SchoolSlips,
  ScreenRunMarked,
  ScreenWorkTable,
  StudentRun,
} from '@kivex/contract';
import { allCations, screenUnknown, speciesName, syllabusOf, unknownExercise } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../testing/own-school.js';
import { move } from '../testing/test-server.js';

const world = ownLesson('ash', 'birch');
const work = { kind: 'pre-lab', asks: 'cation', seed: 417 } as const;
const path = () => `/api/lessons/${world.lesson.id}/screen-work`;
const set = (change: object = {}) =>
  world.teacher.send<ScreenWorkTable & Problem>('PUT', path(), { ...work, ...change });
const own = async (who = world.ash) => (await who.get<OwnScreenWork>('/api/bench/screen-work')).body;
const entry = (body: object) => ({ id: uuidv7(), at: new Date().toISOString(), body });

/** A run of the set unknown that names it so. */
async function run(
  answer: (truth: string) => string,
  actions: readonly object[] = [{ do: 'clean' }, { do: 'dip' }, { do: 'flame' }],
) {
  const { syllabus } = (await own()).work!;
  const { ions } = unknownExercise(syllabusOf(syllabus), 'cation', work.seed);
  const saw = entry({
    type: 'observation',
    sample: screenUnknown,
    test: 'flame',
    variant: 'wire',
    seen: { colour: 'none' },
  });
  const naming = entry({
    type: 'naming',
    sample: screenUnknown,
    answer: answer(ions[0]!),
    evidence: [saw.id],
  });
  return { actions, entries: [saw, naming] };
}
const right = (truth: string) => speciesName(truth);
const wrong = (truth: string) => speciesName(allCations.find((c) => c.id !== truth)!.id);

describe('work on screen set for a lesson', () => {
  test('a pre-lab is first for everybody until it is passed; a wrong name does not pass', async () => {
    expect(await own()).toEqual({ work: null, ownSyllabus: null, state: 'none', first: false });
    await set();
    expect(await own()).toMatchObject({ work: { ...work, syllabus: 'core' }, state: 'none', first: true });
    const failed = await world.ash.post<ScreenRunMarked>('/api/bench/screen-work', await run(wrong));
    expect(failed.body.passed).toBe(false);
    expect(await own()).toMatchObject({ state: 'tried', first: true });
    const passed = await world.ash.post<ScreenRunMarked>('/api/bench/screen-work', await run(right));
    expect(passed.body).toMatchObject({ passed: true });
    expect(await own()).toMatchObject({ state: 'passed', first: false });
    expect(await own(world.birch)).toMatchObject({ state: 'none', first: true });
  });
  test('the teacher sees who has passed, in how many tries and with which slips, and lets others off', async () => {
    await set();
    await world.ash.post('/api/bench/screen-work', await run(wrong, [{ do: 'dip' }, { do: 'flame' }]));
    await world.ash.post('/api/bench/screen-work', await run(right));
    const table = (await world.teacher.get<ScreenWorkTable>(path())).body;
    expect(table.results.map((r) => [r.student.name, r.state, r.tries])).toEqual([
      ['Ash Tern', 'passed', 2],
      ['Birch Sole', 'none', 0],
      ['Clove Ling', 'none', 0],
      ['Dill Pike', 'none', 0],
    ]);
    expect(table.slips.find((s) => s.code === 'wire-not-clean')).toEqual({
      code: 'wire-not-clean',
      runs: 1,
      of: 2,
    });
    const birch = world.school.students[1]!;
    const waived = (await world.teacher.send<ScreenWorkTable>('PUT', `${path()}/waived/${birch}`)).body;
    expect(waived.results[1]!.state).toBe('waived');
    expect(await own(world.birch)).toMatchObject({ state: 'waived', first: false });
    await world.teacher.send('PUT', `${path()}/waived/${birch}`);
    expect(await own(world.birch)).toMatchObject({ state: 'none', first: true });
  });
  test('what first runs show of slips is taken into the school’s rate at a teacher’s word, and out again', async () => {
    await set();
    const school = async () => (await world.teacher.get<SchoolSlips>('/api/school/slips')).body;
    const slips = (method: 'PUT' | 'DELETE') =>
      world.teacher.send<ScreenWorkTable & Problem>(method, `${path()}/slips`);
    const before = await school();
    expect((await slips('PUT')).status).toBe(409);
    await world.ash.post('/api/bench/screen-work', await run(wrong, [{ do: 'dip' }, { do: 'flame' }]));
    // The second run has no slip; what somebody does before they were told is what counts.
    await world.ash.post('/api/bench/screen-work', await run(right));
    const { rate, agreed } = (await world.teacher.get<ScreenWorkTable>(path())).body;
    expect([rate, agreed]).toMatchObject([{ runs: 1, made: 1 }, null]);
    expect(rate!.factor).toBeGreaterThan(1);
    expect((await slips('PUT')).body.agreed).toEqual({ factor: rate!.factor, runs: 1 });
    const after = await school();
    expect([after.runs, after.lessons]).toEqual([before.runs + 1, before.lessons]);
    expect(after.factor).toBeGreaterThan(before.factor);
    expect((await world.ash.send('PUT', `${path()}/slips`)).status).toBe(401);
    expect((await slips('DELETE')).body.agreed).toBeNull();
    expect(await school()).toEqual(before);
  });
  test('a run is played and marked by the server; one that cannot have been made is refused', async () => {
    await set();
    const odd = await world.ash.post<Problem>(
      '/api/bench/screen-work',
      await run(right, [{ do: 'shake', vessel: 'tube 9' }]),
    );
    expect([odd.status, odd.body.detail]).toEqual([
      422,
      expect.stringMatching(/cannot be played again.*tube 9/),
    ]);
    const unknown = await world.ash.post<Problem>(
      '/api/bench/screen-work',
      await run(right, [{ do: 'juggle' }]),
    );
    expect(unknown.status).toBe(422);
    const bad = await world.ash.post<Problem>('/api/bench/screen-work', {
      actions: [],
      entries: [entry({ type: 'naming' })],
    });
    expect([bad.status, bad.body.detail]).toEqual([422, expect.stringMatching(/^Entry 1: /)]);
    expect((await own()).state).toBe('none');
  });
  test('the best run of each is there to be played again, for staff alone', async () => {
    await set();
    await world.ash.post('/api/bench/screen-work', await run(wrong, [{ do: 'dip' }, { do: 'flame' }]));
    await world.ash.post('/api/bench/screen-work', await run(right));
    await world.birch.post('/api/bench/screen-work', await run(wrong));
    await world.teacher.send('PUT', `${path()}/waived/${world.school.students[2]!}`);
    const runs = (await world.teacher.get<StudentRun[]>(`${path()}/runs`)).body;
    expect(runs.map((r) => [r.student.name, r.passed, r.actions.length])).toEqual([
      ['Ash Tern', true, 3],
      ['Birch Sole', false, 3],
    ]);
    expect((await world.ash.get(`${path()}/runs`)).status).toBe(401);
  });
  test('other work takes its place and its runs go; homework says its day; what the syllabus lacks is refused', async () => {
    await set();
    await world.ash.post('/api/bench/screen-work', await run(right));
    expect((await set({ seed: 8, kind: 'catch-up' })).body.results[0]).toMatchObject({
      state: 'none',
      tries: 0,
    });
    expect((await own()).first).toBe(false);
    expect((await set({ kind: 'homework' })).body.errors?.[0]).toMatchObject({ field: 'due' });
    expect((await set({ kind: 'homework', due: '2026-05-11' })).body.work).toMatchObject({
      due: '2026-05-11',
    });
    expect((await set({ asks: 'metal' })).body.errors?.[0]).toMatchObject({ field: 'asks' });
    expect((await set({ seed: 0 })).status).toBe(422);
    expect((await world.teacher.send('DELETE', path())).status).toBe(204);
    expect(
      (
        await world.ash.post(
          '/api/bench/screen-work',
          await run(right).catch(() => ({ actions: [], entries: [] })),
        )
      ).status,
    ).toBe(409);
  });
});

describe('catch-up of somebody who was away', () => {
  const marks = (path: string) => `/api/lessons/${world.lesson.id}/marks${path}`;
  const table = async () => (await world.teacher.get<MarkTable>(marks(''))).body;
  const ash = async () => (await table()).rows.find((row) => row.student.name === 'Ash Tern')!;
  const away = (absent: boolean, student = world.school.students[0]!) =>
    world.teacher.send('PUT', marks(`/absent/${student}`), { absent });

  test('stands in the marks, flagged; of who was there, or of other work, it does not', async () => {
    await set({ kind: 'catch-up' });
    await world.ash.post('/api/bench/screen-work', await run(wrong));
    const best = (await world.ash.post<ScreenRunMarked>('/api/bench/screen-work', await run(right))).body;
    await world.ash.post('/api/bench/screen-work', await run(wrong));
    expect(await ash()).toMatchObject({ absent: false, caughtUp: null });
    await away(true);
    expect(await ash()).toMatchObject({
      absent: true,
      caughtUp: { points: best.points, max: best.max },
      points: best.points,
      max: best.max,
      cells: [],
    });
    const { text } = await world.teacher.get(marks('/sheet/csv'));
    expect(text.split('\r\n').find((line) => line.includes('Ash Tern'))).toMatch(
      new RegExp(`${best.points},${best.max},"?away, made up on screen`),
    );
    await away(false);
    expect(await ash()).toMatchObject({ caughtUp: null });
    await away(true);
    // Pre-lab and homework never count in place of the lesson.
    await set({ kind: 'pre-lab' });
    await world.ash.post('/api/bench/screen-work', await run(right));
    expect(await ash()).toMatchObject({ caughtUp: null, points: 0, max: 0 });
  });
  test('is given out with the other marks, and the student sees what it is', async () => {
    await set({ kind: 'catch-up' });
    const { points, max } = (
      await world.ash.post<ScreenRunMarked>('/api/bench/screen-work', await run(right))
    ).body;
    await away(true);
    await away(true, world.school.students[1]);
    await move(world.teacher, world.lesson, 'marking');
    await move(world.teacher, world.lesson, 'released');
    const given = (await table()).rows.filter((row) => row.given === 'as-now').map((row) => row.student.name);
    expect(given).toContain('Ash Tern');
    // Somebody who made nothing up has no mark still, and is given none.
    expect(given).not.toContain('Birch Sole');
    const told = (await world.ash.get<Feedback>('/api/bench/feedback')).body;
    expect(told).toMatchObject({ released: true, onScreen: true, points, max, items: [] });
  });
  test('homework after its day is called late, and taken all the same', async () => {
    const table = await set({ kind: 'homework', due: '2026-05-11' });
    expect(table.body.results[0]).toMatchObject({ late: false });
    await world.ash.post('/api/bench/screen-work', await run(right));
    const { results } = (await world.teacher.get<ScreenWorkTable>(path())).body;
    expect(results[0]).toMatchObject({ state: 'passed', late: true });
    await set({ kind: 'homework', due: '2999-05-11' });
    await world.ash.post('/api/bench/screen-work', await run(right));
    expect((await world.teacher.get<ScreenWorkTable>(path())).body.results[0]).toMatchObject({ late: false });
  });
});
