/** The first sheet of an XLSX file (Office Open XML, ECMA-376 part 1, section 18), cell by cell. */
import { mostLetters, mostRows, type ReadTable } from './sheet-kinds.js';
import { SheetProblem, TableBuilder } from './table-builder.js';
import { readXmlPart } from './zip-stream.js';

/** Number formats that show a date (ECMA-376 part 1, 18.8.30). */
const dateFormats: ReadonlySet<number> = new Set([14, 15, 16, 17, 18, 19, 20, 21, 22, 45, 46, 47]);
const dayInMs = 86_400_000;

/** Column of a reference such as `AB12`, from 0. */
function columnOf(reference: string): number {
  let column = 0;
  for (const letter of reference) {
    if (letter < 'A' || letter > 'Z') break;
    column = column * 26 + letter.charCodeAt(0) - 64;
  }
  return column - 1;
}

interface Book {
  /** Part of the zip that holds the first sheet. */
  readonly sheet: string;
  /** Do days count from 1904? */
  readonly from1904: boolean;
}

function readBook(bytes: Uint8Array): Book {
  let first: string | undefined;
  let from1904 = false;
  readXmlPart(bytes, 'xl/workbook.xml', {
    open: (name, attributes) => {
      if (name === 'workbookPr') from1904 = /^(1|true)$/.test(attributes['date1904'] ?? '');
      if (name === 'sheet') first ??= attributes['id'];
    },
  });
  let sheet: string | undefined;
  readXmlPart(bytes, 'xl/_rels/workbook.xml.rels', {
    open: (name, attributes) => {
      if (name === 'Relationship' && attributes['Id'] === first) sheet = attributes['Target'];
    },
  });
  if (!sheet) throw new SheetProblem('This file cannot be read as a sheet.');
  return { sheet: sheet.startsWith('/') ? sheet.slice(1) : `xl/${sheet}`, from1904 };
}

/** Which cell formats, by their number, show dates. */
function readDateStyles(bytes: Uint8Array): ReadonlySet<number> {
  const own = new Set<number>();
  const styles: boolean[] = [];
  let inFormats = false;
  readXmlPart(bytes, 'xl/styles.xml', {
    open: (name, attributes) => {
      if (name === 'cellXfs') inFormats = true;
      // Text in quotes and colours in brackets are no part of how the number shows.
      if (
        name === 'numFmt' &&
        /[dmyhs]/i.test((attributes['formatCode'] ?? '').replace(/"[^"]*"|\[[^\]]*\]|\\./g, ''))
      )
        own.add(Number(attributes['numFmtId']));
      if (name === 'xf' && inFormats) {
        const format = Number(attributes['numFmtId']);
        styles.push(dateFormats.has(format) || own.has(format));
      }
    },
    close: (name) => {
      if (name === 'cellXfs') inFormats = false;
    },
  });
  return new Set(styles.flatMap((date, i) => (date ? [i] : [])));
}

/** Texts that cells refer to by number; phonetic guides are left out. */
function readSharedTexts(bytes: Uint8Array): readonly string[] {
  const texts: string[] = [];
  let letters = 0;
  let text: string | undefined;
  let inText = false;
  let inGuide = false;
  readXmlPart(bytes, 'xl/sharedStrings.xml', {
    open: (name) => {
      if (name === 'si') text = '';
      if (name === 'rPh') inGuide = true;
      if (name === 't') inText = true;
    },
    text: (part) => {
      if (text === undefined || !inText || inGuide) return;
      text += part;
      letters += part.length;
      if (letters > mostLetters) throw new SheetProblem('This sheet is too large. Bring it in parts.');
    },
    close: (name) => {
      if (name === 'rPh') inGuide = false;
      if (name === 't') inText = false;
      if (name === 'si' && text !== undefined) {
        texts.push(text);
        text = undefined;
      }
    },
  });
  return texts;
}

const dateOf = (serial: number, from1904: boolean): string => {
  const moment = new Date(
    Date.UTC(from1904 ? 1904 : 1899, from1904 ? 0 : 11, from1904 ? 1 : 30) + serial * dayInMs,
  );
  return Number.isNaN(moment.getTime()) ? String(serial) : moment.toISOString().slice(0, 10);
};

/** The first sheet as texts; dates as yyyy-mm-dd, formulas by their last result. @throws SheetProblem */
export function readXlsx(bytes: Uint8Array): ReadTable {
  const { sheet, from1904 } = readBook(bytes);
  const dates = readDateStyles(bytes);
  const shared = readSharedTexts(bytes);
  const table = new TableBuilder();
  let row = -1;
  let column = -1;
  let kind = 'n';
  let style = 0;
  let value = '';
  let reading = false;
  let inCells = false;
  const text = (): string => {
    switch (kind) {
      case 's':
        return shared[Number(value)] ?? '';
      case 'b':
        return value === '1' ? 'true' : 'false';
      case 'e':
        return '';
      case 'n':
        return value !== '' && dates.has(style) && Number.isFinite(Number(value))
          ? dateOf(Number(value), from1904)
          : value;
      default:
        return value;
    }
  };
  readXmlPart(bytes, sheet, {
    enough: () => table.full,
    open: (name, attributes) => {
      if (name === 'sheetData') inCells = true;
      if (!inCells) return;
      if (name === 'row') {
        row = attributes['r'] === undefined ? row + 1 : Number(attributes['r']) - 1;
        column = -1;
        if (!Number.isInteger(row) || row < 0) row = mostRows;
      } else if (name === 'c') {
        column = attributes['r'] === undefined ? column + 1 : columnOf(attributes['r']);
        kind = attributes['t'] ?? 'n';
        style = Number(attributes['s'] ?? 0);
        value = '';
      } else if (name === 'v' || name === 't') reading = true;
    },
    text: (part) => {
      if (reading) value += part;
    },
    close: (name) => {
      if (name === 'sheetData') inCells = false;
      else if (name === 'v' || name === 't') reading = false;
      else if (name === 'c' && inCells && column >= 0) table.put(row, column, text());
    },
  });
  return table.table();
}
