/** Causes the class diagnosis named: what a teacher waves away stays away, on every board. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { badInput } from '../../problems/problems.js';
import { Lesson, LessonGroup } from '../../records/lessons.entities.js';

/** Far more than a lesson can have. */
const mostDismissed = 200;

@Injectable()
export class CausesService {
  constructor(@InjectRepository(Lesson) private readonly lessons: Repository<Lesson>) {}

  /** @throws 422 where there is no room for more. */
  async set(lessonId: string, cause: string, dismissed: boolean): Promise<void> {
    // Two boards at once: neither undoes the other's.
    await this.lessons.manager.transaction(async (db) => {
      const { dismissedCauses, state, firstReleasedAt } = await db.findOneOrFail(Lesson, {
        where: { id: lessonId },
        lock: { mode: 'pessimistic_write' },
      });
      const rest = (dismissedCauses ?? []).filter((c) => c !== cause);
      if (dismissed && rest.length >= mostDismissed)
        throw badInput('So many causes are waved away already; take some of them up again.', 'cause');
      await db.update(Lesson, lessonId, { dismissedCauses: dismissed ? [...rest, cause] : rest });
      // What such a cause spoilt is marked otherwise: marks are worked out anew when they are next looked at.
      if (state === 'marking' && !firstReleasedAt)
        await db.update(LessonGroup, { lessonId }, { markedSeq: null });
    });
  }
}
