import { describe, expect, jest, test } from '@jest/globals';
import type { BoardLog, WireEvent } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { useBoardLogIsThere } from '../lessons/lesson-queries.js';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { faults, show } from '../testing/show.js';
import { rememberedStatuses } from './bench-status.js';
import { BoardContext, type Board } from './board.js';
import { BoardBenches } from './BoardBenches.js';
import { BoardPanel } from './BoardPanel.js';
import { takeEvents } from './late-events.js';

const lesson = lessonOf(salt, { state: 'running' });
const [group] = lesson.groupList;
const jar = lesson.samples.find((s) => s.id === group!.unknowns[0])!;
const now = Date.parse(lesson.startedAt!) + 30 * 60_000;
const logged: WireEvent = {
  id: 'e1',
  seq: 1,
  group: group!.id,
  by: 'ash',
  at: new Date(now - 60_000).toISOString(),
  body: { type: 'observation', sample: jar.id, test: 'flame', variant: 'wire', seen: { colour: 'lilac' } },
};
const empty: BoardLog = { events: [], unreadable: [] };
const server = {
  [`GET /api/lessons/${lesson.id}/board`]: empty,
  [`GET /api/lessons/${lesson.id}/held`]: [],
  [`GET /api/lessons/${lesson.id}/incidents`]: [],
  [`GET /api/lessons/${lesson.id}/kept`]: [],
};

/** The parts of a board once its log has come, with a button for an entry that comes over the wire. */
function Parts({ drawn }: { readonly drawn: () => void }) {
  const cache = useQueryClient();
  const log = useBoardLogIsThere(lesson.id);
  const [board] = useState<Board>(() => ({
    lesson,
    now,
    live: true,
    devices: {},
    statuses: rememberedStatuses(),
    refetch: () => undefined,
    acts: { answer: () => undefined, dismiss: () => undefined, signOff: () => undefined } as never,
    move: { isPending: false, error: null } as never,
    problem: undefined,
    failed: () => undefined,
  }));
  drawn();
  return (
    <>
      <button onClick={() => takeEvents(cache, lesson.id).event(logged)}>an entry comes</button>
      {log.data && (
        <BoardContext value={board}>
          <BoardBenches />
          <BoardPanel />
        </BoardContext>
      )}
    </>
  );
}

describe('the parts of the board', () => {
  test('follow an entry of the wire, and what lies around them is not drawn anew', async () => {
    const drawn = jest.fn<() => void>();
    const { user } = show(<Parts drawn={drawn} />, { server });
    const well = (said: string) => screen.findByRole('img', { name: `${jar.label}, Flame test: ${said}` });
    expect(await well('nothing yet')).toBeTruthy();
    const before = drawn.mock.calls.length;
    await user.click(screen.getByRole('button', { name: 'an entry comes' }));
    expect(await well('lilac')).toBeTruthy();
    expect(screen.getByText(/^1\/\d+ logged, 1 min ago$/)).toBeTruthy();
    expect(drawn.mock.calls.length).toBe(before);
    expect(await faults()).toEqual([]);
  });
  test('stand nowhere but on a board', () => {
    const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    expect(() => show(<BoardPanel />)).toThrow(/outside/);
    quiet.mockRestore();
  });
});

test('benches are worked out once for all who ask, and anew when something has come', () => {
  const statuses = rememberedStatuses();
  const log = [logged];
  const first = statuses(lesson, log, now);
  expect(statuses(lesson, log, now)).toBe(first);
  for (const other of [
    statuses(lesson, [...log], now),
    statuses(lesson, log, now + 60_000),
    statuses({ ...lesson }, log, now),
  ])
    expect(other).not.toBe(first);
});
