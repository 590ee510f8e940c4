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
  /** Pairs of stations that are never in use at the same minute, by whichever groups: flames and flammable vapour. */
  readonly apart?: readonly (readonly [string, string])[];
  /** Planned anew from this minute of the lesson: what has begun stays. */
  readonly from?: RotaFrom;
}
export interface RotaFrom {
  readonly minute: number;
  readonly done: readonly RotaPin[];
  /** Places from that minute on, where they are others than before. */
  readonly places?: Readonly<Record<string, number>>;
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
  /** A task's number. @throws RangeError for one that is not there. */
  readonly numberOf: (task: string) => number;
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
  /** The same of those that have begun already. */
  readonly begun: ReadonlyMap<number, number>;
  /** Nothing else begins before this minute after set-up. */
  readonly release: number;
  /** For each station, those that are never in use with it. */
  readonly apart: readonly (readonly number[])[];
}

/**
 * Lays a problem out.
 * @throws RangeError for unknown stations or tasks, repeated tasks and circles, each in a sentence.
 */
export function layRota({
  groups,
  tasks,
  stations,
  setUp,
  before = [],
  pinned = [],
  apart = [],
  from,
}: RotaProblem): LaidRota {
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
  const operation = (what: string, { group, task, start }: RotaPin): readonly [number, number] => {
    const i = number.get(task);
    if (i === undefined || group < 1 || group > groups)
      throw new RangeError(
        `${what} names group ${group} and the task "${task}", which this rota does not have`,
      );
    return [(group - 1) * tasks.length + i, start - setUp];
  };
  const begun = new Map((from?.done ?? []).map((done) => operation('from.done', done)));
  for (const [a, b] of apart)
    for (const name of [a, b])
      if (!Object.hasOwn(stations, name))
        throw new RangeError(`apart names the station "${name}", which the room does not have`);
  for (const name of Object.keys(from?.places ?? {}))
    if (!Object.hasOwn(stations, name))
      throw new RangeError(`from.places names the station "${name}", which the room does not have`);
  for (const { group, task, start } of from?.done ?? [])
    if (start > from!.minute)
      throw new RangeError(
        `from.done says that group ${group} began "${task}" at minute ${start}, after minute ${from!.minute}`,
      );
  const attended = tasks.map((t) => t.attended);
  const unattended = tasks.map((t) => t.unattended ?? 0);
  return {
    groups,
    m: tasks.length,
    numberOf: (task) => {
      const i = number.get(task);
      if (i === undefined) throw new RangeError(`there is no task "${task}" in this rota`);
      return i;
    },
    attended,
    unattended,
    duration: attended.map((a, i) => a + unattended[i]!),
    station: tasks.map((t) => stationNames.indexOf(t.station)),
    places: stationNames.map((s) => from?.places?.[s] ?? stations[s]!),
    stationNames,
    before: into,
    after: out,
    order,
    pinned: new Map(pinned.map((pin) => operation('a pin', pin)).filter(([op]) => !begun.has(op))),
    begun,
    release: from ? Math.max(0, from.minute - setUp) : 0,
    apart: stationNames.map((name) =>
      apart
        .flatMap(([a, b]) => (a === name ? [b] : b === name ? [a] : []))
        .map((other) => stationNames.indexOf(other))
        .filter((other) => other >= 0),
    ),
  };
}
