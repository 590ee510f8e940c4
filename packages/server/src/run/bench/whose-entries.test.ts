import { describe, expect, test } from '@jest/globals';
import type { EventsReceipt, HeldEntries, Problem } from '@kivex/contract';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { batchFor, benchOf, Client, entry, saw, send } from '../../testing/test-server.js';

const world = ownLesson('ash', 'birch', 'clove');

const jarOf = async (student: Client) =>
  (await benchOf(student)).samples.find((s) => s.role === 'unknown')!.id;
const held = async () => (await world.teacher.get<HeldEntries>(`/api/lessons/${world.lesson.id}/held`)).body;
const decide = (ids: string[], take: boolean) =>
  world.teacher.post<{ decided: number } & Problem>(
    `/api/lessons/${world.lesson.id}/held/${take ? 'take' : 'leave-out'}`,
    { ids },
  );
const handOver = async (by: Client, of: Client, events: object[]) =>
  by.post<EventsReceipt & Problem>('/api/bench/hand-over', { ...(await batchFor(of)), events });

describe('a batch says whose it is', () => {
  test.each([
    [
      'another student of the group',
      async () => ({ student: (await batchFor(world.birch)).student }),
      'student',
    ],
    ['another lesson', async () => ({ lesson: uuidv7() }), 'student'],
    ['another group', async () => ({ group: (await batchFor(world.clove)).group }), 'group'],
  ] as const)('entries of %s are not taken as the session’s own', async (_, change, field) => {
    const one = entry(saw(await jarOf(world.ash), 'lilac'));
    const reply = await send(world.ash, [one], await change());
    expect(reply.status).toBe(409);
    expect(reply.body.errors?.[0]?.field).toBe(field);
    expect((await benchOf(world.ash)).events).toEqual([]);
  });
  test.each(['lesson', 'group', 'student'] as const)('one without its %s is refused', async (key) => {
    const { [key]: _, ...rest } = { ...(await batchFor(world.ash)), events: [] };
    expect((await world.ash.post<Problem>('/api/bench/events', rest)).body.errors?.[0]?.field).toBe(key);
  });
});

describe('entries found on another’s device', () => {
  test('are handed over, kept apart with who logged and who brought them, and count on a teacher’s word', async () => {
    const one = entry(saw(await jarOf(world.ash), 'lilac'));
    const receipt = (await handOver(world.clove, world.ash, [one])).body;
    expect(receipt).toEqual({ accepted: [], places: [], held: [one.id], refused: [] });
    expect((await benchOf(world.ash)).events).toEqual([]);
    expect((await benchOf(world.ash)).held.map((e) => e.id)).toEqual([one.id]);
    expect((await held()).entries).toMatchObject([
      { id: one.id, name: 'Ash Tern', broughtBy: 'Clove Ling', reason: 'handed-over' },
    ]);
    expect((await decide([one.id], true)).body.decided).toBe(1);
    const { events, held: left } = await benchOf(world.ash);
    expect(events.map((e) => [e.id, e.by])).toEqual([[one.id, world.school.students[0]]]);
    expect(left).toEqual([]);
    expect((await held()).count).toBe(0);
  });
  test('brought twice, or sent by their owner as well, they are there once', async () => {
    const one = entry(saw(await jarOf(world.ash), 'lilac'));
    await handOver(world.clove, world.ash, [one]);
    await handOver(world.birch, world.ash, [one]);
    expect((await held()).count).toBe(1);
    await send(world.ash, [one]);
    await decide([one.id], true);
    await decide([one.id], true);
    expect((await benchOf(world.ash)).events).toHaveLength(1);
    expect((await handOver(world.clove, world.ash, [one])).body).toMatchObject({
      accepted: [one.id],
      held: [],
    });
  });
  test('left out, they stay out', async () => {
    const one = entry(saw(await jarOf(world.ash), 'lilac'));
    await handOver(world.clove, world.ash, [one]);
    await decide([one.id], false);
    expect((await decide([one.id], true)).body.decided).toBe(0);
    expect((await benchOf(world.ash)).events).toEqual([]);
  });
  test('what does not fit the bench they name is refused', async () => {
    const theirs = entry(saw(await jarOf(world.clove), 'lilac'));
    expect((await handOver(world.clove, world.ash, [theirs])).body.refused[0]?.detail).toMatch(
      /not on your bench/,
    );
  });
  test('a lesson, a group or a student that is not there is refused whole', async () => {
    const events = [entry({ type: 'hand-in' })];
    for (const change of [{ lesson: uuidv7() }, { group: uuidv7() }, { student: uuidv7() }]) {
      const reply = await world.clove.post('/api/bench/hand-over', {
        ...(await batchFor(world.ash)),
        events,
        ...change,
      });
      expect(reply.status).toBe(409);
    }
    expect((await held()).count).toBe(0);
  });
  test('of a group left since go in there, on a teacher’s word', async () => {
    const one = entry(saw(await jarOf(world.ash), 'lilac'));
    const before = await batchFor(world.ash);
    await world.teacher.send('PUT', `/api/lessons/${world.lesson.id}/seats/${world.school.students[0]}`, {
      group: world.lesson.groupList[1]!.id,
    });
    const reply = await world.ash.post<EventsReceipt>('/api/bench/hand-over', { ...before, events: [one] });
    expect(reply.body.held).toEqual([one.id]);
    expect((await held()).entries[0]).toMatchObject({ reason: 'other-group', broughtBy: null });
    await decide([one.id], true);
    expect((await benchOf(world.birch)).events.map((e) => e.id)).toEqual([one.id]);
  });
});

describe('what a device was told is kept', () => {
  test('is asked about, and only what is nowhere comes back', async () => {
    const [kept, apart] = [
      entry(saw(await jarOf(world.ash), 'lilac')),
      entry(saw(await jarOf(world.ash), 'yellow')),
    ];
    await send(world.ash, [kept]);
    await handOver(world.clove, world.ash, [apart]);
    const gone = uuidv7();
    const { lesson: of, student } = await batchFor(world.ash);
    const ask = (who: Client, ids: string[]) =>
      who.post<string[]>('/api/bench/forgotten', { lesson: of, student, ids });
    expect((await ask(world.ash, [kept.id, apart.id, gone])).body).toEqual([gone]);
    expect((await ask(world.birch, [gone])).status).toBe(409);
  });
});
