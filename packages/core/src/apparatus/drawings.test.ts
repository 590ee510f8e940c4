import { describe, expect, test } from '@jest/globals';
import { allTests, testOf } from '../identification-tests/tests.js';
import { pictureOf } from '../identification-tests/pictures.js';
import { allDrawings, drawingOf, drawingSvg } from './drawings.js';

/** Numbers of a path that are places, for a rough look at where it goes: relative moves are left out. */
const places = (d: string): number[] =>
  [...d.matchAll(/[MLHVCQ]([^A-Za-z]*)/g)].flatMap(([, numbers]) =>
    numbers!
      .trim()
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number),
  );

describe('the drawings of apparatus', () => {
  test.each(allDrawings)('%s has a name of its own and stays in its square', (id) => {
    const { name, shapes } = drawingOf(id);
    expect(name.length).toBeGreaterThan(15);
    expect(allDrawings.filter((other) => drawingOf(other).name === name)).toEqual([id]);
    for (const { d } of shapes) for (const n of places(d)) expect([d, n >= 0 && n <= 120]).toEqual([d, true]);
  });
  test('every test has one, its variants with other apparatus another', () => {
    for (const { id, variants } of allTests)
      for (const variant of variants)
        expect(allDrawings).toContain(pictureOf({ test: id, variant: variant.id }));
    const flames = testOf('flame').variants.map((v) => pictureOf({ test: 'flame', variant: v.id }));
    expect(new Set(flames).size).toBe(3);
    expect(pictureOf({ test: 'lit-splint', variant: 'over-water' })).toBe('over-water');
    expect(pictureOf({ test: 'limewater', variant: 'bubbled' })).toBe('limewater-bubbled');
  });
  test('every drawing is of use', () => {
    const used = new Set(
      allTests.flatMap((t) => t.variants.map((v) => pictureOf({ test: t.id, variant: v.id }))),
    );
    expect(allDrawings.filter((id) => !used.has(id))).toEqual([]);
  });
  test('on paper it is an SVG of its size, turned pieces turned', () => {
    expect(drawingSvg('ring', 60)).toMatch(/^<svg .*width="60".*rotate\(28 60 70\).*<\/svg>$/);
  });
});
