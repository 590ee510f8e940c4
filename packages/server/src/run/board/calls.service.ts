/** Calls from the benches, answered once. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v5 as uuidv5 } from 'uuid';
import type { StaffCaller } from '../../access/caller.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import { LessonEventRow } from '../../records/observing.entities.js';
import { notFound } from '../../problems/problems.js';
import { Clock } from '../../clock/clock.js';

@Injectable()
export class CallsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly log: LessonLogService,
  ) {}

  /** @throws 404 when there is no such call in the lesson. */
  async answer(staff: StaffCaller, lessonId: string, call: string): Promise<void> {
    const asked = await this.log.find(lessonId, call);
    if (asked?.type !== 'call') throw notFound('call in this lesson');
    // The answer's id follows from the call's, so that two answers at once are one.
    const id = uuidv5(`answer to ${call}`, call);
    if (await this.rows.existsBy({ id })) return;
    try {
      await this.log.append([
        {
          id,
          lessonId,
          groupId: asked.group,
          by: { staffId: staff.id },
          at: this.clock.now(),
          body: { type: 'call-answered', call },
        },
      ]);
    } catch (error) {
      if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    }
  }
}
