/**
 * The mixed-integer solver planning may call. The core holds no solver: whoever runs it (the command
 * line, a web worker) hands one in; without one, planning still answers, and proves only what its own
 * bounds prove.
 */
export type MipAnswer =
  | {
      readonly status: 'optimal' | 'feasible';
      readonly objective: number;
      readonly values: Readonly<Record<string, number>>;
      /** What one more of each row's right side would bring; of a linear model only. */
      readonly prices?: Readonly<Record<string, number>>;
    }
  | { readonly status: 'infeasible' }
  /** Out of time with nothing found. */
  | { readonly status: 'unknown' };

export interface SolveSettings {
  /** A small linear model: making it smaller first costs more than it saves. */
  readonly small?: boolean;
}
/** Solves a model in CPLEX LP format within so many seconds. */
export type MipSolver = (model: string, seconds: number, settings?: SolveSettings) => MipAnswer;

let solver: MipSolver | undefined;

/** Hands in the solver for this process. */
export function useSolver(given: MipSolver | undefined): void {
  solver = given;
}
/** Solves a model, or says `unknown` where no solver was handed in. */
export const solveMip: MipSolver = (model, seconds, settings) =>
  solver?.(model, seconds, settings) ?? { status: 'unknown' };
