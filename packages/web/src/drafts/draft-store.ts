/**
 * A document being edited: every change can be undone and done again, and a reload loses nothing. Practicals and
 * syllabuses have a store each, made here.
 */
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

interface Kept<Document> {
  readonly draft: Document;
  /** Version the draft began from. */
  readonly from: number;
}
export interface DraftState<Document> {
  readonly id: string | undefined;
  readonly draft: Document | undefined;
  readonly from: number;
  /** As it was saved last. */
  readonly saved: Document | undefined;
  readonly past: readonly Document[];
  readonly future: readonly Document[];
  /** What is not saved yet of each document edited in this tab. */
  readonly kept: Readonly<Record<string, Kept<Document>>>;
  /** Opens a document: what was being edited on this device goes before what is on the server. */
  readonly open: (id: string, document: Document, version: number) => void;
  readonly change: (part: Partial<Document>) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly wasSaved: (document: Document, version: number) => void;
  /** Throws the changes away. */
  readonly discard: () => void;
}

const mostPast = 100;
/** Fields set to undefined are taken out: a file has no such thing. */
const tidy = <Document>(document: Document): Document => JSON.parse(JSON.stringify(document)) as Document;

/**
 * Makes the store of one kind of document.
 * @param kind names it in the tab's own storage.
 * @param followed what else changes with a change, so that the document is whole again.
 */
export const draftsOf = <Document extends object>(
  kind: string,
  followed: (document: Document) => Document = (document) => document,
) =>
  create<DraftState<Document>>()(
    persist(
      (set, get) => {
        const without = (id: string | undefined) => {
          const { [id ?? '']: _, ...kept } = get().kept;
          return kept;
        };
        const become = (draft: Document, part: Partial<DraftState<Document>>) => {
          const { id, from, kept } = get();
          set({ draft, ...part, kept: id ? { ...kept, [id]: { draft, from } } : kept });
        };
        return {
          id: undefined,
          draft: undefined,
          from: 0,
          saved: undefined,
          past: [],
          future: [],
          kept: {},
          open: (id, document, version) => {
            const state = get();
            if (state.id === id && state.from === version && state.draft) return;
            const local = state.kept[id];
            const mine = local && local.from <= version ? local : undefined;
            set({
              id,
              draft: mine?.draft ?? document,
              from: mine?.from ?? version,
              saved: document,
              past: [],
              future: [],
            });
          },
          change: (part) => {
            const { draft, past } = get();
            if (draft)
              become(tidy(followed(tidy({ ...draft, ...part }))), {
                past: [...past, draft].slice(-mostPast),
                future: [],
              });
          },
          undo: () => {
            const { draft, past, future } = get();
            const last = past.at(-1);
            if (last && draft) become(last, { past: past.slice(0, -1), future: [draft, ...future] });
          },
          redo: () => {
            const { draft, past, future } = get();
            const [next, ...rest] = future;
            if (next && draft) become(next, { past: [...past, draft], future: rest });
          },
          wasSaved: (document, version) =>
            set({ draft: document, saved: document, from: version, kept: without(get().id) }),
          discard: () => set({ draft: get().saved, past: [], future: [], kept: without(get().id) }),
        };
      },
      {
        name: `kivex-drafts-${kind}`,
        storage: createJSONStorage(() => sessionStorage),
        partialize: ({ kept }) => ({ kept }) as unknown as DraftState<Document>,
      },
    ),
  );

/** Is anything not saved yet? */
export const isChanged = <Document>({
  draft,
  saved,
}: Pick<DraftState<Document>, 'draft' | 'saved'>): boolean => JSON.stringify(draft) !== JSON.stringify(saved);
