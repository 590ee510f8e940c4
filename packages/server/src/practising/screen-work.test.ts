import { describe, expect, test } from '@jest/globals';
import type { OwnScreenWork, Problem, ScreenRunMarked, ScreenWorkTable } from '@kivex/contract';
import { allCations, screenUnknown, speciesName, syllabusOf, unknownExercise } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../testing/own-school.js';

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
