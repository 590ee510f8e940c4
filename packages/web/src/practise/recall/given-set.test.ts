import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { GivenSet, SetAnswer } from '@kivex/contract';
import { syllabusOf } from '@kivex/core';
import { RequestProblem } from '../../kit/request/request.js';
import { AnswersOnTheWay, findSet, sendingInWords, type Sending, type Store } from './given-set.js';

const given: GivenSet = {
  name: 'Gases',
  syllabus: syllabusOf('core'),
  cards: ['gas:O2#1'],
  strictness: null,
  open: true,
};
const ownStore = (): Store & { readonly kept: Map<string, string> } => {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
  };
};
const full = (): Store => ({
  ...ownStore(),
  setItem: () => {
    throw new Error('full');
  },
});
const unreached = new RequestProblem(0, 'Kivex cannot be reached just now.');
const refuse = (problem: RequestProblem) => () => Promise.reject(problem);

describe('finding a set', () => {
  test('what was found once opens without a network', async () => {
    const store = ownStore();
    expect(await findSet('123456', () => Promise.resolve(given), store)).toEqual(given);
    expect(await findSet('123456', refuse(unreached), store)).toEqual(given);
    expect(await findSet('123456', refuse(new RequestProblem(503, 'later')), store)).toEqual(given);
    await expect(findSet('654321', refuse(unreached), store)).rejects.toBe(unreached);
  });
  test('one the server says is not there is not there, whatever the device has', async () => {
    const store = ownStore();
    await findSet('123456', () => Promise.resolve(given), store);
    const gone = new RequestProblem(422, 'There is no set of questions with this code.');
    await expect(findSet('123456', refuse(gone), store)).rejects.toBe(gone);
  });
  test('what the device keeps and cannot be read is as nothing; a device that keeps nothing finds it all the same', async () => {
    const store = ownStore();
    store.setItem('kivex-set-123456', '{not json');
    await expect(findSet('123456', refuse(unreached), store)).rejects.toBe(unreached);
    expect(await findSet('123456', () => Promise.resolve(given), full())).toEqual(given);
  });
});

describe('answers on their way', () => {
  const answer = (n: number): SetAnswer => ({ card: `c${n}`, answer: `a${n}` });
  const told = () => {
    const states: Sending[] = [];
    return { states, tell: (s: Sending) => void states.push(s) };
  };
  test('wait while nobody can be reached, through a page closed and opened, and go in the order they were given', async () => {
    const store = ownStore();
    const { states, tell } = told();
    const before = new AnswersOnTheWay('123456', refuse(unreached), tell, store);
    await before.add(answer(1));
    await before.add(answer(2));
    expect(states.at(-1)).toEqual({ waiting: 2, sent: 0, over: undefined });
    expect(sendingInWords(before.now)).toBe('2 answers wait for the network, kept on this device.');
    before.stop();
    const got: SetAnswer[] = [];
    const after = new AnswersOnTheWay(
      '123456',
      (list) => {
        got.push(...list);
        return Promise.resolve();
      },
      tell,
      store,
    );
    expect(after.now.waiting).toBe(2);
    await after.add(answer(3));
    expect(got.map((a) => a.card)).toEqual(['c1', 'c2', 'c3']);
    expect([after.now, store.getItem('kivex-set-unsent-123456')]).toEqual([
      { waiting: 0, sent: 3, over: undefined },
      null,
    ]);
    expect(sendingInWords(after.now)).toMatch(/without your name/);
  });
  test('one batch at a time: what comes while one is on its way goes after it, and nothing goes twice', async () => {
    const batches: (readonly SetAnswer[])[] = [];
    let arrive = (): void => undefined;
    const way = new AnswersOnTheWay(
      '123456',
      (list) => {
        batches.push(list);
        return new Promise<void>((done) => (arrive = done));
      },
      () => undefined,
      ownStore(),
    );
    const first = way.add(answer(1));
    await way.add(answer(2));
    expect(batches).toEqual([[answer(1)]]);
    arrive();
    await new Promise((done) => setTimeout(done));
    expect(batches).toEqual([[answer(1)], [answer(2)]]);
    arrive();
    await first;
    expect(way.now).toEqual({ waiting: 0, sent: 2, over: undefined });
  });
  test('more than a request takes goes in several', async () => {
    const store = ownStore();
    store.setItem(
      'kivex-set-unsent-123456',
      JSON.stringify(Array.from({ length: 130 }, (_, n) => answer(n))),
    );
    const sizes: number[] = [];
    const way = new AnswersOnTheWay(
      '123456',
      (list) => Promise.resolve(sizes.push(list.length)),
      () => undefined,
      store,
    );
    await way.flush();
    expect(sizes).toEqual([60, 60, 10]);
  });
  test('a set that takes no more says so, and nothing waits for it for ever', async () => {
    const store = ownStore();
    const way = new AnswersOnTheWay(
      '123456',
      refuse(new RequestProblem(409, 'Answers to this set are no longer gathered. Go on by yourself.')),
      () => undefined,
      store,
    );
    await way.add(answer(1));
    await way.add(answer(2));
    expect(way.now).toEqual({ waiting: 0, sent: 0, over: expect.stringMatching(/no longer gathered/) });
    expect([sendingInWords(way.now), store.kept.size]).toEqual([way.now.over, 0]);
    // Asked to slow down, it is tried again.
    const slowed = new AnswersOnTheWay('1', refuse(new RequestProblem(429, 'Wait.')), () => undefined, store);
    await slowed.add(answer(1));
    expect(slowed.now).toEqual({ waiting: 1, sent: 0, over: undefined });
    slowed.stop();
  });
});

describe('answers that could not be sent', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());
  /** A way to a server that is there or is not, and when it was tried, in seconds. */
  const way = () => {
    const tries: number[] = [];
    const server = { there: false };
    const began = Date.now();
    const send = (): Promise<void> => {
      tries.push(Math.round((Date.now() - began) / 1000));
      return server.there ? Promise.resolve() : Promise.reject(unreached);
    };
    return { tries, server, way: new AnswersOnTheWay('123456', send, () => undefined, ownStore()) };
  };
  const seconds = (n: number) => jest.advanceTimersByTimeAsync(n * 1000);

  test('are tried again by themselves, each time a little later, a quarter of a minute at most, until they are there', async () => {
    const { tries, server, way: own } = way();
    await own.add({ card: 'c1', answer: 'a1' });
    await seconds(46);
    expect(tries).toEqual([0, 1, 3, 7, 15, 30, 45]);
    server.there = true;
    await seconds(15);
    expect(own.now).toEqual({ waiting: 0, sent: 1, over: undefined });
    await seconds(60);
    expect(tries).toHaveLength(8);
  });
  test('are tried soon once the network is back, even where the first try then comes too early', async () => {
    const { tries, server, way: own } = way();
    await own.add({ card: 'c1', answer: 'a1' });
    await seconds(20);
    await own.backAgain();
    server.there = true;
    await seconds(1);
    expect(tries.slice(-2)).toEqual([20, 21]);
    expect(own.now.waiting).toBe(0);
  });
  test('are not tried any more once nobody waits here, not even when one is on its way just then', async () => {
    const { tries, way: own } = way();
    const adding = own.add({ card: 'c1', answer: 'a1' });
    own.stop();
    await adding;
    await seconds(60);
    expect(tries).toEqual([0]);
    await own.flush();
    own.stop();
    await seconds(60);
    expect(tries).toEqual([0, 60]);
  });
});
