/** Controls that the samples of a practical call for beside those set by hand. */
import { gasAcids } from '../gas-making/facts.js';
import { sampleHazard } from '../hazards/sample-hazard.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import { gasesWithAcid } from '../species/gives-off.js';
import { isDoneOn } from './evidence.js';
import type { PlannedTest, Practical, PracticalSample, StepControl } from './practical.js';

/** Is a gas toxic to breathe (H331 or H330)? */
const chokes = (gas: string): boolean =>
  sampleHazard([gas], 'gas', null).statements.some((code) => /^H33[01]/.test(code));

/** The steps at which a sample of the practical gives off, or is, a gas that chokes. */
function chokingSteps(planned: PlannedTest, samples: readonly PracticalSample[]): number[] {
  const { steps } = variantOf(testOf(planned.test), planned.variant);
  const done = samples.filter((s) => isDoneOn(planned, s));
  if (done.some((s) => s.form === 'gas' && s.ions.some(chokes))) return steps.map((_, i) => i);
  if (!done.some((s) => s.form !== 'gas' && gasesWithAcid(s.ions).some(chokes))) return [];
  if (testOf(planned.test).family === 'gas') return steps.map((_, i) => i);
  const first = steps.findIndex((s) => s.uses?.some(({ reagent }) => Object.hasOwn(gasAcids, reagent)));
  return first < 0 ? [] : steps.flatMap((_, i) => (i >= first ? [i] : []));
}

/**
 * The tests of a practical with the controls its samples call for beside those set by hand: in the fume cupboard where
 * a gas that chokes comes off. The same for every group, so that it tells nobody which sample it is.
 */
export function testsWithControls({ tests, samples }: Pick<Practical, 'tests' | 'samples'>): PlannedTest[] {
  return tests.map((planned) => {
    const there = planned.controls ?? [];
    const more = chokingSteps(planned, samples)
      .filter((step) => !there.some((c) => c.step === step && c.only === 'fume-cupboard'))
      .map((step): StepControl => ({ step, only: 'fume-cupboard' }));
    return more.length ? { ...planned, controls: [...there, ...more] } : planned;
  });
}
