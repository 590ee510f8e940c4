import { describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { enter, faults, Refusal, show } from '../testing/show.js';
import JoinPage from './JoinPage.js';

const names = {
  lesson: 'l1',
  title: 'Flames',
  open: true,
  names: [
    { id: 's1', name: 'Ash Tern' },
    { id: 's2', name: 'Birch Sole' },
  ],
};
const page = (server: object = {}) =>
  show(<JoinPage />, {
    path: '/',
    route: '/',
    server: { 'GET /api/first-school': { empty: false }, 'POST /api/join/names': names, ...server },
  });
const toNames = async (user: ReturnType<typeof page>['user'], code = '123 456') => {
  await user.type(screen.getByLabelText('Lesson code'), code);
  await user.click(screen.getByRole('button', { name: 'Next' }));
};

describe('the front door', () => {
  test('a code with spaces is a code; names come only after it', async () => {
    const { user, asked } = page();
    expect(screen.queryByText('Ash Tern')).toBeNull();
    expect(await faults()).toEqual([]);
    await toNames(user);
    expect(await screen.findByRole('option', { name: 'Ash Tern' })).toBeTruthy();
    expect(asked.find((a) => a.path === '/api/join/names')!.body).toEqual({ code: '123456' });
    expect(await faults()).toEqual([]);
  });
  test('a code nobody has is told at its field, and stays to be mended', async () => {
    const { user } = page({
      'POST /api/join/names': new Refusal(404, {
        detail: 'No lesson has this code.',
        errors: [{ field: 'code', detail: 'No lesson has this code. Look at the board again.' }],
      }),
    });
    await toNames(user);
    const code = screen.getByLabelText('Lesson code');
    await waitFor(() => expect(code.getAttribute('aria-invalid')).toBe('true'));
    expect(screen.getByText('No lesson has this code. Look at the board again.')).toBeTruthy();
    expect(code).toHaveProperty('value', '123 456');
  });
  test('a wrong PIN is told at the PIN, with the name still chosen', async () => {
    const { user, asked } = page({
      'POST /api/join': new Refusal(422, {
        detail: 'That is not it.',
        errors: [{ field: 'pin', detail: 'This is not the PIN of that name.' }],
      }),
    });
    await toNames(user);
    await user.selectOptions(await screen.findByLabelText('Who are you?'), 's2');
    await enter(screen.getByLabelText('Your PIN'), '1357');
    await user.click(screen.getByRole('button', { name: 'Join' }));
    expect(await screen.findByText('This is not the PIN of that name.')).toBeTruthy();
    expect(asked.find((a) => a.path === '/api/join')!.body).toMatchObject({ code: '123456', student: 's2' });
    expect(screen.getByLabelText('Who are you?')).toHaveProperty('value', 's2');
  });
  test('after the end a lesson tells no names: one types one’s own', async () => {
    const { user, asked } = page({
      'POST /api/join/names': { ...names, open: false, names: [] },
      'POST /api/join': new Refusal(503, { detail: 'Kivex is restarting.' }),
    });
    await toNames(user);
    expect(await screen.findByText(/This lesson has ended/)).toBeTruthy();
    await user.type(screen.getByLabelText('Your name'), 'Ash Tern');
    await user.click(screen.getByRole('button', { name: 'Join' }));
    expect(await screen.findByText('Kivex is restarting.')).toBeTruthy();
    const sent = asked.find((a) => a.path === '/api/join')!.body as object;
    expect(sent).toMatchObject({ name: 'Ash Tern' });
    expect(sent).not.toHaveProperty('student');
  });
  test('back, and another code may be entered', async () => {
    const { user } = page();
    await toNames(user);
    await user.click(await screen.findByRole('button', { name: 'Back' }));
    expect(screen.getByLabelText('Lesson code')).toBeTruthy();
  });
  test('before there is a school, one is led to make it', async () => {
    const { at } = page({ 'GET /api/first-school': { empty: true } });
    await waitFor(() => expect(at()).toBe('/first-school'));
  });
});
