/** The columns of the table of marks: labelled samples by name, jars by their place on the student's own bench. */
import type { Lesson, LessonSample, MarkCell, MarkRow } from '@kivex/contract';
import { attributeOf, testOf } from '@kivex/core';

export interface Column {
  readonly key: string;
  readonly title: string;
  /** What is marked, in a word or two. */
  readonly kind: string;
  /** Each student has other jars here; the cell says which. */
  readonly jar: boolean;
  readonly of: (row: MarkRow) => MarkCell | undefined;
}

/** What follows the sample in the key of an observation, in the order of the practical; with how it is headed. */
function looks({
  practical,
}: Pick<Lesson, 'practical'>): readonly { readonly suffix: string; readonly saw: string }[] {
  return practical.tests.flatMap(({ test: id, attributes }, at) => {
    const test = testOf(id);
    const several = attributes.filter((a) => attributeOf(test, a).reads !== 'glass-colour');
    return several.map((attribute, i) => ({
      suffix: at === 0 && i === 0 ? '' : `:${id}:${attribute}`,
      saw:
        practical.tests.length === 1 && several.length === 1
          ? 'saw'
          : `${test.name.split(/[:,]/)[0]}${several.length > 1 ? `, ${attribute}` : ''}`,
    }));
  });
}

const cellAt = (row: MarkRow, key: string) => row.cells.find((c) => c.key === key);

/** The columns of a lesson, of which none stands empty once somebody is marked. */
export function columnsOf(lesson: Pick<Lesson, 'practical' | 'samples'>, rows: readonly MarkRow[]): Column[] {
  const roleOf = new Map(lesson.samples.map((s) => [s.id, s.role]));
  const knowns = lesson.samples.filter((s) => roleOf.get(s.from ?? s.id) === 'known');
  const liquidOf = new Map(lesson.samples.flatMap((s) => (s.from ? [[s.from, s.id] as const] : [])));
  const observed = looks(lesson);
  /** The id of a student's jar, by its place on their bench. */
  const jarAt = (row: MarkRow, n: number) =>
    [...new Set(row.cells.map((c) => c.sample))].filter((id) => roleOf.get(id) === 'unknown')[n] ?? '';
  const marked = rows.some((row) => row.cells.length);
  const shown = (columns: readonly Column[]) =>
    columns.filter((column) => !marked || rows.some((row) => column.of(row)));
  const observations = (
    key: string,
    title: string,
    sampleOf: (row: MarkRow) => string | undefined,
  ): readonly Column[] =>
    shown(
      observed.map(({ suffix, saw }) => ({
        key: key + suffix,
        title,
        kind: saw,
        jar: false,
        of: (row) => cellAt(row, `observation:${sampleOf(row)}${suffix}`),
      })),
    );
  const titleOf = (s: LessonSample) => (s.from ? s.label : s.holds);
  return [
    ...(marked ? knowns.flatMap((s) => observations(s.id, titleOf(s), () => s.id)) : []),
    ...Array.from({ length: lesson.practical.unknownsPerGroup }, (_, n) => {
      const title = `Jar ${n + 1}`;
      const own = observations(`saw-${n}`, title, (row) => jarAt(row, n));
      const liquid = liquidOf.size
        ? observations(`liquid-${n}`, `${title}, liquid`, (row) => liquidOf.get(jarAt(row, n)))
        : [];
      const named: Column = {
        key: `named-${n}`,
        title,
        kind: 'named',
        jar: false,
        of: (row) => cellAt(row, `naming:${jarAt(row, n)}`),
      };
      return [...own, ...liquid, named].map((column, i) => ({ ...column, jar: i === 0 }));
    }).flat(),
  ];
}
