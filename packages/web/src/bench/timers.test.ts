import { describe, expect, test } from '@jest/globals';
import { clockOf, createTimers, secondsLeft } from './timers.js';

class Shelf implements Storage {
  private readonly kept = new Map<string, string>();
  get length() {
    return this.kept.size;
  }
  clear = () => this.kept.clear();
  getItem = (key: string) => this.kept.get(key) ?? null;
  key = (n: number) => [...this.kept.keys()][n] ?? null;
  removeItem = (key: string) => void this.kept.delete(key);
  setItem = (key: string, value: string) => void this.kept.set(key, value);
}
const minute = 60_000;

describe('timers', () => {
  test('count down by the clock, not by the page: a reload and a sleep change nothing', () => {
    const shelf = new Shelf();
    createTimers(() => shelf)
      .getState()
      .begin('l1', 'Halides', 90, 0);
    const [timer] = createTimers(() => shelf).getState().timers;
    expect([0, 500, 30_000, 90_000, 10 * minute].map((now) => secondsLeft(timer!, now))).toEqual([
      90, 90, 60, 0, 0,
    ]);
  });
  test('a clock set back makes none longer than it was begun for', () => {
    const timers = createTimers(() => new Shelf());
    timers.getState().begin('l1', 'Halides', 60, 10 * minute);
    expect(secondsLeft(timers.getState().timers[0]!, 0)).toBe(60);
  });
  test('one for each wait: begun again it begins anew, lengthened it goes on from its end or from now', () => {
    const timers = createTimers(() => new Shelf());
    const { begin, longer, end } = timers.getState();
    begin('l1', 'Halides', 60, 0);
    begin('l1', 'Halides', 60, 30_000);
    begin('l1', 'Sulfate', 60, 30_000);
    const left = (now: number) => timers.getState().timers.map((t) => secondsLeft(t, now));
    expect(left(30_000)).toEqual([60, 60]);
    longer('l1 Halides', 60, 60_000);
    expect(left(60_000)).toEqual([90, 30]);
    longer('l1 Sulfate', 60, 5 * minute);
    expect(left(5 * minute)).toEqual([0, 60]);
    end('l1 Halides');
    expect(timers.getState().timers.map((t) => t.label)).toEqual(['Sulfate']);
  });
  test('what nobody put away is forgotten with the day, and there are never too many', () => {
    const timers = createTimers(() => new Shelf());
    const { begin } = timers.getState();
    begin('l1', 'old', 60, 0);
    begin('l2', 'new', 60, 5 * 60 * minute);
    expect(timers.getState().timers.map((t) => t.label)).toEqual(['new']);
    for (let n = 0; n < 20; n++) begin('l2', `n${n}`, 60, 5 * 60 * minute);
    expect(timers.getState().timers).toHaveLength(8);
  });
  test('are written as minutes and seconds', () => {
    expect([5, 65, 600].map(clockOf)).toEqual(['0:05', '1:05', '10:00']);
  });
});
