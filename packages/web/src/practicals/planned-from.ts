import {
  preferredVariant,
  syllabusFor,
  testOf,
  type PlannedTest,
  type Practical,
  type TestId,
} from '@kivex/core';

/** A test as it is added: the syllabus's method and what it has students look at. */
export function plannedFrom(practical: Practical, id: TestId): PlannedTest {
  const test = testOf(id);
  const syllabus = syllabusFor(practical);
  const inSyllabus = syllabus.tests.find((t) => t.test === id);
  return {
    test: id,
    variant: preferredVariant(syllabus, id).id,
    attributes: inSyllabus?.attributes ?? [test.attributes[0]!.id],
  };
}
