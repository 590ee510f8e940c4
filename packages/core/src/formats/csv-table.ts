/** Tables of texts as CSV and back, safe to open in a spreadsheet. */
import Papa from 'papaparse';

/** Rows as CSV with a byte order mark, so that spreadsheets read the letters right. */
export const tableToCsv = (rows: readonly (readonly string[])[]): string =>
  `\uFEFF${Papa.unparse(
    rows.map((row) => [...row]),
    { newline: '\r\n', escapeFormulae: true },
  )}\r\n`;

/** CSV (comma, semicolon or tab) as rows of texts. */
export function tableFromCsv(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  // The line end after the last row is not a row.
  if (data.at(-1)?.every((cell) => !cell)) data.pop();
  return data.map((row) => row.map((cell) => cell.replace(/^'(?=[=+@-])/, '')));
}
