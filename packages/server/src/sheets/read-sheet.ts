/** Reads a file as a table, whatever kind of sheet it is; run in a worker with limits of its own. */
import { tableFromCsv } from '@kivex/core/formats/csv-table';
import { readOds } from './ods-reader.js';
import { mostColumns, mostRows, type ReadTable } from './sheet-kinds.js';
import { SheetProblem } from './table-builder.js';
import { readXlsx } from './xlsx-reader.js';
import { partsOf } from './zip-stream.js';

const unreadable = 'This file cannot be read as a sheet. Save it as .xlsx, .ods or .csv and try again.';

function readCsv(bytes: Uint8Array): ReadTable {
  const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  // A binary file is told by what text never holds.
  if (/[^\P{Cc}\t\n\r\f\v]/u.test(text)) throw new SheetProblem(unreadable);
  const rows = tableFromCsv(text, mostRows + 1);
  return {
    rows: rows.slice(0, mostRows).map((row) => row.slice(0, mostColumns)),
    cut: rows.length > mostRows || rows.some((row) => row.slice(mostColumns).some(Boolean)),
  };
}

/** What kind of sheet it is, is seen from the file itself. @throws SheetProblem with a sentence for people. */
export function readTable(bytes: Uint8Array): ReadTable {
  try {
    if (bytes[0] !== 0x50 || bytes[1] !== 0x4b) return readCsv(bytes);
    const parts = partsOf(bytes);
    if (parts.has('content.xml')) return readOds(bytes);
    if (parts.has('xl/workbook.xml')) return readXlsx(bytes);
    throw new SheetProblem(unreadable);
  } catch (error) {
    throw error instanceof SheetProblem ? error : new SheetProblem(unreadable);
  }
}
