import { describe, expect, test } from '@jest/globals';
import type { Lesson, LessonSample, MarkCell, MarkRow } from '@kivex/contract';
import { shippedPracticals } from '@kivex/core';
import { columnsOf } from './mark-columns.js';

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
const cell = (key: string, of: string): MarkCell =>
  ({
    key,
    sample: of,
    strand: key.startsWith('naming') ? 'conclusion' : 'observation',
    points: 1,
    max: 1,
  }) as MarkCell;
const row = (...cells: MarkCell[]): MarkRow => ({ cells }) as unknown as MarkRow;
const shown = (columns: ReturnType<typeof columnsOf>) =>
  columns.map((c) => `${c.title} | ${c.kind}${c.jar ? ' *' : ''}`);

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
  const worked = (jars: readonly [string, string]) =>
    row(
      cell('observation:zinc', 'zinc'),
      ...jars.flatMap((jar) => [cell(`observation:${jar}`, jar), cell(`naming:${jar}`, jar)]),
      cell('observation:zinc-liquid:naoh:precipitate', 'zinc-liquid'),
      ...jars.map((jar) => {
        const liquid = jar.replace('jar', 'liquid');
        return cell(`observation:${liquid}:naoh:precipitate`, liquid);
      }),
    );
  const rows = [worked(['jar-1', 'jar-2']), worked(['jar-2', 'jar-3'])];
  test('knowns by name, then each place of a jar with its liquid and its name, and none empty', () =>
    expect(shown(columnsOf(metals, rows))).toEqual([
      'what zinc holds | Metal and dilute acid, effervescence',
      'Liquid from zinc | Sodium hydroxide, precipitate',
      'Jar 1 | Metal and dilute acid, effervescence *',
      'Jar 1, liquid | Sodium hydroxide, precipitate',
      'Jar 1 | named',
      'Jar 2 | Metal and dilute acid, effervescence *',
      'Jar 2, liquid | Sodium hydroxide, precipitate',
      'Jar 2 | named',
    ]));
  test('each student’s own jar and its own liquid stand in its place', () => {
    const columns = columnsOf(metals, rows);
    const at = (key: string, of: MarkRow) => columns.find((c) => c.key.startsWith(key))!.of(of)?.sample;
    expect([at('saw-1', rows[0]!), at('saw-1', rows[1]!)]).toEqual(['jar-2', 'jar-3']);
    expect([at('liquid-1', rows[0]!), at('liquid-1', rows[1]!)]).toEqual(['liquid-2', 'liquid-3']);
  });
  test('a test that is not for jars has no column of theirs, though a student without marks is there', () => {
    const columns = columnsOf(metals, [...rows, row()]);
    expect(columns.some((c) => c.title === 'Jar 1' && /hydroxide/.test(c.kind))).toBe(false);
    expect(columns.every((c) => [...rows, row()].some((r) => c.of(r)))).toBe(true);
  });
  test('before anybody is marked, what will be seen of jars and how they are named stand', () => {
    const flames = {
      practical: practical(/^Flame colours of unlabelled jars$/),
      samples: [sample('jar-1', 'unknown')],
    };
    expect(shown(columnsOf(flames, [row()]))).toEqual(
      Array.from({ length: flames.practical.unknownsPerGroup }, (_, n) => [
        `Jar ${n + 1} | saw *`,
        `Jar ${n + 1} | named`,
      ]).flat(),
    );
  });
});
