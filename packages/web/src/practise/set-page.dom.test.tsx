import { beforeEach, describe, expect, test } from '@jest/globals';
import type { AskedQuestion, GivenSet } from '@kivex/contract';
import { deckOf, syllabusOf } from '@kivex/core';
import { act, screen, waitFor } from '@testing-library/react';
import { enter, faults, Refusal, show } from '../testing/show.js';
import AnswerPage from './AnswerPage.js';
import SetPage from './SetPage.js';

const own = { ...syllabusOf('core'), id: 'own', name: 'Skerrin own' };
const cards = ['gas:O2#1', 'gas:CO2#1'];
const given: GivenSet = { name: 'Gases again', syllabus: own, cards, strictness: 'strict', open: true };
const ask = (id: string) => deckOf(own).find((c) => c.id === id)!;
const at = { path: '/set/481516', route: '/set/:code' };
const sent = (asked: readonly { path: string; body: unknown }[]) =>
  asked.filter((a) => a.path === '/api/set/answers').map((a) => a.body);
beforeEach(() => localStorage.clear());

describe('a set on a device', () => {
  test('of a syllabus of the school’s own: its questions are asked in turn, marked here, and sent without a name', async () => {
    const { user, asked } = show(<SetPage />, {
      ...at,
      server: { 'POST /api/set/find': given, 'POST /api/set/answers': { taken: 1 } },
    });
    expect(await screen.findByRole('heading', { name: ask(cards[0]!).ask })).toBeTruthy();
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Gases again');
    expect(screen.getByText(/A set of your teacher’s, marked strictly/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await enter(screen.getByLabelText('Your answer'), 'a lit splint');
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(await screen.findByText(/Your answers have gone to your teacher, without your name/)).toBeTruthy();
    expect(sent(asked)).toEqual([{ code: '481516', answers: [{ card: cards[0], answer: 'a lit splint' }] }]);
    await user.click(screen.getByRole('button', { name: /Next|Mine says the same/ }));
    expect(screen.getByRole('heading', { name: ask(cards[1]!).ask })).toBeTruthy();
    // An empty answer is marked here and told to nobody.
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(sent(asked)).toHaveLength(1);
  });
  test('without a network answers wait on the device, are told of, and go when it is back', async () => {
    let reached = false;
    const { user, asked } = show(<SetPage />, {
      ...at,
      server: {
        'POST /api/set/find': given,
        'POST /api/set/answers': () => (reached ? { taken: 1 } : new Refusal(503, { detail: 'later' })),
      },
    });
    await enter(await screen.findByLabelText('Your answer'), 'relights');
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(await screen.findByText('One answer waits for the network, kept on this device.')).toBeTruthy();
    reached = true;
    act(() => void window.dispatchEvent(new Event('online')));
    expect(await screen.findByText(/have gone to your teacher/)).toBeTruthy();
    expect(sent(asked).at(-1)).toEqual({ code: '481516', answers: [{ card: cards[0], answer: 'relights' }] });
  });
  test('of a closed one nothing is sent, and it says so', async () => {
    const { user, asked } = show(<SetPage />, {
      ...at,
      server: { 'POST /api/set/find': { ...given, open: false } },
    });
    expect(await screen.findByText(/no longer gathered/)).toBeTruthy();
    await enter(screen.getByLabelText('Your answer'), 'relights');
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(await screen.findByText(/Model answer/)).toBeTruthy();
    expect(sent(asked)).toEqual([]);
  });
  test('a code nothing is found by is a sentence', async () => {
    show(<SetPage />, {
      ...at,
      server: {
        'POST /api/set/find': new Refusal(422, { detail: 'There is no set of questions with this code.' }),
      },
    });
    expect(await screen.findByText('There is no set of questions with this code.')).toBeTruthy();
  });
});

describe('a code typed', () => {
  const none = new Refusal(422, { detail: 'There is no question with this code. Look at the board again.' });
  const type = async (user: ReturnType<typeof show>['user']) => {
    await enter(screen.getByLabelText('Code'), '481516');
    await user.click(screen.getByRole('button', { name: 'Next' }));
  };
  test('of a set leads to it', async () => {
    const { user, at: place } = show(<AnswerPage />, {
      path: '/answer',
      route: '/answer',
      server: { 'POST /api/answer/find': none, 'POST /api/set/find': given },
    });
    await type(user);
    await waitFor(() => expect(place()).toBe('/set/481516'));
  });
  test('of a question stays, and no set is asked for', async () => {
    const question: AskedQuestion = { ask: 'Which gas?', open: true, round: 1, answer: null, told: null };
    const { user, asked } = show(<AnswerPage />, { server: { 'POST /api/answer/find': question } });
    await type(user);
    expect(await screen.findByRole('heading', { name: 'Which gas?' })).toBeTruthy();
    expect(asked.map((a) => a.path)).toEqual(['/api/answer/find']);
  });
  test('of neither is told at its field', async () => {
    const { user } = show(<AnswerPage />, {
      server: { 'POST /api/answer/find': none, 'POST /api/set/find': none },
    });
    await type(user);
    expect(await screen.findByText(/There is no question with this code/)).toBeTruthy();
    expect(screen.getByLabelText('Code').getAttribute('aria-invalid')).toBe('true');
  });
});
