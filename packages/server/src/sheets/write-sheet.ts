/**
 * Tables as spreadsheet files: CSV, XLSX and OpenDocument. The one package on the registry that writes OpenDocument has
 * known faults and is no longer mended there, so the few parts that a table of texts needs are written here.
 */
import { tableToCsv } from '@kivex/core/formats/csv-table';
import { strToU8, zipSync } from 'fflate';
import writeXlsx, { type SheetData } from 'write-excel-file/node';
import { sheetTypes, type SheetKind, type Table } from './sheet-kinds.js';

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

async function xlsxOf(name: string, rows: Table): Promise<Uint8Array> {
  const widths = (rows[0] ?? []).map((_, i) =>
    Math.min(40, Math.max(8, ...rows.map((row) => (row[i] ?? '').length + 2))),
  );
  const data: SheetData = rows.map((row, r) =>
    row.map((text) => {
      if (!text) return null;
      const value = plainNumber(text) ? Number(text) : text;
      return r === 0 ? { value, fontWeight: 'bold' as const } : { value };
    }),
  );
  return new Uint8Array(
    await writeXlsx(data, {
      sheet: name.slice(0, 30).replace(/[[\]*?:/\\]/g, ' ') || 'Sheet',
      columns: widths.map((width) => ({ width })),
    }).toBuffer(),
  );
}

/** A table as a file of one kind. */
export async function tableAs(kind: SheetKind, name: string, rows: Table): Promise<Uint8Array> {
  switch (kind) {
    case 'csv':
      return strToU8(tableToCsv(rows));
    case 'ods':
      return odsOf(name, rows);
    case 'xlsx':
      return xlsxOf(name, rows);
  }
}
