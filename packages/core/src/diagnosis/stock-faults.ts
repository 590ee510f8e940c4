/** Faults of bottles that a class's records tell of: what they spoilt is no student's error, and is left to a person to mark. */
import { onePoint, type Mark } from '../marking/mark-result.js';
import { diagnose, type ClassRecord, type Diagnosis, type GroupName } from './analyse.js';
import type { ClassFault } from './class-causes.js';

/** From this chance on a cause is told, and counted. */
export const tellFrom = 0.5;

const ofBottles: ReadonlySet<ClassFault> = new Set(['swapped-reagents', 'dead-reagent', 'wrong-acid']);

/**
 * By group: the faults of bottles that its records show.
 * @param dismissed causes that a teacher has waved away.
 */
export function stockFaults(
  tests: readonly string[],
  records: readonly ClassRecord[],
  dismissed: ReadonlySet<string>,
): ReadonlyMap<GroupName, readonly Diagnosis[]> {
  const byGroup = new Map<GroupName, Diagnosis[]>();
  for (const fault of diagnose(tests, records)) {
    if (!ofBottles.has(fault.kind) || fault.p < tellFrom || dismissed.has(fault.cause)) continue;
    for (const group of fault.groups) byGroup.set(group, [...(byGroup.get(group) ?? []), fault]);
  }
  return byGroup;
}

/** A mark of a test, given a fault of its bottle: what did not earn is left to a person, with the reason. */
export function markUnder(faults: readonly Diagnosis[], test: string, plain: Mark): Mark {
  const fault = faults.find((f) => f.tests.includes(test));
  if (!fault || plain.verdict === 'review' || plain.points >= plain.max) return plain;
  return {
    ...onePoint(0, 'stock-fault', ''),
    max: plain.max,
    verdict: 'review',
    why: [
      {
        code: 'stock-fault',
        text: `${fault.text.split('.')[0]!} (${Math.round(fault.p * 100)} % likely): no fault of the student’s, so a person decides.`,
      },
      ...plain.why,
    ],
  };
}
