/** What was to hand instead, and what it changes: results by the equilibria, slips it invites, cautions. */
import { hazardAt, reagentOf, type ReagentId } from '../hazards/reagents.js';
import { strengthIn } from '../practicals/method.js';
import { holdsOf, isBlank, molarityOf, type Practical } from '../practicals/practical.js';
import { ionStrengths } from '../formulas/salt-ions.js';
import type { SourceId } from '../sources/sources.js';
import { derivedResults, type DerivedResult } from '../identification-tests/derived.js';
import type { TestId } from '../identification-tests/test-definition.js';
import { attributeOf, testOf, variantOf } from '../identification-tests/tests.js';

export interface Substitute {
  readonly id: string;
  readonly for: ReagentId;
  /** Another reagent of the list, or the same in another state. */
  readonly instead: ReagentId;
  readonly name: string;
  /** Share of the strength on the label it still has; 1 for a fresh one. */
  readonly strength: number;
  /** What it changes beyond what the equilibria tell. */
  readonly changes: string;
  readonly advice: 'fine' | 'with-care' | 'do-not';
  /** Slips of tests it amounts to, as test and slip. */
  readonly slips: readonly (readonly [TestId, string])[];
  readonly source: SourceId;
  readonly unsure?: string;
}

/** What stays the same of most substitutes. */
const usually = { strength: 1, slips: [], source: 'school-practice' } as const;

export const substitutes: readonly Substitute[] = [
  {
    ...usually,
    id: 'naoh-wet-pellets',
    for: 'NaOH',
    instead: 'NaOH',
    name: 'pellets that have turned to liquid',
    strength: 0.6,
    advice: 'with-care',
    changes:
      'They have drawn water and carbon dioxide: weaker than weighed, and the carbonate in them clouds calcium and barium and fizzes with acid. Titrate it or open a new bottle.',
    slips: [['naoh', 'no-excess']],
    unsure: 'how much strength is lost depends on how long it stood open',
  },
  {
    ...usually,
    id: 'hexane-by-heptane',
    for: 'hexane',
    instead: 'heptane',
    name: 'heptane',
    advice: 'fine',
    changes:
      'Without hexane’s harm to nerves and fertility, and slower to evaporate. The layer is on top and has the same colours. It catches fire as easily: no flame in the room either.',
    source: 'clp',
  },
  {
    ...usually,
    id: 'hcl-by-sulfuric',
    for: 'HCl',
    instead: 'H2SO4',
    name: 'dilute sulfuric acid',
    advice: 'with-care',
    changes:
      'On marble the fizzing dies under a coat of calcium sulfate; before barium it brings sulfate itself.',
    slips: [
      ['sulfate', 'wrong-acid'],
      ['dilute-acid', 'sulfuric-on-marble'],
    ],
  },
  {
    ...usually,
    id: 'hcl-by-nitric',
    for: 'HCl',
    instead: 'HNO3',
    name: 'dilute nitric acid',
    advice: 'with-care',
    changes: 'With metals it gives little or no hydrogen and brown fumes; with carbonates it does as well.',
    slips: [['metal-acid', 'nitric-acid']],
  },
  {
    ...usually,
    id: 'hno3-by-hcl',
    for: 'HNO3',
    instead: 'HCl',
    name: 'dilute hydrochloric acid',
    advice: 'do-not',
    changes: 'Before silver nitrate it brings chloride: always white.',
    slips: [['halide-silver', 'wrong-acid']],
  },
  {
    ...usually,
    id: 'hno3-by-sulfuric',
    for: 'HNO3',
    instead: 'H2SO4',
    name: 'dilute sulfuric acid',
    advice: 'do-not',
    changes: 'Before silver nitrate silver sulfate may cloud; before barium it brings sulfate itself.',
    slips: [['sulfate', 'wrong-acid']],
  },
  {
    ...usually,
    id: 'bacl2-by-nitrate',
    for: 'BaCl2',
    instead: 'Ba(NO3)2',
    name: 'barium nitrate solution',
    advice: 'fine',
    changes: 'It brings no chloride: better where silver or lead may be about.',
  },
  {
    ...usually,
    id: 'bano32-by-chloride',
    for: 'Ba(NO3)2',
    instead: 'BaCl2',
    name: 'barium chloride solution',
    advice: 'with-care',
    changes: 'It brings chloride, which silver and lead turn white.',
  },
  {
    ...usually,
    id: 'feso4-old',
    for: 'FeSO4',
    instead: 'FeSO4',
    name: 'iron(II) sulfate from last week',
    strength: 0.1,
    advice: 'do-not',
    changes:
      'Air has turned it into iron(III): no ring. Make it fresh, or use ammonium iron(II) sulfate, which keeps.',
    slips: [['nitrate-ring', 'iron-sulfate-old']],
  },
  {
    ...usually,
    id: 'limewater-old',
    for: 'limewater',
    instead: 'limewater',
    name: 'limewater that is not clear',
    strength: 0.2,
    advice: 'do-not',
    changes: 'It is spent: it stays as it is or is cloudy beforehand. Make fresh, settle overnight.',
    slips: [
      ['limewater', 'limewater-old'],
      ['dilute-acid', 'limewater-old'],
    ],
  },
  {
    ...usually,
    id: 'chlorine-water-old',
    for: 'chlorine-water',
    instead: 'chlorine-water',
    name: 'chlorine water from yesterday',
    strength: 0.1,
    advice: 'do-not',
    changes: 'The chlorine has gone: the upper layer stays colourless. Just before the lesson only.',
    slips: [['halide-layer', 'chlorine-water-old']],
  },
  {
    ...usually,
    id: 'agno3-half',
    for: 'AgNO3',
    instead: 'AgNO3',
    name: 'silver nitrate at half the strength',
    strength: 0.5,
    advice: 'with-care',
    changes: 'Cheaper, and still clear with samples of the usual strength; faint ones may be missed.',
    slips: [['halide-silver', 'too-dilute']],
  },
  {
    ...usually,
    id: 'nh3-household',
    for: 'NH3',
    instead: 'NH3',
    name: 'household ammonia',
    strength: 0.3,
    advice: 'do-not',
    changes: 'Its strength is unknown and it holds perfume and soap: excess may not dissolve, and it foams.',
    slips: [['ammonia-solution', 'no-excess']],
    unsure: 'brands differ',
  },
];

export const substitutesFor = (reagent: ReagentId): readonly Substitute[] =>
  substitutes.filter((s) => s.for === reagent);

export interface ChangedResult {
  readonly sample: string;
  readonly test: string;
  readonly attribute: string;
  readonly was: string;
  readonly becomes: string;
}
export interface SubstitutionEffect {
  readonly substitute: Substitute;
  readonly results: readonly ChangedResult[];
  /** Slips it amounts to, with what the student may be told. */
  readonly slips: readonly { readonly test: string; readonly slip: string; readonly advice: string }[];
  readonly cautions: readonly string[];
  /** One sentence for the log. */
  readonly summary: string;
}

const wordFor = (test: string, attribute: string, value: string): string =>
  attributeOf(testOf(test), attribute).values.find((v) => v.id === value)?.label ?? value;

function resultsWith(
  planned: Practical['tests'][number],
  ions: Readonly<Record<string, number>>,
  { for: reagent, instead, strength }: Substitute,
  changed: boolean,
): DerivedResult[] {
  const uses = variantOf(testOf(planned.test), planned.variant).steps.flatMap((s) => s.uses ?? []);
  const strengths: Record<string, number> = { ...planned.strengths };
  if (changed && instead === reagent)
    for (const use of uses.filter((u) => u.reagent === reagent)) {
      const full = strengthIn(planned, reagent, use.molarity);
      if (full !== null) strengths[reagent] = full * strength;
    }
  return derivedResults(
    planned.test,
    {
      ions,
      ...(Object.keys(strengths).length ? { strengths } : {}),
      ...(changed && instead !== reagent ? { instead: { [reagent]: instead } } : {}),
    },
    planned.variant,
  );
}

/** What using the substitute changes in a practical. */
export function effectOf(practical: Practical, substitute: Substitute): SubstitutionEffect {
  const concerned = practical.tests.filter((planned) =>
    variantOf(testOf(planned.test), planned.variant).steps.some((s) =>
      s.uses?.some((u) => u.reagent === substitute.for),
    ),
  );
  const results: ChangedResult[] = [];
  for (const planned of concerned)
    for (const sample of practical.samples.filter((s) => s.form === 'solution' && !isBlank(s))) {
      try {
        const ions = ionStrengths(sample.ions, molarityOf(sample)!);
        const before = resultsWith(planned, ions, substitute, false);
        const after = resultsWith(planned, ions, substitute, true);
        before.forEach(({ attribute, value }, i) => {
          const now = after[i]?.value;
          if (value !== null && now !== null && now !== undefined && now !== value)
            results.push({
              sample: holdsOf(sample),
              test: planned.test,
              attribute,
              was: wordFor(planned.test, attribute, value),
              becomes: wordFor(planned.test, attribute, now),
            });
        });
      } catch {
        // Ions the model has no constants for: it says nothing of them.
      }
    }
  const slips = substitute.slips
    .filter(([test]) => concerned.some((planned) => planned.test === test))
    .flatMap(([test, id]) => {
      const slip = testOf(test).slips.find((s) => s.id === id);
      return slip ? [{ test, slip: id, advice: slip.advice }] : [];
    });
  const hazard = hazardAt(substitute.instead, reagentOf(substitute.for).bench_M);
  const was = hazardAt(substitute.for, reagentOf(substitute.for).bench_M);
  const cautions =
    hazard.words !== was.words ? [`${reagentOf(substitute.instead).name}: ${hazard.words}`] : [];
  return {
    substitute,
    results,
    slips,
    cautions,
    summary: `${reagentOf(substitute.for).name} → ${substitute.name}: ${
      results.length
        ? `${results.length} ${results.length === 1 ? 'result changes' : 'results change'}`
        : 'no result changes by the equilibria'
    }. ${substitute.changes}`,
  };
}
