import { describe, expect, test } from '@jest/globals';
import type { HeldEntry } from '@kivex/contract';
import { shippedPracticals } from '@kivex/core';
import { screen, waitFor } from '@testing-library/react';
import { lessonOf } from '../testing/lesson-fixture.js';
import { faults, Refusal, show } from '../testing/show.js';
import { HeldNotice } from './HeldNotice.js';

const lesson = lessonOf(shippedPracticals[0]!);
const entry = (id: string): HeldEntry => ({
  id,
  group: 'g1',
  student: 'ash',
  name: 'Ash Tern',
  broughtBy: null,
  reason: 'came-late',
  at: '2026-11-26T10:00:00.000Z',
  receivedAt: '2026-11-26T10:30:00.000Z',
  body: {
    type: 'observation',
    sample: lesson.samples[0]!.id,
    test: 'flame',
    variant: 'wire',
    seen: { colour: 'lilac' },
  },
});
const notice = (server: Record<string, unknown>, canBeTaken = true) =>
  show(<HeldNotice lesson={lesson} />, {
    server: {
      'GET /api/lessons/lesson/held': { entries: [entry('e1'), entry('e2')], count: 2, canBeTaken },
      ...server,
    },
  });

describe('entries kept apart', () => {
  test.each([
    ['Take in', 'take'],
    ['Leave out', 'leave-out'],
  ])('%s decides on all of one student’s at once', async (button, way) => {
    const { user, asked } = notice({ [`POST /api/lessons/lesson/held/${way}`]: { decided: 2 } });
    await user.click(await screen.findByRole('button', { name: button }));
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'POST')).toEqual([
        { method: 'POST', path: `/api/lessons/lesson/held/${way}`, body: { ids: ['e1', 'e2'] } },
      ]),
    );
    expect(await faults()).toEqual([]);
  });
  test('cannot be taken in once marks were given out', async () => {
    notice({}, false);
    expect(await screen.findByRole('button', { name: 'Leave out' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take in' })).toBeNull();
  });
  test('stay, with the reason, where the decision fails', async () => {
    const { user } = notice({
      'POST /api/lessons/lesson/held/take': new Refusal(409, { detail: 'Marks were given out meanwhile.' }),
    });
    await user.click(await screen.findByRole('button', { name: 'Take in' }));
    expect(await screen.findByText('Marks were given out meanwhile.')).toBeTruthy();
    expect(screen.getByText('Ash Tern')).toBeTruthy();
  });
});
