/**
 * A group's tile: its samples by the tests of the practical, each cell what was logged there. Bench, board, marking desk and
 * printed report draw the same one.
 */
import { decisive, isPlain, type GroupRecord, type ObservationEntry } from './record.js';

/**
 * What stands in a cell: nothing yet, a plain record, a weak one, one in doubt, one taken from a like sample, plain ones that say
 * different things, or that there was no time.
 */
export type CellState = 'empty' | 'logged' | 'weak' | 'doubtful' | 'inferred' | 'differs' | 'not-done';
export interface TileCell {
  readonly sample: string;
  readonly test: string;
  readonly state: CellState;
  /** Entries that stand, oldest first: what was corrected is not among them. */
  readonly entries: readonly ObservationEntry[];
  /** The one that counts; undefined in an empty cell. */
  readonly entry: ObservationEntry | undefined;
}
export interface TileRow {
  readonly sample: string;
  /** In the order of the tests; undefined where a test is not done on this sample. */
  readonly cells: readonly (TileCell | undefined)[];
}

/** Do two plain entries give one attribute different values, and has nobody said which to trust? */
export function differ(entries: readonly ObservationEntry[]): boolean {
  if (entries.some((e) => e.trusted)) return false;
  const plain = entries.filter(isPlain);
  const first = new Map<string, string>();
  return plain.some(({ body }) =>
    Object.entries(body.seen).some(([attribute, value]) => {
      const before = first.get(attribute);
      first.set(attribute, before ?? value);
      return before !== undefined && before !== value;
    }),
  );
}

function stateOf(entries: readonly ObservationEntry[], entry: ObservationEntry | undefined): CellState {
  if (!entry) return 'empty';
  const { body } = entry;
  if (body.notDone) return 'not-done';
  if (differ(entries)) return 'differs';
  if (body.doubtful) return 'doubtful';
  return body.inferredFrom !== undefined ? 'inferred' : body.weak ? 'weak' : 'logged';
}

function cellOf(record: GroupRecord, sample: string, test: string): TileCell {
  const entries = record.observations.filter(
    ({ body, correctedBy }) => body.sample === sample && body.test === test && !correctedBy,
  );
  const entry = decisive(entries);
  return { sample, test, state: stateOf(entries, entry), entries, entry };
}

/**
 * @param samples of the group, each with the ids of the tests done on it. @param tests of the practical, in its order.
 */
export const tileOf = (
  record: GroupRecord,
  samples: readonly { readonly id: string; readonly tests: readonly string[] }[],
  tests: readonly string[],
): TileRow[] =>
  samples.map(({ id, tests: done }) => ({
    sample: id,
    cells: tests.map((test) => (done.includes(test) ? cellOf(record, id, test) : undefined)),
  }));

export interface TileCount {
  /** Cells with something in them, and cells there are. */
  readonly filled: number;
  readonly of: number;
  readonly doubtful: number;
  readonly differing: number;
  readonly weak: number;
  /** Left for want of time: neither filled nor still to come. */
  readonly notDone: number;
}
/** How far a tile has come. */
export function countOf(rows: readonly TileRow[]): TileCount {
  const cells = rows.flatMap((row) => row.cells.filter((cell) => cell !== undefined));
  const n = (state: CellState) => cells.filter((cell) => cell.state === state).length;
  return {
    filled: cells.length - n('empty') - n('not-done'),
    of: cells.length,
    doubtful: n('doubtful'),
    differing: n('differs'),
    weak: n('weak'),
    notDone: n('not-done'),
  };
}
