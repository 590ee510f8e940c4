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
/** Of entries that differ, the one the group trusts, and why. */
export interface TrustBody {
  readonly type: 'trust';
  /** The observation, by event id. */
  readonly entry: string;
  readonly why?: string;
}
/** Said by staff to a bench: a hint, or that all work stops until it is said to be over. */
export interface NoticeBody {
  readonly type: 'notice';
  readonly level: 'hint' | 'stop';
  readonly text: string;
}
export interface NoticeOverBody {
  readonly type: 'notice-over';
  readonly notice: string;
}
export type StudentBody = ObservationBody | NamingBody | CallBody | StepBody | HandInBody | TrustBody;
export type EventBody = StudentBody | CallAnsweredBody | NoticeBody | NoticeOverBody;

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
  /** Of its sample and test the one the group said it trusts; why, where they said so. */
  readonly trusted?: { readonly why: string };
}
/** What staff have said to the bench and not taken back. */
export interface OpenNotice {
  readonly id: string;
  readonly at: string;
  readonly level: NoticeBody['level'];
  readonly text: string;
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
  /** Oldest first. */
  readonly notices: readonly OpenNotice[];
  /** Student id → when handed in. */
  readonly handedIn: Readonly<Record<string, string>>;
  /** When the group itself last logged anything. */
  readonly lastAt: string | null;
}

/** Is this of staff's making? It says nothing of what the bench does. */
export const saidByStaff = ({ type }: EventBody): boolean =>
  type === 'notice' || type === 'notice-over' || type === 'call-answered';

/** Reads the log of one group, in the order it was committed; repeats of an event count once. */
export function readGroup(events: Iterable<LessonEvent>): GroupRecord {
  const seen = new Set<string>();
  const observations: ObservationEntry[] = [];
  const namings: NamingEntry[] = [];
  const calls = new Map<string, GroupRecord['openCalls'][number]>();
  const handedIn: Record<string, string> = {};
  const corrections = new Map<string, string>();
  const notices = new Map<string, OpenNotice>();
  /** By sample and test: the entry trusted last. */
  const trusted = new Map<string, { readonly entry: string; readonly why: string }>();
  const placeOf = new Map<string, string>();
  let lastAt = null as string | null;
  for (const { id, by, at, body } of events) {
    if (seen.has(id)) continue;
    seen.add(id);
    if (!saidByStaff(body)) lastAt = lastAt && lastAt > at ? lastAt : at;
    switch (body.type) {
      case 'observation':
        observations.push({ id, by, at, body });
        placeOf.set(id, `${body.sample} ${body.test}`);
        if (body.corrects) corrections.set(body.corrects, id);
        break;
      case 'trust': {
        const place = placeOf.get(body.entry);
        if (place !== undefined) trusted.set(place, { entry: body.entry, why: body.why ?? '' });
        break;
      }
      case 'notice':
        notices.set(id, { id, at, level: body.level, text: body.text });
        break;
      case 'notice-over':
        notices.delete(body.notice);
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
      if (correctedBy) return { ...entry, correctedBy };
      const trust = trusted.get(placeOf.get(entry.id)!);
      return trust?.entry === entry.id ? { ...entry, trusted: { why: trust.why } } : entry;
    }),
    namings,
    openCalls: [...calls.values()],
    notices: [...notices.values()],
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
 * The entry that stands for what was seen: the last sure one, or of its test the one the group trusts; a doubtful one only where no
 * other is.
 * Of an empty record, undefined.
 */
export function decisive(entries: readonly ObservationEntry[]): ObservationEntry | undefined {
  const last =
    entries.findLast((entry) => !entry.body.doubtful && hasContent(entry)) ??
    entries.findLast(hasContent) ??
    entries.at(-1);
  return last && (entries.find((e) => e.trusted && e.body.test === last.body.test && hasContent(e)) ?? last);
}

const hasContent = (entry: ObservationEntry): boolean =>
  Object.keys(entry.body.seen).length > 0 || Boolean(entry.body.words?.trim());

/** An entry as reasoning takes it. */
export const seenIn = (entry: ObservationEntry): SeenRecord => ({
  test: entry.body.test,
  variant: entry.body.variant,
  seen: entry.body.seen,
});
