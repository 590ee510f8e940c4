import { expect, test } from '@jest/globals';
import { lessonOf, salt } from '../testing/lesson-fixture.js';
import { rehearsalPlanOf } from './rehearsal-plan-of.js';

test('a lesson is rehearsed with its own groups, jars, places and rota', () => {
  const lesson = lessonOf(salt);
  const plan = rehearsalPlanOf(lesson);
  expect(plan).toMatchObject({
    practical: lesson.practical,
    groups: lesson.groupList.length,
    places: lesson.planning.places,
  });
  const keys = new Set(lesson.practical.samples.map((s) => s.key));
  expect(plan.unknowns!.map((own) => own.length)).toEqual(lesson.groupList.map((g) => g.unknowns.length));
  for (const key of plan.unknowns!.flat()) expect(keys).toContain(key);
  const schedule = [{ group: 1, test: 'flame', start: 5, end: 20 }] as never;
  const kept = rehearsalPlanOf({ ...lesson, planning: { ...lesson.planning, schedule } });
  expect(kept.schedule).toBe(schedule);
  expect('schedule' in rehearsalPlanOf({ ...lesson, planning: { ...lesson.planning, schedule: null } })).toBe(
    false,
  );
});
