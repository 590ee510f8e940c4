/** Reading of files from outside, in a worker of its own with little memory and little time. */
import './give-way.js';
import type { ReadTable } from '../sheets/sheet-kinds.js';

export type ReadOutcome = { readonly table: ReadTable } | { readonly problem: string };

export async function readSheet(bytes: Uint8Array): Promise<ReadOutcome> {
  const [{ readTable }, { SheetProblem }] = await Promise.all([
    import('../sheets/read-sheet.js'),
    import('../sheets/table-builder.js'),
  ]);
  try {
    return { table: readTable(bytes) };
  } catch (error) {
    return {
      problem: error instanceof SheetProblem ? error.message : 'This file cannot be read as a sheet.',
    };
  }
}
