import { describe, expect, jest, test } from '@jest/globals';
import { emptyPractical, type PlanAdvice, type Practical } from '@kivex/core';
import { screen } from '@testing-library/react';
import { faults, show } from '../testing/show.js';
import { carried } from './own-sample.js';
import { mended, PracticalFollows } from './PracticalFollows.js';
import PracticalsPage from './PracticalsPage.js';

const practical: Practical = { ...emptyPractical(), syllabus: 'core' };
const blank: PlanAdvice = {
  key: 'blank',
  tone: 'look',
  text: 'Nothing to compare with.',
  mend: { kind: 'add-blank' },
} as PlanAdvice;
const own = { ions: ['Cu2+', 'SO4^2-'], form: 'solution', molarity: 0.2 } as const;

function follows(more: Partial<Parameters<typeof PracticalFollows>[0]> = {}, path = '/') {
  const change = jest.fn<(part: Partial<Practical>) => void>();
  const shown = show(
    <PracticalFollows
      id="p1"
      practical={practical}
      advice={[blank]}
      teaching
      changed={false}
      change={change}
      first={null}
      {...more}
    />,
    { path },
  );
  return { ...shown, change };
}

describe('what follows from a practical', () => {
  test('advice is taken up by one press', async () => {
    const { user, change } = follows();
    await user.click(screen.getByRole('button', { name: 'Add a blank' }));
    expect(change.mock.lastCall![0].samples).toMatchObject([{ role: 'known', ions: [] }]);
    expect(await faults()).toEqual([]);
  });
  test('a technician reads it and changes nothing', () => {
    follows({ teaching: false }, `/${carried(own)}`);
    expect(screen.getByText('Nothing to compare with.')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByText(/bench on screen/)).toBeNull();
  });
  test('a lesson is offered once it is saved and nothing stands against it', () => {
    const offered = () => screen.queryByRole('link', { name: /Make a lesson/ }) !== null;
    follows().unmount();
    const saved = follows();
    expect(offered()).toBe(true);
    saved.unmount();
    const changed = follows({ changed: true });
    expect(offered()).toBe(false);
    changed.unmount();
    follows({ advice: [{ ...blank, tone: 'stop' }] });
    expect(offered()).toBe(false);
  });
  test('a sample brought from the bench on screen goes in once', async () => {
    const { user, change, at } = follows({}, `/practicals/p1${carried(own)}`);
    expect(screen.getByText('copper(II) sulfate, 0.2 mol/dm³ comes from the bench on screen.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add it as an unknown' }));
    expect(change).toHaveBeenCalledTimes(1);
    expect(change.mock.lastCall![0].samples).toMatchObject([{ role: 'unknown', ...own }]);
    expect(at()).toBe('/practicals/p1');
    expect(screen.queryByText(/bench on screen/)).toBeNull();
  });
});

test.each([
  [{ kind: 'add-test', test: 'flame' }, { tests: [{ test: 'flame' }] }],
  [{ kind: 'add-test', test: 'alchemy' }, {}],
])('mending by %j', (what, change) => {
  expect(mended(practical, what as Parameters<typeof mended>[1])).toMatchObject(change);
});

test('the list of practicals says which sample looks for one, and carries it on', async () => {
  const head = {
    id: 'p1',
    title: 'Flame colours',
    summary: '',
    syllabus: 'core',
    tests: 1,
    samples: 2,
    shared: true,
    owner: null,
    archived: false,
    version: 1,
    changedAt: '2026-11-26T08:00:00.000Z',
  };
  show(<PracticalsPage />, {
    path: `/practicals${carried(own)}`,
    server: { 'GET /api/practicals': [head], 'GET /api/staff/me': { role: 'teacher', name: 'Orla' } },
  });
  expect(
    await screen.findByText(/Open the practical that copper\(II\) sulfate, 0\.2 mol\/dm³ is to go into/),
  ).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Flame colours' }).getAttribute('href')).toBe(
    `/practicals/p1${carried(own)}`,
  );
});
