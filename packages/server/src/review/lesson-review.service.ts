/** What one lesson tells: its items, strands, names, times, and what to teach again. */
import type { LessonReview, MarkTable, TimeOfTest, WireEvent } from '@kivex/contract';
import {
  itemAnalysis,
  lessonOutcome,
  namings,
  strandProfile,
  syllabusFor,
  taskOf,
  teachAgain,
  testTimes,
  type Practical,
  type ReviewedMark,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { Repository } from 'typeorm';
import { Together } from '../heavy/together.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { MarksService } from '../marking/marks.service.js';
import type { Lesson, LessonSample } from '../records/lessons.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { LessonLogService } from '../run/log/lesson-log.service.js';

@Injectable()
export class LessonReviewService {
  private readonly together = new Together<LessonReview>();

  constructor(
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
    private readonly views: LessonViewsService,
    private readonly marks: MarksService,
    private readonly log: LessonLogService,
  ) {}

  of(lesson: Lesson): Promise<LessonReview> {
    return this.together.do(JSON.stringify(lesson), () => this.made(lesson));
  }

  private async made(lesson: Lesson): Promise<LessonReview> {
    const [table, samples, { document }, events] = await Promise.all([
      this.marks.table(lesson),
      this.views.samplesOf(lesson.id),
      this.versions.findOneByOrFail({ id: lesson.practicalVersionId }),
      this.events(lesson.id),
    ]);
    const marks = reviewedMarks(table, samples);
    const items = itemAnalysis(marks);
    await breath();
    return {
      students: table.rows.filter((row) => row.cells.length).length,
      absent: table.rows.filter((row) => row.absent).length,
      open: table.open,
      items,
      strands: strandProfile(marks),
      namings: namings(
        events,
        samples.filter((s) => s.role === 'unknown'),
        document.asks,
      ),
      times: plannedTimes(document, events, lesson.startedAt),
      teach: teachAgain(items, syllabusFor(document)),
      outcome: lessonOutcome(marks, events, lesson.startedAt?.toISOString() ?? null),
      agreed: lesson.agreedSlips,
    };
  }

  /** The whole log of a lesson, in the order it was committed. */
  async events(lessonId: string): Promise<WireEvent[]> {
    const events: WireEvent[] = [];
    const groups = await this.views.groupsOf(lessonId);
    for await (const own of this.log.ofGroups(groups.map((g) => g.id))) {
      events.push(...own);
      await breath();
    }
    return events;
  }
}

/** The marks of those who were there, each with what its sample held. */
export function reviewedMarks(
  { rows }: Pick<MarkTable, 'rows'>,
  samples: readonly Pick<LessonSample, 'id' | 'ions' | 'role'>[],
): ReviewedMark[] {
  const byId = new Map(samples.map((s) => [s.id, { truth: [...s.ions].sort(), role: s.role }]));
  return rows.flatMap(({ student, cells }) =>
    // What still wants a person is nobody's mistake yet, and nobody's success.
    cells
      .filter((c) => !c.open)
      .map(({ strand, test, attribute, sample, answer, points, max, weight }) => ({
        student: student.id,
        strand,
        test,
        attribute,
        answer,
        points,
        max,
        weight,
        ...(strand === 'technique'
          ? { truth: [], role: 'known' as const }
          : (byId.get(sample) ?? { truth: [], role: 'known' as const })),
      })),
  );
}

/** In the order of the practical; a test nobody logged anything of is left out. */
function plannedTimes(
  practical: Practical,
  events: readonly WireEvent[],
  startedAt: Date | null,
): TimeOfTest[] {
  const took = new Map(testTimes(events, startedAt?.toISOString() ?? null).map((t) => [t.test, t]));
  return practical.tests.flatMap((planned): TimeOfTest[] => {
    const time = took.get(planned.test);
    if (!time) return [];
    const { attended, unattended } = taskOf(practical, planned, {}, 1);
    return [{ ...time, planned: attended + (unattended ?? 0) }];
  });
}
