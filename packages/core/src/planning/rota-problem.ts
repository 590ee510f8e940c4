/** A rota in numbers: groups that all do the same tasks at stations with few places. */
export interface RotaTask {
  readonly id: string;
  /** Whole minutes; the attended ones come first, without a break. */
  readonly attended: number;
  readonly unattended?: number;
  readonly station: string;
}
export interface RotaProblem {
  readonly groups: number;
  readonly tasks: readonly RotaTask[];
  /** Places by station. */
  readonly stations: Readonly<Record<string, number>>;
  /** Whole minutes. */
  readonly lesson: number;
  readonly setUp: number;
  readonly clearUp: number;
  /** Pairs [a, b]: a has ended, unattended part included, before b begins. */
  readonly before?: readonly (readonly [string, string])[];
  /** Slots set by hand: this group begins this task at this minute of the lesson. */
  readonly pinned?: readonly RotaPin[];
}
export interface RotaPin {
  readonly group: number;
  readonly task: string;
  readonly start: number;
}

/** One group at one task. */
export interface RotaSlot {
  readonly group: number;
  readonly task: string;
  /** Minutes from the lesson's start. */
  readonly start: number;
  readonly end: number;
}

/** The problem laid out by task number. */
export interface LaidRota {
  readonly groups: number;
  readonly m: number;
  readonly attended: readonly number[];
  readonly unattended: readonly number[];
  /** Attended and unattended minutes together: how long a place is held. */
  readonly duration: readonly number[];
  readonly station: readonly number[];
  readonly places: readonly number[];
  readonly stationNames: readonly string[];
  /** Direct predecessors and successors of each task. */
  readonly before: readonly (readonly number[])[];
  readonly after: readonly (readonly number[])[];
  /** Tasks in an order that respects `before`. */
  readonly order: readonly number[];
  /** Minutes after set-up at which pinned operations (group × m + task) begin. */
  readonly pinned: ReadonlyMap<number, number>;
}

/**
 * Lays a problem out.
 * @throws RangeError for unknown stations or tasks, repeated tasks and circles, each in a sentence.
 */
export function layRota({ groups, tasks, stations, setUp, before = [], pinned = [] }: RotaProblem): LaidRota {
  const number = new Map<string, number>();
  tasks.forEach((task, i) => {
    if (number.has(task.id))
      throw new RangeError(`the task "${task.id}" stands twice; give each task an id of its own`);
    number.set(task.id, i);
    if (!Object.hasOwn(stations, task.station))
      throw new RangeError(
        `the task "${task.id}" wants the station "${task.station}", which the room does not have`,
      );
  });
  const stationNames = [...new Set(tasks.map((t) => t.station))];
  const into: number[][] = tasks.map(() => []);
  const out: number[][] = tasks.map(() => []);
  for (const [a, b] of before) {
    const [from, to] = [number.get(a), number.get(b)];
    if (from === undefined || to === undefined)
      throw new RangeError(
        `before names the task "${from === undefined ? a : b}", which is not among the tasks`,
      );
    if (from === to) throw new RangeError(`before puts "${a}" before itself`);
    if (!out[from]!.includes(to)) {
      out[from]!.push(to);
      into[to]!.push(from);
    }
  }
  const open = into.map((list) => list.length);
  const order: number[] = open.flatMap((n, i) => (n === 0 ? [i] : []));
  for (const i of order) for (const k of out[i]!) if (--open[k]! === 0) order.push(k);
  if (order.length < tasks.length) {
    const circle = tasks.filter((_, i) => open[i]! > 0).map((t) => t.id);
    throw new RangeError(`before runs in a circle through ${circle.join(', ')}; take one of the pairs out`);
  }
  const attended = tasks.map((t) => t.attended);
  const unattended = tasks.map((t) => t.unattended ?? 0);
  return {
    groups,
    m: tasks.length,
    attended,
    unattended,
    duration: attended.map((a, i) => a + unattended[i]!),
    station: tasks.map((t) => stationNames.indexOf(t.station)),
    places: stationNames.map((s) => stations[s]!),
    stationNames,
    before: into,
    after: out,
    order,
    pinned: new Map(
      pinned.map(({ group, task, start }) => {
        const i = number.get(task);
        if (i === undefined || group < 1 || group > groups)
          throw new RangeError(
            `a pin names group ${group} and the task "${task}", which this rota does not have`,
          );
        return [(group - 1) * tasks.length + i, start - setUp];
      }),
    ),
  };
}
