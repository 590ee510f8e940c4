/** For tests: the biggest shipped practical as a lesson of two groups, as staff see it and as one student's bench does. */
import type {
  Bench,
  Lesson,
  LessonSample,
  MarkCell,
  MarkRow,
  StaffMe,
  StandingScheme,
} from '@kivex/contract';
import {
  evenScheme,
  holdsOf,
  shippedPracticals,
  speciesName,
  totalOf,
  type LessonEvent,
  type Practical,
} from '@kivex/core';

export const practicalNamed = (title: RegExp): Practical =>
  shippedPracticals.find((p) => title.test(p.title))!;
export const salt = practicalNamed(/^A full unknown salt$/);

export const me: StaffMe = {
  id: 'me',
  name: 'Ivo Beck',
  role: 'teacher',
  school: 'Skerrin Point School',
  mustChangePassword: false,
  secondFactor: false,
};
export const ash = { id: 'ash', name: 'Ash Tern' };
export const birch = { id: 'birch', name: 'Birch Sole' };
export const clove = { id: 'clove', name: 'Clove Ling' };

export function lessonOf(practical: Practical, part: Partial<Lesson> = {}): Lesson {
  const samples: LessonSample[] = practical.samples.map((s, i) => ({
    id: s.key,
    key: s.key,
    role: s.role,
    label: s.role === 'known' ? holdsOf(s) : `Jar ${100 + i}`,
    ions: s.ions,
    holds: holdsOf(s),
    difficulty: s.difficulty,
  }));
  const unknowns = samples.filter((s) => s.role === 'unknown').map((s) => s.id);
  return {
    id: 'lesson',
    title: practical.title,
    className: '9 Lamp',
    classId: 'class',
    teacher: me.name,
    room: 'Lab 4',
    startsAt: '2026-11-26T09:00:00.000Z',
    state: 'marking',
    joinCode: '308114',
    groups: 2,
    students: 3,
    practical,
    roomId: null,
    practicalId: 'practical',
    practicalVersion: 1,
    planning: {
      places: {},
      pins: [],
      schedule: null,
      surplus: 0.2,
      drop_mL: 0.05,
      plate: '96',
      skip: [],
      versions: { rota: 0, preparation: 0 },
    },
    samples,
    groupList: [
      { id: 'g1', name: 'Group 1', bench: [0, 0], students: [ash, birch], unknowns: unknowns.slice(0, 2) },
      { id: 'g2', name: 'Group 2', bench: [0, 1], students: [clove], unknowns: unknowns.slice(2, 4) },
    ],
    unseated: [],
    startedAt: '2026-11-26T09:00:00.000Z',
    endedAt: '2026-11-26T10:00:00.000Z',
    releasedAt: null,
    releasedBefore: false,
    dismissedCauses: [],
    ...part,
  };
}

export function benchOf(lesson: Lesson, part: Partial<Bench> = {}): Bench {
  const { practical } = lesson;
  const group = lesson.groupList[0]!;
  return {
    me: ash,
    lesson: {
      id: lesson.id,
      title: lesson.title,
      summary: practical.summary,
      state: 'running',
      room: lesson.room,
      startedAt: lesson.startedAt,
    },
    now: '2026-11-26T09:10:00.000Z',
    plan: [],
    group: { id: group.id, name: group.name, students: group.students },
    samples: lesson.samples
      .filter((s) => s.role === 'known' || group.unknowns.includes(s.id))
      .map(({ id, role, label }) => ({ id, role, label, tests: practical.tests.map((t) => t.test) })),
    tests: practical.tests,
    asks: practical.asks,
    choices: [
      ['Cu2+', 'Fe2+', 'Fe3+', 'Zn2+'],
      ['Cl-', 'SO4^2-'],
    ],
    events: [],
    held: [],
    here: [ash.id],
    locked: false,
    advice: true,
    balance: true,
    marksOut: false,
    ...part,
  };
}

let count = 0;
/** An entry of the log. */
export const entry = (body: LessonEvent['body'], part: Partial<LessonEvent> = {}): LessonEvent => ({
  id: `e${++count}`,
  group: 'g1',
  by: ash.id,
  at: '2026-11-26T09:10:00.000Z',
  body,
  ...part,
});

export const markOf = (part: Partial<MarkCell> = {}): MarkCell => ({
  id: `m${++count}`,
  key: 'observation:jar',
  strand: 'observation',
  sample: 'jar',
  test: part.strand === 'conclusion' ? null : 'flame',
  attribute: part.strand && part.strand !== 'observation' ? null : 'colour',
  weight: 1,
  answer: 'blue-green',
  points: 1,
  max: 1,
  verdict: 'credit',
  computed: { points: part.points ?? 1 },
  open: false,
  reopened: false,
  why: [{ rule: 'right', text: '“blue-green” earns the mark.' }] as unknown as MarkCell['why'],
  changes: [],
  flag: null,
  ...part,
});
export const rowOf = (
  student: { id: string; name: string },
  cells: readonly MarkCell[],
  part: Partial<MarkRow> = {},
): MarkRow => ({
  student,
  group: 'Group 1',
  groupId: 'g1',
  handedInAt: '2026-11-26T09:50:00.000Z',
  late: false,
  absent: false,
  caughtUp: null,
  agreed: null,
  ...totalOf(evenScheme, cells),
  cells,
  given: 'no',
  ...part,
});
/** Every point the same, as set by the demo's teacher. */
export const standingScheme: StandingScheme = {
  id: 's1',
  scheme: evenScheme,
  by: 'Orla Thresh',
  at: '2026-11-26T08:00:00.000Z',
  reason: 'as usual',
  changes: 0,
};
export const nameOf = speciesName;
