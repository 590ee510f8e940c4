/** Second markers: a sample drawn, marked blind, compared, and differences settled one by one. */
import type { BlindHead, BlindMarking, NewSecondMarking, SecondMarking } from '@kivex/contract';
import { agreement, drawn, groupedBy, seededRandom } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull, Not } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { badInput, conflict, forbidden, notFound } from '../problems/problems.js';
import type { Lesson } from '../records/lessons.entities.js';
import { SecondMarkingRow, SecondMarkRow } from '../records/marking.entities.js';
import { Staff } from '../records/people.entities.js';
import { DecisionsService } from './decisions.service.js';
import { MarksService } from './marks.service.js';

/** Second markings of one lesson, and answers one is asked for, shown at most. */
const most = 50;

@Injectable()
export class SecondMarkingService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly marks: MarksService,
    private readonly decisions: DecisionsService,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  /** Draws marks that are settled and have something written, of each strand its share, and asks somebody to mark them. */
  async ask(
    staff: StaffCaller,
    lesson: Lesson,
    { marker: markerId, size, tolerance }: NewSecondMarking,
  ): Promise<SecondMarking> {
    const marker = await this.source.manager.findOneBy(Staff, { id: markerId, schoolId: staff.schoolId });
    if (!marker || marker.role === 'technician' || marker.lockedAt || marker.leftAt)
      throw badInput('Choose a teacher of your school.', 'marker');
    if (marker.id === staff.id)
      throw badInput('Choose somebody else: a second marker is not the first.', 'marker');
    if (lesson.state !== 'marking' && lesson.state !== 'released')
      throw conflict('Marks are marked again once the lesson is over.');
    const { rows } = await this.marks.table(lesson);
    const settled = rows
      .flatMap((row) => row.cells)
      .filter((cell) => !cell.open && cell.answer.trim() && cell.strand !== 'technique');
    if (!settled.length)
      throw conflict('No answer is settled yet, so there is nothing to mark a second time.');
    const id = uuidv7();
    const sample = drawn(settled, size, seededRandom(Number.parseInt(id.slice(-8), 16)));
    await this.source.transaction(async (db) => {
      await db.insert(SecondMarkingRow, {
        id,
        lessonId: lesson.id,
        markerId,
        askedById: staff.id,
        tolerance,
        at: this.clock.now(),
      });
      await db.insert(
        SecondMarkRow,
        sample.map((cell, place) => ({
          id: uuidv7(),
          markingId: id,
          markId: cell.id,
          place,
          answer: cell.answer,
          first: cell.points,
          second: null,
          settled: null,
        })),
      );
      await this.audit.add(
        staff,
        'second-marking',
        {
          subject: lesson.id,
          about: `${marker.name}, ${sample.length} answers, ${await this.views.nameOf(lesson.id)}`,
        },
        db,
      );
    });
    return (await this.of(lesson)).find((one) => one.id === id)!;
  }

  /** The second markings of a lesson, newest first. */
  async of(lesson: Lesson): Promise<SecondMarking[]> {
    const [markings, samples] = await Promise.all([
      this.source.manager.find(SecondMarkingRow, {
        where: { lessonId: lesson.id },
        relations: { marker: true, askedBy: true },
        order: { at: 'DESC', id: 'DESC' },
        take: most,
      }),
      this.views.samplesOf(lesson.id),
    ]);
    const truth = new Map(samples.map((s) => [s.id, s.ions]));
    const all: SecondMarking[] = [];
    for (const { id, marker, askedBy, at, tolerance } of markings) {
      const rows = await this.answersOf(id);
      const done = rows.filter((row) => row.second !== null);
      const pairs = done.map((row) => ({ ...row, second: row.second! }));
      const of = (own: readonly (typeof pairs)[number][]) => agreement(own, tolerance);
      all.push({
        id,
        marker: marker.name,
        askedBy: askedBy.name,
        at: at.toISOString(),
        size: rows.length,
        done: done.length,
        tolerance,
        result:
          done.length < rows.length
            ? null
            : {
                all: of(pairs),
                strands: [...groupedBy(pairs, (p) => p.mark.strand)].map(([strand, own]) => ({
                  strand,
                  agreement: of(own),
                })),
                items: [
                  ...groupedBy(pairs, ({ mark: m }) => [m.strand, m.test, m.attribute].join(' ')).values(),
                ].map((own) => {
                  const { strand, test, attribute } = own[0]!.mark;
                  return { strand, test, attribute, agreement: of(own) };
                }),
                differences: pairs
                  .filter((p) => Math.abs(p.first - p.second) > tolerance)
                  .map(({ id: blind, mark, answer, first, second, settled }) => ({
                    id: blind,
                    mark: mark.id,
                    strand: mark.strand,
                    test: mark.test,
                    attribute: mark.attribute,
                    truth: truth.get(mark.sampleId) ?? [],
                    answer,
                    first,
                    second,
                    max: mark.max,
                    settled,
                  })),
              },
      });
    }
    return all;
  }

  /** Settles one difference: the mark has these points from now on, by a decision as any other. */
  async settle(staff: StaffCaller, lesson: Lesson, blind: string, points: number): Promise<void> {
    const row = await this.source.manager.findOne(SecondMarkRow, {
      where: { id: blind, marking: { lessonId: lesson.id }, second: Not(IsNull()) },
      relations: { mark: true, marking: { marker: true } },
    });
    if (!row) throw notFound('difference in this lesson');
    if (row.mark.answer !== row.answer)
      throw conflict('The answer has changed since it was marked twice. Mark it anew at the desk.');
    await this.decisions.decide(staff, lesson, {
      marks: [row.markId],
      points,
      reason: `Settled with ${row.marking.marker.name}: ${row.first} and ${row.second} of ${row.mark.max}`,
    });
    await this.source.manager.update(SecondMarkRow, { id: blind }, { settled: points });
  }

  /** What somebody is asked to mark and has not finished. */
  async asked(staff: StaffCaller): Promise<BlindHead[]> {
    const markings = await this.source.manager.find(SecondMarkingRow, {
      where: { markerId: staff.id },
      relations: { askedBy: true, lesson: { practicalVersion: true } },
      order: { at: 'ASC', id: 'ASC' },
      take: most,
    });
    const heads: BlindHead[] = [];
    for (const marking of markings) {
      const [size, done] = await Promise.all([
        this.source.manager.countBy(SecondMarkRow, { markingId: marking.id }),
        this.source.manager.countBy(SecondMarkRow, { markingId: marking.id, second: Not(IsNull()) }),
      ]);
      if (done < size) heads.push(headOf(marking, size, done));
    }
    return heads;
  }

  /** The answers somebody is to mark. @throws 403 where somebody else was asked. */
  async show(staff: StaffCaller, id: string): Promise<BlindMarking> {
    const marking = await this.mine(staff, id);
    const [rows, samples] = await Promise.all([this.answersOf(id), this.views.samplesOf(marking.lessonId)]);
    const truth = new Map(samples.map((s) => [s.id, s.ions]));
    return {
      ...headOf(marking, rows.length, rows.filter((row) => row.second !== null).length),
      practical: marking.lesson.practicalVersion.document,
      answers: rows.map(({ id: blind, mark, answer, second }) => ({
        id: blind,
        strand: mark.strand,
        test: mark.test,
        attribute: mark.attribute,
        truth: truth.get(mark.sampleId) ?? [],
        answer,
        max: mark.max,
        points: second,
      })),
    };
  }

  /** @throws 403 where somebody else was asked. */
  async give(staff: StaffCaller, id: string, blind: string, points: number): Promise<void> {
    await this.mine(staff, id);
    const row = await this.source.manager.findOne(SecondMarkRow, {
      where: { id: blind, markingId: id },
      relations: { mark: true },
    });
    if (!row) throw notFound('answer');
    if (points > row.mark.max)
      throw badInput(
        `This item has ${row.mark.max} ${row.mark.max === 1 ? 'point' : 'points'} at most.`,
        'points',
      );
    if (row.settled !== null) throw conflict('This one is settled already; it stays as it was marked.');
    await this.source.manager.update(SecondMarkRow, { id: blind }, { second: points });
  }

  private async mine(staff: StaffCaller, id: string): Promise<SecondMarkingRow> {
    const marking = await this.source.manager.findOne(SecondMarkingRow, {
      where: { id, lesson: { schoolId: staff.schoolId } },
      relations: { askedBy: true, lesson: { practicalVersion: true } },
    });
    if (!marking) throw notFound('second marking');
    if (marking.markerId !== staff.id) throw forbidden('Somebody else was asked to mark these.');
    return marking;
  }

  private answersOf(markingId: string): Promise<SecondMarkRow[]> {
    return this.source.manager.find(SecondMarkRow, {
      where: { markingId },
      relations: { mark: true },
      order: { place: 'ASC' },
    });
  }
}

const headOf = ({ id, askedBy, lesson }: SecondMarkingRow, size: number, done: number): BlindHead => ({
  id,
  title: lesson.practicalVersion.document.title,
  askedBy: askedBy.name,
  size,
  done,
});
