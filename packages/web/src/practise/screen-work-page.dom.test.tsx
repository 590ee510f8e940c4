import { beforeEach, describe, expect, test } from '@jest/globals';
import type { OwnScreenWork, ScreenRun } from '@kivex/contract';
import { screenUnknown } from '@kivex/core';
import { act, screen, waitFor } from '@testing-library/react';
import { faults, Refusal, show } from '../testing/show.js';
import { useScreenBench } from './screen-bench.js';
import ScreenWorkPage from './ScreenWorkPage.js';

const own: OwnScreenWork = {
  work: { kind: 'pre-lab', asks: 'cation', seed: 417, syllabus: 'core' },
  ownSyllabus: null,
  state: 'none',
  first: true,
};
beforeEach(() => useScreenBench.setState({ exercise: undefined, over: false }));
const named = async () =>
  act(async () => {
    const { act: does, log, finish } = useScreenBench.getState();
    does({ do: 'take', into: 'tube 1' });
    await log({ type: 'naming', sample: screenUnknown, answer: 'copper', evidence: [] });
    finish();
  });

describe('work on screen that was set', () => {
  test('is sent in as what was done and logged, once, when it is looked back on; passed, the bench is open', async () => {
    const { user, asked } = show(<ScreenWorkPage />, {
      server: {
        'GET /api/bench/screen-work': own,
        'POST /api/bench/screen-work': { passed: true, points: 1, max: 1 },
      },
    });
    await user.click(await screen.findByRole('button', { name: 'To the bench on screen' }));
    expect(useScreenBench.getState().exercise!.seed).toBe(417);
    await named();
    expect(await screen.findByText('Passed; your teacher sees it.')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'To my bench' })).toBeTruthy();
    const sent = asked.filter((a) => a.method === 'POST');
    expect(sent).toHaveLength(1);
    const { actions, entries } = sent[0]!.body as ScreenRun;
    expect(actions).toEqual([{ do: 'take', into: 'tube 1' }]);
    expect(entries.map((e) => Object.keys(e).sort())).toEqual([['at', 'body', 'id']]);
    expect(await faults()).toEqual([]);
  });
  test('not passed, it is begun anew; not sent, it stays and is sent again', async () => {
    let away = true;
    const { user } = show(<ScreenWorkPage />, {
      server: {
        'GET /api/bench/screen-work': own,
        'POST /api/bench/screen-work': () =>
          away ? new Refusal(503, { detail: 'The server is away.' }) : { passed: false, points: 0, max: 1 },
      },
    });
    await user.click(await screen.findByRole('button', { name: 'To the bench on screen' }));
    await named();
    expect(await screen.findByText(/It could not be sent: The server is away/)).toBeTruthy();
    away = false;
    await user.click(screen.getByRole('button', { name: 'Send it again' }));
    expect(await screen.findByText(/Not passed: the name is not what it holds/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Another unknown' }));
    await waitFor(() => expect(useScreenBench.getState().over).toBe(false));
    expect(screen.queryByText(/Not passed/)).toBeNull();
  });
  test('without work there is a sentence, and a way back', async () => {
    show(<ScreenWorkPage />, {
      server: { 'GET /api/bench/screen-work': { ...own, work: null, first: false } },
    });
    expect(await screen.findByText(/has set nothing on screen/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Back to my bench' })).toBeTruthy();
  });
});
