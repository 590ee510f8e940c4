import { expect, test } from '@jest/globals';
import { saw as entered } from '../lesson/trials/made-up-log.js';
import { diagnose } from './analyse.js';
import { classRecords } from './lesson-records.js';

const saw = (group: string, ...what: Parameters<typeof entered>) =>
  entered(what[0], what[1], what[2], what[3], { group });
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

test('what a bench says of its doing is weighed: owning up speaks for the cause, saying it was fine against', () => {
  const white = (did?: Record<string, string>) =>
    groups.map(({ id }, i) =>
      saw(id, 'carbonate', 'sulfate', { precipitate: i < 3 ? 'white' : 'none' }, did && i < 3 ? { did } : {}),
    );
  const all = [...samples, { id: 'carbonate', ions: ['Na+', 'CO3^2-'], form: 'solution' } as const];
  const p = (did?: Record<string, string>) =>
    diagnose(['sulfate'], classRecords(white(did), groups, all)).find((d) => d.kind === 'omitted-acid')?.p ??
    0;
  expect(p({ acid: 'none' })).toBeGreaterThan(p());
  expect(p({ acid: 'hydrochloric' })).toBeLessThan(p());
});
test('what was taken from another sample tells nothing of a test', () => {
  const records = classRecords(
    [saw('a', 'salt', 'flame', { colour: 'yellow' }, { inferredFrom: 'chalk' })],
    groups,
    samples,
  );
  expect(records).toEqual([]);
});
