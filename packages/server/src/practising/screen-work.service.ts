/** Work on screen set for a lesson: who has passed, who is let off, what slipped. Runs are played again here and marked here. */
import type {
  NewScreenWork,
  OwnScreenWork,
  ScreenRun,
  ScreenRunMarked,
  ScreenWorkResult,
  ScreenWorkTable,
  StudentRun,
} from '@kivex/contract';
import {
  allSyllabuses,
  asksOf,
  bestRun,
  groupedBy,
  markRun,
  readActions,
  screenRate,
  syllabusFor,
  unknownExercise,
  type ScreenRate,
  type Syllabus,
  type UnknownExercise,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller, StudentCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { badInput, conflict, notFound, tooMany } from '../problems/problems.js';
import { Lesson, LessonSeat } from '../records/lessons.entities.js';
import { ScreenRunRow, ScreenWorkRow } from '../records/practising.entities.js';
import { checkEvent } from '../run/log/event-bodies.dto.js';

/** Runs of one student taken; practising without end is what the open page is for. */
const mostRuns = 40;

@Injectable()
export class ScreenWorkService {
  constructor(
    private readonly clock: Clock,
    private readonly audit: AuditService,
    private readonly views: LessonViewsService,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    @InjectRepository(ScreenWorkRow) private readonly works: Repository<ScreenWorkRow>,
    @InjectRepository(ScreenRunRow) private readonly runs: Repository<ScreenRunRow>,
  ) {}

  async table(lessonId: string): Promise<ScreenWorkTable> {
    const [work, seats] = await Promise.all([
      this.works.findOneBy({ lessonId }),
      this.seats.find({ where: { lessonId }, relations: { student: true } }),
    ]);
    const runs = work ? await this.runs.findBy({ workId: work.id }) : [];
    const results = seats
      .map(({ student }) =>
        resultOf(
          student,
          runs.filter((r) => r.studentId === student.id),
          work?.due,
        ),
      )
      .sort((a, b) => a.student.name.localeCompare(b.student.name));
    return {
      work: work && { ...planOf(work), syllabus: (await this.syllabus(lessonId)).id },
      results,
      slips: ratesOf(runs),
      rate: firstRate(runs),
      agreed: work?.agreed ?? null,
    };
  }

  /** The best run of everybody who made one, by name. */
  async runsOf(lessonId: string): Promise<StudentRun[]> {
    const rows = await this.runs.find({
      where: { work: { lessonId }, waived: false },
      relations: { student: true },
      order: { at: 'ASC', id: 'ASC' },
    });
    return [...groupedBy(rows, (r) => r.studentId).values()]
      .flatMap((own): StudentRun[] => {
        const best = bestRun(own);
        if (!best?.run) return [];
        const { id, name } = best.student;
        return [{ student: { id, name }, passed: best.passed, actions: best.run.actions }];
      })
      .sort((a, b) => a.student.name.localeCompare(b.student.name));
  }

  /** Sets the work, or other work in its place; runs of the work before go. @throws 422 */
  async set(lessonId: string, { kind, asks, seed, due }: NewScreenWork): Promise<ScreenWorkTable> {
    if (!asksOf(await this.syllabus(lessonId)).includes(asks))
      throw badInput('The syllabus of this lesson has nothing of that kind to name. Choose another.', 'asks');
    if (kind === 'homework' && !due) throw badInput('Say by which day.', 'due');
    await this.works.delete({ lessonId });
    await this.works.insert({
      id: uuidv7(),
      lessonId,
      kind,
      asks,
      seed,
      due: kind === 'homework' ? due! : null,
      agreed: null,
    });
    return this.table(lessonId);
  }

  async remove(lessonId: string): Promise<void> {
    await this.works.delete({ lessonId });
  }

  /** Lets a student off, or takes that back. @throws 404, 409 */
  async waive(lessonId: string, studentId: string): Promise<ScreenWorkTable> {
    const work = await this.works.findOneBy({ lessonId });
    if (!work) throw conflict('No work on screen is set for this lesson.');
    if (!(await this.seats.existsBy({ lessonId, studentId }))) throw notFound('student in this lesson');
    const { affected } = await this.runs.delete({ workId: work.id, studentId, waived: true });
    if (!affected)
      await this.runs.insert({
        id: uuidv7(),
        workId: work.id,
        studentId,
        run: null,
        points: 0,
        max: 0,
        passed: false,
        waived: true,
        slips: [],
        at: this.clock.now(),
      });
    return this.table(lessonId);
  }

  /** Takes what the first runs show of slips, as they are now, into the school's rate; or out of it. @throws 409 */
  async agree(staff: StaffCaller, lessonId: string, wanted: boolean): Promise<ScreenWorkTable> {
    const work = await this.works.findOneBy({ lessonId });
    const rate = work && firstRate(await this.runs.findBy({ workId: work.id }));
    if (!work || (wanted && !rate)) throw conflict('There are no runs yet to tell a rate from.');
    const agreed = wanted && rate ? { factor: rate.factor, runs: rate.runs } : null;
    await this.works.update({ id: work.id }, { agreed });
    const said = agreed ? `${agreed.factor.toFixed(2)} times the usual` : 'taken back';
    await this.audit.add(staff, 'slips-agreed', {
      subject: lessonId,
      about: `${await this.views.nameOf(lessonId)}, on screen: ${said}`,
    });
    return this.table(lessonId);
  }

  /** What a student has to do, and how it stands. */
  async ofStudent({ id, lessonId }: Pick<StudentCaller, 'id' | 'lessonId'>): Promise<OwnScreenWork> {
    const work = await this.works.findOneBy({ lessonId });
    if (!work) return { work: null, ownSyllabus: null, state: 'none', first: false };
    const { state } = resultOf({ id, name: '' }, await this.runs.findBy({ workId: work.id, studentId: id }));
    const syllabus = await this.syllabus(lessonId);
    return {
      work: { ...planOf(work), syllabus: syllabus.id },
      ownSyllabus: allSyllabuses.some((s) => s.id === syllabus.id) ? null : syllabus,
      state,
      first: work.kind === 'pre-lab' && state !== 'passed' && state !== 'waived',
    };
  }

  /** Takes a run: plays it again, marks it, keeps it. @throws 409, 422, 429 */
  async take({ id: studentId, lessonId }: StudentCaller, run: ScreenRun): Promise<ScreenRunMarked> {
    const work = await this.works.findOneBy({ lessonId });
    if (!work) throw conflict('No work on screen is set for this lesson any more.');
    if ((await this.runs.countBy({ workId: work.id, studentId })) >= mostRuns)
      throw tooMany(`${mostRuns} runs are kept. Talk to your teacher.`, 3600);
    const exercise = await this.exercise(work);
    const entries = run.entries.map((raw, i) => {
      const checked = checkEvent(raw);
      if ('detail' in checked) throw badInput(`Entry ${i + 1}: ${checked.detail}`, 'entries');
      return checked;
    });
    let marked;
    try {
      marked = markRun(exercise, readActions(run.actions), entries);
    } catch (error) {
      throw badInput(`This run cannot be played again: ${(error as Error).message}. Start anew.`, 'actions');
    }
    const { points, max, passed, slips } = marked;
    await this.runs.insert({
      id: uuidv7(),
      workId: work.id,
      studentId,
      run,
      points,
      max,
      passed,
      waived: false,
      slips,
      at: this.clock.now(),
    });
    return { passed, points, max };
  }

  private async syllabus(lessonId: string): Promise<Syllabus> {
    const lesson = await this.lessons.findOneOrFail({
      where: { id: lessonId },
      relations: { practicalVersion: true },
    });
    return syllabusFor(lesson.practicalVersion.document);
  }
  private async exercise({ lessonId, asks, seed }: ScreenWorkRow): Promise<UnknownExercise> {
    return unknownExercise(await this.syllabus(lessonId), asks, seed);
  }
}

const planOf = ({ kind, asks, seed, due }: ScreenWorkRow): NewScreenWork => ({
  kind,
  asks,
  seed,
  ...(due ? { due } : {}),
});

/** The end of a day anywhere on earth, milliseconds: nobody's evening is cut short by where the server stands. */
const dayAfter = (day: string): number => Date.parse(`${day}T12:00:00.000Z`) + 24 * 3600_000;

/** The best run of a student, and whether it is enough. */
function resultOf(
  { id, name }: { readonly id: string; readonly name: string },
  runs: readonly ScreenRunRow[],
  due: string | null = null,
): ScreenWorkResult {
  const made = runs.filter((r) => !r.waived);
  const best = bestRun(runs);
  return {
    student: { id, name },
    state: best?.passed ? 'passed' : runs.some((r) => r.waived) ? 'waived' : made.length ? 'tried' : 'none',
    points: best?.points ?? 0,
    max: best?.max ?? 0,
    tries: made.length,
    slips: best?.slips ?? [],
    at: best?.at.toISOString() ?? null,
    late: due !== null && best !== undefined && best.at.getTime() >= dayAfter(due),
  };
}

/** What the first run of each student shows of slips. */
function firstRate(runs: readonly ScreenRunRow[]): ScreenRate | null {
  const first = new Map<string, ScreenRunRow>();
  for (const run of runs)
    if (!run.waived && !(first.get(run.studentId) && first.get(run.studentId)!.at <= run.at))
      first.set(run.studentId, run);
  const tests = ({ run }: ScreenRunRow): string[] =>
    (run?.entries ?? []).flatMap(({ body }) => (body.type === 'observation' ? [body.test] : []));
  return screenRate([...first.values()].map((run) => ({ tests: tests(run), slips: run.slips }))) ?? null;
}

/** In how many runs each slip was made, most frequent first. */
function ratesOf(runs: readonly ScreenRunRow[]): ScreenWorkTable['slips'] {
  const made = runs.filter((r) => !r.waived);
  const counts = new Map<string, number>();
  for (const { slips } of made) for (const code of slips) counts.set(code, (counts.get(code) ?? 0) + 1);
  return [...counts].map(([code, n]) => ({ code, runs: n, of: made.length })).sort((a, b) => b.runs - a.runs);
}
