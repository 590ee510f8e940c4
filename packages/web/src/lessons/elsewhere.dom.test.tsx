import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { WireEvent } from '@kivex/contract';
import { act, screen, waitFor, within } from '@testing-library/react';
import { clearTold, tellElsewhere, Toasts } from '../kit/Toasts.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import type { BoardWireEvents, openBoardWire } from '../run/board-wire.js';
import { callTold, openCalls, openTold } from './call-told.js';
import Elsewhere from './Elsewhere.js';

const lesson = lessonOf(salt);
const group = lesson.groupList[1]!;
const event = (body: object, of = group.id, id = 'e1'): WireEvent =>
  ({ id, seq: 1, group: of, by: 'a', at: '2026-11-27T09:00:00.000Z', body }) as WireEvent;
const call = (id: string, of = group.id) => event({ type: 'call', reason: 'help' }, of, id);
const answer = (id: string) => event({ type: 'call-answered', call: id }, group.id, `answer to ${id}`);
afterEach(() => act(() => clearTold()));

describe('what happened elsewhere', () => {
  test.each([
    ['help', /asks for help\.$/],
    ['check', /wants a step checked\.$/],
    ['safety', /calls about safety\.$/],
    ['sign-off', /wants something signed off\.$/],
  ])('a call for %s is told with its bench', (reason, says) => {
    const told = callTold(event({ type: 'call', reason }), lesson)!;
    expect(told.title).toMatch(says);
    expect(told.title.startsWith(group.name)).toBe(true);
  });
  test('nothing else is, and a bench that is not known has no name', () => {
    expect(callTold(event({ type: 'hand-in' }), lesson)).toBeUndefined();
    expect(callTold(event({ type: 'call', reason: 'help' }, 'gone'), lesson)!.title).toBe(
      'A bench asks for help.',
    );
  });
  test('stands in a corner once, leads there, and is put away', async () => {
    const does = jest.fn();
    const { user } = show(<Toasts />);
    const told = { id: 'e1', title: 'Group 2 asks for help.', action: { label: 'To the board', does } };
    act(() => {
      tellElsewhere(told);
      tellElsewhere(told);
    });
    expect(await screen.findAllByText('Group 2 asks for help.')).toHaveLength(1);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'To the board' }));
    expect(does).toHaveBeenCalledTimes(1);
    act(() => tellElsewhere({ id: 'e2', title: 'Group 3 calls about safety.' }));
    expect(await screen.findByText('Group 3 calls about safety.')).toBeTruthy();
    const second = screen.getByText('Group 3 calls about safety.').closest<HTMLElement>('[data-part=root]')!;
    await user.click(within(second).getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByText('Group 3 calls about safety.')).toBeNull());
  });
});

describe('calls that stand open', () => {
  test('are those nobody has answered, whichever order the log has', () => {
    expect(openCalls([call('a'), answer('b'), call('b'), call('c'), answer('a')]).map((e) => e.id)).toEqual([
      'c',
    ]);
  });
  test('are told one by one while they are few, those told before left out', () => {
    expect(openTold([call('a'), call('b')], lesson, new Set(['a'])).map((t) => t.id)).toEqual(['b']);
  });
  test('are told by their number when there are many', () => {
    const many = ['a', 'b', 'c', 'd', 'e'].map((id) => call(id));
    expect(openTold(many, lesson, new Set()).map((t) => t.title)).toEqual(['5 benches wait for an answer.']);
  });
});

describe('at another face of a running lesson', () => {
  const running = { ...lesson, state: 'running' as const };
  const log = `GET /api/lessons/${lesson.id}/board`;
  /** Draws it with a wire the test speaks through. */
  function elsewhere(events: () => readonly WireEvent[], path = `/lessons/${lesson.id}/mark`) {
    const wires: BoardWireEvents[] = [];
    let ended = 0;
    const wire: typeof openBoardWire = (_, on) => {
      wires.push(on);
      return () => void ended++;
    };
    const opened = async () => wire;
    const shown = show(<Elsewhere lesson={running} wire={opened} />, {
      path,
      server: { [log]: () => ({ events: events(), unreadable: [] }) },
    });
    return {
      shown,
      ended: () => ended,
      on: () => waitFor(() => wires[0] ?? Promise.reject(new Error('no wire'))),
    };
  }
  const says = new RegExp(`${group.name} asks for help`);

  test('a call from before one came is told; answered by somebody else, it is put away', async () => {
    const { on } = elsewhere(() => [call('a')]);
    const wire = await on();
    act(() => wire.gap());
    expect(await screen.findByText(says)).toBeTruthy();
    act(() => wire.event(answer('a')));
    await waitFor(() => expect(screen.queryByText(says)).toBeNull());
  });
  test('what was told and put away is not told again when the wire comes back', async () => {
    const { on, shown } = elsewhere(() => [call('a')]);
    const wire = await on();
    act(() => wire.event(call('a')));
    const told = (await screen.findByText(says)).closest<HTMLElement>('[data-part=root]')!;
    await shown.user.click(within(told).getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByText(says)).toBeNull());
    act(() => wire.gap());
    await waitFor(() => expect(shown.asked.filter((a) => a.path.endsWith('/board'))).toHaveLength(1));
    await new Promise((done) => setTimeout(done, 50));
    expect(screen.queryByText(says)).toBeNull();
  });
  test('it leads to the board, where nothing is told and no wire is open', async () => {
    const { on, shown, ended } = elsewhere(() => []);
    const wire = await on();
    act(() => wire.event(call('a')));
    await shown.user.click(await screen.findByRole('button', { name: 'To the board' }));
    expect(shown.at()).toBe(`/lessons/${lesson.id}/run`);
    await waitFor(() => expect(ended()).toBe(1));
    await waitFor(() => expect(screen.queryByText(says)).toBeNull());
  });
  test('a log that cannot be fetched is no fault of the face', async () => {
    const { on } = elsewhere(() => {
      throw new Error('gone');
    });
    const wire = await on();
    act(() => wire.gap());
    act(() => wire.event(call('a')));
    expect(await screen.findByText(says)).toBeTruthy();
  });
});
