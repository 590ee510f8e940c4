import { describe, expect, test } from '@jest/globals';
import { lessonMarks, type MarkedSample } from '../lesson/lesson-marks.js';
import { readGroup } from '../lesson/record.js';
import { saw } from '../lesson/trials/made-up-log.js';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import type { Mark } from '../marking/mark-result.js';
import type { Diagnosis } from './analyse.js';
import { classRecords } from './lesson-records.js';
import { markUnder, stockFaults } from './stock-faults.js';

const groups = ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id, name: id }));
const chalk = { id: 'chalk', ions: ['Ca2+', 'CO3^2-'], form: 'solid' } as const;
/** Everybody’s limewater stays clear over what fizzes. */
const clear = groups.flatMap(({ id }) => [
  saw('chalk', 'dilute-acid', { effervescence: 'steady', limewater: 'clear' }, {}, { group: id }),
]);
const faultsOf = (dismissed: string[] = []) =>
  stockFaults(['dilute-acid'], classRecords(clear, groups, [chalk]), new Set(dismissed));

describe('a fault of a bottle, passed on to marking', () => {
  test('is found for each group that shows it, and not once a teacher has waved it away', () => {
    const faults = faultsOf();
    expect([...faults.keys()].sort()).toEqual(['a', 'b', 'c', 'd', 'e']);
    const [fault] = faults.get('a')!;
    expect(fault!.kind).toBe('dead-reagent');
    expect(faultsOf([fault!.cause]).size).toBe(0);
  });
  test('leaves what did not earn to a person, and what earned alone', () => {
    const faults = faultsOf().get('a')!;
    const no = { points: 0, max: 1, verdict: 'none', why: [] } as const;
    const yes = { points: 1, max: 1, verdict: 'credit', why: [] } as const;
    expect(markUnder(faults, 'dilute-acid', no)).toMatchObject({
      verdict: 'review',
      why: [{ code: 'stock-fault', text: expect.stringMatching(/limewater.*% likely/) }],
    });
    expect(markUnder(faults, 'dilute-acid', yes)).toBe(yes);
    expect(markUnder(faults, 'flame', no)).toBe(no);
    expect(markUnder([], 'dilute-acid', no)).toBe(no);
  });
  test('reaches the marks of a lesson, and not what nobody logged', () => {
    const practical = shippedPracticals.find((p) =>
      p.tests.some((t) => t.test === 'dilute-acid' && t.attributes.includes('limewater')),
    )!;
    const sample: MarkedSample = { ...chalk, role: 'unknown' };
    const under =
      (faults: readonly Diagnosis[] = []) =>
      (of: string, plain: Mark) =>
        markUnder(faults, of, plain);
    const marks = (faults?: readonly Diagnosis[]) =>
      lessonMarks(practical, [sample], readGroup(clear.slice(0, 1)), 'ada', { given: under(faults) }).filter(
        (m) => m.key.includes('limewater'),
      );
    expect(marks([])[0]!.verdict).toBe('none');
    expect(marks(faultsOf().get('a'))[0]).toMatchObject({ verdict: 'review', points: 0 });
    const unlogged = lessonMarks(practical, [sample], readGroup([]), 'ada', {
      given: under(faultsOf().get('a')),
    });
    expect(unlogged.some((m) => m.why[0]?.code === 'stock-fault')).toBe(false);
  });
});
