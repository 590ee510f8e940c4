/** What a student is told of their marks: each item in plain words, and the one thing that would bring most. */
import type { Feedback, FrozenMarks } from '@kivex/contract';
import { holdsOf, itemAnalysis, syllabusFor, teachAgain, type Syllabus, type ToTeach } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import type { Lesson, LessonSample } from '../records/lessons.entities.js';
import { MarksService } from './marks.service.js';
import { QuestionsService } from './questions.service.js';

@Injectable()
export class FeedbackService {
  constructor(
    private readonly marks: MarksService,
    private readonly questions: QuestionsService,
    private readonly views: LessonViewsService,
  ) {}

  /** A student's own, as it was given out; nothing before it is. @param lesson with its practical. */
  async of(lesson: Lesson, me: Feedback['me']): Promise<Feedback> {
    const { document } = lesson.practicalVersion;
    const { title } = document;
    const given = await this.marks.givenTo(lesson.id, me.id);
    const nothing = {
      late: false,
      onScreen: false,
      points: 0,
      max: 0,
      agreed: null,
      items: [],
      next: null,
      syllabus: null,
      questions: [],
      truths: [],
    };
    if (!given) return { me, title, released: false, ...nothing };
    const [samples, questions, agreed] = await Promise.all([
      this.views.samplesOf(lesson.id),
      this.questions.ofStudent(lesson.id, me.id),
      this.marks.agreedFor(lesson.id, me.id),
    ]);
    const { points, max, late, onScreen, items } = given.marks;
    const place = new Map(samples.map((s, i) => [s.id, i]));
    const own = new Set(items.map((i) => i.sample));
    return {
      me,
      title,
      released: true,
      late,
      onScreen: onScreen ?? false,
      points,
      max,
      agreed,
      items: items
        .map(({ weight, points: earned, max: of, key, strand, sample, test, attribute, answer, why }) => ({
          key,
          strand,
          sample,
          test,
          attribute,
          answer,
          points: earned * weight,
          max: of * weight,
          why,
        }))
        .sort(
          (a, b) =>
            (place.get(a.sample) ?? 0) - (place.get(b.sample) ?? 0) || b.strand.localeCompare(a.strand),
        ),
      next: nextStep(items, samples, syllabusFor(document)),
      syllabus: document.ownSyllabus ? null : document.syllabus,
      questions,
      truths: samples
        .filter((s) => own.has(s.id))
        .map((s) => ({ sample: s.id, label: s.label, holds: holdsOf(s) })),
    };
  }
}

type Item = Pick<
  FrozenMarks['items'][number],
  'strand' | 'test' | 'attribute' | 'sample' | 'answer' | 'points' | 'max' | 'weight'
>;

/** The one thing that would bring a student most; null where nothing was lost that counts. */
export function nextStep(
  items: readonly Item[],
  samples: readonly Pick<LessonSample, 'id' | 'ions' | 'role'>[],
  syllabus: Syllabus,
): ToTeach | null {
  const truth = new Map(samples.map((s) => [s.id, s]));
  const marks = items.map((item) => ({
    ...item,
    student: 'own',
    truth: item.strand === 'technique' ? [] : [...(truth.get(item.sample)?.ions ?? [])].sort(),
    role: truth.get(item.sample)?.role ?? ('known' as const),
  }));
  return teachAgain(itemAnalysis(marks), syllabus, 1)[0] ?? null;
}
