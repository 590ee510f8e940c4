/** A versioned document of the server as it is edited: its draft, saving it, and the ways out of a conflict. */
import type { SavedDocument } from '@kivex/contract';
import type { UseQueryResult } from '@tanstack/react-query';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useDraftKeys } from './draft-keys.js';
import { isChanged, type draftsOf } from './draft-store.js';

interface Whole<Document> {
  readonly head: { readonly version: number; readonly changedAt: string };
  readonly document: Document;
}
interface UseDocument<Document extends object> {
  readonly id: string;
  /** `practical`: its queries are keyed so, its page and its route are its plural. */
  readonly kind: 'practical' | 'syllabus';
  readonly plural: 'practicals' | 'syllabuses';
  readonly whole: UseQueryResult<Whole<Document>>;
  readonly drafts: ReturnType<typeof draftsOf<Document>>;
  readonly store: (id: string, saved: SavedDocument) => Promise<Whole<Document>>;
  /** Adds a document of its own; resolves with its id. */
  readonly add: (document: Document) => Promise<string>;
  readonly asCopy: (document: Document) => Document;
}

export function useDocument<Document extends object>({
  id,
  kind,
  plural,
  whole,
  drafts,
  store,
  add,
  asCopy,
}: UseDocument<Document>) {
  const state = drafts();
  const { open, draft, from, wasSaved, discard, undo, redo } = state;
  const cache = useQueryClient();
  const go = useNavigate();
  const { data, refetch } = whole;
  useEffect(() => {
    if (data) open(id, data.document, data.head.version);
  }, [id, data, open]);
  const refresh = () =>
    Promise.all([
      cache.invalidateQueries({ queryKey: [kind, id] }),
      cache.invalidateQueries({ queryKey: [plural] }),
    ]);
  const save = useMutation({
    mutationFn: (document: Document) => store(id, { document, from }),
    onSuccess: async (now) => {
      wasSaved(now.document, now.head.version);
      await refresh();
    },
  });
  const copy = useMutation({
    mutationFn: (document: Document) => add(asCopy(document)),
    onSuccess: async (copyId) => {
      discard();
      save.reset();
      await cache.invalidateQueries({ queryKey: [plural] });
      await go(`/${plural}/${copyId}`);
    },
  });
  const opened = state.id === id && draft !== undefined;
  const changed = opened && isChanged(state);
  const saveNow = () => {
    if (draft && !save.isPending) save.mutate(draft);
  };
  useDraftKeys({ save: saveNow, undo, redo, changed });
  return {
    /** Undefined until it is there. */
    draft: opened ? draft : undefined,
    change: state.change,
    undo: state.past.length ? undo : undefined,
    redo: state.future.length ? redo : undefined,
    discard,
    changed,
    from,
    save: saveNow,
    saving: save.isPending,
    error: copy.error ?? save.error,
    saveCopy: () => draft && copy.mutate(draft),
    loadTheirs: () => {
      discard();
      save.reset();
      void refetch().then((now) => now.data && wasSaved(now.data.document, now.data.head.version));
    },
  };
}
