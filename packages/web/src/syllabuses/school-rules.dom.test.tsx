import { describe, expect, test } from '@jest/globals';
import type { SchoolRule } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { SchoolRules } from './SchoolRules.js';

const rule = (part: Partial<SchoolRule>): SchoolRule => ({
  id: 'r1',
  syllabus: 'core',
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  wanted: ['green'],
  example: 'dirty green',
  points: 1,
  reason: 'we teach it so',
  by: 'Orla Thresh',
  at: '2026-11-27T10:00:00.000Z',
  may: true,
  undone: null,
  ...part,
});
const list = (rules: readonly SchoolRule[], server: Record<string, unknown> = {}) =>
  show(<SchoolRules names={new Map([['own-1', 'Ours']])} />, {
    server: { 'GET /api/answer-rules': rules, ...server },
  });

describe('what was decided at the desk', () => {
  test('is told by syllabus: what earns, where, why, by whom', async () => {
    list([rule({}), rule({ id: 'r2', syllabus: 'own-1', example: 'jade', points: 0, may: false })]);
    expect(await screen.findByText('Ours')).toBeTruthy();
    const items = screen.getAllByRole('listitem').map((li) => li.textContent);
    expect(items[0]).toMatch(
      /“dirty green” earns 1 point: Sodium hydroxide, precipitate, where green is to be seenwe teach it so; Orla Thresh/,
    );
    expect(items[1]).toMatch(/“jade” does not earn/);
    // Only who may takes one back.
    expect(screen.getAllByRole('button', { name: /^Take back “/ })).toHaveLength(1);
    expect(await faults()).toEqual([]);
  });
  test('is taken back, and a refusal is told', async () => {
    const { user, asked } = list([rule({})], {
      'POST /api/answer-rules/r1/undo': new Refusal(409, {
        detail: 'This rule has been taken back already.',
      }),
    });
    await user.click(await screen.findByRole('button', { name: 'Take back “dirty green”' }));
    expect(await screen.findByText('This rule has been taken back already.')).toBeTruthy();
    await waitFor(() => expect(asked.at(-1)!.path).toBe('/api/answer-rules/r1/undo'));
  });
  test('what was taken back stands apart; with none it is said how one comes about', async () => {
    list([rule({ undone: { by: 'Hesper Vyne', at: '2026-11-27T11:00:00.000Z' } })]);
    expect(await screen.findByText(/None holds\. At Mark, under Like answers/)).toBeTruthy();
    expect(screen.getByText('Taken back (1)')).toBeTruthy();
  });
});
