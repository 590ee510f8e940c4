import { describe, expect, test } from '@jest/globals';
import type { Lesson, LessonSample, MarkCell, MarkRow } from '@kivex/contract';
import { shippedPracticals, type Strand } from '@kivex/core';
import { columnsOf, jarsOf, stateOf, wroteNothing, type Column } from './mark-columns.js';

const practical = (title: RegExp) => shippedPracticals.find((p) => title.test(p.title))!;
const sample = (id: string, role: LessonSample['role'], from?: string): LessonSample => ({
  id,
  key: id,
  role,
  label: from ? `Liquid from ${from}` : id,
  ions: [],
  holds: `what ${id} holds`,
  difficulty: 1,
  ...(from ? { from } : {}),
});
/** A mark of a sample: what was looked at in a test, or its name. */
const cell = (strand: Strand, of: string, test: string | null, attribute: string | null): MarkCell =>
  ({
    key: [strand, of, test, attribute].join(' '),
    sample: of,
    strand,
    test,
    attribute,
    points: 1,
    max: 1,
    answer: 'something',
    changes: [],
  }) as unknown as MarkCell;
const row = (...cells: MarkCell[]): MarkRow => ({ cells }) as unknown as MarkRow;
const words = ({ group, sample: of }: Column) =>
  `${group.head} | ${'whole' in of ? of.whole : 'known' in of ? of.known.id : `jar ${of.jar + 1}${of.liquid ? ', liquid' : ''}`}`;
const shown = (columns: readonly Column[]) => columns.map(words);

describe('the columns of the table of marks', () => {
  const metals = {
    practical: practical(/ion in the liquid/),
    samples: [
      sample('zinc', 'known'),
      sample('jar-1', 'unknown'),
      sample('jar-2', 'unknown'),
      sample('jar-3', 'unknown'),
      sample('zinc-liquid', 'kept', 'zinc'),
      sample('liquid-1', 'kept', 'jar-1'),
      sample('liquid-2', 'kept', 'jar-2'),
      sample('liquid-3', 'kept', 'jar-3'),
    ],
  } as unknown as Lesson;
  const fizzed = (of: string) => cell('observation', of, 'metal-acid', 'effervescence');
  const worked = (jars: readonly [string, string]) =>
    row(
      fizzed('zinc'),
      ...jars.flatMap((jar) => [fizzed(jar), cell('conclusion', jar, null, null)]),
      cell('observation', 'zinc-liquid', 'naoh', 'precipitate'),
      ...jars.map((jar) => cell('observation', jar.replace('jar', 'liquid'), 'naoh', 'precipitate')),
    );
  const rows = [worked(['jar-1', 'jar-2']), worked(['jar-2', 'jar-3'])];
  test('together by what was looked at, knowns before jars, names last, and none empty', () =>
    expect(shown(columnsOf(metals, rows))).toEqual([
      'Metal and dilute acid: effervescence | zinc',
      'Metal and dilute acid: effervescence | jar 1',
      'Metal and dilute acid: effervescence | jar 2',
      'Sodium hydroxide: precipitate | zinc-liquid',
      'Sodium hydroxide: precipitate | jar 1, liquid',
      'Sodium hydroxide: precipitate | jar 2, liquid',
      'Named | jar 1',
      'Named | jar 2',
    ]));
  test('each student’s own jar and its own liquid stand in its place', () => {
    const columns = columnsOf(metals, rows);
    const at = (key: string, of: MarkRow) => columns.find((c) => c.key.startsWith(key))!.of(of)?.sample;
    expect([at('saw-1', rows[0]!), at('saw-1', rows[1]!)]).toEqual(['jar-2', 'jar-3']);
    expect([at('liquid-1', rows[0]!), at('liquid-1', rows[1]!)]).toEqual(['liquid-2', 'liquid-3']);
    expect(jarsOf(rows[1]!, metals.samples).map((s) => s.id)).toEqual(['jar-2', 'jar-3']);
  });
  test('a test that is not for jars has no column of theirs, though a student without marks is there', () => {
    const columns = columnsOf(metals, [...rows, row()]);
    expect(shown(columns)).not.toContain('Sodium hydroxide: precipitate | jar 1');
    expect(columns.every((c) => [...rows, row()].some((r) => c.of(r)))).toBe(true);
  });
  test('before anybody is marked, what will be seen of jars and how they are named stand', () => {
    const flames = {
      practical: practical(/^Flame colours of unlabelled jars$/),
      samples: [sample('jar-1', 'unknown')],
    };
    const jars = Array.from({ length: flames.practical.unknownsPerGroup }, (_, n) => `jar ${n + 1}`);
    expect(shown(columnsOf(flames, [row()]))).toEqual([
      ...jars.map((jar) => `Flame test | ${jar}`),
      ...jars.map((jar) => `Named | ${jar}`),
    ]);
  });
});

describe('what is shown of a mark', () => {
  const mark = (part: Partial<MarkCell>): MarkCell => ({
    ...cell('observation', 'a', 'flame', 'colour'),
    ...part,
  });
  test.each([
    ['open', { open: true, points: 0 }],
    ['not-done', { answer: '', points: 0 }],
    ['earned', { points: 1 }],
    ['part', { points: 1, max: 2 }],
    ['nothing', { points: 0 }],
  ] as const)('%s', (state, part) => expect(stateOf(mark(part))).toBe(state));
  test('what a person decided on an empty answer is a mark, not something left undone', () =>
    expect(
      stateOf(mark({ answer: '', points: 0, changes: [{ points: 0 }] as unknown as MarkCell['changes'] })),
    ).toBe('nothing'));
  test('whoever has nothing at all is told from whoever earned nothing', () => {
    expect(wroteNothing(row(mark({ answer: '', points: 0 }), mark({ answer: '', points: 0 })))).toBe(true);
    expect(wroteNothing(row(mark({ answer: '', points: 0 }), mark({ points: 0 })))).toBe(false);
  });
});

test('techniques stand first, equations last, each by its test; none where none is asked', () => {
  const salt = practical(/full unknown salt/);
  const asked = {
    ...salt,
    tests: salt.tests.map((t) =>
      t.test === 'flame' ? { ...t, technique: true } : t.test === 'sulfate' ? { ...t, equation: 'ionic' } : t,
    ),
  };
  const lesson = { practical: asked, samples: [sample('jar-1', 'unknown')] } as unknown as Lesson;
  const rows = [
    row(
      cell('technique', 'jar-1', 'flame', null),
      cell('technique', 'jar-1', null, 'order'),
      cell('observation', 'jar-1', 'flame', 'colour'),
      cell('conclusion', 'jar-1', null, null),
      cell('equation', 'jar-1', 'sulfate', null),
    ),
  ];
  const heads = shown(columnsOf(lesson, rows));
  expect([heads[0], heads[1], heads.at(-1)]).toEqual([
    'Technique | Flame test',
    'Order of tests | jar 1',
    'Equation: Sulfate | jar 1',
  ]);
  expect(columnsOf(lesson, rows).at(-1)!.of(rows[0]!)).toMatchObject({ strand: 'equation', test: 'sulfate' });
  const plain = { practical: salt, samples: lesson.samples } as unknown as Lesson;
  expect(shown(columnsOf(plain, rows)).some((h) => /Technique|Equation/.test(h))).toBe(false);
});
