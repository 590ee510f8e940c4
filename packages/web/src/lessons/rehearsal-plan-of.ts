import type { Lesson } from '@kivex/contract';
import type { RehearsalPlan } from '@kivex/core';

/** A lesson as it is rehearsed: its groups, jars, places and rota. */
export function rehearsalPlanOf(
  lesson: Pick<Lesson, 'practical' | 'groupList' | 'planning' | 'samples'>,
): Omit<RehearsalPlan, 'runs' | 'seed'> {
  const keyOf = new Map(lesson.samples.map((s) => [s.id, s.key]));
  return {
    practical: lesson.practical,
    groups: lesson.groupList.length,
    places: lesson.planning.places,
    unknowns: lesson.groupList.map((g) => g.unknowns.map((id) => keyOf.get(id)!)),
    ...(lesson.planning.schedule ? { schedule: lesson.planning.schedule } : {}),
  };
}
