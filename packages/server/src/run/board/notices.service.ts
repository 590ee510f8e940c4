/** What staff say to the benches: hints, and that all work stops; said in the log, so a bench that was away hears it too. */
import type { NewNotice } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import type { StaffCaller } from '../../access/caller.js';
import { conflict } from '../../problems/problems.js';
import type { Lesson } from '../../records/lessons.entities.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import { StaffWordService } from './staff-word.service.js';

@Injectable()
export class NoticesService {
  constructor(
    private readonly log: LessonLogService,
    private readonly word: StaffWordService,
  ) {}

  /** @throws 409 unless the lesson runs, 422 for a group that is not of it. */
  async say(staff: StaffCaller, lesson: Lesson, { level, text, groups }: NewNotice): Promise<void> {
    if (lesson.state !== 'running')
      throw conflict('The lesson does not run, so no bench would show this.', 'text');
    await this.word.say(staff, lesson.id, groups, { type: 'notice', level, text: text.trim() });
  }

  /** Takes back what was said; what is over already, or never was, changes nothing. */
  async over(staff: StaffCaller, lessonId: string, notices: readonly string[]): Promise<void> {
    for (const notice of new Set(notices)) {
      const said = await this.log.find(lessonId, notice);
      if (said?.type !== 'notice') continue;
      await this.word.once(staff, lessonId, { id: notice, group: said.group }, 'over:', {
        type: 'notice-over',
        notice,
      });
    }
  }

  /** Ends the work of one bench before the others', or lets it go on. @throws 409 unless the lesson runs. */
  async open(staff: StaffCaller, lesson: Lesson, group: string, open: boolean): Promise<void> {
    if (lesson.state !== 'running') throw conflict('The lesson does not run.', 'open');
    await this.word.say(staff, lesson.id, [group], { type: 'bench-open', open });
  }
}
