/**
 * The record of a lesson: an append-only log of events, and the reading of it. Nothing is rubbed out:
 * a correction is one more event that says which entry it stands beside. Server, bench and board all
 * read the log with this one fold, so they cannot disagree.
 */
import type { SeenRecord } from '../reasoning/likelihood.js';

export interface ObservationBody {
  readonly type: 'observation';
  readonly sample: string;
  readonly test: string;
  readonly variant: string;
  readonly seen: Readonly<Record<string, string>>;
  readonly words?: string;
  /** "Not sure": logged, and first to be repeated. */
  readonly doubtful?: boolean;
  /** The entry this one corrects, by event id. */
  readonly corrects?: string;
}
export interface NamingBody {
  readonly type: 'naming';
  readonly sample: string;
  readonly answer: string;
  /** Observation events pointed at. */
  readonly evidence: readonly string[];
}
export interface CallBody {
  readonly type: 'call';
  readonly reason: 'help' | 'check' | 'safety';
}
export interface CallAnsweredBody {
  readonly type: 'call-answered';
  readonly call: string;
}
export interface StepBody {
  readonly type: 'step';
  readonly test: string;
  readonly step: number;
}
export interface HandInBody {
  readonly type: 'hand-in';
}
export type StudentBody = ObservationBody | NamingBody | CallBody | StepBody | HandInBody;
export type EventBody = StudentBody | CallAnsweredBody;

export interface LessonEvent {
  /** UUIDv7 made on the device. */
  readonly id: string;
  readonly group: string;
  /** The student or the member of staff it comes from. */
  readonly by: string;
  /** Clock of the device, ISO 8601. */
  readonly at: string;
  readonly body: EventBody;
}

export interface ObservationEntry {
  readonly id: string;
  readonly by: string;
  readonly at: string;
  readonly body: ObservationBody;
  /** The entry that corrects this one, when one does. */
  readonly correctedBy?: string;
}
export interface NamingEntry {
  readonly id: string;
  readonly by: string;
  readonly at: string;
  readonly body: NamingBody;
}
export interface GroupRecord {
  readonly observations: readonly ObservationEntry[];
  readonly namings: readonly NamingEntry[];
  readonly openCalls: readonly {
    readonly id: string;
    readonly by: string;
    readonly at: string;
    readonly reason: CallBody['reason'];
  }[];
  /** Student id → when handed in. */
  readonly handedIn: Readonly<Record<string, string>>;
  readonly lastAt: string | null;
}

/** Reads the log of one group, in the order it was committed; repeats of an event count once. */
export function readGroup(events: Iterable<LessonEvent>): GroupRecord {
  const seen = new Set<string>();
  const observations: ObservationEntry[] = [];
  const namings: NamingEntry[] = [];
  const calls = new Map<string, GroupRecord['openCalls'][number]>();
  const handedIn: Record<string, string> = {};
  const corrections = new Map<string, string>();
  let lastAt = null as string | null;
  for (const { id, by, at, body } of events) {
    if (seen.has(id)) continue;
    seen.add(id);
    lastAt = lastAt && lastAt > at ? lastAt : at;
    switch (body.type) {
      case 'observation':
        observations.push({ id, by, at, body });
        if (body.corrects) corrections.set(body.corrects, id);
        break;
      case 'naming':
        namings.push({ id, by, at, body });
        break;
      case 'call':
        calls.set(id, { id, by, at, reason: body.reason });
        break;
      case 'call-answered':
        calls.delete(body.call);
        break;
      case 'hand-in':
        handedIn[by] ??= at;
        break;
      case 'step':
        break;
    }
  }
  return {
    observations: observations.map((entry) => {
      const correctedBy = corrections.get(entry.id);
      return correctedBy ? { ...entry, correctedBy } : entry;
    }),
    namings,
    openCalls: [...calls.values()],
    handedIn,
    lastAt,
  };
}

/** The entries for one sample that still stand, oldest first. */
export const standing = (record: GroupRecord, sample: string): ObservationEntry[] =>
  record.observations.filter((entry) => entry.body.sample === sample && !entry.correctedBy);

/** The last name a student gave a sample, or undefined. */
export const namingOf = (record: GroupRecord, sample: string, student: string): NamingEntry | undefined =>
  record.namings.findLast((entry) => entry.body.sample === sample && entry.by === student);

/**
 * The entry that stands for what was seen: the last sure one; a doubtful one only where no other is.
 * Of an empty record, undefined.
 */
export const decisive = (entries: readonly ObservationEntry[]): ObservationEntry | undefined =>
  entries.findLast((entry) => !entry.body.doubtful && hasContent(entry)) ??
  entries.findLast(hasContent) ??
  entries.at(-1);

const hasContent = (entry: ObservationEntry): boolean =>
  Object.keys(entry.body.seen).length > 0 || Boolean(entry.body.words?.trim());

/** An entry as reasoning takes it. */
export const seenIn = (entry: ObservationEntry): SeenRecord => ({
  test: entry.body.test,
  variant: entry.body.variant,
  seen: entry.body.seen,
});
