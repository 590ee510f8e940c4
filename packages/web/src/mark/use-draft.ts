/** Points set from the keyboard fill the form of a desk, with the reason that is usual for so many. */
import { useEffect } from 'react';
import type { UseFormSetValue } from 'react-hook-form';
import { readyReasons } from './ready-reasons.js';
import type { Decision } from './WhyBox.js';

/** @param max what can be earned at all, in points */
export const usualReason = (points: number, max: number): string =>
  points >= max ? readyReasons[0] : points ? readyReasons[3] : readyReasons[1];

export function useDraft(
  { setValue }: { readonly setValue: UseFormSetValue<Decision> },
  draft: { readonly points: number } | undefined,
  max: number,
): void {
  useEffect(() => {
    if (!draft) return;
    setValue('points', draft.points);
    setValue('reason', usualReason(draft.points, max));
  }, [draft, setValue, max]);
}
