/**
 * Spreadsheets in and out: CSV, XLSX and OpenDocument. XLSX by exceljs. The one package on the registry that
 * does OpenDocument too has known faults in reading and is no longer mended there, so the few parts of an
 * OpenDocument sheet that a table of texts needs are read and written here.
 */
import { tableFromCsv, tableToCsv } from '@kivex/core/formats/csv-table';
import Excel from 'exceljs';
import { XMLParser } from 'fast-xml-parser';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { Request } from 'express';
import { badInput } from '../problems/problems.js';

export const sheetKinds = ['csv', 'xlsx', 'ods'] as const;
export type SheetKind = (typeof sheetKinds)[number];
/** For checking a kind in an address. */
export const sheetKindNames = { csv: 'csv', xlsx: 'xlsx', ods: 'ods' } as const;
export type Table = readonly (readonly string[])[];

export const sheetTypes: Readonly<Record<SheetKind, string>> = {
  csv: 'text/csv; charset=utf-8',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
};
/** Largest sheet taken, and largest it may unpack to: a small file can hold a great deal of nothing. */
export const mostBytes = 2_000_000;
const mostUnpacked = 40_000_000;
const mostRows = 5000;
const mostColumns = 60;

/** The bytes that were sent as they are. */
export const bytesOf = (request: Request): Uint8Array =>
  Buffer.isBuffer(request.body) ? new Uint8Array(request.body) : new Uint8Array();

const unreadable = () =>
  badInput('This file cannot be read as a sheet. Save it as .xlsx, .ods or .csv and try again.', 'file');

const escaped = (text: string): string =>
  text
    .replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)
    // Control characters have no place in XML.
    .replace(/\p{Cc}/gu, (c) => (c === '\t' || c === '\n' ? c : ''));

const plainNumber = (text: string): boolean => /^-?\d+(\.\d+)?$/.test(text) && text.length < 16;

function odsOf(name: string, rows: Table): Uint8Array {
  const cell = (text: string) =>
    plainNumber(text)
      ? `<table:table-cell office:value-type="float" office:value="${text}"><text:p>${text}</text:p></table:table-cell>`
      : text
        ? `<table:table-cell office:value-type="string"><text:p>${escaped(text)}</text:p></table:table-cell>`
        : '<table:table-cell/>';
  const body = rows.map((row) => `<table:table-row>${row.map(cell).join('')}</table:table-row>`).join('');
  const namespaces =
    'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"';
  const content = `<?xml version="1.0" encoding="UTF-8"?><office:document-content ${namespaces} office:version="1.2"><office:body><office:spreadsheet><table:table table:name="${escaped(name)}">${body}</table:table></office:spreadsheet></office:body></office:document-content>`;
  const manifest = `<?xml version="1.0" encoding="UTF-8"?><manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.2"><manifest:file-entry manifest:full-path="/" manifest:media-type="${sheetTypes.ods}"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>`;
  return zipSync({
    // The type stands first and unpacked, by which programs know the file.
    mimetype: [strToU8(sheetTypes.ods), { level: 0 }],
    'content.xml': strToU8(content),
    'META-INF/manifest.xml': strToU8(manifest),
  });
}

interface OdsNode {
  readonly [name: string]: unknown;
}
const list = (value: unknown): readonly OdsNode[] =>
  (Array.isArray(value) ? value : value === undefined || value === '' ? [] : [value]) as readonly OdsNode[];
/** The words of a paragraph, whatever they are wrapped in. */
function wordsIn(value: unknown): string {
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  if (Array.isArray(value)) return value.map(wordsIn).join('\n');
  if (typeof value !== 'object' || value === null) return '';
  return Object.entries(value)
    .filter(([key]) => !key.startsWith('@'))
    .map(([, inner]) => wordsIn(inner))
    .join('');
}
const times = (node: OdsNode, attribute: string, most: number): number =>
  Math.min(most, Math.max(1, Number(node[attribute] ?? 1) || 1));

function fromOds(bytes: Uint8Array): string[][] {
  const content = unzipSync(bytes, { filter: ({ name }) => name === 'content.xml' })['content.xml'];
  if (!content) throw unreadable();
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '@',
    parseTagValue: false,
    processEntities: true,
    isArray: (name) => name === 'table:table-row' || name === 'table:table-cell' || name === 'table:table',
  });
  const root = parser.parse(strFromU8(content)) as Record<string, Record<string, Record<string, OdsNode>>>;
  const sheet = list(
    root['office:document-content']?.['office:body']?.['office:spreadsheet']?.['table:table'],
  )[0];
  const rows: string[][] = [];
  const own = [
    ...list(sheet?.['table:table-header-rows']).flatMap((h) => list(h['table:table-row'])),
    ...list(sheet?.['table:table-row']),
  ];
  for (const row of own) {
    const cells: string[] = [];
    for (const cell of list(row['table:table-cell'])) {
      const value =
        cell['@office:date-value'] ??
        (cell['@office:value-type'] === 'float' ? cell['@office:value'] : undefined);
      const text = value === undefined ? wordsIn(cell['text:p']) : String(value);
      for (let n = times(cell, '@table:number-columns-repeated', mostColumns - cells.length); n > 0; n--)
        cells.push(text);
    }
    while (cells.at(-1) === '') cells.pop();
    // Sheets end in a million empty rows told as one.
    const repeat = cells.length ? times(row, '@table:number-rows-repeated', mostRows - rows.length) : 1;
    for (let n = repeat; n > 0 && rows.length < mostRows; n--) rows.push([...cells]);
  }
  return rows;
}

async function xlsxOf(name: string, rows: Table): Promise<Uint8Array> {
  const book = new Excel.Workbook();
  const sheet = book.addWorksheet(name.slice(0, 30).replace(/[[\]*?:/\\]/g, ' '));
  for (const row of rows) sheet.addRow(row.map((text) => (plainNumber(text) ? Number(text) : text)));
  sheet.getRow(1).font = { bold: true };
  sheet.columns.forEach((column, i) => {
    column.width = Math.min(40, Math.max(8, ...rows.map((row) => (row[i] ?? '').length + 2)));
  });
  return new Uint8Array(await book.xlsx.writeBuffer());
}

const cellText = (value: Excel.CellValue): string => {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value !== 'object') return String(value);
  if ('richText' in value) return value.richText.map((part) => part.text).join('');
  if ('text' in value) return String(value.text);
  if ('result' in value) return cellText(value.result as Excel.CellValue);
  return '';
};

async function fromXlsx(bytes: Uint8Array): Promise<string[][]> {
  const book = new Excel.Workbook();
  await book.xlsx.load(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer,
  );
  const sheet = book.worksheets[0];
  const rows: string[][] = [];
  sheet?.eachRow({ includeEmpty: true }, (row, number) => {
    if (number > mostRows) return;
    const cells: string[] = [];
    for (let i = 1; i <= Math.min(row.cellCount, mostColumns); i++)
      cells.push(cellText(row.getCell(i).value));
    rows[number - 1] = cells;
  });
  return Array.from(rows, (row) => row ?? []);
}

/** A table as a file of one kind. */
export async function writeSheet(kind: SheetKind, name: string, rows: Table): Promise<Uint8Array> {
  switch (kind) {
    case 'csv':
      return strToU8(tableToCsv(rows));
    case 'ods':
      return odsOf(name, rows);
    case 'xlsx':
      return xlsxOf(name, rows);
  }
}

/** Is it a zip, and does it unpack to something reasonable? */
function checkZip(bytes: Uint8Array): readonly string[] {
  const names: string[] = [];
  let unpacked = 0;
  unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      names.push(name);
      unpacked += originalSize;
      return false;
    },
  });
  if (unpacked > mostUnpacked) throw badInput('This sheet is too large. Bring it in parts.', 'file');
  return names;
}

/**
 * The first sheet of a file as rows of texts; what kind it is is seen from the file itself.
 * @throws 422 for what is no sheet.
 */
export async function readSheet(bytes: Uint8Array): Promise<string[][]> {
  if (!bytes.length) throw badInput('The file is empty. Choose another.', 'file');
  if (bytes.length > mostBytes) throw badInput('This file is larger than 2 MB. Bring it in parts.', 'file');
  const zipped = bytes[0] === 0x50 && bytes[1] === 0x4b;
  try {
    if (zipped) {
      const names = checkZip(bytes);
      if (names.includes('content.xml')) return fromOds(bytes);
      if (names.includes('xl/workbook.xml')) return await fromXlsx(bytes);
      throw unreadable();
    }
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    // A binary file is told by what text never holds.
    if (/[^\P{Cc}\t\n\r\f\v]/u.test(text)) throw unreadable();
    return tableFromCsv(text);
  } catch (error) {
    if ((error as { detail?: unknown }).detail) throw error;
    throw unreadable();
  }
}
