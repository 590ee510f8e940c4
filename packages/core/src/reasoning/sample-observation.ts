/**
 * Draws observations as the model of `likelihood.ts` has them: a clean run, a slip or a mix-up, then what
 * shows, then what it is taken for. Drawn often enough, each record comes up as often as `likelihoodIn`
 * says it does.
 */
import type { Attribute, Slip } from '../identification-tests/test-definition.js';
import { attributeOf } from '../identification-tests/tests.js';
import { mixUp, probabilityOfValue, type Situation } from './likelihood.js';

export interface DrawnObservation {
  readonly seen: Readonly<Record<string, string>>;
  /** The slip that happened, if one did. */
  readonly slip: Slip | undefined;
}

interface Spread {
  readonly id: string;
  readonly values: readonly string[];
  /** Running sums, the last 1. */
  readonly upTo: readonly number[];
}

const running = (weights: readonly number[]): number[] => {
  const total = weights.reduce((a, b) => a + b, 0);
  let sum = 0;
  return weights.map((w) => (sum += w / total));
};
const valuesOf = (attribute: Attribute): string[] =>
  attribute.values.map((v) => v.id).filter((v) => !attribute.neutral?.includes(v));

function spreadUnder(situation: Situation, slip: Slip | undefined, id: string): Spread | undefined {
  const attribute = attributeOf(situation.test, id);
  if (attribute.number) return undefined;
  const expected = (slip?.shows[id] ?? situation.expectation[id])?.filter(
    (v) => !attribute.neutral?.includes(v),
  );
  // Nothing to look at (the expectation holds neutral values alone): nothing is recorded.
  if (expected?.length === 0) return undefined;
  const values = valuesOf(attribute);
  const weights = values.map((v) =>
    expected ? probabilityOfValue(attribute, expected, v, situation.test.carelessness) : 1,
  );
  return { id, values, upTo: running(weights) };
}

const pickFrom = (upTo: readonly number[], x: number): number => {
  const i = upTo.findIndex((sum) => x < sum);
  return i < 0 ? upTo.length - 1 : i;
};

/**
 * A drawer of observations of one situation; made once, drawn from often.
 * @param attributes ids of the attributes recorded.
 * @param slipFactor on the prior of every slip, for classes better or worse prepared.
 */
export function drawer(
  situation: Situation,
  attributes: readonly string[],
  slipFactor = 1,
): (random: () => number) => DrawnObservation {
  const { test, chances } = situation;
  const causes: (Slip | undefined)[] = [undefined, ...test.slips];
  const slips = chances.map((c) => c * slipFactor);
  const clean = 1 - slips.reduce((a, b) => a + b, 0);
  const upTo = running([Math.max(0, clean), ...slips]);
  const spreads = causes.map((slip) => attributes.flatMap((id) => spreadUnder(situation, slip, id) ?? []));
  const anything = attributes.flatMap((id): Spread[] => {
    const attribute = attributeOf(test, id);
    if (attribute.number) return [];
    const values = valuesOf(attribute);
    return [{ id, values, upTo: running(values.map(() => 1)) }];
  });
  return (random) => {
    const mixed = random() < mixUp;
    const cause = pickFrom(upTo, random());
    const seen: Record<string, string> = {};
    for (const { id, values, upTo: sums } of mixed ? anything : spreads[cause]!)
      seen[id] = values[pickFrom(sums, random())]!;
    return { seen, slip: mixed ? undefined : causes[cause] };
  };
}
