/** Calls from the benches, answered once; sign-offs of steps and techniques; waits lengthened. */
import type { NewSignOff } from '@kivex/contract';
import { isTestId } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import type { StaffCaller } from '../../access/caller.js';
import { badInput, conflict, notFound } from '../../problems/problems.js';
import type { Lesson } from '../../records/lessons.entities.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import { StaffWordService } from './staff-word.service.js';

@Injectable()
export class CallsService {
  constructor(
    private readonly log: LessonLogService,
    private readonly word: StaffWordService,
  ) {}

  /** @throws 404 when there is no such call in the lesson. */
  async answer(staff: StaffCaller, lessonId: string, call: string): Promise<void> {
    const asked = await this.log.find(lessonId, call);
    if (asked?.type !== 'call') throw notFound('call in this lesson');
    await this.word.once(staff, lessonId, { id: call, group: asked.group }, 'answer to', {
      type: 'call-answered',
      call,
    });
  }

  /**
   * Signs a step or a technique off for some benches, or says that it is not yet right; a call that asked for it is answered.
   * @throws 409 unless the lesson runs or is marked, 422 for a test Kivex does not know, 404 for no such call.
   */
  async signOff(staff: StaffCaller, lesson: Lesson, wanted: NewSignOff): Promise<void> {
    const { groups, test, step, good, call } = wanted;
    if (lesson.state !== 'running' && lesson.state !== 'marking')
      throw conflict('The lesson does not run; there is nothing to sign off.', 'test');
    if (!isTestId(test)) throw badInput('Kivex does not know this test. Load the page again.', 'test');
    await this.word.say(staff, lesson.id, groups, {
      type: 'signed-off',
      test,
      good,
      ...(step === undefined ? {} : { step }),
    });
    if (call !== undefined) await this.answer(staff, lesson.id, call);
  }

  /** @throws 404 when there is no such timer in the lesson. */
  async lengthen(staff: StaffCaller, lessonId: string, timer: string, seconds: number): Promise<void> {
    const begun = await this.log.find(lessonId, timer);
    if (begun?.type !== 'timer') throw notFound('timer in this lesson');
    await this.word.say(staff, lessonId, [begun.group], { type: 'timer-longer', timer, seconds });
  }
}
