/** The technician's sheet: tasks in order, solutions with their recipes, samples, plates, apparatus, waste. */
import {
  drawingSvg,
  dueAt,
  formulaInText,
  leadTime,
  recipeText,
  type ApparatusLine,
  type DrawingId,
  type LessonNeeds,
  type PlacedWell,
  type PlateKind,
  type PrepTask,
  type WasteLine,
  standsWords,
} from '@kivex/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { a4Sheet, rich, rule, softInk, table } from './pdf.js';
import { when } from './when.js';

export interface PrepSheet {
  readonly title: string;
  readonly under: string;
  /** ISO 8601. */
  readonly startsAt: string;
  readonly needs: LessonNeeds;
  readonly tasks: readonly PrepTask[];
  /** Keys of the tasks that are done. */
  readonly done: readonly string[];
  readonly apparatus: readonly ApparatusLine[];
  /** Drawings of how it stands, with the tests each serves. */
  readonly pictures: readonly { readonly id: DrawingId; readonly tests: readonly string[] }[];
  readonly waste: readonly WasteLine[];
  readonly names: Readonly<Record<string, string>>;
  readonly plate: {
    readonly kind: PlateKind;
    readonly wells: readonly PlacedWell[];
    readonly tests: Readonly<Record<string, string>>;
  } | null;
}

const cm3 = (mL: number | null): string =>
  mL === null ? '' : mL >= 100 ? `${Math.ceil(mL)} cm³` : `${Number(mL.toPrecision(2))} cm³`;
/** Made anew each time: a node that stands twice is drawn in one place. */
const box = (): Content => ({ canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 0.8 }] });
const ticked = (): Content => ({
  canvas: [
    { type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 0.8 },
    {
      type: 'polyline',
      lineWidth: 1.2,
      points: [
        { x: 2, y: 6 },
        { x: 4, y: 8.5 },
        { x: 8, y: 2.5 },
      ],
    },
  ],
});

/** Pictures in a row of the sheet. */
const inRow = 5;

function pictureRows(pictures: PrepSheet['pictures']): Content[] {
  return Array.from({ length: Math.ceil(pictures.length / inRow) }, (_, row) => ({
    columns: pictures.slice(row * inRow, (row + 1) * inRow).map(({ id, tests }) => ({
      width: 96,
      stack: [
        { svg: drawingSvg(id, 66) },
        {
          text: tests.join(', '),
          fontSize: 8,
          color: softInk,
          margin: [0, 2, 4, 0] as [number, number, number, number],
        },
      ],
    })),
    margin: [0, 6, 0, 0] as [number, number, number, number],
    unbreakable: true,
  }));
}

function plates(
  { kind, wells, tests }: NonNullable<PrepSheet['plate']>,
  names: PrepSheet['names'],
): Content[] {
  const count = Math.max(-1, ...wells.map((w) => w.plate)) + 1;
  const size = Math.min(74, 500 / kind.columns);
  return Array.from({ length: count }, (_, plate): Content => ({
    unbreakable: true,
    margin: [0, 4, 0, 6],
    stack: [
      { text: count > 1 ? `${kind.name}, ${plate + 1} of ${count}` : kind.name, style: 'soft' },
      {
        layout: {
          hLineColor: () => rule,
          vLineColor: () => rule,
          hLineWidth: () => 0.6,
          vLineWidth: () => 0.6,
        },
        table: {
          widths: [12, ...Array.from({ length: kind.columns }, () => size - 10)],
          body: [
            [
              { text: '' },
              ...Array.from({ length: kind.columns }, (_c, c) => ({
                text: String(c + 1),
                style: 'head',
                alignment: 'center' as const,
              })),
            ],
            ...Array.from({ length: kind.rows }, (_r, r) => [
              { text: String.fromCharCode(65 + r), style: 'head' },
              ...Array.from({ length: kind.columns }, (_c, c): Content => {
                const well = wells.find(
                  (w) => w.plate === plate && w.well === `${String.fromCharCode(65 + r)}${c + 1}`,
                );
                return well
                  ? {
                      stack: [
                        { text: names[well.sample] ?? well.sample, bold: true, fontSize: 7 },
                        { text: tests[well.test] ?? well.test, fontSize: 6 },
                      ],
                    }
                  : { text: ' ', fillColor: '#f1f4f6' };
              }),
            ]),
          ],
        },
      },
    ],
  }));
}

export function prepSheet(sheet: PrepSheet): TDocumentDefinitions {
  const { needs, names } = sheet;
  const content: Content[] = [
    {
      text: 'This sheet says what the jars hold: keep it in the prep room.',
      bold: true,
      margin: [0, 0, 0, 2],
    },
    { text: 'What to do when', style: 'h2', headlineLevel: 1 },
    table(
      [12, 96, '*'],
      ['', 'Begin by', 'Task'],
      sheet.tasks.map((task) => [
        sheet.done.includes(task.key) ? ticked() : box(),
        {
          stack: [
            {
              text: task.hoursBefore < 0 ? 'after the lesson' : when(dueAt(sheet.startsAt, task.hoursBefore)),
            },
            { text: leadTime(task.hoursBefore), fontSize: 7, color: softInk },
          ],
        },
        rich(task.text),
      ]),
    ),
    ...(needs.reagents.length
      ? [
          { text: 'Solutions and reagents', style: 'h2', headlineLevel: 1 },
          table(
            ['*', 50, 50, 60, 150],
            ['Reagent', 'Group', 'Class', 'Bottles', 'Make'],
            needs.reagents.map((r) => [
              {
                stack: [
                  rich(r.name),
                  ...(r.hazard.level === 'low'
                    ? []
                    : [{ text: r.hazard.statements.join(' '), fontSize: 7, color: softInk }]),
                ],
              },
              { text: cm3(r.perGroup_mL) },
              { text: r.pieces === null ? cm3(r.total_mL) : `${r.pieces} pieces` },
              { text: `${r.bottles} ${standsWords[r.stands]}` },
              {
                stack: [
                  r.recipes[0] ? rich(recipeText(r.recipes[0])) : { text: '' },
                  ...('mind' in (r.recipes[0] ?? {})
                    ? [{ text: (r.recipes[0] as { mind: string }).mind, fontSize: 7, color: softInk }]
                    : []),
                ],
              },
            ]),
          ),
        ]
      : []),
    { text: 'Samples', style: 'h2', headlineLevel: 1 },
    table(
      [70, '*', 50, 56, 150],
      ['Label', 'Holds', 'Portions', 'In all', 'Make'],
      needs.samples.map((s) => [
        { text: names[s.key] ?? s.key, bold: s.role === 'unknown' },
        {
          stack: [
            rich(s.holds),
            {
              ...rich(`${formulaInText(s.formula)}${s.molarity === null ? '' : `, ${s.molarity} mol/dm³`}`),
              fontSize: 7,
              color: softInk,
            },
          ],
        },
        { text: String(s.portions) },
        {
          text:
            s.unit === 'mL'
              ? cm3(s.total)
              : s.unit === 'g'
                ? `${Number(s.total.toPrecision(2))} g`
                : `${s.total} ${s.unit}`,
        },
        s.recipes[0] ? rich(recipeText(s.recipes[0])) : { text: 'not used' },
      ]),
    ),
    ...(sheet.plate?.wells.length
      ? [
          { text: 'Plate for one group', style: 'h2', headlineLevel: 1 } as Content,
          ...plates(sheet.plate, names),
        ]
      : []),
    { text: 'Apparatus', style: 'h2', headlineLevel: 1 },
    table(
      ['*', 70, 70],
      ['Item', 'Each bench', 'In all'],
      sheet.apparatus.map((a) => [
        { text: a.item },
        { text: a.perBench === null ? '' : String(a.perBench) },
        { text: String(a.total) },
      ]),
    ),
    ...pictureRows(sheet.pictures),
    { text: 'Waste', style: 'h2', headlineLevel: 1 },
    table(
      [140, 60, 50, '*'],
      ['Stream', 'About', 'Bottles', 'How'],
      sheet.waste.map((w) => [
        { text: w.stream.name },
        { text: w.volume_mL ? `${Math.ceil(w.volume_mL)} cm³` : 'solids' },
        { text: w.bottles ? String(w.bottles) : '' },
        { text: w.stream.how },
      ]),
    ),
  ];
  return a4Sheet(
    {
      title: sheet.title,
      under: sheet.under,
      foot: 'Usual amounts and cautions. Your employer’s risk assessment, local codes and the qualified person in charge decide.',
    },
    content,
  );
}
