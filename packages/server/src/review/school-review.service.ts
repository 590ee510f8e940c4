/** What a school's lessons tell together. Counted where the marks lie: rows of marks are not read one by one. */
import type { ReviewedPart, ReviewFilter, SchoolReview } from '@kivex/contract';
import {
  evenScheme,
  groupedBy,
  itemKey,
  strands,
  syllabusFor,
  teachAgain,
  weightOf,
  wilson,
  type ItemAnalysis,
  type MarkScheme,
  type Practical,
  type SampleRole,
  type Strand,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { DataSource, In } from 'typeorm';
import { LessonSample } from '../records/lessons.entities.js';
import { MarkSchemeRow } from '../records/marking.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';

/** Lessons looked at together at most: some years of a school. */
export const mostLessons = 1000;

interface LessonHead {
  readonly id: string;
  readonly classId: string;
  readonly className: string;
  readonly teacherId: string;
  readonly teacher: string;
  readonly versionId: string;
  readonly version: number;
  readonly practicalId: string;
}
/** Marks of one item of one sample of one lesson, counted. */
interface Count {
  readonly lessonId: string;
  readonly sampleId: string;
  readonly strand: Strand;
  readonly test: string | null;
  readonly attribute: string | null;
  readonly n: number;
  readonly earned: number;
  readonly max: number;
  readonly losers: number;
  readonly open: number;
}
/** As the database gives it: sums are texts. */
type Counted = Pick<Count, 'lessonId' | 'sampleId' | 'strand' | 'test' | 'attribute'> &
  Readonly<Record<'n' | 'earned' | 'max' | 'losers' | 'open', string>>;
interface Earned {
  points: number;
  max: number;
}

@Injectable()
export class SchoolReviewService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async of(schoolId: string, filter: ReviewFilter): Promise<SchoolReview> {
    const lessons = await this.lessons(schoolId, filter);
    const ids = lessons.map((l) => l.id);
    const [counts, reports, schemes, samples, choices, titles] = await Promise.all([
      this.counts(ids),
      this.reports(ids),
      this.schemes(ids),
      ids.length
        ? this.source.manager.find(LessonSample, {
            where: { lessonId: In(ids) },
            select: { id: true, ions: true, role: true },
          })
        : [],
      this.choices(schoolId),
      this.titles(lessons),
    ]);
    await breath();
    const ofSample = new Map(samples.map((s) => [s.id, { truth: [...s.ions].sort(), role: s.role }]));
    const weighed = counts.map((count) => ({
      ...count,
      weight: weightOf(schemes.get(count.lessonId) ?? evenScheme, count),
    }));
    const byLesson = new Map([...groupedBy(weighed, (c) => c.lessonId)].map(([id, own]) => [id, sumOf(own)]));
    const items = itemsOf(weighed, ofSample);
    await breath();
    const parts = (idOf: (l: LessonHead) => string, nameOf: (l: LessonHead) => string): ReviewedPart[] =>
      [...groupedBy(lessons, idOf)].map(([id, own]) => {
        const { points, max } = own.reduce(
          (sum, l) => ({
            points: sum.points + (byLesson.get(l.id)?.points ?? 0),
            max: sum.max + (byLesson.get(l.id)?.max ?? 0),
          }),
          { points: 0, max: 0 },
        );
        return {
          id,
          name: nameOf(own[0]!),
          lessons: own.length,
          reports: own.reduce((n, l) => n + (reports.get(l.id) ?? 0), 0),
          share: max ? points / max : 0,
        };
      });
    const versions = new Map(lessons.map((l) => [l.versionId, l]));
    const usual = mostUsed(lessons, titles);
    return {
      lessons: lessons.length,
      reports: [...reports.values()].reduce((a, b) => a + b, 0),
      open: counts.reduce((n, c) => n + c.open, 0),
      classes: byName(
        parts(
          (l) => l.classId,
          (l) => l.className,
        ),
      ),
      teachers: byName(
        parts(
          (l) => l.teacherId,
          (l) => l.teacher,
        ),
      ),
      practicals: byName(
        parts(
          (l) => l.versionId,
          (l) => titles.get(l.versionId)?.title ?? '',
        ).map((part) => ({
          ...part,
          practical: versions.get(part.id)!.practicalId,
          version: versions.get(part.id)!.version,
        })),
      ),
      strands: strands.flatMap((strand) => {
        const { points, max } = sumOf(weighed.filter((c) => c.strand === strand));
        return max ? [{ strand, share: points / max }] : [];
      }),
      items,
      teach: usual ? teachAgain(items, syllabusFor(usual)) : [],
      choices,
    };
  }

  /** Lessons that have marks, newest first. */
  private lessons(schoolId: string, filter: ReviewFilter): Promise<LessonHead[]> {
    const where: string[] = ['l.schoolId = ?', "l.state IN ('marking', 'released')"];
    const values: unknown[] = [schoolId];
    const and = (part: string, value: unknown) => {
      where.push(part);
      values.push(value);
    };
    if (filter.class) and('l.classId = ?', filter.class);
    if (filter.teacher) and('l.teacherId = ?', filter.teacher);
    if (filter.practical) and('v.practicalId = ?', filter.practical);
    if (filter.from) and('l.startsAt >= ?', `${filter.from} 00:00:00`);
    if (filter.to) and('l.startsAt <= ?', `${filter.to} 23:59:59.999`);
    return this.source.query<LessonHead[]>(
      `SELECT l.id, l.classId, c.name className, l.teacherId, t.name teacher, v.id versionId, v.number version, v.practicalId FROM lesson l JOIN school_class c ON c.id = l.classId JOIN staff t ON t.id = l.teacherId JOIN practical_version v ON v.id = l.practicalVersionId WHERE ${where.join(' AND ')} ORDER BY l.startsAt DESC, l.id DESC LIMIT ${mostLessons}`,
      values,
    );
  }

  /** Marks counted, without those of students who were away: few, and so counted apart and taken off. */
  private async counts(lessons: readonly string[]): Promise<Count[]> {
    if (!lessons.length) return [];
    const [all, away] = await Promise.all([
      this.source.query<Counted[]>(countsQuery(lessons.length), [...lessons]),
      this.source.query<Counted[]>(awayQuery(lessons.length), [...lessons]),
    ]);
    const key = ({ sampleId, strand, test, attribute }: Counted) =>
      [sampleId, strand, test, attribute].join(' ');
    const off = new Map(away.map((row) => [key(row), row]));
    return all.map((row): Count => {
      const gone = off.get(key(row));
      const left = (of: 'n' | 'earned' | 'max' | 'losers' | 'open') =>
        Number(row[of]) - Number(gone?.[of] ?? 0);
      return {
        lessonId: row.lessonId,
        sampleId: row.sampleId,
        strand: row.strand,
        test: row.test,
        attribute: row.attribute,
        n: left('n'),
        earned: left('earned'),
        max: left('max'),
        losers: left('losers'),
        open: left('open'),
      };
    });
  }

  /** Students marked, by lesson. */
  private async reports(lessons: readonly string[]): Promise<ReadonlyMap<string, number>> {
    if (!lessons.length) return new Map();
    const rows = await this.source.query<{ lessonId: string; n: string }[]>(
      `SELECT s.lessonId, COUNT(*) n FROM lesson_seat s WHERE s.absent = 0 AND s.lessonId IN (${places(lessons.length)}) GROUP BY s.lessonId`,
      [...lessons],
    );
    return new Map(rows.map(({ lessonId, n }) => [lessonId, Number(n)]));
  }

  private async schemes(lessons: readonly string[]): Promise<ReadonlyMap<string, MarkScheme>> {
    if (!lessons.length) return new Map();
    const rows = await this.source.manager.find(MarkSchemeRow, {
      where: { lessonId: In([...lessons]) },
      order: { at: 'ASC', id: 'ASC' },
      select: { id: true, lessonId: true, scheme: true as never, at: true },
    });
    return new Map(rows.map((row) => [row.lessonId, row.scheme]));
  }

  /** The practicals of these lessons, by id of their version. */
  private async titles(lessons: readonly LessonHead[]): Promise<ReadonlyMap<string, Practical>> {
    const ids = [...new Set(lessons.map((l) => l.versionId))];
    const rows = ids.length ? await this.source.manager.findBy(PracticalVersion, { id: In(ids) }) : [];
    return new Map(rows.map((row) => [row.id, row.document]));
  }

  private async choices(schoolId: string): Promise<SchoolReview['choices']> {
    type Choice = { readonly id: string; readonly name: string };
    const [classes, teachers, practicals] = await Promise.all([
      this.source.query<Choice[]>(
        'SELECT DISTINCT c.id, c.name FROM lesson l JOIN school_class c ON c.id = l.classId WHERE l.schoolId = ? ORDER BY c.name LIMIT 500',
        [schoolId],
      ),
      this.source.query<Choice[]>(
        'SELECT DISTINCT t.id, t.name FROM lesson l JOIN staff t ON t.id = l.teacherId WHERE l.schoolId = ? ORDER BY t.name LIMIT 500',
        [schoolId],
      ),
      // Called as its newest version that a lesson was made of.
      this.source.query<Choice[]>(
        "SELECT v.practicalId id, SUBSTRING_INDEX(GROUP_CONCAT(JSON_VALUE(v.document, '$.title') ORDER BY v.number DESC SEPARATOR '\\n'), '\\n', 1) name FROM practical_version v WHERE v.id IN (SELECT l.practicalVersionId FROM lesson l WHERE l.schoolId = ?) GROUP BY v.practicalId ORDER BY name LIMIT 500",
        [schoolId],
      ),
    ]);
    return { classes, teachers, practicals };
  }
}

const places = (n: number): string => Array(n).fill('?').join(', ');

const counted =
  'SELECT m.lessonId, m.sampleId, m.strand, m.test, m.attribute, SUM(m.open = 0) n, SUM(IF(m.open, 0, m.stands)) earned, SUM(IF(m.open, 0, m.max)) max, SUM(m.open = 0 AND m.stands < m.max) losers, SUM(m.open) open';
const byItem = 'GROUP BY m.lessonId, m.sampleId, m.strand, m.test, m.attribute';

/**
 * Counts every item of every sample of some lessons. All it needs stands in one index, in the order it is put together by
 * (`docs/operating.md` shows the plan). @param n of the lessons.
 */
export const countsQuery = (n: number): string =>
  `${counted} FROM mark m WHERE m.lessonId IN (${places(n)}) ${byItem}`;

/** As `countsQuery`, of students who were away. */
const awayQuery = (n: number): string =>
  `${counted} FROM lesson_seat s STRAIGHT_JOIN mark m ON m.lessonId = s.lessonId AND m.studentId = s.studentId WHERE s.absent = 1 AND s.lessonId IN (${places(n)}) ${byItem}`;

function sumOf(counts: readonly (Count & { readonly weight: number })[]): Earned {
  const sum: Earned = { points: 0, max: 0 };
  for (const { earned, max, weight } of counts) {
    sum.points += earned * weight;
    sum.max += max * weight;
  }
  return sum;
}

/** Like items of all lessons are one. What was written is not read: it is asked of one lesson. */
function itemsOf(
  counts: readonly (Count & { readonly weight: number })[],
  samples: ReadonlyMap<string, { readonly truth: readonly string[]; readonly role: SampleRole }>,
): ItemAnalysis[] {
  const named = counts.flatMap((count) => {
    // The order of tests weighs nothing until a scheme counts it.
    if (count.weight === 0 && count.attribute === 'order') return [];
    if (count.n === 0) return [];
    const of =
      count.strand === 'technique' ? { truth: [], role: 'known' as const } : samples.get(count.sampleId);
    return of ? [{ ...count, ...of }] : [];
  });
  return [...groupedBy(named, itemKey).values()].map((own): ItemAnalysis => {
    const [{ strand, test, attribute, truth, role }] = own as [(typeof own)[number], ...typeof own];
    const sum = (of: 'n' | 'earned' | 'max' | 'losers') => own.reduce((n, c) => n + c[of], 0);
    return {
      strand,
      test,
      attribute,
      truth,
      role,
      facility: wilson(sum('max') ? sum('earned') / sum('max') : 0, sum('n')),
      discrimination: null,
      wrong: [],
      empty: 0,
      lost: own.reduce((n, c) => n + (c.max - c.earned) * c.weight, 0),
      losers: sum('losers'),
    };
  });
}

/** The practical most lessons had. */
function mostUsed(
  lessons: readonly LessonHead[],
  documents: ReadonlyMap<string, Practical>,
): Practical | undefined {
  const [most] = [...groupedBy(lessons, (l) => l.versionId)].sort((a, b) => b[1].length - a[1].length);
  return most && documents.get(most[0]);
}

const byName = <P extends { readonly name: string }>(list: readonly P[]): P[] =>
  [...list].sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }));
