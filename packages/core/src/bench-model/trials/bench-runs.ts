/** Short hands for the bench's tests. */
import type { Action, ActionOf } from '../actions.js';
import { ScreenBench } from '../bench.js';
import type { BenchSetUp, Seen } from '../bench-state.js';
import { sampleOfSpecies, type TrueSample } from '../samples.js';

type Rest<Name extends Action['do']> = Omit<ActionOf<Name>, 'do'>;
export const take = (more: Rest<'take'> = {}): Action => ({ do: 'take', ...more });
export const add = (reagent: string, more: Omit<Rest<'add'>, 'reagent'> = {}): Action => ({
  do: 'add',
  reagent,
  ...more,
});
export const wait = (seconds: number): Action => ({ do: 'wait', seconds });
export const hold = (what: ActionOf<'hold'>['what'], more: Omit<Rest<'hold'>, 'what'> = {}): Action => ({
  do: 'hold',
  what,
  ...more,
});
export const flame = (more: Rest<'flame'> = {}): Action => ({ do: 'flame', ...more });
export const clean: Action = { do: 'clean' };
export const dip = (more: Rest<'dip'> = {}): Action => ({ do: 'dip', ...more });
/** Concentrated sulfuric acid let down the side of the tube. */
export const acidBelow = add('H2SO4', { molarity: 18, mL: 1, how: 'down-the-side' });

/** A salt in solution, or as powder or lumps. */
export const salt = (
  ids: readonly string[],
  form: 'solution' | 'solid' | 'lumps' = 'solution',
  M = 0.1,
): TrueSample => sampleOfSpecies(ids, form, form === 'solution' ? M : 1);

export interface Run {
  readonly after: readonly Seen[];
  /** What the last action showed. */
  readonly seen: Seen['seen'];
  readonly slips: readonly string[];
  readonly bench: ScreenBench;
}
/** Does it all with one sample. */
export function run(sample: TrueSample, actions: readonly Action[], setUp: Partial<BenchSetUp> = {}): Run {
  const { samples, ...rest } = setUp;
  const bench = new ScreenBench({ samples: { sample, ...samples }, ...rest });
  const after = actions.map((action) => bench.act(action));
  return { after, seen: after.at(-1)?.seen ?? {}, slips: bench.afterwards().map((s) => s.code), bench };
}
