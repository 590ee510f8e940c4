/** What is looked at in a practical, named short for a column and whole for whoever points at it. */
import { attributeOf, shortTestName, testOf, type Practical } from '@kivex/core';

export interface LookName {
  readonly test: string;
  readonly attribute: string;
  /** Of the test. */
  readonly short: string;
  /** Of the attribute, in a word or two. */
  readonly what: string;
  readonly says: string;
  readonly throughGlass: boolean;
}

export { shortTestName };

/** An attribute's id as words: `inExcess` → `in excess`. */
const words = (id: string): string => id.replace(/([A-Z])/g, ' $1').toLowerCase();

/** In the order of the practical. */
export function looksOf({ tests }: Pick<Practical, 'tests'>): LookName[] {
  return tests.flatMap(({ test: id, attributes }) => {
    const test = testOf(id);
    return attributes.map((attribute) => ({
      test: id,
      attribute,
      short: shortTestName(id),
      what: words(attribute),
      says: `${test.name}. ${attributeOf(test, attribute).question}`,
      throughGlass: attributeOf(test, attribute).reads === 'glass-colour',
    }));
  });
}
