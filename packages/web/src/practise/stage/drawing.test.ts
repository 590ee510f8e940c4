import { describe, expect, test } from '@jest/globals';
import { capacity_mL, vesselKinds } from '@kivex/core';
import { courseAt, drawnAs, shownFor_s } from './flame-course.js';
import { bubblesFor, cloudiness, levelOf, scatter, shapeOf } from './geometry.js';

describe('where things lie in a vessel', () => {
  test.each(vesselKinds)('a %s: the liquid rises with what is in it, from the foot to the brim', (kind) => {
    const { foot, brim } = shapeOf(kind);
    expect(levelOf(kind, 0)).toBe(foot);
    expect(levelOf(kind, capacity_mL[kind])).toBeCloseTo(brim, 6);
    expect(levelOf(kind, capacity_mL[kind] * 9)).toBeCloseTo(brim, 6);
    const heights = [0.1, 0.3, 0.6, 0.9].map((share) => levelOf(kind, share * capacity_mL[kind]));
    expect([...heights].sort((a, b) => b - a)).toEqual(heights);
  });
  test('a precipitate is seen at its threshold and never wholly hides the glass', () => {
    expect(cloudiness(2e-4)).toBeGreaterThanOrEqual(0.28);
    expect(cloudiness(0.05)).toBeGreaterThan(cloudiness(0.001));
    expect(cloudiness(5)).toBeLessThan(1);
  });
  test('no bubbles where none are called so, more of them the faster it fizzes, and not without end', () => {
    expect([bubblesFor(0), bubblesFor(0.007)]).toEqual([0, 0]);
    expect(bubblesFor(0.5)).toBeGreaterThan(bubblesFor(0.05));
    expect(bubblesFor(1000)).toBeLessThanOrEqual(26);
  });
  test('flakes lie where they lay before', () => {
    expect(scatter(5, 3)).toEqual(scatter(5, 3));
    expect(scatter(5, 3)).not.toEqual(scatter(5, 4));
    for (const [x, y, r] of scatter(40, 9)) for (const v of [x, y, r]) expect(v >= 0 && v < 1).toBe(true);
  });
});

describe('a flame between its moments', () => {
  const at = (at_s: number, srgb: string, name: string) => ({ at_s, srgb, name, lab: [0, 0, 0] }) as never;
  const course = [
    at(0, '#00ff00', 'apple-green'),
    at(2, '#00ff00', 'apple-green'),
    at(4, '#ff8000', 'yellow'),
  ];
  test('passes from one colour to the next, and stays at the last', () => {
    expect(courseAt(course, 1)).toEqual({ srgb: '#00ff00', name: 'apple-green' });
    expect(courseAt(course, 3)!.srgb).toBe('#80c000');
    expect(courseAt(course, 3.5)!.name).toBe('yellow');
    expect(courseAt(course, 99)!.srgb).toBe('#ff8000');
    expect(courseAt([], 1)).toBeUndefined();
  });
  test('a long holding is shown in short', () => expect([shownFor_s(1), shownFor_s(60)]).toEqual([1, 4]));
});

describe('a flame as it is drawn', () => {
  const channel = (srgb: string, i: number) => parseInt(srgb.slice(1 + 2 * i, 3 + 2 * i), 16);
  test('barium is yellow-green, no neon: red is in it, and less of it than of green', () => {
    const { outer, inner } = drawnAs({ srgb: '#00ff52', name: 'apple-green' }, false);
    expect(channel(outer, 0)).toBeGreaterThan(60);
    expect(channel(outer, 1)).toBeGreaterThan(channel(outer, 0) + 60);
    for (const i of [0, 1, 2]) expect(channel(inner, i)).toBeGreaterThanOrEqual(channel(outer, i));
  });
  test('by eye and through the glass one name has its own pigment each; a colour without a name stays', () => {
    const crimson = { srgb: '#ff0060', name: 'crimson' };
    expect(drawnAs(crimson, true).outer).not.toBe(drawnAs(crimson, false).outer);
    expect(drawnAs({ srgb: '#123456', name: 'octarine' }, false).outer).toBe('#123456');
  });
});
