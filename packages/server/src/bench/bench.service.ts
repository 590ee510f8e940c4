/** What a student's device is told, and what it may log. Nothing here gives away what an unknown holds. */
import type { Bench, EventsReceipt, Feedback } from '@kivex/contract';
import { attributeOf, isTestId, saltName, syllabusOf, testOf, type StudentBody } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../access/caller.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from '../lessons/lessons.entities.js';
import { MarksService } from '../marking/marks.service.js';
import { checkEvent, type CheckedEvent } from '../observing/event-bodies.dto.js';
import { LessonLogService } from '../observing/lesson-log.service.js';

@Injectable()
export class BenchService {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    @InjectRepository(GroupUnknown) private readonly unknowns: Repository<GroupUnknown>,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
    private readonly marks: MarksService,
  ) {}

  async show(student: StudentCaller): Promise<Bench> {
    const [lesson, group, seats, samples, events] = await Promise.all([
      this.lessonOf(student),
      this.groups.findOneByOrFail({ id: student.groupId }),
      this.seats.find({ where: { groupId: student.groupId }, relations: { student: true } }),
      this.samplesOf(student),
      this.log.ofGroup(student.groupId),
    ]);
    const { document } = lesson.practicalVersion;
    const begun = lesson.state !== 'planned';
    return {
      me: { id: student.id, name: student.name },
      lesson: {
        id: lesson.id,
        title: document.title,
        summary: document.summary,
        state: lesson.state,
        room: lesson.room,
      },
      group: {
        id: group.id,
        name: group.name,
        students: seats
          .map((s) => ({ id: s.studentId, name: s.student.name }))
          .sort((a, b) => a.name.localeCompare(b.name)),
      },
      samples: begun ? samples.map(({ id, role, label }) => ({ id, role, label })) : [],
      tests: document.tests,
      cations: syllabusOf(document.syllabus).cations.filter((ion) =>
        document.tests.some((t) =>
          testOf(t.test).outcomes.some((o) => o.ion === ion && !o.shows[t.attributes[0]!]?.includes('none')),
        ),
      ),
      events,
    };
  }

  /** Takes entries from a device; each is kept or refused with a sentence, and kept ones are acknowledged after commit. */
  async accept(student: StudentCaller, raw: readonly object[]): Promise<EventsReceipt> {
    const lesson = await this.lessonOf(student);
    const refused: { id: string; detail: string }[] = [];
    const checked: CheckedEvent[] = [];
    const closed =
      lesson.state === 'planned'
        ? 'The lesson has not begun yet; your teacher starts it.'
        : lesson.state === 'released'
          ? 'Marks are out, so this came too late to count. Show it to your teacher.'
          : undefined;
    const samples = new Set((await this.samplesOf(student)).map((s) => s.id));
    const own = new Set((await this.log.ofGroup(student.groupId)).map((e) => e.id));
    for (const one of raw) {
      const event = checkEvent(one);
      if ('detail' in event) refused.push(event);
      // What is in the log already is acknowledged again, whatever the lesson has become since.
      else if (own.has(event.id)) checked.push(event);
      else {
        const wrong = closed ?? this.wrongIn(event.body, lesson, samples, own);
        if (wrong) refused.push({ id: event.id, detail: wrong });
        else {
          checked.push(event);
          own.add(event.id);
        }
      }
    }
    const { kept, clashing } = await this.log.append(
      checked.map((e) => ({
        id: e.id,
        lessonId: student.lessonId,
        groupId: student.groupId,
        by: { studentId: student.id },
        at: e.at,
        body: e.body,
      })),
    );
    refused.push(...clashing.map((id) => ({ id, detail: 'Another entry has this id. Log it once more.' })));
    if (checked.some((e) => ['observation', 'naming', 'hand-in'].includes(e.body.type)))
      await this.marks.computeGroup(lesson, student.groupId);
    return { accepted: kept, refused };
  }

  /** A student's own marks, once released. */
  async feedback(student: StudentCaller): Promise<Feedback> {
    const lesson = await this.lessonOf(student);
    const me = { id: student.id, name: student.name };
    const title = lesson.practicalVersion.document.title;
    if (lesson.state !== 'released')
      return { me, title, released: false, points: 0, max: 0, items: [], truths: [] };
    const [cells, samples] = await Promise.all([
      this.marks.ofStudent(lesson.id, student.id),
      this.samplesOf(student),
    ]);
    const place = new Map(samples.map((s, i) => [s.id, i]));
    const items = cells
      .map((c) => ({
        key: c.key,
        strand: c.strand,
        sample: c.sample,
        answer: c.answer,
        points: c.points,
        max: c.max,
        why: c.changes.length ? [c.changes.at(-1)!.reason] : c.why.map((w) => w.text),
      }))
      .sort(
        (a, b) =>
          (place.get(a.sample) ?? 0) - (place.get(b.sample) ?? 0) || (a.strand === 'observation' ? -1 : 1),
      );
    return {
      me,
      title,
      released: true,
      points: items.reduce((sum, i) => sum + i.points, 0),
      max: items.reduce((sum, i) => sum + i.max, 0),
      items,
      truths: samples.map((s) => ({ sample: s.id, label: s.label, holds: saltName(s.ions) })),
    };
  }

  private lessonOf(student: StudentCaller): Promise<Lesson> {
    return this.lessons.findOneOrFail({
      where: { id: student.lessonId },
      relations: { practicalVersion: true },
    });
  }

  /** The samples on a group's bench: all knowns, its own unknowns in an order that tells nothing. */
  private async samplesOf(student: StudentCaller): Promise<LessonSample[]> {
    const [all, given] = await Promise.all([
      this.views.samplesOf(student.lessonId),
      this.unknowns.findBy({ groupId: student.groupId }),
    ]);
    const mine = new Set(given.map((g) => g.sampleId));
    return [
      ...all.filter((s) => s.role === 'known'),
      ...all
        .filter((s) => s.role === 'unknown' && mine.has(s.id))
        .sort((a, b) => a.label.localeCompare(b.label)),
    ];
  }

  /** What is wrong with an entry for this lesson and group, in a sentence; undefined when nothing is. */
  private wrongIn(
    body: StudentBody,
    lesson: Lesson,
    samples: ReadonlySet<string>,
    own: ReadonlySet<string>,
  ): string | undefined {
    switch (body.type) {
      case 'observation': {
        if (!samples.has(body.sample)) return 'This jar is not on your bench.';
        const planned = lesson.practicalVersion.document.tests.find((t) => t.test === body.test);
        if (!planned || !isTestId(body.test)) return 'This test is not part of the lesson.';
        const definition = testOf(body.test);
        if (!definition.variants.some((v) => v.id === body.variant))
          return 'Kivex does not know this way of doing the test.';
        for (const [attribute, value] of Object.entries(body.seen)) {
          if (
            !planned.attributes.includes(attribute) ||
            !attributeOf(definition, attribute).values.some((v) => v.id === value)
          )
            return 'This is not one of the results the test can give.';
        }
        if (!Object.keys(body.seen).length && !body.words?.trim()) return 'Tap what you saw, or write it.';
        if (body.corrects !== undefined && !own.has(body.corrects))
          return 'The entry this corrects is not in your record.';
        return undefined;
      }
      case 'naming':
        if (!samples.has(body.sample)) return 'This jar is not on your bench.';
        if (body.evidence.some((id) => !own.has(id))) return 'Some of the evidence is not in your record.';
        return undefined;
      case 'call':
      case 'step':
      case 'hand-in':
        return undefined;
    }
  }
}
