/**
 * What a class's runs on screen tell of how often it slips in a lesson: slips made there beside those that the tests it
 * ran are rehearsed with.
 */
import type { SlipCode } from '../bench-model/slips.js';
import { testOf } from '../identification-tests/tests.js';
import { factorBounds } from './own-slips.js';

/** A run of one student. */
export interface SlippedRun {
  /** Tests it logged something of. */
  readonly tests: readonly string[];
  /** Slips made in it. */
  readonly slips: readonly string[];
}
export interface ScreenRate {
  /** Times the usual. */
  readonly factor: number;
  /** Runs it rests on. */
  readonly runs: number;
  /** Slips made in them, and how many would be usual. */
  readonly made: number;
  readonly usual: number;
}

/** Slips of the bench on screen by what the tests call them, where that is another word. */
const calledByTests: Readonly<Partial<Record<SlipCode, string>>> = {
  'wire-not-clean': 'sodium-about',
  'acid-reused': 'sodium-about',
  'wood-burns': 'wood-or-cotton-burns',
  'salt-in-burner': 'salt-in-the-burner',
  'no-acid-first': 'no-acid',
  'ring-disturbed': 'shaken',
  'nitric-for-hydrogen': 'nitric-acid',
};
/** Slips that the usual estimate is worth: so many of a class's own count as much as it (an assumption). */
const usualIsWorth = 2;
/** On screen nobody jogs an elbow: a run counts as much as this many names of a lesson (an assumption). */
export const runIsWorth = 0.5;

/** Chances of each slip of some tests to happen at least once, by what the tests call it. */
function chancesOf(tests: readonly string[]): Map<string, number> {
  const chances = new Map<string, number>();
  for (const { slips } of [...new Set(tests)].map(testOf))
    for (const { id, prior } of slips) chances.set(id, 1 - (1 - (chances.get(id) ?? 0)) * (1 - prior));
  return chances;
}

/**
 * The rate of slips that runs on screen show, in times the usual; drawn to it while the slips are few.
 * @param runs the first of each student: what they do before they have been told.
 * @returns undefined where no test was run that anything slips in
 */
export function screenRate(runs: readonly SlippedRun[]): ScreenRate | undefined {
  let made = 0;
  let usual = 0;
  let counted = 0;
  for (const { tests, slips } of runs) {
    const chances = chancesOf(tests);
    if (!chances.size) continue;
    counted++;
    for (const chance of chances.values()) usual += chance;
    const own = new Set(slips.map((code) => calledByTests[code as SlipCode] ?? code));
    made += [...own].filter((id) => chances.has(id)).length;
  }
  if (!counted) return undefined;
  const [least, most] = factorBounds;
  const factor = Math.min(most, Math.max(least, (made + usualIsWorth) / (usual + usualIsWorth)));
  return { factor, runs: counted, made, usual };
}
