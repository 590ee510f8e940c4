/**
 * Quick recall: questions made of a syllabus's own data, asked in words and answered in words. No question is kept unless
 * the marker gives its model answer everything there is, however strict it is set.
 */
import { markOwnEquation } from '../lesson/equation-items.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, shortTestName, testOf } from '../identification-tests/tests.js';
import { mark } from '../marking/mark.js';
import type { MarkItem } from '../marking/mark-item.js';
import type { Mark } from '../marking/mark-result.js';
import { reactionsOfGasTest, reactionsOfTest } from '../reactions/reactions-of-test.js';
import type { ReactionEquation } from '../reactions/reaction-equation.js';
import { isCationId, saltName, speciesName } from '../species/species.js';
import { gasTestRules } from '../syllabus/gas-test-rules.js';
import { purposes } from '../syllabus/purposes.js';
import type { RecallTopic } from './topics.js';
import { strictnesses, type Strictness, type Syllabus } from '../syllabus/syllabus-definition.js';

export interface RecallCard {
  /** Stays as it is from one release to the next: the fact and how it is asked. */
  readonly id: string;
  /** The fact, however it is asked: what is learnt, and what comes back. */
  readonly fact: string;
  readonly topic: RecallTopic;
  readonly test: string | null;
  /** Ion, gas or metal it is about. */
  readonly species: string | null;
  readonly ask: string;
  readonly model: string;
  /** What is seen is nothing, or what most would show: known too, but asked more seldom. */
  readonly usual?: true;
  readonly item:
    | MarkItem
    | { readonly kind: 'equation'; readonly wanted: readonly ReactionEquation[]; readonly form: 'ionic' };
}

/** Does an answer earn everything under every strictness? */
const alwaysEarns = (syllabus: Syllabus, item: MarkItem, answer: string): boolean =>
  strictnesses.every((strictness) => {
    const { points, max, verdict } = mark(syllabus, { ...item, strictness }, answer);
    return verdict === 'credit' && points === max;
  });
const modelOf = (syllabus: Syllabus, item: MarkItem, tried: readonly string[]): string | undefined =>
  tried.find((answer) => alwaysEarns(syllabus, item, answer));

/** A test as one speaks of it: those that bear an ion's name are the test for it. */
const nameOfTest = (test: string): string => {
  const name = shortTestName(test);
  return /^(sulfate|halides?|nitrate|carbonate|phosphate)$/i.test(name) ? `${name} test` : name;
};
const lowered = (text: string): string => text.slice(0, 1).toLowerCase() + text.slice(1);

/** Ways to ask one thing; each is its own card of the same fact. */
const asked = (card: Omit<RecallCard, 'id' | 'ask'>, ways: readonly string[]): RecallCard[] =>
  ways.map((ask, i) => ({ ...card, id: `${card.fact}#${i + 1}`, ask }));

/** What a test shows with each species it speaks of. */
function results(syllabus: Syllabus): RecallCard[] {
  return syllabus.tests.flatMap(({ test, attributes }) => {
    const definition = testOf(test);
    const speaksOf = {
      cation: syllabus.cations,
      anion: syllabus.anions,
      gas: syllabus.gases,
      metal: syllabus.metals,
      look: [] as readonly string[],
    }[definition.family];
    return attributes.flatMap((attribute) => {
      const { values, number, neutral, nothing } = attributeOf(definition, attribute);
      if (number) return [];
      const seen = (id: string): readonly string[] => expectationOf(test, [id])[attribute] ?? [];
      /** Of gases, what more than half of them do tells none of them: a splint goes out. */
      const isUsual = (shown: readonly string[]): boolean =>
        shown.every((v) => v === nothing || neutral?.includes(v)) ||
        (definition.family === 'gas' &&
          2 * speaksOf.filter((o) => seen(o).join() === shown.join()).length > speaksOf.length);
      return speaksOf.flatMap((id) => {
        const shown = seen(id);
        if (!shown.length || shown.every((v) => neutral?.includes(v))) return [];
        const item: MarkItem = { kind: 'observation', test, attribute, sample: [id] };
        const labels = shown.flatMap((v) => values.find((x) => x.id === v)?.label ?? []);
        const model = modelOf(
          syllabus,
          item,
          labels.flatMap((l) => [l, `${l} precipitate`, `${l} flame`, `it was ${l}`]),
        );
        if (model === undefined) return [];
        const { question } = attributeOf(definition, attribute);
        const what = nameOfTest(test);
        const of = speciesName(id);
        return asked(
          {
            fact: `result:${test}:${attribute}:${id}`,
            topic: 'results',
            test,
            species: id,
            model,
            item,
            ...(isUsual(shown) ? { usual: true } : {}),
          },
          [
            `${what}, with ${of}. ${question}`,
            `You test ${of}: ${lowered(what)}. ${question}`,
            `Describe the result of this test for ${of}: ${lowered(what)}. ${question}`,
          ],
        );
      });
    });
  });
}

/** Which ion a result means, where it is the only one of the syllabus that shows it. */
function meanings(syllabus: Syllabus): RecallCard[] {
  return syllabus.tests.flatMap(({ test, attributes }) =>
    attributes.flatMap((attribute) => {
      const definition = testOf(test);
      const { values, neutral, nothing, number } = attributeOf(definition, attribute);
      if (number) return [];
      return (
        [
          ['cation', syllabus.cations],
          ['anion', syllabus.anions],
        ] as const
      ).flatMap(([part, all]) =>
        (all as readonly string[]).flatMap((id) => {
          const value = expectationOf(test, [id])[attribute]?.[0];
          if (value === undefined || value === nothing || neutral?.includes(value)) return [];
          const alike = (all as readonly string[]).filter((o) =>
            expectationOf(test, [o])[attribute]?.includes(value),
          );
          const label = values.find((v) => v.id === value)?.label;
          if (alike.length !== 1 || label === undefined) return [];
          const item: MarkItem = { kind: 'identify', sample: [id], part };
          const model = modelOf(syllabus, item, [speciesName(id), id]);
          // A test that bears the ion's name would tell it.
          if (model === undefined || nameOfTest(test).toLowerCase().includes(model.toLowerCase())) return [];
          const seen = `${nameOfTest(test)}: ${lowered(label)}`;
          return asked(
            {
              fact: `means:${test}:${attribute}:${value}:${part}`,
              topic: 'meaning',
              test,
              species: id,
              model,
              item,
            },
            [`${seen}. Which ion is it?`, `You see this: ${lowered(seen)}. Name the ${part}.`],
          );
        }),
      );
    }),
  );
}

/** How each gas is tested for, and what is then seen. */
function gasTests(syllabus: Syllabus): RecallCard[] {
  return syllabus.gases.flatMap((gas) => {
    const item: MarkItem = { kind: 'gas-test', gas };
    const wanted = (gasTestRules[gas] ?? []).map((r) => r.wanted);
    const model = modelOf(
      syllabus,
      item,
      wanted.flatMap((w) => [w, `hold ${w}`, `use ${w}`]),
    );
    if (model === undefined) return [];
    const name = gas === 'H2O' ? 'water' : speciesName(gas);
    return asked({ fact: `gas:${gas}`, topic: 'gas-tests', test: null, species: gas, model, item }, [
      `How do you test for ${name}, and what do you see if it is there?`,
      `Describe the test for ${name} and its positive result.`,
      `A tube may hold ${name}. What do you do, and what happens?`,
    ]);
  });
}

/** Which tests a reason belongs to; a syllabus asks for the reasons of its own tests. */
const testsOfPurpose: Readonly<Record<string, readonly string[]>> = {
  'acid-before-silver-nitrate': ['halide-silver'],
  'acid-before-barium-chloride': ['sulfate'],
  'not-sulfuric-acid': ['sulfate'],
  'not-sulfuric-acid-on-marble': ['dilute-acid'],
  'not-hydrochloric-acid': ['halide-silver'],
  'damp-litmus': ['damp-red-litmus', 'damp-blue-litmus', 'naoh-warm'],
  'clean-wire': ['flame'],
  'fresh-iron-sulfate': ['nitrate-ring'],
  'blue-glass': ['flame'],
  'excess-hydroxide': ['naoh'],
  'fume-cupboard': ['starch-iodide-paper', 'damp-blue-litmus', 'hcl-rod'],
};
function reasons(syllabus: Syllabus): RecallCard[] {
  return purposes.flatMap(({ id, question, reason }) => {
    const own = testsOfPurpose[id] ?? [];
    const test = own.find((t) => syllabus.tests.some((s) => s.test === t));
    const glass = syllabus.tests.some((t) => t.attributes.includes('throughBlueGlass'));
    if (test === undefined || (id === 'blue-glass' && !glass)) return [];
    const item: MarkItem = { kind: 'purpose', of: id };
    if (!alwaysEarns(syllabus, item, reason)) return [];
    return asked({ fact: `reason:${id}`, topic: 'reasons', test, species: null, model: reason, item }, [
      question,
      `Give the reason. ${question}`,
    ]);
  });
}

/** Ionic equations of the precipitates and gas tests. */
function equations(syllabus: Syllabus): RecallCard[] {
  const card = (
    fact: string,
    test: string | null,
    species: string,
    of: string,
    wanted: readonly ReactionEquation[],
  ) => {
    const ionic = wanted.filter((e) => e.form === 'ionic').slice(0, 1);
    const [first] = ionic;
    if (!first) return [];
    const item = { kind: 'equation', wanted: ionic, form: 'ionic' } as const;
    if (markOwnEquation(first.text, 'ionic', ionic).verdict !== 'credit') return [];
    return asked({ fact, topic: 'equations', test, species, model: first.text, item }, [
      `Write the ionic equation: ${of}.`,
    ]);
  };
  const ofTests = syllabus.tests.flatMap(({ test }) => {
    const family = testOf(test).family;
    const ids = family === 'cation' ? syllabus.cations : family === 'anion' ? syllabus.anions : [];
    return ids.flatMap((id) => {
      const salt = isCationId(id) ? [id, 'NO3-'] : ['Na+', id];
      try {
        const { equations: found } = reactionsOfTest({ test, sample: salt });
        const of = `${lowered(nameOfTest(test))}, with a solution of ${saltName(salt)}`;
        return card(`equation:${test}:${id}`, test, id, of, found);
      } catch {
        return [];
      }
    });
  });
  const ofGases = syllabus.gases.flatMap((gas) => {
    try {
      return card(
        `equation:gas:${gas}`,
        null,
        gas,
        `the test for ${speciesName(gas)}`,
        reactionsOfGasTest(gas).equations,
      );
    } catch {
      return [];
    }
  });
  return [...ofTests, ...ofGases];
}

const kept = new WeakMap<Syllabus, readonly RecallCard[]>();
/** All the questions of a syllabus. Made once and kept. */
export function deckOf(syllabus: Syllabus): readonly RecallCard[] {
  const known = kept.get(syllabus);
  if (known) return known;
  const cards = [
    ...results(syllabus),
    ...meanings(syllabus),
    ...gasTests(syllabus),
    ...reasons(syllabus),
    ...equations(syllabus),
  ];
  kept.set(syllabus, cards);
  return cards;
}

/** Marks an answer to a question as strictly as asked; left out, as the syllabus is. */
export function markRecall(
  syllabus: Syllabus,
  { item }: RecallCard,
  answer: string,
  strictness?: Strictness,
): Mark {
  if (item.kind === 'equation') return markOwnEquation(answer, item.form, item.wanted);
  return mark(syllabus, { ...item, ...(strictness ? { strictness } : {}) }, answer);
}
