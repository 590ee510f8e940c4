/** A lesson under way as a rota problem: what is done or under way stays, the rest is planned from this minute on. */
import type { RotaPin, RotaProblem, RotaSlot } from './rota-problem.js';

/** How much of a task a group still has to do: 1 is all of it, 0 nothing. */
export type Left = (group: number, task: string) => number;

/**
 * @param schedule the rota the lesson ran by until now. @param minute of the lesson.
 * @param places from now on, by station, where they are others than planned.
 * @returns the problem of what is left. What was done is said to have ended by now, whenever it was done; what is half done to end
 *   when the rest of it will be.
 */
export function fromNow(
  problem: RotaProblem,
  schedule: readonly RotaSlot[],
  minute: number,
  left: Left,
  places: Readonly<Record<string, number>> = {},
): RotaProblem {
  const task = new Map(problem.tasks.map((t) => [t.id, t]));
  const done: RotaPin[] = [];
  for (const { group, task: id, start } of schedule) {
    const found = task.get(id);
    if (!found || group > problem.groups) continue;
    const long = found.attended + (found.unattended ?? 0);
    const share = Math.min(1, Math.max(0, left(group, id)));
    if (share === 0) done.push({ group, task: id, start: Math.min(start, minute - long) });
    else if (start <= minute && minute < start + long) done.push({ group, task: id, start });
    // Begun, at another time than planned: it takes as long as what is left of it.
    else if (share < 1)
      done.push({ group, task: id, start: minute - long + Math.max(1, Math.ceil(long * share)) });
  }
  const changed = Object.fromEntries(
    Object.entries(places).filter(
      ([station, n]) => station in problem.stations && problem.stations[station] !== n,
    ),
  );
  const { pinned: _, ...rest } = problem;
  return {
    ...rest,
    from: { minute, done, ...(Object.keys(changed).length ? { places: changed } : {}) },
  };
}

/** Of each group the first task that begins later or elsewhere in the order than it was planned, with both minutes. */
export function slotChanges(
  before: readonly RotaSlot[],
  after: readonly RotaSlot[],
  minute: number,
): { readonly group: number; readonly task: string; readonly was: number; readonly is: number }[] {
  const was = new Map(before.map((s) => [`${s.group} ${s.task}`, s.start]));
  return after
    .flatMap((s) => {
      const then = was.get(`${s.group} ${s.task}`);
      return s.start >= minute && then !== undefined && then !== s.start
        ? [{ group: s.group, task: s.task, was: then, is: s.start }]
        : [];
    })
    .sort((a, b) => a.group - b.group || a.is - b.is);
}
