/** Groups of like answers worked through one after another, by keys too; the last decision can be taken back. */
import type { LikeAnswers } from '@kivex/core';
import { useMutation } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { isTyping } from '../kit/is-typing.js';
import { pressedKey } from '../kit/pressed-key.js';
import { nowOrNever } from '../kit/request/now-or-never.js';

export const likeRowId = (group: LikeAnswers): string => `like-${group.ids[0]}`;

/**
 * The one that comes up next: the first that wants a person and was not just passed.
 * @param passed groups decided since they were last sorted, by identity: sorted anew they are others
 */
export const nextOpen = (
  groups: readonly LikeAnswers[],
  passed: WeakSet<LikeAnswers>,
): LikeAnswers | undefined => groups.find((g) => g.open > 0 && !passed.has(g));

export function useLikeList<Last>(
  groups: readonly LikeAnswers[],
  /** Sends that the last is taken back, and has it fetched anew. */
  takeBack: (last: Last) => Promise<unknown>,
) {
  const [key, setKey] = useState<string>();
  const [draft, setDraft] = useState<{ readonly points: number }>();
  const [last, setLast] = useState<Last>();
  const passed = useRef(new WeakSet<LikeAnswers>());
  const undo = useMutation({
    ...nowOrNever,
    mutationFn: takeBack,
    onSuccess: () => setLast(undefined),
  });
  const at = groups.findIndex((g) => g.key === key);
  const group = groups[at];
  const choose = useCallback((next: LikeAnswers | undefined) => {
    if (!next) return;
    setKey(next.key);
    setDraft(undefined);
    document.getElementById(likeRowId(next))?.focus();
  }, []);
  const takeLastBack = () => {
    if (last !== undefined && !undo.isPending) undo.mutate(last);
  };
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const key = pressedKey(event);
      const step = key === 'ArrowDown' ? 1 : key === 'ArrowUp' ? -1 : 0;
      if (key === 'n')
        choose(
          nextOpen(
            groups.filter((g) => g !== group),
            passed.current,
          ),
        );
      else if (key === 'u') takeLastBack();
      else if (step) choose(groups[Math.min(groups.length - 1, Math.max(0, at + step))]);
      else if (group && /^[0-9]$/.test(key) && Number(key) <= group.max) setDraft({ points: Number(key) });
      else return;
      event.preventDefault();
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  });
  return {
    group,
    choose,
    /** Points set from the keyboard. */
    draft,
    last,
    /** The next comes up at once; what was decided is sorted anew behind it. */
    decided: (decision: Last) => {
      setLast(() => decision);
      if (group) passed.current.add(group);
      choose(nextOpen(groups, passed.current));
    },
    undo: takeLastBack,
    /** Why the last was not taken back. */
    notUndone: undo.error?.message,
  };
}
