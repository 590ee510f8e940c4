import { describe, expect, test } from '@jest/globals';
import type { OpenAnswers } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { byLesson } from './together.js';
import TogetherPage from './TogetherPage.js';

const answer = (id: string, lesson: string, said: string): OpenAnswers['answers'][number] => ({
  id,
  lesson,
  student: `Student ${id}`,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth: ['Fe2+', 'SO4^2-'],
  answer: said,
  points: 0,
  max: 1,
  open: true,
  computed: { points: 0, verdict: 'review', why: 'A person decides.' },
});
const lesson = (id: string, name: string) => ({
  id,
  title: 'A full unknown salt',
  class: name,
  at: '2026-11-26T09:00:00.000Z',
});
const all: OpenAnswers = {
  lessons: [lesson('l1', '10 Beacon'), lesson('l2', '11 Lantern')],
  answers: [
    answer('a', 'l1', 'swampy'),
    answer('b', 'l2', 'Swampy'),
    answer('c', 'l2', 'swampy'),
    answer('d', 'l2', 'mossy'),
  ],
};
const decisions = (l: string) => `POST /api/lessons/${l}/marks/decisions`;
const page = (server: Record<string, unknown> = {}) =>
  show(<TogetherPage />, { server: { 'GET /api/marks/open': all, ...server } });

describe('like answers of all lessons', () => {
  test('one decision goes to each lesson it reaches, and is taken back as one', async () => {
    const { user, asked } = page({
      [decisions('l1')]: { decision: 'd1', marks: 1 },
      [decisions('l2')]: { decision: 'd2', marks: 2 },
      [`${decisions('l1')}/d1/undo`]: { decision: 'x', marks: 1 },
      [`${decisions('l2')}/d2/undo`]: { decision: 'y', marks: 2 },
    });
    expect(await screen.findByText('4 answers in 2 lessons: 2 decisions.')).toBeTruthy();
    const [first] = screen.getAllByRole('listitem');
    expect(first!.textContent).toMatch(/^3 ×swampy and 1 other way.*10 Beacon, 11 Lantern$/i);
    expect(await faults()).toEqual([]);
    await user.keyboard('n');
    await user.click(await screen.findByRole('button', { name: 'Too vague' }));
    await user.click(screen.getByRole('button', { name: 'Decide for 3' }));
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'POST').map((a) => a.body)).toEqual([
        { marks: ['a'], points: 0, reason: 'Too vague' },
        { marks: ['b', 'c'], points: 0, reason: 'Too vague' },
      ]),
    );
    await user.click(await screen.findByRole('button', { name: 'Take the last back (3)' }));
    await waitFor(() =>
      expect(asked.filter((a) => a.path.endsWith('/undo')).map((a) => a.path)).toEqual([
        '/api/lessons/l1/marks/decisions/d1/undo',
        '/api/lessons/l2/marks/decisions/d2/undo',
      ]),
    );
    await waitFor(() => expect(screen.queryByRole('button', { name: /Take the last back/ })).toBeNull());
  });
  test('a lesson is left out; where one refuses it is said, and what was decided is fetched anew', async () => {
    const { user, asked } = page({
      [decisions('l2')]: new Refusal(404, { detail: 'There is no such mark in this lesson.' }),
    });
    await user.click((await screen.findAllByRole('button', { name: /swampy/i }))[0]!);
    await user.click(screen.getByRole('button', { name: '10 Beacon: 1' }));
    await user.click(screen.getByRole('button', { name: 'Too vague' }));
    await user.click(screen.getByRole('button', { name: 'Decide for 2' }));
    expect(await screen.findByText('There is no such mark in this lesson.')).toBeTruthy();
    await waitFor(() => expect(asked.filter((a) => a.path === '/api/marks/open')).toHaveLength(2));
  });
  test('with the network gone in the middle of it, what was chosen and written stays, and it is said', async () => {
    let cut = false;
    const { user } = page({
      'GET /api/marks/open': () => (cut ? new Refusal(503, { detail: 'Kivex cannot be reached.' }) : all),
      [decisions('l1')]: () => new Refusal(503, { detail: 'Kivex cannot be reached.' }),
    });
    await user.click((await screen.findAllByRole('button', { name: /swampy/i }))[0]!);
    await user.click(screen.getByRole('button', { name: 'Too vague' }));
    cut = true;
    await user.click(screen.getByRole('button', { name: 'Decide for 3' }));
    expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
    expect((screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement).value).toBe('Too vague');
    expect(screen.getByRole('button', { name: 'Decide for 3' })).toBeTruthy();
  });
  test('a figure sets the points and their usual reason; the next comes up by itself', async () => {
    const { user, asked } = page({
      [decisions('l1')]: { decision: 'd1', marks: 1 },
      [decisions('l2')]: { decision: 'd2', marks: 2 },
    });
    await screen.findAllByRole('listitem');
    await user.keyboard('n');
    await screen.findByRole('button', { name: 'Decide for 3' });
    await user.keyboard('1');
    const why = () => screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement;
    await waitFor(() => expect(document.activeElement).toBe(why()));
    expect(why().value).toBe('Means the right thing');
    await user.keyboard('{Enter}');
    expect(await screen.findByRole('button', { name: 'Decide for 1' })).toBeTruthy();
    expect(screen.getByRole('button', { name: /mossy/ }).getAttribute('aria-pressed')).toBe('true');
    expect(asked.find((a) => a.method === 'POST')!.body).toMatchObject({ points: 1 });
  });
  test('with nothing to do it is said', async () => {
    show(<TogetherPage />, { server: { 'GET /api/marks/open': { lessons: [], answers: [] } } });
    expect(await screen.findByText('Nothing is left to look at')).toBeTruthy();
  });
  test('marks are told apart by their lessons', () => {
    expect(byLesson(all, ['c', 'a']).map((l) => [l.id, l.marks])).toEqual([
      ['l1', ['a']],
      ['l2', ['c']],
    ]);
  });
});
