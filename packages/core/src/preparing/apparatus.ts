/** What stands on each bench for each test. Source `school-practice`. */
import { isDoneOn } from '../practicals/evidence.js';
import { unknownsOf, type PlannedTest, type Practical } from '../practicals/practical.js';
import type { TestId, VariantId } from '../tests/test-definition.js';

interface Piece {
  readonly item: string;
  /** Per group, per sample tested, per student, or once for the room. */
  readonly per: 'group' | 'sample' | 'student' | 'room';
  readonly count: number;
}
const piece = (item: string, per: Piece['per'] = 'group', count = 1): Piece => ({ item, per, count });
const tubes = [piece('test tubes', 'sample'), piece('test tube rack'), piece('dropping pipettes', 'sample')];
const flame = [piece('burner, mat and lighter'), piece('spotting tile')];
const splints = [piece('wooden splints', 'sample', 2), piece('beaker of water for spent splints')];

const byTest: Readonly<Partial<Record<TestId, readonly Piece[]>>> = {
  naoh: tubes,
  'ammonia-solution': tubes,
  'naoh-warm': [...tubes, piece('red litmus paper, strips', 'sample'), piece('test tube holder')],
  'dilute-acid': [...tubes, piece('delivery tube with bung'), piece('tubes for limewater', 'sample')],
  sulfate: tubes,
  'halide-silver': tubes,
  'halide-layer': [piece('small stoppered tubes', 'sample'), piece('dropping pipettes', 'sample')],
  'nitrate-ring': [
    piece('test tubes', 'sample'),
    piece('face shield', 'room'),
    piece('pipette and filler for the acid', 'room'),
  ],
  'nitrate-reduction': [
    ...tubes,
    piece('red litmus paper, strips', 'sample'),
    piece('aluminium foil, 1 cm²', 'sample'),
  ],
  'carbonate-spot': [piece('well plate or small tubes'), piece('black card')],
  'phosphate-spot': [piece('well plate or small tubes'), piece('black card')],
  'sulfate-spot': [piece('well plate or small tubes'), piece('black card')],
  'metal-acid': [...tubes, piece('tweezers')],
  'lit-splint': [...splints, piece('lighter')],
  'glowing-splint': [...splints, piece('lighter')],
  limewater: [piece('test tubes', 'sample'), piece('delivery tube with bung')],
  'damp-red-litmus': [piece('red litmus paper, strips', 'sample'), piece('tweezers')],
  'damp-blue-litmus': [piece('blue litmus paper, strips', 'sample'), piece('tweezers')],
  'hcl-rod': [piece('glass rod', 'room')],
  'acidified-manganate': [piece('filter paper, strips', 'sample')],
  'anhydrous-copper-sulfate': [piece('watch glass')],
  'cobalt-chloride-paper': [piece('tweezers')],
  'boiling-point': [
    piece('side-arm tube, thermometer, anti-bumping granules'),
    piece('burner, mat and lighter'),
  ],
};
const flameBy: Readonly<Partial<Record<VariantId, readonly Piece[]>>> = {
  wire: [...flame, piece('nichrome wire loop in its handle'), piece('watch glass')],
  splint: [...flame, piece('soaked splints', 'sample', 2), piece('beaker of water for spent splints')],
  swab: [
    ...flame,
    piece('cotton swabs with wooden sticks', 'sample', 2),
    piece('beaker of water for spent swabs'),
  ],
};
const blueGlass = piece('blue cobalt glass');
const always = [
  piece('eye protection', 'student'),
  piece('wash bottle of deionised water'),
  piece('paper towels'),
];

const piecesFor = ({ test, variant, attributes }: PlannedTest): readonly Piece[] => [
  ...((test === 'flame' ? flameBy[variant] : byTest[test]) ?? []),
  ...(attributes.includes('throughBlueGlass') ? [blueGlass] : []),
];

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
  const knowns = practical.samples.length - unknownsOf(practical).length;
  const samplesOf = (planned: PlannedTest): number => {
    const able = unknownsOf(practical).filter((s) => isDoneOn(planned, s)).length;
    const share = unknownsOf(practical).length ? able / unknownsOf(practical).length : 0;
    const known = knowns
      ? practical.samples.filter((s) => s.role === 'known' && isDoneOn(planned, s)).length
      : 0;
    return Math.ceil(practical.unknownsPerGroup * share) + known;
  };
  const add = ({ item, per, count }: Piece, samples: number): void => {
    const so = need.get(item) ?? { bench: 0, room: 0, student: false };
    const n = count * (per === 'sample' ? samples : 1);
    // Tubes are for each test anew; a rack, a burner or tweezers serve for all.
    if (per === 'sample') so.bench += n;
    else if (per === 'group') so.bench = Math.max(so.bench, n);
    else if (per === 'room') so.room = Math.max(so.room, n);
    else so.student = true;
    need.set(item, so);
  };
  always.forEach((p) => add(p, 0));
  for (const planned of practical.tests) piecesFor(planned).forEach((p) => add(p, samplesOf(planned)));
  return [...need].map(([item, { bench, room, student }]) =>
    student
      ? { item, perBench: null, total: students }
      : bench
        ? { item, perBench: bench, total: bench * groups }
        : { item, perBench: null, total: room },
  );
}
