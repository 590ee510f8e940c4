import { describe, expect, test } from '@jest/globals';
import type { LessonReview, SchoolReview } from '@kivex/contract';
import {
  askedWords,
  itemWords,
  teachWords,
  itemAnalysis,
  strandProfile,
  syllabusOf,
  teachAgain,
  type ReviewedMark,
} from '@kivex/core';
import { onlineManager } from '@tanstack/react-query';
import { screen, waitFor, within } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { shareBars, pairedBars } from '../kit/chart/chart-options.js';
import { flagWords, queryOf, schoolYears, shareWords } from './review-words.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { LessonResults } from './ReviewPage.js';
import { FairnessPart } from './FairnessPart.js';
import SchoolReviewPage from './SchoolReviewPage.js';

const copper = ['Cu2+', 'SO4^2-'];
const mark = (student: string, points: number, part: Partial<ReviewedMark> = {}): ReviewedMark => ({
  student,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth: copper,
  role: 'unknown',
  answer: points ? 'blue' : 'green',
  points,
  max: 1,
  weight: 1,
  ...part,
});
const marks = [
  mark('a', 0),
  mark('b', 0),
  mark('c', 1),
  mark('a', 1, { strand: 'conclusion', test: null, attribute: null, answer: 'copper' }),
];
const items = itemAnalysis(marks);
const teach = teachAgain(items, syllabusOf('core'));
const review: LessonReview = {
  students: 3,
  absent: 1,
  open: 2,
  items,
  strands: strandProfile(marks),
  namings: [
    { truth: 'Cu2+', named: 'Fe2+', n: 2 },
    { truth: 'Cu2+', named: 'Cu2+', n: 1 },
  ],
  times: [
    {
      test: 'naoh',
      planned: 10,
      groups: 3,
      minutes: { median: 15, quarter: [12, 18] },
      attempts: 1.3,
      corrected: 1,
      weak: 2,
      doubtful: 3,
      notDone: 4,
      entries: 9,
    },
  ],
  teach,
  outcome: { names: { right: 1, n: 1 }, repeats: 0, halfThrough_min: null, timed: 0 },
  agreed: null,
};

describe('a lesson’s review', () => {
  const page = (part = '', of = review) =>
    show(<LessonResults lesson={lessonOf(salt)} review={of} />, { path: `/${part && `?part=${part}`}` });
  test('says first who is counted, what is open, what to teach, what was mixed up, what took long', async () => {
    page();
    const follows = screen.getByLabelText('What follows');
    for (const text of [
      '3 students marked, 1 away and not counted.',
      '2 answers still want a person, and are not counted here.',
      'Teach again first: Sodium hydroxide, precipitate: blue. It would bring 2 points.',
      /Weakest strand: what was seen, 33 %/,
      'copper(II) was named iron(II) 2 times: teach the two side by side.',
      'Sodium hydroxide took 15 minutes, planned 10.',
    ])
      expect(within(follows).getByText(text)).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('teaches again by points, with what was written and questions that have a model answer', async () => {
    const { user } = page();
    expect(screen.getByRole('heading', { name: 'Sodium hydroxide, precipitate: blue' })).toBeTruthy();
    expect(screen.getByText(/Lost 2 times; written instead: “green”/)).toBeTruthy();
    await user.click(screen.getByText(/^Ask: /));
    expect(screen.getByText(/Which ion is it\?/).textContent).toMatch(/Model answer: copper\(II\)/);
    const href = (name: string) =>
      new URL(screen.getByRole('link', { name }).getAttribute('href')!, 'http://k').searchParams;
    const { syllabus } = lessonOf(salt).practical;
    expect([...href('A set of questions on it')]).toEqual(
      expect.arrayContaining([
        ['part', 'sets'],
        ['syllabus', syllabus],
        ['test', 'naoh'],
      ]),
    );
    expect([...href('Show the test')]).toEqual(
      expect.arrayContaining([
        ['part', 'show'],
        ['test', 'naoh'],
        ['one', 'Cu2+'],
      ]),
    );
  });
  test('items stand in a table beside their chart, with intervals and what was written', async () => {
    page('items');
    const row = await screen.findByRole('row', { name: /Sodium hydroxide: precipitate/ });
    expect(row.textContent).toMatch(/33 % \(6 to 79 %\)/);
    expect(row.textContent).toMatch(/“green” ×2/);
    expect(await faults()).toEqual([]);
  });
  test('names, strands and times have their tables', async () => {
    const { unmount } = page('names');
    expect(screen.getByRole('region', { name: /what it was named/ }).textContent).toMatch(/copper\(II\)/);
    unmount();
    const strands = page('strands');
    expect(screen.getByRole('region', { name: 'Strands' }).textContent).toMatch(
      /What was seen33 %0 % to 99 %3/,
    );
    strands.unmount();
    page('times');
    expect(screen.getByRole('region', { name: /Time and repeats/ }).textContent).toMatch(
      /Sodium hydroxide10 min15 min12 to 1831\.31234/,
    );
    expect(await faults()).toEqual([]);
  });
  test('where all had all, says so', () => {
    page('', { ...review, teach: [], open: 0 });
    expect(screen.getByText('Nothing stands out to teach again.')).toBeTruthy();
    expect(screen.getByText('All had all of it.')).toBeTruthy();
  });
});

describe('a school’s review', () => {
  const part = { id: 'c1', name: '10 Beacon', lessons: 2, reports: 60, share: 0.7 };
  const school: SchoolReview = {
    lessons: 2,
    reports: 60,
    open: 0,
    classes: [part, { ...part, id: 'c2', name: '10 Cove', share: 0.4 }],
    teachers: [{ ...part, id: 't', name: 'Orla Thresh' }],
    practicals: [{ ...part, id: 'v', name: 'A full unknown salt', practical: 'p', version: 3 }],
    strands: [{ strand: 'observation', share: 0.5 }],
    items,
    teach,
    choices: {
      classes: [
        { id: 'c1', name: '10 Beacon' },
        { id: 'c2', name: '10 Cove' },
      ],
      teachers: [{ id: 't', name: 'Orla Thresh' }],
      practicals: [{ id: 'p', name: 'A full unknown salt' }],
    },
  };
  test('compares classes, and is narrowed by what is chosen, which stands in the address', async () => {
    const { user, asked, at } = show(<SchoolReviewPage />, {
      path: '/review',
      server: { 'GET /api/review': school },
    });
    expect((await screen.findByRole('region', { name: 'Classes' })).textContent).toMatch(/10 Cove26040 %/);
    expect(await faults()).toEqual([]);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Class' }), '10 Cove');
    await waitFor(() => expect(asked.at(-1)!.path).toBe('/api/review?class=c2'));
    expect(at()).toBe('/review?class=c2');
    const [year] = schoolYears(new Date());
    await user.selectOptions(screen.getByRole('combobox', { name: 'School year' }), year!.name);
    await waitFor(() =>
      expect(asked.at(-1)!.path).toBe(`/api/review?class=c2&from=${year!.from}&to=${year!.to}`),
    );
    expect(screen.getByText('XLSX').closest('a')!.getAttribute('href')).toMatch(/sheet\/xlsx\?class=c2/);
  });
  test('with the network gone another choice is told as not to be had; older figures do not pass for it', async () => {
    const { user } = show(<SchoolReviewPage />, {
      path: '/review',
      server: {
        'GET /api/review': school,
        'GET /api/review?class=c2': new Refusal(503, { detail: 'Kivex cannot be reached.' }),
      },
    });
    await screen.findByRole('region', { name: 'Classes' });
    onlineManager.setOnline(false);
    try {
      await user.selectOptions(screen.getByRole('combobox', { name: 'Class' }), '10 Cove');
      expect(await screen.findByText(/Kivex cannot be reached/)).toBeTruthy();
      expect(screen.queryByRole('region', { name: 'Classes' })).toBeNull();
    } finally {
      onlineManager.setOnline(true);
    }
  });
  test('versions of a practical stand apart; items do without what only one lesson can tell', async () => {
    const { user } = show(<SchoolReviewPage />, { path: '/review', server: { 'GET /api/review': school } });
    await user.click(await screen.findByRole('tab', { name: 'Practicals' }));
    expect(await screen.findByRole('cell', { name: 'A full unknown salt, version 3' })).toBeTruthy();
    await user.click(screen.getByRole('tab', { name: 'Items' }));
    await screen.findByRole('row', { name: /Sodium hydroxide: precipitate/ });
    expect(screen.queryByText('Written instead')).toBeNull();
  });
  test('nothing there, and nothing to be had, are told', async () => {
    const { unmount } = show(<SchoolReviewPage />, {
      path: '/review',
      server: { 'GET /api/review': { ...school, items: [] } },
    });
    expect(await screen.findByText('No marked lessons here')).toBeTruthy();
    unmount();
    show(<SchoolReviewPage />, {
      path: '/review',
      server: { 'GET /api/review': new Refusal(503, { detail: 'Kivex cannot be reached just now.' }) },
    });
    expect(await screen.findByText(/Kivex cannot be reached/)).toBeTruthy();
  });
});

describe('in words', () => {
  test.each([
    ['Name', { strand: 'conclusion', test: null, attribute: null }],
    ['Order of tests', { strand: 'technique', test: null, attribute: 'order' }],
    ['Equation: Sulfate', { strand: 'equation', test: 'sulfate', attribute: null }],
    ['Technique: Flame test', { strand: 'technique', test: 'flame', attribute: null }],
    ['Flame test', { strand: 'observation', test: 'flame', attribute: 'colour' }],
    ['Sodium hydroxide: excess', { strand: 'observation', test: 'naoh', attribute: 'excess' }],
  ] as const)('%s', (words, item) => {
    expect(askedWords(item)).toBe(words);
    expect(itemWords({ ...item, truth: copper })).toBe(`${words}, copper(II) sulfate`);
    expect(itemWords({ ...item, truth: [] })).toBe(words);
  });
  test('what to teach of a name is the name', () =>
    expect(teachWords({ ...teach[0]!, strand: 'conclusion', samples: [copper] })).toBe(
      'Naming copper(II) sulfate',
    ));
  test('shares have their interval, flags say what they mean', () => {
    expect(shareWords({ share: 0.5, low: 0.2, high: 0.8 })).toBe('50 % (20 to 80 %)');
    expect(flagWords({ facility: { share: 0.5, low: 0.2, high: 0.8, n: 9 }, discrimination: -0.5 })).toMatch(
      /had it wrong more often/,
    );
  });
  test('school years begin in September; a filter leaves out what is not set', () => {
    expect(schoolYears(new Date('2026-11-27'), 2)).toEqual([
      { name: '2026/27', from: '2026-09-01', to: '2027-08-31' },
      { name: '2025/26', from: '2025-09-01', to: '2026-08-31' },
    ]);
    expect(schoolYears(new Date('2026-08-31'), 1)[0]!.name).toBe('2025/26');
    expect(queryOf({ class: 'c', from: '' })).toEqual({ class: 'c' });
  });
});

describe('charts', () => {
  const pigment = (token: string) => token;
  test('what is low is told by a pattern beside its colour; intervals only where known', () => {
    const { series } = shareBars([
      { name: 'a', share: 0.9, interval: [0.8, 1] },
      { name: 'b', share: 0.2, low: true },
    ])(pigment) as unknown as { series: [{ data: { itemStyle: object }[] }, { data: number[][] }] };
    expect(series[0].data.map((d) => 'decal' in d.itemStyle)).toEqual([false, true]);
    expect(series[1].data).toEqual([[0, 0.8, 1]]);
  });
  test('two bars a name differ by pattern', () => {
    const { series } = pairedBars(
      [{ name: 'a', first: 1, second: null }],
      ['planned', 'took'],
      'min',
    )(pigment) as unknown as {
      series: { name: string; itemStyle: object; data: unknown[] }[];
    };
    expect(series.map((s) => [s.name, 'decal' in s.itemStyle, s.data])).toEqual([
      ['planned', false, [1]],
      ['took', true, [null]],
    ]);
  });
});

describe('the same answer with other marks in the school', () => {
  const lesson = (id: string, by?: string) => ({
    id,
    title: 'A full unknown salt',
    class: '10 Beacon',
    at: '2026-11-20T09:00:00.000Z',
    marks: 2,
    decided: by ? [{ by, reason: 'means the right thing' }] : [],
  });
  test('is told with where and by whose decision', async () => {
    show(<FairnessPart />, {
      server: {
        'GET /api/review/fairness': [
          {
            answer: 'swampy',
            strand: 'observation',
            test: 'naoh',
            attribute: 'precipitate',
            truth: ['Fe2+', 'SO4^2-'],
            max: 1,
            given: [
              { points: 0, lessons: [lesson('l1')] },
              { points: 1, lessons: [lesson('l2', 'Orla Thresh')] },
            ],
          },
        ],
      },
    });
    const [computed, decided] = await screen.findAllByRole('listitem');
    expect(computed!.textContent).toMatch(/^2 × in 10 Beacon, A full unknown salt, .*: as computed$/);
    expect(decided!.textContent).toMatch(/: Orla Thresh, “means the right thing”$/);
    expect(screen.getByText('Sodium hydroxide: precipitate, iron(II) sulfate')).toBeTruthy();
    expect(screen.getAllByRole('link')[1]!.getAttribute('href')).toBe('/lessons/l2/mark?view=like');
    expect(await faults()).toEqual([]);
  });
  test('where there is none it is said, and a refusal can be tried again', async () => {
    const { unmount } = show(<FairnessPart />, { server: { 'GET /api/review/fairness': [] } });
    expect(await screen.findByText('The same answer has the same mark everywhere')).toBeTruthy();
    unmount();
    show(<FairnessPart />, {
      server: { 'GET /api/review/fairness': new Refusal(503, { detail: 'Kivex cannot be reached.' }) },
    });
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeTruthy();
  });
});
