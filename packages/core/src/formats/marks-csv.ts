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

const asCsv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  '\uFEFF' +
  Papa.unparse(
    { fields: [...fields], data: data.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: true },
  ) +
  '\r\n';

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
  return asCsv(['Student', 'Group', ...items, 'Total', 'Out of', 'Still to look at'], data);
}

/** How a mark came about: what Kivex gave, then what people decided, oldest first. */
export interface MarkHistory {
  readonly name: string;
  readonly group: string;
  readonly item: string;
  readonly computed: {
    readonly answer: string;
    readonly points: number;
    readonly verdict: string;
    readonly why: string;
  };
  readonly max: number;
  readonly decisions: readonly {
    readonly answer: string;
    /** Null gave the mark back to what is computed. */
    readonly points: number | null;
    readonly why: string;
    readonly by: string;
    /** ISO 8601, UTC. */
    readonly at: string;
    /** Marks decided together have the same. */
    readonly decision: string;
  }[];
}

/** The history of every mark, a row for what Kivex gave and one for each decision; form as `marksCsv`. */
export function historyCsv(marks: readonly MarkHistory[]): string {
  return asCsv(
    ['Student', 'Group', 'Item', 'Answer judged', 'Points', 'Out of', 'Why', 'By', 'At', 'Decision'],
    marks.flatMap(({ name, group, item, computed, max, decisions }) => [
      [
        name,
        group,
        item,
        computed.answer,
        computed.verdict === 'review' ? 'left to a person' : computed.points,
        max,
        computed.why,
        'Kivex',
        '',
        '',
      ],
      ...decisions.map((d) => [
        name,
        group,
        item,
        d.answer,
        d.points ?? 'as computed',
        max,
        d.why,
        d.by,
        d.at,
        d.decision,
      ]),
    ]),
  );
}
