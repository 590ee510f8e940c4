/** Reading of files from outside, in a worker of its own with little memory and little time. */
import './give-way.js';
import type { ReadTable } from '../sheets/sheet-kinds.js';

export type ReadOutcome = { readonly table: ReadTable } | { readonly problem: string };

export type ZipOutcome =
  | { readonly tables: Readonly<Record<string, readonly (readonly string[])[]>> }
  | { readonly problem: string };

/** CSV files of a zip archive as tables, by their names. */
export async function readZip({
  bytes,
  wanted,
}: {
  readonly bytes: Uint8Array;
  readonly wanted: readonly string[];
}): Promise<ZipOutcome> {
  const [{ zipTexts }, { SheetProblem }, { tableFromCsv }] = await Promise.all([
    import('../sheets/zip-texts.js'),
    import('../sheets/table-builder.js'),
    import('@kivex/core/formats/csv-table'),
  ]);
  try {
    const texts = zipTexts(bytes, wanted);
    return {
      tables: Object.fromEntries(
        Object.entries(texts).map(([name, text]) => [name, tableFromCsv(text, mostLines)]),
      ),
    };
  } catch (error) {
    return { problem: error instanceof SheetProblem ? error.message : 'This archive cannot be read.' };
  }
}

/** Lines of one file looked at. */
const mostLines = 50_000;

export async function readSheet(bytes: Uint8Array): Promise<ReadOutcome> {
  const [{ readTable }, { SheetProblem }] = await Promise.all([
    import('../sheets/read-sheet.js'),
    import('../sheets/table-builder.js'),
  ]);
  try {
    return { table: readTable(bytes) };
  } catch (error) {
    return {
      problem: error instanceof SheetProblem ? error.message : 'This file cannot be read as a sheet.',
    };
  }
}
