import { expect, test } from '@jest/globals';
import { tableFromCsv, tableToCsv } from '../formats/csv-table.js';
import { itemsTable } from '../formats/items-table.js';
import { itemTitle } from './item-title.js';

test.each([
  ['name', 'conclusion', null, null],
  ['order of tests', 'technique', null, 'order'],
  ['Sodium hydroxide, precipitate', 'observation', 'naoh', 'precipitate'],
  ['Sodium hydroxide, equation', 'equation', 'naoh', null],
  ['Flame test, technique', 'technique', 'flame', null],
])('an item is headed %s', (title, strand, of, attribute) =>
  expect(itemTitle({ strand, test: of, attribute })).toBe(title),
);

test('items as a table: shares to thousandths, what is not known left empty, what was written with how often', () => {
  const line = {
    strand: 'observation',
    item: 'Flame test, colour',
    sample: 'potassium chloride',
    role: 'unknown',
    facility: { share: 2 / 3, low: 0.2, high: 0.94, n: 3 },
    discrimination: null,
    empty: 1,
    lost: 1.5,
    wrong: [
      { answer: '=1+1', times: 2 },
      { answer: 'purple', times: 1 },
    ],
  };
  const [head, row] = itemsTable([line]);
  expect(row).toHaveLength(head!.length);
  expect(row!.slice(4)).toEqual(['3', '0.667', '0.2', '0.94', '', '1', '1.5', '=1+1 (2); purple (1)']);
  // What would run as a formula comes out as text, and reads back as it was.
  const csv = tableToCsv([head!, row!]);
  expect(csv).toContain("'=1+1 (2)");
  expect(tableFromCsv(csv)[1]).toEqual(row);
});
