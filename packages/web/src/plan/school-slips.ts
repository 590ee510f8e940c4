/** The rate of slips and the pace a rehearsal begins with: the school's own where lessons were agreed on and it is wanted, else the usual. */
import type { SchoolSlips } from '@kivex/contract';
import type { RehearsalPlan } from '@kivex/core';

/** The school's rate; undefined where neither a lesson nor runs on screen count for it. */
export const ownSlips = (school: SchoolSlips | undefined): SchoolSlips | undefined =>
  school && school.lessons + school.runs > 0 ? school : undefined;

export const withSlips = (
  plan: RehearsalPlan,
  own: Pick<SchoolSlips, 'factor' | 'pace'> | undefined,
  asUsual: boolean,
): RehearsalPlan => (own && !asUsual ? { ...plan, slipFactor: own.factor, paceFactor: own.pace } : plan);

/** What of the school's own a rehearsal begins with, and what that rests on. */
export function ownWords({ factor, lessons, names, pace, groups, runs }: SchoolSlips): string {
  const from = [
    ...(lessons ? [`${lessons} ${lessons === 1 ? 'lesson' : 'lessons'} with ${names} names`] : []),
    ...(runs ? [runs === 1 ? 'one run on screen' : `${runs} runs on screen`] : []),
  ];
  const slips = `Slips as in this school: ${factor.toFixed(1)} times the usual, from ${from.join(' and ')}`;
  return groups ? `${slips}; ${pace.toFixed(1)} times the minutes, from ${groups} groups` : slips;
}
