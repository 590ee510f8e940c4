/**
 * Work that takes long enough to be felt at the benches: done in worker threads, one function a job. What goes in and
 * comes out is plain data. This file is loaded by the workers alone; who asks for a job knows only its types.
 */
import './give-way.js';
import type { LabelSheetInput } from '../printing/label-sheet.js';
import type { PrepSheet } from '../printing/prep-sheet.js';
import type { ReportSheet } from '../printing/report-sheet.js';
import type { RiskSheetInput } from '../printing/risk-sheet.js';
import type { SheetKind, Table } from '../sheets/sheet-kinds.js';

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

export async function referenceCard({ cards }: { readonly cards: number }): Promise<Uint8Array> {
  const [sheet, { pdfOf }] = await Promise.all([
    import('../printing/reference-card-sheet.js'),
    import('../printing/pdf.js'),
  ]);
  return pdfOf(sheet.referenceCardSheet(cards));
}

export async function reports(input: ReportSheet): Promise<Uint8Array> {
  const [sheet, { pdfOf }] = await Promise.all([
    import('../printing/report-sheet.js'),
    import('../printing/pdf.js'),
  ]);
  return pdfOf(sheet.reportSheet(input));
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
