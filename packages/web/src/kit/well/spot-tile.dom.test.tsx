import { describe, expect, test } from '@jest/globals';
import type { ObservationEntry, TileCell, TileRow } from '@kivex/core';
import { render, screen, within } from '@testing-library/react';
import { ChakraProvider } from '@chakra-ui/react';
import { staffSystem } from '../theme/staff-system.js';
import { SpotTile } from './SpotTile.js';

const samples = [
  { id: 'jar-1', label: 'Jar 417', role: 'unknown' },
  { id: 'jar-2', label: 'Jar 23', role: 'known' },
];
const entry = (id: string, colour: string): ObservationEntry =>
  ({
    id,
    group: 'g',
    by: 'a',
    at: '2026-11-27T09:00:00.000Z',
    body: { type: 'observation', sample: 'jar-1', test: 'flame', variant: 'wire', seen: { colour } },
  }) as ObservationEntry;
const cell = (sample: string, part: Partial<TileCell> = {}): TileCell => ({
  sample,
  test: 'flame',
  state: 'empty',
  entries: [],
  entry: undefined,
  ...part,
});
const row = (sample: string, part: Partial<TileCell> = {}): TileRow => ({
  sample,
  cells: [cell(sample, part)],
});
const tile = (rows: readonly TileRow[], now: readonly string[] = []) => (
  <ChakraProvider value={staffSystem}>
    <SpotTile
      name="Tile"
      rows={rows}
      samples={samples}
      tests={['flame']}
      size={20}
      heads="numbers"
      now={now}
    />
  </ChakraProvider>
);
const first = entry('e1', 'crimson');

describe('a tile that is drawn again', () => {
  test('shows what has come: an entry, a second one that differs, a state, and nothing of the other jar', () => {
    const { rerender } = render(tile([row('jar-1'), row('jar-2')]));
    const said = () =>
      within(screen.getByRole('table'))
        .getAllByRole('img')
        .map((w) => w.getAttribute('aria-label'));
    expect(said()[0]).toMatch(/Jar 417, Flame.*: nothing yet/);
    const logged = { state: 'logged', entries: [first], entry: first } as const;
    rerender(tile([row('jar-1', logged), row('jar-2')]));
    expect(said()[0]).toMatch(/crimson/);
    const second = entry('e2', 'lilac');
    rerender(
      tile([row('jar-1', { state: 'differs', entries: [first, second], entry: second }), row('jar-2')]),
    );
    expect(said()[0]).toMatch(/lilac.*entries differ, 2 times/);
    rerender(tile([row('jar-1', { ...logged, state: 'doubtful' }), row('jar-2')]));
    expect(said()[0]).toMatch(/crimson, not sure$/);
    // Corrected: another entry stands in its place, as many as before.
    const corrected = entry('e3', 'red');
    rerender(tile([row('jar-1', { ...logged, entries: [corrected], entry: corrected }), row('jar-2')]));
    expect(said()[0]).toMatch(/: red/);
    expect(said()[1]).toMatch(/Jar 23, Flame.*: nothing yet/);
  });
  test('follows the rota', () => {
    const { rerender } = render(tile([row('jar-1')]));
    const weight = () => getComputedStyle(screen.getByRole('columnheader', { name: /Flame/ })).fontWeight;
    const before = weight();
    rerender(tile([row('jar-1')], ['flame']));
    expect(weight()).not.toBe(before);
  });
});
