/**
 * The liquid that a test leaves, kept as a sample for later ones: a metal or a carbonate in acid, then hydroxide or
 * flame on what is in the tube. The method goes on until the acid is used up, so that its strength is the acid's.
 */
import { ionCounts } from '../formulas/salt-ions.js';
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import { acids, ionInAcid, isAcidId } from '../species/in-acid.js';
import { gasesWithAcid } from '../species/gives-off.js';
import { cationIn, ionOf, isMetalId } from '../species/species.js';
import type { IonId } from '../species/ion.js';
import { isDoneOn } from './evidence.js';
import { strengthIn } from './method.js';
import { holdsOf, isBlank, type PlannedTest, type Practical, type PracticalSample } from './practical.js';

export interface LiquidLeft {
  /** Cation, then anion. */
  readonly ions: readonly [IonId, IonId];
  /** mol/dm3 of the salt. */
  readonly molarity: number;
}

/** What of a sample ends up in the liquid: a metal's ion, or the acid's own hydrogen where the metal stays as it is. */
function cationLeft({ ions, form }: Pick<PracticalSample, 'ions' | 'form'>): IonId | undefined {
  const [only] = ions;
  if (form === 'metal') return only !== undefined && isMetalId(only) ? (ionInAcid[only] ?? 'H+') : undefined;
  return form === 'solid' && gasesWithAcid(ions).length ? cationIn(ions) : undefined;
}

/**
 * The liquid a planned test leaves of a sample.
 * @returns undefined where it leaves none worth keeping: the test is not one with acid, the sample is nothing acid acts
 * on, or the salt made hardly dissolves.
 */
export function liquidLeft(
  planned: PlannedTest,
  source: Pick<PracticalSample, 'ions' | 'form'>,
): LiquidLeft | undefined {
  const test = testOf(planned.test);
  if (!test.leavesLiquid) return undefined;
  const cation = cationLeft(source);
  const acid = variantOf(test, planned.variant)
    .steps.flatMap((s) => s.uses ?? [])
    .find(({ reagent }) => isAcidId(reagent));
  if (!cation || !acid || !isAcidId(acid.reagent)) return undefined;
  const { anion, hydrogens } = acids[acid.reagent];
  const ions = [cation, anion] as const;
  const each = ionCounts(ions)[0]!.count * ionOf(cation).charge;
  const exact = ((strengthIn(planned, acid.reagent, acid.molarity) ?? 0) * hydrogens) / each;
  // As it would be written down.
  const molarity = Number(exact.toPrecision(3));
  const share = cation === 'H+' ? 1 : dissolvesTo(saltFormula(ions), molarity);
  return molarity > 0 && share !== undefined && share > 0.98 ? { ions, molarity } : undefined;
}

/**
 * Moles of the sample's cation or metal that use up the acid of one run, where the liquid is kept; undefined where it is not
 * or the acid does nothing.
 */
export function usesUpAcid_mol(
  planned: PlannedTest,
  source: Pick<PracticalSample, 'ions' | 'form'>,
): number | undefined {
  const left = planned.keeps ? liquidLeft(planned, source) : undefined;
  if (!left || left.ions[0] === 'H+') return undefined;
  const acid = variantOf(testOf(planned.test), planned.variant)
    .steps.flatMap((s) => s.uses ?? [])
    .find(({ reagent }) => isAcidId(reagent));
  const ofSalt = (left.molarity * (acid?.volume_mL ?? 0)) / 1000;
  return ofSalt * ionCounts(left.ions)[0]!.count;
}

const keptKey = (source: string): string => `${source}-liquid`.slice(-60);

/** The kept liquid of a sample as a sample of its own; undefined where the test leaves none. */
export function keptSample(planned: PlannedTest, source: PracticalSample): PracticalSample | undefined {
  const left = source.role === 'kept' || isBlank(source) ? undefined : liquidLeft(planned, source);
  return left && isDoneOn(planned, source)
    ? {
        key: keptKey(source.key),
        role: 'kept',
        from: {
          sample: source.key,
          test: planned.test,
          ...(source.role === 'known' ? { known: true as const } : {}),
        },
        form: 'solution',
        difficulty: 1,
        ...left,
      }
    : undefined;
}

/** Samples whose liquid a test could leave: what it is done on, blanks aside. */
const sourcesFor = (samples: readonly PracticalSample[], planned: PlannedTest): readonly PracticalSample[] =>
  samples.filter((s) => s.role !== 'kept' && !isBlank(s) && isDoneOn(planned, s));

/**
 * Why the liquids that a planned test leaves cannot be kept; undefined where they can. They are kept of all unknowns or of
 * none: a liquid of some alone would say which acid acts on.
 */
export function whyNotKept(samples: readonly PracticalSample[], planned: PlannedTest): string | undefined {
  const test = testOf(planned.test);
  if (!test.leavesLiquid) return `${test.name} leaves no liquid to keep.`;
  const sources = sourcesFor(samples, planned);
  const without = sources.filter((s) => !keptSample(planned, s));
  if (sources.length === without.length)
    return `${test.name} leaves no liquid worth keeping of these samples.`;
  const unknown = without.find((s) => s.role === 'unknown');
  return unknown
    ? `${test.name} leaves no liquid worth keeping of ${holdsOf(unknown)}; a liquid of the other unknowns alone would give it away. Keep none, or take that unknown out.`
    : undefined;
}

/**
 * A practical whose kept liquids follow its samples and tests: where a test's liquids are kept, they are kept of every
 * sample that leaves one and hold what it leaves now; those whose source or test has gone are gone; and the tests that
 * leave them say so in their method.
 */
export function withKeptLiquids<P extends Pick<Practical, 'samples' | 'tests'>>(practical: P): P {
  const own = practical.samples.filter((s) => s.role !== 'kept');
  const there = practical.samples.filter((s) => s.role === 'kept');
  const kept = practical.tests
    .filter((planned) => there.some((s) => s.from?.test === planned.test))
    .flatMap((planned) => sourcesFor(own, planned).flatMap((s) => keptSample(planned, s) ?? []))
    .map((now) => {
      const before = there.find((s) => s.from?.sample === now.from!.sample && s.from.test === now.from!.test);
      return before ? { ...now, key: before.key, difficulty: before.difficulty } : now;
    });
  const keeping = new Set(kept.flatMap((s) => s.from?.test ?? []));
  const tests = practical.tests.map(({ keeps: _, ...planned }) =>
    keeping.has(planned.test) ? { ...planned, keeps: true as const } : planned,
  );
  return { ...practical, samples: [...own, ...kept], tests };
}

/** All liquids kept that a test leaves; or none of them. */
export function keepingLiquids(practical: Practical, test: string, keep: boolean): Practical {
  const others = practical.samples.filter((s) => s.from?.test !== test);
  const planned = practical.tests.find((t) => t.test === test);
  const [first] = keep && planned ? others.flatMap((s) => keptSample(planned, s) ?? []) : [];
  return withKeptLiquids({ ...practical, samples: first ? [...others, first] : others });
}

/** Pairs of tests in their order: those set, and each that leaves a liquid before those that look at it. */
export function orderOf(practical: Pick<Practical, 'samples' | 'tests' | 'before'>): Practical['before'] {
  const pairs = practical.samples.flatMap((kept) =>
    kept.from
      ? practical.tests
          .filter((planned) => planned.test !== kept.from!.test && isDoneOn(planned, kept))
          .map((planned) => [kept.from!.test, planned.test] as const)
      : [],
  );
  return [...practical.before, ...pairs].filter(
    ([a, b], i, all) => all.findIndex(([c, d]) => a === c && b === d) === i,
  );
}
