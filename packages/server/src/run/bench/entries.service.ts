/** What benches log: checked, limited, then into the log, kept apart, or refused with a sentence. */
import type { EventsReceipt, HeldReason } from '@kivex/contract';
import { deviceYears, momentByServer, readMoment } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { SessionsService } from '../../access/sessions.service.js';
import { Lesson, LessonGroup, LessonSeat } from '../../records/lessons.entities.js';
import { mostOfStudent } from '../log/entry-limits.js';
import { checkEvent, type BatchDto, type CheckedEvent, type KeptIdsDto } from '../log/event-bodies.dto.js';
import { HeldEntriesService } from '../log/held-entries.service.js';
import { LessonLogService } from '../log/lesson-log.service.js';
import type { TimedEvent } from '../log/timed-event.js';
import { conflict, joinFirst } from '../../problems/problems.js';
import { BenchSettingsService, refersTo, wrongIn } from './bench-settings.service.js';
import { Clock } from '../../clock/clock.js';

type Refused = EventsReceipt['refused'][number];

const tooMuch = `This bench has logged ${mostOfStudent} entries, more than a lesson can hold. Show it to your teacher.`;
const notBegun = 'The lesson has not begun yet; your teacher starts it.';
const marksOut = 'Marks are out, so this came too late to count. Show it to your teacher.';

@Injectable()
export class EntriesService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    private readonly settings: BenchSettingsService,
    private readonly sessions: SessionsService,
    private readonly log: LessonLogService,
    private readonly held: HeldEntriesService,
  ) {}

  /**
   * Takes entries from a device; each is kept or refused with a sentence, and kept ones are acknowledged after commit.
   * @param wire the socket they came over, if they did.
   * @throws ProblemException 409 when the entries are not of the student, group and lesson the session is for.
   */
  async accept(student: StudentCaller, batch: BatchDto, wire?: string): Promise<EventsReceipt> {
    if (batch.student !== student.id || batch.lesson !== student.lessonId)
      throw conflict(
        'These entries are of another student or another lesson. They stay on the device until their owner joins.',
        'student',
      );
    if (batch.group !== student.groupId)
      throw conflict(
        'These entries were logged in another group. Hand them to your teacher, who can take them in there.',
        'group',
      );
    const { events, refused } = await this.checked(batch, student.groupId, student.lessonId);
    const may = await this.log.allow(student, events.length);
    for (const { id } of events.slice(may)) refused.push({ id, detail: tooMuch });
    const allowed = events.slice(0, may);
    if (!allowed.length) return { accepted: [], places: [], held: [], refused };
    const { kept, clashing } = await this.log.appendFromBench(student, allowed, wire);
    for (const id of clashing) refused.push({ id, detail: 'Another entry has this id. Log it once more.' });
    const closed = allowed.filter(({ id }) => !kept.has(id) && !clashing.has(id));
    const held = closed.length ? await this.closed(student, closed, refused) : new Set<string>();
    const ids = [...new Set(allowed.map((e) => e.id))];
    const accepted = ids.filter((id) => kept.has(id));
    return {
      accepted,
      places: accepted.map((id) => kept.get(id)!),
      held: ids.filter((id) => held.has(id)),
      refused,
    };
  }

  /**
   * Takes entries that the session's own student may not send as theirs: of another student who worked at this
   * device, or of a group the student has left. They are kept apart, with who brought them, for the teacher's word.
   * @throws ProblemException 409 for entries of another lesson, 429 when there are too many.
   */
  async handOver(student: StudentCaller, batch: BatchDto): Promise<EventsReceipt> {
    if (batch.lesson !== student.lessonId)
      throw conflict(
        'These entries are of another lesson. They stay on the device until their owner joins it.',
        'lesson',
      );
    const [lesson, group, seat] = await Promise.all([
      this.lessons.findOneByOrFail({ id: student.lessonId }),
      this.groups.findOneBy({ id: batch.group, lessonId: student.lessonId }),
      this.seats.findOneBy({ lessonId: student.lessonId, studentId: batch.student }),
    ]);
    if (!group || !seat) throw conflict('Nobody of this lesson logged these entries.', 'student');
    const { events, refused } = await this.checked(batch, batch.group, batch.lesson);
    if (lesson.state === 'planned')
      return {
        accepted: [],
        places: [],
        held: [],
        refused: [...refused, ...events.map(({ id }) => ({ id, detail: notBegun }))],
      };
    const may = await this.log.allow(student, events.length);
    for (const { id } of events.slice(may)) refused.push({ id, detail: tooMuch });
    const allowed = events.slice(0, may);
    // What is in the log of that group already got there another way.
    const there = await this.log.whereAre(allowed.map((e) => e.id));
    const accepted = allowed.map((e) => e.id).filter((id) => there.get(id)?.group === batch.group);
    for (const { id } of allowed)
      if (there.has(id) && there.get(id)!.group !== batch.group)
        refused.push({ id, detail: 'Another entry has this id. Log it once more.' });
    const reason: HeldReason = batch.student === student.id ? 'other-group' : 'handed-over';
    const held = await this.held.keep(
      {
        lessonId: student.lessonId,
        groupId: batch.group,
        studentId: batch.student,
        broughtById: student.id,
      },
      allowed.filter((e) => !there.has(e.id)).map((e) => ({ ...e, reason })),
    );
    return {
      accepted,
      places: accepted.map((id) => there.get(id)!.seq),
      held: [...held],
      refused,
    };
  }

  /** Of the ids a device keeps, those that the server has nowhere: after a backup was put back, say. */
  async forgotten(student: StudentCaller, { lesson, student: of, ids }: KeptIdsDto): Promise<string[]> {
    if (lesson !== student.lessonId || of !== student.id)
      throw conflict('These entries are of another student or another lesson.', 'student');
    const there = await this.log.whereAre(ids);
    const missing = ids.filter((id) => !there.has(id));
    const held = await this.held.anywhere(missing);
    return missing.filter((id) => !held.has(id));
  }

  /** The entries of a batch that are well formed and fit their bench, in time by the server's clock. */
  private async checked(
    batch: BatchDto,
    groupId: string,
    lessonId: string,
  ): Promise<{ events: TimedEvent[]; refused: Refused[] }> {
    const refused: Refused[] = [];
    const wellFormed: CheckedEvent[] = [];
    for (const one of batch.events) {
      const event = checkEvent(one);
      if ('detail' in event) refused.push(event);
      else wellFormed.push(event);
    }
    const setting = await this.settings.of(groupId, lessonId);
    const references = wellFormed.flatMap((e) => refersTo(e.body));
    const own = new Set(wellFormed.map((e) => e.id));
    const outside = references.filter((id) => !own.has(id));
    const known = new Set<string>();
    if (outside.length) {
      for (const [id, { group }] of await this.log.whereAre(outside)) if (group === groupId) known.add(id);
      for (const id of await this.held.known(groupId, outside)) known.add(id);
    }
    const received = this.clock.now();
    const sent = readMoment(batch.sent, deviceYears);
    const events: TimedEvent[] = [];
    for (const { id, deviceAt, body } of wellFormed) {
      const wrong = wrongIn(body, setting, known);
      if (wrong) refused.push({ id, detail: wrong });
      else {
        events.push({ id, deviceAt, at: momentByServer(deviceAt, sent, received), body });
        known.add(id);
      }
    }
    return { events, refused };
  }

  /**
   * What the log did not take: kept apart after the end, refused before the beginning and after a release.
   * @returns the ids kept apart. @throws ProblemException 401 when the student is no longer at the bench.
   */
  private async closed(
    student: StudentCaller,
    events: readonly TimedEvent[],
    refused: Refused[],
  ): Promise<ReadonlySet<string>> {
    const [lesson, lasts] = await Promise.all([
      this.lessons.findOneByOrFail({ id: student.lessonId }),
      this.sessions.lasts(student),
    ]);
    if (!lasts) throw joinFirst();
    if (lesson.firstReleasedAt || lesson.state === 'released') {
      const known = await this.held.known(
        student.groupId,
        events.map((e) => e.id),
      );
      for (const { id } of events) if (!known.has(id)) refused.push({ id, detail: marksOut });
      return known;
    }
    if (lesson.state === 'planned') {
      for (const { id } of events) refused.push({ id, detail: notBegun });
      return new Set();
    }
    // Running: it has just been taken up again, or the seat has changed; the device sends once more.
    if (lesson.state === 'running') throw joinFirst();
    const end = lesson.endedAt?.getTime() ?? 0;
    return this.held.keep(
      {
        lessonId: student.lessonId,
        groupId: student.groupId,
        studentId: student.id,
        broughtById: student.id,
      },
      events.map((event) => ({ ...event, reason: event.at.getTime() > end ? 'made-late' : 'came-late' })),
    );
  }
}
