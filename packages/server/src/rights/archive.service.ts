/** Everything that is held of one student, in one archive any program can open. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { strToU8, zip, type AsyncZippable } from 'fflate';
import { DataSource } from 'typeorm';
import { notFound } from '../problems/problems.js';
import { MarkFlagRow } from '../records/answer-rules.entities.js';
import { GradebookLineRow } from '../records/gradebook.entities.js';
import { Lesson, LessonSeat } from '../records/lessons.entities.js';
import { MarkChangeRow, MarkQuestionRow, MarkReleaseRow, MarkRow } from '../records/marking.entities.js';
import { ScreenRunRow } from '../records/practising.entities.js';
import { HeldEntryRow, LessonEventRow, PhotoRow } from '../records/observing.entities.js';
import { Student } from '../records/people.entities.js';
import { IncidentRow } from '../records/room.entities.js';

const readMe = `Everything Kivex holds of one student.

student.json            name and class; of the PIN only whether there is one, for it is kept scrambled
lessons/…/about.json    the lesson, the seat, whether absent
lessons/…/entries.jsonl what was logged under this name, a line of JSON each (docs/schemas/log.schema.json)
lessons/…/marks.json    each mark: what was computed and why, and what people decided
lessons/…/given.json    marks as they were given out
lessons/…/gradebook.json  what was sent to the gradebook, and what became of it
lessons/…/questions.json  questions asked about marks, and the answers
lessons/…/on-screen.json runs at the bench on screen that were set for the lesson
lessons/…/held.json     entries that came too late, or at another's device
lessons/…/pictures/     pictures taken under this name
incidents.json          accidents and near misses that name this student
`;

@Injectable()
export class ArchiveService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** @returns bytes of a zip archive. */
  async of(schoolId: string, studentId: string): Promise<{ name: string; bytes: Uint8Array }> {
    const db = this.source.manager;
    const student = await db.findOne(Student, {
      where: { id: studentId, class: { schoolId } },
      relations: { class: true },
    });
    if (!student) throw notFound('student');
    const seats = await db.find(LessonSeat, { where: { studentId }, relations: { group: true } });
    const files: AsyncZippable = {
      'read-me.txt': strToU8(readMe),
      'student.json': json({
        name: student.name,
        class: student.class.name,
        hasPin: student.pinHash !== null,
        leftAt: student.leftAt,
      }),
      'incidents.json': json(
        (await db.find(IncidentRow, { where: { studentId } })).map(({ kind, nearMiss, what, done, at }) => ({
          kind,
          nearMiss,
          what,
          done,
          at,
        })),
      ),
    };
    for (const seat of seats) await this.addLesson(files, seat);
    return { name: student.name, bytes: await zipped(files) };
  }

  private async addLesson(
    files: AsyncZippable,
    { lessonId, studentId, group, absent }: LessonSeat,
  ): Promise<void> {
    const db = this.source.manager;
    const whose = { lessonId, studentId };
    const lesson = await db.findOneOrFail(Lesson, {
      where: { id: lessonId },
      relations: { practicalVersion: true },
    });
    const [events, marks, decisions, given, questions, held, photos, onScreen, flags, sent] =
      await Promise.all([
        db.find(LessonEventRow, { where: whose, order: { seq: 'ASC' } }),
        db.findBy(MarkRow, whose),
        db.find(MarkChangeRow, { where: { mark: whose }, relations: { staff: true }, order: { at: 'ASC' } }),
        db.find(MarkReleaseRow, { where: whose, order: { at: 'ASC' } }),
        db.find(MarkQuestionRow, { where: whose, order: { at: 'ASC' } }),
        db.find(HeldEntryRow, { where: whose }),
        db.findBy(PhotoRow, whose),
        db.find(ScreenRunRow, { where: { studentId, work: { lessonId } }, order: { at: 'ASC' } }),
        db.find(MarkFlagRow, { where: { mark: whose } }),
        db.find(GradebookLineRow, {
          where: { studentId, sending: { lessonId } },
          relations: { sending: true },
        }),
      ]);
    const { title } = lesson.practicalVersion.document;
    const day = lesson.startsAt.toISOString().slice(0, 10);
    const folder = `lessons/${day} ${title.replace(/[^\p{L}\p{N} .,-]/gu, '')} ${lessonId.slice(-4)}`;
    const put = (name: string, value: unknown) => {
      files[`${folder}/${name}`] = json(value);
    };
    put('about.json', { title, startsAt: lesson.startsAt, group: group.name, absent });
    files[`${folder}/entries.jsonl`] = strToU8(
      events
        .map(({ id, groupId, at, body }) => JSON.stringify({ id, group: groupId, by: studentId, at, body }))
        .join('\n'),
    );
    put(
      'marks.json',
      marks.map((m) => ({
        strand: m.strand,
        sample: m.sampleId,
        test: m.test,
        attribute: m.attribute,
        answer: m.answer,
        computed: { points: m.points, of: m.max, verdict: m.verdict, why: m.why },
        decisions: decisions
          .filter((d) => d.markId === m.id)
          .map(({ points, answer, reason, staff, at }) => ({ points, answer, reason, by: staff.name, at })),
        flag: flags.find((flag) => flag.markId === m.id)?.note ?? null,
      })),
    );
    put(
      'given.json',
      given.map(({ at, withdrawnAt, marks: frozen }) => ({ at, withdrawnAt, marks: frozen })),
    );
    put(
      'gradebook.json',
      sent.map(({ sending, score, comment, state, reason }) => ({
        at: sending.at,
        score,
        comment,
        state,
        reason,
      })),
    );
    put(
      'questions.json',
      questions.map(({ text, at, answer, answeredAt }) => ({ text, at, answer, answeredAt })),
    );
    put(
      'on-screen.json',
      onScreen.map(({ at, points, max, passed, waived, slips, run }) => ({
        at,
        points,
        max,
        passed,
        waived,
        slips,
        run,
      })),
    );
    put(
      'held.json',
      held.map(({ reason, at, type, body, taken }) => ({ reason, at, type, body, taken })),
    );
    for (const { id, jpeg } of photos)
      files[`${folder}/pictures/${id}.jpg`] = [new Uint8Array(jpeg), { level: 0 }];
  }
}

const json = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

const zipped = (files: AsyncZippable): Promise<Uint8Array> =>
  new Promise((resolve, reject) => {
    zip(files, (problem, bytes) => (problem ? reject(problem) : resolve(bytes)));
  });
