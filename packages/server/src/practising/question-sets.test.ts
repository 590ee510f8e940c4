import { describe, expect, test } from '@jest/globals';
import type {
  FactKnown,
  GatheredSet,
  GivenSet,
  Problem,
  QuestionSetHead,
  WholeSyllabus,
} from '@kivex/contract';
import { deckOf, syllabusOf } from '@kivex/core';
import { ownSchool } from '../testing/own-school.js';
import { makeSchool } from '../testing/test-server.js';

const world = ownSchool();
const oxygen = 'gas:O2#1';
const carbonDioxide = 'gas:CO2#1';
const wanted = { name: 'Gases again', syllabus: 'core', cards: [oxygen, carbonDioxide] };
const give = async (body: object = wanted) =>
  (await world.teacher.post<GatheredSet>('/api/question-sets', body)).body;
/** A device that has found the set, and by that is known by its own mark. */
const device = async (code: string) => {
  const client = world.server.client();
  const found = await client.post<GivenSet & Problem>('/api/set/find', { code });
  return {
    found: found.body,
    answer: (...answers: readonly (readonly [string, string])[]) =>
      client.post<{ taken: number } & Problem>('/api/set/answers', {
        code,
        answers: answers.map(([card, answer]) => ({ card, answer })),
      }),
  };
};
const shown = async (id: string) => (await world.teacher.get<GatheredSet>(`/api/question-sets/${id}`)).body;

describe('a set of questions given to a class', () => {
  test('a device gets its questions with all it takes to mark them; what comes back is gathered question by question', async () => {
    const set = await give();
    expect([set.code, set.questions, set.devices, set.syllabus]).toEqual([
      expect.stringMatching(/^\d{6}$/),
      2,
      0,
      syllabusOf('core').name,
    ]);
    const one = await device(set.code);
    expect(one.found).toMatchObject({
      name: 'Gases again',
      cards: wanted.cards,
      strictness: null,
      open: true,
    });
    expect(deckOf(one.found.syllabus).filter((c) => wanted.cards.includes(c.id))).toHaveLength(2);
    const two = await device(set.code);
    expect(
      (await one.answer([oxygen, 'a lit splint'], [carbonDioxide, 'limewater goes milky'])).body,
    ).toEqual({
      taken: 2,
    });
    await two.answer([oxygen, 'A lit splint']);
    const { gathered, devices } = await shown(set.id);
    expect(devices).toBe(2);
    expect(gathered.map((q) => [q.card, q.first.answers, q.groups.map((g) => g.n)])).toEqual([
      [oxygen, 2, [2]],
      [carbonDioxide, 1, [1]],
    ]);
    expect(gathered[0]!.model).toBe('a glowing splint relights');
    expect(JSON.stringify(gathered)).not.toMatch(/device|student/);
  });
  test('the first answer and the newest of each device count, each for itself', async () => {
    const set = await give();
    const one = await device(set.code);
    await one.answer([oxygen, 'no idea']);
    await one.answer([oxygen, 'a glowing splint relights']);
    const [asked] = (await shown(set.id)).gathered;
    expect([asked!.first, asked!.last]).toMatchObject([
      { answers: 1, right: 0, wrong: 1 },
      { answers: 1, right: 1, wrong: 0 },
    ]);
    expect(asked!.groups.map((g) => g.words)).toEqual([[{ text: 'a glowing splint relights', n: 1 }]]);
  });
  test('a class behind one address is told apart from the first answer on', async () => {
    const set = await give();
    const all = await Promise.all([1, 2, 3].map(() => device(set.code)));
    for (const [n, { answer }] of all.entries()) await answer([oxygen, `answer ${n}`]);
    const { devices, gathered } = await shown(set.id);
    expect([devices, gathered[0]!.first.answers]).toEqual([3, 3]);
  });
  test('marked as strictly as it is set', async () => {
    const strictly = await give({ ...wanted, strictness: 'strict' });
    expect((await device(strictly.code)).found.strictness).toBe('strict');
  });
  test('of a school’s own syllabus the device gets the whole of it', async () => {
    const made = await world.teacher.post<{ id: string }>('/api/syllabuses', {
      document: { ...syllabusOf('core'), name: 'Skerrin own' },
    });
    const { document } = (await world.teacher.get<WholeSyllabus>(`/api/syllabuses/${made.body.id}`)).body;
    const [card] = deckOf(document);
    const set = await give({ name: 'Own', syllabus: made.body.id, cards: [card!.id] });
    const { found, answer } = await device(set.code);
    expect([found.syllabus.name, deckOf(found.syllabus)[0]!.ask]).toEqual(['Skerrin own', card!.ask]);
    await answer([card!.id, card!.model]);
    expect((await shown(set.id)).gathered[0]!.last.right).toBe(1);
  });
  test('closed, it takes no more and says so; what is no question of it is left out', async () => {
    const set = await give();
    const one = await device(set.code);
    expect((await one.answer(['gas:H2#1', 'pop'], [oxygen, 'relights'])).body).toEqual({ taken: 1 });
    const closed = await world.teacher.send<GatheredSet>('PATCH', `/api/question-sets/${set.id}`, {
      open: false,
    });
    expect(closed.body.open).toBe(false);
    const late = await one.answer([carbonDioxide, 'limewater']);
    expect([late.status, late.body.detail]).toEqual([409, expect.stringMatching(/no longer gathered/)]);
    expect((await device(set.code)).found.open).toBe(false);
    expect((await shown(set.id)).gathered.map((q) => q.last.answers)).toEqual([1, 0]);
  });
  test('what cannot be is a sentence at its field', async () => {
    const refused = async (body: object) => {
      const { status, body: problem } = await world.teacher.post<Problem>('/api/question-sets', body);
      return [status, problem.errors?.[0]?.field, problem.errors?.[0]?.detail];
    };
    expect(await refused({ ...wanted, cards: ['gas:O2#99'] })).toEqual([
      422,
      'cards',
      expect.stringMatching(/Choose another/),
    ]);
    expect(await refused({ ...wanted, cards: [] })).toEqual([
      422,
      'cards',
      expect.stringMatching(/at least one/),
    ]);
    expect(await refused({ ...wanted, syllabus: 'none' })).toEqual([422, 'syllabus', expect.anything()]);
    expect(await refused({ ...wanted, name: ' ' })).toEqual([422, 'name', 'Give the set a name.']);
    const nobody = await device('000000');
    expect(nobody.found.detail).toMatch(/no set of questions with this code/);
    expect((await (await device((await give()).code)).answer([oxygen, ' '])).status).toBe(422);
  });
  test('another school sees nothing of it; taken away, it is gone for its devices', async () => {
    const set = await give();
    const outsider = await (await makeSchool(world.server, 'sets')).signIn('teacher');
    expect((await outsider.get(`/api/question-sets/${set.id}`)).status).toBe(404);
    expect((await outsider.get<QuestionSetHead[]>('/api/question-sets')).body).toEqual([]);
    const list = (await world.teacher.get<QuestionSetHead[]>('/api/question-sets')).body;
    expect(list[0]).toMatchObject({ id: set.id, name: 'Gases again', questions: 2, devices: 0 });
    expect((await world.teacher.send('DELETE', `/api/question-sets/${set.id}`)).status).toBe(204);
    expect((await device(set.code)).found.detail).toMatch(/no set/);
  });
  test('what was known counts the newest time a fact was asked, alone or in a set', async () => {
    const teacher = await (await makeSchool(world.server, 'known')).signIn('teacher');
    const facts = async () => (await teacher.get<FactKnown[]>('/api/class-facts')).body;
    const set = (await teacher.post<GatheredSet>('/api/question-sets', wanted)).body;
    const one = await device(set.code);
    await one.answer([oxygen, 'no idea'], [carbonDioxide, 'no idea']);
    await one.answer([oxygen, 'a glowing splint relights']);
    expect((await facts()).map((f) => [f.species, f.first.right, f.last.right])).toEqual([
      ['CO2', 0, 0],
      ['O2', 0, 1],
    ]);
    // Asked again on the projector and answered by nobody yet, the set's still stands; then the newer one.
    const { body } = await teacher.post<{ code: string }>('/api/class-questions', {
      syllabus: 'core',
      card: carbonDioxide,
    });
    expect((await facts())[0]).toMatchObject({ species: 'CO2', last: { answers: 1 } });
    await world.server.client().post('/api/answer', { code: body.code, answer: 'limewater turns milky' });
    expect((await facts()).find((f) => f.species === 'CO2')).toMatchObject({
      last: { answers: 1, right: 1 },
    });
  });
});
