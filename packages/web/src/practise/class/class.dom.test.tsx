import { beforeEach, describe, expect, test } from '@jest/globals';
import type { AskedQuestion, ClassQuestion, FactKnown } from '@kivex/contract';
import { deckOf, drawnSet, qtiPackage, setFromAddress, syllabusOf } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { strToU8, zipSync } from 'fflate';
import { enter, faults, Refusal, show } from '../../testing/show.js';
import AnswerPage from '../AnswerPage.js';
import { DemonstrationPart } from './DemonstrationPart.js';
import { FactsPart } from './FactsPart.js';
import { QuestionPart } from './QuestionPart.js';
import { setFor, showingFor } from '../class-address.js';
import { SetsPart } from './SetsPart.js';
import { shareOf, warmthOf } from './warmth.js';

const core = syllabusOf('core');
const question: ClassQuestion = {
  id: 'q1',
  code: '481516',
  ask: 'How do you test for oxygen?',
  model: 'a glowing splint relights',
  at: '2026-01-01T10:00:00.000Z',
  open: true,
  round: 2,
  groups: [
    {
      words: [
        { text: 'it relights', n: 2 },
        { text: 'relights', n: 1 },
      ],
      n: 3,
      points: 1,
      max: 2,
      verdict: 'partial',
      why: [{ code: 'x', text: 'The splint must be glowing.' }],
    },
  ],
  rounds: [
    { round: 1, answers: 4, right: 1, partly: 2, wrong: 1, unsure: 0 },
    { round: 2, answers: 3, right: 0, partly: 3, wrong: 0, unsure: 0 },
  ],
};
beforeEach(() => localStorage.clear());

describe('one question, on the teacher’s side', () => {
  const server = {
    'GET /api/class-questions': [{ id: 'q1', ask: question.ask, at: question.at, open: true }],
    'GET /api/class-questions/q1': question,
    'PATCH /api/class-questions/q1': (asked: { body: unknown }) => ({
      ...question,
      ...(asked.body as object),
      open: false,
    }),
  };
  test('one asked before is taken up; answers are shown when asked for, with nobody’s name', async () => {
    const { user, asked } = show(<QuestionPart syllabus={core} />, { server });
    await user.click(await screen.findByRole('button', { name: /How do you test for oxygen\? · open/ }));
    expect(await screen.findByText('481516')).toBeTruthy();
    expect(screen.getByText('3 answers to round 2')).toBeTruthy();
    expect(screen.queryByText(/it relights/)).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Show the answers' }));
    const [first] = within(screen.getByRole('list', { name: 'Answers' })).getAllByRole('listitem');
    expect(first!.textContent).toMatch(
      /3 × it relights.*also: relights.*partly right, 1 of 2: The splint must be glowing/,
    );
    expect(within(screen.getByRole('region', { name: 'Round by round' })).getAllByRole('row')).toHaveLength(
      3,
    );
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Close it' }));
    await waitFor(() => expect(asked.find((a) => a.method === 'PATCH')!.body).toEqual({ open: false }));
    expect(await screen.findByText(/· closed/)).toBeTruthy();
  });
});

describe('one question, on a device', () => {
  const open: AskedQuestion = { ask: question.ask, open: true, round: 1, answer: null, told: null };
  test('a wrong code is told at its field; an answer is sent, and can be changed', async () => {
    let taken = '';
    const { user } = show(<AnswerPage />, {
      server: {
        'POST /api/answer/find': (asked: { body: unknown }) =>
          (asked.body as { code: string }).code === question.code
            ? { ...open, answer: taken || null }
            : new Refusal(422, { detail: 'There is no question with this code. Look at the board again.' }),
        'POST /api/answer': (asked: { body: unknown }) => {
          taken = (asked.body as { answer: string }).answer;
          return { ...open, answer: taken };
        },
      },
    });
    await enter(screen.getByLabelText('Code'), '111111');
    await user.click(screen.getByRole('button', { name: 'Next' }));
    expect(await screen.findByText(/no question with this code/)).toBeTruthy();
    await enter(screen.getByLabelText('Code'), '481 516');
    await user.click(screen.getByRole('button', { name: 'Next' }));
    await enter(await screen.findByLabelText('Your answer'), 'it relights');
    await user.click(screen.getByRole('button', { name: 'Send it' }));
    expect(await screen.findByRole('button', { name: 'Sent' })).toBeTruthy();
    await enter(screen.getByLabelText('Your answer'), 'a glowing splint relights');
    expect(screen.getByRole('button', { name: 'Change it' })).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('closed, it tells its own marks and the model answer', async () => {
    const told = {
      points: 1,
      max: 2,
      why: [{ code: 'x', text: 'The splint must be glowing.' }],
      model: question.model,
    };
    const { user } = show(<AnswerPage />, {
      path: '/answer?code=481516',
      server: { 'POST /api/answer/find': { ...open, open: false, answer: 'it relights', told } },
    });
    await user.click(screen.getByRole('button', { name: 'Next' }));
    expect((await screen.findByText(/1 of 2\. The splint must be glowing/)).textContent).toContain(
      'a glowing splint relights',
    );
    expect(screen.queryByRole('button', { name: /Send/ })).toBeNull();
  });
});

describe('a test shown to the class', () => {
  test('goes by keys, hides what it holds until told, and stands beside another', async () => {
    const { user } = show(<DemonstrationPart syllabus={core} />);
    await user.selectOptions(screen.getByLabelText('Test'), 'naoh');
    await user.selectOptions(screen.getByLabelText('Of'), 'Cu2+');
    await user.selectOptions(screen.getByLabelText('Beside it'), 'Al3+');
    (document.activeElement as HTMLElement).blur();
    await user.keyboard('{ArrowRight}{ArrowRight}');
    expect(screen.getByText(/^3 of 6: add NaOH, 5 drops/)).toBeTruthy();
    expect(screen.getAllByRole('status').map((s) => s.textContent)).toEqual([
      expect.stringMatching(/blue precipitate/),
      expect.stringMatching(/white precipitate/),
    ]);
    expect(document.body.textContent).not.toMatch(/copper|aluminium/);
    await user.keyboard('t{ArrowLeft}');
    expect(screen.getByRole('heading', { name: 'copper(II)' })).toBeTruthy();
    expect(screen.getByText(/^2 of 6/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.keyboard('{End}');
    expect(screen.getByText(/^6 of 6/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Next' })).toHaveProperty('disabled', true);
    const frozen = screen.getByRole('button', { name: 'Frozen' });
    await user.keyboard('f');
    expect([frozen.getAttribute('aria-pressed'), document.querySelector('[data-still]') !== null]).toEqual([
      'true',
      true,
    ]);
    // With Caps Lock on, a key is the same key.
    await user.keyboard('F');
    expect(frozen.getAttribute('aria-pressed')).toBe('false');
    await user.keyboard('T{Home}');
    expect(screen.getByText(/^1 of 6/)).toBeTruthy();
    expect(screen.queryByRole('heading', { name: 'copper(II)' })).toBeNull();
  });
});

describe('a set of questions', () => {
  const deck = deckOf(core);
  test('is given to a class by an address: the same questions, marked as it says', async () => {
    const { user } = show(<SetsPart syllabus={core} />);
    await user.selectOptions(screen.getByLabelText('Test'), 'flame');
    await user.selectOptions(screen.getByLabelText('Marked'), 'strict');
    const link = screen.getByRole('link', { name: /practise\?part=recall/ });
    const set = setFromAddress(new URL(link.getAttribute('href')!).searchParams)!;
    expect(set).toMatchObject({ syllabus: 'core', test: 'flame', strictness: 'strict', n: 20 });
    const shown = screen.getAllByRole('listitem').map((li) => li.textContent);
    expect(drawnSet(deck, set).every((c, i) => shown[i]!.startsWith(c.ask))).toBe(true);
    expect(await faults()).toEqual([]);
  });
  test('is shown with or without answers; a package is read back; what is none is a sentence', async () => {
    const { user, container } = show(<SetsPart syllabus={core} />);
    expect(screen.getByRole('heading', { name: /^20 questions/ })).toBeTruthy();
    const first = drawnSet(deck, { topics: [], test: '', about: [], n: 20, seed: 1 })[0]!;
    expect(screen.getAllByText(first.model, { selector: 'div' }).length).toBeGreaterThan(0);
    await user.click(screen.getByRole('button', { name: 'With model answers' }));
    expect(screen.queryAllByText(first.model, { selector: 'div' })).toEqual([]);
    expect(await faults()).toEqual([]);
    const files = qtiPackage(deck.slice(0, 3), 'three');
    const bytes = zipSync(Object.fromEntries(Object.entries(files).map(([p, text]) => [p, strToU8(text)])));
    const file = (name: string, content: Uint8Array) => {
      const made = new File([content as Uint8Array<ArrayBuffer>], name);
      made.arrayBuffer = () =>
        Promise.resolve(
          content.buffer.slice(content.byteOffset, content.byteOffset + content.byteLength) as ArrayBuffer,
        );
      return made;
    };
    const input = container.querySelector<HTMLInputElement>('input[type=file]')!;
    await user.upload(input, file('set.zip', bytes));
    expect(await screen.findByText('3 questions brought in.')).toBeTruthy();
    expect(screen.getByRole('heading', { name: /^3 questions/ })).toBeTruthy();
    await user.upload(input, file('bad.zip', strToU8('nothing')));
    expect(await screen.findByText(/no question package/)).toBeTruthy();
  }, 20_000);
});

describe('made ready by a lesson', () => {
  const lost = {
    test: 'naoh',
    samples: [
      ['Cu2+', 'SO4^2-'],
      ['Fe2+', 'Cl-'],
    ],
    show: [
      ['Cu2+', 'SO4^2-'],
      ['Fe2+', 'Cl-'],
    ],
  };
  test('a set is on the test and the ions that were lost, and can be widened', async () => {
    const { user } = show(<SetsPart syllabus={core} />, { path: setFor(lost, 'core') });
    expect(screen.getByLabelText<HTMLSelectElement>('Test').value).toBe('naoh');
    const about = screen.getByLabelText<HTMLSelectElement>('About which');
    expect(about.selectedOptions[0]!.text).toBe('copper(II), iron(II)');
    const asked = within(screen.getByRole('list')).getAllByRole('listitem');
    expect(asked.length).toBeGreaterThan(2);
    expect(asked.length).toBeLessThan(20);
    await user.selectOptions(about, '');
    expect(within(screen.getByRole('list')).getAllByRole('listitem').length).toBeGreaterThan(asked.length);
    expect(await faults()).toEqual([]);
  });
  test('what the address asks for and the syllabus lacks is left out', () => {
    show(<SetsPart syllabus={core} />, { path: '/practise/class?part=sets&test=alchemy&about=Xe+Cu2%2B' });
    expect(screen.getByLabelText<HTMLSelectElement>('Test').value).toBe('');
    expect(screen.getByLabelText<HTMLSelectElement>('About which').value).toBe('Cu2+');
  });
  test('the test is shown with what it was beside what it was taken for', () => {
    show(<DemonstrationPart syllabus={core} />, { path: showingFor(lost, 'cation', 'core')! });
    expect(screen.getByLabelText<HTMLSelectElement>('Test').value).toBe('naoh');
    expect(screen.getByLabelText<HTMLSelectElement>('Of').value).toBe('Cu2+');
    expect(screen.getByLabelText<HTMLSelectElement>('Beside it').value).toBe('Fe2+');
  });
  test('the anion is shown where the test is of anions, a gas by itself, and nothing without a test', () => {
    const search = (of: string | undefined) => new URL(of!, 'http://k').searchParams;
    expect(search(showingFor({ test: 'sulfate', show: [['Na+', 'SO4^2-']] }, 'anion')).get('one')).toBe(
      'SO4^2-',
    );
    expect(search(showingFor({ test: 'lit-splint', show: [['H2'], ['H2']] }, 'gas')).get('other')).toBeNull();
    expect(showingFor({ test: null, show: [['H2']] }, 'gas')).toBeUndefined();
    expect(search(setFor({ test: null, samples: [] })).toString()).toBe('part=sets');
  });
});

describe('what classes knew', () => {
  const round = (right: number, partly: number, answers: number) => ({
    round: 1,
    answers,
    right,
    partly,
    wrong: answers - right - partly,
    unsure: 0,
  });
  const fact: FactKnown = {
    fact: 'naoh:Cu2+',
    ask: 'What do you see?',
    test: 'naoh',
    species: 'Cu2+',
    at: '2026-11-27T09:00:00.000Z',
    first: round(1, 1, 10),
    last: round(8, 2, 10),
  };
  test('stands by share, colour, sign and word, with a set on it', async () => {
    show(<FactsPart />, { server: { 'GET /api/class-facts': [fact] } });
    const row = await screen.findByRole('row', { name: /What do you see\?/ });
    expect(row.textContent).toMatch(
      /15 % weak.*90 % known.*What do you see\?.*odium hydroxide.*, copper\(II\).*10/,
    );
    expect(within(row).getByRole('link', { name: 'A set on it' }).getAttribute('href')).toBe(
      '/practise/class?part=sets&test=naoh&about=Cu2%2B',
    );
    expect(await faults()).toEqual([]);
  });
  test('half right counts half; the limits are where they are said to be', () => {
    expect(shareOf(round(1, 2, 4))).toBe(0.5);
    expect(shareOf(round(0, 0, 0))).toBe(0);
    expect([0.8, 0.79, 0.5, 0.49].map(warmthOf)).toEqual(['known', 'half', 'half', 'weak']);
  });
  test('nothing asked is said, and so is what went wrong', async () => {
    const { unmount } = show(<FactsPart />, { server: { 'GET /api/class-facts': [] } });
    expect(await screen.findByText('Nothing was asked yet')).toBeTruthy();
    unmount();
    show(<FactsPart />, {
      server: { 'GET /api/class-facts': new Refusal(503, { detail: 'Kivex cannot look just now.' }) },
    });
    expect(await screen.findByText('Kivex cannot look just now.')).toBeTruthy();
  });
});
