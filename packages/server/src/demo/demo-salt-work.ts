/** What a demo group might have written of a full unknown salt, test by test in its own words: mostly right, with a class's slips. */
import {
  attributeOf,
  expectationOf,
  readResults,
  saltName,
  testOf,
  type PlannedTest,
  type SampleForm,
  type StudentBody,
} from '@kivex/core';
import type { DemoSample, DemoStep } from './demo-work.js';

/** Ways to say what was seen, by kind of result; `*` is the word for the colour. */
const ways: Readonly<Record<string, readonly string[]>> = {
  precipitate: [
    '* ppt',
    'a * precipitate',
    '* ppt',
    '* solid',
    '* sludgy stuff',
    '*',
    'goes * and lumpy',
    '* presipitate',
  ],
  'flame-colour': ['* flame', '*', 'bright *', 'it went *', 'sort of *'],
  nothing: ['nothing', 'no change', 'stayed clear', 'no ppt', 'nothing happened'],
  dissolves: ['dissolves in excess', 'goes away with more', 'clear again in excess', 'it went'],
  insoluble: ['doesnt dissolve in excess', 'no change in excess', 'still there with more', 'insoluble'],
  fizz: ['fizzes', 'bubbles', 'lots of bubbles', 'effervesence'],
  cloudy: ['limewater goes cloudy', 'limewater milky', 'lime water turned white'],
  clear: ['limewater stays clear', 'limewater no change'],
};
const pick = <T>(list: readonly T[], random: () => number): T => list[Math.floor(random() * list.length)]!;

/** What is written of one value of an attribute. */
function said(test: string, attribute: string, value: string, random: () => number): string {
  const { reads, nothing, values } = attributeOf(testOf(test), attribute);
  if (value === nothing) return pick(reads === 'limewater' ? ways['clear']! : ways['nothing']!, random);
  if (reads === 'excess') return pick(ways[value] ?? ways['nothing']!, random);
  if (reads === 'effervescence') return pick(ways['fizz']!, random);
  if (reads === 'limewater') return pick(ways['cloudy']!, random);
  const word = values.find((v) => v.id === value)?.label ?? value;
  return pick(ways[reads === 'flame-colour' ? 'flame-colour' : 'precipitate']!, random).replace('*', word);
}

/** The words of one test of one sample; one in eight looks at the wrong thing. */
function wordsOf(
  planned: PlannedTest,
  sample: DemoSample & { readonly form: SampleForm },
  random: () => number,
): string {
  const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form: sample.form });
  const parts = planned.attributes.flatMap((attribute) => {
    const { reads, values } = attributeOf(testOf(planned.test), attribute);
    const right = shows[attribute]?.[0];
    if (right === undefined || reads === 'glass-colour') return [];
    return [said(planned.test, attribute, random() < 0.125 ? pick(values, random).id : right, random)];
  });
  return parts.join(', then ');
}

/** What was tapped of one test of one sample; one in eight is wrong. Nothing where the test is not for it. */
function tappedOf(
  planned: PlannedTest,
  sample: DemoSample & { readonly form: SampleForm },
  random: () => number,
): Record<string, string> {
  const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form: sample.form });
  return Object.fromEntries(
    planned.attributes.flatMap((attribute) => {
      const { reads, values } = attributeOf(testOf(planned.test), attribute);
      const right = shows[attribute]?.[0];
      if (right === undefined || reads === 'glass-colour') return [];
      return [[attribute, random() < 0.125 ? pick(values, random).id : right] as const];
    }),
  );
}

/**
 * The entries of one group, in order, up to handing in: in own words, or tapped where the tests are recorded so.
 * @param named what students may take a salt for, the truth aside.
 */
export function demoSaltWork(
  samples: readonly (DemoSample & { readonly form: SampleForm })[],
  tests: readonly PlannedTest[],
  students: number,
  named: readonly string[],
  random: () => number,
): DemoStep[] {
  const steps: DemoStep[] = [];
  for (const sample of samples) {
    const evidence: number[] = [];
    for (const planned of tests) {
      const words = planned.recorded === 'words' ? wordsOf(planned, sample, random) : undefined;
      // As the device that took the words would have read them.
      const seen =
        words === undefined
          ? tappedOf(planned, sample, random)
          : readResults(planned.test, planned.attributes, words);
      if (!(words ?? Object.keys(seen).length) || random() < 0.03) continue;
      evidence.push(steps.length);
      steps.push({
        by: Math.floor(random() * students),
        body: {
          type: 'observation',
          sample: sample.id,
          test: planned.test,
          variant: planned.variant,
          seen,
          ...(words === undefined ? {} : { words, read: true }),
        } as StudentBody,
      });
    }
    if (sample.role !== 'unknown') continue;
    for (let student = 0; student < students; student++)
      steps.push({
        by: student,
        body: {
          type: 'naming',
          sample: sample.id,
          answer: random() < 0.7 ? saltName(sample.ions) : pick(named, random),
          evidence: [],
        },
        refersTo: evidence,
      });
  }
  for (let student = 0; student < students; student++) steps.push({ by: student, body: { type: 'hand-in' } });
  return steps;
}
