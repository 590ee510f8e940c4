/**
 * What strict, standard and generous mean beyond the words for colours. Facts of custom, source `school-practice`; where
 * examiners differ the middle one is `standard`.
 */
import type { Strictness } from './syllabus-definition.js';

/** What becomes of an answer that is right but for this. */
export type Leniency = 'earns' | 'person' | 'nothing';
export interface LeniencyRule {
  readonly id: string;
  /** The kinds of item it bears on, as they are called. */
  readonly of: string;
  readonly what: string;
  readonly example: string;
  readonly by: Readonly<Record<Strictness, Leniency>>;
}

export const leniencyRules = [
  {
    id: 'spelling',
    of: 'every kind',
    what: 'A word misspelt that can be meant in one way only',
    example: 'presipitate, potasium',
    by: { strict: 'earns', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'two-readings',
    of: 'every kind',
    what: 'Words that can be read in two ways with different points',
    example: 'it really lit',
    by: { strict: 'person', standard: 'person', generous: 'person' },
  },
  {
    id: 'short-forms',
    of: 'observations, gas tests, reasons',
    what: 'The short forms of notes',
    example: 'wh ppt, insol xs',
    by: { strict: 'earns', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'intensity',
    of: 'flames',
    what: 'How strong a colour is, beside the right colour',
    example: 'bright yellow, pale lilac',
    by: { strict: 'earns', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'hedged',
    of: 'every kind',
    what: 'One answer given with doubt',
    example: 'I think sodium',
    by: { strict: 'earns', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'colour-alone',
    of: 'precipitates and layers',
    what: 'The right colour of nothing in particular',
    example: 'green',
    by: { strict: 'nothing', standard: 'person', generous: 'earns' },
  },
  {
    id: 'capitals',
    of: 'names',
    what: 'A formula with wrong capitals where one thing only can be meant',
    example: 'na+, CUSO4',
    by: { strict: 'nothing', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'bare-symbol',
    of: 'names',
    what: 'A symbol without its charge where the course has one ion of it',
    example: 'Na for Na⁺',
    by: { strict: 'nothing', standard: 'earns', generous: 'earns' },
  },
  {
    id: 'no-charge',
    of: 'names',
    what: 'A name without the charge it needs',
    example: 'iron',
    by: { strict: 'nothing', standard: 'nothing', generous: 'person' },
  },
  {
    id: 'paper-open',
    of: 'gas tests',
    what: 'Litmus of a colour left open',
    example: 'damp litmus turns blue',
    by: { strict: 'nothing', standard: 'person', generous: 'earns' },
  },
  {
    id: 'extra-wrong',
    of: 'every kind',
    what: 'Something wrong beside what is right, in a longer answer',
    example: 'it was white, and some of it looked blue',
    by: { strict: 'nothing', standard: 'person', generous: 'person' },
  },
] as const satisfies readonly LeniencyRule[];
export type LeniencyId = (typeof leniencyRules)[number]['id'];

const byId = new Map<string, LeniencyRule>(leniencyRules.map((rule) => [rule.id, rule]));
/** What becomes of an answer that is right but for this. */
export const leniencyOf = (id: LeniencyId, strictness: Strictness): Leniency => byId.get(id)!.by[strictness];
