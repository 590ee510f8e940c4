import { beforeEach, describe, expect, test } from '@jest/globals';
import { useQuery } from '@tanstack/react-query';
import { screen, waitFor } from '@testing-library/react';
import { request } from '../kit/request/request.js';
import { Input } from '../kit/Input.js';
import { faults, Refusal, show } from '../testing/show.js';
import { DraftBar } from './DraftBar.js';
import { draftKey } from './draft-keys.js';
import { draftsOf } from './draft-store.js';
import { SaveProblem } from './SaveProblem.js';
import { useDocument } from './use-document.js';

interface Paper {
  readonly title: string;
}
const useDrafts = draftsOf<Paper>('paper');
const whole = (title: string, version: number) => ({
  head: { version, changedAt: '2026-11-26T08:00:00.000Z' },
  document: { title },
});

function Editor() {
  const paper = useQuery({
    queryKey: ['practical', 'p'],
    queryFn: () => request<ReturnType<typeof whole>>('GET', '/api/practicals/p'),
  });
  const document = useDocument<Paper>({
    id: 'p',
    kind: 'practical',
    plural: 'practicals',
    whole: paper,
    drafts: useDrafts,
    store: (id, body) => request('PUT', `/api/practicals/${id}`, body),
    add: async (mine) => (await request<{ id: string }>('POST', '/api/practicals', mine)).id,
    asCopy: (mine) => ({ title: `${mine.title} (copy)` }),
  });
  if (!document.draft || !paper.data) return <p>waiting</p>;
  return (
    <>
      <DraftBar
        {...document}
        title={document.draft.title}
        version={document.from}
        savedAt={paper.data.head.changedAt}
        may
      />
      {document.error && <SaveProblem {...document} error={document.error} />}
      <Input
        aria-label="Title"
        value={document.draft.title}
        onChange={(e) => document.change({ title: e.target.value })}
      />
    </>
  );
}
const title = () => screen.getByRole('textbox', { name: 'Title' }) as HTMLInputElement;
const edit = async (server: Record<string, unknown> = {}) => {
  const shown = show(<Editor />, {
    path: '/practicals/p',
    server: { 'GET /api/practicals/p': whole('One', 1), ...server },
  });
  await screen.findByRole('textbox', { name: 'Title' });
  await shown.user.type(title(), '!');
  return shown;
};

beforeEach(() => {
  sessionStorage.clear();
  useDrafts.setState({
    id: undefined,
    draft: undefined,
    saved: undefined,
    past: [],
    future: [],
    kept: {},
    from: 0,
  });
});

describe('a document that is edited', () => {
  test('says that it is changed, and is saved from the version it began from', async () => {
    const { user, asked } = await edit({ 'PUT /api/practicals/p': whole('One!', 2) });
    expect(screen.getByText(/changes not saved yet/)).toBeTruthy();
    expect(await faults()).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Save as version 2' }));
    await screen.findByRole('button', { name: 'Saved' });
    expect(asked.find((a) => a.method === 'PUT')!.body).toEqual({ document: { title: 'One!' }, from: 1 });
  });
  test('Ctrl+S saves, from a box too; Ctrl+Z and Ctrl+Y go back and forth outside of boxes', async () => {
    const { user, asked } = await edit({ 'PUT /api/practicals/p': whole('One!', 2) });
    title().blur();
    await user.keyboard('{Control>}z{/Control}');
    expect(title().value).toBe('One');
    await user.keyboard('{Control>}y{/Control}');
    expect(title().value).toBe('One!');
    title().focus();
    await user.keyboard('{Control>}s{/Control}');
    await screen.findByRole('button', { name: 'Saved' });
    expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(1);
  });
  const overtaken = new Refusal(409, { detail: 'Somebody has saved version 2 meanwhile.' });
  test('saved by somebody else meanwhile: mine as a copy', async () => {
    const { user, asked, at } = await edit({
      'PUT /api/practicals/p': overtaken,
      'POST /api/practicals': { id: 'copy' },
    });
    await user.click(screen.getByRole('button', { name: /^Save as/ }));
    await user.click(await screen.findByRole('button', { name: 'Save mine as a copy' }));
    await waitFor(() => expect(at()).toBe('/practicals/copy'));
    expect(asked.find((a) => a.method === 'POST')!.body).toEqual({ title: 'One! (copy)' });
  });
  test('or theirs', async () => {
    let theirs = whole('One', 1);
    const { user } = await edit({
      'PUT /api/practicals/p': () => {
        theirs = whole('Theirs', 2);
        return overtaken;
      },
      'GET /api/practicals/p': () => theirs,
    });
    await user.click(screen.getByRole('button', { name: /^Save as/ }));
    await user.click(await screen.findByRole('button', { name: 'Load theirs' }));
    await waitFor(() => expect(title().value).toBe('Theirs'));
    expect(screen.queryByRole('alert')).toBeNull();
  });
  test('what is wrong is told place by place, without ways out that help nothing', async () => {
    const { user } = await edit({
      'PUT /api/practicals/p': new Refusal(422, {
        detail: 'The title is missing.',
        errors: [
          { field: 'title', detail: 'The title is missing.' },
          { field: 'minutes', detail: 'A lesson has at least 20 minutes.' },
        ],
      }),
    });
    await user.click(screen.getByRole('button', { name: /^Save as/ }));
    expect((await screen.findByRole('alert')).textContent).toContain('A lesson has at least 20 minutes.');
    expect(screen.queryByRole('button', { name: 'Load theirs' })).toBeNull();
    expect(title().value).toBe('One!');
  });
});

test.each([
  [{ key: 's', ctrlKey: true }, 'save'],
  [{ key: 'S', metaKey: true }, 'save'],
  [{ key: 'z', ctrlKey: true }, 'undo'],
  [{ key: 'Z', ctrlKey: true, shiftKey: true }, 'redo'],
  [{ key: 'y', ctrlKey: true }, 'redo'],
  [{ key: 's' }, undefined],
  [{ key: 'x', ctrlKey: true }, undefined],
])('the key %j is for: %s', (key, what) =>
  expect(draftKey({ ctrlKey: false, metaKey: false, shiftKey: false, target: document.body, ...key })).toBe(
    what,
  ),
);
