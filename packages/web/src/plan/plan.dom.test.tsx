import { describe, expect, jest, test } from '@jest/globals';
import { holdsOf } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import type { DraftGroup } from '../lessons/deal-groups.js';
import { GroupsDraft } from '../lessons/GroupsDraft.js';
import { salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { EvidenceTable } from './EvidenceTable.js';

describe('what each sample shows', () => {
  const table = () =>
    show(<EvidenceTable practical={salt} nameOf={(s) => ({ label: s.key, holds: holdsOf(s) })} />);
  test('columns stand together by test, short above and whole for who asks', async () => {
    table();
    const heads = screen.getAllByRole('columnheader').filter((h) => h.getAttribute('scope') === 'colgroup');
    expect(heads).toHaveLength(salt.tests.length);
    const hydroxide = heads.find((h) => /drops then excess/.test(h.textContent!))!;
    expect(hydroxide.getAttribute('colspan')).toBe('2');
    expect(
      screen.getByRole('columnheader', { name: /With much more: does it dissolve/ }).textContent,
    ).toMatch(/^excess/);
    expect(await faults()).toEqual([]);
  });
  test('a result is told by its word, and what may not be seen carries its warning', () => {
    table();
    const iron = salt.samples.find((s) => s.ions.includes('Fe2+'))!;
    const row = screen.getByRole('row', { name: new RegExp(`^${iron.key}`) });
    expect(row.textContent).toContain('green');
    expect(within(row).getByLabelText(/iron\(II\) and silver/)).toBeTruthy();
  });
  test('is searched and sorted like any table that is worked in', async () => {
    const { user } = table();
    const head = screen.getByRole('columnheader', { name: /Sample/ });
    await user.click(within(head).getByRole('button'));
    const names = screen.getAllByRole('rowheader').map((h) => h.textContent);
    expect(names).toEqual([...names].sort((a, b) => a!.localeCompare(b!, 'en-GB', { numeric: true })));
  });
});

describe('the groups of a lesson that is being made', () => {
  const groups: readonly DraftGroup[] = [
    { row: 0, column: 0, students: ['ash', 'birch'] },
    { row: 0, column: 1, students: ['clove'] },
  ];
  const names: Record<string, string> = { ash: 'Ash Tern', birch: 'Birch Sole', clove: 'Clove Ling' };
  test('a student is sent to another group from the keyboard; their own is not offered', async () => {
    const change = jest.fn<(groups: DraftGroup[]) => void>();
    const { user } = show(<GroupsDraft groups={groups} nameOf={(id) => names[id]!} change={change} />);
    expect(await faults()).toEqual([]);
    screen.getByRole('button', { name: 'Birch Sole: move to another group' }).focus();
    await user.keyboard('{Enter}');
    expect((await screen.findAllByRole('menuitem')).map((i) => i.textContent)).toEqual(['Group 2']);
    await user.keyboard('gr{Enter}');
    await waitFor(() => expect(change).toHaveBeenCalledTimes(1));
    expect(change.mock.lastCall![0].map((g) => g.students)).toEqual([['ash'], ['clove', 'birch']]);
  });
});
