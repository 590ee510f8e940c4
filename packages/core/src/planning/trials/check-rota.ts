/** An independent judge of rotas and of proofs: it knows the rules of the problem and nothing of how they were found. */
import type { RotaProof } from '../rota-prices.js';
import type { RotaProblem, RotaSlot } from '../rota-problem.js';

const long = (t: { attended: number; unattended?: number }) => t.attended + (t.unattended ?? 0);

/** What is wrong with a whole rota, the lesson's end left out; empty where nothing is. */
export function wrongWith(problem: RotaProblem, schedule: readonly RotaSlot[]): string[] {
  const wrong: string[] = [];
  const { tasks, stations, groups, setUp, before = [], apart = [], from } = problem;
  const task = new Map(tasks.map((t) => [t.id, t]));
  const places = (s: string, minute: number) =>
    from && minute >= from.minute ? (from.places?.[s] ?? stations[s]!) : stations[s]!;
  const wasBegun = (slot: RotaSlot) =>
    from?.done.some((d) => d.group === slot.group && d.task === slot.task && d.start === slot.start) ?? false;
  for (let g = 1; g <= groups; g++) {
    const own = schedule.filter((s) => s.group === g);
    for (const { id } of tasks)
      if (own.filter((s) => s.task === id).length !== 1) wrong.push(`group ${g} does not do ${id} once`);
    for (const a of own) {
      if (a.end - a.start !== long(task.get(a.task)!)) wrong.push(`group ${g}: ${a.task} has another length`);
      if (!wasBegun(a) && a.start < Math.max(setUp, from?.minute ?? 0))
        wrong.push(`group ${g}: ${a.task} begins too soon`);
      for (const b of own)
        if (
          a !== b &&
          a.start <= b.start &&
          b.start < a.start + task.get(a.task)!.attended &&
          !(wasBegun(a) && wasBegun(b))
        )
          wrong.push(`group ${g}: ${a.task} and ${b.task} at once`);
    }
    for (const [a, b] of before) {
      const [first, then] = [own.find((s) => s.task === a)!, own.find((s) => s.task === b)!];
      if (then.start < first.end && !wasBegun(then)) wrong.push(`group ${g}: ${b} before ${a} has ended`);
    }
  }
  const end = Math.max(...schedule.map((s) => s.end));
  for (let t = 0; t < end; t++) {
    const there = (s: string) =>
      schedule.filter((slot) => task.get(slot.task)!.station === s && slot.start <= t && t < slot.end);
    for (const s of Object.keys(stations)) {
      const at = there(s);
      if (at.length > places(s, t) && at.some((slot) => !wasBegun(slot)))
        wrong.push(`${at.length} at ${s} at minute ${t}`);
    }
    for (const [a, b] of apart) {
      const [atA, atB] = [there(a), there(b)];
      if (atA.length && atB.length && [...atA, ...atB].some((slot) => !wasBegun(slot)))
        wrong.push(`${a} and ${b} are both in use at minute ${t}`);
    }
  }
  return wrong;
}

/**
 * Does a proof hold? Every group's cheapest plan, by trying all, costs more in sum than all places are worth. For plain
 * problems: nothing begun, nothing set by hand, no stations apart.
 */
export function holds(
  { tasks, stations, groups, before = [] }: RotaProblem,
  { horizon, prices }: RotaProof,
): boolean {
  const names = [...new Set(tasks.map((t) => t.station))];
  if (prices.some((row) => row.some((p) => !Number.isSafeInteger(p) || p < 0))) return false;
  const seen = new Map<string, number>();
  const cheapest = (t: number, ends: readonly (number | undefined)[]): number => {
    if (ends.every((e) => e !== undefined)) return 0;
    if (t >= horizon) return Infinity;
    const key = `${t} ${ends.map((e) => (e === undefined ? '-' : Math.max(0, e - t))).join()}`;
    const known = seen.get(key);
    if (known !== undefined) return known;
    let least = cheapest(t + 1, ends);
    tasks.forEach((task, i) => {
      if (ends[i] !== undefined || t + long(task) > horizon) return;
      const waits = before.some(
        ([a, b]) => b === task.id && !(ends[tasks.findIndex((x) => x.id === a)]! <= t),
      );
      if (waits) return;
      const row = prices[names.indexOf(task.station)]!;
      const cost = row.slice(t, t + long(task)).reduce((sum, p) => sum + p, 0);
      const then = ends.map((e, k) => (k === i ? t + long(task) : e));
      least = Math.min(least, cost + cheapest(t + task.attended, then));
    });
    seen.set(key, least);
    return least;
  };
  const worth = names.reduce((sum, s, r) => sum + stations[s]! * prices[r]!.reduce((a, p) => a + p, 0), 0);
  return (
    groups *
      cheapest(
        0,
        tasks.map(() => undefined),
      ) >
    worth
  );
}
