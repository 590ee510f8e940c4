/** Students' reports on A4: each on a page of its own with its tile and every item, or as slips, several to a page. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { a4Sheet, rich, rule, softInk } from './pdf.js';

export interface ReportItem {
  readonly what: string;
  readonly answer: string;
  readonly points: number;
  readonly max: number;
  readonly why: readonly string[];
}
export interface StudentReport {
  readonly name: string;
  readonly group: string;
  readonly points: number;
  readonly max: number;
  readonly late: boolean;
  readonly absent: boolean;
  /** Made up on screen by somebody who was away. */
  readonly onScreen: boolean;
  /** What was logged, a row a sample, in the order of `tests`. */
  readonly tile: readonly { readonly label: string; readonly cells: readonly string[] }[];
  readonly samples: readonly {
    readonly label: string;
    readonly holds: string;
    readonly items: readonly ReportItem[];
  }[];
  /** The one thing that would bring most, and what to ask oneself. */
  readonly next: {
    readonly text: string;
    readonly questions: readonly { readonly ask: string; readonly model: string }[];
  } | null;
}
export interface ReportSheet {
  readonly title: string;
  readonly under: string;
  readonly form: 'reports' | 'slips';
  readonly tests: readonly string[];
  readonly students: readonly StudentReport[];
}

type Margin = [number, number, number, number];
const above = (n: number): Margin => [0, n, 0, 0];

/** What a student came to, in words. */
export const total = ({
  points,
  max,
  late,
  absent,
  onScreen,
}: Pick<StudentReport, 'points' | 'max' | 'late' | 'absent' | 'onScreen'>): string =>
  onScreen
    ? `away; made up on the bench on screen: ${points} of ${max}`
    : absent
      ? 'away: no mark'
      : `${points} of ${max}${late ? ', handed in after the end' : ''}`;

const lines = {
  hLineWidth: () => 0.6,
  vLineWidth: () => 0.6,
  hLineColor: () => rule,
  vLineColor: () => rule,
  paddingTop: () => 2.5,
  paddingBottom: () => 2.5,
};

const tile = (tests: readonly string[], { tile: rows }: StudentReport): Content => ({
  table: {
    headerRows: 1,
    widths: ['auto', ...tests.map(() => '*')],
    body: [
      ['', ...tests].map((text) => ({ text, bold: true, fontSize: 8 })),
      ...rows.map(({ label, cells }) => [
        { text: label, bold: true, fontSize: 8 },
        ...cells.map((text) => ({ ...rich(text), fontSize: 8 })),
      ]),
    ],
  },
  layout: lines,
  margin: above(6),
});

/** A sample's items, kept together with their heading: a page break looked for over a whole class takes too long. */
const items = ({ samples }: StudentReport): Content[] =>
  samples.map(({ label, holds, items: own }): Content => ({
    unbreakable: true,
    margin: above(8),
    stack: [
      { text: [{ text: label, bold: true }, label === holds ? '' : ` held ${holds}`] },
      {
        table: {
          widths: [110, '*', 34],
          body: own.map(({ what, answer, points, max, why }) => [
            { text: what, fontSize: 9 },
            {
              stack: [
                { ...rich(answer || 'nothing written'), bold: true, fontSize: 9 },
                ...why.map((text) => ({ ...rich(text), fontSize: 8.5, color: softInk })),
              ],
            },
            { text: max ? `${points} / ${max}` : 'not counted', alignment: 'right' as const, fontSize: 9 },
          ]),
        },
        layout: { ...lines, vLineWidth: () => 0 },
        margin: above(2),
      },
    ],
  }));

const next = ({ next: step }: StudentReport): Content[] =>
  step
    ? [
        { text: 'What would bring you most', bold: true, margin: above(10) },
        { ...rich(step.text), margin: above(2) },
        ...step.questions.map(({ ask, model }): Content => ({
          ...rich(`${ask} (${model})`),
          fontSize: 9,
          margin: above(2),
        })),
      ]
    : [];

function report(sheet: ReportSheet, student: StudentReport, first: boolean): Content[] {
  return [
    {
      columns: [
        { text: student.name, fontSize: 15, bold: true },
        { text: total(student), fontSize: 13, bold: true, alignment: 'right' },
      ],
      ...(first ? {} : { pageBreak: 'before' as const }),
    },
    { text: `${student.group}, ${sheet.title}, ${sheet.under}`, color: softInk, fontSize: 9 },
    ...(student.absent ? [] : [tile(sheet.tests, student), ...items(student), ...next(student)]),
  ];
}

const slip = (student: StudentReport): Content => ({
  unbreakable: true,
  stack: [
    {
      columns: [
        { text: student.name, bold: true },
        { text: total(student), bold: true, alignment: 'right' },
      ],
    },
    { text: student.group, color: softInk, fontSize: 8.5 },
    ...(student.next
      ? [
          { ...rich(`Next: ${student.next.text}`), fontSize: 9, margin: above(3) },
          ...student.next.questions
            .slice(0, 2)
            .map(({ ask }) => ({ ...rich(ask), fontSize: 9, margin: above(1) })),
        ]
      : []),
    {
      canvas: [{ type: 'line', x1: 0, y1: 0, x2: 515, y2: 0, dash: { length: 3 }, lineColor: rule }],
      margin: [0, 8, 0, 8],
    },
  ],
});

export function reportSheet(sheet: ReportSheet): TDocumentDefinitions {
  const { pageBreakBefore: _, ...plain } = a4Sheet(
    { title: sheet.title, under: sheet.under, foot: `${sheet.title}, ${sheet.under}` },
    sheet.form === 'slips'
      ? sheet.students.map(slip)
      : sheet.students.flatMap((student, i) => report(sheet, student, i === 0)),
  );
  return plain;
}
