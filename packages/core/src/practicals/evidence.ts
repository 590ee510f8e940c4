/**
 * What each test of a practical should show for each of its samples: from the tests' records, and by the
 * equilibria at the amounts set. Where the two part, the plan is warned: too faint to see, or a false
 * positive from the reagents themselves.
 */
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { molarMassOf } from '../formulas/molar-mass.js';
import { readFormula } from '../formulas/read-formula.js';
import { derivedResults, type DerivedResult } from '../identification-tests/derived.js';
import { expectationOf, type Expectation } from '../identification-tests/expectation.js';
import type { Attribute } from '../identification-tests/test-definition.js';
import { attributeOf, testOf, variantOf } from '../identification-tests/tests.js';
import { reagentParts } from '../equilibrium/reagents.js';
import type { IonId } from '../species/ion.js';
import { redoxAmong, type RedoxPartners } from '../species/redox-partners.js';
import { speciesName } from '../species/species.js';
import { gasesWithAcid } from '../species/gives-off.js';
import { isBlank, molarityOf, type PlannedTest, type Practical, type PracticalSample } from './practical.js';
import { ionStrengths, saltFormula } from '../formulas/salt-ions.js';

export interface VisibilityWarning {
  readonly kind: 'too-faint' | 'false-positive' | 'not-in-excess' | 'stays-dissolved' | 'redox';
  readonly sample: string;
  readonly test: string;
  readonly attribute: string;
  /** What falls out by the model, mol/dm3 of mixture, where anything does. */
  readonly mol_per_L: number | null;
  readonly formula: string | null;
  /** Of `redox`: who meets whom, and what is seen instead. */
  readonly partners?: RedoxPartners;
}

/** One cell of the evidence table. */
export interface Evidence {
  readonly sample: string;
  readonly test: string;
  /** Values each planned attribute may take, likeliest first; empty where the test says nothing of the sample. */
  readonly shows: Expectation;
  readonly warnings: readonly VisibilityWarning[];
}

/** Is the test one for samples of this form? A kept liquid gives no more gas, and is not run through acid again. */
export function appliesTo(test: string, { form, role }: Pick<PracticalSample, 'form' | 'role'>): boolean {
  const { forms, family, leavesLiquid } = testOf(test);
  return forms.includes(form) && !(role === 'kept' && (family === 'gas' || leavesLiquid));
}

/** Is the test done on this sample in this practical? What comes from a known goes with the knowns. */
export const isDoneOn = (
  planned: PlannedTest,
  sample: Pick<PracticalSample, 'form' | 'role'> & { readonly from?: PracticalSample['from'] | undefined },
): boolean =>
  appliesTo(planned.test, sample) &&
  !(planned.on === 'unknowns' && (sample.role === 'known' || sample.from?.known));

/** A blank shows nothing in every test. */
const nothingAt = (planned: PlannedTest): Expectation =>
  Object.fromEntries(
    planned.attributes.flatMap((id) => {
      const { nothing } = attributeOf(testOf(planned.test), id);
      return nothing ? [[id, [nothing]]] : [];
    }),
  );

/** What a test meets of a sample: a gas test, of what is no gas, the gases that acid sets free. */
export const metBy = (
  test: string,
  { form, ions }: Pick<PracticalSample, 'form' | 'ions'>,
): readonly string[] => (testOf(test).family === 'gas' && form !== 'gas' ? gasesWithAcid(ions) : ions);

const expected = (planned: PlannedTest, sample: PracticalSample): Expectation => {
  if (isBlank(sample)) return nothingAt(planned);
  const ids = metBy(planned.test, sample);
  return ids.length
    ? expectationOf(planned.test, ids, { variant: planned.variant, form: sample.form })
    : nothingAt(planned);
};

const solidIn = (result: DerivedResult) => ({
  mol_per_L: result.solid?.mol_per_L ?? null,
  formula: result.solid?.formula ?? null,
});

const wantsSolid = (attribute: Attribute): boolean =>
  attribute.reads === 'precipitate' || attribute.reads === 'spot';

/**
 * mol/dm3 of the salt in the tube: of a solution as it is, of a solid as it dissolves in the 1 cm3 it is shaken with.
 * null where acid is poured on the solid itself, which no solution tells of.
 */
function strengthInTube(planned: PlannedTest, sample: PracticalSample): number | null {
  const dissolved = molarityOf(sample);
  if (dissolved !== null) return dissolved;
  const { attributes, takes } = testOf(planned.test);
  if (sample.form !== 'solid' || attributes.some((a) => a.reads === 'effervescence')) return null;
  const formula = saltFormula(sample.ions);
  const read = readFormula(formula);
  const whole = read ? (1000 * takes.solid_g) / molarMassOf(read) : 0;
  const share = whole > 0 ? dissolvesTo(formula, whole) : undefined;
  return share === undefined || share * whole < 1e-6 ? null : share * whole;
}

/** Ions of what the method adds, as far as they are known. */
const addedIons = (planned: PlannedTest): string[] =>
  variantOf(testOf(planned.test), planned.variant).steps.flatMap((step) =>
    (step.uses ?? []).flatMap(({ reagent }) => {
      try {
        return Object.keys(reagentParts(reagent));
      } catch {
        // No plain salt, acid or base: a paper, a solvent, a metal.
        return [];
      }
    }),
  );

/** Ions in the tube that take electrons from each other, where the test's own records do not say so already. */
function redox(planned: PlannedTest, sample: PracticalSample): VisibilityWarning[] {
  const partners = redoxAmong([...sample.ions, ...addedIons(planned)]);
  if (!partners) return [];
  const { attributes, outcomes } = testOf(planned.test);
  const told = outcomes.some(
    (o) => partners.ions.includes(o.of as IonId) && sample.ions.includes(o.of) && o.unsure,
  );
  const attribute = planned.attributes.find((id) => attributes.some((a) => a.id === id && wantsSolid(a)));
  return told || attribute === undefined
    ? []
    : [
        {
          kind: 'redox',
          sample: sample.key,
          test: planned.test,
          attribute,
          mol_per_L: null,
          formula: null,
          partners,
        },
      ];
}

/** Where the equilibria do not give, at these amounts, what the test should show. */
function visibility(
  planned: PlannedTest,
  sample: PracticalSample,
  shows: Expectation,
  visible_M: number | undefined,
): VisibilityWarning[] {
  if (isBlank(sample) || sample.ions.length < 2) return [];
  // Where electrons pass, no equilibrium of precipitates says anything.
  if (redoxAmong([...sample.ions, ...addedIons(planned)])) return redox(planned, sample);
  const molarity = strengthInTube(planned, sample);
  if (molarity === null) return [];
  let results: DerivedResult[];
  try {
    results = derivedResults(
      planned.test,
      {
        ions: ionStrengths(sample.ions, molarity),
        ...(planned.strengths ? { strengths: planned.strengths } : {}),
        ...(visible_M === undefined ? {} : { visible_M }),
      },
      planned.variant,
    );
  } catch {
    // Ions the model has no constants for: it says nothing.
    return [];
  }
  const test = testOf(planned.test);
  return results.flatMap((result): VisibilityWarning[] => {
    const attribute = attributeOf(test, result.attribute);
    const values = shows[result.attribute];
    if (!values || result.value === null) return [];
    const warn = (kind: VisibilityWarning['kind']): VisibilityWarning[] => [
      { kind, sample: sample.key, test: planned.test, attribute: result.attribute, ...solidIn(result) },
    ];
    if (wantsSolid(attribute)) {
      if (result.value === 'none' && !values.includes('none')) return warn('too-faint');
      if (result.value !== 'none' && values.every((v) => v === 'none')) return warn('false-positive');
    }
    if (attribute.reads === 'effervescence' && result.value === 'none' && !values.includes('none'))
      return warn('stays-dissolved');
    if (attribute.reads === 'excess' && result.value === 'insoluble' && values[0] === 'dissolves')
      return warn('not-in-excess');
    return [];
  });
}

/**
 * The evidence table of a practical, sample by sample and test by test.
 * @param visible_M threshold of visibility in mol/dm3 where not the usual one.
 */
export function evidenceOf(
  practical: Pick<Practical, 'samples' | 'tests'>,
  visible_M?: number,
): readonly Evidence[] {
  return practical.samples.flatMap((sample) =>
    practical.tests
      .filter((planned) => appliesTo(planned.test, sample))
      .map((planned): Evidence => {
        const all = expected(planned, sample);
        const shows = Object.fromEntries(
          planned.attributes.flatMap((id) => (all[id] ? [[id, all[id]]] : [])),
        );
        return {
          sample: sample.key,
          test: planned.test,
          shows,
          warnings: visibility(planned, sample, all, visible_M).filter((w) =>
            planned.attributes.includes(w.attribute),
          ),
        };
      }),
  );
}

/** A warning as a sentence with what to do. */
export function warningText(warning: VisibilityWarning, label: string): string {
  const test = testOf(warning.test).name;
  const amount =
    warning.mol_per_L === null || !warning.formula
      ? ''
      : ` (${warning.formula}, ${Number(warning.mol_per_L.toPrecision(2))} mol/dm³ of mixture)`;
  switch (warning.kind) {
    case 'redox': {
      const { ions, seen, slow } = warning.partners!;
      return `${label} in ${test}: ${ions.map((id) => speciesName(id)).join(' and ')} react with each other: ${seen}. ${slow ? 'Look at once; what comes later is not the test.' : 'Choose another salt of the ion.'}`;
    }
    case 'too-faint':
      return `${label} in ${test}: the precipitate would be too faint to see at these strengths${amount}. Make the sample or the reagent stronger.`;
    case 'false-positive':
      return `${label} in ${test}: something falls out that is not the test${amount}. Choose another variant of the method or another sample.`;
    case 'stays-dissolved':
      return `${label} in ${test}: at these strengths the gas stays dissolved, so nothing fizzes and limewater stays clear. Give the sample as a solid, or at 0.5 mol/dm³ with acid of 1 mol/dm³.`;
    case 'not-in-excess':
      return `${label} in ${test}: at this strength of reagent no excess dissolves it${amount}. Use the stronger solution for the excess.`;
  }
}
