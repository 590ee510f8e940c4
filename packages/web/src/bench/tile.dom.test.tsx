import { describe, expect, jest, test } from '@jest/globals';
import { readGroup, type StudentBody } from '@kivex/core';
import { screen, within } from '@testing-library/react';
import { benchOf, entry, lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { byThisClock } from './bench-as-it-comes.js';
import { nextSample, ownTile } from './own-tile.js';
import { SampleStrip } from './SampleStrip.js';
import { Hints, Stopped } from './TeacherSays.js';
import { TilePart } from './TilePart.js';
import { TimerStrip } from './TimerStrip.js';
import { useTimers } from './timers.js';

const bench = benchOf(lessonOf(salt, { state: 'running' }));
const [jar, other] = bench.samples.filter((s) => s.role === 'unknown') as [
  (typeof bench.samples)[number],
  (typeof bench.samples)[number],
];
const saw = (seen: Record<string, string>, part: object = {}) =>
  entry({ type: 'observation', sample: jar.id, test: 'halide-silver', variant: 'usual', seen, ...part });
const wide = (matches: boolean) => {
  window.matchMedia = ((media: string) => ({
    media,
    matches,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as never;
};

test('the strip of samples says of each what its cell of the tile says: all that was seen, and that entries differ', () => {
  const strip = (...seen: Record<string, string>[]) => {
    const { unmount } = show(
      <SampleStrip
        samples={bench.samples}
        test="naoh"
        record={readGroup(
          seen.map((s) =>
            entry({ type: 'observation', sample: jar.id, test: 'naoh', variant: 'usual', seen: s }),
          ),
        )}
        chosen={undefined}
        choose={() => undefined}
      />,
    );
    const said = screen.getByRole('button', { name: new RegExp(jar.label) }).textContent;
    unmount();
    return said;
  };
  const white = { precipitate: 'white', excess: 'dissolves' };
  expect(strip()).toBe(jar.label);
  expect(strip(white)).toBe(`${jar.label}white; dissolves`);
  expect(strip({ precipitate: 'blue' }, white)).toBe(`${jar.label}white; dissolves, entries differ`);
});

describe('the tile at home', () => {
  test('on a tablet has every sample by every test; a cell leads to its pad', async () => {
    wide(true);
    const open = jest.fn();
    const { user } = show(
      <TilePart
        bench={bench}
        record={readGroup([saw({ precipitate: 'cream' }), saw({ precipitate: 'yellow' })])}
        open={open}
        how={() => undefined}
      />,
    );
    const tile = screen.getByRole('table', { name: 'Your tile' });
    expect(within(tile).getAllByRole('rowheader')).toHaveLength(bench.samples.length);
    expect(within(tile).getAllByRole('columnheader')).toHaveLength(bench.tests.length + 1);
    await user.click(
      within(tile).getByRole('button', {
        name: new RegExp(`^${jar.label}, Halides: .*entries differ, 2 times`),
      }),
    );
    expect(open).toHaveBeenCalledWith(jar.id, 'halide-silver');
    expect(screen.getByRole('heading', { name: /1 of \d+ logged; 1 where entries differ/ })).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('on a phone shows one sample at a time, and goes on to the next and round', async () => {
    wide(false);
    sessionStorage.clear();
    const open = jest.fn();
    const { user } = show(
      <TilePart bench={bench} record={readGroup([])} open={open} how={() => undefined} />,
    );
    const list = () => within(screen.getByRole('list')).getAllByRole('button');
    expect(list()).toHaveLength(bench.tests.length);
    await user.click(screen.getByRole('button', { name: 'Sample before' }));
    const last = bench.samples.at(-1)!;
    expect(screen.getByText(last.label)).toBeTruthy();
    await user.click(list()[0]!);
    expect(open).toHaveBeenCalledWith(last.id, bench.tests[0]!.test);
    expect(await faults()).toEqual([]);
  });
  test('says what is now and next by the kept rota, and by how much the group is behind', () => {
    wide(true);
    const begun = new Date(Date.now() - 22 * 60_000).toISOString();
    const [first, second, third] = bench.tests.map((t) => t.test);
    const planned = {
      ...bench,
      lesson: { ...bench.lesson, startedAt: begun },
      plan: [
        { test: first!, start: 5, end: 15 },
        { test: second!, start: 15, end: 30 },
        { test: third!, start: 30, end: 40 },
      ],
    };
    show(<TilePart bench={planned} record={readGroup([])} open={() => undefined} how={() => undefined} />);
    const box = screen.getByRole('region', { name: 'Now and next' });
    expect(box.textContent).toMatch(/Now: .* until .*Next: .* at .*7 min behind the plan/);
  });
});

test('a test is done next on the first sample with nothing of it, else on the first there is', () => {
  const done = bench.samples.filter((s) => s.tests.includes('flame'));
  const flame = (sample: string) =>
    entry({ type: 'observation', sample, test: 'flame', variant: 'wire', seen: { colour: 'none' } });
  const next = (logged: readonly { readonly id: string }[]) =>
    nextSample(ownTile(bench, readGroup(logged.map((s) => flame(s.id))), Date.now()), 'flame');
  expect(next([])).toBe(done[0]!.id);
  expect(next(done.slice(0, 2))).toBe(done[2]!.id);
  expect(next(done)).toBe(done[0]!.id);
});

test('without a kept rota, or before the lesson has begun, there is no now', () => {
  expect(ownTile(bench, readGroup([]), Date.now()).pace).toBeUndefined();
  const early = {
    ...bench,
    lesson: { ...bench.lesson, startedAt: null },
    plan: [{ test: 'flame', start: 5, end: 9 }],
  };
  expect(ownTile(early, readGroup([]), Date.now()).pace).toBeUndefined();
  expect(other).toBeTruthy();
});

test('a device whose clock is hours off has the lesson begin as long ago as the server says', () => {
  const here = new Date('2026-11-26T13:40:00.000Z');
  const shifted = byThisClock({ ...bench, now: '2026-11-26T09:25:00.000Z' }, here);
  expect(here.getTime() - Date.parse(shifted.lesson.startedAt!)).toBe(25 * 60_000);
});

describe('what the teacher says', () => {
  const stop = { id: 'n1', at: '2026-11-26T09:20:00.000Z', level: 'stop', text: 'Stop. Hands off.' } as const;
  const hint = { id: 'n2', at: '2026-11-26T09:21:00.000Z', level: 'hint', text: 'Clean the wire.' } as const;
  test('a stop is an alert with nothing to press', async () => {
    show(<Stopped notice={stop} />);
    expect(screen.getByRole('alert').textContent).toContain('Stop. Hands off.');
    expect(screen.queryByRole('button')).toBeNull();
    expect(await faults()).toEqual([]);
  });
  test('a hint stays until it is put away, and does not come back after a reload', async () => {
    sessionStorage.clear();
    const hints = <Hints lesson="lesson" notices={[stop, hint]} />;
    const { user, unmount } = show(hints);
    expect(screen.getByText('Clean the wire.', { exact: false })).toBeTruthy();
    expect(screen.queryByText('Hands off', { exact: false })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Read it' }));
    expect(screen.queryByText('Clean the wire.', { exact: false })).toBeNull();
    unmount();
    show(hints);
    expect(screen.queryByText('Clean the wire.', { exact: false })).toBeNull();
  });
});

describe('timers at the bench', () => {
  test('run in sight, ring when the time is up, and are put away', async () => {
    useTimers.setState({ timers: [] });
    const { begin } = useTimers.getState();
    begin('lesson', 'Halides', 90, Date.now());
    begin('lesson', 'Nitrate', 30, Date.now() - 60_000);
    begin('another', 'Flame test', 90, Date.now());
    const { user } = show(<TimerStrip lesson="lesson" timers={[]} log={() => Promise.resolve('id')} />);
    expect(screen.getByRole('timer').textContent).toMatch(/Halides: 1:(30|29)/);
    expect(screen.getByRole('alert').textContent).toBe('Nitrate: time is up, look now');
    expect(screen.queryByText(/Flame test/)).toBeNull();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'One minute more: Nitrate' }));
    expect(screen.queryByRole('alert')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Put away: Nitrate' }));
    await user.click(screen.getByRole('button', { name: 'Put away: Halides' }));
    expect(screen.queryByRole('group', { name: 'Timers' })).toBeNull();
  });
  test('go by the log: the board lengthens them, the bench lengthens and ends them there', async () => {
    useTimers.setState({ timers: [] });
    const log = jest.fn<(body: StudentBody) => Promise<string>>(() => Promise.resolve('next'));
    useTimers.getState().begin('lesson', 'Ring', 60, Date.now() - 70_000, 'timer-1');
    const told = { id: 'timer-1', at: '', label: 'Ring', seconds: 180, longer: 120 };
    const { user, unmount } = show(<TimerStrip lesson="lesson" timers={[told]} log={log} />);
    expect(screen.getByRole('timer').textContent).toMatch(/Ring: 1:(50|49)/);
    await user.click(screen.getByRole('button', { name: 'One minute more: Ring' }));
    expect(log).toHaveBeenLastCalledWith({ type: 'timer-longer', timer: 'timer-1', seconds: 60 });
    unmount();
    // Over: a minute more is a new wait, for what is added to the old one would be over too.
    const again = show(<TimerStrip lesson="lesson" timers={[{ ...told, longer: 0 }]} log={log} />);
    await again.user.click(screen.getByRole('button', { name: 'One minute more: Ring' }));
    expect(log.mock.calls.slice(-2).map(([body]) => body)).toEqual([
      { type: 'timer-over', timer: 'timer-1' },
      { type: 'timer', label: 'Ring', seconds: 60 },
    ]);
    expect(useTimers.getState().timers).toMatchObject([{ label: 'Ring', event: 'next' }]);
  });
});
