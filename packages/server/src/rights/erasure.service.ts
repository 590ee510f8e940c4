/** Names made to go: a class left nameless, or gone as a whole, with a certificate of what went. */
import type { Certificate, ErasureWay, NewErasure, Retention } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, notFound } from '../problems/problems.js';
import { Lesson } from '../records/lessons.entities.js';
import { School, SchoolClass, Student } from '../records/people.entities.js';
import { ErasureRow } from '../records/rights.entities.js';
import { LiveService } from '../run/live/live.service.js';

/** Certificates shown. */
const most = 200;
/** Tables of a school with texts in which staff may have named somebody. */
const namedIn = [
  ['incident', ['what', 'done'], 'lessonId IN (SELECT id FROM lesson WHERE schoolId = ?)'],
  ['answer_rule', ['example', 'reason'], 'schoolId = ?'],
  ['kept_sample', ['place', 'note'], 'schoolId = ?'],
] as const;
const places = (n: number): string => Array(n).fill('?').join(', ');

@Injectable()
export class ErasureService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly audit: AuditService,
    private readonly live: LiveService,
  ) {}

  async retention(schoolId: string): Promise<Retention> {
    const [{ keepNames_months: months }, rows] = await Promise.all([
      this.source.manager.findOneByOrFail(School, { id: schoolId }),
      this.source.manager.find(ErasureRow, {
        where: { schoolId },
        relations: { staff: true },
        order: { at: 'DESC', id: 'DESC' },
        take: most,
      }),
    ]);
    return {
      months,
      due: months === null ? [] : await this.due(schoolId, months),
      certificates: rows.map(certificateOf),
    };
  }

  /** Sets for how long names are kept after a class's last lesson. Nothing goes by itself. */
  async keepFor(staff: StaffCaller, months: number | null): Promise<void> {
    await this.source.manager.update(School, { id: staff.schoolId }, { keepNames_months: months });
    await this.audit.add(staff, 'retention-set', {
      subject: staff.schoolId,
      about: months === null ? 'no limit' : `${months} months after a class’s last lesson`,
    });
  }

  /** Classes with names whose last lesson is longer ago. */
  private async due(schoolId: string, months: number): Promise<Retention['due']> {
    const before = new Date(this.clock.now());
    before.setUTCMonth(before.getUTCMonth() - months);
    const rows = await this.source.query<{ id: string; name: string; last: Date }[]>(
      'SELECT c.id, c.name, MAX(l.startsAt) last FROM school_class c JOIN lesson l ON l.classId = c.id WHERE c.schoolId = ? AND NOT EXISTS (SELECT 1 FROM erasure e WHERE e.schoolId = c.schoolId AND e.className = c.name AND e.at > l.startsAt) GROUP BY c.id, c.name HAVING last < ? ORDER BY last LIMIT 500',
      [schoolId, before],
    );
    return rows.map(({ id, name, last }) => ({ id, name, lastLesson: last.toISOString() }));
  }

  /** @throws 409 while a lesson of the class is on, or where accidents are on record that have to be kept. */
  async erase(staff: StaffCaller, classId: string, { way, name }: NewErasure): Promise<Certificate> {
    const id = uuidv7();
    const students = await this.source.transaction(async (db) => {
      const own = await db.findOne(SchoolClass, {
        where: { id: classId, schoolId: staff.schoolId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!own) throw notFound('class');
      if (own.name.trim() !== name.trim())
        throw badInput(`Type the class’s name, ${own.name.trim()}, to be sure.`, 'name');
      const lessons = (await db.findBy(Lesson, { classId })).map((l) => ({ id: l.id, state: l.state }));
      if (lessons.some((l) => l.state === 'running'))
        throw conflict('A lesson of this class is on. End it first.');
      const pupils = await db.findBy(Student, { classId });
      const went: Record<string, number> = { names: pupils.length };
      await this.forgetPeople(db, staff.schoolId, pupils, went);
      if (way === 'nameless') await this.namelessly(db, pupils);
      else
        await this.wholly(
          db,
          classId,
          lessons.map((l) => l.id),
          pupils,
          went,
        );
      await db.insert(ErasureRow, {
        id,
        schoolId: staff.schoolId,
        way,
        className: own.name,
        went,
        staffId: staff.id,
        at: this.clock.now(),
      });
      await this.audit.add(
        staff,
        'class-erased',
        { subject: classId, about: `${own.name}: ${wayWords[way]}` },
        db,
      );
      return pupils;
    });
    for (const student of students) this.live.dropStudent(student.id);
    const row = await this.source.manager.findOneOrFail(ErasureRow, {
      where: { id },
      relations: { staff: true },
    });
    return certificateOf(row);
  }

  /** What is of the people rather than of their work: pictures, questions, devices, and their names in the trail. */
  private async forgetPeople(
    db: EntityManager,
    schoolId: string,
    pupils: readonly Student[],
    went: Record<string, number>,
  ): Promise<void> {
    const ids = pupils.map((p) => p.id);
    if (!ids.length) return;
    const clear = async (what: string, statement: string, values: readonly unknown[] = ids) => {
      const { affectedRows = 0 } = await db.query<{ affectedRows?: number }>(statement, [...values]);
      if (affectedRows) went[what] = (went[what] ?? 0) + affectedRows;
    };
    await clear('pictures', `DELETE FROM photo WHERE studentId IN (${places(ids.length)})`);
    await clear(
      'questions about marks',
      `DELETE FROM mark_question WHERE studentId IN (${places(ids.length)})`,
    );
    await clear('sign-ins', `DELETE FROM session WHERE studentId IN (${places(ids.length)})`);
    for (const id of ids) {
      await clear('devices known', 'DELETE FROM known_device WHERE who LIKE ?', [`%${id}%`]);
      await clear('wrong tries', 'DELETE FROM sign_in_attempt WHERE who LIKE ?', [`%${id}%`]);
    }
    await clear(
      'names on accidents',
      `UPDATE incident SET studentId = NULL WHERE studentId IN (${places(ids.length)})`,
    );
    await clear(
      'flags on marks',
      `DELETE f FROM mark_flag f JOIN mark m ON m.id = f.markId WHERE m.studentId IN (${places(ids.length)})`,
    );
    for (const { name } of pupils) {
      const like = `%${name.replace(/[\\%_]/g, '\\$&')}%`;
      // Written by staff in words of their own: the name goes, the words stay.
      for (const [table, columns, ofSchool] of namedIn)
        for (const column of columns)
          await clear(
            'names in what staff wrote',
            `UPDATE ${table} SET ${column} = REPLACE(${column}, ?, 'a student') WHERE ${ofSchool} AND ${column} LIKE ?`,
            [name, schoolId, like],
          );
      await clear(
        'lines of the trail without the name',
        "UPDATE audit_entry SET about = REPLACE(about, ?, 'a student') WHERE schoolId = ? AND about LIKE ?",
        [name, schoolId, like],
      );
    }
  }

  /** Names that say nothing, in an order that says nothing. */
  private async namelessly(db: EntityManager, pupils: readonly Student[]): Promise<void> {
    const shuffled = [...pupils].sort((a, b) => hashed(a.id) - hashed(b.id));
    for (const [i, { id }] of shuffled.entries())
      await db.update(Student, { id }, { name: `Student ${i + 1}`, pinHash: null, leftAt: this.clock.now() });
  }

  private async wholly(
    db: EntityManager,
    classId: string,
    lessons: readonly string[],
    pupils: readonly Student[],
    went: Record<string, number>,
  ): Promise<void> {
    const count = async (what: string, table: string) => {
      const [{ n }] = (await db.query<[{ n: string }]>(
        `SELECT COUNT(*) n FROM ${table} WHERE lessonId IN (${places(lessons.length)})`,
        [...lessons],
      )) as [{ n: string }];
      if (Number(n)) went[what] = Number(n);
      return Number(n);
    };
    if (lessons.length) {
      const accidents = await count('accidents', 'incident');
      if (accidents)
        throw conflict(
          `${accidents} ${accidents === 1 ? 'accident or near miss is' : 'accidents or near misses are'} logged in lessons of this class, and such records have to be kept for years. Make the class nameless instead, or ask whoever keeps them.`,
        );
      went['lessons'] = lessons.length;
      await count('entries', 'lesson_event');
      await count('marks', 'mark');
      await db.delete(Lesson, { id: In([...lessons]) });
    }
    if (pupils.length) await db.delete(Student, { id: In(pupils.map((p) => p.id)) });
    await db.delete(SchoolClass, { id: classId });
  }
}

const wayWords: Readonly<Record<ErasureWay, string>> = { nameless: 'made nameless', gone: 'gone' };

/** A number of an id that goes with nothing: neither with names nor with the order in which they were entered. */
const hashed = (id: string): number =>
  [...id].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 0x01000193) >>> 0, 0x811c9dc5);

const certificateOf = ({ id, way, className, went, staff, at }: ErasureRow): Certificate => ({
  id,
  way,
  className,
  by: staff.name,
  at: at.toISOString(),
  went,
});
