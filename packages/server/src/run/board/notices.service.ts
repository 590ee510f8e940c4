/** What staff say to the benches: hints, and that all work stops; said in the log, so a bench that was away hears it too. */
import type { NewNotice } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v5 as uuidv5, v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../../access/caller.js';
import { Clock } from '../../clock/clock.js';
import { badInput, conflict } from '../../problems/problems.js';
import { LessonGroup, type Lesson } from '../../records/lessons.entities.js';
import { LessonEventRow } from '../../records/observing.entities.js';
import { LessonLogService, type NewEntry } from '../log/lesson-log.service.js';

@Injectable()
export class NoticesService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly log: LessonLogService,
  ) {}

  /** @throws 409 unless the lesson runs, 422 for a group that is not of it. */
  async say(staff: StaffCaller, lesson: Lesson, { level, text, groups: wanted }: NewNotice): Promise<void> {
    if (lesson.state !== 'running')
      throw conflict('The lesson does not run, so no bench would show this.', 'text');
    const groups = (await this.groups.findBy({ lessonId: lesson.id })).map((g) => g.id);
    const to = wanted?.length ? [...new Set(wanted)] : groups;
    if (to.some((id) => !groups.includes(id)))
      throw badInput('One of these groups is not in this lesson. Load the page again.', 'groups');
    const at = this.clock.now();
    await this.log.append(
      to.map((groupId): NewEntry => ({
        id: uuidv7(),
        lessonId: lesson.id,
        groupId,
        by: { staffId: staff.id },
        at,
        body: { type: 'notice', level, text: text.trim() },
      })),
    );
  }

  /** Takes back what was said; what is over already, or never was, changes nothing. */
  async over(staff: StaffCaller, lessonId: string, notices: readonly string[]): Promise<void> {
    for (const notice of new Set(notices)) {
      const said = await this.log.find(lessonId, notice);
      if (said?.type !== 'notice') continue;
      // The id follows from the notice's, so that two at once are one.
      const id = uuidv5(`over: ${notice}`, notice);
      if (await this.rows.existsBy({ id })) continue;
      try {
        await this.log.append([
          {
            id,
            lessonId,
            groupId: said.group,
            by: { staffId: staff.id },
            at: this.clock.now(),
            body: { type: 'notice-over', notice },
          },
        ]);
      } catch (error) {
        if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
      }
    }
  }
}
