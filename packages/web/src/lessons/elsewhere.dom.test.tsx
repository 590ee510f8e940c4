import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { WireEvent } from '@kivex/contract';
import { act, screen, waitFor, within } from '@testing-library/react';
import { clearTold, tellElsewhere, Toasts } from '../kit/Toasts.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { callTold } from './call-told.js';

const lesson = lessonOf(salt);
const group = lesson.groupList[1]!;
const event = (body: object, of = group.id): WireEvent =>
  ({ id: 'e1', seq: 1, group: of, by: 'a', at: '2026-11-27T09:00:00.000Z', body }) as WireEvent;
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
