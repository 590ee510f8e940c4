/**
 * The store as a table, one row a batch, and back. What comes in says for each row what it is or what is
 * wrong with it; nothing is thrown away silently.
 */
import { readFormula } from '../formulas/read-formula.js';
import { storeForms, type StoreForm, type StoreItem } from './store.js';

export const stockColumns = [
  'Name',
  'Formula',
  'Form',
  'Strength mol/dm3',
  'Percent',
  'Density g/cm3',
  'Unit',
  'Place',
  'Warn below',
  'Batch',
  'Amount',
  'Opened',
  'Expires',
] as const;

export type StockItemFields = Omit<StoreItem, 'id' | 'batches'>;
export interface StockBatchFields {
  readonly code: string;
  readonly amount: number;
  readonly opened: string | null;
  readonly expires: string | null;
}
export interface StockRow {
  /** Line of the sheet, from 1. */
  readonly line: number;
  readonly item: StockItemFields | null;
  readonly batch: StockBatchFields | null;
  readonly problem: string | null;
}
export interface ReadStock {
  readonly rows: readonly StockRow[];
  readonly problem: string | null;
}

const cell = (value: number | string | null): string => (value === null ? '' : String(value));

/** The store as rows of texts, headings first. */
export function stockTable(items: readonly StoreItem[]): string[][] {
  const rows = items.flatMap((item) => {
    const head = [
      item.name,
      item.formula,
      item.form,
      cell(item.molarity),
      cell(item.percent),
      cell(item.density),
      item.unit,
      item.place,
      cell(item.lowBelow),
    ];
    const batches = item.batches.length
      ? item.batches
      : [{ code: '', amount: '', opened: null, expires: null } as const];
    return batches.map((b) => [...head, b.code, cell(b.amount), cell(b.opened), cell(b.expires)]);
  });
  return [[...stockColumns], ...rows];
}

const mostRows = 2000;
const plainHead = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '');
const heads = new Map<string, (typeof stockColumns)[number]>(stockColumns.map((c) => [plainHead(c), c]));
for (const [also, column] of [
  ['strength', 'Strength mol/dm3'],
  ['molarity', 'Strength mol/dm3'],
  ['density', 'Density g/cm3'],
  ['low', 'Warn below'],
  ['shelf', 'Place'],
  ['expiry', 'Expires'],
] as const)
  heads.set(also, column);

/** A sentence where a row cannot be taken. */
class RowProblem extends Error {}

const numberIn = (text: string, what: string): number | null => {
  if (!text) return null;
  const value = Number(text.replace(/\s/g, '').replace(',', '.'));
  if (!Number.isFinite(value) || value < 0)
    throw new RowProblem(`${what} is “${text.slice(0, 30)}”; write a number, 0 or more.`);
  return value;
};

/** A date as yyyy-mm-dd: from that, from 25/11/2026 or 25.11.2026. */
export function dayIn(text: string, what: string): string | null {
  if (!text) return null;
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})/.exec(text);
  const local = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text);
  const [y, m, d] = iso
    ? [iso[1]!, iso[2]!, iso[3]!]
    : local
      ? [local[3]!, local[2]!, local[1]!]
      : ['', '', ''];
  const day = `${y}-${m.padStart(2, '0')}-${d.padStart(2, '0')}`;
  const date = new Date(`${day}T00:00:00Z`);
  if (!y || Number.isNaN(date.getTime()) || date.toISOString().slice(0, 10) !== day)
    throw new RowProblem(`${what} is “${text.slice(0, 30)}”; write a day like 2026-11-25.`);
  return day;
}

const unitOf: Readonly<Record<string, StoreItem['unit']>> = {
  g: 'g',
  ml: 'mL',
  cm3: 'mL',
  'cm³': 'mL',
  pieces: 'pieces',
  piece: 'pieces',
};

/** Checks the fields of an item. @throws RowProblem-like Error with a sentence. */
function itemIn(at: (column: (typeof stockColumns)[number]) => string): StockItemFields {
  const name = at('Name');
  if (!name) throw new RowProblem('There is no name; write what it is.');
  if (name.length > 120) throw new RowProblem('The name is too long; 120 letters at most.');
  const formula = at('Formula');
  if (formula && (formula.length > 80 || !readFormula(formula)))
    throw new RowProblem(
      `“${formula.slice(0, 40)}” is not a formula; write it like CuSO4.5H2O, or leave it empty.`,
    );
  const form = (at('Form').toLowerCase() || 'solid') as StoreForm;
  if (!storeForms.includes(form))
    throw new RowProblem(`The form is “${at('Form').slice(0, 30)}”; choose ${storeForms.join(', ')}.`);
  const unit =
    unitOf[
      at('Unit').toLowerCase() ||
        (form === 'solid' ? 'g' : form === 'solution' || form === 'liquid' ? 'ml' : 'pieces')
    ];
  if (!unit) throw new RowProblem(`The unit is “${at('Unit').slice(0, 20)}”; choose g, mL or pieces.`);
  const percent = numberIn(at('Percent'), 'The percent');
  const density = numberIn(at('Density g/cm3'), 'The density');
  if (percent !== null && percent > 100) throw new RowProblem('A mass percent is at most 100.');
  if ((percent === null) !== (density === null))
    throw new RowProblem('Percent and density belong together; give both or neither.');
  return {
    name,
    formula,
    form,
    molarity: numberIn(at('Strength mol/dm3'), 'The strength'),
    percent,
    density,
    unit,
    place: at('Place').slice(0, 80),
    lowBelow: numberIn(at('Warn below'), '“Warn below”') ?? 0,
  };
}

/**
 * Reads a table of stock.
 * @param table rows of texts; the first row that holds anything is the headings.
 */
export function readStock(table: readonly (readonly string[])[]): ReadStock {
  const tidy = table.map((row) => row.map((c) => c.normalize('NFC').replace(/\s+/g, ' ').trim()));
  const top = tidy.findIndex((row) => row.some(Boolean));
  if (top < 0)
    return {
      rows: [],
      problem: 'The sheet is empty. Choose another, or download one from here to begin with.',
    };
  const columns = new Map<string, number>();
  tidy[top]!.forEach((text, i) => {
    const column = heads.get(plainHead(text));
    if (column && !columns.has(column)) columns.set(column, i);
  });
  if (!columns.has('Name'))
    return {
      rows: [],
      problem: `No column is headed “Name”. The headings are: ${stockColumns.join(', ')}; only Name is needed.`,
    };
  const body = tidy.slice(top + 1);
  if (body.length > mostRows)
    return { rows: [], problem: `The sheet has more than ${mostRows} rows; bring it in parts.` };
  const rows = body.flatMap((row, i): StockRow[] => {
    if (!row.some(Boolean)) return [];
    const at = (column: (typeof stockColumns)[number]) => row[columns.get(column) ?? -1] ?? '';
    const line = top + i + 2;
    try {
      const item = itemIn(at);
      const amount = numberIn(at('Amount'), 'The amount');
      const batch =
        amount === null && !at('Batch')
          ? null
          : {
              code: at('Batch').slice(0, 40) || 'unmarked',
              amount: amount ?? 0,
              opened: dayIn(at('Opened'), 'The day it was opened'),
              expires: dayIn(at('Expires'), 'The day it expires'),
            };
      return [{ line, item, batch, problem: null }];
    } catch (error) {
      if (!(error instanceof RowProblem)) throw error;
      return [{ line, item: null, batch: null, problem: error.message }];
    }
  });
  return { rows, problem: rows.length ? null : 'There are headings and nothing below them. Add a row.' };
}
