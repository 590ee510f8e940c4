import { describe, expect, test } from '@jest/globals';
import { analyse, confusions, diagnose, facilities, type ClassRecord } from './analyse.js';
import { classCauses } from './class-causes.js';
import { madeUpClass, scenes } from './trials/made-up-classes.js';

const record = (
  group: number,
  sample: string,
  seen: Record<string, Record<string, string>>,
  named?: ClassRecord['named'],
): ClassRecord => ({
  group,
  sample: sample.split(' '),
  observations: Object.entries(seen).map(([t, s]) => ({ test: t, seen: s })),
  ...(named ? { named } : {}),
});
const flame = (group: number, sample: string, colour: string) => record(group, sample, { flame: { colour } });
const silver = (group: number, sample: string, precipitate: string) =>
  record(group, sample, { 'halide-silver': { precipitate } });

describe('how each test went', () => {
  test('is the share of those who did it whose whole record may be so', () => {
    const groups = [
      record(1, 'Al3+ Cl-', { naoh: { precipitate: 'white', excess: 'dissolves' } }),
      record(2, 'Al3+ Cl-', { naoh: { precipitate: 'white', excess: 'insoluble' } }),
      record(3, 'K+ CO3^2-', { 'dilute-acid': { effervescence: 'vigorous', limewater: 'not-tested' } }),
    ];
    expect(facilities(['naoh', 'dilute-acid', 'flame'], groups)).toEqual([
      { test: 'naoh', facility: 0.5 },
      { test: 'dilute-acid', facility: 1 },
    ]);
  });
  test('a test done twice counts once, and agrees only if both records do', () => {
    const twice: ClassRecord = {
      group: 1,
      sample: ['K+', 'Cl-'],
      observations: [
        { test: 'flame', seen: { colour: 'yellow' } },
        { test: 'flame', seen: { colour: 'lilac' } },
      ],
    };
    expect(facilities(['flame'], [twice, flame(2, 'K+ Cl-', 'lilac')])).toEqual([
      { test: 'flame', facility: 0.5 },
    ]);
  });
});

test('what was taken for what is counted, cation and anion apart; right names and none are no confusion', () => {
  const groups = [
    record(1, 'Li+ Cl-', {}, { cation: 'Na+', anion: 'Cl-' }),
    record(2, 'Li+ Cl-', {}, { cation: 'Na+', anion: 'Br-' }),
    record(3, 'Li+ Cl-', {}, { cation: null, anion: 'Cl-' }),
    record(4, 'Li+ Cl-', {}),
    record(5, 'CO2', {}, { gas: 'SO2' }),
    record(6, 'Mg', {}, { metal: 'Zn' }),
  ];
  expect(confusions(groups)).toEqual([
    { truth: 'Li+', named: 'Na+', n: 2 },
    { truth: 'Cl-', named: 'Br-', n: 1 },
    { truth: 'CO2', named: 'SO2', n: 1 },
    { truth: 'Mg', named: 'Zn', n: 1 },
  ]);
});

describe('one cause behind many benches', () => {
  const masked = [
    flame(1, 'K+ Cl-', 'yellow'),
    flame(2, 'Li+ Cl-', 'yellow'),
    flame(3, 'Ca2+ Cl-', 'yellow'),
    flame(4, 'Na+ Cl-', 'yellow'),
    flame(5, 'K+ Cl-', 'yellow'),
    flame(6, 'Cu2+ Cl-', 'blue-green'),
    flame(7, 'K+ Cl-', 'lilac'),
  ];
  test('is named with the benches that show it, not those whose sample looks so anyhow', () => {
    const [first] = diagnose(['flame'], masked);
    expect(first).toMatchObject({ kind: 'contaminated-sodium', test: 'flame', groups: [1, 2, 3, 5] });
    expect(first!.p).toBeGreaterThan(0.5);
    expect(first!.text).toMatch(/“yellow” 4 times/);
  });
  test('one bench alone, or two, is a slip of their own', () => {
    const two = masked.map((r) =>
      Number(r.group) > 2 && r.group !== 4 ? flame(Number(r.group), 'Na+ Cl-', 'yellow') : r,
    );
    expect(diagnose(['flame'], two).filter((d) => d.kind === 'contaminated-sodium')).toEqual([]);
  });
  test('the benches that saw what they should speak against it', () => {
    const well = Array.from({ length: 12 }, (_, i) => flame(20 + i, 'K+ Cl-', 'lilac'));
    const p = (groups: ClassRecord[]) =>
      diagnose(['flame'], groups).find((d) => d.kind === 'contaminated-sodium')?.p ?? 0;
    expect(p([...masked, ...well])).toBeLessThan(p(masked));
  });
  test('acid left out shows with carbonates alone; the wrong acid shows with every sample', () => {
    const salts = [
      'Na+ CO3^2-',
      'K+ SO4^2-',
      'K+ CO3^2-',
      'Na+ NO3-',
      'Na+ CO3^2-',
      'K+ NO3-',
      'K+ CO3^2-',
      'Na+ SO4^2-',
    ];
    const kinds = (white: (salt: string) => boolean) =>
      diagnose(
        ['halide-silver'],
        salts.map((salt, i) => silver(i + 1, salt, white(salt) ? 'white' : 'none')),
      )
        .filter((d) => d.p >= 0.5)
        .map((d) => d.kind);
    expect(kinds((salt) => salt.includes('CO3'))).toEqual(['omitted-acid']);
    expect(kinds(() => true)).toEqual(['wrong-acid']);
    expect(kinds(() => false)).toEqual([]);
  });
  test('two causes at two tests are both found', () => {
    const rings = masked.map((r, i) => ({
      ...r,
      sample: [r.sample[0]!, 'NO3-'],
      observations: [...r.observations, { test: 'nitrate-ring', seen: { ring: i === 6 ? 'brown' : 'none' } }],
    }));
    expect(
      diagnose(['flame', 'nitrate-ring'], rings)
        .filter((d) => d.p >= 0.5)
        .map((d) => d.kind)
        .sort(),
    ).toEqual(['contaminated-sodium', 'dead-reagent']);
  });
  test('a colour misread by two benches may be one', () => {
    const list = ['yellow', 'yellow', 'yellow', 'cream'].map((p, i) => silver(i + 1, 'K+ Br-', p));
    const chlorides = [5, 6, 7, 8].map((g) => silver(g, 'K+ Cl-', 'white'));
    expect(diagnose(['halide-silver'], [...list, ...chlorides])[0]).toMatchObject({
      kind: 'misread-colour',
      groups: [1, 2, 3],
    });
  });
  test('neither the order of groups nor their names matter', () => {
    for (const scene of ['sodium about', 'barium and silver bottles swapped', 'clean: anions']) {
      const { tests, groups } = madeUpClass(scene, 4);
      const other = [...groups].reverse().map((g) => ({ ...g, group: `bench ${g.group}` }));
      const brief = (list: readonly ClassRecord[]) =>
        diagnose(tests, list).map((d) => [d.cause, Math.round(d.p * 1e9), d.groups.length]);
      expect(brief(other)).toEqual(brief(groups));
    }
  });
  test('nothing recorded, nothing said', () => {
    expect(analyse(['flame'], [])).toEqual({ items: [], confusion: [], diagnoses: [] });
    expect(diagnose(['flame'], [record(1, 'K+ Cl-', { flame: {} })])).toEqual([]);
  });
});

describe('made-up classes', () => {
  const seeds = Array.from({ length: 40 }, (_, i) => i + 1);
  test('of those with one fault 19 in 20 are found, and no other is claimed in more than one of 40', () => {
    let [found, of, beside] = [0, 0, 0];
    for (const scene of Object.keys(scenes))
      for (const seed of seeds) {
        const { tests, groups, fault } = madeUpClass(scene, seed);
        if (!fault) continue;
        of++;
        const said = diagnose(tests, groups).filter((d) => d.p >= 0.5);
        const right = said.filter((d) => d.kind === fault.kind && fault.tests.includes(d.test));
        if (
          right.some(
            (d) => fault.groups.filter((g) => d.groups.includes(g)).length * 2 >= fault.groups.length,
          )
        )
          found++;
        beside += said.length - right.length;
      }
    expect(of).toBeGreaterThan(400);
    expect(found / of).toBeGreaterThanOrEqual(0.95);
    expect(beside / of).toBeLessThanOrEqual(1 / 40);
  });
  test('in clean ones, careless as they may be, there is hardly a false alarm', () => {
    let [alarms, of] = [0, 0];
    for (const scene of Object.keys(scenes).filter((s) => s.startsWith('clean')))
      for (const seed of seeds) {
        const { tests, groups } = madeUpClass(scene, seed, 0.1);
        of++;
        if (diagnose(tests, groups).some((d) => d.p >= 0.5)) alarms++;
      }
    expect(alarms / of).toBeLessThanOrEqual(1 / 24);
  });
});

test('every cause tells what to do now, and its chance is one', () => {
  const all = classCauses([
    'flame',
    'naoh',
    'ammonia-solution',
    'dilute-acid',
    'sulfate',
    'halide-silver',
    'nitrate-ring',
    'metal-acid',
    'anhydrous-copper-sulfate',
  ]);
  expect(new Set(all.map((c) => c.id)).size).toBe(all.length);
  for (const cause of all) {
    expect(cause.prior).toBeGreaterThan(0);
    expect(cause.prior).toBeLessThan(0.5);
    expect(cause.doNow.length).toBeGreaterThan(10);
  }
  const [water] = all.filter((c) => c.id === 'dead-reagent:anhydrous-copper-sulfate');
  expect(water!.shows({ test: 'anhydrous-copper-sulfate', seen: {} }, ['CO2'])).toEqual({ colour: ['blue'] });
});
