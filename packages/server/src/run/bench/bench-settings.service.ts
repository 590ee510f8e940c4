/**
 * What is fixed about a bench once its lesson is made: its samples and its tests. It never changes, so a
 * process may remember it; what can change (seat, session, the lesson's state) is never remembered.
 */
import {
  attributeOf,
  howQuestions,
  isSpeciesId,
  isTestId,
  samplesOfGroup,
  sourcesOf,
  testOf,
  type ObservationBody,
  type Practical,
  type StudentBody,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { GroupUnknown, Lesson, type LessonSample } from '../../records/lessons.entities.js';

export interface BenchSetting {
  readonly samples: ReadonlySet<string>;
  readonly tests: Practical['tests'];
}

/** Benches remembered at most; the oldest goes first. */
const mostRemembered = 500;

@Injectable()
export class BenchSettingsService {
  private readonly remembered = new Map<string, BenchSetting>();

  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(GroupUnknown) private readonly unknowns: Repository<GroupUnknown>,
    private readonly views: LessonViewsService,
  ) {}

  /** @param groupId a group of that lesson. */
  async of(groupId: string, lessonId: string): Promise<BenchSetting> {
    const known = this.remembered.get(groupId);
    if (known) return known;
    const document = await this.documentOf(lessonId);
    const samples = await this.samplesOf({ groupId, lessonId }, document);
    const setting = { samples: new Set(samples.map((s) => s.id)), tests: document.tests };
    const oldest = this.remembered.size >= mostRemembered ? this.remembered.keys().next().value : undefined;
    if (oldest !== undefined) this.remembered.delete(oldest);
    this.remembered.set(groupId, setting);
    return setting;
  }

  private async documentOf(lessonId: string): Promise<Practical> {
    const lesson = await this.lessons.findOneOrFail({
      where: { id: lessonId },
      relations: { practicalVersion: true },
    });
    return lesson.practicalVersion.document;
  }

  /**
   * The samples on a group's bench: all knowns, its own unknowns in an order that tells nothing, each followed by the
   * liquid kept of it.
   */
  async samplesOf(
    student: Pick<StudentCaller, 'groupId' | 'lessonId'>,
    practical?: Practical,
  ): Promise<LessonSample[]> {
    const [all, given, document] = await Promise.all([
      this.views.samplesOf(student.lessonId),
      this.unknowns.findBy({ groupId: student.groupId }),
      practical ?? this.documentOf(student.lessonId),
    ]);
    const sources = sourcesOf(all, document);
    const own = samplesOfGroup(
      all,
      given.map((g) => g.sampleId),
      sources,
    );
    return [
      ...own.filter((s) => s.role === 'known'),
      ...own.filter((s) => s.role === 'unknown').sort((a, b) => a.label.localeCompare(b.label)),
    ].flatMap((sample) => [sample, ...own.filter((s) => sources.get(s.id) === sample.id)]);
  }
}

/** The entries that an entry refers to. */
export const refersTo = (body: StudentBody): readonly string[] =>
  body.type === 'naming'
    ? body.evidence
    : body.type === 'trust'
      ? [body.entry]
      : body.type === 'observation' && body.corrects
        ? [body.corrects]
        : body.type === 'timer-longer' || body.type === 'timer-over'
          ? [body.timer]
          : [];

const notHere = 'This jar is not on your bench.';
const notPlanned = 'This test is not part of the lesson.';

/** What is wrong with how an observation says it was come by. */
function wrongInDoing(
  { test, did, inferredFrom, sample }: ObservationBody,
  samples: ReadonlySet<string>,
): string | undefined {
  if (inferredFrom !== undefined && (!samples.has(inferredFrom) || inferredFrom === sample))
    return 'Say which other sample on your bench this is taken from.';
  const questions = howQuestions(test);
  for (const [question, answer] of Object.entries(did ?? {}))
    if (!questions.find((q) => q.id === question)?.answers.some((a) => a.id === answer))
      return 'Kivex does not know this answer to how it was done. Load the page again.';
  return undefined;
}

/** What is wrong with an entry for this bench, in a sentence; undefined when nothing is. */
export function wrongIn(
  body: StudentBody,
  { samples, tests }: BenchSetting,
  known: ReadonlySet<string>,
): string | undefined {
  switch (body.type) {
    case 'observation': {
      if (!samples.has(body.sample)) return notHere;
      const planned = tests.find((t) => t.test === body.test);
      if (!planned || !isTestId(body.test)) return notPlanned;
      const definition = testOf(body.test);
      if (!definition.variants.some((v) => v.id === body.variant))
        return 'Kivex does not know this way of doing the test.';
      for (const [attribute, value] of Object.entries(body.seen)) {
        const looked = planned.attributes.includes(attribute)
          ? attributeOf(definition, attribute)
          : undefined;
        const number = looked?.number && /^-?\d{1,4}(\.\d{1,2})?$/.test(value);
        if (!number && !looked?.values.some((v) => v.id === value))
          return 'This is not one of the results the test can give.';
      }
      if (!Object.keys(body.seen).length && !body.words?.trim() && !body.notDone)
        return 'Tap what you saw, or write it.';
      if (body.read && !body.words?.trim()) return 'Write what you saw; Kivex reads it from your words.';
      if (body.corrects !== undefined && !known.has(body.corrects))
        return 'The entry this corrects is not in your record.';
      return wrongInDoing(body, samples);
    }
    case 'equation':
      if (!samples.has(body.sample)) return notHere;
      return tests.some((t) => t.test === body.test && t.equation)
        ? undefined
        : 'No equation is asked for in this test.';
    case 'timer-longer':
    case 'timer-over':
      return known.has(body.timer) ? undefined : 'This timer is not in your record.';
    case 'naming':
      if (!samples.has(body.sample)) return notHere;
      if (body.evidence.some((id) => !known.has(id))) return 'Some of the evidence is not in your record.';
      if (body.rulesOut?.some((id) => !isSpeciesId(id)))
        return 'Kivex does not know what is ruled out. Choose it from the list.';
      return undefined;
    case 'step':
      return tests.some((t) => t.test === body.test) ? undefined : notPlanned;
    case 'trust':
      return known.has(body.entry) ? undefined : 'The entry you trust is not in your record.';
    case 'call':
      return body.test === undefined || tests.some((t) => t.test === body.test) ? undefined : notPlanned;
    case 'timer':
    case 'hand-in':
      return undefined;
  }
}
