/** Fills a table cell by cell, within the rows, columns and letters that are taken. */
import { mostColumns, mostLetters, mostRows, type ReadTable } from './sheet-kinds.js';

/** Thrown by readers for what is no sheet, or too much of one; the sentence is for people. */
export class SheetProblem extends Error {}

export class TableBuilder {
  private readonly rows: string[][] = [];
  private letters = 0;
  private cut = false;

  /** Can nothing more be taken? Then the rest need not be read. */
  full = false;

  /** Puts a text at a place counted from 0; what lies outside is left out. */
  put(row: number, column: number, text: string): void {
    if (!text) return;
    if (row >= mostRows || column >= mostColumns) {
      this.cut = true;
      if (row >= mostRows) this.full = true;
      return;
    }
    this.letters += text.length;
    if (this.letters > mostLetters) throw new SheetProblem('This sheet is too large. Bring it in parts.');
    while (this.rows.length <= row) this.rows.push([]);
    const cells = this.rows[row]!;
    while (cells.length < column) cells.push('');
    cells[column] = text;
  }

  /** The rows, without empty ones at the end. */
  table(): ReadTable {
    return { rows: this.rows, cut: this.cut };
  }
}
