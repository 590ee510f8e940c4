/** Reports of a class as they are printed: each student's tile, items and next step. */
import type { MarkRow } from '@kivex/contract';
import { groupedBy, holdsOf, itemTitle, shortTestName, syllabusFor, teachWords } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import type { ReportSheet, StudentReport } from '../printing/report-sheet.js';
import { Lesson, type LessonSample } from '../records/lessons.entities.js';
import { nextStep } from './feedback.service.js';
import { MarksService } from './marks.service.js';

@Injectable()
export class ReportsService {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    private readonly marks: MarksService,
    private readonly views: LessonViewsService,
  ) {}

  /** As marks stand now, of all or of some. @param students ids; everybody where left out. */
  async sheet(lesson: Lesson, form: ReportSheet['form'], students?: readonly string[]): Promise<ReportSheet> {
    const [whole, table, samples] = await Promise.all([
      this.lessons.findOneOrFail({
        where: { id: lesson.id },
        relations: { class: true, practicalVersion: true },
      }),
      this.marks.table(lesson),
      this.views.samplesOf(lesson.id),
    ]);
    const { document } = whole.practicalVersion;
    const tests = document.tests.map((t) => t.test);
    const syllabus = syllabusFor(document);
    return {
      title: document.title,
      under: `${whole.class.name}, ${whole.startsAt.toISOString().slice(0, 10)}`,
      form,
      tests: tests.map((test) => shortTestName(test)),
      students: table.rows
        .filter((row) => !students || students.includes(row.student.id))
        .map((row) => {
          const next = nextStep(row.cells, samples, syllabus);
          return {
            ...reportOf(row, samples, tests),
            next: next && {
              text: `${teachWords(next)}. It cost you ${next.lost} ${next.lost === 1 ? 'point' : 'points'}.`,
              questions: next.questions.map(({ ask, model }) => ({ ask, model })),
            },
          };
        }),
    };
  }
}

/** A student's row of marks as a report, sample by sample. */
export function reportOf(
  row: MarkRow,
  samples: readonly Pick<LessonSample, 'id' | 'label' | 'ions' | 'role'>[],
  tests: readonly string[],
): Omit<StudentReport, 'next'> {
  const own = groupedBy(
    row.cells.filter((c) => !(c.strand === 'technique' && c.test !== null)),
    (c) => c.sample,
  );
  const technique = row.cells.filter((c) => c.strand === 'technique' && c.test !== null);
  const items = (cells: MarkRow['cells']) =>
    cells.map((c) => {
      const by = c.changes.findLast((change) => change.answer === c.answer && change.points !== null);
      return {
        what: itemTitle(c),
        answer: c.answer,
        points: c.points * c.weight,
        max: c.max * c.weight,
        why: by ? [by.reason] : c.why.map((w) => w.text),
      };
    });
  const seen = samples.filter((s) => own.has(s.id));
  return {
    name: row.student.name,
    group: row.group,
    points: row.points,
    max: row.max,
    late: row.late,
    absent: row.absent,
    onScreen: row.caughtUp !== null,
    tile: seen.map((sample) => ({
      label: sample.label,
      cells: tests.map((test) =>
        [
          ...new Set(
            own
              .get(sample.id)!
              .flatMap((c) => (c.strand === 'observation' && c.test === test ? [c.answer] : [])),
          ),
        ]
          .filter(Boolean)
          .join('; '),
      ),
    })),
    samples: [
      ...seen.map((sample) => ({
        label: sample.label,
        holds: holdsOf(sample),
        items: items(own.get(sample.id)!),
      })),
      ...(technique.length
        ? [{ label: 'How the tests were done', holds: 'How the tests were done', items: items(technique) }]
        : []),
    ],
  };
}
