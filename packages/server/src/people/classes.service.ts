/** Classes and their rosters; PINs are made here and leave only on freshly made cards. */
import type { ClassHead, ClassRoster, PinCard, RosterPreview } from '@kivex/contract';
import { readRoster } from '@kivex/core/formats/roster';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, IsNull, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { SecretsService } from '../access/secrets.service.js';
import { SessionsService } from '../access/sessions.service.js';
import { LiveService } from '../live/live.service.js';
import { badInput, conflict, notFound, ProblemException } from '../problems/problems.js';
import { SchoolClass, Student } from './people.entities.js';

/** Lists are bounded; a school has fewer. */
const mostClasses = 300;

@Injectable()
export class ClassesService {
  constructor(
    @InjectRepository(SchoolClass) private readonly classes: Repository<SchoolClass>,
    @InjectRepository(Student) private readonly students: Repository<Student>,
    private readonly secrets: SecretsService,
    private readonly sessions: SessionsService,
    private readonly live: LiveService,
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

  async create(schoolId: string, name: string): Promise<ClassHead> {
    const tidy = name.trim();
    if (await this.classes.findOneBy({ schoolId, name: tidy }))
      throw conflict(`There is a class ${tidy} already. Give this one another name.`, 'name');
    const id = uuidv7();
    await this.classes.insert({ id, schoolId, name: tidy });
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
    return {
      id,
      name,
      students: students.map((s) => ({ id: s.id, name: s.name, hasPin: s.pinHash !== null })),
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
  async add(schoolId: string, id: string, text: string): Promise<ClassRoster> {
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
    return this.roster(schoolId, id);
  }

  /**
   * Makes new PINs for students of a class and returns them in the clear, once.
   * Whoever had an old PIN is signed out.
   */
  async newPins(schoolId: string, id: string, studentIds: readonly string[]): Promise<PinCard[]> {
    await this.own(schoolId, id);
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
      this.live.dropStudent(student.id);
      cards.push({ student: student.id, name: student.name, pin });
    }
    return cards;
  }

  async rename(schoolId: string, studentId: string, name: string): Promise<void> {
    const student = await this.ownStudent(schoolId, studentId);
    const tidy = name.replace(/\s+/g, ' ').trim();
    const twin = await this.students.findOneBy({ classId: student.classId, name: tidy });
    if (twin && twin.id !== studentId)
      throw new ProblemException(
        409,
        'Somebody in this class has that name. Add something to tell them apart.',
        [{ field: 'name', detail: 'Somebody in this class has that name.' }],
      );
    await this.students.update({ id: studentId }, { name: tidy });
  }

  async leave(schoolId: string, studentId: string): Promise<void> {
    await this.ownStudent(schoolId, studentId);
    await this.students.update({ id: studentId }, { leftAt: new Date() });
    await this.sessions.closeAllOfStudent(studentId);
    this.live.dropStudent(studentId);
  }

  private async ownStudent(schoolId: string, studentId: string): Promise<Student> {
    const student = await this.students.findOne({ where: { id: studentId }, relations: { class: true } });
    if (!student || student.class.schoolId !== schoolId) throw notFound('student');
    return student;
  }
}
