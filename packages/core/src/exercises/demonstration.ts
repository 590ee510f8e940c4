/** A test of a sample step by step, as it is shown to a class: the acts of its usual method at the bench on screen. */
import type { Action } from '../bench-model/actions.js';
import { ScreenBench } from '../bench-model/bench.js';
import type { Seen } from '../bench-model/bench-state.js';
import type { TrueSample } from '../bench-model/samples.js';
import type { TestId } from '../identification-tests/test-definition.js';

const goggles: Action = { do: 'goggles', on: true };
const cupboard: Action = { do: 'fume-cupboard', on: true };
const take: Action = { do: 'take', into: 'tube' };
const drops = (reagent: string, n: number, more: object = {}): Action => ({
  do: 'add',
  reagent,
  to: 'tube',
  drops: n,
  ...more,
});
const pour = (reagent: string, mL: number, more: object = {}): Action => ({
  do: 'add',
  reagent,
  to: 'tube',
  mL,
  ...more,
});
const wait = (seconds: number): Action => ({ do: 'wait', seconds });
const limewater: Action = { do: 'add', reagent: 'limewater', to: 'limewater', mL: 2 };
const lead: Action = { do: 'connect', from: 'tube', to: 'limewater' };
const atLimewater: Action = { do: 'look', vessel: 'limewater' };
const gas = (what: Extract<Action, { do: 'hold' }>['what'], damp?: boolean): readonly Action[] => [
  goggles,
  take,
  { do: 'hold', what, at: 'tube', ...(damp ? { damp } : {}) },
];
const spot = (reagent: string): readonly Action[] => [
  goggles,
  { do: 'take', into: 'well', drops: 5 },
  { do: 'add', reagent, to: 'well', drops: 5 },
];

/** The acts by test; tests of which nothing is to be seen on this bench have none. */
const acts: Readonly<Partial<Record<TestId, readonly Action[]>>> = {
  appearance: [take],
  flame: [
    goggles,
    { do: 'clean' },
    { do: 'dip' },
    { do: 'flame', seconds: 1 },
    { do: 'dip' },
    { do: 'flame', seconds: 1, glass: true },
    { do: 'dip' },
    { do: 'flame', seconds: 8 },
  ],
  naoh: [
    goggles,
    take,
    drops('NaOH', 5),
    drops('NaOH', 5),
    pour('NaOH', 2.5, { molarity: 4, toExcess: true }),
    wait(300),
  ],
  'naoh-warm': [
    goggles,
    take,
    pour('NaOH', 1),
    { do: 'hold', what: 'red-litmus', at: 'tube', damp: true },
    { do: 'warm', vessel: 'tube' },
    { do: 'hold', what: 'red-litmus', at: 'tube', damp: true },
  ],
  'ammonia-solution': [
    goggles,
    cupboard,
    take,
    drops('NH3', 5),
    drops('NH3', 5),
    pour('NH3', 2.5, { molarity: 8, toExcess: true }),
  ],
  'dilute-acid': [
    goggles,
    limewater,
    take,
    lead,
    pour('HCl', 2, { molarity: 1 }),
    wait(5),
    wait(25),
    atLimewater,
  ],
  sulfate: [goggles, take, pour('HCl', 1), wait(20), drops('BaCl2', 5)],
  'halide-silver': [
    goggles,
    cupboard,
    take,
    pour('HNO3', 1),
    wait(20),
    drops('AgNO3', 5),
    pour('NH3', 2, { molarity: 2 }),
    pour('NH3', 5, { molarity: 8 }),
  ],
  'halide-layer': [
    goggles,
    cupboard,
    take,
    pour('hexane', 1),
    drops('HNO3', 5),
    pour('chlorine-water', 1),
    { do: 'shake', vessel: 'tube' },
  ],
  'nitrate-ring': [
    goggles,
    cupboard,
    take,
    pour('FeSO4', 2),
    pour('H2SO4', 1, { molarity: 18, how: 'down-the-side' }),
    wait(30),
  ],
  'nitrate-reduction': [
    goggles,
    take,
    pour('NaOH', 2, { molarity: 2 }),
    { do: 'add', reagent: 'Al-foil', to: 'tube' },
    { do: 'warm', vessel: 'tube', seconds: 120 },
    { do: 'hold', what: 'red-litmus', at: 'tube', damp: true },
  ],
  'carbonate-spot': spot('(NH4)2CO3'),
  'phosphate-spot': spot('(NH4)2HPO4'),
  'sulfate-spot': spot('(NH4)2SO4'),
  'metal-acid': [
    goggles,
    take,
    pour('HCl', 5, { molarity: 1 }),
    wait(10),
    { do: 'hold', what: 'lit-splint', at: 'tube' },
    wait(60),
  ],
  'lit-splint': gas('lit-splint'),
  'glowing-splint': gas('glowing-splint'),
  limewater: [
    goggles,
    limewater,
    take,
    { do: 'draw-gas', from: 'tube', to: 'limewater', times: 2 },
    { do: 'draw-gas', from: 'tube', to: 'limewater', times: 20 },
  ],
  'damp-red-litmus': gas('red-litmus', true),
  'damp-blue-litmus': gas('blue-litmus', true),
  'hcl-rod': [cupboard, ...gas('hcl-rod')],
  'acidified-manganate': gas('manganate-paper'),
  'starch-iodide-paper': gas('starch-iodide-paper', true),
  'potassium-iodide': [goggles, take, drops('KI', 5)],
  thiocyanate: [goggles, take, drops('KSCN', 3)],
};

/** Can a test be shown on the bench on screen? */
export const canShow = (test: TestId): boolean => acts[test] !== undefined;

export interface Demonstration {
  readonly actions: readonly Action[];
  readonly frames: readonly Seen[];
}

/**
 * Plays a test of a sample.
 * @throws RangeError where the test has no acts here, or cannot be done with such a sample.
 */
export function demonstrationOf(test: TestId, sample: TrueSample): Demonstration {
  const actions = acts[test];
  if (!actions) throw new RangeError('this test is not shown on the bench on screen');
  const bench = new ScreenBench({ samples: { sample }, goggles: false });
  return { actions, frames: actions.map((action) => bench.act(action)) };
}
