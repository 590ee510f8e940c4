import { beforeEach, describe, expect, test } from '@jest/globals';
import { deckOf, drawnSet, markWell, syllabusOf, wellsOf } from '@kivex/core';
import { screen, within } from '@testing-library/react';
import { faults, show } from '../../testing/show.js';
import { AddressRecall } from './AddressRecall.js';
import { RecallPart } from './RecallPart.js';
import { answered, nothingKept, readKept, writeKept } from './schedule.js';

const core = syllabusOf('core');
const noon = (day: number) => new Date(2026, 0, day, 12);

describe('what the device keeps', () => {
  beforeEach(() => localStorage.clear());
  test('is kept by name and syllabus, however the name is typed', () => {
    const kept = answered(nothingKept, 'a', 'right', noon(1));
    expect(writeKept('Ada', 'core', kept)).toBe(true);
    expect(readKept(' ada ', 'core').days).toEqual(kept.days);
    expect(readKept('Ada', 'senior')).toEqual(nothingKept);
    expect(readKept('Ben', 'core')).toEqual(nothingKept);
  });
  test('what cannot be read is as nothing', () => {
    localStorage.setItem('kivex-recall-core-ada', '{"facts":7}');
    expect(readKept('ada', 'core')).toEqual(nothingKept);
    localStorage.setItem('kivex-recall-core-ada', 'not json');
    expect(readKept('ada', 'core')).toEqual(nothingKept);
  });
});

describe('quick recall', () => {
  beforeEach(() => localStorage.clear());
  test('marks an answer with its reason, shows the model answer and what was missing, and goes on', async () => {
    const { user } = show(<RecallPart syllabus={core} />);
    await user.click(screen.getByRole('button', { name: 'gas tests' }));
    const ask = screen.getAllByRole('heading', { level: 2 })[0]!.textContent!;
    await user.type(screen.getByLabelText('Your answer'), 'something else');
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(await screen.findByText('0 of 2.')).toBeTruthy();
    expect(screen.getByText(/Model answer:/).textContent).toMatch(/Not in yours:/);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Next' }));
    expect(screen.getAllByRole('heading', { level: 2 })[0]!.textContent).not.toBe(ask);
    expect(screen.getByText(/0 due, \d+ new today, 1 day kept up/)).toBeTruthy();
    expect(Object.values(readKept('', 'core').facts)).toHaveLength(1);
  });
  test('a well is tapped where something is seen; known by sight, it comes back sooner than said in words', async () => {
    const { user } = show(<RecallPart syllabus={core} />);
    await user.click(screen.getByRole('button', { name: 'what you see' }));
    await user.click(screen.getByRole('checkbox', { name: 'Tap a well where something is seen' }));
    const ask = screen.getAllByRole('heading', { level: 2 })[0]!.textContent!;
    const card = deckOf(core).find((c) => c.ask === ask)!;
    const attribute = wellsOf(card)!;
    const right = attribute.values.find((v) => markWell(card, v.id).points)!;
    const group = screen.getByRole('group', { name: attribute.question });
    expect(within(group).getAllByRole('button')).toHaveLength(attribute.values.length);
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect(screen.queryByText(/Model answer/)).toBeNull();
    await user.click(within(group).getByRole('button', { name: right.label }));
    await user.click(screen.getByRole('button', { name: 'Mark it' }));
    expect((await screen.findByText('1 of 1.')).parentElement!.textContent).toMatch(
      /is what is seen\. It comes back to be said in words\.$/,
    );
    expect(screen.getByText(/Model answer:/).textContent).not.toMatch(/Not in yours/);
    // Once it is marked it stands.
    for (const well of within(group).getAllByRole<HTMLButtonElement>('button'))
      expect(well.disabled).toBe(true);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Next' }));
    const due = (known: 'right' | 'partly') =>
      new Date(answered(nothingKept, card.fact, known, noon(1)).facts[card.fact]!.due).getTime();
    expect(due('partly')).toBeLessThan(due('right'));
    expect(readKept('', 'core').facts[card.fact]).toBeDefined();
    // What is said, not seen, is still written.
    await user.click(screen.getByRole('button', { name: 'what you see' }));
    await user.click(screen.getByRole('button', { name: 'gas tests' }));
    expect(screen.getByLabelText('Your answer')).toBeTruthy();
  });
  test('whoever comes next has a schedule of their own', async () => {
    writeKept('ada', 'core', answered(nothingKept, 'gas:O2', 'wrong', new Date(Date.now() - 86_400_000)));
    const { user } = show(<RecallPart syllabus={core} />);
    expect(screen.getByText(/^0 due/)).toBeTruthy();
    await user.type(screen.getByLabelText('Who practises here?'), 'Ada');
    expect(screen.getByText(/^1 due/)).toBeTruthy();
    expect(screen.getAllByRole('heading', { level: 2 })[0]!.textContent).toMatch(/oxygen/);
  });
});

describe('a teacher’s set', () => {
  beforeEach(() => localStorage.clear());
  const set = {
    syllabus: 'core',
    topics: [],
    test: 'flame',
    about: [],
    n: 2,
    seed: 7,
    strictness: 'strict',
  } as const;
  const cards = drawnSet(deckOf(core), set);
  test('asks its questions once each, marked as it says, and counts at the end; what was known is kept', async () => {
    const { user } = show(<AddressRecall syllabus={core} set={set} />);
    expect(screen.getByText('0 of 2 answered')).toBeTruthy();
    expect(screen.getByText(/A set of your teacher’s, marked strictly/)).toBeTruthy();
    expect(screen.queryByLabelText('Marked')).toBeNull();
    expect(screen.queryByRole('checkbox')).toBeNull();
    for (const [i, card] of cards.entries()) {
      expect(screen.getAllByRole('heading', { level: 2 })[0]!.textContent).toBe(card.ask);
      await user.type(screen.getByLabelText('Your answer'), i ? 'xyzzy not it' : card.model);
      await user.click(screen.getByRole('button', { name: 'Mark it' }));
      await user.click(await screen.findByRole('button', { name: /^Next$|^It does not$/ }));
    }
    expect(await screen.findByText(/All 2 answered, 1 of them rightly/)).toBeTruthy();
    expect(Object.keys(readKept('', 'core').facts)).toHaveLength(2);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Once more' }));
    expect(screen.getByText(/^0 of 2 answered/)).toBeTruthy();
  });
  test('with nothing in it says so', () => {
    show(<AddressRecall syllabus={core} set={{ ...set, test: 'no-such-test' }} />);
    expect(screen.getByText(/There is no question in this set/)).toBeTruthy();
  });
});
