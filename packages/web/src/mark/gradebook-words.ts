/** How marks fare on their way to the gradebook, in words. */
import type { GradebookDifference, GradebookSending } from '@kivex/contract';
import { clock, dayAndTime } from '../kit/moments.js';

const results = (n: number): string => (n === 1 ? 'one result' : `${n} results`);

/** Where a sending stands. */
export function sendingWords({ state, lines, at, by }: GradebookSending): string {
  const of = (what: string) => lines.filter((l) => l.state === what).length;
  const refused = of('refused') ? `, ${of('refused')} refused` : '';
  if (state === 'going') return `On their way: ${of('taken')} of ${results(lines.length)} there${refused}.`;
  const sent = `${of('taken')} of ${results(lines.length)} there${refused}; sent by ${by}, ${dayAndTime(at)}.`;
  return state === 'stopped' ? `Stopped: ${sent}` : sent[0]!.toUpperCase() + sent.slice(1);
}

/** What holds a sending up. */
export const troubleWords = ({ says, tries, next }: NonNullable<GradebookSending['trouble']>): string =>
  `${says} Tried ${tries === 1 ? 'once' : `${tries} times`}; the next try is at ${clock(next)}.`;

/** What the gradebook has otherwise. */
export const differenceWords = ({ student, ours, theirs, agreed }: GradebookDifference): string =>
  theirs === null
    ? `${student.name}: no longer there; ${ours} was sent.`
    : `${student.name}: ${theirs} there, ${ours} sent${agreed ? '; agreed to' : ''}.`;
