import { describe, expect, test } from '@jest/globals';
import { correlation } from '../numbers/correlation.js';
import { flagOf, itemAnalysis, type ReviewedMark } from './item-analysis.js';
import { strandProfile } from './strand-profile.js';

const mark = (student: string, points: number, part: Partial<ReviewedMark> = {}): ReviewedMark => ({
  student,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth: ['Cu2+', 'SO4^2-'],
  role: 'unknown',
  answer: points ? 'blue' : 'green',
  points,
  max: 1,
  weight: 1,
  ...part,
});
const name = { strand: 'conclusion', test: null, attribute: null } as const;
const students = Array.from({ length: 10 }, (_, i) => `s${i}`);

describe('an item', () => {
  test('has the share of its points that were earned, over all jars that held the same', () => {
    const [item] = itemAnalysis([mark('a', 1), mark('b', 1), mark('c', 0), mark('d', 0)]);
    expect(item!.facility).toMatchObject({ share: 0.5, n: 4 });
    expect(itemAnalysis([mark('a', 1), mark('a', 1, { truth: ['Zn2+', 'Cl-'] })])).toHaveLength(2);
    expect(itemAnalysis([mark('a', 1), mark('a', 1, { role: 'known' })])).toHaveLength(2);
  });
  test('parts those who did well from those who did not, or the wrong way, or not at all', () => {
    const strong = (s: string) => Number(students.indexOf(s) < 5);
    const others = students.flatMap((s) =>
      ['flame', 'sulfate'].map((t) => mark(s, strong(s), { test: t, attribute: 'colour' })),
    );
    const of = (points: (s: string) => number) =>
      itemAnalysis([...students.map((s) => mark(s, points(s))), ...others])[0]!.discrimination;
    expect(of(strong)).toBeCloseTo(1, 9);
    expect(of((s) => 1 - strong(s))).toBeCloseTo(-1, 9);
    expect(of(() => 1)).toBeNull();
    expect(itemAnalysis(others.slice(0, 8))[0]!.discrimination).toBeNull();
  });
  test('tells what was written instead, like answers together, and who wrote nothing', () => {
    const [item] = itemAnalysis([
      mark('a', 0, { answer: 'green' }),
      mark('b', 0, { answer: 'it was green' }),
      mark('c', 0, { answer: 'white' }),
      mark('d', 0, { answer: '' }),
      mark('e', 1),
    ]);
    expect(item!.wrong).toEqual([
      { answer: 'green', times: 2 },
      { answer: 'white', times: 1 },
    ]);
    expect(item).toMatchObject({ empty: 1, lost: 4, losers: 4 });
  });
  test('loses what its points are worth', () =>
    expect(itemAnalysis([mark('a', 0, { weight: 2.5 })])[0]!.lost).toBe(2.5));
});

describe('correlation', () => {
  test('is one of a line, and null where nothing varies', () => {
    expect(
      correlation([
        [0, 1],
        [1, 3],
        [2, 5],
      ]),
    ).toBeCloseTo(1, 12);
    expect(
      correlation([
        [1, 1],
        [1, 3],
      ]),
    ).toBeNull();
  });
});

test.each([
  ['wrong-way', 0.5, 12, -0.4],
  ['too-easy', 1, 60, null],
  ['too-hard', 0, 20, 0.1],
  [undefined, 0.6, 20, 0.4],
  [undefined, 1, 3, null],
] as const)('%s: share %p of %p, discrimination %p', (flag, share, n, discrimination) => {
  const marks = Array.from({ length: n }, (_, i) => mark(`s${i}`, i < share * n ? 1 : 0));
  expect(flagOf({ facility: itemAnalysis(marks)[0]!.facility, discrimination })).toBe(flag);
});

describe('strands', () => {
  test('are means of students’ shares of weighted points; what weighs nothing is left out', () => {
    const marks = [
      mark('a', 1),
      mark('a', 0, { test: 'flame', weight: 3 }),
      mark('b', 1),
      mark('b', 1, { test: 'flame', weight: 3 }),
      mark('a', 1, { ...name, weight: 0 }),
    ];
    const [seen, ...others] = strandProfile(marks);
    expect(others).toEqual([]);
    expect(seen).toMatchObject({ strand: 'observation', students: 2, mean: 0.625, low: 0, high: 1 });
  });
  test('of one student have no spread', () =>
    expect(strandProfile([mark('a', 1)])[0]).toMatchObject({ mean: 1, low: 1, high: 1 }));
});
