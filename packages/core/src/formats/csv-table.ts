/** Tables of texts as CSV and back, safe to open in a spreadsheet. */
import Papa from 'papaparse';

/** Letters in which the heading is looked for. */
const headLength = 20_000;

/** What parts the columns: the sign that stands most often, outside quotes, in the first line that holds anything. */
export function delimiterOf(text: string): string {
  const first =
    text
      // The first lines tell it; a quotation mark left open must not have the whole text searched.
      .slice(0, headLength)
      .replace(/"(?:[^"]|"")*"/g, '')
      .split(/\r?\n/)
      .find((line) => line.trim()) ?? '';
  const count = (sign: string) => first.split(sign).length - 1;
  return [',', ';', '\t'].reduce((best, sign) => (count(sign) > count(best) ? sign : best));
}

/** Rows as CSV with a byte order mark, so that spreadsheets read the letters right. */
export const tableToCsv = (rows: readonly (readonly string[])[]): string =>
  `\uFEFF${Papa.unparse(
    rows.map((row) => [...row]),
    {
      newline: '\r\n',
      escapeFormulae: true,
      // Quoted where another program, or this one, might take a sign in it for the end of a column.
      quotes: (cell: unknown) => /[;\t]/.test(String(cell)),
    },
  )}\r\n`;

/**
 * CSV (comma, semicolon or tab) as rows of texts.
 * @param most rows read at most; nothing below them is looked at.
 */
export function tableFromCsv(text: string, most?: number): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const { data } = Papa.parse<string[]>(plain, {
    delimiter: delimiterOf(plain),
    skipEmptyLines: false,
    ...(most === undefined ? {} : { preview: most }),
  });
  // The line end after the last row is not a row.
  if (data.length !== most && data.at(-1)?.every((cell) => !cell)) data.pop();
  return data.map((row) => row.map((cell) => cell.replace(/^'(?=[=+@-])/, '')));
}
