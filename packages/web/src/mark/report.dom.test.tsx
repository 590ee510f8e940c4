import { describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import { ash, lessonOf, markOf, rowOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { columnsOf } from './mark-columns.js';
import type { Place } from './MarksTable.js';
import { ReportView } from './ReportView.js';
import { wholeReport } from './whole-report.js';

const lesson = lessonOf(salt, { state: 'marking' });
const jar = lesson.samples.find((s) => s.role === 'unknown')!;
const words = 'blue jelly, stays in excess';
const row = rowOf(ash, [
  markOf({ sample: jar.id, test: 'naoh', attribute: 'precipitate', answer: words }),
  markOf({ sample: jar.id, test: 'naoh', attribute: 'excess', answer: words, points: 0 }),
  markOf({ sample: jar.id, test: 'flame', attribute: 'colour', answer: '', points: 0, verdict: 'none' }),
  markOf({ sample: jar.id, strand: 'conclusion', answer: 'copper(II) sulfate' }),
  markOf({ sample: jar.id, strand: 'technique', test: 'flame', answer: 'signed off' }),
]);

describe('a whole report', () => {
  test('is the tile: samples by tests in their order, names last, techniques apart', () => {
    const { heads, lines, whole } = wholeReport(lesson, row);
    const order = lesson.practical.tests.map((t) => t.test).filter((t) => t === 'flame' || t === 'naoh');
    expect(heads).toEqual([...order, null]);
    expect(lines.map((l) => l.sample.id)).toEqual([jar.id]);
    expect(lines[0]!.cells.map((c) => c.length)).toEqual([...order.map((t) => (t === 'naoh' ? 2 : 1)), 1]);
    expect(whole.map((c) => c.answer)).toEqual(['signed off']);
  });
  const view = (step = jest.fn<(by: 1 | -1) => void>(), choose = jest.fn<(place: Place) => void>()) =>
    show(
      <ReportView
        lesson={lesson}
        row={row}
        at={2}
        of={3}
        columns={columnsOf(lesson, [row])}
        place={undefined}
        choose={choose}
        step={step}
      />,
    );
  test('shows each answer once with its marks; what was left out is said', async () => {
    view();
    const table = within(screen.getByRole('region', { name: `The report of ${ash.name}` }));
    expect(table.getAllByText(words)).toHaveLength(1);
    expect(table.getByText('nothing')).toBeTruthy();
    expect(table.getByRole('button', { name: /Sodium hydroxide, precipitate: earned/ })).toBeTruthy();
    expect(table.getByRole('button', { name: /Sodium hydroxide, excess: not earned/ })).toBeTruthy();
    expect(screen.getByText('Group 1, 2 of 3')).toBeTruthy();
    expect(await faults()).toEqual([]);
  });
  test('a mark is chosen by pressing it, and the next student by a button', async () => {
    const step = jest.fn<(by: 1 | -1) => void>();
    const choose = jest.fn<(place: Place) => void>();
    const { user } = view(step, choose);
    await user.click(screen.getByRole('button', { name: /name, conclusion: earned/ }));
    expect(choose).toHaveBeenCalledWith({ student: 'ash', column: 'named-0' });
    await user.click(screen.getByRole('button', { name: 'The next student (PgDn)' }));
    expect(step).toHaveBeenCalledWith(1);
  });
});
