/**
 * Reads a class list: one name a line as pasted, or CSV with a header. Nothing is thrown away silently;
 * each row that cannot be taken says why.
 */
import Papa from 'papaparse';
import { cleanName } from './clean-text.js';
import { delimiterOf } from './csv-table.js';

export interface RosterLine {
  /** Line of the text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly problem: string | null;
}
export interface Roster {
  readonly rows: readonly RosterLine[];
  /** What is wrong with the text as a whole, or null. */
  readonly problem: string | null;
}

const longestName = 80;
const mostRows = 200;
/** Lines looked at, empty ones too. */
const mostLines = 5000;
const nameHeaders = ['name', 'full name', 'student', 'student name', 'pupil', 'pupil name'];
const firstHeaders = ['first', 'first name', 'forename', 'given name', 'firstname'];
const lastHeaders = ['last', 'last name', 'surname', 'family name', 'lastname'];

const tidy = cleanName;

/**
 * Reads a roster.
 * @param text CSV (comma, semicolon or tab) with or without a header, or one name a line.
 * @param already names in the class now; they are told apart, not added twice.
 */
export function readRoster(text: string, already: readonly string[] = []): Roster {
  if (!tidy(text))
    return { rows: [], problem: 'There is nothing here yet: paste one name a line, or choose a CSV file.' };
  if (text.length > 200_000)
    return { rows: [], problem: 'This is too long for a class list; paste one class at a time.' };
  const plain = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plain, {
    delimiter: delimiterOf(plain),
    skipEmptyLines: false,
    preview: mostLines,
  });
  const table = parsed.data.map((cells) => cells.map(tidy));
  const header = table.findIndex((cells) => cells.some(Boolean));
  const heads = (table[header] ?? []).map((cell) => cell.toLowerCase());
  const at = (names: readonly string[]) => heads.findIndex((head) => names.includes(head));
  const [name, first, last] = [at(nameHeaders), at(firstHeaders), at(lastHeaders)];
  const hasHeader = name >= 0 || first >= 0 || last >= 0;
  const columns = Math.max(...table.map((cells) => cells.filter(Boolean).length));
  if (!hasHeader && columns > 2) {
    return {
      rows: [],
      problem:
        'There are several columns and no heading that says which is the name. Head the column “Name”, or two columns “First name” and “Surname”.',
    };
  }
  const known = new Set(already.map((n) => n.toLowerCase()));
  const rows: RosterLine[] = [];
  table.forEach((cells, i) => {
    if (!cells.some(Boolean) || (hasHeader && i === header)) return;
    let full: string;
    if (name >= 0) full = cells[name] ?? '';
    else if (hasHeader) full = tidy(`${cells[first] ?? ''} ${cells[last] ?? ''}`);
    // "Surname, First" as schools export it.
    else full = cells[1] ? `${cells[1]} ${cells[0]}` : (cells[0] ?? '');
    let problem: string | null = null;
    if (!full) problem = 'No name on this line.';
    else if (full.length > longestName) problem = `A name has at most ${longestName} letters.`;
    else if (!/\p{L}/u.test(full)) problem = 'This has no letters; is it a name?';
    else if (known.has(full.toLowerCase()))
      problem = 'Already in the class; add something to tell two people apart.';
    if (!problem) known.add(full.toLowerCase());
    rows.push({ line: i + 1, name: full, problem });
  });
  if (rows.length > mostRows)
    return {
      rows: [],
      problem: `There are ${rows.length} names; a class takes at most ${mostRows}. Paste one class at a time.`,
    };
  return { rows, problem: rows.length ? null : 'There is a heading but no names under it.' };
}
