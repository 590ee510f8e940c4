import { describe, expect, test } from '@jest/globals';
import type { Certificate, ClassRoster } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { Retention } from './Certificates.js';
import { Rights } from './Rights.js';

const roster: ClassRoster = {
  id: 'c1',
  name: '10 Beacon',
  students: [{ id: 's1', name: 'Aino Farrow', hasPin: true, shutOut: false }],
};
const certificate: Certificate = {
  id: 'e1',
  way: 'nameless',
  className: '10 Beacon',
  by: 'Hesper Vyne',
  at: '2026-11-26T10:00:00.000Z',
  went: { names: 20, pictures: 3 },
};
const path = '/api/classes/c1/erase';

describe('the data of a class', () => {
  test('all that is held of a student comes out as one archive', async () => {
    const { user } = show(<Rights roster={roster} head={false} />);
    await user.selectOptions(screen.getByRole('combobox', { name: 'All that is held of' }), 'Aino Farrow');
    expect(screen.getByRole('link', { name: /One archive/ }).getAttribute('href')).toBe(
      '/api/students/s1/archive',
    );
    // Making names go is the head's.
    expect(screen.queryByText(/Make names go/)).toBeNull();
    expect(await faults()).toEqual([]);
  });
  test('names go once the class is typed, and a certificate says what went', async () => {
    const { user, asked } = show(<Rights roster={roster} head />, {
      server: { [`POST ${path}`]: certificate },
    });
    await user.click(screen.getByText('Make names go, or everything'));
    expect(screen.getByText(/Entries, words and marks stay under numbers/)).toBeTruthy();
    await user.type(screen.getByRole('textbox', { name: /Type 10 Beacon to be sure/ }), '10 Beacon');
    await user.click(screen.getByRole('button', { name: 'Make the class nameless' }));
    expect(await screen.findByText(/Went: 20 names, 3 pictures/)).toBeTruthy();
    expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ way: 'nameless', name: '10 Beacon' });
    expect(await faults()).toEqual([]);
  });
  test('a refusal is told at the box, and says what else to do', async () => {
    const { user } = show(<Rights roster={roster} head />, {
      server: { [`POST ${path}`]: new Refusal(409, { detail: 'Such records have to be kept for years.' }) },
    });
    await user.click(screen.getByText('Make names go, or everything'));
    await user.click(screen.getByText('Everything goes'));
    await user.click(await screen.findByRole('button', { name: 'Make everything go' }));
    expect(await screen.findByText('Such records have to be kept for years.')).toBeTruthy();
  });
});

describe('how long names are kept', () => {
  const held = {
    months: 12,
    due: [{ id: 'c9', name: '9 Cove', lastLesson: '2024-06-01T09:00:00.000Z' }],
    certificates: [certificate],
  };
  test('is set by the head; classes whose time is over are named with where to go', async () => {
    const { user, asked } = show(<Retention head />, {
      server: { 'GET /api/school/retention': held, 'PUT /api/school/retention': null },
    });
    const choice = await screen.findByRole('combobox', { name: /After a class/ });
    expect((choice as HTMLSelectElement).value).toBe('12');
    expect(screen.getByRole('link', { name: '9 Cove' }).getAttribute('href')).toBe('/classes/c9');
    expect(await faults()).toEqual([]);
    await user.selectOptions(choice, '24 months');
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ months: 24 }));
    await user.selectOptions(choice, 'without a limit');
    await waitFor(() => expect(asked.findLast((a) => a.method === 'PUT')?.body).toEqual({ months: null }));
  });
  test('a teacher sees it, and sets nothing', async () => {
    show(<Retention head={false} />, { server: { 'GET /api/school/retention': held } });
    const choice = await screen.findByRole('combobox', { name: /After a class/ });
    expect((choice as HTMLSelectElement).disabled).toBe(true);
  });
});
