import { describe, expect, test } from '@jest/globals';
import type { ExchangePreview } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { Exchange } from './Exchange.js';

const preview: ExchangePreview = {
  problems: [{ file: 'users.csv', line: 5, text: 'This person has no name.' }],
  classes: [
    { name: '10 Beacon', here: true, fresh: ['Ulla Brine'], missing: ['Aino Farrow'] },
    { name: '9 Cove', here: false, fresh: Array.from({ length: 10 }, (_, i) => `S${i}`), missing: [] },
  ],
  differences: [{ student: 'Aino Farrow', lesson: 'Flame colours', lessonId: 'l1', ours: 7, theirs: 8 }],
};
const archive = new File([new Uint8Array([0x50, 0x4b])], 'classes.zip', { type: 'application/zip' });
const open = (server: Record<string, unknown>) => {
  const shown = show(<Exchange />, { server });
  const box = document.querySelector<HTMLInputElement>('input[type=file]')!;
  return { ...shown, send: () => shown.user.upload(box, archive) };
};

describe('classes and results with other programs', () => {
  test('go out as one archive', async () => {
    open({});
    expect(screen.getByRole('link', { name: /Out, as one archive/ }).getAttribute('href')).toBe(
      '/api/exchange.zip',
    );
    expect(await faults()).toEqual([]);
  });
  test('what an archive brings is shown first: new ones, who is missing, lines at fault, results that differ', async () => {
    const { send, user, asked } = open({
      'POST /api/exchange/preview': preview,
      'POST /api/exchange': { classes: 1, students: 11 },
    });
    await send();
    expect(await screen.findByText(/users\.csv, line 5: This person has no name/)).toBeTruthy();
    expect(screen.getByText(/brings Ulla Brine; not in the archive, and staying: Aino Farrow/)).toBeTruthy();
    expect(screen.getByText(/a new class: brings S0, .* and 2 more/)).toBeTruthy();
    expect(screen.getByText(/8 in the archive, 7 as given out/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Flame colours' }).getAttribute('href')).toBe('/lessons/l1/mark');
    expect(asked.map((a) => a.path)).toEqual(['/api/exchange/preview']);
    await user.click(screen.getByRole('button', { name: 'Take them in' }));
    expect(await screen.findByText(/1 new class and 11 new students/)).toBeTruthy();
  });
  test('what brings nothing is said, and a file that cannot be read is told', async () => {
    const { send, unmount } = open({
      'POST /api/exchange/preview': {
        problems: [],
        classes: [{ name: 'x', here: true, fresh: [], missing: [] }],
        differences: [],
      },
    });
    await send();
    expect(await screen.findByText('All of it is here already.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take them in' })).toBeNull();
    unmount();
    const bad = open({ 'POST /api/exchange/preview': new Refusal(422, { detail: 'This is no zip file.' }) });
    await bad.send();
    await waitFor(() => expect(screen.getByText('This is no zip file.')).toBeTruthy());
  });
});
