/** What follows from the state of the benches: calls, one cause behind many, contradictions, who has gone quiet. */
import { chakra } from '@chakra-ui/react';
import type { Contradiction, Diagnosis } from '@kivex/core';
import { Check, Hand } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { minutesSince } from '../kit/moments.js';
import { callWords } from '../lessons/call-told.js';
import type { Consequence } from '../lessons/Follows.js';
import { isQuiet, quietAfter, type BenchStatus } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import type { ClassCauses } from './class-causes.js';

export type BoardActs = Pick<BenchActs, 'answer' | 'dismiss' | 'signOff'>;

/** Benches named in one sentence. */
const mostNamed = 3;
const percent = (p: number): string => (p > 0.99 ? 'over 99 %' : `${Math.round(p * 100)} %`);

const causeOf = (d: Diagnosis, dismiss: BoardActs['dismiss']): Consequence => ({
  key: d.cause,
  tone: 'stop',
  text: (
    <>
      <b>The whole class?</b> {d.text}{' '}
      <chakra.span color="ink.soft">
        {d.groups.join(', ')}; {percent(d.p)} likely.
      </chakra.span>
    </>
  ),
  action: (
    <Button size="small" onClick={() => dismiss(d.cause, true)}>
      Not so
    </Button>
  ),
});

/** What many benches share, told: the same objects as long as the causes are the same. */
export const causeLines = (causes: ClassCauses, dismiss: BoardActs['dismiss']): Consequence[] =>
  causes.told.map((d) => causeOf(d, dismiss));

/** As it was told last: a bench where nothing has happened keeps its contradiction, and this its line. */
const contradictionLines = new WeakMap<Contradiction, Consequence>();
function contradictionLine(group: string, c: Contradiction): Consequence {
  const known = contradictionLines.get(c);
  if (known) return known;
  const line: Consequence = {
    key: `${group}-${c.kind}-${c.sample}`,
    tone: 'look',
    text: (
      <>
        <b>{group}:</b> {c.text}
      </>
    ),
  };
  contradictionLines.set(c, line);
  return line;
}

/** Calls first, oldest first; then what many benches share, contradictions, quiet benches, and what is fine. */
export function boardFollows(
  benches: readonly BenchStatus[],
  causes: ClassCauses,
  now: number,
  running: boolean,
  { answer, dismiss, signOff }: BoardActs,
  told: readonly Consequence[] = causeLines(causes, dismiss),
): Consequence[] {
  const calls = benches
    .flatMap((b) => b.record.openCalls.map((call) => ({ call, group: b.group.name, id: b.group.id })))
    .sort((a, b) => a.call.at.localeCompare(b.call.at));
  const contradictions = benches.flatMap((b) =>
    b.contradictions.slice(0, 1).map((c) => ({ group: b.group.name, c })),
  );
  const quiet = benches.filter((b) => isQuiet(b, now, running));
  const late = benches
    .flatMap((b) => (b.pace && b.pace.behind > 0 ? [{ name: b.group.name, by: b.pace.behind }] : []))
    .sort((a, b) => b.by - a.by);
  const all: Consequence[] = [
    ...calls.map(({ call, group, id }): Consequence => ({
      key: call.id,
      tone: call.reason === 'safety' ? 'stop' : 'look',
      text: (
        <>
          <b>{group}</b> {callWords[call.reason]}, for {minutesSince(call.at, now)} min.
        </>
      ),
      action:
        call.reason === 'sign-off' && call.test !== undefined ? (
          <Button
            size="small"
            variant="look"
            onClick={() =>
              signOff({
                groups: [id],
                test: call.test!,
                good: true,
                call: call.id,
                ...(call.step === undefined ? {} : { step: call.step }),
              })
            }
          >
            <Check size={16} aria-hidden /> Sign off {shortTestName(call.test)}
          </Button>
        ) : (
          <Button size="small" variant="look" onClick={() => answer(call.id)}>
            <Hand size={16} aria-hidden /> Answered
          </Button>
        ),
    })),
    ...told,
    ...contradictions.map(({ group, c }) => contradictionLine(group, c)),
    ...(late.length
      ? [
          {
            key: 'late',
            tone: 'look' as const,
            text: `Behind the rota: ${late
              .slice(0, mostNamed)
              .map((b) => `${b.name} by ${b.by} min`)
              .join(', ')}${late.length > mostNamed ? ` and ${late.length - mostNamed} more` : ''}.`,
          },
        ]
      : []),
    ...(quiet.length
      ? [
          {
            key: 'quiet',
            tone: 'tell' as const,
            text:
              quiet.length > mostNamed && quiet.length === benches.length
                ? `No bench has logged anything for ${quietAfter} minutes or more.`
                : `${quiet.map((b) => b.group.name).join(', ')}: nothing logged for ${quietAfter} minutes or more.`,
          },
        ]
      : []),
    ...(causes.dismissed.length
      ? [
          {
            key: 'dismissed',
            tone: 'tell' as const,
            text: `Waved away: ${causes.dismissed.map((d) => d.text.split('.')[0]!).join('; ')}.`,
            action: (
              <Button
                size="small"
                variant="quiet"
                onClick={() => causes.dismissed.forEach((d) => dismiss(d.cause, false))}
              >
                Tell it again
              </Button>
            ),
          },
        ]
      : []),
  ];
  return all.length
    ? all
    : [{ key: 'fine', tone: 'go', text: running ? 'No calls, no contradictions.' : 'No open calls.' }];
}
