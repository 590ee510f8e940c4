/**
 * What reacts in an identification test, as equations derived from the sample's ions, the reagents and
 * the test's own records of what falls out and what dissolves.
 */
import { usualStates } from '../equations/usual-states.js';
import { readFormula } from '../formulas/read-formula.js';
import type { AnionId, CationId } from '../species/ion.js';
import { anionIn, cationIn, formulaText, isMetalId, speciesName } from '../species/species.js';
import type { GasId } from '../species/substance.js';
import type { TestId } from '../identification-tests/test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import { testOf } from '../identification-tests/tests.js';
import { whyNoSalt } from '../species/no-salt.js';
import { diluteAcid, metalInAcid } from './acid-rules.js';
import { iodideTest, magnesiumTest, thiocyanateTest } from './confirming-rules.js';
import { withAlkali } from './alkali-rules.js';
import type { AcidId } from '../species/in-acid.js';
import { inAmmonia, inHydroxide, withAcid } from './facts.js';
import { happeningOfGas } from './gas-reactions.js';
import { reduction, ring, warmed } from './nitrogen-rules.js';
import { layerTest, silverTest, spot, sulfateTest } from './precipitate-rules.js';
import { equationsOf, type ReactionEquation } from './reaction-equation.js';
import { nothing, saltOf, type Found, type Salt } from './rule-parts.js';

/** The equations in the order in which they happen; `why` says why there are none. */
export interface Reactions {
  readonly equations: readonly ReactionEquation[];
  readonly why?: string;
}
export interface ReactionQuestion {
  readonly test: TestId;
  /** A salt as its ions, one ion, a metal or a gas. */
  readonly sample: readonly string[];
  readonly acid?: AcidId;
  readonly form?: SampleForm;
}
/** Tests whose result is no reaction that is written at school, with the reason. */
const unwritten: Readonly<Partial<Record<TestId, string>>> = {
  flame: 'The flame lifts electrons of the ion; nothing reacts.',
  appearance: 'Looking changes nothing.',
  'glowing-splint': 'The splint only burns again; no equation is asked for.',
  'damp-red-litmus': 'The dye changes with the alkali; no equation is asked for.',
  'damp-blue-litmus': 'The dye changes with the acid or is bleached; no equation is asked for.',
  'boiling-point': 'Boiling changes the state, not the substance.',
  'freezing-point': 'Freezing changes the state, not the substance.',
};

const saltRules: Readonly<Partial<Record<TestId, (salt: Salt, acid: AcidId) => Found>>> = {
  naoh: (salt) => withAlkali(salt, 'naoh', inHydroxide),
  'ammonia-solution': (salt) => withAlkali(salt, 'ammonia-solution', inAmmonia),
  'naoh-warm': warmed,
  'dilute-acid': diluteAcid,
  sulfate: sulfateTest,
  'halide-silver': silverTest,
  'halide-layer': layerTest,
  'carbonate-spot': (salt) => spot(salt, 'carbonate-spot'),
  'sulfate-spot': (salt) => spot(salt, 'sulfate-spot'),
  'phosphate-spot': (salt) => spot(salt, 'phosphate-spot'),
  'nitrate-reduction': reduction,
  'nitrate-ring': ring,
  'potassium-iodide': iodideTest,
  thiocyanate: thiocyanateTest,
  'magnesium-sulfate': magnesiumTest,
};

/** Tests whose acid brings a solid carbonate, sulfite or hydroxide into solution. */
const acidOpens: readonly TestId[] = ['dilute-acid', 'sulfate', 'halide-silver', 'halide-layer'];

/** A sample of ions as a salt; an ion alone stands beside one that takes no part. */
function saltIn(sample: readonly string[], form: SampleForm | undefined): Salt {
  const [cation, anion] = [cationIn(sample), anionIn(sample)];
  if (sample.length > 2 || (!cation && !anion) || (sample.length === 2 && !(cation && anion)))
    throw new RangeError('this test takes a salt as a sample: one cation and one anion');
  const counter: { cation: CationId; anion: AnionId } = { cation: 'Na+', anion: 'NO3-' };
  const salt: Salt = { cation: cation ?? counter.cation, anion: anion ?? counter.anion, form };
  const none = whyNoSalt([salt.cation, salt.anion], true);
  if (none)
    throw new RangeError(`${formulaText(salt.cation)} and ${formulaText(salt.anion)} are no sample: ${none}`);
  return salt;
}

function found({ test, sample, acid = 'HCl', form }: ReactionQuestion): Found {
  const none = unwritten[test];
  if (none) return nothing(none);
  if (test === 'metal-acid') {
    const [metal] = sample;
    if (sample.length !== 1 || !isMetalId(metal ?? ''))
      throw new RangeError('metal-acid takes one metal as its sample, such as Mg');
    return metalInAcid(metal!, acid);
  }
  const rule = saltRules[test];
  if (rule) {
    const salt = saltIn(sample, form);
    const whole = saltOf(salt.cation, salt.anion);
    const states = usualStates(readFormula(whole)!);
    const acidDissolves = acidOpens.includes(test) && withAcid(salt.anion) !== undefined;
    if (states.length === 1 && states[0] === 's' && !acidDissolves)
      return nothing(
        `${speciesName(salt.cation)} ${speciesName(salt.anion)} hardly dissolves: bring it into solution first, then test for its ions.`,
      );
    return rule(salt, acid);
  }
  const [gas] = sample;
  const happening = sample.length === 1 ? happeningOfGas(gas!, test) : undefined;
  return happening
    ? { happenings: [happening] }
    : nothing(
        `${testOf(test).name}: nothing that is written as an equation happens with ${sample.join(' and ')}.`,
      );
}

const answered = ({ happenings, why }: Found): Reactions => ({
  equations: happenings.flatMap(equationsOf),
  ...(why === undefined ? {} : { why }),
});

/**
 * The equations of a test on a sample, in the order in which they happen.
 * @throws RangeError where the sample is not one the test takes, or the acid brings what is tested for.
 */
export const reactionsOfTest = (question: ReactionQuestion): Reactions => answered(found(question));

/** The equations of the usual test for a gas; none, with the reason, where none is written. */
export function reactionsOfGasTest(gas: GasId): Reactions {
  const happening = happeningOfGas(gas);
  return answered(
    happening
      ? { happenings: [happening] }
      : nothing(`The test for ${speciesName(gas)} is not written as an equation at school.`),
  );
}
