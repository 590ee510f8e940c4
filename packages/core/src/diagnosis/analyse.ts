/**
 * What a class's records tell together: how each test went, what was taken for what, and whether one cause stands behind many
 * groups' odd results. A cause is weighed against independent slips by the likelihoods of single records, Bayes' rule over causes
 * that touch the same tests, and an unknown share of groups that met it.
 */
import {
  explainsIn,
  likelihoodIn,
  likelihoodShowing,
  situationFor,
  type SeenRecord,
} from '../reasoning/likelihood.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { anionIn, cationIn, isGasId, isMetalId } from '../species/species.js';
import { classCauses, isOfClass, type ClassCause, type ClassFault } from './class-causes.js';

export type GroupName = string | number;
/** An observation, with what the bench said of how it was come by. */
export interface BenchRecord extends SeenRecord {
  /** Slips it owned up to; absent where it was not asked or did not say. */
  readonly slips?: readonly string[];
  /** It said the reagent was old, impure or a substitute. */
  readonly reagentOff?: true;
}
export interface ClassRecord {
  readonly group: GroupName;
  /** What the sample truly holds. */
  readonly sample: readonly string[];
  readonly observations: readonly BenchRecord[];
  readonly named?: {
    readonly cation?: string | null;
    readonly anion?: string | null;
    readonly gas?: string | null;
    readonly metal?: string | null;
  } | null;
}
export interface Diagnosis {
  readonly kind: ClassFault;
  /** The test it is named at. */
  readonly test: string;
  /** All tests it touches. */
  readonly tests: readonly string[];
  /** The cause, by a name that stays the same while records come in. */
  readonly cause: string;
  /** Groups whose records show it, in the order given. */
  readonly groups: readonly GroupName[];
  readonly p: number;
  /** The evidence, and what to do now. */
  readonly text: string;
}
export interface ClassAnalysis {
  readonly items: readonly { readonly test: string; readonly facility: number }[];
  readonly confusion: readonly { readonly truth: string; readonly named: string; readonly n: number }[];
  readonly diagnoses: readonly Diagnosis[];
}

/** Below this a cause is not worth a word. */
const leastP = 0.05;
/** Shares of groups a cause may reach, each as likely as the others. */
const shares: Readonly<Record<ClassCause['reach'], readonly number[]>> = {
  bottle: [0.6, 0.85, 0.95, 0.98],
  habit: [0.25, 0.4, 0.55, 0.7, 0.85, 0.97],
};
/** Chance that a class finds one test hard, all kinds of errors alike, and the share of its records that go wrong then. An estimate. */
const hardTest = { prior: 0.15, wrong: 0.3 } as const;

/** How much of a slip's prior is each bench's own. An estimate. */
const ownShare = 0.4;

/** How what a bench says of its doing speaks for a cause: chance of saying so under it over the chance without. Estimates. */
const saying = { ownsUp: 0.6 / 0.03, saysFine: 0.3 / 0.95, reagentOff: 0.4 / 0.08 } as const;

/** How much likelier a bench's own account is under a cause than without it; 1 where it gives none. */
function accountOf(cause: ClassCause, { slips, reagentOff }: BenchRecord): number {
  if (cause.kind === 'dead-reagent' && reagentOff) return saying.reagentOff;
  if (cause.slip === undefined || slips === undefined) return 1;
  return slips.includes(cause.slip) ? saying.ownsUp : saying.saysFine;
}

interface Read {
  readonly record: BenchRecord;
  readonly sample: readonly string[];
  /** As single slips have it. */
  readonly usual: number;
  readonly agrees: boolean;
}

const agreesWith = (record: SeenRecord, sample: readonly string[]): boolean =>
  explainsIn(situationFor(record, sample), record.seen) === 'plain';

/** One record, read against its sample. */
function read(record: BenchRecord, sample: readonly string[]): Read {
  const situation = situationFor(record, sample);
  // What the slips' priors hold of causes common to a class is weighed by those causes.
  const chances = situation.chances.map((chance, i) =>
    isOfClass(record.test, situation.test.slips[i]!.id) ? chance * ownShare : chance,
  );
  return {
    record,
    sample,
    usual: likelihoodIn({ ...situation, chances }, record.seen),
    agrees: agreesWith(record, sample),
  };
}

/** The share of groups that did each test all of whose records agree with what their samples may show. */
export function facilities(tests: readonly string[], groups: readonly ClassRecord[]): ClassAnalysis['items'] {
  return [...new Set(tests)].flatMap((test) => {
    const did = groups.filter((g) => g.observations.some((o) => o.test === test));
    if (!did.length) return [];
    const right = did.filter((g) =>
      g.observations.every((o) => o.test !== test || agreesWith(o, g.sample)),
    ).length;
    return [{ test, facility: right / did.length }];
  });
}

/** Each wrong naming, counted; the commonest first. */
export function confusions(groups: readonly ClassRecord[]): ClassAnalysis['confusion'] {
  const counts = new Map<string, { truth: string; named: string; n: number }>();
  for (const { sample, named } of groups) {
    if (!named) continue;
    const pairs = [
      [cationIn(sample), named.cation],
      [anionIn(sample), named.anion],
      [sample.find(isGasId), named.gas],
      [sample.find(isMetalId), named.metal],
    ] as const;
    for (const [truth, said] of pairs) {
      if (!truth || !said || truth === said) continue;
      const key = `${truth} ${said}`;
      counts.set(key, { truth, named: said, n: (counts.get(key)?.n ?? 0) + 1 });
    }
  }
  return [...counts.values()].sort(
    (a, b) => b.n - a.n || a.truth.localeCompare(b.truth) || a.named.localeCompare(b.named),
  );
}

interface Weighed {
  readonly cause: ClassCause;
  /** Prior times how much likelier the records are under the cause than by slips alone. */
  readonly weight: number;
  readonly shownBy: readonly GroupName[];
  readonly odd: ReadonlyMap<GroupName, readonly Read[]>;
}

type ByGroup = ReadonlyMap<GroupName, readonly Read[]>;

/** Weighs one cause against independent slips. */
function weigh(cause: ClassCause, byGroup: ByGroup): Weighed | undefined {
  const ratios: number[] = [];
  const shownBy: GroupName[] = [];
  const odd = new Map<GroupName, Read[]>();
  for (const [group, reads] of byGroup) {
    let ratio = 1;
    let touched = false;
    const shows: Read[] = [];
    for (const one of reads) {
      if (!cause.tests.includes(one.record.test)) continue;
      const shown = cause.shows(one.record, one.sample);
      if (!shown) continue;
      touched = true;
      const under = likelihoodShowing(situationFor(one.record, one.sample), shown, one.record.seen);
      ratio *= (under / one.usual) * accountOf(cause, one.record);
      if (!one.agrees && under > one.usual) shows.push(one);
    }
    if (!touched) continue;
    ratios.push(ratio);
    if (shows.length && ratio > 1) {
      shownBy.push(group);
      odd.set(group, shows);
    }
  }
  if (shownBy.length < cause.fromGroups) return undefined;
  const qs = shares[cause.reach];
  const factor =
    qs.reduce((sum, q) => sum + ratios.reduce((product, r) => product * (1 - q + q * r), 1), 0) / qs.length;
  return { cause, weight: cause.prior * factor, shownBy, odd };
}

/** How much likelier a test's records are where the class finds the test hard than by usual slips. */
function hardness(test: string, byGroup: ByGroup): number {
  let factor = 1;
  for (const reads of byGroup.values())
    for (const { record, usual } of reads) {
      if (record.test !== test) continue;
      let anything = 1;
      for (const id of Object.keys(record.seen))
        anything /= Math.max(2, attributeOf(testOf(test), id).values.length);
      factor *= 1 - hardTest.wrong + (hardTest.wrong * anything) / usual;
    }
  return hardTest.prior * factor;
}

function textOf({ cause, shownBy, odd }: Weighed): string {
  const examples = new Map<string, number>();
  for (const reads of odd.values())
    for (const { record } of reads) {
      const words = Object.entries(record.seen)
        .map(
          ([id, value]) =>
            attributeOf(testOf(record.test), id).values.find((v) => v.id === value)?.label ?? value,
        )
        .join(', ');
      const key = cause.tests.length > 1 ? `${testOf(record.test).name}: ${words}` : words;
      examples.set(key, (examples.get(key) ?? 0) + 1);
    }
  const commonest = [...examples].sort((a, b) => b[1] - a[1]).slice(0, 2);
  const seen = commonest.map(([words, n]) => `“${words}” ${n === 1 ? 'once' : `${n} times`}`).join(' and ');
  return `${cause.says}. Seen at ${shownBy.length} benches: ${seen}. ${cause.doNow}`;
}

/**
 * Causes behind many groups' results, likeliest first.
 * @param tests of the practical.
 */
export function diagnose(tests: readonly string[], records: readonly ClassRecord[]): Diagnosis[] {
  const byGroup = new Map<GroupName, Read[]>();
  for (const { group, sample, observations } of records) {
    const list = byGroup.get(group) ?? [];
    for (const record of observations) {
      // What was not looked at tells nothing.
      if (Object.keys(record.seen).length) list.push(read(record, sample));
    }
    byGroup.set(group, list);
  }
  const done = [...new Set(records.flatMap((r) => r.observations.map((o) => o.test)))];
  const weighed = classCauses(tests.filter((t) => done.includes(t))).flatMap(
    (cause) => weigh(cause, byGroup) ?? [],
  );
  const single = new Map<string, number>();
  for (const test of done) single.set(test, hardness(test, byGroup));
  for (const { cause, weight } of weighed)
    if (cause.tests.length === 1) single.set(cause.tests[0]!, single.get(cause.tests[0]!)! + weight);
  /** All that the records of these tests may come from: slips alone, and each cause. */
  const total = (cause: ClassCause): number => {
    const apart = cause.tests.map((t) => 1 + single.get(t)!).reduce((a, b) => a * b, 1);
    const together = weighed
      .filter((w) => w.cause.tests.length > 1 && w.cause.tests.some((t) => cause.tests.includes(t)))
      .reduce((sum, w) => {
        // A cause of two tests leaves the others of this cause's tests to themselves.
        const rest = cause.tests.filter((t) => !w.cause.tests.includes(t));
        const outside = w.cause.tests.filter((t) => !cause.tests.includes(t));
        const beside = rest.map((t) => 1 + single.get(t)!).reduce((a, b) => a * b, 1);
        return sum + (w.weight * beside) / outside.map((t) => 1 + single.get(t)!).reduce((a, b) => a * b, 1);
      }, 0);
    return apart + together;
  };
  return weighed
    .map((w): Diagnosis => ({
      kind: w.cause.kind,
      test: w.cause.tests[0]!,
      tests: w.cause.tests,
      cause: w.cause.id,
      groups: w.shownBy,
      p: Math.min(1, w.weight / total(w.cause)),
      text: textOf(w),
    }))
    .filter(({ p }) => p >= leastP)
    .sort((a, b) => b.p - a.p);
}

/** Everything `analyse` says of a class. */
export const analyse = (tests: readonly string[], records: readonly ClassRecord[]): ClassAnalysis => ({
  items: facilities(tests, records),
  confusion: confusions(records),
  diagnoses: diagnose(tests, records),
});
