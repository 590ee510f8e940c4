import { describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import ClassesPage from './ClassesPage.js';
import { OwnSessions } from './OwnSessions.js';
import { RosterImport } from './RosterImport.js';
import { RosterTable } from './RosterTable.js';
import SignInPage from './SignInPage.js';

describe('signing in', () => {
  const page = (server: Record<string, unknown>) =>
    show(<SignInPage />, { path: '/sign-in?then=%2Fstore', route: '/sign-in', server });
  const fill = async ({ user }: ReturnType<typeof show>, password = 'lamp-room-demo') => {
    await user.type(screen.getByRole('textbox', { name: 'E-mail address' }), 'ivo@skerrin.example');
    await user.type(screen.getByLabelText('Password'), password);
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
  };
  test('goes on to where one wanted to be', async () => {
    const shown = page({ 'POST /api/staff/sign-in': null });
    expect(await faults()).toEqual([]);
    await fill(shown);
    await waitFor(() => expect(shown.at()).toBe('/store'));
    expect(shown.asked.at(-1)!.body).toMatchObject({
      email: 'ivo@skerrin.example',
      password: 'lamp-room-demo',
    });
  });
  test('what is wrong is told, and the address stays', async () => {
    const shown = page({
      'POST /api/staff/sign-in': new Refusal(401, { detail: 'Address or password is wrong.' }),
    });
    await fill(shown, 'wrong');
    expect(await screen.findByText('Address or password is wrong.')).toBeTruthy();
    expect((screen.getByRole('textbox', { name: 'E-mail address' }) as HTMLInputElement).value).toBe(
      'ivo@skerrin.example',
    );
  });
  test('a code is asked for only of those who have a second factor, digit by digit', async () => {
    const sent: unknown[] = [];
    const shown = page({
      'POST /api/staff/sign-in': ({ body }: { body: { code?: string } }) => {
        sent.push(body);
        return body.code
          ? null
          : new Refusal(422, {
              detail: 'Enter the code.',
              errors: [{ field: 'code', detail: 'Enter the code of your authenticator.' }],
            });
      },
    });
    expect(screen.queryByText('Code')).toBeNull();
    await fill(shown);
    const first = await screen.findByLabelText('Code: digit 1 of 6');
    first.focus();
    await shown.user.keyboard('123456');
    await shown.user.click(screen.getByRole('button', { name: 'Sign in' }));
    await waitFor(() => expect(shown.at()).toBe('/store'));
    expect(sent.at(-1)).toMatchObject({ code: '123456' });
  });
});

describe('classes', () => {
  test('a new class is made and gone to; Ctrl+Enter sends the form', async () => {
    const shown = show(<ClassesPage />, {
      path: '/classes',
      route: '/classes',
      server: { 'GET /api/classes': [], 'POST /api/classes': { id: 'c9', name: '9 Lamp', students: 0 } },
    });
    await shown.user.type(
      await screen.findByRole('textbox', { name: 'Name of the class' }),
      '9 Lamp{Control>}{Enter}{/Control}',
    );
    await waitFor(() => expect(shown.at()).toBe('/classes/c9'));
    expect(shown.asked.filter((a) => a.method === 'POST')).toHaveLength(1);
  });
  test('a list that cannot be fetched is a sentence with a way to try again', async () => {
    let away = true;
    const { user } = show(<ClassesPage />, {
      server: {
        'GET /api/classes': () =>
          away
            ? new Refusal(503, { detail: 'The database does not answer.' })
            : [{ id: 'c', name: '9 Lamp', students: 4 }],
      },
    });
    expect((await screen.findByRole('alert')).textContent).toContain('The database does not answer.');
    away = false;
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('9 Lamp')).toBeTruthy();
  });
});

describe('the names of a class', () => {
  test('lines that cannot be taken are told and stay; the others go in', async () => {
    const { user, asked } = show(<RosterImport classId="c" />, {
      server: {
        'POST /api/classes/c/roster/preview': {
          rows: [
            { line: 1, name: 'Ash Tern' },
            { line: 2, name: 'ash tern', problem: 'Already in the class' },
          ],
        },
        'POST /api/classes/c/roster': {},
      },
    });
    await user.type(
      screen.getByRole('textbox', { name: /Paste one name a line/ }),
      'Ash Tern{Enter}ash tern',
    );
    expect(await screen.findByText('Already in the class')).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Add 1 student' }));
    expect(await screen.findByText(/1 added/)).toBeTruthy();
    expect((screen.getByRole('textbox') as HTMLTextAreaElement).value).toBe('ash tern');
    expect(asked.find((a) => a.path === '/api/classes/c/roster')!.body).toEqual({ text: 'Name\n"Ash Tern"' });
  });
  test('each is searched, sorted by PIN, and acted on by name', async () => {
    const takeOut = jest.fn();
    const newPin = jest.fn();
    const { user } = show(
      <RosterTable
        students={[
          { id: 'a', name: 'Ash Tern', hasPin: true, shutOut: false },
          { id: 'b', name: 'Birch Sole', hasPin: false, shutOut: false },
          { id: 'c', name: 'Clove Ling', hasPin: true, shutOut: true },
        ]}
        unlock={() => undefined}
        newPin={newPin}
        takeOut={takeOut}
      />,
    );
    expect(screen.getByRole('row', { name: /Birch Sole/ }).textContent).toContain('no PIN yet');
    expect(screen.getByRole('button', { name: 'Let Clove Ling try again' })).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'New PIN for Birch Sole' }));
    expect(newPin).toHaveBeenCalledWith('b');
    await user.click(screen.getByRole('button', { name: 'Take Ash Tern out of the class' }));
    expect(takeOut).toHaveBeenCalledWith(expect.objectContaining({ id: 'a' }));
  });
});

describe('where one is signed in', () => {
  const session = (id: string, here: boolean) => ({
    id,
    device: here ? 'Firefox on Linux' : 'Chrome on a tablet',
    since: '2026-11-26T08:00:00.000Z',
    until: '2026-11-26T20:00:00.000Z',
    here,
  });
  test('one elsewhere is ended by itself, all others at once; the one in hand by neither', async () => {
    let list = [session('s1', true), session('s2', false), session('s3', false)];
    const { user, asked } = show(<OwnSessions />, {
      server: {
        'GET /api/staff/sessions': () => list,
        'DELETE /api/staff/sessions/s2': () => {
          list = list.filter((s) => s.id !== 's2');
          return null;
        },
        'DELETE /api/staff/sessions': () => {
          list = list.filter((s) => s.here);
          return null;
        },
      },
    });
    const ends = await screen.findAllByRole('button', { name: 'End it' });
    expect(ends).toHaveLength(2);
    expect(await faults()).toEqual([]);
    await user.click(ends[0]!);
    await waitFor(() => expect(screen.getAllByRole('button', { name: 'End it' })).toHaveLength(1));
    await user.click(screen.getByRole('button', { name: 'Sign out everywhere else' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: /End it|everywhere/ })).toBeNull());
    expect(asked.filter((a) => a.method === 'DELETE').map((a) => a.path)).toEqual([
      '/api/staff/sessions/s2',
      '/api/staff/sessions',
    ]);
  });
  test('what fails is told, and the session stays in the list', async () => {
    const { user } = show(<OwnSessions />, {
      server: {
        'GET /api/staff/sessions': [session('s1', true), session('s2', false)],
        'DELETE /api/staff/sessions/s2': new Refusal(503, { detail: 'The database does not answer.' }),
      },
    });
    await user.click(await screen.findByRole('button', { name: 'End it' }));
    expect(await screen.findByText('The database does not answer.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'End it' })).toBeTruthy();
  });
});
