/** Two slots of a rota under way changed for each other, by hand, and what it would clash with. */
import { rotaClashes, type RotaClash, type TaskNames } from './rota-pins.js';
import type { RotaProblem, RotaSlot } from './rota-problem.js';

/** A slot told apart within its rota. */
export interface SlotOf {
  readonly group: number;
  readonly task: string;
}
const is =
  (wanted: SlotOf) =>
  ({ group, task }: SlotOf): boolean =>
    group === wanted.group && task === wanted.task;

/** The slots a slot can be changed for: others of its group, or those of the same task of other groups, that have not begun. */
export function swapsFor(schedule: readonly RotaSlot[], slot: RotaSlot, minute: number): RotaSlot[] {
  if (slot.start < minute) return [];
  return schedule.filter(
    (other) =>
      other.start >= minute &&
      !is(slot)(other) &&
      (other.group === slot.group || other.task === slot.task) &&
      other.start !== slot.start,
  );
}

/**
 * The rota with two slots changed for each other. Those of one group swap their order within the time both take; those of two
 * groups at the same task swap their times, and what either would be at meanwhile takes the time that has become free. Nothing else is
 * moved.
 * @throws RangeError where a slot is not in the rota, or the two have nothing in common.
 */
export function swapSlots(
  { tasks }: Pick<RotaProblem, 'tasks'>,
  schedule: readonly RotaSlot[],
  a: SlotOf,
  b: SlotOf,
): RotaSlot[] {
  const [one, two] = [a, b].map((wanted) => {
    const found = schedule.find(is(wanted));
    if (!found) throw new RangeError(`Group ${wanted.group} has no ${wanted.task} in this rota.`);
    return found;
  }) as [RotaSlot, RotaSlot];
  if (one.group !== two.group && one.task !== two.task)
    throw new RangeError('Only two slots of one group, or of one test, can be changed for each other.');
  const moved = (slot: RotaSlot, start: number): RotaSlot => ({
    ...slot,
    start,
    end: start + slot.end - slot.start,
  });
  const attended = (slot: RotaSlot) =>
    tasks.find((t) => t.id === slot.task)?.attended ?? slot.end - slot.start;
  const [first, then] = one.start <= two.start ? [one, two] : [two, one];
  const ends = (slot: RotaSlot) => slot.start + attended(slot);
  const moves =
    first.group === then.group
      ? // The later begins where the earlier did, the earlier is done when the later was.
        [
          moved(then, first.start),
          moved(first, Math.max(first.start + attended(then), ends(then) - attended(first))),
        ]
      : [
          [first, then],
          [then, first],
        ].flatMap(([own, others]) => {
          const there = moved(own!, others!.start);
          // What its group would be at meanwhile takes the time that has become free.
          const inTheWay = schedule.find(
            (s) =>
              s.group === own!.group &&
              s.task !== own!.task &&
              s.start < ends(there) &&
              there.start < ends(s),
          );
          return inTheWay ? [there, moved(inTheWay, own!.start)] : [there];
        });
  return schedule.map((slot) => moves.find(is(slot)) ?? slot);
}

/** What a rota clashes with that it did not before, as sentences. */
export function newClashes(
  problem: RotaProblem,
  before: readonly RotaSlot[],
  after: readonly RotaSlot[],
  name?: TaskNames,
): string[] {
  const said = (clashes: readonly RotaClash[]) => clashes.map((c) => c.text);
  const old = new Set(said(rotaClashes(problem, before, name)));
  return [...new Set(said(rotaClashes(problem, after, name)))].filter((text) => !old.has(text));
}
