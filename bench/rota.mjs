// The rota on hard lessons: the engine beside the plain search it grew from and a plain time-indexed model in HiGHS, in one run.
import load from 'highs';
import { constraintSolver, modelOf } from './constraint-rota.mjs';
import { performance } from 'node:perf_hooks';
import { highsSolver } from '../packages/core/dist/planning/highs-adapter.js';
import { leastMinutes } from '../packages/core/dist/planning/rota-bound.js';
import { layRota } from '../packages/core/dist/planning/rota-problem.js';
import { searchRota } from '../packages/core/dist/planning/rota-search.js';
import { rota } from '../packages/core/dist/planning/rota.js';
import { solveMip, useSolver } from '../packages/core/dist/planning/solver.js';
import { hardRota } from '../packages/core/dist/planning/trials/hard-rotas.js';
import { holds, wrongWith } from '../packages/core/dist/planning/trials/check-rota.js';

const seconds = 12;
const now = () => performance.now();

/** Does every group begin every task once, by a horizon? Proven shortest where it does by `horizon` and not a minute sooner. */
function timeIndexed(laid, horizon) {
  const { groups, m, duration, attended, station, places, before } = laid;
  const x = (g, i, t) => `x${g}_${i}_${t}`;
  const starts = (i) => Array.from({ length: Math.max(0, horizon - duration[i] + 1) }, (_, t) => t);
  const rows = [];
  const binary = [];
  for (let g = 0; g < groups; g++) {
    for (let i = 0; i < m; i++) {
      const own = starts(i).map((t) => x(g, i, t));
      if (!own.length) return 'infeasible';
      binary.push(...own);
      rows.push(`${own.join(' + ')} = 1`);
      for (const p of before[i])
        rows.push(
          `${starts(i)
            .map((t) => `${t} ${x(g, i, t)}`)
            .join(' + ')} ${starts(p)
            .map((t) => `- ${t} ${x(g, p, t)}`)
            .join(' ')} >= ${duration[p]}`,
        );
    }
    for (let k = 0; k < horizon; k++) {
      const busy = Array.from({ length: m }, (_, i) =>
        starts(i)
          .filter((t) => t <= k && k < t + attended[i])
          .map((t) => x(g, i, t)),
      ).flat();
      if (busy.length > 1) rows.push(`${busy.join(' + ')} <= 1`);
    }
  }
  places.forEach((n, s) => {
    for (let k = 0; k < horizon; k++) {
      const there = [];
      for (let g = 0; g < groups; g++)
        for (let i = 0; i < m; i++)
          if (station[i] === s)
            there.push(
              ...starts(i)
                .filter((t) => t <= k && k < t + duration[i])
                .map((t) => x(g, i, t)),
            );
      if (there.length > n) rows.push(`${there.join(' + ')} <= ${n}`);
    }
  });
  const lines = (list) => list.map((row, r) => `r${r}: ${row}`).join('\n');
  return solveMip(
    `Minimize\nobj: 0 ${binary[0]}\nSubject To\n${lines(rows)}\nBinary\n${binary.join('\n')}\nEnd`,
    seconds,
  ).status;
}

const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

/** @param count of hard rotas, by seed. @returns lines to print. */
export async function hardRotas(count = 20, plain = 5, constraint = 10) {
  useSolver(await highsSolver(() => load()));
  const rows = [];
  for (let seed = 1; seed <= count; seed++) {
    const problem = hardRota(seed);
    const laid = layRota(problem);
    const at = now();
    const answer = rota(problem, { seconds, mends: false });
    const ms = now() - at;
    if (wrongWith(problem, answer.schedule).length || (answer.proof && !holds(problem, answer.proof)))
      throw new Error(`the rota of trial ${seed} breaks a rule, or its proof does not hold`);
    const before = now();
    const least = leastMinutes(laid);
    const old = searchRota(laid, { target: least, seconds, seed: 1, now });
    rows.push({
      proven: answer.optimal,
      ms,
      makespan: answer.makespan - problem.setUp,
      old: old.makespan,
      oldProven: old.makespan === least,
      oldMs: now() - before,
    });
  }
  const share = (list) => `${list.filter(Boolean).length} of ${list.length}`;
  const lines = [
    `hard rotas, ${count} by seed, ${seconds} s each: proven shortest ${share(rows.map((r) => r.proven))}, median ${(middle(rows.map((r) => r.ms)) / 1000).toFixed(2)} s`,
    `  baseline, the plain search: proven ${share(rows.map((r) => r.oldProven))}, longer than the engine's in ${rows.filter((r) => r.old > r.makespan).length}, median ${(middle(rows.map((r) => r.oldMs)) / 1000).toFixed(2)} s`,
  ];
  const settled = [];
  for (let seed = 1; seed <= plain; seed++) {
    const problem = hardRota(seed);
    const laid = layRota(problem);
    const best = rows[seed - 1].makespan;
    const began = now();
    const there = timeIndexed(laid, best);
    const sooner = there === 'optimal' ? timeIndexed(laid, best - 1) : 'unknown';
    settled.push({ ok: there === 'optimal' && sooner === 'infeasible', ms: now() - began });
  }
  lines.push(
    `  baseline, a time-indexed model, told the makespan, ${seconds} s a question: settled ${share(settled.map((s) => s.ok))} of the first, median ${(middle(settled.map((s) => s.ms)) / 1000).toFixed(1)} s`,
  );
  const solver = await constraintSolver(seconds);
  try {
    const asked = [];
    for (let seed = 1; seed <= constraint; seed++) {
      const laid = layRota(hardRota(seed));
      const best = rows[seed - 1].makespan;
      const there = await solver.settle(modelOf(laid, best));
      const sooner = await solver.settle(modelOf(laid, best - 1));
      asked.push({
        there: there.status === 'SATISFIED',
        sooner: sooner.status === 'UNSATISFIABLE',
        ms: there.ms + sooner.ms,
      });
    }
    lines.push(
      `  baseline, a constraint solver (Chuffed in WebAssembly), told the makespan, ${seconds} s a question: a plan in ${share(asked.map((a) => a.there))}, none sooner proven in ${share(asked.map((a) => a.sooner))}, median ${(middle(asked.map((a) => a.ms)) / 1000).toFixed(1)} s`,
    );
  } finally {
    await solver.close();
  }
  return lines;
}
