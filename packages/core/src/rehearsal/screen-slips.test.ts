import { describe, expect, test } from '@jest/globals';
import { slipFacts } from '../bench-model/slips.js';
import { testOf } from '../identification-tests/tests.js';
import { schoolFactor } from './own-slips.js';
import { runIsWorth, screenRate, type SlippedRun } from './screen-slips.js';

const many = (n: number, run: SlippedRun): SlippedRun[] => Array.from({ length: n }, () => run);
const flame = (...slips: string[]): SlippedRun => ({ tests: ['flame'], slips });

describe('the rate of slips that runs on screen show', () => {
  test('is the usual where as many slip as is usual, more where more do, and the more the runs are', () => {
    const usual = testOf('flame').slips.reduce((sum, s) => sum + s.prior, 0);
    const hundred = [...many(6, flame('wire-not-clean')), ...many(94, flame())];
    expect(screenRate(hundred)).toMatchObject({ runs: 100, made: 6 });
    expect(screenRate(hundred)!.usual).toBeCloseTo(100 * usual, 6);
    expect(screenRate(hundred)!.factor).toBeLessThan(1);
    const often = [5, 20, 60].map(
      (n) => screenRate([...many(n, flame('sodium-about')), ...many(n, flame())])!.factor,
    );
    expect(often[0]!).toBeGreaterThan(1);
    expect(often).toEqual([...often].sort((a, b) => a - b));
  });
  test('counts a slip once a run, under whichever name, and only in a test that was run', () => {
    expect(screenRate([flame('wire-not-clean', 'acid-reused', 'sodium-about')])!.made).toBe(1);
    expect(screenRate([flame('no-excess', 'no-goggles', 'not-labelled')])!.made).toBe(0);
    expect(screenRate([{ tests: ['naoh', 'naoh'], slips: ['no-excess'] }])!.made).toBe(1);
  });
  test('a slip of several tests is likelier than of one, and never sure', () => {
    const one = screenRate([{ tests: ['naoh-warm'], slips: [] }])!.usual;
    const two = screenRate([{ tests: ['naoh-warm', 'nitrate-reduction'], slips: [] }])!.usual;
    expect(two).toBeGreaterThan(one);
    expect(two).toBeLessThan(2 * one);
  });
  test('stays within bounds, and is unknown where nothing was run', () => {
    expect(screenRate(many(500, flame('sodium-about', 'air-hole-closed', 'read-late')))!.factor).toBe(4);
    expect(screenRate(many(500, flame()))!.factor).toBe(0.25);
    expect(screenRate([])).toBeUndefined();
    expect(screenRate([{ tests: [], slips: ['wire-not-clean'] }])).toBeUndefined();
  });
  test('weighs less than a lesson does', () => {
    const lesson = schoolFactor([{ factor: 2, names: 30 }]);
    const screen = schoolFactor([{ factor: 2, names: 30 * runIsWorth }]);
    expect(screen).toBeGreaterThan(1);
    expect(screen).toBeLessThan(lesson);
  });
  test('every slip of the tests that can be made on screen is known by a name there', () => {
    const onScreen = new Set<string>(Object.keys(slipFacts));
    for (const id of [
      'sodium-about',
      'air-hole-closed',
      'read-late',
      'no-excess',
      'litmus-dry',
      'wrong-acid',
    ])
      expect(onScreen.has(id)).toBe(true);
    for (const code of ['wire-not-clean', 'wood-burns', 'salt-in-burner'])
      expect(screenRate([flame(code)])!.made).toBe(1);
    expect(screenRate([{ tests: ['sulfate'], slips: ['no-acid-first'] }])!.made).toBe(1);
    expect(screenRate([{ tests: ['nitrate-ring'], slips: ['ring-disturbed'] }])!.made).toBe(1);
    expect(screenRate([{ tests: ['metal-acid'], slips: ['nitric-for-hydrogen'] }])!.made).toBe(1);
  });
});
