import { describe, expect, jest, test } from '@jest/globals';
import { readGroup, shippedPracticals, type StudentBody } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { benchOf, lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { Pad } from './Pad.js';
import { nextValue, spotBodies, spotTests } from './spot-grid.js';

const families = shippedPracticals.find((p) => /spots and flame/.test(p.title))!;
const bench = benchOf(lessonOf(families, { state: 'running' }));
const pad = (test: string) => {
  sessionStorage.clear();
  const log = jest.fn<(body: StudentBody) => Promise<string>>(() => Promise.resolve('id'));
  return {
    log,
    ...show(
      <Pad
        bench={bench}
        record={readGroup([])}
        waiting={[]}
        test={test}
        chooseTest={() => undefined}
        log={log}
      />,
    ),
  };
};
const tap = (name: string | RegExp) => screen.getByRole('button', { name });

describe('spots of several reagents at once', () => {
  test('a well is tapped on to what is seen; all that was said is logged, sample by sample', async () => {
    const { user, log } = pad('sulfate-spot');
    await user.click(tap('All spots at once'));
    const [one, two] = bench.samples;
    expect(screen.getAllByRole('columnheader').map((h) => h.textContent)).toEqual([
      'Carbonate',
      'Sulfate',
      'Phosphate',
    ]);
    expect((tap('Log it') as HTMLButtonElement).disabled).toBe(true);
    const well = (label: string, reagent: string) =>
      screen.getByRole('button', { name: (said: string) => said.startsWith(`${label}, ${reagent}: `) });
    await user.click(well(one!.label, 'Carbonate'));
    await user.click(well(one!.label, 'Carbonate'));
    await user.click(well(two!.label, 'Phosphate'));
    expect(well(one!.label, 'Carbonate').getAttribute('aria-label')).toBe(`${one!.label}, Carbonate: white`);
    expect(await faults()).toEqual([]);
    await user.click(tap('Log all 2'));
    await waitFor(() => expect(log).toHaveBeenCalledTimes(2));
    expect(log.mock.calls.map(([b]) => b)).toEqual([
      {
        type: 'observation',
        sample: one!.id,
        test: 'carbonate-spot',
        variant: 'usual',
        seen: { precipitate: 'white' },
      },
      {
        type: 'observation',
        sample: two!.id,
        test: 'phosphate-spot',
        variant: 'usual',
        seen: { precipitate: 'none' },
      },
    ]);
    expect((await screen.findAllByText(/2 logged\./)).length).toBeGreaterThan(0);
  });
  test('is offered of spots only, and where there are two of them', () => {
    pad('flame');
    expect(screen.queryByRole('button', { name: 'All spots at once' })).toBeNull();
    expect(spotTests(salt.tests)).toEqual([]);
    expect(spotTests(families.tests).map((t) => t.test)).toEqual([
      'carbonate-spot',
      'sulfate-spot',
      'phosphate-spot',
    ]);
    // Where they write in their own words nothing is tapped.
    expect(spotTests(families.tests.map((t) => ({ ...t, recorded: 'words' as const })))).toEqual([]);
  });
  test('where results are written in own words no wells are offered, not even out of sight', () => {
    sessionStorage.clear();
    const tests = bench.tests.map((t) => ({ ...t, recorded: 'words' as const }));
    show(
      <Pad
        bench={{ ...bench, tests }}
        record={readGroup([])}
        waiting={[]}
        test="sulfate-spot"
        chooseTest={() => undefined}
        log={() => Promise.resolve('id')}
      />,
    );
    expect(screen.queryByText('All side by side')).toBeNull();
    expect(screen.queryByText('All spots at once')).toBeNull();
  });
  test('after the last value nothing is said again, and what is not said is not logged', () => {
    expect(
      [undefined, 'none', 'white', 'coloured'].map((v) => nextValue(['none', 'white', 'coloured'], v)),
    ).toEqual(['none', 'white', 'coloured', undefined]);
    expect(spotBodies(families.tests, [{ id: 'a' }], { a: { 'carbonate-spot': undefined } })).toEqual([]);
  });
});
