/** What the board says of one bench, worked out from its record. */
import type { Lesson, LessonGroup, WireEvent } from '@kivex/contract';
import {
  contradictionsOf,
  countOf,
  isDoneOn,
  ownSlots,
  paceOf,
  readGroup,
  samplesOfGroup,
  syllabusFor,
  testsWithControls,
  tileOf,
  type Contradiction,
  type GroupRecord,
  type ObservationEntry,
  type Pace,
  type TileCount,
  type TileRow,
} from '@kivex/core';

export interface BenchStatus {
  readonly group: LessonGroup;
  readonly record: GroupRecord;
  readonly rows: readonly TileRow[];
  readonly count: TileCount;
  /** What was logged last: where the group is. */
  readonly latest: ObservationEntry | undefined;
  /** Undefined where no rota was kept, or the lesson does not run. */
  readonly pace: Pace | undefined;
  /** Students who have named every unknown of theirs. */
  readonly named: number;
  readonly handedIn: number;
  readonly contradictions: readonly Contradiction[];
}

/** The tests of a lesson, in the order of the practical: the columns of its tiles. */
export const testsOfLesson = ({ practical }: Pick<Lesson, 'practical'>): string[] =>
  testsWithControls(practical).map((t) => t.test);

/** What was worked out of each bench last, and from what: a tap at one bench leaves the others as they were. */
export type KeptStatuses = Map<
  string,
  { readonly from: string; readonly lesson: Lesson; readonly status: BenchStatus }
>;

/**
 * The state of every bench of a lesson, in order of the benches.
 * @param now milliseconds. @param kept what came of it last; benches nothing has happened at are taken from there.
 */
export function benchStatuses(
  lesson: Lesson,
  events: readonly WireEvent[],
  now: number,
  kept: KeptStatuses = new Map(),
): BenchStatus[] {
  const { practical } = lesson;
  const sources = new Map(lesson.samples.flatMap((s) => (s.from ? [[s.id, s.from] as const] : [])));
  const { cations } = syllabusFor(practical);
  const planned = testsWithControls(practical);
  const tests = testsOfLesson(lesson);
  const written = new Map(practical.samples.map((s) => [s.key, s]));
  const doneOn = new Map(
    lesson.samples.map(({ id, key }) => {
      const sample = written.get(key);
      return [id, sample ? planned.filter((t) => isDoneOn(t, sample)).map((t) => t.test) : []];
    }),
  );
  const minute =
    lesson.state === 'running' && lesson.startedAt
      ? Math.floor((now - Date.parse(lesson.startedAt)) / 60_000)
      : undefined;
  const perGroup = new Map<string, WireEvent[]>();
  for (const event of events) {
    const list = perGroup.get(event.group);
    if (list) list.push(event);
    else perGroup.set(event.group, [event]);
  }
  return lesson.groupList.map((group, place) => {
    const logged = perGroup.get(group.id) ?? [];
    const from = `${logged.length} ${logged.at(-1)?.id ?? ''} ${minute ?? ''}`;
    const last = kept.get(group.id);
    if (last?.from === from && last.lesson === lesson) return last.status;
    const record = readGroup(logged);
    const own = samplesOfGroup(lesson.samples, group.unknowns, sources);
    const rows = tileOf(
      record,
      own.map(({ id }) => ({ id, tests: doneOn.get(id)! })),
      tests,
    );
    const slots = ownSlots(lesson.planning.schedule, place + 1);
    const status: BenchStatus = {
      group,
      record,
      rows,
      count: countOf(rows),
      latest: record.observations.at(-1),
      pace: minute !== undefined && slots.length ? paceOf(slots, minute, rows, tests) : undefined,
      named: group.students.filter((s) =>
        group.unknowns.every((u) => record.namings.some((n) => n.by === s.id && n.body.sample === u)),
      ).length,
      handedIn: group.students.filter((s) => record.handedIn[s.id]).length,
      contradictions: contradictionsOf(record, group.unknowns, cations),
    };
    kept.set(group.id, { from, lesson, status });
    return status;
  });
}

/** The benches for a lesson, its log and a moment (milliseconds). */
export type Statuses = (lesson: Lesson, events: readonly WireEvent[], now: number) => readonly BenchStatus[];

/** Works out benches as they are asked for: the same as last time while nothing has changed, else only those where something has. */
export function rememberedStatuses(): Statuses {
  const kept: KeptStatuses = new Map();
  let last: { readonly of: readonly [Lesson, readonly WireEvent[], number]; readonly all: BenchStatus[] };
  return (...of) => {
    if (!last || of.some((part, i) => part !== last.of[i])) last = { of, all: benchStatuses(...of, kept) };
    return last.all;
  };
}

/** Minutes without an entry after which a bench that has not handed in is called quiet. */
export const quietAfter = 10;
export const isQuiet = (bench: BenchStatus, now: number, running: boolean): boolean =>
  running &&
  bench.record.lastAt !== null &&
  bench.handedIn < bench.group.students.length &&
  now - Date.parse(bench.record.lastAt) >= quietAfter * 60_000;

/** How much a bench needs somebody: the more, the sooner it is come to. */
export function needOf(bench: BenchStatus, now: number, running: boolean): number {
  const { record, count, pace, contradictions } = bench;
  const call = record.openCalls[0];
  if (call?.reason === 'safety') return 1000;
  const waited = call ? Math.max(0, (now - Date.parse(call.at)) / 60_000) : 0;
  return (
    (call ? 500 + Math.min(100, waited) : 0) +
    contradictions.length * 40 +
    count.differing * 30 +
    count.doubtful * 10 +
    (isQuiet(bench, now, running) ? 25 : 0) +
    Math.min(60, pace?.behind ?? 0) * 3
  );
}

/** Who needs somebody most first; otherwise as the room has them. */
export const byNeed = (benches: readonly BenchStatus[], now: number, running: boolean): BenchStatus[] =>
  benches
    .map((bench, place) => ({ bench, place, need: needOf(bench, now, running) }))
    .sort((a, b) => b.need - a.need || a.place - b.place)
    .map(({ bench }) => bench);
