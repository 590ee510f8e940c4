/** The bench on screen as the page holds it: what was done, what stands there, what was logged. */
import type { WireEvent } from '@kivex/contract';
import {
  exerciseSetUp,
  ScreenBench,
  type Action,
  type ExerciseFault,
  type MadeSlip,
  type Seen,
  type StudentBody,
  type UnknownExercise,
  type VesselView,
} from '@kivex/core';
import { create } from 'zustand';
import { entryOf } from './exercise-bench.js';

export type Station = 'tubes' | 'flame';

interface ScreenBenchState {
  readonly exercise: UnknownExercise | undefined;
  readonly label: string;
  readonly fault: ExerciseFault | undefined;
  readonly actions: readonly Action[];
  readonly seen: readonly Seen[];
  readonly vessels: readonly VesselView[];
  readonly flames: ReturnType<ScreenBench['flames']>;
  readonly goggles: boolean;
  readonly cupboard: boolean;
  readonly clock_s: number;
  readonly slips: readonly MadeSlip[];
  /** Vessel one works at. */
  readonly chosen: string | undefined;
  /** The one worked at before that. */
  readonly before: string | undefined;
  readonly station: Station;
  /** What could not be done, and why. */
  readonly problem: string | undefined;
  readonly events: readonly WireEvent[];
  /** Named and looked back on. */
  readonly over: boolean;

  /** @param fault what is wrong with a bottle, untold. */
  start: (exercise: UnknownExercise, label: string, fault?: ExerciseFault) => void;
  act: (action: Action) => boolean;
  choose: (vessel: string) => void;
  go: (station: Station) => void;
  log: (body: StudentBody) => Promise<string>;
  finish: () => void;
}

let bench: ScreenBench | undefined;
const nothing = { airHoleOpen: true, tools: [] } as const;

const snapshot = (b: ScreenBench) => ({
  vessels: b.views(),
  flames: b.flames(),
  goggles: b.goggles,
  clock_s: b.clock_s,
  slips: b.afterwards(),
});

export const useScreenBench = create<ScreenBenchState>()((set, get) => ({
  exercise: undefined,
  label: '',
  fault: undefined,
  actions: [],
  seen: [],
  vessels: [],
  flames: nothing,
  goggles: false,
  cupboard: false,
  clock_s: 0,
  slips: [],
  chosen: undefined,
  before: undefined,
  station: 'tubes',
  problem: undefined,
  events: [],
  over: false,

  start: (exercise, label, fault) => {
    bench = new ScreenBench({ ...exerciseSetUp(exercise), ...(fault ? { bottles: fault.bottles } : {}) });
    set({
      exercise,
      label,
      fault,
      actions: [],
      seen: [],
      chosen: undefined,
      before: undefined,
      station: exercise.practical.tests[0]?.test === 'flame' ? 'flame' : 'tubes',
      problem: undefined,
      events: [],
      over: false,
      cupboard: false,
      ...snapshot(bench),
    });
  },
  act: (action) => {
    if (!bench) return false;
    try {
      const seen = bench.act(action);
      const chosen = seen.vessel?.vessel ?? get().chosen;
      set({
        actions: [...get().actions, action],
        seen: [...get().seen, seen],
        problem: undefined,
        chosen,
        ...(chosen === get().chosen ? {} : { before: get().chosen }),
        ...(action.do === 'fume-cupboard' ? { cupboard: action.on } : {}),
        ...snapshot(bench),
      });
      return true;
    } catch (error) {
      set({ problem: sentence((error as Error).message) });
      return false;
    }
  },
  choose: (vessel) => {
    get().act({ do: 'look', vessel });
  },
  go: (station) => set({ station, problem: undefined }),
  log: (body) => {
    const { events } = get();
    const entry = entryOf(body, events.length + 1);
    set({ events: [...events, entry] });
    return Promise.resolve(entry.id);
  },
  finish: () => set({ over: true }),
}));

const sentence = (text: string): string =>
  `${text.slice(0, 1).toUpperCase()}${text.slice(1)}.`.replace(/\.\.$/, '.');
