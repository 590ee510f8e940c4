/** Lessons as staff read them: heads for lists, the whole for one. */
import type {
  Lesson as LessonView,
  LessonGroup as GroupView,
  LessonHead,
  LessonPlanning,
  LessonSample as SampleView,
  StudentName,
} from '@kivex/contract';
import { holdsOf, plateKinds, sourcesOf, usualPrep, type Practical } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import { ClassesService } from '../people/classes.service.js';
import { notFound } from '../problems/problems.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from '../records/lessons.entities.js';

@Injectable()
export class LessonViewsService {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    @InjectRepository(LessonSample) private readonly samples: Repository<LessonSample>,
    @InjectRepository(GroupUnknown) private readonly unknowns: Repository<GroupUnknown>,
    private readonly classes: ClassesService,
  ) {}

  /**
   * Lessons of a school, newest first.
   * @param before id of the last lesson of the page before this one. @throws 404 when there is no such lesson.
   */
  async list(schoolId: string, most: number, before?: string): Promise<LessonHead[]> {
    const query = this.lessons
      .createQueryBuilder('lesson')
      .innerJoinAndSelect('lesson.class', 'class')
      .innerJoinAndSelect('lesson.teacher', 'teacher')
      .innerJoinAndSelect('lesson.practicalVersion', 'version')
      .leftJoinAndSelect('lesson.inRoom', 'room')
      .where('lesson.schoolId = :schoolId', { schoolId })
      .orderBy('lesson.startsAt', 'DESC')
      .addOrderBy('lesson.id', 'DESC')
      .take(most);
    if (before) {
      const last = await this.lessons.findOneBy({ id: before, schoolId });
      if (!last) throw notFound('lesson');
      query.andWhere('(lesson.startsAt < :at OR (lesson.startsAt = :at AND lesson.id < :before))', {
        at: last.startsAt,
        before,
      });
    }
    const lessons = await query.getMany();
    const ids = lessons.map((l) => l.id);
    const [groups, seats] = await Promise.all([countBy(this.groups, ids), countBy(this.seats, ids)]);
    return lessons.map((lesson) => headOf(lesson, groups.get(lesson.id) ?? 0, seats.get(lesson.id) ?? 0));
  }

  /** What a lesson is called, for sentences. */
  async nameOf(id: string): Promise<string> {
    const lesson = await this.lessons.findOneOrFail({
      where: { id },
      relations: { class: true, practicalVersion: true },
    });
    return `${lesson.practicalVersion.document.title}, ${lesson.class.name}`;
  }

  async show(schoolId: string, id: string): Promise<LessonView> {
    const lesson = await this.lessons.findOne({
      where: { id, schoolId },
      relations: { class: true, teacher: true, practicalVersion: true, inRoom: true },
    });
    if (!lesson) throw notFound('lesson');
    const [groupList, samples, inClass] = await Promise.all([
      this.groupsOf(id),
      this.samplesOf(id),
      this.classes.present(lesson.classId),
    ]);
    const seated = new Set(groupList.flatMap((g) => g.students.map((s) => s.id)));
    return {
      ...headOf(lesson, groupList.length, seated.size),
      classId: lesson.classId,
      practical: lesson.practicalVersion.document,
      roomId: lesson.roomId,
      practicalId: lesson.practicalVersion.practicalId,
      practicalVersion: lesson.practicalVersion.number,
      planning: planningOf(lesson),
      samples: sampleViews(samples, lesson.practicalVersion.document),
      groupList,
      unseated: inClass
        .filter((s) => !seated.has(s.id))
        .map(({ id: studentId, name }) => ({ id: studentId, name })),
      startedAt: lesson.startedAt?.toISOString() ?? null,
      endedAt: lesson.endedAt?.toISOString() ?? null,
      releasedAt: lesson.releasedAt?.toISOString() ?? null,
      releasedBefore: lesson.firstReleasedAt !== null,
      dismissedCauses: lesson.dismissedCauses ?? [],
    };
  }

  /** The groups of a lesson with their students and unknowns, in order of their benches. */
  async groupsOf(lessonId: string): Promise<GroupView[]> {
    const groups = await this.groups.find({
      where: { lessonId },
      order: { benchRow: 'ASC', benchColumn: 'ASC' },
    });
    const [seats, unknowns] = await Promise.all([
      this.seats.find({ where: { lessonId }, relations: { student: true } }),
      groups.length ? this.unknowns.findBy({ groupId: In(groups.map((g) => g.id)) }) : [],
    ]);
    return groups.map((group) => ({
      id: group.id,
      name: group.name,
      bench: [group.benchRow, group.benchColumn],
      students: seats
        .filter((s) => s.groupId === group.id)
        .map((s): StudentName => ({ id: s.studentId, name: s.student.name }))
        .sort((a, b) => a.name.localeCompare(b.name)),
      unknowns: unknowns
        .filter((u) => u.groupId === group.id)
        .map((u) => u.sampleId)
        .sort(),
    }));
  }

  /** The lesson a sample belongs to. @throws 404 */
  async lessonOfSample(schoolId: string, sampleId: string): Promise<{ id: string }> {
    const sample = await this.samples.findOneBy({ id: sampleId, lesson: { schoolId } });
    if (!sample) throw notFound('jar');
    return { id: sample.lessonId };
  }

  /** The samples of a lesson in order, with what they hold. */
  samplesOf(lessonId: string): Promise<LessonSample[]> {
    return this.samples.find({ where: { lessonId }, order: { position: 'ASC' } });
  }
}

/** What the lesson's room is called now. */
export const roomOf = ({ inRoom, room }: Pick<Lesson, 'inRoom' | 'room'>): string => inRoom?.name ?? room;

/** Planning of a lesson for which nothing was set yet: plenty of places, the usual surplus. */
export const usualPlanning: LessonPlanning = {
  places: {},
  pins: [],
  schedule: null,
  surplus: usualPrep.surplus,
  drop_mL: usualPrep.drop_mL,
  plate: plateKinds[1]!.id,
  skip: [],
  versions: { rota: 0, preparation: 0 },
};

/** How a lesson is planned, with what older versions of Kivex did not keep. */
export const planningOf = ({ planning }: Pick<Lesson, 'planning'>): LessonPlanning => ({
  ...usualPlanning,
  ...planning,
});

/** A lesson's samples stand in the order of its practical, which is where their keys are. */
function sampleViews(samples: readonly LessonSample[], practical: Practical): SampleView[] {
  const sources = sourcesOf(samples, practical);
  return samples.map(({ id, role, label, ions, difficulty, position }) => {
    const from = sources.get(id);
    return {
      id,
      key: practical.samples[position]?.key ?? id,
      role,
      ...(from === undefined ? {} : { from }),
      label,
      ions,
      holds: holdsOf({ ions }),
      difficulty,
    };
  });
}

function headOf(lesson: Lesson, groups: number, students: number): LessonHead {
  return {
    id: lesson.id,
    title: lesson.practicalVersion.document.title,
    className: lesson.class.name,
    teacher: lesson.teacher.name,
    room: roomOf(lesson),
    startsAt: lesson.startsAt.toISOString(),
    state: lesson.state,
    joinCode: lesson.joinCode,
    groups,
    students,
  };
}

async function countBy(
  repository: Repository<LessonGroup> | Repository<LessonSeat>,
  lessonIds: readonly string[],
): Promise<Map<string, number>> {
  if (!lessonIds.length) return new Map();
  const rows = await (repository as Repository<LessonSeat>)
    .createQueryBuilder('r')
    .select('r.lessonId', 'lessonId')
    .addSelect('COUNT(*)', 'n')
    .where('r.lessonId IN (:...lessonIds)', { lessonIds })
    .groupBy('r.lessonId')
    .getRawMany<{ lessonId: string; n: string }>();
  return new Map(rows.map((row) => [row.lessonId, Number(row.n)]));
}
