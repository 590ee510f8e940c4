import { describe, expect, jest, test } from '@jest/globals';
import type { OwnScreenWork } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { Refusal, show } from '../testing/show.js';
import { Prelab } from './Prelab.js';
import { ScreenWork } from './ScreenWork.js';

const work = { kind: 'pre-lab', asks: 'cation', seed: 417, syllabus: 'core' } as const;
const own = { work, ownSyllabus: null } as const;

describe('work on screen, on the student’s side', () => {
  test('a pre-lab leads to the bench on screen until it is passed', () => {
    show(<ScreenWork own={{ ...own, state: 'tried', first: true }} />);
    expect(screen.getByRole('link', { name: 'Try again' }).getAttribute('href')).toBe('/bench/on-screen');
  });
  test('passed or let off, it asks for nothing; without work there is nothing', () => {
    const { container } = show(<ScreenWork own={{ ...own, state: 'waived', first: false }} />);
    expect(screen.getByText(/Your teacher has let you off/)).toBeTruthy();
    expect(screen.queryByRole('link')).toBeNull();
    expect(container.textContent).toContain('Before the bench');
  });
  test('homework says its day, and holds no bench back', async () => {
    const held = jest.fn<(back: boolean) => void>();
    const homework: OwnScreenWork = {
      work: { ...work, kind: 'homework', due: '2026-12-04' },
      ownSyllabus: null,
      state: 'none',
      first: false,
    };
    show(<Prelab student="ash" held={held} />, { server: { 'GET /api/bench/screen-work': homework } });
    expect(await screen.findByText(/By Fri 4 Dec 2026/)).toBeTruthy();
    expect(held.mock.calls.flat()).not.toContain(true);
  });
  test('a pre-lab not passed holds the bench back; where the server cannot be asked, nothing does', async () => {
    const held = jest.fn<(back: boolean) => void>();
    show(<Prelab student="ash" held={held} />, {
      server: { 'GET /api/bench/screen-work': { ...own, state: 'none', first: true } },
    });
    expect(await screen.findByText(/wants this passed before you work/)).toBeTruthy();
    expect(held).toHaveBeenLastCalledWith(true);
    const free = jest.fn<(back: boolean) => void>();
    show(<Prelab student="birch" held={free} />, {
      server: { 'GET /api/bench/screen-work': new Refusal(503, { detail: 'Away.' }) },
    });
    await waitFor(() => expect(free).toHaveBeenCalled());
    expect(free.mock.calls.flat()).not.toContain(true);
  });
});
