/** The keys of a page on which a document is edited: save, undo, do again; and the browser asks before it is left unsaved. */
import { useEffect } from 'react';

export interface DraftKeys {
  readonly save: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly changed: boolean;
}

/** What a key is for; undefined where it is for what has the focus, so that a word being typed is undone by the browser. */
export function draftKey(
  event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'target'>,
): 'save' | 'undo' | 'redo' | undefined {
  if (!event.ctrlKey && !event.metaKey) return undefined;
  const key = event.key.toLowerCase();
  if (key === 's') return 'save';
  const typing =
    event.target instanceof HTMLElement &&
    event.target.matches('input:not([type=radio], [type=checkbox]), textarea');
  if (typing) return undefined;
  if (key === 'z') return event.shiftKey ? 'redo' : 'undo';
  return key === 'y' ? 'redo' : undefined;
}

export function useDraftKeys({ save, undo, redo, changed }: DraftKeys): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const what = draftKey(event);
      if (!what) return;
      event.preventDefault();
      if (what === 'undo') undo();
      else if (what === 'redo') redo();
      else if (changed) save();
    };
    const leave = (event: BeforeUnloadEvent) => {
      if (changed) event.preventDefault();
    };
    addEventListener('keydown', press);
    addEventListener('beforeunload', leave);
    return () => {
      removeEventListener('keydown', press);
      removeEventListener('beforeunload', leave);
    };
  }, [save, undo, redo, changed]);
}
