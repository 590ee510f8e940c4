/** Single changes of a plan, each rehearsed like the plan itself, ranked by what they do. */
import { roomStations, rotaProblemOf, stationWords } from '../planning/lesson-rota.js';
import type { PlannedTest, Practical } from '../practicals/practical.js';
import { knownsOf } from '../practicals/practical.js';
import type { Station } from '../identification-tests/test-definition.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import type { RehearsalPlan, RehearsalResult } from './rehearsal-plan.js';
import { rehearse } from './rehearse.js';

export interface Change {
  readonly id: string;
  readonly text: string;
  readonly plan: RehearsalPlan;
}
export interface RankedChange {
  readonly id: string;
  readonly text: string;
  /** Change in the share of unknowns named rightly and of groups through in time, with standard errors over the runs. */
  readonly right: number;
  readonly rightError: number;
  readonly onTime: number;
  readonly onTimeError: number;
  /** Change in the minute by which half the groups are through. */
  readonly minutes: number;
  /** Is either gain more than twice its standard error? */
  readonly sure: boolean;
}

/** A lesson that is shown how first loses so many minutes and halves its slips; an estimate. */
const showingMinutes = 5;
const showingFactor = 0.5;

const withPractical = (plan: RehearsalPlan, practical: Practical): RehearsalPlan => {
  // The rota was made for the old practical: the groups take what is free.
  const { schedule: _, unknowns, ...rest } = plan;
  const keep = practical.unknownsPerGroup === plan.practical.unknownsPerGroup && unknowns;
  return { ...rest, practical, ...(keep ? { unknowns } : {}) };
};
const changeTest = (practical: Practical, id: string, change: Partial<PlannedTest>): Practical => ({
  ...practical,
  tests: practical.tests.map((t) => (t.test === id ? { ...t, ...change } : t)),
});

/** The single changes worth trying on a plan. */
export function changesOf(plan: RehearsalPlan): Change[] {
  const { practical, groups, places } = plan;
  const problem = rotaProblemOf(practical, groups, places);
  const used = new Set(problem.tasks.map((t) => t.station));
  const changes: Change[] = [];
  const { schedule: _, ...unscheduled } = plan;
  for (const station of roomStations.filter((s) => used.has(s) && problem.stations[s]! < groups))
    changes.push({
      id: `place-${station}`,
      text: `One more ${stationWords[station]}`,
      plan: { ...unscheduled, places: { ...places, [station as Station]: problem.stations[station]! + 1 } },
    });
  for (const planned of practical.tests) {
    const test = testOf(planned.test);
    for (const attribute of test.attributes)
      if (
        !planned.attributes.includes(attribute.id) &&
        (attribute.reads === 'glass-colour' || attribute.reads === 'excess')
      )
        changes.push({
          id: `look-${planned.test}-${attribute.id}`,
          text:
            attribute.reads === 'glass-colour'
              ? 'Look through blue glass as well'
              : `Go on to excess in ${test.name}`,
          plan: withPractical(
            plan,
            changeTest(practical, planned.test, {
              attributes: [...planned.attributes, attributeOf(test, attribute.id).id],
              minutes:
                (planned.minutes ?? test.variants.find((v) => v.id === planned.variant)!.attendedMinutes) +
                0.5,
            }),
          ),
        });
    if (practical.tests.length > 1)
      changes.push({
        id: `drop-${planned.test}`,
        text: `Leave out ${test.name}`,
        plan: withPractical(plan, {
          ...practical,
          tests: practical.tests.filter((t) => t !== planned),
          before: practical.before.filter((pair) => !pair.includes(planned.test)),
        }),
      });
  }
  if (practical.unknownsPerGroup > 1)
    changes.push({
      id: 'fewer-unknowns',
      text: 'One unknown fewer for each group',
      plan: withPractical(plan, { ...practical, unknownsPerGroup: practical.unknownsPerGroup - 1 }),
    });
  if (knownsOf(practical).length && practical.tests.some((t) => t.on !== 'unknowns'))
    changes.push({
      id: 'knowns-shown',
      text: 'Show the knowns from the front instead of each group running them',
      plan: withPractical(plan, {
        ...practical,
        tests: practical.tests.map((t) => ({ ...t, on: 'unknowns' as const })),
      }),
    });
  changes.push({
    id: 'longer',
    text: 'Ten minutes more',
    plan: withPractical(plan, { ...practical, minutes: practical.minutes + 10 }),
  });
  if (practical.minutes - practical.setUp - practical.clearUp > showingMinutes)
    changes.push({
      id: 'show-first',
      text: `Show the technique first (${showingMinutes} minutes, half the slips)`,
      plan: {
        ...withPractical(plan, { ...practical, setUp: practical.setUp + showingMinutes }),
        slipFactor: (plan.slipFactor ?? 1) * showingFactor,
      },
    });
  return changes;
}

const difference = (a: readonly number[], b: readonly number[]): { mean: number; error: number } => {
  const each = a.map((x, i) => x - b[i]!);
  const mean = each.reduce((s, x) => s + x, 0) / each.length;
  const variance = each.reduce((s, x) => s + (x - mean) ** 2, 0) / Math.max(1, each.length - 1);
  return { mean, error: Math.sqrt(variance / each.length) };
};

/** Compares a changed plan's rehearsal with the plan's own, run by run. */
export function compare(change: Change, base: RehearsalResult, tried: RehearsalResult): RankedChange {
  const right = difference(tried.eachRun.right, base.eachRun.right);
  const onTime = difference(tried.eachRun.onTime, base.eachRun.onTime);
  return {
    id: change.id,
    text: change.text,
    right: right.mean,
    rightError: right.error,
    onTime: onTime.mean,
    onTimeError: onTime.error,
    minutes: tried.finish.p50 - base.finish.p50,
    sure: Math.abs(right.mean) > 2 * right.error + 1e-12 || Math.abs(onTime.mean) > 2 * onTime.error + 1e-12,
  };
}

/** Best first: rightly named counts as much as being through in time. */
export const ranked = (changes: readonly RankedChange[]): RankedChange[] =>
  [...changes].sort((a, b) => b.right + b.onTime - (a.right + a.onTime));

/** Rehearses every single change and ranks them. */
export function rankChanges(plan: RehearsalPlan, base: RehearsalResult): RankedChange[] {
  return ranked(
    changesOf(plan).map((change) => compare(change, base, rehearse({ ...change.plan, runs: base.runs }))),
  );
}
