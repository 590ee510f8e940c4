import { describe, expect, test } from '@jest/globals';
import type { Gradebook, GradebookSending } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { StandInGradebook } from '../devices/StandInGradebook.js';
import { ash, birch } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { GradebookPart } from './GradebookPart.js';
import { differenceWords, sendingWords, troubleWords } from './gradebook-words.js';

const [one, two] = [
  { id: ash.id, name: ash.name },
  { id: birch.id, name: birch.name },
];
const sending = (part: Partial<GradebookSending> = {}): GradebookSending => ({
  at: '2026-11-27T10:00:00.000Z',
  by: 'Orla Thresh',
  state: 'done',
  max: 24,
  lines: [
    { student: one, score: 18, state: 'taken', reason: null },
    { student: two, score: 9, state: 'refused', reason: 'This student is not in the class there.' },
  ],
  trouble: null,
  ...part,
});
const at = '/api/lessons/lesson/gradebook';
const open = async (book: Gradebook, server: Record<string, unknown> = {}) => {
  const shown = show(<GradebookPart lesson={{ id: 'lesson' }} given="" />, {
    server: { [`GET ${at}`]: book, ...server },
  });
  const fold = await screen.findByText('To the gradebook');
  if (!fold.closest('details')!.open) await shown.user.click(fold);
  return shown;
};

describe('marks to the gradebook', () => {
  test('are sent by one press; what was refused says why', async () => {
    const { user, asked } = await open(
      { at: 'gradebook.school', last: null, toSend: 2 },
      { [`POST ${at}`]: { at: 'gradebook.school', last: sending(), toSend: 1 } },
    );
    expect(screen.getByText(/to gradebook\.school\. Nothing is sent twice/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Send 2' }));
    expect(await screen.findByText(/Birch Sole: This student is not in the class there/)).toBeTruthy();
    expect(screen.getByText(/^1 of 2 results there, 1 refused; sent by Orla Thresh/)).toBeTruthy();
    expect(asked.filter((a) => a.method === 'POST')).toHaveLength(1);
    expect(screen.getByRole('button', { name: 'Send 1' })).toBeTruthy();
    // Done, it stays open: one wants to read what became of it.
    expect(screen.getByText('To the gradebook').closest('details')!.open).toBe(true);
  });
  test('what holds them up is said with the next try; one may try now, or stop', async () => {
    const trouble = { says: 'The gradebook cannot be reached.', tries: 3, next: '2026-11-27T10:05:00.000Z' };
    const stopped = { at: 'g', last: sending({ state: 'stopped' }), toSend: 1 };
    const { user, asked } = await open(
      { at: 'g', last: sending({ state: 'going', trouble }), toSend: 1 },
      {
        [`POST ${at}/again`]: new Refusal(503, { detail: 'Kivex cannot be reached.' }),
        [`POST ${at}/stop`]: stopped,
      },
    );
    expect(
      screen.getByText(/The gradebook cannot be reached\. Tried 3 times; the next try is at/),
    ).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    expect(await screen.findByText('Kivex cannot be reached.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    expect(await screen.findByText(/^Stopped: 1 of 2 results there/)).toBeTruthy();
    expect(asked.at(-1)!.path).toBe(`${at}/stop`);
  });
  test('what was changed there is told when one looks, agreed to, and taken back', async () => {
    let agreed = false;
    const { user, asked } = await open(
      { at: 'g', last: sending(), toSend: 0 },
      {
        [`GET ${at}/differences`]: () => [{ student: one, ours: 18, theirs: 19, agreed }],
        [`PUT ${at}/agreed/${one.id}`]: () => ((agreed = true), null),
        [`DELETE ${at}/agreed/${one.id}`]: () => ((agreed = false), null),
      },
    );
    expect(asked.some((a) => a.path.endsWith('differences'))).toBe(false);
    expect((screen.getByRole('button', { name: 'All of it is there' }) as HTMLButtonElement).disabled).toBe(
      true,
    );
    await user.click(screen.getByRole('button', { name: 'Look what was changed there' }));
    await user.click(await screen.findByRole('button', { name: 'Let 19 stand for Ash Tern' }));
    expect(await screen.findByText('Ash Tern: 19 there, 18 sent; agreed to.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Let 18 stand for Ash Tern' }));
    expect(await screen.findByRole('button', { name: 'Let 19 stand for Ash Tern' })).toBeTruthy();
    expect(asked.filter((a) => a.path.endsWith(one.id)).map((a) => a.method)).toEqual(['PUT', 'DELETE']);
  });
  test('what there is to send is asked anew when marks are given out', async () => {
    function Marks() {
      const [given, setGiven] = useState('1');
      return (
        <>
          <GradebookPart lesson={{ id: 'lesson' }} given={given} />
          <button onClick={() => setGiven('32')}>Release</button>
        </>
      );
    }
    let toSend = 1;
    const { user } = show(<Marks />, { server: { [`GET ${at}`]: () => ({ at: 'g', last: null, toSend }) } });
    await user.click(await screen.findByText('To the gradebook'));
    expect(screen.getByRole('button', { name: 'Send 1' })).toBeTruthy();
    toSend = 32;
    await user.click(screen.getByRole('button', { name: 'Release' }));
    expect(await screen.findByRole('button', { name: 'Send 32' })).toBeTruthy();
  });
  test('where none is set up there is nothing of it', async () => {
    const { asked } = show(<GradebookPart lesson={{ id: 'lesson' }} given="" />, {
      server: { [`GET ${at}`]: { at: null, last: null, toSend: 3 } },
    });
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(screen.queryByText('To the gradebook')).toBeNull();
  });
  test('is told in words', () => {
    expect(sendingWords(sending({ state: 'going' }))).toBe('On their way: 1 of 2 results there, 1 refused.');
    expect(sendingWords(sending({ lines: sending().lines.slice(0, 1) }))).toMatch(
      /^1 of one result there; sent by/,
    );
    expect(troubleWords({ says: 'No.', tries: 1, next: '2026-11-27T10:05:00.000Z' })).toMatch(
      /^No\. Tried once;/,
    );
    expect(differenceWords({ student: one, ours: 3, theirs: null, agreed: false })).toBe(
      'Ash Tern: no longer there; 3 was sent.',
    );
  });
});

describe('the gradebook that ships', () => {
  test('is told how to behave; where another is set up there is none', async () => {
    const { user, asked, unmount } = show(<StandInGradebook />, {
      server: { 'GET /api/gradebook/stand-in': { mode: 'answers' }, 'PUT /api/gradebook/stand-in': null },
    });
    (await screen.findByRole('radio', { name: 'It answers' })).focus();
    expect(await faults()).toEqual([]);
    await user.keyboard('{ArrowRight}');
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ mode: 'slow' }));
    unmount();
    const none = show(<StandInGradebook />, {
      server: { 'GET /api/gradebook/stand-in': new Refusal(404, { detail: 'There is no such thing.' }) },
    });
    await waitFor(() => expect(none.asked).toHaveLength(1));
    expect(screen.queryByText('Gradebook')).toBeNull();
  });
});
