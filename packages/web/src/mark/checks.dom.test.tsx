import { describe, expect, test } from '@jest/globals';
import type { BlindMarking, SecondMarking } from '@kivex/contract';
import { agreement } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { ash, birch, clove, lessonOf, markOf, me, rowOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import BlindPage from './BlindPage.js';
import { ChecksDesk } from './ChecksDesk.js';
import { addedTo, ordersOf, orderWords, whoseMarks, writtenBy } from './fairness-facts.js';
import { ownReasons } from './ready-reasons.js';

const lesson = lessonOf(salt, { state: 'marking' });
const jar = lesson.samples.find((s) => s.role === 'unknown')!;
const seen = (answer: string, points: number, computed = 0) =>
  markOf({
    sample: jar.id,
    test: 'naoh',
    attribute: 'precipitate',
    answer,
    points,
    verdict: 'none',
    computed: { points: computed },
  });
const staff = [
  { id: 'me', name: 'Ivo Beck', role: 'teacher' },
  { id: 'orla', name: 'Orla Thresh', role: 'teacher' },
  { id: 'tech', name: 'Nils Vane', role: 'technician' },
];
const marking = (part: Partial<SecondMarking> = {}): SecondMarking => ({
  id: 'sm',
  marker: 'Orla Thresh',
  askedBy: 'Ivo Beck',
  at: '2026-11-26T10:00:00.000Z',
  size: 4,
  done: 4,
  tolerance: 0,
  result: null,
  ...part,
});
const pairs = [
  { first: 1, second: 1 },
  { first: 1, second: 0 },
  { first: 0, second: 0 },
  { first: 0, second: 0 },
];
const compared = marking({
  result: {
    all: agreement(pairs),
    strands: [{ strand: 'observation', agreement: agreement(pairs) }],
    items: [{ strand: 'observation', test: 'naoh', attribute: 'excess', agreement: agreement(pairs) }],
    differences: [
      {
        id: 'd1',
        mark: 'm1',
        strand: 'observation',
        test: 'naoh',
        attribute: 'excess',
        truth: jar.ions,
        answer: 'went clear',
        first: 1,
        second: 0,
        max: 1,
        settled: null,
      },
    ],
  },
});
const second = '/api/lessons/lesson/second-markings';
const held = '/api/lessons/lesson/marks/held';
const rows = [
  rowOf(ash, [seen('dirty green', 1), seen('gelatinus presipitate', 0)]),
  rowOf(birch, [seen('Dirty green', 0)]),
  rowOf(clove, [seen('gelatinus presipitate', 0)], { group: 'Group 2', groupId: 'g2' }),
];
const desk = (server: Record<string, unknown> = {}) =>
  show(<ChecksDesk lesson={lesson} rows={rows} follows={<p>What follows</p>} />, {
    server: {
      [`GET ${second}`]: [],
      [`GET ${held}`]: [],
      'GET /api/people/staff': staff,
      'GET /api/staff/me': me,
      ...server,
    },
  });

describe('the checks', () => {
  test('the same answer with another mark is named with whose it is, and made the same in one press', async () => {
    const { user, asked } = desk({
      'POST /api/lessons/lesson/marks/decisions': { decision: 'd', marks: 1 },
    });
    await screen.findByText('“dirty green”');
    expect(screen.getByText(`1 of 1: ${ash.name}`)).toBeTruthy();
    expect(screen.getByText(`0 of 1: ${birch.name}`)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Give all 1' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toEqual({
        marks: [rows[1]!.cells[0]!.id],
        points: 1,
        reason: 'The same answer has the same mark',
      }),
    );
  });
  test('odd wording in common is a question; orders that must not matter are told with their chance', async () => {
    desk();
    expect(await screen.findByText(/Group 1 and Group 2/)).toBeTruthy();
    expect(screen.getByText(/A question to ask, not a finding/)).toBeTruthy();
    expect(screen.getByText(/^By the alphabet: /)).toBeTruthy();
    expect(screen.getByText(/^By who handed in first: /)).toBeTruthy();
  });
  test('a second marker is asked with a sample as large as the precision wants', async () => {
    const { user, asked } = desk({ [`POST ${second}`]: marking({ done: 0 }) });
    await user.click(await screen.findByText('Ask somebody to mark a sample, blind'));
    const who = screen.getByRole('combobox', { name: 'Who' });
    await waitFor(() => expect(who.querySelectorAll('option')).toHaveLength(2));
    await user.selectOptions(who, 'Orla Thresh');
    await user.click(screen.getByRole('button', { name: 'Ask for 4 answers' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ marker: 'orla', size: 4, tolerance: 0 }),
    );
  });
  test('agreement comes when all is marked, with its interval; a difference is settled in one press', async () => {
    const { user, asked, unmount } = desk({ [`GET ${second}`]: [marking({ done: 3 })] });
    expect(await screen.findByText(/comparison comes when all are marked/)).toBeTruthy();
    unmount();
    Object.assign(asked, []);
    const next = desk({ [`GET ${second}`]: [compared], [`PUT ${second}/d1`]: null });
    expect(await screen.findByText(/Agreement 75 %, κ 0\.50 \(.*\), moderate/)).toBeTruthy();
    expect(screen.getByRole('row', { name: /Sodium hydroxide: excess 4 75 %/ })).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Settle on 0' }));
    await waitFor(() =>
      expect(next.asked.find((a) => a.method === 'PUT')).toMatchObject({
        path: `${second}/d1`,
        body: { points: 0 },
      }),
    );
  });
});

describe('a bottle that held something else', () => {
  const students = [{ student: ash, before: { points: 1, max: 2 }, after: { points: 2, max: 2 } }];
  test('shows what marks would become before it is corrected, and says how it came out', async () => {
    const { user, asked } = desk({
      [`POST ${held}/preview`]: { students, items: 3, reopened: 0 },
      [`POST ${held}`]: {},
    });
    await user.click(await screen.findByText('Correct what a sample held'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Sample' }), jar.id);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Cation' }), 'Zn2+');
    expect(
      await screen.findByText(/1 of 1 students’ shares move: 1 up, 0 down\. 3 marks are another/),
    ).toBeTruthy();
    await user.type(screen.getByRole('textbox', { name: /How it came out/ }), 'two jars changed places');
    await user.click(screen.getByRole('button', { name: /^Mark against zinc/ }));
    await waitFor(() =>
      expect(asked.find((a) => a.path === held && a.method === 'POST')?.body).toMatchObject({
        sample: jar.id,
        reason: 'two jars changed places',
        ions: expect.arrayContaining(['Zn2+']),
      }),
    );
  });
  test('is taken back in one press', async () => {
    const { user, asked } = desk({
      [`GET ${held}`]: [
        {
          id: 'h1',
          sample: jar.id,
          label: jar.label,
          before: ['Cu2+', 'Cl-'],
          after: ['Zn2+', 'Cl-'],
          reason: 'two jars changed places',
          by: 'Nils Vane',
          at: '2026-11-26T10:00:00.000Z',
          stands: true,
        },
      ],
      [`POST ${held}`]: {},
    });
    expect(await screen.findByText(/held zinc chloride, not copper\(II\) chloride/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take it back' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toEqual({
        sample: jar.id,
        ions: ['Cu2+', 'Cl-'],
        reason: 'Taken back',
      }),
    );
  });
});

describe('marking blind', () => {
  const blind: BlindMarking = {
    id: 'sm',
    title: salt.title,
    askedBy: 'Ivo Beck',
    size: 2,
    done: 0,
    practical: salt,
    answers: ['blue jelly', 'nothing happened'].map((answer, i) => ({
      id: `b${i}`,
      strand: 'observation',
      test: 'naoh',
      attribute: 'precipitate',
      truth: ['Cu2+', 'SO4^2-'],
      answer,
      max: 1,
      points: null,
    })),
  };
  const page = (server: Record<string, unknown> = {}) =>
    show(<BlindPage />, {
      path: '/second/sm',
      route: '/second/:id',
      server: { 'GET /api/second-markings/sm': blind, ...server },
    });
  test('a figure gives the points and goes on; when all are marked it says so', async () => {
    const { user, asked } = page({
      'PUT /api/second-markings/sm/b0': null,
      'PUT /api/second-markings/sm/b1': null,
    });
    expect(await screen.findByText('blue jelly')).toBeTruthy();
    expect(screen.getByText(/to be seen: blue/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.keyboard('1');
    expect(await screen.findByText('nothing happened')).toBeTruthy();
    await user.keyboard('7');
    await user.click(screen.getByRole('button', { name: '0 of 1' }));
    expect(await screen.findByText(/All are marked/)).toBeTruthy();
    expect(asked.filter((a) => a.method === 'PUT').map((a) => a.body)).toEqual([
      { points: 1 },
      { points: 0 },
    ]);
    await user.keyboard('{ArrowLeft}');
    expect(screen.getByRole('button', { name: '1 of 1' }).getAttribute('aria-pressed')).toBe('true');
  });
  test('what was not taken is told, and the answer stays', async () => {
    const { user } = page({
      'PUT /api/second-markings/sm/b0': new Refusal(503, { detail: 'Kivex cannot be reached.' }),
    });
    await screen.findByText('blue jelly');
    await user.keyboard('1');
    expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
    expect(screen.getByText('blue jelly')).toBeTruthy();
  });
});

describe('what the checks start from', () => {
  test('what people gave beside what was computed, by each order; the absent are left out', () => {
    const given = rowOf({ id: 'z', name: 'Ada Zorn' }, [seen('x', 1)]);
    const plain = rowOf({ id: 'a', name: 'Zoe Abel' }, [seen('x', 0)]);
    const away = rowOf({ id: 'b', name: 'Bo Barr' }, [seen('x', 1)], { absent: true });
    expect(addedTo(given)).toBe(1);
    expect(ordersOf([given, plain, away]).name).toEqual([0, 1]);
  });
  test('techniques and equations are nobody’s wording', () => {
    const technique = markOf({ strand: 'technique', test: 'naoh', answer: 'signed off' });
    expect(writtenBy([rowOf(ash, [technique, seen('blue', 1)])]).map((w) => w.answer)).toEqual(['blue']);
  });
  test('many are named by the first, and how many more', () =>
    expect(
      whoseMarks(
        rows,
        rows.flatMap((r) => r.cells.map((c) => c.id)),
        2,
      ),
    ).toBe(`${ash.name} and 2 more`));
  test.each([
    [{ r: null, p: 1 }, /nobody was given anything/, false],
    [{ r: 0.9, p: 0.0005 }, /later ones were given more.*less than 0\.1 %/, true],
    [{ r: -0.6, p: 0.01 }, /earlier ones were given more/, true],
    [{ r: 0.1, p: 0.6 }, /nothing to be seen.*60 %/, false],
  ] as const)('%j', (found, text, look) =>
    expect(orderWords('name', found)).toEqual({ text: expect.stringMatching(text), look }),
  );
  test('reasons of one’s own are offered again for the same test, ready ones not twice', () => {
    const changed = (reason: string, test = 'naoh') =>
      markOf({
        test,
        changes: [
          {
            id: reason,
            decision: 'd',
            points: 1,
            answer: '',
            reason,
            by: 'Orla',
            at: '2026-11-26T10:00:00.000Z',
          },
        ],
      });
    const all = [
      rowOf(ash, [
        changed('We agreed on “jelly”'),
        changed('Too vague'),
        changed('Of another test', 'flame'),
      ]),
      rowOf(birch, [changed('We agreed on “jelly”'), changed('Half an answer')]),
    ];
    expect(ownReasons(all, { strand: 'observation', test: 'naoh' } as never)).toEqual([
      'We agreed on “jelly”',
      'Half an answer',
    ]);
  });
});
