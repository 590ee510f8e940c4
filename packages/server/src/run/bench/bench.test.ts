import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Bench, Feedback, MarkTable, WireEvent } from '@kivex/contract';
import { emptyPractical, readGroup, shippedPracticals } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, Client, entry, join, makeLesson, saw, send, serve } from '../../testing/test-server.js';

const world = ownLesson('ash', 'clove');
let bench: Bench;

const log = async (student: Client, ...events: object[]) => (await send(student, events)).body;
const unknown = (of: Bench, i = 0) => of.samples.filter((s) => s.role === 'unknown')[i]!.id;
const move = (state: string) => world.teacher.send('PUT', `/api/lessons/${world.lesson.id}/state`, { state });
beforeEach(async () => {
  bench = await benchOf(world.ash);
});

describe('what a student’s device is told', () => {
  test('nothing on the bench says what a jar holds', async () => {
    const open = new Set(world.lesson.samples.filter((s) => s.role === 'known').map((s) => s.label));
    const jars = world.lesson.samples.filter((s) => s.role === 'unknown' && !open.has(s.holds));
    const replies = [
      (await world.ash.get('/api/bench')).text,
      (await world.ash.get('/api/bench/feedback')).text,
      (await world.ash.post('/api/join/names', { code: world.lesson.joinCode })).text,
      (await send(world.ash, [entry(saw(unknown(bench), 'lilac')), entry({ type: 'hand-in' })])).text,
    ];
    for (const text of replies) {
      for (const jar of jars) expect(text).not.toContain(jar.holds);
      expect(text).not.toMatch(/"(ions|holds|difficulty|position)"/);
    }
  });
  test('the ids and order of jars do not tell their place in the practical', () => {
    const ids = world.lesson.samples.filter((s) => s.role === 'unknown').map((s) => s.id);
    // Version 4 ids are random; version 7 would sort by the order in which the practical lists them.
    expect(ids.every((id) => id[14] === '4')).toBe(true);
    const labels = bench.samples.filter((s) => s.role === 'unknown').map((s) => s.label);
    expect(labels).toEqual([...labels].sort());
  });
  test('the liquid kept of a jar stands beside it, holds nothing anybody can read, and is marked with it', async () => {
    const metals = shippedPracticals.find((p) => /ion in the liquid/.test(p.title))!;
    const { id: practical } = (
      await world.teacher.post<{ id: string }>('/api/practicals', {
        document: { ...metals, unknownsPerGroup: 1 },
      })
    ).body;
    const lesson = await makeLesson(world.teacher, { ...world.school, practical });
    const ash = await join(world.server, world.school, lesson, 0);
    const text = (await ash.get('/api/bench')).text;
    const { samples } = JSON.parse(text) as Bench;
    const jar = samples.find((s) => s.role === 'unknown')!;
    expect(samples.map((s) => s.role)).toEqual(['known', 'kept', 'known', 'kept', 'unknown', 'kept']);
    expect(samples.at(-1)).toEqual({
      id: expect.any(String),
      role: 'kept',
      label: `Liquid from ${jar.label}`,
      from: { sample: jar.id, test: 'metal-acid' },
      tests: ['naoh', 'ammonia-solution'],
    });
    expect(text).not.toMatch(/"Mg2\+"|"Zn2\+"|"Fe2\+"|"Al3\+"|"molarity"|chloride/);
    const liquid = samples.at(-1)!.id;
    const other = lesson.samples.find((s) => s.role === 'kept' && !samples.some((own) => own.id === s.id))!;
    const hydroxide = { test: 'naoh', variant: 'usual', seen: { precipitate: 'green', excess: 'insoluble' } };
    const mine = entry({ type: 'observation', sample: liquid, ...hydroxide });
    const theirs = entry({ type: 'observation', sample: other.id, ...hydroxide });
    const { accepted, refused } = (await send(ash, [mine, theirs, entry({ type: 'hand-in' })])).body;
    expect([accepted.includes(mine.id), refused.map((r) => r.id)]).toEqual([true, [theirs.id]]);
    const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${lesson.id}/marks`)).body;
    const keys = rows.find((r) => r.student.name === 'Ash Tern')!.cells.map((c) => c.key);
    expect(keys).toContain(`observation:${liquid}:naoh:precipitate`);
    expect(keys).toContain(`naming:${jar.id}`);
    expect(keys.some((key) => key.startsWith(`naming:${liquid}`) || key.includes(other.id))).toBe(false);
    // Nobody makes it up beforehand: its portions are those of the jar it comes from, and no label is printed for it.
    expect(lesson.samples.find((s) => s.id === liquid)!.from).toBe(jar.id);
    expect(lesson.groupList.every((g) => g.unknowns.length === 1)).toBe(true);
  });
  test('a gas that chokes puts the test in the fume cupboard for every bench; air can be named', async () => {
    const tube = (key: string, gas: string) =>
      ({ key, role: 'unknown', ions: [gas], form: 'gas', difficulty: 1 }) as const;
    const document = {
      ...emptyPractical('senior'),
      title: 'Two gases',
      asks: 'gas',
      unknownsPerGroup: 1,
      samples: [tube('a', 'NH3'), tube('b', 'N2')],
      tests: [{ test: 'damp-red-litmus', variant: 'usual', attributes: ['litmus'] }],
    };
    const { id: practical } = (await world.teacher.post<{ id: string }>('/api/practicals', { document }))
      .body;
    const lesson = await makeLesson(world.teacher, { ...world.school, practical });
    for (const place of [0, 2]) {
      const student = await join(world.server, world.school, lesson, place);
      const bench = (await student.get<Bench>('/api/bench')).body;
      expect(bench.tests[0]!.controls).toEqual([{ step: 0, only: 'fume-cupboard' }]);
      expect(bench.choices[0]).toContain('N2');
    }
  });
  test('before the lesson begins there are no samples to see, and nothing can be logged', async () => {
    const planned = await makeLesson(world.teacher, world.school, { begin: false });
    const early = await join(world.server, world.school, planned, 0);
    expect((await benchOf(early)).samples).toEqual([]);
    const { refused } = await log(early, entry({ type: 'hand-in' }));
    expect(refused[0]?.detail).toMatch(/not begun/);
  });
  test('another group’s record and jars are out of reach', async () => {
    await log(world.ash, entry(saw(unknown(bench), 'lilac')));
    const others = await benchOf(world.clove);
    expect(others.events).toEqual([]);
    expect(others.samples.some((s) => s.id === unknown(bench) || s.id === unknown(bench, 1))).toBe(false);
    const { refused } = await log(world.clove, entry(saw(unknown(bench), 'lilac')));
    expect(refused[0]?.detail).toMatch(/not on your bench/);
  });
  test('a student sees their own marks only, and only after release', async () => {
    await log(world.ash, entry(saw(unknown(bench), 'lilac')), entry({ type: 'hand-in' }));
    await move('marking');
    expect((await world.ash.get<Feedback>('/api/bench/feedback')).body).toMatchObject({
      released: false,
      items: [],
      truths: [],
    });
    await move('released');
    const mine = (await world.ash.get<Feedback>('/api/bench/feedback')).body;
    expect(mine.released).toBe(true);
    expect(mine.items).toHaveLength(9);
    expect(mine.truths.find((t) => t.sample === unknown(bench))!.holds).toBe(
      world.lesson.samples.find((s) => s.id === unknown(bench))!.holds,
    );
    await move('marking');
    expect((await world.ash.get<Feedback>('/api/bench/feedback')).body.released).toBe(false);
  });
});

describe('the log', () => {
  test('an entry sent again is acknowledged again and kept once', async () => {
    const one = entry(saw(unknown(bench), 'lilac'));
    const first = await log(world.ash, one, one);
    const again = await log(world.ash, one);
    expect([first.accepted, again.accepted]).toEqual([[one.id], [one.id]]);
    expect((await benchOf(world.ash)).events.filter((e) => e.id === one.id)).toHaveLength(1);
  });
  test('the same entry sent by two requests at once is kept once', async () => {
    const one = entry(saw(unknown(bench), 'yellow'));
    const replies = await Promise.all(Array.from({ length: 6 }, () => log(world.ash, one)));
    expect(replies.every((r) => r.accepted.includes(one.id))).toBe(true);
    expect((await benchOf(world.ash)).events.filter((e) => e.id === one.id)).toHaveLength(1);
  });
  test('an id another group has used is not taken over, nor its entry shown', async () => {
    const one = entry(saw(unknown(bench), 'lilac'));
    await log(world.ash, one);
    const theirs = await benchOf(world.clove);
    const { accepted, refused } = await log(world.clove, entry(saw(unknown(theirs), 'yellow'), one.id));
    expect(accepted).toEqual([]);
    expect(refused[0]?.detail).toMatch(/another entry/i);
    expect((await benchOf(world.ash)).events.find((e) => e.id === one.id)!.body).toMatchObject({
      seen: { colour: 'lilac' },
    });
  });
  test('what was acknowledged is there after the server is gone and back', async () => {
    const one = entry(saw(unknown(bench), 'crimson', { words: 'deep red' }));
    const { accepted } = await log(world.ash, one);
    expect(accepted).toEqual([one.id]);
    const second = await serve(world.database.url);
    const events = (await benchOf(await join(second, world.school, world.lesson, 0))).events;
    await second.close();
    expect(events.map((e) => e.id)).toContain(one.id);
  });
  test.each<[string, (b: Bench) => object, RegExp]>([
    ['a colour the test cannot give', (b) => saw(unknown(b), 'mauve'), /not one of the results/],
    [
      'an attribute the lesson does not record',
      (b) => saw(unknown(b), 'red', { seen: { smell: 'none' } }),
      /not one of the results/,
    ],
    ['a test that is not planned', (b) => saw(unknown(b), 'red', { test: 'naoh' }), /not part of the lesson/],
    ['an empty observation', (b) => saw(unknown(b), 'red', { seen: {} }), /Tap what you saw/],
    ['a correction of nothing', (b) => saw(unknown(b), 'red', { corrects: uuidv7() }), /not in your record/],
    [
      'evidence that is not there',
      (b) => ({ type: 'naming', sample: unknown(b), answer: 'lithium', evidence: [uuidv7()] }),
      /not in your record/,
    ],
    ['too many words', (b) => saw(unknown(b), 'red', { words: 'x'.repeat(501) }), /at most 500 letters/],
    ['an unknown field', (b) => saw(unknown(b), 'red', { mark: 1 }), /mark does not belong/],
    ['an unknown kind', () => ({ type: 'mark-me' }), /does not know this kind/],
    [
      'a call answered by a student',
      () => ({ type: 'call-answered', call: uuidv7() }),
      /does not know this kind/,
    ],
    ['a prototype as kind', () => ({ type: 'constructor' }), /does not know this kind/],
  ])('%s is refused with a sentence, and the rest goes in', async (_, body, why) => {
    const good = entry(saw(unknown(bench), 'lilac'));
    const { accepted, refused } = await log(world.ash, entry(body(bench)), good);
    expect(accepted).toEqual([good.id]);
    expect(refused[0]?.detail).toMatch(why);
  });
  test('an id that is not a UUIDv7 is refused', async () => {
    expect((await log(world.ash, entry({ type: 'hand-in' }, '1'))).refused[0]?.detail).toMatch(/UUIDv7/);
  });
});

describe('calls', () => {
  test('a call is answered once, by staff, and the bench sees it', async () => {
    const call = entry({ type: 'call', reason: 'help' });
    await log(world.ash, call);
    const answer = () => world.teacher.post(`/api/lessons/${world.lesson.id}/calls/${call.id}/answer`);
    expect([(await answer()).status, (await answer()).status]).toEqual([204, 204]);
    const events = (await world.teacher.get<WireEvent[]>(`/api/lessons/${world.lesson.id}/events`)).body;
    expect(events.filter((e) => e.body.type === 'call-answered')).toHaveLength(1);
    expect((await benchOf(world.ash)).events.at(-1)!.body).toEqual({ type: 'call-answered', call: call.id });
  });
});

describe('what staff say to benches', () => {
  const path = () => `/api/lessons/${world.lesson.id}/notices`;
  const heard = async (who: Parameters<typeof benchOf>[0]) =>
    readGroup((await benchOf(who)).events).notices.map((n) => n.text);
  test('a hint to one group reaches that group alone; over, it is gone', async () => {
    const { id: group } = (await benchOf(world.ash)).group;
    const said = await world.teacher.post(path(), {
      level: 'hint',
      text: ' Clean the wire. ',
      groups: [group],
    });
    expect(said.status).toBe(204);
    expect(await heard(world.ash)).toEqual(['Clean the wire.']);
    expect(await heard(world.clove)).toEqual([]);
    const [notice] = readGroup((await benchOf(world.ash)).events).notices;
    const over = () => world.teacher.post(`${path()}/over`, { notices: [notice!.id] });
    expect([(await over()).status, (await over()).status]).toEqual([204, 204]);
    expect(await heard(world.ash)).toEqual([]);
  });
  test('a stop reaches every bench', async () => {
    await world.teacher.post(path(), { level: 'stop', text: 'Stop.' });
    expect([await heard(world.ash), await heard(world.clove)]).toEqual([['Stop.'], ['Stop.']]);
  });
  test.each<[string, object, number, RegExp]>([
    ['nothing', { level: 'hint', text: '   ' }, 422, /Write what/],
    ['another tone', { level: 'shout', text: 'x' }, 422, /hint or a stop/],
    ['too much', { level: 'hint', text: 'x'.repeat(301) }, 422, /300 letters/],
    ['to a group elsewhere', { level: 'hint', text: 'x', groups: [uuidv7()] }, 422, /not in this lesson/],
  ])('%s is refused with a sentence', async (_, body, status, why) => {
    const answer = await world.teacher.post<{ errors?: { detail: string }[]; detail: string }>(path(), body);
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).toMatch(why);
  });
  test('after the end nothing is said any more', async () => {
    await move('marking');
    const answer = await world.teacher.post<{ detail: string }>(path(), { level: 'stop', text: 'Stop.' });
    expect([answer.status, answer.body.detail]).toEqual([409, expect.stringMatching(/does not run/)]);
  });
  test('no student can say it', async () => {
    const { refused } = await log(world.ash, entry({ type: 'notice', level: 'stop', text: 'Stop.' }));
    expect(refused[0]?.detail).toMatch(/does not know this kind/);
  });
});

describe('which of two entries a group trusts', () => {
  test('is kept, and the mark follows it', async () => {
    const bench = await benchOf(world.ash);
    const known = bench.samples.find((s) => s.label === 'lithium chloride')!;
    const [right, wrong] = [entry(saw(known.id, 'crimson')), entry(saw(known.id, 'lilac'))];
    await log(world.ash, right, wrong, entry({ type: 'hand-in' }));
    const points = async () => {
      const { rows } = (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
      return rows.find((r) => r.student.name === 'Ash Tern')!.points;
    };
    expect(await points()).toBe(0);
    await log(world.ash, entry({ type: 'trust', entry: right.id, why: 'the wire was clean' }));
    expect(await points()).toBe(1);
  });
  test('only of one’s own record', async () => {
    const { refused } = await log(world.ash, entry({ type: 'trust', entry: uuidv7() }));
    expect(refused[0]?.detail).toMatch(/not in your record/);
  });
});

describe('causes common to the class', () => {
  const path = () => `/api/lessons/${world.lesson.id}/causes`;
  const dismissed = async () =>
    (await world.teacher.get<{ dismissedCauses: string[] }>(`/api/lessons/${world.lesson.id}`)).body
      .dismissedCauses;
  test('waved away they stay away, each once, until they are taken up again', async () => {
    const cause = 'contaminated-sodium:flame:sodium-about';
    const set = (is: boolean) => world.teacher.send('PUT', path(), { cause, dismissed: is });
    expect((await set(true)).status).toBe(204);
    expect((await set(true)).status).toBe(204);
    expect(await dismissed()).toEqual([cause]);
    await set(false);
    expect(await dismissed()).toEqual([]);
  });
  test('two boards at once undo nothing of each other’s', async () => {
    const causes = Array.from({ length: 8 }, (_, i) => `misread-colour:flame:colour:a${i}:b`);
    await Promise.all(causes.map((cause) => world.teacher.send('PUT', path(), { cause, dismissed: true })));
    expect((await dismissed()).sort()).toEqual(causes);
  });
  test('what names no cause is refused with a sentence', async () => {
    const { status, body } = await world.teacher.send<{ errors: { field: string; detail: string }[] }>(
      'PUT',
      path(),
      { cause: 'sodium <b>', dismissed: true },
    );
    expect(status).toBe(422);
    expect(body.errors[0]).toMatchObject({ field: 'cause', detail: expect.stringMatching(/Name a cause/) });
  });
});

describe('the plan at the bench', () => {
  test('is the group’s own slots of the rota that was kept, and nobody else’s', async () => {
    const slot = (group: number, start: number) => ({ group, task: 'flame', start, end: start + 10 });
    expect((await benchOf(world.ash)).plan).toEqual([]);
    const { versions } = (
      await world.teacher.get<{ planning: { versions: { rota: number } } }>(`/api/lessons/${world.lesson.id}`)
    ).body.planning;
    const saved = await world.teacher.send('PUT', `/api/lessons/${world.lesson.id}/planning/rota`, {
      from: versions.rota,
      places: {},
      pins: [],
      schedule: [slot(1, 5), slot(2, 15)],
    });
    expect(saved.status).toBeLessThan(300);
    const [ash, clove] = [await benchOf(world.ash), await benchOf(world.clove)];
    const begins = (b: Bench) => b.plan.map((s) => s.start);
    expect([...begins(ash), ...begins(clove)].sort((a, b) => a - b)).toEqual([5, 15]);
    expect(ash.plan[0]).toEqual({ test: 'flame', start: begins(ash)[0], end: begins(ash)[0]! + 10 });
    expect(Math.abs(Date.parse(ash.now) - Date.now())).toBeLessThan(60_000);
  });
});

describe('marks', () => {
  const table = async () =>
    (await world.teacher.get<MarkTable>(`/api/lessons/${world.lesson.id}/marks`)).body;
  const rowOf = async (name: string) => (await table()).rows.find((r) => r.student.name === name)!;

  test('are computed the moment work is handed in, and again when more comes', async () => {
    await log(world.ash, entry({ type: 'hand-in' }));
    expect(await rowOf('Ash Tern')).toMatchObject({ points: 0, max: 9 });
    expect((await rowOf('Birch Sole')).cells).toEqual([]);
    const known = bench.samples.find((s) => s.label === 'lithium chloride')!;
    await log(world.ash, entry(saw(known.id, 'crimson')));
    expect((await rowOf('Ash Tern')).points).toBe(1);
  });
  test('of everybody are there when the lesson ends', async () => {
    await move('marking');
    expect((await table()).rows.every((r) => r.cells.length === 9)).toBe(true);
  });
  test('can be changed with a reason only, and every change is kept with who and when', async () => {
    await log(world.ash, entry({ type: 'hand-in' }));
    const cell = (await rowOf('Ash Tern')).cells[0]!;
    const change = (body: object) =>
      world.teacher.post<{ errors?: { field: string; detail: string }[] }>(
        `/api/lessons/${world.lesson.id}/marks/${cell.id}/changes`,
        body,
      );
    expect((await change({ points: 1, reason: ' ' })).body.errors?.[0]).toMatchObject({ field: 'reason' });
    expect((await change({ points: 2, reason: 'generous' })).body.errors?.[0]).toMatchObject({
      field: 'points',
      detail: 'This item has 1 point at most.',
    });
    expect((await change({ points: 1, reason: 'Shown to me at the bench' })).status).toBe(201);
    expect((await change({ points: 0, reason: 'On second thoughts' })).status).toBe(201);
    const changed = (await rowOf('Ash Tern')).cells[0]!;
    expect(changed.points).toBe(0);
    expect(changed.changes.map((c) => [c.points, c.by])).toEqual([
      [1, 'The teacher'],
      [0, 'The teacher'],
    ]);
    await move('marking');
    expect((await rowOf('Ash Tern')).cells[0]!.changes).toHaveLength(2);
  });
  test('come out as CSV, one row a student', async () => {
    await move('marking');
    const reply = await world.teacher.get(`/api/lessons/${world.lesson.id}/marks/sheet/csv`);
    expect(reply.headers.get('content-type')).toContain('text/csv');
    const lines = reply.text.trim().split('\r\n');
    expect(lines).toHaveLength(5);
    expect(lines[0]).toMatch(/^Student,Group,"lithium chloride: Flame test, colour"/);
    expect(lines[1]).toMatch(/^Ash Tern,Group 1,0,/);
  });
});
