import { beforeEach, describe, expect, test } from '@jest/globals';
import type { ClassRound, GatheredSet, SyllabusHead, WholeSyllabus } from '@kivex/contract';
import { deckOf, syllabusOf } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { enter, faults, Refusal, show } from '../../testing/show.js';
import ClassPage from './ClassPage.js';
import { GivenPart } from './GivenPart.js';
import { SetsPart } from './SetsPart.js';
import { nameOf } from './set-name.js';

const core = syllabusOf('core');
const round = (answers: number, right: number): ClassRound => ({
  round: 1,
  answers,
  right,
  partly: 0,
  wrong: answers - right,
  unsure: 0,
});
const set: GatheredSet = {
  id: 's1',
  code: '481516',
  name: 'Gases again',
  at: '2026-01-01T10:00:00.000Z',
  open: true,
  questions: 3,
  devices: 4,
  syllabus: core.name,
  gathered: [
    {
      card: 'a',
      ask: 'How is oxygen tested for?',
      model: 'relights',
      first: round(4, 1),
      last: round(4, 4),
      groups: [],
    },
    {
      card: 'b',
      ask: 'How is ammonia tested for?',
      model: 'damp red litmus turns blue',
      first: round(4, 0),
      last: round(4, 1),
      groups: [
        { words: [{ text: 'litmus', n: 3 }], n: 3, points: 0, max: 2, verdict: 'none', why: [] },
        { words: [{ text: 'turns blue', n: 1 }], n: 1, points: 2, max: 2, verdict: 'credit', why: [] },
      ],
    },
    {
      card: 'c',
      ask: 'How is chlorine tested for?',
      model: 'bleaches',
      first: round(0, 0),
      last: round(0, 0),
      groups: [],
    },
  ],
};
const head = { ...set, syllabus: undefined, gathered: undefined };
beforeEach(() => localStorage.clear());

describe('giving a set out', () => {
  test('it is named by what it is about, keeps a name that was typed, and one goes to its answers', async () => {
    const { user, asked, at } = show(<SetsPart syllabus={core} />, {
      path: '/practise/class?part=sets&test=flame',
      server: { 'POST /api/question-sets': set },
    });
    const name = screen.getByLabelText('Name of the set');
    expect((name as HTMLInputElement).value).toMatch(/^Flame.*, \d+ questions$/i);
    await enter(name, 'For Tuesday');
    await user.click(screen.getByRole('button', { name: 'Draw others' }));
    expect((name as HTMLInputElement).value).toBe('For Tuesday');
    const drawn = within(screen.getAllByRole('list').at(-1)!).getAllByRole('listitem').length;
    await user.click(screen.getByRole('button', { name: 'Give it out and gather answers' }));
    await waitFor(() => expect(at()).toBe('/practise/class?part=answers&given=s1'));
    const body = asked[0]!.body as { name: string; syllabus: string; cards: string[]; strictness: string };
    expect([body.name, body.syllabus, body.cards.length, body.strictness]).toEqual([
      'For Tuesday',
      'core',
      drawn,
      core.strictness,
    ]);
    const deck = new Set(deckOf(core).map((c) => c.id));
    expect(body.cards.every((id) => deck.has(id))).toBe(true);
  });
  test('a name that cannot be is told at its field; what else is wrong beside it', async () => {
    let answer = new Refusal(422, {
      detail: 'One thing is to be mended.',
      errors: [{ field: 'name', detail: 'Give the set a name.' }],
    });
    const { user } = show(<SetsPart syllabus={core} />, {
      server: { 'POST /api/question-sets': () => answer },
    });
    const give = screen.getByRole('button', { name: 'Give it out and gather answers' });
    await user.click(give);
    expect(await screen.findByText('Give the set a name.')).toBeTruthy();
    expect(screen.getByLabelText('Name of the set').getAttribute('aria-invalid')).toBe('true');
    answer = new Refusal(503, { detail: 'Kivex cannot be reached just now.' });
    await user.click(give);
    expect(await screen.findByText('Kivex cannot be reached just now.')).toBeTruthy();
    expect(screen.queryByText('Give the set a name.')).toBeNull();
  });
  test.each([
    [{ topics: [], test: '', about: [] }, 'All of it, 3 questions'],
    [{ topics: ['equations'] as const, test: '', about: ['Cu2+'] }, /^copper\(II\): Equations, 3/],
  ])('what a set is called until its teacher says otherwise', (about, name) => {
    const called = nameOf({ ...about, topics: [...about.topics] }, 3);
    if (typeof name === 'string') expect(called).toBe(name);
    else expect(called).toMatch(name);
  });
});

describe('what came back', () => {
  const server = {
    'GET /api/question-sets': [head],
    'GET /api/question-sets/s1': set,
    'PATCH /api/question-sets/s1': { ...set, open: false },
    'DELETE /api/question-sets/s1': null,
  };
  const rows = () =>
    within(screen.getByRole('list', { name: 'Answers by question' }))
      .getAllByRole('listitem')
      .map((one) => one.textContent);
  test('weakest first, what nobody answered last; or in the order it was asked', async () => {
    const { user, at } = show(<GivenPart />, { path: '/practise/class?part=answers', server });
    await user.click(await screen.findByRole('button', { name: 'Answers to Gases again' }));
    expect(at()).toBe('/practise/class?part=answers&given=s1');
    expect(await screen.findByText('4 devices have answered')).toBeTruthy();
    expect(screen.getByText('481516')).toBeTruthy();
    expect(rows().map((r) => /oxygen|ammonia|chlorine/.exec(r!)![0])).toEqual([
      'ammonia',
      'oxygen',
      'chlorine',
    ]);
    expect(rows()[0]).toMatch(/0 % weak.*25 % weak of 4/);
    expect(rows()[2]).toMatch(/not answered/);
    await user.click(screen.getByRole('button', { name: 'Weakest first' }));
    expect(rows().map((r) => /oxygen|ammonia|chlorine/.exec(r!)![0])).toEqual([
      'oxygen',
      'ammonia',
      'chlorine',
    ]);
    expect(await faults()).toEqual([]);
  });
  test('answers of a question are shown by what they say, when asked for', async () => {
    const { user } = show(<GivenPart />, { path: '/practise/class?part=answers&given=s1', server });
    expect(await screen.findByText('Gases again')).toBeTruthy();
    expect(screen.queryByText('3 × litmus')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Show answers: How is ammonia tested for?' }));
    expect(screen.getByText('3 × litmus')).toBeTruthy();
    expect(await faults()).toEqual([]);
    // The button is called what it says.
    await user.click(screen.getByRole('button', { name: 'Hide: How is ammonia tested for?' }));
    expect(screen.queryByText('3 × litmus')).toBeNull();
  });
  test('closed, its code is not shown any more; taking it away is asked about first', async () => {
    const { user, asked } = show(<GivenPart />, { path: '/practise/class?part=answers&given=s1', server });
    await user.click(await screen.findByRole('button', { name: 'Take no more answers' }));
    expect(await screen.findByRole('button', { name: 'Take answers again' })).toBeTruthy();
    expect(screen.queryByText('481516')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Take it away' }));
    const dialog = await screen.findByRole('dialog');
    expect(asked.some((a) => a.method === 'DELETE')).toBe(false);
    await user.click(within(dialog).getByRole('button', { name: 'Take it away' }));
    expect(await screen.findByText('Sets given out')).toBeTruthy();
    expect(asked.some((a) => a.method === 'DELETE')).toBe(true);
  });
  test('with none given out it says where one is drawn', async () => {
    show(<GivenPart />, { server: { 'GET /api/question-sets': [] } });
    expect(await screen.findByText('No set has been given out')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Sets of questions' })).toBeTruthy();
  });
});

describe('the syllabus a class practises by', () => {
  const own: SyllabusHead = {
    id: 'own',
    name: 'Skerrin own',
    ages: '14–16',
    archived: false,
  } as SyllabusHead;
  const whole = {
    head: own,
    document: { ...core, id: 'own', name: 'Skerrin own' },
    versions: [],
  } as WholeSyllabus;
  test('may be the school’s own, which has no address that works without its code', async () => {
    const { user } = show(<ClassPage />, {
      path: '/practise/class?part=sets',
      server: { 'GET /api/syllabuses': [own], 'GET /api/syllabuses/own': whole },
    });
    expect(screen.getByText(/without a log-in/)).toBeTruthy();
    await user.selectOptions(
      screen.getByLabelText('Syllabus'),
      await screen.findByRole('option', { name: 'Skerrin own (yours)' }),
    );
    expect(await screen.findByText(/questions, Skerrin own/)).toBeTruthy();
    expect(screen.queryByText(/without a log-in/)).toBeNull();
    expect(screen.getByRole('button', { name: 'Give it out and gather answers' })).toBeTruthy();
  });
});
