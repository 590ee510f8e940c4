/** A lesson's log as lines of JSON, a group at a time, so that none of it has to be held whole. */
import type { WireEvent } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { Lesson } from '../records/lessons.entities.js';
import { LessonLogService } from '../run/log/lesson-log.service.js';

@Injectable()
export class LessonLogFileService {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
  ) {}

  async *lines({ id }: Pick<Lesson, 'id'>): AsyncGenerator<string> {
    const [lesson, groups, samples] = await Promise.all([
      this.lessons.findOneOrFail({ where: { id }, relations: { class: true, practicalVersion: true } }),
      this.views.groupsOf(id),
      this.views.samplesOf(id),
    ]);
    yield line({
      format: 'kivex-log',
      formatVersion: 1,
      lesson: id,
      title: lesson.practicalVersion.document.title,
      class: lesson.class.name,
      startsAt: lesson.startsAt.toISOString(),
      samples: samples.map(({ id: sample, label, role, ions }) => ({ id: sample, label, role, ions })),
      groups: groups.map(({ id: group, name, students }) => ({
        id: group,
        name,
        students: students.map((s) => ({ id: s.id, name: s.name })),
      })),
    });
    for await (const events of this.log.ofGroups(groups.map((g) => g.id))) yield* written(events);
  }
}

/** Lines handed on together: one by one each costs as much again to hand on as to write. */
const atOnce = 100;

/** Lines of a log that was read before are those written before. */
const lines = new WeakMap<readonly WireEvent[], readonly string[]>();
function written(events: readonly WireEvent[]): readonly string[] {
  const before = lines.get(events);
  if (before) return before;
  const parts: string[] = [];
  for (let from = 0; from < events.length; from += atOnce)
    parts.push(
      events
        .slice(from, from + atOnce)
        .map(({ id, group, by, at, body }) => line({ id, group, by, at, body }))
        .join(''),
    );
  lines.set(events, parts);
  return parts;
}

const line = (value: unknown): string => `${JSON.stringify(value)}\n`;
