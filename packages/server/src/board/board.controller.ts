/** The teacher's board: the log of a lesson, and answers to calls. */
import type { WireEvent } from '@kivex/contract';
import { Controller, Get, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { v7 as uuidv7 } from 'uuid';
import { AllowedTo, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { LessonLogService } from '../observing/lesson-log.service.js';
import { notFound } from '../problems/problems.js';

@Controller('api/lessons/:id')
@AllowedTo(...teaching)
export class BoardController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly log: LessonLogService,
  ) {}

  @Get('events')
  async events(@ByStaff() staff: StaffCaller, @Param('id', ParseUUIDPipe) id: string): Promise<WireEvent[]> {
    await this.lessons.own(staff.schoolId, id);
    return this.log.ofLesson(id);
  }

  /** Says that a call has been answered; answering it twice changes nothing. */
  @Post('calls/:call/answer')
  @HttpCode(204)
  async answer(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('call', ParseUUIDPipe) call: string,
  ): Promise<void> {
    await this.lessons.own(staff.schoolId, id);
    const events = await this.log.ofLesson(id);
    const asked = events.find((e) => e.id === call && e.body.type === 'call');
    if (!asked) throw notFound('call in this lesson');
    if (events.some((e) => e.body.type === 'call-answered' && e.body.call === call)) return;
    await this.log.append([
      {
        id: uuidv7(),
        lessonId: id,
        groupId: asked.group,
        by: { staffId: staff.id },
        at: new Date(),
        body: { type: 'call-answered', call },
      },
    ]);
  }
}
