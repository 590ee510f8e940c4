/** What stands on each bench for the tests of a practical, from the methods' own lists. */
import { isRecorded } from '../practicals/method.js';
import { samplesPerGroup } from '../practicals/portions.js';
import type { PlannedTest, Practical } from '../practicals/practical.js';
import type { Piece } from '../identification-tests/test-definition.js';
import { testOf, variantOf } from '../identification-tests/tests.js';

const always: readonly { readonly item: string; readonly per: Piece['per'] | 'student' }[] = [
  { item: 'eye protection', per: 'student' },
  { item: 'wash bottle of deionised water', per: 'group' },
  { item: 'paper towels', per: 'group' },
];

const piecesFor = (planned: PlannedTest): readonly Piece[] =>
  variantOf(testOf(planned.test), planned.variant).apparatus.filter((piece) => isRecorded(planned, piece));

export interface ApparatusLine {
  readonly item: string;
  /** For one bench; null for what the room has once. */
  readonly perBench: number | null;
  readonly total: number;
}

/** Apparatus for one bench and for the room, by item. @param perBench students at a bench, for what each wears. */
export function apparatusFor(
  practical: Practical,
  { groups, students }: { readonly groups: number; readonly students: number },
): ApparatusLine[] {
  const need = new Map<string, { bench: number; room: number; student: boolean }>();
  const add = (
    { item, per, count }: { item: string; per: Piece['per'] | 'student'; count: number },
    samples: number,
  ): void => {
    const so = need.get(item) ?? { bench: 0, room: 0, student: false };
    const n = count * (per === 'sample' ? samples : 1);
    // Tubes are for each test anew; a rack, a burner or tweezers serve for all.
    if (per === 'sample') so.bench += n;
    else if (per === 'group') so.bench = Math.max(so.bench, n);
    else if (per === 'room') so.room = Math.max(so.room, n);
    else so.student = true;
    need.set(item, so);
  };
  always.forEach((p) => add({ ...p, count: 1 }, 0));
  for (const planned of practical.tests)
    piecesFor(planned).forEach((p) => add(p, samplesPerGroup(practical, planned)));
  return [...need].map(([item, { bench, room, student }]) =>
    student
      ? { item, perBench: null, total: students }
      : bench
        ? { item, perBench: bench, total: bench * groups }
        : { item, perBench: null, total: room },
  );
}
