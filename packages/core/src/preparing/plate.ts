/** Plans of spotting tiles and well plates: which sample with which test goes into which well; wells may be skipped. */

export interface PlateKind {
  readonly id: string;
  readonly name: string;
  readonly rows: number;
  readonly columns: number;
}
export const plateKinds: readonly PlateKind[] = [
  { id: 'tile-12', name: 'spotting tile, 12 wells', rows: 3, columns: 4 },
  { id: 'plate-24', name: 'well plate, 24 wells', rows: 4, columns: 6 },
  { id: 'plate-96', name: 'well plate, 96 wells', rows: 8, columns: 12 },
];
/** The kind with this id. @throws RangeError naming the kinds there are. */
export function plateKindOf(id: string): PlateKind {
  const kind = plateKinds.find((k) => k.id === id);
  if (!kind)
    throw new RangeError(
      `“${id}” is not a plate Kivex knows; it knows ${plateKinds.map((k) => k.id).join(', ')}`,
    );
  return kind;
}

export interface PlacedWell {
  /** From 0: which plate. */
  readonly plate: number;
  /** A1, B3 … rows by letter, columns by number. */
  readonly well: string;
  readonly sample: string;
  readonly test: string;
}

/** The name of a well from its row and column, counted from 0. */
export const wellName = (row: number, column: number): string =>
  `${String.fromCharCode(65 + row)}${column + 1}`;

/**
 * Lays samples out, one a row and one test a column where they fit, else one after another; a sample's
 * wells stay together on one plate where a plate can hold them.
 * @param skip names of wells left empty on every plate ("A1"), because they are chipped or to keep spots apart.
 * @throws RangeError when a well to skip is not on the plate, or none is left.
 */
export function layPlate(
  kind: PlateKind,
  samples: readonly { readonly key: string; readonly tests: readonly string[] }[],
  skip: readonly string[] = [],
): PlacedWell[] {
  const { rows, columns } = kind;
  const names = Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (_c, c) => wellName(r, c)),
  );
  const skipped = new Set(skip.map((w) => w.trim().toUpperCase()).filter(Boolean));
  const stranger = [...skipped].find((w) => !names.flat().includes(w));
  if (stranger !== undefined)
    throw new RangeError(
      `There is no well ${stranger} on a ${kind.name}: wells run from A1 to ${wellName(rows - 1, columns - 1)}.`,
    );
  const open = names.map((row) => row.filter((w) => !skipped.has(w)));
  const each = open.flat().length;
  if (!each) throw new RangeError('Every well is skipped; leave some to use.');
  const placed: PlacedWell[] = [];
  const widest = Math.max(0, ...samples.map((s) => s.tests.length));
  const byRow = open.filter((row) => row.length >= widest);
  if (byRow.length && widest) {
    // Row by row, easiest to read at the bench; where rows are long, in as many blocks beside each other as fit.
    const blocks = Math.max(1, Math.floor(Math.min(...byRow.map((row) => row.length)) / widest));
    const each = byRow.length * blocks;
    samples.forEach((sample, i) => {
      const row = byRow[i % byRow.length]!;
      const block = Math.floor((i % each) / byRow.length);
      sample.tests.forEach((test, k) =>
        placed.push({
          plate: Math.floor(i / each),
          well: row[block * widest + k]!,
          sample: sample.key,
          test,
        }),
      );
    });
    return placed;
  }
  let plate = 0;
  let used = 0;
  for (const sample of samples) {
    if (used && sample.tests.length <= each && used + sample.tests.length > each) {
      plate++;
      used = 0;
    }
    for (const test of sample.tests) {
      if (used === each) {
        plate++;
        used = 0;
      }
      placed.push({ plate, well: open.flat()[used++]!, sample: sample.key, test });
    }
  }
  return placed;
}
