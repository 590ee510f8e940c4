/**
 * The bench on screen: what each action lets one see, from the core's own models. Nothing is scripted; wrong and
 * unsafe acts happen and have their consequence, and are told in `slips` with the action that made them. The same
 * actions from the same seed give the same bench.
 */
import type { Action, ActionName, ActionOf } from './actions.js';
import { BenchState, type BenchSetUp, type Done, type Seen } from './bench-state.js';
import * as clearing from './clearing.js';
import * as flames from './flames.js';
import * as handling from './handling.js';
import * as pouring from './pouring.js';
import { slipMade, type MadeSlip } from './slips.js';
import { viewOf, type VesselView } from './view.js';

/** What does each action: the compiler asks for every one. */
const doers: { readonly [Name in ActionName]: (bench: BenchState, action: ActionOf<Name>) => Done } = {
  take: pouring.take,
  add: pouring.add,
  shake: handling.shake,
  stir: handling.shake,
  look: handling.look,
  cool: handling.cool,
  wait: handling.wait,
  warm: handling.warm,
  connect: handling.connect,
  disconnect: handling.disconnect,
  bubble: handling.bubble,
  'draw-gas': handling.drawGas,
  stopper: handling.stopper,
  hold: handling.hold,
  clean: flames.clean,
  dip: flames.dip,
  touch: flames.touch,
  flame: flames.flame,
  'air-hole': flames.airHole,
  'spill-in-burner': flames.spillInBurner,
  'clean-burner': flames.cleanBurner,
  goggles: clearing.goggles,
  'fume-cupboard': clearing.fumeCupboard,
  filter: clearing.filter,
  pour: clearing.pour,
  return: clearing.giveBack,
  wash: clearing.wash,
  discard: clearing.discard,
  label: clearing.label,
};

export class ScreenBench {
  #state: BenchState;
  readonly #setUp: BenchSetUp;
  readonly #done: Action[] = [];

  /** @throws RangeError for a sample or bottle that cannot be. */
  constructor(setUp: BenchSetUp) {
    this.#setUp = setUp;
    this.#state = new BenchState(setUp);
  }

  /** Does one thing. @throws RangeError saying what cannot be done and why; the bench is then as it was before. */
  act(action: Action): Seen {
    try {
      const seen = this.#does(action);
      this.#done.push(action);
      return seen;
    } catch (error) {
      // Half of it may have been done: the bench is played again up to here.
      this.#state = new BenchState(this.#setUp);
      for (const before of this.#done) this.#does(before);
      throw error;
    }
  }

  #does(action: Action): Seen {
    const bench = this.#state;
    const at = bench.done;
    bench.hazards = [];
    const done = (doers[action.do] as (bench: BenchState, action: Action) => Done)(bench, action);
    bench.done += 1;
    return {
      at,
      do: action.do,
      seen: done.seen ?? done.vessel?.seen ?? {},
      text: done.text ?? done.vessel?.text ?? '',
      hazards: bench.hazards,
      ...(done.vessel ? { vessel: done.vessel } : {}),
      ...(done.flame ? { flame: done.flame } : {}),
      clock_s: Math.round(bench.clock_s),
    };
  }

  /** The slips made so far, with what looking back shows besides what was told of single actions. */
  afterwards(): readonly MadeSlip[] {
    const { vessels, done, slips } = this.#state;
    const last = Math.max(0, done - 1);
    const all = [...vessels.values()];
    const late: MadeSlip[] = [];
    if (all.some((v) => v.alkali?.of === 'NaOH' && v.alkali.seen === 'white' && !v.alkali.excess))
      late.push(slipMade('no-excess', last));
    const filled = all.filter((v) => v.holds.size > 0);
    if (
      new Set(filled.flatMap((v) => [...v.holds])).size > 1 &&
      filled.some((v) => v.kind !== 'well' && !v.label)
    )
      late.push(slipMade('not-labelled', last));
    if (all.some((v) => v.layer_mL > 0 && !v.story.some((s) => s.what === 'shaken')))
      late.push(slipMade('not-shaken', last));
    return [...slips, ...late];
  }

  /** What stands on the bench, as it looks now. */
  views(): readonly VesselView[] {
    return [...this.#state.vessels.values()].map((v) => viewOf(v));
  }
  /** The burner and the tools, for drawing. */
  flames(): {
    readonly airHoleOpen: boolean;
    readonly tools: readonly { id: string; kind: string; clean: boolean; charred: boolean }[];
  } {
    const { burner, tools } = this.#state;
    return {
      airHoleOpen: burner.airHoleOpen,
      tools: [...tools.values()].map(({ id, kind, clean, charred }) => ({ id, kind, clean, charred })),
    };
  }
  get goggles(): boolean {
    return this.#state.goggles;
  }
  get clock_s(): number {
    return this.#state.clock_s;
  }
}
