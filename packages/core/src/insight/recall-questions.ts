/** Questions on what a test shows and what it means, with a model answer that the marker gives full credit. */
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, shortTestName, testOf } from '../identification-tests/tests.js';
import { mark } from '../marking/mark.js';
import type { MarkItem } from '../marking/mark-item.js';
import { speciesName, saltName } from '../species/species.js';
import type { SampleForm } from '../species/sample-form.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';

export interface RecallQuestion {
  readonly ask: string;
  readonly item: MarkItem;
  /** Earns all the points there are, under the syllabus's own strictness. */
  readonly model: string;
}

/** The first of some answers that earns everything; undefined where none does. */
const earning = (syllabus: Syllabus, item: MarkItem, tried: readonly string[]): string | undefined =>
  tried.find((answer) => {
    const { points, max, verdict } = mark(syllabus, item, answer);
    return verdict === 'credit' && points === max;
  });

const lowered = (text: string): string => text.slice(0, 1).toLowerCase() + text.slice(1);

/** What is seen: a question for one thing looked at. Undefined where no answer to it is sure to earn. */
export function seenQuestion(
  syllabus: Syllabus,
  {
    test,
    attribute,
    sample,
    form,
  }: {
    readonly test: string;
    readonly attribute: string;
    readonly sample: readonly string[];
    readonly form?: SampleForm;
  },
): RecallQuestion | undefined {
  const item: MarkItem = { kind: 'observation', test, attribute, sample, ...(form ? { form } : {}) };
  const { values, question } = attributeOf(testOf(test), attribute);
  const shown = expectationOf(test, sample, form ? { form } : {})[attribute] ?? [];
  const labels = shown.flatMap((id) => values.find((v) => v.id === id)?.label ?? []);
  const model = earning(
    syllabus,
    item,
    labels.flatMap((label) => [label, `a ${label} precipitate`, `it was ${label}`, `${label} flame`]),
  );
  if (model === undefined) return undefined;
  return { ask: `${shortTestName(test)}, on ${saltName(sample)}. ${question}`, item, model };
}

/** What it means: which ion shows just this, where it is the only one of the syllabus that does. */
export function meansQuestion(
  syllabus: Syllabus,
  {
    test,
    attribute,
    sample,
  }: {
    readonly test: string;
    readonly attribute: string;
    readonly sample: readonly string[];
  },
): RecallQuestion | undefined {
  const definition = testOf(test);
  const { values, neutral } = attributeOf(definition, attribute);
  const shows = (ids: readonly string[]) => expectationOf(test, ids, {})[attribute] ?? [];
  const value = shows(sample)[0];
  const label = values.find((v) => v.id === value)?.label;
  if (value === undefined || label === undefined || neutral?.includes(value)) return undefined;
  for (const [part, all] of [
    ['cation', syllabus.cations],
    ['anion', syllabus.anions],
  ] as const) {
    const own = sample.find((id) => (all as readonly string[]).includes(id));
    if (own === undefined || !shows([own]).includes(value)) continue;
    if ((all as readonly string[]).some((other) => other !== own && shows([other]).includes(value))) continue;
    const item: MarkItem = { kind: 'identify', sample, part };
    const model = earning(syllabus, item, [speciesName(own), own]);
    if (model !== undefined)
      return { ask: `${shortTestName(test)}: ${lowered(label)}. Which ion is it?`, item, model };
  }
  return undefined;
}
