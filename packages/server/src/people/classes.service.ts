/** Classes and their rosters; PINs are made here and leave only on freshly made cards. */
import type { ClassHead, ClassRoster, PinCard, RosterPreview } from '@kivex/contract';
import { readRoster } from '@kivex/core/formats/roster';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, IsNull, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { SecretsService } from '../access/secrets.service.js';
import { SessionsService } from '../access/sessions.service.js';
import { TriesService } from '../access/tries.service.js';
import { AuditService } from '../audit/audit.service.js';
import { badInput, conflict, notFound, ProblemException } from '../problems/problems.js';
import { SchoolClass, Student } from '../records/people.entities.js';
import { Clock } from '../clock/clock.js';

/** By what a student's tries are counted. */
export const triesOf = (studentId: string): string => `student:${studentId}`;

/** Lists are bounded; a school has fewer. */
const mostClasses = 300;

@Injectable()
export class ClassesService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(SchoolClass) private readonly classes: Repository<SchoolClass>,
    @InjectRepository(Student) private readonly students: Repository<Student>,
    private readonly secrets: SecretsService,
    private readonly sessions: SessionsService,
    private readonly tries: TriesService,
    private readonly audit: AuditService,
  ) {}

  async list(schoolId: string): Promise<ClassHead[]> {
    const [classes, counts] = await Promise.all([
      this.classes.find({ where: { schoolId }, order: { name: 'ASC' }, take: mostClasses }),
      this.students
        .createQueryBuilder('s')
        .select('s.classId', 'classId')
        .addSelect('COUNT(*)', 'n')
        .innerJoin('s.class', 'c')
        .where('c.schoolId = :schoolId AND s.leftAt IS NULL', { schoolId })
        .groupBy('s.classId')
        .getRawMany<{ classId: string; n: string }>(),
    ]);
    const count = new Map(counts.map((row) => [row.classId, Number(row.n)]));
    return classes.map(({ id, name }) => ({ id, name, students: count.get(id) ?? 0 }));
  }

  async create(staff: StaffCaller, name: string): Promise<ClassHead> {
    const { schoolId } = staff;
    const tidy = name.trim();
    if (await this.classes.findOneBy({ schoolId, name: tidy }))
      throw conflict(`There is a class ${tidy} already. Give this one another name.`, 'name');
    const id = uuidv7();
    await this.classes.insert({ id, schoolId, name: tidy });
    await this.audit.add(staff, 'class-made', { subject: id, about: tidy });
    return { id, name: tidy, students: 0 };
  }

  /** The class, if it is the school's. @throws 404 */
  async own(schoolId: string, id: string): Promise<SchoolClass> {
    const found = await this.classes.findOneBy({ id, schoolId });
    if (!found) throw notFound('class');
    return found;
  }

  /** The students of a class who have not left, by name. */
  present(classId: string): Promise<Student[]> {
    return this.students.find({ where: { classId, leftAt: IsNull() }, order: { name: 'ASC' }, take: 400 });
  }

  async roster(schoolId: string, id: string): Promise<ClassRoster> {
    const { name } = await this.own(schoolId, id);
    const students = await this.present(id);
    const shut = await this.tries.shutOut(students.map((s) => triesOf(s.id)));
    return {
      id,
      name,
      students: students.map((s) => ({
        id: s.id,
        name: s.name,
        hasPin: s.pinHash !== null,
        shutOut: shut.has(triesOf(s.id)),
      })),
    };
  }

  async preview(schoolId: string, id: string, text: string): Promise<RosterPreview> {
    await this.own(schoolId, id);
    return readRoster(
      text,
      (await this.present(id)).map((s) => s.name),
    );
  }

  /** Adds every name of a roster; all or none. @throws 422 naming the first line that cannot be taken. */
  async add(staff: StaffCaller, id: string, text: string): Promise<ClassRoster> {
    const { schoolId } = staff;
    const preview = await this.preview(schoolId, id, text);
    const wrong = preview.problem ?? preview.rows.find((row) => row.problem);
    if (wrong)
      throw badInput(
        typeof wrong === 'string' ? wrong : `Line ${wrong.line}, “${wrong.name}”: ${wrong.problem}`,
        'text',
      );
    const names = preview.rows.map((row) => row.name);
    await this.students.manager.transaction(async (db) => {
      // Someone who left and comes back keeps their earlier records.
      const back = await db.find(Student, { where: { classId: id, name: In(names) } });
      if (back.length) await db.update(Student, { id: In(back.map((s) => s.id)) }, { leftAt: null });
      const known = new Set(back.map((s) => s.name.toLowerCase()));
      const fresh = names.filter((name) => !known.has(name.toLowerCase()));
      if (fresh.length)
        await db.insert(
          Student,
          fresh.map((name) => ({ id: uuidv7(), classId: id, name, pinHash: null, leftAt: null })),
        );
    });
    await this.audit.add(staff, 'students-added', {
      subject: id,
      about: `${names.length} to ${(await this.own(schoolId, id)).name}`,
    });
    return this.roster(schoolId, id);
  }

  /**
   * Makes new PINs for students of a class and returns them in the clear, once.
   * Whoever had an old PIN is signed out.
   */
  async newPins(staff: StaffCaller, id: string, studentIds: readonly string[]): Promise<PinCard[]> {
    const { name } = await this.own(staff.schoolId, id);
    const students = (await this.present(id)).filter((s) => studentIds.includes(s.id));
    if (students.length !== new Set(studentIds).size)
      throw badInput(
        'Some of these students are not in the class any more. Load the page again.',
        'students',
      );
    const cards: PinCard[] = [];
    for (const student of students) {
      const pin = this.secrets.newPin();
      await this.students.update({ id: student.id }, { pinHash: await this.secrets.hash(pin) });
      await this.sessions.closeAllOfStudent(student.id);
      await this.tries.clear(triesOf(student.id));
      cards.push({ student: student.id, name: student.name, pin });
    }
    await this.tries.forgetDevices(students.map((s) => triesOf(s.id)));
    await this.audit.add(staff, 'pins-made', { subject: id, about: `${cards.length} for ${name}` });
    return cards;
  }

  async rename(staff: StaffCaller, studentId: string, name: string): Promise<void> {
    const student = await this.ownStudent(staff.schoolId, studentId);
    const tidy = name.replace(/\s+/g, ' ').trim();
    const twin = await this.students.findOneBy({ classId: student.classId, name: tidy });
    if (twin && twin.id !== studentId)
      throw new ProblemException(
        409,
        'Somebody in this class has that name. Add something to tell them apart.',
        [{ field: 'name', detail: 'Somebody in this class has that name.' }],
      );
    await this.students.update({ id: studentId }, { name: tidy });
    await this.audit.add(staff, 'student-renamed', {
      subject: studentId,
      about: `${student.name} to ${tidy}`,
    });
  }

  async leave(staff: StaffCaller, studentId: string): Promise<void> {
    const student = await this.ownStudent(staff.schoolId, studentId);
    await this.students.update({ id: studentId }, { leftAt: this.clock.now() });
    await this.sessions.closeAllOfStudent(studentId);
    await this.audit.add(staff, 'student-left', {
      subject: studentId,
      about: `${student.name}, ${student.class.name}`,
    });
  }

  /** Forgets the wrong tries of a student's PIN. */
  async unlock(staff: StaffCaller, studentId: string): Promise<void> {
    const student = await this.ownStudent(staff.schoolId, studentId);
    await this.tries.clear(triesOf(studentId));
    await this.audit.add(staff, 'student-unlocked', { subject: studentId, about: student.name });
  }

  private async ownStudent(schoolId: string, studentId: string): Promise<Student> {
    const student = await this.students.findOne({ where: { id: studentId }, relations: { class: true } });
    if (!student || student.class.schoolId !== schoolId) throw notFound('student');
    return student;
  }
}
