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
  /** `seen` is what Kivex read from the words, not what was tapped: the words alone are marked. */
  readonly read?: boolean;
  /** "Not sure": logged, and first to be repeated. */
  readonly doubtful?: boolean;
  /** The entry this one corrects, by event id. */
  readonly corrects?: string;
  /** Faint, slow, less than it should be: a weak pop. */
  readonly weak?: boolean;
  /** Nothing was seen because there was no time for it. */
  readonly notDone?: 'no-time';
  /** Not tested itself but taken from another sample like it, by id. */
  readonly inferredFrom?: string;
  /** How it was done, as asked: answer by question (`howQuestions`). */
  readonly did?: Readonly<Record<string, string>>;
  /** The reagent was not as it should be. */
  readonly reagentWas?: ReagentWas;
  /** Which, and what stood in for it. */
  readonly reagentNote?: string;
  /** Drops of reagent counted till it happened. */
  readonly drops?: number;
  /** A picture of it, by the id under which the device sends it. */
  readonly photo?: string;
  /** Read off the thermometer or the probe, °C. */
  readonly celsius?: { readonly before: number; readonly highest: number };
}
export const reagentStates = ['substitute', 'old', 'impure'] as const;
export type ReagentWas = (typeof reagentStates)[number];
export interface NamingBody {
  readonly type: 'naming';
  readonly sample: string;
  readonly answer: string;
  /** Observation events pointed at. */
  readonly evidence: readonly string[];
  /** Species ids that the evidence speaks against. */
  readonly rulesOut?: readonly string[];
}
export interface CallBody {
  readonly type: 'call';
  /** `sign-off`: the teacher is to see a step before it is done, or how it was done. */
  readonly reason: CallReason;
  /** Of a sign-off: the test, and the step by its place in the method; without a step it is the technique. */
  readonly test?: string;
  readonly step?: number;
}
export const callReasons = ['help', 'check', 'safety', 'sign-off'] as const;
export type CallReason = (typeof callReasons)[number];
export interface CallAnsweredBody {
  readonly type: 'call-answered';
  readonly call: string;
}
export interface StepBody {
  readonly type: 'step';
  readonly test: string;
  readonly step: number;
}
/** An equation of what happened, each student's own. */
export interface EquationBody {
  readonly type: 'equation';
  readonly sample: string;
  readonly test: string;
  readonly text: string;
}
/** A wait was begun. */
export interface TimerBody {
  readonly type: 'timer';
  readonly label: string;
  readonly seconds: number;
}
/** Said by the bench, or by staff from the board. */
export interface TimerLongerBody {
  readonly type: 'timer-longer';
  readonly timer: string;
  readonly seconds: number;
}
export interface TimerOverBody {
  readonly type: 'timer-over';
  readonly timer: string;
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
/** Staff saw it: a step may be done, or a technique was good or not yet. */
export interface SignedOffBody {
  readonly type: 'signed-off';
  readonly test: string;
  readonly step?: number;
  readonly good: boolean;
}
/** Staff ended one bench's work before the others', or took it up again. */
export interface BenchOpenBody {
  readonly type: 'bench-open';
  readonly open: boolean;
}
export type StudentBody =
  | ObservationBody
  | NamingBody
  | EquationBody
  | CallBody
  | StepBody
  | HandInBody
  | TrustBody
  | TimerBody
  | TimerLongerBody
  | TimerOverBody;
export type StaffBody =
  CallAnsweredBody | NoticeBody | NoticeOverBody | SignedOffBody | BenchOpenBody | TimerLongerBody;
export type EventBody = StudentBody | StaffBody;

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
export interface EquationEntry {
  readonly id: string;
  readonly by: string;
  readonly at: string;
  readonly body: EquationBody;
}
export interface OpenTimer {
  readonly id: string;
  readonly at: string;
  readonly label: string;
  /** With what it was lengthened by. */
  readonly seconds: number;
  /** Seconds it was lengthened by since it was begun. */
  readonly longer: number;
}
export interface SignOff {
  readonly test: string;
  /** Undefined for the technique of the whole test. */
  readonly step: number | undefined;
  readonly good: boolean;
  readonly at: string;
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
    readonly reason: CallReason;
    readonly test?: string;
    readonly step?: number;
  }[];
  /** Equations, oldest first; the last of a student, sample and test counts. */
  readonly equations: readonly EquationEntry[];
  /** Waits that nobody has put away. */
  readonly timers: readonly OpenTimer[];
  /** What staff have seen, the last word of each step and technique. */
  readonly signedOff: readonly SignOff[];
  /** When staff ended this bench's work before the others'. */
  readonly endedAt: string | null;
  /** Oldest first. */
  readonly notices: readonly OpenNotice[];
  /** Student id → when handed in. */
  readonly handedIn: Readonly<Record<string, string>>;
  /** When the group itself last logged anything. */
  readonly lastAt: string | null;
}

/** A student's own answer, which nobody else of the group sees. */
export const isOwnAnswer = ({ type }: EventBody): boolean => type === 'naming' || type === 'equation';

/** Is this of staff's making? It says nothing of what the bench does. */
export const saidByStaff = ({ type }: EventBody): boolean => staffTypes.has(type);
/** `timer-longer` comes from either side, and says nothing of work done. */
const staffTypes: ReadonlySet<EventBody['type']> = new Set<StaffBody['type']>([
  'notice',
  'notice-over',
  'call-answered',
  'signed-off',
  'bench-open',
  'timer-longer',
]);

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
  const equations: EquationEntry[] = [];
  const timers = new Map<string, OpenTimer>();
  const signedOff = new Map<string, SignOff>();
  let endedAt: string | null = null;
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
        calls.set(id, {
          id,
          by,
          at,
          reason: body.reason,
          ...(body.test === undefined ? {} : { test: body.test }),
          ...(body.step === undefined ? {} : { step: body.step }),
        });
        break;
      case 'equation':
        equations.push({ id, by, at, body });
        break;
      case 'timer':
        timers.set(id, { id, at, label: body.label, seconds: body.seconds, longer: 0 });
        break;
      case 'timer-longer': {
        const timer = timers.get(body.timer);
        if (timer)
          timers.set(timer.id, {
            ...timer,
            seconds: timer.seconds + body.seconds,
            longer: timer.longer + body.seconds,
          });
        break;
      }
      case 'timer-over':
        timers.delete(body.timer);
        break;
      case 'signed-off':
        signedOff.set(signOffKey(body), { test: body.test, step: body.step, good: body.good, at });
        break;
      case 'bench-open':
        endedAt = body.open ? null : (endedAt ?? at);
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
    equations,
    timers: [...timers.values()],
    signedOff: [...signedOff.values()],
    endedAt,
    openCalls: [...calls.values()],
    notices: [...notices.values()],
    handedIn,
    lastAt,
  };
}

/** What a sign-off is of: a step of a test, or its technique. */
export const signOffKey = ({
  test,
  step,
}: {
  readonly test: string;
  readonly step?: number | undefined;
}): string => `${test} ${step ?? 'technique'}`;

/** The last equation a student wrote of a sample and test, or undefined. */
export const equationOf = (
  record: GroupRecord,
  sample: string,
  test: string,
  student: string,
): EquationEntry | undefined =>
  record.equations.findLast(({ by, body }) => by === student && body.sample === sample && body.test === test);

/** The entries for one sample that still stand, oldest first. */
export const standing = (record: GroupRecord, sample: string): ObservationEntry[] =>
  record.observations.filter((entry) => entry.body.sample === sample && !entry.correctedBy);

/** The last name a student gave a sample, or undefined. */
export const namingOf = (record: GroupRecord, sample: string, student: string): NamingEntry | undefined =>
  record.namings.findLast((entry) => entry.body.sample === sample && entry.by === student);

/** Seen by themselves, plainly, and sure of it: what can decide, and what can be at odds with another. */
export const isPlain = ({ body }: Pick<ObservationEntry, 'body'>): boolean =>
  !body.doubtful && !body.weak && body.inferredFrom === undefined;

/**
 * The entry that stands for what was seen: the last plain one, or of its test the one the group trusts; a weak or inferred one only
 * where no plain one is, a doubtful one only where no sure one is.
 * Of an empty record, undefined.
 */
export function decisive(entries: readonly ObservationEntry[]): ObservationEntry | undefined {
  const last =
    entries.findLast((entry) => isPlain(entry) && hasContent(entry)) ??
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
