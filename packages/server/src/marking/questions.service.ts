/** Students' questions about marks they were given, and the answers. */
import type { MarkQuestion, OwnQuestion } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller, StudentCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, tooMany } from '../problems/problems.js';
import type { Lesson } from '../records/lessons.entities.js';
import { MarkQuestionRow } from '../records/marking.entities.js';
import { MarksService } from './marks.service.js';

/** Questions of one student about one lesson. */
const most = 20;
/** Questions of a lesson shown to staff. */
const mostShown = 500;

@Injectable()
export class QuestionsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly marks: MarksService,
  ) {}

  /** Asks about an item of the marks a student has. @throws 409 while they have none, 422 of an item that is not theirs. */
  async ask(
    { id: studentId, lessonId, locked }: StudentCaller,
    key: string,
    text: string,
  ): Promise<OwnQuestion> {
    if (locked) throw conflict('Type your PIN first: others have written at this device.', 'pin');
    const given = await this.marks.givenTo(lessonId, studentId);
    if (!given) throw conflict('Your marks are not out yet, so there is nothing to ask about.');
    if (!given.marks.items.some((item) => item.key === key))
      throw badInput('This item is not among your marks. Load the page again.', 'key');
    if ((await this.source.manager.countBy(MarkQuestionRow, { lessonId, studentId })) >= most)
      throw tooMany(`You have asked ${most} questions about this lesson. Talk to your teacher.`, 3600);
    const row = {
      id: uuidv7(),
      lessonId,
      studentId,
      itemKey: key,
      text: text.trim(),
      at: this.clock.now(),
      answer: null,
      answeredAt: null,
      answeredById: null,
    };
    await this.source.manager.insert(MarkQuestionRow, row);
    return ownOf({ ...row, answeredBy: null });
  }

  /** A student's own, oldest first. */
  async ofStudent(lessonId: string, studentId: string): Promise<OwnQuestion[]> {
    const rows = await this.source.manager.find(MarkQuestionRow, {
      where: { lessonId, studentId },
      relations: { answeredBy: true },
      order: { at: 'ASC', id: 'ASC' },
      take: most,
    });
    return rows.map(ownOf);
  }

  /** Those of a lesson, unanswered ones first. */
  async ofLesson({ id: lessonId }: Pick<Lesson, 'id'>): Promise<MarkQuestion[]> {
    const rows = await this.source.manager.find(MarkQuestionRow, {
      where: { lessonId },
      relations: { student: true, answeredBy: true },
      order: { answeredAt: 'ASC', at: 'ASC', id: 'ASC' },
      take: mostShown,
    });
    return rows.map((row) => ({ ...ownOf(row), student: { id: row.studentId, name: row.student.name } }));
  }

  /** Answers a question; an answer given before is written over, for it is talk and no mark. */
  async answer(staff: StaffCaller, lesson: Lesson, id: string, answer: string): Promise<MarkQuestion> {
    await this.source.manager.update(
      MarkQuestionRow,
      { id, lessonId: lesson.id },
      { answer: answer.trim(), answeredAt: this.clock.now(), answeredById: staff.id },
    );
    return (await this.ofLesson(lesson)).find((question) => question.id === id)!;
  }
}

const ownOf = (
  row: Pick<MarkQuestionRow, 'id' | 'itemKey' | 'text' | 'at' | 'answer' | 'answeredBy'>,
): OwnQuestion => ({
  id: row.id,
  key: row.itemKey,
  text: row.text,
  at: row.at.toISOString(),
  answer: row.answer,
  answeredBy: row.answeredBy?.name ?? null,
});
