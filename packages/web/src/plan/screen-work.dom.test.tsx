import { describe, expect, test } from '@jest/globals';
import type { ScreenWork, ScreenWorkTable, StudentRun } from '@kivex/contract';
import { syllabusOf } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { Outlet, Route, Routes } from 'react-router';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { ClassRuns } from './ClassRuns.js';
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
  rate: { factor: 1.31, runs: 2, made: 1, usual: 0.29 },
  agreed: null,
});
const nothing: ScreenWorkTable = { work: null, results: [], slips: [], rate: null, agreed: null };
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
  test('what the first runs show of slips counts for the school’s rehearsals at a teacher’s word, and no longer at another', async () => {
    const counted = { ...table('tried'), agreed: { factor: 1.31, runs: 2 } };
    const { user, asked } = panel({
      [`GET ${path}`]: table('tried'),
      [`PUT ${path}/slips`]: counted,
      [`DELETE ${path}/slips`]: new Refusal(503, { detail: 'Kivex cannot be reached.' }),
    });
    expect(
      await screen.findByText(
        '1 slip that rehearsals reckon with, in 2 first runs; 0.3 would be usual. That makes 1.3 times the usual rate.',
      ),
    ).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Count it for the school’s rehearsals' }));
    expect(await screen.findByText(/^Counted: 1\.3 times the usual, from 2 runs/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^No longer count it/ }));
    expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
    expect(screen.getByText(/^Counted:/)).toBeTruthy();
    expect(asked.filter((a) => a.path.endsWith('/slips')).map((a) => a.method)).toEqual(['PUT', 'DELETE']);
  });
  test('with nothing run there is nothing to tell from', async () => {
    panel({ [`GET ${path}`]: { ...table('none'), slips: [], rate: null } });
    await screen.findByText('0 of 1 have passed or are let off.');
    expect(screen.queryByRole('button', { name: /Count it/ })).toBeNull();
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

describe('the runs of a class', () => {
  const work: ScreenWork = { kind: 'pre-lab', asks: 'cation', seed: 417, syllabus: 'core' };
  const runs: StudentRun[] = [
    {
      student: ash,
      passed: false,
      actions: [{ do: 'dip' }, { do: 'flame' }, { do: 'take' }],
    },
    {
      student: { id: 'birch', name: 'Birch Sole' },
      passed: true,
      actions: [{ do: 'goggles', on: true }, { do: 'clean' }, { do: 'dip' }, { do: 'flame' }],
    },
  ];
  const drawn = (answer: unknown) =>
    show(<ClassRuns lesson={lesson.id} work={work} syllabus={syllabusOf('core')} />, {
      server: { [`GET ${path}/runs`]: answer },
    });
  test('stand beside each other as strips; a slip is marked where it was made, and told', async () => {
    const { user } = drawn(runs);
    const strip = within(await screen.findByRole('group', { name: 'Steps of Ash Tern' }));
    expect(strip.getAllByRole('button')).toHaveLength(3);
    const slipped = strip.getAllByRole('button', { name: /slipped:/ });
    expect(slipped.length).toBeGreaterThan(0);
    await user.click(slipped[0]!);
    expect(screen.getByRole('status').textContent).toMatch(/sodium|goggles|Goggles/i);
    const row = screen.getByRole('row', { name: /Birch Sole/ });
    expect(row.textContent).toMatch(/rightly4\d/);
    expect(await faults()).toEqual([]);
  });
  test('a run that cannot be played any more keeps its row, and others are played', async () => {
    drawn([{ ...runs[0]!, actions: [{ do: 'shake', vessel: 'tube 9' }] }, runs[1]!]);
    expect(await screen.findByRole('group', { name: 'Steps of Birch Sole' })).toBeTruthy();
    expect(screen.getByRole('row', { name: /Ash Tern/ }).textContent).toContain('…');
  });
  test('none yet is said', async () => {
    drawn([]);
    expect(await screen.findByText('Nobody has sent a run in yet.')).toBeTruthy();
  });
});
