import { describe, expect, test } from '@jest/globals';
import type { LessonHead, LessonState } from '@kivex/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { inPage } from '../kit/request/in-pages.js';
import { faults, show } from '../testing/show.js';
import LessonsPage from './LessonsPage.js';

const head = (id: string, state: LessonState): LessonHead =>
  ({
    id,
    state,
    title: `Practical ${id}`,
    className: `9 ${id}`,
    startsAt: '2026-11-27T09:00:00.000Z',
    room: 'Lab 2',
    groups: 5,
    students: 14,
  }) as unknown as LessonHead;
const page = (lessons: readonly LessonHead[], role = 'teacher', server: object = {}) =>
  show(<LessonsPage />, {
    path: '/lessons',
    server: {
      'GET /api/lessons': lessons,
      'GET /api/staff/me': { id: 'me', name: 'Ana', role },
      'GET /api/second-markings': [],
      ...server,
    },
  });
const leadsTo = (name: RegExp) => screen.getByRole('link', { name }).getAttribute('href');

describe('the lessons of a school', () => {
  test('stand by what they want of one, and each leads to the face that is wanted next', async () => {
    page([head('d', 'released'), head('p', 'planned'), head('m', 'marking'), head('r', 'running')]);
    await screen.findByText('9 r');
    expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
      'Now',
      'To be marked',
      'Coming',
      'Done',
    ]);
    expect([/9 r/, /9 m/, /9 p/, /9 d/].map(leadsTo)).toEqual([
      '/lessons/r/run',
      '/lessons/m/mark',
      '/lessons/p/plan',
      '/lessons/d/review',
    ]);
    expect(await faults()).toEqual([]);
  });
  test('one lesson to be marked is marked by itself; of several, what wants a person is looked at together', async () => {
    const one = page([head('m', 'marking')]);
    await screen.findByText('9 m');
    expect(screen.queryByRole('link', { name: /together/ })).toBeNull();
    one.unmount();
    page([head('m', 'marking'), head('n', 'marking')]);
    await screen.findByText('9 n');
    expect(leadsTo(/together/)).toBe('/marking');
  });
  test('a technician is led to preparing, and neither plans nor marks', async () => {
    const { asked } = page([head('m', 'marking'), head('n', 'marking')], 'technician');
    await waitFor(() => expect(leadsTo(/9 m/)).toBe('/lessons/m/prepare'));
    expect(screen.queryByRole('link', { name: /New lesson/ })).toBeNull();
    expect(screen.queryByRole('link', { name: /together/ })).toBeNull();
    expect(asked.some((a) => a.path === '/api/lessons')).toBe(false);
  });
  test('none yet: it says so, with the way to the first', async () => {
    page([]);
    const empty = (await screen.findByText('No lessons yet')).parentElement!.parentElement!;
    expect(within(empty).getByRole('link', { name: /New lesson/ })).toBeTruthy();
  });
  test('older ones come a page at a time, each after the last seen', async () => {
    const first = Array.from({ length: inPage }, (_, i) => head(`x${i}`, 'released'));
    const { user, asked } = page([], 'teacher', {
      'GET /api/lessons': (a: { path: string }) =>
        a.path.includes('before=') ? [head('old', 'released')] : first,
    });
    await user.click(await screen.findByRole('button', { name: 'Older lessons' }));
    expect(await screen.findByText('9 old')).toBeTruthy();
    expect(asked.at(-1)!.path).toContain(`before=x${inPage - 1}`);
    expect(screen.queryByRole('button', { name: 'Older lessons' })).toBeNull();
  });
  test('who asks one to mark blind is told, with how far one is', async () => {
    page([], 'teacher', {
      'GET /api/second-markings': [{ id: 's', title: 'Flames', askedBy: 'Hesper', size: 12, done: 4 }],
    });
    expect(
      await screen.findByText(/Hesper asks you to mark 12 answers of “Flames” blind; 4 are marked/),
    ).toBeTruthy();
    expect(leadsTo(/Mark them/)).toBe('/second/s');
  });
});
