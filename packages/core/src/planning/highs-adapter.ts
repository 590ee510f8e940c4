/** Turns a loaded HiGHS into the solver the core's planning may call; whoever has one, on the command line or in a worker, hands it in here. */
import type { MipSolver } from './solver.js';

/** The part of HiGHS, compiled to WebAssembly, that is used. */
export interface LoadedHighs {
  solve(model: string, options: Readonly<Record<string, string | number | boolean>>): HighsAnswer;
}
export interface HighsAnswer {
  readonly Status: string;
  readonly ObjectiveValue: number;
  readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>;
  readonly Rows?: readonly { readonly Name: string; readonly Dual?: number }[];
}

/**
 * @param load loads a fresh HiGHS: a model it cannot take leaves the WebAssembly in a doubtful state.
 */
export async function highsSolver(load: () => Promise<LoadedHighs>): Promise<MipSolver> {
  let highs = await load();
  const reload = async (): Promise<void> => {
    highs = await load();
  };
  return (model, seconds, { small = false } = {}) => {
    try {
      const answer = highs.solve(model, {
        time_limit: seconds,
        output_flag: false,
        mip_rel_gap: 0,
        mip_abs_gap: 0.5,
        ...(small ? { solver: 'simplex', presolve: 'off' } : {}),
      });
      const columns = Object.entries(answer.Columns);
      const values = () => Object.fromEntries(columns.map(([name, column]) => [name, column.Primal ?? 0]));
      const solved = columns.every(([, column]) => typeof column.Primal === 'number');
      if (answer.Status === 'Optimal')
        return {
          status: 'optimal',
          objective: answer.ObjectiveValue,
          values: values(),
          prices: Object.fromEntries((answer.Rows ?? []).map((row) => [row.Name, row.Dual ?? 0])),
        };
      if (answer.Status === 'Infeasible') return { status: 'infeasible' };
      if (/limit reached$/.test(answer.Status) && solved && Number.isFinite(answer.ObjectiveValue))
        return { status: 'feasible', objective: answer.ObjectiveValue, values: values() };
    } catch {
      void reload();
    }
    return { status: 'unknown' };
  };
}
