import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import type { BoardLog, WireEvent } from '@kivex/contract';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { takeEvents } from './late-events.js';

const event = (id: string, seq: number): WireEvent => ({
  id,
  seq,
  group: 'g1',
  by: 'ash',
  at: '2026-11-25T10:00:00.000Z',
  body: { type: 'hand-in' },
});
const log = (...events: WireEvent[]): BoardLog => ({ events, unreadable: [] }) as unknown as BoardLog;

describe('what comes over the wire', () => {
  let cache: QueryClient;
  let answers: ((log: BoardLog) => void)[];
  let stop: () => void;
  const ids = () => cache.getQueryData<BoardLog>(['events', 'l'])?.events.map((e) => e.id);
  beforeEach(async () => {
    cache = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    answers = [];
    stop = new QueryObserver(cache, {
      queryKey: ['events', 'l'],
      queryFn: () => new Promise<BoardLog>((done) => answers.push(done)),
    }).subscribe(() => undefined);
  });
  afterEach(() => {
    stop();
    cache.clear();
  });
  const soon = () => new Promise((go) => setTimeout(go, 5));
  test('stands in the log at once', async () => {
    answers[0]!(log(event('a', 1)));
    await soon();
    const take = takeEvents(cache, 'l');
    take.event(event('b', 2));
    expect(ids()).toEqual(['a', 'b']);
    take.end();
  });
  test('is not lost to an answer that was on its way before it', async () => {
    answers[0]!(log(event('a', 1)));
    await soon();
    const take = takeEvents(cache, 'l');
    void cache.invalidateQueries({ queryKey: ['events', 'l'] });
    await soon();
    take.event(event('b', 2));
    expect(ids()).toEqual(['a', 'b']);
    answers[1]!(log(event('a', 1)));
    await soon();
    expect(ids()).toEqual(['a', 'b']);
    // Once asked for anew, what the server says counts.
    void cache.invalidateQueries({ queryKey: ['events', 'l'] });
    await soon();
    answers[2]!(log(event('a', 1)));
    await soon();
    expect(ids()).toEqual(['a']);
    take.end();
  });
  test('before the first answer is put in when that comes; another lesson’s answer is none of it', async () => {
    const take = takeEvents(cache, 'l');
    take.event(event('b', 2));
    cache.setQueryData(['events', 'other'], log());
    answers[0]!(log(event('a', 1)));
    await soon();
    expect(ids()).toEqual(['a', 'b']);
    expect(cache.getQueryData<BoardLog>(['events', 'other'])!.events).toEqual([]);
    take.end();
    take.event(event('c', 3));
    await soon();
    expect(ids()).toEqual(['a', 'b', 'c']);
  });
});
