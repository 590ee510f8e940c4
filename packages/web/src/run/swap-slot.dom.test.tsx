import { describe, expect, test } from '@jest/globals';
import type { Lesson } from '@kivex/contract';
import { rotaProblemOf, type RotaSlot } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { useLesson } from '../lessons/lesson-queries.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { SwapSlot } from './SwapSlot.js';

const places = { burner: 1 };
const { tasks } = rotaProblemOf(salt, 2, places);
const long = (task: string) => {
  const { attended, unattended = 0 } = tasks.find((t) => t.id === task)!;
  return attended + unattended;
};
const slot = (group: number, task: string, start: number): RotaSlot => ({
  group,
  task,
  start,
  end: start + long(task),
});
/** One burner: group 1 burns first, group 2 when group 1 is at sodium hydroxide. */
const schedule = [slot(1, 'flame', 10), slot(1, 'naoh', 40), slot(2, 'naoh', 12), slot(2, 'flame', 40)];
const lesson: Lesson = lessonOf(salt, { state: 'running' });
const running: Lesson = { ...lesson, planning: { ...lesson.planning, places, schedule } };
function Shown({ minute }: { readonly minute: number }) {
  const found = useLesson(lesson.id);
  return found.data ? <SwapSlot lesson={found.data} group={1} minute={minute} /> : null;
}
const open = (server: Record<string, unknown> = {}, minute = 5) =>
  show(<Shown minute={minute} />, { server: { 'GET /api/lessons/lesson': running, ...server } });

describe('two slots of the rota changed for each other', () => {
  test('who and when is said before, and the rota is kept so', async () => {
    const kept = { ...running.planning, versions: { rota: 1, preparation: 0 } };
    const { user, asked } = open({ 'PUT /api/lessons/lesson/planning/rota': kept });
    const own = await screen.findByRole('combobox', { name: 'Of this group' });
    await user.selectOptions(own, '1 flame');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Changed for' }), '2 flame');
    expect(screen.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
      expect.stringMatching(/^Group 1: Flame test at \d\d:\d\d$/),
      // What it would be at then takes the time that has become free.
      expect.stringMatching(/^Group 1: Sodium hydroxide at/),
      expect.stringMatching(/^Group 2: Sodium hydroxide at/),
      expect.stringMatching(/^Group 2: Flame test at/),
    ]);
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: /^Change them/ }));
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')).toBeDefined());
    const { schedule: sent, from } = asked.find((a) => a.method === 'PUT')!.body as {
      schedule: RotaSlot[];
      from: number;
    };
    const startOf = (group: number) => sent.find((s) => s.group === group && s.task === 'flame')!.start;
    expect([startOf(1), startOf(2), from]).toEqual([40, 10, 0]);
  });
  test('what it would clash with is said; one may do it all the same, and a refusal is told', async () => {
    const { user } = open({
      'PUT /api/lessons/lesson/planning/rota': new Refusal(409, {
        detail: 'Somebody has kept another rota.',
      }),
    });
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Of this group' }), '1 naoh');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Changed for' }), '1 flame');
    expect(screen.getByText('At minute 40 there are 2 groups at burner and 1 place.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Change them all the same' }));
    expect(await screen.findByText('Somebody has kept another rota.')).toBeTruthy();
  });
  test('what has begun cannot be changed any more', async () => {
    const { unmount } = open({}, 30);
    const own = await screen.findByRole('combobox', { name: 'Of this group' });
    expect([...own.querySelectorAll('option')].map((o) => o.value)).toEqual(['', '1 naoh']);
    unmount();
    open({}, 90);
    expect(await screen.findByText('Nothing of the rota is left for this group.')).toBeTruthy();
  });
});
