/** The tests Kivex knows, by id. Add one by adding its data file here and its id to `TestId`. */
import { ammoniaSolutionTest } from './definitions/ammonia-solution.js';
import { appearanceTest } from './definitions/appearance.js';
import { diluteAcidTest } from './definitions/dilute-acid.js';
import { flameTest } from './definitions/flame.js';
import {
  acidifiedManganateTest,
  anhydrousCopperSulfateTest,
  boilingPointTest,
  cobaltChloridePaperTest,
  dampBlueLitmusTest,
  dampRedLitmusTest,
  glowingSplintTest,
  hclRodTest,
  limewaterTest,
  litSplintTest,
} from './definitions/gas-tests.js';
import { halideLayerTest } from './definitions/halide-layer.js';
import { halideSilverTest } from './definitions/halide-silver.js';
import { metalAcidTest } from './definitions/metal-acid.js';
import { naohTest } from './definitions/naoh.js';
import { naohWarmTest } from './definitions/naoh-warm.js';
import { nitrateReductionTest, nitrateRingTest } from './definitions/nitrate.js';
import { carbonateSpotTest, phosphateSpotTest, sulfateSpotTest } from './definitions/spots.js';
import { sulfateTest } from './definitions/sulfate.js';
import type { Attribute, Outcome, TestDefinition, TestId, Variant } from './test-definition.js';

export const allTests: readonly TestDefinition[] = [
  appearanceTest,
  flameTest,
  naohTest,
  naohWarmTest,
  ammoniaSolutionTest,
  diluteAcidTest,
  sulfateTest,
  halideSilverTest,
  halideLayerTest,
  nitrateRingTest,
  nitrateReductionTest,
  carbonateSpotTest,
  phosphateSpotTest,
  sulfateSpotTest,
  metalAcidTest,
  litSplintTest,
  glowingSplintTest,
  limewaterTest,
  dampRedLitmusTest,
  dampBlueLitmusTest,
  hclRodTest,
  acidifiedManganateTest,
  anhydrousCopperSulfateTest,
  cobaltChloridePaperTest,
  boilingPointTest,
];
const byId = new Map<string, TestDefinition>(allTests.map((test) => [test.id, test]));

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
