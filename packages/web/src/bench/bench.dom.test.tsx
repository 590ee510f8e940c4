import { describe, expect, jest, test } from '@jest/globals';
import { attributeOf, methodOf, readGroup, testOf, type StudentBody } from '@kivex/core';
import { screen, within } from '@testing-library/react';
import { ash, benchOf, entry, lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { Entries } from './Entries.js';
import { HandIn } from './HandIn.js';
import { Method } from './Method.js';
import { Naming } from './Naming.js';
import { Pad } from './Pad.js';
import { useTimers } from './timers.js';
import { WellChoice } from '../kit/well/WellChoice.js';

const lesson = lessonOf(salt, { state: 'running' });
const bench = benchOf(lesson);
const jar = bench.samples.find((s) => s.role === 'unknown')!;
const saw = (seen: Record<string, string>, part: object = {}) =>
  entry({ type: 'observation', sample: jar.id, test: 'flame', variant: 'wire', seen, ...part });
const logged = () => jest.fn<(body: StudentBody) => Promise<string>>(() => Promise.resolve('id'));

test('a well is tapped, says what it is, and is taken back by a second tap', async () => {
  const choose = jest.fn();
  const attribute = attributeOf(testOf('flame'), 'colour');
  const { user } = show(<WellChoice attribute={attribute} chosen="yellow" glass={false} choose={choose} />);
  expect(screen.getByRole('button', { pressed: true }).textContent).toContain('yellow');
  await user.click(screen.getByRole('button', { name: /crimson/ }));
  expect(choose).toHaveBeenLastCalledWith('crimson');
  expect(await faults()).toEqual([]);
});

describe('the pad', () => {
  const pad = (log = logged(), events: ReturnType<typeof saw>[] = []) => {
    sessionStorage.clear();
    return show(
      <Pad
        bench={bench}
        record={readGroup(events)}
        waiting={[]}
        test="flame"
        chooseTest={() => undefined}
        log={log}
      />,
    );
  };
  test('sample, colour, Log it: three taps, and what is logged says the test', async () => {
    const log = logged();
    const { user } = pad(log);
    await user.click(
      within(screen.getByRole('group', { name: 'Samples' })).getByRole('button', {
        name: new RegExp(jar.label),
      }),
    );
    expect(screen.getByRole('button', { name: 'Log it' })).toHaveProperty('disabled', true);
    await user.click(screen.getByRole('button', { name: /blue-green/ }));
    await user.click(screen.getByRole('button', { name: 'Log it' }));
    expect(log).toHaveBeenCalledWith({
      type: 'observation',
      sample: jar.id,
      test: 'flame',
      variant: salt.tests.find((t) => t.test === 'flame')!.variant,
      seen: { colour: 'blue-green' },
    });
    expect(await screen.findByRole('heading', { name: /Logged for .* Which sample next/ })).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('what is half entered is there after a reload', async () => {
    const { user, unmount } = pad();
    await user.click(
      within(screen.getByRole('group', { name: 'Samples' })).getByRole('button', {
        name: new RegExp(jar.label),
      }),
    );
    await user.type(screen.getByRole('textbox', { name: /In your own words/ }), 'greenish');
    unmount();
    show(
      <Pad
        bench={bench}
        record={readGroup([])}
        waiting={[]}
        test="flame"
        chooseTest={() => undefined}
        log={logged()}
      />,
    );
    await user
      .click(
        within(screen.getByRole('group', { name: 'Samples' })).getByRole('button', {
          name: new RegExp(jar.label),
        }),
      )
      .catch(() => undefined);
    expect(sessionStorage.length).toBeGreaterThan(0);
  });
});

describe('what was logged', () => {
  test('of entries that differ one says which is trusted, and why; then it is told so', async () => {
    const [lilac, yellow] = [saw({ colour: 'lilac' }), saw({ colour: 'yellow' })];
    const log = logged();
    const entries = (events: ReturnType<typeof saw>[]) => (
      <Entries
        record={readGroup(events)}
        sample={jar.id}
        samples={[]}
        students={[ash]}
        waiting={[]}
        held={[]}
        several
        correct={() => undefined}
        log={log}
      />
    );
    const { user, unmount } = show(entries([lilac, yellow]));
    expect(screen.getByText(/your entries differ/)).toBeTruthy();
    await user.type(screen.getByRole('textbox', { name: /Why that one/ }), 'clean wire');
    await user.click(screen.getByRole('button', { name: /^lilac,/ }));
    expect(log).toHaveBeenCalledWith({ type: 'trust', entry: lilac.id, why: 'clean wire' });
    expect(await faults()).toEqual([]);
    unmount();
    show(entries([lilac, yellow, entry({ type: 'trust', entry: lilac.id, why: 'clean wire' })]));
    expect(screen.queryByText(/your entries differ/)).toBeNull();
    expect(screen.getAllByRole('listitem')[0]!.textContent).toContain('the one you trust: clean wire');
  });
  const first = saw({ colour: 'yellow' });
  const second = saw({ colour: 'blue-green' }, { corrects: first.id });
  test('a correction stands beside the first, and each says its test where there are several', () => {
    const record = readGroup([first, second]);
    show(
      <Entries
        record={record}
        sample={jar.id}
        samples={[]}
        students={[ash]}
        waiting={[]}
        held={[]}
        several
        correct={() => undefined}
        log={logged()}
      />,
    );
    const [old, now] = screen.getAllByRole('listitem');
    expect(old!.textContent).toMatch(/Flame test: yellow.*corrected below/);
    expect(now!.textContent).toMatch(/blue-green.*a correction/);
    expect(within(old!).queryByRole('button', { name: 'Correct' })).toBeNull();
  });
});

describe('naming', () => {
  test('a name wants evidence; both are logged together', async () => {
    const log = logged();
    const event = saw({ colour: 'blue-green' });
    const { user } = show(
      <Naming bench={bench} record={readGroup([event])} log={log} toLog={() => undefined} />,
    );
    const cations = screen.getByRole('group', { name: `Cations for ${jar.label}` });
    await user.click(within(cations).getByRole('button', { name: /copper\(II\)/ }));
    await user.click(
      within(screen.getByRole('group', { name: `Anions for ${jar.label}` })).getByRole('button', {
        name: /sulfate/,
      }),
    );
    expect(screen.getByText('Tap the entry that is your evidence.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /Flame test: blue-green/ }));
    await user.click(screen.getByRole('button', { name: 'This is my answer' }));
    expect(log).toHaveBeenCalledWith({
      type: 'naming',
      sample: jar.id,
      answer: 'copper(II) sulfate',
      evidence: [event.id],
    });
    expect(await faults()).toEqual([]);
  });
  test('what the evidence rules out is logged with the name', async () => {
    const log = logged();
    const first = saw({ colour: 'lilac' });
    const { user } = show(
      <Naming bench={bench} record={readGroup([first])} log={log} toLog={() => undefined} />,
    );
    await user.click(screen.getAllByText('What does your evidence rule out?')[0]!);
    const out = within(screen.getByRole('group', { name: `Ruled out for ${jar.label}` }));
    await user.click(out.getByRole('button', { name: 'zinc' }));
    await user.click(screen.getByRole('button', { name: /Flame test: lilac/ }));
    await user.type(screen.getAllByRole('textbox', { name: /or write its name/ })[0]!, 'copper sulfate');
    await user.click(screen.getAllByRole('button', { name: 'This is my answer' })[0]!);
    expect(log).toHaveBeenCalledWith({
      type: 'naming',
      sample: jar.id,
      answer: 'copper sulfate',
      evidence: [first.id],
      rulesOut: ['Zn2+'],
    });
  });
  test('what the group’s own knowns showed in the same tests is in view beside a jar', () => {
    const known = bench.samples.find((s) => s.role === 'known')!;
    const beside = (events: ReturnType<typeof saw>[]) =>
      show(<Naming bench={bench} record={readGroup(events)} log={logged()} toLog={() => undefined} />);
    const { unmount } = beside([saw({ colour: 'lilac' })]);
    expect(screen.queryByText(/what your knowns showed/)).toBeNull();
    unmount();
    beside([saw({ colour: 'lilac' }), saw({ colour: 'blue-green' }, { sample: known.id })]);
    const tile = screen.getByRole('table', { name: 'Your knowns', hidden: true });
    expect(
      within(tile).getByRole('img', { name: `${known.label}, Flame test: blue-green`, hidden: true }),
    ).toBeTruthy();
  });
  test('a jar of which nothing is logged cannot be named yet', () => {
    show(<Naming bench={bench} record={readGroup([])} log={logged()} toLog={() => undefined} />);
    expect(screen.getAllByText(/Nothing is logged for this jar yet/).length).toBe(2);
    expect(screen.queryByRole('button', { name: 'This is my answer' })).toBeNull();
  });
});

describe('the method', () => {
  test('goes step by step and logs where one is; Why? opens', async () => {
    const log = logged();
    const { user } = show(
      <Method
        bench={bench}
        record={readGroup([])}
        test="flame"
        chooseTest={() => undefined}
        log={log}
        toLog={() => undefined}
      />,
    );
    expect(screen.getByText(/step 1 of/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Next step' }));
    expect(screen.getByText(/step 2 of/)).toBeTruthy();
    expect(log).toHaveBeenLastCalledWith({ type: 'step', test: 'flame', step: 1 });
    expect(await faults()).toEqual([]);
  });
  test('a step with a wait offers its timer, by the minutes the step says', async () => {
    useTimers.setState({ timers: [] });
    const step = methodOf(bench.tests.find((t) => t.test === 'naoh-warm')!).steps;
    const wait = step.findIndex((s) => s.waitSeconds !== undefined);
    const at = entry({ type: 'step', test: 'naoh-warm', step: wait }, { by: ash.id });
    const { user } = show(
      <Method
        bench={{ ...bench, events: [{ ...at, seq: 1 }] }}
        record={readGroup([])}
        test="naoh-warm"
        chooseTest={() => undefined}
        log={logged()}
        toLog={() => undefined}
      />,
    );
    await user.click(screen.getByRole('button', { name: 'Start the timer: 1:00 min' }));
    const [timer] = useTimers.getState().timers;
    expect(timer).toMatchObject({ lesson: bench.lesson.id, label: 'Warm with sodium hydroxide' });
    // The board is told of it, and may lengthen it.
    expect(timer!.event).toBe('id');
    expect(timer!.endsAt - timer!.startedAt).toBe(step[wait]!.waitSeconds! * 1000);
    expect(await faults()).toEqual([]);
  });
});

describe('handing in', () => {
  test('says what is missing, test by test, and hands in all the same', async () => {
    const log = logged();
    const moveTo = jest.fn();
    const { user } = show(
      <HandIn
        bench={bench}
        record={readGroup([saw({ colour: 'yellow' })])}
        unsent={0}
        log={log}
        moveTo={moveTo}
        leave={() => undefined}
      />,
    );
    const items = screen.getAllByRole('listitem');
    expect(items).toHaveLength(bench.samples.length * salt.tests.length + 2);
    expect(
      items.find((i) => i.textContent!.startsWith(`${jar.label}: Flame test`))!.querySelector('button'),
    ).toBeNull();
    await user.click(screen.getAllByRole('button', { name: 'Name it' })[0]!);
    expect(moveTo).toHaveBeenCalledWith('name');
    await user.click(screen.getByRole('button', { name: 'Hand in my work' }));
    expect(log).toHaveBeenCalledWith({ type: 'hand-in' });
    expect(await faults()).toEqual([]);
  });
});
