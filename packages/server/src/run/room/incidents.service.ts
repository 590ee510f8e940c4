/** Accidents and near misses of a lesson: logged in two taps, completed later, listed and exported. */
import type { Incident, NewIncident } from '@kivex/contract';
import { tableToCsv } from '@kivex/core/formats/csv-table';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../../access/caller.js';
import { Clock } from '../../clock/clock.js';
import { badInput, notFound } from '../../problems/problems.js';
import { LessonGroup, LessonSeat } from '../../records/lessons.entities.js';
import { IncidentRow } from '../../records/room.entities.js';

/** Incidents of one lesson at most: far above what any lesson has. */
const mostOfLesson = 200;

@Injectable()
export class IncidentsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(IncidentRow) private readonly rows: Repository<IncidentRow>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
  ) {}

  /** Oldest first. */
  async list(lessonId: string): Promise<Incident[]> {
    const rows = await this.rows.find({
      where: { lessonId },
      relations: { group: true, student: true, staff: true },
      order: { at: 'ASC', id: 'ASC' },
    });
    return rows.map(shown);
  }

  /** @throws 422 for a group or student that is not of the lesson, or when there are too many. */
  async add(staff: StaffCaller, lessonId: string, wanted: NewIncident): Promise<Incident> {
    if ((await this.rows.countBy({ lessonId })) >= mostOfLesson)
      throw badInput(`A lesson holds at most ${mostOfLesson} incidents. Write the rest on paper.`, 'kind');
    const id = uuidv7();
    await this.rows.insert({
      id,
      lessonId,
      staffId: staff.id,
      at: this.clock.now(),
      ...(await this.fields(lessonId, wanted)),
    });
    return this.find(lessonId, id);
  }

  /** Completes or mends what was logged; who logged it, and when, stays. @throws 404, 422 */
  async change(lessonId: string, id: string, wanted: NewIncident): Promise<Incident> {
    await this.find(lessonId, id);
    await this.rows.update({ id, lessonId }, await this.fields(lessonId, wanted));
    return this.find(lessonId, id);
  }

  async csv(lessonId: string): Promise<string> {
    const rows = await this.list(lessonId);
    return tableToCsv([
      ['When', 'What kind', 'Near miss', 'Bench', 'Who', 'What happened', 'What was done', 'Logged by'],
      ...rows.map((r) => [
        r.at,
        r.kind,
        r.nearMiss ? 'yes' : 'no',
        r.group?.name ?? '',
        r.student?.name ?? '',
        r.what,
        r.done,
        r.by,
      ]),
    ]);
  }

  private async find(lessonId: string, id: string): Promise<Incident> {
    const row = await this.rows.findOne({
      where: { id, lessonId },
      relations: { group: true, student: true, staff: true },
    });
    if (!row) throw notFound('incident in this lesson');
    return shown(row);
  }

  private async fields(
    lessonId: string,
    { kind, nearMiss, group, student, what, done }: NewIncident,
  ): Promise<Partial<IncidentRow> & Pick<IncidentRow, 'kind'>> {
    if (group !== null && !(await this.groups.existsBy({ id: group, lessonId })))
      throw badInput('This group is not in this lesson. Load the page again.', 'group');
    if (student !== null && !(await this.seats.existsBy({ studentId: student, lessonId })))
      throw badInput('This student is not in this lesson. Load the page again.', 'student');
    return { kind, nearMiss, groupId: group, studentId: student, what: what.trim(), done: done.trim() };
  }
}

const shown = (row: IncidentRow): Incident => ({
  id: row.id,
  kind: row.kind,
  nearMiss: row.nearMiss,
  group: row.group && { id: row.group.id, name: row.group.name },
  student: row.student && { id: row.student.id, name: row.student.name },
  what: row.what,
  done: row.done,
  by: row.staff.name,
  at: row.at.toISOString(),
});
