/** What the page says of a rota that was looked for: does it fit, is it the shortest, what is not known. */
import type { Practical, RotaResult, RotaSlot } from '@kivex/core';

/** @returns the sentence, and whether all is well. */
export function verdictOf(
  { feasible, makespan, lowerBound, optimal, why }: RotaResult,
  { minutes, clearUp }: Pick<Practical, 'minutes' | 'clearUp'>,
): { readonly fits: boolean; readonly text: string } {
  if (!feasible || makespan === null) return { fits: false, text: why.join(' ') };
  const gap = Math.round((100 * (makespan - lowerBound)) / makespan);
  const shortest = optimal
    ? 'No shorter rota exists.'
    : `None shorter was found; none can end before minute ${lowerBound} (gap ${gap} %).`;
  return {
    fits: true,
    text: `Ends at minute ${makespan}, ${minutes - clearUp - makespan} minutes before clearing up. ${shortest}`,
  };
}

type Tell = (makespan: number, bound: number, schedule: readonly RotaSlot[]) => void;

/** Passes on only what is shorter than all before, or as short with a bound that has risen: two searches may tell of one rota. */
export function onlyBetter(tell: Tell): Tell {
  let [shortest, highest] = [Infinity, -Infinity];
  return (makespan, bound, schedule) => {
    if (makespan > shortest || (makespan === shortest && bound <= highest)) return;
    [shortest, highest] = [makespan, Math.max(bound, highest)];
    tell(makespan, highest, schedule);
  };
}
