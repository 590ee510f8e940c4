import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { tableFromCsv, tableToCsv } from './csv-table.js';
import {
  exchangeFiles,
  exchangeTables,
  readExchange,
  type Exchange,
  type ExchangeTables,
} from './exchange.js';

const at = '2026-11-27T10:00:00.000Z';
const exchange: Exchange = {
  school: { id: 'school', name: 'Skerrin Point School' },
  people: [
    { id: 't', role: 'teacher', name: 'Orla Thresh' },
    { id: 'a', role: 'student', name: 'Aino Farrow' },
    { id: 'b', role: 'student', name: 'Basil' },
  ],
  classes: [{ id: 'c', name: '10 Beacon', people: ['t', 'a', 'b'] }],
  lineItems: [{ id: 'l', title: 'Flame colours', date: '2026-11-20', classId: 'c', max: 9 }],
  results: [{ id: 'l:a', lineItem: 'l', student: 'a', score: 7.5, date: '2026-11-21', comment: 'late' }],
};
const written = exchangeTables(exchange, at);
const changed = (file: string, change: (rows: string[][]) => string[][]): ExchangeTables => ({
  ...written,
  [file]: change(written[file]!.map((row) => [...row])),
});

describe('the tables that are exchanged', () => {
  test('are one file a kind, each with its headings', () => {
    expect(Object.keys(written)).toEqual(exchangeFiles);
    expect(written['results.csv']![0]).toEqual(
      expect.arrayContaining(['sourcedId', 'lineItemSourcedId', 'studentSourcedId', 'score']),
    );
  });
  test('read back as they were, through CSV too, whatever people are called', () => {
    expect(readExchange(written)).toEqual({ exchange, problems: [] });
    const name = fc
      .array(fc.stringMatching(/^[\p{L}'’-]{1,12}$/u), { minLength: 1, maxLength: 3 })
      .map((parts) => parts.join(' '))
      .filter((text) => !/^['’-]/.test(text) && !/ ['’-]/.test(text));
    fc.assert(
      fc.property(fc.array(name, { minLength: 1, maxLength: 8 }), (names) => {
        const people = names.map((n, i) => ({ id: `p${i}`, role: 'student' as const, name: n }));
        const whole: Exchange = {
          ...exchange,
          people,
          classes: [{ id: 'c', name: '10 Beacon', people: people.map((p) => p.id) }],
          results: [],
        };
        const tables = Object.fromEntries(
          Object.entries(exchangeTables(whole, at)).map(([file, rows]) => [
            file,
            tableFromCsv(tableToCsv(rows)),
          ]),
        );
        expect(readExchange(tables)).toEqual({ exchange: whole, problems: [] });
      }),
    );
  });
  test('columns in another order, and more of them, do no harm; what is to be deleted is passed over', () => {
    const turned = changed('users.csv', (rows) => rows.map((row) => ['x', ...[...row].reverse()]));
    expect(readExchange(turned)).toEqual({ exchange, problems: [] });
    const gone = changed('users.csv', (rows) =>
      rows.map((row) => (row[0] === 'b' ? ['b', 'tobedeleted'] : row)),
    );
    expect(readExchange(gone).exchange.people.map((p) => p.id)).toEqual(['t', 'a']);
  });
});

describe('what cannot be taken', () => {
  test.each<[string, ExchangeTables, string, number, RegExp]>([
    ['a missing file', { ...written, 'users.csv': [] }, 'users.csv', 0, /missing or empty/],
    [
      'a missing column',
      changed('classes.csv', (r) => r.map((row) => row.slice(0, 3))),
      'classes.csv',
      1,
      /no column title/,
    ],
    [
      'a line without an id',
      changed('users.csv', (r) => [...r, ['', 'active', at, 'true', 's', 'student', 'A', 'B']]),
      'users.csv',
      5,
      /no sourcedId/,
    ],
    [
      'somebody without a name',
      changed('users.csv', (r) => [...r, ['z', 'active', at, 'true', 's', 'student', '', '']]),
      'users.csv',
      5,
      /no name/,
    ],
    [
      'a seat of nobody',
      changed('enrollments.csv', (r) => [...r, ['e', 'active', at, 'c', 's', 'nobody', 'student']]),
      'enrollments.csv',
      5,
      /nobody with the sourcedId nobody/,
    ],
    [
      'a score that is none',
      changed('results.csv', (r) =>
        r.map((row, i) => (i ? row.map((c) => (c === '7.5' ? 'good' : c)) : row)),
      ),
      'results.csv',
      2,
      /no number/,
    ],
    [
      'a line item of no class',
      changed('lineItems.csv', (r) => r.map((row, i) => (i ? row.map((c) => (c === 'c' ? 'q' : c)) : row))),
      'lineItems.csv',
      2,
      /no class/,
    ],
  ])('%s is told with its file and line, and the rest is read', (_, tables, file, line, says) => {
    const { problems } = readExchange(tables);
    expect(problems).toContainEqual({ file, line, text: expect.stringMatching(says) });
  });
});
