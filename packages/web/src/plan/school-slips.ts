/** The rate of slips a rehearsal begins with: the school's own where lessons were agreed on and it is wanted, else the usual. */
import type { SchoolSlips } from '@kivex/contract';
import type { RehearsalPlan } from '@kivex/core';

/** The school's rate; undefined where no lesson counts for it. */
export const ownSlips = (school: SchoolSlips | undefined): SchoolSlips | undefined =>
  school && school.lessons > 0 ? school : undefined;

export const withSlips = (
  plan: RehearsalPlan,
  own: Pick<SchoolSlips, 'factor'> | undefined,
  asUsual: boolean,
): RehearsalPlan => (own && !asUsual ? { ...plan, slipFactor: own.factor } : plan);
