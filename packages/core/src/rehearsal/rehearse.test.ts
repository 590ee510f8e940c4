import { describe, expect, test } from '@jest/globals';
import { rotaProblemOf } from '../planning/lesson-rota.js';
import { seededRandom } from '../numbers/random.js';
import { rota } from '../planning/rota.js';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { likelihoodIn, situationOf } from '../reasoning/likelihood.js';
import { drawer } from '../reasoning/sample-observation.js';
import { changesOf, rankChanges } from './changes.js';
import type { RehearsalPlan } from './rehearsal-plan.js';
import { rehearse } from './rehearse.js';

const salt = shippedPracticals.find((p) => p.title === 'A full unknown salt')!;
const plan: RehearsalPlan = {
  practical: salt,
  groups: 8,
  places: { burner: 4, 'fume-cupboard': 2, 'hot-water-bath': 2 },
  runs: 60,
  seed: 3,
};

describe('observations drawn', () => {
  test.each([
    ['naoh', ['Zn2+', 'SO4^2-'], ['precipitate', 'excess']],
    ['flame', ['K+', 'Cl-'], ['colour']],
    ['dilute-acid', ['Na+', 'CO3^2-'], ['effervescence']],
  ] as const)('of %s come up as often as the model says', (id, ions, attributes) => {
    const situation = situationOf(id, ions, undefined, 'solution');
    const draw = drawer(situation, attributes);
    const random = seededRandom(11);
    const n = 20_000;
    const counts = new Map<string, number>();
    for (let i = 0; i < n; i++) {
      const key = JSON.stringify(draw(random).seen);
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
    for (const [key, count] of counts) {
      const p = likelihoodIn(situation, JSON.parse(key) as Record<string, string>);
      // Five standard deviations of a count.
      expect(Math.abs(count - n * p)).toBeLessThan(5 * Math.sqrt(n * p * (1 - p)) + 2);
    }
  });
});

describe('a rehearsal', () => {
  const base = rehearse(plan);
  test('is the same for the same seed and another for another', () => {
    expect(rehearse(plan)).toEqual(base);
    expect(rehearse({ ...plan, seed: 4 }).eachRun).not.toEqual(base.eachRun);
  });
  test('accounts for every group and every unknown', () => {
    expect(base.bySample.reduce((n, s) => n + s.n, 0)).toBe(60 * 8 * 2);
    expect(base.histogram.reduce((n, h) => n + h.share, 0)).toBeCloseTo(1);
    expect(base.finish.p10).toBeLessThanOrEqual(base.finish.p90);
    expect(base.last.p50).toBeGreaterThanOrEqual(base.finish.p50);
    expect(base.stations.every((s) => s.busy > 0 && s.busy <= 1)).toBe(true);
  });
  test('more places never lengthen the queue; one burner is the bottleneck', () => {
    const one = rehearse({ ...plan, places: { ...plan.places, burner: 1 } });
    const many = rehearse({ ...plan, places: { ...plan.places, burner: 8 } });
    const waiting = (r: typeof base) => r.stations.find((s) => s.station === 'burner')!.waiting;
    expect(one.bottleneck).toBe('burner');
    expect(waiting(many)).toBe(0);
    expect(waiting(one)).toBeGreaterThan(waiting(base));
    expect(one.onTime).toBeLessThan(many.onTime);
  });
  test('without slips more is named rightly', () => {
    const sloppy = rehearse({ ...plan, slipFactor: 2 });
    const clean = rehearse({ ...plan, slipFactor: 0 });
    expect(clean.right).toBeGreaterThan(sloppy.right);
  });
  test('a lesson with no time sees nothing and names by luck alone', () => {
    const none = rehearse({ ...plan, practical: { ...salt, minutes: 16 } });
    expect(none.onTime).toBe(0);
    expect(none.right).toBeLessThan(0.1);
  });
  test('follows a rota: with one made, groups wait less than without', () => {
    const tight = { ...plan, places: { burner: 3, 'fume-cupboard': 1, 'hot-water-bath': 2 } };
    const { schedule } = rota(rotaProblemOf(salt, 8, tight.places), { seconds: 0.5 });
    const queue = (r: typeof base) => r.stations.reduce((n, s) => n + s.waiting, 0);
    expect(queue(rehearse({ ...tight, schedule }))).toBeLessThan(queue(rehearse(tight)) + 3);
  });
  test('says what stops it', () => {
    expect(() => rehearse({ ...plan, places: { ...plan.places, burner: 0 } })).toThrow(/no burner/);
    expect(() => rehearse({ ...plan, practical: { ...salt, tests: [] } })).toThrow(/nothing to rehearse/);
    expect(() => rehearse({ ...plan, groups: 0 })).toThrow(/1 to 60/);
  });
});

describe('single changes', () => {
  test('offer a place at each scarce station, what is not looked at yet, and less work', () => {
    const ids = changesOf({
      ...plan,
      practical: {
        ...salt,
        tests: salt.tests.map((t) => (t.test === 'naoh' ? { ...t, attributes: ['precipitate'] } : t)),
      },
    }).map((c) => c.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        'place-burner',
        'look-flame-throughBlueGlass',
        'look-naoh-excess',
        'fewer-unknowns',
        'longer',
        'show-first',
        'drop-sulfate',
      ]),
    );
  });
  test('are ranked best first; leaving out a test that tells costs names', () => {
    const base = rehearse(plan);
    const list = rankChanges(plan, base);
    const gains = list.map((c) => c.right + c.onTime);
    expect([...gains].sort((a, b) => b - a)).toEqual(gains);
    const drop = list.find((c) => c.id === 'drop-naoh')!;
    expect(drop.right).toBeLessThan(0);
    expect(drop.sure).toBe(true);
  });
});
