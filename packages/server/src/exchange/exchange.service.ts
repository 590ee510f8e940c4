/** Classes and results out to other programs and in from them. */
import type { ExchangePreview, ExchangeTaken } from '@kivex/contract';
import {
  exchangeTables,
  readExchange,
  type Exchange,
  type ExchangeTables,
} from '@kivex/core/formats/exchange';
import { tableToCsv } from '@kivex/core/formats/csv-table';
import { groupedBy } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { strToU8, zipSync } from 'fflate';
import { DataSource, In, IsNull } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { ClassesService } from '../people/classes.service.js';
import { badInput } from '../problems/problems.js';
import { Lesson } from '../records/lessons.entities.js';
import { MarkReleaseRow } from '../records/marking.entities.js';
import { School, SchoolClass, Student } from '../records/people.entities.js';
import { commentOf, lineMax, scoreOf } from './scores.js';

/** Classes, and lessons with results, that go at once. */
const mostClasses = 500;
const mostLessons = 1000;

@Injectable()
export class ExchangeService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly classes: ClassesService,
    private readonly clock: Clock,
  ) {}

  /** A zip archive of CSV files. @param classId one class; all where left out. */
  async archive(schoolId: string, classId?: string): Promise<Uint8Array> {
    const tables = exchangeTables(await this.ours(schoolId, classId), this.clock.now().toISOString());
    return zipSync(
      Object.fromEntries(Object.entries(tables).map(([file, rows]) => [file, strToU8(tableToCsv(rows))])),
    );
  }

  /** What would be taken in, and what differs. */
  async preview(schoolId: string, tables: ExchangeTables): Promise<ExchangePreview> {
    const { exchange, problems } = readExchange(tables);
    const ours = await this.ours(schoolId);
    const nameOf = new Map(ours.people.map((p) => [p.id, p.name]));
    const titleOf = new Map(ours.lineItems.map((l) => [l.id, l.title]));
    const given = new Map(ours.results.map((r) => [r.id, r]));
    return {
      problems,
      classes: rosters(exchange, ours).map(({ name, here, fresh, missing }) => ({
        name,
        here,
        fresh,
        missing,
      })),
      differences: exchange.results.flatMap(({ id, student, lineItem, score }) => {
        const own =
          given.get(id) ?? ours.results.find((r) => r.student === student && r.lineItem === lineItem);
        return own && own.score !== score
          ? [
              {
                student: nameOf.get(own.student) ?? '',
                lesson: titleOf.get(own.lineItem) ?? '',
                lessonId: own.lineItem,
                ours: own.score,
                theirs: score,
              },
            ]
          : [];
      }),
    };
  }

  /** Makes the classes that are not here, and adds the students that are in none of ours. Nobody is taken out. */
  async take(staff: StaffCaller, tables: ExchangeTables): Promise<ExchangeTaken> {
    const { exchange, problems } = readExchange(tables);
    if (!exchange.classes.length)
      throw badInput(problems[0]?.text ?? 'There is no class in this archive.', 'file');
    let made = 0;
    let students = 0;
    for (const { id, name, fresh } of rosters(exchange, await this.ours(staff.schoolId))) {
      const to = id ?? (await this.classes.create(staff, name)).id;
      if (id === undefined) made += 1;
      if (!fresh.length) continue;
      const text = `Name\n${fresh.map((one) => `"${one.replaceAll('"', '""')}"`).join('\n')}`;
      await this.classes.add(staff, to, text);
      students += fresh.length;
    }
    return { classes: made, students };
  }

  /** What is here: classes with who is in them, and marks as they were given out. */
  private async ours(schoolId: string, classId?: string): Promise<Exchange> {
    const db = this.source.manager;
    const [school, classes] = await Promise.all([
      db.findOneByOrFail(School, { id: schoolId }),
      db.find(SchoolClass, {
        where: { schoolId, ...(classId === undefined ? {} : { id: classId }) },
        order: { name: 'ASC' },
        take: mostClasses,
      }),
    ]);
    const ids = classes.map((c) => c.id);
    const of = ids.length ? In(ids) : undefined;
    const [students, lessons] = of
      ? await Promise.all([
          db.find(Student, { where: { classId: of, leftAt: IsNull() }, order: { name: 'ASC' } }),
          db.find(Lesson, {
            where: { classId: of },
            relations: { teacher: true, practicalVersion: true },
            order: { startsAt: 'DESC' },
            take: mostLessons,
          }),
        ])
      : [[], []];
    const releases = lessons.length
      ? await db.find(MarkReleaseRow, {
          where: { lessonId: In(lessons.map((l) => l.id)) },
          order: { at: 'ASC', id: 'ASC' },
        })
      : [];
    // The last that was given out stands, where it was not taken back.
    const last = [...groupedBy(releases, (r) => `${r.lessonId}:${r.studentId}`)].flatMap(([id, own]) => {
      const row = own.at(-1)!;
      return row.withdrawnAt ? [] : [{ ...row, id }];
    });
    const maxima = groupedBy(last, (row) => row.lessonId);
    const teachers = new Map(lessons.map((l) => [l.teacherId, l.teacher.name]));
    return {
      school: { id: school.id, name: school.name },
      people: [
        ...[...teachers].map(([id, name]) => ({ id, role: 'teacher' as const, name })),
        ...students.map(({ id, name }) => ({ id, role: 'student' as const, name })),
      ],
      classes: classes.map(({ id, name }) => ({
        id,
        name: name.trim(),
        people: [
          ...new Set(lessons.filter((l) => l.classId === id).map((l) => l.teacherId)),
          ...students.filter((s) => s.classId === id).map((s) => s.id),
        ],
      })),
      lineItems: lessons
        .filter((l) => maxima.has(l.id))
        .map((l) => ({
          id: l.id,
          title: l.practicalVersion.document.title,
          date: l.startsAt.toISOString().slice(0, 10),
          classId: l.classId,
          max: lineMax(maxima.get(l.id)!.map((r) => r.marks)),
        })),
      results: last.map((r) => ({
        id: r.id,
        lineItem: r.lessonId,
        student: r.studentId,
        score: scoreOf(
          r.marks,
          maxima.get(r.lessonId)!.map((m) => m.marks),
        ),
        date: r.at.toISOString().slice(0, 10),
        comment: commentOf(r.marks),
      })),
    };
  }
}

interface Roster {
  /** Of the class as it is here; undefined where it is not. */
  readonly id: string | undefined;
  readonly name: string;
  readonly here: boolean;
  readonly fresh: readonly string[];
  readonly missing: readonly string[];
}

/** Classes of a file beside ours: the same by id, else by name; people likewise. */
function rosters(theirs: Exchange, ours: Exchange): Roster[] {
  const person = (exchange: Exchange) =>
    new Map(exchange.people.filter((p) => p.role === 'student').map((p) => [p.id, p]));
  const [in_, own] = [person(theirs), person(ours)];
  const same = (name: string) => name.trim().toLowerCase();
  return theirs.classes.map(({ id, name, people }): Roster => {
    const here =
      ours.classes.find((c) => c.id === id) ?? ours.classes.find((c) => same(c.name) === same(name));
    const ownPeople = (here?.people ?? []).flatMap((p) => own.get(p) ?? []);
    const sent = people.flatMap((p) => in_.get(p) ?? []);
    const isSent = (p: { id: string; name: string }) =>
      sent.some((s) => s.id === p.id || same(s.name) === same(p.name));
    const isHere = (s: { id: string; name: string }) =>
      ownPeople.some((p) => p.id === s.id || same(p.name) === same(s.name));
    return {
      id: here?.id,
      name: here?.name ?? name,
      here: here !== undefined,
      fresh: [...new Set(sent.filter((s) => !isHere(s)).map((s) => s.name))],
      missing: ownPeople.filter((p) => !isSent(p)).map((p) => p.name),
    };
  });
}
