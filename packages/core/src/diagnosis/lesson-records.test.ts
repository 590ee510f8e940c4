import { expect, test } from '@jest/globals';
import type { LessonEvent, ObservationBody } from '../lesson/record.js';
import { diagnose } from './analyse.js';
import { classRecords } from './lesson-records.js';

let made = 0;
const saw = (
  group: string,
  sample: string,
  test: string,
  seen: Record<string, string>,
  more: Partial<ObservationBody> = {},
): LessonEvent => ({
  id: `e${++made}`,
  group,
  by: 'ada',
  at: '2026-01-01T10:00:00.000Z',
  body: { type: 'observation', sample, test, variant: 'usual', seen, ...more },
});
const groups = ['a', 'b', 'c', 'd'].map((id) => ({ id, name: `Group ${id}` }));
const samples = [
  { id: 'chalk', ions: ['Ca2+', 'CO3^2-'], form: 'solid' },
  { id: 'salt', ions: ['K+', 'Cl-'], form: 'solid' },
  { id: 'blank', ions: [], form: 'solution' },
] as const;

test('what a gas test meets of a solid is its gas', () => {
  const records = classRecords(
    [
      saw('a', 'chalk', 'flame', { colour: 'orange-red' }),
      saw('a', 'chalk', 'limewater', { limewater: 'cloudy' }),
    ],
    groups,
    samples,
  );
  expect(records.map((r) => [r.group, r.sample.join(), r.observations[0]!.test])).toEqual([
    ['Group a', 'Ca2+,CO3^2-', 'flame'],
    ['Group a', 'CO2', 'limewater'],
  ]);
});
test('what was corrected, doubted, only put into words, or seen of a blank or of nothing known is left out', () => {
  const wrong = saw('a', 'salt', 'flame', { colour: 'yellow' });
  const records = classRecords(
    [
      wrong,
      saw('a', 'salt', 'flame', { colour: 'lilac' }, { corrects: wrong.id }),
      saw('b', 'salt', 'flame', { colour: 'red' }, { doubtful: true }),
      saw('b', 'salt', 'flame', {}, { words: 'purplish' }),
      saw('b', 'blank', 'flame', { colour: 'none' }),
      saw('b', 'gone', 'flame', { colour: 'none' }),
      saw('z', 'salt', 'flame', { colour: 'none' }),
    ],
    groups,
    samples,
  );
  expect(records.map((r) => r.observations.map((o) => o.seen['colour']))).toEqual([['lilac']]);
});
test('a lesson in which all limewater stays clear is told so, with the benches’ names', () => {
  const events = groups.flatMap(({ id }) => [saw(id, 'chalk', 'limewater', { limewater: 'clear' })]);
  expect(diagnose(['limewater'], classRecords(events, groups, samples))[0]).toMatchObject({
    kind: 'dead-reagent',
    groups: ['Group a', 'Group b', 'Group c', 'Group d'],
  });
});
