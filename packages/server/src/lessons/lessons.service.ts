/** Lessons: made from a practical and a class, started, ended, released. */
import type { LessonPlanning, PlanningPart, PrepPlanning, RotaPlanning, LessonState } from '@kivex/contract';
import {
  jarCodes,
  keptLabel,
  knownLabel,
  safetyStops,
  usualPreset,
  type PracticalSample,
  type StationPlaces,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { randomInt } from 'node:crypto';
import { Repository, type EntityManager } from 'typeorm';
import { v4 as uuidv4, v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { LiveService } from '../run/live/live.service.js';
import { ClassesService } from '../people/classes.service.js';
import { PracticalsService } from '../practicals/practicals.service.js';
import { badInput, conflict, notFound } from '../problems/problems.js';
import { RoomsService } from '../rooms/rooms.service.js';
import { DealingService, dealUnknowns, secureRandom } from './dealing.service.js';
import { LessonViewsService, planningOf, usualPlanning } from './lesson-views.service.js';
import type { BenchPlaceDto, ChangeLessonDto, NewLessonDto } from './lessons.dto.js';
import { MarkSchemeRow } from '../records/marking.entities.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from '../records/lessons.entities.js';
import { LessonEventRow } from '../records/observing.entities.js';
import { Clock } from '../clock/clock.js';

/** What each state may become. Marks can be taken back from the students' pages while they are amended. */
const becomes: Readonly<Record<LessonState, readonly LessonState[]>> = {
  planned: ['running'],
  running: ['marking'],
  marking: ['running', 'released'],
  released: ['marking'],
};
const stateWords: Readonly<Record<LessonState, string>> = {
  planned: 'planned',
  running: 'running',
  marking: 'being marked',
  released: 'released',
};

/** Have two rooms the same stations, with as many places? */
const samePlaces = (a: StationPlaces, b: StationPlaces): boolean => {
  const text = (places: StationPlaces) => JSON.stringify(Object.entries(places).sort());
  return text(a) === text(b);
};

/** A lesson that is taken up again, on another day say, goes on from the minute at which it was ended. */
const beganAt = ({ startedAt, endedAt }: Lesson, now: Date): Date =>
  !startedAt
    ? now
    : endedAt
      ? new Date(now.getTime() - (endedAt.getTime() - startedAt.getTime()))
      : startedAt;

@Injectable()
export class LessonsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    private readonly classes: ClassesService,
    private readonly practicals: PracticalsService,
    private readonly rooms: RoomsService,
    private readonly dealing: DealingService,
    private readonly live: LiveService,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  /** The lesson, if it is the school's. @throws 404 */
  async own(schoolId: string, id: string): Promise<Lesson> {
    const lesson = await this.lessons.findOneBy({ id, schoolId });
    if (!lesson) throw notFound('lesson');
    return lesson;
  }

  /**
   * Makes a lesson: groups, seats, samples with fresh jar codes, and who gets which unknown.
   * @returns its id. @throws ProblemException with the field at fault.
   */
  async create(staff: StaffCaller, wanted: NewLessonDto): Promise<string> {
    const version = await this.practicals.newest(staff, wanted.practical);
    const { name: className } = await this.classes.own(staff.schoolId, wanted.class);
    const inClass = new Set((await this.classes.present(wanted.class)).map((s) => s.id));
    const seated = wanted.groups.flatMap((g) => g.students);
    if (seated.some((id) => !inClass.has(id)))
      throw badInput('Somebody in these groups is not in the class any more. Load the page again.', 'groups');
    if (new Set(seated).size !== seated.length)
      throw badInput('Somebody sits in two groups. Take them out of one.', 'groups');

    const { document } = version;
    const [stop] = safetyStops(document);
    if (stop) throw badInput(`This practical cannot be a lesson yet. ${stop.text}`, 'practical');
    const groups = wanted.groups.map((g, i) => ({
      id: uuidv7(),
      name: `Group ${i + 1}`,
      bench: [g.row, g.column] as const,
      students: g.students,
    }));
    const unknowns = document.samples.filter((s) => s.role === 'unknown');
    const codes = jarCodes(unknowns.length, secureRandom);
    // Ids of samples reach students: they must not tell the order in which the practical lists them.
    const labelOf = (sample: PracticalSample): string =>
      sample.role === 'known'
        ? knownLabel(sample)
        : sample.role === 'kept'
          ? keptLabel(labelOf(document.samples.find((s) => s.key === sample.from!.sample)!))
          : `Jar ${codes[unknowns.indexOf(sample)]}`;
    const samples = document.samples.map((sample, position) => ({
      id: uuidv4(),
      role: sample.role,
      label: labelOf(sample).slice(0, 80),
      ions: [...sample.ions],
      difficulty: sample.difficulty,
      position,
    }));
    const met = await this.dealing.metBefore(wanted.class, samples, groups);
    const assign = dealUnknowns(
      { groups, samples: samples.filter((s) => s.role === 'unknown'), perGroup: document.unknownsPerGroup },
      met,
    );
    const room = await this.rooms.called(staff.schoolId, wanted.room);

    const lessonId = uuidv7();
    await this.lessons.manager.transaction(async (db) => {
      await db.insert(Lesson, {
        id: lessonId,
        schoolId: staff.schoolId,
        classId: wanted.class,
        teacherId: staff.id,
        practicalVersionId: version.id,
        room: wanted.room.trim(),
        roomId: room?.id ?? null,
        planning: room ? { ...usualPlanning, places: room.plan.places } : null,
        startsAt: new Date(wanted.startsAt),
        joinCode: await this.freeCode(),
        state: 'planned',
        startedAt: null,
        endedAt: null,
        releasedAt: null,
        firstReleasedAt: null,
      });
      await db.insert(
        LessonGroup,
        groups.map((g) => ({
          id: g.id,
          lessonId,
          name: g.name,
          benchRow: g.bench[0],
          benchColumn: g.bench[1],
        })),
      );
      await db.insert(
        LessonSeat,
        groups.flatMap((g) => g.students.map((studentId) => ({ lessonId, studentId, groupId: g.id }))),
      );
      await db.insert(
        LessonSample,
        samples.map((s) => ({ ...s, lessonId })),
      );
      await db.insert(
        GroupUnknown,
        groups.flatMap((g) => assign.get(g.id)!.map((sampleId) => ({ groupId: g.id, sampleId }))),
      );
      const preset = usualPreset(document.syllabus);
      await db.insert(MarkSchemeRow, {
        id: uuidv7(),
        lessonId,
        scheme: document.scheme ?? preset.scheme,
        reason: document.scheme ? 'As the practical has it' : `${preset.name}, as usual for the syllabus`,
        undoes: null,
        staffId: staff.id,
        at: this.clock.now(),
      });
      await this.audit.add(
        staff,
        'lesson-made',
        { subject: lessonId, about: `${document.title}, ${className}, ${wanted.startsAt.slice(0, 10)}` },
        db,
      );
    });
    return lessonId;
  }

  async change(staff: StaffCaller, id: string, { startsAt, room }: ChangeLessonDto): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned')
      throw conflict('This lesson has begun; its time and room stay as they were.');
    const to = await this.rooms.called(staff.schoolId, room);
    const from = lesson.roomId === null ? null : await this.rooms.byId(lesson.roomId);
    const planning = planningOf(lesson);
    // Stations as the old room has them were never chosen; the new room's stand in for them.
    const asRoom = samePlaces(planning.places, from?.plan.places ?? {});
    await this.lessons.update(
      { id },
      {
        startsAt: new Date(startsAt),
        room: room.trim(),
        roomId: to?.id ?? null,
        ...(to && to.id !== from?.id && asRoom && !planning.schedule
          ? { planning: { ...planning, places: to.plan.places } }
          : {}),
      },
    );
    await this.audit.add(staff, 'lesson-changed', {
      subject: id,
      about: `${await this.views.nameOf(id)}: ${startsAt.slice(0, 16).replace('T', ' ')} UTC, ${room.trim()}`,
    });
  }

  async remove(staff: StaffCaller, id: string): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned')
      throw conflict('This lesson has begun, so its records are kept. Only planned lessons can be removed.');
    const about = await this.views.nameOf(id);
    await this.lessons.delete({ id });
    await this.audit.add(staff, 'lesson-removed', { subject: id, about });
  }

  /**
   * Moves a lesson on, within a transaction that holds its row from here on.
   * @returns the lesson as it is now, and whether it has moved. @throws 409 when it cannot go from where it is to there.
   */
  async moveTo(
    db: EntityManager,
    staff: StaffCaller,
    id: string,
    state: LessonState,
  ): Promise<{ lesson: Lesson; moved: boolean }> {
    const lesson = await db.findOne(Lesson, {
      where: { id, schoolId: staff.schoolId },
      lock: { mode: 'pessimistic_write' },
    });
    if (!lesson) throw notFound('lesson');
    if (lesson.state === state) return { lesson, moved: false };
    if (!becomes[lesson.state].includes(state))
      throw conflict(
        `This lesson is ${stateWords[lesson.state]}; it cannot become ${stateWords[state]} from there.`,
      );
    if (state === 'running' && lesson.firstReleasedAt)
      throw conflict(
        'Marks of this lesson have been given out, so it cannot be taken up again: students know what the jars held.',
      );
    const now = this.clock.now();
    const moments =
      state === 'running'
        ? { startedAt: beganAt(lesson, now), endedAt: null }
        : state === 'marking'
          ? { endedAt: lesson.endedAt ?? now, releasedAt: null }
          : { releasedAt: now, firstReleasedAt: lesson.firstReleasedAt ?? now };
    await db.update(Lesson, { id }, { state, ...moments });
    return { lesson: { ...lesson, state, ...moments }, moved: true };
  }

  /** Seats a student of the class in a group, or moves them; latecomers too. */
  async seat(staff: StaffCaller, id: string, studentId: string, groupId: string): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned' && lesson.state !== 'running')
      throw conflict('This lesson is over; seats stay as they were.');
    const students = await this.classes.present(lesson.classId);
    if (!students.some((s) => s.id === studentId)) throw notFound('student in this class');
    const group = await this.groups.findOneBy({ id: groupId, lessonId: id });
    if (!group) throw badInput('This group is not in the lesson. Load the page again.', 'group');
    const inGroup = await this.seats.countBy({ groupId });
    if (inGroup >= 4) throw conflict('This group is full: four at most. Choose another.', 'group');
    await this.seats.upsert({ lessonId: id, studentId, groupId }, ['lessonId', 'studentId']);
    this.live.dropStudent(studentId);
    await this.audit.add(staff, 'seat-changed', {
      subject: id,
      about: `${students.find((s) => s.id === studentId)!.name}, ${group.name}, ${await this.views.nameOf(id)}`,
    });
  }

  /**
   * Takes a student out of the lesson: they are absent. What they have logged keeps them in it.
   * @throws ProblemException 404, 409
   */
  async unseat(staff: StaffCaller, id: string, studentId: string): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned' && lesson.state !== 'running')
      throw conflict('This lesson is over; seats stay as they were.');
    const seat = await this.seats.findOne({
      where: { lessonId: id, studentId },
      relations: { student: true },
    });
    if (!seat) throw notFound('student in this lesson');
    if (await this.seats.manager.existsBy(LessonEventRow, { lessonId: id, studentId }))
      throw conflict(
        `${seat.student.name} has logged entries in this lesson, so they are not absent. End their bench early instead.`,
      );
    await this.seats.delete({ lessonId: id, studentId });
    this.live.dropStudent(studentId);
    await this.audit.add(staff, 'seat-changed', {
      subject: id,
      about: `${seat.student.name}, absent, ${await this.views.nameOf(id)}`,
    });
  }

  /**
   * Keeps one part of how the lesson is planned to go; the other stays as it is.
   * @param from the version of the part that the change began from. @throws ProblemException 409 when it is not the newest.
   */
  async plan(
    staff: StaffCaller,
    id: string,
    part: PlanningPart,
    from: number,
    fields: RotaPlanning | PrepPlanning,
  ): Promise<LessonPlanning> {
    const { planning, state } = await this.lessons.manager.transaction(async (db) => {
      const lesson = await db.findOne(Lesson, {
        where: { id, schoolId: staff.schoolId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!lesson) throw notFound('lesson');
      const now = planningOf(lesson);
      if (now.versions[part] !== from)
        throw conflict(
          part === 'rota'
            ? 'Somebody else has saved stations or rota of this lesson meanwhile. Look at theirs, then save yours over it or take it.'
            : 'Somebody else has changed how this lesson is prepared meanwhile. Look at theirs, then change it again.',
          'from',
        );
      const planning: LessonPlanning = {
        ...now,
        ...fields,
        versions: { ...now.versions, [part]: from + 1 },
      };
      await db.update(Lesson, { id }, { planning });
      return { planning, state: lesson.state };
    });
    // Benches show what is now and next: a new rota is told to those at work.
    if (part === 'rota' && state === 'running') this.live.stateChanged(id, state);
    return planning;
  }

  /** What each group has met before, by group id. */
  async met(staff: StaffCaller, id: string): Promise<Record<string, readonly string[]>> {
    return Object.fromEntries(await this.dealing.metIn(await this.own(staff.schoolId, id)));
  }

  /** Deals the unknowns of a planned lesson anew. @param pinned by group id: samples it has to have. */
  async deal(
    staff: StaffCaller,
    id: string,
    pinned: Readonly<Record<string, readonly string[]>>,
  ): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned')
      throw conflict('This lesson has begun; who has which jar stays as it is.');
    await this.dealing.dealAnew(lesson, pinned);
    await this.audit.add(staff, 'lesson-dealt', { subject: id, about: await this.views.nameOf(id) });
  }

  async moveBench(
    staff: StaffCaller,
    id: string,
    groupId: string,
    { row, column }: BenchPlaceDto,
  ): Promise<void> {
    const lesson = await this.own(staff.schoolId, id);
    if (lesson.state !== 'planned' && lesson.state !== 'running')
      throw conflict('This lesson is over; the benches stay as they were.');
    const group = await this.groups.findOneBy({ id: groupId, lessonId: id });
    if (!group) throw notFound('group in this lesson');
    const there = await this.groups.findOneBy({ lessonId: id, benchRow: row, benchColumn: column });
    if (there?.id === groupId) return;
    await this.lessons.manager.transaction(async (db) => {
      // Two groups cannot stand on one bench even for a moment: the other steps aside first.
      if (there) await db.update(LessonGroup, { id: there.id }, { benchRow: -1, benchColumn: -1 });
      const from = { benchRow: group.benchRow, benchColumn: group.benchColumn };
      await db.update(LessonGroup, { id: groupId }, { benchRow: row, benchColumn: column });
      if (there) await db.update(LessonGroup, { id: there.id }, from);
    });
  }

  private async freeCode(): Promise<string> {
    for (;;) {
      const code = String(randomInt(100_000, 1_000_000));
      if (!(await this.lessons.existsBy({ joinCode: code }))) return code;
    }
  }
}
