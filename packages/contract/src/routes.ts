/**
 * Every route of the server: who may call it, what is sent and what comes back. The server's handlers, the pages' calls
 * and the test of who may call what all come from this one table.
 *
 * A name in a path (`:lesson`) says whose it is: what belongs to another school is not there for the caller.
 */
import type { Incident, KeptSample, NewIncident, NewKeptSample } from './room-records.js';
import type { AgreedLesson, Label, MarkScheme, Practical, Syllabus } from '@kivex/core';
import type { AuditEntry } from './audit.js';
import type {
  Bench,
  EntryBatch,
  EventsReceipt,
  Feedback,
  JoinNames,
  KeptIds,
  OwnQuestion,
  WireEvent,
} from './bench.js';
import type { BoardLog, HeldEntries } from './held.js';
import type {
  DealtByHand,
  GroupPlace,
  JoinLesson,
  NewLesson,
  NewNotice,
  NewSignOff,
  SavedPrepPlanning,
  SavedRotaPlanning,
} from './lesson-bodies.js';
import type { Lesson, LessonHead, LessonPlanning, LessonState } from './lessons.js';
import type {
  BlindHead,
  BlindMarking,
  Decided,
  HeldChange,
  MarkCell,
  MarkQuestion,
  MarkTable,
  NewDecision,
  NewHeld,
  NewScheme,
  NewSecondMarking,
  NewRule,
  OpenAnswers,
  RulePreview,
  SchemePreview,
  SchoolRule,
  SecondMarking,
  StandingScheme,
} from './marks.js';
import type {
  ClassHead,
  ClassRoster,
  FirstSchool,
  NewStaff,
  PinCard,
  Role,
  RosterPreview,
  SecondFactorSetUp,
  SignIn,
  StaffMe,
  StaffMember,
  StaffRole,
  StaffSession,
} from './people.js';
import type {
  NewDocument,
  NewRoom,
  PracticalHead,
  Room,
  SavedDocument,
  SavedRoom,
  SyllabusHead,
  WholePractical,
  WholeSyllabus,
} from './planning.js';
import type {
  AskedQuestion,
  ClassQuestion,
  ClassQuestionHead,
  FactKnown,
  NewClassQuestion,
  NewQuestionSet,
  GatheredSet,
  GivenSet,
  QuestionSetHead,
  SetAnswer,
  NewScreenWork,
  OwnScreenWork,
  ScreenRun,
  ScreenRunMarked,
  StudentRun,
  ScreenWorkTable,
} from './practising.js';
import type { Preparation } from './preparing.js';
import type { LessonReview, SchoolReview, SchoolSlips, SchoolUnlike } from './review.js';
import type { ExchangePreview, ExchangeTaken } from './exchange.js';
import type { Gradebook, GradebookDifference, StandInMode } from './gradebook.js';
import type { Certificate, NewErasure, Retention } from './rights.js';
import type { BatchMarks, NewBatch, StockPreview, Store, StoreItemFields } from './store.js';

/** Who may call a route: anybody at all, or those of some roles. */
export type Caller = Role | 'anyone';

/** One route. `reply` and `body` are types only; nothing stands there. */
export interface Route<Reply, Body> {
  readonly who: readonly Caller[];
  readonly reply?: Reply;
  readonly body?: Body;
}
/** A file as it is: CSV, PDF, a calendar. */
export interface AFile {
  readonly isFile: true;
}
/** Bytes of a sheet, sent as they are. */
export interface Bytes {
  readonly areBytes: true;
}
interface Id {
  readonly id: string;
}
interface Given {
  /** For how many students it changed anything. */
  readonly students: number;
}
interface BroughtIn {
  readonly items: number;
  readonly batches: number;
}
interface Password {
  readonly password: string;
}

const to =
  (...who: readonly Caller[]) =>
  <Reply, Body = undefined>(): Route<Reply, Body> => ({ who });
const anyone = to('anyone');
const student = to('student');
const staff = to('teacher', 'technician', 'head');
const teaching = to('teacher', 'head');
const head = to('head');

export const routes = {
  'GET /api/health/live': anyone<{ status: 'up' }>(),
  'GET /api/health/ready': anyone<{ status: 'ready' }>(),

  'GET /api/first-school': anyone<{ empty: boolean }>(),
  'POST /api/first-school': anyone<void, FirstSchool>(),
  'POST /api/staff/sign-in': anyone<StaffMe, SignIn>(),
  'GET /api/staff/me': staff<StaffMe>(),
  'POST /api/staff/sign-out': staff<void>(),
  'POST /api/staff/password': staff<void, { readonly current: string; readonly next: string }>(),
  'GET /api/staff/sessions': staff<readonly StaffSession[]>(),
  'DELETE /api/staff/sessions': staff<void>(),
  'DELETE /api/staff/sessions/:session': staff<void>(),
  'POST /api/staff/second-factor': staff<SecondFactorSetUp, Password>(),
  'POST /api/staff/second-factor/confirm': staff<void, { readonly code: string }>(),
  'POST /api/staff/second-factor/off': staff<void, Password>(),

  'GET /api/audit': head<readonly AuditEntry[]>(),
  'GET /api/audit/file': head<AFile>(),

  'GET /api/people/staff': teaching<readonly StaffMember[]>(),
  'POST /api/people/staff': head<StaffMember, NewStaff>(),
  'PATCH /api/people/staff/:person': head<void, { readonly locked?: boolean; readonly role?: StaffRole }>(),
  'DELETE /api/people/staff/:person': head<void>(),
  'POST /api/people/staff/:person/password': head<Password>(),
  'DELETE /api/people/staff/:person/second-factor': head<void>(),

  'GET /api/classes': staff<readonly ClassHead[]>(),
  'POST /api/classes': teaching<ClassHead, { readonly name: string }>(),
  'GET /api/classes/:class': teaching<ClassRoster>(),
  'POST /api/classes/:class/roster/preview': teaching<RosterPreview, { readonly text: string }>(),
  'POST /api/classes/:class/roster': teaching<ClassRoster, { readonly text: string }>(),
  'POST /api/classes/:class/roster/file': teaching<{ readonly text: string }, Bytes>(),
  'GET /api/classes/:class/roster/sheet/:kind': teaching<AFile>(),
  'POST /api/classes/:class/pins': teaching<readonly PinCard[], { readonly students: readonly string[] }>(),
  'PATCH /api/students/:student': teaching<void, { readonly name: string }>(),
  'DELETE /api/students/:student': teaching<void>(),
  'POST /api/students/:student/unlock': teaching<void>(),
  'GET /api/students/:student/archive': teaching<AFile>(),
  'POST /api/classes/:class/erase': head<Certificate, NewErasure>(),
  'GET /api/exchange.zip': teaching<AFile>(),
  'POST /api/exchange/preview': teaching<ExchangePreview, Bytes>(),
  'POST /api/exchange': teaching<ExchangeTaken, Bytes>(),
  'GET /api/school/retention': teaching<Retention>(),
  'PUT /api/school/retention': head<void, { readonly months: number | null }>(),

  'GET /api/practicals': staff<readonly PracticalHead[]>(),
  'GET /api/practicals/schema': anyone<object>(),
  'POST /api/practicals': teaching<Id, NewDocument>(),
  'GET /api/practicals/:practical': staff<WholePractical>(),
  'PUT /api/practicals/:practical': teaching<WholePractical, SavedDocument>(),
  'PATCH /api/practicals/:practical': teaching<
    void,
    { readonly shared?: boolean; readonly archived?: boolean }
  >(),
  'GET /api/practicals/:practical/versions/:number': teaching<Practical>(),
  'GET /api/practicals/:practical/file': staff<AFile>(),

  'GET /api/syllabuses': staff<readonly SyllabusHead[]>(),
  'GET /api/syllabuses/schema': anyone<object>(),
  'POST /api/syllabuses': teaching<Id, NewDocument>(),
  'GET /api/syllabuses/:syllabus': staff<WholeSyllabus>(),
  'PUT /api/syllabuses/:syllabus': teaching<WholeSyllabus, SavedDocument>(),
  'PATCH /api/syllabuses/:syllabus': teaching<
    void,
    { readonly shared?: boolean; readonly archived?: boolean }
  >(),
  'GET /api/syllabuses/:syllabus/versions/:number': teaching<Syllabus>(),

  'GET /api/rooms': staff<readonly Room[]>(),
  'POST /api/rooms': staff<Room, NewRoom>(),
  'PUT /api/rooms/:room': staff<Room, SavedRoom>(),
  'DELETE /api/rooms/:room': staff<void>(),

  'GET /api/store': staff<Store>(),
  'POST /api/store/items': staff<Id, StoreItemFields>(),
  'PUT /api/store/items/:item': staff<void, StoreItemFields>(),
  'DELETE /api/store/items/:item': staff<void>(),
  'POST /api/store/items/:item/batches': staff<Id, NewBatch>(),
  'PATCH /api/store/batches/:batch': staff<void, BatchMarks>(),
  'POST /api/store/batches/:batch/moves': staff<void, { readonly amount: number; readonly reason: string }>(),
  'POST /api/store/usual': staff<BroughtIn>(),
  'GET /api/store/sheet/:kind': staff<AFile>(),
  'POST /api/store/sheet/preview': staff<StockPreview, Bytes>(),
  'POST /api/store/sheet': staff<BroughtIn, Bytes>(),

  'GET /api/lessons': staff<readonly LessonHead[]>(),
  'POST /api/lessons': teaching<Lesson, NewLesson>(),
  'GET /api/lessons/:lesson': staff<Lesson>(),
  'PATCH /api/lessons/:lesson': teaching<void, Pick<NewLesson, 'startsAt' | 'room'>>(),
  'DELETE /api/lessons/:lesson': teaching<void>(),
  'PUT /api/lessons/:lesson/seats/:student': teaching<void, { readonly group: string }>(),
  'DELETE /api/lessons/:lesson/seats/:student': teaching<void>(),
  'PUT /api/lessons/:lesson/groups/:group/bench': teaching<void, GroupPlace>(),
  'PUT /api/lessons/:lesson/planning/rota': staff<LessonPlanning, SavedRotaPlanning>(),
  'PUT /api/lessons/:lesson/planning/preparation': staff<LessonPlanning, SavedPrepPlanning>(),
  'GET /api/lessons/:lesson/met': teaching<DealtByHand>(),
  'PUT /api/lessons/:lesson/dealing': teaching<Lesson, { readonly pinned: DealtByHand }>(),
  'PUT /api/lessons/:lesson/state': teaching<Lesson, { readonly state: LessonState }>(),
  'GET /api/jars/:jar': staff<Id>(),

  'GET /api/lessons/:lesson/preparation': staff<Preparation>(),
  'POST /api/lessons/:lesson/preparation/ticks': staff<
    void,
    { readonly key: string; readonly done: boolean }
  >(),
  'POST /api/lessons/:lesson/preparation/substitutions': staff<void, { readonly substitute: string }>(),
  'POST /api/lessons/:lesson/preparation/takings': staff<
    void,
    { readonly item: string; readonly amount: number; readonly reason: string }
  >(),
  'GET /api/lessons/:lesson/preparation/labels': staff<readonly Label[]>(),
  'GET /api/lessons/:lesson/preparation/labels.pdf': staff<AFile>(),
  'GET /api/lessons/:lesson/preparation/sheet.pdf': staff<AFile>(),
  'GET /api/lessons/:lesson/preparation/risk.pdf': staff<AFile>(),
  'GET /api/lessons/:lesson/preparation/calendar.ics': staff<AFile>(),

  'GET /api/lessons/:lesson/events': teaching<readonly WireEvent[]>(),
  'GET /api/lessons/:lesson/board': teaching<BoardLog>(),
  'GET /api/lessons/:lesson/held': teaching<HeldEntries>(),
  'POST /api/lessons/:lesson/held/take': teaching<
    { readonly decided: number },
    { readonly ids: readonly string[] }
  >(),
  'POST /api/lessons/:lesson/held/leave-out': teaching<
    { readonly decided: number },
    { readonly ids: readonly string[] }
  >(),
  'POST /api/lessons/:lesson/calls/:call/answer': teaching<void>(),
  'POST /api/lessons/:lesson/notices': teaching<void, NewNotice>(),
  'POST /api/lessons/:lesson/notices/over': teaching<void, { readonly notices: readonly string[] }>(),
  'POST /api/lessons/:lesson/sign-offs': teaching<void, NewSignOff>(),
  'POST /api/lessons/:lesson/timers/:timer/longer': teaching<void, { readonly seconds: number }>(),
  'PUT /api/lessons/:lesson/groups/:group/open': teaching<void, { readonly open: boolean }>(),
  'GET /api/lessons/:lesson/photos/:photo': teaching<AFile>(),
  'GET /api/lessons/:lesson/incidents': staff<readonly Incident[]>(),
  'POST /api/lessons/:lesson/incidents': staff<Incident, NewIncident>(),
  'PUT /api/lessons/:lesson/incidents/:incident': staff<Incident, NewIncident>(),
  'GET /api/lessons/:lesson/incidents/csv': staff<AFile>(),
  'GET /api/lessons/:lesson/kept': staff<readonly KeptSample[]>(),
  'POST /api/lessons/:lesson/kept': teaching<KeptSample, NewKeptSample>(),
  'GET /api/lessons/:lesson/kept/labels.pdf': staff<AFile>(),
  'GET /api/reference-card.pdf': staff<AFile>(),
  'GET /api/kept/:code': staff<KeptSample>(),
  'PUT /api/kept/:kept/gone': staff<KeptSample, { readonly gone: boolean }>(),
  'PUT /api/lessons/:lesson/causes': teaching<
    void,
    { readonly cause: string; readonly dismissed: boolean }
  >(),

  'GET /api/lessons/:lesson/marks': teaching<MarkTable>(),
  'POST /api/lessons/:lesson/marks/:mark/changes': teaching<
    MarkCell,
    { readonly points: number; readonly reason: string }
  >(),
  'POST /api/lessons/:lesson/marks/decisions': teaching<Decided, NewDecision>(),
  'POST /api/lessons/:lesson/marks/decisions/:decision/undo': teaching<Decided>(),
  'PUT /api/lessons/:lesson/marks/absent/:student': teaching<void, { readonly absent: boolean }>(),
  'POST /api/lessons/:lesson/marks/release': teaching<Given, { readonly students: readonly string[] }>(),
  'POST /api/lessons/:lesson/marks/withdraw': teaching<Given, { readonly students: readonly string[] }>(),
  'POST /api/lessons/:lesson/marks/scheme/preview': teaching<
    SchemePreview,
    { readonly scheme: MarkScheme }
  >(),
  'PUT /api/lessons/:lesson/marks/scheme': teaching<StandingScheme, NewScheme>(),
  'POST /api/lessons/:lesson/marks/scheme/undo': teaching<StandingScheme, { readonly from: string }>(),
  'GET /api/lessons/:lesson/marks/sheet/:kind': teaching<AFile>(),
  'GET /api/lessons/:lesson/marks/history/sheet/:kind': teaching<AFile>(),

  'GET /api/lessons/:lesson/gradebook': teaching<Gradebook>(),
  'POST /api/lessons/:lesson/gradebook': teaching<Gradebook>(),
  'POST /api/lessons/:lesson/gradebook/stop': teaching<Gradebook>(),
  'POST /api/lessons/:lesson/gradebook/again': teaching<Gradebook>(),
  'GET /api/lessons/:lesson/gradebook/differences': teaching<readonly GradebookDifference[]>(),
  'PUT /api/lessons/:lesson/gradebook/agreed/:student': teaching<void>(),
  'DELETE /api/lessons/:lesson/gradebook/agreed/:student': teaching<void>(),
  'GET /api/gradebook/stand-in': teaching<{ readonly mode: StandInMode }>(),
  'PUT /api/gradebook/stand-in': teaching<void, { readonly mode: StandInMode }>(),

  'GET /api/marks/open': teaching<OpenAnswers>(),
  'GET /api/answer-rules': teaching<readonly SchoolRule[]>(),
  'POST /api/lessons/:lesson/marks/rules/preview': teaching<RulePreview, Pick<NewRule, 'mark' | 'points'>>(),
  'POST /api/lessons/:lesson/marks/rules': teaching<SchoolRule, NewRule>(),
  'POST /api/answer-rules/:rule/undo': teaching<void>(),
  'PUT /api/lessons/:lesson/marks/:mark/flag': teaching<void, { readonly note: string }>(),
  'DELETE /api/lessons/:lesson/marks/:mark/flag': teaching<void>(),
  'GET /api/lessons/:lesson/marks/held': teaching<readonly HeldChange[]>(),
  'POST /api/lessons/:lesson/marks/held/preview': teaching<SchemePreview, Pick<NewHeld, 'sample' | 'ions'>>(),
  'POST /api/lessons/:lesson/marks/held': teaching<HeldChange, NewHeld>(),
  'GET /api/lessons/:lesson/marks/questions': teaching<readonly MarkQuestion[]>(),
  'PUT /api/lessons/:lesson/marks/questions/:question': teaching<MarkQuestion, { readonly answer: string }>(),
  'GET /api/lessons/:lesson/marks/reports.pdf': teaching<AFile>(),
  'GET /api/lessons/:lesson/second-markings': teaching<readonly SecondMarking[]>(),
  'POST /api/lessons/:lesson/second-markings': teaching<SecondMarking, NewSecondMarking>(),
  'PUT /api/lessons/:lesson/second-markings/:blind': teaching<void, { readonly points: number }>(),
  'GET /api/second-markings': teaching<readonly BlindHead[]>(),
  'GET /api/second-markings/:marking': teaching<BlindMarking>(),
  'PUT /api/second-markings/:marking/:blind': teaching<void, { readonly points: number }>(),

  'GET /api/lessons/:lesson/review': teaching<LessonReview>(),
  'PUT /api/lessons/:lesson/review/slips': teaching<SchoolSlips, AgreedLesson>(),
  'DELETE /api/lessons/:lesson/review/slips': teaching<SchoolSlips>(),
  'GET /api/school/slips': staff<SchoolSlips>(),
  'GET /api/lessons/:lesson/review/sheet/:kind': teaching<AFile>(),
  'GET /api/lessons/:lesson/log': teaching<AFile>(),
  'GET /api/review': teaching<SchoolReview>(),
  'GET /api/review/fairness': teaching<readonly SchoolUnlike[]>(),
  'GET /api/review/sheet/:kind': teaching<AFile>(),

  'GET /api/class-questions': teaching<readonly ClassQuestionHead[]>(),
  'GET /api/class-facts': teaching<readonly FactKnown[]>(),
  'POST /api/class-questions': teaching<ClassQuestion, NewClassQuestion>(),
  'GET /api/class-questions/:asked': teaching<ClassQuestion>(),
  'PATCH /api/class-questions/:asked': teaching<
    ClassQuestion,
    { readonly open?: boolean; readonly again?: boolean }
  >(),
  'DELETE /api/class-questions/:asked': teaching<void>(),
  'POST /api/answer/find': anyone<AskedQuestion, { readonly code: string }>(),
  'POST /api/answer': anyone<AskedQuestion, { readonly code: string; readonly answer: string }>(),

  'GET /api/question-sets': teaching<readonly QuestionSetHead[]>(),
  'POST /api/question-sets': teaching<GatheredSet, NewQuestionSet>(),
  'GET /api/question-sets/:given': teaching<GatheredSet>(),
  'PATCH /api/question-sets/:given': teaching<GatheredSet, { readonly open: boolean }>(),
  'DELETE /api/question-sets/:given': teaching<void>(),
  'POST /api/set/find': anyone<GivenSet, { readonly code: string }>(),
  'POST /api/set/answers': anyone<
    { readonly taken: number },
    { readonly code: string; readonly answers: readonly SetAnswer[] }
  >(),

  'GET /api/lessons/:lesson/screen-work': teaching<ScreenWorkTable>(),
  'PUT /api/lessons/:lesson/screen-work': teaching<ScreenWorkTable, NewScreenWork>(),
  'DELETE /api/lessons/:lesson/screen-work': teaching<void>(),
  'PUT /api/lessons/:lesson/screen-work/waived/:student': teaching<ScreenWorkTable>(),
  'PUT /api/lessons/:lesson/screen-work/slips': teaching<ScreenWorkTable>(),
  'DELETE /api/lessons/:lesson/screen-work/slips': teaching<ScreenWorkTable>(),
  'GET /api/lessons/:lesson/screen-work/runs': teaching<readonly StudentRun[]>(),
  'GET /api/bench/screen-work': student<OwnScreenWork>(),
  'POST /api/bench/screen-work': student<ScreenRunMarked, ScreenRun>(),

  'POST /api/join/names': anyone<JoinNames, { readonly code: string }>(),
  'POST /api/join': anyone<void, JoinLesson>(),
  'POST /api/join/leave': anyone<void>(),
  'GET /api/bench': student<Bench>(),
  'POST /api/bench/events': student<EventsReceipt, EntryBatch>(),
  'POST /api/bench/hand-over': student<EventsReceipt, EntryBatch>(),
  'POST /api/bench/forgotten': student<readonly string[], KeptIds>(),
  'PUT /api/bench/photos/:picture': student<void, Bytes>(),
  'GET /api/bench/photos/:picture': student<AFile>(),
  'POST /api/bench/mates': student<void, { readonly student: string; readonly pin: string }>(),
  'POST /api/bench/lock': student<void>(),
  'POST /api/bench/unlock': student<void, { readonly pin: string }>(),
  'GET /api/bench/feedback': student<Feedback>(),
  'POST /api/bench/feedback/questions': student<
    OwnQuestion,
    { readonly key: string; readonly text: string }
  >(),
} as const satisfies Readonly<Record<string, Route<unknown, unknown>>>;

export type RouteName = keyof typeof routes;
/** What a route answers with. */
export type ReplyOf<R extends RouteName> =
  (typeof routes)[R] extends Route<infer Reply, unknown> ? Reply : never;
/** What is sent to it; undefined where nothing is. */
export type BodyOf<R extends RouteName> =
  (typeof routes)[R] extends Route<unknown, infer Body> ? Body : never;
type NamesIn<Path extends string> = Path extends `${string}:${infer Rest}`
  ? Rest extends `${infer Name}/${infer After}`
    ? Name | NamesIn<After>
    : Rest
  : never;
/** The names in a route's path, such as `lesson`. */
export type NamesOf<R extends RouteName> = NamesIn<R>;
