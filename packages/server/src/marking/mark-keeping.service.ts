/** Marks worked out from the log and kept: as soon as work is in, of everybody at the end, never again once given out. */
import type { WireEvent } from '@kivex/contract';
import {
  classRecords,
  groupedBy,
  lessonMarks,
  markUnder,
  readGroup,
  samplesOfGroup,
  sourcesOf,
  standingMark,
  stockFaults,
  type AnswerRule,
  type MarkedSample,
  type MarkScheme,
  type Practical,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { Repository, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import type { Lesson } from '../records/lessons.entities.js';
import { MarkChangeRow, MarkRow } from '../records/marking.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { retried } from '../records/retried.js';
import { LessonLogService } from '../run/log/lesson-log.service.js';
import { RuleRecordsService } from './rule-records.service.js';
import { SchemeRecordsService } from './scheme-records.service.js';

/** What marks are worked out under where not as it stands. */
export interface Otherwise {
  readonly scheme?: MarkScheme;
  /** What samples held, by their ids. */
  readonly held?: ReadonlyMap<string, readonly string[]>;
  /** What the school has decided of answers once and for all. */
  readonly rules?: readonly AnswerRule[];
}
/** A mark without what it refers to. */
export type MarkFields = Omit<MarkRow, 'lesson' | 'student' | 'sample'>;
/** A group's marks as worked out up to a place in its log, not yet kept. */
export interface MarkDraft {
  readonly groupId: string;
  readonly seq: number;
  readonly rows: readonly MarkFields[];
}
interface GroupPlace {
  readonly id: string;
  readonly markedSeq: number | null;
  /** Last place in the group's log; 0 where there is nothing. */
  readonly last: number;
}

/** Mark rows written in one statement. */
const rowsAtOnce = 300;

@Injectable()
export class MarkKeepingService {
  /** By lesson: marks being brought up to the log. */
  private readonly underWay = new Map<string, Promise<void>>();

  constructor(
    private readonly clock: Clock,
    @InjectRepository(MarkRow) private readonly marks: Repository<MarkRow>,
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
    private readonly schemes: SchemeRecordsService,
    private readonly rules: RuleRecordsService,
  ) {}

  /** Works out the marks of every group of a lesson, of all its students, and keeps nothing yet. @param under what is to be otherwise than it stands. */
  draftAll(lesson: Lesson, under: Otherwise = {}): Promise<MarkDraft[]> {
    return this.draft(lesson, () => true, under);
  }

  /**
   * Keeps the marks of a whole lesson within a transaction; groups whose log has grown since the draft are worked out anew.
   * The lesson's row must be locked, so that nothing more comes in.
   */
  async keepAll(
    lesson: Lesson,
    drafts: readonly MarkDraft[],
    db: EntityManager,
    under: Otherwise = {},
  ): Promise<void> {
    const places = await this.places(lesson.id, db);
    const good = new Map(drafts.map((draft) => [draft.groupId, draft]));
    for (const place of places) if (good.get(place.id)?.seq !== place.last) good.delete(place.id);
    const missing = places.filter((place) => !good.has(place.id)).map((place) => place.id);
    const anew = missing.length
      ? await this.draft(lesson, (id) => missing.includes(id), { db, ...under })
      : [];
    await this.keep(lesson.id, [...good.values(), ...anew], db);
  }

  /**
   * Brings the marks of a lesson up to its log: of whoever has handed in while it runs, of everybody after. Called
   * before marks are read, so that they stand as soon as work is in, whichever process took it.
   */
  async bringUpToDate(lesson: Lesson): Promise<void> {
    if (lesson.state === 'planned' || lesson.firstReleasedAt) return;
    // One after another: whoever asks meanwhile finds the work done, and looks for what has come in since.
    const before = this.underWay.get(lesson.id);
    const mine = (before ?? Promise.resolve()).catch(() => undefined).then(() => this.catchUp(lesson));
    this.underWay.set(lesson.id, mine);
    try {
      await mine;
    } finally {
      if (this.underWay.get(lesson.id) === mine) this.underWay.delete(lesson.id);
    }
  }

  private async catchUp(lesson: Lesson): Promise<void> {
    const stale = (await this.places(lesson.id)).filter(({ markedSeq, last }) =>
      markedSeq === null ? last > 0 || lesson.state !== 'running' : markedSeq < last,
    );
    if (!stale.length) return;
    const ids = new Set(stale.map((place) => place.id));
    const drafts = await this.draft(lesson, (id) => ids.has(id));
    await retried(() => this.marks.manager.transaction((db) => this.keep(lesson.id, drafts, db)));
  }

  private async places(lessonId: string, db: EntityManager = this.marks.manager): Promise<GroupPlace[]> {
    const rows = await db.query<{ id: string; markedSeq: string | null; last: string | null }[]>(
      'SELECT g.id, g.markedSeq, (SELECT MAX(e.seq) FROM lesson_event e WHERE e.groupId = g.id) last FROM lesson_group g WHERE g.lessonId = ?',
      [lessonId],
    );
    return rows.map(({ id, markedSeq, last }) => ({
      id,
      markedSeq: markedSeq === null ? null : Number(markedSeq),
      last: Number(last ?? 0),
    }));
  }

  private async draft(
    lesson: Lesson,
    wanted: (group: string) => boolean,
    { db, scheme: other, held, rules: otherRules }: Otherwise & { readonly db?: EntityManager } = {},
  ): Promise<MarkDraft[]> {
    const [all, stored, { document }, { scheme }] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.versions.findOneByOrFail({ id: lesson.practicalVersionId }),
      other ? { scheme: other } : this.schemes.of(lesson.id, db),
    ]);
    const rules = otherRules ?? (await this.rules.holdingFor(lesson, document.syllabus, db));
    const samples = stored.map((s) => ({ ...s, ions: [...(held?.get(s.id) ?? s.ions)] }));
    const sources = sourcesOf(samples, document);
    const computedAt = this.clock.now();
    const drafts: MarkDraft[] = [];
    const faults = await this.faultsIn(lesson, document, all, samples, db);
    for (const group of all.filter((g) => wanted(g.id))) {
      const events = await this.log.ofGroup(group.id, db);
      const record = readGroup(events);
      const own = samplesOfGroup(samples, group.unknowns, sources).map(
        ({ id, role, ions, position }): MarkedSample => {
          const { form = 'solid', from } = document.samples[position] ?? {};
          const leftOf = sources.get(id);
          return { id, role, ions, form, from, ...(leftOf === undefined ? {} : { leftOf }) };
        },
      );
      const rows: MarkFields[] = [];
      for (const { id: studentId } of group.students) {
        if (lesson.state === 'running' && record.handedIn[studentId] === undefined) continue;
        // A few milliseconds a student, less than handing the log to a worker takes; taps go between.
        await breath();
        for (const { key, sample, ...mark } of lessonMarks(document, own, record, studentId, {
          scheme,
          rules,
          given: (test, plain) => markUnder(faults.get(group.id) ?? [], test, plain),
        }))
          rows.push({
            id: uuidv7(),
            lessonId: lesson.id,
            studentId,
            sampleId: sample,
            itemKey: key,
            ...mark,
            computedAt,
            stands: mark.points,
            open: mark.verdict === 'review',
          });
      }
      drafts.push({ groupId: group.id, seq: events.at(-1)?.seq ?? 0, rows });
    }
    return drafts;
  }

  /** Faults of bottles by group, once the whole class has worked: while it works they are the board's to tell. */
  private async faultsIn(
    lesson: Lesson,
    document: Practical,
    groups: readonly { readonly id: string }[],
    samples: readonly { readonly id: string; readonly ions: readonly string[]; readonly position: number }[],
    db?: EntityManager,
  ): Promise<ReturnType<typeof stockFaults>> {
    if (lesson.state === 'running') return new Map();
    const events: WireEvent[] = [];
    for (const { id } of groups) {
      events.push(...(await this.log.ofGroup(id, db)));
      await breath();
    }
    const held = samples.map(({ id, ions, position }) => ({
      id,
      ions,
      form: document.samples[position]?.form ?? ('solid' as const),
    }));
    const named = groups.map(({ id }) => ({ id, name: id }));
    return stockFaults(
      document.tests.map((t) => t.test),
      classRecords(events, named, held),
      new Set(lesson.dismissedCauses ?? []),
    );
  }

  private async keep(lessonId: string, drafts: readonly MarkDraft[], db: EntityManager): Promise<void> {
    const rows = drafts.flatMap((draft) => draft.rows);
    for (let at = 0; at < rows.length; at += rowsAtOnce)
      await db
        .createQueryBuilder()
        .insert()
        .into(MarkRow)
        .values(rows.slice(at, at + rowsAtOnce))
        .orUpdate(
          ['answer', 'points', 'max', 'verdict', 'why', 'computedAt', 'stands', 'open'],
          ['lessonId', 'studentId', 'itemKey'],
        )
        .updateEntity(false)
        .execute();
    await this.restand({ lessonId }, db);
    for (const { groupId, seq } of drafts)
      await db.query('UPDATE lesson_group SET markedSeq = GREATEST(COALESCE(markedSeq, 0), ?) WHERE id = ?', [
        seq,
        groupId,
      ]);
  }

  /**
   * Writes anew what stands of marks that people have decided on, within a transaction that has written to them. Decisions
   * are read as they are now, not as they were when the transaction began: somebody may have decided meanwhile.
   */
  async restand(marks: FindOptionsWhere<MarkRow>, db: EntityManager): Promise<void> {
    const decided = await db.find(MarkChangeRow, {
      where: { mark: marks },
      relations: { mark: true },
      order: { at: 'ASC', id: 'ASC' },
      lock: { mode: 'pessimistic_read' },
    });
    for (const [id, own] of groupedBy(decided, (row) => row.markId)) {
      const { mark } = own[0]!;
      const { points: stands, open } = standingMark(mark, own);
      if (mark.stands !== stands || mark.open !== open) await db.update(MarkRow, { id }, { stands, open });
    }
  }
}
