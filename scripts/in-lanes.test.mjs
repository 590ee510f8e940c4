import { describe, expect, test } from '@jest/globals';
import { inLanes } from './in-lanes.mjs';

/** Jobs that end when they are told to. */
function jobs(...list) {
  const begun = [];
  const end = {};
  const made = list.map(([name, ...needs]) => ({
    name,
    needs,
    run: () => {
      begun.push(name);
      return new Promise((done, fail) => (end[name] = { done, fail }));
    },
  }));
  return { begun, end, made };
}
const turn = () => new Promise((go) => setTimeout(go));

describe('jobs in two lanes', () => {
  test('begin in their order, two at a time, each once what it needs is over', async () => {
    const { begun, end, made } = jobs(['ground'], ['format'], ['rest', 'ground'], ['lint', 'ground']);
    const all = inLanes(made);
    expect(begun).toEqual(['ground', 'format']);
    end.format.done();
    await turn();
    expect(begun).toHaveLength(2);
    end.ground.done();
    await turn();
    expect(begun).toEqual(['ground', 'format', 'rest', 'lint']);
    end.rest.done();
    end.lint.done();
    await expect(all).resolves.toBeUndefined();
  });
  test('a need that is no job is met', async () => {
    const { begun, end, made } = jobs(['lint', 'ground']);
    const all = inLanes(made);
    expect(begun).toEqual(['lint']);
    end.lint.done();
    await all;
  });
  test('after one has thrown none begins, and what is under way is waited for', async () => {
    const { begun, end, made } = jobs(['ground'], ['format'], ['rest', 'ground'], ['lint']);
    let over = false;
    const all = inLanes(made).finally(() => (over = true));
    all.catch(() => undefined);
    end.ground.fail(new Error('no'));
    await turn();
    expect([begun, over]).toEqual([['ground', 'format'], false]);
    end.format.done();
    await expect(all).rejects.toThrow('no');
  });
  test('those that wait for each other are named', async () => {
    const { made } = jobs(['a', 'b'], ['b', 'a']);
    await expect(inLanes(made)).rejects.toThrow('a, b');
  });
});
