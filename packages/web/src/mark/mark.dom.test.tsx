import { describe, expect, jest, test } from '@jest/globals';
import type { MarkQuestion } from '@kivex/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { ash, birch, clove, entry, lessonOf, markOf, rowOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { columnsOf } from './mark-columns.js';
import { FlagPart } from './FlagPart.js';
import { markFacts } from './mark-follows.js';
import { MarkDesk } from './MarkDesk.js';
import { MarksTable } from './MarksTable.js';
import { useMarkKeys } from './use-mark-keys.js';

const lesson = lessonOf(salt);
const jars = lesson.groupList[0]!.unknowns;
const cellsOf = (part: Parameters<typeof markOf>[0] = {}) =>
  jars.flatMap((jar, i) => [
    markOf({ sample: jar, ...(i ? {} : part) }),
    markOf({ sample: jar, strand: 'conclusion', answer: 'copper(II) sulfate' }),
  ]);
const nothing = (): ReturnType<typeof cellsOf> =>
  cellsOf().map((c) => ({ ...c, answer: '', points: 0, verdict: 'no-credit' as never }));

describe('the table of marks', () => {
  const rows = [
    rowOf(ash, cellsOf({ open: true, points: 0, answer: 'bluish' })),
    rowOf(birch, nothing()),
    { ...rowOf(clove, []), handedInAt: null },
  ];
  const columns = columnsOf(lesson, rows);
  const table = (choose: (place: { student: string; column: string }) => void = () => undefined) =>
    show(
      <MarksTable
        lesson={lesson}
        rows={rows}
        columns={columns}
        place={undefined}
        choose={choose}
        onOrder={() => undefined}
      />,
    );
  test('what is to be looked at, earned and not done are told by sign and by word', async () => {
    table();
    const row = screen.getByRole('row', { name: /Ash Tern/ });
    expect(within(row).getByRole('button', { name: /Flame test: to look at/ }).textContent).toContain('?');
    expect(within(row).getAllByRole('button', { name: /Named: earned/ })).toHaveLength(2);
    expect(await faults()).toEqual([]);
  });
  test('who did nothing has no row of noughts, and no total', () => {
    table();
    const row = screen.getByRole('row', { name: /Birch Sole/ });
    expect(within(row).queryAllByRole('button')).toEqual([]);
    expect(row.textContent).toContain('nothing to mark');
    expect(row.textContent).not.toMatch(/0 \/ \d/);
  });
  test('who was away has no mark, or what they made up on screen, called so', () => {
    const away = { ...rowOf(ash, []), absent: true, points: 0, max: 0 };
    const agreed = { ...rowOf(clove, [markOf({})]), points: 2, max: 3, agreed: 2.5 };
    const made = { ...rowOf(birch, []), absent: true, caughtUp: { points: 2, max: 3 }, points: 2, max: 3 };
    show(
      <MarksTable
        lesson={lesson}
        rows={[away, made, agreed]}
        columns={columnsOf(lesson, [away, made, agreed])}
        place={undefined}
        choose={() => undefined}
        onOrder={() => undefined}
      />,
    );
    expect(screen.getByRole('row', { name: /Ash Tern/ }).textContent).toContain('away: no mark');
    expect(screen.getByRole('row', { name: /Birch/ }).textContent).toContain('away; on screen 2 / 3');
    expect(screen.getByRole('row', { name: /Clove/ }).textContent).toContain('2 / 32.5 in the gradebook');
  });
  test('pressing a mark says whose and which', async () => {
    const choose = jest.fn<(place: { student: string; column: string }) => void>();
    const { user } = table(choose);
    await user.click(screen.getAllByRole('button', { name: /Ash Tern, .*Named/ })[0]!);
    expect(choose).toHaveBeenCalledWith({ student: 'ash', column: 'named-0' });
  });
});

describe('the desk', () => {
  const cell = markOf({
    key: `observation:${jars[0]}`,
    sample: jars[0]!,
    open: true,
    points: 0,
    verdict: 'review' as never,
    answer: 'bluish',
  });
  const path = `/api/lessons/lesson/marks/${cell.id}/changes`;
  const desk = (
    server: Record<string, unknown>,
    next = jest.fn(),
    draft?: { points: number },
    questions: readonly MarkQuestion[] = [],
    saved = jest.fn<(decision: string) => void>(),
  ) =>
    show(
      <MarkDesk
        lesson={lesson}
        row={rowOf(ash, [cell])}
        cell={cell}
        events={[
          {
            ...entry({
              type: 'observation',
              sample: jars[0]!,
              test: 'flame',
              variant: 'wire',
              seen: { colour: 'blue-green' },
            }),
            seq: 1,
          },
        ]}
        questions={questions}
        draft={draft}
        saved={saved}
        close={() => undefined}
        next={next}
      />,
      { server },
    );
  test('a student’s question stands at its mark and is answered there', async () => {
    const question: MarkQuestion = {
      id: 'q1',
      student: ash,
      key: cell.key,
      text: 'Why is bluish not enough?',
      at: '2026-11-27T08:00:00.000Z',
      answer: null,
      answeredBy: null,
    };
    const at = '/api/lessons/lesson/marks/questions/q1';
    const { user, asked } = desk(
      { [`PUT ${at}`]: { ...question, answer: 'It is two colours.' } },
      jest.fn(),
      undefined,
      [question],
    );
    expect(screen.getByText(/Why is bluish not enough/)).toBeTruthy();
    await user.type(screen.getByRole('textbox', { name: 'Answer' }), 'It is two colours.');
    await user.click(screen.getByRole('button', { name: 'Send the answer' }));
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ path: at, body: { answer: 'It is two colours.' } }),
    );
    expect(await faults()).toEqual([]);
  });
  test('shows answer, truth, record and what Kivex made of it in one glance', async () => {
    desk({});
    expect(screen.getByText('bluish')).toBeTruthy();
    expect(screen.getByText(lesson.samples.find((s) => s.id === jars[0])!.holds)).toBeTruthy();
    expect(screen.getByText('Flame test:')).toBeTruthy();
    expect(screen.getByText(/Kivex gave this to you/)).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('what a key could not do is said at the desk', () => {
    show(
      <MarkDesk
        lesson={lesson}
        row={rowOf(ash, [cell])}
        cell={cell}
        events={[]}
        questions={[]}
        draft={undefined}
        saved={() => undefined}
        problem="Kivex cannot be reached."
        close={() => undefined}
        next={() => undefined}
      />,
    );
    expect(screen.getByRole('alert').textContent).toBe('Kivex cannot be reached.');
  });
  test('points and reason go up with Enter, and the next mark follows', async () => {
    const next = jest.fn();
    const saved = jest.fn<(decision: string) => void>();
    const change = { id: 'c', decision: 'd7', points: 1, answer: 'bluish', reason: 'x', by: 'x', at: '' };
    const { user, asked } = desk(
      { [`POST ${path}`]: { ...cell, changes: [change] } },
      next,
      undefined,
      [],
      saved,
    );
    await user.click(screen.getByText('1 of 1'));
    await user.type(screen.getByRole('textbox', { name: 'Why' }), 'Told me at the bench{Enter}');
    await waitFor(() => expect(next).toHaveBeenCalledTimes(1));
    // It can be taken back.
    expect(saved).toHaveBeenCalledWith('d7');
    expect(asked.find((a) => a.method === 'POST')!.body).toEqual({
      points: 1,
      reason: 'Told me at the bench',
    });
  });
  test('a mark without a reason is told at the box, and what was written stays', async () => {
    const next = jest.fn();
    const { user } = desk(
      {
        [`POST ${path}`]: new Refusal(422, {
          detail: 'Say why.',
          errors: [{ field: 'reason', detail: 'Say why the mark is another.' }],
        }),
      },
      next,
    );
    await user.type(screen.getByRole('textbox', { name: 'Why' }), 'x');
    await user.click(screen.getByRole('button', { name: 'Save the mark' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Say why the mark is another.');
    expect((screen.getByRole('textbox', { name: 'Why' }) as HTMLTextAreaElement).value).toBe('x');
    expect(next).not.toHaveBeenCalled();
  });
  test('points set from the keyboard wait for their reason', async () => {
    desk({}, jest.fn(), { points: 1 });
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Why' })));
    expect((screen.getByRole('radio', { name: '1 of 1' }) as HTMLInputElement).checked).toBe(true);
  });
});

test('an equation at the desk stands beside those wanted; a technique has no truth to show', async () => {
  const jar = jars
    .map((id) => lesson.samples.find((s) => s.id === id)!)
    .find((s) => s.ions.includes('Cu2+'))!;
  const asked = {
    ...lesson,
    practical: {
      ...lesson.practical,
      tests: lesson.practical.tests.map((t) =>
        t.test === 'naoh' ? { ...t, equation: 'ionic' as const } : t,
      ),
    },
  };
  const desk = (part: Parameters<typeof markOf>[0]) => {
    const cell = markOf({ sample: jar.id, answer: 'Cu + OH', ...part });
    return show(
      <MarkDesk
        lesson={asked}
        row={rowOf(ash, [cell])}
        cell={cell}
        events={[]}
        questions={[]}
        draft={undefined}
        saved={() => undefined}
        close={() => undefined}
        next={() => undefined}
      />,
    );
  };
  const { unmount } = desk({ strand: 'equation', test: 'naoh' });
  expect(screen.getByText(new RegExp(`^Equation of ${jar.label}`))).toBeTruthy();
  expect(screen.getByText(/Cu.*OH.*Cu\(OH\)/)).toBeTruthy();
  expect(await faults()).toEqual([]);
  unmount();
  desk({ strand: 'technique', test: 'naoh' });
  expect(screen.getByText('Technique of Sodium hydroxide')).toBeTruthy();
  expect(screen.queryByText('The truth')).toBeNull();
  expect(await faults()).toEqual([]);
});

describe('a flag', () => {
  const cell = markOf({ sample: jars[0]!, answer: 'bluish' });
  const flagged = { ...cell, flag: { note: 'ask Birch', by: 'Orla Thresh' } };
  const at = `/api/lessons/lesson/marks/${cell.id}/flag`;
  test('is set with a few words, and those of another are told', async () => {
    const { user, asked } = show(<FlagPart lesson="lesson" cell={cell} />, {
      server: { [`PUT ${at}`]: null },
    });
    await user.click(screen.getByRole('button', { name: /Flag it \(f\)/ }));
    await user.type(await screen.findByRole('textbox', { name: /What for/ }), 'look at the photo');
    expect(await faults()).toEqual([]);
    await user.keyboard('{Enter}');
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ path: at, body: { note: 'look at the photo' } }),
    );
    await waitFor(() => expect(screen.queryByRole('textbox')).toBeNull());
  });
  test('says whose it is, and is taken off; where that is refused it is said', async () => {
    const { user } = show(<FlagPart lesson="lesson" cell={flagged} />, {
      server: { [`DELETE ${at}`]: new Refusal(404, { detail: 'There is no such mark.' }) },
    });
    expect(screen.getByText('Flagged by Orla Thresh: ask Birch')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /Take it off/ }));
    expect(await screen.findByText('There is no such mark.')).toBeTruthy();
  });
  test('is seen in the table and counted in what follows', () => {
    const rows = [rowOf(ash, [flagged])];
    show(
      <MarksTable
        lesson={lesson}
        rows={rows}
        columns={columnsOf(lesson, rows)}
        place={undefined}
        choose={() => undefined}
        onOrder={() => undefined}
      />,
    );
    expect(screen.getByRole('button', { name: /flagged: ask Birch/ })).toBeTruthy();
    expect(
      markFacts({ rows, open: 0, released: false, scheme: {} as never }, 'marking').find(
        (f) => f.key === 'flagged',
      )?.text,
    ).toBe('1 mark is flagged, to come back to.');
  });
});

describe('the keys of the desk', () => {
  test('flag, go to what is flagged, set points within what there is; not while one types', async () => {
    const cell = markOf({ sample: jars[0]!, max: 1 });
    const did: string[] = [];
    const Keys = () => {
      useMarkKeys({
        view: 'table',
        rows: [],
        columns: [],
        place: undefined,
        cell,
        choose: () => undefined,
        next: (wanted) => did.push(wanted),
        points: (n) => did.push(`points ${n}`),
        flag: () => did.push('flag'),
        undo: () => did.push('undo'),
        turn: () => did.push('turn'),
      });
      return <input aria-label="why" />;
    };
    const { user } = show(<Keys />);
    await user.keyboard('f{Shift>}F{/Shift}N17u{PageDown}');
    expect(did).toEqual(['flag', 'flagged', 'open', 'points 1', 'undo']);
    await user.type(screen.getByLabelText('why'), 'fn1');
    expect(did).toHaveLength(5);
  });
});
