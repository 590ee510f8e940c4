import { beforeEach, describe, expect, test } from '@jest/globals';
import { readGroup } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, entry, move, send } from '../../testing/test-server.js';

const world = ownLesson('ash', 'clove');
let at: string;
beforeEach(() => {
  at = `/api/lessons/${world.lesson.id}`;
});
const record = async () => readGroup((await benchOf(world.ash)).events);
const group = () => world.lesson.groupList[0]!.id;

describe('what staff put into a bench’s record', () => {
  test('a step signed off, with the call that asked for it answered', async () => {
    const call = entry({ type: 'call', reason: 'sign-off', test: 'flame', step: 2 });
    await send(world.ash, [call]);
    expect((await record()).openCalls).toMatchObject([{ reason: 'sign-off', test: 'flame', step: 2 }]);
    const reply = await world.teacher.post(`${at}/sign-offs`, {
      groups: [group()],
      test: 'flame',
      step: 2,
      good: true,
      call: call.id,
    });
    expect(reply.status).toBe(204);
    const { signedOff, openCalls } = await record();
    expect(signedOff).toMatchObject([{ test: 'flame', step: 2, good: true }]);
    expect(openCalls).toEqual([]);
    expect(readGroup((await benchOf(world.clove)).events).signedOff).toEqual([]);
  });
  test('a wait lengthened from the board, once it is begun', async () => {
    const timer = entry({ type: 'timer', label: 'Ring', seconds: 60 });
    await send(world.ash, [timer]);
    const longer = (id: string, seconds: unknown = 30) =>
      world.teacher.post(`${at}/timers/${id}/longer`, { seconds });
    expect((await longer(timer.id)).status).toBe(204);
    expect((await record()).timers).toMatchObject([{ seconds: 90 }]);
    expect((await longer(uuidv7())).status).toBe(404);
    expect((await longer(timer.id, -5)).status).toBe(422);
  });
  test('one bench ended before the others, and let go on', async () => {
    const open = (open: boolean) => world.teacher.send('PUT', `${at}/groups/${group()}/open`, { open });
    await open(false);
    expect((await record()).endedAt).not.toBeNull();
    expect(readGroup((await benchOf(world.clove)).events).endedAt).toBeNull();
    await open(true);
    expect((await record()).endedAt).toBeNull();
    await move(world.teacher, world.lesson, 'marking');
    expect((await open(false)).status).toBe(409);
  });
  test('is refused with a sentence where it makes no sense', async () => {
    const signOff = (body: object) =>
      world.teacher.post(`${at}/sign-offs`, { groups: [group()], test: 'flame', good: true, ...body });
    expect((await signOff({ test: 'alchemy' })).text).toMatch(/does not know this test/);
    expect((await signOff({ groups: [uuidv7()] })).text).toMatch(/not in this lesson/);
    expect((await signOff({ groups: [] })).status).toBe(422);
    expect((await signOff({ step: 'two' })).status).toBe(422);
  });
});

describe('what a bench says of how it did a test', () => {
  const saw = (more: object) =>
    entry({
      type: 'observation',
      sample: world.known,
      test: 'flame',
      variant: 'wire',
      seen: { colour: 'crimson' },
      ...more,
    });
  const refused = async (more: object) => (await send(world.ash, [saw(more)])).body.refused[0]?.detail;
  test('is kept: weak, how it was done, a reagent that was off, no time', async () => {
    expect(
      await refused({ weak: true, did: { 'blank-flame': 'yellow' }, reagentWas: 'old' }),
    ).toBeUndefined();
    expect(await refused({ seen: {}, notDone: 'no-time' })).toBeUndefined();
    const last = (await record()).observations;
    expect(last[0]!.body).toMatchObject({ weak: true, did: { 'blank-flame': 'yellow' }, reagentWas: 'old' });
    expect(last[1]!.body.notDone).toBe('no-time');
  });
  test('is refused where it is no answer, of no jar on the bench, or words that are not there', async () => {
    expect(await refused({ did: { 'blank-flame': 'maybe' } })).toMatch(/does not know this answer/);
    expect(await refused({ inferredFrom: uuidv7() })).toMatch(/which other sample/);
    expect(await refused({ inferredFrom: world.known })).toMatch(/which other sample/);
    expect(await refused({ read: true })).toMatch(/Write what you saw/);
    expect(await refused({ seen: {} })).toMatch(/Tap what you saw/);
    expect(await refused({ drops: 0 })).toMatch(/whole number/);
  });
  test('what a name rules out is something there is', async () => {
    const names = (rulesOut: string[]) =>
      entry({ type: 'naming', sample: world.known, answer: 'lithium', evidence: [], rulesOut });
    const { accepted, refused: no } = (await send(world.ash, [names(['Na+']), names(['<b>'])])).body;
    expect([accepted.length, no[0]!.detail]).toEqual([1, expect.stringMatching(/ruled out/)]);
  });
  test('an equation is taken only where one is asked for', async () => {
    const { refused: all } = (
      await send(world.ash, [entry({ type: 'equation', sample: world.known, test: 'flame', text: 'x' })])
    ).body;
    expect(all[0]!.detail).toMatch(/No equation is asked/);
  });
});
