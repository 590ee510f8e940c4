/** The risk sheet: hazards and controls by step, plainly marked as support for the employer's own assessment. */
import { codeAndText, pictogramNames, pictogramSvg, type Risk, type WasteLine } from '@kivex/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { a4Sheet, rich, softInk, table } from './pdf.js';

const levelWords = { low: 'low', care: 'take care', danger: 'danger' } as const;
const strength = (molarity: number | null) => (molarity === null ? '' : ` ${molarity} mol/dm³`);

const onlyWords = (step: Risk['tests'][number]['steps'][number]): string =>
  [
    step.teacherOnly ? 'teacher only' : '',
    step.teacherFirst ? 'show the teacher first' : '',
    step.fumeCupboard ? 'fume cupboard' : '',
  ]
    .filter(Boolean)
    .join(', ');

export interface RiskSheetInput {
  readonly risk: Risk;
  readonly waste: readonly WasteLine[];
  /** Lesson or practical, day, room. */
  readonly head: { readonly title: string; readonly under: string };
}

export function riskSheet({ risk, waste, head }: RiskSheetInput): TDocumentDefinitions {
  const content: Content[] = [
    {
      table: { widths: ['*'], body: [[{ text: risk.deference, bold: true, margin: [6, 5, 6, 5] }]] },
      layout: {
        hLineWidth: () => 1,
        vLineWidth: () => 1,
        hLineColor: () => '#a9741a',
        vLineColor: () => '#a9741a',
      },
      margin: [0, 2, 0, 8],
    },
    {
      columns: [
        ...risk.pictograms.map((p) => ({
          width: 58,
          stack: [
            { svg: pictogramSvg(p), width: 34, height: 34, alignment: 'center' as const },
            {
              text: `${pictogramNames[p].code} ${pictogramNames[p].name}`,
              fontSize: 6.5,
              alignment: 'center' as const,
            },
          ],
        })),
        { width: '*', text: '' },
      ],
      columnGap: 4,
    },
    { text: 'Protection', style: 'h2', headlineLevel: 1 },
    { ul: risk.ppe.map((text) => ({ text })) },
    { text: 'Samples', style: 'h2', headlineLevel: 1 },
    table(
      ['*', 40, 48, '*'],
      ['Sample', 'Form', 'Level', 'Hazard'],
      risk.samples.map((s) => [
        rich(s.holds),
        { text: s.form },
        { text: levelWords[s.hazard.level] },
        {
          stack: [
            { text: s.hazard.words },
            ...(s.hazard.statements.length
              ? [{ text: s.hazard.statements.map(codeAndText).join('; '), fontSize: 7, color: softInk }]
              : []),
          ],
        },
      ]),
    ),
    ...risk.tests.flatMap((test): Content[] => [
      { text: test.title, style: 'h2', headlineLevel: 1 },
      table(
        [14, '*', '*', 76],
        ['', 'Step', 'Hazards and cautions', 'Who and where'],
        test.steps.map((step, i) => [
          { text: String(i + 1) },
          rich(step.text),
          {
            stack: [
              ...step.reagents.map((r): Content => ({
                text: [
                  { text: `${r.name}${strength(r.molarity)}: `, bold: true },
                  `${r.hazard.words}${r.hazard.statements.length ? ` (${r.hazard.statements.join(', ')})` : ''}`,
                ],
              })),
              ...step.cautions.map((c): Content => ({ text: c.text, bold: c.level === 'danger' })),
            ],
          },
          { text: onlyWords(step), bold: step.teacherOnly },
        ]),
      ),
      { text: [{ text: 'Waste: ', bold: true }, test.waste], margin: [0, 4, 0, 0] },
    ]),
    { text: 'Waste', style: 'h2', headlineLevel: 1 },
    table(
      [130, 60, '*'],
      ['Stream', 'About', 'How'],
      waste.map((w) => [
        { text: w.stream.name, bold: true },
        { text: w.volume_mL ? `${Math.ceil(w.volume_mL)} cm³` : 'solids' },
        { text: w.stream.how },
      ]),
    ),
    {
      margin: [0, 18, 0, 0],
      columns: ['Read and agreed for this class by', 'Date'].map((text) => ({
        stack: [
          { canvas: [{ type: 'line' as const, x1: 0, y1: 14, x2: 200, y2: 14, lineWidth: 0.5 }] },
          { text, style: 'soft' },
        ],
      })),
    },
  ];
  return a4Sheet(
    { ...head, foot: 'Supports, and never replaces, the employer’s own risk assessment and local codes.' },
    content,
  );
}
