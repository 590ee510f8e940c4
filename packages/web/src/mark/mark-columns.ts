/**
 * The columns of the table of marks: together by what was looked at, in each labelled samples by name and jars by their
 * place on the student's own bench; how the jars were named stands last.
 */
import type { Lesson, LessonSample, MarkCell, MarkRow } from '@kivex/contract';
import { orderItem, testOf } from '@kivex/core';
import { looksOf, shortTestName } from '../kit/look-names.js';

/** What a column is about: a labelled sample, a jar by its place or the liquid kept of it, or a test as a whole. */
export type ColumnSample =
  | { readonly known: LessonSample }
  | { readonly jar: number; readonly liquid: boolean }
  | { readonly whole: string };

export interface Column {
  readonly key: string;
  /** What was looked at, short and whole; columns of one stand together. */
  readonly group: { readonly id: string; readonly head: string; readonly says: string };
  readonly sample: ColumnSample;
  readonly of: (row: MarkRow) => MarkCell | undefined;
}

/** What is looked at in the practical, in its order. */
function looks({ practical }: Pick<Lesson, 'practical'>) {
  return practical.tests.flatMap((planned) => {
    const own = looksOf({ tests: [planned] }).filter((look) => !look.throughGlass);
    return own.map(({ test, attribute, short, what, says }) => ({
      test,
      attribute,
      group: { id: `${test} ${attribute}`, head: own.length > 1 ? `${short}: ${what}` : short, says },
    }));
  });
}

const naming = { id: 'naming', head: 'Named', says: 'Which ion or substance it was named' };
type Item = Pick<MarkCell, 'strand'> & Partial<Pick<MarkCell, 'sample' | 'test' | 'attribute'>>;
const cellAt = (row: MarkRow, item: Item): MarkCell | undefined =>
  row.cells.find((cell) => (Object.keys(item) as (keyof Item)[]).every((part) => cell[part] === item[part]));

/** The samples of a student that had to be named, in the order of their bench. */
export function jarsOf(row: MarkRow, samples: readonly LessonSample[]): LessonSample[] {
  const own = new Set(row.cells.map((c) => c.sample));
  const byId = new Map(samples.map((s) => [s.id, s]));
  return [...own].flatMap((id) => byId.get(id) ?? []).filter((s) => s.role === 'unknown');
}

/** The columns of a lesson, of which none stands empty once somebody is marked. */
export function columnsOf(lesson: Pick<Lesson, 'practical' | 'samples'>, rows: readonly MarkRow[]): Column[] {
  const roleOf = new Map(lesson.samples.map((s) => [s.id, s.role]));
  const knowns = lesson.samples.filter((s) => roleOf.get(s.from ?? s.id) === 'known');
  const liquidOf = new Map(lesson.samples.flatMap((s) => (s.from ? [[s.from, s.id] as const] : [])));
  const jarAt = (row: MarkRow, n: number) => jarsOf(row, lesson.samples)[n]?.id ?? '';
  const marked = rows.some((row) => row.cells.length);
  const places = Array.from({ length: lesson.practical.unknownsPerGroup }, (_, n) => n);
  const observed = looks(lesson).flatMap(({ test, attribute, group }): Column[] => {
    const suffix = `:${test}:${attribute}`;
    const of = (sampleOf: (row: MarkRow) => string | undefined) => (row: MarkRow) =>
      cellAt(row, { strand: 'observation', sample: sampleOf(row) ?? '', test, attribute });
    return [
      ...(marked
        ? knowns.map((known) => ({
            key: `${known.id}${suffix}`,
            group,
            sample: { known },
            of: of(() => known.id),
          }))
        : []),
      ...places.flatMap((n) => [
        {
          key: `saw-${n}${suffix}`,
          group,
          sample: { jar: n, liquid: false },
          of: of((row) => jarAt(row, n)),
        },
        ...(liquidOf.size
          ? [
              {
                key: `liquid-${n}${suffix}`,
                group,
                sample: { jar: n, liquid: true },
                of: of((row) => liquidOf.get(jarAt(row, n))),
              },
            ]
          : []),
      ]),
    ];
  });
  const named = places.map((n): Column => ({
    key: `named-${n}`,
    group: naming,
    sample: { jar: n, liquid: false },
    of: (row) => cellAt(row, { strand: 'conclusion', sample: jarAt(row, n) }),
  }));
  const equations = lesson.practical.tests.flatMap(({ test, equation }): Column[] =>
    equation
      ? places.map((n) => ({
          key: `equation-${n}:${test}`,
          group: {
            id: `equation ${test}`,
            head: `Equation: ${shortTestName(test)}`,
            says: `The ${equation} equation of what happened in ${testOf(test).name}`,
          },
          sample: { jar: n, liquid: false },
          of: (row) => cellAt(row, { strand: 'equation', sample: jarAt(row, n), test }),
        }))
      : [],
  );
  const techniques = lesson.practical.tests.flatMap(({ test, technique }): Column[] =>
    technique
      ? [
          {
            key: `technique:${test}`,
            group: { id: 'technique', head: 'Technique', says: 'How the tests were done, as signed off' },
            sample: { whole: shortTestName(test) },
            of: (row) => cellAt(row, { strand: 'technique', test }),
          },
        ]
      : [],
  );
  const orders = (marked ? places : []).map((n): Column => ({
    key: `order-${n}`,
    group: { id: 'order', head: 'Order of tests', says: 'Whether the tests were begun in the order set' },
    sample: { jar: n, liquid: false },
    of: (row) => cellAt(row, { strand: 'technique', sample: jarAt(row, n), attribute: orderItem }),
  }));
  return [...techniques, ...orders, ...observed, ...named, ...equations].filter(
    (column) => !marked || rows.some((row) => column.of(row)),
  );
}

/** What is shown of a mark: not the same when nothing was done, nothing earned, or a person must look. */
export type MarkState = 'open' | 'not-done' | 'earned' | 'part' | 'nothing';

export const stateOf = (cell: MarkCell): MarkState =>
  cell.open
    ? 'open'
    : !cell.answer && !cell.changes.length
      ? 'not-done'
      : cell.points >= cell.max
        ? 'earned'
        : cell.points > 0
          ? 'part'
          : 'nothing';

/** Has this student nothing that could be marked, neither of their own nor of their group's? */
export const wroteNothing = (row: MarkRow): boolean =>
  row.cells.every((cell) => stateOf(cell) === 'not-done');
