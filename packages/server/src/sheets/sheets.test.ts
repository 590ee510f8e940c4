import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { strToU8, zipSync } from 'fflate';
import { HeavyService } from '../heavy/heavy.service.js';
import { mostColumns, mostRows, sheetKinds } from './sheet-kinds.js';
import { readTable } from './read-sheet.js';
import { tableAs } from './write-sheet.js';

const rows = [
  ['Name', 'Note', 'Amount'],
  ['Calcium chloride', '"dry" <very> & cold', '12.5'],
  ['Łódź – naïve', '', '3'],
];
const book =
  '<workbook xmlns:r="r"><workbookPr/><sheets><sheet name="S" sheetId="1" r:id="rId1"/></sheets></workbook>';
const links = '<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>';
/** An XLSX file with this as its sheet. */
const xlsx = (sheet: string, more: Record<string, string> = {}) =>
  zipSync(
    Object.fromEntries(
      Object.entries({
        'xl/workbook.xml': book,
        'xl/_rels/workbook.xml.rels': links,
        'xl/worksheets/sheet1.xml': `<worksheet>${sheet}</worksheet>`,
        ...more,
      }).map(([name, text]) => [name, strToU8(text)]),
    ),
  );
const ods = (table: string) =>
  zipSync({
    'content.xml': strToU8(
      `<office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x"><office:body><office:spreadsheet><table:table>${table}</table:table><table:table><table:table-row><table:table-cell><text:p>second</text:p></table:table-cell></table:table-row></table:table></office:spreadsheet></office:body></office:document-content>`,
    ),
  });
const cell = (ref: string, text: string) => `<c r="${ref}" t="inlineStr"><is><t>${text}</t></is></c>`;

describe('a table', () => {
  test.each(sheetKinds)('as %s comes back as it went out', async (kind) =>
    expect(readTable(await tableAs(kind, 'Test', rows))).toEqual({ rows, cut: false }),
  );
  test('text that a spreadsheet would run is defused, and comes back as it was', async () => {
    const file = await tableAs('csv', 'T', [['=1+1', '@x']]);
    expect(new TextDecoder().decode(file)).toContain("'=1+1");
    expect(readTable(await tableAs('csv', 'T', [['=1+1']])).rows[0]).toEqual(['=1+1']);
  });
});

describe('an XLSX file as spreadsheets write them', () => {
  test('has shared and rich texts, dates, truths, formulas and gaps', () => {
    const file = xlsx(
      `<sheetData><row r="1"><c r="A1" t="s"><v>0</v></c><c r="C1" t="s"><v>1</v></c></row>
       <row r="3"><c r="A3" s="1"><v>46351</v></c><c r="B3" t="b"><v>1</v></c><c r="C3" t="str"><f>A1</f><v>made</v></c><c r="D3" t="e"><v>#REF!</v></c><c r="E3" s="2"><v>1.5</v></c></row></sheetData>`,
      {
        'xl/sharedStrings.xml':
          '<sst><si><t>one &amp; all</t></si><si><r><t>two </t></r><r><t>parts</t></r><rPh><t>guide</t></rPh></si></sst>',
        'xl/styles.xml':
          '<styleSheet><numFmts><numFmt numFmtId="170" formatCode="&quot;day&quot; 0.0"/></numFmts><cellStyleXfs><xf numFmtId="14"/></cellStyleXfs><cellXfs><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="170"/></cellXfs></styleSheet>',
      },
    );
    expect(readTable(file).rows).toEqual([
      ['one & all', '', 'two parts'],
      [],
      ['2026-11-25', 'true', 'made', '', '1.5'].filter((_, i) => i !== 3 || true),
    ]);
  });
});

describe('hostile and damaged sheets', () => {
  test('a drop-down on a whole column and merged ranges cost nothing', () => {
    const file = xlsx(
      `<sheetData><row r="1">${cell('A1', 'Name')}</row></sheetData><mergeCells><mergeCell ref="A1:XFD1048576"/></mergeCells><dataValidations><dataValidation sqref="A1:A1048576" type="list"/></dataValidations>`,
    );
    expect(readTable(file)).toEqual({ rows: [['Name']], cut: false });
  });
  test.each([1_048_576, mostRows + 1])('a cell in row %d is left out, and that is said', (row) => {
    const file = xlsx(
      `<sheetData><row r="1">${cell('A1', 'Name')}</row><row r="${row}">${cell(`A${row}`, 'far')}</row></sheetData>`,
    );
    expect(readTable(file)).toEqual({ rows: [['Name']], cut: true });
  });
  test('what lies beside the columns taken is left out, and that is said', () => {
    expect(
      readTable(xlsx(`<sheetData><row r="1">${cell('A1', 'a')}${cell('XFD1', 'z')}</row></sheetData>`)),
    ).toEqual({
      rows: [['a']],
      cut: true,
    });
  });
  test('an OpenDocument row told a million times is read as far as rows are taken', () => {
    const { rows: read, cut } = readTable(
      ods(
        '<table:table-row table:number-rows-repeated="1048576"><table:table-cell table:number-columns-repeated="16384"><text:p>x</text:p></table:table-cell></table:table-row>',
      ),
    );
    expect([read.length, read[0]!.length, cut]).toEqual([mostRows, mostColumns, true]);
  });
  test('comments in an OpenDocument cell are no part of it, nor are other sheets', () => {
    expect(
      readTable(
        ods(
          '<table:table-row><table:table-cell><office:annotation><text:p>note</text:p></office:annotation><text:p>a<text:s text:c="2"/>b</text:p><text:p>c</text:p></table:table-cell></table:table-row>',
        ),
      ).rows,
    ).toEqual([['a  b\nc']]);
  });
  test('newlines without end are read as far as rows are taken', () => {
    const read = readTable(strToU8(`Name\n${'\n'.repeat(1_900_000)}`));
    expect(read.rows.length).toBeLessThanOrEqual(mostRows);
    expect(read.cut).toBe(true);
  });
  test('a quotation mark left open does not have the whole searched', () => {
    expect(() => readTable(strToU8(`"${'a"b;'.repeat(400_000)}`))).not.toThrow(RangeError);
  });
  test.each<[string, Uint8Array, RegExp]>([
    ['a picture', Uint8Array.from([137, 80, 78, 71, 0, 0, 0]), /cannot be read/],
    ['another zip', zipSync({ 'a.txt': strToU8('x') }), /cannot be read/],
    ['a broken zip', Uint8Array.from([0x50, 0x4b, 3, 4, 9, 9]), /cannot be read/],
    ['text that is no XML', zipSync({ 'content.xml': strToU8('<a><b></a>') }), /cannot be read/],
    [
      'names that stand for ever more of each other',
      zipSync({
        'content.xml': strToU8('<!DOCTYPE a [<!ENTITY b "bb"><!ENTITY c "&b;&b;">]><a>&c;</a>'),
      }),
      /cannot be read/,
    ],
    [
      'a cell that unpacks to far too much',
      zipSync({
        'content.xml': strToU8(
          `<a><table:table-row><table:table-cell><text:p>${'x'.repeat(9_000_000)}</text:p></table:table-cell></table:table-row></a>`,
        ),
      }),
      /too large/,
    ],
    [
      'a heap of shared texts',
      xlsx('<sheetData/>', {
        'xl/sharedStrings.xml': `<sst>${`<si><t>${'y'.repeat(5000)}</t></si>`.repeat(1200)}</sst>`,
      }),
      /too large/,
    ],
  ])('%s is refused with a sentence', (_, bytes, detail) => {
    expect(() => readTable(bytes)).toThrow(detail);
  });
});

describe('the worker that reads them', () => {
  const heavy = new HeavyService();
  beforeAll(() => heavy.readSheet(strToU8('warm\n')));
  afterAll(() => heavy.onModuleDestroy());
  test('may run out of memory or time, and reads the next all the same', async () => {
    // Letters within reason, but each in a row of its own that a careless reader would blow up.
    const deep = zipSync({ 'content.xml': strToU8(`${'<a>'.repeat(3_000_000)}`) });
    await expect(heavy.readSheet(deep)).rejects.toMatchObject({
      detail: expect.stringMatching(/too large|cannot be read/),
    });
    expect((await heavy.readSheet(strToU8('Name\nx\n'))).rows).toEqual([['Name'], ['x']]);
  });
  test('does not hold up the one who waits beside it', async () => {
    const slow = heavy.readSheet(strToU8(`Name\n${'a;b;c\n'.repeat(300_000)}`));
    let ticks = 0;
    const beat = setInterval(() => ticks++, 1);
    await slow;
    clearInterval(beat);
    expect(ticks).toBeGreaterThan(0);
  });
});
