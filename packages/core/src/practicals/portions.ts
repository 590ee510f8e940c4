/** How many samples one group takes through a planned test. */
import { testOf } from '../identification-tests/tests.js';
import { isDoneOn } from './evidence.js';
import {
  keptOf,
  knownsOf,
  syllabusFor,
  unknownsOf,
  type PlannedTest,
  type Practical,
  type PracticalSample,
} from './practical.js';

/** Samples of one group that a test is done on: every known, its share of the unknowns, and the liquids kept of both. */
export function samplesPerGroup(practical: Practical, planned: PlannedTest): number {
  const able = (samples: readonly PracticalSample[]) => samples.filter((s) => isDoneOn(planned, s)).length;
  const all = unknownsOf(practical).length;
  const share = (n: number) => (all ? Math.ceil((practical.unknownsPerGroup * n) / all) : 0);
  const kept = keptOf(practical);
  const ofKnowns = kept.filter((s) => s.from?.known);
  return (
    able(knownsOf(practical)) +
    able(ofKnowns) +
    share(able(unknownsOf(practical))) +
    share(able(kept) - able(ofKnowns))
  );
}

/** The same, where a gas shown once is inferred for the rest: then one. */
export function portionsOf(practical: Practical, planned: PlannedTest): number {
  const n = samplesPerGroup(practical, planned);
  const once =
    testOf(planned.test).family === 'gas' &&
    practical.samples.some((s) => s.form === 'metal' || s.form === 'solid') &&
    syllabusFor(practical).settings.gasEvidence === 'once-then-inferred';
  return once ? Math.min(1, n) : n;
}
