/** Which apparatus each test is done with, by variant where that differs. A new test names its own, or the compiler does. */
import type { DrawingId } from '../apparatus/drawings.js';
import type { TestId } from './test-definition.js';

type Picture = DrawingId | ({ readonly usual: DrawingId } & Readonly<Record<string, DrawingId>>);

const pictures: Readonly<Record<TestId, Picture>> = {
  appearance: 'jar',
  flame: { usual: 'flame-wire', splint: 'flame-splint', swab: 'flame-swab' },
  naoh: 'tube-drops',
  'naoh-warm': 'warm-bath',
  'ammonia-solution': 'tube-drops',
  'dilute-acid': 'tube-acid',
  sulfate: 'tube-drops',
  'halide-silver': 'tube-drops',
  'halide-layer': 'two-layers',
  'nitrate-ring': 'ring',
  'nitrate-reduction': 'warm-bath',
  'carbonate-spot': 'spotting-tile',
  'phosphate-spot': 'spotting-tile',
  'sulfate-spot': 'spotting-tile',
  'metal-acid': 'metals-in-acid',
  'lit-splint': { usual: 'lit-splint', 'over-water': 'over-water', upward: 'upward', pipette: 'drawn-off' },
  'glowing-splint': 'glowing-splint',
  limewater: { usual: 'limewater-shaken', bubbled: 'limewater-bubbled', pipette: 'drawn-off' },
  'damp-red-litmus': 'paper-at-mouth',
  'damp-blue-litmus': 'paper-at-mouth',
  'hcl-rod': 'rod-at-mouth',
  'acidified-manganate': 'paper-at-mouth',
  'anhydrous-copper-sulfate': 'powder',
  'cobalt-chloride-paper': 'paper-at-mouth',
  'starch-iodide-paper': 'paper-at-mouth',
  'potassium-iodide': 'tube-drops',
  thiocyanate: 'tube-drops',
  'magnesium-sulfate': 'tube-drops',
  'boiling-point': 'thermometer',
  'freezing-point': 'thermometer',
};

/** The drawing of a test's apparatus as it is planned. */
export function pictureOf({ test, variant }: { readonly test: TestId; readonly variant: string }): DrawingId {
  const picture = pictures[test];
  return typeof picture === 'string' ? picture : (picture[variant] ?? picture.usual);
}

/** The drawings of several tests, each drawing once, with the tests it serves. */
export function picturesOf(
  tests: readonly { readonly test: TestId; readonly variant: string }[],
): { readonly id: DrawingId; readonly tests: readonly TestId[] }[] {
  const ids = [...new Set(tests.map(pictureOf))];
  return ids.map((id) => ({ id, tests: tests.filter((t) => pictureOf(t) === id).map((t) => t.test) }));
}
