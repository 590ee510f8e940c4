/** The pad in its ways of logging, what is one’s own at a shared device, equations and sign-offs. */
import { describe, expect, jest, test } from '@jest/globals';
import type { Bench } from '@kivex/contract';
import { readGroup, type PlannedTest, type StudentBody } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { ash, benchOf, birch, entry, lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { Equations } from './Equations.js';
import { Method } from './Method.js';
import { Pad } from './Pad.js';
import { OwnIsShut, WhoWrites } from './WhoWrites.js';

const withTest = (id: string, part: Partial<PlannedTest>, bench: Partial<Bench> = {}): Bench =>
  benchOf(
    lessonOf(
      { ...salt, tests: salt.tests.map((t) => (t.test === id ? { ...t, ...part } : t)) },
      { state: 'running' },
    ),
    bench,
  );
const logger = () => jest.fn<(body: StudentBody) => Promise<string>>(() => Promise.resolve('id'));

function pad(bench: Bench, id: string, log = logger(), record = readGroup([])) {
  sessionStorage.clear();
  const jar = bench.samples.find((s) => s.role === 'unknown')!;
  const shown = show(
    <Pad
      bench={bench}
      record={record}
      waiting={[]}
      test={id}
      chooseTest={() => undefined}
      sample={jar.id}
      log={log}
    />,
  );
  return { ...shown, jar, log };
}
const tap = (name: string | RegExp) => screen.getByRole('button', { name });

describe('the pad in own words', () => {
  const bench = withTest('halide-silver', { recorded: 'words' });
  test('offers no wells and no wording, draws what it reads, and logs words with what was read', async () => {
    const { user, log, jar } = pad(bench, 'halide-silver');
    const box = await screen.findByRole('textbox', { name: /in your own words/ });
    expect(document.body.textContent).not.toMatch(/cream|yellow/);
    expect(screen.queryByRole('button', { name: 'Nothing happened' })).toBeNull();
    await user.type(box, 'a creamy precipitate');
    expect(screen.getByText('Kivex draws it so:')).toBeTruthy();
    expect(document.body.textContent).not.toMatch(/yellow|“cream”/);
    expect(await faults()).toEqual([]);
    await user.click(tap('Log it'));
    expect(log).toHaveBeenCalledWith(
      expect.objectContaining({
        sample: jar.id,
        words: 'a creamy precipitate',
        seen: { precipitate: 'cream' },
        read: true,
      }),
    );
  });
  test('logs what it cannot draw all the same', async () => {
    const { user, log } = pad(bench, 'halide-silver');
    await user.type(await screen.findByRole('textbox', { name: /in your own words/ }), 'it went weird');
    expect(screen.getByText(/cannot draw this yet/)).toBeTruthy();
    await user.click(tap('Log it'));
    expect(log.mock.calls[0]![0]).toMatchObject({ words: 'it went weird', seen: {}, read: true });
  });
});

test('words before wells: the wells come once the words stand, which cannot be changed then', async () => {
  const { user, log } = pad(withTest('halide-silver', { recorded: 'words-then-tap' }), 'halide-silver');
  expect(screen.queryByRole('button', { name: /cream/ })).toBeNull();
  await user.type(screen.getByRole('textbox', { name: /First, in your own words/ }), 'off-white');
  await user.click(tap(/show the wells/));
  expect(screen.getByRole('textbox', { name: /First/ })).toHaveProperty('readOnly', true);
  await user.click(tap(/cream/));
  await user.click(tap('Log it'));
  expect(log.mock.calls[0]![0]).toMatchObject({ words: 'off-white', seen: { precipitate: 'cream' } });
});

describe('how it was', () => {
  const bench = withTest('halide-silver', {});
  test('weak, no acid and an old reagent are logged with the result, and advice follows what was owned up to', async () => {
    const { user, log } = pad(bench, 'halide-silver');
    await user.click(tap(/^white/));
    await user.click(tap('Weak'));
    const acid = within(screen.getByRole('group', { name: 'Which acid went in first?' }));
    await user.click(acid.getByRole('button', { name: 'None' }));
    await user.click(screen.getByText('Something different?'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'The reagent' }), 'old');
    await user.type(screen.getByRole('textbox', { name: /Which, and what/ }), 'brown silver nitrate');
    await user.click(tap('One drop more'));
    expect(await faults()).toEqual([]);
    await user.click(tap('Log it'));
    expect(log.mock.calls[0]![0]).toMatchObject({
      weak: true,
      did: { acid: 'none' },
      reagentWas: 'old',
      reagentNote: 'brown silver nitrate',
      drops: 1,
    });
    expect(screen.getByText(/acid/i, { selector: '[class*=alert] *, p, div' })).toBeTruthy();
  });
  test('advice is the teacher’s to allow', async () => {
    const { user } = pad({ ...bench, advice: false }, 'halide-silver');
    await user.click(tap(/^white/));
    await user.click(tap('Weak'));
    await user.click(tap('Log it'));
    expect(screen.queryByRole('button', { name: 'Look again now' })).toBeNull();
  });
  test('no time, and nothing happened, are each one tap', async () => {
    const { user, log, jar } = pad(bench, 'halide-silver');
    await user.click(tap('Nothing happened'));
    expect(tap('no precipitate').getAttribute('aria-pressed')).toBe('true');
    await user.click(tap('No time for it'));
    expect(log).toHaveBeenCalledWith(
      expect.objectContaining({ sample: jar.id, notDone: 'no-time', seen: {} }),
    );
  });
});

test('samples side by side: one tap each, logged together', async () => {
  sessionStorage.clear();
  const bench = withTest('halide-silver', {});
  const log = logger();
  const { user } = show(
    <Pad
      bench={bench}
      record={readGroup([])}
      waiting={[]}
      test="halide-silver"
      chooseTest={() => undefined}
      log={log}
    />,
  );
  await user.click(tap('All side by side'));
  const jars = bench.samples.filter((s) => s.tests.includes('halide-silver')).slice(0, 2);
  for (const jar of jars)
    await user.click(
      within(
        screen.getByRole('group', { name: new RegExp(`^${jar.label.replace(/[()]/g, '.')}:`) }),
      ).getByRole('button', { name: /cream/ }),
    );
  expect(await faults()).toEqual([]);
  await user.click(tap('Log all 2'));
  await waitFor(() => expect(log).toHaveBeenCalledTimes(2));
  expect(log.mock.calls.map(([b]) => b.type === 'observation' && b.sample)).toEqual(jars.map((j) => j.id));
});

describe('who is writing', () => {
  const bench = benchOf(lessonOf(salt, { state: 'running' }), { here: [ash.id] });
  test('one who has not joined here types their PIN; a wrong one is told, and can be typed again', async () => {
    const close = jest.fn();
    const writeAs = jest
      .fn<(student: string, pin?: string) => Promise<void>>()
      .mockRejectedValueOnce(new Error('That is not the PIN for this name.'))
      .mockResolvedValueOnce();
    const { user } = show(<WhoWrites bench={bench} writeAs={writeAs} close={close} />);
    expect(screen.getByRole('button', { name: /Ash.*writing now/ })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: new RegExp(birch.name) }));
    const pin = screen.getByLabelText(new RegExp(`PIN of ${birch.name}`));
    await user.type(pin, '0000');
    await user.click(tap('Write here'));
    expect(await screen.findByText(/not the PIN/)).toBeTruthy();
    await user.clear(pin);
    await user.type(pin, '2468');
    await user.click(tap('Write here'));
    expect(writeAs).toHaveBeenLastCalledWith(birch.id, '2468');
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(await faults()).toEqual([]);
  });
  test('one who has joined here is a tap away', async () => {
    const writeAs = jest.fn<(student: string) => Promise<void>>(() => Promise.resolve());
    const { user } = show(
      <WhoWrites bench={{ ...bench, here: [ash.id, birch.id] }} writeAs={writeAs} close={() => undefined} />,
    );
    await user.click(screen.getByRole('button', { name: birch.name }));
    expect(writeAs).toHaveBeenCalledWith(birch.id);
  });
  test('one’s own part opens by one’s own PIN', async () => {
    const unlock = jest.fn<(pin: string) => Promise<void>>(() => Promise.resolve());
    const { user } = show(<OwnIsShut bench={bench} unlock={unlock} />);
    await user.type(screen.getByLabelText(/Your PIN/), '1357');
    await user.click(tap('Open'));
    expect(unlock).toHaveBeenCalledWith('1357');
    expect(await faults()).toEqual([]);
  });
});

describe('equations', () => {
  const bench = withTest('halide-silver', { equation: 'ionic' });
  const jar = bench.samples.find((s) => s.role === 'unknown')!;
  test('are asked of unknowns in the tests that want one; whether one balances is said as it is typed', async () => {
    const log = logger();
    const { user } = show(<Equations bench={bench} record={readGroup([])} log={log} />);
    expect(screen.getAllByRole('textbox')).toHaveLength(
      bench.samples.filter((s) => s.role === 'unknown').length,
    );
    const box = screen.getByRole('textbox', { name: new RegExp(`^${jar.label}, Halides: an ionic`) });
    await user.type(box, 'Ag+ + Cl- ');
    const signs = within(screen.getByRole('group', { name: new RegExp(`Signs for ${jar.label}`) }));
    await user.click(signs.getByRole('button', { name: '→' }));
    await user.type(box, ' AgCl');
    expect(screen.getByText('It balances.')).toBeTruthy();
    await user.click(screen.getAllByRole('button', { name: 'Save it' })[0]!);
    expect(log).toHaveBeenCalledWith({
      type: 'equation',
      sample: jar.id,
      test: 'halide-silver',
      text: 'Ag+ + Cl- → AgCl',
    });
    expect(await faults()).toEqual([]);
  });
  test('say nothing of balance where the teacher does not want it, and are not there where none is asked', async () => {
    const { user, unmount } = show(
      <Equations bench={{ ...bench, balance: false }} record={readGroup([])} log={logger()} />,
    );
    await user.type(screen.getAllByRole('textbox')[0]!, 'Ag+ -> AgCl');
    expect(document.body.textContent).not.toMatch(/balance/i);
    unmount();
    show(<Equations bench={benchOf(lessonOf(salt))} record={readGroup([])} log={logger()} />);
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});

describe('sign-offs', () => {
  const bench = withTest('flame', { technique: true, controls: [{ step: 0, only: 'teacher' }] });
  const method = (events: ReturnType<typeof entry>[], log = logger()) =>
    show(
      <Method
        bench={bench}
        record={readGroup(events)}
        test="flame"
        chooseTest={() => undefined}
        log={log}
        toLog={() => undefined}
      />,
    );
  test('a step waits for the teacher: asked for, then seen; a word in person goes on too', async () => {
    const log = logger();
    const { user, unmount } = method([], log);
    await user.click(tap('Ask the teacher over'));
    expect(log).toHaveBeenCalledWith({ type: 'call', reason: 'sign-off', test: 'flame', step: 0 });
    await user.click(tap(/My teacher is here/));
    await user.click(tap('Next step'));
    expect(screen.getByText(/step 2 of/)).toBeTruthy();
    unmount();
    method([entry({ type: 'signed-off', test: 'flame', step: 0, good: true }, { by: 'staff' })]);
    expect(screen.getByText(/Your teacher has seen it/)).toBeTruthy();
    expect(tap('Next step')).toBeTruthy();
  });
  test('one that was not yet right can be asked for again', () => {
    method([entry({ type: 'signed-off', test: 'flame', step: 0, good: false }, { by: 'staff' })]);
    expect(screen.getByText(/Not yet right/)).toBeTruthy();
    expect(tap('Ask the teacher over')).toBeTruthy();
  });
});
