import { describe, expect, jest, test } from '@jest/globals';
import { ChakraProvider } from '@chakra-ui/react';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { staffSystem } from '../theme/staff-system.js';
import { faults, show } from '../../testing/show.js';
import type { WorkColumn } from './columns.js';
import { WorkTable } from './WorkTable.js';

interface Student {
  readonly id: string;
  readonly name: string;
  readonly flame?: number;
  readonly gas?: number;
}
const flames = { id: 'flame', head: 'Flame', says: 'Flame test. What colour?' };
const columns: readonly WorkColumn<Student>[] = [
  { id: 'name', head: 'Student', says: 'Student', value: (s) => s.name, show: (s) => s.name },
  {
    id: 'flame',
    head: 'Jar 1',
    says: 'Flame test, jar 1',
    group: flames,
    value: (s) => s.flame,
    show: (s) => s.flame ?? '',
  },
  { id: 'gas', head: 'Jar 2', says: 'Flame test, jar 2', group: flames, show: (s) => s.gas ?? '' },
];
const class9: readonly Student[] = [
  { id: '1', name: 'Clove Ling', flame: 1 },
  { id: '2', name: 'Ash Tern', flame: 0, gas: 7 },
  { id: '3', name: 'Birch Sole' },
];
const byId = (s: Student) => s.id;
const names = () =>
  within(screen.getByRole('table'))
    .getAllByRole('rowheader')
    .map((h) => h.textContent);

describe('a table that is worked in', () => {
  test('its heads sort it, up and then down, and say so; who has no value stays last', async () => {
    const order = jest.fn<(rows: readonly Student[]) => void>();
    const { user } = show(
      <WorkTable label="Marks" rows={class9} rowId={(s) => s.id} columns={columns} onOrder={order} />,
    );
    expect(names()).toEqual(['Clove Ling', 'Ash Tern', 'Birch Sole']);
    const head = () => screen.getByRole('columnheader', { name: /Flame test, jar 1/ });
    const press = () => user.click(within(head()).getByRole('button'));
    await press();
    const first = head().getAttribute('aria-sort');
    const once = names();
    await press();
    expect([first, head().getAttribute('aria-sort')].sort()).toEqual(['ascending', 'descending']);
    expect([once, names()]).toEqual(
      expect.arrayContaining([
        ['Ash Tern', 'Clove Ling', 'Birch Sole'],
        ['Clove Ling', 'Ash Tern', 'Birch Sole'],
      ]),
    );
    expect(order.mock.lastCall![0].map((s) => s.name)).toEqual(names());
  });
  test('a column without values is not sorted', () => {
    show(<WorkTable label="Marks" rows={class9} rowId={(s) => s.id} columns={columns} />);
    const head = screen.getByRole('columnheader', { name: /Flame test, jar 2/ });
    expect(within(head).queryByRole('button')).toBeNull();
  });
  test('what is typed searches the whole row, and nothing found is said', async () => {
    const { user } = show(
      <WorkTable
        label="Marks"
        rows={class9}
        rowId={(s) => s.id}
        columns={columns}
        find="Find a student"
        nothing="No student is called that."
      />,
    );
    await user.type(screen.getByRole('searchbox', { name: 'Find a student' }), 'tern');
    expect(names()).toEqual(['Ash Tern']);
    await user.type(screen.getByRole('searchbox'), 'x');
    expect(screen.getByRole('status').textContent).toBe('No student is called that.');
  });
  test('columns of one group share a head that says its whole name; axe finds nothing', async () => {
    show(<WorkTable label="Marks" rows={class9} rowId={(s) => s.id} columns={columns} />);
    const group = screen.getByRole('columnheader', { name: /What colour/ });
    expect(group.getAttribute('colspan')).toBe('2');
    expect(await faults()).toEqual([]);
  });
  test('what is chosen draws its own row anew and no other', () => {
    const drawn: string[] = [];
    const told = columns.map((c) => ({
      ...c,
      show: (s: Student, chosen: boolean) => {
        if (c.id === 'flame') drawn.push(`${s.name}${chosen ? ', chosen' : ''}`);
        return c.show(s, chosen);
      },
    }));
    const table = (chosen?: { row: string; column: string }) => (
      <ChakraProvider value={staffSystem}>
        <WorkTable label="Marks" rows={class9} rowId={byId} columns={told} chosen={chosen} />
      </ChakraProvider>
    );
    const { rerender } = render(table());
    expect(drawn).toHaveLength(3);
    drawn.length = 0;
    rerender(table({ row: '2', column: 'flame' }));
    expect(drawn).toEqual(['Ash Tern, chosen']);
    rerender(table({ row: '2', column: 'gas' }));
    rerender(table({ row: '3', column: 'flame' }));
    expect(drawn.slice(1)).toEqual(['Ash Tern', 'Ash Tern', 'Birch Sole, chosen']);
  });
  test('has room for its heads and first column where one scrolls to, as large as they are now', () => {
    let told = (): void => undefined;
    const watched: Element[] = [];
    const watch = (changed: ResizeObserverCallback): ResizeObserver => {
      const watcher: ResizeObserver = {
        observe: (element) => void watched.push(element),
        unobserve: () => undefined,
        disconnect: () => undefined,
      };
      told = () => changed([], watcher);
      return watcher;
    };
    globalThis.ResizeObserver = jest.fn(watch) as unknown as typeof ResizeObserver;
    const size = jest.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(61);
    jest.spyOn(HTMLElement.prototype, 'offsetWidth', 'get').mockReturnValue(140);
    show(<WorkTable label="Marks" rows={class9} rowId={byId} columns={columns} />);
    const { style } = screen.getByRole('region', { name: 'Marks' });
    expect(watched.some((e) => e.tagName === 'THEAD')).toBe(true);
    told();
    expect([style.scrollPaddingTop, style.scrollPaddingInlineStart]).toEqual(['61px', '140px']);
    size.mockReturnValue(90);
    told();
    expect(style.scrollPaddingTop).toBe('90px');
    jest.restoreAllMocks();
  });
  test('of thousands of rows only those in view are drawn, and all of them on paper', () => {
    const many = Array.from({ length: 2000 }, (_, i) => ({ id: String(i), name: `Student ${i}` }));
    show(<WorkTable label="Stock" rows={many} rowId={(s) => s.id} columns={columns} />);
    expect(screen.queryAllByRole('rowheader').length).toBeLessThan(200);
    expect(screen.getByRole('table').getAttribute('aria-rowcount')).toBe('2001');
    fireEvent(window, new Event('beforeprint'));
    expect(screen.getAllByRole('rowheader')).toHaveLength(2000);
    fireEvent(window, new Event('afterprint'));
    expect(screen.queryAllByRole('rowheader').length).toBeLessThan(200);
  });
});
