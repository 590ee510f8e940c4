/** The sheet of one bench, the board for the wall, incidents and kept samples. */
import { describe, expect, jest, test } from '@jest/globals';
import type { Incident, KeptSample, Lesson, WireEvent } from '@kivex/contract';
import type { EventBody } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { clove, lessonOf, salt } from '../testing/lesson-fixture.js';
import { RequestProblem } from '../kit/request/request.js';
import { enter, faults, Refusal, show } from '../testing/show.js';
import { benchStatuses } from './bench-status.js';
import { BenchDrawer } from './BenchDrawer.js';
import type { BenchActs } from './board-acts.js';
import { ProjectorView } from './ProjectorView.js';
import { catchUpOf } from './RunPanel.js';
import { RoomRecords } from './RoomRecords.js';

const lesson: Lesson = {
  ...lessonOf(
    { ...salt, tests: salt.tests.map((t) => (t.test === 'flame' ? { ...t, technique: true } : t)) },
    { state: 'running' },
  ),
  unseated: [{ id: 'dill', name: 'Dill Pike' }],
};
const [group] = lesson.groupList as [Lesson['groupList'][number]];
const now = Date.parse(lesson.startedAt!) + 30 * 60_000;
let seq = 0;
const event = (body: EventBody): WireEvent => ({
  id: `e${++seq}`,
  seq,
  group: group.id,
  by: 'ash',
  at: new Date(now - 60_000).toISOString(),
  body,
});
const acts = (part: Partial<BenchActs> = {}): BenchActs => ({
  answer: jest.fn(),
  signOff: jest.fn(),
  lengthen: jest.fn(),
  setOpen: jest.fn(),
  seat: jest.fn(),
  absent: jest.fn(),
  dismiss: jest.fn(),
  logIncident: jest.fn<BenchActs['logIncident']>(() => Promise.resolve()),
  keep: jest.fn<BenchActs['keep']>(() => Promise.resolve('K7QM')),
  ...part,
});
const drawer = (events: WireEvent[], given = acts()) =>
  show(
    <BenchDrawer
      lesson={lesson}
      bench={benchStatuses(lesson, events, now)[0]!}
      now={now}
      acts={given}
      close={() => undefined}
    />,
  );
const button = (name: string | RegExp) => screen.getByRole('button', { name });

describe('the sheet of a bench', () => {
  test('signs a technique off, and says which it was', async () => {
    const given = acts();
    const { user } = drawer([], given);
    await user.click(button('Sign off: Flame test, technique'));
    expect(given.signOff).toHaveBeenCalledWith({ groups: [group.id], test: 'flame', good: true });
    expect(await faults()).toEqual([]);
  });
  test('answers the call that asked for it', async () => {
    const given = acts();
    const call = event({ type: 'call', reason: 'sign-off', test: 'flame' });
    const { user } = drawer([call], given);
    await user.click(button('Not yet: Flame test, technique'));
    expect(given.signOff).toHaveBeenCalledWith({
      groups: [group.id],
      test: 'flame',
      good: false,
      call: call.id,
    });
  });
  test('stands still when a call comes in: the sign-off tells of its own, a line waits for others', () => {
    const heads = () => screen.getAllByRole('heading', { level: 3 }).map((h) => h.textContent);
    const { unmount } = drawer([]);
    const before = heads();
    expect(screen.getByText('Nobody calls.')).toBeTruthy();
    unmount();
    drawer([event({ type: 'call', reason: 'sign-off', test: 'flame' })]);
    expect(heads()).toEqual(before);
    expect(screen.getByText('Nobody calls.')).toBeTruthy();
    expect(screen.getByText(/^asked for /)).toBeTruthy();
  });
  test('a call for help is told in that line, and answered', async () => {
    const given = acts();
    const call = event({ type: 'call', reason: 'help' });
    const { user } = drawer([call], given);
    expect(screen.queryByText('Nobody calls.')).toBeNull();
    await user.click(button('Answered'));
    expect(given.answer).toHaveBeenCalledWith(call.id);
  });
  test('tells what each student named, on how much evidence, and what they say it rules out', () => {
    const jar = lesson.samples.find((s) => group.unknowns.includes(s.id))!;
    const { id, name } = group.students[0]!;
    drawer([
      {
        ...event({
          type: 'naming',
          sample: jar.id,
          answer: 'potassium',
          evidence: ['e1', 'e2'],
          rulesOut: ['Na+', 'nonsense'],
        }),
        by: id,
      },
    ]);
    expect(screen.getByText(new RegExp(`${name}: ${jar.label} is`)).textContent).toBe(
      `${name}: ${jar.label} is potassium, from 2 entries; rules out sodium`,
    );
  });
  test('lengthens a wait, ends the bench and lets it go on', async () => {
    const given = acts();
    const timer = event({ type: 'timer', label: 'Ring', seconds: 120 });
    const { user, unmount } = drawer([timer], given);
    expect(screen.getByText('Ring: 1 min left')).toBeTruthy();
    await user.click(button('5 min more'));
    expect(given.lengthen).toHaveBeenCalledWith(timer.id, 300);
    await user.click(button(/End the work of/));
    expect(given.setOpen).toHaveBeenLastCalledWith(group.id, false);
    unmount();
    const again = drawer([event({ type: 'bench-open', open: false })], given);
    await again.user.click(button(/Let .* go on/));
    expect(given.setOpen).toHaveBeenLastCalledWith(group.id, true);
  });
  test('marks absent, moves, and seats who came late', async () => {
    const given = acts();
    const { user } = drawer([], given);
    const [first] = group.students;
    await user.selectOptions(screen.getByRole('combobox', { name: `Move ${first!.name} to` }), 'g2');
    expect(given.seat).toHaveBeenLastCalledWith(first!.id, 'g2');
    await user.click(screen.getAllByRole('button', { name: 'Absent' })[0]!);
    expect(given.absent).toHaveBeenCalledWith(first!.id);
    await user.selectOptions(screen.getByRole('combobox', { name: /came late/ }), 'dill');
    expect(given.seat).toHaveBeenLastCalledWith('dill', group.id);
  });
  test('an incident is two taps; its first aid is shown at once, and a refusal at its field', async () => {
    const logIncident = jest
      .fn<BenchActs['logIncident']>()
      .mockRejectedValueOnce(new RequestProblem(422, 'Too long.', [{ field: 'what', detail: 'Too long.' }]))
      .mockResolvedValueOnce();
    const { user } = drawer([], acts({ logIncident }));
    await user.click(button('Splash'));
    expect(screen.getByText(/Rinse with running water/)).toBeTruthy();
    await user.click(button('Log: Splash'));
    expect(await screen.findByText('Too long.')).toBeTruthy();
    await user.click(button('Log: Splash'));
    expect(logIncident).toHaveBeenLastCalledWith({
      kind: 'splash',
      nearMiss: false,
      group: group.id,
      student: null,
      what: '',
      done: '',
    });
    expect(await screen.findByText(/Splash: logged/)).toBeTruthy();
  });
  test('a sample is kept and its code told', async () => {
    const given = acts();
    const { user } = drawer([], given);
    const jar = lesson.samples.find((s) => group.unknowns.includes(s.id))!;
    await user.selectOptions(screen.getByRole('combobox', { name: 'Which' }), jar.id);
    await user.type(screen.getByRole('textbox', { name: 'Where it stands' }), 'Fridge 2');
    await user.click(button('Keep it'));
    expect(await screen.findByText('K7QM')).toBeTruthy();
    expect(given.keep).toHaveBeenCalledWith({
      group: group.id,
      sample: jar.id,
      place: 'Fridge 2',
      note: '',
      days: 7,
    });
  });
});

test('the board for the wall names no ion, no answer and no student', async () => {
  const jar = group.unknowns[0]!;
  const events = [
    event({ type: 'observation', sample: jar, test: 'flame', variant: 'wire', seen: { colour: 'lilac' } }),
    event({ type: 'naming', sample: jar, answer: 'potassium', evidence: [] }),
    event({ type: 'call', reason: 'help' }),
  ];
  show(
    <ProjectorView
      lesson={lesson}
      benches={benchStatuses(lesson, events, now)}
      now={now}
      close={() => undefined}
    />,
  );
  const text = document.body.textContent!;
  expect(text).toContain('308 114');
  for (const hidden of [
    'lilac',
    'potassium',
    clove.name,
    ...group.students.map((s) => s.name),
    ...lesson.samples.map((s) => s.holds),
  ])
    expect(text).not.toContain(hidden);
  expect(screen.getByLabelText('calling')).toBeTruthy();
  expect(await faults()).toEqual([]);
});

const incident: Incident = {
  id: 'i1',
  kind: 'breakage',
  nearMiss: true,
  group: { id: group.id, name: group.name },
  student: null,
  what: 'A tube slipped',
  done: 'Swept',
  by: 'T',
  at: lesson.startedAt!,
};

test('incidents and kept samples are listed; one that is gone is said to be', async () => {
  const kept: KeptSample = {
    id: 'k1',
    code: 'K7QM',
    group: group.name,
    sample: 'Jar 417',
    lesson: '',
    place: 'Fridge 2',
    note: '',
    keptAt: lesson.startedAt!,
    expiresAt: lesson.startedAt!,
    goneAt: null,
  };
  const { user, asked } = show(<RoomRecords lesson="lesson" groups={lesson.groupList} />, {
    server: {
      'GET /api/lessons/lesson/incidents': [incident],
      'GET /api/lessons/lesson/kept': [kept],
      'PUT /api/kept/k1/gone': kept,
    },
  });
  expect(await screen.findByText('Incidents (1)')).toBeTruthy();
  expect(screen.getByText(/Breakage, near miss/)).toBeTruthy();
  await user.click(screen.getByText('Kept samples (1)'));
  await user.click(
    within(screen.getAllByRole('listitem').at(-1)!).getByRole('button', { name: 'Gone: K7QM' }),
  );
  await waitFor(() =>
    expect(asked.find((a) => a.method === 'PUT')).toMatchObject({
      path: '/api/kept/k1/gone',
      body: { gone: true },
    }),
  );
});

test('an incident logged in haste is completed, and what is wrong with it is told at its field', async () => {
  const refuse = { now: true };
  const { user, asked } = show(<RoomRecords lesson="lesson" groups={lesson.groupList} />, {
    server: {
      'GET /api/lessons/lesson/incidents': [incident],
      'GET /api/lessons/lesson/kept': [],
      'PUT /api/lessons/lesson/incidents/i1': () =>
        refuse.now
          ? new Refusal(422, {
              detail: 'This student is not in this lesson. Load the page again.',
              errors: [
                { field: 'student', detail: 'This student is not in this lesson. Load the page again.' },
              ],
            })
          : incident,
    },
  });
  await user.click(await screen.findByText('Incidents (1)'));
  await user.click(screen.getByRole('button', { name: /^Change: Breakage/ }));
  const dialog = within(await screen.findByRole('dialog'));
  const who = lesson.groupList[0]!.students[0]!;
  await user.selectOptions(dialog.getByLabelText('Kind'), 'cut');
  await user.selectOptions(dialog.getByLabelText('Who? (if anybody)'), who.id);
  await enter(dialog.getByLabelText('What was done?'), 'Rinsed, plaster');
  await user.click(dialog.getByRole('button', { name: 'Save' }));
  expect(await dialog.findByText('This student is not in this lesson. Load the page again.')).toBeTruthy();
  expect(dialog.getByLabelText<HTMLInputElement>('What was done?').value).toBe('Rinsed, plaster');
  expect(await faults()).toEqual([]);
  refuse.now = false;
  await user.click(dialog.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(asked.findLast((a) => a.method === 'PUT')).toMatchObject({
    body: {
      kind: 'cut',
      nearMiss: true,
      group: group.id,
      student: who.id,
      what: 'A tube slipped',
      done: 'Rinsed, plaster',
    },
  });
});

test('a catch-up lesson is of the same practical and class, for those who were absent alone', () => {
  const address = new URL(catchUpOf(lesson), 'http://kivex.example');
  expect(address.pathname).toBe('/lessons/new');
  expect(Object.fromEntries(address.searchParams)).toEqual({
    practical: lesson.practicalId,
    class: lesson.classId,
    only: 'dill',
  });
});
