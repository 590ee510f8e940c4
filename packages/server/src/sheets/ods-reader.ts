/** The first sheet of an OpenDocument file (OASIS ODF 1.2, part 1, section 9), cell by cell. */
import { mostColumns, mostLetters, mostRows, type ReadTable } from './sheet-kinds.js';
import { SheetProblem, TableBuilder } from './table-builder.js';
import { readXmlPart } from './zip-stream.js';

const times = (text: string | undefined): number => Math.max(1, Math.floor(Number(text ?? 1)) || 1);

/** The first sheet as texts; dates as they are written in the file. @throws SheetProblem */
export function readOds(bytes: Uint8Array): ReadTable {
  const table = new TableBuilder();
  let sheets = 0;
  let over = false;
  let row = 0;
  let rowTimes = 1;
  let cells: { readonly column: number; readonly times: number; readonly text: string }[] = [];
  let column = 0;
  let cellTimes = 1;
  let value: string | undefined;
  let text = '';
  let paragraphs = 0;
  let inParagraph = false;
  let aside = 0;
  const add = (part: string) => {
    text += part;
    if (text.length > mostLetters) throw new SheetProblem('This sheet is too large. Bring it in parts.');
  };
  readXmlPart(bytes, 'content.xml', {
    enough: () => over || table.full,
    open: (name, attributes) => {
      switch (name) {
        case 'table':
          sheets++;
          break;
        case 'table-row':
          rowTimes = times(attributes['number-rows-repeated']);
          cells = [];
          column = 0;
          break;
        case 'table-cell':
        case 'covered-table-cell':
          cellTimes = times(attributes['number-columns-repeated']);
          value =
            attributes['date-value'] ??
            (attributes['value-type'] === 'float' ? attributes['value'] : undefined);
          text = '';
          paragraphs = 0;
          break;
        case 'annotation':
          aside++;
          break;
        case 'p':
          if (aside) break;
          if (paragraphs++) add('\n');
          inParagraph = true;
          break;
        case 's':
          if (inParagraph && !aside) add(' '.repeat(Math.min(200, times(attributes['c']))));
          break;
        case 'tab':
          if (inParagraph && !aside) add('\t');
          break;
        case 'line-break':
          if (inParagraph && !aside) add('\n');
          break;
      }
    },
    text: (part) => {
      if (inParagraph && !aside) add(part);
    },
    close: (name) => {
      switch (name) {
        case 'p':
          if (!aside) inParagraph = false;
          break;
        case 'annotation':
          aside--;
          break;
        case 'table-cell':
        case 'covered-table-cell':
          if (value ?? text) cells.push({ column, times: cellTimes, text: value ?? text });
          column += cellTimes;
          break;
        case 'table-row':
          // Sheets end in a million empty rows told as one; only what holds something is written out.
          for (let n = 0; cells.length && n < Math.min(rowTimes, mostRows) && !table.full; n++)
            for (const cell of cells)
              for (let c = 0; c < Math.min(cell.times, mostColumns + 1); c++)
                table.put(row + n, cell.column + c, cell.text);
          row += rowTimes;
          break;
        case 'table':
          if (sheets === 1) over = true;
          break;
      }
    },
  });
  return table.table();
}
