/** One long computation of the planning worker at a time, with how far it is and what went wrong. */
import { useCallback, useEffect, useRef, useState } from 'react';
import { startPlanning, type Planning } from './planning-client.js';

export interface PlanningRun {
  /** How much is done; undefined while nothing is waited for. */
  readonly done: number | undefined;
  readonly problem: string | undefined;
  /** Lets the worker go with what it does, if it does anything, and with what went wrong before. */
  readonly stop: () => void;
  /** Stops what is under way and begins another; resolves when that has ended, been stopped or failed. */
  readonly start: (does: (work: Planning['work'], own: OwnRun) => Promise<void>) => Promise<void>;
}
export interface OwnRun {
  /** Is it this run still that the page waits for? */
  readonly stands: () => boolean;
  /** Says how much is done; undefined where the page need not wait for the rest. */
  readonly tell: (done: number | undefined) => void;
}

/** Ends with the page that uses it. @param begin gives a worker; another one in tests. */
export function usePlanningRun(begin: () => Planning = startPlanning): PlanningRun {
  const [done, setDone] = useState<number>();
  const [problem, setProblem] = useState<string>();
  const current = useRef<Planning>(undefined);
  const letGo = useCallback(() => {
    current.current?.stop();
    current.current = undefined;
    setDone(undefined);
  }, []);
  const stop = useCallback(() => {
    letGo();
    setProblem(undefined);
  }, [letGo]);
  useEffect(() => stop, [stop]);
  const start: PlanningRun['start'] = async (does) => {
    stop();
    const own = begin();
    current.current = own;
    const stands = () => current.current === own;
    setDone(0);
    try {
      await does(own.work, { stands, tell: (n) => void (stands() && setDone(n)) });
    } catch (error) {
      if (stands()) setProblem((error as Error).message);
    } finally {
      if (stands()) letGo();
    }
  };
  return { done, problem, stop, start };
}
