/** Marks and their history as tables of texts, for whichever kind of sheet. */

export interface MarksSheet {
  /** Headings of the item columns, in order. */
  readonly items: readonly string[];
  readonly rows: readonly {
    readonly name: string;
    readonly group: string;
    /** Points for each item; null where nothing was marked. */
    readonly points: readonly (number | null)[];
    /** By the mark scheme; null of somebody who was away. */
    readonly total: number | null;
    readonly max: number;
    readonly late: boolean;
    /** Made up on screen by somebody who was away. */
    readonly onScreen: boolean;
    /** What was agreed to stand in the gradebook instead; null where nothing was. */
    readonly agreed: number | null;
    readonly open: number;
  }[];
}

/** Name, group, each item, total, out of, what is to be known of it, still to look at; headings first. */
export const marksTable = ({ items, rows }: MarksSheet): string[][] => [
  ['Student', 'Group', ...items, 'Total', 'Out of', 'Note', 'Still to look at'],
  ...rows.map(({ name, group, points, total, max, open, ...about }) => [
    name,
    group,
    ...points.map((p) => (p === null ? '' : String(p))),
    ...(total === null ? ['', '', 'away'] : [String(total), String(max), noteOf(about)]),
    String(open),
  ]),
];

const noteOf = ({
  late,
  onScreen,
  agreed,
}: Pick<MarksSheet['rows'][number], 'late' | 'onScreen' | 'agreed'>): string =>
  [
    ...(onScreen ? ['away, made up on screen'] : late ? ['late'] : []),
    ...(agreed === null ? [] : [`${agreed} in the gradebook`]),
  ].join('; ');

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

/** The history of every mark, a row for what Kivex gave and one for each decision; headings first. */
export const historyTable = (marks: readonly MarkHistory[]): string[][] => [
  ['Student', 'Group', 'Item', 'Answer judged', 'Points', 'Out of', 'Why', 'By', 'At', 'Decision'],
  ...marks.flatMap(({ name, group, item, computed, max, decisions }) => {
    const head = [name, group, item];
    const gave = computed.verdict === 'review' ? 'left to a person' : String(computed.points);
    return [
      [...head, computed.answer, gave, String(max), computed.why, 'Kivex', '', ''],
      ...decisions.map((d) => [
        ...head,
        d.answer,
        d.points === null ? 'as computed' : String(d.points),
        String(max),
        d.why,
        d.by,
        d.at,
        d.decision,
      ]),
    ];
  }),
];
