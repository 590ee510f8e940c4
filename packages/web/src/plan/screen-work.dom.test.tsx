import { describe, expect, test } from '@jest/globals';
import type { ScreenWorkTable } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { Outlet, Route, Routes } from 'react-router';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { ScreenWorkPanel } from './ScreenWorkPanel.js';

const lesson = lessonOf(salt, { state: 'planned' });
const path = `/api/lessons/${lesson.id}/screen-work`;
const ash = { id: 'ash', name: 'Ash Tern' };
const table = (state: 'none' | 'tried' | 'passed' | 'waived'): ScreenWorkTable => ({
  work: { kind: 'pre-lab', asks: 'cation', seed: 417, syllabus: 'core' },
  results: [
    { student: ash, state, points: 2, max: 3, tries: 1, slips: ['wire-not-clean'], at: null, late: false },
  ],
  slips: [{ code: 'wire-not-clean', runs: 1, of: 2 }],
});
const nothing: ScreenWorkTable = { work: null, results: [], slips: [] };
const panel = (server: Record<string, unknown>) =>
  show(
    <Routes>
      <Route element={<Outlet context={lesson} />}>
        <Route path="*" element={<ScreenWorkPanel />} />
      </Route>
    </Routes>,
    { server },
  );

describe('work on screen, on the teacher’s side', () => {
  test('is set; who has passed, what slipped and who is let off stand in a table', async () => {
    const { user, asked } = panel({
      [`GET ${path}`]: nothing,
      [`PUT ${path}`]: table('tried'),
      [`PUT ${path}/waived/ash`]: table('waived'),
    });
    const box = await screen.findByLabelText('Number');
    await user.clear(box);
    await user.type(box, '417');
    await user.click(screen.getByRole('button', { name: 'Set it' }));
    expect(await screen.findByText('0 of 1 have passed or are let off.')).toBeTruthy();
    expect(asked.find((a) => a.method === 'PUT')!.body).toMatchObject({ kind: 'pre-lab', seed: 417 });
    expect(screen.getByRole('row', { name: /Ash Tern.*tried.*2 of 3.*wire not clean/ })).toBeTruthy();
    expect(screen.getByText(/1 of 2 runs: The wire still carried sodium/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Let off Ash Tern' }));
    expect(await screen.findByText('1 of 1 have passed or are let off.')).toBeTruthy();
  });
  test('what is wrong is told at its field, and what was typed stays', async () => {
    const { user } = panel({
      [`GET ${path}`]: nothing,
      [`PUT ${path}`]: new Refusal(422, {
        detail: 'Say by which day.',
        errors: [{ field: 'due', detail: 'Say by which day.' }],
      }),
    });
    await user.selectOptions(await screen.findByLabelText('What for'), 'homework');
    await user.click(screen.getByRole('button', { name: 'Set it' }));
    await waitFor(() => expect(screen.getByText('Say by which day.')).toBeTruthy());
    expect((screen.getByLabelText('What for') as HTMLSelectElement).value).toBe('homework');
  });
});
