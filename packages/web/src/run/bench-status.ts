/** What the board says of one bench, worked out from its record. */
import type { Lesson, LessonGroup, WireEvent } from '@kivex/contract';
import {
  contradictionsOf,
  decisive,
  readGroup,
  samplesOfGroup,
  standing,
  syllabusFor,
  type Contradiction,
  type GroupRecord,
} from '@kivex/core';

export interface BenchStatus {
  readonly group: LessonGroup;
  readonly record: GroupRecord;
  /** Samples of this bench with something logged, and how many there are. */
  readonly logged: number;
  readonly samples: number;
  /** Students who have named every unknown of theirs. */
  readonly named: number;
  readonly handedIn: number;
  readonly doubtful: number;
  readonly contradictions: readonly Contradiction[];
}

/** The state of every bench of a lesson, in order of the benches. */
export function benchStatuses(lesson: Lesson, events: readonly WireEvent[]): BenchStatus[] {
  const sources = new Map(lesson.samples.flatMap((s) => (s.from ? [[s.id, s.from] as const] : [])));
  const { cations } = syllabusFor(lesson.practical);
  const perGroup = new Map<string, WireEvent[]>();
  for (const event of events) perGroup.set(event.group, [...(perGroup.get(event.group) ?? []), event]);
  return lesson.groupList.map((group) => {
    const record = readGroup(perGroup.get(group.id) ?? []);
    const own = samplesOfGroup(lesson.samples, group.unknowns, sources).map((s) => s.id);
    return {
      group,
      record,
      logged: own.filter((id) => standing(record, id).length > 0).length,
      samples: own.length,
      named: group.students.filter((s) =>
        group.unknowns.every((u) => record.namings.some((n) => n.by === s.id && n.body.sample === u)),
      ).length,
      handedIn: group.students.filter((s) => record.handedIn[s.id]).length,
      doubtful: own.filter((id) => decisive(standing(record, id))?.body.doubtful).length,
      contradictions: contradictionsOf(record, group.unknowns, cations),
    };
  });
}
