/** Marks as CSV that a spreadsheet opens safely: text that would run as a formula is defused. */
import Papa from 'papaparse';

export interface MarksSheet {
  /** Headings of the item columns, in order. */
  readonly items: readonly string[];
  readonly rows: readonly {
    readonly name: string;
    readonly group: string;
    /** Points for each item; null where nothing was marked. */
    readonly points: readonly (number | null)[];
    readonly max: number;
    readonly open: number;
  }[];
}

/** CSV text (RFC 4180, UTF-8 with a byte order mark, CRLF): name, group, each item, total, out of, still to look at. */
export function marksCsv({ items, rows }: MarksSheet): string {
  const data = rows.map((row) => [
    row.name,
    row.group,
    ...row.points.map((p) => p ?? ''),
    row.points.reduce<number>((sum, p) => sum + (p ?? 0), 0),
    row.max,
    row.open,
  ]);
  return (
    '\uFEFF' +
    Papa.unparse(
      { fields: ['Student', 'Group', ...items, 'Total', 'Out of', 'Still to look at'], data },
      { newline: '\r\n', escapeFormulae: true },
    ) +
    '\r\n'
  );
}
