/** PDF on A4 with the app's own typeface, and others for scripts it lacks; nothing is fetched, no file but the fonts is read. */
import type { Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import pdfmake from 'pdfmake';
import { fonts, withScripts } from './scripts.js';

/** The part of pdfmake that is used here. */
interface Engine {
  setFonts(
    fonts: Record<string, { normal: string; bold: string; italics: string; bolditalics: string }>,
  ): void;
  setUrlAccessPolicy(allow: (url: string) => boolean): void;
  setLocalAccessPolicy(allow: (path: string) => boolean): void;
  createPdf(document: TDocumentDefinitions): { getBuffer(): Promise<Uint8Array> };
}
const engine = pdfmake as unknown as Engine;
engine.setFonts(
  Object.fromEntries(
    Object.entries(fonts).map(([name, { normal, bold }]) => [
      name,
      { normal, bold, italics: normal, bolditalics: bold },
    ]),
  ),
);
engine.setUrlAccessPolicy(() => false);
const fontFiles = new Set(Object.values(fonts).flatMap(({ normal, bold }) => [normal, bold]));
engine.setLocalAccessPolicy((path) => fontFiles.has(path));

export const ink = '#16233a';
export const softInk = '#4d5a6e';
export const rule = '#c3ced8';

const lowered = '₀₁₂₃₄₅₆₇₈₉';
const raised = '⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻';
/** Text with real indices and charges, and without the few signs the typeface lacks. */
export function rich(text: string): ContentText {
  const plain = text.replaceAll('→', 'to').replaceAll('≥', 'at least ').replaceAll('≤', 'at most ');
  const parts = plain.match(/[₀-₉]+|[⁰¹²³⁴-⁹⁺⁻]+|[^₀-₉⁰¹²³⁴-⁹⁺⁻]+/gu) ?? [''];
  if (parts.length === 1 && !/[₀-₉⁰⁴-⁹⁺⁻]/u.test(plain)) return { text: plain };
  return {
    text: parts.map((part) => {
      if (lowered.includes(part[0]!))
        return { text: [...part].map((c) => lowered.indexOf(c)).join(''), sub: true };
      if (raised.includes(part[0]!))
        return {
          text: [...part].map((c) => (c === '⁺' ? '+' : c === '⁻' ? '–' : raised.indexOf(c))).join(''),
          sup: true,
        };
      return { text: part };
    }),
  };
}

/** Nodes that must follow a heading on its page: the heading row of a table and a first row. */
const leastBelowHeading = 12;
/** Share of the page from which a heading goes over, for a first row of several lines would not follow it. */
const lowestHeading = 0.84;

export interface SheetHead {
  readonly title: string;
  readonly under: string;
  /** At the foot of every page. */
  readonly foot: string;
}

/** A document of one kind of page: head on the first, page numbers and the foot on all. */
export function a4Sheet({ title, under, foot }: SheetHead, content: Content[]): TDocumentDefinitions {
  return {
    pageSize: 'A4',
    pageMargins: [42, 42, 42, 54],
    info: { title, creator: 'Kivex' },
    defaultStyle: { font: 'Atkinson', fontSize: 9.5, color: ink, lineHeight: 1.15 },
    styles: {
      h2: { fontSize: 12.5, bold: true, margin: [0, 12, 0, 4] },
      head: { bold: true, color: softInk, fontSize: 8.5 },
      soft: { color: softInk, fontSize: 8.5 },
    },
    content: [
      { text: title, fontSize: 16, bold: true },
      { text: under, color: softInk, margin: [0, 2, 0, 6] },
      ...content,
    ],
    // A heading goes over with what it heads.
    pageBreakBefore: (node, nodes) =>
      node.headlineLevel === 1 &&
      (node.startPosition.verticalRatio > lowestHeading ||
        nodes.getFollowingNodesOnPage().length < leastBelowHeading),
    footer: (page: number, pages: number): Content => ({
      columns: [
        { text: foot, width: '*' },
        { text: `${page} of ${pages}`, width: 60, alignment: 'right' },
      ],
      fontSize: 7.5,
      color: softInk,
      margin: [42, 14, 42, 0],
    }),
  };
}

/** Lines between rows only. */
export const ruled = {
  hLineWidth: (i: number, node: { table: { body: unknown[] } }) =>
    i <= 1 || i === node.table.body.length ? 0.8 : 0.4,
  vLineWidth: () => 0,
  hLineColor: () => rule,
  paddingLeft: () => 3,
  paddingRight: () => 6,
  paddingTop: () => 3,
  paddingBottom: () => 3,
};

/** A table with a heading row that is repeated on every page. */
export const table = (
  widths: readonly (string | number)[],
  headings: readonly string[],
  rows: readonly (readonly Content[])[],
): Content => ({
  layout: ruled,
  table: {
    headerRows: 1,
    keepWithHeaderRows: 1,
    dontBreakRows: true,
    widths: [...widths],
    body: [headings.map((text) => ({ text, style: 'head' })), ...rows.map((row) => [...row])],
  },
});

/** The bytes of a document. */
export const pdfOf = (document: TDocumentDefinitions): Promise<Uint8Array> =>
  engine.createPdf(withScripts(document)).getBuffer();
