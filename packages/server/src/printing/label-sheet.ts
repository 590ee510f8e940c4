/** Labels on A4: two across, seven down (99.1 × 38.1 mm), as label sheets are sold. */
import { dayWords } from '@kivex/core/formats/day-words';
import { pictogramSvg, type Label } from '@kivex/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { ink, rich, softInk } from './pdf.js';

const mm = 72 / 25.4;
const wide = 99.1 * mm;
const high = 38.1 * mm;
const across = 2;
const down = 7;
const left = (210 * mm - across * wide) / 2;
const top = (297 * mm - down * high) / 2;

/** Statements that fit: the codes always, the words while there is room for them. */
function statementLines(statements: readonly string[]): string {
  const words = statements.join('. ');
  return words.length <= 170 ? words : statements.map((s) => s.split(' ')[0]).join(' ');
}

function labelBox(label: Label, origin: string): Content {
  const pictograms = label.pictograms.slice(0, 4);
  const dates = [
    label.secret ? '' : `made ${label.made}`,
    label.expires && !label.secret ? `use by ${dayWords(label.expires)}` : '',
    label.batch ? `batch ${label.batch}` : '',
  ].filter(Boolean);
  return {
    columns: [
      {
        width: '*',
        stack: [
          {
            ...rich(label.title),
            font: label.secret ? 'Mono' : 'Atkinson',
            fontSize: label.secret ? 20 : label.title.length > 30 ? 10 : 12.5,
            bold: true,
          },
          { ...rich(label.line), fontSize: 9.5, margin: [0, 1, 0, 2] },
          ...(label.mind
            ? [
                {
                  text: label.mind,
                  bold: true,
                  fontSize: 7,
                  margin: [0, 0, 0, 2] as [number, number, number, number],
                },
              ]
            : []),
          ...(label.signal ? [{ text: label.signal.toUpperCase(), bold: true, fontSize: 8 }] : []),
          ...(label.statements.length
            ? [{ text: statementLines(label.statements), fontSize: 6.6, lineHeight: 1.05, color: ink }]
            : []),
          ...(dates.length
            ? [
                {
                  text: dates.join(' · '),
                  fontSize: 6.5,
                  color: softInk,
                  margin: [0, 2, 0, 0] as [number, number, number, number],
                },
              ]
            : []),
        ],
      },
      {
        width: pictograms.length > 2 ? 58 : pictograms.length ? 30 : 0,
        stack: chunks(pictograms, pictograms.length > 2 ? 2 : 1).map((row): Content => ({
          columns: row.map((p) => ({ svg: pictogramSvg(p), width: 27, height: 27 })),
          columnGap: 2,
          margin: [0, 0, 0, 2],
        })),
      },
      { width: 58, qr: origin + label.path, fit: 58, alignment: 'right' },
    ],
    columnGap: 5,
    margin: [8, 7, 8, 0],
  };
}
const chunks = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, i) => list.slice(i * size, (i + 1) * size));

export interface LabelSheetInput {
  readonly labels: readonly Label[];
  /** Address the QR codes open, without a slash at its end. */
  readonly origin: string;
  /** Labels already used up on the first sheet. */
  readonly skip?: number;
}

/** A sheet of labels, each as often as it has copies. */
export function labelSheet({ labels, origin, skip = 0 }: LabelSheetInput): TDocumentDefinitions {
  const each: (Label | null)[] = [
    ...Array.from({ length: Math.min(skip, across * down - 1) }, () => null),
    ...labels.flatMap((label) => Array.from({ length: label.copies }, () => label)),
  ];
  const pages = chunks(each, across * down);
  return {
    pageSize: 'A4',
    pageMargins: [left, top, left, 0],
    info: { title: 'Kivex labels', creator: 'Kivex' },
    defaultStyle: { font: 'Atkinson', color: ink, lineHeight: 1.1 },
    content: pages.map((page, i): Content => ({
      ...(i ? { pageBreak: 'before' } : {}),
      layout: {
        hLineWidth: () => 0.3,
        vLineWidth: () => 0.3,
        hLineColor: () => '#dfe5ea',
        vLineColor: () => '#dfe5ea',
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
      table: {
        widths: Array.from({ length: across }, () => wide - 0.6),
        heights: high - 0.35,
        body: chunks(page, across).map((row) =>
          Array.from({ length: across }, (_, c): Content => {
            const label = row[c];
            return label ? labelBox(label, origin) : { text: '' };
          }),
        ),
      },
    })),
  };
}
