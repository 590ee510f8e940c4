/** Fills an empty database with the demo school: one lesson in each state, through the same services as real work. */
import { saltName, seededRandom, shippedPracticals, usualStock, type Practical } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { createHash } from 'node:crypto';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { SecretsService } from '../access/secrets.service.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { Lesson } from '../records/lessons.entities.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { FlowService } from '../run/flow/flow.service.js';
import { MarksService } from '../marking/marks.service.js';
import { DecisionsService } from '../marking/decisions.service.js';
import { LessonLogService, type NewEntry } from '../run/log/lesson-log.service.js';
import { School, SchoolClass, Staff, Student } from '../records/people.entities.js';
import { PracticalsService } from '../practicals/practicals.service.js';
import { QuestionSetsService } from '../practising/question-sets.service.js';
import { RoomsService } from '../rooms/rooms.service.js';
import { StoreService, today } from '../store/store.service.js';
import {
  demoBatches,
  demoBigClass,
  demoClasses,
  demoPassword,
  demoRooms,
  demoSchool,
  demoStaff,
} from './demo-data.js';
import { demoSet, demoSetAnswers } from './demo-set.js';
import { demoSaltWork } from './demo-salt-work.js';
import { demoWork } from './demo-work.js';

/** A PIN anyone can work out from the place in the class list; demo data only. */
export const demoPin = (place: number): string => String(2401 + place * 37);

const minute = 60_000;

@Injectable()
export class DemoService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly secrets: SecretsService,
    private readonly practicals: PracticalsService,
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
    private readonly marks: MarksService,
    private readonly decisions: DecisionsService,
    private readonly flow: FlowService,
    private readonly rooms: RoomsService,
    private readonly store: StoreService,
    private readonly sets: QuestionSetsService,
  ) {}

  /** Fills the database unless it holds a school; returns lines that say how to log in. */
  async fill(): Promise<string[]> {
    const schools = await this.source.getRepository(School).find({ take: 2 });
    if (schools.length === 0) await this.make();
    else if (schools.length > 1 || schools[0]!.name !== demoSchool) return [];
    return this.logins();
  }

  private async logins(): Promise<string[]> {
    const running = await this.source
      .getRepository(Lesson)
      .findOne({ where: { state: 'running' }, order: { startsAt: 'DESC' } });
    const [first, second] = demoClasses[0]!.students;
    return [
      ...demoStaff.map(
        (s) => `${s.role === 'head' ? 'head of department' : s.role}: ${s.email}, password ${demoPassword}`,
      ),
      ...(running
        ? [
            `students: lesson code ${running.joinCode}, e.g. ${first} PIN ${demoPin(0)}, ${second} PIN ${demoPin(1)}`,
          ]
        : []),
    ];
  }

  private async make(): Promise<void> {
    const schoolId = uuidv7();
    await this.source.getRepository(School).insert({ id: schoolId, name: demoSchool });
    const passwordHash = await this.secrets.hash(demoPassword);
    const staff = demoStaff.map((s) => ({ ...s, id: uuidv7(), schoolId, passwordHash }));
    await this.source.getRepository(Staff).insert(staff);
    const teacher: StaffCaller = staff[0]!;
    const ids: string[] = [];
    for (const document of shippedPracticals) ids.push(await this.practicals.add(schoolId, document));
    const practical = ids[0]!;
    const hydroxides = ids[shippedPracticals.findIndex((p) => p.title.startsWith('Hydroxide'))]!;

    const classes = [];
    for (const { name, students } of [...demoClasses, demoBigClass]) {
      const id = uuidv7();
      await this.source.getRepository(SchoolClass).insert({ id, schoolId, name });
      const rows = await Promise.all(
        students.map(async (student, i) => ({
          id: uuidv7(),
          classId: id,
          name: student,
          pinHash: await this.secrets.hash(demoPin(i)),
          leftAt: null,
        })),
      );
      await this.source.getRepository(Student).insert(rows);
      classes.push({ id, students: rows.map((r) => r.id) });
    }
    for (const { name, plan: room } of demoRooms) await this.rooms.add(schoolId, name, room);
    await this.fillStore({ ...staff[1]!, schoolId });
    await this.giveSet(teacher);

    type Class = (typeof classes)[number];
    const [beacon, harbour, lantern] = classes as [Class, Class, Class];

    const today = new Date();
    const at = (days: number, hour: number): Date =>
      new Date(today.getFullYear(), today.getMonth(), today.getDate() + days, hour, 0, 0);
    const plan = (
      students: { id: string; students: string[] },
      startsAt: Date,
      room: string,
      size: number,
      what = practical,
      across = 5,
      by = teacher,
    ) =>
      this.lessons.create(by, {
        practical: what,
        class: students.id,
        startsAt: startsAt.toISOString(),
        room,
        groups: Array.from({ length: Math.ceil(students.students.length / size) }, (_, i) => ({
          row: Math.floor(i / across),
          column: i % across,
          students: students.students.slice(i * size, (i + 1) * size),
        })),
      });

    await plan(harbour, at(2, 11), 'Lab 1', 2);
    await plan(beacon, at(5, 9), 'Lab 2', 2, hydroxides);
    const running = await plan(beacon, new Date(today.getTime() - 22 * minute), 'Lab 2', 2);
    await this.play(
      teacher,
      running,
      7,
      (group) => [0, 0.15, 0.45, 0.6, 0.7, 0.75, 0.85, 0.55, 1, 0.9][group] ?? 0.5,
      new Date(today.getTime() - 20 * minute),
    );
    const marking = await plan(harbour, at(-1, 11), 'Lab 1', 2);
    await this.play(teacher, marking, 31, () => 1, at(-1, 11));
    await this.end(teacher, marking, at(-1, 12));
    const salt = shippedPracticals.find((p) => p.title === 'A full unknown salt')!;
    // Sixteen benches at six tests, for a full board; another teacher's, for nobody is in two rooms.
    const head: StaffCaller = staff.find((s) => s.role === 'head')!;
    const saltId = ids[shippedPracticals.indexOf(salt)]!;
    const full = await plan(lantern, new Date(today.getTime() - 45 * minute), 'Lab 3', 2, saltId, 4, head);
    await this.play(
      head,
      full,
      19,
      (group) => 0.35 + ((group * 7) % 16) / 25,
      new Date(today.getTime() - 44 * minute),
      salt,
    );
    // Thirty-two reports of six tests in own words, for the desk.
    const written: Practical = {
      ...salt,
      title: 'A full unknown salt, in own words',
      tests: salt.tests.map((test) => ({ ...test, recorded: 'words' as const })),
    };
    const inOwnWords = await this.practicals.add(schoolId, written);
    const big = await plan(lantern, at(-2, 13), 'Lab 3', 2, inOwnWords, 4);
    await this.play(teacher, big, 77, () => 1, at(-2, 13), written);
    await this.end(teacher, big, at(-2, 14));
    const released = await plan(beacon, at(-8, 9), 'Lab 2', 2);
    await this.play(teacher, released, 58, (group) => (group === 3 ? 0.8 : 1), at(-8, 9));
    await this.end(teacher, released, at(-8, 10));
    await this.release(teacher, released, at(-6, 16));
  }

  private async giveSet(teacher: StaffCaller): Promise<void> {
    const { code } = await this.sets.give(teacher, demoSet());
    for (const [n, answers] of demoSetAnswers().entries()) {
      const device = createHash('sha256').update(`demo device ${n}`).digest('hex');
      await this.sets.take(code, device, answers);
    }
  }

  /** The store as the technician keeps it: what a school usually holds, with counted batches. */
  private async fillStore(technician: StaffCaller): Promise<void> {
    for (const item of usualStock) {
      const id = await this.store.addItem(technician.schoolId, {
        ...item,
        place: item.form === 'liquid' ? 'acid cupboard' : item.form === 'solid' ? 'bay 2' : 'drawer 4',
      });
      for (const [amount, code, days] of demoBatches[item.name] ?? [])
        await this.store.addBatch(technician, id, {
          amount,
          code,
          opened: null,
          expires: days === null ? null : today(new Date(Date.now() + days * 24 * 60 * minute)),
        });
    }
  }

  /** Begins a lesson and logs each group's work up to its share. */
  private async play(
    teacher: StaffCaller,
    lessonId: string,
    seed: number,
    share: (group: number) => number,
    from: Date,
    of?: Practical,
  ): Promise<void> {
    await this.flow.move(teacher, lessonId, 'running');
    await this.source.getRepository(Lesson).update({ id: lessonId }, { startedAt: from });
    const [groups, samples] = await Promise.all([
      this.views.groupsOf(lessonId),
      this.views.samplesOf(lessonId),
    ]);
    for (const [place, group] of groups.entries()) {
      const random = seededRandom(seed * 100 + place);
      const own = samples.filter((s) => s.role === 'known' || group.unknowns.includes(s.id));
      const steps = of
        ? upTo(
            share(place),
            demoSaltWork(
              own.map((s) => ({ ...s, form: of.samples[s.position]?.form ?? ('solid' as const) })),
              of.tests,
              group.students.length,
              samples.map((s) => saltName(s.ions)),
              random,
            ),
          )
        : demoWork(own, group.students.length, share(place), random);
      const ids = steps.map(() => uuidv7());
      let clock = from.getTime() + 3 * minute;
      const times = steps.map(
        ({ body }) => (clock += (body.type === 'observation' ? 70_000 : 15_000) * (0.6 + random())),
      );
      // Of a full board every bench has logged something a short while ago.
      const behind =
        of && share(place) < 1 ? Math.max(0, Date.now() - clock - (1 + (place % 5)) * minute) : 0;
      const entries = steps.map((step, i): NewEntry => {
        const body =
          step.body.type === 'naming'
            ? { ...step.body, evidence: (step.refersTo ?? []).map((n) => ids[n]!) }
            : step.body;
        return {
          id: ids[i]!,
          lessonId,
          groupId: group.id,
          by: { studentId: group.students[step.by]!.id },
          at: new Date(Math.min(times[i]! + behind, Date.now() - 20_000)),
          body,
        };
      });
      if (place === 3 && share(place) < 1) {
        entries.push({
          id: uuidv7(),
          lessonId,
          groupId: group.id,
          by: { studentId: group.students[0]!.id },
          at: new Date(Date.now() - 90_000),
          body: { type: 'call', reason: 'check' },
        });
      }
      if (place === 6 && share(place) < 1) {
        // Two looks at one jar that no one ion can give: the board points at it.
        const jar = own.find((sample) => sample.role === 'unknown')!;
        entries.push(
          ...['lilac', 'blue-green'].map((colour, i): NewEntry => ({
            id: uuidv7(),
            lessonId,
            groupId: group.id,
            by: { studentId: group.students[i % group.students.length]!.id },
            at: new Date(Date.now() - (4 - i) * minute),
            body: { type: 'observation', sample: jar.id, test: 'flame', variant: 'wire', seen: { colour } },
          })),
        );
      }
      await this.log.append(entries);
    }
  }

  private async end(teacher: StaffCaller, lessonId: string, when: Date): Promise<void> {
    await this.flow.move(teacher, lessonId, 'marking');
    await this.source.getRepository(Lesson).update({ id: lessonId }, { endedAt: when });
  }

  /** Settles what a person must look at, as the teacher would, and gives the marks out. */
  private async release(teacher: StaffCaller, lessonId: string, when: Date): Promise<void> {
    const lesson = await this.lessons.own(teacher.schoolId, lessonId);
    for (const row of (await this.marks.table(lesson)).rows) {
      for (const cell of row.cells.filter((c) => c.open))
        await this.decisions.change(
          teacher,
          lesson,
          cell.id,
          1,
          'Near enough; we agreed on the word in class afterwards.',
        );
    }
    await this.flow.move(teacher, lessonId, 'released');
    await this.source
      .getRepository(Lesson)
      .update({ id: lessonId }, { releasedAt: when, firstReleasedAt: when });
  }
}

/** The first of a group's steps, so great a share of them. */
const upTo = <T>(share: number, steps: readonly T[]): readonly T[] =>
  steps.slice(0, Math.ceil(steps.length * share));
