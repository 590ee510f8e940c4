/** Calls the planning worker; to cancel is to let the worker go and start another when it is next wanted. */
import * as Comlink from 'comlink';
import type { PlanningWork } from './planning-worker.js';

export interface Planning {
  readonly work: Comlink.Remote<PlanningWork>;
  readonly stop: () => void;
}

/** A worker of one's own. */
export function startPlanning(): Planning {
  const worker = new Worker(new URL('./planning-worker.ts', import.meta.url), { type: 'module' });
  return { work: Comlink.wrap<PlanningWork>(worker), stop: () => worker.terminate() };
}
/** A function the worker may call back. */
export const called = Comlink.proxy;
