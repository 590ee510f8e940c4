import { dayWords } from './day-words.js';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { tableFromCsv, tableToCsv } from './csv-table.js';
import { historyTable, marksTable } from './marks-table.js';
import { readRoster } from './roster.js';

const names = (text: string, already: string[] = []) =>
  readRoster(text, already).rows.map((r) => (r.problem ? `! ${r.name}` : r.name));

describe('a roster is read as people paste it', () => {
  test.each<[string, string, string[]]>([
    ['one name a line', 'Ada Moor\n  Ben   Rill \n', ['Ada Moor', 'Ben Rill']],
    ['a heading', 'Name,House\nAda Moor,East\nBen Rill,West', ['Ada Moor', 'Ben Rill']],
    ['two columns with headings, semicolons', 'Surname;First name\nMoor;Ada\n', ['Ada Moor']],
    ['surname, first', 'Moor, Ada\nRill, Ben', ['Ada Moor', 'Ben Rill']],
    ['a quoted name', 'Name\n"Moor, Ada"', ['Moor, Ada']],
    ['tabs and a byte order mark', '\uFEFFFirst name\tSurname\nAda\tMoor', ['Ada Moor']],
    ['accents', 'Zoë Ångström', ['Zoë Ångström']],
  ])('%s', (_, text, wanted) => expect(names(text)).toEqual(wanted));
  test('what cannot be taken stays, with its line and why', () => {
    const { rows } = readRoster('Ada Moor\n12345\nada moor\nBen Rill', ['Ben Rill']);
    expect(rows.map((r) => [r.line, r.problem && r.problem.slice(0, 7)])).toEqual([
      [1, null],
      [2, 'This ha'],
      [3, 'Already'],
      [4, 'Already'],
    ]);
  });
  test('several columns without a heading are asked about', () =>
    expect(readRoster('a,b,c\nd,e,f').problem).toMatch(/Head the column/));
  test('nothing, a heading alone, and too much are told apart', () => {
    expect(readRoster('  \n').problem).toMatch(/nothing here/);
    expect(readRoster('Name\n').problem).toMatch(/no names under it/);
    expect(readRoster(Array.from({ length: 201 }, (_, i) => `Person ${i}`).join('\n')).problem).toMatch(
      /at most 200/,
    );
  });
  test('any text is read without a throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 2000 }), (text) => Array.isArray(readRoster(text).rows)));
  });
});

describe('marks as a table', () => {
  const row = {
    group: 'G',
    points: [1, null],
    total: 1,
    max: 2,
    late: false,
    onScreen: false,
    agreed: null,
    open: 0,
  };
  test('can be read back from CSV, whatever the names', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.string({ minLength: 1 }).filter((s) => !/^['=+\-@\t\r]/.test(s)),
          { maxLength: 5 },
        ),
        (people) => {
          const table = marksTable({ items: ['one', 'two'], rows: people.map((name) => ({ ...row, name })) });
          expect(tableFromCsv(tableToCsv(table)).slice(1)).toEqual(
            people.map((name) => [name, 'G', '1', '', '1', '2', '', '0']),
          );
        },
      ),
    );
  });
  test('who was away has no total, which is not nought; late work is called so', () => {
    const table = marksTable({
      items: ['one', 'two'],
      rows: [
        { ...row, name: 'Ada', points: [null, null], total: null, max: 0 },
        { ...row, name: 'Bo', late: true, agreed: 1.5 },
        { ...row, name: 'Cy', points: [null, null], onScreen: true },
      ],
    });
    expect(table.slice(1)).toEqual([
      ['Ada', 'G', '', '', '', '', 'away', '0'],
      ['Bo', 'G', '1', '', '1', '2', 'late; 1.5 in the gradebook', '0'],
      ['Cy', 'G', '', '', '1', '2', 'away, made up on screen', '0'],
    ]);
  });
  test('a name that would run as a formula is defused in CSV', () => {
    expect(tableToCsv(marksTable({ items: [], rows: [{ ...row, name: '=1+1', points: [] }] }))).toContain(
      "'=1+1",
    );
  });
});

test.each([
  ['2026-12-20', '20 Dec 2026'],
  ['2026-02-01T22:30:00.000Z', '1 Feb 2026'],
  ['soon', 'soon'],
])('the day %s is read as %s', (day, words) => expect(dayWords(day)).toBe(words));

describe('the history of marks as a sheet', () => {
  const one = {
    name: 'Ash Tern',
    group: 'Group 1',
    item: 'Jar 417: name',
    computed: { answer: 'sodium', points: 0, verdict: 'review', why: 'A person decides.' },
    max: 1,
    decisions: [
      {
        answer: '',
        points: 0,
        why: 'nothing, so far',
        by: 'Orla',
        at: '2026-11-26T10:00:00.000Z',
        decision: 'd1',
      },
      {
        answer: 'sodium',
        points: null,
        why: '+1',
        by: 'Orla',
        at: '2026-11-26T10:05:00.000Z',
        decision: 'd2',
      },
    ],
  };
  const rows = tableToCsv(historyTable([one]))
    .replace('\uFEFF', '')
    .trim()
    .split('\r\n');
  test('a row for what Kivex gave, one for each decision, in order', () => {
    expect(rows).toHaveLength(4);
    expect(rows[1]).toBe(
      'Ash Tern,Group 1,Jar 417: name,sodium,left to a person,1,A person decides.,Kivex,,',
    );
    expect(rows[2]).toContain('"nothing, so far",Orla,2026-11-26T10:00:00.000Z,d1');
    expect(rows[3]).toContain(',sodium,as computed,1,');
  });
  test('text that a spreadsheet would run is defused', () => expect(rows[3]).toContain("'+1"));
});
