/** Lists of tests that several syllabuses hold. */
import type { Syllabus } from './syllabus-definition.js';

type Tests = Syllabus['tests'];

export const gasTests: Tests = [
  { test: 'lit-splint', variant: 'usual', attributes: ['splint'] },
  { test: 'glowing-splint', variant: 'usual', attributes: ['splint'] },
  { test: 'limewater', variant: 'usual', attributes: ['limewater'] },
];
export const litmusTests: Tests = [
  { test: 'damp-red-litmus', variant: 'usual', attributes: ['litmus'] },
  { test: 'damp-blue-litmus', variant: 'usual', attributes: ['litmus'] },
];
export const waterTests: Tests = [
  { test: 'anhydrous-copper-sulfate', variant: 'usual', attributes: ['colour'] },
  { test: 'cobalt-chloride-paper', variant: 'usual', attributes: ['colour'] },
  { test: 'boiling-point', variant: 'usual', attributes: ['celsius'] },
  { test: 'freezing-point', variant: 'usual', attributes: ['celsius'] },
];
export const flameByEye: Tests = [{ test: 'flame', variant: 'wire', attributes: ['colour'] }];
export const silverHalides: Tests = [
  { test: 'halide-silver', variant: 'usual', attributes: ['precipitate'] },
];
/** What `core`, `extended` and `senior` share for ions in solution. */
export const ionTests: Tests = [
  { test: 'naoh', variant: 'usual', attributes: ['precipitate', 'excess'] },
  { test: 'naoh-warm', variant: 'usual', attributes: ['litmus'] },
  { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence', 'limewater'] },
  { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] },
];
/** What `extended` and `senior` add. */
export const furtherIonTests: Tests = [
  { test: 'ammonia-solution', variant: 'usual', attributes: ['precipitate', 'excess'] },
  { test: 'nitrate-reduction', variant: 'usual', attributes: ['litmus'] },
  { test: 'acidified-manganate', variant: 'usual', attributes: ['solution'] },
];
