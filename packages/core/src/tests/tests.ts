/** The tests Kivex knows, by id. Add one by adding its data file here and its id to `TestId`. */
import { flameTest } from './flame.js';
import type { Attribute, Outcome, TestDefinition, TestId, Variant } from './test-definition.js';

export const allTests: readonly TestDefinition[] = [flameTest];
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

/** What an ion shows in a test, or undefined where the test says nothing of it. */
export const outcomeOf = (test: TestDefinition, ion: string): Outcome | undefined =>
  test.outcomes.find((o) => o.ion === ion);
