import { describe, expect, test } from '@jest/globals';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { orderItem, totalOf, weightOf, type MarkScheme } from './mark-scheme.js';
import { evenScheme, schemeLine, schemePresets, usualPreset } from './scheme-presets.js';

const excess = { strand: 'observation', test: 'naoh', attribute: 'excess' } as const;
const drops = { strand: 'observation', test: 'naoh', attribute: 'precipitate' } as const;
const flame = { strand: 'observation', test: 'flame', attribute: 'colour' } as const;
const name = { strand: 'conclusion', test: null, attribute: null } as const;
const order = { strand: 'technique', test: null, attribute: orderItem } as const;
const scheme = (change: Partial<MarkScheme>): MarkScheme => ({ ...evenScheme, ...change });

describe('what a point is worth', () => {
  test('is the strand’s, unless its test or the very item has a weight of its own, the most exact first', () => {
    const own = scheme({
      strands: { technique: 1, observation: 2, conclusion: 3, equation: 1 },
      items: [
        { strand: 'observation', test: 'naoh', attribute: 'excess', weight: 5 },
        { strand: 'observation', test: 'naoh', weight: 0.5 },
        { strand: 'equation', test: 'flame', weight: 9 },
      ],
    });
    expect([excess, drops, flame, name].map((item) => weightOf(own, item))).toEqual([5, 0.5, 2, 3]);
  });
  test('of the order of tests is nothing until the scheme counts it', () => {
    expect(weightOf(evenScheme, order)).toBe(0);
    expect(weightOf(scheme({ order: true }), order)).toBe(1);
  });
});

describe('a total', () => {
  const marks = [
    { ...excess, points: 1, max: 1 },
    { ...drops, points: 0, max: 1 },
    { ...name, points: 1, max: 1 },
  ];
  test('adds weighted points, by strand and in all', () => {
    const double = scheme({ strands: { technique: 1, observation: 1, conclusion: 2, equation: 1 } });
    const total = totalOf(double, marks);
    expect(total).toMatchObject({ points: 3, max: 4 });
    expect(total.strands.observation).toEqual({ points: 1, max: 2 });
    expect(total.strands.conclusion).toEqual({ points: 2, max: 2 });
    expect(total.strands.equation).toEqual({ points: 0, max: 0 });
  });
  test('of late work keeps its share, and what there was to earn stays', () => {
    const half = scheme({ late: 0.5 });
    expect(totalOf(half, marks, true)).toMatchObject({ points: 1, max: 3 });
    expect(totalOf(half, marks, false)).toMatchObject({ points: 2, max: 3 });
    expect(totalOf(scheme({ late: 0 }), marks, true)).toMatchObject({ points: 0, max: 3 });
  });
  test('has no dust of thirds', () => {
    const third = scheme({ late: 1 / 3 });
    expect(totalOf(third, marks, true).points).toBe(0.67);
  });
});

describe('presets', () => {
  test('each syllabus that ships has one, and only one', () => {
    for (const { id } of allSyllabuses)
      expect([id, schemePresets.filter((p) => p.usualFor.includes(id)).length]).toEqual([id, 1]);
    expect(usualPreset('senior').scheme.strands.conclusion).toBe(2);
    expect(usualPreset('a school’s own').scheme).toEqual(evenScheme);
  });
});

describe('a scheme in a line', () => {
  const even = schemePresets[0]!.scheme;
  test('says what a point of each is worth, and what is otherwise than usual', () => {
    expect(schemeLine(even)).toBe('technique 1, what was seen 1, names 1, equations 1');
    expect(
      schemeLine({
        ...even,
        items: [{ strand: 'observation', test: 'flame', weight: 2 }],
        attempts: 'best',
        carriedForward: false,
        conclusions: 'group',
        order: true,
        late: 0.5,
      }),
    ).toBe(
      'technique 1, what was seen 1, names 1, equations 1; 1 item apart, the best attempt, nothing carried forward, names of the group, the order of tests, late work at 50 %',
    );
  });
});
