import { describe, expect, test } from '@jest/globals';
import { sources } from '../sources/sources.js';
import { flameTest } from '../identification-tests/definitions/flame.js';
import { throughCobaltGlass } from './cobalt-glass.js';
import { emitters } from './emitters.js';
import { apart, flameColour } from './flame-colour.js';
import { flameNames } from './flame-name.js';
import { matching } from './observer.js';

const called = (ions: Record<string, number>, glass = false, luminous = 0) =>
  flameColour({ ions, glass, luminous }).name;

describe('the colours of flames', () => {
  test('each pure flame bears a name the tests expect of it, by eye and through the glass', () => {
    for (const { ion } of emitters) {
      const shows = flameTest.outcomes.find((o) => o.of === ion)!.shows;
      expect([ion, shows['colour']!.includes(called({ [ion]: 1 }))]).toEqual([ion, true]);
      expect([ion, shows['throughBlueGlass']!.includes(called({ [ion]: 1 }, true))]).toEqual([ion, true]);
    }
  });
  test('metals without lines of their own colour nothing', () => {
    for (const ion of ['Zn2+', 'Mg2+', 'Al3+', 'Fe3+', 'Ni2+', 'NH4+'])
      expect(called({ [ion]: 1 })).toBe('none');
  });
  test('one part of sodium in a hundred hides potassium from the eye, not through the glass', () => {
    expect(called({ 'K+': 1, 'Na+': 0.01 })).toBe('yellow');
    expect(['crimson', 'lilac']).toContain(called({ 'K+': 1, 'Na+': 0.01 }, true));
  });
  test('more sodium brings every colour steadily nearer to sodium’s', () => {
    const sodium = flameColour({ ions: { 'Na+': 1 } });
    for (const { ion } of emitters.filter((e) => e.ion !== 'Na+')) {
      const steps = [0, 0.001, 0.01, 0.1, 1].map((n) =>
        apart(flameColour({ ions: { [ion]: 1, 'Na+': n } }), sodium),
      );
      for (let i = 1; i < steps.length; i++)
        expect([ion, steps[i]! <= steps[i - 1]! + 1]).toEqual([ion, true]);
      expect(steps.at(-1)).toBeLessThan(steps[0]! / 2);
    }
  });
  test('a luminous flame is yellow and covers what is weak', () =>
    expect(called({ 'K+': 1 }, false, 1)).toBe('yellow'));
  test('strontium and lithium are easily taken for each other, sodium and barium are not', () => {
    const [sr, li, na, ba] = ['Sr2+', 'Li+', 'Na+', 'Ba2+'].map((ion) => flameColour({ ions: { [ion]: 1 } }));
    expect(apart(sr!, li!)).toBeLessThan(10);
    expect(apart(na!, ba!)).toBeGreaterThan(30);
  });
  test('amounts that cannot be are refused', () => {
    expect(() => flameColour({ ions: { 'K+': -1 } })).toThrow(/from 0 up/);
    expect(() => flameColour({ ions: { 'K+': 1 }, luminous: 2 })).toThrow(/from 0 to 1/);
  });
  test('names, sources and curves hold together', () => {
    for (const e of emitters) {
      expect(flameNames).toContain(e.called);
      expect(Object.hasOwn(sources, e.source)).toBe(true);
    }
    for (let nm = 380; nm <= 780; nm += 5) {
      expect(throughCobaltGlass(nm)).toBeGreaterThan(0);
      expect(throughCobaltGlass(nm)).toBeLessThan(1);
    }
    expect(throughCobaltGlass(589)).toBeLessThan(throughCobaltGlass(450) / 1000);
    expect(matching(555)[1]).toBeCloseTo(1, 1);
    expect(matching(900)).toEqual([0, 0, 0]);
  });
});
