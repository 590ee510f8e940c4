/** What staff put into the log of a lesson: to all benches or some, and what may be said only once. */
import type { StaffBody } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v5 as uuidv5, v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../../access/caller.js';
import { Clock } from '../../clock/clock.js';
import { badInput } from '../../problems/problems.js';
import { LessonGroup } from '../../records/lessons.entities.js';
import { LessonEventRow } from '../../records/observing.entities.js';
import { LessonLogService, type NewEntry } from '../log/lesson-log.service.js';

@Injectable()
export class StaffWordService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly log: LessonLogService,
  ) {}

  /**
   * Says one thing to some benches, or to all where none is named.
   * @throws 422 for a group that is not of the lesson.
   */
  async say(
    staff: StaffCaller,
    lessonId: string,
    wanted: readonly string[] | undefined,
    body: StaffBody,
  ): Promise<void> {
    const groups = (await this.groups.findBy({ lessonId })).map((g) => g.id);
    const to = wanted?.length ? [...new Set(wanted)] : groups;
    if (to.some((id) => !groups.includes(id)))
      throw badInput('One of these groups is not in this lesson. Load the page again.', 'groups');
    const at = this.clock.now();
    await this.log.append(
      to.map((groupId): NewEntry => ({
        id: uuidv7(),
        lessonId,
        groupId,
        by: { staffId: staff.id },
        at,
        body,
      })),
    );
  }

  /**
   * Answers an entry of the log once and for all: the answer's id follows from the entry's, so that two at once are one.
   * @param as what kind of answer; one of each kind is kept.
   */
  async once(
    staff: StaffCaller,
    lessonId: string,
    to: { readonly id: string; readonly group: string },
    as: string,
    body: StaffBody,
  ): Promise<void> {
    const id = uuidv5(`${as} ${to.id}`, to.id);
    if (await this.rows.existsBy({ id })) return;
    try {
      await this.log.append([
        { id, lessonId, groupId: to.group, by: { staffId: staff.id }, at: this.clock.now(), body },
      ]);
    } catch (error) {
      if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    }
  }
}
