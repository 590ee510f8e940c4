import { describe, expect, test } from '@jest/globals';
import { emptyPractical, evenScheme, type Practical } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { salt } from '../testing/lesson-fixture.js';
import { enter, faults, show } from '../testing/show.js';
import { AboutSection } from './AboutSection.js';
import { SamplesSection } from './SamplesSection.js';
import { TestsSection } from './TestsSection.js';

/** The practical as it was changed last. */
let now: Practical;
function Editor({ from, part: Part }: { from: Practical; part: typeof SamplesSection }) {
  const [practical, setPractical] = useState(from);
  const change = (part: Partial<Practical>) => {
    now = { ...practical, ...part };
    setPractical(now);
  };
  return <Part practical={practical} change={change} />;
}
const edit = (from: Practical, part: typeof SamplesSection) => {
  now = from;
  return show(<Editor from={from} part={part} />);
};
const blank: Practical = { ...emptyPractical(), syllabus: 'core' };
const add = () => screen.getByRole('combobox', { name: 'Add a sample' }) as HTMLInputElement;

describe('the samples of a practical', () => {
  test('what is typed in any way goes in as what it holds', async () => {
    const { user } = edit(blank, SamplesSection);
    for (const typed of ['copper(II) sulfate', 'KBr']) {
      await enter(add(), typed);
      await user.click(screen.getByRole('button', { name: 'Unknown' }));
      await waitFor(() => expect(add().value).toBe(''));
    }
    expect(now.samples.map((s) => [s.role, ...s.ions])).toEqual([
      ['unknown', 'Cu2+', 'SO4^2-'],
      ['unknown', 'K+', 'Br-'],
    ]);
    expect(await faults()).toEqual([]);
  });
  test('what cannot be read is told at the box, and stays', async () => {
    const { user } = edit(blank, SamplesSection);
    await enter(add(), 'soup');
    await user.click(screen.getByRole('button', { name: 'Known' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/“soup” could not be read/);
    expect(add().value).toBe('soup');
    expect(now.samples).toEqual([]);
  });
  test('a salt is suggested with its formula', async () => {
    edit(blank, SamplesSection);
    await enter(add(), 'lithium chl');
    expect((await screen.findAllByRole('option'))[0]!.textContent).toContain('LiCl');
  });
  test('an ion is changed by typing it; role and difficulty by their lists', async () => {
    const { user } = edit(salt, SamplesSection);
    const row = screen.getAllByRole('row')[2]!;
    const cation = within(row).getByRole('combobox', { name: 'Cation' });
    await user.click(cation);
    await enter(cation, 'zinc');
    await screen.findByRole('option', { name: /^zinc/ });
    await user.keyboard('{Enter}');
    const first = salt.samples.find((s) => s.role === 'unknown')!;
    await waitFor(() => expect(now.samples.find((s) => s.key === first.key)!.ions[0]).toBe('Zn2+'));
    await user.selectOptions(
      within(screen.getAllByRole('row')[2]!).getByRole('combobox', { name: /^Difficulty/ }),
      '5',
    );
    expect(now.samples.find((s) => s.key === first.key)!.difficulty).toBe(5);
  });
});

describe('the tests of a practical', () => {
  test('one is added by typing a part of its name; those that are in are not offered', async () => {
    const { user } = edit(salt, TestsSection);
    const box = screen.getByRole('combobox', { name: 'Add a test' });
    await enter(box, 'flame');
    expect(await screen.findByText('Nothing here is called that.')).toBeTruthy();
    await enter(box, 'ammonia sol');
    await screen.findByRole('option', { name: /^Ammonia solution/ });
    await user.keyboard('{Enter}');
    await waitFor(() => expect(now.tests).toHaveLength(salt.tests.length + 1));
    expect(screen.getByRole('heading', { name: /^Ammonia solution/ })).toBeTruthy();
  });
  test('the last thing looked at stays: a test looks at something', async () => {
    const one = { ...salt, tests: salt.tests.slice(0, 1) };
    const { user } = edit(one, TestsSection);
    const looks = screen.getByRole('group', { name: /What is looked at/ });
    const chosen = within(looks).getAllByRole('button', { pressed: true });
    for (const look of chosen) await user.click(look);
    expect(now.tests[0]!.attributes).toHaveLength(1);
  });
  test('minutes out of range are told and not taken', async () => {
    edit({ ...salt, tests: salt.tests.slice(0, 1) }, TestsSection);
    const box = screen.getByRole('spinbutton', { name: 'Minutes a sample' });
    await enter(box, '90');
    expect(screen.getByRole('alert').textContent).toBe('Enter a number from 0.25 to 60.');
    expect(now.tests[0]!.minutes ?? 0).not.toBe(90);
  });
});

describe('what a practical is', () => {
  test('says by which scheme it is marked, and gives the usual one back', async () => {
    const scheme = { ...evenScheme, late: 0.5 };
    now = { ...blank, scheme };
    const { user } = show(<Editor from={now} part={AboutSection} />, {
      server: { 'GET /api/syllabuses': [] },
    });
    expect(screen.getByText(/Marked by a scheme of its own: .*; late work at 50 %\./)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'As usual again' }));
    expect(now.scheme).toBeUndefined();
    expect(screen.getByText('Marked as usual for the syllabus: every point the same.')).toBeTruthy();
  });
});
