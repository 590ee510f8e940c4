import { describe, expect, test } from '@jest/globals';
import type { Feedback } from '@kivex/contract';
import { deckOf, drawnSet, itemAnalysis, setFromAddress, syllabusOf, teachAgain } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { ash } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import FeedbackPage from './FeedbackPage.js';

const copper = ['Cu2+', 'SO4^2-'];
const item = (part: Partial<Feedback['items'][number]>): Feedback['items'][number] => ({
  key: 'observation:jar',
  strand: 'observation',
  sample: 'jar',
  test: 'naoh',
  attribute: 'precipitate',
  answer: 'green',
  points: 0,
  max: 1,
  why: ['You wrote green; copper’s is blue.'],
  ...part,
});
const lost = itemAnalysis([
  {
    student: 'own',
    strand: 'observation',
    test: 'naoh',
    attribute: 'precipitate',
    truth: copper,
    role: 'unknown',
    answer: 'green',
    points: 0,
    max: 1,
    weight: 1,
  },
]);
const feedback: Feedback = {
  me: ash,
  title: 'A full unknown salt',
  released: true,
  late: true,
  syllabus: 'core',
  onScreen: false,
  agreed: null,
  points: 1,
  max: 3,
  items: [
    item({}),
    item({
      key: 'n',
      strand: 'conclusion',
      test: null,
      attribute: null,
      answer: 'copper(II)',
      points: 2,
      max: 2,
      why: [],
    }),
    item({
      key: 'o',
      strand: 'technique',
      test: null,
      attribute: 'order',
      answer: 'Flame test',
      points: 0,
      max: 0,
      why: [],
    }),
  ],
  next: teachAgain(lost, syllabusOf('core'), 1)[0]!,
  questions: [
    {
      id: 'q',
      key: 'n',
      text: 'Is copper enough?',
      at: '2026-11-27T08:00:00.000Z',
      answer: 'With its charge.',
      answeredBy: 'Orla Thresh',
    },
  ],
  truths: [{ sample: 'jar', label: 'Jar 417', holds: 'copper(II) sulfate' }],
};
const page = (answer: unknown = feedback, server: Record<string, unknown> = {}) =>
  show(<FeedbackPage leave={() => undefined} />, {
    server: { 'GET /api/bench/feedback': answer, ...server },
  });

describe('a student’s own marks', () => {
  test('say what was earned, what each item was, and that it came late', async () => {
    page();
    expect(await screen.findByText('1 of 3')).toBeTruthy();
    expect(screen.getByText('Handed in after the end.')).toBeTruthy();
    expect(screen.getByText('You saw, Sodium hydroxide: green')).toBeTruthy();
    expect(screen.getByText('You named: copper(II)')).toBeTruthy();
    expect(screen.getByText('Order of tests: Flame test')).toBeTruthy();
    expect(screen.getByText('not counted')).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('say of somebody away that they are what was made up on screen', async () => {
    page({ ...feedback, late: false, onScreen: true, agreed: 2.5, items: [], next: null, truths: [] });
    expect(
      await screen.findByText(/You were away: this is what you made up on the bench on screen/),
    ).toBeTruthy();
    expect(screen.queryByText('Handed in after the end.')).toBeNull();
    expect(screen.getByText('In the gradebook 2.5 stands: your teacher agreed to it.')).toBeTruthy();
  });
  test('have one next step, with questions whose answers are folded away', async () => {
    const { user } = page();
    const heading = await screen.findByRole('heading', { name: 'What would bring you most' });
    const tile = within(heading.parentElement!);
    expect(tile.getByText('Sodium hydroxide, precipitate: blue')).toBeTruthy();
    expect(tile.getByText(/you wrote “green”/)).toBeTruthy();
    const practise = tile.getByRole('link', { name: 'Practise it: 10 questions' });
    const set = setFromAddress(new URLSearchParams(practise.getAttribute('href')!.split('?')[1]))!;
    expect(drawnSet(deckOf(syllabusOf('core')), set).every((c) => c.test === 'naoh')).toBe(true);
    expect(drawnSet(deckOf(syllabusOf('core')), set)).toHaveLength(10);
    const [ask] = feedback.next!.questions;
    await user.click(tile.getByText(ask!.ask));
    expect(tile.getByText(ask!.model)).toBeTruthy();
  });
  test('of a school’s own syllabus lead to no questions that this device may not have', async () => {
    page({ ...feedback, syllabus: null });
    await screen.findByRole('heading', { name: 'What would bring you most' });
    expect(screen.queryByRole('link', { name: /Practise it/ })).toBeNull();
  });
  test('can be asked about, and what was answered stands beside', async () => {
    const { user, asked } = page(feedback, {
      'POST /api/bench/feedback/questions': {
        id: 'q2',
        key: 'observation:jar',
        text: 'Was it not green?',
        at: '2026-11-27T09:00:00.000Z',
        answer: null,
        answeredBy: null,
      },
    });
    await screen.findByText('You asked: Is copper enough?');
    expect(screen.getByText(/With its charge/)).toBeTruthy();
    await user.click(screen.getAllByRole('button', { name: 'Ask about this' })[0]!);
    await user.type(
      screen.getByRole('textbox', { name: /What would you like to know/ }),
      'Was it not green?',
    );
    await user.click(screen.getByRole('button', { name: 'Ask' }));
    expect(await screen.findByText('You asked: Was it not green?')).toBeTruthy();
    expect(screen.getByText('Not answered yet.')).toBeTruthy();
    expect(asked.find((a) => a.method === 'POST')?.body).toEqual({
      key: 'observation:jar',
      text: 'Was it not green?',
    });
  });
  test('a question that was not taken stays written, with what to do', async () => {
    const { user } = page(feedback, {
      'POST /api/bench/feedback/questions': new Refusal(429, { detail: 'You have asked 20 questions.' }),
    });
    await user.click((await screen.findAllByRole('button', { name: 'Ask about this' }))[0]!);
    const box = screen.getByRole('textbox', { name: /What would you like/ });
    await user.type(box, 'Why?');
    await user.click(screen.getByRole('button', { name: 'Ask' }));
    expect(await screen.findByText('You have asked 20 questions.')).toBeTruthy();
    expect((box as HTMLTextAreaElement).value).toBe('Why?');
  });
  test('taken back meanwhile, they are not shown', async () => {
    page({ ...feedback, released: false, items: [], next: null });
    await waitFor(() => expect(screen.getByText(/Your marks are not out yet/)).toBeTruthy());
  });
});
