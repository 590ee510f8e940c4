import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { StoreItem } from './store.js';
import { usualStock } from './usual-stock.js';
import { molarMass } from '../formulas/molar-mass.js';
import { makings, hydrates } from '../preparing/making.js';
import { tableFromCsv, tableToCsv } from '../formats/csv-table.js';
import { dayIn, readStock, type stockColumns, stockTable } from './stock-sheet.js';

const row = (fields: Partial<Record<(typeof stockColumns)[number], string>>) => {
  const heads = Object.keys(fields);
  return readStock([heads, heads.map((h) => fields[h as 'Name']!)]).rows[0]!;
};

describe('a row of a stock sheet', () => {
  test('needs a name only; the rest has its usual value', () =>
    expect(row({ Name: 'Marble' })).toEqual({
      line: 2,
      item: {
        name: 'Marble',
        formula: '',
        form: 'solid',
        molarity: null,
        percent: null,
        density: null,
        unit: 'g',
        place: '',
        lowBelow: 0,
      },
      batch: null,
      problem: null,
    }));
  test('with a batch mark or an amount has a batch', () => {
    expect(row({ Name: 'x', Batch: 'B7' }).batch).toMatchObject({ code: 'B7', amount: 0 });
    expect(row({ Name: 'x', Amount: '2,5' }).batch).toMatchObject({ code: 'unmarked', amount: 2.5 });
  });
  test.each<[string, Parameters<typeof row>[0], RegExp]>([
    ['no name', { Name: ' ', Amount: '1' }, /no name/],
    ['a formula that is none', { Name: 'x', Formula: 'blue salt' }, /not a formula/],
    ['a form unknown', { Name: 'x', Form: 'jelly' }, /choose solid, solution/],
    ['a unit unknown', { Name: 'x', Unit: 'oz' }, /choose g, mL or pieces/],
    ['an amount that is none', { Name: 'x', Amount: 'lots' }, /write a number/],
    ['an amount below nothing', { Name: 'x', Amount: '-3' }, /0 or more/],
    ['more than all of it', { Name: 'x', Percent: '120', 'Density g/cm3': '1' }, /at most 100/],
    ['percent alone', { Name: 'x', Percent: '37' }, /belong together/],
    ['a day that is none', { Name: 'x', Amount: '1', Expires: '2026-02-30' }, /2026-11-25/],
  ])('with %s says so', (_, fields, problem) => expect(row(fields).problem).toMatch(problem));
  test('headings are found whatever their case and signs; other columns are passed over', () =>
    expect(
      readStock([
        ['colour', 'NAME', 'warn_below'],
        ['red', 'Chalk', '5'],
      ]).rows[0]!.item,
    ).toMatchObject({ name: 'Chalk', lowBelow: 5 }));
  test.each([
    [[], /empty/],
    [[['', ''], ['']], /empty/],
    [[['Colour'], ['red']], /headed “Name”/],
    [[['Name']], /nothing below/],
    [[['Name'], ...Array.from({ length: 2001 }, () => ['x'])], /2000 rows/],
  ] as [string[][], RegExp][])('a sheet of the wrong kind is told as a whole', (table, problem) =>
    expect(readStock(table).problem).toMatch(problem),
  );
});

describe('days', () => {
  test.each([
    ['2026-11-25', '2026-11-25'],
    ['25/11/2026', '2026-11-25'],
    ['5.1.2027', '2027-01-05'],
    ['', null],
  ])('“%s”', (typed, day) => expect(dayIn(typed, 'It')).toBe(day));
  test('any day written out reads back', () =>
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1990-01-01'), max: new Date('2090-01-01'), noInvalidDate: true }),
        (date) => {
          const day = date.toISOString().slice(0, 10);
          const [y, m, d] = day.split('-');
          expect([dayIn(day, 'x'), dayIn(`${d}/${m}/${y}`, 'x')]).toEqual([day, day]);
        },
      ),
    ));
});

describe('the store as a table', () => {
  const text = fc.stringMatching(/^[A-Za-z][A-Za-z ]{0,12}[A-Za-z]$/);
  const amount = fc.integer({ min: 0, max: 5000 });
  const item = fc.record({
    name: text,
    formula: fc.constantFrom('', 'NaCl', 'CuSO4.5H2O'),
    form: fc.constantFrom('solid', 'solution', 'other'),
    molarity: fc.option(amount),
    percent: fc.constant(null),
    density: fc.constant(null),
    unit: fc.constantFrom('g', 'mL', 'pieces'),
    place: fc.option(text, { nil: '' }),
    lowBelow: amount,
    batches: fc.array(
      fc.record({
        id: fc.constant('b'),
        code: text,
        amount,
        opened: fc.constant(null),
        expires: fc.option(fc.constant('2027-01-31')),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    id: fc.constant('i'),
  }) as fc.Arbitrary<StoreItem>;
  test('goes out as CSV and comes back the same', () =>
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 5 }), (items) => {
        const read = readStock(tableFromCsv(tableToCsv(stockTable(items))));
        const flat = items.flatMap(({ id: _i, batches, ...fields }) =>
          batches.map(({ id: _b, ...batch }) => ({
            item: { ...fields, name: fields.name.replace(/\s+/g, ' ') },
            batch: { ...batch, code: batch.code.replace(/\s+/g, ' ') },
          })),
        );
        expect(
          read.rows.map(({ item: i, batch }) => ({ item: i && { ...i, place: i.place }, batch })),
        ).toEqual(flat.map((f) => ({ ...f, item: { ...f.item, place: f.item.place.replace(/\s+/g, ' ') } })));
      }),
    ));
  test('CSV gives any text back, also what a spreadsheet would run', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.array(
            fc.string({ maxLength: 12 }).map((s) => `x${s.replace(/[\0\r]/g, '')}`),
            { minLength: 2, maxLength: 4 },
          ),
          { minLength: 1, maxLength: 6 },
        ),
        (rows) => expect(tableFromCsv(tableToCsv(rows))).toEqual(rows),
      ),
    ));
});

describe('what a store usually holds', () => {
  test('has formulas that can be weighed, each thing once', () => {
    for (const { formula } of usualStock.filter((i) => i.formula))
      expect(molarMass(formula)).toBeGreaterThan(1);
    expect(new Set(usualStock.map((i) => i.name)).size).toBe(usualStock.length);
  });
  test('serves every reagent that is weighed or diluted', () => {
    const held = new Set(usualStock.map((i) => i.formula));
    for (const { id: reagent, solids, stocks } of makings)
      if (solids.length + stocks.length)
        expect([reagent, [...solids, ...stocks.map((s) => s.solute)].some((f) => held.has(f))]).toEqual([
          reagent,
          true,
        ]);
  });
  test('hydrates are hydrates of the salt they stand under', () => {
    for (const [plain, sold] of Object.entries(hydrates))
      for (const formula of sold) expect(formula.replace(/\.\d*H2O$/, '')).toBe(plain);
  });
});
