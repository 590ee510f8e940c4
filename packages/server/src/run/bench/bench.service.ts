/** What a student's device is told. Nothing here gives away what an unknown holds. */
import type { Bench, Feedback } from '@kivex/contract';
import {
  choicesFor,
  isOwnAnswer,
  isDoneOn,
  ownSlots,
  sourcesOf,
  type LessonEvent,
  testsWithControls,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { Lesson, LessonGroup, LessonSeat } from '../../records/lessons.entities.js';
import { FeedbackService } from '../../marking/feedback.service.js';
import { MarksService } from '../../marking/marks.service.js';
import { HeldEntriesService } from '../log/held-entries.service.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import { Clock } from '../../clock/clock.js';
import { conflict } from '../../problems/problems.js';
import { planningOf, roomOf } from '../../lessons/lesson-views.service.js';
import { BenchSettingsService } from './bench-settings.service.js';

@Injectable()
export class BenchService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly settings: BenchSettingsService,
    private readonly log: LessonLogService,
    private readonly held: HeldEntriesService,
    private readonly marks: MarksService,
    private readonly feedbackOf: FeedbackService,
  ) {}

  async show(student: StudentCaller): Promise<Bench> {
    const [lesson, group, seats, samples, events, held] = await Promise.all([
      this.lessonOf(student),
      this.groups.findOneByOrFail({ id: student.groupId }),
      this.seats.find({ where: { groupId: student.groupId }, relations: { student: true } }),
      this.settings.samplesOf(student),
      this.log.forBench(student.groupId),
      this.held.ofGroup(student.groupId),
    ]);
    const { document } = lesson.practicalVersion;
    const begun = lesson.state !== 'planned';
    const sources = sourcesOf(samples, document);
    const shown = ({ by, body }: Pick<LessonEvent, 'by' | 'body'>) =>
      !isOwnAnswer(body) || (by === student.id && !student.locked);
    return {
      me: { id: student.id, name: student.name },
      lesson: {
        id: lesson.id,
        title: document.title,
        summary: document.summary,
        state: lesson.state,
        room: roomOf(lesson),
        startedAt: lesson.startedAt?.toISOString() ?? null,
      },
      now: this.clock.now().toISOString(),
      plan: ownSlots(planningOf(lesson).schedule, await this.placeOf(group)),
      group: {
        id: group.id,
        name: group.name,
        students: seats
          .map((s) => ({ id: s.studentId, name: s.student.name }))
          .sort((a, b) => a.name.localeCompare(b.name)),
      },
      samples: begun
        ? samples.map(({ id, role, label, position }) => {
            const { form = 'solid', from } = document.samples[position] ?? {};
            const source = sources.get(id);
            // Which tests are done on a sample follows from its form, which anyone can see.
            return {
              id,
              role,
              label,
              ...(from && source !== undefined ? { from: { sample: source, test: from.test } } : {}),
              tests: document.tests.filter((t) => isDoneOn(t, { role, form, from })).map((t) => t.test),
            };
          })
        : [],
      tests: testsWithControls(document),
      asks: document.asks,
      choices: choicesFor(document),
      events: events.filter(shown),
      held: held.filter(shown),
      here: student.here,
      locked: student.locked,
      advice: document.advice !== 'hidden',
      balance: document.balance === 'checked',
      marksOut: (await this.marks.givenTo(lesson.id, student.id)) !== undefined,
    };
  }

  /** The group's number in the rota: groups are counted in order of their benches. */
  private async placeOf({ id, lessonId }: LessonGroup): Promise<number> {
    const order = await this.groups.find({
      where: { lessonId },
      order: { benchRow: 'ASC', benchColumn: 'ASC' },
      select: { id: true },
    });
    return order.findIndex((g) => g.id === id) + 1;
  }

  /** A student's own marks, once released. */
  async feedback(student: StudentCaller): Promise<Feedback> {
    const lesson = await this.lessonOf(student);
    if (student.locked) throw conflict('Type your PIN first: others have written at this device.', 'pin');
    return this.feedbackOf.of(lesson, { id: student.id, name: student.name });
  }

  private lessonOf(student: StudentCaller): Promise<Lesson> {
    return this.lessons.findOneOrFail({
      where: { id: student.lessonId },
      relations: { practicalVersion: true, inRoom: true },
    });
  }
}
