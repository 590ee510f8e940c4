/**
 * Work that takes long enough to be felt at the benches: done in worker threads, one function a job. What goes in and
 * comes out is plain data. This file is loaded by the workers alone; who asks for a job knows only its types.
 */
import './give-way.js';
import type { ItemMark, LessonEvent, MarkedSample, Practical } from '@kivex/core';
import type { LabelSheetInput } from '../printing/label-sheet.js';
import type { PrepSheet } from '../printing/prep-sheet.js';
import type { RiskSheetInput } from '../printing/risk-sheet.js';
import type { SheetKind, Table } from '../sheets/sheet-kinds.js';

export interface GroupToMark {
  readonly students: readonly string[];
  readonly unknowns: readonly string[];
  readonly events: readonly LessonEvent[];
}
export interface MarksInput {
  readonly document: Practical;
  readonly samples: readonly MarkedSample[];
  readonly groups: readonly GroupToMark[];
}
export interface MarksOfStudent {
  readonly student: string;
  readonly items: readonly ItemMark[];
}

// What a job needs is loaded when it first comes, at the worker's own pace.
export async function labels(input: LabelSheetInput): Promise<Uint8Array> {
  const [{ labelSheet }, { pdfOf }] = await Promise.all([
    import('../printing/label-sheet.js'),
    import('../printing/pdf.js'),
  ]);
  return pdfOf(labelSheet(input));
}

export async function prepSheet(input: PrepSheet): Promise<Uint8Array> {
  const [sheet, { pdfOf }] = await Promise.all([
    import('../printing/prep-sheet.js'),
    import('../printing/pdf.js'),
  ]);
  return pdfOf(sheet.prepSheet(input));
}

export async function riskSheet(input: RiskSheetInput): Promise<Uint8Array> {
  const [sheet, { pdfOf }] = await Promise.all([
    import('../printing/risk-sheet.js'),
    import('../printing/pdf.js'),
  ]);
  return pdfOf(sheet.riskSheet(input));
}

export async function sheetFile({
  kind,
  name,
  rows,
}: {
  readonly kind: SheetKind;
  readonly name: string;
  readonly rows: Table;
}): Promise<Uint8Array> {
  const { tableAs } = await import('../sheets/write-sheet.js');
  return tableAs(kind, name, rows);
}

export async function marks({ document, samples, groups }: MarksInput): Promise<MarksOfStudent[]> {
  const { lessonMarks, readGroup } = await import('@kivex/core');
  return groups.flatMap(({ students, unknowns, events }) => {
    const record = readGroup(events);
    const own = samples.filter((s) => s.role === 'known' || unknowns.includes(s.id));
    return students.map((student) => ({ student, items: lessonMarks(document, own, record, student) }));
  });
}
