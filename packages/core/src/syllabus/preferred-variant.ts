/** Which way of doing a test a syllabus prefers. */
import { testOf, variantOf } from '../identification-tests/tests.js';
import type { Variant } from '../identification-tests/test-definition.js';
import type { Syllabus } from './syllabus-definition.js';

/**
 * The variant a syllabus prefers: the one its settings choose, else the one its list of tests names, else the first.
 * @throws RangeError when there is no such test.
 */
export function preferredVariant(syllabus: Pick<Syllabus, 'settings' | 'tests'>, test: string): Variant {
  const definition = testOf(test);
  const settings = new Map<string, string>(Object.entries(syllabus.settings));
  const chosen = definition.variants.find(
    ({ chosenBy }) => chosenBy !== undefined && settings.get(chosenBy.setting) === chosenBy.is,
  );
  const listed = syllabus.tests.find((t) => t.test === test)?.variant;
  return chosen ?? definition.variants.find((v) => v.id === listed) ?? variantOf(definition);
}
