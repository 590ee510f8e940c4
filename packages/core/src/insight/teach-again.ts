/** What to teach again: what cost a class its marks, ranked by the marks it would bring, each with what to ask and to show. */
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { groupedBy } from '../numbers/grouped.js';
import { orderItem } from '../schemes/mark-scheme.js';
import type { Strand } from '../schemes/strands.js';
import { saltName } from '../species/species.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { itemKey, type ItemAnalysis } from './item-analysis.js';
import { meansQuestion, seenQuestion, type RecallQuestion } from './recall-questions.js';

export interface ToTeach {
  readonly key: string;
  readonly strand: Strand;
  readonly test: string | null;
  readonly attribute: string | null;
  /** What was to be seen, in the words of the pad; of observations. */
  readonly seen: string | null;
  /** The samples it was met with, as lists of ions. */
  readonly samples: readonly (readonly string[])[];
  /** Weighted points the class would have, had all had this right. */
  readonly lost: number;
  /** How often points were lost here. */
  readonly times: number;
  /** What was written instead, commonest first. */
  readonly instead: readonly string[];
  readonly questions: readonly RecallQuestion[];
  /** Samples to show side by side; the first is what it was, others what it was taken for. */
  readonly show: readonly (readonly string[])[];
}

/** What an observation was to be, in the words of its pad. */
function seenIn({
  test,
  attribute,
  truth,
}: Pick<ItemAnalysis, 'test' | 'attribute' | 'truth'>): string | null {
  if (test === null || attribute === null || attribute === orderItem) return null;
  const { values } = attributeOf(testOf(test), attribute);
  const shown = expectationOf(test, truth, {})[attribute] ?? [];
  return shown.flatMap((id) => values.find((v) => v.id === id)?.label ?? [])[0] ?? null;
}

/** Like lessons are one: the same thing to be seen in the same test, names of one salt, equations of one test. */
function lessonOf(item: ItemAnalysis): string {
  if (item.strand === 'conclusion') return `name ${saltName(item.truth)}`;
  if (item.strand === 'observation') return `see ${item.test} ${item.attribute} ${seenIn(item)}`;
  return `${item.strand} ${item.test} ${item.attribute}`;
}

const mostQuestions = 4;

/** @param items of a class or of many. Best first, `most` of them; what cost nothing is left out. */
export function teachAgain(items: readonly ItemAnalysis[], syllabus: Syllabus, most = 12): ToTeach[] {
  const costly = items.filter((item) => item.lost > 0);
  return [...groupedBy(costly, lessonOf)]
    .map(([key, own]) => ({ key, own, lost: own.reduce((n, i) => n + i.lost, 0) }))
    .sort((a, b) => b.lost - a.lost || a.key.localeCompare(b.key))
    .slice(0, most)
    .map(({ key, own, lost }): ToTeach => {
      const byLoss = [...own].sort((a, b) => b.lost - a.lost || itemKey(a).localeCompare(itemKey(b)));
      const [{ strand, test, attribute }] = byLoss as [ItemAnalysis, ...ItemAnalysis[]];
      const samples = [...groupedBy(byLoss, (i) => i.truth.join(' ')).values()].map((same) => same[0]!.truth);
      return {
        key,
        strand,
        test,
        attribute,
        seen: seenIn(byLoss[0]!),
        samples,
        lost: Math.round(lost * 100) / 100,
        times: own.reduce((n, i) => n + i.losers, 0),
        instead: [
          ...groupedBy(
            own.flatMap((i) => i.wrong),
            (w) => w.answer,
          ),
        ]
          .map(([answer, same]) => ({ answer, times: same.reduce((n, w) => n + w.times, 0) }))
          .sort((a, b) => b.times - a.times || a.answer.localeCompare(b.answer))
          .slice(0, 3)
          .map((w) => w.answer),
        questions: questionsOf(byLoss, items, syllabus),
        show: samples.slice(0, 3),
      };
    });
}

/** Asked of what was seen wrongly; of a name, what its sample shows in the tests there were, and what that means. */
function questionsOf(
  own: readonly ItemAnalysis[],
  all: readonly ItemAnalysis[],
  syllabus: Syllabus,
): RecallQuestion[] {
  const looked = own.flatMap((item) =>
    item.strand === 'conclusion'
      ? all.filter((o) => o.strand === 'observation' && o.truth.join() === item.truth.join())
      : [item],
  );
  const questions = looked.flatMap(({ strand, test, attribute, truth }) => {
    if (strand !== 'observation' || test === null || attribute === null) return [];
    const about = { test, attribute, sample: truth };
    return [seenQuestion(syllabus, about) ?? [], meansQuestion(syllabus, about) ?? []].flat();
  });
  return [...groupedBy(questions, (q) => q.ask).values()].map((same) => same[0]!).slice(0, mostQuestions);
}
