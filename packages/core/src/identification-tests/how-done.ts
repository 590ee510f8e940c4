/**
 * How a test was done, as a bench is asked and says: which acid went in, whether the wire was clean. An answer that is a slip of the
 * test says so, and marking, advice and the diagnosis of a class count it. Also what makes a weak result a strong one. No part of
 * the tests' own data, for a bench needs it only once something is logged. Source `school-practice` throughout.
 */
import type { TestId } from './test-definition.js';

export interface HowAnswer {
  readonly id: string;
  readonly label: string;
  /** The slip of the test that this answer owns up to. */
  readonly slip?: string;
}
/** Asked of the student, second person; nothing in it depends on what the sample holds. */
export interface HowQuestion {
  readonly id: string;
  readonly question: string;
  readonly answers: readonly HowAnswer[];
}

const damp: HowQuestion = {
  id: 'paper-damp',
  question: 'Was the paper damp?',
  answers: [
    { id: 'yes', label: 'Damp' },
    { id: 'no', label: 'Dry', slip: 'litmus-dry' },
  ],
};
const clear: HowQuestion = {
  id: 'paper-clear',
  question: 'Did the paper touch the glass?',
  answers: [
    { id: 'yes', label: 'Clear of it' },
    { id: 'no', label: 'It touched', slip: 'litmus-on-rim' },
  ],
};
const excess: HowQuestion = {
  id: 'excess',
  question: 'How did you add it?',
  answers: [
    { id: 'drops-then-excess', label: 'Drops, then excess' },
    { id: 'drops-only', label: 'Drops only', slip: 'no-excess' },
    { id: 'all-at-once', label: 'All at once', slip: 'straight-to-excess' },
  ],
};

const questions: Readonly<Partial<Record<TestId, readonly HowQuestion[]>>> = {
  flame: [
    {
      id: 'blank-flame',
      question: 'Did the clean wire or splint colour the flame by itself?',
      answers: [
        { id: 'no-colour', label: 'No colour' },
        { id: 'yellow', label: 'Yes, yellow', slip: 'sodium-about' },
        { id: 'not-tried', label: 'Not tried' },
      ],
    },
    {
      id: 'air-hole',
      question: 'The air hole was…',
      answers: [
        { id: 'open', label: 'Open' },
        { id: 'closed', label: 'Closed', slip: 'air-hole-closed' },
      ],
    },
  ],
  sulfate: [
    {
      id: 'acid',
      question: 'Which acid went in first?',
      answers: [
        { id: 'hydrochloric', label: 'Hydrochloric' },
        { id: 'nitric', label: 'Nitric' },
        { id: 'sulfuric', label: 'Sulfuric', slip: 'wrong-acid' },
        { id: 'none', label: 'None', slip: 'no-acid' },
      ],
    },
  ],
  'halide-silver': [
    {
      id: 'acid',
      question: 'Which acid went in first?',
      answers: [
        { id: 'nitric', label: 'Nitric' },
        { id: 'hydrochloric', label: 'Hydrochloric', slip: 'wrong-acid' },
        { id: 'sulfuric', label: 'Sulfuric' },
        { id: 'none', label: 'None', slip: 'no-acid' },
      ],
    },
  ],
  'dilute-acid': [
    {
      id: 'acid',
      question: 'Which acid did you use?',
      answers: [
        { id: 'hydrochloric', label: 'Hydrochloric' },
        { id: 'nitric', label: 'Nitric' },
        { id: 'sulfuric', label: 'Sulfuric', slip: 'sulfuric-on-marble' },
      ],
    },
  ],
  'metal-acid': [
    {
      id: 'acid',
      question: 'Which acid did you use?',
      answers: [
        { id: 'hydrochloric', label: 'Hydrochloric' },
        { id: 'sulfuric', label: 'Sulfuric' },
        { id: 'nitric', label: 'Nitric', slip: 'nitric-acid' },
      ],
    },
    {
      id: 'cleaned',
      question: 'Was the metal rubbed clean?',
      answers: [
        { id: 'yes', label: 'Yes' },
        { id: 'no', label: 'No', slip: 'oxide-coat' },
      ],
    },
  ],
  naoh: [excess],
  'ammonia-solution': [excess],
  'naoh-warm': [damp, clear],
  'nitrate-reduction': [damp, clear],
  'damp-red-litmus': [damp, clear],
  'damp-blue-litmus': [damp],
  'nitrate-ring': [
    {
      id: 'layered',
      question: 'How did the layers stand?',
      answers: [
        { id: 'apart', label: 'Acid below, apart' },
        { id: 'mixed', label: 'They mixed', slip: 'shaken' },
      ],
    },
  ],
  'halide-layer': [
    {
      id: 'shaken',
      question: 'Was the tube stoppered and shaken?',
      answers: [
        { id: 'yes', label: 'Shaken' },
        { id: 'no', label: 'Not shaken', slip: 'not-shaken' },
      ],
    },
  ],
  'lit-splint': [
    {
      id: 'splint',
      question: 'The splint was…',
      answers: [
        { id: 'lit', label: 'Lit' },
        { id: 'glowing', label: 'Glowing', slip: 'wrong-splint' },
      ],
    },
  ],
  'glowing-splint': [
    {
      id: 'splint',
      question: 'The splint was…',
      answers: [
        { id: 'glowing', label: 'Glowing' },
        { id: 'lit', label: 'Lit', slip: 'wrong-splint' },
      ],
    },
  ],
};

/** What a bench is asked of how it did a test; empty where nothing is. */
export const howQuestions = (test: string): readonly HowQuestion[] => questions[test as TestId] ?? [];

/** The slip that an answer owns up to, if it does. */
export const slipSaid = (test: string, question: string, answer: string): string | undefined =>
  howQuestions(test)
    .find((q) => q.id === question)
    ?.answers.find((a) => a.id === answer)?.slip;

/** The slips a record owns up to, in the order asked. */
export const slipsSaid = (test: string, did: Readonly<Record<string, string>> = {}): readonly string[] =>
  howQuestions(test).flatMap((q) => {
    const answer = did[q.id];
    return (answer !== undefined && slipSaid(test, q.id, answer)) || [];
  });

const moreSample = 'Repeat with more sample, fresh, and look against a dark ground.';
const moreGas = 'Collect more gas, keep the tube stoppered till the splint is there, and try again at once.';

/** What turns a weak result into a strong one, without saying what it is. */
const forWeak: Readonly<Partial<Record<TestId, string>>> = {
  flame:
    'Open the air hole, clean the wire again, take more sample, and hold it at the edge of the inner cone in a dim place.',
  'lit-splint': `${moreGas} Hold the mouth of the tube to the flame as the thumb comes off.`,
  'glowing-splint': `${moreGas} Blow the splint to a bright glow first.`,
  limewater: 'Use fresh limewater, a little of it, and bubble the gas through for longer.',
  'dilute-acid': 'Use fresh sample and fresh acid, enough to cover it; look closely, and listen.',
  'damp-red-litmus': 'Make more gas, damp a new paper, and hold it clear of the glass for a minute.',
  'damp-blue-litmus': 'Make more gas, damp a new paper, and hold it clear of the glass for a minute.',
  'naoh-warm': 'Warm it gently for longer in the water bath, with a new damp paper clear of the glass.',
  'nitrate-reduction':
    'Warm it gently for longer in the water bath, with a new damp paper clear of the glass.',
  'nitrate-ring': 'Make fresh iron(II) sulfate, let it stand a minute longer, and look against white paper.',
  'metal-acid': 'Rub the metal clean, use more of it and fresh acid, and give it a minute.',
};
/** @returns a sentence for the student. */
export const adviceOnWeak = (test: string): string => forWeak[test as TestId] ?? moreSample;
