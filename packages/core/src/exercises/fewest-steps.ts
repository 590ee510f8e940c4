/** How few attended minutes an unknown takes at best, and what each step of a student's own taught of it. */
import { expectationOf } from '../identification-tests/expectation.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import type { PlannedTest } from '../practicals/practical.js';
import { keyed, type SeenRecord } from '../reasoning/likelihood.js';
import { posterior } from '../reasoning/identify.js';
import { nextTests } from '../reasoning/next-test.js';
import type { SampleForm } from '../species/sample-form.js';

export interface Par {
  /** Expected attended minutes of the best plan, every candidate as likely as every other. */
  readonly minutes: number;
  /** The test to begin with. */
  readonly first: string | undefined;
  /** False where the best plan still leaves some candidates alike. */
  readonly certain: boolean;
}

const minutesOf = ({ test, variant, minutes }: PlannedTest): number =>
  minutes ?? variantOf(testOf(test), variant).attendedMinutes;

/**
 * The least expected attended minutes to certainty, or to where no test tells more: over all plans that choose each test by
 * what the ones before showed, each candidate showing its likeliest result. Exact, by the set of candidates left.
 */
export function parOf(
  candidates: readonly (readonly string[])[],
  tests: readonly PlannedTest[],
  form?: SampleForm,
): Par {
  const looks = tests.map((planned) =>
    candidates.map((ids) => {
      const shows = expectationOf(planned.test, ids, { variant: planned.variant, ...(form ? { form } : {}) });
      return planned.attributes.map((a) => shows[a]?.[0] ?? '').join('|');
    }),
  );
  const costs = tests.map(minutesOf);
  const known = new Map<string, { minutes: number; first: number | undefined; certain: boolean }>();
  const best = (
    left: readonly number[],
  ): { minutes: number; first: number | undefined; certain: boolean } => {
    if (left.length <= 1) return { minutes: 0, first: undefined, certain: true };
    const key = left.join();
    const before = known.get(key);
    if (before) return before;
    // The set is settled before its parts are, so that a test that splits nothing cannot lead back to it.
    let found = { minutes: Infinity, first: undefined as number | undefined, certain: false };
    looks.forEach((look, t) => {
      const parts = new Map<string, number[]>();
      for (const c of left) {
        const part = parts.get(look[c]!);
        if (part) part.push(c);
        else parts.set(look[c]!, [c]);
      }
      if (parts.size < 2) return;
      let minutes = costs[t]!;
      let certain = true;
      for (const part of parts.values()) {
        if (minutes >= found.minutes && found.certain) return;
        const rest = best(part);
        minutes += (part.length / left.length) * rest.minutes;
        certain &&= rest.certain;
      }
      if (found.first === undefined || minutes < found.minutes) found = { minutes, first: t, certain };
    });
    if (found.first === undefined) found = { minutes: 0, first: undefined, certain: false };
    known.set(key, found);
    return found;
  };
  const { minutes, first, certain } = best(candidates.map((_, i) => i));
  return { minutes, first: first === undefined ? undefined : tests[first]!.test, certain };
}

export interface TrailStep {
  readonly test: string;
  readonly minutes: number;
  /** How much less there was to doubt after it: the fall of the uncertainty over the candidates. Below 0 it misled. */
  readonly bits: number;
  /** Bits of doubt left. */
  readonly left: number;
  /** What would have told most for the time just then. */
  readonly best: { readonly test: string; readonly bits: number } | undefined;
  readonly wasted: boolean;
}

const entropy = (p: readonly number[]): number => p.reduce((h, x) => (x > 0 ? h - x * Math.log2(x) : h), 0);
/** A step that takes away less than this was wasted. */
const worthwhile_bits = 0.1;

/** What each record taught, in the order in which they were made. */
export function trailOf(
  candidates: readonly (readonly string[])[],
  tests: readonly PlannedTest[],
  records: readonly SeenRecord[],
): TrailStep[] {
  const samples = candidates.map((ids) => keyed(ids));
  let p = candidates.map(() => 1 / candidates.length);
  return records.map((record, i): TrailStep => {
    const before = entropy(p);
    const offered = nextTests(samples, p).filter((n) => tests.some((t) => t.test === n.test));
    const best = before > worthwhile_bits ? offered[0] : undefined;
    p = posterior(candidates, records.slice(0, i + 1));
    const left = entropy(p);
    const planned = tests.find((t) => t.test === record.test);
    const bits = before - left;
    return {
      test: record.test,
      minutes: planned ? minutesOf(planned) : variantOf(testOf(record.test)).attendedMinutes,
      bits,
      left,
      best: best && { test: best.test, bits: best.bits },
      wasted: Math.abs(bits) < worthwhile_bits,
    };
  });
}
