/** Turns the corpus's notation into items and answers. */
import type { MarkItem } from '../mark-item.js';
import { observationAnswers } from './observations.js';
import { gasObservationAnswers } from './observations-of-gases.js';
import { otherAnswers } from './other-kinds.js';

export interface CorpusLine {
  readonly syllabus: string;
  readonly item: MarkItem;
  readonly answer: string;
  readonly points: number;
  /** Examiners differ here: review is as good as the mark. */
  readonly disputed: boolean;
}

export function itemOf(header: string): { syllabus: string; item: MarkItem } {
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

/** All lines of the corpus in order. Every third line was kept aside until the marker was done. */
export function corpusLines(): CorpusLine[] {
  const lines: CorpusLine[] = [];
  let current: { syllabus: string; item: MarkItem } | undefined;
  for (const line of `${observationAnswers}${gasObservationAnswers}${otherAnswers}`.split('\n')) {
    if (!line.trim()) continue;
    if (line.startsWith('@ ')) {
      current = itemOf(line.slice(2));
      continue;
    }
    const [, mark, points, answer] = /^(\?)?(\d) (.*)$/.exec(line) ?? [];
    if (!current || points === undefined || answer === undefined)
      throw new RangeError(`the corpus has a line that cannot be read: ${line}`);
    lines.push({ ...current, answer, points: Number(points), disputed: mark === '?' });
  }
  return lines;
}

/** Was this line kept aside while the marker was tuned? */
export const isHeldOut = (index: number): boolean => index % 3 === 2;
