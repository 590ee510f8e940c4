/** Samples put away for another day: a code to write on them, where they stand and until when; found again by the code. */
import type { KeptSample, NewKeptSample } from '@kivex/contract';
import type { Label } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { randomInt } from 'node:crypto';
import { IsNull, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../../access/caller.js';
import { Clock } from '../../clock/clock.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { badInput, conflict, notFound } from '../../problems/problems.js';
import type { Lesson } from '../../records/lessons.entities.js';
import { GroupUnknown, LessonGroup } from '../../records/lessons.entities.js';
import { KeptSampleRow } from '../../records/room.entities.js';

/** Without 0 O 1 I L, which hands write alike; no two of it make a word or a formula on purpose. */
const signs = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const codeLength = 4;
const day = 24 * 60 * 60_000;
const mostOfLesson = 300;

@Injectable()
export class KeptSamplesService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(KeptSampleRow) private readonly rows: Repository<KeptSampleRow>,
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(GroupUnknown) private readonly unknowns: Repository<GroupUnknown>,
    private readonly views: LessonViewsService,
  ) {}

  /** Oldest first. */
  async list(lessonId: string): Promise<KeptSample[]> {
    const rows = await this.rows.find({
      where: { lessonId },
      relations,
      order: { keptAt: 'ASC', id: 'ASC' },
    });
    return Promise.all(rows.map((row) => this.shown(row)));
  }

  /** @throws 409 before the lesson has begun, 422 for a group or sample that is not of it. */
  async keep(staff: StaffCaller, lesson: Lesson, wanted: NewKeptSample): Promise<KeptSample> {
    if (lesson.state === 'planned')
      throw conflict('The lesson has not begun; nothing is left to keep.', 'sample');
    if ((await this.rows.countBy({ lessonId: lesson.id, goneAt: IsNull() })) >= mostOfLesson)
      throw badInput(`A lesson keeps at most ${mostOfLesson} samples. Throw some away first.`, 'sample');
    if (!(await this.groups.existsBy({ id: wanted.group, lessonId: lesson.id })))
      throw badInput('This group is not in this lesson. Load the page again.', 'group');
    const sample = (await this.views.samplesOf(lesson.id)).find((s) => s.id === wanted.sample);
    const dealt =
      sample?.role !== 'unknown' ||
      (await this.unknowns.existsBy({ groupId: wanted.group, sampleId: wanted.sample }));
    if (!sample || !dealt) throw badInput('This sample is not on that bench.', 'sample');
    const now = this.clock.now();
    const id = uuidv7();
    for (let tries = 0; ; tries += 1) {
      const code = Array.from({ length: codeLength }, () => signs[randomInt(signs.length)]).join('');
      try {
        await this.rows.insert({
          id,
          schoolId: staff.schoolId,
          lessonId: lesson.id,
          groupId: wanted.group,
          sampleId: wanted.sample,
          code,
          place: wanted.place.trim(),
          note: wanted.note.trim(),
          keptAt: now,
          expiresAt: new Date(now.getTime() + wanted.days * day),
          goneAt: null,
        });
        break;
      } catch (error) {
        // The code is taken: another is tried.
        if ((error as { code?: string }).code !== 'ER_DUP_ENTRY' || tries > 20) throw error;
      }
    }
    return this.one({ id });
  }

  /** What stands under a code somebody reads off a tube. @throws 404 */
  byCode(staff: StaffCaller, code: string): Promise<KeptSample> {
    return this.one({ schoolId: staff.schoolId, code: code.trim().toUpperCase().slice(0, 8) });
  }

  /** Says that it was used up or thrown away, or that it stands there after all. @throws 404 */
  async setGone(staff: StaffCaller, id: string, gone: boolean): Promise<KeptSample> {
    const { goneAt } = await this.one({ id, schoolId: staff.schoolId });
    if ((goneAt !== null) !== gone)
      await this.rows.update({ id }, { goneAt: gone ? this.clock.now() : null });
    return this.one({ id });
  }

  /** A label for each that still stands: what is on it says nothing of what it holds. */
  async labels(lesson: Lesson): Promise<Label[]> {
    const kept = (await this.list(lesson.id)).filter((k) => k.goneAt === null);
    return kept.map((k): Label => ({
      key: k.id,
      title: `${k.code} ${k.sample}`,
      line: `${k.group}, ${k.place}`,
      signal: null,
      statements: [],
      pictograms: [],
      made: k.keptAt.slice(0, 10),
      expires: k.expiresAt.slice(0, 10),
      batch: k.note,
      path: `/kept/${k.code}`,
      copies: 1,
      secret: true,
      mind: 'Sample kept from a class: treat it as harmful.',
    }));
  }

  private async one(where: {
    readonly id?: string;
    readonly schoolId?: string;
    readonly code?: string;
  }): Promise<KeptSample> {
    const row = await this.rows.findOne({ where, relations });
    if (!row) throw notFound('kept sample');
    return this.shown(row);
  }

  private async shown(row: KeptSampleRow): Promise<KeptSample> {
    return {
      id: row.id,
      code: row.code,
      group: row.group.name,
      sample: row.sample.label,
      lesson: await this.views.nameOf(row.lessonId),
      place: row.place,
      note: row.note,
      keptAt: row.keptAt.toISOString(),
      expiresAt: row.expiresAt.toISOString(),
      goneAt: row.goneAt?.toISOString() ?? null,
    };
  }
}
const relations = { group: true, sample: true } as const;
