/** The tests Kivex knows, by id. Add one by adding its data file here and its id to `TestId`. */
import { ammoniaSolutionTest } from './definitions/ammonia-solution.js';
import { appearanceTest } from './definitions/appearance.js';
import { diluteAcidTest } from './definitions/dilute-acid.js';
import { flameTest } from './definitions/flame.js';
import { acidifiedManganateTest } from './definitions/acidified-manganate.js';
import { anhydrousCopperSulfateTest } from './definitions/anhydrous-copper-sulfate.js';
import { boilingPointTest } from './definitions/boiling-point.js';
import { cobaltChloridePaperTest } from './definitions/cobalt-chloride-paper.js';
import { dampBlueLitmusTest } from './definitions/damp-blue-litmus.js';
import { dampRedLitmusTest } from './definitions/damp-red-litmus.js';
import { freezingPointTest } from './definitions/freezing-point.js';
import { glowingSplintTest } from './definitions/glowing-splint.js';
import { hclRodTest } from './definitions/hcl-rod.js';
import { limewaterTest } from './definitions/limewater.js';
import { litSplintTest } from './definitions/lit-splint.js';
import { halideLayerTest } from './definitions/halide-layer.js';
import { halideSilverTest } from './definitions/halide-silver.js';
import { metalAcidTest } from './definitions/metal-acid.js';
import { naohTest } from './definitions/naoh.js';
import { naohWarmTest } from './definitions/naoh-warm.js';
import { nitrateReductionTest } from './definitions/nitrate-reduction.js';
import { nitrateRingTest } from './definitions/nitrate-ring.js';
import { magnesiumSulfateTest } from './definitions/magnesium-sulfate.js';
import { potassiumIodideTest } from './definitions/potassium-iodide.js';
import { thiocyanateTest } from './definitions/thiocyanate.js';
import { carbonateSpotTest } from './definitions/carbonate-spot.js';
import { phosphateSpotTest } from './definitions/phosphate-spot.js';
import { sulfateSpotTest } from './definitions/sulfate-spot.js';
import { starchIodidePaperTest } from './definitions/starch-iodide-paper.js';
import { sulfateTest } from './definitions/sulfate.js';
import type { Attribute, Outcome, TestDefinition, TestId, Variant } from './test-definition.js';

/** One a test id: the compiler asks for what is missing. */
const definitions: Readonly<Record<TestId, TestDefinition>> = {
  appearance: appearanceTest,
  flame: flameTest,
  naoh: naohTest,
  'naoh-warm': naohWarmTest,
  'ammonia-solution': ammoniaSolutionTest,
  'dilute-acid': diluteAcidTest,
  sulfate: sulfateTest,
  'halide-silver': halideSilverTest,
  'halide-layer': halideLayerTest,
  'nitrate-ring': nitrateRingTest,
  'nitrate-reduction': nitrateReductionTest,
  'carbonate-spot': carbonateSpotTest,
  'phosphate-spot': phosphateSpotTest,
  'sulfate-spot': sulfateSpotTest,
  'metal-acid': metalAcidTest,
  'lit-splint': litSplintTest,
  'glowing-splint': glowingSplintTest,
  limewater: limewaterTest,
  'damp-red-litmus': dampRedLitmusTest,
  'damp-blue-litmus': dampBlueLitmusTest,
  'hcl-rod': hclRodTest,
  'acidified-manganate': acidifiedManganateTest,
  'anhydrous-copper-sulfate': anhydrousCopperSulfateTest,
  'cobalt-chloride-paper': cobaltChloridePaperTest,
  'starch-iodide-paper': starchIodidePaperTest,
  'potassium-iodide': potassiumIodideTest,
  thiocyanate: thiocyanateTest,
  'magnesium-sulfate': magnesiumSulfateTest,
  'boiling-point': boilingPointTest,
  'freezing-point': freezingPointTest,
};
export const allTests: readonly TestDefinition[] = Object.values(definitions);
const byId = new Map<string, TestDefinition>(Object.entries(definitions));

/** Is `id` the id of a test? */
export const isTestId = (id: string): id is TestId => byId.has(id);

/**
 * The definition of a test.
 * @throws RangeError naming the id and the tests there are.
 */
export function testOf(id: string): TestDefinition {
  const test = byId.get(id);
  if (!test)
    throw new RangeError(`"${id}" is not a test Kivex knows; it knows ${[...byId.keys()].join(', ')}`);
  return test;
}

/**
 * What a test is called at the head of a column, on a button, in a list: no two tests alike.
 * @throws RangeError as `testOf` does.
 */
export function shortTestName(id: string): string {
  const { name, short } = testOf(id);
  return short ?? name.split(/[:,]/)[0]!;
}

/** Orders tests named by their ids: those that only confirm one ion come after those that tell many; else 0. */
export const confirmingLast = (a: { test: string }, b: { test: string }): number =>
  Number(testOf(a.test).confirms ?? false) - Number(testOf(b.test).confirms ?? false);

/**
 * One attribute of a test.
 * @throws RangeError when the test lets nobody see such a thing.
 */
export function attributeOf(test: TestDefinition, id: string): Attribute {
  const attribute = test.attributes.find((a) => a.id === id);
  if (!attribute) {
    throw new RangeError(
      `"${id}" is not an attribute of ${test.id}; it has ${test.attributes.map((a) => a.id).join(', ')}`,
    );
  }
  return attribute;
}

/** One variant of method; the first when `id` is absent. @throws RangeError when there is no such variant. */
export function variantOf(test: TestDefinition, id?: string): Variant {
  const variant = id === undefined ? test.variants[0] : test.variants.find((v) => v.id === id);
  if (!variant) {
    throw new RangeError(
      `"${id}" is not a variant of ${test.id}; it has ${test.variants.map((v) => v.id).join(', ')}`,
    );
  }
  return variant;
}

/** The plain record of what a species shows in a test, or undefined where the test says nothing of it. */
export const outcomeOf = (test: TestDefinition, id: string): Outcome | undefined =>
  test.outcomes.find((o) => o.of === id);
