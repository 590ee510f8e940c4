import { describe, expect, test } from '@jest/globals';
import type { SchemePreview } from '@kivex/contract';
import { evenScheme, schemePresets } from '@kivex/core';
import { onlineManager } from '@tanstack/react-query';
import { screen, waitFor, within } from '@testing-library/react';
import {
  ash,
  birch,
  clove,
  lessonOf,
  markOf,
  rowOf,
  salt,
  standingScheme,
} from '../testing/lesson-fixture.js';
import { enter, faults, Refusal, show } from '../testing/show.js';
import { GiveOut } from './GiveOut.js';
import { SchemeDesk } from './SchemeDesk.js';

const lesson = lessonOf(salt);
const at = '/api/lessons/lesson/marks';
const preview: SchemePreview = {
  students: [
    { student: ash, before: { points: 10, max: 20 }, after: { points: 16, max: 24 } },
    { student: birch, before: { points: 10, max: 20 }, after: { points: 12, max: 24 } },
    { student: clove, before: { points: 9, max: 20 }, after: { points: 8, max: 24 } },
  ],
  items: 2,
  reopened: 1,
};
const names = () => screen.getByRole('spinbutton', { name: 'Names' });

describe('the mark scheme', () => {
  const desk = (server: Record<string, unknown> = {}, standing = standingScheme, of = lesson) =>
    show(<SchemeDesk lesson={of} standing={standing} />, {
      server: { [`POST ${at}/scheme/preview`]: preview, ...server },
    });
  test('tells what stands and who set it, and asks nothing while nothing is changed', async () => {
    const { asked } = desk();
    expect(screen.getByText(/Set by Orla Thresh.*as usual/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Mark by this scheme' })).toBeNull();
    expect(asked).toEqual([]);
    expect(await faults()).toEqual([]);
  });
  test('is kept with the practical where it is another than that has: as that stands now', async () => {
    const own = { ...standingScheme, scheme: { ...evenScheme, late: 0.5 } };
    const newer = { ...salt, title: 'A full unknown salt, sharpened' };
    const { user, asked } = desk(
      {
        'GET /api/practicals/practical': { head: { version: 4 }, document: newer, versions: [] },
        'PUT /api/practicals/practical': { head: { version: 5 }, document: newer, versions: [] },
      },
      own,
    );
    await user.click(screen.getByRole('button', { name: 'Keep it with the practical' }));
    expect(
      await screen.findByText('Lessons to come of this practical are marked by this scheme.'),
    ).toBeTruthy();
    expect(asked.at(-1)!.body).toEqual({ document: { ...newer, scheme: own.scheme }, from: 4 });
  });
  test('is not offered to be kept where the practical has it; somebody else’s change meanwhile is told', async () => {
    const own = { ...standingScheme, scheme: { ...evenScheme, late: 0.5 } };
    const { unmount } = desk({}, own, {
      ...lesson,
      practical: { ...lesson.practical, scheme: own.scheme },
    });
    expect(screen.queryByRole('button', { name: 'Keep it with the practical' })).toBeNull();
    unmount();
    const { user } = desk(
      {
        'GET /api/practicals/practical': { head: { version: 4 }, document: salt, versions: [] },
        'PUT /api/practicals/practical': new Refusal(409, {
          detail: 'Somebody has saved version 5 meanwhile.',
        }),
      },
      own,
    );
    await user.click(screen.getByRole('button', { name: 'Keep it with the practical' }));
    expect(await screen.findByText('Somebody has saved version 5 meanwhile.')).toBeTruthy();
  });
  test('shows what a change would do before it is made, most first, and is set with its reason', async () => {
    const { user, asked } = desk({ [`PUT ${at}/scheme`]: { ...standingScheme, id: 's2' } });
    await enter(names(), '2');
    expect(
      await screen.findByText(
        /2 of 3 students’ shares move: 1 up, 1 down\. 2 marks are another\. 1 decision would be open again/,
      ),
    ).toBeTruthy();
    const rows = within(screen.getByRole('region', { name: 'Whose marks would move' })).getAllByRole('row');
    expect(rows.slice(1).map((row) => row.textContent)).toEqual([
      'Ash Tern10/2016/24+16.7',
      'Clove Ling9/208/24−11.7',
    ]);
    await user.type(screen.getByRole('textbox', { name: 'Why' }), 'as agreed');
    await user.click(screen.getByRole('button', { name: 'Mark by this scheme' }));
    await waitFor(() => expect(asked.at(-1)!.method).toBe('PUT'));
    expect(asked.at(-1)!.body).toEqual({
      scheme: { ...evenScheme, strands: { ...evenScheme.strands, conclusion: 2 } },
      reason: 'as agreed',
      from: 's1',
    });
  });
  test('with the network gone it is told at once what cannot be shown, and no older figures stand in for it', async () => {
    const asked = { times: 0 };
    desk({
      [`POST ${at}/scheme/preview`]: () =>
        asked.times++ ? new Refusal(503, { detail: 'Kivex cannot be reached.' }) : preview,
    });
    await enter(names(), '2');
    await screen.findByText(/2 of 3 students’ shares move/);
    onlineManager.setOnline(false);
    try {
      await enter(names(), '3');
      expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
      expect(screen.queryByText(/students’ shares move/)).toBeNull();
    } finally {
      onlineManager.setOnline(true);
    }
  });
  test('begins from a preset, and one item can weigh otherwise', async () => {
    const { user, asked } = desk();
    const exam = schemePresets.find((p) => p.id === 'exam')!;
    await user.selectOptions(screen.getByRole('combobox', { name: 'Begin from' }), exam.name);
    expect(screen.getByText(exam.says)).toBeTruthy();
    await user.click(screen.getByText('Single items'));
    await enter(screen.getByRole('spinbutton', { name: 'Weight of Sodium hydroxide: excess' }), '0');
    expect(await screen.findByText('Single items: 1 with a weight of its own')).toBeTruthy();
    await waitFor(() =>
      expect((asked.at(-1)!.body as { scheme: unknown }).scheme).toEqual({
        ...exam.scheme,
        items: [{ strand: 'observation', test: 'naoh', attribute: 'excess', weight: 0 }],
      }),
    );
    await user.click(screen.getByRole('button', { name: 'Leave it as it was' }));
    expect(screen.queryByRole('button', { name: 'Mark by this scheme' })).toBeNull();
  });
  test('somebody else’s change is told, and what was set here stays', async () => {
    const { user } = desk({
      [`PUT ${at}/scheme`]: new Refusal(409, {
        detail: 'Somebody has changed the scheme since you opened it.',
      }),
    });
    await enter(names(), '3');
    await user.type(await screen.findByRole('textbox', { name: 'Why' }), 'as agreed');
    await user.click(screen.getByRole('button', { name: 'Mark by this scheme' }));
    expect(await screen.findByText(/Somebody has changed the scheme/)).toBeTruthy();
    expect((names() as HTMLInputElement).value).toBe('3');
  });
  test('the last change is taken back in one press; of marks that are out nothing is changed', async () => {
    const { user, asked, unmount } = desk(
      { [`POST ${at}/scheme/undo`]: standingScheme },
      { ...standingScheme, changes: 1 },
    );
    await user.click(screen.getByRole('button', { name: /Take the last change back/ }));
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ path: `${at}/scheme/undo`, body: { from: 's1' } }),
    );
    unmount();
    desk({}, { ...standingScheme, changes: 1 }, lessonOf(salt, { state: 'released' }));
    expect(screen.getByText(/have been given out/)).toBeTruthy();
    expect((screen.getByRole('button', { name: /Take the last/ }) as HTMLButtonElement).disabled).toBe(true);
  });
});

describe('giving marks out', () => {
  const rows = [
    rowOf(ash, [markOf()], { given: 'as-now' }),
    rowOf(birch, [markOf()], { given: 'as-before' }),
    rowOf(clove, [markOf()], { group: 'Group 2', groupId: 'g2' }),
  ];
  const panel = (server: Record<string, unknown> = {}) =>
    show(<GiveOut lesson={lessonOf(salt, { state: 'marking' })} rows={rows} />, { server });
  test('to all, or to a group or a student only', async () => {
    const { user, asked } = panel({ [`POST ${at}/release`]: { students: 1 } });
    expect(screen.getByRole('button', { name: /Release the marks/ })).toBeTruthy();
    await user.click(screen.getByText('To a group or a student only'));
    const whose = screen.getByRole('combobox', { name: 'Whose marks' });
    const out = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Give out' });
    const back = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Take back' });
    expect([out().disabled, back().disabled]).toEqual([true, true]);
    await user.selectOptions(whose, 'Clove Ling');
    expect([out().disabled, back().disabled]).toEqual([false, true]);
    await user.selectOptions(whose, 'Ash Tern, has them');
    expect([out().disabled, back().disabled]).toEqual([true, false]);
    await user.selectOptions(whose, 'g2');
    await user.click(out());
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ path: `${at}/release`, body: { students: ['clove'] } }),
    );
    expect(await faults()).toEqual([]);
  });
  test('what has changed since is given out anew in one press', async () => {
    const { user, asked } = panel({ [`POST ${at}/release`]: { students: 1 } });
    await user.click(screen.getByRole('button', { name: /Give the changed marks out \(1\)/ }));
    await waitFor(() => expect(asked.at(-1)!.body).toEqual({ students: ['birch'] }));
  });
  test('a refusal is told where it was asked', async () => {
    const { user } = panel({
      [`POST ${at}/release`]: new Refusal(503, { detail: 'Kivex cannot be reached.' }),
    });
    await user.click(screen.getByRole('button', { name: /Give the changed/ }));
    expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
  });
});
