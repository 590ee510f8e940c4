import { beforeEach, describe, expect, test } from '@jest/globals';
import { emptyPractical, shippedPracticals, type Practical } from '@kivex/core';

// The store keeps its drafts in the tab's own storage.
const kept = new Map<string, string>();
Object.assign(globalThis, {
  sessionStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
});
const { isChanged } = await import('./draft-store.js');
const { usePracticalDrafts: useDraft } = await import('../practicals/practical-drafts.js');

const base: Practical = { ...emptyPractical(), title: 'One' };
const store = () => useDraft.getState();
/** As a page that is loaded again: nothing in memory but what the tab has kept. */
const reload = async () => {
  const stored = kept.get('kivex-drafts-practical')!;
  useDraft.setState({ id: undefined, draft: undefined, saved: undefined, past: [], future: [], kept: {} });
  kept.set('kivex-drafts-practical', stored);
  await useDraft.persist.rehydrate();
};

describe('the practical being edited', () => {
  beforeEach(() => {
    kept.clear();
    useDraft.setState({
      id: undefined,
      draft: undefined,
      saved: undefined,
      past: [],
      future: [],
      kept: {},
      from: 0,
    });
    store().open('p', base, 1);
  });
  test('every change can be undone, the last first', () => {
    store().change({ title: 'Two' });
    store().change({ minutes: 70 });
    store().undo();
    expect(store().draft).toMatchObject({ title: 'Two', minutes: base.minutes });
    store().undo();
    expect([store().draft, isChanged(store())]).toEqual([base, false]);
    store().undo();
    expect(store().draft).toEqual(base);
  });
  test('what was undone can be done again, until something else is changed', () => {
    store().change({ title: 'Two' });
    store().undo();
    store().redo();
    expect(store().draft?.title).toBe('Two');
    store().undo();
    store().change({ title: 'Three' });
    store().redo();
    expect(store().draft?.title).toBe('Three');
  });
  test('two documents are kept side by side', () => {
    store().change({ title: 'Two' });
    store().open('q', { ...base, title: 'Other' }, 4);
    expect([store().draft?.title, store().from]).toEqual(['Other', 4]);
    store().open('p', base, 1);
    expect(store().draft?.title).toBe('Two');
  });
  test('what was not saved is there after a reload, and gone once saved', async () => {
    store().change({ title: 'Two' });
    await reload();
    store().open('p', base, 1);
    expect(store().draft?.title).toBe('Two');
    store().wasSaved({ ...base, title: 'Two' }, 2);
    await reload();
    store().open('p', { ...base, title: 'Two' }, 2);
    expect([store().from, isChanged(store())]).toEqual([2, false]);
  });
  test('a draft begun from an older version is kept, so that saving can tell of the newer one', async () => {
    store().change({ title: 'Mine' });
    await reload();
    store().open('p', { ...base, title: 'Theirs' }, 2);
    expect([store().draft?.title, store().from]).toEqual(['Mine', 1]);
    store().discard();
    expect(store().draft?.title).toBe('Theirs');
  });
  test('a field set to nothing is taken out, as in a file', () => {
    store().change({
      samples: [
        { key: 'a', role: 'known', ions: [], form: 'solution', difficulty: 1, set: undefined as never },
      ],
    });
    expect(Object.keys(store().draft!.samples[0]!)).not.toContain('set');
  });
  test('the liquids it keeps follow the samples they come from', () => {
    const metals = shippedPracticals.find((p) => /ion in the liquid/.test(p.title))!;
    useDraft.setState({ id: undefined, draft: undefined, past: [] });
    store().open('m', metals, 1);
    store().change({
      samples: metals.samples
        .filter((s) => s.key !== 'jar-b')
        .map((s) => (s.key === 'jar-a' ? { ...s, ions: ['Cu'] } : s)),
    });
    const kept = (key: string) => store().draft!.samples.find((s) => s.from?.sample === key)?.ions;
    expect([kept('jar-a'), kept('jar-b'), kept('jar-c')]).toEqual([
      ['H+', 'Cl-'],
      undefined,
      ['Fe2+', 'Cl-'],
    ]);
    store().undo();
    expect(store().draft).toEqual(metals);
  });
});
