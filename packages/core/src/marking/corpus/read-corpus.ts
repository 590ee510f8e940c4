/** Turns the corpus's notation into items and answers. */
import type { MarkItem } from '../mark-item.js';
import { writtenAnswers } from './as-they-write.js';
import { fifthHandAnswers } from './fifth-hand.js';
import { fourthHandAnswers } from './fourth-hand.js';
import { observationAnswers } from './observations.js';
import { gasObservationAnswers } from './observations-of-gases.js';
import { ninthHandAnswers } from './ninth-hand.js';
import { eleventhHandAnswers } from './eleventh-hand.js';
import { eleventhHandNames } from './eleventh-hand-names.js';
import { tenthHandAnswers } from './tenth-hand.js';
import { otherAnswers } from './other-kinds.js';
import { reasonsTurnedRound } from './reasons-turned-round.js';
import { secondHandAnswers } from './second-hand.js';
import { writtenTestsAndReasons } from './tests-and-reasons-as-they-write.js';
import { seventhHandAnswers } from './seventh-hand.js';
import { sixthHandAnswers } from './sixth-hand.js';
import { thirdHandAnswers } from './third-hand.js';
import { twelfthHandAnswers } from './twelfth-hand.js';

/** The sets in the order they were written; each after the first was tried once before anything was tuned on it. */
const sets = {
  first: `${observationAnswers}${gasObservationAnswers}${otherAnswers}`,
  'as they write': `${writtenAnswers}${writtenTestsAndReasons}`,
  'second hand': secondHandAnswers,
  'third hand': thirdHandAnswers,
  'fourth hand': fourthHandAnswers,
  'fifth hand': fifthHandAnswers,
  'sixth hand': `${sixthHandAnswers}${reasonsTurnedRound}`,
  'seventh hand': seventhHandAnswers,
  'ninth hand': ninthHandAnswers,
  'tenth hand': tenthHandAnswers,
  'eleventh hand': eleventhHandAnswers,
  'eleventh hand, names': eleventhHandNames,
  'twelfth hand': twelfthHandAnswers,
} as const;
export type CorpusSet = keyof typeof sets;
export const corpusSets = Object.keys(sets) as readonly CorpusSet[];

export interface CorpusLine {
  readonly syllabus: string;
  readonly item: MarkItem;
  readonly answer: string;
  readonly points: number;
  /** How it is written: by phone, as notes, by voice, misspelt, corrected, negated, with reasons; "plain" in the first set. */
  readonly kind: string;
  /** Examiners differ here: review is as good as the mark. */
  readonly disputed: boolean;
}

function itemOf(header: string): { syllabus: string; item: MarkItem } {
  const [syllabus = '', kind = '', ...words] = header.split(' ');
  const options: Record<string, string> = Object.fromEntries(
    words
      .filter((w) => w.includes('='))
      .map((w) => [w.slice(0, w.indexOf('=')), w.slice(w.indexOf('=') + 1)]),
  );
  const plain = words.filter((w) => !w.includes('='));
  const [first = '', ...rest] = plain;
  const { seen, ...more } = options;
  switch (kind) {
    case 'observation':
      return { syllabus, item: { kind, test: first, sample: rest, ...more } as MarkItem };
    case 'gas-test':
      return { syllabus, item: { kind, gas: first } as MarkItem };
    case 'purpose':
      return { syllabus, item: { kind, of: first } as MarkItem };
    default: {
      const records = seen?.split(';').map((one) => {
        const [test, values = ''] = one.split(':');
        return { test, seen: Object.fromEntries(values.split(',').map((pair) => pair.split('='))) };
      });
      return {
        syllabus,
        item: {
          kind: 'identify',
          part: first,
          sample: rest,
          ...(records ? { seen: records } : {}),
        } as MarkItem,
      };
    }
  }
}

/** The lines of one set in order. Of the first, every third line was kept aside until the marker was done. */
export function corpusLines(set: CorpusSet = 'first'): CorpusLine[] {
  const lines: CorpusLine[] = [];
  let current: { syllabus: string; item: MarkItem } | undefined;
  let kind = 'plain';
  for (const line of sets[set].split('\n')) {
    if (!line.trim()) continue;
    if (line.startsWith('~ ')) {
      kind = line.slice(2);
      continue;
    }
    if (line.startsWith('@ ')) {
      current = itemOf(line.slice(2));
      continue;
    }
    const [, mark, points, answer] = /^(\?)?(\d) (.*)$/.exec(line) ?? [];
    if (!current || points === undefined || answer === undefined)
      throw new RangeError(`the corpus has a line that cannot be read: ${line}`);
    lines.push({
      ...current,
      answer: answer.replaceAll('\\n', '\n'),
      points: Number(points),
      kind,
      disputed: mark === '?',
    });
  }
  return lines;
}

/** Was this line of the first set kept aside while the marker was tuned? */
export const isHeldOut = (index: number): boolean => index % 3 === 2;
