/** What of a bench waits for the teacher’s eye, and what was seen. */
import { chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { methodOf, testsWithControls } from '@kivex/core';
import { Check, X } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import type { BenchStatus } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import { Line, Part } from './DrawerParts.js';
import { signOffsOf } from './sign-offs.js';

export function SignOffs({
  lesson,
  bench,
  acts,
}: {
  readonly lesson: Lesson;
  readonly bench: BenchStatus;
  readonly acts: BenchActs;
}) {
  const wanted = signOffsOf(
    testsWithControls(lesson.practical).map(methodOf),
    lesson.practical.tests,
    bench.record,
  );
  if (!wanted.length) return null;
  return (
    <Part title="Sign-offs">
      {wanted.map(({ key, test, step, text, word, call }) => {
        const of = `${shortTestName(test)}, ${text}`;
        const sign = (good: boolean) =>
          acts.signOff({
            groups: [bench.group.id],
            test,
            good,
            ...(step === undefined ? {} : { step }),
            ...(call ? { call } : {}),
          });
        return (
          <Line
            key={key}
            text={
              <>
                <chakra.span lineClamp="2">
                  <b>{shortTestName(test)}:</b> {text}
                </chakra.span>
                {word && (
                  <chakra.span color={word.good ? 'verdigris' : 'saffron'} fontWeight="600">
                    {' '}
                    {word.good ? `signed off ${clock(word.at)}` : 'not yet right'}
                  </chakra.span>
                )}
              </>
            }
          >
            {!word?.good && (
              <Button
                size="small"
                variant={call ? 'look' : 'plain'}
                aria-label={`Sign off: ${of}`}
                onClick={() => sign(true)}
              >
                <Check size={15} aria-hidden /> Sign off
              </Button>
            )}
            <Button size="small" variant="quiet" aria-label={`Not yet: ${of}`} onClick={() => sign(false)}>
              <X size={15} aria-hidden /> Not yet
            </Button>
          </Line>
        );
      })}
    </Part>
  );
}
