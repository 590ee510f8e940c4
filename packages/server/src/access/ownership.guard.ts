/** What a path names belongs to the caller's school, or it is not there: asked in one place, for every route alike. */
import { routes, type NamesOf, type RouteName } from '@kivex/contract';
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { InjectDataSource } from '@nestjs/typeorm';
import { isUUID } from 'class-validator';
import { DataSource, type EntityTarget, type FindOptionsWhere, type ObjectLiteral } from 'typeorm';
import { notFound } from '../problems/problems.js';
import { AnswerRuleRow } from '../records/answer-rules.entities.js';
import { Lesson, LessonGroup, LessonSample } from '../records/lessons.entities.js';
import {
  MarkChangeRow,
  MarkQuestionRow,
  MarkRow,
  SecondMarkingRow,
  SecondMarkRow,
} from '../records/marking.entities.js';
import { ClassQuestionRow, QuestionSetRow } from '../records/practising.entities.js';
import { LessonEventRow, PhotoRow } from '../records/observing.entities.js';
import { SchoolClass, Staff, Student } from '../records/people.entities.js';
import { Practical } from '../records/practicals.entities.js';
import { IncidentRow, KeptSampleRow } from '../records/room.entities.js';
import { Room } from '../records/rooms.entities.js';
import { StoreBatch, StoreItem } from '../records/store.entities.js';
import { Syllabus } from '../records/syllabuses.entities.js';
import type { CallerRequest } from './caller.js';
import { routeKey } from './route.js';

/** Every name that stands in a path of the contract. */
type PathName = { [R in RouteName]: NamesOf<R> }[RouteName];

interface Owned {
  readonly word: string;
  readonly entity: EntityTarget<ObjectLiteral>;
  /** @param schoolId of the caller. @param lessonId named in the same path, if one is. */
  readonly where: (id: string, schoolId: string, lessonId: string) => FindOptionsWhere<ObjectLiteral>;
}
const owned = <T extends ObjectLiteral>(
  word: string,
  entity: new () => T,
  where: (id: string, schoolId: string, lessonId: string) => FindOptionsWhere<T>,
): Owned => ({ word, entity, where });

/** How each name is the school's; null where it names nothing of a school's: a number, a kind of sheet, one's own session. */
const belonging: Readonly<Record<PathName, Owned | null>> = {
  lesson: owned('lesson', Lesson, (id, schoolId) => ({ id, schoolId })),
  class: owned('class', SchoolClass, (id, schoolId) => ({ id, schoolId })),
  student: owned('student', Student, (id, schoolId) => ({ id, class: { schoolId } })),
  person: owned('member of staff', Staff, (id, schoolId) => ({ id, schoolId })),
  practical: owned('practical', Practical, (id, schoolId) => ({ id, schoolId })),
  syllabus: owned('syllabus', Syllabus, (id, schoolId) => ({ id, schoolId })),
  room: owned('room', Room, (id, schoolId) => ({ id, schoolId })),
  item: owned('thing in the store', StoreItem, (id, schoolId) => ({ id, schoolId })),
  batch: owned('batch', StoreBatch, (id, schoolId) => ({ id, item: { schoolId } })),
  jar: owned('jar', LessonSample, (id, schoolId) => ({ id, lesson: { schoolId } })),
  group: owned('group in this lesson', LessonGroup, (id, _, lessonId) => ({ id, lessonId })),
  mark: owned('mark in this lesson', MarkRow, (id, _, lessonId) => ({ id, lessonId })),
  decision: owned('decision in this lesson', MarkChangeRow, (id, _, lessonId) => ({
    decisionId: id,
    mark: { lessonId },
  })),
  marking: owned('second marking', SecondMarkingRow, (id, schoolId) => ({ id, lesson: { schoolId } })),
  question: owned('question in this lesson', MarkQuestionRow, (id, _, lessonId) => ({ id, lessonId })),
  blind: owned('answer', SecondMarkRow, (id, schoolId) => ({ id, marking: { lesson: { schoolId } } })),
  call: owned('call', LessonEventRow, (id, _, lessonId) => ({ id, lessonId })),
  timer: owned('timer', LessonEventRow, (id, _, lessonId) => ({ id, lessonId })),
  incident: owned('incident in this lesson', IncidentRow, (id, _, lessonId) => ({ id, lessonId })),
  kept: owned('kept sample', KeptSampleRow, (id, schoolId) => ({ id, schoolId })),
  photo: owned('picture in this lesson', PhotoRow, (id, _, lessonId) => ({ id, lessonId })),
  asked: owned('question', ClassQuestionRow, (id, schoolId) => ({ id, schoolId })),
  given: owned('set of questions', QuestionSetRow, (id, schoolId) => ({ id, schoolId })),
  rule: owned('rule', AnswerRuleRow, (id, schoolId) => ({ id, schoolId })),
  picture: null,
  code: null,
  session: null,
  kind: null,
  number: null,
};

@Injectable()
export class OwnershipGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    @InjectDataSource() private readonly source: DataSource,
  ) {}

  /** @throws ProblemException 404 */
  async canActivate(context: ExecutionContext): Promise<boolean> {
    if (context.getType() !== 'http') return true;
    const route = this.reflector.get<RouteName | undefined>(routeKey, context.getHandler());
    const request = context.switchToHttp().getRequest<CallerRequest>();
    if (route === undefined || !(route in routes)) return true;
    const params = request.params as Readonly<Record<string, string>>;
    for (const [name, id] of Object.entries(params)) {
      const kind = belonging[name as PathName];
      if (!kind) continue;
      const schoolId = request.staff?.schoolId;
      if (
        !isUUID(id) ||
        schoolId === undefined ||
        !(await this.source.manager.existsBy(kind.entity, kind.where(id, schoolId, params.lesson ?? '')))
      )
        throw notFound(kind.word);
    }
    return true;
  }
}
