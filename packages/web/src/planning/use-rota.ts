/** The rota of a problem, worked out in the worker: a valid one at once, then only better ones; stopped when the problem changes. */
import type { RotaProblem, RotaResult, RotaSlot } from '@kivex/core';
import { useEffect, useState } from 'react';
import { called, startPlanning } from './planning-client.js';

export interface RotaWork {
  readonly running: boolean;
  readonly found:
    { readonly makespan: number; readonly bound: number; readonly schedule: readonly RotaSlot[] } | undefined;
  readonly result: RotaResult | undefined;
  readonly problem: string | undefined;
  readonly stop: () => void;
}
/** Seconds the search may take; what would mend a long one takes a little more. */
const seconds = 6;
/** Milliseconds of calm before the work begins, so that typing does not start it at every key. */
const calm = 250;

export function useRota(problem: RotaProblem | undefined): RotaWork {
  const key = JSON.stringify(problem);
  const [state, setState] = useState<Omit<RotaWork, 'stop'>>({
    running: false,
    found: undefined,
    result: undefined,
    problem: undefined,
  });
  const [stopped, setStopped] = useState<string>();
  useEffect(() => {
    if (!key || stopped === key) return;
    const asked = JSON.parse(key) as RotaProblem;
    let live = true;
    let stop: () => void = () => undefined;
    setState({ running: true, found: undefined, result: undefined, problem: undefined });
    const timer = setTimeout(() => {
      const planning = startPlanning();
      stop = planning.stop;
      planning.work
        .rota(
          asked,
          seconds,
          called((makespan, bound, schedule) => {
            if (live) setState((s) => ({ ...s, found: { makespan, bound, schedule } }));
          }),
        )
        .then(
          (result) => live && setState((s) => ({ ...s, running: false, result, problem: undefined })),
          (error: Error) => live && setState((s) => ({ ...s, running: false, problem: error.message })),
        )
        .finally(planning.stop);
    }, calm);
    return () => {
      live = false;
      clearTimeout(timer);
      stop();
    };
  }, [key, stopped]);
  return {
    ...state,
    running: state.running && stopped !== key,
    stop: () => setStopped(key),
  };
}
