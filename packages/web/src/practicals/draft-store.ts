/** The practical being edited: every change can be undone, and a reload loses nothing. */
import { withKeptLiquids, type Practical } from '@kivex/core';
import { create } from 'zustand';

interface Kept {
  readonly draft: Practical;
  /** Version the draft began from. */
  readonly from: number;
}
export interface DraftState {
  readonly id: string | undefined;
  readonly draft: Practical | undefined;
  readonly from: number;
  /** As it was saved last. */
  readonly saved: Practical | undefined;
  readonly past: readonly Practical[];
  /** Opens a practical: what was being edited on this device goes before what is on the server. */
  readonly open: (id: string, document: Practical, version: number) => void;
  readonly change: (part: Partial<Practical>) => void;
  readonly undo: () => void;
  readonly wasSaved: (document: Practical, version: number) => void;
  /** Throws the changes away. */
  readonly discard: () => void;
}
const mostPast = 100;
const keyFor = (id: string) => `kivex-practical-${id}`;

function kept(id: string): Kept | undefined {
  try {
    const text = sessionStorage.getItem(keyFor(id));
    return text ? (JSON.parse(text) as Kept) : undefined;
  } catch {
    return undefined;
  }
}
const keep = (id: string | undefined, draft: Practical, from: number): void => {
  if (id) sessionStorage.setItem(keyFor(id), JSON.stringify({ draft, from } satisfies Kept));
};
/** Fields set to undefined are taken out: a file has no such thing. */
const tidy = (practical: Practical): Practical => JSON.parse(JSON.stringify(practical)) as Practical;
/** Kept liquids follow the samples and tests they come from. */
const followed = (practical: Practical): Practical => tidy(withKeptLiquids(tidy(practical)));

export const useDraft = create<DraftState>((set, get) => ({
  id: undefined,
  draft: undefined,
  from: 0,
  saved: undefined,
  past: [],
  open: (id, document, version) => {
    if (get().id === id && get().from === version && get().draft) return;
    const local = kept(id);
    const mine = local && local.from <= version ? local : undefined;
    set({
      id,
      draft: mine?.draft ?? document,
      from: mine?.from ?? version,
      saved: document,
      past: [],
    });
  },
  change: (part) => {
    const { id, draft, from, past } = get();
    if (!draft) return;
    const next = followed({ ...draft, ...part });
    keep(id, next, from);
    set({ draft: next, past: [...past, draft].slice(-mostPast) });
  },
  undo: () => {
    const { id, past, from } = get();
    const last = past.at(-1);
    if (!last) return;
    keep(id, last, from);
    set({ draft: last, past: past.slice(0, -1) });
  },
  wasSaved: (document, version) => {
    const { id } = get();
    if (id) sessionStorage.removeItem(keyFor(id));
    set({ draft: document, saved: document, from: version });
  },
  discard: () => {
    const { id, saved } = get();
    if (id) sessionStorage.removeItem(keyFor(id));
    set({ draft: saved, past: [] });
  },
}));

/** Is anything not saved yet? */
export const isChanged = ({ draft, saved }: Pick<DraftState, 'draft' | 'saved'>): boolean =>
  JSON.stringify(draft) !== JSON.stringify(saved);
