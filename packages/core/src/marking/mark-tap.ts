/** Marks a value that was tapped rather than written: it is one of a closed list, so nothing need be read. */
import { saltName } from '../species/species.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import type { ObservationItem } from './mark-item.js';
import { onePoint, type Mark } from './mark-result.js';

/**
 * One point: for a value the sample may show in this attribute. Flame colours are not marked so, since the
 * wording of the syllabus decides between shades: give their words to `mark`.
 * @throws RangeError when the test says nothing of the attribute for the sample.
 */
export function markTap(item: ObservationItem & { readonly attribute: string }, value: string): Mark {
  const attribute = attributeOf(testOf(item.test), item.attribute);
  const expected = expectationOf(item.test, item.sample, { form: item.form })[attribute.id];
  if (!expected?.length)
    throw new RangeError(`${item.test} says nothing about the ${attribute.id} of ${saltName(item.sample)}`);
  const label = (id: string) => attribute.values.find((v) => v.id === id)?.label ?? id;
  if (attribute.neutral?.includes(value))
    return onePoint(0, 'not-tested', `“${label(value)}”: this was not looked at.`);
  const right = attribute.number
    ? expected.some((e) => Math.abs(Number(e) - Number(value)) <= attribute.number!.within)
    : expected.includes(value);
  const wanted = expected
    .filter((v) => !attribute.neutral?.includes(v))
    .map(label)
    .join(' or ');
  return right
    ? onePoint(1, 'right', `“${label(value)}” earns the mark.`)
    : onePoint(0, 'wrong', `“${label(value)}” is not what is seen here; it is “${wanted}”.`);
}
