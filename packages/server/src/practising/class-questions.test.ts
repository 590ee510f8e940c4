import { describe, expect, test } from '@jest/globals';
import type { AskedQuestion, ClassQuestion, FactKnown, Problem } from '@kivex/contract';
import { ownSchool } from '../testing/own-school.js';
import { makeSchool } from '../testing/test-server.js';

const world = ownSchool();
const oxygen = { syllabus: 'core', card: 'gas:O2#1' };
const ask = async (body: object = oxygen) =>
  (await world.teacher.post<ClassQuestion>('/api/class-questions', body)).body;
/** A device that has looked once, so that it is known by its own mark. */
const device = async (code: string) => {
  const client = world.server.client();
  await client.post('/api/answer/find', { code });
  return {
    client,
    answer: (answer: string) => client.post<AskedQuestion & Problem>('/api/answer', { code, answer }),
  };
};
const shown = async (id: string) =>
  (await world.teacher.get<ClassQuestion>(`/api/class-questions/${id}`)).body;

describe('one question to the whole class', () => {
  test('four devices answer; answers are gathered by what they say, with what the reader makes of them', async () => {
    const question = await ask();
    expect(question.code).toMatch(/^\d{6}$/);
    const answers = [
      'A glowing splint relights',
      'glowing splint relights.',
      'a lit splint goes pop',
      'limewater',
    ];
    for (const text of answers) {
      const { answer } = await device(question.code);
      expect((await answer(text)).status).toBe(200);
    }
    const { groups, rounds } = await shown(question.id);
    expect(groups.map((g) => [g.n, g.points])).toEqual([
      [2, 2],
      [1, 0],
      [1, 0],
    ]);
    expect(groups[0]!.words.map((w) => w.text).sort()).toEqual(answers.slice(0, 2).sort());
    expect(rounds).toEqual([{ round: 1, answers: 4, right: 1 + 1, partly: 0, wrong: 2, unsure: 0 }]);
    expect(JSON.stringify(groups)).not.toMatch(/device|student/);
  });
  test('while it is open a device is told neither marks nor the model answer; closed, its own', async () => {
    const question = await ask();
    const { client, answer } = await device(question.code);
    const open = (await answer('a glowing splint')).body;
    expect([open.answer, open.told]).toEqual(['a glowing splint', null]);
    expect(JSON.stringify(open)).not.toContain('relights');
    await world.teacher.send('PATCH', `/api/class-questions/${question.id}`, { open: false });
    const closed = (await client.post<AskedQuestion>('/api/answer/find', { code: question.code })).body;
    expect(closed.told).toMatchObject({ points: 1, max: 2, model: 'a glowing splint relights' });
    const late = await answer('a glowing splint relights');
    expect([late.status, late.body.detail]).toEqual([409, expect.stringMatching(/closed/)]);
    const other = await device(question.code);
    expect(
      (await other.client.post<AskedQuestion>('/api/answer/find', { code: question.code })).body.told,
    ).toBeNull();
  });
  test('a device answers once a round: a later answer stands in place of the one before; asked again, anew', async () => {
    const question = await ask();
    const { client, answer } = await device(question.code);
    await answer('a lit splint');
    await answer('a glowing splint relights');
    expect((await shown(question.id)).rounds[0]).toMatchObject({ answers: 1, right: 1 });
    await world.teacher.send('PATCH', `/api/class-questions/${question.id}`, { again: true });
    const second = (await client.post<AskedQuestion>('/api/answer/find', { code: question.code })).body;
    expect([second.round, second.answer]).toEqual([2, null]);
    await answer('no idea');
    expect((await shown(question.id)).rounds.map((r) => [r.answers, r.right])).toEqual([
      [1, 1],
      [1, 0],
    ]);
  });
  test('what cannot be is a sentence at its field', async () => {
    const reply = await world.teacher.post<Problem>('/api/class-questions', { ...oxygen, card: 'gas:O2#99' });
    expect([reply.status, reply.body.errors?.[0]]).toMatchObject([422, { field: 'card' }]);
    expect((await world.teacher.post('/api/class-questions', { ...oxygen, syllabus: 'none' })).status).toBe(
      422,
    );
    const nobody = await world.server.client().post<Problem>('/api/answer/find', { code: '000000' });
    expect([nobody.status, nobody.body.detail]).toEqual([422, expect.stringMatching(/Look at the board/)]);
    const { answer } = await device((await ask()).code);
    expect((await answer('  ')).status).toBe(422);
    expect((await answer('x'.repeat(501))).status).toBe(422);
  });
  test('another school sees nothing of it, and a question taken away is gone for its devices', async () => {
    const question = await ask();
    const outsider = await (await makeSchool(world.server, 'c')).signIn('teacher');
    expect((await outsider.get(`/api/class-questions/${question.id}`)).status).toBe(404);
    expect((await outsider.get<readonly unknown[]>('/api/class-questions')).body).toEqual([]);
    expect((await world.teacher.send('DELETE', `/api/class-questions/${question.id}`)).status).toBe(204);
    expect((await world.server.client().post('/api/answer/find', { code: question.code })).status).toBe(422);
  });
});

describe('what classes knew', () => {
  test('of each fact its newest question counts, first round and last; weakest first, nobody named, no other school’s', async () => {
    const answersTo = async (question: ClassQuestion, texts: readonly string[]) => {
      const devices = await Promise.all(texts.map(() => device(question.code)));
      for (const [i, { answer }] of devices.entries()) await answer(texts[i]!);
      return devices;
    };
    await answersTo(await ask(), ['limewater', 'limewater']);
    const newest = await ask();
    const devices = await answersTo(newest, ['a lit splint', 'a glowing splint relights']);
    await world.teacher.send('PATCH', `/api/class-questions/${newest.id}`, { again: true });
    for (const { answer } of devices) await answer('a glowing splint relights');
    const carbon = await ask({ syllabus: 'core', card: 'gas:CO2#1' });
    await answersTo(carbon, ['no idea', 'no idea', 'no idea']);
    // A question nobody has answered tells nothing.
    await ask({ syllabus: 'core', card: 'gas:H2#1' });
    const facts = (await world.teacher.get<FactKnown[]>('/api/class-facts')).body;
    const known = facts.filter((f) => ['gas:CO2', 'gas:O2', 'gas:H2'].some((id) => f.fact.startsWith(id)));
    expect(known.map((f) => [f.species, f.first.right, f.last.right, f.last.answers])).toEqual([
      ['CO2', 0, 0, 3],
      ['O2', 1, 2, 2],
    ]);
    expect(JSON.stringify(facts)).not.toMatch(/device|student|splint relights/);
    const other = await (await makeSchool(world.server, 'facts')).signIn('teacher');
    expect((await other.get<FactKnown[]>('/api/class-facts')).body).toEqual([]);
  });
});
