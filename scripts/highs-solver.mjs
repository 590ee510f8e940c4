// HiGHS, compiled to WebAssembly, as the solver the core's planning may call.

/** Loads HiGHS once and gives the function the core takes. */
export async function highsSolver() {
  const { default: load } = await import('highs');
  let highs = await load();
  const reload = async () => (highs = await load());
  return (model, seconds) => {
    try {
      const answer = highs.solve(model, {
        time_limit: seconds,
        output_flag: false,
        mip_rel_gap: 0,
        mip_abs_gap: 0.5,
      });
      const values = () =>
        Object.fromEntries(Object.entries(answer.Columns).map(([name, column]) => [name, column.Primal]));
      const solved = Object.values(answer.Columns ?? {}).every((column) => typeof column.Primal === 'number');
      if (answer.Status === 'Optimal')
        return { status: 'optimal', objective: answer.ObjectiveValue, values: values() };
      if (answer.Status === 'Infeasible') return { status: 'infeasible' };
      if (answer.Status === 'Time limit reached' && solved && Number.isFinite(answer.ObjectiveValue))
        return { status: 'feasible', objective: answer.ObjectiveValue, values: values() };
    } catch {
      // A model it cannot take leaves the WebAssembly in a doubtful state: a fresh one for the next question.
      void reload();
    }
    return { status: 'unknown' };
  };
}
