import { describe, expect, test } from '@jest/globals';
import type { StoreItem } from '@kivex/core';
import { screen, waitFor, within } from '@testing-library/react';
import { enter, faults, Refusal, show } from '../testing/show.js';
import StorePage from './StorePage.js';
import { StoreSheets } from './StoreSheets.js';

const item = (part: Partial<StoreItem>): StoreItem => ({
  id: 'i1',
  name: 'Copper(II) sulfate',
  formula: 'CuSO4.5H2O',
  form: 'solid',
  molarity: null,
  percent: null,
  density: null,
  unit: 'g',
  place: 'bay 1',
  lowBelow: 10,
  batches: [{ id: 'b1', code: 'CS-1', amount: 120, opened: null, expires: '2031-12-20' }],
  ...part,
});
const store = (items: readonly StoreItem[]) => ({ items, moves: [] });
const page = (server: Record<string, unknown> = {}) =>
  show(<StorePage />, {
    path: '/store',
    server: {
      'GET /api/store': store([
        item({}),
        item({ id: 'i2', name: 'Silver nitrate', formula: 'AgNO3', place: 'safe', batches: [] }),
      ]),
      ...server,
    },
  });
const row = (name: RegExp) => screen.getByRole('row', { name });

describe('the store', () => {
  test('formulas are set as formulas, days as people read them', async () => {
    page();
    await screen.findByText('Silver nitrate');
    expect([...row(/Copper/).querySelectorAll('sub')].map((s) => s.textContent)).toEqual(['4', '2']);
    expect(row(/Copper/).textContent).toContain('CuSO4·5H2O');
    expect(row(/Copper/).textContent).toMatch(/until Sat.* 20 Dec 2031/);
    expect(row(/Silver/).textContent).toContain('none counted');
    expect(await faults()).toEqual([]);
  });
  test('is searched by name, formula and place', async () => {
    const { user } = page();
    await user.type(await screen.findByRole('searchbox', { name: 'Find in the store' }), 'agno safe');
    expect(screen.getAllByRole('row')).toHaveLength(2);
    expect(row(/Silver nitrate/)).toBeTruthy();
  });
  test('a batch is entered in a dialog; what is wrong is told at its field and nothing is lost', async () => {
    let refuse = true;
    const { user, asked } = page({
      'POST /api/store/items/i2/batches': () =>
        refuse
          ? new Refusal(422, {
              detail: 'Check it.',
              errors: [{ field: 'code', detail: 'This mark is taken; choose another.' }],
            })
          : {},
    });
    await user.click(await screen.findByRole('button', { name: 'New batch of Silver nitrate' }));
    const dialog = await screen.findByRole('dialog', { name: 'New batch: Silver nitrate' });
    await user.type(within(dialog).getByRole('textbox', { name: 'Batch mark' }), 'SN-1');
    const amount = within(dialog).getByRole('spinbutton', { name: 'Amount, g' });
    await enter(amount, '25');
    await user.click(within(dialog).getByRole('button', { name: 'Enter the batch' }));
    expect((await within(dialog).findByRole('alert')).textContent).toBe(
      'This mark is taken; choose another.',
    );
    expect((within(dialog).getByRole('textbox', { name: 'Batch mark' }) as HTMLInputElement).value).toBe(
      'SN-1',
    );
    refuse = false;
    await user.click(within(dialog).getByRole('button', { name: 'Enter the batch' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(asked.filter((a) => a.method === 'POST').at(-1)!.body).toEqual({
      code: 'SN-1',
      amount: 25,
      opened: null,
      expires: null,
    });
  });
  test('an item is changed as a whole; its form chooses how it is counted', async () => {
    const { user, asked } = page({ 'PUT /api/store/items/i1': {} });
    await user.click(await screen.findByRole('button', { name: 'Edit Copper(II) sulfate' }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Form' }), 'solution');
    const strength = await screen.findByRole('spinbutton', { name: 'mol/dm³' });
    await enter(strength, '0.5');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(asked.some((a) => a.method === 'PUT')).toBe(true));
    expect(asked.find((a) => a.method === 'PUT')!.body).toEqual({
      name: 'Copper(II) sulfate',
      formula: 'CuSO4.5H2O',
      form: 'solution',
      molarity: 0.5,
      percent: null,
      density: null,
      unit: 'mL',
      place: 'bay 1',
      lowBelow: 10,
    });
  });
  test('a batch that was thrown out goes with its whole amount', async () => {
    const { user, asked } = page({ 'POST /api/store/batches/b1/moves': {} });
    await user.click(
      await screen.findByRole('button', { name: 'Throw batch CS-1 of Copper(II) sulfate out' }),
    );
    await waitFor(() => expect(asked.some((a) => a.method === 'POST')).toBe(true));
    expect(asked.find((a) => a.method === 'POST')!.body).toEqual({ amount: -120, reason: 'thrown out' });
  });
});

describe('a sheet of the store', () => {
  const sheet = new File(['Name\nSplints'], 'store.csv', { type: 'text/csv' });
  const choose = async (server: Record<string, unknown>) => {
    const shown = show(<StoreSheets />, { server });
    await shown.user.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, sheet);
    return shown;
  };
  test('is shown before it is brought in: what would come, and what is wrong with the rest', async () => {
    const { user, asked } = await choose({
      'POST /api/store/sheet/preview': {
        problem: null,
        rows: [
          { line: 2, text: 'Splints', problem: null },
          { line: 3, text: '', problem: 'Write what it is.' },
        ],
      },
      'POST /api/store/sheet': { items: 1, batches: 0 },
    });
    await user.click(await screen.findByRole('button', { name: 'Bring 1 row in' }));
    expect(await screen.findByText(/1 new kinds of thing and 0 new batches/)).toBeTruthy();
    expect(asked.map((a) => a.path)).toEqual(['/api/store/sheet/preview', '/api/store/sheet']);
  });
  test('that cannot be read is told, and nothing is offered to be brought in', async () => {
    await choose({ 'POST /api/store/sheet/preview': new Refusal(422, { detail: 'This is no sheet.' }) });
    expect(await screen.findByText('This is no sheet.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Bring/ })).toBeNull();
  });
});
