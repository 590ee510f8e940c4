/** Which benches a teacher wants to see, and what has been logged last: plain functions over what the board knows. */
import type { LessonGroup, LessonSample, WireEvent } from '@kivex/contract';
import { isReadableBody, type EventBody } from '@kivex/core';
import { shortTestName } from '../kit/look-names.js';
import { saidWords } from '../kit/well/results.js';
import { isQuiet, type BenchStatus } from './bench-status.js';

export const benchFilters = [
  { id: 'all', label: 'All' },
  { id: 'calling', label: 'Calling' },
  { id: 'look', label: 'Doubtful or differing' },
  { id: 'behind', label: 'Behind' },
  { id: 'quiet', label: 'Quiet' },
  { id: 'done', label: 'Done' },
] as const;
export type BenchFilter = (typeof benchFilters)[number]['id'];

export function passes(bench: BenchStatus, filter: BenchFilter, now: number, running: boolean): boolean {
  const { record, count, contradictions, pace, group, handedIn } = bench;
  switch (filter) {
    case 'all':
      return true;
    case 'calling':
      return record.openCalls.length > 0;
    case 'look':
      return count.doubtful + count.differing + count.weak + contradictions.length > 0;
    case 'behind':
      return (pace?.behind ?? 0) > 0;
    case 'quiet':
      return isQuiet(bench, now, running);
    case 'done':
      return record.endedAt !== null || (group.students.length > 0 && handedIn === group.students.length);
  }
}

export interface FeedLine {
  readonly id: string;
  readonly at: string;
  readonly group: string;
  readonly text: string;
}

const callWords = {
  help: 'asks for help',
  check: 'wants a step checked',
  safety: 'calls about safety',
  'sign-off': 'wants a sign-off',
} as const;

function sentence(body: EventBody, label: (sample: string) => string): string | undefined {
  switch (body.type) {
    case 'observation':
      return [
        `${label(body.sample)}, ${shortTestName(body.test)}:`,
        body.notDone ? 'no time' : saidWords(body),
        [body.weak && 'weak', body.doubtful && 'not sure', body.corrects && 'a correction']
          .filter(Boolean)
          .map((w) => `(${String(w)})`)
          .join(' '),
      ]
        .filter(Boolean)
        .join(' ');
    case 'naming':
      return `${label(body.sample)} named ${body.answer}`;
    case 'equation':
      return `${label(body.sample)}: ${body.text}`;
    case 'call':
      return callWords[body.reason];
    case 'hand-in':
      return 'handed in';
    case 'signed-off':
      return `${shortTestName(body.test)} ${body.good ? 'signed off' : 'not yet right'}`;
    case 'bench-open':
      return body.open ? 'goes on' : 'ended early';
    default:
      return undefined;
  }
}

/** What was logged last, newest first. @param most lines at most. */
export function feedOf(
  events: readonly WireEvent[],
  groups: readonly LessonGroup[],
  samples: readonly LessonSample[],
  most: number,
): FeedLine[] {
  const names = new Map(groups.map((g) => [g.id, g.name]));
  const labels = new Map(samples.map((s) => [s.id, s.label]));
  const lines: FeedLine[] = [];
  for (const event of [...events].sort((a, b) => b.seq - a.seq)) {
    if (lines.length >= most) break;
    const group = names.get(event.group);
    const text = isReadableBody(event.body) && sentence(event.body, (id) => labels.get(id) ?? 'a sample');
    if (group && text) lines.push({ id: event.id, at: event.at, group, text });
  }
  return lines;
}

/** Seconds a wait of a bench still runs; 0 once it is over. @param now milliseconds. */
export const waitLeft = (
  { at, seconds }: { readonly at: string; readonly seconds: number },
  now: number,
): number => Math.max(0, Math.ceil((Date.parse(at) + seconds * 1000 - now) / 1000));
