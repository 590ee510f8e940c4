import { describe, expect, jest, test } from '@jest/globals';
import { act, screen, waitFor } from '@testing-library/react';
import { Link, useLocation } from 'react-router';
import { me } from '../../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../../testing/show.js';
import { ErrorBoundary } from './ErrorBoundary.js';
import { Shell, type PaletteProps } from './Shell.js';

function Palette({ me: who, acts }: PaletteProps) {
  return (
    <>
      <p>Palette of {who.name}</p>
      <button onClick={acts.help}>help</button>
    </>
  );
}
const shell = (server: Parameters<typeof show>[1] = {}) =>
  show(<Shell palette={Palette} />, {
    path: '/lessons',
    route: '/lessons',
    server: { 'GET /api/staff/me': me },
    ...server,
  });
/** As on a phone, where the places are behind one button: the pretend browser has no width. */
const opened = async ({ user }: ReturnType<typeof show>) => {
  await user.click(await screen.findByRole('button', { name: 'Menu' }));
  return (await screen.findAllByRole('menuitem')).map((item) => item.textContent);
};
/** By arrows: letters typed slowly, as on a busy machine, each begin a new search. */
const choose = async ({ user }: ReturnType<typeof show>, name: string) => {
  for (let n = 0; n < 20; n++) {
    if (screen.getByRole('menuitem', { name }).hasAttribute('data-highlighted')) break;
    await user.keyboard('{ArrowDown}');
  }
  await user.keyboard('{Enter}');
};

describe('the frame of every staff page', () => {
  test('says where one can go, and what one can do', async () => {
    expect(await opened(shell())).toEqual([
      ...[
        'Lessons',
        'Results',
        'Practise',
        'Practicals',
        'Syllabuses',
        'Store',
        'Rooms',
        'Classes',
        'School',
      ],
      ...['Theme: Daylight', 'Keyboard shortcuts', 'Sign out'],
    ]);
    expect(await faults()).toEqual([]);
  });
  test('a technician is not shown what is not theirs', async () => {
    const places = await opened(shell({ server: { 'GET /api/staff/me': { ...me, role: 'technician' } } }));
    expect(places).toContain('Store');
    expect(places).not.toContain('Classes');
  });
  test('a place that is chosen is gone to', async () => {
    const shown = shell();
    await opened(shown);
    await choose(shown, 'Store');
    await waitFor(() => expect(shown.at()).toBe('/store'));
  });
  test('whoever is not signed in is sent to sign in, and comes back to the page', async () => {
    const { at } = shell({ server: { 'GET /api/staff/me': new Refusal(401, { detail: 'Sign in.' }) } });
    await waitFor(() => expect(at()).toBe('/sign-in?then=%2Flessons'));
  });
  test('what the address carried comes back too', async () => {
    const { at } = shell({
      path: '/practicals?holds=K%2B+Br-&form=solid',
      route: '/practicals',
      server: { 'GET /api/staff/me': new Refusal(401, { detail: 'Sign in.' }) },
    });
    await waitFor(() => expect(at()).toMatch(/^\/sign-in/));
    expect(new URL(at(), 'http://k').searchParams.get('then')).toBe('/practicals?holds=K%2B+Br-&form=solid');
  });
  test('whoever was given a password is sent to change it first', async () => {
    const { at } = shell({ server: { 'GET /api/staff/me': { ...me, mustChangePassword: true } } });
    await waitFor(() => expect(at()).toBe('/new-password'));
  });
  test('? shows the keys, Ctrl+K the palette, which may have the keys shown', async () => {
    const { user } = shell();
    await screen.findByRole('button', { name: 'Menu' });
    await user.keyboard('?');
    expect(await screen.findByRole('dialog', { name: 'Keyboard' })).toBeTruthy();
    await user.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    await user.keyboard('{Control>}k{/Control}');
    await user.click(await screen.findByRole('button', { name: 'help' }));
    expect(screen.queryByText(/Palette of/)).toBeNull();
    expect(await screen.findByRole('dialog', { name: 'Keyboard' })).toBeTruthy();
  });
  test('signing out is sent, and ends at the door', async () => {
    const shown = shell({ server: { 'GET /api/staff/me': me, 'POST /api/staff/sign-out': null } });
    const { asked, at } = shown;
    await opened(shown);
    await choose(shown, 'Sign out');
    await waitFor(() => expect(at()).toBe('/sign-in'));
    expect(asked.map((a) => a.path)).toContain('/api/staff/sign-out');
  });
});

describe('a server that cannot be reached', () => {
  const after = (seconds: number) => act(() => jest.advanceTimersByTimeAsync(seconds * 1000));
  test('is told, and asked again until it answers; a page that stands stays when it is away later', async () => {
    jest.useFakeTimers();
    try {
      let there = false;
      const { asked } = shell({
        server: {
          'GET /api/staff/me': () => (there ? me : new Refusal(503, { detail: 'Kivex is away just now.' })),
        },
      });
      await after(9);
      expect(screen.getByText('Kivex is away just now.')).toBeTruthy();
      there = true;
      await after(9);
      expect(screen.queryByText('Kivex is away just now.')).toBeNull();
      expect(screen.getByRole('button', { name: 'Menu' })).toBeTruthy();
      const times = asked.length;
      await after(60);
      expect(asked).toHaveLength(times);
      // Asked anew in vain once one is there: the page stays, and it goes on asking.
      there = false;
      await after(300);
      act(() => void window.dispatchEvent(new Event('visibilitychange')));
      await after(9);
      expect(asked.length).toBeGreaterThan(times);
      expect(screen.queryByText('Kivex is away just now.')).toBeNull();
      expect(screen.getByRole('button', { name: 'Menu' })).toBeTruthy();
      expect(screen.getByText(/cannot be reached just now. What is on screen may be old/)).toBeTruthy();
      there = true;
      await after(20);
      expect(screen.queryByText(/What is on screen may be old/)).toBeNull();
    } finally {
      jest.useRealTimers();
    }
  });
});

describe('a page that breaks', () => {
  function Pages() {
    const { pathname } = useLocation();
    return (
      <>
        <Link to="/a">a</Link> <Link to="/b">b</Link>
        <ErrorBoundary>
          <Page at={pathname} />
        </ErrorBoundary>
      </>
    );
  }
  let broken = true;
  function Page({ at }: { readonly at: string }) {
    if (at === '/a' && broken) throw new Error('broken');
    return <p>Page {at}</p>;
  }
  test('is a sentence; another page opens, and the broken one is tried anew on coming back', async () => {
    const loud = console.error;
    console.error = () => undefined;
    try {
      const { user } = show(<Pages />, { path: '/a' });
      expect(screen.getByRole('alert').textContent).toContain('This page could not be shown');
      await user.click(screen.getByRole('link', { name: 'b' }));
      expect(screen.getByText('Page /b')).toBeTruthy();
      await user.click(screen.getByRole('link', { name: 'a' }));
      expect(screen.getByRole('alert')).toBeTruthy();
      broken = false;
      await user.click(screen.getByRole('link', { name: 'b' }));
      await user.click(screen.getByRole('link', { name: 'a' }));
      expect(screen.getByText('Page /a')).toBeTruthy();
    } finally {
      console.error = loud;
    }
  });
});
