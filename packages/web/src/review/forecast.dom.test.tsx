import { describe, expect, test } from '@jest/globals';
import type { LessonReview } from '@kivex/contract';
import { screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { compared, paceWords, rateWords, shownRate } from './forecast-facts.js';
import { Forecast } from './ForecastPart.js';

const rated = (factor: number, right: number) => ({
  factor,
  right,
  repeats: 1.25 * factor,
  halfThrough_min: 41.6,
});
const foretold = [rated(0.5, 0.9), rated(1, 0.8), rated(2, 0.6), rated(4, 0.3)];
const outcome: LessonReview['outcome'] = {
  names: { right: 12, n: 20 },
  repeats: 2.5,
  halfThrough_min: 60,
  timed: 10,
};

describe('a forecast beside what happened', () => {
  test('is laid out at the usual slips', () => {
    expect(compared(outcome, foretold)).toEqual([
      { what: 'Unknowns named rightly', foretold: '80 %', happened: '60 % (12 of 20)' },
      { what: 'Half the groups through after', foretold: '42 min', happened: '60 min' },
      { what: 'Looks a group made again', foretold: '1.3', happened: '2.5' },
    ]);
    const nothing = { names: { right: 0, n: 0 }, repeats: null, halfThrough_min: null, timed: 0 };
    expect(compared(nothing, foretold).map((row) => row.happened)).toEqual([
      'none named',
      'not known',
      'not known',
    ]);
  });
  test('shows a rate of slips, of names enough', () => {
    expect(shownRate(outcome, foretold, 5)).toEqual({
      factor: 2,
      names: 20,
      pace: { factor: 1.5, groups: 10 },
    });
    expect(shownRate({ ...outcome, halfThrough_min: null }, foretold, 5)).toEqual({ factor: 2, names: 20 });
    expect([paceWords({ factor: 1.01 }), paceWords({ factor: 1.5 })]).toEqual([
      'in the minutes planned',
      'in 1.5 times the minutes planned',
    ]);
    expect(shownRate({ ...outcome, names: { right: 3, n: 7 } }, foretold, 5)).toBeUndefined();
    expect([rateWords(1.02), rateWords(2)]).toEqual(['the usual rate of slips', '2.0 times the usual slips']);
  });
});

describe('the teacher’s word on it', () => {
  const path = '/api/lessons/l1/review/slips';
  const school = { factor: 1.2, names: 20, lessons: 1, pace: 1.1, groups: 10 };
  const drawn = (part: Partial<LessonReview>, server: Record<string, unknown> = {}) =>
    show(
      <Forecast
        lesson="l1"
        setUp={5}
        review={{ outcome, agreed: null, open: 0, ...part }}
        foretold={foretold}
      />,
      {
        server,
      },
    );
  test('lets it count for the school', async () => {
    const { user, asked } = drawn({}, { [`PUT ${path}`]: school });
    expect(
      screen.getByText(/At 2\.0 times the usual slips the rehearsal foretells this many right names/),
    ).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Let it count' }));
    await waitFor(() =>
      expect(asked).toMatchObject([
        { method: 'PUT', path, body: { factor: 2, names: 20, pace: { factor: 1.5, groups: 10 } } },
      ]),
    );
    expect(await faults()).toEqual([]);
  });
  test('takes it back', async () => {
    const { user, asked } = drawn(
      { agreed: { factor: 2, names: 20, pace: { factor: 1.5, groups: 10 } } },
      { [`DELETE ${path}`]: school },
    );
    expect(
      screen.getByText('It counts, at 2.0 times the usual slips, in 1.5 times the minutes planned.'),
    ).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Count it as it is now' }).disabled).toBe(
      true,
    );
    await user.click(screen.getByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(asked).toMatchObject([{ method: 'DELETE', path }]));
  });
  test('says where the lesson is too small to say, and where answers are open', () => {
    const { unmount } = drawn({ outcome: { ...outcome, names: { right: 1, n: 2 } } });
    expect(screen.getByText(/Of fewer than 8 names nothing can be said .* 2 were marked/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Let it count' })).toBeNull();
    unmount();
    drawn({ open: 3 });
    expect(screen.getByText(/Some answers still want a person/)).toBeTruthy();
  });
  test('is told when it could not be kept', async () => {
    const { user } = drawn(
      {},
      { [`PUT ${path}`]: new Refusal(503, { detail: 'Kivex cannot keep this just now.' }) },
    );
    await user.click(screen.getByRole('button', { name: 'Let it count' }));
    expect(await screen.findByText('Kivex cannot keep this just now.')).toBeTruthy();
  });
});
