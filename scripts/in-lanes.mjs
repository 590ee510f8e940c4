/**
 * Runs jobs, `lanes` at a time, in their order, each once what it needs is over.
 * @param jobs `{ name, needs?: names, run: () => Promise }`; a need that is no job's name is taken to be met.
 * @throws what the first job throws that does; none begins after that, and those under way are waited for.
 */
export async function inLanes(jobs, lanes = 2) {
  const waiting = new Set(jobs);
  const unmet = new Set(jobs.map(({ name }) => name));
  const underWay = new Set();
  const thrown = [];
  const begin = (job) => {
    waiting.delete(job);
    const work = job
      .run()
      .then(
        () => unmet.delete(job.name),
        (error) => thrown.push(error),
      )
      .finally(() => underWay.delete(work));
    underWay.add(work);
  };
  for (;;) {
    const ready = [...waiting].filter(({ needs = [] }) => needs.every((name) => !unmet.has(name)));
    if (!thrown.length) for (const job of ready.slice(0, lanes - underWay.size)) begin(job);
    if (!underWay.size) break;
    await Promise.race(underWay);
  }
  if (thrown.length) throw thrown[0];
  if (waiting.size)
    throw new Error(`These wait for each other: ${[...waiting].map((j) => j.name).join(', ')}.`);
}
