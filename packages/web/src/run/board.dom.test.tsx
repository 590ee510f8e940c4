import { describe, expect, jest, test } from '@jest/globals';
import type { Lesson, WireEvent } from '@kivex/contract';
import { flameColoursOfUnlabelledJars, type EventBody } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { Follows, saysTheSame, Surface } from '../lessons/Follows.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { benchStatuses, testsOfLesson } from './bench-status.js';
import { BenchTile, benchLine } from './BenchTile.js';
import { boardFollows, type BoardActs } from './BoardFollows.js';
import { causesOf, type ClassCauses } from './class-causes.js';
import { readyHints } from './say-hints.js';
import { RunPanel } from './RunPanel.js';
import { SayToBenches } from './SayToBenches.js';

const first = lessonOf(salt, { state: 'running' });
const [group] = first.groupList as [Lesson['groupList'][number]];
const jar = first.samples.find((s) => s.id === group.unknowns[0])!;
const lesson: Lesson = {
  ...first,
  groupList: Array.from({ length: 6 }, (_, i) => ({ ...group, id: `g${i + 1}`, name: `Group ${i + 1}` })),
};
const now = Date.parse(lesson.startedAt!) + 30 * 60_000;
let seq = 0;
const event = (g: string, body: EventBody, minute = 29): WireEvent => ({
  id: `e${++seq}`,
  seq,
  group: g,
  by: 'ash',
  at: new Date(Date.parse(lesson.startedAt!) + minute * 60_000 + seq).toISOString(),
  body,
});
const saw = (g: string, test: string, seen: Record<string, string>, sample = jar.id) =>
  event(g, { type: 'observation', sample, test, variant: 'usual', seen });
const board = (events: WireEvent[], of = lesson) => benchStatuses(of, events, now);
const none: ClassCauses = { told: [], dismissed: [] };
const noActs: BoardActs = {
  answer: () => undefined,
  dismiss: () => undefined,
  signOff: () => undefined,
};

test('what follows from a bench where nothing has happened keeps its line, so that it is not drawn anew', () => {
  const [bench] = board([]);
  const contradicting = {
    ...bench!,
    contradictions: [{ kind: 'two-values', sample: jar.id, text: 'Yellow, then lilac.' } as never],
  };
  const follows = () => boardFollows([contradicting], none, now, true, noActs);
  expect(follows()[0]).toBe(follows()[0]);
  const late = { key: 'late', tone: 'look', text: 'Behind the rota: Group 2 by 3 min.' } as const;
  expect(saysTheSame(late, { ...late })).toBe(true);
  for (const other of [
    { tone: 'stop' },
    { text: 'Behind the rota: Group 2 by 4 min.' },
    { action: 'Answer' },
  ] as const)
    expect(saysTheSame(late, { ...late, ...other })).toBe(false);
});

describe('a bench on the board', () => {
  const tile = (events: WireEvent[], truth = false) =>
    show(
      <BenchTile
        bench={board(events)[0]!}
        samples={lesson.samples}
        tests={testsOfLesson(lesson)}
        devices={2}
        truth={truth}
        quiet={false}
        now={now}
        answer={() => undefined}
        open={() => undefined}
      />,
    );
  test('has every test of every sample, each with its word, and tells cream and then yellow of one tube', async () => {
    tile([
      saw('g1', 'halide-silver', { precipitate: 'cream' }),
      saw('g1', 'halide-silver', { precipitate: 'yellow' }),
      saw('g1', 'flame', { colour: 'blue-green' }),
    ]);
    const table = screen.getByRole('table', { name: 'Tile of Group 1' });
    expect(within(table).getByRole('img', { name: `${jar.label}, Flame test: blue-green` })).toBeTruthy();
    expect(
      within(table).getByRole('img', { name: new RegExp(`${jar.label}, Halides: .*entries differ`) }),
    ).toBeTruthy();
    expect(screen.getByText('entries differ')).toBeTruthy();
    expect(screen.getByText(`at Flame test, ${jar.label}`)).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('says what the jars hold only where that is shown', () => {
    const { unmount } = tile([]);
    expect(screen.queryByText(jar.holds, { exact: false })).toBeNull();
    unmount();
    tile([], true);
    expect(screen.getAllByText(jar.holds, { exact: false }).length).toBeGreaterThan(0);
  });
  test('of one test has a strip of knowns, and each unknown with its words', async () => {
    const flames = lessonOf(flameColoursOfUnlabelledJars, { state: 'running' });
    const unknown = flames.samples.find((s) => s.id === flames.groupList[0]!.unknowns[0])!;
    show(
      <BenchTile
        bench={board([saw('g1', 'flame', { colour: 'lilac' }, unknown.id)], flames)[0]!}
        samples={flames.samples}
        tests={testsOfLesson(flames)}
        devices={0}
        truth={false}
        quiet={false}
        now={now}
        answer={() => undefined}
        open={() => undefined}
      />,
    );
    const knowns = screen.getByRole('group', { name: 'Knowns of Group 1' });
    expect(within(knowns).getAllByRole('img')).toHaveLength(
      flames.samples.filter((s) => s.role === 'known').length,
    );
    expect(screen.getByText('lilac')).toBeTruthy();
    expect(screen.getAllByText('nothing yet')).toHaveLength(1);
    expect(await faults()).toEqual([]);
  });
  test('counts cells, not jars, until all have handed in', () => {
    const line = (events: WireEvent[]) => benchLine(board(events)[0]!, now);
    expect(line([])).toMatch(/^0\/\d+ logged$/);
    expect(line([saw('g1', 'flame', { colour: 'none' })])).toMatch(/^1\/\d+ logged, just now$/);
    const handIn = ['ash', 'birch'].map((by) => ({ ...event('g1', { type: 'hand-in' }), by }));
    expect(line(handIn)).toBe('all handed in');
  });
});

describe('what follows on the board', () => {
  const shown = (events: WireEvent[], causes = none, acts = noActs, of = lesson) =>
    show(<Follows consequences={boardFollows(board(events, of), causes, now, true, acts)} />);
  test('calls come first, and are answered', async () => {
    const answer = jest.fn<BoardActs['answer']>();
    const call = event('g2', { type: 'call', reason: 'safety' });
    const { user } = shown([call], none, { ...noActs, answer });
    expect(screen.getByText(/calls about safety/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Answered' }));
    expect(answer).toHaveBeenCalledWith(call.id);
    expect(await faults()).toEqual([]);
  });
  test('one cause behind many benches is told once, with who and what to do, and can be waved away', async () => {
    const carbonate = lesson.samples.find((s) => s.ions.includes('CO3^2-'))!;
    const events = lesson.groupList
      .slice(0, 5)
      .map((g) => saw(g.id, 'dilute-acid', { effervescence: 'vigorous', limewater: 'clear' }, carbonate.id));
    const causes = causesOf(lesson, events);
    const dismiss = jest.fn<BoardActs['dismiss']>();
    const { user } = shown(events, causes, { ...noActs, dismiss });
    expect(screen.getByText(/limewater does nothing/)).toBeTruthy();
    expect(screen.getByText(/Group 1, Group 2, Group 3, Group 4, Group 5; .*likely/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Not so' }));
    expect(dismiss).toHaveBeenCalledWith(causes.told[0]!.cause, true);
  });
  test('what was waved away is said in a line, and told again when asked', async () => {
    const dismiss = jest.fn<BoardActs['dismiss']>();
    const gone = {
      kind: 'dead-reagent',
      test: 'limewater',
      tests: ['limewater'],
      cause: 'dead-reagent:limewater',
      groups: [],
      p: 0.9,
      text: 'The limewater does nothing: it stays clear. Give out fresh.',
    } as const;
    const { user } = shown([], { told: [], dismissed: [gone] }, { ...noActs, dismiss });
    expect(screen.getByText(/Waved away: The limewater does nothing: it stays clear\./)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Tell it again' }));
    expect(dismiss).toHaveBeenCalledWith(gone.cause, false);
  });
  test('of many behind the rota the worst three are named', () => {
    const schedule = lesson.groupList.map((_, i) => ({ group: i + 1, task: 'flame', start: 5, end: 10 + i }));
    shown([], none, noActs, { ...lesson, planning: { ...lesson.planning, schedule } });
    expect(
      screen.getByText(
        'Behind the rota: Group 1 by 20 min, Group 2 by 19 min, Group 3 by 18 min and 3 more.',
      ),
    ).toBeTruthy();
  });
  test('who has gone quiet is named, but where that is everybody', () => {
    const lookedAt = (g: string) =>
      event(g, { type: 'observation', sample: jar.id, test: 'flame', variant: 'usual', seen: {} }, 5);
    const quiet = (groups: number) => {
      const { container, unmount } = shown(lesson.groupList.slice(0, groups).map((g) => lookedAt(g.id)));
      const text = container.textContent;
      unmount();
      return text;
    };
    expect(quiet(2)).toContain('Group 1, Group 2: nothing logged for 10 minutes or more.');
    expect(quiet(6)).toContain('No bench has logged anything for 10 minutes or more.');
  });
  test('with nothing amiss it says so', () => {
    shown([]);
    expect(screen.getByText('No calls, no contradictions.')).toBeTruthy();
  });
});

test('where there is no room beside the work, what cannot wait comes before it', () => {
  const order = (urgent: boolean) => {
    const { unmount, container } = show(
      <Surface urgent={urgent} follows={<p>calls</p>}>
        <p>benches</p>
      </Surface>,
    );
    const text = container.textContent;
    unmount();
    return text;
  };
  expect([order(true), order(false)]).toEqual(['callsbenches', 'benchescalls']);
});

describe('what is said to the benches', () => {
  const notices = 'POST /api/lessons/lesson/notices';
  const say = (events: WireEvent[], server: Record<string, unknown> = {}) => {
    const said = jest.fn<() => void>();
    const failed = jest.fn<(why: string) => void>();
    const shown = show(<SayToBenches lesson={lesson} benches={board(events)} said={said} failed={failed} />, {
      server: { [notices]: null, [`${notices}/over`]: null, ...server },
    });
    return { ...shown, said, failed };
  };
  test('the panel is drawn anew when something is said, though not at every entry', async () => {
    const stop = event('g1', { type: 'notice', level: 'stop', text: 'Stop.' });
    const move = { isPending: false, mutate: jest.fn() } as never;
    const still = { refetch: () => undefined, failed: () => undefined, move, lesson, now: 0 };
    function Panel() {
      const [events, setEvents] = useState<readonly WireEvent[]>([]);
      const benches = board([...events]);
      return (
        <>
          <button onClick={() => setEvents([stop])}>said</button>
          <button onClick={() => setEvents([])}>over</button>
          <RunPanel {...still} benches={benches} benchesNow={() => benches} />
        </>
      );
    }
    const { user } = show(<Panel />);
    expect(screen.getByRole('button', { name: 'Stop the class' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'said' }));
    expect(await screen.findByText(/The class is stopped/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'over' }));
    expect(screen.queryByText(/The class is stopped/)).toBeNull();
  });
  test('one press stops the class', async () => {
    const { user, asked, said } = say([]);
    await user.click(screen.getByRole('button', { name: 'Stop the class' }));
    await waitFor(() => expect(said).toHaveBeenCalled());
    expect(asked[0]).toMatchObject({ path: '/api/lessons/lesson/notices', body: { level: 'stop' } });
    expect((asked[0]!.body as { text: string }).text).toMatch(/^Stop\./);
  });
  test('while it is stopped there is one thing to do: go on', async () => {
    const stops = ['g1', 'g2'].map((g) => event(g, { type: 'notice', level: 'stop', text: 'Stop.' }));
    const { user, asked } = say(stops);
    expect(screen.queryByRole('button', { name: 'Stop the class' })).toBeNull();
    expect(screen.getByRole('alert').textContent).toContain('on 2 benches');
    await user.click(screen.getByRole('button', { name: 'Go on' }));
    expect(asked[0]!.body).toEqual({ notices: stops.map((s) => s.id) });
  });
  test('a stop that did not go out is told', async () => {
    const { user, failed } = say([], { [notices]: new Refusal(503, { detail: 'The server is away.' }) });
    await user.click(screen.getByRole('button', { name: 'Stop the class' }));
    await waitFor(() => expect(failed).toHaveBeenCalledWith(expect.stringMatching(/away/)));
  });
  test('a ready-made hint to one group; none of them names an ion of a jar', async () => {
    const { user, asked, said } = say([]);
    await user.click(screen.getByRole('button', { name: 'Give a hint' }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'To whom?' }), 'Group 3');
    const { text } = readyHints(lesson)[0]!;
    await user.selectOptions(screen.getByRole('combobox', { name: 'A ready-made one' }), text);
    expect(screen.getByRole('textbox', { name: 'What the bench reads' })).toHaveProperty('value', text);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Send it' }));
    await waitFor(() => expect(said).toHaveBeenCalled());
    expect(asked[0]!.body).toEqual({ level: 'hint', text, groups: ['g3'] });
  });
  test('an empty hint is told at its field', async () => {
    const wrong = { detail: 'x', errors: [{ field: 'text', detail: 'Write what the benches are to read.' }] };
    const { user } = say([], { [notices]: new Refusal(422, wrong) });
    await user.click(screen.getByRole('button', { name: 'Give a hint' }));
    await user.click(screen.getByRole('button', { name: 'Send it' }));
    expect(await screen.findByText('Write what the benches are to read.')).toBeTruthy();
  });
});
