/** The preparation of a lesson: what it needs, what was ticked, taken and substituted, and its papers. */
import type { Lesson as LessonView, Preparation } from '@kivex/contract';
import {
  apparatusFor,
  picturesOf,
  dueAt,
  effectOf,
  labelsFor,
  layPlate,
  lessonNeeds,
  makingOf,
  plateKindOf,
  plateRows,
  portionsIn,
  prepTasks,
  riskOf,
  substitutes,
  shortTestName,
  testOf,
  usualPrep,
  wasteOf,
  type Label,
  type LessonNeeds,
  type LessonSize,
  type PrepSettings,
  type PrepTask,
  type ReagentId,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { createEvents, type EventAttributes } from 'ics';
import { Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { when } from '../printing/when.js';
import { badInput, notFound } from '../problems/problems.js';
import { StoreService, today } from '../store/store.service.js';
import { PrepSubstitutionRow, PrepTickRow } from '../records/preparation.entities.js';
import { Clock } from '../clock/clock.js';

@Injectable()
export class PreparationService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(PrepTickRow) private readonly ticks: Repository<PrepTickRow>,
    @InjectRepository(PrepSubstitutionRow) private readonly substitutions: Repository<PrepSubstitutionRow>,
    private readonly views: LessonViewsService,
    private readonly store: StoreService,
    private readonly heavy: HeavyService,
  ) {}

  async show(staff: StaffCaller, lessonId: string): Promise<Preparation> {
    await this.views.show(staff.schoolId, lessonId);
    const [ticks, substitutions, takings] = await Promise.all([
      this.ticks.find({ where: { lessonId }, relations: { staff: true }, order: { at: 'ASC', id: 'ASC' } }),
      this.substitutions.find({ where: { lessonId }, relations: { staff: true }, order: { at: 'DESC' } }),
      this.store.takenFor(lessonId),
    ]);
    const last = new Map(ticks.map((t) => [t.taskKey, t]));
    return {
      ticks: [...last.values()].map((t) => ({
        key: t.taskKey,
        done: t.done,
        by: t.staff.name,
        at: t.at.toISOString(),
      })),
      substitutions: substitutions.map((s) => ({
        id: s.id,
        substitute: s.substitute,
        summary: s.summary,
        by: s.staff.name,
        at: s.at.toISOString(),
      })),
      takings: takings.map((m) => ({
        item: m.batch,
        name: m.item,
        amount: -m.amount,
        unit: m.unit,
        by: m.by,
        at: m.at,
      })),
    };
  }

  async tick(staff: StaffCaller, lessonId: string, key: string, done: boolean): Promise<void> {
    const { tasks } = await this.work(staff, lessonId);
    if (!tasks.some((t) => t.key === key))
      throw badInput('This task is not among those of the lesson any more. Load the page again.', 'key');
    await this.ticks.insert({
      id: uuidv7(),
      lessonId,
      staffId: staff.id,
      at: this.clock.now(),
      taskKey: key,
      done,
    });
  }

  /** Logs a substitution with what Kivex says it changes. */
  async substitute(staff: StaffCaller, lessonId: string, id: string): Promise<void> {
    const lesson = await this.views.show(staff.schoolId, lessonId);
    const substitute = substitutes.find((s) => s.id === id);
    if (!substitute) throw notFound('substitute');
    await this.substitutions.insert({
      id: uuidv7(),
      lessonId,
      staffId: staff.id,
      at: this.clock.now(),
      substitute: id,
      summary: effectOf(lesson.practical, substitute).summary.slice(0, 1000),
    });
  }

  async take(
    staff: StaffCaller,
    lessonId: string,
    item: string,
    amount: number,
    reason: string,
  ): Promise<void> {
    await this.views.show(staff.schoolId, lessonId);
    await this.store.takeForLesson(staff, lessonId, item, amount, reason);
  }

  /** Everything that is computed for a lesson's preparation. */
  private async work(
    staff: StaffCaller,
    lessonId: string,
  ): Promise<{
    lesson: LessonView;
    size: LessonSize;
    settings: PrepSettings;
    needs: LessonNeeds;
    tasks: readonly PrepTask[];
  }> {
    const [lesson, store] = await Promise.all([
      this.views.show(staff.schoolId, lessonId),
      this.store.list(staff.schoolId),
    ]);
    const { planning } = lesson;
    const size: LessonSize = {
      groups: Math.max(1, lesson.groupList.length),
      students: lesson.students,
      portions: portionsIn(lesson.samples, lesson.groupList),
      places: planning.places,
    };
    const settings = { ...usualPrep, surplus: planning.surplus, drop_mL: planning.drop_mL };
    const needs = lessonNeeds(lesson.practical, size, settings, store, today(this.clock.now()));
    return { lesson, size, settings, needs, tasks: prepTasks(lesson.practical, needs) };
  }

  async calendar(staff: StaffCaller, lessonId: string): Promise<string> {
    const { lesson, tasks } = await this.work(staff, lessonId);
    const moment = (iso: string) => {
      const d = new Date(iso);
      return [
        d.getUTCFullYear(),
        d.getUTCMonth() + 1,
        d.getUTCDate(),
        d.getUTCHours(),
        d.getUTCMinutes(),
      ] as [number, number, number, number, number];
    };
    const event = (
      uid: string,
      iso: string,
      minutes: number,
      title: string,
      description: string,
    ): EventAttributes => ({
      uid: `${uid}@kivex`,
      start: moment(iso),
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { hours: Math.floor(minutes / 60), minutes: minutes % 60 },
      title,
      description,
      location: lesson.room,
      productId: 'kivex/prepare',
    });
    const { error, value } = createEvents([
      event(
        lesson.id,
        lesson.startsAt,
        lesson.practical.minutes,
        `${lesson.className}: ${lesson.title}`,
        lesson.room,
      ),
      ...tasks.map((task, i) =>
        event(
          `${lesson.id}-${i}`,
          dueAt(lesson.startsAt, task.hoursBefore),
          15,
          `Prepare: ${task.text.split(':')[0]!.slice(0, 70)}`,
          `${task.text}\nFor ${lesson.className}, ${lesson.title}.`,
        ),
      ),
    ]);
    if (error || !value) throw new Error(`the calendar could not be written: ${String(error)}`);
    return value;
  }

  /** @param gone fires when the asker has left. */
  async sheet(staff: StaffCaller, lessonId: string, gone: AbortSignal): Promise<Uint8Array> {
    const { lesson, size, settings, needs, tasks } = await this.work(staff, lessonId);
    const { ticks } = await this.show(staff, lessonId);
    const kind = plateKindOf(lesson.planning.plate);
    return this.heavy.paper(
      'prepSheet',
      {
        title: `Prepare: ${lesson.title}`,
        under: `${lesson.className}, ${when(lesson.startsAt)}, ${lesson.room}. ${size.groups} groups, ${size.students} students. ${Math.round(settings.surplus * 100)} % more for spills and repeats.`,
        startsAt: lesson.startsAt,
        needs,
        tasks,
        done: ticks.filter((t) => t.done).map((t) => t.key),
        apparatus: apparatusFor(lesson.practical, size),
        pictures: picturesOf(lesson.practical.tests).map(({ id, tests }) => ({
          id,
          tests: tests.map((t) => testOf(t).name),
        })),
        waste: wasteOf(lesson.practical, size, settings),
        names: Object.fromEntries(lesson.samples.map((s) => [s.key, s.label])),
        plate: {
          kind,
          wells: layPlate(kind, plateRows(lesson.practical), lesson.planning.skip),
          tests: Object.fromEntries(lesson.practical.tests.map((t) => [t.test, shortTestName(t.test)])),
        },
      },
      staff.schoolId,
      gone,
    );
  }

  async labels(staff: StaffCaller, lessonId: string): Promise<Label[]> {
    const { lesson, needs } = await this.work(staff, lessonId);
    return labelsFor(needs, {
      lesson: `${lesson.className}, ${when(lesson.startsAt)}`,
      lessonId,
      made: today(this.clock.now()),
      batch: `P${today(this.clock.now()).slice(2).replaceAll('-', '')}`,
      names: Object.fromEntries(lesson.samples.map((s) => [s.key, { label: s.label, id: s.id }])),
      keepsWeeks: (reagent) => makingOf(reagent as ReagentId).keepsWeeks,
    });
  }

  /** @param only keys of the labels wanted; all where empty. */
  async labelPdf(
    staff: StaffCaller,
    lessonId: string,
    origin: string,
    only: readonly string[],
    skip: number,
    gone: AbortSignal,
  ): Promise<Uint8Array> {
    const labels = await this.labels(staff, lessonId);
    const chosen = only.length ? labels.filter((l) => only.includes(l.key)) : labels;
    if (!chosen.length) throw badInput('Choose at least one label.', 'only');
    return this.heavy.paper('labels', { labels: chosen, origin, skip }, staff.schoolId, gone);
  }

  async riskPdf(staff: StaffCaller, lessonId: string, gone: AbortSignal): Promise<Uint8Array> {
    const { lesson, size, settings } = await this.work(staff, lessonId);
    return this.heavy.paper(
      'riskSheet',
      {
        risk: riskOf(lesson.practical),
        waste: wasteOf(lesson.practical, size, settings),
        head: {
          title: `Risk sheet: ${lesson.title}`,
          under: `${lesson.className}, ${when(lesson.startsAt)}, ${lesson.room}`,
        },
      },
      staff.schoolId,
      gone,
    );
  }
}
