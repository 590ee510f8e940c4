/** Who gets which unknown: exact, in an order that tells nothing, and nobody meets a sample again. */
import { allocate, shuffled, type AllocationResult } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { randomInt } from 'node:crypto';
import { In, Repository } from 'typeorm';
import { badInput } from '../problems/problems.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from '../records/lessons.entities.js';

/** Uniform in [0, 1), not to be guessed: it decides jar codes and who gets which. */
export const secureRandom = (): number => randomInt(0, 2 ** 32) / 2 ** 32;

interface DealtGroup {
  readonly id: string;
  readonly name: string;
  readonly bench: readonly [number, number];
}
interface DealtSample {
  readonly id: string;
  readonly ions: readonly string[];
  readonly difficulty: number;
}
export interface Dealing {
  readonly groups: readonly DealtGroup[];
  readonly samples: readonly DealtSample[];
  readonly perGroup: number;
  /** By group id: samples set by hand. */
  readonly pinned?: Readonly<Record<string, readonly string[]>>;
}
/** By group id: samples somebody of the group has had before. */
export type Met = ReadonlyMap<string, readonly string[]>;

/**
 * Deals. What somebody has met is kept from their group; where that leaves no way, meeting again is allowed.
 * @returns sample ids by group id. @throws 422 with why there is no way.
 */
export function dealUnknowns(dealing: Dealing, met: Met): Map<string, readonly string[]> {
  // Groups by name, so that a sentence about them can be read; shuffled, so that no order can be learned from.
  const nameOf = new Map(dealing.groups.map((g) => [g.id, g.name]));
  const byName = (lists: Iterable<readonly [string, readonly string[]]>) =>
    Object.fromEntries([...lists].flatMap(([id, list]) => (nameOf.has(id) ? [[nameOf.get(id)!, list]] : [])));
  const problem = {
    groups: shuffled(
      dealing.groups.map(({ name, bench }) => ({ id: name, bench })),
      secureRandom,
    ),
    samples: shuffled(
      dealing.samples.map(({ id, difficulty }) => ({ id, difficulty })),
      secureRandom,
    ),
    perGroup: dealing.perGroup,
    pinned: byName(Object.entries(dealing.pinned ?? {})),
  };
  let result: AllocationResult;
  try {
    result = allocate({ ...problem, history: byName(met) });
    if (!result.feasible && met.size) result = allocate(problem);
  } catch (error) {
    throw badInput(`${(error as Error).message}.`, 'groups');
  }
  if (!result.feasible) throw badInput(result.why.join(' '), 'groups');
  return new Map(dealing.groups.map((g) => [g.id, result.assign[g.name]!]));
}

@Injectable()
export class DealingService {
  constructor(
    @InjectRepository(LessonGroup) private readonly groups: Repository<LessonGroup>,
    @InjectRepository(LessonSeat) private readonly seats: Repository<LessonSeat>,
    @InjectRepository(LessonSample) private readonly samples: Repository<LessonSample>,
    @InjectRepository(GroupUnknown) private readonly unknowns: Repository<GroupUnknown>,
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
  ) {}

  /** What the students of each group have had in earlier lessons of their class, as the new lesson's samples. */
  async metBefore(
    classId: string,
    samples: readonly DealtSample[],
    groups: readonly { readonly id: string; readonly students: readonly string[] }[],
    butNot?: string,
  ): Promise<Met> {
    const students = groups.flatMap((g) => g.students);
    if (!students.length) return new Map();
    const rows = await this.unknowns.manager
      .createQueryBuilder()
      .select('seat.studentId', 'student')
      .addSelect('sample.ions', 'ions')
      .from(LessonSeat, 'seat')
      .innerJoin(Lesson, 'lesson', 'lesson.id = seat.lessonId AND lesson.classId = :classId', { classId })
      .innerJoin(GroupUnknown, 'dealt', 'dealt.groupId = seat.groupId')
      .innerJoin(LessonSample, 'sample', 'sample.id = dealt.sampleId')
      .where('seat.studentId IN (:...students)', { students })
      .andWhere("lesson.state <> 'planned'")
      .andWhere('lesson.id <> :butNot', { butNot: butNot ?? '' })
      .limit(20_000)
      .getRawMany<{ student: string; ions: string }>();
    const had = new Map<string, Set<string>>();
    for (const { student, ions } of rows) {
      const key = (JSON.parse(ions) as string[]).join();
      had.set(student, (had.get(student) ?? new Set()).add(key));
    }
    return new Map(
      groups.map((g) => [
        g.id,
        samples.filter((s) => g.students.some((id) => had.get(id)?.has(s.ions.join()))).map((s) => s.id),
      ]),
    );
  }

  private async laidOut(lesson: Lesson) {
    const [groupRows, seats, samples] = await Promise.all([
      this.groups.findBy({ lessonId: lesson.id }),
      this.seats.findBy({ lessonId: lesson.id }),
      this.samples.findBy({ lessonId: lesson.id, role: 'unknown' }),
    ]);
    const groups = groupRows.map((g) => ({
      id: g.id,
      name: g.name,
      bench: [g.benchRow, g.benchColumn] as const,
      students: seats.filter((s) => s.groupId === g.id).map((s) => s.studentId),
    }));
    return { groups, samples };
  }

  /** What each group of a lesson has met before. */
  async metIn(lesson: Lesson): Promise<Met> {
    const { groups, samples } = await this.laidOut(lesson);
    return this.metBefore(lesson.classId, samples, groups, lesson.id);
  }

  /** Deals the unknowns of a lesson anew and keeps the result. */
  async dealAnew(lesson: Lesson, pinned: Readonly<Record<string, readonly string[]>>): Promise<void> {
    const [{ groups, samples }, version] = await Promise.all([
      this.laidOut(lesson),
      this.versions.findOneByOrFail({ id: lesson.practicalVersionId }),
    ]);
    const known = new Set(samples.map((s) => s.id));
    for (const list of Object.values(pinned))
      if (!Array.isArray(list) || list.some((id) => !known.has(id)))
        throw badInput('A pin names a jar that is not in this lesson. Load the page again.', 'pinned');
    const met = await this.metBefore(lesson.classId, samples, groups, lesson.id);
    const assign = dealUnknowns(
      { groups, samples, perGroup: version.document.unknownsPerGroup, pinned },
      met,
    );
    await this.unknowns.manager.transaction(async (db) => {
      await db.delete(GroupUnknown, { groupId: In(groups.map((g) => g.id)) });
      await db.insert(
        GroupUnknown,
        groups.flatMap((g) => assign.get(g.id)!.map((sampleId) => ({ groupId: g.id, sampleId }))),
      );
    });
  }
}
