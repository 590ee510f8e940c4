import { describe, expect, test } from '@jest/globals';
import { Together } from './together.js';

/** Work that ends when it is told to; each run gives its number. */
function runs() {
  const ends: ((fails?: boolean) => void)[] = [];
  const work = () => {
    const n = ends.length + 1;
    return new Promise<number>((done, failed) =>
      ends.push((fails) => (fails ? failed(new Error(`run ${n}`)) : done(n))),
    );
  };
  return { ends, work };
}
const settle = () => new Promise((done) => setImmediate(done));

describe('work done together', () => {
  test('asked alone it is begun at once, and anew the next time', async () => {
    const { ends, work } = runs();
    const together = new Together<number>();
    const first = together.do('a', work);
    expect(ends).toHaveLength(1);
    ends[0]!();
    expect(await first).toBe(1);
    const second = together.do('a', work);
    ends[1]!();
    expect(await second).toBe(2);
  });
  test('who asks while it is under way shares the next run, never the one that began before they asked', async () => {
    const { ends, work } = runs();
    const together = new Together<number>();
    const first = together.do('a', work);
    const later = [together.do('a', work), together.do('a', work), together.do('a', work)];
    await settle();
    expect(ends).toHaveLength(1);
    ends[0]!();
    await settle();
    expect(ends).toHaveLength(2);
    const last = together.do('a', work);
    ends[1]!();
    expect([await first, ...(await Promise.all(later))]).toEqual([1, 2, 2, 2]);
    await settle();
    ends[2]!();
    expect(await last).toBe(3);
  });
  test('a run that fails is the failure of those who shared it, and of nobody after', async () => {
    const { ends, work } = runs();
    const together = new Together<number>();
    const first = together.do('a', work);
    const second = together.do('a', work);
    ends[0]!(true);
    await expect(first).rejects.toThrow('run 1');
    await settle();
    ends[1]!();
    expect(await second).toBe(2);
  });
  test('what is about something else goes by itself', async () => {
    const { ends, work } = runs();
    const together = new Together<number>();
    const both = [together.do('a', work), together.do('b', work)];
    expect(ends).toHaveLength(2);
    ends.forEach((end) => end());
    expect(await Promise.all(both)).toEqual([1, 2]);
  });
});
