/** Questions about what is seen, answered by tapping a well: for those to whom the wording is not yet the point. */
import { expectationOf } from '../identification-tests/expectation.js';
import type { Attribute } from '../identification-tests/test-definition.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { onePoint, type Mark } from '../marking/mark-result.js';
import type { RecallCard } from './deck.js';

/** What is looked at, with the wells there are to choose from; undefined of a question that is not about what is seen. */
export function wellsOf({ item }: Pick<RecallCard, 'item'>): Attribute | undefined {
  if (item.kind !== 'observation' || item.attribute === undefined) return undefined;
  const attribute = attributeOf(testOf(item.test), item.attribute);
  const { neutral } = attribute;
  return neutral?.length
    ? { ...attribute, values: attribute.values.filter((v) => !neutral.includes(v.id)) }
    : attribute;
}

/** Marks a well that was tapped. @throws RangeError for a question without wells, and for a well that is none of its. */
export function markWell({ item }: Pick<RecallCard, 'item'>, value: string): Mark {
  const attribute = wellsOf({ item });
  if (item.kind !== 'observation' || !attribute || item.attribute === undefined)
    throw new RangeError('this question has no wells');
  const tapped = attribute.values.find((v) => v.id === value);
  if (!tapped) throw new RangeError(`no well ${value}`);
  const shown = expectationOf(item.test, item.sample)[item.attribute] ?? [];
  if (shown.includes(value)) return onePoint(1, 'well-seen', `${tapped.label} is what is seen.`);
  const seen = attribute.values.filter((v) => shown.includes(v.id)).map((v) => v.label);
  return onePoint(0, 'well-not-seen', `Not ${tapped.label}: ${seen.join(' or ')} is what is seen.`);
}
